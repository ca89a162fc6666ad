import {
  biteJobs,
  COMPOSED_GREED,
  COMPOSED_SPARE,
  countsOnSome,
  isOwnPlate,
  kindsForBites,
  partsAsked,
  shareLeft,
} from '../../board/index.js';
import { portionsIn, portionsOf, type Group } from '../../party/index.js';
import { wantsBread } from '../../portion/index.js';
import { countsFor } from '../candidates.js';
import type { Draft, Entry } from '../draft.js';

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
  const quiet = d.problem.quiet;
  const shared = plan.party.filter(
    (g) => !d.problem.areas.some((s) => isOwnPlate(plan, s.surface) && s.groups.includes(g)),
  );
  const restricted = shared.filter(countsOnSome);
  const taken = new Map<Entry, number[]>();
  for (const group of restricted) {
    if (!d.wishes.lookedAfter(group.id)) continue;
    const flows: Flow[] = [];
    for (const entry of d.entries) {
      if (!entry.candidate.area.groups.includes(group) || !countsFor(entry.candidate, group, quiet)) continue;
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
    const left = shareLeft(entry.candidate.area.groups, COMPOSED_GREED, (g) => !restricted.includes(g));
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
    .filter((e) => groups.some((g) => e.candidate.area.groups.includes(g)))
    .map((e): [Entry, number] => [
      e,
      d.model.variable(`others eat ${e.candidate.component.id}`, 0, Infinity),
    ]);
  const need = portionsIn(groups) * d.problem.targets.perPortionG * COMPOSED_SPARE;
  d.model.atLeast(
    'enough for the others',
    flows.map(([, v]) => [v, 1] as const),
    need,
  );
  return flows;
}

function groupRows(d: Draft, group: Group, flows: readonly Flow[]): void {
  const need = portionsOf(group) * d.problem.targets.perPortionG * COMPOSED_SPARE;
  const sum = (test: (f: Flow) => boolean) => flows.filter(test).map((f) => [f.eaten, 1] as const);
  const kinds = (test: (f: Flow) => boolean) => flows.filter(test).map((f) => [f.entry.laid, 1] as const);
  const job = (j: string) => (f: Flow) => f.entry.candidate.component.job === j;
  d.model.atLeast(
    `enough ${group.id}`,
    sum(() => true),
    need,
  );
  const bread = wantsBread(d.problem.plan);
  for (const part of partsAsked(bread))
    d.model.atLeast(
      `${part.id} ${group.id}`,
      sum((f) => part.is(f.entry.candidate.component)),
      need * part.composed,
    );
  if (bread) fullBreadRow(d, group, sum(job('vehicle')));
  for (const one of biteJobs(bread)) d.model.atLeast(`a ${one} ${group.id}`, kinds(job(one)), 1);
  d.model.atLeast(
    `bites ${group.id}`,
    kinds((f) => biteJobs(bread).includes(f.entry.candidate.component.job)),
    kindsForBites(bread),
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
