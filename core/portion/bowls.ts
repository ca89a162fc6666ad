import { FORMS, type Component, type FormId } from '../catalogue/index.js';
import { numberOf, planLarder, type IceBowl, type Placement, type Plan, type Ware } from '../plan/index.js';
import { BOWL_G_PER_CM2, gPerCm2 } from './ground.js';

/** One bowl on the table at opening. Masses in grams, diameters in millimetres. */
export interface BowlInUse {
  surfaceId: Placement['surfaceId'];
  componentId: Placement['componentId'];
  form: Placement['form'];
  /** Which of the bowls of this food on this surface, from 1. */
  n: number;
  pieces: number;
  massG: number;
  /** How closely it lies in there: bread is bulkier than a dip. */
  gPerCm2: number;
  /** The size that it is filled and drawn in. */
  diameterMm: number;
  /** False when all bowls at hand are taken: `diameterMm` is the size to bring. */
  atHand: boolean;
  /** What it is made of, where that was said. */
  ware?: Ware | 'ice';
  /** Of ice, made for this food: its inside holds less. */
  ice?: IceBowl;
}

/** A bowl is filled a little fuller before a larger one is taken (house default). */
const FULLER = 1.13;
/** Sizes that are sold go in steps of ten millimetres (house default). */
const STEP_MM = 10;

/** What a bowl holds when it is well filled, in grams (craft, section 9: grams over its outside). */
export const bowlHoldsG = (diameterMm: number, gPerCm2 = BOWL_G_PER_CM2): number =>
  Math.PI * (diameterMm / 20) ** 2 * gPerCm2 * FULLER;

/** The least size, in steps of ten millimetres, that holds this many grams. */
export const bowlForG = (massG: number, gPerCm2 = BOWL_G_PER_CM2): number =>
  Math.max(3, Math.ceil((20 * Math.sqrt(massG / gPerCm2 / FULLER / Math.PI)) / STEP_MM)) * STEP_MM;

/** Does it hold more than it can? */
export const runsOver = (bowl: BowlInUse): boolean => overG(bowl, bowl.diameterMm) > 0;

/** What fills less of its bowl than this is lost in it: ten cornichons in a salad bowl (house default). */
const LOST = 0.2;

/** From this size on, in mm, a bowl is too large for so few grams. */
export const bowlLostMm = (massG: number, gPerCm2 = BOWL_G_PER_CM2): number =>
  20 * Math.sqrt(massG / LOST / gPerCm2 / FULLER / Math.PI);

/** From here on it is a basket for bread, and too wide for a dip (house default). */
export const BASKET_MM = 180;

/** The bowls at hand that a dip is served in; baskets where there is nothing else. */
export function dipBowls(plan: Plan): Plan['bowls'] {
  const owned = plan.bowls.filter((bowl) => bowl.count > 0);
  const small = owned.filter((bowl) => bowl.diameterMm < BASKET_MM);
  return small.length > 0 ? small : owned;
}

/** What lies as loosely as crisps and popcorn, in grams on a square centimetre of its bowl (house default). */
const BULKY_G_PER_CM2 = 1;

/** Bread and what is as bulky comes in a basket; a basket for a dip, or for a dozen brownies, would be half the board. */
const suitsBasket = (component: Component | undefined, form: FormId): boolean =>
  FORMS[form].bowl !== true &&
  component !== undefined &&
  (component.job === 'vehicle' || gPerCm2(component, form, true) <= BULKY_G_PER_CM2);

/** The bowls at hand that this food is served in. */
export const bowlsFor = (plan: Plan, component: Component | undefined, form: FormId): Plan['bowls'] =>
  suitsBasket(component, form) ? plan.bowls.filter((bowl) => bowl.count > 0) : dipBowls(plan);

/** The largest of these; undefined when there is none. */
export const largestBowlMm = (bowls: Plan['bowls']): number | undefined =>
  bowls.reduce<number | undefined>(
    (most, bowl) => (bowl.count > 0 ? Math.max(most ?? 0, bowl.diameterMm) : most),
    undefined,
  );

