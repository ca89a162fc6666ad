import { expect, test } from '@jest/globals';
import { CATALOGUE } from '../catalogue/index.js';
import { checkPlan } from '../check/index.js';
import { applyCommand } from '../plan/index.js';
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
