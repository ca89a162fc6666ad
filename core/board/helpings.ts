import {
  IN_A_BOX,
  servingOf,
  usualForm,
  type Component,
  type Family,
  type FormId,
  type Helping,
  type Larder,
  type Occasion,
} from '../catalogue/index.js';
import { memo1, memo2 } from '../measure/index.js';
import { disliked, isGrave, judgeGroup, packOf, type Verdict } from '../needs/index.js';
import { guestsIn, hasSmallChildren, needsOf, portionsOf, type Group } from '../party/index.js';
import { groupsAt, planLarder, type Plan, type Surface, type SurfaceId } from '../plan/index.js';
import {
  COUNTED,
  groupByFamily,
  helpingFactor,
  isTiny,
  occasionOf,
  UP_TO_TINY,
  type CountedFamily,
} from '../portion/index.js';
import { quietAreas } from './contact.js';
import { isOwnPlate, servingAreas, type ServingArea } from './serving.js';

/** What a surface is for: a small child's plate is a child's, whatever the others celebrate. */
export const occasionAt = (plan: Plan, surface: Surface): Occasion =>
  isOwnPlate(plan, surface) ? 'children' : occasionOf(plan);

/** Nobody sets pork or wine on a table at which a fast is broken, whoever eats there. */
const isUnfitForIftar = ({ animal, alcohol }: Component): boolean =>
  animal.pork === 'contains' || alcohol === 'contains';

/** Is this never laid there: the occasion forbids it, or it weeps, drips or stands in a bowl and would be carried in a box? */
export function mayStandAt(component: Component, form: FormId, occasion: Occasion): boolean {
  if (servingOf(component).never.has(occasion)) return false;
  if (occasion === 'iftar' && isUnfitForIftar(component)) return false;
  return !IN_A_BOX.has(occasion) || !(component.weeps || component.drips || form === 'bowl');
}

/** Of so many of those who eat there, that what children never have is not proposed, whatever it is for (house default). */
const MOSTLY_CHILDREN = 2 / 3;

/** May it be proposed for this surface: fit for what it is for, and for the children where nearly everybody is one? */
export function mayLieOn(plan: Plan, surface: Surface, component: Component, form: FormId): boolean {
  if (!mayStandAt(component, form, occasionAt(plan, surface))) return false;
  if (!servingOf(component).never.has('children')) return true;
  const groups = groupsAt(plan, surface);
  return guestsIn(groups.filter(({ band }) => band === 'child')) <= MOSTLY_CHILDREN * guestsIn(groups);
}

/** Where only a way of eating is open (a label nobody has read), a food counts so much; where an allergy is, not at all. */
const LEAST_SURE = 0.6;

/** Does an open question count gravely for them: an allergy, or a small child? */
export const mindsGravely = (group: Group): boolean =>
  hasSmallChildren(group) || needsOf(group).some((choice) => isGrave(packOf(choice)!, choice));

/** How far a group can be reckoned with for a food of this verdict, 0 to 1. */
const sureShare = (verdict: Verdict | undefined, group: Group): number =>
  verdict === 'fine' ? 1 : verdict === 'ask' && !mindsGravely(group) ? LEAST_SURE : 0;

/** Who may eat so little of a family takes of nearly each kind that there is (shares of what is usually taken; house defaults). */
const RELIES_BELOW: Partial<Record<CountedFamily, number>> = { vehicle: 0.45, 'sweet-bite': 0.45 };
/** Who may eat hardly any cheese, meat and fish lives on what stands in for them. */
const PLANTS_BELOW = 0.3;
const FEW_KINDS = 3;
const RELIED_TAKERS = 0.9;

const takenBy = (component: Component, group: Group): number => {
  const serving = servingOf(component);
  return group.band === 'child' ? serving.childTakers : serving.takers;
};

/** Families, and plant cheeses, of which a group may eat little: it takes nearly all of that. */
const kindsRelied = memo2((larder: Larder, group: Group): ReadonlySet<Family | 'plant-cheese'> => {
  const families = groupByFamily(larder);
  const share = (family: Family): { open: number; kinds: number } => {
    const foods = families.get(family) ?? [];
    const open = foods.filter((food) =>
      food.forms.some((fact) => judgeGroup(food, fact.form, group).verdict !== 'forbidden'),
    );
    const sum = (list: readonly Component[]) => list.reduce((n, food) => n + takenBy(food, group), 0);
    return { open: sum(open) / Math.max(1e-9, sum(foods)), kinds: open.length };
  };
  const relied = new Set<Family | 'plant-cheese'>();
  for (const family of COUNTED) {
    const { open, kinds } = share(family);
    if (open < (RELIES_BELOW[family] ?? 0) || (kinds > 0 && kinds < FEW_KINDS)) relied.add(family);
  }
  if ((['cheese', 'cured-meat', 'fish'] as const).every((family) => share(family).open < PLANTS_BELOW)) {
    relied.add('plant-protein');
    relied.add('plant-cheese');
  }
  return relied;
});

