import {
  ALLERGENS,
  ANIMAL_PARTS,
  INGREDIENTS,
  NUT_SPECIES,
  TASTES,
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
import { notInTrade, tracesInTrade } from './trade.js';
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
  /** Home-made, with something in it that a maker has mixed: an allergen that is not named depends on that label. */
  mix?: true;
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
  cooked: 'body',
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
  return Object.fromEntries(keys.map((key) => [key, but?.[key] ?? value])) as Record<K, Presence>;
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
  cooked: {
    animal: ['animal-fat', 'egg', 'milk', 'honey', 'insects', 'fish'],
    also: ['onion', 'garlic', 'root', 'mushroom', 'seeds', 'wine-vinegar', 'grape-product'],
    alcohol: true,
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
  Object.fromEntries(keys.map((key) => [key, 'brand'])) as Partial<Record<K, Presence>>;

/** Does a label decide what is not named? */
const isOpen = (entry: Entry) => isBought(entry.is) || entry.mix === true;

const hides = (family: Family, entry: Entry) =>
  isBought(entry.is) && !entry.pure ? HIDES[family] : undefined;

function animalOf(family: Family, entry: Entry): Record<AnimalPart, Presence> {
  const base: Partial<Record<AnimalPart, Presence>> =
    entry.is === 'plain-cheese' ? { milk: 'contains' } : hidden(hides(family, entry)?.animal ?? []);
  return all(ANIMAL_PARTS, 'free', { ...base, ...entry.animal });
}

const COUNTED_NUTS = NUT_SPECIES.filter((nut) => nut !== 'coconut' && nut !== 'pine-nut');

/**
 * What is said of tree nuts speaks of all that the law counts: "free from nuts" of each, traces of each. Where a home-made
 * food has one kind, the others lay beside it at its packer's.
 */
function nutsOf(entry: Entry, said: Presence | undefined): Record<NutSpecies, Presence> {
  const each = said === 'contains' ? 'brand' : said;
  const counted = each && (each === 'free' || !isOpen(entry)) ? COUNTED_NUTS : [];
  return all(NUT_SPECIES, isOpen(entry) ? 'brand' : 'free', {
    ...Object.fromEntries(counted.map((nut) => [nut, each])),
    ...entry.nuts,
  });
}

function ofTheWater(family: Family, entry: Entry): Partial<Record<Allergen, Presence>> {
  const says = entry.animal?.fish ?? entry.animal?.shellfish ?? 'free';
  if (!isOpen(entry) || entry.water || says !== 'free') return {};
  return Object.fromEntries(notInTrade(family).map((allergen) => [allergen, 'free']));
}

function allergensOf(family: Family, entry: Entry): Record<Allergen, Presence> {
  const base: Partial<Record<Allergen, Presence>> = entry.is === 'plain-cheese' ? { milk: 'contains' } : {};
  if (!isOpen(entry) && entry.is !== 'home-made') Object.assign(base, tracesInTrade(family));
  // peanuts are packed where nuts are
  if (entry.is === 'home-made' && entry.allergens?.['tree-nuts'] === 'contains') base.peanuts = 'brand';
  return all(ALLERGENS, isOpen(entry) ? 'brand' : 'free', {
    ...base,
    ...ofTheWater(family, entry),
    ...entry.allergens,
  });
}

function notableOf(family: Family, entry: Entry): Record<Ingredient, Presence> {
  const named = Object.fromEntries((entry.has ?? []).map((i) => [i, 'contains' as const]));
  return all(INGREDIENTS, 'free', { ...hidden(hides(family, entry)?.also ?? []), ...named });
}

const KJ_PER_KCAL = 4.184;

const DRY = ['hard', 'firm'];

/** Aged pressed cheese keeps little lactose and is the one that guidance allows; everything else says so itself. */
function processOf(family: Family, entry: Entry): Component['process'] {
  if (entry.process) return entry.process;
  if (family === 'cured-meat') return 'cured';
  return family === 'cheese' && entry.milk !== 'plant' && DRY.includes(entry.texture)
    ? 'hard-cheese'
    : 'plain';
}

/** Whose milk is at most a trace holds no lactose to speak of. Of meat it is no trace: lactose is a usual part of it. */
function lactoseOf(family: Family, entry: Entry, milk: Presence, ofMilk: Presence): Component['lactose'] {
  if (entry.lactose) return entry.lactose;
  const isTrace = ofMilk === 'free' && milk !== 'contains' && family !== 'cured-meat';
  if (milk === 'free' || isTrace) return 'none';
  if (milk !== 'contains') return 'depends';
  return family === 'cheese' && DRY.includes(entry.texture) ? 'low' : 'contains';
}

function supervisionOf(entry: Entry): Component['supervision'] {
  const asked =
    (entry.slaughter ?? 'no-meat') !== 'no-meat' ||
    entry.animal?.gelatine === 'contains' ||
    entry.has?.includes('grape-product') ||
    entry.is === 'plain-cheese' ||
    (entry.rennet ?? 'none') !== 'none';
  return asked ? 'needed' : 'not-needed';
}

/** Bread and crackers with whole seeds or bits of nut (public guidance on choking); soft bread with them, too. */
const hasKernels = (family: Family, { has, sheds }: Entry): boolean =>
  family === 'vehicle' && (has?.includes('seeds') === true || sheds?.includes('nut-pieces') === true);

function formOf(row: FormRow, kernels: boolean): FormFact {
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
    choking: other?.choke ?? (kernels ? 'hard' : usual.choking),
  };
}

/** What takes folding in quarters goes into a chain and into cones as well; it is proposed in its own forms, which stand first. */
function foldedToo(rows: readonly FormRow[]): readonly FormRow[] {
  const quarters = rows.find(([form]) => form === 'quarter-folds');
  if (!quarters) return rows;
  const [, , g, long, wide] = quarters;
  return [
    ...rows,
    ['chain', 'nested-fold', g, long, wide + 2],
    ['cones', 'cone', g, long + 4, Math.round(wide * 0.84)],
  ];
}

const round1 = (n: number) => Math.round(n * 10) / 10;

const NO_TASTE = Object.fromEntries(TASTES.map((taste) => [taste, 0])) as Component['taste'] & object;

const MADE: Record<Guarantee, Component['made']> = {
  plant: 'single',
  'plain-cheese': 'single',
  'plain-meat': 'single',
  bought: 'compound',
  'bought-meat': 'compound',
  'home-made': 'home-made',
};

/** Nutrition of 100 g as European labels say it: carbohydrate without fibre. */
function nutritionOf(entry: Entry): Component['per100g'] {
  const [proteinG, fatG, carbNetG, fibreG, saltG, polyolsG = 0] = entry.per100;
  return {
    energyKj: Math.round(entry.kcal * KJ_PER_KCAL),
    proteinG,
    fatG,
    carbTotalG: round1(carbNetG + fibreG),
    carbNetG,
    carbTradition: 'eu',
    fibreG,
    polyolsG,
    erythritolG: polyolsG,
    saltG,
  };
}

/** Where each group of its facts is from. */
const sourcesOf = (entry: Entry): Component['sources'] => ({
  allergens: entry.is === 'plant' || entry.is === 'plain-cheese' ? 'public allergen law' : 'label practice',
  origin: 'label practice',
  nutrition: 'public food composition data',
  choking: 'public guidance',
  holding: 'public guidance',
  taste: 'house default',
  forms: 'house default',
  season: 'house default',
  price: 'house default',
});

/**
 * A row becomes a component with every fact written out. The types hold its words; ranges and what hangs together are
 * the schema's, which a test asks of every row once, rather than each page and worker whenever it starts.
 */
export function component(family: Family, entry: Entry): Component {
  const allergens = allergensOf(family, entry);
  const animal = animalOf(family, entry);
  return {
    id: entry.id as Component['id'],
    name: entry.name,
    synonyms: entry.also ?? [],
    family,
    job: entry.job ?? JOB_OF[family],
    made: MADE[entry.is],
    baseFood: entry.base ?? entry.name.toLowerCase(),
    ingredients: entry.of ?? [],
    allergens,
    nuts: nutsOf(entry, allergens['tree-nuts']),
    animal,
    notable: notableOf(family, entry),
    gelatineFrom: entry.gelatine ?? 'none',
    rennet: entry.rennet ?? 'none',
    alcohol: entry.alcohol ?? (hides(family, entry)?.alcohol ? 'brand' : 'free'),
    slaughter: entry.slaughter ?? 'no-meat',
    oats: entry.oats ?? 'none',
    certificates: [...(entry.needs ?? [])],
    milkTreatment: entry.milkTreatment ?? 'none',
    process: processOf(family, entry),
    lactose: lactoseOf(family, entry, allergens.milk, animal.milk),
    fishKind: entry.fishKind ?? 'none',
    supervision: supervisionOf(entry),
    per100g: nutritionOf(entry),
    holdOut: entry.hold ?? 'stable',
    temperMin: entry.temper ?? 0,
    taste: { ...NO_TASTE, ...entry.taste },
    texture: entry.texture,
    milk: entry.milk ?? 'none',
    colours: [...entry.colours],
    sheds: entry.sheds ?? [],
    weeps: entry.weeps ?? false,
    drips: entry.drips ?? false,
    forms: foldedToo(entry.forms).map((row) => formOf(row, hasKernels(family, entry))),
    seasonMonths: [...(entry.season ?? ALL_YEAR)],
    packs: entry.packs.map(([massG, priceMinor]) => ({ massG, priceMinor })),
    densityGPerMl: entry.density ?? null,
    sources: sourcesOf(entry),
  };
}
