import { converter, differenceEuclidean } from 'culori';
import {
  atHomeIn,
  FORMS,
  servingOf,
  usualForm,
  type Component,
  type Larder,
  type Occasion,
  type RegionId,
} from '../catalogue/index.js';

type Axis = keyof NonNullable<Component['taste']>;

/** 0 to 5; nought while nobody has said. */
export const taste = (component: Component, axis: Axis): number => component.taste?.[axis] ?? 0;

const among =
  <T extends string>(...list: readonly T[]) =>
  (value: string): boolean =>
    (list as readonly string[]).includes(value);

export const isSoft = ({ texture }: Component): boolean => among('soft', 'creamy', 'runny')(texture);
export const isCrisp = ({ texture }: Component): boolean => among('crunchy', 'hard')(texture);
export const isFresh = (component: Component): boolean => among('fresh-fruit', 'vegetable')(component.family);
export const isCheese = (component: Component): boolean => component.family === 'cheese';
/** What a board is remembered for is one of these. */
const hasBody = (component: Component): boolean =>
  among('cheese', 'cured-meat', 'fish', 'plant-protein')(component.family);

export const isSharp = (component: Component): boolean => taste(component, 'sour') >= 4;
export const isSweet = (component: Component): boolean => taste(component, 'sweet') >= 4;
/** Sweet enough that nobody misses it. */
export const isSweetish = (component: Component): boolean => taste(component, 'sweet') >= 3;
export const isHot = (component: Component): boolean => taste(component, 'heat') >= 3;
export const isSmoked = (component: Component): boolean => taste(component, 'smoke') >= 3;
export const isRich = (component: Component): boolean => taste(component, 'richness') >= 3;
export const isSalty = (component: Component): boolean => taste(component, 'salt') >= 3;
/** Sour enough to stand against something rich. */
export const isTart = (component: Component): boolean => taste(component, 'sour') >= 3;
export const isSeedless = (component: Component): boolean => component.sheds.every((s) => s !== 'seeds');

/** What sets something rich off: sharp, or juicy fruit and vegetables. */
export const relieves = (component: Component): boolean =>
  isTart(component) || (isFresh(component) && component.texture === 'juicy');

/** Honey, jam and jelly go by the teaspoon. */
export const isSweetSpread = (component: Component): boolean =>
  component.family === 'spread-dip' && isSweet(component);

/** Is this at home in a sweet course? Fruit and sweet bites are; of the rest what is sweet, and plain bread. */
export const isSweetFare = (component: Component): boolean =>
  among('fresh-fruit', 'dried-fruit', 'sweet-bite')(component.family) ||
  taste(component, 'sweet') >= 2 ||
  (component.family === 'vehicle' &&
    (component.taste?.salt ?? 5) <= 1 &&
    (component.taste?.bitter ?? 5) <= 1);

/** Smoke, herbs, ash or fruit in a cheese or on it. */
export const hasAddition = (component: Component): boolean =>
  /smoke|herb|cumin|truffle|pepper|cranberr|ash|garlic/.test(
    `${component.id} ${component.ingredients.join(' ')}`,
  );

/** Ripened until it is hard, or firm and full of taste: mature cheddar, comté and manchego as well as hard cheeses (craft: something aged). */
const isAged = (component: Component): boolean =>
  component.texture === 'hard' || (component.texture === 'firm' && taste(component, 'strength') >= 3);

/** Texture, milk, strength and what is in it: what a taster would call a cheese. */
export const cheeseAxes = (component: Component): string =>
  `${component.texture} ${component.milk} ${taste(component, 'strength')} ${hasAddition(component)}`;

/** Two foods with body that bring one taste for two packs. */
export const areAlike = (a: Component, b: Component): boolean =>
  a.family === b.family &&
  a.job === 'body' &&
  a.baseFood !== '' &&
  a.baseFood === b.baseFood &&
  a.texture === b.texture &&
  a.milk === b.milk;

// ------------------------------------------------------------------ colours

const lch = converter('oklch');
const oklab = converter('oklab');
const distance = differenceEuclidean('oklab');
/** Colours nearer than this in OKLab read as the same on a board (house default). */
const SAME_COLOUR = 0.13;

/** Parsing a colour costs more than comparing two. */
const parsed = new Map<string, ReturnType<typeof oklab>>();
const labOf = (colour: string) => {
  if (!parsed.has(colour)) parsed.set(colour, oklab(colour));
  return parsed.get(colour);
};

/** How light a colour is, from 0 to 1; what is no colour is light. */
export const lightnessOf = (colour: string): number => labOf(colour)?.l ?? 1;

