import type { z } from 'zod';
import { refusalOf, type Said } from '../words/index.js';
import { PLAN_FORMAT, PLAN_VERSION, planSchema, type Plan } from './plan.js';
import { migrate } from './versions.js';

export const MAX_FILE_BYTES = 5 * 1024 * 1024;

/** Why a file was refused. `path` names the field, in the form party[0].count; empty for the file as a whole. */
export interface ReadProblem {
  code:
    | 'too-large'
    | 'too-deep'
    | 'not-json'
    | 'not-a-plan'
    | 'newer-version'
    | 'unsafe-key'
    | 'bad-version'
    | 'bad-field';
  path: string;
  reason: Said;
}

export type ReadResult = { ok: true; plan: Plan } | { ok: false; problems: ReadProblem[] };

const refuse = (
  code: ReadProblem['code'],
  path: string,
  say: Said['say'],
  values: Said['with'] = {},
): ReadResult => ({ ok: false, problems: [{ code, path, reason: { say, with: values } }] });

/** What a schema refuses, field by field. */
export const fieldProblems = (error: z.ZodError): ReadProblem[] =>
  error.issues.map((issue) => ({ code: 'bad-field', path: pathText(issue.path), reason: refusalOf(issue) }));

export function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (out, key) => (typeof key === 'number' ? `${out}[${key}]` : out ? `${out}.${String(key)}` : String(key)),
    '',
  );
}

const UNSAFE = new Set(['__proto__', 'constructor', 'prototype']);

/** Deeper than any plan goes; a file that goes on is not followed. */
const DEEPEST = 40;

const isTooDeep = (value: unknown, depth = 0): boolean =>
  typeof value === 'object' &&
  value !== null &&
  (depth >= DEEPEST || Object.values(value).some((v) => isTooDeep(v, depth + 1)));

/** The path of the first key that could reach into an object's prototype; undefined when there is none. */
function unsafeKey(value: unknown, path: PropertyKey[] = []): PropertyKey[] | undefined {
  if (typeof value !== 'object' || value === null) return undefined;
  for (const key of Object.getOwnPropertyNames(value)) {
    if (Array.isArray(value) && key === 'length') continue;
    const step = Array.isArray(value) ? Number(key) : key;
    if (UNSAFE.has(key)) return [...path, step];
    const deeper = unsafeKey((value as Record<string, unknown>)[key], [...path, step]);
    if (deeper) return deeper;
  }
  return undefined;
}

/** The text of a file becomes a plan, or every problem that was found. Nothing is stored here. */
export function readPlanText(file: string): ReadResult {
  // UTF-16 units are at least as many bytes in UTF-8, so this never lets a larger file pass.
  if (file.length > MAX_FILE_BYTES)
    return refuse('too-large', '', 'no.large', { mb: MAX_FILE_BYTES / 2 ** 20 });
  let value: unknown;
  try {
    value = JSON.parse(file);
  } catch {
    return refuse('not-json', '', 'no.json');
  }
  return readPlan(value);
}

export function readPlan(value: unknown): ReadResult {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return refuse('not-a-plan', '', 'no.plan-in-it');
  if (isTooDeep(value)) return refuse('too-deep', '', 'no.deep', { levels: DEEPEST });
  const unsafe = unsafeKey(value);
  if (unsafe) return refuse('unsafe-key', pathText(unsafe), 'no.unsafe');
  const stored = value as Record<string, unknown>;
  if (stored.format !== PLAN_FORMAT) return refuse('not-a-plan', 'format', 'no.plan');
  const { version } = stored;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return refuse('bad-version', 'version', 'no.version');
  if (version > PLAN_VERSION)
    return refuse('newer-version', 'version', 'no.newer', { version, now: PLAN_VERSION });
  return byContent(stored, version);
}

/**
 * A plan is read by what it holds: as the version that it says, and where it lies about that, as the newest that it fits. A
 * step of the chain is taken only for what is truly of its version, so that nothing known is made unknown.
 */
function byContent(stored: Record<string, unknown>, said: number): ReadResult {
  const from = Array.from({ length: PLAN_VERSION }, (_, i) => PLAN_VERSION - i);
  for (const version of from) {
    const parsed = planSchema.safeParse(migrate({ ...stored, version }));
    if (parsed.success) return { ok: true, plan: parsed.data };
  }
  const parsed = planSchema.safeParse(migrate({ ...stored, version: said }));
  if (parsed.success) return { ok: true, plan: parsed.data };
  return { ok: false, problems: fieldProblems(parsed.error) };
}

function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, v]) => [key, sorted(v)]),
  );
}

/** One plan has one text: keys in order, two spaces, a newline at the end. */
export function canonicalText(plan: Plan): string {
  return `${JSON.stringify(sorted(plan), null, 1)}\n`;
}
