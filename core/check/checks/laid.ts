import { planLarder, type LaidElement, type Placement } from '../../plan/index.js';
import type { CheckContext } from '../context.js';
import { lower, names, type Finding } from '../finding.js';

/** Pieces of a placement that lie there: a bowl holds all of its food, whatever its form. */
function laidOf(p: Placement, elements: readonly LaidElement[]): number {
  const mine = elements.filter((e) => e.componentId === p.componentId && e.form === p.form);
  if (p.contained && p.form !== 'bowl' && mine.length > 0) return p.pieces;
  return mine.reduce((n, e) => n + Math.max(e.pieces.length, 1), 0);
}

/**
 * What is laid and what is said not to fit are together what is planned: a food that the layout found no room for is told,
 * never dropped in silence. Surfaces that are not laid yet say nothing.
 */
export function allLaid(c: CheckContext): Finding[] {
  const larder = planLarder(c.plan);
  return c.plan.surfaces.flatMap((surface): Finding[] => {
    const elements = c.plan.layout.find((l) => l.surfaceId === surface.id)?.elements ?? [];
    if (elements.length === 0) return [];
    const missing = c.plan.placements
      .filter((p) => p.surfaceId === surface.id && p.lot === 0)
      .flatMap((p) => {
        const component = larder.get(p.componentId);
        if (!component || component.family === 'garnish') return [];
        const laid = laidOf(p, elements);
        return laid < p.pieces ? [{ component, laid, planned: p.pieces }] : [];
      });
    if (missing.length === 0) return [];
    const foods = missing.map((m) => m.component.name);
    return [
      {
        key: `not-laid ${surface.id}`,
        code: 'not-all-laid',
        glyph: 'chipped',
        concerns: c.groupsAt(surface).map((g) => g.id),
        components: missing.map((m) => m.component.id),
        surfaceId: surface.id,
        text: `Not all of ${lower(names(foods, 2))} ${foods.length === 1 ? 'is' : 'are'} laid on ${lower(surface.name)}.`,
        why: 'The layout found no room for the rest, or the amounts have changed since. Lay it again, on a larger surface or with less.',
        facts: missing.slice(0, 12).map((m) => ({
          what: m.component.name,
          value: `${m.laid} of ${m.planned} laid`,
          source: 'this plan' as const,
        })),
        remedies: [],
        grave: false,
      },
    ];
  });
}
