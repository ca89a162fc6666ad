import type { Arg } from '../words/index.js';
import type { Component, ComponentId, Larder } from '../catalogue/index.js';
import { carriesTo, judgeGroup, judgeNeed, type Judgement } from '../needs/index.js';
import type { Group, NeedChoice } from '../party/index.js';
import {
  growingMonth,
  type Placement,
  type Plan,
  type SingleCommand,
  type SurfaceId,
} from '../plan/index.js';
import { HEAT_ABOVE_C } from '../portion/index.js';
import type { SwapOption } from './option.js';
import { optionsFor } from './options.js';

/** What the whole board shall become, alone or together. */
export interface Target {
  /** Everything on the board is fine for these needs. */
  needs: readonly NeedChoice[];
  /** At most this much money, in minor units, for the packs that are bought. */
  budgetMinor?: number;
  /** For so many guests instead. */
  guests?: number;
  /** In this place and month instead. */
  occasion?: Partial<Pick<Plan['occasion'], 'start' | 'where' | 'airTempC'>>;
  /** Foods that stay as they are if they may. */
  locked?: readonly ComponentId[];
  /** Only what lies on these surfaces is turned; the whole board where none is named. */
  surfaces?: readonly SurfaceId[];
}

export interface ConvertedItem {
  from: ComponentId;
  to: ComponentId;
  name: string;
  kind: 'stays' | SwapOption['kind'] | 'apart' | 'leave-out' | 'added';
  keeps: string[];
  changes: string[];
  /** Why it could not stay, by the facts. */
  reasons: Arg[];
  /** Where only a part of the board is turned: the surfaces on which it changes. */
  on?: readonly SurfaceId[];
  /** 0 to 1: how much of the food's job is kept. */
  likeness: number;
  commands: SingleCommand[];
}

/** What one food may become: a choice of the joint program. */
export interface Arc {
  item: ConvertedItem;
  /** What it becomes; undefined when it leaves the board. */
  component: Component | undefined;
  loss: number;
  /** What is bought for it; undefined where it leaves the board. */
  buys: { food: ComponentId; massG: number } | undefined;
  asks: boolean;
}

/** Arcs to the likest targets only: within half a per cent of all of them (notes, on converting). */
const MOST_ARCS = 18;
/** Points: apart or gone, moved though it was held. */
const APART = 0.85;
const GONE = 1;
const LOCKED_MOVES = 5;
/** A group of the party that could eat the food and cannot eat what it becomes. */
const LOST_TO_A_GROUP = 0.15;
/** Something that reaches a guest at the same surface who was not reached before is no choice at all. */
const REACHES = Infinity;

/** Does it suit the new place at all, whatever the needs? Chocolate and cream in the heat do not. */
function suits(plan: Plan, component: Component, moved: boolean): boolean {
  if (!moved) return true;
  const hot = plan.occasion.airTempC >= HEAT_ABOVE_C;
  if (hot && /chocolate|truffle|butter|mascarpone|cream/.test(`${component.id} ${component.baseFood}`))
    return false;
  return component.seasonMonths.includes(growingMonth(plan));
}

/** Each once. */
export const different = (said: readonly Arg[]): Arg[] => [
  ...new Map(said.map((arg) => [JSON.stringify(arg), arg])).values(),
];

/** All needs at once: the worst verdict, with its reasons. */
export function judgeAll(
  component: Component,
  form: Placement['form'],
  needs: readonly NeedChoice[],
): Judgement {
  const all = needs.map((choice) => judgeNeed(component, form, choice));
  const verdict = all.some((judgement) => judgement.verdict === 'forbidden')
    ? 'forbidden'
    : all.some((judgement) => judgement.verdict === 'ask')
      ? 'ask'
      : 'fine';
  return { verdict, reasons: all.flatMap((judgement) => judgement.reasons) };
}

/** A food of the board, and what speaks against its staying as it is. */
interface Turning {
  plan: Plan;
  component: Component;
  here: readonly Placement[];
  massG: number;
  target: Target;
  /** Is the board set into another place and month? */
  moved: boolean;
  /** Points for moving it at all, where it is held. */
  held: number;
  mayStay: boolean;
  asks: boolean;
  reasons: Arg[];
}

/** Why a food turns that nothing forbids. */
function unforced(asks: boolean, { budgetMinor }: Target): string {
  if (asks) return 'only its label says whether it is fine';
  if (budgetMinor !== undefined) return 'the board costs less so';
  return 'nothing is against it, but beside what changes another serves better';
}

function turningOf(plan: Plan, component: Component, target: Target): Turning {
  const here = plan.placements.filter((placement) => placement.componentId === component.id);
  const moved = target.occasion !== undefined;
  const now = here.map((placement) => judgeAll(component, placement.form, target.needs));
  const is = (verdict: Judgement['verdict']) => now.some((judgement) => judgement.verdict === verdict);
  const stands = suits(plan, component, moved);
  const against = now.flatMap((judgement) =>
    judgement.reasons.filter((reason) => reason.verdict === 'forbidden').map((reason) => reason.why),
  );
  const reasons = [
    ...different(against),
    ...(stands ? [] : [{ word: 'it does not stand that place and month' }]),
  ];
  return {
    plan,
    component,
    here,
    massG: here.reduce((sum, placement) => sum + placement.massG, 0),
    target,
    moved,
    held: target.locked?.includes(component.id) ? LOCKED_MOVES : 0,
    mayStay: !is('forbidden') && stands,
    asks: is('ask'),
    reasons: reasons.length > 0 ? reasons : [{ word: unforced(is('ask'), target) }],
  };
}

