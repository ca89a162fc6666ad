import { leftToOthers } from '../board/index.js';
import type { ComponentId } from '../catalogue/index.js';
import { portionsOf, type Group } from '../party/index.js';
import {
  applyCommand,
  isOnlyFor,
  planLarder,
  type Command,
  type Plan,
  type Surface,
  type SingleCommand,
} from '../plan/index.js';
import { fittingOutline, minutesAtHand, needG } from '../portion/index.js';
import { ENGLISH, lower, speak, type Arg, type Figure, type Said } from '../words/index.js';
import { problemOf, type Problem } from './candidates.js';
import { groupWish, pinWish, type Draft } from './draft.js';
import type { Row, Solver } from './linear.js';
import { draftOf } from './program.js';

/** Wishes that cannot all be kept. `wishes` are ids: budget, work, star, pin:<component>, group:<group>. */
export interface Conflict {
  wishes: string[];
  said: Said;
  /** What to loosen so that a board can be made, the smallest step first. */
  ways: Way[];
}

/** One way out: what it says, what it changes, and the edit. */
export interface Way {
  label: Said;
  effect: Said[];
  command: Command;
}

/** Ways out that are looked for: enough to choose from. */
const MOST_WAYS = 3;

/**
 * What must be loosened so that a board can be made, decided on the relaxed program (notes: decide on the LP). Each wish
 * may be broken at a price; the cheapest breaking is a way out. Then the wish that was broken is held fast, and the next
 * way is looked for. What all ways break together is what collides. A way is offered once a whole board was made with it
 * (`isMade`): packs and pieces may ask for more than the relaxed program sees.
 */
export function findConflicts(problem: Problem, solve: Solver, isMade: (plan: Plan) => boolean): Conflict[] {
  const elastic = elasticOf(problem);
  const held = new Set<string>();
  const found: { broken: Broken[]; way: Way }[] = [];
  const wishes = new Set<string>();
  for (let k = 0; k < MOST_WAYS + 1 && found.length < MOST_WAYS; k++) {
    const broken = cheapestBreaking(elastic, held, solve);
    if (!broken) break;
    if (broken.length === 0) return [onPaper(problem.plan)];
    broken.forEach((broken) => wishes.add(broken.wish));
    const way = wayOf(problem.plan, broken, solve, isMade);
    if (way && !found.some((f) => isSame(f.way.label, way.label))) found.push({ broken, way });
    held.add(broken[0]!.wish);
  }
  if (wishes.size === 0) return [{ wishes: [], said: { say: 'conflict.surfaces' }, ways: [] }];
  const collide = [...wishes];
  return [{ wishes: collide, said: sentence(problem.plan, collide), ways: found.map((f) => f.way) }];
}

/** A share of the budget by which packs that do not fit may be helped (house default). */
const ON_PAPER_MORE = 1.1;

function onPaper(plan: Plan): Conflict {
  const said: Said = { say: 'conflict.on-paper' };
  if (plan.budgetMinor === null) return { wishes: [], said, ways: [] };
  const budgetMinor = Math.ceil((plan.budgetMinor * ON_PAPER_MORE) / UNIT) * UNIT;
  return {
    wishes: ['budget'],
    said,
    ways: [{ ...wayWords([budgetStep(plan, budgetMinor)]), command: { name: 'set-budget', budgetMinor } }],
  };
}

// ------------------------------------------------------------------ which wishes collide

interface Broken {
  wish: string;
  /** By how much, in the wish's own unit: minor units, minutes; otherwise only that it is. */
  by: number;
}

interface Elastic {
  draft: Draft;
  slacks: { wish: string; variable: number; scale: number }[];
}

/** The rows that keep each wish; what a plan does not wish for has none. */
function rowsByWish(draft: Draft): Map<string, Row[]> {
  const { plan } = draft.problem;
  const kept = new Map<string, Row[]>();
  for (const row of draft.model.rows)
    if (row.wish !== undefined) kept.set(row.wish, [...(kept.get(row.wish) ?? []), row]);
  // in this order, so that the same plan names the same wishes first
  const wishes = [
    'budget',
    'work',
    'star',
    ...plan.wishes.pinned.map(pinWish),
    ...plan.party.map((group) => groupWish(group.id)),
  ];
  return new Map(wishes.flatMap((wish) => (kept.has(wish) ? [[wish, kept.get(wish)!]] : [])));
}

/** What breaking a whole wish costs beside others: money and minutes first, guests last. */
const PRICES: Record<string, number> = { budget: 2, work: 2, star: 1, pin: 1, group: 400 };

/** Every wish's rows may be missed, at a price for the share that is missed; nothing else costs anything. */
function elasticOf(problem: Problem): Elastic {
  const draft = draftOf(problem);
  for (const variable of draft.model.variables) variable.cost = 0;
  draft.model.offset = 0;
  const slacks: Elastic['slacks'] = [];
  for (const [wish, rows] of rowsByWish(draft)) {
    const price = PRICES[wish.split(':')[0]!]!;
    for (const row of rows) {
      const below = Number.isFinite(row.lower);
      const scale = Math.max(1, Math.abs(below ? row.lower : row.upper));
      const variable = draft.model.variable(`breaks ${wish}`, 0, Infinity, price / scale);
      row.terms = [...row.terms, [variable, below ? 1 : -1]];
      slacks.push({ wish, variable, scale: price / scale });
    }
  }
  return { draft, slacks };
}

