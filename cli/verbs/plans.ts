import { z } from 'zod';
import { senseOf } from '../../core/board/index.js';
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
import { menuText } from '../../core/exchange/index.js';
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
import { BadInput, planOf, problemsInWords, type Call } from '../call.js';
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
    schoolsOf(planOf(call)).map((offer) => ({
      id: offer.id,
      name: offer.name,
      ready: offer.ready,
      chosen: offer.chosen,
      totalG: offer.targets.totalG,
      perPortionG: offer.targets.perPortionG,
      byFamily: offer.targets.byFamily,
      rows: offer.rows,
      kinds: offer.kinds,
      areaCm2: offer.areaCm2,
      costMinor: offer.costMinor,
      difference: speak(offer.difference, ENGLISH),
    })),
  );
}

const said = (said: Said): string => speak(said, ENGLISH);

const remedyIn = (remedy: Remedy) => ({
  kind: remedy.kind,
  label: remedyLabel(remedy, ENGLISH),
  effect: remedyEffect(remedy, ENGLISH),
  command: remedy.command,
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
    findings: findings.map((finding) => ({
      code: finding.code,
      severity: finding.severity,
      // the drawing's name, for one version more
      glyph: GLYPHS[finding.severity],
      concerns: finding.concerns,
      ...inWords(finding, ENGLISH),
      remedies: triedRemedies(plan, checked, finding).map((tried) => ({
        ...remedyIn(tried.remedy),
        fixes: tried.fixes.map((fix) => textOf(fix, ENGLISH)),
        breaks: tried.breaks.map((otherFinding) => textOf(otherFinding, ENGLISH)),
      })),
    })),
    guests: care.groups.map((care) => ({
      group: care.group.id,
      lookedAfter: care.ok,
      why: care.ok
        ? `${Math.round(care.sureG)} g are sure; ${care.bites} bites`
        : care.missing.map(said).join('; '),
    })),
    holdsUpTo: care.greed,
  });
}

/** The board as a stylist writes it down, with grams in all and for each portion. */
export function menu(call: Call): void {
  call.say(menuText(planOf(call), ENGLISH));
}

/** Where the board lacks sense: amounts beyond what is taken, what is never laid there, dips without dippers, heaps. */
export function sense(call: Call): void {
  call.print({
    senseless: senseOf(planOf(call)).map((found) => ({
      code: found.code,
      ...('component' in found ? { food: found.component.id } : {}),
      ...('components' in found ? { foods: found.components.map((food) => food.id) } : {}),
      ...('surface' in found ? { surface: found.surface.id } : {}),
      ...('group' in found ? { group: found.group?.id ?? null } : {}),
      ...('massG' in found ? { massG: Math.round(found.massG) } : {}),
      ...('mostG' in found ? { mostG: Math.round(found.mostG) } : {}),
      ...('needG' in found ? { needG: Math.round(found.needG) } : {}),
      ...('share' in found ? { share: Math.round(found.share * 1000) / 1000 } : {}),
    })),
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
      const foods = context.placed.filter((placed) => context.groupsAt(placed.surface).includes(group));
      const of = (verdict: string) =>
        foods
          .filter(
            (placed) =>
              (context.overruled(placed.component.id, group)
                ? 'fine'
                : context.judge(placed, group).verdict) === verdict,
          )
          .map((placed) => ({
            id: placed.component.id,
            form: placed.form,
            surface: placed.surface.id,
            counts: context.counts(placed, group),
            reasons: reasonsOf(context.judge(placed, group).reasons),
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
        openOnAllergy: findings.some(
          (finding) => finding.grave && finding.severity === 'ask' && finding.concerns.includes(group.id),
        ),
        plate: sums
          .filter((sum) => sum.group === group)
          .map((sum) => ({
            need: sum.need,
            what: sum.quantity.fact,
            unit: sum.quantity.unit,
            limit: sum.limit,
            ...sum.sum,
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
  const named = found.find((deed) => deed.words.toLowerCase() === low);
  // a slip of the finger finds more than was meant: what has every word as it was typed comes before
  const typed = found.filter((deed) => {
    const text = [deed.words, ...deed.also].join(' ').toLowerCase();
    return low.split(/\s+/).every((word) => text.includes(word));
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
      parsed.error.issues.map((issue) => ({ path: issue.path.join('.'), reason: issue.message })),
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
  if (!done.ok) throw new BadInput('the command was refused', problemsInWords(done.problems));
  call.say(canonicalText(done.plan));
}
