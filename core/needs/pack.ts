import type { FactKey, Source } from '../catalogue/index.js';

/**
 * A rule looks at one fact. A value listed as forbidden or ask says so; every other value is fine. A pack has at
 * most one rule in force for a fact, so that "what all possible values agree on" can be worked out rule by rule.
 */
export interface Rule {
  fact: FactKey;
  /** In force only while the setting has one of these values (or, for a list, holds one of them). */
  when?: { setting: string; is: readonly string[] };
  forbidden?: readonly string[];
  ask?: readonly string[];
  /** The reason as a guest would say it, with "it" for the food. */
  why: string;
  source: Source;
}

export interface Setting {
  id: string;
  name: string;
  values: readonly { id: string; name: string }[];
  default: string;
  /** Several values joined by commas may hold at once. */
  list?: boolean;
}

/** Which foods make the ones beside them unsafe, and how near is too near. */
export interface Contact {
  reach: 'same-surface';
  carriers: readonly { fact: FactKey; values: readonly string[] }[];
  /** What travels, in words. */
  what: string;
}

export type RimPattern =
  'plain' | 'strokes' | 'diamonds' | 'rays' | 'dots' | 'scallop' | 'wide-scallop' | 'waves';

export interface NeedPack {
  id: string;
  name: string;
  /** Other words that people use for it, for party lines and search. */
  also: readonly string[];
  rim: RimPattern;
  summary: string;
  /** An allergy or a child's safety: where it is broken, service stops. */
  grave: boolean;
  settings: readonly Setting[];
  rules: readonly Rule[];
  contact?: Contact;
}
