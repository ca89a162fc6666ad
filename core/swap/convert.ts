import { type Component, type ComponentId, type Larder } from '../catalogue/index.js';
import { LinearModel, WANTED, type Solver } from '../compose/index.js';
import { judgeNeed, packOf, type Judgement } from '../needs/index.js';
import { guestsIn, type NeedChoice } from '../party/index.js';
import {
  applyCommand,
  growingMonth,
  planLarder,
  type Command,
  type Placement,
  type Plan,
  type Surface,
} from '../plan/index.js';
import { costOf, fittingOutline, HEAT_ABOVE_C, placementGroundCm2 } from '../portion/index.js';
import { optionsFor, type Single, type SwapOption } from './options.js';

/** What the whole board shall become, alone or together. */
export interface Target {
  /** Everything on the board is fine for these needs. */
  needs: readonly NeedChoice[];
  /** At most this much money, in minor units, by the gram. */
  budgetMinor?: number;
  /** For so many guests instead. */
  guests?: number;
  /** In this place and month instead. */
  occasion?: Partial<Pick<Plan['occasion'], 'start' | 'where' | 'airTempC'>>;
  /** Foods that stay as they are if they may. */
  locked?: readonly ComponentId[];
}

export interface ConvertedItem {
  from: ComponentId;
  to: ComponentId;
  name: string;
  kind: 'stays' | SwapOption['kind'] | 'apart' | 'leave-out';
  keeps: string[];
  changes: string[];
  /** Why it could not stay, by the facts. */
  reasons: string[];
  /** 0 to 1: how much of the food's job is kept. */
  likeness: number;
  commands: Single[];
}

export interface Conversion {
  status: 'optimal' | 'feasible' | 'impossible';
  plan: Plan;
  items: ConvertedItem[];
  /** Likeness lost in all, and the least that any choice can lose. */
  objective: number;
  bound: number;
  /** What a label must still say, in words. */
  open: string[];
  /** Foods that only a plate of their own can keep. */
  apart: ComponentId[];
  text: string;
}

interface Arc {
  item: ConvertedItem;
  /** What it becomes; undefined when it leaves the board. */
  component: Component | undefined;
  loss: number;
  costMinor: number;
  asks: boolean;
}

/** Arcs to the likest targets only: within half a per cent of all of them (notes, on converting). */
const MOST_ARCS = 18;
/** Points: apart or gone, an open label, two of one base food, a job that nothing does any more. */
const APART = 0.85;
const GONE = 1;
const ASK = 0.12;
const TWICE = 0.25;
const JOB_GONE = 0.35;
const LOCKED_MOVES = 5;
const MASS_LIKE = 0.5;

/** The board as it is, scaled and set into the new occasion, before anything is swapped. */
function basis(plan: Plan, target: Target): Plan {
  const occasion = { ...plan.occasion, ...target.occasion };
  if (!target.guests) return { ...plan, occasion };
  const now = guestsIn(plan.party);
  const k = now > 0 ? target.guests / now : 1;
  return {
    ...plan,
    occasion,
    party: scaledParty(plan, target.guests),
    placements: plan.placements.map((p) => scaled(p, k)),
  };
}

const scaled = (p: Placement, k: number): Placement => ({
  ...p,
  massG: Math.max(1, Math.round(p.massG * k * 10) / 10),
  pieces: Math.max(1, Math.round(p.pieces * k)),
});

/** Each group keeps its part, nobody with a need is rounded away: the largest remainders get the rest. */
function scaledParty(plan: Plan, guests: number): Plan['party'] {
  const now = guestsIn(plan.party);
  if (now === 0) return plan.party;
  const shares = plan.party.map((g) => (g.count * guests) / now);
  const counts = shares.map((s) => Math.max(1, Math.floor(s)));
  for (let left = guests - counts.reduce((a, b) => a + b, 0); left > 0; left--) {
    const rest = shares.map((s, i) => s - counts[i]!);
    counts[rest.indexOf(Math.max(...rest))]! += 1;
  }
  return plan.party.map((g, i) => ({
    ...g,
    count: counts[i]!,
    ages: g.ages.slice(0, counts[i]!),
    ...(g.seats ? { seats: g.seats.slice(0, counts[i]!) } : {}),
  }));
}

/** Does it suit the new place at all, whatever the needs? Chocolate and cream in the heat do not. */
function suits(plan: Plan, c: Component, moved: boolean): boolean {
  if (!moved) return true;
  const hot = plan.occasion.airTempC >= HEAT_ABOVE_C;
  if (hot && /chocolate|truffle|butter|mascarpone|cream/.test(`${c.id} ${c.baseFood}`)) return false;
  return c.seasonMonths.includes(growingMonth(plan));
}

