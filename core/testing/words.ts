import {
  factCells,
  remedyEffect,
  remedyLabel,
  textOf,
  whyOf,
  type Fact,
  type Finding,
  type Remedy,
} from '../check/index.js';
import { ENGLISH, speak, type Said } from '../words/index.js';

/** As the slip says it, in English and grams. */
export const text = (f: Finding): string => textOf(f, ENGLISH);
export const why = (f: Finding): string => whyOf(f, ENGLISH);
export const label = (r: Remedy): string => remedyLabel(r, ENGLISH);
export const effect = (r: Remedy): string => remedyEffect(r, ENGLISH);
export const said = (s: Said): string => speak(s, ENGLISH);
export const valueOf = (f: Fact): string => factCells(f, ENGLISH).value;
