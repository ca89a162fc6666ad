import { liveQuery, type Subscription } from 'dexie';
import { toast } from 'sonner';
import { create } from 'zustand';
import { applyCommand, type Command, type Plan } from '../../core/plan/index.js';
import { withSize } from '../../core/portion/index.js';
import { db } from './db.js';
import { readRow, stepLabels, writeCommand, writeStep, type Written } from './plans.js';

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
  see(groupId: string | null): void;
  lift(key: string | null): void;
}

let subscription: Subscription | undefined;
/** Writes go one after the other, in the order of the edits. */
let queue: Promise<void> = Promise.resolve();

export const useSession = create<Session>((set, get) => {
  async function settle(id: string, written: Written): Promise<void> {
    if (get().planId !== id) return;
    if (!written.ok) {
      toast.error(written.reason);
      const row = await readRow(id);
      if (row) set({ plan: row.doc, rev: row.rev });
      return;
    }
    const labels = await stepLabels(id, written.row.cursor);
    const waiting = get().saving > 1;
    set({
      rev: written.row.rev,
      savedAt: written.row.savedAt,
      undoLabel: labels.undo,
      redoLabel: labels.redo,
      ...(waiting ? {} : { plan: written.row.doc }),
    });
    if (written.merged) toast('Another tab had changed this plan; your edit was made on top of it.');
  }

  function enqueue(id: string, write: () => Promise<Written>): void {
    set({ saving: get().saving + 1 });
    queue = queue.then(async () => {
      try {
        await settle(id, await write());
      } catch (error) {
        toast.error(`It could not be saved: ${error instanceof Error ? error.message : String(error)}`);
      } finally {
        set({ saving: get().saving - 1 });
      }
    });
  }

  function apply(asked: Command, amends?: string): void {
    const { plan, planId, rev } = get();
    if (!plan || !planId) return;
    const command = withSize(plan, asked);
    const done = applyCommand(plan, command);
    if (!done.ok) {
      toast.error(done.problems.map((p) => `${p.path ? `${p.path}: ` : ''}${p.reason}`).join('; '));
      return;
    }
    set({ plan: done.plan });
    const pending = get().saving > 0;
    enqueue(planId, () => writeCommand(planId, pending ? get().rev : rev, command, Date.now(), amends));
  }

  return {
    planId: null,
    plan: null,
    rev: 0,
    savedAt: null,
    saving: 0,
    undoLabel: undefined,
    redoLabel: undefined,
    problem: null,
    seenBy: null,
    lifted: null,

    async open(id) {
      subscription?.unsubscribe();
      set({ planId: id, plan: null, problem: null, seenBy: null, lifted: null });
      try {
        const row = await readRow(id);
        if (get().planId !== id) return;
        if (!row) {
          set({ problem: 'There is no plan at this address in this browser.' });
          return;
        }
        const labels = await stepLabels(id, row.cursor);
        set({
          plan: row.doc,
          rev: row.rev,
          savedAt: row.savedAt,
          undoLabel: labels.undo,
          redoLabel: labels.redo,
        });
        subscription = liveQuery(() => db.plans.get(id)).subscribe((now) => {
          if (!now || get().planId !== id || get().saving > 0 || now.rev <= get().rev) return;
          toast('This plan was changed in another tab.');
          void stepLabels(id, now.cursor).then((l) =>
            set({ plan: now.doc, rev: now.rev, savedAt: now.savedAt, undoLabel: l.undo, redoLabel: l.redo }),
          );
        });
      } catch (error) {
        set({ problem: error instanceof Error ? error.message : String(error) });
      }
    },

    close() {
      subscription?.unsubscribe();
      set({ planId: null, plan: null, seenBy: null });
    },

    edit(command) {
      apply(command);
    },

    amend(command, label) {
      apply(command, label);
    },

    step(way) {
      const { planId } = get();
      if (planId) enqueue(planId, () => writeStep(planId, way, Date.now()));
    },

    lift(key) {
      if (get().lifted !== key) set({ lifted: key });
    },

    see(groupId) {
      set({ seenBy: groupId });
    },
  };
});
