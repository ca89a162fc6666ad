import { z } from 'zod';
import { PIECES } from '../geometry/index.js';
import { FORM_IDS } from './forms.js';

/** The fourteen allergens that European labels must name (public allergen law). */
export const ALLERGENS = [
  'gluten',
  'crustaceans',
  'egg',
  'fish',
  'peanuts',
  'soy',
  'milk',
  'tree-nuts',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'lupin',
  'molluscs',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

/** Tree nuts by species. Coconut and pine nut stand apart: labels differ by country. */
export const NUT_SPECIES = [
  'almond',
  'hazelnut',
  'walnut',
  'cashew',
  'pecan',
  'brazil',
  'pistachio',
  'macadamia',
  'coconut',
  'pine-nut',
] as const;
export type NutSpecies = (typeof NUT_SPECIES)[number];

/** Of a plant, a fungus or a cask: what some needs leave out. `seeds` are eaten as such, `root` grows below ground. */
export const INGREDIENTS = [
  'onion',
  'garlic',
  'root',
  'mushroom',
  'seeds',
  'wine-vinegar',
  'vanilla-extract',
  'grape-product',
] as const;
export type Ingredient = (typeof INGREDIENTS)[number];

/**
 * How it was made, as far as public guidance for pregnancy and small children asks. `hard-cheese` is aged and dry;
 * `plain` is none of the others.
 */
export const PROCESSES = [
  'plain',
  'hard-cheese',
  'mould-ripened',
  'soft-blue',
  'hard-blue',
  'cured',
  'cooked-meat',
  'pink-meat',
  'pate',
  'cold-smoked',
  'cooked-fish',
  'hot-smoked',
  'salted-fish',
  'raw-fish',
  'raw-egg',
  'sprouts',
  'unknown',
] as const;
export type Process = (typeof PROCESSES)[number];

/** `low`: aged so long that little is left; many who avoid lactose eat it, nobody with a milk allergy may. */
export const LACTOSES = ['none', 'low', 'contains', 'depends', 'unknown'] as const;
/** Fish with scales and without, for those who tell them apart. */
export const FISH_KINDS = ['none', 'scaled', 'unscaled', 'depends', 'unknown'] as const;
/** `needed`: cheese, meat, gelatine and grape products, for which a supervision is asked. */
export const SUPERVISIONS = ['not-needed', 'needed', 'certified', 'unknown'] as const;

/** What of an animal may be in it. `honey` and `insects` (carmine, shellac) count here too. */
export const ANIMAL_PARTS = [
  'pork',
  'beef',
  'lamb',
  'poultry',
  'game',
  'fish',
  'shellfish',
  'animal-fat',
  'gelatine',
  'insects',
  'honey',
  'beeswax',
  'egg',
  'milk',
] as const;
export type AnimalPart = (typeof ANIMAL_PARTS)[number];

/** `brand`: depends on the brand, so the label decides. `unknown`: nobody has said. */
export const PRESENCES = ['contains', 'free', 'may', 'brand', 'unknown'] as const;
export type Presence = (typeof PRESENCES)[number];

export const RENNETS = ['none', 'animal', 'microbial', 'vegetable', 'depends', 'unknown'] as const;
export type Rennet = (typeof RENNETS)[number];

export const MILK_TREATMENTS = ['none', 'pasteurised', 'raw', 'depends', 'unknown'] as const;
export type MilkTreatment = (typeof MILK_TREATMENTS)[number];

export const GELATINES = ['none', 'pork', 'beef', 'fish', 'depends', 'unknown'] as const;
/** `needed`: meat that a halal guest may eat only with a certificate; nobody has seen one yet. */
export const SLAUGHTERS = ['no-meat', 'needed', 'certified', 'unknown'] as const;
export const OATS = ['none', 'certified', 'uncertified', 'depends', 'unknown'] as const;
export const SALT_CLASSES = ['mild', 'salty', 'very-salty', 'unknown'] as const;

export const CHOKING = ['safe', 'round', 'hard', 'chunk', 'sticky', 'unknown'] as const;
export type Choking = (typeof CHOKING)[number];

export const FAMILIES = [
  'cheese',
  'cured-meat',
  'fish',
  'plant-protein',
  'cooked',
  'vehicle',
  'fresh-fruit',
  'dried-fruit',
  'vegetable',
  'pickle',
  'nut-seed',
  'spread-dip',
  'sweet-bite',
  'garnish',
] as const;
export type Family = (typeof FAMILIES)[number];

/** What the component does in a bite. */
export const JOBS = ['body', 'vehicle', 'contrast', 'none'] as const;
export type Job = (typeof JOBS)[number];

export const TASTES = ['salt', 'sweet', 'sour', 'bitter', 'heat', 'smoke', 'richness', 'strength'] as const;
export type Taste = (typeof TASTES)[number];

export const TEXTURES = [
  'runny',
  'soft',
  'creamy',
  'crumbly',
  'semi-firm',
  'firm',
  'hard',
  'chewy',
  'juicy',
  'crunchy',
  'leafy',
] as const;
export type Texture = (typeof TEXTURES)[number];

export const MILKS = ['cow', 'goat', 'sheep', 'buffalo', 'plant', 'none'] as const;
export type Milk = (typeof MILKS)[number];

/** `perishable`: two hours in all out of the cold. `sweats`: an hour looks good. `stable`: the evening. */
export const HOLD_OUTS = ['perishable', 'sweats', 'stable', 'unknown'] as const;
export type HoldOut = (typeof HOLD_OUTS)[number];

export const SHEDS = ['crumbs', 'nut-pieces', 'seeds', 'flour'] as const;
export type Shed = (typeof SHEDS)[number];

export type { FormId } from './forms.js';

export const SOURCES = [
  'label practice',
  'public food composition data',
  'public allergen law',
  'public guidance',
  'house default',
  'stylist',
  'not known',
] as const;
export type Source = (typeof SOURCES)[number];

export const FACT_GROUPS = [
  'allergens',
  'origin',
  'nutrition',
  'choking',
  'holding',
  'taste',
  'forms',
  'season',
  'price',
] as const;
export type FactGroup = (typeof FACT_GROUPS)[number];

const presence = z.enum(PRESENCES);
const hex = z.string().regex(/^#[0-9a-f]{6}$/, 'a colour such as #d9b98a');
const per100 = z.number().min(0).max(100).nullable();
const scale5 = z.number().int().min(0).max(5);

export type ComponentId = string & z.$brand<'ComponentId'>;
export const componentIdSchema = z
  .string()
  .regex(/^[a-z0-9]+(?:-[a-z0-9]+)*$/, 'lower-case words joined by hyphens')
  .max(60)
  .brand<'ComponentId'>();

export const formFactSchema = z.strictObject({
  form: z.enum(FORM_IDS),
  piece: z.enum(PIECES),
  /** Mass of one piece as it is laid; a bowl, wheel or wedge is one piece. */
  pieceG: z.number().positive(),
  /** Drawn size of one piece from above. */
  lengthMm: z.number().positive(),
  widthMm: z.number().positive(),
  /** Piece mass ÷ the ground that it hides, as it lies among its like. */
  gPerCm2: z.number().min(0.1).max(3.2),
  heightMm: z.number().positive(),
  choking: z.enum(CHOKING),
  /** Cut with cutters: the outline of each, about its middle, and its share of the pieces. */
  outlines: z
    .array(
      z.strictObject({
        outline: z
          .array(z.tuple([z.number(), z.number()]))
          .min(3)
          .max(400),
        share: z.number().min(0).max(1),
      }),
    )
    .min(1)
    .max(40)
    .optional(),
});
export type FormFact = z.infer<typeof formFactSchema>;

const recordOf = <K extends string>(keys: readonly K[]) =>
  z.record(z.enum(keys as readonly [K, ...K[]]), presence);

/** As it is bought: grams, and what they cost in minor units of the plan's currency. */
export const packSchema = z.strictObject({
  massG: z.number().positive(),
  priceMinor: z.number().int().min(0),
});

export const componentSchema = z.strictObject({
  id: componentIdSchema,
  name: z.string().trim().min(1).max(80),
  synonyms: z.array(z.string().max(80)),
  family: z.enum(FAMILIES),
  job: z.enum(JOBS),
  /** `single`: one food, as nature or its specification makes it. `compound`: bought and mixed. */
  made: z.enum(['single', 'compound', 'home-made', 'unknown']),
  baseFood: z.string().max(80),
  ingredients: z.array(z.string().max(80)),
  allergens: recordOf(ALLERGENS),
  nuts: recordOf(NUT_SPECIES),
  animal: recordOf(ANIMAL_PARTS),
  notable: recordOf(INGREDIENTS),
  gelatineFrom: z.enum(GELATINES),
  rennet: z.enum(RENNETS),
  alcohol: presence,
  slaughter: z.enum(SLAUGHTERS),
  oats: z.enum(OATS),
  certificates: z.array(z.enum(['halal', 'kosher', 'gluten-free'])),
  milkTreatment: z.enum(MILK_TREATMENTS),
  process: z.enum(PROCESSES),
  lactose: z.enum(LACTOSES),
  fishKind: z.enum(FISH_KINDS),
  supervision: z.enum(SUPERVISIONS),
  per100g: z.strictObject({
    energyKj: z.number().min(0).max(3800).nullable(),
    proteinG: per100,
    fatG: per100,
    carbTotalG: per100,
    carbNetG: per100,
    carbTradition: z.enum(['eu', 'us', 'unknown']),
    fibreG: per100,
    polyolsG: per100,
    /** The part of the polyols that is erythritol: every school subtracts it. */
    erythritolG: per100,
    saltG: per100,
  }),
  holdOut: z.enum(HOLD_OUTS),
  /** Minutes out of the cold before serving, so that it tastes. */
  temperMin: z.number().int().min(0).max(180),
  taste: z.record(z.enum(TASTES), scale5).nullable(),
  texture: z.enum(TEXTURES),
  milk: z.enum(MILKS),
  /** Body, second (rind, skin, seeds), third (flesh, veins, crumb). */
  colours: z.tuple([hex, hex, hex]),
  sheds: z.array(z.enum(SHEDS)),
  weeps: z.boolean(),
  drips: z.boolean(),
  forms: z.array(formFactSchema).min(1),
  /** Months of its season in the northern half of the world; all twelve for what is always there. */
  seasonMonths: z.array(z.number().int().min(1).max(12)),
  packs: z.array(packSchema).min(1),
  densityGPerMl: z.number().positive().nullable(),
  /** Minutes by hand for what a recipe makes. */
  handsMin: z.number().min(0).max(2880).optional(),
  sources: z.record(z.enum(FACT_GROUPS), z.enum(SOURCES)),
  /** The label that was read, with who confirmed it: it stays with the component. */
  label: z
    .strictObject({ text: z.string().max(8000), who: z.string().max(60), when: z.string().max(20) })
    .optional(),
});
export type Component = z.infer<typeof componentSchema>;
