import type { Component, ComponentId } from '../catalogue/index.js';
import { isOwnPlate, type ServingArea } from '../board/index.js';
import type { Candidate, Problem } from './candidates.js';
import { LinearModel } from './linear.js';

/** A candidate's variables: is it laid there, and how many grams. */
export interface Entry {
  candidate: Candidate;
  laid: number;
  mass: number;
}

/** Which wishes are in force: all of them, but when a conflict is being looked for. */
export interface Wishes {
  budget: boolean;
  pinned(id: ComponentId): boolean;
  lookedAfter(groupId: string): boolean;
  work: boolean;
  star: boolean;
}

export const ALL_WISHES: Wishes = {
  budget: true,
  pinned: () => true,
  lookedAfter: () => true,
  work: true,
  star: true,
};

/** Names of the wishes for one food and for one group, as rows carry them and conflicts name them. */
export const pinWish = (id: ComponentId): string => `pin:${id}`;
export const groupWish = (id: string): string => `group:${id}`;

/** The program while it is being written. */
export interface Draft {
  problem: Problem;
  model: LinearModel;
  entries: Entry[];
  /** The entries of one component. */
  entriesOf(id: ComponentId): readonly Entry[];
  /** Is the component chosen for a shared surface? */
  chosen: Map<ComponentId, number>;
  /** Is it bought for children's plates alone? Of what may lie on one. */
  extra: Map<ComponentId, number>;
  wishes: Wishes;
  /** Each writes what is bought of something into the values of a board; none without a budget. */
  bills: ((values: number[]) => void)[];
  component(id: ComponentId): Component;
}

/** Where several eat: all but the plates of one's own. */
export const sharedAreas = ({ problem: { plan, areas } }: Pick<Draft, 'problem'>): ServingArea[] =>
  areas.filter((area) => !isOwnPlate(plan, area.surface));

/** Points for a kind that is bought for a child's plate alone. */
const EXTRA_KIND = 0.4;
/** And for one that is made at home for them alone: nobody heats an oven for two spoons. */
const EXTRA_MADE = 2;

/** Lays one candidate, perhaps: mass only where laid, laid only where chosen. */
function enter(
  model: LinearModel,
  { plan }: Problem,
  candidate: Candidate,
  { chosen, extra }: Pick<Draft, 'chosen' | 'extra'>,
): Entry {
  const { id } = candidate.component;
  const at = `${id} on ${candidate.area.surface.id}`;
  const laid = model.binary(`lay ${at}`, 0.05);
  if (candidate.held) model.variables[laid]!.lower = 1;
  const mass = model.variable(`mass ${at}`, 0, candidate.maxG);
  const perG = (g: number) => [[mass, 1] as const, [laid, -g] as const];
  model.atMost(`only where laid ${at}`, perG(candidate.maxG), 0);
  model.atLeast(`worth laying ${at}`, perG(candidate.minG), 0);
  const beyond = [[laid, 1] as const, [chosen.get(id)!, -1] as const];
  if (isOwnPlate(plan, candidate.area.surface)) {
    // a child's plate likes what is bought anyway; a kind of its own costs a little
    model.atMost(`laid or extra ${at}`, [...beyond, [extra.get(id)!, -1]], 0);
  } else model.atMost(`laid if chosen ${at}`, beyond, 0);
  return { candidate, laid, mass };
}

/** Variables and the rows that tie them: laid only where chosen, chosen only where laid, pins chosen. */
export function startDraft(problem: Problem, wishes: Wishes): Draft {
  const model = new LinearModel();
  const components = new Map(
    problem.candidates.map((candidate) => [candidate.component.id, candidate.component]),
  );
  const chosen = new Map([...components.keys()].map((id) => [id, model.binary(`choose ${id}`)]));
  const onPlates = problem.candidates.filter(({ area }) => isOwnPlate(problem.plan, area.surface));
  const extra = new Map(
    [...new Set(onPlates.map(({ component }) => component))].map(({ id, made }) => {
      const points = EXTRA_KIND + (made === 'home-made' ? EXTRA_MADE : 0);
      return [id, model.variable(`extra ${id}`, 0, 1, points, { loss: { say: 'loss.own-kind' } })];
    }),
  );
  const entries = problem.candidates.map((candidate) => enter(model, problem, candidate, { chosen, extra }));
  const byComponent = new Map<ComponentId, Entry[]>();
  for (const entry of entries) {
    const known = byComponent.get(entry.candidate.component.id);
    if (known) known.push(entry);
    else byComponent.set(entry.candidate.component.id, [entry]);
  }
  const entriesOf = (id: ComponentId): readonly Entry[] => byComponent.get(id) ?? [];
  for (const [id, x] of chosen) {
    const places = entriesOf(id)
      .filter((entry) => !isOwnPlate(problem.plan, entry.candidate.area.surface))
      .map((entry) => [entry.laid, 1] as const);
    model.atLeast(`chosen is laid ${id}`, [...places, [x, -1]], 0);
  }
  for (const id of problem.plan.wishes.pinned) {
    const x = chosen.get(id);
    if (x !== undefined && wishes.pinned(id)) model.atLeast(`pinned ${id}`, [[x, 1]], 1, pinWish(id));
  }
  return {
    problem,
    model,
    entries,
    entriesOf,
    chosen,
    extra,
    wishes,
    bills: [],
    component: (id) => components.get(id)!,
  };
}
