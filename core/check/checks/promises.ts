import type { PlacedFood } from '../../board/index.js';
import { FREE_FROM, isShared, keepsFree } from '../../plan/index.js';
import type { CheckContext } from '../context.js';
import { lower, names, type Finding, type Remedy } from '../finding.js';

/** What each surface is for: a tray that promises "no nuts" holds none, and nothing whose label leaves it open. */
export function promises(c: CheckContext): Finding[] {
  return c.plan.surfaces.flatMap((surface) =>
    surface.freeFrom.flatMap((id) => {
      const here = c.placed.filter((l) => l.surface === surface);
      const state = (l: PlacedFood) => keepsFree(l.component, id);
      const kind = FREE_FROM.find((f) => f.id === id)!;
      return (['breaks', 'ask'] as const).flatMap((bad): Finding[] => {
        const foods = here.filter((l) => state(l) === bad);
        if (foods.length === 0) return [];
        return [
          {
            key: `promise ${surface.id} ${id} ${bad}`,
            code: bad === 'breaks' ? 'promise-broken' : 'promise-open',
            glyph: bad === 'breaks' ? 'cracked' : 'covered',
            concerns: c.groupsAt(surface).map((g) => g.id),
            components: foods.map((l) => l.component.id),
            surfaceId: surface.id,
            text: `${surface.name} promises no ${kind.name}.`,
            why: `${names(foods.map((l) => l.component.name))} ${bad === 'breaks' ? 'would break that' : 'may or may not: the label says'}.`,
            facts: foods.map((l) => ({
              what: l.component.name,
              value: bad === 'breaks' ? `has ${kind.name}` : 'not known',
              source: 'label practice',
            })),
            remedies: remediesFor(c, foods),
            grave: bad === 'breaks',
          },
        ];
      });
    }),
  );
}

function remediesFor(c: CheckContext, foods: readonly PlacedFood[]): Remedy[] {
  const from = foods[0]!.surface;
  const to = c.plan.surfaces.find((s) => s !== from && s.freeFrom.length === 0 && isShared(s));
  const each = (l: PlacedFood) => ({
    name: 'place' as const,
    componentId: l.component.id,
    surfaceId: from.id,
    placements: [],
  });
  const off: Remedy = {
    label: foods.length > 1 ? 'Take them off it' : 'Take it off',
    effect: `−${Math.round(foods.reduce((n, l) => n + l.massG, 0))} g`,
    command: { name: 'together', label: 'take off the surface', commands: foods.map(each) },
  };
  if (!to) return [off];
  const move: Remedy = {
    label: `Move to ${lower(to.name)}`,
    effect: `${foods.length} moved`,
    command: {
      name: 'together',
      label: `move to ${lower(to.name)}`,
      commands: foods.map((l) => ({
        name: 'move' as const,
        componentId: l.component.id,
        from: from.id,
        to: to.id,
      })),
    },
  };
  return [move, off];
}
