import { describe, expect, test } from '@jest/globals';
import { checkPlan } from '../check/index.js';
import { laidDemo } from '../test-support/demo.js';
import { board, group, id, lies, planWith } from '../testing/plans.js';
import { ENGLISH } from '../words/index.js';
import { allergenTable, guestCard } from './index.js';

const rowOf = (plan: Parameters<typeof allergenTable>[0], food: string, surface = 0) =>
  allergenTable(plan).surfaces[surface]!.rows.find(({ component }) => component.id === id(food))!;

describe('the table that hangs at the board', () => {
  test('says of each food what its facts say, and nothing unknown is free', () => {
    const plan = planWith({
      party: [group('all', 3), group('nuts', 1, ['tree-nut-free'])],
      placements: [lies('almonds', 100), lies('brie', 200)],
    });
    const table = allergenTable(plan);
    expect(table.groups).toHaveLength(1);
    expect(rowOf(plan, 'almonds').has['tree-nuts']).toBe('contains');
    expect(rowOf(plan, 'almonds').standings).toEqual(['no']);
    expect(rowOf(plan, 'brie').has.milk).toBe('contains');
    expect(table.allergens).toEqual(expect.arrayContaining(['milk', 'tree-nuts']));
  });

  test('a food is fine for nobody whom something beside it is forbidden to', () => {
    const halal = group('halal', 2, ['halal']);
    const party = [group('all', 6), halal];
    const oak = [lies('green-grapes', 300), lies('mature-cheddar', 200)];
    const beside = planWith({ party, placements: [...oak, lies('dry-cured-ham', 150)] });
    expect(rowOf(planWith({ party, placements: oak }), 'green-grapes').standings).toEqual(['fine']);
    expect(rowOf(beside, 'green-grapes').standings).toEqual(['touched']);
    expect(rowOf(beside, 'dry-cured-ham').standings).toEqual(['no']);
  });

  test('what is served to others only is none of theirs', () => {
    const party = [group('all', 6), group('vegan', 2, ['vegan'])];
    const plate = board({ id: 'plate' as never, name: 'Plate', serves: [party[0]!.id] });
    const plan = planWith({
      party,
      surfaces: [board({}), plate],
      placements: [lies('green-grapes', 300), { ...lies('green-grapes', 60), surfaceId: plate.id }],
    });
    expect(rowOf(plan, 'green-grapes').standings).toEqual(['fine']);
    expect(rowOf(plan, 'green-grapes', 1).standings).toEqual(['no']);
    const [shared, theirs] = allergenTable(plan).surfaces;
    expect(shared!.elsewhere).toEqual([]);
    expect(theirs!.elsewhere).toEqual([{ group: party[1], from: ['Board'] }]);
  });

  test('an overruling makes nothing fine there: the card says who overruled', () => {
    const plan = planWith({
      party: [group('all', 4), group('veg', 2, ['vegan'])],
      placements: [lies('brie', 250)],
      overrulings: [
        {
          componentId: id('brie'),
          groupId: 'veg' as never,
          who: 'Ada',
          why: 'it is a plant round',
          when: '2027-05-08T10:00',
        },
      ],
    });
    expect(rowOf(plan, 'brie').standings).toEqual(['no']);
  });

  test('on the demo it promises no group more than its card does', () => {
    const plan = laidDemo();
    const { groups, surfaces } = allergenTable(plan);
    expect(groups.length).toBeGreaterThan(3);
    groups.forEach((guests, k) => {
      const { mayEat } = guestCard(plan, checkPlan(plan), guests, ENGLISH);
      for (const { name, rows } of surfaces) {
        const fine = rows.filter(
          ({ component, standings }) => component.job !== 'none' && standings[k] === 'fine',
        );
        const names = [...new Set(fine.map(({ component }) => component.name))];
        expect([guests.name, name, names.sort()]).toEqual([
          guests.name,
          name,
          [...(mayEat.find(({ surface }) => surface === name)?.foods ?? [])].sort(),
        ]);
      }
    });
  });
});
