import type { FactKey } from '../core/catalogue/index.js';
import {
  EMPTY_DAY,
  EMPTY_OFFER,
  PLAN_VERSION,
  planSchema,
  type HandRecord,
  type Plan,
} from '../core/plan/index.js';

/** Labels and papers that the made-up stylist has read, and what they said. */
const READ: readonly (readonly [component: string, fact: FactKey, value: string, seen: string])[] = [
  ['buckwheat-crisps', 'allergen.tree-nuts', 'free', 'label: no nuts in the bakery'],
  ['corn-crackers', 'allergen.tree-nuts', 'free', 'label: no nuts in the bakery'],
  ['corn-crackers', 'animal.milk', 'free', 'label: maize, sunflower oil, salt'],
  ['corn-crackers', 'allergen.milk', 'free', 'label: maize, sunflower oil, salt'],
  ['brie', 'rennet', 'microbial', 'label: microbial rennet'],
  ['aged-gouda', 'rennet', 'microbial', 'label: microbial rennet'],
  ['blue-wedge', 'rennet', 'microbial', 'label: microbial rennet'],
  ['halloumi', 'rennet', 'microbial', 'label: microbial rennet'],
  ['goat-log', 'rennet', 'microbial', 'label: microbial rennet'],
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
  ['seed-crackers', 'allergen.tree-nuts', 'free', 'label: no nuts'],
  ['baguette-toasts', 'allergen.tree-nuts', 'free', 'label: no nuts'],
  ...(
    [
      'animal.milk',
      'allergen.milk',
      'animal.egg',
      'allergen.egg',
      'animal.fish',
      'allergen.fish',
      'allergen.crustaceans',
      'allergen.molluscs',
      'animal.animal-fat',
      'animal.honey',
      'animal.insects',
      'alcohol',
    ] as const
  ).map((fact) => ['baguette-toasts', fact, 'free', 'label: wheat, oil, yeast, salt'] as const),
];

const TOLD_AT = '2027-05-08T10:00';

/** Members who help: the day before in the evening, and on the day until it opens. */
const helper = (id: string, name: string, from: string, daysBefore = 1): HandRecord => ({
  id,
  name,
  from,
  till: '21:00',
  daysBefore,
  sharp: true,
  fine: true,
});
const HANDS = [
  helper('runa', 'Runa', '14:00'),
  helper('edda', 'Edda', '17:00'),
  helper('piet', 'Piet', '19:00', 0),
];

const OCCASION = {
  name: 'Comet Watch',
  host: 'hilltop observatory club',
  start: '2027-05-15T22:00',
  durationMin: 150,
  place: 'the terrace of the dome',
  where: 'outdoors',
  airTempC: 9,
  role: 'drinks',
  kind: 'drinks',
  otherDishes: 6,
  carMin: 20,
  buildMin: 40,
  hemisphere: 'north',
  theme: {
    name: 'Comet and crescent',
    palette: ['#e2362f', '#efb53c', '#46589a'],
    motifs: ['crescent', 'comet'],
    region: '',
    mood: 'abundant',
  },
};

/** Groups of the club: who they are, how many, and what they need. */
const adults = (id: string, name: string, count: number, need?: string) => ({
  id,
  name,
  count,
  band: 'adult',
  ages: [],
  needs: need ? [{ id: need, settings: {} }] : [],
  dislikes: [],
  appetite: 1,
});
const children = (id: string, name: string, ages: readonly number[]) => ({
  ...adults(id, name, ages.length),
  band: 'child',
  ages,
});
const PARTY = [
  adults('everything', 'Eat everything', 11),
  adults('vegan', 'Vegan', 6, 'vegan'),
  adults('halal', 'Halal', 3, 'halal'),
  adults('coeliac', 'Coeliac', 2, 'gluten-free'),
  adults('tree-nut', 'Tree-nut allergy', 1, 'tree-nut-free'),
  children('children', 'Children, 6 to 10', [6, 8, 10]),
  children('threes', 'Children of three', [3, 3]),
];

const SURFACES = [
  {
    id: 'oak',
    name: 'Round oak',
    outline: { kind: 'round', diameterMm: 530 },
    rimMm: 12,
    material: 'oak',
    inPlace: true,
    serves: ['everything', 'vegan', 'halal', 'coeliac', 'tree-nut', 'children'],
    freeFrom: [],
    smallHands: false,
  },
  {
    id: 'quiet-tray',
    name: 'Quiet tray',
    outline: { kind: 'rectangle', lengthMm: 310, widthMm: 250, cornerMm: 40 },
    rimMm: 12,
    material: 'enamel',
    serves: ['vegan', 'halal', 'coeliac', 'tree-nut'],
    freeFrom: ['pork', 'nuts', 'gluten', 'honey', 'alcohol'],
    smallHands: false,
  },
  ...['one', 'two'].map((name) => ({
    id: `small-plate-${name}`,
    name: `Small plate ${name}`,
    outline: { kind: 'round', diameterMm: 160 },
    rimMm: 12,
    material: 'china',
    serves: ['threes'],
    freeFrom: [],
    smallHands: true,
  })),
];

/**
 * The brief of Comet Watch: a made-up observatory club looks for a comet from its hill. Nothing is chosen or laid
 * here; the composer and the layout do that from the seed.
 */
export function cometWatchBrief(): Plan {
  return planSchema.parse({
    format: 'round-plate.plan',
    version: PLAN_VERSION,
    id: 'comet-watch',
    occasion: OCCASION,
    budgetMinor: null,
    currency: 'EUR',
    school: 'by-family',
    ownSchool: null,
    pastBoards: [],
    pantry: [],
    prices: [],
    recipes: [],
    work: { minutes: null, helpers: 0 },
    day: { ...EMPTY_DAY, hands: HANDS },
    offer: EMPTY_OFFER,
    policy: 'looked-after',
    wishes: {
      pinned: ['brie', 'aged-gouda', 'blue-wedge', 'mature-cheddar', 'strawberries', 'salami'],
      excluded: [],
      star: null,
      lately: [],
      levers: { bolder: 0, colour: 0, cheaper: 0, lessWork: 0, season: 0 },
    },
    seed: 34,
    party: PARTY,
    surfaces: SURFACES,
    placements: [],
    layout: [],
    cuts: [],
    motifs: [],
    bowls: [
      { diameterMm: 80, count: 4 },
      { diameterMm: 100, count: 4 },
      { diameterMm: 120, count: 4 },
      { diameterMm: 220, count: 2 },
    ],
    tools: { knives: 5, spoons: 6, tongs: 4 },
    ownComponents: [],
    answers: READ.flatMap(([componentId, fact, value, seen]) =>
      // these labels name pine nuts too, which "tree nuts" does not cover everywhere
      (fact === 'allergen.tree-nuts' ? [fact, 'nut.pine-nut'] : [fact]).map((f) => ({
        componentId,
        fact: f,
        value,
        who: 'Jory',
        when: TOLD_AT,
        seen,
      })),
    ),
    overrulings: [],
    settled: [],
    prep: { freeFromFirst: true, freshGloves: true },
    notes: '',
  });
}
