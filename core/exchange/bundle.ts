import {
  canonicalText,
  MAX_FILE_BYTES,
  readPlan,
  readPlanText,
  type Plan,
  type ReadProblem,
} from '../plan/index.js';

export const BUNDLE_FORMAT = 'round-plate.plans';

/** Several plans as one file. Each is the same canonical plan that a single export has. */
export function bundleText(plans: readonly Plan[]): string {
  const values = plans.map((p) => JSON.parse(canonicalText(p)) as unknown);
  return `${JSON.stringify({ format: BUNDLE_FORMAT, version: 1, plans: values }, null, 1)}\n`;
}

export type ReadPlans = { ok: true; plans: Plan[] } | { ok: false; problems: ReadProblem[] };

/**
 * Reads a file that holds one plan or a bundle of them. All or nothing: one plan that cannot be read refuses the
 * file, with its number in the path, so that nothing is half brought in. `bytes` is the file's size.
 */
export function readPlansText(text: string, bytes: number): ReadPlans {
  if (bytes > MAX_FILE_BYTES)
    return {
      ok: false,
      problems: [{ code: 'too-large', path: '', reason: 'The file is larger than 5 MB.' }],
    };
  const values = bundled(text);
  if (!values) {
    const read = readPlanText(text);
    return read.ok ? { ok: true, plans: [read.plan] } : read;
  }
  const reads = values.map((v) => readPlan(v));
  const problems = reads.flatMap((r, i) =>
    r.ok ? [] : r.problems.map((p) => ({ ...p, path: `plans[${i}]${p.path ? `.${p.path}` : ''}` })),
  );
  if (problems.length > 0) return { ok: false, problems };
  return { ok: true, plans: reads.flatMap((r) => (r.ok ? [r.plan] : [])) };
}

/** The plans of a bundle; undefined for anything else, which the plan reader then judges. */
function bundled(text: string): unknown[] | undefined {
  try {
    const value = JSON.parse(text) as { format?: unknown; plans?: unknown } | null;
    return value?.format === BUNDLE_FORMAT && Array.isArray(value.plans) ? value.plans : undefined;
  } catch {
    return undefined;
  }
}
