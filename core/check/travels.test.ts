import { describe, expect, test } from '@jest/globals';
import { CATALOGUE } from '../catalogue/index.js';
import { travelsFar } from '../board/index.js';
import { NEEDS } from '../needs/index.js';
import { board, group, lies, planWith } from '../testing/plans.js';
import { checkPlan } from './index.js';

const need = (id: string) => NEEDS.find((pack) => pack.id === id)!;
const food = (id: string) => CATALOGUE.find((component) => component.id === id)!;
const tray = board({
  id: 'tray' as never,
  name: 'Tray',
  serves: ['allergic' as never],
  freeFrom: ['nuts', 'peanuts', 'sesame', 'milk'],
});

/** One guest with an allergy has a tray that is enough, and may also reach the board on which the food lies loose. */
const codes = (needId: string, foodId: string) =>
  checkPlan(
    planWith({
      surfaces: [board(), tray],
      party: [group('all', 4), group('allergic', 1, [needId])],
      placements: [
        lies(foodId, 60, { contained: false }),
        lies('green-grapes', 200),
        ...[
          ['green-grapes', 400],
          ['cucumber', 400],
          ['polenta-crisps', 300],
          ['smoked-tofu', 300],
          ['lentil-balls', 200],
          ['socca-crisps', 100],
          ['capers', 60],
        ].map(([id, g]) => lies(id as string, g as number, { surfaceId: 'tray' as never })),
      ],
    }),
  ).findings.map((finding) => finding.code);

describe('bits that travel', () => {
  test('whatever has loose seeds or nuts in it says that it sheds', () => {
    const dips = (foodId: string) => /hummus|tahini|ganoush|butter/.test(foodId);
    const loose = CATALOGUE.filter(
      ({ id, allergens }) =>
        (allergens.sesame === 'contains' || allergens.peanuts === 'contains') && !dips(id),
    );
    expect(loose.length).toBeGreaterThan(4);
    expect(loose.filter(({ sheds }) => sheds.length === 0)).toEqual([]);
  });

  test.each([
    ['tree-nut-free', 'almonds'],
    ['peanut-free', 'peanuts'],
    ['sesame-free', 'seed-crackers'],
    ['sesame-free', 'sesame-brittle'],
  ])(
    'a clean tray does not make up for a board that the guest reaches: %s and loose %s',
    (needId, foodId) => {
      expect(codes(needId, foodId)).toContain('same-surface');
    },
  );

  test.each([
    ['dairy-free', 'mozzarella-pearls'],
    ['sesame-free', 'hummus-home'],
  ])('what sheds nothing does no harm from another board: %s and %s', (needId, foodId) => {
    expect(travelsFar(food(foodId), need(needId))).toBe(false);
    expect(codes(needId, foodId)).not.toContain('same-surface');
  });
});
