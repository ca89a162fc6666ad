import { expect, test } from '@jest/globals';
import { FORMS } from '../catalogue/index.js';
import { board, group, planWith, withSmallLarder } from '../testing/plans.js';
import type { Plan } from '../plan/index.js';
import type { Draft } from './draft.js';
import { draftOf, problemOf } from './index.js';
import { boardOf } from './settle.js';

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

/** A board on which eight foods have so many pieces each, and a part of one more. */
function withParts(draft: Draft, pieces: number, part: number): number[] {
  const values = draft.model.variables.map(() => 0);
  const counted = draft.entries.filter(({ candidate: { form } }) => !FORMS[form].cutToMass).slice(0, 8);
  for (const { laid, mass, candidate } of counted) {
    values[laid] = 1;
    values[mass] = (pieces + part) * candidate.pieceG;
  }
  return values;
}

test('what is found is laid, though no food comes out in whole pieces', () => {
  const draft = draftOf(problemOf(tray(2, 230)));
  for (const part of [0.25, 0.35, 0.45]) {
    const { found, laid } = countedG(draft, withParts(draft, 2, part));
    expect(laid).toBeGreaterThanOrEqual(found - 1e-6);
    // and not every food has a piece more
    expect(laid).toBeLessThan(countedG(draft, withParts(draft, 3, 0)).laid);
  }
  // a crumb of a piece is none, and what was rounded up makes up for what was rounded down
  expect(countedG(draft, withParts(draft, 2, 0.1)).laid).toBe(countedG(draft, withParts(draft, 2, 0)).laid);
  expect(countedG(draft, withParts(draft, 2, 0.8)).laid).toBe(countedG(draft, withParts(draft, 3, 0)).laid);
});

test('under a budget pieces are rounded as they come', () => {
  const free = draftOf(problemOf(tray(3, 260)));
  const { problem } = free;
  const dear: Draft = { ...free, problem: { ...problem, plan: { ...problem.plan, budgetMinor: 1_000_000 } } };
  expect(countedG(dear, withParts(dear, 2, 0.45)).laid).toBe(countedG(free, withParts(free, 2, 0)).laid);
});
