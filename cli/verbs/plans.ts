import { z } from 'zod';
import {
  certificateOf,
  checkPlan,
  inWords,
  plateSums,
  remedyEffect,
  remedyLabel,
  textOf,
  triedRemedies,
  type Remedy,
  type Severity,
} from '../../core/check/index.js';
import { deedsOf, findByWords } from '../../core/deeds/index.js';
import { layPlan } from '../../core/lay/index.js';
import { boardSvg } from '../../core/picture/index.js';
import {
  applyCommand,
  canonicalText,
  commandSchema,
  planSchema,
  type Command,
  type Plan,
} from '../../core/plan/index.js';
import { schoolsOf } from '../../core/portion/index.js';
import { ENGLISH, speak, type Said } from '../../core/words/index.js';
import { DEMOS } from '../../demo/index.js';
import { makeDemo } from '../../demo/make.js';
import { nodeSolver } from '../../solver/node.js';
import { BadInput, planOf, seedOf, type Call, writeNamed } from '../call.js';
import { reasonsOf } from './needs.js';

export async function demo(call: Call): Promise<void> {
  const brief = DEMOS[call.words[0] ?? ''];
  if (!brief) throw new BadInput(`demo takes one of ${Object.keys(DEMOS).join(', ')}`);
  call.say(canonicalText(makeDemo(brief(), await nodeSolver())));
}

export function schema(call: Call): void {
  call.print(z.toJSONSchema(planSchema, { unrepresentable: 'any', io: 'input' }));
}

export function schools(call: Call): void {
  call.print(
    schoolsOf(planOf(call)).map((o) => ({
      id: o.id,
      name: o.name,
      ready: o.ready,
      chosen: o.chosen,
      totalG: o.targets.totalG,
      perPortionG: o.targets.perPortionG,
      byFamily: o.targets.byFamily,
      rows: o.rows,
      kinds: o.kinds,
      areaCm2: o.areaCm2,
      costMinor: o.costMinor,
      difference: o.difference,
    })),
  );
}

const said = (s: Said): string => speak(s, ENGLISH);

const remedyIn = (r: Remedy) => ({
  kind: r.kind,
  label: remedyLabel(r, ENGLISH),
  effect: remedyEffect(r, ENGLISH),
  command: r.command,
});

const GLYPHS: Record<Severity, string> = {
  blocker: 'cracked',
  ask: 'covered',
  caution: 'chipped',
  good: 'whole',
};

export function check(call: Call): void {
  const plan = planOf(call);
  const checked = checkPlan(plan);
  const { findings, care } = checked;
  call.print({
    findings: findings.map((f) => ({
      code: f.code,
      severity: f.severity,
      // the drawing's name, for one version more
      glyph: GLYPHS[f.severity],
      concerns: f.concerns,
      ...inWords(f, ENGLISH),
      remedies: triedRemedies(plan, checked, f).map((t) => ({
        ...remedyIn(t.remedy),
        fixes: t.fixes.map((x) => textOf(x, ENGLISH)),
        breaks: t.breaks.map((x) => textOf(x, ENGLISH)),
      })),
    })),
    guests: care.groups.map((g) => ({
      group: g.group.id,
      lookedAfter: g.ok,
      why: g.ok ? `${Math.round(g.sureG)} g are sure; ${g.bites} bites` : g.missing.map(said).join('; '),
    })),
    holdsUpTo: care.greed,
  });
}

