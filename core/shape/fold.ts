import { FORMS, type Component } from '../catalogue/index.js';

/** What one does with a slice; its advance is the length on the board that each slice adds. */
interface FoldKind {
  /** Of round slices, or of long ones. */
  of: 'round' | 'long';
  /** Length on the board for each slice, as a share of the slice's diameter or length. */
  advance: number;
  /** How wide it lies across, and how high it stands, as shares. */
  wide: number;
  high: number;
  source: 'craft, section 8' | 'house default';
  /** Its steps by the ids of their words and pictures, five or fewer. */
  steps: readonly FoldStep[];
}

export const FOLD_STEPS = [
  'lay-flat',
  'half',
  'quarter',
  'stand-row',
  'lap-row',
  'point-in',
  'nest',
  'cone',
  'roll',
  'pleat',
  'drop',
  'pinch',
  'wind',
  'rim',
  'second-round',
  'turn-out',
  'ring-in-cup',
  'heart',
  'set',
] as const;
export type FoldStep = (typeof FOLD_STEPS)[number];

/** Every fold that lies along a line. Advances of chain, ribbon and river: craft, section 8; the others are house defaults. */
const ALONG = {
  'half-fold': row('round', 0.25, 1, 0.18, ['lay-flat', 'half', 'lap-row']),
  'quarter-fold': row('round', 0.13, 0.5, 0.5, ['lay-flat', 'half', 'quarter', 'stand-row']),
  border: row('round', 0.35, 0.5, 0.25, ['lay-flat', 'half', 'quarter', 'point-in']),
  chain: row('round', 0.35, 0.5, 0.3, ['lay-flat', 'half', 'quarter', 'nest'], 'craft, section 8'),
  cone: row('round', 0.45, 0.6, 0.4, ['lay-flat', 'cone', 'set']),
  roll: row('round', 0.22, 1, 0.2, ['lay-flat', 'roll', 'set']),
  ribbon: row('long', 0.3, 0.2, 0.15, ['lay-flat', 'pleat', 'set'], 'craft, section 8'),
  river: row('long', 0.3, 0.25, 0.2, ['lay-flat', 'drop', 'pleat', 'set'], 'craft, section 8'),
  'pinched-fan': row('long', 0.35, 0.4, 0.15, ['lay-flat', 'pleat', 'pinch', 'set']),
  wrap: row('long', 0.18, 0.9, 0.14, ['lay-flat', 'wind', 'set']),
} as const;

function row(
  of: FoldKind['of'],
  advance: number,
  wide: number,
  high: number,
  steps: readonly FoldStep[],
  source: FoldKind['source'] = 'house default',
): FoldKind {
  return { of, advance, wide, high, steps, source };
}

/** Roses are wound over or into something; they are counted by their rings. */
const ROSES = {
  'rose-over-glass': { steps: ['half', 'rim', 'second-round', 'turn-out'] },
  'rose-in-cup': { steps: ['ring-in-cup', 'half', 'heart', 'set'] },
} as const satisfies Record<string, { steps: readonly FoldStep[] }>;

export type FoldId = keyof typeof ALONG | keyof typeof ROSES;
export const FOLD_IDS = [...Object.keys(ALONG), ...Object.keys(ROSES)] as FoldId[];

export const isRose = (kind: FoldId): kind is keyof typeof ROSES => kind in ROSES;
export const isOfLong = (kind: FoldId): boolean => !isRose(kind) && ALONG[kind].of === 'long';
export const stepsOfFold = (kind: FoldId): readonly FoldStep[] =>
  isRose(kind) ? ROSES[kind].steps : ALONG[kind].steps;

/** Each half-folded slice covers 40 to 50 % of the last one; two rounds make a rose over a glass, three a full one. */
const ROSE_LAP = 0.45;
const ROSE_ROUNDS = 2;
/** The heart of a rose in a cup: so many slices lapped in a row, folded along it and rolled (house default). */
const HEART_SLICES = 4;
/** A rose takes so many minutes, a fold so many (`FORMS`). */
const ROSE_MIN = FORMS.rose.pieceMin!;
const FOLD_MIN = FORMS['quarter-folds'].pieceMin!;