/** All needs at once: the worst verdict, with its reasons. */
function judgeAll(c: Component, form: Placement['form'], needs: readonly NeedChoice[]): Judgement {
  const all = needs.map((n) => judgeNeed(c, form, n));
  const verdict = all.some((j) => j.verdict === 'forbidden')
    ? 'forbidden'
    : all.some((j) => j.verdict === 'ask')
      ? 'ask'
      : 'fine';
  return { verdict, reasons: all.flatMap((j) => j.reasons) };
}

/**
 * Every food becomes something that the target allows, as one joint choice: the least likeness lost in all, no two
 * becoming the same, no job of the board left undone without being counted, within the money. Proven by the solver.
 */
export function convert(plan: Plan, target: Target, solve: Solver): Conversion {
  const start = basis(plan, target);
  const larder = planLarder(start);
  const kinds = [...new Set(start.placements.map((p) => p.componentId))].filter((id) => larder.has(id));
  const arcs = kinds.map((id) => arcsFor(start, larder, id, target));
  const { model, choice } = programOf(start, kinds, arcs, target);
  const found = solve(model, { gap: 1e-4, nodes: 5000, seed: plan.seed, relaxed: false });
  if (found.status === 'infeasible')
    return {
      status: 'impossible',
      plan,
      items: [],
      objective: 0,
      bound: 0,
      open: [],
      apart: [],
      text: impossibleText(target),
    };
  const picked = arcs.map((list, i) => list.find((_, j) => (found.values[choice[i]![j]!] ?? 0) > 0.5)!);
  return conversionOf(start, picked, found.objective, found.bound, target, found.status);
}

const impossibleText = (t: Target): string =>
  t.budgetMinor === undefined
    ? 'No choice of swaps makes this board.'
    : 'No choice of swaps keeps within that money: allow a little more, or leave foods out by hand.';

function arcsFor(plan: Plan, larder: Larder, id: ComponentId, target: Target): Arc[] {
  const c = larder.get(id)!;
  const here = plan.placements.filter((p) => p.componentId === id);
  const moved = target.occasion !== undefined;
  const locked = target.locked?.includes(id) ?? false;
  const now = here.map((p) => judgeAll(c, p.form, target.needs));
  const forbidden = now.some((j) => j.verdict === 'forbidden') || !suits(plan, c, moved);
  const reasons = [
    ...new Set(now.flatMap((j) => j.reasons.filter((r) => r.verdict === 'forbidden').map((r) => r.text))),
    ...(suits(plan, c, moved) ? [] : ['it does not stand that place and month']),
  ];
  const unit = Math.min(...c.packs.map((p) => p.priceMinor / p.massG));
  const massG = here.reduce((n, p) => n + p.massG, 0);
  const stay: Arc[] = forbidden
    ? []
    : [
        {
          item: item(id, id, c.name, 'stays', [], [], [], 1, []),
          component: c,
          loss: 0,
          costMinor: unit * massG,
          asks: now.some((j) => j.verdict === 'ask'),
        },
      ];
  const options = optionsFor(plan, larder, c, here, { kinds: ['component', 'form', 'home-made'] })
    .map((o) => ({ o, verdict: judgeAll(o.component, o.form, target.needs).verdict }))
    .filter(({ o, verdict }) => verdict !== 'forbidden' && suits(plan, o.component, moved))
    .slice(0, MOST_ARCS);
  const swaps = options.map(({ o, verdict }): Arc => {
    const price = Math.min(...o.component.packs.map((p) => p.priceMinor / p.massG));
    return {
      item: item(id, o.id, o.name, o.kind, o.keeps, o.changes, reasons, o.score, o.commands),
      component: o.component,
      loss: (locked ? LOCKED_MOVES : 0) + (1 - o.score),
      costMinor: price * (placedG(o.commands) ?? massG),
      asks: verdict === 'ask',
    };
  });
  // what only stays on a plate of its own still costs its money; a need of the whole board asks for it apart
  const apart: Arc[] =
    forbidden && suits(plan, c, moved)
      ? [
          {
            item: item(
              id,
              id,
              c.name,
              'apart',
              ['the food itself'],
              ['it lies on a plate of its own'],
              reasons,
              1 - APART,
              [],
            ),
            component: undefined,
            loss: APART,
            costMinor: unit * massG,
            asks: false,
          },
        ]
      : [];
  const gone: Arc = {
    item: item(id, id, c.name, 'leave-out', [], ['it is not there any more'], reasons, 0, [
      { name: 'leave-out', componentId: id },
    ]),
    component: undefined,
    loss: (locked ? LOCKED_MOVES : 0) + GONE,
    costMinor: 0,
    asks: false,
  };
  return [...stay, ...swaps, ...apart, gone];
}

