import {
  cheeseAxes,
  isCheese,
  isOwnPlate,
  meanTakers,
  mindsGravely,
  onPlateOf,
  mayReachGravely,
  reachesGravely,
  reachedOn,
  reachesUnsheltered,
  taste,
  WANTED,
  wantsHeat,
} from '../../board/index.js';
import {
  atHomeIn,
  FORMS,
  likesOf,
  isSoldAllYear,
  plainBeside,
  servingOf,
  usualForm,
  type Component,
  type Family,
  type FormId,
} from '../../catalogue/index.js';
import { seedOf, createRandom } from '../../measure/index.js';
import { disliked, isOfTheMaking, judgeGroup, type Verdict } from '../../needs/index.js';
import { guestsIn, portionsIn, type Group } from '../../party/index.js';
import { growingMonth, type Plan } from '../../plan/index.js';
import { inPantry, isTiny, occasionOf, type CountedFamily } from '../../portion/index.js';
import { countsFor, type Candidate } from '../candidates.js';
import type { Said } from '../../words/index.js';
import type { Draft, Entry } from '../draft.js';

/** A family that this brief gives no grams is no place to look for anything. */
const isAskedFor = (draft: Draft, component: Component): boolean =>
  draft.problem.targets.byFamily[component.family as CountedFamily] > 0;

/** What is wanted lies where most are served: butter on the tray of two is none for the other twenty. */
function onMainSurface({ problem, entries }: Draft): Entry[] {
  const shared = problem.areas.filter((area) => !isOwnPlate(problem.plan, area.surface));
  const most = Math.max(...shared.map((area) => portionsIn(area.groups)));
  return entries.filter(
    ({ candidate: { area } }) => shared.includes(area) && portionsIn(area.groups) === most,
  );
}