const isRelied = (plan: Plan, component: Component, group: Group): boolean => {
  const relied = kindsRelied(planLarder(plan), group);
  return relied.has(servingOf(component).class === 'cheese-plant' ? 'plant-cheese' : component.family);
};

/** Of a group's guests, how many take some of it, as a share; what they do not like nobody takes. */
export function takersAt(plan: Plan, component: Component, group: Group): number {
  if (disliked(component, group)) return 0;
  if (isRelied(plan, component, group)) return RELIED_TAKERS;
  const takers = takenBy(component, group);
  const { bolder } = plan.wishes.levers;
  if (bolder <= 0 || group.band === 'child' || !isBold(component)) return takers;
  return Math.max(takers, Math.min(BOLD_GUESTS, takers * (1 + BOLDER_TAKERS * bolder)));
}

/** Whose host asks for bolder food has guests who take it: so much more of them for each step, and no more than these. */
const BOLDER_TAKERS = 0.6;
const BOLD_GUESTS = 0.75;

/** Two surfaces that serve the same guests: each is reckoned with for a little more than its half. */
const SHARED_AMONG = 1.3;
/** Who has a quiet surface to turn to takes so much of a helping from all others together. */
const BESIDE_A_QUIET_ONE = SHARED_AMONG - 1;

/** The surfaces that keep the promise of a group, by the id of the group; none for who needs no promise. */
const quietSurfaces = memo1((plan: Plan): ReadonlyMap<string, ReadonlySet<SurfaceId>> => {
  const quiet = quietAreas(plan.party, servingAreas(plan));
  const idsOf = (areas: ReadonlySet<ServingArea>) =>
    new Set([...areas].flatMap(({ surfaces }) => surfaces.map(({ id }) => id)));
  return new Map([...quiet].map(([group, areas]) => [group, idsOf(areas)]));
});

/** Does the group rely on this surface: no other keeps a promise to it that this one does not? */
const reliesOn = (plan: Plan, group: Group, surface: Surface): boolean =>
  quietSurfaces(plan).get(group.id)?.has(surface.id) ?? true;

/** Who is served there and relies on what lies there. */
export const relyingAt = (plan: Plan, surface: Surface): Group[] =>
  groupsAt(plan, surface).filter((group) => reliesOn(plan, group, surface));

/** The part of its helping that a group takes at this surface. */
function partAt(plan: Plan, group: Group, area: ServingArea): number {
  if (isOwnPlate(plan, area.surface)) return 1;
  const relies = reliesOn(plan, group, area.surface);
  const ids = new Set(area.surfaces.map((surface) => surface.id));
  const others = plan.surfaces.filter(
    (surface) =>
      !ids.has(surface.id) &&
      reliesOn(plan, group, surface) === relies &&
      !isOwnPlate(plan, surface) &&
      groupsAt(plan, surface).includes(group),
  );
  return Math.min(1, (relies ? SHARED_AMONG : BESIDE_A_QUIET_ONE) / (others.length + 1));
}

/** Of so few at a surface each may be one who takes it: shares even out among more only (house default). */
const TOO_FEW_FOR_SHARES = 3;
/** But what hardly anybody takes is not laid for all of them. */
const LIKED_BY_MANY = 0.4;

/** On a board for two or three stand few kinds, and each takes more of each (house default). */
const OF_FEW_KINDS = 1.5;
/** At a meal their helpings are large as they are. */
const OF_FEW_AT_A_MEAL = 1.15;

/** The groups that eat from a tray for two or three, and from nothing else. */
const atSmallTrays = memo1((plan: Plan): ReadonlySet<Group> => {
  const areas = servingAreas(plan);
  const isForFew = ({ groups, copies }: ServingArea): boolean => guestsIn(groups) / copies <= UP_TO_TINY;
  return new Set(
    plan.party.filter((group) => {
      const [first, ...more] = areas.filter(({ groups }) => groups.includes(group));
      return first && more.length === 0 && isForFew(first) && !hasSmallChildren(group);
    }),
  );
});

