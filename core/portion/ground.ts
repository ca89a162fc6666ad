import {
  FORMS,
  formOf,
  usualForm,
  type Component,
  type ComponentId,
  type FormId,
} from '../catalogue/index.js';
import { countsOnSome, portionsIn, portionsOf, type Group } from '../party/index.js';
import { inside } from '../geometry/index.js';
import { memo1 } from '../measure/index.js';
import {
  numberOf,
  oneOfEach,
  openPlaces,
  outlineAreaMm2,
  outlinePolygon,
  outlineSize,
  outlineSized,
  type Placement,
  type Plan,
  type Surface,
} from '../plan/index.js';
import { groupsAt, planLarder } from '../plan/index.js';
import type { Said } from '../words/index.js';
import { coverOf, FULL_COVER, groundOf, laidAtOpening } from './family-ground.js';
import { targetsOf } from './targets.js';

/** Grams over a square centimetre of a filled bowl's outside (craft, section 9). */
export const BOWL_G_PER_CM2 = 2;
/** Pieces in a bowl lie over one another: so many times what they weigh on the ground (house default). */
const HEAPED = 1.5;

/** Grams of a component over a square centimetre of ground, or of the outside of the bowl that it stands in. */
export const gPerCm2 = (component: Component, form: FormId, contained: boolean): number => {
  if (FORMS[form].bowl) return BOWL_G_PER_CM2;
  const lying = (formOf(component, form) ?? usualForm(component)).gPerCm2;
  return contained ? Math.min(BOWL_G_PER_CM2, lying * HEAPED) : lying;
};

export function placementGroundCm2(
  component: Component,
  p: Pick<Placement, 'form' | 'massG' | 'contained'>,
): number {
  return p.massG / gPerCm2(component, p.form, p.contained);
}

/** Square centimetres inside the rim on which food may lie. */
export const surfaceAreaCm2 = (surface: Surface): number =>
  Math.max(1, outlineAreaMm2(surface.outline, surface.rimMm) / 100 - openCm2(surface));

/** A place that stays open is measured in squares of this side. */
const OPEN_STEP_MM = 8;

/** What marked places keep open inside the rim; where two meet they count once. */
const openCm2 = memo1((surface: Surface): number => {
  const open = openPlaces(surface);
  if (open.length === 0) return 0;
  const ground = outlinePolygon(surface.outline, surface.rimMm);
  const [length, width] = outlineSize(surface.outline);
  let cells = 0;
  for (let x = -length / 2 + OPEN_STEP_MM / 2; x < length / 2; x += OPEN_STEP_MM)
    for (let y = -width / 2 + OPEN_STEP_MM / 2; y < width / 2; y += OPEN_STEP_MM)
      if (open.some((place) => inside(place, x, y)) && inside(ground, x, y)) cells += 1;
  return (cells * OPEN_STEP_MM ** 2) / 100;
});

/** Ground that lies on the surface at opening. */
export const laidGroundCm2 = (plan: Plan, surface: Surface): number =>
  [...groundByKind(plan, surface).values()].reduce((sum, ground) => sum + ground, 0);

/** Of each food that lies there at opening, in cm², on one of them where there are many; garnish takes none. */
function groundByKind(plan: Plan, surface: Surface): Map<ComponentId, number> {
  const larder = planLarder(plan);
  const grounds = new Map<ComponentId, number>();
  for (const placement of oneOfEach(plan).placements) {
    const component = larder.get(placement.componentId);
    if (placement.surfaceId !== surface.id || placement.lot !== 0) continue;
    if (!component || component.family === 'garnish') continue;
    const had = grounds.get(component.id) ?? 0;
    grounds.set(component.id, had + placementGroundCm2(component, placement));
  }
  return grounds;
}

/** A board is set to ten millimetres: a hair more than its cover is still its size. */
const HAIR = 1.03;

/** How many of the kinds that are to lie on a surface go onto it together: as many as can, the largest left out. */
export function kindsFitting(plan: Plan, surface: Surface): { fit: number; of: number } {
  const grounds = [...groundByKind(plan, surface).values()].sort((a, b) => a - b);
  let room = surfaceAreaCm2(surface) * Math.min(1, coverOf(plan, surface) * HAIR);
  const fit = grounds.findIndex((ground) => (room -= ground) < 0);
  return { fit: fit < 0 ? grounds.length : fit, of: grounds.length };
}

/**
 * A board from which some may eat some foods only holds so much more than all eat: what the others leave is theirs (house
 * default). With less, nearly all of a mixed board would have to be what two vegans of nine eat; with more it runs over.
 */
const AMPLE = 1.08;

/**
 * How much more lies on a surface than its guests eat. Where some of them have other food elsewhere too, nobody can say
 * what they leave here: no more than they eat.
 */
export function ampleAt(plan: Plan, surface: Surface): number {
  const here = groupsAt(plan, surface);
  const tables = new Set(
    here.map((group) => plan.surfaces.filter((other) => groupsAt(plan, other).includes(group)).length),
  );
  const alike = plan.surfaces.filter((other) => groupsAt(plan, other).some((group) => here.includes(group)));
  const isOneTable = tables.size === 1 && tables.has(alike.length);
  return isOneTable && here.some(countsOnSome) && !here.every(countsOnSome) ? AMPLE : 1;
}

