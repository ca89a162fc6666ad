import {
  ALLERGENS,
  ANIMAL_PARTS,
  INGREDIENTS,
  NUT_SPECIES,
  TASTES,
  componentSchema,
  type Allergen,
  type AnimalPart,
  type Choking,
  type Component,
  type Family,
  type FormFact,
  type FormId,
  type Ingredient,
  type Job,
  type NutSpecies,
  type Presence,
  type Taste,
} from './facts.js';
import type { Piece } from '../geometry/index.js';
import { FORMS } from './forms.js';

/** How much the kind of product alone guarantees, before anybody has read a label. */
export type Guarantee =
  /** One plant food: nothing of an animal and no allergen but those named. */
  | 'plant'
  /** Milk, salt, cultures and rennet, by specification or common practice. */
  | 'plain-cheese'
  /** One piece of meat or fish, salted or smoked, nothing else. */
  | 'plain-meat'
  /** Mixed by a maker: every allergen that is not named depends on the brand. */
  | 'bought'
  /** Mixed from meat by a maker. */
  | 'bought-meat'
  /** Mixed in the stylist's own kitchen from the ingredients named. */
  | 'home-made';

/** One row of the data files. Short keys keep a page readable; everything left out has the family's usual value. */
export interface Entry {
  id: string;
  name: string;
  also?: string[];
  base?: string;
  of?: string[];
  is: Guarantee;
  allergens?: Partial<Record<Allergen, Presence>>;
  nuts?: Partial<Record<NutSpecies, Presence>>;
  animal?: Partial<Record<AnimalPart, Presence>>;
  gelatine?: Component['gelatineFrom'];
  rennet?: Component['rennet'];
  alcohol?: Presence;
  slaughter?: Component['slaughter'];
  oats?: Component['oats'];
  needs?: Readonly<Component['certificates']>;
  milkTreatment?: Component['milkTreatment'];
  /** Bought, but by common practice with nothing of an animal, alcohol, onion … that is not named here. Allergens stay open. */
  pure?: boolean;
  /** What of onion, garlic, roots … is in it. */
  has?: readonly Ingredient[];
  process?: Component['process'];
  lactose?: Component['lactose'];
  /** Of the water, or made with something that is: its label is asked for fish and shellfish. */
  water?: true;
  fishKind?: Component['fishKind'];
  /** Kilocalories in 100 g as tables and labels give them, apart from the parts: the two are compared by a test. */
  kcal: number;
  /** Protein, fat, net carbohydrate with polyols, fibre, salt, polyols (all erythritol): grams in 100 g. */
  per100: readonly [number, number, number, number, number, number?];
  hold?: Component['holdOut'];
  temper?: number;
  taste: Partial<Record<Taste, number>>;
  texture: Component['texture'];
  milk?: Component['milk'];
  colours: readonly [string, string, string];
  sheds?: Component['sheds'];
  weeps?: boolean;
  drips?: boolean;
  job?: Job;
  forms: readonly FormRow[];
  season?: readonly number[];
  /** Mass in grams and price in cents. */
  packs: readonly (readonly [number, number])[];
  density?: number;
}

/** Form, piece, grams a piece, length and width in mm, and where it differs: g/cm², choking shape. */
export type FormRow = readonly [FormId, Piece, number, number, number, { g?: number; choke?: Choking }?];

const ALL_YEAR = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12];

const JOB_OF: Record<Family, Job> = {
  cheese: 'body',
  'cured-meat': 'body',
  fish: 'body',
  'plant-protein': 'body',
  vehicle: 'vehicle',
  'fresh-fruit': 'contrast',
  'dried-fruit': 'contrast',
  vegetable: 'contrast',
  pickle: 'contrast',
  'nut-seed': 'contrast',
  'spread-dip': 'body',
  'sweet-bite': 'contrast',
  garnish: 'none',
};

function all<K extends string>(keys: readonly K[], value: Presence, but?: Partial<Record<K, Presence>>) {
  return Object.fromEntries(keys.map((k) => [k, but?.[k] ?? value])) as Record<K, Presence>;
}

const isBought = (is: Guarantee) => is === 'bought' || is === 'bought-meat';

/**
 * What a bought mix of a family may hide beside what it names. What nobody puts into such food is left out here, so that
 * no label is asked about fish in a pretzel; allergens stay open in every bought mix.
 */
const HIDES: Record<
  Family,
  { animal: readonly AnimalPart[]; also: readonly Ingredient[]; alcohol: boolean }
