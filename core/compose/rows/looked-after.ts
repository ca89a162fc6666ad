import { portionsOf, type Group } from '../../party/index.js';
import { wantsBread } from '../../portion/index.js';
import { countsFor, isOwnPlate, isUnrestricted, portionsAt, quietGrounds } from '../candidates.js';
import type { Draft, Entry } from '../draft.js';

/** Restricted guests must be sure of their portion while the others take their proportional share (this many times). */
export const COMPOSED_GREED = 1;
/** A little more than enough, so that rounding to whole pieces leaves nobody short. */
const SPARE = 1.02;
/** Least shares of a portion: something with body, something to lay it on, something fresh. */
const LEAST = { body: 0.15, vehicle: 0.06, fresh: 0.12 };
/** A bite is vehicle + body + contrast; three different bites need at least five kinds among them. */
const KINDS_FOR_THREE_BITES = 5;
/** Without bread, body + contrast: four kinds. */
const KINDS_FOR_THREE_SWEETS = 4;

const FRESH = new Set(['fresh-fruit', 'vegetable']);

interface Flow {
  entry: Entry;
  eaten: number;
}

/**
 * Everyone enough, of foods that they may eat, and still so when the others help themselves. Groups that count on
 * the same foods are one; what the unrestricted leave of each food is shared among the rest as a flow.
 */
export function lookedAfterRows(d: Draft): void {
  const { plan } = d.problem;
  const quiet = quietGrounds(d.problem);
  const shared = plan.party.filter(
    (g) => !d.problem.grounds.some((s) => isOwnPlate(s, plan) && s.groups.includes(g)),
  );
  const restricted = shared.filter((g) => !isUnrestricted(g) || g.dislikes.length > 0);
  const taken = new Map<Entry, number[]>();
  for (const group of restricted) {
    if (!d.wishes.lookedAfter(group.id)) continue;
    const flows: Flow[] = [];
    for (const entry of d.entries) {
      if (!entry.candidate.ground.groups.includes(group) || !countsFor(entry.candidate, group, quiet))
        continue;
      const eaten = d.model.variable(`${group.id} eats ${entry.candidate.component.id}`, 0, Infinity);
      flows.push({ entry, eaten });
      taken.set(entry, [...(taken.get(entry) ?? []), eaten]);
    }
    groupRows(d, group, flows);
  }
  const free = shared.filter((g) => !restricted.includes(g) && d.wishes.lookedAfter(g.id));
  const eatAll = new Map(free.length > 0 ? unrestrictedRows(d, free) : []);
  for (const entry of new Set([...taken.keys(), ...eatAll.keys()])) {
    const flows = [...(taken.get(entry) ?? []), ...(eatAll.has(entry) ? [eatAll.get(entry)!] : [])];
    d.model.atMost(
      `all of ${entry.candidate.component.id}`,
      [...flows.map((f) => [f, 1] as const), [entry.mass, -1]],
      0,
    );
  }
  for (const [entry, flows] of taken) {
    const everyone = portionsAt(entry.candidate.ground.groups);
    const others = portionsAt(entry.candidate.ground.groups.filter((g) => !restricted.includes(g)));
    const left = Math.max(0, 1 - (COMPOSED_GREED * others) / everyone);
    d.model.atMost(
      `shared ${entry.candidate.component.id}`,
      [...flows.map((f) => [f, 1] as const), [entry.mass, -left]],
      0,
    );
  }
}

/** Who eats everything shares too: what all groups together eat of a food is there. Returns their flow of each food. */
function unrestrictedRows(d: Draft, groups: readonly Group[]): [Entry, number][] {
  const flows = d.entries
    .filter((e) => groups.some((g) => e.candidate.ground.groups.includes(g)))
    .map((e): [Entry, number] => [
      e,
      d.model.variable(`others eat ${e.candidate.component.id}`, 0, Infinity),
    ]);
  const need = portionsAt(groups) * d.problem.targets.perPortionG * SPARE;
  d.model.atLeast(
    'enough for the others',
    flows.map(([, v]) => [v, 1] as const),
    need,
  );
  return flows;
}

function groupRows(d: Draft, group: Group, flows: readonly Flow[]): void {
  const need = portionsOf(group) * d.problem.targets.perPortionG * SPARE;
  const sum = (test: (f: Flow) => boolean) => flows.filter(test).map((f) => [f.eaten, 1] as const);
  const kinds = (test: (f: Flow) => boolean) => flows.filter(test).map((f) => [f.entry.laid, 1] as const);
  const job = (j: string) => (f: Flow) => f.entry.candidate.component.job === j;
  d.model.atLeast(
    `enough ${group.id}`,
    sum(() => true),
    need,
  );
  d.model.atLeast(`body ${group.id}`, sum(job('body')), need * LEAST.body);
  const bread = wantsBread(d.problem.plan);
  if (bread) {
    d.model.atLeast(`vehicle ${group.id}`, sum(job('vehicle')), need * LEAST.vehicle);
    d.model.atLeast(`a vehicle ${group.id}`, kinds(job('vehicle')), 1);
    fullBreadRow(d, group, sum(job('vehicle')));
  }
  d.model.atLeast(
    `fresh ${group.id}`,
    sum((f) => FRESH.has(f.entry.candidate.component.family)),
    need * LEAST.fresh,
  );
  d.model.atLeast(`a body ${group.id}`, kinds(job('body')), 1);
  d.model.atLeast(`a contrast ${group.id}`, kinds(job('contrast')), 1);
  d.model.atLeast(
    `bites ${group.id}`,
    kinds((f) =>
      ['body', 'contrast', ...(bread ? ['vehicle'] : [])].includes(f.entry.candidate.component.job),
    ),
    bread ? KINDS_FOR_THREE_BITES : KINDS_FOR_THREE_SWEETS,
  );
}

/** Points lost when a whole party's bread is missing for those who count on their own. */
const BREAD_SHORT = 14;

/** The least keeps nobody hungry; a good board gives each group as much bread as the school gives everyone. */
function fullBreadRow(d: Draft, group: Group, eaten: (readonly [number, number])[]): void {
  const { byFamily, portions } = d.problem.targets;
  const bread = (byFamily.vehicle * portionsOf(group)) / portions;
  if (bread === 0) return;
  const short = d.model.variable(`bread short ${group.id}`, 0, bread, BREAD_SHORT / byFamily.vehicle);
  d.model.atLeast(`bread ${group.id}`, [...eaten, [short, 1]], bread);
}
