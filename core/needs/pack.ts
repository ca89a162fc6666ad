import type { FactKey, Source } from '../catalogue/index.js';
import type { Strictness } from '../party/index.js';

/** A fact and the values of it that count. */
export interface FactTest {
  fact: FactKey;
  values: readonly string[];
}

/** A setting that has one of these values, or, for a list, holds one of them. */
export interface SettingTest {
  setting: string;
  is: readonly string[];
}

/**
 * A rule looks at one fact. A value listed as forbidden or ask says so; every other value is fine. Rules count by
 * their worst, each on its own, so that "what all possible values agree on" can be worked out rule by rule.
 */
export interface Rule {
  fact: FactKey;
  /** In force only while all of these hold. */
  when?: SettingTest | readonly SettingTest[];
  /** Counts only where these facts hold too; while one of them is open, it asks. */
  and?: readonly FactTest[];
  /**
   * Where this holds, an open value is no question: that milk is no ingredient is known, and that a label may warn of its
   * traces is heeded where somebody has read one.
   */
  answeredBy?: FactTest;
  forbidden?: readonly string[];
  ask?: readonly string[];
  /** The reason as a guest would say it, with "it" for the food. */
  why: string;
  /** The reason where there is only a warning about traces. */
  whyMay?: string;
  source: Source;
}

export const whenOf = (rule: Rule): readonly SettingTest[] =>
  rule.when === undefined ? [] : 'setting' in rule.when ? [rule.when] : rule.when;

export interface Setting {
  id: string;
  name: string;
  /** From the tightest to the widest, but for a list: there each value more is tighter. */
  values: readonly { id: string; name: string }[];
  default: string;
  /** The default where a guest's strictness says more than the pack does. */
  by?: Readonly<Record<Strictness, string>>;
  /** Several values joined by commas may hold at once. */
  list?: boolean;
  /** Any number between these is a value too; the lower the tighter. */
  number?: { min: number; max: number; unit: string };
}

/** How near a food that carries is too near. Each reach holds the ones after it. */
export const REACHES = ['same-kitchen', 'same-surface', 'neighbours', 'none'] as const;
export type Reach = (typeof REACHES)[number];

/** Which foods make others unsafe. How near is too near is the setting `contact`. */
export interface Contact {
  carriers: readonly FactTest[];
  /** What travels, in words. */
  what: string;
  /**
   * Bits travel so far that a clean surface elsewhere does not make up for one that holds them: bits of all that carries,
   * or of what sheds (a seeded cracker, not a dip with sesame paste in it).
   */
  travels?: 'all' | 'what-sheds';
  /** Guests take nothing from a surface that holds it: where they have no other to turn to, it is not proposed there. */
  shunned?: true;
}

/** Two kinds of food that never meet on one surface or in one bite. */
export interface Apart {
  one: FactTest;
  other: FactTest;
  /** The two in words: "meat", "dairy". */
  names: readonly [one: string, other: string];
}

/** What is counted on a guest's whole plate, and what of it one usual helping may bring. */
export interface Quantity {
  fact: QuantityFact;
  unit: string;
  /** "net carbohydrate" */
  what: string;
  /** Limit for a plate at drinks and as a meal; the setting `limit` wins. */
  usual: { drinks: number; meal: number };
  /** Beyond so much in 100 g a food is asked about, unless a helping is less than `slight` of the limit. */
  denseFrom: number;
  slight: number;
  /** A good helping up to this share of the limit is fine by itself; a quarter where nothing is said. */
  fineShare?: number;
}
export const QUANTITY_FACTS = ['net-carbs', 'salt', 'energy'] as const;
export type QuantityFact = (typeof QUANTITY_FACTS)[number];

export type RimPattern =
  | 'plain'
  | 'strokes'
  | 'diamonds'
  | 'rays'
  | 'dots'
  | 'scallop'
  | 'wide-scallop'
  | 'waves'
  | 'beads'
  | 'ticks'
  | 'steps';

/** The page that explains a need in the app. Short: it stands where the decision is made. */
export interface PlainWords {
  /** Foods of a board in which it hides. */
  traps: readonly string[];
  /** What is a good choice. */
  good: readonly string[];
  /** Where people or countries differ, and to whom the tool defers. */
  note: string;
  sources: readonly string[];
}

export interface NeedPack {
  id: string;
  name: string;
  /** Other words that people use for it, for party lines and search. */
  also: readonly string[];
  /** Words for what its guests leave out ("no prawns"), in party lines; one word may mean several needs. */
  leftOut?: readonly string[];
  /** It leaves out one kind of food, as an allergy does, and is no whole way of eating. */
  oneFood?: boolean;
  rim: RimPattern;
  summary: string;
  /** How strictly it is kept unless a guest says otherwise. */
  strictness: Strictness;
  settings: readonly Setting[];
  rules: readonly Rule[];
  /** What its guests are often allergic to as well, as its page says: fine until they say so, and proposed by no stylist unasked. */
  oftenToo?: readonly FactTest[];
  contact?: Contact;
  apart?: readonly Apart[];
  quantity?: Quantity;
  page: PlainWords;
}
