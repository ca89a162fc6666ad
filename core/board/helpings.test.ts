import { expect, test } from '@jest/globals';
import { CATALOGUE, servingOf, usualForm } from '../catalogue/index.js';
import type { Plan } from '../plan/index.js';
import { group, planWith } from '../testing/plans.js';
import { mayLieOn, takenHere } from './helpings.js';

const food = (id: string) => CATALOGUE.find((component) => component.id === id)!;
const taken = (id: string, party: Plan['party'], occasion: Partial<Plan['occasion']> = {}) => {
  const plan = planWith({ party, occasion: { ...planWith({}).occasion, ...occasion } });
  return takenHere(plan, food(id), usualForm(food(id)).form, plan.surfaces[0]!);
};

test('by a cheese lies a point of jam, on bread at breakfast a spoon; what leads no breakfast stays as it is', () => {
  const each = (id: string, kind: 'drinks' | 'breakfast') =>
    taken(id, [group('all', 12)], { kind }).usual / 12;
  const takers = servingOf(food('orange-marmalade')).takers;
  expect(each('orange-marmalade', 'breakfast') / takers).toBeGreaterThanOrEqual(
    2 * servingOf(food('orange-marmalade')).helping.usual,
  );
  expect(each('butter', 'breakfast')).toBeGreaterThan(1.5 * each('butter', 'drinks'));
  expect(each('quince-paste', 'breakfast')).toBeLessThanOrEqual(each('quince-paste', 'drinks'));
});

test('of two or three any may take what many do; what hardly anybody takes is not laid for all', () => {
  const ofThree = (id: string) => {
    const { usual, most } = servingOf(food(id)).helping;
    return [taken(id, [group('all', 3)], { kind: 'drinks' }).most, usual, most] as const;
  };
  const [gouda, , goudaMost] = ofThree('young-gouda');
  expect(gouda).toBeGreaterThanOrEqual(3 * goudaMost);
  const [tofu, tofuUsual] = ofThree('tofu-feta');
  // one of them, at the helping of a board of few kinds
  expect(tofu).toBeLessThanOrEqual(1.5 * tofuUsual + 1e-9);
  // whoever lives on it has it all the same
  const vegan = taken('tofu-feta', [group('vegan', 1, ['vegan'])], { kind: 'drinks' });
  expect(vegan.most).toBeGreaterThan(tofuUsual);
});

test('where nearly everybody is a child nothing is proposed that children never have, whatever it is for', () => {
  const at = (grown: number, ages: number[]) => {
    const plan = planWith({
      party: [group('all', grown), group('children', ages.length, [], { band: 'child', ages })],
    });
    const [surface] = plan.surfaces;
    return ['smoked-duck', 'cooked-ham'].map((id) =>
      mayLieOn(plan, surface!, food(id), usualForm(food(id)).form),
    );
  };
  expect(at(4, Array<number>(20).fill(6))).toEqual([false, true]);
  expect(at(10, Array<number>(20).fill(6))).toEqual([true, true]);
  expect(at(24, [6, 7])).toEqual([true, true]);
});
