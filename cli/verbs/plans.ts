import { z } from 'zod';
import { certificateOf, checkPlan, plateSums, triedRemedies } from '../../core/check/index.js';
import { layPlan } from '../../core/lay/index.js';
import { boardSvg } from '../../core/picture/index.js';
import { applyCommand, canonicalText, commandSchema, planSchema, type Plan } from '../../core/plan/index.js';
import { schoolsOf } from '../../core/portion/index.js';
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

export function check(call: Call): void {
  const plan = planOf(call);
  const checked = checkPlan(plan);
  const { findings, care } = checked;
  call.print({
    findings: findings.map((f) => ({
      code: f.code,
      glyph: f.glyph,
      concerns: f.concerns,
      text: f.text,
      why: f.why,
      facts: f.facts,
      remedies: triedRemedies(plan, checked, f).map((t) => ({
        ...t.remedy,
        fixes: t.fixes,
        breaks: t.breaks,
      })),
    })),
    guests: care.groups.map((g) => ({
      group: g.group.id,
      lookedAfter: g.ok,
      why: g.ok ? `${Math.round(g.sureG)} g are sure; ${g.bites} bites` : g.missing.join('; '),
    })),
    holdsUpTo: care.greed,
  });
}

/** Per group: what it may eat of this plan, where it lies, and what can be promised. */
export function guests(call: Call): void {
  const { care, context, findings } = checkPlan(planOf(call));
  const certificate = certificateOf(context, care);
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
        why: missing,
        gramsEach: certificate.groups[i]!.gramsEach,
        text: certificate.groups[i]!.text,
        openOnAllergy: findings.some(
          (f) => f.grave && f.glyph === 'covered' && f.concerns.includes(group.id),
        ),
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
      text: certificate.text,
      shortFirst: certificate.shortFirst ?? null,
      remedy: certificate.remedy ?? null,
    },
  });
}

export function apply(call: Call): void {
  const plan = planOf(call);
  let value: unknown;
  try {
    value = JSON.parse(call.options.command?.[0] ?? '');
  } catch {
    throw new BadInput('--command takes one command as JSON');
  }
  const parsed = commandSchema.safeParse(value);
  if (!parsed.success)
    throw new BadInput(
      'this is no command',
      parsed.error.issues.map((i) => ({ path: i.path.join('.'), reason: i.message })),
    );
  const done = applyCommand(plan, parsed.data);
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
