import { neverFood } from '../../catalogue/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding } from '../finding.js';
import { offSurface } from '../remedies.js';

/** Leaves and flowers that must not touch food, whoever called them one. */
export const neverFoods = (context: CheckContext): Finding[] =>
  context.placed.flatMap((placed) => {
    const plant = neverFood(placed.component);
    if (!plant) return [];
    return [
      finding('never-food', {
        key: `never-food ${placed.component.id} ${placed.surface.id}`,
        severity: 'blocker',
        grave: true,
        concerns: context.groupsAt(placed.surface).map((group) => group.id),
        components: [placed.component.id],
        surfaceId: placed.surface.id,
        args: { food: placed.component.name, why: plant.why },
        facts: [{ what: plant.name, value: plant.why, source: 'public guidance' }],
        remedies: [offSurface('take-food-off', placed)],
      }),
    ];
  });
