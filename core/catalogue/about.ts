import { noticedTastes } from './facets.js';
import type { Component, Taste } from './facts.js';
import { formName } from './forms.js';

/** A taste as one says it of a food. */
export const TASTE_WORDS: Record<Taste, string> = {
  salt: 'salty',
  sweet: 'sweet',
  sour: 'sharp',
  bitter: 'bitter',
  heat: 'hot',
  smoke: 'smoky',
  richness: 'rich',
  strength: 'strong',
};

const STRENGTH_WORDS = ['', 'mild', 'gentle', 'lively', 'strong', 'very strong'];

/** A rule of taste: for foods like this, foods like that (craft, on choosing). */
interface Match {
  of: (c: Component) => boolean;
  with: (c: Component) => boolean;
  why: string;
}

const is = (family: Component['family']) => (c: Component) => c.family === family;
const taste = (t: Taste, from: number) => (c: Component) => (c.taste?.[t] ?? 0) >= from;
const named =
  (...words: string[]) =>
  (c: Component) =>
    words.some((w) => c.baseFood.includes(w) || c.id.includes(w));
const both = (a: (c: Component) => boolean, b: (c: Component) => boolean) => (c: Component) => a(c) && b(c);

/** In order: the first that fits names the partners first. */
const MATCHES: readonly Match[] = [
  {
    of: named('blue', 'roquefort', 'stilton', 'gorgonzola'),
    with: taste('sweet', 4),
    why: 'salty blue wants something sweet',
  },
  {
    of: both(is('cheese'), (c) => c.milk === 'goat'),
    with: named('fig', 'honey', 'orange', 'lemon', 'beetroot', 'thyme'),
    why: 'goat likes citrus, fig and herbs',
  },
  {
    of: both(is('cheese'), taste('smoke', 3)),
    with: named('chilli', 'pepper-jelly', 'onion'),
    why: 'smoke likes hot and sweet',
  },
  {
    of: both(is('cheese'), (c) => c.texture === 'hard' || c.texture === 'firm'),
    with: named('honey', 'walnut', 'almond', 'pear', 'chocolate', 'quince'),
    why: 'aged and hard likes honey, nuts and fruit',
  },
  {
    of: both(is('cheese'), (c) => c.texture === 'soft' || c.texture === 'creamy' || c.texture === 'runny'),
    with: named('jam', 'fig', 'berry', 'raspberr', 'thyme', 'rosemary', 'apricot'),
    why: 'mild and soft likes jam and herbs',
  },
  {
    of: both(is('cured-meat'), named('ham', 'bresaola', 'speck')),
    with: named('melon', 'fig', 'pear', 'peach'),
    why: 'cured ham likes melon, fig and pear',
  },
  {
    of: is('cured-meat'),
    with: (c) => c.family === 'pickle' || named('mustard')(c),
    why: 'pâté and salami like pickles and mustard',
  },
  {
    of: is('fish'),
    with: named('lemon', 'dill', 'caper', 'cucumber', 'rye'),
    why: 'fish likes lemon, dill and rye',
  },
  {
    of: taste('richness', 3),
    with: (c) => taste('sour', 3)(c) && c.family !== 'cheese',
    why: 'rich wants something sharp beside it',
  },
  { of: is('vehicle'), with: is('spread-dip'), why: 'bread carries dips' },
  {
    of: is('spread-dip'),
    with: (c) => c.family === 'vehicle' || c.texture === 'crunchy',
    why: 'a dip wants something crisp',
  },
  { of: taste('sweet', 3), with: taste('salt', 4), why: 'sweet likes salt' },
  { of: () => true, with: is('cheese'), why: 'it goes beside cheese' },
];

/** The rule of taste by which one food likes the other; undefined where none of the special ones says so. */
export function pairing(c: Component, partner: Component): string | undefined {
  return MATCHES.slice(0, -1).find((m) => m.of(c) && m.with(partner) && c.id !== partner.id)?.why;
}

const MOST_PARTNERS = 4;

/** Foods that go with it, by the first rule of taste that fits, spread over their families. */
export function goesWith(c: Component, larder: Iterable<Component>): { why: string; foods: Component[] } {
  const rule = MATCHES.find((m) => m.of(c))!;
  const foods = [...larder].filter((x) => x.id !== c.id && x.family !== 'garnish' && rule.with(x));
  const spread = new Map<string, Component>();
  for (const f of foods) if (!spread.has(f.baseFood)) spread.set(f.baseFood, f);
  return { why: rule.why, foods: [...spread.values()].slice(0, MOST_PARTNERS) };
}

const HOLD_WORDS: Record<Component['holdOut'], string> = {
  perishable: 'two hours in all out of the cold, one above 32 °C',
  sweats: 'about an hour before it sweats: put out half',
  stable: 'the whole evening',
  unknown: 'nobody has said: treat it as two hours',
};

/** What a stylist asks of a food: what it is like, how it is served, how long it stands, what it is called elsewhere. */
export interface About {
  like: string;
  served: string;
  stands: string;
  elsewhere: string;
}

export function about(c: Component): About {
  const tastes = noticedTastes(c).map((t) => TASTE_WORDS[t]);
  const strength = STRENGTH_WORDS[c.taste?.strength ?? 0] ?? '';
  const like =
    c.taste === null ? ['nobody has tasted it yet'] : [strength, ...tastes, c.texture].filter(Boolean);
  const temper = c.temperMin > 0 ? `, ${c.temperMin} min out of the cold before` : '';
  const other = c.forms.slice(1).map((f) => formName(f.form));
  return {
    like: like.join(', '),
    served: `as ${formName(c.forms[0]!.form)}${other.length > 0 ? `, or ${other.join(', ')}` : ''}${temper}`,
    stands: HOLD_WORDS[c.holdOut],
    elsewhere: c.synonyms.join(', '),
  };
}
