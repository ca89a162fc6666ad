import {
  applyCommand,
  clashes,
  diff,
  planSchema,
  play,
  type Command,
  type Plan,
} from '../../core/plan/index.js';
import { bundleText } from '../../core/exchange/index.js';
import { db, MOST_STEPS, type PlanRow, type StepRow } from './db.js';

/** What a write did. `merged`: another tab had written in between, and the edit was made on top of its plan. */
export type Written =
  { ok: true; row: PlanRow; merged: boolean; label: string } | { ok: false; reason: string };

/** A stored plan is data from outside too: one that cannot be read any more is told, never overwritten. */
export async function readRow(id: string): Promise<PlanRow | undefined> {
  const row = await db.plans.get(id);
  if (!row || row.deletedAt !== null) return undefined;
  const parsed = planSchema.safeParse(row.doc);
  if (!parsed.success)
    throw new Error(
      `The stored plan cannot be read: ${parsed.error.issues[0]?.path.join('.')}: ${parsed.error.issues[0]?.message}`,
    );
  return { ...row, doc: parsed.data };
}

/**
 * One edit, as one transaction: read, apply, write plan and step. A tab killed in the middle leaves the plan as it
 * was; a second tab's write that came first is kept, because the command is applied to what is stored.
 */
export async function writeCommand(
  id: string,
  knownRev: number,
  command: Command,
  now: number,
  /** Makes one step with the last one, if that has this name: a proposal that grew better is undone at once. */
  amends?: string,
): Promise<Written> {
  return db.transaction('rw', db.plans, db.steps, async (): Promise<Written> => {
    const row = await db.plans.get(id);
    if (!row) return { ok: false, reason: 'The plan was deleted in another tab.' };
    const done = applyCommand(row.doc, command);
    if (!done.ok) return { ok: false, reason: done.problems.map((p) => `${p.path}: ${p.reason}`).join('; ') };
    if (done.changes.length === 0) return { ok: true, row, merged: row.rev !== knownRev, label: done.label };
    const last = amends === undefined ? undefined : await db.steps.get([id, row.cursor - 1]);
    const step: StepRow =
      last && last.label === amends
        ? { ...last, changes: diff(play(row.doc, last.changes, 'back'), done.plan) }
        : { planId: id, index: row.cursor, label: done.label, changes: done.changes };
    const next: PlanRow = { ...row, doc: done.plan, rev: row.rev + 1, cursor: step.index + 1, savedAt: now };
    await stepsBetween(id, row.cursor, Infinity).delete();
    await db.steps.put(step);
    await stepsBetween(id, 0, row.cursor - MOST_STEPS).delete();
    await db.plans.put(next);
    return { ok: true, row: next, merged: row.rev !== knownRev, label: done.label };
  });
}

/** Steps of a plan by their number, `from` in, `to` out: by key, so that a long history costs a write nothing. */
const stepsBetween = (id: string, from: number, to: number) =>
  db.steps.where('[planId+index]').between([id, from], [id, Math.max(from, to)], true, false);

/** Undo or redo one step, refused when another tab has changed the same place since. */
export async function writeStep(id: string, way: 'back' | 'forward', now: number): Promise<Written> {
  return db.transaction('rw', db.plans, db.steps, async (): Promise<Written> => {
    const row = await db.plans.get(id);
    if (!row) return { ok: false, reason: 'The plan was deleted in another tab.' };
    const index = way === 'back' ? row.cursor - 1 : row.cursor;
    const step = await db.steps.get([id, index]);
    if (!step)
      return {
        ok: false,
        reason: way === 'back' ? 'There is nothing to undo.' : 'There is nothing to redo.',
      };
    const against = clashes(row.doc, step.changes, way);
    if (against.length > 0)
      return { ok: false, reason: `Another tab has changed ${against[0]!.path.join('.')} since.` };
    const doc = play(row.doc, step.changes, way);
    const next: PlanRow = {
      ...row,
      doc,
      rev: row.rev + 1,
      cursor: way === 'back' ? index : index + 1,
      savedAt: now,
    };
    await db.plans.put(next);
    return { ok: true, row: next, merged: false, label: step.label };
  });
}

/** The words of the next undo and redo; undefined when there is none. */
export async function stepLabels(
  id: string,
  cursor: number,
): Promise<{ undo: string | undefined; redo: string | undefined }> {
  const [undo, redo] = await Promise.all([db.steps.get([id, cursor - 1]), db.steps.get([id, cursor])]);
  return { undo: undo?.label, redo: redo?.label };
}

/** Puts a whole plan into the store: new, duplicated or imported. Its history begins here. */
export async function putPlan(plan: Plan, now: number): Promise<void> {
  await db.transaction('rw', db.plans, db.steps, async () => {
    const old = await db.plans.get(plan.id);
    await db.steps.where('planId').equals(plan.id).delete();
    await db.plans.put({
      id: plan.id,
      doc: plan,
      rev: (old?.rev ?? 0) + 1,
      cursor: 0,
      savedAt: now,
      deletedAt: null,
    });
  });
}

export async function markDeleted(id: string, deletedAt: number | null): Promise<void> {
  await db.plans.update(id, { deletedAt });
}

/** Plans deleted before this start are gone for good. */
export async function purgeDeleted(): Promise<void> {
  const gone = await db.plans.filter((p) => p.deletedAt !== null).primaryKeys();
  await db.transaction('rw', db.plans, db.steps, async () => {
    await db.plans.bulkDelete(gone);
    for (const id of gone) await db.steps.where('planId').equals(id).delete();
  });
}

/** An id that is not taken: "comet-watch", then "comet-watch-2". */
export async function freeId(wanted: string): Promise<string> {
  const base = wanted.slice(0, 52);
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}-${n}`;
    if (!(await db.plans.get(id))) return id;
  }
}

/** All plans as one file. */
export async function allPlansText(): Promise<string> {
  const rows = await db.plans.filter((p) => p.deletedAt === null).toArray();
  return bundleText(rows.map((r) => r.doc));
}

/** Stores those of the plans whose id is free, and returns the others: the stylist says what happens with them. */
export async function putFree(plans: readonly Plan[], now: number): Promise<Plan[]> {
  const twins: Plan[] = [];
  for (const plan of plans) {
    const known = await db.plans.get(plan.id);
    if (known && known.deletedAt === null) twins.push(plan);
    else await putPlan(plan, now);
  }
  return twins;
}
