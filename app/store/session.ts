import { liveQuery, type Subscription } from 'dexie';
import { create } from 'zustand';
import { applyCommand, shared, type Command, type Plan } from '../../core/plan/index.js';
import { withSize } from '../../core/board/index.js';
import { db, type CardRow } from './db.js';
import {
  cardFrom,
  markDeleted,
  putNew,
  putPlan,
  openRow,
  readRow,
  stepLabels,
  writeCommand,
  writeStep,
  type Written,
} from './plans.js';
import { t } from '../words/index.js';
import { toast } from '../ui/toast.js';
import { refusedWords } from './useSpeech.js';

/**
 * The plan that this tab works on. In the document: everything in `plan`. In the session (this tab only): which
 * guest's eyes we look through, what is picked. Derived (never stored): findings, pictures.
 */
interface Session {
  planId: string | null;
  plan: Plan | null;
  rev: number;
  savedAt: number | null;
  saving: number;
  undoLabel: string | undefined;
  redoLabel: string | undefined;
  problem: string | null;
  /** Why the last edits are not in the store; null when all are. They are tried again, and never thrown away. */
  unsaved: string | null;
  /** The plan was deleted elsewhere while this tab has it open. */
  gone: boolean;
  /** A group's id: everything as that group sees it. */
  seenBy: string | null;
  /** The slip under the pointer or the focus: its foods lift their flags on the board. */
  lifted: string | null;
  open(id: string): Promise<void>;
  close(): void;
  /** Applies at once on screen, then writes; a refused edit is told and changes nothing. */
  edit(command: Command): void;
  /** Like an edit, but one step of undo with the last one if that has this name. */
  amend(command: Command, label: string): void;
  step(way: 'back' | 'forward'): void;
  /** How often it was stepped back or forward, also where the store has not written it yet. */
  steps: number;
  /** Puts a plan back that was deleted elsewhere, with the edits that were made since. */
  putBack(): Promise<void>;
  /** Keeps it as a plan of its own instead; gives the new plan's id. */
  keepAsCopy(): Promise<string | undefined>;
  see(groupId: string | null): void;
  lift(key: string | null): void;
}

let subscription: Subscription | undefined;
/** Writes that are not in the store yet, in the order of the edits. They wait until it takes them. */
interface Pending {
  id: string;
  write: () => Promise<Written>;
}
let pending: Pending[] = [];
let flushing: Promise<void> | undefined;
let retry: ReturnType<typeof setTimeout> | undefined;
/** A store that refused is asked again after so long. */
const RETRY_MS = 3000;

const words = (error: unknown): string => (error instanceof Error ? error.message : String(error));

interface Store {
  set(patch: Partial<Session>): void;
  get(): Session;
}

const NOTHING_OPEN = {
  planId: null,
  plan: null,
  rev: 0,
  savedAt: null,
  saving: 0,
  undoLabel: undefined,
  redoLabel: undefined,
  problem: null,
  unsaved: null,
  gone: false,
  seenBy: null,
  lifted: null,
  steps: 0,
} as const;

export const useSession = create<Session>((set, get) => {
  const store: Store = { set, get };
  return {
    ...NOTHING_OPEN,
    open: (id) => openPlan(store, id),

    async putBack() {
      const { planId, plan } = get();
      if (!planId || !plan) return;
      if (await db.plans.get(planId)) await markDeleted(planId, null);
      else {
        // gone for good: what this tab has is the plan, with all that waits in it
        pending = pending.filter((pending) => pending.id !== planId);
        await putPlan(plan, Date.now());
      }
      set({ gone: false, saving: waiting(store) });
      start(store);
    },

    async keepAsCopy() {
      const { plan } = get();
      if (!plan) return undefined;
      pending = pending.filter((pending) => pending.id !== plan.id);
      return putNew(plan, Date.now());
    },

    close() {
      subscription?.unsubscribe();
      set({ planId: null, plan: null, gone: false, seenBy: null });
    },

    edit: (command) => apply(store, command),
    amend: (command, label) => apply(store, command, label),

    step(way) {
      const { planId, steps } = get();
      // told at once: what was asked for before it must not be written after it
      set({ steps: steps + 1 });
      if (planId) enqueue(store, planId, () => writeStep(planId, way, Date.now()));
    },

    lift(key) {
      if (get().lifted !== key) set({ lifted: key });
    },

    see: (groupId) => set({ seenBy: groupId }),
  };
});

/** Done when another plan comes onto the table: what this tab holds about the one before is not about the next. */
export const onOtherPlan = (act: () => void): void =>
  void useSession.subscribe((now, was) => {
    if (now.planId !== was.planId) act();
  });

// ------------------------------------------------------------------ opening

