import { describe, expect, test } from '@jest/globals';
import { CATALOGUE, type FormId } from '../catalogue/index.js';
import { judgeNeed } from './index.js';

/**
 * Written by hand from public knowledge of each food, before the evaluator ran on it: labels as commonly found,
 * protected specifications, public allergen law and public guidance on children's food. F fine, A ask, X forbidden.
 */
const TABLE: Record<string, Record<string, string>> = {
  vegan: {
    brie: 'X',
    'goat-log': 'X',
    parmigiano: 'X',
    'sunflower-round': 'F',
    'coconut-block': 'A',
    'cashew-round': 'A',
    'dry-cured-ham': 'X',
    'smoked-salmon': 'X',
    prawns: 'X',
    'herb-tofu': 'F',
    falafel: 'F',
    'lupin-beans': 'F',
    'water-crackers': 'A',
    'socca-crisps': 'F',
    'buckwheat-crisps': 'A',
    'green-grapes': 'F',
    'cherry-tomatoes': 'F',
    'dried-apricots': 'F',
    cornichons: 'A',
    'green-olives': 'F',
    almonds: 'F',
    'hummus-home': 'F',
    tzatziki: 'X',
    'basil-pesto': 'X',
    honey: 'X',
    'fig-jam': 'A',
    'dark-chocolate': 'A',
    'milk-chocolate': 'X',
    marshmallows: 'X',
    meringues: 'X',
    tapenade: 'X',
    rosemary: 'F',
    'date-oat-balls': 'F',
  },
  vegetarian: {
    brie: 'A',
    'young-gouda': 'F',
    parmigiano: 'X',
    'grana-padano': 'X',
    gruyere: 'X',
    gorgonzola: 'X',
    manchego: 'A',
    'mature-cheddar': 'F',
    salami: 'X',
    'smoked-salmon': 'X',
    prawns: 'X',
    honey: 'F',
    meringues: 'A',
    tzatziki: 'F',
    'basil-pesto': 'X',
    marshmallows: 'X',
    tapenade: 'X',
    falafel: 'F',
    'green-grapes': 'F',
    'mozzarella-pearls': 'F',
  },
  halal: {
    'dry-cured-ham': 'X',
    salami: 'X',
    chorizo: 'X',
    'fennel-salami': 'X',
    bresaola: 'A',
    'turkey-breast': 'A',
    'beef-pastrami': 'A',
    'smoked-salmon': 'F',
    prawns: 'F',
    'young-gouda': 'F',
    parmigiano: 'X',
    brie: 'A',
    falafel: 'F',
    'green-olives': 'F',
    honey: 'F',
    marshmallows: 'A',
    'green-grapes': 'F',
    'hummus-home': 'F',
    tzatziki: 'F',
    'water-crackers': 'A',
    'pumpkin-seeds': 'F',
  },
  'gluten-free': {
    'water-crackers': 'X',
    'seed-crackers': 'X',
    'baguette-toasts': 'X',
    breadsticks: 'X',
    flatbread: 'X',
    oatcakes: 'X',
    'buckwheat-crisps': 'F',
    'corn-crackers': 'F',
    'rice-crackers': 'A',
    'socca-crisps': 'F',
    brie: 'F',
    'blue-wedge': 'A',
    salami: 'A',
    'dry-cured-ham': 'F',
    'green-grapes': 'F',
    'dried-figs': 'A',
    almonds: 'F',
    'hummus-home': 'F',
    cornichons: 'A',
    'dark-chocolate': 'A',
    'smoked-tofu': 'F',
    honey: 'F',
  },
  'tree-nut-free': {
    almonds: 'X',
    walnuts: 'X',
    cashews: 'X',
    pistachios: 'X',
    peanuts: 'X',
    'basil-pesto': 'X',
    'cashew-round': 'X',
    'dark-chocolate': 'X',
    'pumpkin-seeds': 'F',
    'sunflower-seeds': 'F',
    brie: 'F',
    'green-grapes': 'F',
    salami: 'A',
    'water-crackers': 'A',
    'hummus-home': 'F',
    'dry-cured-ham': 'F',
    honey: 'F',
    'coconut-block': 'A',
  },
  'child-1-3': {
    'green-grapes': 'X',
    'cherry-tomatoes': 'X',
    'black-olives': 'X',
    almonds: 'X',
    'carrot-sticks': 'X',
    'apple-fans': 'X',
    'young-gouda': 'X',
    'dried-apricots': 'X',
    marshmallows: 'X',
    salami: 'X',
    parmigiano: 'X',
    'medjool-dates': 'X',
    raspberries: 'F',
    'orange-wheels': 'F',
    'steamed-carrot': 'F',
    'potato-rounds': 'F',
    'hummus-home': 'F',
    'mozzarella-pearls': 'X',
    blueberries: 'X',
    'pear-fans': 'F',
  },
  'child-4': {
    'green-grapes': 'X',
    'carrot-sticks': 'X',
    raspberries: 'F',
    almonds: 'X',
    'hummus-home': 'F',
  },
};

const MARK = { fine: 'F', ask: 'A', forbidden: 'X' } as const;
const rows = Object.entries(TABLE).flatMap(([need, foods]) =>
  Object.entries(foods).map(([id, mark]) => [need, id, mark] as const),
);

test.each(rows)('%s: %s is %s', (need, id, mark) => {
  const c = CATALOGUE.find((x) => x.id === id)!;
  expect(c).toBeDefined();
  expect(MARK[judgeNeed(c, c.forms[0]!.form, { id: need, settings: {} }).verdict]).toBe(mark);
});

describe('settings where people differ', () => {
  const verdict = (id: string, need: string, settings: Record<string, string>, form?: FormId) => {
    const c = CATALOGUE.find((x) => x.id === id)!;
    return judgeNeed(c, form ?? c.forms[0]!.form, { id: need, settings }).verdict;
  };

  test('a lenient vegetarian eats parmesan', () =>
    expect(verdict('parmigiano', 'vegetarian', { rennet: 'lenient' })).toBe('fine'));
  test('a lenient halal guest eats parmesan', () =>
    expect(verdict('parmigiano', 'halal', { rennet: 'lenient' })).toBe('fine'));
  test('an allergy to walnut alone asks about almonds that may hold walnut, and avoids them', () =>
    expect(verdict('almonds', 'tree-nut-free', { species: 'walnut' })).toBe('forbidden'));
  test('an allergy to almond alone leaves peanuts to the label', () =>
    expect(verdict('peanuts', 'tree-nut-free', { species: 'almond' })).toBe('ask'));
  test('coconut counts where the guest’s own list says so', () => {
    expect(verdict('coconut-block', 'tree-nut-free', { species: 'coconut' })).toBe('forbidden');
  });
  test('grapes are fine quartered and not whole', () => {
    expect(verdict('green-grapes', 'child-1-3', {}, 'quartered')).toBe('fine');
    expect(verdict('green-grapes', 'child-1-3', {}, 'cluster')).toBe('forbidden');
  });
  test('at four the shape rules end where guidance says under four', () => {
    expect(verdict('green-grapes', 'child-4', { choking: 'under-4' })).toBe('fine');
  });
  test('very salty and raw food stays away from small children in any form', () => {
    expect(verdict('green-olives', 'child-1-3', {}, 'quartered')).toBe('forbidden');
    expect(verdict('parmigiano', 'child-1-3', {}, 'grated')).toBe('forbidden');
  });
});
