import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyCommand, type Plan } from '../plan/index.js';
import { board, id, lies, planWith } from '../testing/plans.js';
import { sendTo } from './index.js';

const second = board({ id: 'second' as never, name: 'Second' });
const first = board();
const of = (placements: Plan['placements']) => planWith({ surfaces: [first, second], placements });

function sent(plan: Plan, food: string, half: boolean): Plan {
  const commands = sendTo(plan, id(food), first.id, second.id, half);
  const done = applyCommand(plan, { name: 'together', label: 'send', commands });
  if (!done.ok) throw new Error('refused');
  return done.plan;
}

const massOn = (plan: Plan, surfaceId: string) =>
  plan.placements
    .filter((placement) => placement.surfaceId === surfaceId)
    .reduce((sum, placement) => sum + placement.massG, 0);
const piecesOn = (plan: Plan, surfaceId: string) =>
  plan.placements
    .filter((placement) => placement.surfaceId === surfaceId)
    .reduce((sum, placement) => sum + placement.pieces, 0);

describe('a food sent to another surface', () => {
  test('half of it, by whole pieces: nothing is lost and nothing comes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 900 }), fc.integer({ min: 0, max: 300 }), (here, there) => {
        const plan = of([
          lies('almonds', here),
          ...(there > 0 ? [lies('almonds', there, { surfaceId: second.id })] : []),
        ]);
        const now = sent(plan, 'almonds', true);
        const all = (of: Plan, count: typeof massOn) => count(of, first.id) + count(of, second.id);
        expect(all(now, massOn)).toBeCloseTo(all(plan, massOn), 6);
        expect(all(now, piecesOn)).toBe(all(plan, piecesOn));
        const stays = piecesOn(now, first.id);
        expect([0, 1]).toContain(2 * stays - piecesOn(plan, first.id));
        expect(now.placements.length).toBe(2);
      }),
    );
  });

  test('all of it; half of a wheel that is one piece is not cut', () => {
    const plan = of([lies('brie', 250), lies('almonds', 80)]);
    expect(massOn(sent(plan, 'brie', false), second.id)).toBe(250);
    expect(massOn(sent(plan, 'almonds', false), second.id)).toBe(lies('almonds', 80).massG);
  });

  test('a dip is halved by what it weighs', () => {
    const now = sent(of([lies('hummus-home', 300)]), 'hummus-home', true);
    expect(massOn(now, first.id)).toBe(150);
    expect(massOn(now, second.id)).toBe(150);
  });

  test('what does not lie there is not sent', () => {
    expect(sendTo(of([lies('almonds', 80)]), id('brie'), first.id, second.id, true)).toEqual([]);
    expect(sendTo(of([lies('almonds', 80)]), id('almonds'), first.id, first.id, false)).toEqual([]);
  });
});
