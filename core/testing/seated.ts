import { isFoodWord, NEED_WORDS } from '../needs/index.js';
import { readParty, type PartyRead } from '../party/index.js';

/** A party line as the application reads it. */
export const readLine = (text: string): PartyRead => readParty(text, NEED_WORDS, isFoodWord);

/** Each group as it is seated: how many, of what ages, what they need and leave out. */
export const seated = (text: string): string[] =>
  readLine(text).groups.map(({ count, ages, band, needs, dislikes }) =>
    [
      count,
      ...(band === 'child' ? [`(${ages.join(' ') || '?'})`] : []),
      ...needs.map(({ id }) => id),
      ...dislikes.map((food) => `-${food}`),
    ].join(' '),
  );
