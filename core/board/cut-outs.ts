import { formOf, type Component } from '../catalogue/index.js';
import {
  cutOutsForm,
  planLarder,
  type Command,
  type Cut,
  type Placement,
  type Plan,
  type SurfaceId,
} from '../plan/index.js';
import { mostInABowlG, placementsOf, wholePieces } from './pieces.js';

/** Less of a food than this is no helping of it beside what is cut out (house default). */
const CRUMB_G = 15;

const massOf = (placements: readonly Placement[]): number =>
  placements.reduce((sum, { massG }) => sum + massG, 0);

/** The surface on which most of a food lies; the first one where none does. */
export function surfaceOfFood(plan: Plan, componentId: Component['id']): SurfaceId | undefined {
  const on = (id: SurfaceId) =>
    massOf(
      plan.placements.filter(
        (placement) => placement.componentId === componentId && placement.surfaceId === id,
      ),
    );
  return [...plan.surfaces].sort((a, b) => on(b.id) - on(a.id))[0]?.id;
}

/** Exactly so many pieces: what rounding by lots has added or left out is mended in the first lot. */
export function inLots(placements: readonly Placement[], pieces: number, pieceG: number): Placement[] {
  const over = placements.reduce((sum, placement) => sum + placement.pieces, 0) - pieces;
  return placements
    .map((placement, i) => (i === 0 ? { ...placement, pieces: placement.pieces - over } : placement))
    .filter((placement) => placement.pieces > 0)
    .map((placement) => ({ ...placement, massG: Math.round(placement.pieces * pieceG * 10) / 10 || 0.1 }));
}

/**
 * What lies of a food in other ways, as much less as so many grams of it go into a shape: the board keeps its grams, and
 * less than a helping is not left over.
 */
export function lessBy(
  plan: Plan,
  component: Component,
  others: readonly Placement[],
  takenG: number,
): Placement[] {
  const restG = Math.max(0, massOf(others) - takenG);
  if (restG < CRUMB_G || others.length === 0) return [];
  const keep = restG / massOf(others);
  return others.map((placement): Placement => {
    const form = formOf(component, placement.form);
    return {
      ...placement,
      ...(form
        ? wholePieces(form, placement.massG * keep, mostInABowlG(plan))
        : { massG: placement.massG * keep }),
    };
  });
}

/**
 * So many cut-outs of a food on a surface. What lay there of it in other forms becomes as much less, so that the board
 * keeps its grams; where that was too little there is more of it.
 */
export function layCutOuts(plan: Plan, cut: Cut, pieces: number, surfaceId: SurfaceId): Command {
  const component = planLarder(plan).get(cut.componentId)!;
  const fact = cutOutsForm(component, cut);
  const there = plan.placements.filter(
    (placement) => placement.componentId === cut.componentId && placement.surfaceId === surfaceId,
  );
  // what lies in a motif stays there
  const inMotif = there.filter(({ motif }) => motif !== undefined);
  const loose = there.filter(({ motif }) => motif === undefined);
  const others = loose.filter(({ form }) => form !== 'cut-outs');
  const massG = pieces * fact.pieceG;
  const rest = lessBy(plan, component, others, massG - (massOf(loose) - massOf(others)));
  // what was kept in a bowl, with its own tongs or in somebody's zone, was so for a reason
  const [as] = loose;
  const shaped = placementsOf({
    plan,
    component,
    fact,
    surfaceId,
    massG,
    contained: as?.contained ?? false,
  }).map((placement) => ({
    ...placement,
    ...(as?.ownTool ? { ownTool: true } : {}),
    ...(as?.inZone ? { inZone: true } : {}),
  }));
  return {
    name: 'together',
    label: 'lay it cut out',
    commands: [
      { name: 'set-cut', cut },
      {
        name: 'place',
        componentId: cut.componentId,
        surfaceId,
        placements: [...inMotif, ...rest, ...inLots(shaped, pieces, fact.pieceG)],
      },
    ],
  };
}
