import { beforeAll, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import { FORMS } from '../catalogue/index.js';
import { checkPlan } from '../check/index.js';
import { board, group, planWith, withSmallLarder } from '../testing/plans.js';
import type { Plan } from '../plan/index.js';
import type { Draft } from './draft.js';
import { draftOf, problemOf, type Solver } from './index.js';
import { boardOf } from './settle.js';

let solve: Solver;
beforeAll(async () => {
  solve = await nodeSolver();
});

const tray = (guests: number, mm: number, patch: Partial<Plan> = {}): Plan =>
  withSmallLarder(
    planWith({
      party: [group('all', guests)],
      surfaces: [board({ outline: { kind: 'round', diameterMm: mm } })],
      ...patch,
    }),
  );

/** Grams of what is counted in pieces: as they were found, and as they are laid. */
function countedG(draft: Draft, values: readonly number[]): { found: number; laid: number } {
  const counted = draft.entries.filter(
    ({ candidate, laid }) => values[laid]! > 0.5 && !FORMS[candidate.form].cutToMass,
  );
  const ids = new Set(counted.map(({ candidate }) => candidate.component.id));
  return {
    found: counted.reduce((sum, { mass }) => sum + values[mass]!, 0),
    laid: boardOf(draft, values)
      .placements.filter(({ componentId }) => ids.has(componentId))
      .reduce((sum, { massG }) => sum + massG, 0),
  };
}

test('a board in whole pieces has as many grams as were found, for few guests and for many', () => {
  let byPieces = 0;
  for (const [guests, mm] of [
    [2, 230],
    [3, 260],
    [5, 320],
    [9, 400],
  ] as const) {
    const draft = draftOf(problemOf(tray(guests, mm)));
    const { values } = solve(draft.model, { gap: 0.2, nodes: 4, seed: 1, relaxed: false });
    expect(values.length).toBeGreaterThan(0);
    const { found, laid } = countedG(draft, values);
    const largest = Math.max(
      ...draft.entries.map(({ candidate }) => (FORMS[candidate.form].cutToMass ? 0 : candidate.pieceG)),
    );
    // what lost less than a fifth of a piece each is given none
    expect(laid).toBeGreaterThan(found * 0.985 - 1);
    expect(laid).toBeLessThan(found + largest * 2);
    byPieces += Number(Math.abs(laid - found) > 0.5);
    expect(
      checkPlan(boardOf(draft, values)).findings.filter(({ code }) => code === 'not-looked-after'),
    ).toEqual([]);
  }
  expect(byPieces).toBeGreaterThan(0);
});

test('where money is counted in packs, pieces are rounded as they come', () => {
  const free = draftOf(problemOf(tray(3, 260)));
  const { values } = solve(free.model, { gap: 0.2, nodes: 4, seed: 1, relaxed: false });
  const dear: Draft = {
    ...free,
    problem: { ...free.problem, plan: { ...free.problem.plan, budgetMinor: 1_000_000 } },
  };
  expect(countedG(dear, values).laid).toBeLessThanOrEqual(countedG(free, values).laid);
});
