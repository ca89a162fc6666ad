import {
  cheeseAxes,
  hasHue,
  HUES,
  isCheese,
  isOwnPlate,
  nearColour,
  reachesGravely,
  reachesOnto,
  reachesUnsheltered,
  taste,
  WANTED,
} from '../../board/index.js';
import type { Component, FormId } from '../../catalogue/index.js';
import { seedOf, createRandom } from '../../measure/index.js';
import { disliked } from '../../needs/index.js';
import { portionsIn } from '../../party/index.js';
import { growingMonth } from '../../plan/index.js';
import { surfaceAreaCm2, type CountedFamily } from '../../portion/index.js';
import { countsFor } from '../candidates.js';
import type { Draft } from '../draft.js';

/** A family that this brief gives no grams is no place to look for anything. */
const isAskedFor = (d: Draft, c: Component): boolean =>
  d.problem.targets.byFamily[c.family as CountedFamily] > 0;

export function wantedRows(d: Draft): void {
  for (const want of WANTED) {
    const who = [...d.chosen]
      .filter(([id]) => isAskedFor(d, d.component(id)) && want.has(d.component(id)))
      .map(([, x]) => [x, 1] as const);
    if (who.length === 0) continue;
    const count = Math.min(want.count ?? 1, who.length);
    const missing = d.model.variable(`missing ${want.name}`, 0, count, want.points);
    d.model.atLeast(`want ${want.name}`, [...who, [missing, 1]], count);
  }
}

/** Two of the same base food are alike; a second one costs points. */
const ALIKE = 2.5;
/** Two cheeses that agree on every axis: one of them brings nothing. */
const REDUNDANT = 1.2;

/** Shapes of cheese that a board shows at least, as far as it has so many cheeses (house default). */
const SHAPES = 3;
const SHAPE_MISSING = 0.6;

/** Cheeses in different shapes: what is told apart at a glance is not cut alike. */
export function shapeRows(d: Draft): void {
  const byShape = new Map<FormId, number[]>();
  for (const [id, x] of d.chosen) {
    const c = d.component(id);
    if (!isCheese(c) || !isAskedFor(d, c)) continue;
    const { form } = c.forms[0]!;
    byShape.set(form, [...(byShape.get(form) ?? []), x]);
  }
  const shown = [...byShape].map(([form, xs]) => {
    const seen = d.model.variable(`shape ${form}`, 0, 1);
    d.model.atMost(`shown ${form}`, [[seen, 1], ...xs.map((x) => [x, -1] as const)], 0);
    return [seen, 1] as const;
  });
  const count = Math.min(SHAPES, shown.length);
  const missing = d.model.variable('missing cheeses in different shapes', 0, SHAPES, SHAPE_MISSING);
  d.model.atLeast('want different shapes', [...shown, [missing, 1]], count);
}

export function alikeRows(d: Draft): void {
  oneOfEach(d, 'alike', ALIKE, (c) => c.baseFood);
  oneOfEach(d, 'redundant', REDUNDANT, (c) => (isCheese(c) ? cheeseAxes(c) : ''));
}

function oneOfEach(d: Draft, name: string, points: number, keyOf: (c: Component) => string): void {
  const byKey = new Map<string, number[]>();
  for (const [id, x] of d.chosen) {
    const key = keyOf(d.component(id));
    if (key) byKey.set(key, [...(byKey.get(key) ?? []), x]);
  }
  for (const [key, xs] of byKey) {
    if (xs.length < 2) continue;
    const over = d.model.variable(`${name} ${key}`, 0, xs.length, points);
    d.model.atMost(`one ${name} ${key}`, [...xs.map((x) => [x, 1] as const), [over, -1]], 1);
  }
}

/** Each colour of the theme is wanted in so many places. */
const PLACES = 3;
const PALETTE_POINTS = 0.8;

/** Each colour of the theme in at least three places. */
export function paletteRows(d: Draft): void {
  const { palette } = d.problem.plan.occasion.theme;
  const weight = 1 + 0.5 * d.problem.plan.wishes.levers.colour;
  for (const colour of palette) {
    const who = [...d.chosen].filter(([id]) => nearColour(d.component(id).colours[0], colour));
    if (who.length === 0) continue;
    const short = d.model.variable(`palette ${colour}`, 0, PLACES, PALETTE_POINTS * weight);
    d.model.atLeast(
      `show ${colour}`,
      [...who.map(([, x]) => [x, 1] as const), [short, 1]],
      Math.min(PLACES, who.length),
    );
  }
}

const COLOUR_MISSING = 2;

