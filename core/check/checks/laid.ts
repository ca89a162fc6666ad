import type { Component } from '../../catalogue/index.js';
import { memo1, memo2 } from '../../measure/index.js';
import { HARD_LAYER, lies, RIM_LEAF_LAYER, servingGround, unlaidOn } from '../../lay/index.js';
import { oneOfEach, planLarder, type LaidElement, type Placement, type Surface } from '../../plan/index.js';
import { bowlsInUse } from '../../portion/index.js';
import { inside, meanOf, type Point } from '../../geometry/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Fact, type Finding } from '../finding.js';
import { laidOn } from '../near.js';

/** So many foods are listed under "Why this?". */
const MOST_LISTED = 12;

/**
 * What is laid and what is said not to fit are together what is planned: a food that the layout found no room for is told,
 * never dropped in silence. Surfaces that are not laid yet say nothing.
 */
export function allLaid(context: CheckContext): Finding[] {
  return context.plan.surfaces.flatMap((surface): Finding[] => {
    const missing = unlaidOn(context.plan, surface);
    if (missing.length === 0) return [];
    return [
      finding('not-all-laid', {
        key: `not-laid ${surface.id}`,
        concerns: context.groupsAt(surface).map((group) => group.id),
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

/** A piece may lean over the rim; one whose middle is beyond it falls. What stands hard tips when this share is beyond. */
const TIPS = 0.25;
/** So little beyond the rim is nothing that a hand would see, in millimetres (house default). */
const HAIR_MM = 2;

/** Food that was dragged over the rim: how many of its pieces lie beyond, or 0. */
function beyond(
  element: LaidElement,
  pieces: readonly (readonly Point[])[],
  ground: readonly Point[],
): number {
  const out = (p: Point) => !inside(ground, p[0], p[1]);
  // leaves may hang over it: they are laid to
  if (element.layer === RIM_LEAF_LAYER) return 0;
  if (element.layer !== HARD_LAYER) return pieces.filter((outline) => out(meanOf(outline))).length;
  const corners = pieces.flat();
  const [x, y] = meanOf(corners);
  const nearer = (p: Point): Point => {
    const part = HAIR_MM / Math.max(HAIR_MM, Math.hypot(p[0] - x, p[1] - y));
    return [p[0] + (x - p[0]) * part, p[1] + (y - p[1]) * part];
  };
  return corners.filter((p) => out(nearer(p))).length >= corners.length * TIPS ? 1 : 0;
}

const groundOf = memo1(servingGround as (surface: Surface) => readonly Point[]);

/** How much of an element is beyond the rim, of how many pieces. What lies where it lay is measured once. */
const measured = memo2((surface: Surface, element: LaidElement) => {
  const found = new Map<Component, { out: number; of: number }>();
  return (component: Component): { out: number; of: number } => {
    let known = found.get(component);
    if (!known) {
      const pieces = lies(element, component);
      known = {
        out: beyond(element, pieces, groundOf(surface)),
        of: element.layer === HARD_LAYER ? 1 : pieces.length,
      };
      found.set(component, known);
    }
    return known;
  };
});

/** A heap or a bowl that was dragged over the rim is told, with how much of it is beyond. */
export function overTheRim(context: CheckContext): Finding[] {
  const larder = planLarder(context.plan);
  return context.plan.surfaces.flatMap((surface): Finding[] => {
    const over = laidOn(context.plan, surface).flatMap((element) => {
      const component = larder.get(element.componentId);
      if (!component) return [];
      const { out, of } = measured(surface, element)(component);
      return out > 0 ? [{ component, out, of }] : [];
    });
    if (over.length === 0) return [];
    const foods = [...new Set(over.map((o) => o.component))];
    return [
      finding('over-the-rim', {
        key: `over-rim ${surface.id}`,
        concerns: context.groupsAt(surface).map((group) => group.id),
        components: foods.map((component) => component.id),
        surfaceId: surface.id,
        args: {
          foods: { foods: foods.map((component) => component.name), most: 2 },
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
export function laidBowls(context: CheckContext): Finding[] {
  // of single portions one is laid
  const inUse = bowlsInUse(oneOfEach(context.plan));
  const sorted = (list: readonly string[]) => [...list].sort().join(' ');
  const bowlKey = (diameterMm: number, ware = 'any') => `${Math.round(diameterMm)} ${ware}`;
  return context.plan.surfaces.flatMap((surface): Finding[] => {
    const elements = laidOn(context.plan, surface);
    if (elements.length === 0) return [];
    const other = (componentId: Placement['componentId']) => {
      const laid = elements.filter(
        (element) => element.componentId === componentId && element.bowlMm !== null,
      );
      const wanted = inUse.filter(
        (bowl) => bowl.surfaceId === surface.id && bowl.componentId === componentId,
      );
      return (
        laid.length === wanted.length &&
        sorted(laid.map(({ bowlMm, ware }) => bowlKey(bowlMm! * 2, ware))) !==
          sorted(wanted.map(({ diameterMm, ware }) => bowlKey(diameterMm, ware)))
      );
    };
    const larder = planLarder(context.plan);
    const foods = [
      ...new Set(elements.filter((element) => element.bowlMm !== null).map((element) => element.componentId)),
    ]
      .filter(other)
      .flatMap((id) => larder.get(id) ?? []);
    if (foods.length === 0) return [];
    return [
      finding('bowls-laid-otherwise', {
        key: `laid-bowls ${surface.id}`,
        components: foods.map((component) => component.id),
        surfaceId: surface.id,
        args: { foods: { foods: foods.map((component) => component.name), most: 2 } },
      }),
    ];
  });
}
