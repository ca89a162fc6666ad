import type { Plan, Surface } from '../plan/index.js';
import { COUNTED, type CountedFamily } from './targets.js';

/** Share of the ground inside the rim that a full board covers, and one laid calmly (craft, section 10: the two schools). */
export const FULL_COVER = 0.97;
export const CALM_COVER = 0.76;

/** Typical grams per cm² of each family, for sizes before anything is chosen (house default, from the catalogue's usual forms). */
const FAMILY_G_PER_CM2: Record<CountedFamily, number> = {
  cheese: 2.2,
  'cured-meat': 1.05,
  fish: 1.1,
  'plant-protein': 2,
  cooked: 1.6,
  vehicle: 1,
  'fresh-fruit': 1.8,
  'dried-fruit': 1.5,
  vegetable: 1.5,
  pickle: 1.8,
  'nut-seed': 1.2,
  'spread-dip': 2,
  'sweet-bite': 1.7,
};

/** What this plan wants covered, on a surface that may say otherwise. */
export const coverOf = (plan: Plan, surface?: Pick<Surface, 'ground'>): number =>
  (surface?.ground ?? plan.occasion.theme.mood) === 'calm' ? CALM_COVER : FULL_COVER;

/** Square centimetres of board that so many grams of each family ask for, at this cover. */
export const groundOf = (byFamily: Record<CountedFamily, number>, cover = FULL_COVER): number =>
  COUNTED.reduce((sum, family) => sum + byFamily[family] / FAMILY_G_PER_CM2[family], 0) / cover;
