import { planSchema, type Plan } from '../core/plan/index.js';
import { cometWatchBrief } from './comet-watch.js';

const EIGHT = { everything: 3, vegan: 2, coeliac: 1 } as const;
const BOARDS = {
  oak: { kind: 'round', diameterMm: 300 },
  'quiet-tray': { kind: 'rectangle', lengthMm: 210, widthMm: 160, cornerMm: 30 },
} as const;

/**
 * Comet Watch for eight of the club, with what its tests press: a board and a tray, drawn and laid in a fifth of the
 * time that the whole club takes. It is not shipped.
 */
export function smallWatchBrief(): Plan {
  const whole = cometWatchBrief();
  const few = whole.party.flatMap((group) => {
    if (group.id === 'children') return [{ ...group, count: 2, ages: [8, 10] }];
    const count = EIGHT[group.id as keyof typeof EIGHT];
    return count ? [{ ...group, count }] : [];
  });
  const seated = new Set(few.map(({ id }) => id));
  return planSchema.parse({
    ...whole,
    id: 'small-watch',
    party: few,
    surfaces: whole.surfaces.flatMap((surface) => {
      const outline = BOARDS[surface.id as keyof typeof BOARDS];
      return outline
        ? [{ ...surface, outline, serves: surface.serves?.filter((id) => seated.has(id)) ?? null }]
        : [];
    }),
    wishes: { ...whole.wishes, pinned: ['brie', 'mature-cheddar', 'strawberries', 'guacamole', 'salami'] },
  });
}
