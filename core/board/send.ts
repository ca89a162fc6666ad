import { FORMS, type Component } from '../catalogue/index.js';
import { keepsFree, type Placement, type Plan, type SingleCommand, type Surface } from '../plan/index.js';

/** Surfaces whose promise the food does not break. */
export const surfacesFor = (plan: Plan, component: Component): Surface[] =>
  plan.surfaces.filter((surface) => surface.freeFrom.every((id) => keepsFree(component, id) !== 'breaks'));

/** One lot in two: by whole pieces, or by mass where one piece is cut or filled to it. Undefined where it cannot be halved. */
function halves(placement: Placement): [stays: Placement, goes: Placement] | undefined {
  const { pieces, massG, form } = placement;
  if (pieces < 2)
    return FORMS[form].cutToMass
      ? [
          { ...placement, massG: massG / 2 },
          { ...placement, massG: massG / 2 },
        ]
      : undefined;
  const gone = Math.floor(pieces / 2);
  const part = (n: number): Placement => ({ ...placement, pieces: n, massG: (massG * n) / pieces });
  return [part(pieces - gone), part(gone)];
}

/**
 * The edits that send a food from one surface to another: all of it, or half of each lot, nothing lost on the way. What is sent
 * leaves its zone and its motif. Nothing where none of it lies there or it cannot be halved.
 */
export function sendTo(
  plan: Plan,
  componentId: Placement['componentId'],
  from: Surface['id'],
  to: Surface['id'],
  half: boolean,
): SingleCommand[] {
  const on = (surfaceId: Surface['id']) =>
    plan.placements.filter(
      (placement) => placement.componentId === componentId && placement.surfaceId === surfaceId,
    );
  const here = on(from);
  if (here.length === 0 || from === to) return [];
  if (!half) return [{ name: 'move', componentId, from, to }];
  const parted = here.map((placement) => halves(placement));
  if (parted.every((pair) => pair === undefined)) return [];
  const there = parted.reduce((all, pair): Placement[] => {
    if (!pair) return all;
    const { motif: _motif, inZone: _zone, ...goes } = { ...pair[1], surfaceId: to };
    const twin = all.find(({ lot, form, motif }) => lot === goes.lot && form === goes.form && !motif);
    return twin
      ? all.map((other) =>
          other === twin
            ? { ...other, massG: other.massG + goes.massG, pieces: other.pieces + goes.pieces }
            : other,
        )
      : [...all, goes];
  }, on(to));
  return [
    {
      name: 'place',
      componentId,
      surfaceId: from,
      placements: parted.map((pair, i) => pair?.[0] ?? here[i]!),
    },
    { name: 'place', componentId, surfaceId: to, placements: there },
  ];
}