const ROUNDS = 3;
const BROKEN = 1e-5;

/** The fewest wishes that must be broken while some are held: a sum of breakings, weighed anew to gather them in few. */
function cheapestBreaking(elastic: Elastic, held: ReadonlySet<string>, solve: Solver): Broken[] | undefined {
  const { model } = elastic.draft;
  let weight = new Map(elastic.slacks.map((slack) => [slack.wish, 1]));
  let broken: Broken[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    for (const slack of elastic.slacks) {
      model.variables[slack.variable]!.upper = held.has(slack.wish) ? 0 : Infinity;
      model.variables[slack.variable]!.cost = slack.scale * weight.get(slack.wish)!;
    }
    const found = solve(model, { gap: 0, nodes: 0, seed: 1, relaxed: true });
    if (found.status === 'infeasible') return undefined;
    const missed = new Map<string, { by: number; price: number }>();
    for (const slack of elastic.slacks) {
      const by = found.values[slack.variable] ?? 0;
      const known = missed.get(slack.wish) ?? { by: 0, price: 0 };
      missed.set(slack.wish, { by: known.by + by, price: known.price + by * slack.scale });
    }
    broken = [...missed]
      .filter(([, m]) => m.price > BROKEN)
      .sort((a, b) => b[1].price - a[1].price)
      .map(([wish, m]) => ({ wish, by: m.by }));
    if (broken.length <= 1) break;
    weight = new Map([...missed].map(([wish, m]) => [wish, 1 / (m.price + 0.05)]));
  }
  return broken;
}

// ------------------------------------------------------------------ ways out

/** More wishes than this are no way out but another party. */
const MOST_STEPS = 2;

/** The edits that loosen what is broken; undefined where a wish has no edit or the board still cannot be made. */
function wayOf(
  plan: Plan,
  broken: readonly Broken[],
  solve: Solver,
  isMade: (plan: Plan) => boolean,
): Way | undefined {
  if (broken.length > MOST_STEPS) return undefined;
  const way = wayBy(plan, broken, solve);
  if (!way) return undefined;
  const done = applyCommand(plan, way.command);
  if (!done.ok || isMade(done.plan)) return way;
  const more = alsoScarce(plan, broken);
  const steps = [
    ...(more.length > broken.length ? [more] : []),
    ...TIMES_MORE.map((times) => broken.map((wish) => ({ ...wish, by: wish.by * times }))),
  ];
  for (const wide of steps) {
    const wider = wayBy(plan, wide, solve);
    const widened = wider && applyCommand(plan, wider.command);
    if (widened?.ok && isMade(widened.plan)) return wider;
  }
  return undefined;
}

/** The relaxed program lays crumbs of many kinds: whole ones may need several times what it asks for. */
const TIMES_MORE = [3, 6, 12];

/** Money and minutes that were enough on paper, to the last coin or minute, are loosened too. */
function alsoScarce(plan: Plan, broken: readonly Broken[]): Broken[] {
  const scarce = [
    ...(plan.budgetMinor === null ? [] : ['budget']),
    ...(plan.work.minutes === null ? [] : ['work']),
  ].filter((wish) => !broken.some((broken) => broken.wish === wish));
  return [...broken, ...scarce.map((wish) => ({ wish, by: 0 }))];
}

function wayBy(plan: Plan, broken: readonly Broken[], solve: Solver): Way | undefined {
  const steps = broken.map((broken) => relaxed(plan, broken));
  if (steps.some((step) => step === undefined)) return undefined;
  const known = steps as Step[];
  const words = wayWords(known);
  const way: Way = {
    ...words,
    command: {
      name: 'together',
      label: lower(speak(words.label, ENGLISH)).slice(0, 120),
      commands: known.flatMap((step) => step.commands),
    },
  };
  const done = applyCommand(plan, way.command);
  if (!done.ok) return undefined;
  const { model } = draftOf(problemOf(done.plan, false, true));
  const holds = solve(model, { gap: 0, nodes: 0, seed: 1, relaxed: true }).status !== 'infeasible';
  return holds ? way : undefined;
}

/** A way of one step is said as it is, one of two steps as both. */
function wayWords(steps: readonly Pick<Step, 'label' | 'effect'>[]): Pick<Way, 'label' | 'effect'> {
  const [one, other] = steps.map((step) => step.label);
  return {
    label: other ? { say: 'way.both', with: { one: one!, other } } : one!,
    effect: steps.map((step) => step.effect),
  };
}

const isSame = (a: Said, b: Said): boolean => JSON.stringify(a) === JSON.stringify(b);

interface Step {
  label: Said;
  effect: Said;
  commands: SingleCommand[];
}

