import { areaOf, type Polygon } from '../geometry/index.js';
import type { Said } from '../words/index.js';
import { enclosing } from './enclosing.js';

/** Millimetres of wall that hold, all round (craft, section 8). */
export const LEAST_WALL_MM = 10;
/** Jam: grams of a millilitre (craft, section 8). */
const JAM_G_PER_ML = 1.3;
/** A whole bloomy wheel: 110 by 30 mm weigh about 250 g (craft, section 8). */
const WHEEL_G_PER_ML = 0.88;
/** The lid is a quarter to a third of the wheel; this of it where nothing is said. */
const LID_SHARE = 0.3;
export const LEAST_LID_SHARE = 0.25;
export const MOST_LID_SHARE = 1 / 3;
/** Thirty to forty minutes firm 250 g (craft, section 8); more takes as much longer as it is thicker (house default: 2/3 power). */
const FIRM_G = 250;
const [FIRM_FROM_MIN, FIRM_TO_MIN] = [30, 40];
/** Beyond so many times its longest firming it is no longer firm but frozen (house default). */
const FROZEN = 1.6;

export interface Wheel {
  diameterMm: number;
  heightMm: number;
  /** As its label says; by its size without. */
  massG?: number;
}

export interface Opening {
  fits: boolean;
  /** Of rind and paste around the opening, at its narrowest. */
  wallMm: number;
  /** Degrees: a round wheel takes the cutter at any. */
  angle: number;
  /** Where the cutter's middle goes, from the middle of the wheel, so that the wall is as wide as it can be. */
  at: readonly [x: number, y: number];
  /** The larger measure of the largest cutter of this outline that leaves the wall, for one of `acrossMm`. */
  largestMm: number;
  lidMm: number;
  fillMl: number;
  fillG: number;
  massG: number;
  /** Minutes in the freezer until it cuts cleanly: from, to; and from when on it is frozen. */
  firmMinutes: number;
  firmToMin: number;
  frozenMin: number;
  why: Said;
}

const tenths = (v: number): number => Math.round(v * 10) / 10;
/** A wall is never said to be wider than it is. */
const atLeast = (v: number): number => Math.floor(v * 10 + 1e-9) / 10;

/**
 * A window in the lid of a soft wheel. The cutter sits where its smallest enclosing circle is in the middle: no other place
 * leaves more wall. `acrossMm` is the cutter's own size.
 */
export function windowIn(wheel: Wheel, outline: Polygon, acrossMm: number, lidMm?: number): Opening {
  const circle = enclosing(outline);
  const half = wheel.diameterMm / 2;
  const wall = half - circle.radius;
  const lid = lidMm ?? wheel.heightMm * LID_SHARE;
  const massG = wheel.massG ?? ((Math.PI * half * half * wheel.heightMm) / 1000) * WHEEL_G_PER_ML;
  const longer = Math.max(0.25, (massG / FIRM_G) ** (2 / 3));
  const fillMl = (areaOf(outline) * lid) / 1000;
  const share = lid / wheel.heightMm;
  const largestMm = acrossMm * Math.max(0, (half - LEAST_WALL_MM) / circle.radius);
  const good = share >= LEAST_LID_SHARE - 1e-9 && share <= MOST_LID_SHARE + 1e-9;
  const fits = wall >= LEAST_WALL_MM - 1e-9;
  return {
    fits,
    wallMm: atLeast(wall),
    angle: 0,
    at: [-circle.at[0], -circle.at[1]],
    largestMm: Math.floor(largestMm * 10) / 10,
    lidMm: tenths(lid),
    fillMl: tenths(fillMl),
    fillG: Math.round(fillMl * JAM_G_PER_ML),
    massG: Math.round(massG),
    firmMinutes: Math.round(FIRM_FROM_MIN * longer),
    firmToMin: Math.round(FIRM_TO_MIN * longer),
    frozenMin: Math.round(FIRM_TO_MIN * longer * FROZEN),
    why: !fits
      ? {
          say: 'opening.no-wall',
          with: { wall: { mm: Math.floor(wall + 1e-9) }, least: { mm: LEAST_WALL_MM } },
        }
      : good
        ? { say: 'opening.fits', with: { wall: { mm: Math.floor(wall + 1e-9) } } }
        : {
            say: 'opening.lid',
            with: {
              lid: { mm: tenths(lid) },
              from: { mm: tenths(wheel.heightMm * LEAST_LID_SHARE) },
              to: { mm: tenths(wheel.heightMm * MOST_LID_SHARE) },
            },
          },
  };
}

/** How a wheel is after so many minutes in the freezer: too soft, right for cutting, or frozen, which turns it mealy. */
export const firmness = ({ firmMinutes, frozenMin }: Opening, minutes: number): 'soft' | 'right' | 'frozen' =>
  minutes < firmMinutes ? 'soft' : minutes <= frozenMin ? 'right' : 'frozen';
