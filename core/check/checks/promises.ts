import type { PlacedFood } from '../../board/index.js';
import { FREE_FROM, isShared, keepsFree } from '../../plan/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Fact, type Finding, type Remedy } from '../finding.js';
import { moveTo } from '../remedies.js';

/** What each surface is for: a tray that promises "no nuts" holds none, and nothing whose label leaves it open. */
export function promises(context: CheckContext): Finding[] {
  return context.plan.surfaces.flatMap((surface) =>
    surface.freeFrom.flatMap((id) => {
      const here = context.placed.filter((placed) => placed.surface === surface);
      const free = FREE_FROM.find((freeFrom) => freeFrom.id === id)!.name;
      return (['breaks', 'ask'] as const).flatMap((bad): Finding[] => {
        const foods = here.filter((placed) => keepsFree(placed.component, id) === bad);
        if (foods.length === 0) return [];
        const breaks = bad === 'breaks';
        return [
          finding(breaks ? 'promise-broken' : 'promise-open', {
            key: `promise ${surface.id} ${id} ${bad}`,
            severity: breaks ? 'blocker' : 'ask',
            grave: breaks,
            concerns: context.groupsAt(surface).map((group) => group.id),
            components: foods.map((placed) => placed.component.id),
            surfaceId: surface.id,
            args: {
              surface: surface.name,
              free,
              foods: { foods: foods.map((placed) => placed.component.name) },
            },
            facts: foods.map((placed): Fact => ({
              what: placed.component.name,
              value: breaks ? { say: 'fact.has', with: { free } } : { say: 'fact.not-known' },
              source: 'label practice',
            })),
            remedies: remediesFor(context, foods),
          }),
        ];
      });
    }),
  );
}

function remediesFor(context: CheckContext, foods: readonly PlacedFood[]): Remedy[] {
  const from = foods[0]!.surface;
  const to = context.plan.surfaces.find(
    (surface) => surface !== from && surface.freeFrom.length === 0 && isShared(surface),
  );
  const off: Remedy = {
    kind: 'take-off',
    args: { n: foods.length, mass: { g: foods.reduce((sum, placed) => sum + placed.massG, 0) } },
    command: {
      name: 'together',
      label: 'take off the surface',
      commands: foods.map((placed) => ({
        name: 'place',
        componentId: placed.component.id,
        surfaceId: from.id,
        placements: [],
      })),
    },
  };
  return to ? [moveTo(foods, to), off] : [off];
}
