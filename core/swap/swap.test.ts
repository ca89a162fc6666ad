import { expect, test } from '@jest/globals';
import { suitsIce } from '../board/index.js';
import { CATALOGUE } from '../catalogue/index.js';
import { checkPlan } from '../check/index.js';
import { applyCommand, planLarder } from '../plan/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { likeness, scoreOf, swapsFor, WEIGHTS } from './index.js';
import { text } from '../testing/words.js';

const plan = planWith({
  party: [group('all', 6), group('threes', 1, [], { band: 'child', ages: [3] })],
  placements: [lies('green-grapes', 200), lies('salami', 120), lies('brie', 250)],
});

test('a food is like itself in every part, and the weights add up to one', () => {
  for (const component of CATALOGUE) expect(scoreOf(likeness(component, component))).toBeCloseTo(1);
  expect(Object.values(WEIGHTS).reduce((a, b) => a + b, 0)).toBeCloseTo(1);
});

test('salami’s first swaps are cured meat', () => {
  const [first] = swapsFor(plan, id('salami'));
  expect(CATALOGUE.find((component) => component.id === first!.id)?.family).toBe('cured-meat');
});

test('grapes near a small child: quartering is among the swaps and settles the slip', () => {
  const quartered = swapsFor(plan, id('green-grapes')).find((swap) => swap.kind === 'form')!;
  expect(quartered.name).toContain('quartered');
  expect(quartered.fixes.map(text).join(' ')).toContain('within reach of small children');
});

test('every candidate can be applied, does what it says, and is ranked by its score', () => {
  const swaps = swapsFor(plan, id('brie'));
  expect(swaps.length).toBeGreaterThan(4);
  expect([...swaps].sort((a, b) => b.score - a.score)).toEqual(swaps);
  for (const swap of swaps) {
    const done = applyCommand(plan, swap.command);
    if (!done.ok) throw new Error(swap.name);
    const texts = checkPlan(done.plan).findings.map(text);
    for (const gone of swap.fixes) expect(texts).not.toContain(text(gone));
    for (const come of swap.breaks) expect(texts).toContain(text(come));
  }
});

test('what is not on the board has no swaps', () => expect(swapsFor(plan, id('feta'))).toEqual([]));

test('what takes the place of a food on ice stands on it, where it is better for the cold', () => {
  const ice = { innerMm: 100, wallMm: 25 };
  const cold = planWith({
    party: [group('all', 8)],
    placements: [lies('tzatziki', 150, { ice }), lies('brie', 250), lies('water-crackers', 80)],
  });
  const swaps = swapsFor(cold, id('tzatziki')).filter(
    ({ id: to, kind }) => to !== id('tzatziki') && kind !== 'split' && planLarder(cold).has(to),
  );
  expect(swaps.length).toBeGreaterThan(3);
  const after = swaps.map((swap) => {
    const done = applyCommand(cold, swap.command);
    if (!done.ok) throw new Error(swap.name);
    const to = planLarder(cold).get(swap.id)!;
    const laid = done.plan.placements.filter(({ componentId }) => componentId === to.id);
    expect(laid.every((placement) => (placement.ice !== undefined) === suitsIce(to))).toBe(true);
    return suitsIce(to);
  });
  expect(after).toContain(true);
});
