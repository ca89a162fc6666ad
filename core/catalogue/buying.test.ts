import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { choosePacks, perGram } from '../portion/index.js';
import * as DATA from './data/buying.js';
import { buyingOf, CATALOGUE, COUNTER_STEP_G } from './index.js';

const byId = new Map(CATALOGUE.map((component) => [component.id as string, component]));
const sold = (id: string) => buyingOf(byId.get(id)!).sold;

test('the tables name foods that there are, each in one way only', () => {
  const lists = [DATA.UNDER_FILM, DATA.BY_WEIGHT, DATA.KEEPS].map((text) => text.split(/\s+/));
  for (const id of [...lists.flat(), ...Object.keys(DATA.EDIBLE)])
    expect([id, byId.has(id)]).toEqual([id, true]);
  expect(new Set(lists.flat()).size).toBe(lists.flat().length);
});

test.each([
  ['aged-gouda', 'by-weight'],
  ['brie', 'sealed'],
  ['feta', 'sealed'],
  ['dry-cured-ham', 'by-weight'],
  ['halal-beef-ham', 'sealed'],
  ['almonds', 'by-weight'],
  ['pumpkin-seeds', 'keeps'],
  ['green-olives', 'by-weight'],
  ['cornichons', 'sealed'],
  ['fig-jam', 'keeps'],
  ['dijon-mustard', 'keeps'],
  ['dried-apricots', 'keeps'],
  ['raspberries', 'sealed'],
  ['apple-fans', 'by-weight'],
  ['coconut-block', 'sealed'],
])('%s is bought %s', (id, way) => expect(sold(id)).toBe(way));

test('what is weighed is bought to the step above, at the price of its grams; packs are whole', () => {
  fc.assert(
    fc.property(fc.constantFrom(...CATALOGUE), fc.integer({ min: 0, max: 5000 }), (component, needG) => {
      const choice = choosePacks(component, needG);
      expect(choice.massG).toBeGreaterThanOrEqual(needG);
      expect(choice.leftOverG).toBe(choice.massG - needG);
      if (buyingOf(component).sold === 'by-weight') {
        expect(choice.leftOverG).toBeLessThan(COUNTER_STEP_G);
        expect(choice.priceMinor).toBe(Math.round(choice.massG * perGram(component)));
      } else
        for (const pack of choice.packs)
          expect(component.packs.map((known) => known.massG)).toContain(pack.massG);
    }),
  );
});

test('of everything at least half is eaten, and never more than all', () => {
  for (const component of CATALOGUE) {
    const { edible } = buyingOf(component);
    expect(edible).toBeGreaterThanOrEqual(0.5);
    expect(edible).toBeLessThanOrEqual(1);
  }
});
