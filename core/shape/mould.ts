import type { Component } from '../catalogue/index.js';

/** A mould: its cavities, what one holds, how deep it is, and whether it has limbs that snap. Our own; house defaults. */
export interface Mould {
  id: string;
  name: string;
  cavities: number;
  /** Millilitres of one cavity. */
  ml: number;
  depthMm: number;
  /** Ears, points or arms narrower than its depth. */
  limbs: boolean;
  /** The cutter whose outline its cavities have. */
  outline: string;
}

const mould = (
  id: string,
  name: string,
  cavities: number,
  ml: number,
  depthMm: number,
  outline: string,
  limbs = false,
): Mould => ({
  id,
  name,
  cavities,
  ml,
  depthMm,
  outline,
  limbs,
});

export const MOULDS: readonly Mould[] = [
  mould('star-tray', 'Star tray', 3, 22, 16, 'star', true),
  mould('half-ball', 'Half balls', 6, 17, 20, 'disc'),
  mould('large-half-ball', 'Large half ball', 1, 134, 40, 'disc'),
  mould('heart-tray', 'Heart tray', 8, 9, 14, 'heart'),
  mould('moon-tray', 'Moon tray', 6, 7, 12, 'crescent', true),
  mould('leaf-tray', 'Leaf tray', 6, 8, 10, 'leaf'),
  mould('flower-tray', 'Flower tray', 6, 14, 15, 'flower-5'),
  mould('shell-tray', 'Shell tray', 9, 10, 13, 'shell'),
  mould('fish-tray', 'Fish tray', 4, 18, 15, 'fish', true),
  mould('bear-tray', 'Bear tray', 4, 20, 18, 'bear', true),
  mould('hare-tray', 'Hare tray', 4, 19, 17, 'hare', true),
  mould('brick-tray', 'Small bricks', 10, 8, 15, 'oblong'),
  mould('dome', 'Dome for a bowl', 1, 600, 70, 'disc'),
];

export const mouldById = (id: string): Mould | undefined => MOULDS.find((known) => known.id === id);

/** One of the stylist's own, of which the volume was measured with water. */
export const ownMould = (name: string, cavities: number, ml: number, depthMm: number): Mould =>
  mould('own', name, cavities, ml, depthMm, 'disc');

/** How a food behaves when it is warmed for a mould. */
export type Melt =
  | 'smooth'
  | 'grainy'
  | 'oils-off'
  | 'stays-whole'
  | 'varies'
  | 'chocolate'
  | 'butter'
  | 'jelly'
  | 'not-known';

/** Craft, section 8: moist, fatty, not too aged melts smoothly; these do not melt; aged hard cheese oils off. */
const MELTS: Readonly<Record<Exclude<Melt, 'not-known' | 'varies'>, readonly string[]>> = {
  smooth: [
    'young-gouda',
    'mature-cheddar',
    'edam',
    'fontina',
    'raclette',
    'maasdam',
    'havarti',
    'provolone',
    'emmental',
    'gruyere',
    'red-leicester',
    'cumin-gouda',
    'pepper-jack',
    'smoked-cheese',
  ],
  grainy: ['string-cheese', 'cheese-curds', 'smoked-scamorza', 'comte', 'manchego', 'goat-gouda'],
  'oils-off': ['parmigiano', 'grana-padano', 'pecorino-romano', 'aged-gouda', 'mimolette', 'asiago'],
  'stays-whole': [
    'halloumi',
    'paneer',
    'feta',
    'ricotta',
    'cottage-cheese',
    'goat-log',
    'goat-button',
    'goat-ash-pyramid',
    'tofu-feta',
    'almond-feta',
  ],
  chocolate: [
    'dark-chocolate',
    'milk-chocolate',
    'white-chocolate',
    'vegan-dark-chocolate',
    'free-from-chocolate',
    'nut-free-milk-chocolate',
  ],
  butter: ['butter', 'herb-butter'],
  jelly: ['pepper-jelly', 'wine-jelly', 'quince-paste'],
};

const MELT_OF: ReadonlyMap<string, Melt> = new Map(
  (Object.keys(MELTS) as (keyof typeof MELTS)[]).flatMap((melt) =>
    MELTS[melt].map((id) => [id, melt] as const),
  ),
);

export const meltOf = ({ id, family, milk }: Pick<Component, 'id' | 'family' | 'milk'>): Melt =>
  MELT_OF.get(id) ?? (family === 'cheese' && milk === 'plant' ? 'varies' : 'not-known');

