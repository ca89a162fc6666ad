import simplify from 'simplify-js';
import { homeMadeId, type Component } from '../catalogue/index.js';
import { memo1 } from '../measure/index.js';
import { areaOf, type Polygon } from '../geometry/index.js';
import {
  flatG,
  piecesOf,
  type Cut,
  type CutCutter,
  type CutSlice,
  type Placement,
  type Plan,
} from '../plan/index.js';
import { cutterById, cutterOutline, sizedOutline } from './cutters/index.js';
import { meltOf } from './mould.js';
import { neckOf } from './neck.js';
import { boundsOf, heightOf, moved, scaled, widthOf } from './outline.js';
import type { NestRequest } from './nest/index.js';
import {
  disc,
  halfRound,
  loaf,
  oval,
  rect,
  ring,
  sliceAreaMm2,
  sliceOf,
  wedge,
  type Slice,
} from './slice.js';
import { bodyOf } from './survive.js';

/** The narrowest neck of a cutter that lies on the bench, found once. */
export const benchNeck = memo1(neckOf);

/** The outline that is cut from. */
export function sliceFrom(slice: CutSlice): Slice {
  switch (slice.shape) {
    case 'disc':
      return disc(slice.diameterMm);
    case 'ring':
      return ring(slice.diameterMm, Math.min(slice.holeMm, slice.diameterMm - 1));
    case 'half':
      return halfRound(slice.widthMm);
    case 'oval':
      return oval(slice.lengthMm, slice.widthMm);
    case 'rect':
      return rect(slice.lengthMm, slice.widthMm);
    case 'loaf':
      return loaf(slice.widthMm, slice.heightMm);
    case 'wedge':
      return wedge(Math.min(slice.widthMm, 2 * slice.lengthMm), slice.lengthMm);
    case 'own':
      return sliceOf(slice.outline, slice.holes);
  }
}

/** What the solver is asked for. Pieces that a hand has set stay where they are. */
export const nestRequest = (cut: Cut): NestRequest => ({
  slice: sliceFrom(cut.slice),
  cutters: cut.cutters.map(({ outline, want }) => ({ outline, ...(want === null ? {} : { want }) })),
  gapMm: cut.gapMm,
  marginMm: cut.marginMm,
  ...(cut.turns ? { turns: cut.turns } : {}),
  locked: cut.pieces.filter((piece) => piece.locked),
  seed: cut.seed,
});

/** So many looks at all distances take about three seconds for a dozen pieces, and more pieces take longer each (measured). */
const STEPS = 26_000;
const DOZEN = 14;

/** How long a packing with so many pieces is looked at for a better one. */
export const stepsFor = (pieces: number): number =>
  Math.round(STEPS * Math.min(1, DOZEN / Math.max(1, pieces)));

/** What the plan keeps is rounded to hundredths of a millimetre. */
const hundredths = (mm: number): number => Math.round(mm * 100) / 100 + 0; // -0 is written as 0
const kept = (outline: Polygon): [number, number][] =>
  outline.map(([x, y]) => [hundredths(x), hundredths(y)]);

/** A cutter of the library in a size (its larger measure, or the circle through its tips), as the plan keeps it. */
export function libraryCutter(
  id: string,
  acrossMm: number,
  want: CutCutter['want'] = null,
): CutCutter | undefined {
  const cutter = cutterById(id);
  if (!cutter) return undefined;
  return { id, name: cutter.name, outline: kept(cutterOutline(cutter, acrossMm)), acrossMm, want };
}

/** So many corners a plan keeps of an outline; a drawing with more loses those that show least. */
const MOST_CORNERS = 400;
const FIRST_TOLERANCE_MM = 0.02;

function fewCorners(outline: Polygon): Polygon {
  let few = outline;
  for (let tolerance = FIRST_TOLERANCE_MM; few.length > MOST_CORNERS; tolerance *= 1.5)
    few = simplify(
      [...outline, outline[0]!].map(([x, y]) => ({ x, y })),
      tolerance,
      true,
    )
      .slice(0, -1)
      .map(({ x, y }) => [x, y]);
  return few;
}

/** A drawing of one's own as a cutter; its size is its larger side. */
export const ownCutter = (id: string, name: string, outline: Polygon, acrossMm: number): CutCutter => ({
  id,
  name,
  outline: kept(fewCorners(sizedOutline(outline, acrossMm))),
  acrossMm,
  want: null,
});

/** No slice is larger: what is drawn larger becomes so large. */
const MOST_SLICE_MM = 1000;

