import Dexie, { type Table } from 'dexie';
import type { Change } from '../../core/plan/index.js';
import { t } from '../words/index.js';

/**
 * A stored plan. `rev` grows with every write; `cursor` is how many of its steps are done. `doc` may be of an older
 * version, or damaged: every reader goes through `readPlan`.
 */
export interface PlanRow {
  id: string;
  doc: unknown;
  rev: number;
  cursor: number;
  savedAt: number;
  /** Deleting is a mark: for so long the plan lies in the trash, and can be put back. */
  deletedAt: number | null;
}

/** What the start page shows of a plan without reading it, kept with every write of it. */
export interface CardRow {
  id: string;
  name: string;
  guests: number;
  rev: number;
  savedAt: number;
  deletedAt: number | null;
  /** Why the plan cannot be read; '' when it can. */
  damage: string;
  /** Has it a board that is laid? Cards of older versions do not say. */
  laid?: boolean;
  /** Nor this. */
  currency?: string;
}

/** The small picture of a plan's first board, as it was at this revision. */
export interface PictureRow {
  id: string;
  rev: number;
  png: Blob;
}

/** One step of undo: stored, never exported. */
export interface StepRow {
  planId: string;
  index: number;
  label: string;
  changes: Change[];
}

/** Something of the house that outlives a plan (core/house): written in a version, under a key of its kind. */
export interface HouseRow {
  kind: string;
  key: string;
  version: number;
  value: unknown;
  savedAt: number;
}

class PlateDb extends Dexie {
  plans!: Table<PlanRow, string>;
  steps!: Table<StepRow, [string, number]>;
  cards!: Table<CardRow, string>;
  pictures!: Table<PictureRow, string>;
  house!: Table<HouseRow, [string, string]>;

  constructor() {
    super('round-plate');
    this.version(1).stores({ plans: 'id, savedAt', steps: '[planId+index], planId' });
    this.version(2).stores({ cards: 'id, savedAt', pictures: 'id' });
    this.version(3).stores({ house: '[kind+key], kind' });
  }
}

export let db = new PlateDb();

/** False when plans are kept in memory alone: the browser gives no storage. */
export let storageKept = true;

const OPENS_WITHIN_MS = 8000;

/**
 * Opens the store. Where the browser has none, or refuses it, work goes on in memory until the page is closed, and the
 * start page says so.
 */
export async function openStore(): Promise<void> {
  try {
    await Promise.race([
      db.open(),
      new Promise((_, fail) =>
        setTimeout(() => fail(new Error(t('The storage does not answer.'))), OPENS_WITHIN_MS),
      ),
    ]);
  } catch {
    const memory = await import('fake-indexeddb');
    Dexie.dependencies.indexedDB = memory.indexedDB;
    Dexie.dependencies.IDBKeyRange = memory.IDBKeyRange;
    db = new PlateDb();
    storageKept = false;
    await db.open();
  }
}

/** What is deleted lies in the trash for so long. */
export const TRASH_DAYS = 30;

/** Steps further back than this are forgotten. */
export const MOST_STEPS = 300;