> = {
  cheese: {
    animal: ['animal-fat', 'egg', 'insects'],
    also: ['onion', 'garlic', 'mushroom', 'seeds'],
    alcohol: false,
  },
  'cured-meat': {
    animal: ['animal-fat', 'egg', 'milk', 'honey', 'insects', 'fish'],
    also: ['onion', 'garlic', 'wine-vinegar', 'grape-product'],
    alcohol: true,
  },
  fish: {
    animal: ['animal-fat', 'egg', 'milk', 'honey', 'insects'],
    also: ['onion', 'garlic', 'wine-vinegar', 'grape-product'],
    alcohol: true,
  },
  'plant-protein': {
    animal: ['egg', 'milk', 'insects'],
    also: ['onion', 'garlic', 'root', 'mushroom', 'seeds', 'wine-vinegar', 'grape-product'],
    alcohol: false,
  },
  vehicle: {
    animal: ['animal-fat', 'egg', 'milk', 'honey'],
    also: ['onion', 'garlic', 'root', 'seeds'],
    alcohol: false,
  },
  'fresh-fruit': { animal: ['insects', 'beeswax'], also: [], alcohol: false },
  'dried-fruit': { animal: ['honey'], also: [], alcohol: false },
  vegetable: { animal: [], also: [], alcohol: false },
  pickle: {
    animal: [],
    also: ['onion', 'garlic', 'root', 'mushroom', 'seeds', 'wine-vinegar', 'grape-product'],
    alcohol: false,
  },
  'nut-seed': { animal: ['honey', 'milk', 'insects'], also: ['onion', 'garlic', 'seeds'], alcohol: false },
  'spread-dip': {
    animal: ['animal-fat', 'honey', 'egg', 'milk', 'fish', 'insects'],
    also: [
      'onion',
      'garlic',
      'root',
      'mushroom',
      'seeds',
      'wine-vinegar',
      'grape-product',
      'vanilla-extract',
    ],
    alcohol: true,
  },
  'sweet-bite': {
    animal: ['animal-fat', 'honey', 'egg', 'milk', 'insects', 'beeswax'],
    also: ['seeds', 'grape-product', 'vanilla-extract'],
    alcohol: true,
  },
  garnish: { animal: [], also: [], alcohol: false },
};

const hidden = <K extends string>(keys: readonly K[]) =>
  Object.fromEntries(keys.map((k) => [k, 'brand'])) as Partial<Record<K, Presence>>;

const hides = (family: Family, e: Entry) => (isBought(e.is) && !e.pure ? HIDES[family] : undefined);

function animalOf(family: Family, e: Entry): Record<AnimalPart, Presence> {
  const base: Partial<Record<AnimalPart, Presence>> =
    e.is === 'plain-cheese' ? { milk: 'contains' } : hidden(hides(family, e)?.animal ?? []);
  return all(ANIMAL_PARTS, 'free', { ...base, ...e.animal });
}

function nutsOf(e: Entry): Record<NutSpecies, Presence> {
  return all(NUT_SPECIES, isBought(e.is) ? 'brand' : 'free', e.nuts);
}

/**
 * Families whose bought food holds no fish by trade practice: bread, dried fruit, vegetables in brine, cheese, nuts. What
 * does (kimchi with fish sauce, olives with anchovy, crackers with seaweed) says so itself.
 */
const WITHOUT_FISH: ReadonlySet<Family> = new Set(['vehicle', 'dried-fruit', 'pickle', 'cheese', 'nut-seed']);
/** And no shellfish; sweets may be set with gelatine of fish, but of nothing that has a shell. */
const WITHOUT_SHELLFISH: ReadonlySet<Family> = new Set([...WITHOUT_FISH, 'sweet-bite']);

/** Allergens of the water that a bought food of this family is free from by trade practice. */
export const notInTrade = (family: Family): readonly Allergen[] => [
  ...(WITHOUT_FISH.has(family) ? (['fish'] as const) : []),
  ...(WITHOUT_SHELLFISH.has(family) ? (['crustaceans', 'molluscs'] as const) : []),
];

function ofTheWater(family: Family, e: Entry): Partial<Record<Allergen, Presence>> {
  const says = e.animal?.fish ?? e.animal?.shellfish ?? 'free';
  if (!isBought(e.is) || e.water || says !== 'free') return {};
  return Object.fromEntries(notInTrade(family).map((a) => [a, 'free']));
}

function allergensOf(family: Family, e: Entry): Record<Allergen, Presence> {
  const base: Partial<Record<Allergen, Presence>> = e.is === 'plain-cheese' ? { milk: 'contains' } : {};
  return all(ALLERGENS, isBought(e.is) ? 'brand' : 'free', {
    ...base,
    ...ofTheWater(family, e),
    ...e.allergens,
  });
}

function notableOf(family: Family, e: Entry): Record<Ingredient, Presence> {
  const named = Object.fromEntries((e.has ?? []).map((i) => [i, 'contains' as const]));
  return all(INGREDIENTS, 'free', { ...hidden(hides(family, e)?.also ?? []), ...named });
}

