import { coloursApart } from '../board/index.js';
import { FORMS, servingOf, TASTES, usualForm, type Component } from '../catalogue/index.js';
import { effortOf, minutesOf } from '../portion/index.js';

/** How well one food does another's job, in named parts, each from 0 to 1. */
export interface Likeness {
  family: number;
  role: number;
  taste: number;
  texture: number;
  colour: number;
  form: number;
  service: number;
  cost: number;
  effort: number;
}

/** What each part counts for (house default; adds up to 1). A stylist may weigh them otherwise. */
export const WEIGHTS: Likeness = {
  family: 0.26,
  role: 0.14,
  taste: 0.2,
  texture: 0.11,
  colour: 0.09,
  form: 0.08,
  service: 0.04,
  cost: 0.05,
  effort: 0.03,
};

export const LIKENESS_PARTS = Object.keys(WEIGHTS) as (keyof Likeness)[];

/** What each part is called on a paper. */
export const PART_WORDS: Record<keyof Likeness, string> = {
  family: 'its family',
  role: 'its part in a bite',
  taste: 'the taste',
  texture: 'the texture',
  colour: 'the colour',
  form: 'how it lies',
  service: 'how it is served',
  cost: 'the price',
  effort: 'the work',
};

const FAR_COLOUR = 0.5;

/** Families that stand in for each other when nothing of the own family will do. */
const NEAR: readonly (readonly [Component['family'], Component['family'], number])[] = [
  ['cured-meat', 'fish', 0.5],
  ['cured-meat', 'plant-protein', 0.6],
  ['fish', 'plant-protein', 0.5],
  ['cheese', 'spread-dip', 0.4],
  ['nut-seed', 'vehicle', 0.2],
  ['fresh-fruit', 'vegetable', 0.4],
  ['pickle', 'vegetable', 0.4],
  ['dried-fruit', 'sweet-bite', 0.5],
];

function family(a: Component, b: Component): number {
  if (a.family === b.family) return 1;
  const near = NEAR.find(
    ([family, otherFamily]) =>
      (family === a.family && otherFamily === b.family) || (family === b.family && otherFamily === a.family),
  );
  return near?.[2] ?? 0;
}

function taste(a: Component, b: Component): number {
  if (!a.taste || !b.taste) return 0.5;
  const sum = TASTES.reduce((sum, taste) => sum + Math.abs(a.taste![taste] - b.taste![taste]), 0);
  return Math.max(0, 1 - sum / 14);
}

const HARDNESS = [
  'runny',
  'creamy',
  'soft',
  'crumbly',
  'juicy',
  'semi-firm',
  'chewy',
  'firm',
  'leafy',
  'hard',
  'crunchy',
];

function texture(a: Component, b: Component): number {
  return Math.max(0, 1 - Math.abs(HARDNESS.indexOf(a.texture) - HARDNESS.indexOf(b.texture)) / 6);
}

function colour(a: Component, b: Component): number {
  const apart = coloursApart(a.colours[0], b.colours[0]);
  return Number.isFinite(apart) ? Math.max(0, 1 - apart / FAR_COLOUR) : 0.5;
}

/** The form, and how much board its grams take. */
function form(a: Component, b: Component): number {
  const [fact, otherFact] = [usualForm(a), usualForm(b)];
  const lies =
    fact.form === otherFact.form ? 1 : FORMS[fact.form].lies === FORMS[otherFact.form].lies ? 0.6 : 0.2;
  return (
    0.7 * lies + 0.3 * (Math.min(fact.gPerCm2, otherFact.gPerCm2) / Math.max(fact.gPerCm2, otherFact.gPerCm2))
  );
}

/** In a bowl or not, warmed up or not, standing all evening or not. */
function service(a: Component, b: Component): number {
  const bowl = (component: Component) => FORMS[usualForm(component).form].bowl === true;
  return (
    (bowl(a) === bowl(b) ? 0.4 : 0) +
    (Math.abs(a.temperMin - b.temperMin) <= 15 ? 0.3 : 0) +
    (a.holdOut === b.holdOut ? 0.3 : 0)
  );
}

const price = (component: Component) =>
  Math.min(...component.packs.map((pack) => pack.priceMinor / pack.massG));

function cost(a: Component, b: Component): number {
  const [x, y] = [price(a), price(b)];
  return y <= x ? 1 : Math.max(0, 1 - (y - x) / Math.max(0.5, x));
}

const A_KIND_G = 150;
const MUCH_WORK_MIN = 15;

function effort(a: Component, b: Component): number {
  const of = (component: Component) => minutesOf(effortOf(component, usualForm(component).form), A_KIND_G);
  return Math.max(0, 1 - Math.max(0, of(b) - of(a)) / MUCH_WORK_MIN);
}

export function likeness(a: Component, b: Component): Likeness {
  return {
    family: family(a, b),
    role: a.job === b.job ? 1 : 0,
    taste: taste(a, b),
    texture: texture(a, b),
    colour: colour(a, b),
    form: form(a, b),
    service: service(a, b),
    cost: cost(a, b),
    effort: effort(a, b),
  };
}

/** A helping may be so many times another's before it is a food of another weight on the board (house default); almonds become seeds all the same. */
const HELPING_APART = 1.8;
const IN_THE_FAMILY = 3;
/** Sweet and savoury condiments stand beside different foods. */
const SWEET_APART = 3;
/** A slice of cheese is laid on bread, a cube of tofu is picked: both are the body of a bite. */
const BODY_WAYS: readonly string[] = ['carried', 'picked'];

/**
 * Could the one be served for the other: eaten alike, of a similar weight on the board, in the same course? What carries
 * cheese is replaced by what carries; honey is not by mustard, a sausage not by beans.
 */
export function servesLike(a: Component, b: Component): boolean {
  const [one, other] = [servingOf(a), servingOf(b)];
  if (one.carries === 'all' && other.carries !== 'all') return false;
  const isBody = (component: Component) => component.job === 'body';
  const ways =
    isBody(a) && isBody(b) && one.ways.some((way) => BODY_WAYS.includes(way))
      ? other.ways.some((way) => BODY_WAYS.includes(way))
      : one.ways.some((way) => other.ways.includes(way));
  if (!ways) return false;
  const [less, more] = [one.helping.usual, other.helping.usual].sort((x, y) => x - y) as [number, number];
  if (more / less > (a.family === b.family ? IN_THE_FAMILY : HELPING_APART)) return false;
  // what most of the board is made of becomes nothing small, but in its family: ham no edamame, almonds seeds
  if (one.weight === 'base' && other.weight !== 'base' && a.family !== b.family) return false;
  // what stands by itself becomes no sauce that wants a partner; a condiment is eaten with what the other was eaten with
  if (other.partners.length > 0 && !one.partners.some((partner) => other.partners.includes(partner)))
    return false;
  const sweet = (component: Component) => component.taste?.sweet ?? 0;
  return Math.abs(sweet(a) - sweet(b)) <= SWEET_APART;
}

/** The sum, weighed; weights need not add up to 1. All nothing counts as the house's. */
export function scoreOf(likeness: Likeness, weights: Likeness = WEIGHTS): number {
  const sum = LIKENESS_PARTS.reduce((sum, k) => sum + weights[k], 0);
  if (sum <= 0) return scoreOf(likeness);
  return LIKENESS_PARTS.reduce((sum, k) => sum + weights[k] * likeness[k], 0) / sum;
}