/** Where nobody said which bowls there are, pieces are shared out over bowls of this size (house default). */
const USUAL_BOWL_MM = 160;

/** Food that stands one by one has a bowl for each; other pieces share as many of the largest as they fill. */
function bowlsOf(plan: Plan, placement: Placement): Omit<BowlInUse, 'diameterMm' | 'atHand'>[] {
  const { surfaceId, componentId, form, pieces, massG, ice } = placement;
  const component = planLarder(plan).get(componentId);
  const closely = component ? gPerCm2(component, form, true) : BOWL_G_PER_CM2;
  const alone = FORMS[form].lies === 'alone';
  const holdsG = bowlHoldsG(
    ice?.innerMm ?? largestBowlMm(bowlsFor(plan, component, form)) ?? USUAL_BOWL_MM,
    closely,
  );
  const surface = plan.surfaces.find(({ id }) => id === surfaceId);
  const inAll = plan.placements
    .filter((other) => other.surfaceId === surfaceId && other.componentId === componentId)
    .reduce((sum, other) => sum + other.pieces, 0);
  // a later lot is so many of the portions
  const n = surface?.singles ? Math.max(1, Math.round((numberOf(surface) * pieces) / inAll)) : 1;
  const bowls = alone ? pieces : Math.min(pieces, n * Math.ceil(massG / n / holdsG));
  const upTo = (i: number) => Math.round((pieces * i) / bowls);
  return Array.from({ length: bowls }, (_, i) => {
    const here = upTo(i + 1) - upTo(i);
    return {
      surfaceId,
      componentId,
      form,
      gPerCm2: closely,
      n: i + 1,
      pieces: here,
      massG: (massG * here) / pieces,
      ...(ice ? { ice } : {}),
    };
  });
}

const groundOf = (bowl: Pick<BowlInUse, 'massG' | 'gPerCm2'>): number => bowl.massG / bowl.gPerCm2;

/**
 * Every bowl that the table needs at opening, each with one of those at hand: as many foods as can be stand in one that
 * holds them and that they are not lost in, and no dip in a basket while another bowl holds it; what is left stands in
 * the least that is left and holds it, or in the largest. The one list of what is laid, counted and printed.
 */
export function bowlsInUse(plan: Plan): BowlInUse[] {
  // who has a portion of their own keeps its cup
  const many = new Set(plan.surfaces.flatMap(({ id, singles }) => (singles ? [id] : [])));
  const wanted = plan.placements
    .filter(({ contained, lot, surfaceId }) => contained && (lot === 0 || many.has(surfaceId)))
    .flatMap((placement) => bowlsOf(plan, placement));
  const free = plan.bowls
    .flatMap((bowl) => Array.from({ length: bowl.count }, () => bowl))
    .sort((a, b) => a.diameterMm - b.diameterMm);
  const order = wanted
    .flatMap(({ ice }, i) => (ice ? [] : [i]))
    .sort((a, b) => groundOf(wanted[a]!) - groundOf(wanted[b]!) || a - b);
  const larder = planLarder(plan);
  const small = wanted.map(({ componentId, form }) => !suitsBasket(larder.get(componentId), form));
  // what was made of ice is there for its food
  const out: BowlInUse[] = [];
  wanted.forEach((bowl, i) => {
    if (bowl.ice) out[i] = { ...bowl, diameterMm: iceAcross(bowl.ice), atHand: true, ware: 'ice' };
  });
  // what fits a bowl and is not lost in it is an interval of sizes: who has the fewest larger ones left comes first
  // (F. Glover 1967: no sharing out gives more)
  const mostMm = wanted.map((bowl, i) => {
    const largest = bowlLostMm(bowl.massG, bowl.gPerCm2);
    return small[i] ? Math.min(largest, BASKET_MM) : largest;
  });
  const fits = (i: number, { diameterMm }: Plan['bowls'][number]): boolean =>
    bowlHoldsG(diameterMm, wanted[i]!.gPerCm2) >= wanted[i]!.massG;
  const takes = (i: number, bowl: Plan['bowls'][number]): void => {
    out[i] = { ...wanted[i]!, diameterMm: bowl.diameterMm, atHand: true, ...wareOf(bowl) };
  };
  const rest: Plan['bowls'][number][] = [];
  let waiting = order;
  for (const bowl of free) {
    const here = waiting.filter((i) => fits(i, bowl) && bowl.diameterMm < mostMm[i]!);
    const next = here.reduce<number | undefined>(
      (first, i) => (first === undefined || mostMm[i]! < mostMm[first]! ? i : first),
      undefined,
    );
    if (next === undefined) rest.push(bowl);
    else {
      takes(next, bowl);
      waiting = waiting.filter((i) => i !== next);
    }
  }
  // the others stand in what is left, bread before dips: in the least that holds it, or in the largest
  const later = (i: number): number => (rest.some((bowl) => fits(i, bowl)) ? Number(small[i]) : 2);
  for (const i of waiting.toReversed().toSorted((a, b) => later(a) - later(b))) {
    const at = rest.findIndex((bowl) => fits(i, bowl));
    const [taken] = rest.splice(at < 0 ? rest.length - 1 : at, 1);
    if (taken) takes(i, taken);
    else out[i] = { ...wanted[i]!, diameterMm: sizeToBring(plan, wanted[i]!), atHand: false };
  }
  return out.some((bowl) => bowl.atHand && runsOver(bowl)) ? leastOver(out) : out;
}

