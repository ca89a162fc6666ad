import type { Piece } from '../../geometry/index.js';
import type { Recipe } from '../brush.js';
import { bagel, crescent, macaron, pancake, roll, sandwich, shell, tart, waffle } from './baked.js';
import { bowl } from './bowl.js';
import { breadstick, roundCracker, squareCracker, stick, strip, toast } from './bread.js';
import { chunk, cube, log, shred, wedge, wheel } from './cheese.js';
import { boat, bow, eggHalf, potatoHalf, skewer, swirl } from './cooked.js';
import { cutOut, word } from './cut-out.js';
import { flower, leaf, sprig } from './herbs.js';
import { floret, nut, popped, ridgedNut, seedPinch } from './nuts.js';
import { bit, gherkin, pod, smear } from './pickles.js';
import { citrus, coin, fanSlice, quarter, raggedCrisp, ring, starSlice } from './slices.js';
import { cone, halfMoon, longSlice, nestedFold, quarterFold, ribbon, rose, roundSlice } from './meat.js';
import {
  berry,
  cherry,
  dried,
  drupelet,
  grape,
  halfFruit,
  olive,
  roundBall,
  strawberry,
  tomato,
} from './round.js';

/** One recipe for each kind of piece; none stands in for another. */
export const RECIPES: Record<Piece, Recipe> = {
  wheel,
  wedge,
  log,
  bowl,
  cube,
  chunk,
  'round-slice': roundSlice,
  'long-slice': longSlice,
  'quarter-fold': quarterFold,
  'nested-fold': nestedFold,
  cone,
  rose,
  ribbon,
  grape,
  cherry,
  berry,
  drupelet,
  strawberry,
  'square-cracker': squareCracker,
  'round-cracker': roundCracker,
  toast,
  breadstick,
  stick,
  nut,
  'ridged-nut': ridgedNut,
  'seed-pinch': seedPinch,
  popped,
  floret,
  macaron,
  'potato-half': potatoHalf,
  dried,
  tomato,
  olive,
  gherkin,
  ring,
  coin,
  'star-slice': starSlice,
  'ragged-crisp': raggedCrisp,
  'fan-slice': fanSlice,
  citrus,
  'half-fruit': halfFruit,
  ball: roundBall,
  leaf,
  sprig,
  flower,
  quarter,
  strip,
  'half-moon': halfMoon,
  shred,
  bit,
  smear,
  pod,
  'egg-half': eggHalf,
  bow,
  swirl,
  tart,
  sandwich,
  boat,
  skewer,
  roll,
  crescent,
  bagel,
  pancake,
  waffle,
  shell,
  'cut-out': cutOut,
  word,
};