/** Whole packs and kinds cost more than shares of them, as the relaxed program counts (house default, from trials). */
const WHOLE_PACKS = 1.12;
const WHOLE_KINDS = 1.3;
const UNIT = 100;
const FIVE = 5;

function budgetStep(plan: Plan, budgetMinor: number): Pick<Step, 'label' | 'effect'> {
  return {
    label: { say: 'way.budget.label', with: { money: moneyOf(plan, budgetMinor - plan.budgetMinor!) } },
    effect: { say: 'way.budget.effect', with: { money: moneyOf(plan, budgetMinor) } },
  };
}

/** One wish loosened as little as helps. */
function relaxed(plan: Plan, { wish, by }: Broken): Step | undefined {
  if (wish === 'budget') {
    const budgetMinor = Math.ceil(((plan.budgetMinor! + by) * WHOLE_PACKS) / UNIT) * UNIT;
    return { ...budgetStep(plan, budgetMinor), commands: [{ name: 'set-budget', budgetMinor }] };
  }
  if (wish === 'work') {
    const each = ((minutesAtHand(plan)! + by) * WHOLE_KINDS) / (1 + plan.work.helpers);
    const minutes = Math.max(plan.work.minutes! + FIVE, Math.ceil(each / FIVE) * FIVE);
    return {
      label: { say: 'way.work.label', with: { n: minutes - plan.work.minutes! } },
      effect: { say: 'way.work.effect', with: { n: minutes } },
      commands: [{ name: 'set-work', work: { ...plan.work, minutes } }],
    };
  }
  if (wish === 'star')
    return {
      label: { say: 'way.star.label' },
      effect: { say: 'way.star.effect' },
      commands: [{ name: 'set-star', star: null }],
    };
  const componentId = plan.wishes.pinned.find((pinned) => pinWish(pinned) === wish);
  if (componentId !== undefined) {
    return {
      label: { say: 'way.pin.label', with: { food: foodName(plan, componentId) } },
      effect: { say: 'way.pin.effect' },
      commands: [{ name: 'pin', componentId, on: false }],
    };
  }
  return ownPlate(
    plan,
    plan.party.find((group) => groupWish(group.id) === wish),
  );
}

/** A plate that the group has to itself, in the size of its portions; the shared surfaces are then the others'. */
function ownPlate(plan: Plan, group: Group | undefined): Step | undefined {
  if (!group) return undefined;
  const has = plan.surfaces.some((surface) => isOnlyFor(surface, group.id));
  if (has || plan.party.length === 1 || plan.surfaces.length >= 20) return undefined;
  const base: Surface = {
    id: `plate-${group.id}`.slice(0, 60) as Surface['id'],
    name: `Plate for ${group.name}`.slice(0, 60),
    outline: { kind: 'round', diameterMm: 240 },
    rimMm: 10,
    material: 'china',
    serves: [group.id],
    freeFrom: [],
    smallHands: group.band === 'child',
  };
  const { targets } = problemOf(plan);
  const outline = fittingOutline(base, (needG(group, targets) * GROUND_SPARE) / GROUND_G_PER_CM2);
  return {
    label: { say: 'way.plate.label', with: { group: group.name } },
    effect: { say: 'way.plate.effect', with: { n: Math.round(portionsOf(group)) } },
    commands: [{ name: 'set-surface', surface: { ...base, outline } }, ...leftToOthers(plan, [group])],
  };
}

/** A mixed plate (craft, section 9), and a little room around it. */
const GROUND_G_PER_CM2 = 1.7;
const GROUND_SPARE = 1.1;

// ------------------------------------------------------------------ words

/** More wishes than this make no sentence. */
const MOST_NAMED = 3;

function sentence(plan: Plan, ids: readonly string[]): Said {
  const named: Arg[] = ids.slice(0, MOST_NAMED).map((id) => wishSaid(plan, id));
  const wishes: Arg[] = ids.length > MOST_NAMED ? [...named, { say: 'wish.others' }] : named;
  return {
    say: wishes.length > 1 ? 'conflict.several' : 'conflict.one',
    with: { wishes: { all: wishes, most: wishes.length } },
  };
}

const foodName = (plan: Plan, id: ComponentId): string => planLarder(plan).get(id)?.name ?? id;
const moneyOf = (plan: Plan, minor: number): Figure => ({ minor, currency: plan.currency });

function wishSaid(plan: Plan, id: string): Said {
  if (id === 'budget') return { say: 'wish.budget', with: { money: moneyOf(plan, plan.budgetMinor ?? 0) } };
  if (id === 'work') return { say: 'wish.work', with: { n: minutesAtHand(plan) ?? 0 } };
  if (id === 'star') return { say: 'wish.star', with: { food: foodName(plan, plan.wishes.star!) } };
  const pinned = plan.wishes.pinned.find((component) => pinWish(component) === id);
  if (pinned) return { say: 'wish.pin', with: { food: foodName(plan, pinned) } };
  const group = plan.party.find((group) => groupWish(group.id) === id);
  return { say: 'wish.group', with: { group: group?.name ?? id } };
}
