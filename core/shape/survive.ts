import { CATALOGUE, type Component, type ComponentId } from '../catalogue/index.js';
import type { Neck } from './neck.js';

/** How a slice takes a cutter. */
export type Body = 'firm' | 'semi-soft' | 'meat' | 'crisp' | 'bread';

/** The narrowest neck that holds, in millimetres (craft, section 8; bread as a semi-soft slice: house default). */
export const LEAST_NECK_MM: Readonly<Record<Body, number>> = {
  firm: 3,
  'semi-soft': 5,
  meat: 6,
  crisp: 4,
  bread: 5,
};

/**
 * Foods that are cut with cutters. Craft, section 8, names young to medium gouda, cheddar, edam, provolone, havarti,
 * emmental, manchego, firm tofu, cured sausage slices, melon, cucumber, beetroot, bell pepper, bread, tortilla; the others
 * of each row are as firm as those (house default: nobody has tried them for us). What is not here is not promised to hold.
 */
const BODIES: Readonly<Record<Body, readonly string[]>> = {
  firm: [
    'young-gouda',
    'mature-cheddar',
    'edam',
    'provolone',
    'havarti',
    'emmental',
    'manchego',
    'gruyere',
    'comte',
    'maasdam',
    'goat-gouda',
    'red-leicester',
    'herb-tofu',
    'smoked-tofu',
  ],
  'semi-soft': [
    'fontina',
    'raclette',
    'cumin-gouda',
    'pepper-jack',
    'smoked-cheese',
    'smoked-scamorza',
    'coconut-block',
    'plant-smoked-slices',
    'paneer',
    'halloumi',
  ],
  meat: [
    'cooked-ham',
    'turkey-breast',
    'mortadella',
    'salami',
    'beef-salami',
    'turkey-salami',
    'halal-beef-salami',
    'halal-turkey',
    'plant-salami',
    'plant-ham',
  ],
  crisp: [
    'melon',
    'watermelon',
    'honeydew',
    'cucumber',
    'pepper-strips',
    'kohlrabi',
    'daikon',
    'roast-beetroot',
    'papaya',
  ],
  bread: ['sourdough-slices', 'dark-rye-bread', 'flatbread'],
};

const BODY_OF: ReadonlyMap<string, Body> = new Map(
  (Object.keys(BODIES) as Body[]).flatMap((body) => BODIES[body].map((id) => [id, body] as const)),
);

/** Every food that takes cutters. */
export const BODY_IDS: readonly string[] = [...BODY_OF.keys()];

/** How a food takes a cutter; undefined where nothing says that it does: it crumbles, smears, or nobody has tried. */
export const bodyOf = (id: ComponentId): Body | undefined => BODY_OF.get(id);

export interface Survival {
  /** `unfit`: this food is not cut with cutters. `breaks`: the neck is too narrow. */
  verdict: 'holds' | 'breaks' | 'unfit';
  needsMm: number | undefined;
  /** So many times as large the cutter would hold; 1 where it does. */
  larger: number | undefined;
  /** Is a tip so thin that it may stay in the cutter or break off on the board? */
  frailTip: boolean;
}

/** A tip holds at one end only; three millimetres in it is at least this share of a neck (house default). */
const TIP_OF_NECK = 0.5;

/** Does a cut of this outline stay whole in this food? As a share of the cutter's size, how much larger it would have to be. */
export function survives({ neckMm, tipMm }: Neck, id: ComponentId): Survival {
  const body = bodyOf(id);
  if (!body) return { verdict: 'unfit', needsMm: undefined, larger: undefined, frailTip: false };
  const needsMm = LEAST_NECK_MM[body];
  return {
    verdict: neckMm >= needsMm ? 'holds' : 'breaks',
    needsMm,
    larger: Math.max(1, needsMm / neckMm),
    frailTip: tipMm < needsMm * TIP_OF_NECK,
  };
}

/** Foods of a larder that would take this outline as it is. */
export const takenBy = (neck: Neck, larder: readonly Component[] = CATALOGUE): Component[] =>
  larder.filter(({ id }) => survives(neck, id).verdict === 'holds');
