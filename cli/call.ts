import { decimalOf } from '../core/measure/index.js';
import { readPlanText, type Plan } from '../core/plan/index.js';
import type { Arguments } from './arguments.js';
import { inEnglish, type Said } from '../core/words/index.js';

/** What a verb works on: what was typed after it, and where text comes from and goes to. */
export interface Call extends Arguments {
  /** The text of a file, or of standard input for "-"; throws when there is none. */
  read(file: string): string;
  write(file: string, data: string | Uint8Array): void;
  /** An SVG drawing as a PNG of this width and height; undefined where no Chromium is at hand. */
  shoot(svg: string, width: number, height: number): Uint8Array | undefined;
  /** To standard output, as it is. */
  say(text: string): void;
  /** To standard output, as one line of JSON. */
  print(value: unknown): void;
  /** Milliseconds, for the seconds that an answer took. */
  now(): number;
}

/** Bad input of the caller: exit 2. Everything else that throws is a fault of ours: exit 1. */
export class BadInput extends Error {
  readonly details: unknown;
  constructor(message: string, details?: unknown) {
    super(message);
    this.details = details;
  }
}

export function textOf(call: Call, what: string): string {
  const [file] = call.words;
  if (!file) throw new BadInput(`name a ${what}, or - for standard input`);
  try {
    return call.read(file);
  } catch {
    throw new BadInput(`the file "${file}" cannot be read`);
  }
}

/** Problems as the command prints them: the reason in words. */
export const problemsInWords = <P extends { reason: Said }>(problems: readonly P[]) =>
  problems.map((problem) => ({ ...problem, reason: inEnglish(problem.reason) }));

export function planOf(call: Call): Plan {
  const read = readPlanText(textOf(call, 'plan file'));
  if (!read.ok) throw new BadInput('the plan was refused', problemsInWords(read.problems));
  return read.plan;
}

export function seedOf(call: Call, plan: Pick<Plan, 'seed'>): number {
  const text = call.options.seed?.[0];
  if (text === undefined) return plan.seed;
  const seed = decimalOf(text);
  if (!Number.isInteger(seed) || seed < 0 || seed > 2147483647)
    throw new BadInput(`--seed takes a whole number from 0, not "${text}"`);
  return seed;
}

/** A number between two bounds; undefined when it is not given. */
export function numberOf(call: Call, key: string, least: number, most: number): number | undefined {
  const text = call.options[key]?.[0];
  if (text === undefined) return undefined;
  const n = decimalOf(text);
  if (!Number.isFinite(n) || n < least || n > most)
    throw new BadInput(`--${key} takes a number from ${least} to ${most}, not "${text}"`);
  return n;
}

/** Writes a file that the caller named; a folder that is not there is the caller's fault, told with the option. */
export function writeNamed(call: Call, option: string, file: string, data: string | Uint8Array): void {
  try {
    call.write(file, data);
  } catch {
    throw new BadInput(`--${option}: "${file}" cannot be written. Is its folder there?`);
  }
}
