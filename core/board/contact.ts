import { factValue, known, type Component } from '../catalogue/index.js';
import {
  carriesTo,
  disliked,
  isGrave,
  packOf,
  reachOf,
  type FactTest,
  type NeedPack,
  type Verdict,
} from '../needs/index.js';
import { needsOf, type Group } from '../party/index.js';
import { FREE_FROM, type FreeFromId, type Surface } from '../plan/index.js';
import type { ServingArea } from './serving.js';

/** Promises of a surface that rule this carrier out; none for what no surface can be kept free from. */
const ruledOutBy = (carrier: FactTest): FreeFromId[] =>
  FREE_FROM.filter((freeFrom) =>
    freeFrom.breaks.some(
      (b) => b.fact === carrier.fact && carrier.values.every((value) => b.values.includes(value)),
    ),
  ).map((freeFrom) => freeFrom.id);

/**
 * What a surface must promise so that nothing on it carries to the group: for each carrier of its needs, the promises of
 * which one is enough. Carriers that no promise rules out are left out: Check tells what touches what.
 */
export function promisesFor(group: Group): FreeFromId[][] {
  return needsOf(group).flatMap((choice) => {
    const pack = packOf(choice);
    if (!pack?.contact || reachOf(pack, choice) === 'none') return [];
    return pack.contact.carriers.map(ruledOutBy).filter((ids) => ids.length > 0);
  });
}

/** Does the surface promise all that the group's needs ask of it? */
export const keepsPromise = (surface: Surface, asked: readonly (readonly FreeFromId[])[]): boolean =>
  asked.every((ids) => ids.some((id) => surface.freeFrom.includes(id)));

/** For a group whose needs mind contact, by id: the areas that keep its promise. */
export type QuietAreas = ReadonlyMap<string, ReadonlySet<ServingArea>>;

/**
 * Where a group has an area that keeps its promise, it counts on those areas alone. A group with a contact need and no
 * such area counts on every one; Check then says what touches what.
 */
export function quietAreas(party: readonly Group[], areas: readonly ServingArea[]): QuietAreas {
  const out = new Map<string, Set<ServingArea>>();
  for (const group of party) {
    const asked = promisesFor(group);
    if (asked.length === 0) continue;
    const quiet = areas.filter((area) => area.groups.includes(group) && keepsPromise(area.surface, asked));
    if (quiet.length > 0) out.set(group.id, new Set(quiet));
  }
  return out;
}

/** Somebody may count on a food there: fine, liked, and with no neighbour that would carry to them. */
export function countsThere(
  component: Component,
  verdict: Verdict | undefined,
  area: ServingArea,
  group: Group,
  quiet: QuietAreas,
): boolean {
  if (verdict !== 'fine' || disliked(component, group)) return false;
  const own = quiet.get(group.id);
  return !own || own.has(area);
}

/**
 * A food that reaches guests of this area who have no quiet one to turn to: crumbs, or what an allergy minds, also
 * where only the label can tell. It stands in a bowl of its own.
 */
export const reachesOnto = (component: Component, area: ServingArea, quiet: QuietAreas): boolean =>
  reachedOn(component, area, quiet).length > 0;

/** Who at this surface must not meet its bits, bowl or no bowl. */
export const reachedOn = (component: Component, area: ServingArea, quiet: QuietAreas): Group[] =>
  area.groups.filter(
    (group) =>
      !quiet.has(group.id) &&
      carriesTo(component, group).some(
        (carried) =>
          carried.reach !== 'neighbours' &&
          (isGrave(carried.need, carried.choice) ||
            (component.job === 'vehicle' && carried.verdict === 'carries')),
      ),
  );

/** Do bits of the food reach those who mind them on other surfaces too? */
export const travelsFar = (component: Component, { contact }: NeedPack): boolean =>
  contact?.travels === 'all' || (contact?.travels === 'what-sheds' && component.sheds.length > 0);

/** Bits that travel, and guests of this area whose allergy minds them, whatever else they can turn to. */
export const reachesGravely = (component: Component, area: ServingArea): boolean =>
  area.groups.some((group) =>
    carriesTo(component, group).some(
      (carried) =>
        travelsFar(component, carried.need) &&
        isGrave(carried.need, carried.choice) &&
        carried.verdict === 'carries',
    ),
  );

/** Nuts that may have met another nut which an allergy of guests of this area minds: a label warns of it, or nobody has read one. */
export const mayReachGravely = (component: Component, area: ServingArea): boolean =>
  component.sheds.includes('nut-pieces') &&
  area.groups.some((group) =>
    needsOf(group).some((choice) => {
      const pack = packOf(choice);
      return (
        pack?.contact !== undefined &&
        isGrave(pack, choice) &&
        travelsFar(component, pack) &&
        pack.contact.carriers.some(({ fact, values }) => {
          const value = factValue(component, fact, component.forms[0]!.form);
          return value !== 'free' && !values.includes(value);
        })
      );
    }),
  );

/** What guests of this area shun, who have no quiet area to turn to; what only a label can tell is kept away as well. */
export const reachesUnsheltered = (component: Component, area: ServingArea, quiet: QuietAreas): boolean =>
  area.groups.some(
    (group) =>
      !quiet.has(group.id) &&
      carriesTo(component, group).some((carried) => carried.need.contact?.shunned === true),
  );

/** Does the food have what the test asks? Open while nobody knows the fact. */
export function hasFact(
  component: Component,
  form: Parameters<typeof factValue>[2],
  test: FactTest,
): 'yes' | 'no' | 'open' {
  const value = factValue(component, test.fact, form);
  return test.values.includes(value) ? 'yes' : known(value) ? 'no' : 'open';
}

/** Food that none of those whom a surface serves may eat is never proposed there, whatever the policy. */
export const isNobodys = (verdicts: ReadonlyMap<string, Verdict>): boolean =>
  verdicts.size > 0 && [...verdicts.values()].every((verdict) => verdict === 'forbidden');