/** By a cheese lies a knife's point of jam; on bread at breakfast and on scones a spoon, and butter with it (house default). */
const ON_BREAD = 2;
/** Twice the cheese at a meal is not twice the soft cheese on its bread (house default). */
const AS_BREAD_TAKES = 1.3;
const BREAD_TABLES: ReadonlySet<Occasion> = new Set(['breakfast', 'afternoon']);
const isSpreadThere = (plan: Plan, component: Component): boolean => {
  const { class: name, leads } = servingOf(component);
  const occasion = occasionOf(plan);
  return (
    BREAD_TABLES.has(occasion) && leads.has(occasion) && (name === 'jam' || component.baseFood === 'butter')
  );
};

/** How many times the helping of drinks there is of a food at this board. */
const helpingsOf = (plan: Plan, component: Component): number => {
  const factor = helpingFactor(plan, component.family as CountedFamily);
  if (isSpreadThere(plan, component)) return Math.max(1, factor) * ON_BREAD;
  return servingOf(component).class === 'cheese-spread' ? Math.min(factor, AS_BREAD_TAKES) : factor;
};

/** Grams of a food that those at a surface, or at all of them, take: little, usual, most. Nobody gives nought. */
export function eaten(
  plan: Plan,
  component: Component,
  groups: readonly { group: Group; verdict: Verdict | undefined; part?: number }[],
): Helping {
  const { helping } = servingOf(component);
  const factor = helpingsOf(plan, component);
  const isOfFew = (group: Group): boolean => isTiny(plan) || atSmallTrays(plan).has(group);
  const ofFew = plan.occasion.role === 'meal' ? OF_FEW_AT_A_MEAL : OF_FEW_KINDS;
  const out = { little: 0, usual: 0, most: 0 };
  const served = groups.reduce((sum, { group, part = 1 }) => sum + portionsOf(group) * part, 0);
  const isForFew = served <= TOO_FEW_FOR_SHARES;
  let [mayEat, taking] = [0, 0];
  for (const { group, verdict, part = 1 } of groups) {
    const takers = takersAt(plan, component, group);
    if (takers === 0) continue;
    const relied = isRelied(plan, component, group);
    const may = portionsOf(group) * part * sureShare(verdict, group);
    mayEat += may;
    taking += may * takers;
    const each = factor * (isOfFew(group) ? ofFew : 1);
    const people = may * takers * each;
    out.little += people * helping.little;
    out.usual += people * (relied ? (helping.usual + helping.most) / 2 : helping.usual);
    out.most += (isForFew && takers >= LIKED_BY_MANY ? may * each : people) * helping.most;
  }
  if (taking > 0 && isForFew) {
    out.usual *= Math.max(1, Math.min(1, mayEat) / taking);
    out.most = Math.max(out.most, out.usual);
  }
  return out;
}

/** Grams of a food that those at this surface take. */
export const helpingAt = (
  plan: Plan,
  component: Component,
  area: ServingArea,
  verdicts: ReadonlyMap<string, Verdict>,
): Helping =>
  eaten(
    plan,
    component,
    area.groups.map((group) => ({
      group,
      verdict: verdicts.get(group.id),
      part: partAt(plan, group, area),
    })),
  );

/** Few grown guests take a bold food. */
const BOLD_BELOW = 0.38;
/** Served small or to few for other reasons than their taste. */
const NEVER_BOLD: ReadonlySet<string> = new Set([
  'plant-body',
  'plant-slice',
  'cheese-plant',
  'veg-base',
  'sweet-light',
  'paste',
  'seed',
  'jam',
  'herb',
  'leaf',
  'veg',
  'fruit-accent',
]);
export const isBold = (component: Component): boolean => {
  const { takers, class: name } = servingOf(component);
  return takers <= BOLD_BELOW && !NEVER_BOLD.has(name);
};

/** The least that is laid by hand at once (house default). */
const LEAST_BY_HAND_G = 20;

/** Grams of a food in this form that those at a surface take, whatever else they are served from. */
export const takenHere = (plan: Plan, component: Component, form: FormId, surface: Surface): Helping =>
  eaten(
    plan,
    component,
    groupsAt(plan, surface).map((group) => ({ group, verdict: judgeGroup(component, form, group).verdict })),
  );

/** Grams of a food that those at a surface usually have, in its usual form: what is laid when nobody says how much. */
export function usualHereG(plan: Plan, component: Component, surface: Surface): number {
  const { form, pieceG } = usualForm(component);
  const { usual } = takenHere(plan, component, form, surface);
  return Math.max(LEAST_BY_HAND_G, pieceG, Math.round(usual / 10) * 10);
}
