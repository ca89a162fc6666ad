import { GREEN_SETS, PLAIN_BESIDE } from './data/serving-sets.js';
import { notInTrade } from './trade.js';
import { describe, expect, test } from '@jest/globals';
import {
  ALLERGENS,
  CATALOGUE,
  componentSchema,
  findDecor,
  neverFood,
  FORMS,
  larderOf,
  NUT_SPECIES,
  ownComponent,
  possibleValues,
  searchComponents,
  withFact,
} from './index.js';
import { judgeNeed, NEEDS } from '../needs/index.js';
import { pieceOutline, areaOf } from '../geometry/index.js';

/** Of the ground that pieces take among their like, at least this share is the piece itself; the rest is air between. */
const PACKED = 0.6;
/** Set with acid alone, so that no rennet is in it. */
const ACID_SET = new Set<string>(['mascarpone', 'labneh-balls', 'paneer']);
const each = CATALOGUE.map((component) => [component.id, component] as const);

/** Bought mixes in which an allergen is free all the same, each with its reason. */
const FREE_BY_CLAIM: Record<string, readonly string[]> = {
  // "labelled gluten-free" is a claim that public law holds to 20 mg/kg
  'buckwheat-crisps': ['gluten'],
  'corn-crackers': ['gluten'],
  'gf-oatcakes': ['gluten'],
  'gf-toasts': ['gluten'],
  'seeded-gf-crackers': ['gluten'],
  // plain ones are of rice, oil and salt; those with soy sauce are another food
  'rice-crackers': ['gluten'],
  'gf-rolls': ['gluten'],
  'gf-almond-biscuits': ['gluten'],
  // "free from" is a claim that its maker answers for; it is read on the pack all the same
  'free-from-chocolate': ['gluten', 'egg', 'peanuts', 'milk', 'tree-nuts'],
  'free-from-buttons': ['gluten', 'egg', 'peanuts', 'milk', 'tree-nuts'],
  'free-from-biscuits': ['gluten', 'egg', 'peanuts', 'milk', 'tree-nuts'],
  'nut-free-milk-chocolate': ['peanuts', 'tree-nuts'],
  'peanuts-no-nuts': ['tree-nuts'],
};