/** Area that this brief asks for before anything is chosen, all surfaces together. */
export function areaAskedCm2(plan: Plan): number {
  const unseated = plan.party.filter(
    (group) => !plan.surfaces.some((surface) => groupsAt(plan, surface).includes(group)),
  );
  return (
    plan.surfaces.reduce((sum, surface) => sum + areaAskedAt(plan, surface), 0) +
    areaPerPortion(plan) * portionsIn(unseated)
  );
}

/** What lies there at opening; of single portions all does. */
function areaPerPortion(plan: Plan, singles = false): number {
  const { byFamily } = targetsOf(plan);
  const laid = singles ? byFamily : laidAtOpening(plan, byFamily);
  return groundOf(laid, coverOf(plan)) / Math.max(1e-9, portionsIn(plan.party));
}

/** A guest who is served from several surfaces takes as much from each. Of many alike, all together. */
function areaAskedAt(plan: Plan, surface: Surface): number {
  const here = groupsAt(plan, surface);
  const tablesOf = (group: Group): number =>
    plan.surfaces.filter((other) => groupsAt(plan, other).includes(group)).length;
  const portions = here.reduce((sum, group) => sum + portionsOf(group) / tablesOf(group), 0);
  return areaPerPortion(plan, surface.singles !== undefined) * portions * ampleAt(plan, surface);
}

/**
 * Ground that a surface needs: what is laid on it at opening, or, before anything is chosen, its guests' share of the
 * area that the brief asks for.
 */
export function groundNeededCm2(plan: Plan, surface: Surface): number {
  const laid = laidGroundCm2(plan, surface);
  return laid > 0 ? laid : (areaAskedAt(plan, surface) * coverOf(plan, surface)) / numberOf(surface);
}

/** The size that this surface should have, in its own shape; undefined while nobody is served from it. */
export function advisedOutline(plan: Plan, surface: Surface): Surface['outline'] | undefined {
  const ground = groundNeededCm2(plan, surface);
  return ground > 0 ? fittingOutline(surface, ground, coverOf(plan, surface)) : undefined;
}

const ROUND_STEP_MM = 10;
/** Of ten millimetres each. */
const SMALL_STEPS = 25;

/** The same shape in the size that this ground fills, to the next 10 mm. */
export function fittingOutline(surface: Surface, groundCm2: number, cover = FULL_COVER): Surface['outline'] {
  const open = openCm2(surface);
  const have = surfaceAreaCm2(surface) + open;
  const want = groundCm2 / cover + open;
  const outline = surface.outline;
  // on a small board ten millimetres less are a food that does not fit
  const round = (n: number) => (n < SMALL_STEPS ? Math.ceil(n - 0.1) : Math.round(n));
  const step = (n: number) => Math.max(60, round(n / ROUND_STEP_MM) * ROUND_STEP_MM);
  if (outline.kind === 'round')
    return { ...outline, diameterMm: step(2 * (Math.sqrt((want * 100) / Math.PI) + surface.rimMm)) };
  const k = Math.sqrt(want / Math.max(1, have));
  // the rim keeps its width: only the ground inside it grows
  const inner = (mm: number) => (mm - 2 * surface.rimMm) * k + 2 * surface.rimMm;
  return outlineSized(outline, (mm) => step(inner(mm)));
}

/** A board's length to its width, where a round one becomes oblong (house default). */
const OBLONG = 1.4;
const CORNER_MM = 30;
/** The least that a surface measures, and the steps in which it grows, in millimetres. */
const LEAST_MM = 60;

/**
 * The same ground inside the rim in another shape: a round board becomes an oblong one, an oblong one round, to the
 * next ten millimetres. One that has the shape stays as it is.
 */
export function reshaped(
  surface: Surface,
  kind: Exclude<Surface['outline']['kind'], 'own'>,
): Surface['outline'] {
  if (surface.outline.kind === kind) return surface.outline;
  const areaMm2 = outlineAreaMm2(surface.outline, surface.rimMm);
  const step = (mm: number) =>
    Math.max(LEAST_MM, Math.round((mm + 2 * surface.rimMm) / ROUND_STEP_MM) * ROUND_STEP_MM);
  if (kind === 'round') return { kind, diameterMm: step(2 * Math.sqrt(areaMm2 / Math.PI)) };
  if (kind !== 'rectangle') {
    // a quarter of π of its box
    const widthMm = Math.sqrt((areaMm2 * 4) / Math.PI / OBLONG);
    return { kind, lengthMm: step(widthMm * OBLONG), widthMm: step(widthMm) };
  }
  const widthMm = Math.sqrt(areaMm2 / OBLONG);
  return { kind, lengthMm: step(widthMm * OBLONG), widthMm: step(widthMm), cornerMm: CORNER_MM };
}

/** The size of a surface, to be said. */
export const outlineSaid = (outline: Surface['outline']): Said =>
  outline.kind === 'round'
    ? { say: 'outline.round', with: { d: { mm: outline.diameterMm } } }
    : { say: `outline.${outline.kind}`, with: { l: { mm: outline.lengthMm }, w: { mm: outline.widthMm } } };