/** Distance of two colours in OKLab, 0 to about 1; endless where one is none. */
export const coloursApart = (a: string, b: string): number => {
  const [colour, otherColour] = [labOf(a), labOf(b)];
  return colour && otherColour ? distance(colour, otherColour) : Infinity;
};

export const nearColour = (a: string, b: string): boolean => coloursApart(a, b) < SAME_COLOUR;

/** The larder's foods that show a colour, as a theme counts them: those ripe now and at home in its region stand first, fruit and vegetables before the rest. */
export function foodsOfColour(
  colour: string,
  larder: Larder,
  { month, region }: { month: number; region: RegionId | '' },
): Component[] {
  const suits = (component: Component): number =>
    (component.seasonMonths.includes(month) ? 1 : 0) +
    (bringsColour(component) ? 1 : 0) +
    (region !== '' && atHomeIn(component.id, region) ? 2 : 0);
  return [...larder.values()]
    .filter((component) => component.family !== 'garnish' && nearColour(component.colours[0], colour))
    .toSorted(
      (a, b) =>
        suits(b) - suits(a) || coloursApart(a.colours[0], colour) - coloursApart(b.colours[0], colour),
    );
}

/** Cheese is pale, meat and bread are brown: colour comes from fruit, vegetables and pickles (craft, section 5). */
export interface Hue {
  name: string;
  from: number;
  to: number;
}
export const HUES: readonly Hue[] = [
  { name: 'red', from: 5, to: 45 },
  { name: 'green', from: 95, to: 160 },
  { name: 'blue or dark', from: 240, to: 380 },
];
const BRIGHT = 0.05;

const bringsColour = ({ family }: Component): boolean =>
  among('fresh-fruit', 'vegetable', 'pickle', 'spread-dip')(family);

export function hasHue(component: Component, hue: Hue): boolean {
  const colour = lch(component.colours[0]);
  if (!bringsColour(component) || !colour || colour.c < BRIGHT || colour.h === undefined) return false;
  return [colour.h, colour.h + 360].some((h) => h >= hue.from && h < hue.to);
}

/** Of another milk than most: a whipped feta counts as well as a wedge. */
export const isOfGoatOrSheep = (component: Component): boolean => among('goat', 'sheep')(component.milk);
/** Crust and crumb, paste and rind, by hue in degrees and chroma in OKLCH; greys have none (house default). */
const PALE = { from: 40, to: 108, chroma: 0.13 };
const GREY = 0.03;
/** Brown, white and what lies between: a board of these alone looks tired. */
export function isPale(component: Component): boolean {
  const lab = labOf(component.colours[0]);
  if (!lab) return true;
  const chroma = Math.hypot(lab.a, lab.b);
  const hue = (Math.atan2(lab.b, lab.a) * 180) / Math.PI;
  return chroma < GREY || (chroma < PALE.chroma && hue >= PALE.from && hue <= PALE.to);
}

// ------------------------------------------------------------------ what a good board has

/** Something that a good board has, and the points lost without it. */
export interface WantedTaste {
  name: string;
  points: number;
  /** On boards for these; on all unless said. */
  at?: readonly Occasion[];
  /** How many of it; one unless said. */
  count?: number;
  /** Not asked of a table for two or three: its few foods would be those that have all of it, and that few like. */
  ofMany?: true;
  /** Only where something hot is wanted at all. */
  hot?: true;
  /** Nothing that a children's board is missed for. */
  grown?: true;
  has(component: Component): boolean;
}

const cheese = (is: (component: Component) => boolean) => (component: Component) =>
  isCheese(component) && is(component);
const isColoured = (component: Component): boolean => (lch(component.colours[0])?.c ?? 0) > 0.1;

const served =
  (...classes: readonly string[]) =>
  (component: Component): boolean =>
    classes.includes(servingOf(component).class);

const SAVOURY: readonly Occasion[] = ['drinks', 'meal', 'iftar', 'afternoon', 'film'];
const isChocolate = (component: Component): boolean =>
  component.family === 'sweet-bite' &&
  /chocolate|brownie|cocoa/i.test(`${component.name} ${component.ingredients.join(' ')}`);
const isBaked = (component: Component): boolean =>
  component.family === 'sweet-bite' &&
  /biscuit|shortbread|amaretti|macaron|macaroon|brownie|wafer|madeleine|baklava/i.test(
    `${component.name} ${component.id}`,
  );
const isForBread = (component: Component): boolean =>
  servingOf(component).class === 'cheese-spread' || component.baseFood === 'butter';
/** Soft or in slices: what fills, beside crackers. */
const feeds = (component: Component): boolean =>
  component.job === 'vehicle' && ['soft', 'chewy'].includes(component.texture);

