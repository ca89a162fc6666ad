import { dutch } from './dutch.js';
import { english } from './english.js';
import { french } from './french.js';
import { german } from './german.js';
import { italian } from './italian.js';
import type { Language } from './language.js';
import { polish } from './polish.js';
import { portuguese } from './portuguese.js';
import { spanish } from './spanish.js';

/** The languages of labels, English first: it decides where two know as much of a text. */
export const LANGUAGES: readonly Language[] = [
  english,
  german,
  french,
  italian,
  spanish,
  dutch,
  polish,
  portuguese,
];
export type { Language } from './language.js';
