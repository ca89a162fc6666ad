import type { ComponentId } from '../catalogue/index.js';
import type { CutSlice } from '../plan/index.js';
import { bodyOf, type Body } from './survive.js';

/** The slice that a shop or a knife gives, and how thick it is cut. */
export interface UsualSlice {
  slice: CutSlice;
  thicknessMm: number;
  source: 'house default';
}

const disc = (diameterMm: number): CutSlice => ({ shape: 'disc', diameterMm });
const rect = (lengthMm: number, widthMm: number): CutSlice => ({ shape: 'rect', lengthMm, widthMm });
const oval = (lengthMm: number, widthMm: number): CutSlice => ({ shape: 'oval', lengthMm, widthMm });

type Row = readonly [slice: CutSlice, thicknessMm: number];

/** Shapes are cut from slices of 5 to 7 mm, meat is sliced thin (craft, section 8); the faces are middle ones of shops. */
const BY_BODY: Readonly<Record<Body, Row>> = {
  firm: [rect(110, 80), 6],
  'semi-soft': [rect(100, 80), 7],
  meat: [disc(90), 2],
  crisp: [disc(70), 6],
  bread: [{ shape: 'loaf', widthMm: 120, heightMm: 100 }, 12],
};

const BY_FOOD: Readonly<Record<string, Row>> = {
  'young-gouda': [disc(110), 6],
  edam: [disc(120), 6],
  provolone: [disc(100), 6],
  'smoked-scamorza': [disc(80), 7],
  'herb-tofu': [rect(90, 65), 8],
  'smoked-tofu': [rect(90, 65), 8],
  'cooked-ham': [oval(150, 110), 2],
  'turkey-breast': [oval(130, 90), 2],
  'halal-turkey': [oval(130, 90), 2],
  mortadella: [disc(150), 2],
  melon: [disc(120), 10],
  honeydew: [disc(130), 10],
  watermelon: [disc(180), 12],
  papaya: [oval(120, 80), 10],
  cucumber: [disc(45), 6],
  'pepper-strips': [rect(75, 55), 6],
  'roast-beetroot': [disc(70), 5],
  'dark-rye-bread': [rect(95, 95), 8],
  flatbread: [disc(200), 4],
};

/** A food that nobody has cut with cutters yet comes as a firm block. */
export function usualSliceOf(id: ComponentId): UsualSlice {
  const [slice, thicknessMm] = BY_FOOD[id] ?? BY_BODY[bodyOf(id) ?? 'firm'];
  return { slice, thicknessMm, source: 'house default' };
}