describe('the shipped catalogue', () => {
  test('has at least 260 components with ids of their own', () => {
    expect(CATALOGUE.length).toBeGreaterThanOrEqual(260);
    expect(new Set(CATALOGUE.map((component) => component.id)).size).toBe(CATALOGUE.length);
  });

  test.each(each)('%s is complete by its schema', (_id, component) => {
    expect(componentSchema.strict().parse(component)).toEqual(component);
    expect(Object.keys(component.allergens)).toHaveLength(ALLERGENS.length);
    expect(Object.keys(component.nuts)).toHaveLength(NUT_SPECIES.length);
  });

  test('an allergen is free in a bought mix only by a listed exception', () => {
    const found: Record<string, string[]> = {};
    for (const component of CATALOGUE.filter((otherComponent) => otherComponent.made === 'compound')) {
      // what trade practice keeps out of a family is one rule, not a list
      const byRule = notInTrade(component.family);
      const free = ALLERGENS.filter(
        (allergen) => component.allergens[allergen] === 'free' && !byRule.includes(allergen),
      );
      if (free.length > 0) found[component.id] = free;
    }
    expect(found).toEqual(FREE_BY_CLAIM);
  });

  test.each(each)('%s with milk, egg or fish names the animal too, and is never vegan', (_id, component) => {
    if (component.allergens.milk === 'contains') expect(component.animal.milk).toBe('contains');
    if (component.allergens.egg === 'contains') expect(component.animal.egg).toBe('contains');
    const animal = Object.values(component.animal).includes('contains');
    for (const fact of component.forms)
      for (const traces of ['ask', 'accept'])
        if (animal)
          expect(judgeNeed(component, fact.form, { id: 'vegan', settings: { traces } }).verdict).toBe(
            'forbidden',
          );
  });

  test.each(each)('%s agrees with itself about nuts, gelatine and rennet', (_id, component) => {
    const species = NUT_SPECIES.filter(
      (species) => species !== 'coconut' && species !== 'pine-nut' && component.nuts[species] === 'contains',
    );
    if (species.length > 0) expect(component.allergens['tree-nuts']).toBe('contains');
    if (component.allergens['tree-nuts'] === 'free')
      for (const specy of species) expect(component.nuts[specy]).not.toBe('contains');
    if (component.animal.gelatine === 'contains') expect(component.gelatineFrom).not.toBe('none');
    if (component.family === 'cheese' && component.milk !== 'plant' && !ACID_SET.has(component.id))
      expect(component.rennet).not.toBe('none');
    if (['pork', 'beef', 'poultry', 'lamb'].some((a) => component.animal[a as 'pork'] === 'contains'))
      expect(component.slaughter).toBe(/halal-certified/.test(component.name) ? 'certified' : 'needed');
  });

  test('what is home-made with nuts says nothing of the other nuts, nor of peanuts', () => {
    const counted = NUT_SPECIES.filter((species) => species !== 'coconut' && species !== 'pine-nut');
    for (const component of CATALOGUE.filter(({ made }) => made === 'home-made')) {
      const nuts = component.allergens['tree-nuts'];
      for (const species of nuts === 'free' ? [] : counted)
        expect([component.id, species, component.nuts[species]]).not.toEqual([component.id, species, 'free']);
      if (nuts === 'contains')
        expect([component.id, component.allergens.peanuts]).toEqual([component.id, 'brand']);
    }
  });

  test('what is home-made with something that a maker has mixed leaves its label open', () => {
    const mixed = /bread|tortilla|pasta|chocolate|mayonnaise/;
    const made = CATALOGUE.filter(
      ({ made, ingredients }) => made === 'home-made' && ingredients.some((name) => mixed.test(name)),
    );
    expect(made.length).toBeGreaterThan(6);
    for (const { id, allergens } of made)
      for (const allergen of ['soy', 'peanuts', 'sesame', 'lupin', 'celery'] as const)
        // the chocolate's maker answers for what its name says
        if (!(id === 'nut-free-brownies' && allergen === 'peanuts'))
          expect([id, allergen, allergens[allergen]]).not.toEqual([id, allergen, 'free']);
  });

  test.each(each)('%s has figures that can be true', (_id, component) => {
    const n = component.per100g;
    expect(n.saltG!).toBeLessThan(30);
    expect(n.carbNetG!).toBeLessThanOrEqual(n.carbTotalG!);
    expect(n.proteinG! + n.fatG! + n.carbTotalG! + n.saltG!).toBeLessThanOrEqual(101);
    const sugars = n.polyolsG! - n.erythritolG!;
    const parts =
      17 * n.proteinG! + 37 * n.fatG! + 17 * (n.carbNetG! - n.polyolsG!) + 8 * n.fibreG! + 10 * sugars;
    expect(Math.abs(n.energyKj! - parts)).toBeLessThanOrEqual(Math.max(40, parts * 0.2));
  });

  test.each(each)('%s can be laid: pieces hide no more ground than they are large', (_id, component) => {
    for (const fact of component.forms) {
      expect(fact.gPerCm2).toBeGreaterThan(FORMS[fact.form].lies === 'alone' ? 0.2 : 0.45);
      const drawn = areaOf(pieceOutline(fact.piece, fact.lengthMm, fact.widthMm)) / 100;
      if (FORMS[fact.form].lies !== 'alone')
        expect(drawn).toBeGreaterThan((fact.pieceG / fact.gPerCm2) * PACKED);
    }
  });

  test('gives small children a safe form of most fruit, vegetables and cheese', () => {
    const wanted = CATALOGUE.filter((component) =>
      ['fresh-fruit', 'vegetable', 'cheese'].includes(component.family),
    );
    const safe = wanted.filter((component) => component.forms.some((fact) => fact.choking === 'safe'));
    expect(safe.length / wanted.length).toBeGreaterThan(0.85);
  });
});

describe('components of the stylist', () => {
  test('a name and a family are enough, and then every need asks', () => {
    const own = ownComponent('Aunt’s chutney', 'spread-dip');
    for (const need of NEEDS)
      expect(judgeNeed(own, own.forms[0]!.form, { id: need.id, settings: {} }).verdict).toBe('ask');
  });

  test('an own component wins over a shipped one of the same id', () => {
    const own = ownComponent('My brie', 'cheese', 'brie');
    expect(larderOf([own]).get(own.id)?.name).toBe('My brie');
  });
});

