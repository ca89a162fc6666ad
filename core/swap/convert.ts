import { usualForm, type ComponentId, type Larder } from '../catalogue/index.js';
import { checkFood, contextOf, plateSums, type Finding } from '../check/index.js';
import { compose, type Solver } from '../compose/index.js';
import { packOf } from '../needs/index.js';
import type { NeedChoice } from '../party/index.js';
import { planLarder, type Placement, type Plan, type SingleCommand } from '../plan/index.js';
import { costOf } from '../portion/index.js';
import type { Arg, Args, Said } from '../words/index.js';
import { arcsFor, different, judgeAll, lossOf, type Arc, type ConvertedItem, type Target } from './arcs.js';
import { jointProgram } from './joint.js';
import { accepted, APART_ID, basis } from './taken.js';

export interface Conversion {
  status: 'optimal' | 'feasible' | 'impossible';
  plan: Plan;
  items: ConvertedItem[];
  /** Likeness lost in all, and the least that any choice can lose. */
  objective: number;
  bound: number;
  /** What a label must still say. */
  open: Said[];
  /** Foods that only a plate of their own can keep. */
  apart: ComponentId[];
  /** What it came to, in one or more sentences. */
  said: Said[];
}

/**
 * Every food becomes something that the target allows, as one joint choice: the least likeness lost in all, no two
 * becoming the same, no job of the board left undone without being counted, within the money. Proven by the solver.
 */
export function convert(plan: Plan, target: Target, solve: Solver): Conversion {
  const start = basis(plan, target);
  const larder = planLarder(start);
  const turned = partOf(start, target);
  const kinds = [...new Set(turned.placements.map((placement) => placement.componentId))].filter((id) =>
    larder.has(id),
  );
  const loss = lossOf(start);
  const eaters = fedBy(turned, target);
  const arcs = kinds.map((id) =>
    arcsFor(turned, larder, id, target, loss, eaters).map((arc) => onlyThere(turned, target, arc)),
  );
  const before = new Set(stops(start).map((finding) => finding.key));
  const refused: Said[] = [];
  const short: Conversion[] = [];
  for (let tries = 0; tries < MOST_TRIES; tries++) {
    const { model, choice } = jointProgram(turned, kinds, arcs, target);
    const found = solve(model, { gap: 1e-4, nodes: 5000, seed: plan.seed, relaxed: false });
    if (found.status === 'infeasible') return noWay(plan, impossible(target));
    const picked = arcs.map((list, i) => list.find((_, j) => (found.values[choice[i]![j]!] ?? 0) > 0.5)!);
    const done = conversionOf(start, picked, found.objective, found.bound, target, found.status);
    const come = stops(done.plan).filter((finding) => !before.has(finding.key));
    if (come.length === 0) return done;
    refused.splice(0, refused.length, ...come.map(slipSaid));
    short.push(done);
    // what brings a slip that stops service is no choice: the next best is looked for
    if (!withoutCulprits(start, done.plan, arcs, picked, come)) break;
  }
  // what swaps alone cannot give, food that is added may
  for (const done of new Set([short[0], short.at(-1)])) {
    const filled = done && filledUp(done, target, solve);
    if (filled && stops(filled.plan).every((finding) => before.has(finding.key))) return filled;
  }
  const [one, other] = refused;
  const slips: Arg = other ? { say: 'convert.two-slips', with: { one: one!, other } } : one!;
  return noWay(plan, { say: 'convert.stops', with: { slips } });
}

const slipSaid = ({ code, args }: Finding): Said => ({ say: `finding.${code}.text`, with: args as Args });

/** The plan with only what is turned: all that lies there, or what lies on the surfaces that are named. */
const partOf = (plan: Plan, { surfaces }: Target): Plan =>
  surfaces
    ? { ...plan, placements: plan.placements.filter(({ surfaceId }) => surfaces.includes(surfaceId)) }
    : plan;

/** A food that lies elsewhere too stays there. */
function onlyThere(turned: Plan, { surfaces }: Target, arc: Arc): Arc {
  if (!surfaces) return arc;
  const lies = (id: ComponentId) => [
    ...new Set(
      turned.placements
        .filter((placement) => placement.componentId === id)
        .map((placement) => placement.surfaceId),
    ),
  ];
  const commands = arc.item.commands.flatMap((command): SingleCommand[] =>
    command.name === 'leave-out'
      ? lies(command.componentId).map((surfaceId) => ({
          name: 'place',
          componentId: command.componentId,
          surfaceId,
          placements: [],
        }))
      : [command],
  );
  return { ...arc, item: { ...arc.item, commands, on: surfaces } };
}

