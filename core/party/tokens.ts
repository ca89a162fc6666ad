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
    // of an animal it is one thing with what follows, of anybody else two words
    .replace(/\b(goat|sheep|ewe|buffalo)'?s'?(?=\s+(?:milk|cheese|yog|butter|curd))/g, '$1')
    .replace(/\bw\/o\b/g, 'without');

/** Words of any alphabet: what nobody here can read must still be told, or a guest would eat everything. */
const TOKEN = new RegExp(`[\\p{L}\\p{M}]+(?:-[\\p{L}\\p{M}]+)*|[${FOOD_PICTURES}]|\\d+|[&+/,]`, 'gu');

/** The words of a part, in lower case and without accents, with what is shortened in speech spelled out. */
export const tokensOf = (text: string): string[] => plain(text).match(TOKEN) ?? [];
