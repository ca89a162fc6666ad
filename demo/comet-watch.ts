import type { FactKey } from '../core/catalogue/index.js';
import { planSchema, type Plan } from '../core/plan/index.js';

/** Labels and papers that the made-up stylist has read, and what they said. */
const READ: readonly (readonly [component: string, fact: FactKey, value: string, seen: string])[] = [
  ['buckwheat-crisps', 'allergen.tree-nuts', 'free', 'label: no nuts in the bakery'],
  ['corn-crackers', 'allergen.tree-nuts', 'free', 'label: no nuts in the bakery'],
  ['corn-crackers', 'animal.milk', 'free', 'label: maize, sunflower oil, salt'],
  ['corn-crackers', 'allergen.milk', 'free', 'label: maize, sunflower oil, salt'],
  ['turkey-breast', 'slaughter', 'certified', 'halal certificate on the pack, valid to 2028'],
  ['turkey-breast', 'allergen.gluten', 'free', 'label: no cereals'],
  ['turkey-breast', 'allergen.tree-nuts', 'free', 'label: no nuts'],
  ['beef-pastrami', 'slaughter', 'certified', 'halal certificate from the butcher, valid to 2028'],
  ['fig-jam', 'allergen.tree-nuts', 'free', 'label: no nuts'],
  ['fig-jam', 'allergen.gluten', 'free', 'label: figs, sugar, lemon, pectin'],
  ['pepper-jelly', 'allergen.tree-nuts', 'free', 'label: no nuts'],
  ['pepper-jelly', 'allergen.gluten', 'free', 'label: peppers, sugar, spirit vinegar'],
  ['pepper-jelly', 'alcohol', 'free', 'label: spirit vinegar, no wine'],
  ['cornichons', 'allergen.tree-nuts', 'free', 'label: no nuts'],
  ['cornichons', 'allergen.gluten', 'free', 'label: spirit vinegar, no malt'],
  ['cornichons', 'alcohol', 'free', 'label: spirit vinegar, no wine'],
  ['coconut-block', 'allergen.milk', 'free', 'label: made without milk'],
  ['coconut-block', 'allergen.gluten', 'free', 'label: no cereals'],
  ['coconut-block', 'allergen.tree-nuts', 'free', 'label: coconut only'],
  ['salami', 'allergen.tree-nuts', 'free', 'label: no nuts'],
  ['salami', 'allergen.gluten', 'free', 'label: no cereals'],
  ['water-crackers', 'allergen.tree-nuts', 'free', 'label: no nuts'],
  ['baguette-toasts', 'allergen.tree-nuts', 'free', 'label: no nuts'],
  ['baguette-toasts', 'animal.milk', 'free', 'label: wheat, oil, yeast, salt'],
];

const TOLD_AT = '2027-05-08T10:00';

/**
 * The brief of Comet Watch: a made-up observatory club looks for a comet from its hill. Nothing is chosen or laid
 * here; the composer and the layout do that from the seed.
 */
export function cometWatchBrief(): Plan {
  return planSchema.parse({
    format: 'round-plate.plan',
    version: 1,
    id: 'comet-watch',
    occasion: {
      name: 'Comet Watch',
      host: 'hilltop observatory club',
      start: '2027-05-15T22:00',
      durationMin: 150,
      place: 'the terrace of the dome',
      where: 'outdoors',
      airTempC: 9,
      role: 'drinks',
      otherDishes: 6,
      carMin: 20,
      buildMin: 40,
      theme: { name: 'Comet and crescent', palette: ['#e2362f', '#efb53c', '#46589a'], motifs: ['crescent', 'comet'] },
    },
    budgetMinor: null,
    currency: 'EUR',
    school: 'by-family',
    policy: 'looked-after',
    wishes: { pinned: ['brie', 'aged-gouda', 'blue-wedge', 'strawberries', 'salami'], excluded: [], levers: { bolder: 0, colour: 0, cheaper: 0 } },
    seed: 15,
    party: [
      { id: 'everything', name: 'Eat everything', count: 11, band: 'adult', ages: [], needs: [], dislikes: [], appetite: 1 },
      { id: 'vegan', name: 'Vegan', count: 6, band: 'adult', ages: [], needs: [{ id: 'vegan', settings: {} }], dislikes: [], appetite: 1 },
      { id: 'halal', name: 'Halal', count: 3, band: 'adult', ages: [], needs: [{ id: 'halal', settings: {} }], dislikes: [], appetite: 1 },
      { id: 'coeliac', name: 'Coeliac', count: 2, band: 'adult', ages: [], needs: [{ id: 'gluten-free', settings: {} }], dislikes: [], appetite: 1 },
      { id: 'tree-nut', name: 'Tree-nut allergy', count: 1, band: 'adult', ages: [], needs: [{ id: 'tree-nut-free', settings: {} }], dislikes: [], appetite: 1 },
      { id: 'children', name: 'Children, 6 to 10', count: 3, band: 'child', ages: [6, 8, 10], needs: [], dislikes: [], appetite: 1 },
      { id: 'threes', name: 'Children of three', count: 2, band: 'child', ages: [3, 3], needs: [], dislikes: [], appetite: 1 },
    ],
    surfaces: [
      {
        id: 'oak', name: 'Round oak', outline: { kind: 'round', diameterMm: 500 }, rimMm: 12, material: 'oak',
        serves: ['everything', 'vegan', 'halal', 'coeliac', 'tree-nut', 'children'], freeFrom: [], smallHands: false,
      },
      {
        id: 'quiet-tray', name: 'Quiet tray', outline: { kind: 'rectangle', lengthMm: 420, widthMm: 300, cornerMm: 40 }, rimMm: 12, material: 'enamel',
        serves: ['vegan', 'halal', 'coeliac', 'tree-nut'], freeFrom: ['pork', 'nuts', 'gluten', 'honey', 'alcohol'], smallHands: false,
      },
      ...['one', 'two'].map((n) => ({
        id: `small-plate-${n}`, name: `Small plate ${n}`, outline: { kind: 'round', diameterMm: 160 }, rimMm: 12, material: 'china',
        serves: ['threes'], freeFrom: [], smallHands: true,
      })),
    ],
    placements: [],
    layout: [],
    bowls: [
      { diameterMm: 80, count: 4 },
      { diameterMm: 100, count: 4 },
      { diameterMm: 120, count: 4 },
    ],
    tools: { knives: 5, spoons: 6, tongs: 4 },
    ownComponents: [],
    answers: READ.map(([componentId, fact, value, seen]) => ({ componentId, fact, value, who: 'Jory', when: TOLD_AT, seen })),
    overrulings: [],
    settled: [],
    notes: '',
  });
}