/** What may go into a mould: only what melts smoothly, chocolate and butter are promised; what varies is tried first. */
export const suitsMould = (melt: Melt): 'yes' | 'try-first' | 'no' =>
  melt === 'smooth' || melt === 'chocolate' || melt === 'butter' || melt === 'jelly'
    ? 'yes'
    : melt === 'varies' || melt === 'grainy' || melt === 'not-known'
      ? 'try-first'
      : 'no';

/** Grams of a millilitre when set (craft, section 8; butter and jelly: house default). */
const G_PER_ML: Partial<Record<Melt, number>> = { chocolate: 1.3, butter: 0.95, jelly: 1.3 };
const CHEESE_G_PER_ML = 1.05;
/** So much stays in the pan (craft, section 8). */
const LEFT_IN_PAN = 0.05;

/** What can go wrong, by the id of its words; the first of them can hurt somebody. */
export type MouldRisk =
  | 'hot'
  | 'no-plastic-on-heat'
  | 'stop-at-65'
  | 'from-the-block'
  | 'too-much-grease'
  | 'limbs-snap'
  | 'freezing-turns-mealy'
  | 'temper-it'
  | 'try-one-first'
  | 'dip-to-turn-out'
  | 'does-not-melt'
  | 'oils-off';

export interface Filled {
  fills: number;
  pieces: number;
  gramsEach: number;
  /** What is melted, with what stays in the pan. */
  batchG: number;
  melt: Melt;
  suits: ReturnType<typeof suitsMould>;
  handsMin: number;
  waitMin: number;
  /** The freezer holds the shape of what is deep or has limbs; else the cold does. */
  freezer: boolean;
  risks: MouldRisk[];
}

/** Deeper than this a cavity lets go of its piece only when it is very cold (house default). */
const DEEP_MM = 15;
/** Minutes (craft, section 8): a quarter of an hour of greasing and melting, cooled 20 to 30, chilled 30 to 60, or 15 to 20 frozen. */
const GREASE_MELT_MIN = 12;
const FILL_MIN = 0.5;
const UNMOULD_MIN = 0.5;
const COOL_MIN = 25;
const CHILL_MIN = 45;
const FREEZE_MIN = 18;
/** Jelly sets in the cold (house default). */
const SET_MIN = 120;

/** So many pieces of a food from a mould: fills, grams with the loss, minutes, and what can go wrong. */
export function filled(mould: Mould, food: Pick<Component, 'id' | 'family' | 'milk'>, count: number): Filled {
  const melt = meltOf(food);
  const gramsEach = mould.ml * (G_PER_ML[melt] ?? CHEESE_G_PER_ML);
  const fills = Math.ceil(count / mould.cavities);
  const freezer = melt !== 'chocolate' && melt !== 'jelly' && (mould.limbs || mould.depthMm > DEEP_MM);
  return {
    fills,
    pieces: fills * mould.cavities,
    gramsEach,
    batchG: count * gramsEach * (1 + LEFT_IN_PAN),
    melt,
    suits: suitsMould(melt),
    handsMin: fills * GREASE_MELT_MIN + count * (FILL_MIN + UNMOULD_MIN),
    waitMin: fills * (COOL_MIN + (melt === 'jelly' ? SET_MIN : freezer ? FREEZE_MIN : CHILL_MIN)),
    freezer,
    risks: risksOf(mould, melt, freezer),
  };
}

const CHEESE_CARE: readonly MouldRisk[] = ['stop-at-65', 'from-the-block', 'too-much-grease'];
const CARE: Partial<Record<Melt, readonly MouldRisk[]>> = {
  chocolate: ['temper-it'],
  butter: [],
  jelly: ['dip-to-turn-out'],
};

function risksOf({ limbs }: Mould, melt: Melt, freezer: boolean): MouldRisk[] {
  if (melt === 'stays-whole') return ['does-not-melt'];
  if (melt === 'oils-off') return ['oils-off', 'hot'];
  const warm: MouldRisk[] = melt === 'butter' ? [] : ['hot', 'no-plastic-on-heat'];
  return [
    ...warm,
    ...(CARE[melt] ?? CHEESE_CARE),
    ...(suitsMould(melt) === 'try-first' ? (['try-one-first'] as const) : []),
    ...(limbs && melt !== 'jelly' ? (['limbs-snap'] as const) : []),
    ...(freezer ? (['freezing-turns-mealy'] as const) : []),
  ];
}

/** How many pieces come from so many grams, say of offcuts. */
export const piecesFrom = (
  mould: Mould,
  food: Pick<Component, 'id' | 'family' | 'milk'>,
  grams: number,
): number =>
  Math.floor(grams / ((1 + LEFT_IN_PAN) * mould.ml * (G_PER_ML[meltOf(food)] ?? CHEESE_G_PER_ML)) + 1e-9);
