import type { Highs, Model } from 'highs';
import type { LinearModel, Solution, SolveOptions, Solver } from '../core/compose/index.js';

const INF = 1e30;
const bounded = (n: number) => (n === Infinity ? INF : n === -Infinity ? -INF : n);

function matrixOf(model: LinearModel) {
  const start = [0];
  const index: number[] = [];
  const value: number[] = [];
  for (const row of model.rows) {
    // a variable may stand twice in a row: the solver wants it once
    const sums = new Map<number, number>();
    for (const [v, f] of row.terms) sums.set(v, (sums.get(v) ?? 0) + f);
    for (const [v, f] of sums) {
      if (f === 0) continue;
      index.push(v);
      value.push(f);
    }
    start.push(index.length);
  }
  return {
    format: 'csr' as const,
    numRows: model.rows.length,
    numCols: model.variables.length,
    starts: start,
    indices: index,
    values: value,
  };
}

/** Limits are gap and nodes, never time: the same model and seed give the same answer. */
function setOptions(model: Model, options: SolveOptions): void {
  model.options.set('output_flag', false);
  model.options.set('random_seed', options.seed % 2147483647);
  model.options.set('mip_rel_gap', options.gap);
  model.options.set('mip_max_nodes', options.nodes);
  // sub-searches around a known solution cost a third of the time and find what the kernel has found (measured)
  model.options.set('mip_heuristic_run_rins', false);
  model.options.set('mip_heuristic_run_rens', false);
  // neither finds anything in these programs, and both together take a twentieth of the time (measured)
  model.options.set('mip_heuristic_run_feasibility_jump', false);
  model.options.set('mip_detect_symmetry', false);
  if (options.enough !== undefined) model.options.set('objective_target', options.enough);
  if (options.proving) model.options.set('mip_heuristic_run_root_reduced_cost', false);
  if (options.noRestart) model.options.set('mip_allow_restart', false);
}

/** HiGHS as the core's solver. */
export function highsSolver(highs: Highs): Solver {
  return (model, options): Solution => {
    const m = highs.createModel({
      numCols: model.variables.length,
      numRows: model.rows.length,
      offset: model.offset,
      colCost: model.variables.map((variable) => variable.cost),
      colLower: model.variables.map((variable) => bounded(variable.lower)),
      colUpper: model.variables.map((variable) => bounded(variable.upper)),
      rowLower: model.rows.map((row) => bounded(row.lower)),
      rowUpper: model.rows.map((row) => bounded(row.upper)),
      matrix: matrixOf(model),
      ...(options.relaxed
        ? {}
        : { integrality: model.variables.map((variable) => (variable.integer ? 1 : 0)) }),
    });
    try {
      setOptions(m, options);
      if (options.start) m.setSolution({ colValue: [...options.start] });
      m.run();
      return read(m, options.relaxed);
    } finally {
      m.dispose();
    }
  };
}

const FEASIBLE_POINT = 2;

function read(model: Model, relaxed: boolean): Solution {
  const optimal = model.getModelStatus() === 7;
  const found = Number(model.info.get('primal_solution_status')) === FEASIBLE_POINT;
  if (!found) return { status: 'infeasible', objective: Infinity, bound: Infinity, values: [] };
  const objective = Number(model.info.get('objective_function_value'));
  const bound = relaxed ? objective : Number(model.info.get('mip_dual_bound'));
  return {
    status: optimal ? 'optimal' : 'feasible',
    objective,
    bound,
    values: Array.from(model.getSolution().colValue),
    nodes: relaxed ? 0 : Number(model.info.get('mip_node_count')),
    ...(relaxed ? { duals: Array.from(model.getSolution().colDual) } : {}),
  };
}
