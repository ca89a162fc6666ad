import {
  biteJobs,
  COMPOSED_GREED,
  COMPOSED_SPARE,
  isOwnPlate,
  kindsForBites,
  partsAsked,
  shareTaken,
  type ServingArea,
} from '../../board/index.js';
import { countsOnSome, portionsIn, portionsOf, unreadOf, type Group } from '../../party/index.js';
import { ampleAt, wantsBread } from '../../portion/index.js';
import { countsFor } from '../candidates.js';
import { groupWish, type Draft, type Entry } from '../draft.js';

interface Flow {
  entry: Entry;
  eaten: number;
}

/**
 * Everyone enough, of foods that they may eat, and still so when the others help themselves. Groups that count on
 * the same foods are one; what the unrestricted leave of each food is shared among the rest as a flow.
 */
export function lookedAfterRows(draft: Draft): void {
  const { plan } = draft.problem;
  const quiet = draft.problem.quiet;
  const shared = plan.party.filter(
    (group) =>
      // what was said of them and not understood keeps nobody else from a board: Check asks
      unreadOf(group).length === 0 &&
      !draft.problem.areas.some((area) => isOwnPlate(plan, area.surface) && area.groups.includes(group)),
  );
  const restricted = shared.filter(countsOnSome);
  const taken = new Map<Entry, number[]>();
  for (const group of restricted) {
    if (!draft.wishes.lookedAfter(group.id)) continue;
    const flows: Flow[] = [];
    for (const entry of draft.entries) {
      if (!entry.candidate.area.groups.includes(group) || !countsFor(entry.candidate, group, quiet)) continue;
      const eaten = draft.model.variable(`${group.id} eats ${entry.candidate.component.id}`, 0, Infinity);
      flows.push({ entry, eaten });
      taken.set(entry, [...(taken.get(entry) ?? []), eaten]);
    }
    groupRows(draft, group, flows);
  }
  const free = shared.filter((group) => !restricted.includes(group) && draft.wishes.lookedAfter(group.id));
  const eaten = new Map([...taken].map(([entry, flows]) => [entry, [...flows]]));
  for (const alike of alikeAtTable(draft, free))
    for (const [entry, flow] of unrestrictedRows(draft, alike))
      eaten.set(entry, [...(eaten.get(entry) ?? []), flow]);
  for (const [entry, flows] of eaten) {
    draft.model.atMost(
      `all of ${entry.candidate.component.id}`,
      [...flows.map((flow) => [flow, 1] as const), [entry.mass, -1]],
      0,
    );
  }
  for (const [entry, flows] of taken) {
    const { area } = entry.candidate;
    const others = shareTaken(area.groups, (group) => (restricted.includes(group) ? 0 : 1));
    const ample = ampleAt(plan, area.surface);
    const taken = ample > 1 ? (others * COMPOSED_GREED) / ample : others;
    draft.model.atMost(
      `shared ${entry.candidate.component.id}`,
      [...flows.map((flow) => [flow, 1] as const), [entry.mass, taken - 1]],
      0,
    );
  }
  ampleRows(draft);
}

/** On a table from which some eat some foods only lies more than all eat: that is what is left for them. */
function ampleRows(draft: Draft): void {
  const { plan, areas, targets } = draft.problem;
  const tables = new Map<string, ServingArea[]>();
  for (const area of areas) {
    if (ampleAt(plan, area.surface) === 1) continue;
    const key = area.groups.map(({ id }) => id).join(' ');
    tables.set(key, [...(tables.get(key) ?? []), area]);
  }
  for (const table of tables.values()) {
    const [{ groups, surface }] = table as [ServingArea];
    draft.model.atLeast(
      `ample ${groups.map(({ id }) => id).join(' ')}`,
      draft.entries
        .filter(({ candidate }) => candidate.component.job !== 'none' && table.includes(candidate.area))
        .map(({ mass }) => [mass, 1]),
      portionsIn(groups) * targets.perPortionG * ampleAt(plan, surface),
    );
  }
}

/**
 * Groups without a need of their own that count on the same foods: grown guests on all of them, children not on what
 * their age asks about.
 */
function alikeAtTable(draft: Draft, groups: readonly Group[]): Group[][] {
  const alike = new Map<string, Group[]>();
  for (const group of groups) {
    const left = draft.entries.flatMap(({ candidate }) =>
      (candidate.verdicts.get(group.id) ?? 'fine') === 'fine' ? [] : [candidate.component.id],
    );
    const key = [...new Set(left)].join(' ');
    alike.set(key, [...(alike.get(key) ?? []), group]);
  }
  return [...alike.values()];
}

/** Who eats everything shares too: what all groups together eat of a food is there. Returns their flow of each food. */
function unrestrictedRows(draft: Draft, groups: readonly Group[]): [Entry, number][] {
  const flows = draft.entries
    .filter(({ candidate }) =>
      groups.some(
        (group) => candidate.area.groups.includes(group) && countsFor(candidate, group, draft.problem.quiet),
      ),
    )
    .map((entry): [Entry, number] => [
      entry,
      draft.model.variable(`${groups[0]!.id} and others eat ${entry.candidate.component.id}`, 0, Infinity),
    ]);
  const need = portionsIn(groups) * draft.problem.targets.perPortionG * COMPOSED_SPARE;
  draft.model.atLeast(
    `enough ${groups[0]!.id} and others`,
    flows.map(([, v]) => [v, 1] as const),
    need,
  );
  return flows;
}

function groupRows(draft: Draft, group: Group, flows: readonly Flow[]): void {
  const wish = groupWish(group.id);
  const need = portionsOf(group) * draft.problem.targets.perPortionG * COMPOSED_SPARE;
  const sum = (test: (flow: Flow) => boolean) => flows.filter(test).map((flow) => [flow.eaten, 1] as const);
  const kinds = (test: (flow: Flow) => boolean) =>
    flows.filter(test).map((flow) => [flow.entry.laid, 1] as const);
  const job = (j: string) => (flow: Flow) => flow.entry.candidate.component.job === j;
  draft.model.atLeast(
    `enough ${group.id}`,
    sum(() => true),
    need,
    wish,
  );
  const bread = wantsBread(draft.problem.plan);
  for (const part of partsAsked(bread))
    draft.model.atLeast(
      `${part.id} ${group.id}`,
      sum((flow) => part.is(flow.entry.candidate.component)),
      need * part.composed,
      wish,
    );
  if (bread) fullBreadRow(draft, group, sum(job('vehicle')));
  for (const one of biteJobs(bread)) draft.model.atLeast(`a ${one} ${group.id}`, kinds(job(one)), 1, wish);
  draft.model.atLeast(
    `bites ${group.id}`,
    kinds((flow) => biteJobs(bread).includes(flow.entry.candidate.component.job)),
    kindsForBites(bread),
    wish,
  );
}

/** Points lost when a whole party's bread is missing for those who count on their own. */
const BREAD_SHORT = 14;

/** The least keeps nobody hungry; a good board gives each group as much bread as the school gives everyone. */
function fullBreadRow(draft: Draft, group: Group, eaten: (readonly [number, number])[]): void {
  const { byFamily, portions } = draft.problem.targets;
  const bread = (byFamily.vehicle * portionsOf(group)) / portions;
  if (bread === 0) return;
  const short = draft.model.variable(`bread short ${group.id}`, 0, bread, BREAD_SHORT / byFamily.vehicle, {
    loss: { say: 'loss.bread', with: { group: group.name } },
  });
  draft.model.atLeast(`bread ${group.id}`, [...eaten, [short, 1]], bread);
}
