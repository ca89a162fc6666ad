/** A linear or integer program, minimised, and what a solver says of it. The solver itself is passed in. */
export interface Variable {
  name: string;
  lower: number;
  upper: number;
  cost: number;
  integer: boolean;
}

export interface Row {
  name: string;
  lower: number;
  upper: number;
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
}

/** Throws for a fault of the solver; no solution is a status. */
export type Solver = (model: LinearModel, options: SolveOptions) => Solution;

export class LinearModel {
  readonly variables: Variable[] = [];
  readonly rows: Row[] = [];
  offset = 0;

  variable(name: string, lower: number, upper: number, cost = 0, integer = false): number {
    this.variables.push({ name, lower, upper, cost, integer });
    return this.variables.length - 1;
  }

  binary(name: string, cost = 0): number {
    return this.variable(name, 0, 1, cost, true);
  }

  row(name: string, lower: number, terms: Row['terms'], upper: number): void {
    this.rows.push({ name, lower, upper, terms });
  }

  atLeast(name: string, terms: Row['terms'], lower: number): void {
    this.row(name, lower, terms, Infinity);
  }

  atMost(name: string, terms: Row['terms'], upper: number): void {
    this.row(name, -Infinity, terms, upper);
  }

  /** Why a variable costs what it costs, in a stylist's words: to answer "why this?". */
  readonly reasons: { variable: number; cost: number; why: string }[] = [];

  /** Adds to a variable's cost; with a reason where a stylist would ask for one. */
  charge(variable: number, cost: number, why?: string): void {
    this.variables[variable]!.cost += cost;
    if (why !== undefined && cost !== 0) this.reasons.push({ variable, cost, why });
  }
}
