import { createRandom } from '../measure/index.js';
import type { Surface } from '../plan/index.js';
import { surfaceAreaCm2 } from '../portion/index.js';
import { lies, planWith } from '../testing/plans.js';
import { fieldOver } from '../lay/field.js';
import { gridOver, servingGround } from '../lay/grid.js';
import { partsOf, type Part } from '../lay/parts.js';
import { assign, freeCells, NOBODY, siteFor, stepRegions, type Site } from '../lay/regions.js';

const board = (outline: Surface['outline'] = { kind: 'round', diameterMm: 400 }): Surface => ({
  ...planWith({}).surfaces[0]!,
  outline,
});
export const ROUND = board();
export const TRAY = board({ kind: 'rectangle', lengthMm: 420, widthMm: 300, cornerMm: 40 });

/** The parts of a board on which only these foods lie. */
export function parts(...foods: [string, number][]): Part[] {
  const plan = planWith({ placements: foods.map(([id, g]) => lies(id, g)) });
  return partsOf(plan, plan.surfaces[0]!, surfaceAreaCm2(plan.surfaces[0]!));
}

export const cellsOf = (owner: Int16Array, i: number): number[] =>
  [...owner.keys()].filter((c) => owner[c] === i);

/** Sites over the round board, with their regions grown. */
export function grown(soft: readonly Part[], steps = 40) {
  const grid = gridOver(servingGround(ROUND), 5);
  const free = freeCells(grid, new Uint8Array(grid.ground.length), () => [0, 0]);
  const field = fieldOver(servingGround(ROUND), []);
  const random = createRandom(9);
  const sum = soft.reduce((sum, part) => sum + part.groundCm2, 0);
  const sites: Site[] = soft.map((part, i) =>
    siteFor(
      part,
      100 * Math.cos((i * 6.283) / soft.length),
      100 * Math.sin((i * 6.283) / soft.length),
      random.range(0, 3),
      (free.cells.length * part.groundCm2) / sum,
      grid,
      field,
    ),
  );
  const owner = new Int16Array(grid.ground.length).fill(NOBODY);
  for (let k = 0; k < steps; k++) stepRegions(grid, free, soft, sites, owner, 0.4, field);
  assign(free, sites, owner);
  return { grid, free, sites, owner };
}

export const SOFT = parts(
  ['strawberries', 200],
  ['cherry-tomatoes', 150],
  ['salami', 120],
  ['breadsticks', 90],
  ['cucumber', 160],
);