export interface SliceToFold {
  /** The diameter of a round slice, or the length of a long one. Millimetres. */
  lengthMm: number;
  /** How wide a long slice is; a third of its length without. */
  widthMm?: number;
  thicknessMm: number;
  gPerMl: number;
  /** The mouth of the glass or cup that a rose is made with. */
  mouthMm?: number;
}

export interface Folded {
  slices: number;
  grams: number;
  /** Length on the board of a row, diameter of a rose; of several roses side by side. */
  lengthMm: number;
  heightMm: number;
  /** Roses where they are made, else 1. */
  count: number;
  minutes: number;
}

/** What is known of the three: the others follow. */
export type FoldAsked = { slices: number } | { lengthMm: number } | { grams: number };

const MOUTH_MM = 60;
const LONG_WIDTH = 1 / 3;

/** Grams of one slice. */
export function gramsOfSlice(kind: FoldId, { lengthMm, widthMm, thicknessMm, gPerMl }: SliceToFold): number {
  const areaMm2 = isOfLong(kind)
    ? lengthMm * (widthMm ?? lengthMm * LONG_WIDTH)
    : (Math.PI * lengthMm ** 2) / 4;
  return ((areaMm2 * thicknessMm) / 1000) * gPerMl;
}

/** Slices that a rose takes: rings of π × mouth ÷ (slice × (1 − lap)) (craft, section 8). */
export function slicesOfRose(kind: keyof typeof ROSES, slice: SliceToFold): number {
  const ring = (Math.PI * (slice.mouthMm ?? MOUTH_MM)) / (slice.lengthMm * (1 - ROSE_LAP));
  return kind === 'rose-over-glass' ? Math.round(ring * ROSE_ROUNDS) : Math.round(ring) + HEART_SLICES;
}

/** Slices, grams and the room that they take, from whichever of the three is known. */
export function folded(kind: FoldId, slice: SliceToFold, asked: FoldAsked): Folded {
  const each = gramsOfSlice(kind, slice);
  return isRose(kind) ? roses(kind, slice, asked, each) : along(ALONG[kind], slice, asked, each);
}

function along(kind: FoldKind, slice: SliceToFold, asked: FoldAsked, each: number): Folded {
  const advance = kind.advance * slice.lengthMm;
  // the last one lies as wide as it is
  const last = kind.wide * slice.lengthMm;
  const slices =
    'slices' in asked
      ? asked.slices
      : 'grams' in asked
        ? Math.floor(asked.grams / each + 1e-9)
        : Math.max(1, Math.ceil((asked.lengthMm - last) / advance - 1e-9) + 1);
  return {
    slices,
    grams: slices * each,
    lengthMm: slices === 0 ? 0 : (slices - 1) * advance + last,
    heightMm: kind.high * slice.lengthMm,
    count: 1,
    minutes: slices * FOLD_MIN,
  };
}

function roses(kind: keyof typeof ROSES, slice: SliceToFold, asked: FoldAsked, each: number): Folded {
  const perRose = slicesOfRose(kind, slice);
  const across = (slice.mouthMm ?? MOUTH_MM) + slice.lengthMm * 0.3;
  const fit =
    'slices' in asked
      ? asked.slices / perRose
      : 'grams' in asked
        ? asked.grams / each / perRose
        : asked.lengthMm / across;
  const count = Math.floor(fit + 1e-9);
  return {
    slices: count * perRose,
    grams: count * perRose * each,
    lengthMm: count * across,
    heightMm: slice.lengthMm / 2,
    count,
    minutes: count * ROSE_MIN,
  };
}

/** How a food takes folding: its catalogue serves it folded, it cracks, or nobody has said. */
export function foldsWell({ forms, family, texture }: Component): 'folds' | 'cracks' | 'not known' {
  const folds = new Set(['quarter-folds', 'chain', 'cones', 'rose', 'ribbon', 'leaves']);
  if (forms.some(({ form }) => folds.has(form))) return 'folds';
  if (texture === 'hard' || texture === 'crumbly' || texture === 'firm') return 'cracks';
  return family === 'cheese' && texture === 'semi-firm' ? 'folds' : 'not known';
}
