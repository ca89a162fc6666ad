import { FAMILY_WORDS } from '../../../core/check/index.js';
import type { planLarder } from '../../../core/plan/index.js';
import { type Plan } from '../../../core/plan/index.js';
import type { CountedFamily } from '../../../core/portion/index.js';

/** Families in the few letters that a well or a plank has room for. */
export const SHORT: Record<CountedFamily, string> = {
  ...FAMILY_WORDS,
  cheese: 'Cheese',
  'cured-meat': 'Meat',
  fish: 'Fish',
  'plant-protein': 'Plant protein',
  vehicle: 'Bread, cracker',
  'fresh-fruit': 'Fresh fruit',
  'dried-fruit': 'Dried',
  vegetable: 'Vegetable',
  pickle: 'Pickle',
  'nut-seed': 'Nut, seed',
  'spread-dip': 'Spread, dip',
  'sweet-bite': 'Sweet',
};

/** Grams on the whole table by family. */
export type Masses = Record<string, number>;

export function massByFamily(plan: Plan, larder: ReturnType<typeof planLarder>): Masses {
  const out: Masses = {};
  for (const placement of plan.placements) {
    const family = larder.get(placement.componentId)?.family;
    if (family && family !== 'garnish') out[family] = (out[family] ?? 0) + placement.massG;
  }
  return out;
}