/** Whole wheels and pieces weigh what they weigh: the grams that a swap truly lays; undefined where it lays none anew. */
function placedG(commands: readonly Single[]): number | undefined {
  const placed = commands.flatMap((c) => (c.name === 'place' ? c.placements : []));
  return placed.length > 0 ? placed.reduce((n, p) => n + p.massG, 0) : undefined;
}

const item = (
  from: ComponentId,
  to: ComponentId,
  name: string,
  kind: ConvertedItem['kind'],
  keeps: string[],
  changes: string[],
  reasons: string[],
  like: number,
  commands: Single[],
): ConvertedItem => ({
  from,
  to,
  name,
  kind,
  keeps,
  changes,
  reasons,
  likeness: Math.max(0, like),
  commands,
});

/** Larger foods count for more, but a small one is not nothing. */
function weightOf(plan: Plan, id: ComponentId): number {
  const all = plan.placements.reduce((n, p) => n + p.massG, 0);
  const kinds = new Set(plan.placements.map((p) => p.componentId)).size;
  const mine = plan.placements.filter((p) => p.componentId === id).reduce((n, p) => n + p.massG, 0);
  return 1 - MASS_LIKE + (all > 0 ? (MASS_LIKE * mine * kinds) / all : 0);
}

function programOf(
  plan: Plan,
  kinds: readonly ComponentId[],
  arcs: readonly (readonly Arc[])[],
  target: Target,
): { model: LinearModel; choice: number[][] } {
  const model = new LinearModel();
  const choice = arcs.map((list, i) =>
    list.map((a) =>
      model.binary(
        `${kinds[i]} becomes ${a.item.kind} ${a.item.to}`,
        weightOf(plan, kinds[i]!) * a.loss + (a.asks ? ASK : 0),
      ),
    ),
  );
  const every = arcs.flatMap((list, i) => list.map((arc, j) => ({ arc, x: choice[i]![j]! })));
  choice.forEach((xs, i) =>
    model.row(
      `one for ${kinds[i]}`,
      1,
      xs.map((x) => [x, 1] as const),
      1,
    ),
  );
  const group = (keyOf: (c: Component) => string): Map<string, number[]> => {
    const out = new Map<string, number[]>();
    for (const { arc, x } of every)
      if (arc.component) {
        const key = keyOf(arc.component);
        if (key) out.set(key, [...(out.get(key) ?? []), x]);
      }
    return out;
  };
  for (const [id, xs] of group((c) => c.id))
    if (xs.length > 1)
      model.atMost(
        `one item becomes ${id}`,
        xs.map((x) => [x, 1] as const),
        1,
      );
  for (const [base, xs] of group((c) => c.baseFood)) {
    if (xs.length < 2) continue;
    const twice = model.variable(`twice ${base}`, 0, xs.length, TWICE);
    model.atMost(`one ${base}`, [...xs.map((x) => [x, 1] as const), [twice, -1]], 1);
  }
  jobRows(model, plan, every);
  const money = target.budgetMinor;
  if (money !== undefined)
    model.atMost(
      'money',
      every.map(({ arc, x }) => [x, arc.costMinor] as const),
      money,
    );
  return { model, choice };
}

/** What the board does now, it still does: something sharp, something sweet, something to lay it on. */
function jobRows(model: LinearModel, plan: Plan, every: readonly { arc: Arc; x: number }[]): void {
  const larder = planLarder(plan);
  const now = [...new Set(plan.placements.map((p) => p.componentId))].flatMap((id) => larder.get(id) ?? []);
  for (const want of WANTED) {
    const had = Math.min(want.count ?? 1, now.filter((c) => want.has(c)).length);
    if (had === 0) continue;
    const who = every.filter(({ arc }) => arc.component && want.has(arc.component));
    const missing = model.variable(`no more ${want.name}`, 0, had, JOB_GONE);
    model.atLeast(`still ${want.name}`, [...who.map(({ x }) => [x, 1] as const), [missing, 1]], had);
  }
}

const APART_ID = 'apart' as Surface['id'];

function conversionOf(
  start: Plan,
  picked: readonly Arc[],
  objective: number,
  bound: number,
  target: Target,
  status: 'optimal' | 'feasible',
): Conversion {
  const items = picked.map((a) => a.item);
  const apart = items.filter((i) => i.kind === 'apart').map((i) => i.from);
  const plan = accepted(start, items);
  const open = picked
    .filter((a) => a.asks && a.component)
    .map((a) => `${a.component!.name}: ${openWords(a, start, target)}`);
  return {
    status,
    plan,
    items,
    objective,
    bound,
    open,
    apart,
    text: textOf(items, target, apart.length, open.length),
  };
}

function openWords(a: Arc, plan: Plan, target: Target): string {
  const c = a.component!;
  const form = plan.placements.find((p) => p.componentId === c.id)?.form ?? c.forms[0]!.form;
  const { reasons } = judgeAll(c, form, target.needs);
  return (
    [...new Set(reasons.filter((r) => r.verdict === 'ask').map((r) => r.text))].slice(0, 2).join('; ') ||
    'read its label'
  );
}

