import loadHighs, { type Highs } from 'highs';
import type { Solver } from '../core/compose/index.js';
import { highsSolver } from './highs.js';

/** The solver for Node: the WASM file is read from the package. */
export async function nodeSolver(): Promise<Solver> {
  return highsSolver((await loadHighs()) as unknown as Highs);
}
