import { NEEDS } from '../needs/index.js';
import type { Group } from '../party/index.js';
import { advisedOutline } from '../portion/index.js';
import type { Plan } from '../plan/index.js';
import { group, planWith } from './plans.js';

const AGES: Readonly<Record<string, number>> = {
  'child-under-1': 0,
  'child-1-3': 3,
  'child-4': 4,
  'child-5-12': 8,
};

/** Guests who live by these needs alone; an age is a need of its own. */
export function guestsWith(id: string, count: number, needs: readonly string[]): Group {
  const ages = needs.flatMap((need) => AGES[need] ?? []);
  return ages.length > 0
    ? group(
        id,
        count,
        needs.filter((need) => AGES[need] === undefined),
        { band: 'child', ages: Array<number>(count).fill(ages[0]!) },
      )
    : group(id, count, [...needs]);
}

const NEED_IDS = NEEDS.map((pack) => pack.id);
const pairs = NEED_IDS.flatMap((a, i) => NEED_IDS.slice(i + 1).map((b) => [a, b] as const));

/** Parties of every need alone, of every two of them side by side and in one guest, and of each among others. */
export const NEEDY_PARTIES: readonly { name: string; party: Group[] }[] = [
  ...NEED_IDS.map((a) => ({ name: a, party: [guestsWith('them', 20, [a])] })),
  ...NEED_IDS.map((a) => ({
    name: `everyone and ${a}`,
    party: [group('everyone', 14), guestsWith('them', 6, [a])],
  })),
  ...pairs.map(([a, b]) => ({
    name: `${a} and ${b}`,
    party: [guestsWith('one', 10, [a]), guestsWith('other', 10, [b])],
  })),
  ...pairs
    .filter(([a, b]) => AGES[a] === undefined && AGES[b] === undefined)
    .map(([a, b]) => ({ name: `${a} with ${b}`, party: [guestsWith('both', 12, [a, b])] })),
];

/** A new plan for such a party, on one board in the size that the advice gives. */
export function planForParty(party: Group[], policy: Plan['policy'] = 'looked-after'): Plan {
  const base = planWith({ party, policy });
  return {
    ...base,
    surfaces: base.surfaces.map((surface) => ({
      ...surface,
      outline: advisedOutline(base, surface) ?? surface.outline,
    })),
  };
}
