import { atHomeIn, GREENS, type Component } from '../catalogue/index.js';
import { nearColour } from '../board/index.js';
import { disliked } from '../needs/index.js';
import { growingMonth, isShared, numberOf, planLarder, type Placement, type Plan } from '../plan/index.js';
import { occasionOf, surfaceAreaCm2 } from '../portion/index.js';
import { tieOf } from './rows/variety.js';

/** Ground for one sprig of a herb: a small box is not buried (house default). */
const CM2_PER_SPRIG = 200;
const sprigsOn = (surface: Plan['surfaces'][number]): number =>
  Math.max(
    1,
    Math.min(
      surface.outline.kind === 'rectangle' ? 3 : 5,
      Math.round(surfaceAreaCm2(surface) / CM2_PER_SPRIG),
    ),
  );

/** Points for a green, house defaults: what leads to it, and what keeps it for those who ask for it. */
const AT_HOME = 8;
const OF_THE_PALETTE = 2.5;
const SWEET_AND_FRESH = 3;
const KNOWN_EVERYWHERE = 3;
const DISLIKED = 20;
/** A twig that stands up beside a leaf or a flower. */
const UNLIKE = 2;
/** A flower at four times the price is for a theme. */
const DEAR = 2;
const DEAR_MINOR = 200;

function pointsOf(plan: Plan, component: Component): number {
  const { theme } = plan.occasion;
  const fresh = ['sweet', 'breakfast', 'children'].includes(occasionOf(plan));
  return (
    tieOf(plan, component) +
    (GREENS.everywhere.has(component.id) ? KNOWN_EVERYWHERE : 0) +
    (theme.region !== '' && atHomeIn(component.id, theme.region) ? AT_HOME : 0) +
    (theme.palette.some((colour) => component.colours.some((own) => nearColour(own, colour)))
      ? OF_THE_PALETTE
      : 0) +
    (fresh && GREENS.fresh.has(component.id) ? SWEET_AND_FRESH : 0) -
    (plan.party.some((group) => disliked(component, group)) ? DISLIKED : 0) -
    ((component.packs[0]?.priceMinor ?? 0) > DEAR_MINOR ? DEAR : 0)
  );
}

/** Greens that may be proposed: in season, not excluded, and beside sweets only what is sweet and fresh. Pinned ones always. */
function greensOf(plan: Plan): Component[] {
  const sweet = plan.occasion.role === 'sweet';
  const month = growingMonth(plan);
  return [...planLarder(plan).values()].filter(
    (component) =>
      component.family === 'garnish' &&
      component.forms[0]!.form === 'sprig' &&
      component.made !== 'unknown' &&
      !plan.wishes.excluded.includes(component.id) &&
      (plan.wishes.pinned.includes(component.id) ||
        (component.seasonMonths.includes(month) && (!sweet || GREENS.fresh.has(component.id)))),
  );
}

/**
 * Two greens, a few sprigs for each shared surface: pinned ones first, then what the region, the theme and the occasion lead
 * to; days differ.
 */
export function garnish(plan: Plan): Placement[] {
  const greens = greensOf(plan);
  const pinned = greens.filter((component) => plan.wishes.pinned.includes(component.id));
  const points = new Map(greens.map((component) => [component, pointsOf(plan, component)]));
  const others = greens
    .filter((component) => !pinned.includes(component))
    .sort((a, b) => points.get(b)! - points.get(a)!);
  const first = pinned[0] ?? others[0];
  const contrast = (component: Component): number =>
    points.get(component)! + (component.forms[0]!.piece === first?.forms[0]!.piece ? 0 : UNLIKE);
  const [second] = others
    .filter((component) => component !== first)
    .sort((a, b) => contrast(b) - contrast(a));
  const pair = [first, second].filter((component) => component !== undefined);
  const chosen = pinned.length >= 2 ? pinned : pair;
  return plan.surfaces.filter(isShared).flatMap((surface) =>
    chosen.map((component) => {
      const fact = component.forms[0]!;
      const pieces = sprigsOn(surface) * numberOf(surface);
      return {
        componentId: component.id,
        surfaceId: surface.id,
        form: fact.form,
        massG: pieces * fact.pieceG,
        pieces,
        lot: 0,
        contained: false,
      };
    }),
  );
}
