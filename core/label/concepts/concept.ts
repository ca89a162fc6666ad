import type { Process } from '../../catalogue/index.js';
import type { Facts } from '../stated.js';

/** What a word on a label stands for, whatever the language. Each language says in its own file how it is called. */
export interface Concept {
  facts: Facts;
  /** What has to be asked; what the facts leave open ("brand", "depends") stays open until somebody answers. */
  open?: string;
  /**
   * Who answers the question on the label itself: a plant named beside it, any ingredient in brackets after it, or the
   * animal that is named with it, which then says all.
   */
  namedBy?: 'source' | 'any' | 'animal';
  /** What it leaves open has to be named in a list of ingredients: it is asked of a bare word only. */
  namedByLaw?: true;
  /** Stands for something only beside another food. */
  besideFood?: true;
  /** Facts that fall where a plant without gluten is named as its source: rice malt, maize pasta. */
  sourced?: true;
  /** May be made of plants, when one is named before it: oat milk, cocoa butter. */
  head?: 'milk' | 'cream' | 'butter' | 'cheese';
  /** How a food with this in it was made; `unknown` where public guidance asks and the word does not tell. */
  process?: Process;
}
