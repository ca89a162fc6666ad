import type { Component } from '../catalogue/index.js';
import { memo2 } from '../measure/index.js';
import { openPlaces, planLarder, type LaidElement, type Plan, type Surface } from '../plan/index.js';
import { hypot2, meanOf, type Point } from '../geometry/index.js';
import { forCellsIn, gridOver, servingGround, type Grid } from './grid.js';
import { HARD_LAYER, HERB_LAYER, lies, stackOf } from './lies.js';
import { NOBODY } from './regions.js';

/** A food as it lies: its pieces from above, their middle, and the cells of the ground that it hides. */
export interface LyingFood {
  element: LaidElement;
  component: Component;
  isHard: boolean;
  middle: Point;
  /** What of it is seen from above, in cells. */
  seen: number;
  /** What it covers, whatever lies over it, in cells. */
  covers: number;
}

/** A common border of two foods, seen from above. */
export interface Contact {
  a: LyingFood;
  b: LyingFood;
  mm: number;
  at: Point;
}

/** What a laid surface shows from above: read once, judged by every term. Millimetres from the surface's middle. */
export interface Reading {
  surface: Surface;
  ground: readonly Point[];
  grid: Grid;
  foods: readonly LyingFood[];
  /** The food that hides each cell, by its place in `foods`; below nought where the ground is bare. */
  owner: Int16Array;
  contacts: readonly Contact[];
  /** Half of the ground's length and width. */
  half: Point;
  star: Component['id'] | null;
  palette: readonly string[];
}

const STEP_MM = 3;
/** Bare cells up to so many steps from food belong to it: a crumb's gap does not part two neighbours. */
const REACH_STEPS = 2;
/** Shorter borders than this are corners that meet. */
export const MIN_BORDER_MM = 20;

/** Grows every food into the bare cells around it, a step at a time. */
function grown(grid: Grid, owner: Int16Array): Int16Array {
  let now = owner;
  for (let k = 0; k < REACH_STEPS; k++) {
    const next = now.slice();
    for (let c = 0; c < now.length; c++) {
      if (now[c] !== NOBODY || !grid.ground[c]) continue;
      const i = c % grid.columns;
      const near = [
        i > 0 ? c - 1 : -1,
        i + 1 < grid.columns ? c + 1 : -1,
        c - grid.columns,
        c + grid.columns,
      ];
      const from = near.find((n) => n >= 0 && n < now.length && now[n] !== NOBODY);
      if (from !== undefined) next[c] = now[from]!;
    }
    now = next;
  }
  return now;
}

/** An element with the food that it is of. */
type Lying = Pick<LyingFood, 'element' | 'component'>;

/** Each food's cells: who is seen where, and how many each covers in all. */
function ownersOf(grid: Grid, foods: readonly Lying[]): { owner: Int16Array; covers: number[] } {
  const owner = new Int16Array(grid.ground.length).fill(NOBODY);
  const mark = new Int16Array(grid.ground.length).fill(NOBODY);
  const covers = foods.map((food, i) => {
    let cells = 0;
    for (const polygon of lies(food.element, food.component))
      forCellsIn(grid, polygon, (c) => {
        if (!grid.ground[c]) return;
        if (mark[c] !== i) cells += 1;
        mark[c] = i;
        owner[c] = i;
      });
    return cells;
  });
  return { owner, covers };
}

/** A common border of two foods, by their places in the stack. */
type Meeting = Pick<Contact, 'mm' | 'at'> & { a: number; b: number };

/** Where each two foods meet, the place of each the border cell nearest to the border's middle. */
function meetingsOf(grid: Grid, owner: Int16Array, foods: number): Meeting[] {
  const cells = new Map<number, number[]>();
  const meet = (c: number, d: number): void => {
    const [i, j] = [owner[c]!, owner[d]!];
    if (i === j || i < 0 || j < 0) return;
    const key = Math.min(i, j) * foods + Math.max(i, j);
    const list = cells.get(key);
    if (list) list.push(c);
    else cells.set(key, [c]);
  };
  for (let c = 0; c < owner.length; c++) {
    if ((c + 1) % grid.columns !== 0) meet(c, c + 1);
    if (c + grid.columns < owner.length) meet(c, c + grid.columns);
  }
  const point = (c: number): Point => [grid.xOf(c % grid.columns), grid.yOf(Math.floor(c / grid.columns))];
  return [...cells].map(([key, list]) => {
    const points = list.map(point);
    const [mx, my] = meanOf(points);
    const at = points.reduce((best, p) =>
      hypot2(p[0] - mx, p[1] - my) < hypot2(best[0] - mx, best[1] - my) ? p : best,
    );
    return {
      a: Math.floor(key / foods),
      b: key % foods,
      mm: list.length * grid.stepMm,
      at,
    };
  });
}

