import type { WordFile } from '../../core/words/index.js';

/** What speaks: a sentence of the interface for an English one, the core's words, and how numbers and plurals go. */
export interface Language {
  /** A BCP 47 tag. */
  locale: string;
  sentence(english: string): string;
  /** The word file of the core in this language. */
  words(english: WordFile): WordFile;
}

export const ENGLISH_UI: Language = {
  locale: 'en',
  sentence: (english) => english,
  words: (english) => english,
};
