import type { PlacedFood } from '../board/index.js';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { DEMOS } from '../../demo/index.js';
import { nodeSolver } from '../../solver/node.js';
import { formOf } from '../catalogue/index.js';
import { compose, type Solver } from '../compose/index.js';
import { layPlan } from '../lay/index.js';
import { group } from '../testing/plans.js';
import { planForParty } from '../testing/parties.js';
import { pieceOutline, placed, type Point } from '../geometry/index.js';
import type { LaidElement, Plan } from '../plan/index.js';
import { contextOf } from './index.js';
import type {} from './context.js';
import { elementsOf, gapOf, near, NEAR_MM } from './near.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

/** Corners of every piece of a food, worked out here, apart from the layout's own geometry. */
function corners(plan: Plan, l: PlacedFood): Point[] {
  return elementsOf(plan, l).flatMap((e: LaidElement) => {
    const fact = formOf(l.component, e.form);
    if (e.layer === 4 || !fact || e.pieces.length === 0) return e.outline as Point[];
    const outline = pieceOutline(fact.piece, fact.lengthMm, fact.widthMm);
    return e.pieces.flatMap(([x, y, turn]) => {
      const [[at] = [[0, 0]]] = [placed([[x, y]], e.x, e.y, e.angle)];
      return placed(outline, at![0], at![1], turn + e.angle);
    });
  });
}

const nearest = (a: readonly Point[], b: readonly Point[]): number =>
  Math.min(...a.map(([x, y]) => Math.min(...b.map(([u, v]) => Math.hypot(x - u, y - v)))));

/** Pairs of foods on one surface of a laid plan. */
function pairs(plan: Plan): [PlacedFood, PlacedFood][] {
  const { placed } = contextOf(plan);
  return placed.flatMap((a, i) =>
    placed.slice(i + 1).flatMap((b): [PlacedFood, PlacedFood][] => (a.surface === b.surface ? [[a, b]] : [])),
  );
}

describe('what lies next to what', () => {
  test.each([3])('nothing whose pieces are nearer than the guard is called apart (seed %i)', (seed) => {
    const board = compose(planForParty([group('all', 12), group('vegans', 3, ['vegan'])]), solve, {
      quick: true,
    }).plan;
    const { plan } = layPlan(board, seed);
    let close = 0;
    for (const [a, b] of pairs(plan)) {
      const between = nearest(corners(plan, a), corners(plan, b));
      if (between >= NEAR_MM) continue;
      close += 1;
      expect([a.component.id, b.component.id, near(plan, a, b)]).toEqual([
        a.component.id,
        b.component.id,
        true,
      ]);
      expect(gapOf(plan, a, b)!).toBeLessThanOrEqual(between + 1e-6);
    }
    expect(close).toBeGreaterThan(20);
  });

  test.each([1, 2, 3])(
    'a part that is kept for somebody has the guard around it, piece by piece (seed %i)',
    (seed) => {
      const brief = DEMOS['open-loom']!();
      const whole = compose(brief, solve, { quick: true }).plan;
      const surface = whole.surfaces[0]!;
      const kept = new Set(whole.placements.filter((_, i) => i % 3 === 0).map((p) => p.componentId));
      const zoned: Plan = {
        ...whole,
        layout: [],
        surfaces: [{ ...surface, zoneFor: [whole.party.at(-1)!.id] }, ...whole.surfaces.slice(1)],
        placements: whole.placements.map((p) =>
          p.surfaceId === surface.id && kept.has(p.componentId) ? { ...p, inZone: true } : p,
        ),
      };
      const { plan } = layPlan(zoned, seed);
      let measured = 0;
      for (const [a, b] of pairs(plan)) {
        const inside = (l: PlacedFood) => l.lots.every((p) => p.inZone === true);
        if (a.surface.id !== surface.id || inside(a) === inside(b)) continue;
        const gap = gapOf(plan, a, b);
        if (gap === undefined) continue;
        measured += 1;
        expect([a.component.id, b.component.id, gap >= NEAR_MM]).toEqual([
          a.component.id,
          b.component.id,
          true,
        ]);
      }
      expect(measured).toBeGreaterThan(20);
    },
  );
});
