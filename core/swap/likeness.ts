import { converter, differenceEuclidean } from 'culori';
import { FORMS, TASTES, usualForm, type Component } from '../catalogue/index.js';

/** How well one food does another's job, in named parts, each from 0 to 1. */
export interface Likeness {
  family: number;
  role: number;
  taste: number;
  texture: number;
  colour: number;
  form: number;
  cost: number;
}

/** What each part counts for (house default; adds up to 1). */
export const WEIGHTS: Likeness = {
  family: 0.28,
  role: 0.14,
  taste: 0.2,
  texture: 0.12,
  colour: 0.1,
  form: 0.1,
  cost: 0.06,
};

const oklab = converter('oklab');
const apart = differenceEuclidean('oklab');
const FAR_COLOUR = 0.5;

/** Families that stand in for each other when nothing of the own family will do. */
const NEAR: readonly (readonly [Component['family'], Component['family'], number])[] = [
  ['cured-meat', 'fish', 0.5],
  ['cured-meat', 'plant-protein', 0.6],
  ['fish', 'plant-protein', 0.5],
  ['cheese', 'plant-protein', 0.5],
  ['cheese', 'spread-dip', 0.4],
  ['nut-seed', 'vehicle', 0.2],
  ['fresh-fruit', 'dried-fruit', 0.5],
  ['fresh-fruit', 'vegetable', 0.4],
  ['pickle', 'vegetable', 0.4],
  ['dried-fruit', 'sweet-bite', 0.5],
];

function family(a: Component, b: Component): number {
  if (a.family === b.family) return 1;
  const near = NEAR.find(
    ([x, y]) => (x === a.family && y === b.family) || (x === b.family && y === a.family),
  );
  return near?.[2] ?? 0;
}

function taste(a: Component, b: Component): number {
  if (!a.taste || !b.taste) return 0.5;
  const sum = TASTES.reduce((n, t) => n + Math.abs(a.taste![t] - b.taste![t]), 0);
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
  const [x, y] = [oklab(a.colours[0]), oklab(b.colours[0])];
  return x && y ? Math.max(0, 1 - apart(x, y) / FAR_COLOUR) : 0.5;
}

function form(a: Component, b: Component): number {
  const [x, y] = [usualForm(a).form, usualForm(b).form];
  if (x === y) return 1;
  return FORMS[x].lies === FORMS[y].lies ? 0.6 : 0.2;
}

const price = (c: Component) => Math.min(...c.packs.map((p) => p.priceMinor / p.massG));

function cost(a: Component, b: Component): number {
  const [x, y] = [price(a), price(b)];
  return y <= x ? 1 : Math.max(0, 1 - (y - x) / Math.max(0.5, x));
}

export function likeness(a: Component, b: Component): Likeness {
  return {
    family: family(a, b),
    role: a.job === b.job ? 1 : 0,
    taste: taste(a, b),
    texture: texture(a, b),
    colour: colour(a, b),
    form: form(a, b),
    cost: cost(a, b),
  };
}

export const scoreOf = (l: Likeness): number =>
  (Object.keys(WEIGHTS) as (keyof Likeness)[]).reduce((n, k) => n + WEIGHTS[k] * l[k], 0);
