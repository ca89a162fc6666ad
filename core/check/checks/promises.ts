import type { PlacedFood } from '../../board/index.js';
import { FREE_FROM, isShared, keepsFree } from '../../plan/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Fact, type Finding, type Remedy } from '../finding.js';
import { moveTo } from '../remedies.js';

/** What each surface is for: a tray that promises "no nuts" holds none, and nothing whose label leaves it open. */
export function promises(c: CheckContext): Finding[] {
  return c.plan.surfaces.flatMap((surface) =>
    surface.freeFrom.flatMap((id) => {
      const here = c.placed.filter((l) => l.surface === surface);
      const free = FREE_FROM.find((f) => f.id === id)!.name;
      return (['breaks', 'ask'] as const).flatMap((bad): Finding[] => {
        const foods = here.filter((l) => keepsFree(l.component, id) === bad);
        if (foods.length === 0) return [];
        const breaks = bad === 'breaks';
        return [
          finding(breaks ? 'promise-broken' : 'promise-open', {
            key: `promise ${surface.id} ${id} ${bad}`,
            severity: breaks ? 'blocker' : 'ask',
            grave: breaks,
            concerns: c.groupsAt(surface).map((g) => g.id),
            components: foods.map((l) => l.component.id),
            surfaceId: surface.id,
            args: { surface: surface.name, free, foods: { foods: foods.map((l) => l.component.name) } },
            facts: foods.map((l): Fact => ({
              what: l.component.name,
              value: breaks ? { say: 'fact.has', with: { free } } : { say: 'fact.not-known' },
              source: 'label practice',
            })),
            remedies: remediesFor(c, foods),
          }),
        ];
      });
    }),
  );
}

function remediesFor(c: CheckContext, foods: readonly PlacedFood[]): Remedy[] {
  const from = foods[0]!.surface;
  const to = c.plan.surfaces.find((s) => s !== from && s.freeFrom.length === 0 && isShared(s));
  const off: Remedy = {
    kind: 'take-off',
    args: { n: foods.length, mass: { g: foods.reduce((n, l) => n + l.massG, 0) } },
    command: {
      name: 'together',
      label: 'take off the surface',
      commands: foods.map((l) => ({
        name: 'place',
        componentId: l.component.id,
        surfaceId: from.id,
        placements: [],
      })),
    },
  };
  return to ? [moveTo(foods, to), off] : [off];
}
