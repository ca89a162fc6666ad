import type { ComponentId } from '../../core/catalogue/index.js';
import type { Tried } from '../../core/check/index.js';
import type { Conflict, OtherBoard, Why } from '../../core/compose/index.js';
import type { LaidSurface } from '../../core/lay/index.js';
import type { Conversion, OptionSettings, Swap, Target } from '../../core/swap/index.js';
import type { Plan } from '../../core/plan/index.js';

/** What the kitchen is asked for. Every job names the plan that it works on; it stores nothing. */
export type Job =
  | { kind: 'warm' }
  | { kind: 'compose'; plan: Plan; keep?: boolean }
  | { kind: 'others'; plan: Plan }
  | { kind: 'why'; plan: Plan; componentId: ComponentId }
  | { kind: 'convert'; plan: Plan; target: Target }
  | { kind: 'way-out'; plan: Plan; key: string }
  /** With `before`, only what differs from it is laid, and the rest stays where it lies. */
  | { kind: 'lay'; plan: Plan; surfaceIds: string[] | null; seed: number; before?: Plan }
  | { kind: 'swap'; plan: Plan; componentId: string; settings?: OptionSettings };

export type Answer =
  | { kind: 'warm' }
  | {
      kind: 'compose';
      status: 'optimal' | 'feasible' | 'impossible';
      plan: Plan;
      gap: number;
      conflicts: Conflict[];
    }
  | { kind: 'lay'; surfaces: LaidSurface[] }
  | { kind: 'swap'; swaps: Swap[] }
  | { kind: 'others'; others: OtherBoard[] }
  | { kind: 'why'; why: Why }
  | { kind: 'convert'; conversion: Conversion }
  | { kind: 'way-out'; tried: Tried | undefined };

/** From the worker: a first usable plan, words of progress, the answer, or why there is none. */
export type Message =
  | { id: number; type: 'first'; plan: Plan }
  | { id: number; type: 'progress'; words: string }
  | { id: number; type: 'done'; answer: Answer }
  | { id: number; type: 'failed'; reason: string };

export interface Request {
  id: number;
  job: Job;
}
