import type { PlacedFood } from '../board/index.js';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { madeDemo } from '../../demo/made.js';
import { nodeSolver } from '../../solver/node.js';
import { formOf } from '../catalogue/index.js';
import { compose, type Solver } from '../compose/index.js';
import { layPlan } from '../lay/index.js';
import { group } from '../testing/plans.js';
import { planForParty } from '../testing/parties.js';
import { pieceOutline, placed, type Point } from '../geometry/index.js';
import type { LaidElement, Plan } from '../plan/index.js';
import { contextOf } from './index.js';
import { elementsOf, gapOf, near, NEAR_MM } from './near.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

/** Corners of every piece of a food, worked out here, apart from the layout's own geometry. */
function corners(plan: Plan, otherPlaced: PlacedFood): Point[][] {
  return elementsOf(plan, otherPlaced).flatMap((element: LaidElement) => {
    const fact = formOf(otherPlaced.component, element.form);
    if (element.layer === 4 || !fact || element.pieces.length === 0) return [element.outline as Point[]];
    const outline = pieceOutline(fact.piece, fact.lengthMm, fact.widthMm);
    return element.pieces.map(([x, y, turn]) => {
      const [[at] = [[0, 0]]] = [placed([[x, y]], element.x, element.y, element.angle)];
      return placed(outline, at![0], at![1], turn + element.angle);
    });
  });
}

/** Further apart than this in length or width alone, no corner of the two is near enough to matter. */
const isFar = (a: readonly Point[], b: readonly Point[]): boolean =>
  ([0, 1] as const).some((axis) => {
    const [p, q] = [a.map((c) => c[axis]), b.map((c) => c[axis])];
    return Math.min(...p) - Math.max(...q) > NEAR_MM || Math.min(...q) - Math.max(...p) > NEAR_MM;
  });

/** The shortest way between any two corners of pieces that may be near, every one against every one; else endless. */
function nearest(a: readonly Point[][], b: readonly Point[][]): number {
  let least = Infinity;
  for (const one of a)
    for (const other of b) {
      if (isFar(one, other)) continue;
      for (const [x, y] of one)
        for (const [u, v] of other) least = Math.min(least, (x - u) ** 2 + (y - v) ** 2);
    }
  return Math.sqrt(least);
}

/** Pairs of foods on one surface of a laid plan. */
function pairs(plan: Plan): [PlacedFood, PlacedFood][] {
  const { placed } = contextOf(plan);
  return placed.flatMap((otherPlaced, i) =>
    placed
      .slice(i + 1)
      .flatMap((placed): [PlacedFood, PlacedFood][] =>
        otherPlaced.surface === placed.surface ? [[otherPlaced, placed]] : [],
      ),
  );
}

describe('what lies next to what', () => {
  test.each([3])('nothing whose pieces are nearer than the guard is called apart (seed %i)', (seed) => {
    const laid = compose(planForParty([group('all', 12), group('vegans', 3, ['vegan'])]), solve, {
      quick: true,
    }).plan;
    const { plan } = layPlan(laid, seed);
    let close = 0;
    const known = new Map<PlacedFood, Point[][]>();
    const cornersOf = (placed: PlacedFood) =>
      known.get(placed) ?? known.set(placed, corners(plan, placed)).get(placed)!;
    for (const [placed, otherPlaced] of pairs(plan)) {
      const between = nearest(cornersOf(placed), cornersOf(otherPlaced));
      if (between >= NEAR_MM) continue;
      close += 1;
      expect([placed.component.id, otherPlaced.component.id, near(plan, placed, otherPlaced)]).toEqual([
        placed.component.id,
        otherPlaced.component.id,
        true,
      ]);
      expect(gapOf(plan, placed, otherPlaced)!).toBeLessThanOrEqual(between + 1e-6);
    }
    expect(close).toBeGreaterThan(20);
  });

  test.each([2])(
    'a part that is kept for somebody has the guard around it, piece by piece (seed %i)',
    async (seed) => {
      const whole = { ...(await madeDemo('open-loom')), layout: [] };
      const surface = whole.surfaces[0]!;
      const kept = new Set(
        whole.placements.filter((_, i) => i % 3 === 0).map((placement) => placement.componentId),
      );
      const zoned: Plan = {
        ...whole,
        layout: [],
        surfaces: [{ ...surface, zoneFor: [whole.party.at(-1)!.id] }, ...whole.surfaces.slice(1)],
        placements: whole.placements.map((placement) =>
          placement.surfaceId === surface.id && kept.has(placement.componentId)
            ? { ...placement, inZone: true }
            : placement,
        ),
      };
      const { plan } = layPlan(zoned, seed);
      let measured = 0;
      for (const [placed, otherPlaced] of pairs(plan)) {
        const inside = (placed: PlacedFood) => placed.lots.every((placement) => placement.inZone === true);
        if (placed.surface.id !== surface.id || inside(placed) === inside(otherPlaced)) continue;
        const gap = gapOf(plan, placed, otherPlaced, NEAR_MM + 1);
        if (gap === undefined) continue;
        measured += 1;
        expect([placed.component.id, otherPlaced.component.id, gap >= NEAR_MM]).toEqual([
          placed.component.id,
          otherPlaced.component.id,
          true,
        ]);
      }
      expect(measured).toBeGreaterThan(20);
    },
  );
});
