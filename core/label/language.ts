import type { ConceptId } from './concepts.js';

/**
 * A language of labels, as data. Words are written as they are printed; accents are folded when they are compiled.
 * A phrase is words with blanks between them; `*` at a word's end takes any ending; `|` stands between phrases.
 */
export interface Language {
  id: 'en' | 'de' | 'fr' | 'it' | 'es' | 'nl' | 'pl' | 'pt';
  name: string;
  /** Letters that, of our languages, only this one prints. */
  letters?: string;
  /** Endings that any word of four letters and more may take. */
  endings: readonly string[];
  /** Words are joined without a blank: "Vollmilchpulver". */
  compounds: boolean;
  /** Letters that stand between two joined words. */
  links?: readonly string[];
  terms: Readonly<Partial<Record<ConceptId, string>>>;
  /** Plants that may be the source of flour, starch, malt or lecithin. Foods without any question, too. */
  sources: string;
  /** Other foods and additives of which every need may think what it likes. */
  foods: string;
  /** Words that say how, how much, whence, or what to do with it, and nothing of what is in it. */
  manner: string;
  /** Verbs and nouns of storing, serving and the packet: a sentence outside the list that has one names no ingredient. */
  handling: string;
  /** What may be named before (or, in `plantAfter`, after) milk, cream, cheese and butter that is of a plant. */
  plantMilk: string;
  plantButter: string;
  plantAfter: boolean;
  /** Words that may stand between the two: "lait de coco". */
  joints: string;
  /** "vegan cheese", "fromage végétal": takes the animal out of the word beside it. */
  plantMade: string;
  /** "free" after the word, "free from" before it. */
  freeAfter: string;
  /** Endings of one word that say the same: "eggless", "vetvrij". They are words of `freeAfter`, too. */
  freeEndings?: readonly string[];
  /** Beginnings that do: "bezglutenowy". */
  freeBeginnings?: readonly string[];
  heading: string;
  may: string;
  freeFrom: string;
  contains: string;
  denial: string;
  vegan: string;
  vegetarian: string;
  nutrition: string;
  /** "not suitable for" as far as the words that follow name who. */
  unsuitable: string;
}
