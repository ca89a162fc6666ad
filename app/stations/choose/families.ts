import type { planLarder } from '../../../core/plan/index.js';
import { type Plan } from '../../../core/plan/index.js';
import { FAMILY_WORDS, type CountedFamily } from '../../../core/portion/index.js';
import { t } from '../../words/index.js';

/** Families in the few letters that a well or a plank has room for. */
export const SHORT: Record<CountedFamily, string> = {
  ...FAMILY_WORDS,
  cheese: t('Cheese'),
  'cured-meat': t('Meat'),
  fish: t('Fish'),
  'plant-protein': t('Plant protein'),
  cooked: t('Cooked'),
  vehicle: t('Bread, cracker'),
  'fresh-fruit': t('Fresh fruit'),
  'dried-fruit': t('Dried'),
  vegetable: t('Vegetable'),
  pickle: t('Pickle'),
  'nut-seed': t('Nut, seed'),
  'spread-dip': t('Spread, dip'),
  'sweet-bite': t('Sweet'),
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
