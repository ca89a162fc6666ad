import type { Component, Larder } from '../catalogue/index.js';
import { memo1, memo2 } from '../measure/index.js';
import { openPlaces, planLarder, type LaidElement, type Plan, type Surface } from '../plan/index.js';
import { hypot2, type Point } from '../geometry/index.js';
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

/** Each food's cells: who is seen where, and what each covers in all. */
function seenFrom(grid: Grid, foods: readonly LyingFood[]): Int16Array {
  const owner = new Int16Array(grid.ground.length).fill(NOBODY);
  const mark = new Int16Array(grid.ground.length).fill(NOBODY);
  foods.forEach((food, i) => {
    for (const polygon of lies(food.element, food.component))
      forCellsIn(grid, polygon, (c) => {
        if (!grid.ground[c]) return;
        if (mark[c] !== i) food.covers += 1;
        mark[c] = i;
        owner[c] = i;
      });
  });
  for (const i of owner) if (i >= 0) foods[i]!.seen += 1;
  return owner;
}

/** Where each two foods meet, the place of each the border cell nearest to the border's middle. */
function contactsOf(grid: Grid, owner: Int16Array, foods: readonly LyingFood[]): Contact[] {
  const cells = new Map<number, number[]>();
  const meet = (c: number, d: number): void => {
    const [i, j] = [owner[c]!, owner[d]!];
    if (i === j || i < 0 || j < 0) return;
    const key = Math.min(i, j) * foods.length + Math.max(i, j);
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
    const [mx, my] = [0, 1].map((k) => points.reduce((sum, p) => sum + p[k]!, 0) / points.length);
    const at = points.reduce((best, p) =>
      hypot2(p[0] - mx!, p[1] - my!) < hypot2(best[0] - mx!, best[1] - my!) ? p : best,
    );
    return {
      a: foods[Math.floor(key / foods.length)]!,
      b: foods[key % foods.length]!,
      mm: list.length * grid.stepMm,
      at,
    };
  });
}

function middleOf(element: LaidElement, component: Component): Point {
  const outlines = lies(element, component);
  const middles = outlines.map((outline) =>
    [0, 1].map((k) => outline.reduce((sum, p) => sum + p[k]!, 0) / outline.length),
  );
  return [0, 1].map((k) => middles.reduce((sum, p) => sum + p[k]!, 0) / middles.length) as unknown as Point;
}

function readOn(
  larder: Larder,
  surface: Surface,
  star: Component['id'] | null,
  palette: readonly string[],
  elements: readonly LaidElement[],
): Reading {
  const foods = elements
    .filter((element) => element.layer < HERB_LAYER)
    .flatMap((element): LyingFood[] => {
      const component = larder.get(element.componentId);
      if (!component) return [];
      return [
        {
          element,
          component,
          isHard: element.layer === HARD_LAYER,
          middle: middleOf(element, component),
          seen: 0,
          covers: 0,
        },
      ];
    })
    .sort((a, b) => stackOf(a.element, a.component) - stackOf(b.element, b.component));
  const ground = servingGround(surface);
  const grid = gridOver(ground, STEP_MM);
  for (const open of openPlaces(surface)) forCellsIn(grid, open, (c) => (grid.ground[c] = 0));
  const owner = seenFrom(grid, foods);
  const reach = (k: 0 | 1) => Math.max(...ground.map((p) => Math.abs(p[k])));
  return {
    surface,
    ground,
    grid,
    foods,
    owner,
    contacts: contactsOf(grid, grown(grid, owner), foods),
    half: [reach(0), reach(1)],
    star,
    palette,
  };
}

const readingOn = memo2((larder: Larder, surface: Surface) =>
  memo1((elements: readonly LaidElement[]) => {
    const found = new Map<string, Reading>();
    return (star: Component['id'] | null, palette: readonly string[]): Reading => {
      const key = `${star} ${palette.join(' ')}`;
      let reading = found.get(key);
      if (!reading) found.set(key, (reading = readOn(larder, surface, star, palette, elements)));
      return reading;
    };
  }),
);

/** What a surface shows as it is laid. Takes a few milliseconds for a new layout, nothing for one that was read. */
export const readingOf = (plan: Plan, surface: Surface, elements: readonly LaidElement[]): Reading =>
  readingOn(planLarder(plan), surface)(elements)(plan.wishes.star, plan.occasion.theme.palette);