const wareOf = ({ ware }: Plan['bowls'][number]): Pick<BowlInUse, 'ware'> => (ware ? { ware } : {});

/** A bowl of ice from outside, in mm. */
export const iceAcross = ({ innerMm, wallMm }: IceBowl): number => innerMm + 2 * wallMm;

/** Grams that find no room in a bowl of this size. */
const overG = (bowl: BowlInUse, diameterMm: number): number =>
  Math.max(0, bowl.massG - bowlHoldsG(bowl.ice?.innerMm ?? diameterMm, bowl.gPerCm2));

/**
 * Where not every food finds a bowl that holds it, two change bowls as long as less runs over in all: three that are a
 * little too full look better than a dip for twelve in an egg cup.
 */
function leastOver(bowls: readonly BowlInUse[]): BowlInUse[] {
  const out = [...bowls];
  for (let changed = true; changed;) {
    changed = false;
    for (let i = 0; i < out.length; i++)
      for (let j = i + 1; j < out.length; j++) {
        const [one, other] = [out[i]!, out[j]!];
        if (![one, other].every(({ atHand, form, ice }) => atHand && !ice && FORMS[form].bowl)) continue;
        const now = overG(one, one.diameterMm) + overG(other, other.diameterMm);
        const then = overG(one, other.diameterMm) + overG(other, one.diameterMm);
        if (then > now - 0.5) continue;
        const { ware: mine, ...first } = one;
        const { ware: its, ...second } = other;
        out[i] = { ...first, diameterMm: other.diameterMm, ...(its ? { ware: its } : {}) };
        out[j] = { ...second, diameterMm: one.diameterMm, ...(mine ? { ware: mine } : {}) };
        changed = true;
      }
  }
  return out;
}

/** One more of a size that is at hand already, or the least that holds it. */
function sizeToBring(plan: Plan, bowl: Pick<BowlInUse, 'massG' | 'gPerCm2'>): number {
  const sizes = plan.bowls
    .filter((bowl) => bowl.count > 0)
    .map((bowl) => bowl.diameterMm)
    .sort((a, b) => a - b);
  return sizes.find((d) => bowlHoldsG(d, bowl.gPerCm2) >= bowl.massG) ?? bowlForG(bowl.massG, bowl.gPerCm2);
}

/** "2 × 120 mm, 5 × 60 mm" in numbers: how many bowls of each size, the largest first. */
export function bowlSizes(bowls: readonly BowlInUse[]): { diameterMm: number; count: number }[] {
  const counts = new Map<number, number>();
  for (const bowl of bowls) counts.set(bowl.diameterMm, (counts.get(bowl.diameterMm) ?? 0) + 1);
  return [...counts]
    .map(([diameterMm, count]) => ({ diameterMm, count }))
    .sort((a, b) => b.diameterMm - a.diameterMm);
}
