import { FORMS, type Component, type FormFact } from '../catalogue/index.js';
import { roundForScale } from '../measure/index.js';
import {
  inWhole,
  numberOf,
  type Placement,
  type Plan,
  type SingleCommand,
  type Surface,
} from '../plan/index.js';
import { bowlHoldsG, dipBowls, largestBowlMm, lotShares } from '../portion/index.js';

/** A bowl of one food larger than this is too far to reach around; more goes into a second one (house default). */
const MOST_IN_A_BOWL_G = 330;

/** What one bowl holds at most: no more than the largest at hand. */
export const mostInABowlG = (plan: Plan): number => {
  const largest = largestBowlMm(dipBowls(plan));
  // whole tens: a mass that is rounded for the scale still goes in
  const holds = largest === undefined ? MOST_IN_A_BOWL_G : Math.floor(bowlHoldsG(largest) / 10) * 10;
  return Math.max(10, Math.min(MOST_IN_A_BOWL_G, holds));
};

/** A solver's number may lie a hair above what it was allowed. */
const SLACK = 1e-3;

/** Whole pieces for a mass: at least one, with at most `bowlG` in a bowl. Returns the pieces and the mass that they truly have. */
export function wholePieces(fact: FormFact, massG: number, bowlG: number): { pieces: number; massG: number } {
  const kind = FORMS[fact.form];
  if (kind.cutToMass) {
    const most = kind.bowl ? bowlG : (kind.mostG ?? Infinity);
    const pieces = Math.max(1, Math.ceil(massG / most - SLACK));
    return { pieces, massG: Math.max(1, roundForScale(massG)) };
  }
  const pieces = Math.max(1, Math.round(massG / fact.pieceG));
  return { pieces, massG: Math.round(pieces * fact.pieceG * 10) / 10 };
}

/** A mass in lots: of what is counted all lots together are as many pieces as the whole gives, one in each at least. */
function inLots(
  fact: FormFact,
  massG: number,
  shares: readonly number[],
  bowlG: number,
): { lot: number; pieces: number; massG: number }[] {
  if (FORMS[fact.form].cutToMass)
    return shares.map((share, lot) => ({ lot, ...wholePieces(fact, massG * share, bowlG) }));
  const counts = shares.map(() => 1);
  const behind = (lot: number): number => massG * shares[lot]! - counts[lot]! * fact.pieceG;
  for (let left = Math.round(massG / fact.pieceG) - shares.length; left > 0; left--) {
    const next = [...counts.keys()].reduce((most, lot) => (behind(lot) > behind(most) ? lot : most));
    counts[next]! += 1;
  }
  return counts.map((pieces, lot) => ({ lot, ...wholePieces(fact, pieces * fact.pieceG, bowlG) }));
}

/** As many whole pieces in each of so many portions; what would stand too long comes with portions that come later. */
function inPortions(
  n: number,
  fact: FormFact,
  massG: number,
  plan: Plan,
  shares: readonly number[],
): { lot: number; pieces: number; massG: number }[] {
  const one = wholePieces(fact, massG / n, mostInABowlG(plan));
  return inWhole(n, shares)
    .map((boxes, lot) => ({ lot, pieces: one.pieces * boxes, massG: one.massG * boxes }))
    .filter(({ pieces }) => pieces > 0);
}

/** The shares of the lots in which a food comes to a surface. A portion of one's own comes whole. */
export const lotsAt = (plan: Plan, component: Component, surface: Surface | undefined): number[] =>
  surface?.singles ? [1] : lotShares(component, plan);

/** So many grams of one component on one surface, on many alike in whole pieces on each: lots by what is eaten while each lies. A dip comes in its bowl. */
export function placementsOf({
  plan,
  component,
  fact,
  surfaceId,
  massG,
  contained = FORMS[fact.form].bowl === true,
}: {
  plan: Plan;
  component: Component;
  fact: FormFact;
  surfaceId: Placement['surfaceId'];
  massG: number;
  contained?: boolean;
}): Placement[] {
  const surface = plan.surfaces.find(({ id }) => id === surfaceId);
  const eaten = lotShares(component, plan);
  const shares = FORMS[fact.form].wholeLots ? eaten.map(() => 1 / eaten.length) : eaten;
  const lots = surface?.singles
    ? inPortions(surface.singles, fact, massG, plan, lotShares(component, plan))
    : inLots(fact, massG, shares, mostInABowlG(plan));
  return lots.map(({ lot, pieces, massG: grams }) => ({
    componentId: component.id,
    surfaceId,
    form: fact.form,
    massG: grams,
    pieces,
    lot,
    contained,
  }));
}

/** The edit that brings a food on one surface into another form, as many pieces as its mass gives. */
export const setForm = (
  plan: Plan,
  { componentId, surfaceId }: Pick<Placement, 'componentId' | 'surfaceId'>,
  fact: FormFact,
): SingleCommand => {
  const massG = plan.placements
    .filter((placement) => placement.componentId === componentId && placement.surfaceId === surfaceId)
    .reduce((sum, placement) => sum + placement.massG, 0);
  const surface = plan.surfaces.find(({ id }) => id === surfaceId);
  const n = surface ? numberOf(surface) : 1;
  const { pieces } = wholePieces(fact, massG / n, mostInABowlG(plan));
  return { name: 'set-form', componentId, surfaceId, form: fact.form, pieces: pieces * n };
};