/** Each of the bright colours on every shared surface, twice over on the largest. */
export function colourRows(d: Draft): void {
  const shared = d.problem.areas.filter((g) => !isOwnPlate(d.problem.plan, g.surface));
  const largest = [...shared].sort((a, b) => surfaceAreaCm2(b.surface) - surfaceAreaCm2(a.surface))[0];
  const weight = COLOUR_MISSING * (1 + 0.4 * d.problem.plan.wishes.levers.colour);
  for (const area of shared)
    for (const hue of HUES) {
      const who = d.entries.filter((e) => e.candidate.area === area && hasHue(e.candidate.component, hue));
      const count = Math.min(who.length, area === largest ? 2 : 1);
      const name = `${hue.name} on ${area.surface.id}`;
      const missing = d.model.variable(`missing ${name}`, 0, Math.max(0, count), Math.max(0, weight));
      d.model.atLeast(`want ${name}`, [...who.map((e) => [e.laid, 1] as const), [missing, 1]], count);
    }
}

const OUT_OF_SEASON = 1.4;
const EACH_ASK = 0.6;
const EACH_DISLIKE = 0.5;
const NUTS_BY_AN_ALLERGY = 30;
const PORK_BY_HALAL = 30;
/** Crumbs, or what an allergy minds, beside guests who must not meet them, with no bowl to keep it in. */
const CRUMBS = 6;
/** A special cracker where a plain one would do: dearer, and it crumbles. */
const SPECIAL_VEHICLE = 0.6;
/** Points lost when all bread on the table is special beyond what those who need it eat. */
const SPECIAL_BEYOND_NEED = 14;
/** The others try it too: so many times the bread of those who need it is laid (house default). */
const SPECIAL_SHARE = 1.5;
const SEED_NOISE = 0.35;
const BOLD = 0.12;

/** What speaks for or against one component, whatever else is chosen; the seed breaks ties. */
export function tasteOfEach(d: Draft): void {
  const { plan } = d.problem;
  const quiet = d.problem.quiet;
  const month = growingMonth(plan);
  const season = OUT_OF_SEASON * (1 + 0.6 * plan.wishes.levers.season);
  for (const [id, x] of d.chosen) {
    const c = d.component(id);
    if (!c.seasonMonths.includes(month)) d.model.charge(x, Math.max(0, season), 'food in season');
    const haters = plan.party.filter((g) => disliked(c, g)).length;
    d.model.charge(x, haters * EACH_DISLIKE, 'food that nobody dislikes');
    d.model.charge(
      x,
      -BOLD * plan.wishes.levers.bolder * (taste(c, 'strength') + taste(c, 'heat') - 3),
      'the strength that you asked for',
    );
    d.model.charge(x, createRandom(seedOf(plan.seed, id)).next() * SEED_NOISE);
  }
  for (const e of d.entries) {
    if ([...e.candidate.verdicts.values()].includes('ask'))
      d.model.charge(e.laid, EACH_ASK, 'food with no label left to read');
    if (reachesGravely(e.candidate.component, e.candidate.area))
      d.model.charge(e.laid, NUTS_BY_AN_ALLERGY, 'safety for a guest with an allergy');
    if (reachesUnsheltered(e.candidate.component, e.candidate.area, quiet))
      d.model.charge(e.laid, PORK_BY_HALAL, 'a board that halal guests can count on');
    const { component, area, contained } = e.candidate;
    if (!contained && reachesOnto(component, area, quiet))
      d.model.charge(e.laid, CRUMBS, 'a board where nothing reaches a guest who must not meet it');
    if (component.job === 'vehicle' && component.allergens.gluten !== 'contains') {
      d.model.charge(e.laid, SPECIAL_VEHICLE, 'plain bread for those who may have it');
    }
  }
}

const isWheat = (c: Component) => c.allergens.gluten === 'contains';

/** Special crackers are for those who can count on no wheat bread; beyond their share, wheat does the job better. */
export function specialBreadRows(d: Draft): void {
  const { plan, targets } = d.problem;
  const quiet = d.problem.quiet;
  const bread = d.entries.filter((e) => e.candidate.component.job === 'vehicle');
  const shared = bread.filter((e) => !isOwnPlate(plan, e.candidate.area.surface));
  const [wheat, special] = [
    shared.filter((e) => isWheat(e.candidate.component)),
    shared.filter((e) => !isWheat(e.candidate.component)),
  ];
  const target = targets.byFamily.vehicle;
  if (special.length === 0 || wheat.length === 0 || target === 0) return;
  const needing = plan.party.filter(
    (g) =>
      !bread.some(
        (e) =>
          isWheat(e.candidate.component) &&
          e.candidate.area.groups.includes(g) &&
          countsFor(e.candidate, g, quiet),
      ),
  );
  const share = (SPECIAL_SHARE * target * portionsIn(needing)) / targets.portions;
  const beyond = d.model.variable('special bread beyond need', 0, target * 3, SPECIAL_BEYOND_NEED / target);
  d.model.atMost('special bread', [...special.map((e) => [e.mass, 1] as const), [beyond, -1]], share);
}
