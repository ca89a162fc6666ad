import { FOOD_PICTURES } from '../measure/index.js';

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[’‘`´]/g, "'")
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .normalize('NFC')
    .replace(/\bcan(?:'?t|not)\b/g, 'can not')
    .replace(
      /\b(do|does|did|is|are|wo|should|must)n'?t\b/g,
      (_all, value: string) => `${value === 'wo' ? 'will' : value} not`,
    )
    .replace(/\bw\/o\b/g, 'without');

/** Words of any alphabet: what nobody here can read must still be told, or a guest would eat everything. */
const TOKEN = new RegExp(`[\\p{L}\\p{M}]+(?:-[\\p{L}\\p{M}]+)*|[${FOOD_PICTURES}]|\\d+|[&+/,]`, 'gu');

/** The words of a part, in lower case and without accents, with what is shortened in speech spelled out. */
export const tokensOf = (text: string): string[] => plain(text).match(TOKEN) ?? [];
