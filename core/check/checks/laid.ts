import { FORMS, type Component } from '../../catalogue/index.js';
import { memo1, memo2 } from '../../measure/index.js';
import { HARD_LAYER, lies, servingGround } from '../../lay/index.js';
import { planLarder, type LaidElement, type Placement, type Surface } from '../../plan/index.js';
import { bowlsInUse } from '../../portion/index.js';
import { inside, type Point } from '../../geometry/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Fact, type Finding } from '../finding.js';
import { laidOn } from '../near.js';

/** So many foods are listed under "Why this?". */
const MOST_LISTED = 12;

/** Pieces of a placement that lie there: a bowl holds all of its food, whatever its form. */
function laidOf(p: Placement, elements: readonly LaidElement[]): number {
  const mine = elements.filter((e) => e.componentId === p.componentId && e.form === p.form);
  if (p.contained && !FORMS[p.form].bowl && mine.length > 0) return p.pieces;
  return mine.reduce((n, e) => n + Math.max(e.pieces.length, 1), 0);
}

/**
 * What is laid and what is said not to fit are together what is planned: a food that the layout found no room for is told,
 * never dropped in silence. Surfaces that are not laid yet say nothing.
 */
export function allLaid(c: CheckContext): Finding[] {
  const larder = planLarder(c.plan);
  return c.plan.surfaces.flatMap((surface): Finding[] => {
    const elements = laidOn(c.plan, surface);
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
    return [
      finding('not-all-laid', {
        key: `not-laid ${surface.id}`,
        concerns: c.groupsAt(surface).map((g) => g.id),
        components: missing.map((m) => m.component.id),
        surfaceId: surface.id,
        args: {
          foods: { foods: missing.map((m) => m.component.name), most: 2 },
          n: missing.length,
          surface: surface.name,
        },
        facts: missing.slice(0, MOST_LISTED).map((m): Fact => ({
          what: m.component.name,
          value: { say: 'fact.laid', with: { n: m.laid, all: m.planned } },
          source: 'this plan',
        })),
      }),
    ];
  });
}

const middleOf = (outline: readonly Point[]): Point => [
  outline.reduce((n, p) => n + p[0], 0) / outline.length,
  outline.reduce((n, p) => n + p[1], 0) / outline.length,
];

/** A piece may lean over the rim; one whose middle is beyond it falls. What stands hard tips when this share is beyond. */
const TIPS = 0.25;

/** Food that was dragged over the rim: how many of its pieces lie beyond, or 0. */
function beyond(e: LaidElement, pieces: readonly (readonly Point[])[], ground: readonly Point[]): number {
  const out = (p: Point) => !inside(ground, p[0], p[1]);
  if (e.layer !== HARD_LAYER) return pieces.filter((outline) => out(middleOf(outline))).length;
  const corners = pieces.flat();
  return corners.filter(out).length >= corners.length * TIPS ? 1 : 0;
}

const groundOf = memo1(servingGround as (s: Surface) => readonly Point[]);

/** How much of an element is beyond the rim, of how many pieces. What lies where it lay is measured once. */
const measured = memo2((surface: Surface, e: LaidElement) => {
  const found = new Map<Component, { out: number; of: number }>();
  return (component: Component): { out: number; of: number } => {
    let known = found.get(component);
    if (!known) {
      const pieces = lies(e, component);
      known = {
        out: beyond(e, pieces, groundOf(surface)),
        of: e.layer === HARD_LAYER ? 1 : pieces.length,
      };
      found.set(component, known);
    }
    return known;
  };
});

/** A heap or a bowl that was dragged over the rim is told, with how much of it is beyond. */
export function overTheRim(c: CheckContext): Finding[] {
  const larder = planLarder(c.plan);
  return c.plan.surfaces.flatMap((surface): Finding[] => {
    const over = laidOn(c.plan, surface).flatMap((e) => {
      const component = larder.get(e.componentId);
      if (!component) return [];
      const { out, of } = measured(surface, e)(component);
      return out > 0 ? [{ component, out, of }] : [];
    });
    if (over.length === 0) return [];
    const foods = [...new Set(over.map((o) => o.component))];
    return [
      finding('over-the-rim', {
        key: `over-rim ${surface.id}`,
        concerns: c.groupsAt(surface).map((g) => g.id),
        components: foods.map((f) => f.id),
        surfaceId: surface.id,
        args: {
          foods: { foods: foods.map((f) => f.name), most: 2 },
          n: foods.length,
          surface: surface.name,
        },
        facts: over.slice(0, MOST_LISTED).map((o): Fact => ({
          what: o.component.name,
          value: { say: 'fact.beyond-rim', with: { n: o.out, all: o.of } },
          source: 'this plan',
        })),
      }),
    ];
  });
}

/** A board that is laid in bowls other than those at hand: each is drawn in the size that it will have on the table. */
export function laidBowls(c: CheckContext): Finding[] {
  const inUse = bowlsInUse(c.plan);
  const sorted = (list: readonly number[]) => [...list].sort((a, b) => a - b).join(' ');
  return c.plan.surfaces.flatMap((surface): Finding[] => {
    const elements = laidOn(c.plan, surface);
    if (elements.length === 0) return [];
    const other = (componentId: Placement['componentId']) => {
      const laid = elements.filter((e) => e.componentId === componentId && e.bowlMm !== null);
      const wanted = inUse.filter((b) => b.surfaceId === surface.id && b.componentId === componentId);
      return (
        laid.length === wanted.length &&
        sorted(laid.map((e) => Math.round(e.bowlMm! * 2))) !==
          sorted(wanted.map((b) => Math.round(b.diameterMm)))
      );
    };
    const larder = planLarder(c.plan);
    const foods = [...new Set(elements.filter((e) => e.bowlMm !== null).map((e) => e.componentId))]
      .filter(other)
      .flatMap((id) => larder.get(id) ?? []);
    if (foods.length === 0) return [];
    return [
      finding('bowls-laid-otherwise', {
        key: `laid-bowls ${surface.id}`,
        components: foods.map((f) => f.id),
        surfaceId: surface.id,
        args: { foods: { foods: foods.map((f) => f.name), most: 2 } },
      }),
    ];
  });
}
