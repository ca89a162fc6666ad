import Dexie, { type Table } from 'dexie';
import type { Change, Plan } from '../../core/plan/index.js';

/** A stored plan. `rev` grows with every write; `cursor` is how many of its steps are done. */
export interface PlanRow {
  id: string;
  doc: Plan;
  rev: number;
  cursor: number;
  savedAt: number;
  /** Deleted plans stay until the next start, so that deleting can be undone. */
  deletedAt: number | null;
}

/** One step of undo: stored, never exported. */
export interface StepRow {
  planId: string;
  index: number;
  label: string;
  changes: Change[];
}

class PlateDb extends Dexie {
  plans!: Table<PlanRow, string>;
  steps!: Table<StepRow, [string, number]>;

  constructor() {
    super('round-plate');
    this.version(1).stores({ plans: 'id, savedAt', steps: '[planId+index], planId' });
  }
}

export const db = new PlateDb();

/** Steps further back than this are forgotten. */
export const MOST_STEPS = 300;
