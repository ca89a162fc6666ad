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
export const text = (finding: Finding): string => textOf(finding, ENGLISH);
export const why = (finding: Finding): string => whyOf(finding, ENGLISH);
export const label = (remedy: Remedy): string => remedyLabel(remedy, ENGLISH);
export const effect = (remedy: Remedy): string => remedyEffect(remedy, ENGLISH);
export const said = (said: Said): string => speak(said, ENGLISH);
export const valueOf = (fact: Fact): string => factCells(fact, ENGLISH).value;
