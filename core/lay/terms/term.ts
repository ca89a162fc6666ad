import type { Component } from '../../catalogue/index.js';
import type { Point } from '../../geometry/index.js';
import type { Reading } from '../reading.js';

/** Where a rule of laying falls short on a laid surface: which foods, and where, in millimetres from the middle. */
export interface Fault {
  components: readonly Component['id'][];
  at: Point;
  /** How much of the surface it is about. */
  reachMm: number;
  /** The marked place that it is about. */
  place?: string;
  /** In the rule's own unit: millimetres, a share, a count. */
  amount: number;
}

/** How well one rule is kept: 1 where nothing is left to wish. `about` is false where the surface has nothing to judge. */
export interface Kept {
  score: number;
  faults: readonly Fault[];
  about: boolean;
}

/** One rule of laying, with its weight in the whole (house defaults, ordered as craft section 10 and sense section 2 order them). */
export interface Term<Id extends string = string> {
  id: Id;
  weight: number;
  /** Points for each millimetre of border between two foods while they look for their places: bad above nought. */
  border?: (a: Component, b: Component) => number;
  read(reading: Reading): Kept;
}

export const term = <Id extends string>(of: Term<Id>): Term<Id> => of;

/** A rule that has nothing to judge here. */
export const SILENT: Kept = { score: 1, faults: [], about: false };

export const kept = (score: number, faults: readonly Fault[] = []): Kept => ({
  score: Math.max(0, Math.min(1, score)),
  faults,
  about: true,
});