/** A drawing as the slice that is cut from, as large as it was drawn, with its holes. */
export function ownSlice(name: string, outline: Polygon, holes: readonly Polygon[]): CutSlice {
  const bounds = boundsOf(outline);
  const k = Math.min(1, MOST_SLICE_MM / Math.max(widthOf(bounds), heightOf(bounds)));
  const [x, y] = [(bounds.left + bounds.right) / 2, (bounds.top + bounds.bottom) / 2];
  const about = (loop: Polygon) => kept(fewCorners(scaled(moved(loop, -x, -y), k)));
  return {
    shape: 'own',
    name,
    outline: about(outline),
    ...(holes.length > 0 ? { holes: holes.map(about) } : {}),
  };
}

/** The same cutter in another size. */
export const resized = (cutter: CutCutter, acrossMm: number): CutCutter =>
  libraryCutter(cutter.id, acrossMm, cutter.want) ?? {
    ...cutter,
    outline: kept(sizedOutline(cutter.outline, acrossMm)),
    acrossMm,
  };

// ------------------------------------------------------------------ what a slice gives

export interface SliceFigures {
  /** Grams of a whole slice. */
  sliceG: number;
  /** Pieces of all cutters, and of each. */
  perSlice: number;
  byCutter: number[];
  /** Grams of the mean piece. */
  pieceG: number;
  /** Of the slice, the part that becomes pieces. */
  yield: number;
  offcutG: number;
}

/** What one slice gives as its pieces lie now; grams by area, thickness and density. */
export function sliceFigures(component: Component, cut: Cut): SliceFigures {
  const byCutter = piecesOf({ ...cut, cutters: cut.cutters });
  const nested = cut.pieces.length > 0;
  const perSlice = nested ? byCutter.reduce((sum, n) => sum + n, 0) : 0;
  const area = nested
    ? cut.cutters.reduce((sum, { outline }, k) => sum + byCutter[k]! * areaOf(outline), 0)
    : 0;
  const whole = sliceAreaMm2(sliceFrom(cut.slice));
  const sliceG = flatG(component, whole, cut.thicknessMm);
  const piecesG = flatG(component, area, cut.thicknessMm);
  return {
    sliceG,
    perSlice,
    byCutter: nested ? byCutter : byCutter.map(() => 0),
    pieceG: perSlice > 0 ? piecesG / perSlice : 0,
    yield: area / whole,
    offcutG: sliceG - piecesG,
  };
}

/** Slices for so many pieces, and the pieces that they give beyond those. */
export function slicesFor(perSlice: number, pieces: number): { slices: number; spares: number } {
  if (perSlice === 0) return { slices: 0, spares: 0 };
  const slices = Math.ceil(pieces / perSlice);
  return { slices, spares: slices * perSlice - pieces };
}

// ------------------------------------------------------------------ what the plan needs

export interface CutNeed extends SliceFigures {
  /** Pieces of it on all surfaces, in all lots. */
  pieces: number;
  slices: number;
  spares: number;
  /** Offcuts of all slices, spare pieces with them; of it what goes into something made, and what lies on the board after all, in other forms. */
  leftG: number;
  usedG: number;
  laidG: number;
  /** Grams of the food to have, whatever it becomes. */
  neededG: number;
}

/** Grams of a food's offcuts that go into what the plan makes and lays. */
function usedOffcuts(plan: Pick<Plan, 'placements' | 'recipes'>, componentId: Component['id']): number {
  return plan.recipes.reduce((sum, recipe) => {
    const offcutG = recipe.parts
      .filter((part) => part.fromOffcuts && part.componentId === componentId)
      .reduce((all, { massG }) => all + massG, 0);
    if (offcutG === 0) return sum;
    const made = homeMadeId(recipe);
    const laidG = plan.placements
      .filter((placement) => placement.componentId === made)
      .reduce((all, { massG }) => all + massG, 0);
    return sum + (offcutG * laidG) / recipe.outG;
  }, 0);
}

/**
 * What a food needs that is cut out: whole slices, what else lies of it as far as no offcut gives it, and what recipes want
 * of its offcuts beyond what there is.
 */
export function needOfCut(
  component: Component,
  cut: Cut,
  plan: Pick<Plan, 'placements' | 'recipes'>,
): CutNeed {
  const mine = plan.placements.filter((placement) => placement.componentId === cut.componentId);
  const shaped = mine.filter((placement) => placement.form === 'cut-outs');
  const sum = (list: readonly Placement[]) => list.reduce((all, { massG }) => all + massG, 0);
  const figures = sliceFigures(component, cut);
  const pieces = shaped.reduce((all, placement) => all + placement.pieces, 0);
  const { slices, spares } = slicesFor(figures.perSlice, pieces);
  const sliced = Math.max(slices * figures.sliceG, sum(shaped));
  const others = sum(mine) - sum(shaped);
  const leftG = sliced - sum(shaped);
  const wantedG = usedOffcuts(plan, cut.componentId);
  const usedG = Math.min(wantedG, leftG);
  const laidG = cut.offcuts === 'board' ? Math.min(others, leftG - usedG) : 0;
  const neededG = sliced + others - laidG + wantedG - usedG;
  return { ...figures, pieces, slices, spares, leftG, usedG, laidG, neededG };
}

