import { dutch } from './data/dutch.js';
import { english } from './data/english.js';
import { french } from './data/french.js';
import { german } from './data/german.js';
import { italian } from './data/italian.js';
import type { Language } from './language.js';
import { polish } from './data/polish.js';
import { portuguese } from './data/portuguese.js';
import { spanish } from './data/spanish.js';

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
