import type { Component, ComponentId, Larder } from '../catalogue/index.js';
import { carriesTo, judgeGroup, judgeNeed, type Judgement } from '../needs/index.js';
import type { Group, NeedChoice } from '../party/index.js';
import { growingMonth, type Placement, type Plan, type SingleCommand } from '../plan/index.js';
import { choosePacks, HEAT_ABOVE_C, inPantry } from '../portion/index.js';
import { optionsFor, type SwapOption } from './options.js';

/** What the whole board shall become, alone or together. */
export interface Target {
  /** Everything on the board is fine for these needs. */
  needs: readonly NeedChoice[];
  /** At most this much money, in minor units, for the packs that are bought. */
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
  kind: 'stays' | SwapOption['kind'] | 'apart' | 'leave-out' | 'added';
  keeps: string[];
  changes: string[];
  /** Why it could not stay, by the facts. */
  reasons: string[];
  /** 0 to 1: how much of the food's job is kept. */
  likeness: number;
  commands: SingleCommand[];
}

/** What one food may become: a choice of the joint program. */
export interface Arc {
  item: ConvertedItem;
  /** What it becomes; undefined when it leaves the board. */
  component: Component | undefined;
  loss: number;
  costMinor: number;
  asks: boolean;
}

/** Arcs to the likest targets only: within half a per cent of all of them (notes, on converting). */
const MOST_ARCS = 18;
/** Points: apart or gone, moved though it was held. */
const APART = 0.85;
const GONE = 1;
const LOCKED_MOVES = 5;
/** A group of the party that could eat the food and cannot eat what it becomes. */
const LOST_TO_A_GROUP = 0.15;
/** Something that reaches a guest at the same surface who was not reached before is no choice at all. */
const REACHES = Infinity;

/** Does it suit the new place at all, whatever the needs? Chocolate and cream in the heat do not. */
function suits(plan: Plan, c: Component, moved: boolean): boolean {
  if (!moved) return true;
  const hot = plan.occasion.airTempC >= HEAT_ABOVE_C;
  if (hot && /chocolate|truffle|butter|mascarpone|cream/.test(`${c.id} ${c.baseFood}`)) return false;
  return c.seasonMonths.includes(growingMonth(plan));
}

/** All needs at once: the worst verdict, with its reasons. */
export function judgeAll(c: Component, form: Placement['form'], needs: readonly NeedChoice[]): Judgement {
  const all = needs.map((n) => judgeNeed(c, form, n));
  const verdict = all.some((j) => j.verdict === 'forbidden')
    ? 'forbidden'
    : all.some((j) => j.verdict === 'ask')
      ? 'ask'
      : 'fine';
  return { verdict, reasons: all.flatMap((j) => j.reasons) };
}

export function arcsFor(plan: Plan, larder: Larder, id: ComponentId, target: Target, loss: Loss): Arc[] {
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
  const bought = (o: Component, grams: number) =>
    choosePacks(o, Math.max(0, grams - inPantry(plan.pantry, o.id))).priceMinor;
  const massG = here.reduce((n, p) => n + p.massG, 0);
  const stay: Arc[] = forbidden
    ? []
    : [
        {
          item: item(id, id, c.name, 'stays', [], [], [], 1, []),
          component: c,
          loss: 0,
          costMinor: bought(c, massG),
          asks: now.some((j) => j.verdict === 'ask'),
        },
      ];
  const options = optionsFor(plan, larder, c, here, { kinds: ['component', 'form', 'home-made'] })
    .map((o) => ({ o, verdict: judgeAll(o.component, o.form, target.needs).verdict }))
    .filter(({ o, verdict }) => verdict !== 'forbidden' && suits(plan, o.component, moved))
    .filter(({ o }) => loss(here, c, o) < REACHES)
    .slice(0, MOST_ARCS);
  const swaps = options.map(({ o, verdict }): Arc => {
    return {
      item: item(id, o.id, o.name, o.kind, o.keeps, o.changes, reasons, o.score, o.commands),
      component: o.component,
      loss: (locked ? LOCKED_MOVES : 0) + (1 - o.score) + loss(here, c, o),
      costMinor: bought(o.component, placedG(o.commands) ?? massG),
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
            costMinor: bought(c, massG),
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

/** What the party that comes loses by a swap, whatever the board is turned into: a food that was theirs, or quiet ground. */
export type Loss = (here: readonly Placement[], c: Component, o: SwapOption) => number;

/** Judges each food for each group once. */
export function lossOf(plan: Plan): Loss {
  const known = new Map<string, boolean>();
  const once = (key: string, judge: () => boolean): boolean => {
    const value = known.get(key) ?? judge();
    known.set(key, value);
    return value;
  };
  const eats = (food: Component, form: Placement['form'], g: Group) =>
    once(`eats ${food.id} ${form} ${g.id}`, () => judgeGroup(food, form, g).verdict === 'fine');
  const reached = (food: Component, g: Group) =>
    once(`reached ${food.id} ${g.id}`, () => carriesTo(food, g).some((r) => r.verdict === 'carries'));
  const served = (here: readonly Placement[], g: Group) =>
    here.some((p) => {
      const surface = plan.surfaces.find((s) => s.id === p.surfaceId);
      return surface !== undefined && (surface.serves?.includes(g.id) ?? true);
    });
  return (here, c, o) =>
    plan.party
      .filter((g) => served(here, g))
      .reduce(
        (n, g) =>
          n +
          (eats(c, here[0]!.form, g) && !eats(o.component, o.form, g) ? LOST_TO_A_GROUP : 0) +
          (reached(o.component, g) && !reached(c, g) ? REACHES : 0),
        0,
      );
}

/** Whole wheels and pieces weigh what they weigh: the grams that a swap truly lays; undefined where it lays none anew. */
function placedG(commands: readonly SingleCommand[]): number | undefined {
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
  commands: SingleCommand[],
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
