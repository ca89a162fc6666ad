import { expect, test } from '@jest/globals';
import { checkPlan } from '../core/check/index.js';
import { hardOverlaps, layPlan } from '../core/lay/index.js';
import { oneOfEach, planSchema, type Plan } from '../core/plan/index.js';
import { bowlsInUse } from '../core/portion/index.js';
import { group, lies, planWith } from '../core/testing/plans.js';
import { DEMOS } from '../demo/index.js';
import { madeDemo } from '../demo/made.js';
import { text, valueOf } from '../core/testing/words.js';

/** Each is solved once for this state of the code; the composer's own test makes the main one anew. */
test.each(Object.keys(DEMOS).map((name) => [name] as const))(
  'the scenario %s is composed, laid and checked without a slip that stops service',
  async (name) => {
    const plan = await madeDemo(name);
    expect(planSchema.safeParse(plan).success).toBe(true);
    const { findings, care } = checkPlan(plan);
    expect(findings.filter((finding) => finding.severity === 'blocker').map(text)).toEqual([]);
    expect(care.groups.filter((care) => !care.ok).map((care) => [care.group.id, care.missing])).toEqual([]);
    expect(plan.layout.every((layer) => layer.elements.length > 0)).toBe(true);
    // the bowls that are laid are those that are counted, printed and owned
    const sizes = (list: readonly number[]) => [...list].sort((a, b) => a - b);
    expect(bowlsInUse(plan).every((bowl) => bowl.atHand)).toBe(true);
    const bowls = bowlsInUse(oneOfEach(plan));
    for (const layer of plan.layout)
      expect(
        sizes(layer.elements.flatMap((element) => (element.bowlMm === null ? [] : [element.bowlMm * 2]))),
      ).toEqual(
        sizes(bowls.filter((bowl) => bowl.surfaceId === layer.surfaceId).map((bowl) => bowl.diameterMm)),
      );
  },
);

test('no layout of a board collapses: each seed covers it, and every piece that is planned lies there', async () => {
  const composed = await madeDemo('open-loom');
  // with seeds 9 and 13 whole foods were once without a piece, and nobody was told
  const laidBy = new Map<number, Plan>();
  for (const seed of [9, 13]) {
    const { plan, surfaces } = layPlan({ ...composed, layout: [] }, seed);
    laidBy.set(seed, plan);
    for (const laid of surfaces) expect([seed, laid.coverage > 0.92]).toEqual([seed, true]);
    expect([seed, checkPlan(plan).findings.filter((finding) => finding.code === 'not-all-laid')]).toEqual([
      seed,
      [],
    ]);
  }
  // what is taken off the layout, the check tells
  const plan = laidBy.get(9)!;
  const [first, ...others] = plan.layout[0]!.elements.filter((element) => element.pieces.length > 3);
  const less = {
    ...plan,
    layout: [
      {
        ...plan.layout[0]!,
        elements: [
          { ...first!, pieces: first!.pieces.slice(1) },
          ...plan.layout[0]!.elements.filter((element) => element !== first),
        ],
      },
    ],
  };
  const told = checkPlan(less).findings.find((finding) => finding.code === 'not-all-laid');
  expect(told?.components).toContain(first!.componentId);
  expect(others.length).toBeGreaterThan(3);
}, 120_000);

test('hundreds of pieces of one food that stands alone do not hold up the layout, and what has no place is told', () => {
  const base = planWith({
    party: [group('all', 40)],
    placements: [{ ...lies('brie', 90_000), form: 'wedge', pieces: 500 }],
  });
  const { plan } = layPlan(base, 1);
  expect(plan.layout[0]!.elements.length).toBeLessThanOrEqual(60);
  const told = checkPlan(plan).findings.find((finding) => finding.code === 'not-all-laid');
  // as many as find a place of their own, and no more
  const laid = plan.layout[0]!.elements.length;
  expect(laid).toBeGreaterThan(5);
  expect(hardOverlaps(plan.layout[0]!.elements)).toEqual([]);
  expect(told && valueOf(told.facts[0]!)).toBe(`${laid} of 500 laid`);
});