/** The plan with the guests whom the turned board feeds: all of them have the needs that it is turned to. */
function fedBy(plan: Plan, target: Target): Plan {
  const also = (needs: readonly NeedChoice[]) => [
    ...needs,
    ...target.needs.filter((choice) => !needs.some((need) => need.id === choice.id)),
  ];
  return { ...plan, party: plan.party.map((group) => ({ ...group, needs: also(group.needs) })) };
}

const isHerb = (larder: Larder, { componentId }: Placement): boolean =>
  larder.get(componentId)?.family === 'garnish';

/** The conversion with food added for those who would fall short, every one of it fine for the target, too. */
function filledUp(done: Conversion, target: Target, solve: Solver): Conversion | undefined {
  const { wishes } = done.plan;
  const notFine = [...planLarder(done.plan).values()]
    .filter((food) => judgeAll(food, usualForm(food).form, target.needs).verdict !== 'fine')
    .map((food) => food.id);
  const open = { ...done.plan, wishes: { ...wishes, excluded: [...wishes.excluded, ...notFine] } };
  const found = compose(open, solve, { keep: true, quick: true });
  if (found.status === 'impossible') return undefined;
  // a food that lies on one surface already may come to another
  const at = ({ componentId, surfaceId }: Placement): string => `${componentId} ${surfaceId}`;
  const there = new Set(done.plan.placements.map(at));
  const larder = planLarder(done.plan);
  const come = found.plan.placements.filter(
    (placement) =>
      !there.has(at(placement)) &&
      !isHerb(larder, placement) &&
      // the board apart is for what could not be turned
      placement.surfaceId !== APART_ID &&
      (target.surfaces?.includes(placement.surfaceId) ?? true),
  );
  const items = [...new Set(come.map((placement) => placement.componentId))].map((id): ConvertedItem => {
    const placements = come.filter((placement) => placement.componentId === id);
    const surfaces = [...new Set(placements.map((placement) => placement.surfaceId))];
    return {
      from: id,
      to: id,
      name: larder.get(id)?.name ?? id,
      kind: 'added',
      keeps: [],
      changes: ['it comes to the board'],
      reasons: [{ word: 'without it somebody would not be looked after' }],
      likeness: 1,
      commands: surfaces.map((surfaceId) => ({
        name: 'place' as const,
        componentId: id,
        surfaceId,
        placements: placements.filter((placement) => placement.surfaceId === surfaceId),
      })),
    };
  });
  const plan = accepted(done.plan, items);
  const said: Said[] = [...done.said, { say: 'convert.added', with: { n: items.length } }];
  return { ...done, plan, items: [...done.items, ...items], said };
}

/** So often the joint choice is made again without what would stop service. */
const MOST_TRIES = 12;
/** A plate's sum and a group that falls short name no culprit: so many of the largest changes are taken back at once. */
const TAKEN_BACK = 2;

const noWay = (plan: Plan, said: Said): Conversion => ({
  status: 'impossible',
  plan,
  items: [],
  objective: 0,
  bound: 0,
  open: [],
  apart: [],
  said: [said],
});

const stops = (plan: Plan): Finding[] =>
  checkFood(plan).findings.filter((finding) => finding.severity === 'blocker');

/** Takes the choices out of the arcs that brought a slip; false when none can be named. */
function withoutCulprits(
  start: Plan,
  after: Plan,
  arcs: Arc[][],
  picked: readonly Arc[],
  come: readonly Finding[],
): boolean {
  const changed = picked.map((arc, i) => ({ a: arc, i })).filter(({ a: arc }) => arc.item.kind !== 'stays');
  const named = new Set<string>([...come.flatMap((finding) => finding.components), ...reaching(after, come)]);
  const blamed = changed.filter(({ a: arc }) => named.has(arc.item.to) && arc.item.kind !== 'leave-out');
  const short = new Set<string>(come.flatMap((finding) => finding.concerns));
  let lost = blamed;
  if (lost.length === 0) lost = lostTo(start, after, changed, short).slice(0, TAKEN_BACK);
  if (lost.length === 0) lost = broughtTo(start, after, changed, short).slice(0, 1);
  for (const { a: arc, i } of lost) arcs[i] = arcs[i]!.filter((otherArc) => otherArc !== arc);
  return lost.length > 0 && arcs.every((list) => list.length > 0);
}

/** Foods that reach the guests of these slips where they lie, so that nothing beside them counts. */
function reaching(plan: Plan, come: readonly Finding[]): string[] {
  const context = contextOf(plan);
  const short = new Set<string>(come.flatMap((finding) => finding.concerns));
  return plan.party
    .filter((group) => short.has(group.id))
    .flatMap((group) => plan.surfaces.flatMap((surface) => context.carriers(surface, group)))
    .map((carrier) => carrier.food.component.id);
}

/** A food that becomes another, and its place among the choices. */
interface Change {
  a: Arc;
  i: number;
}

