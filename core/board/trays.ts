import { servingOf, usualForm, type Family } from '../catalogue/index.js';
import { shortened } from '../measure/index.js';
import { carriesTo, judgeGroup, keepsCoursesApart } from '../needs/index.js';
import { guestsIn, hasSmallChildren, type Group } from '../party/index.js';
import {
  groupsAt,
  isShared,
  outlineSize,
  planLarder,
  type Plan,
  type SingleCommand,
  type Surface,
} from '../plan/index.js';
import { advisedOutline, fittingOutline, surfaceAreaCm2, wantsBread } from '../portion/index.js';
import { promisesFor } from './contact.js';
import { advisedTable } from './table.js';

/**
 * What a few guests' needs ask of everybody at a table, with how many others there must be so that a tray of their own is
 * less than that. Bread that sheds crumbs stands in a bowl, which a small board has room for; cheese kept in bowls, no meat
 * beside cheese, and everything cut small for a child of three are felt at once (house default).
 */
const LEAST_OTHERS = { bread: 20, cheese: 6, courses: 6, pieces: 8 } as const;
export type Binding = keyof typeof LEAST_OTHERS;
/** They are few among the others: at most so large a share of them. */
const FEW = 0.25;
/** A family is bound when so much of its plain foods may not lie open. */
const MOST_OF_A_FAMILY = 0.5;
const FAMILIES: Readonly<Partial<Record<Binding, Family>>> = { bread: 'vehicle', cheese: 'cheese' };

/** Of a family's foods that make a meal of it, those that carry to the group from anywhere on a surface. */
function boundIn(plan: Plan, family: Family, group: Group) {
  const base = [...planLarder(plan).values()].filter(
    (component) => component.family === family && servingOf(component).weight === 'base',
  );
  const bound = base.filter((component) =>
    carriesTo(component, group).some(({ reach, verdict }) => verdict === 'carries' && reach !== 'neighbours'),
  );
  return bound.length > MOST_OF_A_FAMILY * base.length ? bound : [];
}

/** What the needs of a group bind for those who eat with it, were it at their table. */
export function bindsOthers(plan: Plan, group: Group, others: readonly Group[]): Binding | undefined {
  const isFew = (among: readonly Group[], what: Binding): boolean => {
    const guests = guestsIn(among);
    return guests >= LEAST_OTHERS[what] && group.count <= FEW * guests;
  };
  if (
    wantsBread(plan) &&
    keepsCoursesApart(group) &&
    isFew(
      others.filter((other) => !keepsCoursesApart(other)),
      'courses',
    )
  )
    return 'courses';
  // a sweet course has neither bread nor cheese
  for (const what of wantsBread(plan) ? (['cheese', 'bread'] as const) : []) {
    const bound = boundIn(plan, FAMILIES[what]!, group);
    const who = others.filter((other) =>
      bound.some((food) => judgeGroup(food, usualForm(food).form, other).verdict !== 'forbidden'),
    );
    if (bound.length > 0 && isFew(who, what)) return what;
  }
  const { kind, role } = plan.occasion;
  const isTheirs = kind === 'children' || role === 'children';
  if (
    hasSmallChildren(group) &&
    !isTheirs &&
    isFew(
      others.filter((other) => !hasSmallChildren(other)),
      'pieces',
    )
  )
    return 'pieces';
  return undefined;
}

/** Of the promises that would keep their needs, those that rule out least. */
const promisedTo = (groups: readonly Group[]): Surface['freeFrom'] =>
  [...new Set(groups.flatMap(promisesFor).map(([first]) => first!))].sort();

/** Those whose needs bind the others, those who ask the same of a tray together. */
function keptFor(plan: Plan): Group[][] {
  const kept = new Map<string, Group[]>();
  for (const group of plan.party) {
    const what = bindsOthers(
      plan,
      group,
      plan.party.filter((other) => other !== group),
    );
    if (!what) continue;
    const key = [what === 'courses', hasSmallChildren(group), ...promisedTo([group])].join(' ');
    kept.set(key, [...(kept.get(key) ?? []), group]);
  }
  return [...kept.values()];
}

/** For whom it is; small children with needs of their own are told from those without. */
function trayName(groups: readonly Group[]): string {
  if (groups.every((group) => hasSmallChildren(group) && group.needs.length === 0))
    return 'Small children’s plate';
  const kind = groups.some(hasSmallChildren) ? 'Plate' : 'Tray';
  return shortened(`${kind} for ${groups.map(({ name }) => name).join(', ')}`, 58);
}

/** A tray that these groups have to themselves, in the size of what they eat. */
export function trayFor(plan: Plan, groups: readonly Group[]): Surface {
  const taken = new Set<string>(plan.surfaces.map(({ id }) => id));
  let n = 1;
  while (taken.has(`tray-${n}`)) n += 1;
  const isForSmall = groups.some(hasSmallChildren);
  const tray: Surface = {
    id: `tray-${n}` as Surface['id'],
    name: trayName(groups),
    outline: { kind: 'round', diameterMm: 240 },
    rimMm: 10,
    material: 'china',
    serves: groups.map(({ id }) => id),
    freeFrom: promisedTo(groups),
    smallHands: isForSmall,
  };
  const around = {
    ...plan,
    surfaces: [...plan.surfaces.map((surface) => without(plan, surface, groups)), tray],
  };
  const advised = { ...tray, outline: advisedOutline(around, tray) ?? tray.outline };
  if (!isForSmall) return advised;
  // what a child leaves is reckoned with: more lies there than is eaten
  const outline = fittingOutline(advised, surfaceAreaCm2(advised) * LEFT_BY_CHILDREN);
  const isSaucer = Math.max(...outlineSize(outline)) < LEAST_PLATE_MM;
  return { ...advised, outline: isSaucer ? { kind: 'round', diameterMm: LEAST_PLATE_MM } : outline };
}

/** So many times what small children eat lies on their plate, and a little china shows; no plate is smaller (house defaults). */
const LEFT_BY_CHILDREN = 1.2;
const LEAST_PLATE_MM = 160;

/** The edits that leave the surfaces where these eat with others to the others. */
export const leftToOthers = (plan: Plan, groups: readonly Group[]): SingleCommand[] =>
  plan.surfaces
    .filter((surface) => isShared(surface) && groupsAt(plan, surface).some((group) => groups.includes(group)))
    .map((surface) => ({ name: 'set-surface', surface: without(plan, surface, groups) }));

/** The same surface, no more for these. */
const without = (plan: Plan, surface: Surface, groups: readonly Group[]): Surface => ({
  ...surface,
  serves: (surface.serves ?? plan.party.map(({ id }) => id)).filter(
    (id) => !groups.some((group) => group.id === id),
  ),
});

/**
 * The surfaces that a party is advised instead of this one: its table, in parts where it is long, and a tray of their own
 * for the few whose needs would bind what everybody has. Those eat from their tray alone, so that nothing of the table
 * reaches it.
 */
export function advisedSetting(plan: Plan, surface: Surface): Surface[] {
  const kept = keptFor(plan);
  const everybody = { ...surface, serves: null };
  if (kept.length === 0) return advisedTable({ ...plan, surfaces: [everybody] }, everybody);
  const main: Surface = {
    ...without(plan, everybody, kept.flat()),
    smallHands: surface.smallHands && !kept.flat().some(hasSmallChildren),
  };
  const trays: Surface[] = [];
  for (const groups of kept) trays.push(trayFor({ ...plan, surfaces: [main, ...trays] }, groups));
  return [...advisedTable({ ...plan, surfaces: [main, ...trays] }, main), ...trays];
}
