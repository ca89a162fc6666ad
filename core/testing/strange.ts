import type { Group } from '../party/index.js';
import type { Plan } from '../plan/index.js';
import { advisedSetting } from '../board/index.js';
import { group, planWith } from './plans.js';

const children = (ages: readonly number[], needs: string[] = []): Group =>
  group('children', ages.length, needs, { band: 'child', ages: [...ages] });

export function briefOf(
  party: Group[],
  occasion: Partial<Plan['occasion']> & { month: number },
  more: Partial<Plan> = {},
): Plan {
  const { month, ...said } = occasion;
  const base = planWith({ party, ...more });
  const plan: Plan = {
    ...base,
    seed: 7,
    occasion: { ...base.occasion, start: `2027-${String(month).padStart(2, '0')}-12T18:00`, ...said },
    bowls: [
      { diameterMm: 100, count: 4 },
      { diameterMm: 70, count: 4 },
      { diameterMm: 220, count: 2 },
    ],
  };
  return { ...plan, surfaces: advisedSetting(plan, plan.surfaces[0]!) };
}

const bolder = { wishes: { ...planWith({}).wishes, levers: { ...planWith({}).wishes.levers, bolder: 2 } } };

/** Briefs that nobody tuned for, to be read as a stylist would read them: `npm run bench` prints them as menus. */
export const STRANGE: Readonly<Record<string, Plan>> = {
  'after-work drinks, October': briefOf(
    [group('all', 9), group('veg', 2, ['vegetarian']), group('gf', 1, ['gluten-free'])],
    { month: 10, kind: 'drinks' },
  ),
  'supper, six of ten vegan, February': briefOf([group('all', 4), group('vegan', 6, ['vegan'])], {
    month: 2,
    role: 'meal',
    kind: 'meal',
  }),
  'late breakfast, May': briefOf(
    [group('all', 21), group('halal', 2, ['halal']), group('gf', 1, ['gluten-free'])],
    { month: 5, kind: 'breakfast' },
  ),
  'sweet course, three without milk, December': briefOf([group('all', 17), group('df', 3, ['dairy-free'])], {
    month: 12,
    role: 'sweet',
    kind: 'sweet',
  }),
  'keto supper, November': briefOf([group('keto', 6, ['keto'])], { month: 11, role: 'meal', kind: 'meal' }),
  'children of five to nine, June': briefOf([group('grown', 4), children([5, 5, 6, 6, 7, 7, 8, 8, 9, 9])], {
    month: 6,
    role: 'children',
    kind: 'children',
  }),
  'picnic, August': briefOf([group('all', 6), group('pesc', 2, ['pescatarian'])], {
    month: 8,
    kind: 'picnic',
    where: 'outdoors',
  }),
  'drinks for five, two expecting, May': briefOf([group('all', 3), group('preg', 2, ['pregnancy'])], {
    month: 5,
    kind: 'drinks',
  }),
  'halal wedding, one dish of many, March': briefOf(
    [group('halal', 60, ['halal']), group('veg', 10, ['vegetarian'])],
    { month: 3, role: 'one-of-many', otherDishes: 6, kind: 'drinks' },
  ),
  'film night, a nut allergy, September': briefOf(
    [group('all', 3), group('nut', 1, ['tree-nut-free', 'peanut-free'])],
    { month: 9, kind: 'film' },
  ),
  'vegan sweet course, August': briefOf([group('vegan', 16, ['vegan'])], {
    month: 8,
    role: 'sweet',
    kind: 'sweet',
  }),
  'bold drinks, March': briefOf(
    [group('all', 28), group('veg', 2, ['vegetarian'])],
    { month: 3, kind: 'drinks' },
    bolder,
  ),
};
