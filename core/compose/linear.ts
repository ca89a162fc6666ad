import type { Said } from '../words/index.js';

/** A linear or integer program, minimised, and what a solver says of it. The solver itself is passed in. */
export interface Variable {
  name: string;
  lower: number;
  upper: number;
  cost: number;
  integer: boolean;
  /** What the board lacks by so much as this variable is, to answer "why this?"; none where no stylist asks after it. */
  loss?: Said;
}

export interface Row {
  /** For who reads a program; nothing is read back from it. */
  name: string;
  lower: number;
  upper: number;
  /** The wish that it keeps (`Conflict.wishes`). */
  wish?: string;
  terms: readonly (readonly [variable: number, factor: number])[];
}

export interface SolveOptions {
  /** Stop when (objective − bound) / objective is at most this. */
  gap: number;
  nodes: number;
  seed: number;
  /** Leave out that variables are whole. */
  relaxed: boolean;
  /** Do not begin anew at the root: halves the time of a program with a tight budget, and doubles that of others. */
  noRestart?: boolean;
  /** The start is good: look for its proof, not for a better one at the root, which takes half the time (measured). */
  proving?: boolean;
  /** Points that are good enough: a solution with no more ends the search. */
  enough?: number;
  /** Values to start from; may be incomplete or slightly wrong. */
  start?: readonly number[];
  onProgress?: (objective: number, bound: number) => void;
}

export interface Solution {
  status: 'optimal' | 'feasible' | 'infeasible';
  objective: number;
  bound: number;
  values: readonly number[];
  /** Of a relaxed program: the points that one unit more of each variable costs at least (its reduced cost). */
  duals?: readonly number[];
  /** How many nodes of its tree were looked at; a solver need not say. */
  nodes?: number;
}

/** Throws for a fault of the solver; no solution is a status. */
export type Solver = (model: LinearModel, options: SolveOptions) => Solution;

export class LinearModel {
  readonly variables: Variable[] = [];
  readonly rows: Row[] = [];
  offset = 0;

  variable(
    name: string,
    lower: number,
    upper: number,
    cost = 0,
    more: Partial<Pick<Variable, 'integer' | 'loss'>> = {},
  ): number {
    this.variables.push({ name, lower, upper, cost, integer: false, ...more });
    return this.variables.length - 1;
  }

  binary(name: string, cost = 0): number {
    return this.variable(name, 0, 1, cost, { integer: true });
  }

  row(name: string, lower: number, terms: Row['terms'], upper: number, wish?: string): void {
    this.rows.push({ name, lower, upper, terms, ...(wish === undefined ? {} : { wish }) });
  }

  atLeast(name: string, terms: Row['terms'], lower: number, wish?: string): void {
    this.row(name, lower, terms, Infinity, wish);
  }

  atMost(name: string, terms: Row['terms'], upper: number, wish?: string): void {
    this.row(name, -Infinity, terms, upper, wish);
  }

  /** Why a variable costs what it costs, to be said: it answers "why this?". */
  readonly reasons: { variable: number; cost: number; why: Said }[] = [];

  /** Adds to a variable's cost; with a reason where a stylist would ask for one. */
  charge(variable: number, cost: number, why?: Said): void {
    this.variables[variable]!.cost += cost;
    if (why !== undefined && cost !== 0) this.reasons.push({ variable, cost, why });
  }
}