/** Changes by which a group that now falls short lost a food that counted for it, the heaviest first. */
function lostTo(start: Plan, after: Plan, changed: readonly Change[], short: ReadonlySet<string>): Change[] {
  const counted = (plan: Plan) =>
    new Set(
      checkFood(plan)
        .care.groups.filter((care) => short.has(care.group.id))
        .flatMap((care) => care.foods.map((placed) => placed.component.id as string)),
    );
  const [had, has] = [counted(start), counted(after)];
  const massOf = (id: ComponentId) =>
    start.placements
      .filter((placement) => placement.componentId === id)
      .reduce((sum, placement) => sum + placement.massG, 0);
  return changed
    .filter(
      ({ a: arc }) => had.has(arc.item.from) && !(arc.item.kind !== 'leave-out' && has.has(arc.item.to)),
    )
    .sort((x, y) => massOf(y.a.item.from) - massOf(x.a.item.from));
}

/** Changes that bring a group that counts, and is over its limit now, more of what it counts: the most first. */
function broughtTo(
  start: Plan,
  after: Plan,
  changed: readonly Change[],
  short: ReadonlySet<string>,
): Change[] {
  const linesIn = (plan: Plan) =>
    plateSums(contextOf(plan)).flatMap(({ group, lines }) => (short.has(group.id) ? lines : []));
  const [had, has] = [linesIn(start), linesIn(after)];
  const brought = (lines: typeof had, id: ComponentId): number =>
    lines.reduce((sum, { food, amount }) => sum + (food.component.id === id ? amount.high : 0), 0);
  return changed
    .map((one) => ({ one, more: brought(has, one.a.item.to) - brought(had, one.a.item.from) }))
    .filter(({ more }) => more > 0)
    .sort((x, y) => y.more - x.more)
    .map(({ one }) => one);
}

const impossible = (target: Target): Said => ({
  say: target.budgetMinor === undefined ? 'convert.no-choice' : 'convert.no-money',
});

function conversionOf(
  start: Plan,
  picked: readonly Arc[],
  objective: number,
  bound: number,
  target: Target,
  status: 'optimal' | 'feasible',
): Conversion {
  const items = picked.map((arc) => arc.item);
  const apart = items.filter((item) => item.kind === 'apart').map((item) => item.from);
  const plan = accepted(start, items);
  const open = picked
    .filter((arc) => arc.asks && arc.component)
    .map((arc): Said => ({
      say: 'convert.open',
      with: { food: arc.component!.name, why: openWhy(arc, start, target) },
    }));
  return {
    status,
    plan,
    items,
    objective,
    bound,
    open,
    apart,
    said: saidOf(items, target, apart.length, open.length),
  };
}

/** Reasons to ask that are named of one food. */
const MOST_OPEN = 2;

function openWhy(arc: Arc, plan: Plan, target: Target): Arg {
  const component = arc.component!;
  const form =
    plan.placements.find((placement) => placement.componentId === component.id)?.form ??
    component.forms[0]!.form;
  const { reasons } = judgeAll(component, form, target.needs);
  const asks = different(reasons.filter((reason) => reason.verdict === 'ask').map((reason) => reason.why));
  return asks.length > 0 ? { all: asks.slice(0, MOST_OPEN), most: MOST_OPEN } : { say: 'convert.read-label' };
}

const needName = (choice: NeedChoice): Arg => ({ word: packOf(choice)?.name.toLowerCase() ?? choice.id });

function saidOf(items: readonly ConvertedItem[], target: Target, apart: number, open: number): Said[] {
  const count = (kind: ConvertedItem['kind']) => items.filter((item) => item.kind === kind).length;
  const [stay, gone] = [count('stays'), count('leave-out')];
  const what: Arg[] = [
    ...target.needs.map(needName),
    ...(target.budgetMinor === undefined ? [] : [{ say: 'convert.cheaper' } as const]),
    ...(target.guests ? [{ say: 'convert.for', with: { n: target.guests } } as const] : []),
    ...(target.occasion ? [{ say: 'convert.elsewhere' } as const] : []),
  ];
  const counted = (say: 'convert.apart' | 'convert.gone' | 'convert.labels', n: number): Said[] =>
    n > 0 ? [{ say, with: { n } }] : [];
  return [
    {
      say: 'convert.stay',
      with: {
        stay,
        all: items.length,
        turned: items.length - stay - apart - gone,
        what: { all: what, most: what.length },
      },
    },
    ...counted('convert.apart', apart),
    ...counted('convert.gone', gone),
    ...counted('convert.labels', open),
  ];
}

/** The money for "cheaper by so many per cent": from what the same board would cost for the same guests. */
export const cheaperBy = (plan: Plan, percent: number, target: Pick<Target, 'guests'> = {}): number =>
  Math.round(costOf(basis(plan, { needs: [], ...target })) * (1 - percent / 100));
