import { idOf } from '../measure/index.js';
import {
  ALLERGENS,
  ANIMAL_PARTS,
  FACT_GROUPS,
  INGREDIENTS,
  NUT_SPECIES,
  componentSchema,
  type Component,
  type Family,
  type FormId,
} from './facts.js';
import type { Piece } from '../geometry/index.js';
import { FORMS } from './forms.js';
import type { FormRow } from './entry.js';

/** The plainest form of each family, so that an unknown food can be laid and drawn. */
const PLAIN_FORM: Record<Family, readonly [FormId, Piece, number, number, number]> = {
  cheese: ['cubes', 'cube', 6, 18, 18],
  'cured-meat': ['quarter-folds', 'quarter-fold', 6, 42, 36],
  fish: ['ribbon', 'ribbon', 14, 60, 34],
  'plant-protein': ['cubes', 'cube', 7, 18, 18],
  cooked: ['chunks', 'chunk', 12, 28, 24],
  vehicle: ['fan', 'square-cracker', 5, 52, 46],
  'fresh-fruit': ['scatter', 'berry', 4, 20, 20],
  'dried-fruit': ['scatter', 'dried', 8, 30, 26],
  vegetable: ['sticks', 'stick', 8, 76, 12],
  pickle: ['scatter', 'olive', 4, 22, 17],
  'nut-seed': ['scatter', 'nut', 1.2, 24, 13],
  'spread-dip': ['bowl', 'bowl', 150, 98, 98],
  'sweet-bite': ['chunks', 'chunk', 6, 22, 18],
  garnish: ['sprig', 'leaf', 1, 40, 24],
};

const same = <K extends string, V>(keys: readonly K[], value: V) =>
  Object.fromEntries(keys.map((key) => [key, value])) as Record<K, V>;

/** The plainest form of a family as a row of the data files; whether one can choke on it nobody has said. */
export const plainForm = (family: Family): FormRow => [...PLAIN_FORM[family], { choke: 'unknown' }];

/** Words become an id: "Aunt's chutney" → "own-aunts-chutney". */
export const ownId = (name: string): string => `own-${idOf(name, 50, 'component')}`;

/** Every fact that a need may ask for, unknown. */
const NOTHING_SAID = {
  allergens: same(ALLERGENS, 'unknown'),
  nuts: same(NUT_SPECIES, 'unknown'),
  animal: same(ANIMAL_PARTS, 'unknown'),
  notable: same(INGREDIENTS, 'unknown'),
  gelatineFrom: 'unknown',
  rennet: 'unknown',
  alcohol: 'unknown',
  slaughter: 'unknown',
  oats: 'unknown',
  certificates: [],
  milkTreatment: 'unknown',
  process: 'unknown',
  lactose: 'unknown',
  fishKind: 'unknown',
  supervision: 'unknown',
};
const NOT_WEIGHED = {
  energyKj: null,
  proteinG: null,
  fatG: null,
  carbTotalG: null,
  carbNetG: null,
  carbTradition: 'unknown',
  fibreG: null,
  polyolsG: null,
  erythritolG: null,
  saltG: null,
};

/** A component of which only name and family are known. Every other fact is unknown, so every need asks. */
export function ownComponent(name: string, family: Family, id = ownId(name)): Component {
  const [form, piece, pieceG, lengthMm, widthMm] = PLAIN_FORM[family];
  return componentSchema.parse({
    id,
    name,
    synonyms: [],
    family,
    job:
      family === 'garnish' ? 'none' : family === 'vehicle' ? 'vehicle' : isBody(family) ? 'body' : 'contrast',
    made: 'unknown',
    baseFood: '',
    ingredients: [],
    ...NOTHING_SAID,
    per100g: NOT_WEIGHED,
    holdOut: 'unknown',
    temperMin: 0,
    taste: null,
    texture: 'firm',
    milk: 'none',
    colours: ['#cbb187', '#8f7547', '#e6d3ae'],
    sheds: [],
    weeps: false,
    drips: false,
    forms: [
      {
        form,
        piece,
        pieceG,
        lengthMm,
        widthMm,
        gPerCm2: FORMS[form].gPerCm2,
        heightMm: FORMS[form].heightMm,
        choking: 'unknown',
      },
    ],
    seasonMonths: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    packs: [{ massG: 200, priceMinor: 0 }],
    densityGPerMl: null,
    sources: same(FACT_GROUPS, 'not known'),
  });
}

const isBody = (family: Family) =>
  family === 'cheese' ||
  family === 'cured-meat' ||
  family === 'fish' ||
  family === 'plant-protein' ||
  family === 'spread-dip';
