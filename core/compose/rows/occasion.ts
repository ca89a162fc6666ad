import { atHomeIn, isForeignTo, servingOf, type Component } from '../../catalogue/index.js';
import {
  BEFORE_A_MEAL_KJ,
  CLEARLY_HEAVY_KJ,
  effortOf,
  inPantry,
  mealFollows,
  minutesAtHand,
  occasionOf,
  surfaceAreaCm2,
} from '../../portion/index.js';
import {
  isCheese,
  isOwnPlate,
  isRich,
  isSweetFare,
  kindsThatFit,
  relieves,
  starsAmong,
  type ServingArea,
} from '../../board/index.js';
import type { MessageId } from '../../words/index.js';
import type { Draft, Entry } from '../draft.js';

/** Points lost for each kind that is another kitchen's, where the theme has one; and for what is everybody's. */
const FOREIGN = 8;
const EVERYBODYS = 2;

/** One kitchen's board is made of that kitchen's food, as far as everyone can be fed from it. */
export function regionRows(draft: Draft): void {
  const { region } = draft.problem.plan.occasion.theme;
  if (region === '') return;
  for (const [id, x] of draft.chosen)
    if (!atHomeIn(id, region))
      draft.model.charge(x, isForeignTo(id, region) ? FOREIGN : EVERYBODYS, { say: 'loss.region' });
}

/** Points lost for a board without what its occasion is known by. */
const HEARTLESS = 6;

/** A film night has popcorn, an afternoon its small sandwiches and its scones, as far as the larder and the guests let it. */
export function heartRows(draft: Draft): void {
  const occasion = occasionOf(draft.problem.plan);
  const hearts = [...draft.chosen].filter(([id]) => servingOf(draft.component(id)).hearts.has(occasion));
  for (const family of new Set(hearts.map(([id]) => draft.component(id).family))) {
    const here = hearts
      .filter(([id]) => draft.component(id).family === family)
      .map(([, x]) => [x, 1] as const);
    const none = draft.model.variable(`no heart of ${family}`, 0, 1, HEARTLESS, {
      loss: { say: 'loss.leads' },
    });
    draft.model.atLeast(`heart of the occasion, ${family}`, [...here, [none, 1]], 1);
  }
}

/** Points lost for each savoury food of a sweet course. */
const SAVOURY = 30;

/** A sweet course is sweet, as far as everyone can be fed from it. */
export function sweetCourseRows(draft: Draft): void {
  if (draft.problem.plan.occasion.role !== 'sweet') return;
  for (const [id, x] of draft.chosen)
    if (!isSweetFare(draft.component(id))) draft.model.charge(x, SAVOURY, { say: 'loss.sweet' });
}

/** Points lost when the board is heavier than it should be by all of the ceiling. */
const TOO_HEAVY = 5;
/** A usual board at drinks has so much: salami and nuts are on it, and Check says what is before a meal. */
const USUAL_KJ = 1.15 * BEFORE_A_MEAL_KJ;
/** A food whose energy nobody knows counts as middling. */
const UNKNOWN_KJ = 1000;
/** Points for twice as much as Check lets pass; whole pieces round it up by a hundredth. */
const CLEARLY_HEAVY = 120;
const WELL_BELOW = 0.985;

/** If a meal follows, the board stays light. */
export function energyRows(draft: Draft): void {
  const { plan, targets } = draft.problem;
  if (!mealFollows(plan) || targets.portions === 0) return;
  const ceiling = USUAL_KJ * targets.portions;
  const over = draft.model.variable('too heavy', 0, ceiling * 10, TOO_HEAVY / ceiling, {
    loss: { say: 'loss.light' },
  });
  const terms = draft.entries.map(
    (entry) => [entry.mass, (entry.candidate.component.per100g.energyKj ?? UNKNOWN_KJ) / 100] as const,
  );
  draft.model.atMost('light before a meal', [...terms, [over, -1]], ceiling);
  const clearly = CLEARLY_HEAVY_KJ * targets.portions;
  const far = draft.model.variable('clearly too heavy', 0, clearly * 10, CLEARLY_HEAVY / clearly, {
    loss: { say: 'loss.light' },
  });
  draft.model.atMost('never clearly too heavy', [...terms, [far, -1]], clearly * WELL_BELOW);
}

/** Points for each minute by the lever, and when less work is not asked for, a little. */
const EACH_MINUTE = 0.006;
const LEVER_MINUTE = 0.1;

/** The hands there are; and of two equal boards the one with less work. */
export function workRows(draft: Draft): void {
  const { plan } = draft.problem;
  const weight = EACH_MINUTE + LEVER_MINUTE * plan.wishes.levers.lessWork;
  const terms = draft.entries.flatMap((entry) => {
    const effort = effortOf(entry.candidate.component, entry.candidate.form);
    return [[entry.laid, effort.kindMin] as const, [entry.mass, effort.per100gMin / 100] as const];
  });
  for (const [v, minutes] of terms) draft.model.charge(v, weight * minutes, { say: 'loss.minutes' });
  const limit = minutesAtHand(plan);
  if (limit !== undefined && draft.wishes.work) draft.model.atMost('minutes at hand', terms, limit, 'work');
}

