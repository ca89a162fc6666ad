import type { PlacedFood } from '../board/index.js';
import type { Group, GroupId } from '../party/index.js';
import type { Plan } from '../plan/index.js';
import { contextOf } from './context.js';
import type { LookedAfter, PartyCare, RunsShort } from './looked-after.js';
import type { Checked } from './registry.js';

/** Foods by their place among those of the plan, groups by their id: what they are, the plan says. */
interface Named {
  groups: GroupId[];
  foods: number[];
}

/** A check as it goes from one thread to another: data alone, without what is worked out anew from the plan in no time. */
export interface CheckAnswer extends Pick<Checked, 'findings' | 'settled'> {
  care: Omit<PartyCare, 'groups' | 'shortFirst'> & {
    groups: (Omit<LookedAfter, 'group' | 'foods'> & Named)[];
    shortFirst?: Omit<RunsShort, 'groups' | 'foods'> & Named;
  };
}

/** What a check has found, to be sent. */
export function answerOf({ findings, settled, care, context }: Checked): CheckAnswer {
  const { groups, shortFirst, ...rest } = care;
  const named = (groups: readonly Group[], foods: readonly PlacedFood[]): Named => ({
    groups: groups.map((group) => group.id),
    foods: foods.map((food) => context.placed.indexOf(food)),
  });
  return {
    findings,
    settled,
    care: {
      ...rest,
      groups: groups.map(({ group, foods, ...cared }) => ({ ...cared, ...named([group], foods) })),
      ...(shortFirst ? { shortFirst: { ...shortFirst, ...named(shortFirst.groups, shortFirst.foods) } } : {}),
    },
  };
}

/** The check of this very plan from what was sent of it. */
export function checkedOf(plan: Plan, { findings, settled, care }: CheckAnswer): Checked {
  const context = contextOf(plan);
  const groupsOf = ({ groups }: Named) => plan.party.filter((group) => groups.includes(group.id));
  const foodsOf = ({ foods }: Named) => foods.map((at) => context.placed[at]!);
  const { groups, shortFirst, ...rest } = care;
  return {
    findings,
    settled,
    context,
    care: {
      ...rest,
      groups: groups.flatMap(({ groups, foods, ...cared }) =>
        groupsOf({ groups, foods }).map((group) => ({
          ...cared,
          group,
          foods: foodsOf({ groups, foods }),
        })),
      ),
      ...(shortFirst
        ? {
            shortFirst: { ...shortFirst, groups: groupsOf(shortFirst), foods: foodsOf(shortFirst) },
          }
        : {}),
    },
  };
}
