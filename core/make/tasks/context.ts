import type { Component, ComponentId, Larder } from '../../catalogue/index.js';
import { planLarder, type Placement, type Plan } from '../../plan/index.js';
import {
  effortBySteps,
  holdingOf,
  minutesOf,
  planMaking,
  type PlanMaking,
  type Step,
} from '../../portion/index.js';
import { CALM_MIN, HANDS_GROW } from '../rules.js';
import type { Task } from '../task.js';
import { tracesOf, type Traces } from '../traces.js';

/** One food in one form, on all surfaces together: what is done to it in the kitchen is done once. */
export interface Work {
  component: Component;
  form: Placement['form'];
  at: readonly Placement[];
  massG: number;
  pieces: number;
  /** Hands-on minutes of each step. */
  minutes: Partial<Record<Step, number>>;
  making: PlanMaking | undefined;
  leaves: number;
  keeps: number;
}

export interface MakeContext {
  plan: Plan;
  larder: Larder;
  traces: Traces;
  works: readonly Work[];
  /** Work in the kitchen is over by then: before the car is packed, or half an hour before opening. */
  calm: number;
}

const batches = (work: PlanMaking, massG: number): number => Math.max(1, massG / work.outG);

function minutesIn(
  component: Component,
  form: Placement['form'],
  massG: number,
  making?: PlanMaking,
): Work['minutes'] {
  const steps = effortBySteps(component, form);
  const minutes = Object.fromEntries(
    Object.entries(steps).map(([step, effort]) => [step, minutesOf(effort, massG)]),
  ) as Work['minutes'];
  if (making) minutes.make = Math.max(1, making.handsMin * batches(making, massG) ** HANDS_GROW);
  return minutes;
}

export function makeContext(plan: Plan): MakeContext {
  const larder = planLarder(plan);
  const traces = tracesOf(plan);
  const groups = new Map<string, Placement[]>();
  for (const placement of plan.placements) {
    const key = `${placement.componentId} ${placement.form}`;
    groups.set(key, [...(groups.get(key) ?? []), placement]);
  }
  const works = [...groups.values()].flatMap((at): Work[] => {
    const component = larder.get(at[0]!.componentId);
    if (!component) return [];
    const { form } = at[0]!;
    const massG = at.reduce((sum, placement) => sum + placement.massG, 0);
    const making = planMaking(plan, component.id);
    return [
      {
        component,
        form,
        at,
        massG,
        pieces: at.reduce((sum, placement) => sum + placement.pieces, 0),
        minutes: minutesIn(component, form, massG, making),
        making,
        leaves: traces.leaves(component),
        keeps: traces.keeps(component, form, at),
      },
    ];
  });
  const { carMin, buildMin } = plan.occasion;
  return { plan, larder, traces, works, calm: -(carMin > 0 ? carMin + buildMin : CALM_MIN) };
}

/** Grams of a making that are laid: of one recipe in several forms all together are one batch. */
export const madeG = (works: readonly Work[], id: ComponentId): number =>
  works.filter(({ component }) => component.id === id).reduce((sum, { massG }) => sum + massG, 0);

/**
 * Minutes before opening that a food may leave the cold for good, what its preparation took out there counted: the
 * first lot lies as long as Check gives it. Infinity for what keeps.
 */
export function coldUntil({ plan }: Pick<MakeContext, 'plan'>, component: Component, bench = 0): number {
  const { limitMin, leadMin, lots } = holdingOf(component, plan);
  if (limitMin === Infinity) return Infinity;
  const lead = lots === 1 ? limitMin - plan.occasion.durationMin : leadMin;
  return Math.max(0, lead - bench);
}

export const LONG_AGO = -7 * 24 * 60;

/** A task with what most of them share. */
export const task = (given: Pick<Task, 'id' | 'kind' | 'foods' | 'handsMin'> & Partial<Task>): Task => ({
  massG: 0,
  pieces: 0,
  waitMin: 0,
  by: 0,
  after: [],
  uses: [],
  leaves: 0,
  keeps: 0,
  sharp: false,
  fine: false,
  ahead: false,
  ...given,
  // whole minutes, and never beyond what is safe
  handsMin: Math.max(1, Math.round(given.handsMin)),
  from: Math.ceil(given.from ?? LONG_AGO),
  fresh: Math.ceil(given.fresh ?? LONG_AGO),
  ripe: Math.floor(given.ripe ?? 0),
});

/** What several works leave and keep, together. */
export const bitsOf = (works: readonly Work[]): Pick<Task, 'leaves' | 'keeps'> => ({
  leaves: works.reduce((bits, work) => bits | work.leaves, 0),
  keeps: works.reduce((bits, work) => bits | work.keeps, 0),
});

/** What takes longer than this, in parts of about the same length, so that several hands can work at it. */
export function sharedOut<T>(items: readonly T[], minutes: (item: T) => number, longest: number): T[][] {
  const sum = (list: readonly T[]): number => list.reduce((sum, item) => sum + minutes(item), 0);
  const wanted = Math.max(1, Math.min(items.length, Math.ceil(sum(items) / longest)));
  if (wanted === 1) return [[...items]];
  const out: T[][] = Array.from({ length: wanted }, () => []);
  for (const item of [...items].sort((a, b) => minutes(b) - minutes(a)))
    out.reduce((least, part) => (sum(part) < sum(least) ? part : least)).push(item);
  return out;
}

/** Works that may share one task: none of them leaves what another must not meet. */
export function alike<T extends Work>(works: readonly T[]): T[][] {
  const groups: T[][] = [];
  for (const work of works) {
    const fits = groups.find((group) =>
      group.every((other) => (other.leaves & work.keeps) === 0 && (work.leaves & other.keeps) === 0),
    );
    if (fits) fits.push(work);
    else groups.push([work]);
  }
  return groups;
}