/** Points lost for a rich food that nothing sharp or juicy on its surface relieves. */
const UNRELIEVED = 0.5;
/** One reliever is within reach of so many rich foods (house default). */
const RICH_TO_A_RELIEVER = 3;
const CHEESES_TO_A_VEHICLE = 3;

/** Within reach means on the same surface: rich with sharp, cheese with something to lay it on. */
export function reachRows(draft: Draft): void {
  for (const area of draft.problem.areas) {
    if (isOwnPlate(draft.problem.plan, area.surface)) continue;
    const here = draft.entries.filter((entry) => entry.candidate.area === area);
    within(
      draft,
      area,
      { name: 'relief', loss: 'loss.relief', most: RICH_TO_A_RELIEVER },
      here,
      (component) => isRich(component) && component.job === 'body',
      relieves,
    );
    within(
      draft,
      area,
      { name: 'vehicle', loss: 'loss.vehicle', most: CHEESES_TO_A_VEHICLE },
      here,
      isCheese,
      (component) => component.job === 'vehicle',
    );
  }
}

function within(
  draft: Draft,
  area: ServingArea,
  { name, loss, most }: { name: string; loss: MessageId; most: number },
  here: readonly Entry[],
  asks: (component: Component) => boolean,
  gives: (component: Component) => boolean,
): void {
  const short = draft.model.variable(`no ${name} on ${area.surface.id}`, 0, here.length, UNRELIEVED, {
    loss: { say: loss, with: { surface: area.surface.name } },
  });
  const askers = here
    .filter((entry) => asks(entry.candidate.component))
    .map((entry) => [entry.laid, 1] as const);
  const givers = here
    .filter((entry) => gives(entry.candidate.component))
    .map((entry) => [entry.laid, -most] as const);
  if (askers.length > 0)
    draft.model.atMost(`${name} on ${area.surface.id}`, [...askers, ...givers, [short, -1]], 0);
}

/** Points lost for each kind beyond what a surface takes. */
const TOO_BUSY = 1.2;

/** Kinds that fit the surface. */
export function busyRows(draft: Draft): void {
  for (const area of draft.problem.areas) {
    if (isOwnPlate(draft.problem.plan, area.surface)) continue;
    const most = kindsThatFit(area.surface);
    const here = draft.entries
      .filter((entry) => entry.candidate.area === area)
      .map((entry) => [entry.laid, 1] as const);
    if (here.length <= most) continue;
    const over = draft.model.variable(`busy ${area.surface.id}`, 0, here.length, TOO_BUSY, {
      loss: { say: 'loss.calm', with: { surface: area.surface.name } },
    });
    draft.model.atMost(`kinds fit ${area.surface.id}`, [...here, [over, -1]], most);
  }
}

/** Points for what is in the house and is used, for each kind: it wants to be eaten. */
const USED_UP = 2.5;

/** What is in the house is used first. */
export function pantryRows(draft: Draft): void {
  for (const [id, x] of draft.chosen)
    if (inPantry(draft.problem.plan, id) > 0) draft.model.charge(x, -USED_UP, { say: 'loss.pantry' });
}

/** Points lost for each food that the last boards had: enough for its like to come instead, not for a worse one. */
const SERVED_LATELY = 0.9;

/** A host's boards are not all alike. */
export function latelyRows(draft: Draft): void {
  const lately = new Set(draft.problem.plan.wishes.lately);
  for (const [id, x] of draft.chosen)
    if (lately.has(id)) draft.model.charge(x, SERVED_LATELY, { say: 'loss.lately' });
}

/** Points lost without a piece that is clearly the best of the board. */
const NO_STAR = 1.5;

/** One star: the stylist's, or one of the dearest pieces, laid where most guests are served. */
export function starRows(draft: Draft): void {
  const { plan, areas } = draft.problem;
  const chosen = plan.wishes.star;
  const largest = areas
    .filter((area) => !isOwnPlate(plan, area.surface))
    .sort((a, b) => surfaceAreaCm2(b.surface) - surfaceAreaCm2(a.surface))[0];
  if (chosen) {
    const x = draft.chosen.get(chosen);
    if (x === undefined || !draft.wishes.star) return;
    draft.model.atLeast('the star', [[x, 1]], 1, 'star');
    const there = draft.entries.find(
      (entry) => entry.candidate.component.id === chosen && entry.candidate.area === largest,
    );
    if (there) draft.model.atLeast('the star on the main board', [[there.laid, 1]], 1, 'star');
    return;
  }
  const stars = starsAmong([...draft.chosen.keys()].map((id) => draft.component(id)));
  if (stars.length === 0) return;
  const missing = draft.model.variable('missing a star', 0, 1, NO_STAR, {
    loss: { say: 'loss.star' },
  });
  draft.model.atLeast(
    'want a star',
    [...stars.map((component) => [draft.chosen.get(component.id)!, 1] as const), [missing, 1]],
    1,
  );
}