const middleOf = (element: LaidElement, component: Component): Point =>
  meanOf(lies(element, component).map(meanOf));

/** What lies where, from the bottom up: whatever is found out about a food, its pieces stay where they are. */
interface Stack {
  foods: readonly (Lying & { middle: Point; seen: number; covers: number })[];
  ground: readonly Point[];
  grid: Grid;
  owner: Int16Array;
  meetings: readonly Meeting[];
}

function stackOn(surface: Surface, lying: readonly Lying[]): Stack {
  const foods = [...lying].sort((a, b) => stackOf(a.element, a.component) - stackOf(b.element, b.component));
  const ground = servingGround(surface);
  const grid = gridOver(ground, STEP_MM);
  for (const open of openPlaces(surface)) forCellsIn(grid, open, (c) => (grid.ground[c] = 0));
  const { owner, covers } = ownersOf(grid, foods);
  const seen = foods.map(() => 0);
  for (const i of owner) if (i >= 0) seen[i]! += 1;
  return {
    foods: foods.map((food, i) => ({
      ...food,
      middle: middleOf(food.element, food.component),
      seen: seen[i]!,
      covers: covers[i]!,
    })),
    ground,
    grid,
    owner,
    meetings: meetingsOf(grid, grown(grid, owner), foods.length),
  };
}

interface Known {
  lying: readonly Lying[];
  stack: Stack;
  readings: Map<string, Reading>;
}

/** What was read of a layout, the last first. An answer or a price makes another component of a food, with the same forms. */
const knownOn = memo2(
  (_surface: Surface, _elements: readonly LaidElement[]): { last: Known | undefined } => ({
    last: undefined,
  }),
);

const sameFoods = (known: Known, lying: readonly Lying[], is: (a: Component, b: Component) => boolean) =>
  known.lying.length === lying.length &&
  lying.every(({ component }, i) => is(component, known.lying[i]!.component));

function readOn(
  stack: Stack,
  lying: readonly Lying[],
  common: Pick<Reading, 'surface' | 'star' | 'palette'>,
): Reading {
  const componentOf = new Map(lying.map(({ element, component }) => [element, component]));
  const foods = stack.foods.map(({ element, middle, seen, covers }): LyingFood => ({
    element,
    component: componentOf.get(element)!,
    isHard: element.layer === HARD_LAYER,
    middle,
    seen,
    covers,
  }));
  const { ground, grid, owner, meetings } = stack;
  const reach = (k: 0 | 1) => Math.max(...ground.map((p) => Math.abs(p[k])));
  return {
    ...common,
    ground,
    grid,
    foods,
    owner,
    contacts: meetings.map(({ a, b, mm, at }) => ({ a: foods[a]!, b: foods[b]!, mm, at })),
    half: [reach(0), reach(1)],
  };
}

/** What a surface shows as it is laid. Takes a few milliseconds for a new layout, nothing for one that was read. */
export function readingOf(plan: Plan, surface: Surface, elements: readonly LaidElement[]): Reading {
  const larder = planLarder(plan);
  const lying = elements.flatMap((element): Lying[] => {
    const component = element.layer < HERB_LAYER ? larder.get(element.componentId) : undefined;
    return component ? [{ element, component }] : [];
  });
  const known = knownOn(surface, elements);
  if (!known.last || !sameFoods(known.last, lying, (a, b) => a === b)) {
    const stack =
      known.last && sameFoods(known.last, lying, (a, b) => a.forms === b.forms)
        ? known.last.stack
        : stackOn(surface, lying);
    known.last = { lying, stack, readings: new Map() };
  }
  const { stack, readings } = known.last;
  const { star } = plan.wishes;
  const { palette } = plan.occasion.theme;
  const key = `${star} ${palette.join(' ')}`;
  let reading = readings.get(key);
  if (!reading) readings.set(key, (reading = readOn(stack, lying, { surface, star, palette })));
  return reading;
}
