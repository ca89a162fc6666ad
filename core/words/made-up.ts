import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { printAST } from '@formatjs/icu-messageformat-parser/printer.js';
import { EN } from './data/en/index.js';
import type { WordFile } from './speak.js';

/** A third longer, as other languages are. */
const LONGER = 1 / 3;
const accented = (text: string): string =>
  text.replace(
    /[A-Za-z]+/g,
    (word) =>
      word.replace(/./g, (letter) => `${letter}\u0301`) + 'o\u0301'.repeat(Math.round(word.length * LONGER)),
  );

function madeOf(elements: readonly MessageFormatElement[]): MessageFormatElement[] {
  return elements.map((element) => {
    if (element.type === TYPE.literal) return { ...element, value: accented(element.value) };
    if (element.type !== TYPE.plural && element.type !== TYPE.select) return element;
    const options = Object.entries(element.options).map(([key, option]) => [
      key,
      { ...option, value: madeOf(option.value) },
    ]);
    return { ...element, options: Object.fromEntries(options) } as MessageFormatElement;
  });
}

/**
 * A message in a language that nobody speaks: each letter of its words has an accent, and every word is a third longer.
 * What stands on a screen without accents does not come from a word file; what is cut off would be cut off elsewhere too.
 */
export const madeUp = (message: string): string => printAST(madeOf(parse(message, { ignoreTag: true })));

export const MADE_UP: WordFile = Object.fromEntries(
  Object.entries(EN).map(([id, message]) => [id, madeUp(message)]),
) as WordFile;
