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
  for (const c of CATALOGUE) expect(scoreOf(likeness(c, c))).toBeCloseTo(1);
  expect(Object.values(WEIGHTS).reduce((a, b) => a + b, 0)).toBeCloseTo(1);
});

test('salami’s first swaps are cured meat', () => {
  const [first] = swapsFor(plan, id('salami'));
  expect(CATALOGUE.find((c) => c.id === first!.id)?.family).toBe('cured-meat');
});

test('grapes near a small child: quartering is among the swaps and settles the slip', () => {
  const quartered = swapsFor(plan, id('green-grapes')).find((s) => s.kind === 'form')!;
  expect(quartered.name).toContain('quartered');
  expect(quartered.fixes.map(text).join(' ')).toContain('within reach of small children');
});

test('every candidate can be applied, does what it says, and is ranked by its score', () => {
  const swaps = swapsFor(plan, id('brie'));
  expect(swaps.length).toBeGreaterThan(4);
  expect([...swaps].sort((a, b) => b.score - a.score)).toEqual(swaps);
  for (const s of swaps) {
    const done = applyCommand(plan, s.command);
    if (!done.ok) throw new Error(s.name);
    const texts = checkPlan(done.plan).findings.map(text);
    for (const gone of s.fixes) expect(texts).not.toContain(text(gone));
    for (const come of s.breaks) expect(texts).toContain(text(come));
  }
});

test('what is not on the board has no swaps', () => expect(swapsFor(plan, id('feta'))).toEqual([]));
