import type { Binding } from '../board/index.js';
import type { Arg, Figure, Several } from '../words/index.js';

/** How much it matters: stops service, asks somebody, wants care, or is good news. */
export const SEVERITIES = ['blocker', 'ask', 'caution', 'good'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** Where the plan is changed that a finding is about. Check shows all of them. */
export type FindingStation = 'brief' | 'choose' | 'shape' | 'lay' | 'make';

interface Kind {
  stations: readonly [FindingStation, ...FindingStation[]];
  /** Only a person may decide it, with name and reason: it may be overruled. */
  overrulable?: true;
  /** Told of the layout, which is made anew after a change of the food: no proposal is blamed or praised for it. */
  ofTheLayout?: true;
  /** It is a matter of a label: a proposal that makes the food irrelevant has not answered it. */
  ofALabel?: true;
  /** What the stylist asked for weighs more among cautions, when remedies are compared. */
  weight?: number;
}

const at = (...stations: Kind['stations']): Kind => ({ stations });
const laid: Kind = { ...at('lay'), ofTheLayout: true };

/** Every kind of finding, the most pressing first: what can hurt a guest, then what only looks or costs. */
export const FINDING_KINDS = {
  'choking-shape': { ...at('choose', 'lay'), overrulable: true },
  'never-food': at('choose', 'lay'),
  'not-for-small-children': { ...at('choose', 'lay'), overrulable: true },
  'same-surface': { ...at('choose', 'lay'), overrulable: true },
  'same-surface-open': at('choose', 'lay'),
  'keep-away': at('lay'),
  neighbours: at('lay'),
  'shared-tool': at('lay'),
  'same-kitchen': at('choose'),
  'same-cutter': at('shape', 'lay'),
  'kitchen-order': at('lay', 'make'),
  'not-together': at('choose'),
  'promise-broken': at('choose'),
  'promise-open': at('choose'),
  'not-for-them': { ...at('choose'), overrulable: true },
  'looked-after': at('choose'),
  'not-looked-after': at('choose'),
  'plate-over-limit': at('choose'),
  'plate-not-known': at('choose'),
  'no-own-plate': { ...at('brief'), weight: 6 },
  'too-few-portions': at('brief'),
  'binds-others': at('brief', 'choose'),
  'out-of-small-hands': at('brief', 'lay'),
  'too-long': at('brief', 'lay'),
  'warm-at-opening': at('brief'),
  'unknown-component': at('choose'),
  'how-old': at('brief'),
  'not-understood': at('brief', 'choose'),
  'too-few-known-foods': at('choose'),
  'label-to-read': { ...at('choose'), ofALabel: true },
  'too-small': at('brief', 'lay'),
  'too-large': at('brief', 'lay'),
  'out-of-reach': at('brief', 'lay'),
  'heavy-board': at('brief', 'lay', 'make'),
  'does-not-pass': at('brief', 'lay'),
  'too-deep': at('brief', 'lay'),
  'wants-liner': at('brief', 'lay'),
  'too-many-kinds': at('choose', 'lay'),
  'cut-unfit': at('shape'),
  'cut-breaks': at('shape'),
  'cut-frail': at('shape'),
  'not-all-laid': { ...at('lay'), ofTheLayout: true },
  'over-the-rim': { ...at('lay'), ofTheLayout: true },
  'bowls-laid-otherwise': { ...at('lay'), ofTheLayout: true },
  'no-knife-room': laid,
  'juice-in-crackers': laid,
  'strong-by-mild': laid,
  'dip-alone': laid,
  'star-hidden': laid,
  'far-side': laid,
  'place-not-open': laid,
  'place-not-kept': laid,
  'bare-patch': laid,
  'one-patch': laid,
  'one-sided': laid,
  mirrored: laid,
  'too-little': at('choose'),
  'too-much': at('choose'),
  'more-than-taken': at('choose'),
  'not-for-occasion': at('choose', 'brief'),
  'nothing-beside-it': at('choose'),
  'little-to-spread': at('choose'),
  'no-board': at('choose'),
  'nothing-sharp': at('choose'),
  'all-soft': at('choose'),
  'no-crunch': at('choose'),
  'nothing-sweet': at('choose'),
  'nothing-hot': at('choose'),
  'no-smoke': at('choose'),
  'one-milk': at('choose'),
  'all-brown': at('choose'),
  'rich-without-relief': at('choose'),
  'cheese-without-vehicle': at('choose'),
  'star-missing': at('choose'),
  'star-without-support': at('choose'),
  'two-alike': at('choose'),
  disliked: at('choose'),
  'too-heavy': at('choose'),
  'left-in-packs': at('choose'),
  'too-much-work': at('brief', 'choose', 'make'),
  'too-few-bowls': at('lay', 'make'),
  'bowls-too-small': at('lay'),
  'too-few-knives': at('lay', 'make'),
  'too-few-tongs': at('lay', 'make'),
  'over-budget': at('brief', 'choose', 'make'),
  'cold-air': at('brief'),
  'out-of-season': at('choose'),
} satisfies Record<string, Kind>;

export type FindingCode = keyof typeof FINDING_KINDS;

const KINDS: Readonly<Record<FindingCode, Kind>> = FINDING_KINDS;

export const kindOf = (code: FindingCode): Kind => KINDS[code];
export const orderOf = (code: FindingCode): number => Object.keys(FINDING_KINDS).indexOf(code);

// ------------------------------------------------------------------ the facts of each

type Mass = Extract<Figure, { g: number }>;
type Length = Extract<Figure, { mm: number }>;
type Area = Extract<Figure, { cm2: number }>;
type Money = Extract<Figure, { minor: number }>;
type YesNo = 'yes' | 'no';

interface Served {
  food: string;
  surface: string;
  reason: Arg;
}
interface Waiting {
  foods: Several;
  minutes: number;
  limit: number;
  hot: YesNo;
}
interface Fit {
  surface: Arg;
  ground: Area;
  area: Area;
}
interface Amount {
  family: Arg;
  mass: Mass;
  target: Mass;
  school: Arg;
}
interface LaidPair {
  food: string;
  other: string;
  /** How many pairs more. */
  rest: number;
  surface: string;
}
type Nothing = Record<never, never>;

/** What each kind knows, beside whom and what it concerns: everything that its words say. */
export interface FindingArgs {
  'choking-shape': Served & { form: string };
  'never-food': { food: string; why: string };
  'not-for-small-children': Served;
  'same-surface': { foods: Several; group: string; what: Arg; surface: string };
  'same-surface-open': { foods: Several; group: string; what: Arg; surface: string };
  'keep-away': { surface: string; groups: Several; what: Several };
  neighbours: { foods: Several; n: number; group: string; way: Arg; theirs: Several; gap: Length };
  'shared-tool': { foods: Several; group: string };
  'same-kitchen': { what: Several; group: string; how: Arg };
  'same-cutter': { cutter: string; food: string; others: Several; group: string; what: Several };
  'cut-unfit': { food: string };
  'cut-breaks': { cutter: string; food: string; neck: Length; needs: Length };
  'cut-frail': { cutter: string; food: string; tip: Length };
  'kitchen-order': { group: string; how: Arg };
  'not-together': { what: Arg; surface: string; group: string; one: Several; other: Several };
  'promise-broken': { surface: string; free: string; foods: Several };
  'promise-open': { surface: string; free: string; foods: Several };
  'not-for-them': Served & { group: string };
  'looked-after': { certificate: Arg };
  'not-looked-after': { group: string; missing: Several };
  'plate-over-limit': {
    group: string;
    sum: number;
    limit: number;
    unit: Arg;
    what: Arg;
    foods: Several;
  };
  'plate-not-known': {
    group: string;
    low: number;
    high: number;
    limit: number;
    unit: Arg;
    what: Arg;
    foods: Several;
  };
  'no-own-plate': { group: string; can: YesNo };
  'too-few-portions': { surface: string; n: number; guests: number };
  'binds-others': { group: string; what: Binding };
  'out-of-small-hands': { n: number; surfaces: Several; foods: Several; groups: Arg };
  'too-long': Waiting;
  'warm-at-opening': Waiting;
  'unknown-component': { food: string };
  'not-understood': { group: string; need: string; n: number };
  'how-old': { group: string; n: number; count: number };
  'too-few-known-foods': { group: string; n: number; known: Several };
  'label-to-read': { foods: Several; n: number; made: number; group: string; facts: Several };
  'too-small': Fit;
  'too-large': Fit;
  'out-of-reach': {
    surface: string;
    crowd: YesNo;
    guests: number;
    longest: Length;
    reach: Length;
    n: number;
  };
  'heavy-board': { surface: string; load: Mass; one: Mass };
  'does-not-pass': {
    surface: string;
    what: 'car' | 'door';
    length: Length;
    width: Length;
    door: Length;
    boot: Length;
    deep: Length;
  };
  'too-deep': { surface: string; depth: Length; reach: Length; sides: 'front' | 'both' };
  'wants-liner': { surface: string };
  'place-not-open': { foods: Several; n: number; surface: string };
  'place-not-kept': { what: Arg; surface: string };
  'too-many-kinds': { n: number; most: number; surface: Arg };
  'not-all-laid': { foods: Several; n: number; surface: string };
  'over-the-rim': { foods: Several; n: number; surface: string };
  'bowls-laid-otherwise': { foods: Several };
  'one-patch': LaidPair;
  'juice-in-crackers': LaidPair;
  'strong-by-mild': LaidPair;
  'dip-alone': LaidPair & { gap: Length };
  'no-knife-room': LaidPair & { gap: Length };
  'star-hidden': { food: string; surface: string };
  'far-side': { foods: Several; n: number; surface: string; gap: Length };
  'bare-patch': { surface: string; n: number; width: Length };
  'one-sided': { surface: string };
  mirrored: { surface: string };
  'too-little': Amount;
  'too-much': Amount;
  'nothing-sharp': Nothing;
  'all-soft': Nothing;
  'no-crunch': Nothing;
  'nothing-sweet': Nothing;
  'nothing-hot': Nothing;
  'no-smoke': Nothing;
  'one-milk': Nothing;
  'all-brown': Nothing;
  'rich-without-relief': { surface: string; foods: Several };
  'cheese-without-vehicle': { surface: string };
  'star-missing': { food: string };
  'star-without-support': { food: string };
  'more-than-taken': { food: string; mass: Mass; most: Mass };
  'not-for-occasion': { food: string; surface: string };
  'nothing-beside-it': { food: string; surface: string; dip: YesNo };
  'little-to-spread': { food: string; mass: Mass; need: Mass };
  'no-board': { surface: string; what: Several };
  'two-alike': { foods: Several };
  disliked: { food: string };
  'too-heavy': { kj: number; most: number };
  'left-in-packs': { foods: Several; n: number };
  'too-much-work': { needs: number; have: number };
  'too-few-bowls': { n: number; sizes: Several; wanted: number; have: number };
  'bowls-too-small': { n: number };
  'too-few-knives': { n: number; have: number };
  'too-few-tongs': { n: number; have: number };
  'over-budget': { over: Money; cost: Money; budget: Money };
  'cold-air': { air: Figure };
  'out-of-season': { foods: Several };
}
