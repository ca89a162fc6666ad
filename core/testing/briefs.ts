import { CATALOGUE, usualForm } from '../catalogue/index.js';
import { createRandom, type Random } from '../measure/index.js';
import { advisedOutline } from '../portion/index.js';
import type { Plan } from '../plan/index.js';
import type { Group } from '../party/index.js';
import { group, planWith } from './plans.js';

/** Needs that a mixed table has, as they come. */
const NEEDS = [
  'vegan',
  'vegetarian',
  'pescatarian',
  'halal',
  'gluten-free',
  'dairy-free',
  'egg-free',
  'keto',
  'no-beef',
  'alcohol-free',
  'lighter',
] as const;
/** What a surface is kept free from for guests whom crumbs or drops would reach: a stylist lays them a tray of their own. */
const KEPT: Record<string, Plan['surfaces'][number]['freeFrom']> = {
  halal: ['pork', 'alcohol'],
  'gluten-free': ['gluten'],
  'dairy-free': ['milk'],
  'egg-free': ['egg'],
};
const ROLES = ['meal', 'drinks', 'one-of-many'] as const;
const REGIONS = ['', '', '', 'italy', 'north', 'levant'] as const;

const pick = <T>(random: Random, list: readonly T[]): T => list[random.int(list.length)]!;

function surfacesFor(base: Plan, groups: readonly Group[]): Plan['surfaces'] {
  const main = { ...base.surfaces[0]!, smallHands: false };
  const quiet = groups.filter((group) => KEPT[group.id]);
  if (quiet.length === 0) return [main];
  const tray = {
    ...main,
    id: 'tray' as (typeof main)['id'],
    name: 'Quiet tray',
    serves: quiet.map((group) => group.id),
    freeFrom: quiet.flatMap((group) => KEPT[group.id]!),
  };
  return [main, tray];
}

/**
 * A brief as a stranger might bring it: one surface, in the size that the advice gives, a quiet tray for those whom
 * crumbs would reach, and a party of some who eat
 * everything and up to three groups with needs. The same number gives the same brief.
 */
export function randomBrief(n: number): Plan {
  const random = createRandom(n * 7919 + 17);
  const groups = [group('all', 4 + random.int(20))];
  const many = random.int(4);
  for (let k = 0; k < many; k++) {
    const need = pick(random, NEEDS);
    if (!groups.some((group) => group.id === need)) groups.push(group(need, 1 + random.int(4), [need]));
  }
  const month = String(1 + random.int(12)).padStart(2, '0');
  const base = planWith({ party: groups });
  const plan: Plan = {
    ...base,
    seed: n,
    occasion: {
      ...base.occasion,
      role: pick(random, ROLES),
      otherDishes: random.int(7),
      start: `2027-${month}-12T18:00`,
      theme: { ...base.occasion.theme, region: pick(random, REGIONS) },
    },
    surfaces: surfacesFor(base, groups),
    bowls: [{ diameterMm: 100, count: 14 }],
  };
  return {
    ...plan,
    surfaces: plan.surfaces.map((surface) => ({
      ...surface,
      outline: advisedOutline(plan, surface) ?? surface.outline,
    })),
  };
}

const GROUPS = 25;
const SURFACES = 12;
const FOODS = 120;
const GUESTS = 300;

/** A plan made large: 300 guests in 25 groups before 120 foods on 12 surfaces, so that what grows with a table is seen. */
export function manyGuests(plan: Plan): Plan {
  const party = Array.from({ length: GROUPS }, (_, i) =>
    group(`group-${i}`, GUESTS / GROUPS, i % 2 === 0 ? [] : [NEEDS[i % NEEDS.length]!]),
  );
  const surfaces = Array.from({ length: SURFACES }, (_, i) => ({
    ...plan.surfaces[0]!,
    id: `surface-${i}` as Plan['surfaces'][number]['id'],
    name: `Surface ${i + 1}`,
    serves: null,
  }));
  const every = Math.floor(CATALOGUE.length / FOODS);
  const placements = CATALOGUE.filter((_, i) => i % every === 0)
    .slice(0, FOODS)
    .map((component, i): Plan['placements'][number] => {
      const form = usualForm(component);
      return {
        componentId: component.id,
        surfaceId: surfaces[i % SURFACES]!.id,
        form: form.form,
        massG: 600,
        pieces: Math.max(1, Math.round(600 / form.pieceG)),
        lot: 0,
        contained: form.form === 'bowl',
      };
    });
  return {
    ...plan,
    id: 'many' as Plan['id'],
    occasion: { ...plan.occasion, name: 'Many guests' },
    party,
    surfaces,
    placements,
    layout: [],
    answers: [],
    overrulings: [],
  };
}