export function wantedRows(draft: Draft): void {
  const { plan } = draft.problem;
  const main = onMainSurface(draft);
  const occasion = occasionOf(plan);
  const [tiny, heat] = [isTiny(plan), wantsHeat(plan)];
  const wanted = WANTED.filter(
    ({ ofMany, hot, grown }) => !(tiny && ofMany) && (heat || !hot) && !(grown && occasion === 'children'),
  );
  for (const want of wanted) {
    if (want.at && !want.at.includes(occasion)) continue;
    const who = main
      .filter(({ candidate: { component } }) => isAskedFor(draft, component) && want.has(component))
      .map(({ laid }) => [laid, 1] as const);
    if (who.length === 0) continue;
    const count = Math.min(want.count ?? 1, who.length);
    const missing = draft.model.variable(`missing ${want.name}`, 0, count, want.points, {
      loss: { say: 'loss.word', with: { what: { word: want.name } } },
    });
    draft.model.atLeast(`want ${want.name}`, [...who, [missing, 1]], count);
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
export function shapeRows(draft: Draft): void {
  const byShape = new Map<FormId, number[]>();
  for (const [id, x] of draft.chosen) {
    const component = draft.component(id);
    if (!isCheese(component) || !isAskedFor(draft, component)) continue;
    const { form } = component.forms[0]!;
    byShape.set(form, [...(byShape.get(form) ?? []), x]);
  }
  const shown = [...byShape].map(([form, xs]) => {
    const seen = draft.model.variable(`shape ${form}`, 0, 1);
    draft.model.atMost(`shown ${form}`, [[seen, 1], ...xs.map((x) => [x, -1] as const)], 0);
    return [seen, 1] as const;
  });
  const count = Math.min(SHAPES, shown.length);
  const missing = draft.model.variable('missing cheeses in different shapes', 0, SHAPES, SHAPE_MISSING, {
    loss: { say: 'loss.shapes' },
  });
  draft.model.atLeast('want different shapes', [...shown, [missing, 1]], count);
}

export function alikeRows(draft: Draft): void {
  oneOfEach(
    draft,
    'alike',
    ALIKE,
    (component) => component.baseFood,
    (food) => ({
      say: 'loss.twice',
      with: { what: { word: food } },
    }),
  );
  oneOfEach(
    draft,
    'redundant',
    REDUNDANT,
    (component) => (isCheese(component) ? cheeseAxes(component) : ''),
    () => ({ say: 'loss.alike' }),
  );
}

function oneOfEach(
  draft: Draft,
  name: string,
  points: number,
  keyOf: (component: Component) => string,
  loss: (key: string) => Said,
): void {
  const byKey = new Map<string, number[]>();
  for (const [id, x] of draft.chosen) {
    const key = keyOf(draft.component(id));
    if (key) byKey.set(key, [...(byKey.get(key) ?? []), x]);
  }
  for (const [key, xs] of byKey) {
    if (xs.length < 2) continue;
    const over = draft.model.variable(`${name} ${key}`, 0, xs.length, points, { loss: loss(key) });
    draft.model.atMost(`one ${name} ${key}`, [...xs.map((x) => [x, 1] as const), [over, -1]], 1);
  }
}

const OUT_OF_SEASON = 9;
/** And for what grows under glass then: a board of December has cucumber and tomatoes, or carrots lie on all of them. */
const UNDER_GLASS = 3;
/** And for fruit that has no season because it always comes from far: what grows now goes before it. */
const FROM_FAR = 1.2;
const isAlwaysFromFar = ({ family, seasonMonths }: Component): boolean =>
  family === 'fresh-fruit' && seasonMonths.length === 12;

const EACH_ASK = 0.6;
/** And so much where who has an allergy, or a small child, waits for the answer, or the label warns of traces. */
const ASK_OF_AN_ALLERGY = 7;
/** And so much where only the cook is asked. */
const ASK_OF_THE_COOK = 2;
/** What an allergy forbids where the like of it, taken as gladly, would feed that guest as well (house default). */
const LIKE_WITHOUT = 2.5;
/** Taken as gladly: by so many for each who takes the other. */
const AS_GLADLY = 0.8;
const EACH_DISLIKE = 0.5;
const NUTS_BY_AN_ALLERGY = 30;
/** And nuts of which a label must tell that, or warns of it: they are roasted and packed in one house (house default). */
const NUTS_UNREAD = 18;
/** And on the tray of a few, where it would reach an allergy at a larger table: one kitchen makes both, and others carry it over. */
const NUTS_IN_THE_HOUSE = 7;
const PORK_BY_HALAL = 30;
/** Crumbs, or what an allergy minds, beside guests who must not meet them, with no bowl to keep it in. */
const CRUMBS = 30;
/** And in a bowl, where half of those who eat there must not meet them: one hand over the bowl is enough (house default). */
const CRUMBS_AMONG_MOST = 12;
const areMost = (some: readonly Group[], all: readonly Group[]): boolean =>
  some.length > 0 && guestsIn(some) * 2 >= guestsIn(all);
/** A special cracker where a plain one would do: dearer, and it crumbles. */
const SPECIAL_VEHICLE = 0.6;
/** Grated apple on a board for everybody, where a soft fruit is safe for the small ones and looks like one (house default). */
const CRUMBLED = 3;
/** Points lost when all bread on the table is special beyond what those who need it eat. */
const SPECIAL_BEYOND_NEED = 14;
/** The others try it too: so many times the bread of those who need it is laid (house default). */
const SPECIAL_SHARE = 1.5;
/** What is bought for its label costs more than the plain food, and its name asks whom it is for (house default). */
const LABEL_FOR_NOBODY = 3.2;
const SEED_NOISE = 1.5;
/** Each food is left for another time so often, for so many points: else the best of each job lay on every board. */
const ANOTHER_TIME = { share: 0.45, points: 1.8 };
/** What grows and nearly everybody takes is the best of its job everywhere (carrots): it waits its turn with more, by its takers beyond so many. */
const GROWS: readonly Family[] = ['vegetable', 'fresh-fruit', 'pickle', 'nut-seed', 'spread-dip'];
const FAVOURITE = { takers: 0.65, points: 25, most: 2.5 };

/**
 * What breaks ties between equal boards and makes those of different days different: points by the seed of the plan and
 * the day, for one food. Few enough that its like comes instead, not a worse one.
 */
function turnOf({ seed, occasion }: Day, component: Component): { tie: number; wait: number } {
  const random = createRandom(seedOf(seed, occasion.start.slice(0, 10), component.id));
  const tie = random.next() * SEED_NOISE;
  const favour = (servingOf(component).takers - FAVOURITE.takers) * FAVOURITE.points;
  const more = GROWS.includes(component.family) ? Math.min(FAVOURITE.most, Math.max(0, favour)) : 0;
  const wait = ANOTHER_TIME.points + more;
  return { tie, wait: random.next() < ANOTHER_TIME.share ? wait : 0 };
}

type Day = Pick<Plan, 'seed' | 'occasion'>;

export function tieOf(plan: Day, component: Component): number {
  const { tie, wait } = turnOf(plan, component);
  return tie + wait;
}

const BOLD = 0.18;

/** What speaks for or against one component, whatever else is chosen; the seed breaks ties. */
export function tasteOfEach(draft: Draft): void {
  const { plan } = draft.problem;
  const quiet = draft.problem.quiet;
  const month = growingMonth(plan);
  const { theme } = plan.occasion;
  const inSeason = (points: number): number => Math.max(0, points * (1 + 0.8 * plan.wishes.levers.season));
  for (const [id, x] of draft.chosen) {
    const component = draft.component(id);
    if (!component.seasonMonths.includes(month))
      draft.model.charge(x, inSeason(isSoldAllYear(id) ? UNDER_GLASS : OUT_OF_SEASON), {
        say: 'loss.season',
      });
    else if (isAlwaysFromFar(component) && (theme.region === '' || !atHomeIn(id, theme.region)))
      draft.model.charge(x, inSeason(FROM_FAR), { say: 'loss.season' });
    const haters = plan.party.filter((group) => disliked(component, group)).length;
    draft.model.charge(x, haters * EACH_DISLIKE, { say: 'loss.liked' });
    draft.model.charge(
      x,
      -BOLD * plan.wishes.levers.bolder * (taste(component, 'strength') + taste(component, 'heat') - 3),
      { say: 'loss.strength' },
    );
    const { tie, wait } = turnOf(plan, component);
    draft.model.charge(x, tie);
    // what is in the house does not wait
    if (inPantry(plan, id) === 0) draft.model.charge(x, wait, { say: 'loss.another-day' });
  }
  for (const entry of draft.entries) {
    const { groups } = entry.candidate.area;
    const asked = groups.some((group) => hasOpenLabel(entry.candidate, group));
    const points =
      (asked ? EACH_ASK : 0) + Math.max(0, ...groups.map((group) => graveAsk(entry.candidate, group)));
    if (points > 0) draft.model.charge(entry.laid, points, { say: 'loss.no-label' });
    if (hasLikeWithout(draft, entry))
      draft.model.charge(entry.laid, LIKE_WITHOUT, { say: 'loss.like-without' });
    if (isLabelForNobody(draft, entry))
      draft.model.charge(entry.laid, LABEL_FOR_NOBODY, { say: 'loss.plain-food' });
    if (reachesGravely(entry.candidate.component, entry.candidate.area))
      draft.model.charge(entry.laid, NUTS_BY_AN_ALLERGY, { say: 'loss.allergy' });
    if (mayReachGravely(entry.candidate.component, entry.candidate.area))
      draft.model.charge(entry.laid, NUTS_UNREAD, { say: 'loss.allergy' });
    if (bringsIntoTheHouse(draft, entry))
      draft.model.charge(entry.laid, NUTS_IN_THE_HOUSE, { say: 'loss.allergy' });
    if (reachesUnsheltered(entry.candidate.component, entry.candidate.area, quiet))
      draft.model.charge(entry.laid, PORK_BY_HALAL, { say: 'loss.halal' });
    const { component, area, contained, form } = entry.candidate;
    const reached = reachedOn(component, area, quiet);
    if (!contained && reached.length > 0) draft.model.charge(entry.laid, CRUMBS, { say: 'loss.reaches' });
    else if (areMost(reached, groups))
      draft.model.charge(entry.laid, CRUMBS_AMONG_MOST, { say: 'loss.reaches' });
    if (FORMS[form].crumbled && !isOwnPlate(plan, area.surface) && form !== usualForm(component).form)
      draft.model.charge(entry.laid, CRUMBLED, { say: 'loss.crumbled' });
    if (component.job === 'vehicle' && component.allergens.gluten !== 'contains') {
      draft.model.charge(entry.laid, SPECIAL_VEHICLE, { say: 'loss.plain-bread' });
    }
  }
}

/** Must its label be asked? What only the whole plate decides stands on no label. */
const hasOpenLabel = ({ component, form, verdicts }: Candidate, group: Group): boolean =>
  verdicts.get(group.id) === 'ask' && onPlateOf(component, form, group) === 'never';

/** Points for who waits gravely for what must be asked of it, or is warned of traces and of nothing else: there is mostly one without. */
function graveAsk({ component, form, verdicts }: Candidate, group: Group): number {
  const verdict = verdicts.get(group.id);
  if (verdict === undefined || verdict === 'fine' || !mindsGravely(group)) return 0;
  const judgement = judgeGroup(component, form, group);
  if (verdict === 'ask') return isOfTheMaking(judgement) ? ASK_OF_THE_COOK : ASK_OF_AN_ALLERGY;
  return judgement.reasons.every((reason) => reason.verdict === 'ask' || reason.value === 'may')
    ? ASK_OF_AN_ALLERGY
    : 0;
}

/** It lies on the tray of a few only, and a larger table has a guest whom it must not reach. */
const bringsIntoTheHouse = ({ problem }: Draft, { candidate: { component, area } }: Entry): boolean =>
  problem.areas.some(
    (other) =>
      other !== area &&
      !isOwnPlate(problem.plan, other.surface) &&
      portionsIn(other.groups) > portionsIn(area.groups) &&
      reachesGravely(component, other),
  );

/** A guest's allergy forbids it, and its like would do for that guest and for all whom this one serves. */
function hasLikeWithout(draft: Draft, { candidate }: Entry): boolean {
  const { component, area, verdicts } = candidate;
  const barred = area.groups.filter((group) => mindsGravely(group) && verdicts.get(group.id) === 'forbidden');
  if (barred.length === 0) return false;
  const taken = meanTakers(draft.problem.plan, component, area.groups);
  return [...likesOf(component.id)].some((id) =>
    draft.entriesOf(id).some(({ candidate: like }) => {
      const serves = ({ id }: Group) => like.verdicts.get(id) === 'fine';
      return (
        like.area === area &&
        barred.some(serves) &&
        area.groups.every((group) => verdicts.get(group.id) !== 'fine' || serves(group)) &&
        meanTakers(draft.problem.plan, like.component, area.groups) >= AS_GLADLY * taken
      );
    }),
  );
}

const SURE: Readonly<Record<Verdict, number>> = { fine: 2, ask: 1, forbidden: 0 };

/** Everybody at this surface whom its label serves may have the plain food as surely. */
function isLabelForNobody(draft: Draft, { candidate }: Entry): boolean {
  const plain = plainBeside(candidate.component.id);
  if (!plain) return false;
  const beside = [...plain].flatMap((id) =>
    draft
      .entriesOf(id)
      .flatMap((other) => (other.candidate.area === candidate.area ? [other.candidate] : [])),
  );
  const sureOf = (of: Candidate, { id }: Group): number => SURE[of.verdicts.get(id) ?? 'forbidden'];
  return candidate.area.groups.every(
    (group) => sureOf(candidate, group) <= Math.max(0, ...beside.map((other) => sureOf(other, group))),
  );
}

const isWheat = (component: Component) => component.allergens.gluten === 'contains';

/** Special crackers are for those who can count on no wheat bread; beyond their share, wheat does the job better. */
export function specialBreadRows(draft: Draft): void {
  const { plan, targets } = draft.problem;
  const quiet = draft.problem.quiet;
  const bread = draft.entries.filter((entry) => entry.candidate.component.job === 'vehicle');
  const shared = bread.filter((entry) => !isOwnPlate(plan, entry.candidate.area.surface));
  const [wheat, special] = [
    shared.filter((entry) => isWheat(entry.candidate.component)),
    shared.filter((entry) => !isWheat(entry.candidate.component)),
  ];
  const target = targets.byFamily.vehicle;
  if (special.length === 0 || wheat.length === 0 || target === 0) return;
  const needing = plan.party.filter(
    (group) =>
      !bread.some(
        (entry) =>
          isWheat(entry.candidate.component) &&
          entry.candidate.area.groups.includes(group) &&
          countsFor(entry.candidate, group, quiet),
      ),
  );
  // where half of them need it, it is the board's bread, and nobody's who has not
  if (areMost(needing, plan.party)) return;
  const share = (SPECIAL_SHARE * target * portionsIn(needing)) / targets.portions;
  const beyond = draft.model.variable(
    'special bread beyond need',
    0,
    target * 3,
    SPECIAL_BEYOND_NEED / target,
    { loss: { say: 'loss.plain-bread' } },
  );
  draft.model.atMost(
    'special bread',
    [...special.map((entry) => [entry.mass, 1] as const), [beyond, -1]],
    share,
  );
}
