import type { Component, Larder } from '../catalogue/index.js';
import { memo1, memo2 } from '../measure/index.js';
import { planLarder, type LaidElement, type Plan, type Surface } from '../plan/index.js';
import { convexOverlap } from '../geometry/index.js';
import { forCellsIn, gridOver, servingGround, type Grid } from './grid.js';
import { colourApart, goTogether, isCrisp, isWet } from './neighbours.js';
import { HARD_LAYER, HERB_LAYER, lies, stackOf } from './lies.js';
import { borders } from './relabel.js';

/** What a layout is judged by, read off its elements as they lie, dragged ones included. */
export interface Scores {
  /** Share of the ground inside the rim that food hides; herbs and what lies under count nothing. */
  covered: number;
  /** Pairs of different foods of nearly one colour with a common border of two centimetres or more. */
  sameColours: number;
  wetByCrisp: number;
  together: number;
  hardOverlaps: number;
  /** Pieces on the board, herbs left out. */
  pieces: number;
}

const STEP_MM = 3;
const MIN_BORDER_MM = 20;
const NOBODY = -1;
/** Bare cells up to so many steps from food belong to it: a crumb's gap does not part two neighbours. */
const REACH_STEPS = 2;

/** Do hard elements overlap, as a stylist may have dragged them? Pairs of their ids. */
export function hardOverlaps(elements: readonly LaidElement[]): [string, string][] {
  const hard = elements.filter((element) => element.layer === HARD_LAYER);
  return hard.flatMap((element, i) =>
    hard
      .slice(i + 1)
      .filter((otherElement) => convexOverlap(element.outline, otherElement.outline))
      .map((otherElement): [string, string] => [element.id, otherElement.id]),
  );
}

interface Food {
  element: LaidElement;
  component: Component;
}

/** Whose food hides each cell: what lies higher was laid later. */
function ownersOf(grid: Grid, foods: readonly Food[]): Int16Array {
  const owner = new Int16Array(grid.ground.length).fill(NOBODY);
  foods.forEach((food, i) => {
    for (const polygon of lies(food.element, food.component))
      forCellsIn(grid, polygon, (c) => (owner[c] = i));
  });
  return owner;
}

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

function coveredShare(grid: Grid, owner: Int16Array): number {
  let [ground, hidden] = [0, 0];
  for (let c = 0; c < owner.length; c++) {
    if (!grid.ground[c]) continue;
    ground += 1;
    if (owner[c] !== NOBODY) hidden += 1;
  }
  return ground === 0 ? 1 : hidden / ground;
}

/** Pairs of foods with a common border, each pair of components once. */
function neighbours(grid: Grid, owner: Int16Array, foods: readonly Food[]): [Component, Component][] {
  const border = borders(grid, grown(grid, owner), foods.length);
  const pairs = new Map<string, [Component, Component]>();
  for (let a = 0; a < foods.length; a++)
    for (let b = a + 1; b < foods.length; b++) {
      if (border[a * foods.length + b]! * grid.stepMm < MIN_BORDER_MM) continue;
      const [component, otherComponent] = [foods[a]!.component, foods[b]!.component];
      if (component.id !== otherComponent.id)
        pairs.set([component.id, otherComponent.id].sort().join(' '), [component, otherComponent]);
    }
  return [...pairs.values()];
}

/** What lies there, whose each cell of the ground is, and which foods have a common border. */
function pairsOf(larder: Larder, surface: Surface, elements: readonly LaidElement[]) {
  const foods = [...elements]
    .filter((element) => element.layer < HERB_LAYER)
    .flatMap((element): Food[] => {
      const component = larder.get(element.componentId);
      return component ? [{ element, component }] : [];
    })
    .sort((a, b) => stackOf(a.element, a.component) - stackOf(b.element, b.component));
  const grid = gridOver(servingGround(surface), STEP_MM);
  const owner = ownersOf(grid, foods);
  return { foods, grid, owner, pairs: neighbours(grid, owner, foods) };
}

/** Cheese by cheese of one colour read as one patch; of a shade apart the eye tells them (house default). */
const ONE_PATCH = 0.06;

const patchesOn = memo2((larder: Larder, surface: Surface) =>
  memo1((elements: readonly LaidElement[]): [Component, Component][] =>
    pairsOf(larder, surface, elements).pairs.filter(([a, b]) => colourApart(a, b) < ONE_PATCH),
  ),
);

/** Foods of one colour that touch as they lie, each pair once. Takes a few milliseconds for a new layout. */
export const patchesOf = (
  plan: Plan,
  surface: Surface,
  elements: readonly LaidElement[],
): [Component, Component][] => patchesOn(planLarder(plan), surface)(elements);

/** The figures of one surface's layout. Takes a few milliseconds; an empty layout covers nothing. */
export function scoresOf(plan: Plan, surface: Surface, elements: readonly LaidElement[]): Scores {
  const { foods, grid, owner, pairs } = pairsOf(planLarder(plan), surface, elements);
  const count = (test: (a: Component, b: Component) => boolean) =>
    pairs.filter(([component, otherComponent]) => test(component, otherComponent)).length;
  return {
    covered: Math.round(coveredShare(grid, owner) * 1000) / 1000,
    sameColours: count((a, b) => colourApart(a, b) < ONE_PATCH),
    wetByCrisp: count((a, b) => (isWet(a) && isCrisp(b)) || (isWet(b) && isCrisp(a))),
    together: count(goTogether),
    hardOverlaps: hardOverlaps(elements).length,
    pieces: foods.reduce((sum, food) => sum + food.element.pieces.length, 0),
  };
}