function staying({ component, massG, asks }: Turning): Arc {
  const { id, name } = component;
  const buys = { food: id, massG };
  return { item: item(id, id, name, 'stays', [], [], [], 1, []), component, loss: 0, buys, asks };
}

function swaps(turning: Turning, larder: Larder, loss: Loss, eaters: Plan): Arc[] {
  const { plan, component, here, massG, target, moved, held, reasons } = turning;
  return optionsFor(plan, larder, component, here, { kinds: ['component', 'form', 'home-made'], eaters })
    .map((option) => ({
      option,
      lost: loss(here, component, option),
      verdict: judgeAll(option.component, option.form, target.needs).verdict,
    }))
    .filter(({ option, verdict }) => verdict !== 'forbidden' && suits(plan, option.component, moved))
    .filter(({ lost }) => lost < REACHES)
    .slice(0, MOST_ARCS)
    .map(({ option, lost, verdict }): Arc => {
      const { id, name, kind, keeps, changes, score, commands } = option;
      return {
        item: item(component.id, id, name, kind, keeps, changes, reasons, score, commands),
        component: option.component,
        loss: held + (1 - score) + lost,
        buys: { food: option.component.id, massG: placedG(commands) ?? massG },
        asks: verdict === 'ask',
      };
    });
}

/** What only stays on a plate of its own still costs its money; a need of the whole board asks for it apart. */
function apart({ component, massG, reasons }: Turning): Arc {
  const { id, name } = component;
  const [keeps, changes] = [['the food itself'], ['it lies on a plate of its own']];
  return {
    item: item(id, id, name, 'apart', keeps, changes, reasons, 1 - APART, []),
    component: undefined,
    loss: APART,
    buys: { food: id, massG },
    asks: false,
  };
}

function gone({ component: { id, name }, reasons, held }: Turning): Arc {
  return {
    item: item(id, id, name, 'leave-out', [], ['it is not there any more'], reasons, 0, [
      { name: 'leave-out', componentId: id },
    ]),
    component: undefined,
    loss: held + GONE,
    buys: undefined,
    asks: false,
  };
}

/** What a food of the board may become. `eaters` is the plan with the guests who will come. */
export function arcsFor(
  plan: Plan,
  larder: Larder,
  id: ComponentId,
  target: Target,
  loss: Loss,
  eaters: Plan = plan,
): Arc[] {
  const turning = turningOf(plan, larder.get(id)!, target);
  const standsApart = !turning.mayStay && suits(plan, turning.component, turning.moved);
  return [
    ...(turning.mayStay ? [staying(turning)] : []),
    ...swaps(turning, larder, loss, eaters),
    ...(standsApart ? [apart(turning)] : []),
    gone(turning),
  ];
}

/** What the party that comes loses by a swap, whatever the board is turned into: a food that was theirs, or quiet ground. */
export type Loss = (here: readonly Placement[], component: Component, option: SwapOption) => number;

/** Judges each food for each group once. */
export function lossOf(plan: Plan): Loss {
  const known = new Map<string, boolean>();
  const once = (key: string, judge: () => boolean): boolean => {
    const value = known.get(key) ?? judge();
    known.set(key, value);
    return value;
  };
  const eats = (food: Component, form: Placement['form'], group: Group) =>
    once(`eats ${food.id} ${form} ${group.id}`, () => judgeGroup(food, form, group).verdict === 'fine');
  const reached = (food: Component, group: Group) =>
    once(`reached ${food.id} ${group.id}`, () =>
      carriesTo(food, group).some((carried) => carried.verdict === 'carries'),
    );
  const served = (here: readonly Placement[], group: Group) =>
    here.some((placement) => {
      const surface = plan.surfaces.find((surface) => surface.id === placement.surfaceId);
      return surface !== undefined && (surface.serves?.includes(group.id) ?? true);
    });
  return (here, component, option) =>
    plan.party
      .filter((group) => served(here, group))
      .reduce(
        (sum, group) =>
          sum +
          (eats(component, here[0]!.form, group) && !eats(option.component, option.form, group)
            ? LOST_TO_A_GROUP
            : 0) +
          (reached(option.component, group) && !reached(component, group) ? REACHES : 0),
        0,
      );
}

/** Whole wheels and pieces weigh what they weigh: the grams that a swap truly lays; undefined where it lays none anew. */
function placedG(commands: readonly SingleCommand[]): number | undefined {
  const placed = commands.flatMap((singleCommand) =>
    singleCommand.name === 'place' ? singleCommand.placements : [],
  );
  return placed.length > 0 ? placed.reduce((sum, placement) => sum + placement.massG, 0) : undefined;
}

const item = (
  from: ComponentId,
  to: ComponentId,
  name: string,
  kind: ConvertedItem['kind'],
  keeps: string[],
  changes: string[],
  reasons: Arg[],
  like: number,
  commands: SingleCommand[],
): ConvertedItem => ({
  from,
  to,
  name,
  kind,
  keeps,
  changes,
  reasons,
  likeness: Math.max(0, like),
  commands,
});
