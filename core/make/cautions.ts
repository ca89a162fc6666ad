import type { Component, Equipment } from '../catalogue/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { planMaking, type PlanMaking } from '../portion/index.js';
import type { Task } from './task.js';

/** What can make ill or hurt, where the work is. Words for them stand with the interface. */
export const CAUTIONS = [
  'raw-egg',
  'under-oil',
  'hot-sugar',
  'hot',
  'freezer',
  'ice',
  'blender',
  'knife',
  'clock',
  'cold-box',
] as const;
export type Caution = (typeof CAUTIONS)[number];

const OILS = /oil$/;
/** Raw garlic and fresh herbs carry what grows under oil. */
const UNDER_OIL = new Set([
  'staple-garlic-clove',
  'basil',
  'rosemary',
  'thyme',
  'parsley',
  'dill',
  'chives',
  'fresh-coriander',
]);
/** With less oil a thing is dressed, not kept (house default). */
const MUCH_OIL = 0.05;
const SUGARS = new Set(['staple-sugar', 'honey', 'staple-maple', 'icing-sugar', 'staple-erythritol']);

/** Baked or fried through, nothing lies under its oil any more. */
const isDry = (family: Component['family'] | undefined, heated: boolean): boolean =>
  family === 'vehicle' || family === 'cooked' || (family === 'plant-protein' && heated);

/** By what goes in and what heats it (public guidance on botulism, salmonella and burns; local rules decide). */
export function cautionsOf(
  { parts, uses }: Pick<PlanMaking, 'parts' | 'uses'>,
  family: Component['family'] | undefined,
): Caution[] {
  const all = parts.reduce((sum, [, grams]) => sum + grams, 0);
  const share = (is: (id: string) => boolean): number =>
    parts.reduce((sum, [id, grams]) => sum + (is(id) ? grams : 0), 0) / Math.max(1e-9, all);
  const heated = uses.includes('hob') || uses.includes('oven');
  const out: Caution[] = [];
  if (!heated && parts.some(([id]) => id === 'eggs')) out.push('raw-egg');
  if (
    !isDry(family, heated) &&
    share((id) => OILS.test(id)) >= MUCH_OIL &&
    parts.some(([id]) => UNDER_OIL.has(id))
  )
    out.push('under-oil');
  if (heated && share((id) => SUGARS.has(id)) > 0.1) out.push('hot-sugar');
  else if (heated) out.push('hot');
  return out;
}

/** All cautions of a task, those of what is made in it first. */
export function taskCautions(plan: Plan, task: Task): Caution[] {
  const [id] = task.foods;
  const making = task.kind === 'make' && id !== undefined ? planMaking(plan, id) : undefined;
  const uses = (equipment: Equipment): boolean => task.uses.some((use) => use.equipment === equipment);
  const knife = task.kind === 'cut' || task.kind === 'shape';
  return [
    ...(making ? cautionsOf(making, planLarder(plan).get(id!)?.family) : []),
    ...(task.kind === 'freeze' ? ['ice' as const] : uses('freezer') ? ['freezer' as const] : []),
    ...(uses('blender') ? ['blender' as const] : []),
    ...(knife ? ['knife' as const] : []),
    ...(task.kind === 'temper' ? ['clock' as const] : []),
    ...(task.kind === 'drive' ? ['cold-box' as const] : []),
  ];
}
