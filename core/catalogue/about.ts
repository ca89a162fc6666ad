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
  of: (component: Component) => boolean;
  with: (component: Component) => boolean;
  why: string;
}

const is = (family: Component['family']) => (component: Component) => component.family === family;
const taste = (taste: Taste, from: number) => (component: Component) =>
  (component.taste?.[taste] ?? 0) >= from;
const named =
  (...words: string[]) =>
  (component: Component) =>
    words.some((word) => component.baseFood.includes(word) || component.id.includes(word));
const both =
  (a: (component: Component) => boolean, b: (component: Component) => boolean) => (component: Component) =>
    a(component) && b(component);

/** In order: the first that fits names the partners first. */
const MATCHES: readonly Match[] = [
  {
    of: named('blue', 'roquefort', 'stilton', 'gorgonzola'),
    with: taste('sweet', 4),
    why: 'salty blue wants something sweet',
  },
  {
    of: both(is('cheese'), (component) => component.milk === 'goat'),
    with: named('fig', 'honey', 'orange', 'lemon', 'beetroot', 'thyme'),
    why: 'goat likes citrus, fig and herbs',
  },
  {
    of: both(is('cheese'), taste('smoke', 3)),
    with: named('chilli', 'pepper-jelly', 'onion'),
    why: 'smoke likes hot and sweet',
  },
  {
    of: both(is('cheese'), (component) => component.texture === 'hard' || component.texture === 'firm'),
    with: named('honey', 'walnut', 'almond', 'pear', 'chocolate', 'quince'),
    why: 'aged and hard likes honey, nuts and fruit',
  },
  {
    of: both(
      is('cheese'),
      (component) =>
        component.texture === 'soft' || component.texture === 'creamy' || component.texture === 'runny',
    ),
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
    with: (component) => component.family === 'pickle' || named('mustard')(component),
    why: 'pâté and salami like pickles and mustard',
  },
  {
    of: is('fish'),
    with: named('lemon', 'dill', 'caper', 'cucumber', 'rye'),
    why: 'fish likes lemon, dill and rye',
  },
  {
    of: taste('richness', 3),
    with: (component) => taste('sour', 3)(component) && component.family !== 'cheese',
    why: 'rich wants something sharp beside it',
  },
  { of: is('vehicle'), with: is('spread-dip'), why: 'bread carries dips' },
  {
    of: is('spread-dip'),
    with: (component) => component.family === 'vehicle' || component.texture === 'crunchy',
    why: 'a dip wants something crisp',
  },
  { of: taste('sweet', 3), with: taste('salt', 4), why: 'sweet likes salt' },
  { of: () => true, with: is('cheese'), why: 'it goes beside cheese' },
];

/** The rule of taste by which one food likes the other; undefined where none of the special ones says so. */
export function pairing(component: Component, partner: Component): string | undefined {
  return MATCHES.slice(0, -1).find(
    (match) => match.of(component) && match.with(partner) && component.id !== partner.id,
  )?.why;
}

const MOST_PARTNERS = 4;

/** Foods that go with it, by the first rule of taste that fits, spread over their families. */
export function goesWith(
  component: Component,
  larder: Iterable<Component>,
): { why: string; foods: Component[] } {
  const rule = MATCHES.find((match) => match.of(component))!;
  const foods = [...larder].filter(
    (otherComponent) =>
      otherComponent.id !== component.id && otherComponent.family !== 'garnish' && rule.with(otherComponent),
  );
  const spread = new Map<string, Component>();
  for (const food of foods) if (!spread.has(food.baseFood)) spread.set(food.baseFood, food);
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
  /** Each a word: "strong", "salty", "hard". */
  like: string[];
  /** How it is served, the usual way first, and how long out of the cold before. */
  forms: string[];
  temperMin: number;
  stands: string;
  elsewhere: string;
}

export function about(component: Component): About {
  const tastes = noticedTastes(component).map((taste) => TASTE_WORDS[taste]);
  const strength = STRENGTH_WORDS[component.taste?.strength ?? 0] ?? '';
  const like =
    component.taste === null
      ? ['nobody has tasted it yet']
      : [strength, ...tastes, component.texture].filter(Boolean);
  return {
    like,
    forms: component.forms.map((fact) => formName(fact.form)),
    temperMin: component.temperMin,
    stands: HOLD_WORDS[component.holdOut],
    elsewhere: component.synonyms.join(', '),
  };
}