const KJ_PER_KCAL = 4.184;

const DRY = ['hard', 'firm'];

/** Aged pressed cheese keeps little lactose and is the one that guidance allows; everything else says so itself. */
function processOf(family: Family, e: Entry): Component['process'] {
  if (e.process) return e.process;
  if (family === 'cured-meat') return 'cured';
  return family === 'cheese' && e.milk !== 'plant' && DRY.includes(e.texture) ? 'hard-cheese' : 'plain';
}

/** Whose milk is at most a trace holds no lactose to speak of. */
function lactoseOf(family: Family, e: Entry, milk: Presence, ofMilk: Presence): Component['lactose'] {
  if (e.lactose) return e.lactose;
  if (milk === 'free' || (ofMilk === 'free' && milk !== 'contains')) return 'none';
  if (milk !== 'contains') return 'depends';
  return family === 'cheese' && DRY.includes(e.texture) ? 'low' : 'contains';
}

function supervisionOf(e: Entry): Component['supervision'] {
  const asked =
    (e.slaughter ?? 'no-meat') !== 'no-meat' ||
    e.animal?.gelatine === 'contains' ||
    e.has?.includes('grape-product') ||
    e.is === 'plain-cheese' ||
    (e.rennet ?? 'none') !== 'none';
  return asked ? 'needed' : 'not-needed';
}

function formOf(row: FormRow): FormFact {
  const [form, piece, pieceG, lengthMm, widthMm, other] = row;
  const usual = FORMS[form];
  return {
    form,
    piece,
    pieceG,
    lengthMm,
    widthMm,
    gPerCm2: other?.g ?? usual.gPerCm2,
    heightMm: usual.heightMm,
    choking: other?.choke ?? usual.choking,
  };
}

const round1 = (n: number) => Math.round(n * 10) / 10;

const MADE: Record<Guarantee, Component['made']> = {
  plant: 'single',
  'plain-cheese': 'single',
  'plain-meat': 'single',
  bought: 'compound',
  'bought-meat': 'compound',
  'home-made': 'home-made',
};

/** A row becomes a component with every fact written out; a row that is wrong throws at load. */
export function component(family: Family, e: Entry): Component {
  const [proteinG, fatG, carbNetG, fibreG, saltG, polyolsG = 0] = e.per100;
  const allergens = allergensOf(family, e);
  const animal = animalOf(family, e);
  return componentSchema.parse({
    id: e.id,
    name: e.name,
    synonyms: e.also ?? [],
    family,
    job: e.job ?? JOB_OF[family],
    made: MADE[e.is],
    baseFood: e.base ?? e.name.toLowerCase(),
    ingredients: e.of ?? [],
    allergens,
    nuts: nutsOf(e),
    animal,
    notable: notableOf(family, e),
    gelatineFrom: e.gelatine ?? 'none',
    rennet: e.rennet ?? 'none',
    alcohol: e.alcohol ?? (hides(family, e)?.alcohol ? 'brand' : 'free'),
    slaughter: e.slaughter ?? 'no-meat',
    oats: e.oats ?? 'none',
    certificates: [...(e.needs ?? [])],
    milkTreatment: e.milkTreatment ?? 'none',
    process: processOf(family, e),
    lactose: lactoseOf(family, e, allergens.milk, animal.milk),
    fishKind: e.fishKind ?? 'none',
    supervision: supervisionOf(e),
    per100g: {
      energyKj: Math.round(e.kcal * KJ_PER_KCAL),
      proteinG,
      fatG,
      carbTotalG: round1(carbNetG + fibreG),
      carbNetG,
      carbTradition: 'eu',
      fibreG,
      polyolsG,
      erythritolG: polyolsG,
      saltG,
    },
    holdOut: e.hold ?? 'stable',
    temperMin: e.temper ?? 0,
    taste: Object.fromEntries(TASTES.map((t) => [t, e.taste[t] ?? 0])),
    texture: e.texture,
    milk: e.milk ?? 'none',
    colours: e.colours,
    sheds: e.sheds ?? [],
    weeps: e.weeps ?? false,
    drips: e.drips ?? false,
    forms: e.forms.map(formOf),
    seasonMonths: [...(e.season ?? ALL_YEAR)],
    packs: e.packs.map(([massG, priceMinor]) => ({ massG, priceMinor })),
    densityGPerMl: e.density ?? null,
    sources: {
      allergens: e.is === 'plant' || e.is === 'plain-cheese' ? 'public allergen law' : 'label practice',
      origin: 'label practice',
      nutrition: 'public food composition data',
      choking: 'public guidance',
      holding: 'public guidance',
      taste: 'house default',
      forms: 'house default',
      season: 'house default',
      price: 'house default',
    },
  });
}
