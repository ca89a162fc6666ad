import { FORMS } from '../catalogue/index.js';
import { memo1 } from '../measure/index.js';
import type { Arg } from '../words/index.js';
import type { Plan } from './plan.js';
import type { Placement } from './records/placement.js';
import type { Surface } from './records/surface.js';

/** How many there are of a surface: single portions are written once, and made so many times. */
export const numberOf = ({ singles }: Pick<Surface, 'singles'>): number => singles ?? 1;

/** A surface as it is named to who makes it: of single portions with how many there are. */
export const calledWithNumber = ({ name, singles }: Surface): Arg =>
  singles ? { say: 'surface.singles', with: { surface: name, n: singles } } : name;

/** So many portions by these shares, whole ones, and one for each share while there are so many. The shares add up to 1. */
export function inWhole(n: number, shares: readonly number[]): number[] {
  const counts = shares.map(() => 0);
  const behind = (i: number): number => (counts[i] === 0 ? n : n * shares[i]! - counts[i]!);
  for (let left = n; left > 0; left--) {
    const next = [...counts.keys()].reduce((most, i) => (behind(i) > behind(most) ? i : most));
    counts[next]! += 1;
  }
  return counts;
}

/** One food in one form on a surface: all its lots. */
const keyOf = ({ componentId, form, contained, motif }: Placement): string =>
  [componentId, form, contained, motif].join(' ');

interface OneFood {
  lots: Placement[];
  pieces: number;
  massG: number;
}

/** What lies on a surface, food by food, with the pieces of all its lots. */
function foodsOn(plan: Plan, { id }: Surface): OneFood[] {
  const foods = new Map<string, Placement[]>();
  for (const placement of plan.placements)
    if (placement.surfaceId === id)
      foods.set(keyOf(placement), [...(foods.get(keyOf(placement)) ?? []), placement]);
  return [...foods.values()].map((lots) => ({
    lots,
    pieces: lots.reduce((sum, { pieces }) => sum + pieces, 0),
    massG: lots.reduce((sum, { massG }) => sum + massG, 0),
  }));
}

/**
 * The plan with one of each set of single portions in place of all: what lies in one box, in whole pieces. What does not
 * go evenly into all of them lies in none (`unevenOn` tells it). Grams of a placement of the plan itself are those of all
 * boxes together, so that everything that is bought, eaten and counted needs to know nothing of this; its lots are boxes
 * that come later.
 */
export const oneOfEach = memo1((plan: Plan): Plan => {
  const many = plan.surfaces.filter(({ singles }) => singles);
  if (many.length === 0) return plan;
  const others = plan.placements.filter(({ surfaceId }) => !many.some(({ id }) => id === surfaceId));
  const inOne = many.flatMap((surface) =>
    foodsOn(plan, surface).flatMap(({ lots, pieces: all, massG }) => {
      const pieces = Math.floor(all / numberOf(surface));
      return pieces > 0 ? [{ ...lots[0]!, lot: 0, pieces, massG: (massG * pieces) / all }] : [];
    }),
  );
  return {
    ...plan,
    surfaces: plan.surfaces.map(({ singles: _all, ...surface }) => surface),
    placements: [...others, ...inOne],
  };
});

/** Of single portions: the foods of which pieces are left when each has as many as the others. */
export const unevenOn = (
  plan: Plan,
  surface: Surface,
): { componentId: Placement['componentId']; left: number; pieces: number; massG: number }[] =>
  foodsOn(plan, surface).flatMap(({ lots, pieces, massG }) => {
    const left = pieces % numberOf(surface);
    return left === 0 ? [] : [{ componentId: lots[0]!.componentId, left, pieces, massG }];
  });

/** Of more single portions, or fewer, each has what it had, and as many of them as before come later. */
export function inEach(plan: Plan, surface: Surface): Plan['placements'] {
  const was = plan.surfaces.find(({ id }) => id === surface.id);
  const now = surface.singles;
  if (!was?.singles || !now || was.singles === now) return plan.placements;
  const others = plan.placements.filter(({ surfaceId }) => surfaceId !== surface.id);
  const here = foodsOn(plan, was).flatMap(({ lots, pieces, massG }) => {
    const each = Math.max(1, Math.floor(pieces / was.singles!));
    const boxes = inWhole(
      now,
      lots.map((lot) => lot.pieces / pieces),
    );
    return lots.flatMap((lot, i) =>
      boxes[i] === 0
        ? []
        : [
            {
              ...lot,
              pieces: each * boxes[i]!,
              massG: Math.round((massG / pieces) * each * boxes[i]! * 10) / 10,
            },
          ],
    );
  });
  return [...others, ...here];
}

/**
 * After an edit each of single portions has as many whole pieces as the rest: the nearest number, one at least. What is cut
 * to its grams is cut into more pieces; of what is counted there is a little more or less.
 */
export function evened(plan: Plan): Plan {
  const off = plan.surfaces.filter((surface) => surface.singles && unevenOn(plan, surface).length > 0);
  if (off.length === 0) return plan;
  const placements = off.reduce((now, surface) => {
    const others = now.filter(({ surfaceId }) => surfaceId !== surface.id);
    return [
      ...others,
      ...foodsOn({ ...plan, placements: now }, surface).flatMap((food) => evenly(food, surface)),
    ];
  }, plan.placements);
  return { ...plan, placements };
}

function evenly({ lots, pieces, massG }: OneFood, surface: Surface): Placement[] {
  const n = numberOf(surface);
  if (pieces % n === 0) return lots;
  const each = Math.max(1, Math.round(pieces / n));
  const boxes = inWhole(
    n,
    lots.map((lot) => lot.pieces / pieces),
  );
  const isCut = FORMS[lots[0]!.form].cutToMass === true;
  const perBoxG = isCut ? massG / n : (massG / pieces) * each;
  return lots.flatMap((lot, i) =>
    boxes[i] === 0
      ? []
      : [{ ...lot, pieces: each * boxes[i]!, massG: Math.round(perBoxG * boxes[i]! * 10) / 10 }],
  );
}
