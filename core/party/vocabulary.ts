import type { Said as Message } from '../words/index.js';
import type { NeedChoice, Strictness } from './group.js';

/** A word that a party line may use for a need; the need packs bring them. */
export interface NeedWord {
  word: string;
  need: NeedChoice;
  label: string;
  /** The word is of a food that they leave out, not of the need itself. */
  leftOut?: boolean;
  /** What the need leaves out is one kind of food, or all that somebody is allergic to; without, it is a way of eating. */
  leaves?: 'one food' | 'an allergen';
  /** It can be kept strictly about animal rennet. */
  knowsRennet?: boolean;
  /** It can be kept apart from what would carry to it. */
  knowsContact?: boolean;
}

/** What one phrase about some guests was taken for. */
export interface Phrase {
  text: string;
  says: Message;
  kind: 'need' | 'rule' | 'dislike' | 'like' | 'unread';
}

/** What is said about the guests of one part. */
export interface Said {
  needs: (NeedWord & { strictness?: Strictness })[];
  dislikes: string[];
  phrases: Phrase[];
  unread: string[];
}

export interface Vocabulary {
  words: readonly NeedWord[];
  /** Does a food of the catalogue go by this name? Only then can a rule be made of it. */
  isFood: (text: string) => boolean;
}

/** A need's own word ("vegan", "nut free"), and no food that it leaves out: nobody means a food by it. */
export const isWayOfEating = ({ word, leftOut, leaves }: NeedWord, { isFood }: Vocabulary): boolean =>
  !leftOut && !(leaves !== undefined && /^[a-z]+$/.test(word) && isFood(word));

/** Needs of a diet, not of one food: "vegan" ends a list of foods, "egg" does not. */
export const isDiet = (word: NeedWord): boolean => word.leaves === undefined;

/** "Without" them is meant as an allergy until told otherwise. */
export const isAllergy = (word: NeedWord): boolean => word.leaves === 'an allergen';