/**
 * The plan with these changes: all of a conversion, or only those that the stylist accepts. Foods that only stay apart
 * go onto a board of their own, in the size that they fill.
 */
export function accepted(start: Plan, items: readonly ConvertedItem[]): Plan {
  const commands = items.flatMap((i) => i.commands);
  const swapped = commands.length > 0 ? applied(start, commands) : start;
  const apart = items.filter((i) => i.kind === 'apart').map((i) => i.from);
  return apart.length > 0 ? moveApart(swapped, apart) : swapped;
}

const MOST_AT_ONCE = 200;

function applied(plan: Plan, commands: readonly Single[]): Plan {
  let now = plan;
  for (let i = 0; i < commands.length; i += MOST_AT_ONCE) {
    const done = applyCommand(now, {
      name: 'together',
      label: 'convert the board',
      commands: commands.slice(i, i + MOST_AT_ONCE),
    });
    if (!done.ok)
      throw new Error(
        `expected swaps that can be applied: ${done.problems[0]?.path} ${done.problems[0]?.reason}`,
      );
    now = done.plan;
  }
  return now;
}

function moveApart(plan: Plan, foods: readonly ComponentId[]): Plan {
  const larder = planLarder(plan);
  const moving = plan.placements.filter((p) => foods.includes(p.componentId));
  const ground = moving
    .filter((p) => p.lot === 0)
    .reduce((n, p) => n + placementGroundCm2(larder.get(p.componentId)!, p), 0);
  const base: Surface = {
    id: APART_ID,
    name: 'Board apart',
    outline: { kind: 'round', diameterMm: 200 },
    rimMm: 10,
    material: 'slate',
    serves: null,
    freeFrom: [],
    smallHands: false,
  };
  const surface = { ...base, outline: fittingOutline(base, ground) };
  return {
    ...plan,
    surfaces: [...plan.surfaces.filter((s) => s.id !== APART_ID), surface],
    placements: plan.placements.map((p) =>
      foods.includes(p.componentId) ? { ...p, surfaceId: APART_ID } : p,
    ),
  };
}

/** The edit that takes the accepted changes over, one step of undo. */
export function convertCommand(plan: Plan, target: Target, items: readonly ConvertedItem[]): Command {
  const after = accepted(basis(plan, target), items);
  const commands: Single[] = [];
  if (target.occasion) commands.push({ name: 'set-occasion', patch: target.occasion });
  if (target.guests) commands.push({ name: 'set-party', party: after.party });
  for (const c of after.ownComponents)
    if (!plan.ownComponents.some((o) => o.id === c.id))
      commands.push({ name: 'add-component', component: c });
  for (const s of after.surfaces)
    if (!plan.surfaces.some((o) => o.id === s.id)) commands.push({ name: 'set-surface', surface: s });
  commands.push({ name: 'set-board', placements: after.placements });
  return { name: 'together', label: 'convert the board', commands };
}

const needName = (n: NeedChoice) => packOf(n)?.name.toLowerCase() ?? n.id;

function textOf(items: readonly ConvertedItem[], target: Target, apart: number, open: number): string {
  const stay = items.filter((i) => i.kind === 'stays').length;
  const what = [
    ...target.needs.map(needName),
    ...(target.budgetMinor === undefined ? [] : ['cheaper']),
    ...(target.guests ? [`for ${target.guests}`] : []),
    ...(target.occasion ? ['for that place and month'] : []),
  ].join(', ');
  const gone = items.filter((i) => i.kind === 'leave-out').length;
  return [
    `${stay} of ${items.length} foods stay; ${items.length - stay - apart - gone} become something else, so that the board is ${what}.`,
    ...(apart > 0 ? [`${apart} ${apart === 1 ? 'goes' : 'go'} on a board apart: no swap does the job.`] : []),
    ...(gone > 0 ? [`${gone} left out.`] : []),
    ...(open > 0 ? [`${open} ${open === 1 ? 'label' : 'labels'} to read first.`] : []),
  ].join(' ');
}

/** The money for "cheaper by so many per cent", from what the plan costs now. */
export const cheaperBy = (plan: Plan, percent: number): number =>
  Math.round(gramCost(plan) * (1 - percent / 100));

/** By the gram, as the conversion counts; packs are rounded up afterwards. */
function gramCost(plan: Plan): number {
  const larder = planLarder(plan);
  return plan.placements.reduce((n, p) => {
    const c = larder.get(p.componentId);
    return n + (c ? p.massG * Math.min(...c.packs.map((k) => k.priceMinor / k.massG)) : 0);
  }, 0);
}

export const savedBy = (before: Plan, after: Plan): number => costOf(before) - costOf(after);
