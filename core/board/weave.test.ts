import { describe, expect, test } from '@jest/globals';
import { formOf } from '../catalogue/index.js';
import { inside, type Polygon } from '../geometry/index.js';
import { layAround, layPlan, motifAlone } from '../lay/index.js';
import { applyCommand, planLarder, type Motif, type Plan } from '../plan/index.js';
import { weaveSpots } from '../shape/index.js';
import { board, brief, id, lies, planWith } from '../testing/plans.js';
import { layMotifOf, motifHeaps, proposedMotif } from './motif.js';

const laid = (plan: Plan, motif: Motif): Plan => {
  const done = applyCommand(plan, layMotifOf(plan, motif)!);
  if (!done.ok) throw new Error(JSON.stringify(done));
  return done.plan;
};

describe('a weave', () => {
  const strips = planWith({
    surfaces: [board({ outline: { kind: 'rectangle', lengthMm: 600, widthMm: 400, cornerMm: 10 } })],
    occasion: { ...brief().occasion, theme: { ...brief().occasion.theme, motifs: ['weave'] } },
    placements: [
      lies('carrot-sticks', 400),
      lies('hummus-home', 250),
      lies('blueberries', 200),
      lies('young-gouda', 300, { form: 'cubes' }),
    ],
  });
  const [loom] = strips.surfaces as [(typeof strips.surfaces)[number]];
  const fact = formOf(planLarder(strips).get(id('carrot-sticks'))!, 'sticks')!;
  const square = (acrossMm: number): Polygon => [
    [-acrossMm / 2, -acrossMm / 2],
    [acrossMm / 2, -acrossMm / 2],
    [acrossMm / 2, acrossMm / 2],
    [-acrossMm / 2, acrossMm / 2],
  ];

  test('lies along and across by turns, side by side and none through another, within its figure', () => {
    const spots = weaveSpots(square(200), fact);
    expect(new Set(spots.map(({ angle }) => angle % 180))).toEqual(new Set([0, 90]));
    const [long, short] = [fact.lengthMm, fact.widthMm];
    const half = ({ angle }: (typeof spots)[number]) =>
      angle % 180 === 0 ? ([long / 2, short / 2] as const) : ([short / 2, long / 2] as const);
    spots.forEach((a, i) =>
      spots.slice(i + 1).forEach((b) => {
        const [ax, ay] = half(a);
        const [bx, by] = half(b);
        const into = Math.min(ax + bx - Math.abs(a.x - b.x), ay + by - Math.abs(a.y - b.y));
        // they touch, and lap by a hair at most
        expect(into).toBeLessThanOrEqual(Math.max(0.04 * long, 0.3 * short));
      }),
    );
    for (const { x, y } of spots) expect(inside(square(200), x, y)).toBe(true);
    expect(spots.length * long * short).toBeGreaterThan(0.6 * 200 * 200);
  });

  test('is proposed for its theme as a square, counted as it lies, and laid so; what is short is not woven', () => {
    const motif = proposedMotif(strips, loom)!;
    expect(motif).toMatchObject({ cutter: 'square', woven: true, fill: { componentId: 'carrot-sticks' } });
    const spots = weaveSpots(motif.outline, fact);
    expect(motifHeaps(strips, motif)!.fill.pieces).toBe(spots.length);
    const plan = laid(strips, motif);
    const pieces = motifAlone(plan, motif.id, 1).find(({ form }) => form === 'sticks')!.pieces;
    expect(pieces).toHaveLength(spots.length);
    expect(new Set(pieces.map(([, , angle]) => angle % 180))).toEqual(new Set([0, 90]));
    const berries = { ...motif, fill: { componentId: id('blueberries'), form: 'scatter' as const } };
    expect(motifHeaps(strips, berries)!.fill.pieces).toBe(
      motifHeaps(strips, { ...berries, woven: false })!.fill.pieces,
    );
  });

  test('on a board that is laid already, the bowls go out of its way', () => {
    const before = layPlan(strips, 3).plan;
    const motif = proposedMotif(before, loom)!;
    const [surface] = layAround(before, laid(before, motif), 3);
    const figure = surface!.elements.find((element) => element.motif === motif.id)!;
    const bowls = surface!.elements.filter(({ bowlMm }) => bowlMm !== null);
    expect(bowls.length).toBeGreaterThan(0);
    for (const { outline } of bowls)
      expect(outline.some(([x, y]) => inside(figure.outline, x, y))).toBe(false);
  });
});