async function openPlan(store: Store, id: string): Promise<void> {
  const { set, get } = store;
  subscription?.unsubscribe();
  set({ planId: id, plan: null, problem: null, gone: false, unsaved: null, seenBy: null, lifted: null });
  try {
    const row = await openRow(id);
    if (get().planId !== id) return;
    if (!row) {
      set({ problem: t('There is no plan at this address in this browser.') });
      return;
    }
    set({ plan: row.doc, rev: row.rev, savedAt: row.savedAt, ...(await labelsOf(id, row.cursor)) });
    await cardFrom(row);
    // the card says all that is asked for, and is small: the plan is read when another tab has written it
    subscription = liveQuery(() => db.cards.get(id)).subscribe((now) => {
      followed(store, id, now).catch((error: unknown) => toast.error(words(error)));
    });
  } catch (error) {
    set({ problem: words(error) });
  }
}

/** The stored plan has changed: by this tab, or by another one. */
async function followed(store: Store, id: string, now: CardRow | undefined): Promise<void> {
  const { set, get } = store;
  if (get().planId !== id) return;
  if (!now || now.deletedAt !== null) return set({ gone: true, saving: 0 });
  // put back elsewhere: what waited is written now
  if (get().gone) {
    set({ gone: false, saving: waiting(store) });
    start(store);
  }
  if (get().saving > 0 || now.rev <= get().rev) return;
  const row = await readRow(id);
  if (!row || get().planId !== id || get().saving > 0 || row.rev <= get().rev) return;
  const labels = await labelsOf(id, row.cursor);
  toast(t('This plan was changed in another tab.'));
  set({ plan: shared(get().plan, row.doc), rev: row.rev, savedAt: row.savedAt, ...labels });
}

async function labelsOf(id: string, cursor: number): Promise<Pick<Session, 'undoLabel' | 'redoLabel'>> {
  const { undo, redo } = await stepLabels(id, cursor);
  return { undoLabel: undo, redoLabel: redo };
}

// ------------------------------------------------------------------ editing and writing

function apply(store: Store, asked: Command, amends?: string): void {
  const { set, get } = store;
  const { plan, planId, rev } = get();
  if (!plan || !planId) return;
  const command = withSize(plan, asked);
  const done = applyCommand(plan, command);
  if (!done.ok) {
    toast.error(refusedWords(done.problems));
    return;
  }
  set({ plan: done.plan });
  const waits = get().saving > 0;
  enqueue(store, planId, () => writeCommand(planId, waits ? get().rev : rev, command, Date.now(), amends));
}

/** Writes of the open plan that are not in the store yet. */
const waiting = ({ get }: Store): number => pending.filter((pending) => pending.id === get().planId).length;

function enqueue(store: Store, id: string, write: () => Promise<Written>): void {
  pending.push({ id, write });
  store.set({ saving: store.get().gone ? 0 : waiting(store) });
  start(store);
}

function start(store: Store): void {
  const next = () => flush(store);
  flushing = (flushing ?? Promise.resolve()).then(next, next);
}

/** Writes what waits, one after the other. A write that the store does not take stays first in the line. */
async function flush(store: Store): Promise<void> {
  const { set, get } = store;
  clearTimeout(retry);
  while (pending.length > 0 && !get().gone) {
    const [next] = pending as [Pending];
    let written: Written;
    try {
      written = await next.write();
    } catch (error) {
      set({ unsaved: words(error) });
      retry = setTimeout(() => start(store), RETRY_MS);
      return;
    }
    if (!written.ok && written.gone) {
      // nothing is thrown away: it waits until the plan is put back, or is kept as a copy
      if (get().planId === next.id) return set({ gone: true, saving: 0 });
      toast.error(t('A plan was deleted elsewhere before its last edits were saved.'));
      pending.shift();
      continue;
    }
    await settle(store, next.id, written);
    pending.shift();
    set({ saving: waiting(store), unsaved: null });
  }
}

async function settle(store: Store, id: string, written: Written): Promise<void> {
  const { set, get } = store;
  if (get().planId !== id) return;
  if (!written.ok) {
    toast.error(written.reason);
    const row = await readRow(id);
    if (row) set({ plan: shared(get().plan, row.doc), rev: row.rev });
    return;
  }
  const labels = await labelsOf(id, written.row.cursor);
  const more = waiting(store) > 1;
  set({
    rev: written.row.rev,
    savedAt: written.row.savedAt,
    ...labels,
    // as it was read from the store it would be new in every part
    ...(more ? {} : { plan: shared(get().plan, written.row.doc) }),
  });
  if (written.merged) toast(t('Another tab had changed this plan; your edit was made on top of it.'));
}