/** Per group: what it may eat of this plan, where it lies, and what can be promised. */
export function guests(call: Call): void {
  const { care, context, findings } = checkPlan(planOf(call));
  const certificate = certificateOf(context, care);
  const { shortFirst } = certificate;
  const sums = plateSums(context);
  call.print({
    groups: care.groups.map(({ group, ok, missing }, i) => {
      const foods = context.placed.filter((l) => context.groupsAt(l.surface).includes(group));
      const of = (verdict: string) =>
        foods
          .filter(
            (l) =>
              (context.overruled(l.component.id, group) ? 'fine' : context.judge(l, group).verdict) ===
              verdict,
          )
          .map((l) => ({
            id: l.component.id,
            form: l.form,
            surface: l.surface.id,
            counts: context.counts(l, group),
            reasons: reasonsOf(context.judge(l, group).reasons),
          }));
      return {
        group: group.id,
        name: group.name,
        count: group.count,
        fine: of('fine'),
        ask: of('ask'),
        forbidden: of('forbidden'),
        lookedAfter: ok,
        why: missing.map(said),
        gramsEach: certificate.groups[i]!.gramsEach,
        text: said(certificate.groups[i]!.said),
        openOnAllergy: findings.some((f) => f.grave && f.severity === 'ask' && f.concerns.includes(group.id)),
        plate: sums
          .filter((s) => s.group === group)
          .map((s) => ({
            need: s.need,
            what: s.quantity.fact,
            unit: s.quantity.unit,
            limit: s.limit,
            ...s.sum,
          })),
      };
    }),
    certificate: {
      lookedAfter: certificate.lookedAfter,
      holdsUpTo: certificate.holdsUpTo,
      text: said(certificate.said),
      shortFirst: shortFirst ? { ...shortFirst, text: said(shortFirst.said) } : null,
      remedy: certificate.remedy ? remedyIn(certificate.remedy) : null,
    },
  });
}

/** The one edit that these words mean; it is refused where they fit none, or the two nearest are about different foods. */
function commandSaid(plan: Plan, words: string): Command {
  const found = findByWords(deedsOf(plan), words);
  const low = words.toLowerCase();
  const named = found.find((d) => d.words.toLowerCase() === low);
  // a slip of the finger finds more than was meant: what has every word as it was typed comes before
  const typed = found.filter((d) => {
    const text = [d.words, ...d.also].join(' ').toLowerCase();
    return low.split(/\s+/).every((w) => text.includes(w));
  });
  const [only, other] = typed.length > 0 ? typed : found;
  if (!only) throw new BadInput(`nothing here is called "${words}"`);
  if (!named && other)
    throw new BadInput(`"${words}" may mean more than one thing`, [only.words, other.words]);
  return (named ?? only).command;
}

function commandTyped(text: string): Command {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new BadInput('--command takes one command as JSON');
  }
  const parsed = commandSchema.safeParse(value);
  if (!parsed.success)
    throw new BadInput(
      'this is no command',
      parsed.error.issues.map((i) => ({ path: i.path.join('.'), reason: i.message })),
    );
  return parsed.data;
}

/** `--command` takes an edit as JSON; `--say` one of those that the command box finds by words, such as "leave out prunes". */
export function apply(call: Call): void {
  const plan = planOf(call);
  const said = call.options.say?.[0];
  const command =
    said === undefined ? commandTyped(call.options.command?.[0] ?? '') : commandSaid(plan, said);
  const done = applyCommand(plan, command);
  if (!done.ok) throw new BadInput('the command was refused', done.problems);
  call.say(canonicalText(done.plan));
}

export function lay(call: Call): void {
  const plan = planOf(call);
  const started = call.now();
  const laid = layPlan(plan, seedOf(call, plan));
  const file = call.options.svg?.[0];
  const largest = [...laid.plan.surfaces].sort(
    (a, b) => elementsOf(laid.plan, b.id) - elementsOf(laid.plan, a.id),
  )[0];
  if (file && largest) writeNamed(call, 'svg', file, boardSvg(laid.plan, largest));
  call.print({
    plan: laid.plan,
    surfaces: laid.surfaces.map((s) => ({
      id: s.surfaceId,
      outline: s.outline,
      coverage: s.coverage,
      scores: s.scores,
      elements: s.elements.map((e) => ({
        id: e.id,
        component: e.componentId,
        form: e.form,
        outline: e.outline,
        x: e.x,
        y: e.y,
        angle: e.angle,
        layer: e.layer,
        pinned: e.pinned,
      })),
    })),
    seconds: (call.now() - started) / 1000,
  });
}

const elementsOf = (plan: Plan, id: string): number =>
  plan.layout.find((l) => l.surfaceId === id)?.elements.length ?? 0;
