import { countsOnSome, guestsIn, hasSmallChildren, type Group } from '../party/index.js';
import { groupsAt, moduleKey, type Plan, type SingleCommand, type Surface } from '../plan/index.js';

const LONGEST_NAME = 60;
const LONGEST_ID = 56;

/** An id that no surface of the plan has. */
function freeId(plan: Plan, wanted: string): Surface['id'] {
  const taken = new Set<string>(plan.surfaces.map(({ id }) => id));
  const base = wanted.slice(0, LONGEST_ID);
  let id = base;
  for (let n = 2; taken.has(id); n += 1) id = `${base}-${n}`;
  return id as Surface['id'];
}

const portionsFor = (plan: Plan, all: Surface, group: Group): Surface => ({
  ...all,
  id: freeId(plan, `${all.id}-${group.id}`),
  name: `${all.name}, ${group.name}`.slice(0, LONGEST_NAME),
  serves: [group.id],
  singles: group.count,
  smallHands: group.band === 'child',
});

/**
 * The edits that keep a surface as it was changed. Where boards of a table become portions for each guest, those that were
 * like it go, and whoever counts on some foods only gets portions of their own, and so do small children, whose food is cut
 * small: nobody trades what lies in a box, and nobody else is bound by it.
 */
export function keptAs(plan: Plan, before: Surface, after: Surface): SingleCommand[] {
  const kept: SingleCommand = { name: 'set-surface', surface: after };
  if (!after.singles || before.singles) return [kept];
  const gone = plan.surfaces
    .filter((other) => other.id !== before.id && moduleKey(other) === moduleKey(before))
    .map(({ id }): SingleCommand => ({ name: 'remove-surface', surfaceId: id }));
  const groups = groupsAt(plan, after);
  const some = groups.filter((group) => countsOnSome(group) || hasSmallChildren(group));
  const others = groups.filter((group) => !some.includes(group));
  if (some.length === 0 || (others.length === 0 && some.length === 1)) return [...gone, kept];
  const boxes: Surface[] = [
    ...(others.length > 0
      ? [{ ...after, serves: others.map(({ id }) => id), singles: guestsIn(others) }]
      : []),
    ...some.map((group) => portionsFor(plan, after, group)),
  ];
  // the surface itself stays one of them
  const [first, ...rest] = boxes as [Surface, ...Surface[]];
  return [
    ...gone,
    ...[{ ...first, id: after.id }, ...rest].map((surface): SingleCommand => ({
      name: 'set-surface',
      surface,
    })),
  ];
}