describe('what a label says', () => {
  test('"no tree nuts" rules the species out that labels count, and leaves coconut and pine nut open', () => {
    const cracker = CATALOGUE.find((component) => component.id === 'water-crackers')!;
    const told = withFact(cracker, 'allergen.tree-nuts', 'free');
    expect(told.nuts.almond).toBe('free');
    expect(told.nuts['pine-nut']).toBe('brand');
  });

  test('only true values can be told', () => {
    const cracker = CATALOGUE.find((component) => component.id === 'water-crackers')!;
    expect(() => withFact(cracker, 'allergen.milk', 'brand')).toThrow('no value');
    expect(possibleValues('rennet')).not.toContain('depends');
  });
});

test('search finds a synonym, and the name before it', () => {
  expect(searchComponents(CATALOGUE, 'gherkin')[0]?.id).toBe('cornichons');
  expect(searchComponents(CATALOGUE, 'parmesan')[0]?.id).toBe('parmigiano');
  expect(searchComponents(CATALOGUE, 'goat')[0]?.name).toMatch(/goat/i);
  expect(searchComponents(CATALOGUE, 'zzz')).toEqual([]);
});

test.each([
  ['gherkni', 'cornichons'],
  ['camenbert', 'camembert'],
  ['proscuitto', 'dry-cured-ham'],
  ['jamon', 'serrano-ham'],
  ['EGGPLANT', 'grilled-aubergine'],
  ['houmous', 'hummus-bought'],
])('search forgives typing errors, accents and capitals: %s', (typed, id) => {
  expect(searchComponents(CATALOGUE, typed).map((component) => component.id)).toContain(id);
});

test('décor that must not touch food is found with its reason, before what may', () => {
  expect(findDecor('laurel').map((decor) => decor.touch)).toEqual(['never', 'clean']);
  expect(findDecor('eucalyptus')[0]?.why).toMatch(/poison/);
});

test.each([
  ['Holly', 'garnish', 'holly'],
  ['Fresh eucalyptus leaves', 'garnish', 'eucalyptus'],
  ['Hydrangea petals', 'vegetable', 'hydrangea'],
  ['Ivy twigs over the rim', 'garnish', 'ivy'],
  ['Eucalyptus honey', 'spread-dip', undefined],
  ['Buttercup squash, roast', 'vegetable', undefined],
  ['Ivy’s cheddar', 'cheese', undefined],
  ['Lunch box biscuits', 'sweet-bite', undefined],
  ['Rosemary', 'garnish', undefined],
] as const)('%s, %s: the plant that must not touch food is %s', (name, family, plant) => {
  expect(neverFood({ name, family })?.id).toBe(plant);
});

test('no food of the larder is taken for a plant that must not touch it', () => {
  expect(CATALOGUE.filter((component) => neverFood(component)).map(({ id }) => id)).toEqual([]);
});

test.each([
  'green-olives',
  'black-olives',
  'garlic-olives',
  'giant-beans',
  'lupin-beans',
  'marinated-mushrooms',
  'pickled-beetroot',
  'giardiniera',
  'octopus',
  'kimchi',
])('%s is no safer for small children because it stands in a bowl', (id) => {
  const component = CATALOGUE.find((otherComponent) => otherComponent.id === id)!;
  for (const fact of component.forms.filter((form) => form.form === 'bowl'))
    expect(fact.choking).not.toBe('safe');
});

test('labelled foods, the plain ones beside them and greens are all in the larder; no plain one is itself for a label', () => {
  const known = new Set<string>(CATALOGUE.map(({ id }) => id));
  const greens = Object.values(GREEN_SETS).flatMap((list) => list.split(' '));
  const plain = Object.values(PLAIN_BESIDE).flatMap((list) => list.split(' '));
  const named = [...Object.keys(PLAIN_BESIDE), ...plain, ...greens];
  expect(named.filter((id) => !known.has(id))).toEqual([]);
  expect(plain.filter((id) => PLAIN_BESIDE[id] !== undefined)).toEqual([]);
  expect(
    CATALOGUE.filter(({ id, family }) => greens.includes(id) && family !== 'garnish').map(({ id }) => id),
  ).toEqual([]);
});
