import {
  canonicalText,
  MAX_FILE_BYTES,
  readPlan,
  readPlanText,
  type Plan,
  type ReadProblem,
} from '../plan/index.js';
import type { Said } from '../words/index.js';

export const BUNDLE_FORMAT = 'round-plate.plans';

/** Several plans as one file. Each is the same canonical plan that a single export has. */
export function bundleText(plans: readonly Plan[]): string {
  const values = plans.map((plan) => JSON.parse(canonicalText(plan)) as unknown);
  return `${JSON.stringify({ format: BUNDLE_FORMAT, version: 1, plans: values }, null, 1)}\n`;
}

/** A plan of a bundle that could not be read: which one, by its place and its name, and why. */
export interface NotTaken {
  index: number;
  name: string;
  problems: ReadProblem[];
}

export type ReadPlans =
  | { ok: true; plans: Plan[]; notTaken: NotTaken[] }
  | { ok: false; problems: ReadProblem[] };

/** What no browser reads into its memory: a file beyond is refused by its size. */
export const MAX_BUNDLE_BYTES = 512 * 1024 * 1024;

const refuse = (code: ReadProblem['code'], reason: Said): ReadPlans => ({
  ok: false,
  problems: [{ code, path: '', reason }],
});

const inMb = (bytes: number) => ({ mb: bytes / 2 ** 20 });

/**
 * Reads a file that holds one plan or a bundle of them. A bundle may have any size, since "Save all plans" writes as much
 * as there is; each of its plans is read for itself, and those that could not be taken are listed. `bytes` is the file's size.
 */
export function readPlansText(text: string, bytes: number): ReadPlans {
  if (bytes > MAX_BUNDLE_BYTES) return refuse('too-large', { say: 'no.large', with: inMb(MAX_BUNDLE_BYTES) });
  const values = bundled(text);
  if (!values) {
    if (bytes > MAX_FILE_BYTES)
      return refuse('too-large', { say: 'no.large-plan', with: inMb(MAX_FILE_BYTES) });
    const read = readPlanText(text);
    return read.ok ? { ok: true, plans: [read.plan], notTaken: [] } : read;
  }
  if (values.length === 0) return refuse('not-a-plan', { say: 'no.plan-in-it' });
  const reads = values.map((value) => readPlan(value));
  const notTaken = reads.flatMap((readResult, index): NotTaken[] =>
    readResult.ok ? [] : [{ index, name: nameOf(values[index]), problems: readResult.problems }],
  );
  const plans = reads.flatMap((readResult) => (readResult.ok ? [readResult.plan] : []));
  if (plans.length > 0) return { ok: true, plans, notTaken };
  return {
    ok: false,
    problems: notTaken.flatMap((notTaken) =>
      notTaken.problems.map((problem) => ({
        ...problem,
        path: `plans[${notTaken.index}]${problem.path ? `.${problem.path}` : ''}`,
      })),
    ),
  };
}

/** The name of a plan that cannot be read, as far as it has one. */
function nameOf(value: unknown): string {
  const named = value as { id?: unknown; occasion?: { name?: unknown } } | null;
  const name = named?.occasion?.name ?? named?.id;
  return typeof name === 'string' ? name.slice(0, 80) : '';
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