/** The cheese axes, the four accompaniment groups and the two textures of the craft. */
export const WANTED: readonly WantedTaste[] = [
  { name: 'a soft cheese', points: 2, has: cheese(isSoft) },
  {
    name: 'a firm cheese',
    points: 2,
    has: cheese((component) => among('firm', 'semi-firm')(component.texture)),
  },
  {
    name: 'a strong cheese',
    points: 2,
    ofMany: true,
    grown: true,
    has: cheese((component) => taste(component, 'strength') >= 4),
  },
  { name: 'an aged cheese', points: 2, ofMany: true, grown: true, has: cheese(isAged) },
  { name: 'a cheese with something in it', points: 0.6, ofMany: true, grown: true, has: cheese(hasAddition) },
  { name: 'a cheese with colour', points: 0.6, ofMany: true, has: cheese(isColoured) },
  {
    name: 'meat for who finds cured meat too strong',
    points: 1,
    has: (component) =>
      component.family === 'cured-meat' && taste(component, 'strength') <= 2 && taste(component, 'salt') <= 3,
  },
  {
    name: 'a cheese everyone knows',
    points: 1,
    has: cheese((component) => taste(component, 'strength') <= 1),
  },
  {
    name: 'large cheeses to build around',
    points: 1.5,
    count: 3,
    ofMany: true,
    has: cheese((component) => FORMS[usualForm(component).form].large === true),
  },
  {
    name: 'berries',
    points: 0.8,
    count: 2,
    ofMany: true,
    has: (component) =>
      component.family === 'fresh-fruit' &&
      among('berry', 'cherry', 'drupelet', 'strawberry', 'grape')(usualForm(component).piece),
  },
  {
    name: 'goat or sheep milk',
    points: 1,
    ofMany: true,
    grown: true,
    has: isOfGoatOrSheep,
  },
  { name: 'something sweet', points: 2, has: isSweet },
  { name: 'a jam or honey for the cheese', points: 2.5, has: served('jam') },
  { name: 'something sharp', points: 3, grown: true, has: isSharp },
  {
    name: 'something pickled beside the rich',
    points: 1.5,
    grown: true,
    has: served('pickle', 'pickle-sharp'),
  },
  {
    name: 'a small colour',
    points: 0.8,
    count: 2,
    ofMany: true,
    at: SAVOURY,
    has: served('fruit-accent', 'pickle-sharp'),
  },
  {
    name: 'ham or salami',
    points: 1.5,
    count: 2,
    at: ['drinks', 'afternoon', 'picnic'],
    has: served('cured'),
  },
  {
    name: 'something with egg',
    points: 2,
    at: ['breakfast'],
    has: (component) => component.allergens.egg === 'contains' && component.job === 'body',
  },
  { name: 'butter or fresh cheese to spread', points: 2, at: ['breakfast', 'afternoon'], has: isForBread },
  {
    name: 'jam or honey for the bread',
    points: 2,
    at: ['breakfast', 'afternoon'],
    has: (component) => servingOf(component).class === 'jam' && servingOf(component).leads.has('breakfast'),
  },
  { name: 'bread that feeds', points: 2, at: ['meal', 'iftar', 'breakfast'], count: 2, has: feeds },
  { name: 'chocolate', points: 2, count: 2, at: ['sweet'], has: isChocolate },
  { name: 'biscuits', points: 1.5, count: 2, at: ['sweet'], has: isBaked },
  {
    name: 'a cream or a sauce to dip into',
    points: 2,
    at: ['sweet'],
    has: (component) => component.family === 'spread-dip',
  },
  { name: 'something salty and crunchy', points: 2, has: (component) => component.family === 'nut-seed' },
  { name: 'something hot', points: 2.4, ofMany: true, grown: true, hot: true, at: SAVOURY, has: isHot },
  { name: 'something smoked', points: 1.5, ofMany: true, grown: true, has: isSmoked },
  { name: 'something chewy', points: 1, ofMany: true, has: (component) => component.texture === 'chewy' },
  {
    name: 'a plain cracker or bread',
    points: 2,
    has: (component) => component.job === 'vehicle' && isSeedless(component),
  },
];

/** Among foods with body, so many in a hundred are dear enough to be looked at first. */
const DEAREST = 0.12;
/** Price of 100 g, by the cheapest pack. */
const priceOf = (component: Component): number =>
  Math.min(...component.packs.map((pack) => (100 * pack.priceMinor) / pack.massG));

/** The dearest of the foods with body: what a board is remembered for. */
export function starsAmong(foods: readonly Component[]): Component[] {
  const bodies = foods.filter(hasBody).sort((a, b) => priceOf(b) - priceOf(a) || a.id.localeCompare(b.id));
  return bodies.slice(0, Math.ceil(bodies.length * DEAREST));
}