/** Grams that shaping asks for beyond what lies on the boards. */
export function wasteOfCuts(
  plan: Pick<Plan, 'cuts' | 'placements' | 'recipes'>,
  componentId: Component['id'],
  larder: ReadonlyMap<Component['id'], Component>,
): number {
  const cut = plan.cuts.find((cut) => cut.componentId === componentId);
  const component = larder.get(componentId);
  if (!cut || !component) return 0;
  const lies = plan.placements.filter((placement) => placement.componentId === componentId);
  return needOfCut(component, cut, plan).neededG - lies.reduce((sum, { massG }) => sum + massG, 0);
}

// ------------------------------------------------------------------ bent by hand

type Bend = Partial<
  Pick<Cut, 'slice' | 'thicknessMm' | 'gapMm' | 'marginMm' | 'turns' | 'cutters' | 'offcuts' | 'ownCutters'>
>;

/**
 * The cut with something changed. Pieces that are no longer where they may be are nested again: with other cutters or
 * another slice all of them, with other distances or turns those that no hand has set.
 */
export function bent(cut: Cut, bend: Bend): Cut {
  const now = { ...cut, ...bend };
  if (bend.slice || bend.cutters) return { ...now, pieces: [] };
  if (bend.gapMm !== undefined || bend.marginMm !== undefined || bend.turns !== undefined)
    return { ...now, pieces: cut.pieces.filter(({ locked }) => locked) };
  return now;
}

// ------------------------------------------------------------------ minutes and money

/** What is done for a cut, in its order: hands-on and waiting minutes. Craft, section 8; the figures are house defaults. */
export interface CutTask {
  id: 'slice' | 'chill' | 'press' | 'offcuts' | 'wash';
  handsMin: number;
  waitMin: number;
}

const SLICES_A_MINUTE = 3;
const CHILL_MIN = 20;
const SET_UP_MIN = 4;
const PRESSED_A_MINUTE = 8;
const OFFCUTS_100G_MIN = 1;
const WASH_MIN = 3;
/** Sliced at the counter, thinner than this. */
const SLICED_MM = 4;

export function tasksOfCut(
  cut: Cut,
  { slices, pieces, leftG }: Pick<CutNeed, 'slices' | 'pieces' | 'leftG'>,
): CutTask[] {
  if (pieces === 0) return [];
  const hands = (id: CutTask['id'], handsMin: number): CutTask => ({ id, handsMin, waitMin: 0 });
  return [
    ...(cut.thicknessMm >= SLICED_MM ? [hands('slice', slices / SLICES_A_MINUTE)] : []),
    { id: 'chill', handsMin: 0, waitMin: CHILL_MIN },
    hands('press', SET_UP_MIN + pieces / PRESSED_A_MINUTE),
    ...(cut.offcuts === 'waste' ? [] : [hands('offcuts', (leftG / 100) * OFFCUTS_100G_MIN)]),
    hands('wash', WASH_MIN),
  ];
}

/** What one piece costs in minor units: its own grams, and those of its slice that nobody eats. */
export const pieceCost = (
  { pieces, slices, sliceG, leftG }: CutNeed,
  offcuts: Cut['offcuts'],
  minorPerG: number,
): number =>
  pieces === 0 ? 0 : ((slices * sliceG - (offcuts === 'waste' ? 0 : leftG)) * minorPerG) / pieces;

/**
 * Foods on the boards that take cutters, and those that lie on the bench already: first those whose offcuts can be melted
 * into a mould, then most grams first; bread last: it is there to carry.
 */
export function benchFoods(plan: Plan, larder: ReadonlyMap<Component['id'], Component>): Component[] {
  const grams = new Map<Component['id'], number>(plan.cuts.map((cut) => [cut.componentId, 0]));
  for (const { componentId, massG } of plan.placements)
    if (bodyOf(componentId) || grams.has(componentId))
      grams.set(componentId, (grams.get(componentId) ?? 0) + massG);
  return [...grams]
    .flatMap(([id, massG]) => {
      const food = larder.get(id);
      return food ? [{ food, massG, rank: isBread(id) ? 2 : meltOf(food) === 'smooth' ? 0 : 1 }] : [];
    })
    .sort((a, b) => a.rank - b.rank || b.massG - a.massG)
    .map(({ food }) => food);
}

const isBread = (id: Component['id']): boolean => bodyOf(id) === 'bread';
