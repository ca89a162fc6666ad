import {
  applyCommand,
  BOARDS_REMEMBERED,
  clashes,
  diff,
  play,
  readPlan,
  servedLately,
  type Command,
  type Plan,
} from '../../core/plan/index.js';
import { bundleText } from '../../core/exchange/index.js';
import { guestsIn } from '../../core/party/index.js';
import '../zod.js';
import { db, MOST_STEPS, TRASH_DAYS, type CardRow, type PlanRow, type StepRow } from './db.js';
import { t } from '../words/index.js';
import { refusedWords } from './useSpeech.js';

/** What a write did. `merged`: another tab had written in between, and the edit was made on top of its plan. */
export type Written =
  | { ok: true; row: ReadRow; merged: boolean; label: string }
  /** `gone`: the plan was deleted elsewhere; nothing was written. */
  | { ok: false; reason: string; gone?: true };

const GONE: Written = { ok: false, reason: t('This plan was deleted elsewhere.'), gone: true };

/** A row whose plan has been read. */
export type ReadRow = Omit<PlanRow, 'doc'> & { doc: Plan };

/** A stored plan is data from outside too: an older one is brought up to now, one that cannot be read is told. */
export function readDoc(doc: unknown): Plan {
  const read = readPlan(doc);
  if (read.ok) return read.plan;
  const [first] = read.problems;
  throw new Error(t('The stored plan cannot be read: {why}', { why: first && refusedWords([first]) }));
}

/** Does what is stored say so? Looked at before it is read, and never trusted further than that. */
const hosted = (doc: unknown, host: string): boolean =>
  host !== '' && (doc as { occasion?: { host?: unknown } } | null)?.occasion?.host === host;
const isFull = (doc: unknown): boolean => {
  const { placements } = (doc ?? {}) as { placements?: unknown };
  return Array.isArray(placements) && placements.length > 0;
};

/**
 * What the last boards on the table had, without this one; a damaged plan is passed over. Fetched one by one, the newest
 * first, and only those read that count: a shelf of plans takes seconds to read whole.
 */
export async function latelyBeside(id: string, host: string): Promise<Plan['wishes']['lately']> {
  const cards = (await db.cards.toArray())
    .filter((card) => card.deletedAt === null && card.damage === '' && card.id !== id)
    .sort((a, b) => b.savedAt - a.savedAt);
  const [theirs, full]: [Plan[], Plan[]] = [[], []];
  for (const card of cards) {
    if (host === '' ? full.length >= BOARDS_REMEMBERED : theirs.length >= BOARDS_REMEMBERED) break;
    const row = await db.plans.get(card.id);
    const own = hosted(row?.doc, host);
    if (!row || !isFull(row.doc) || (!own && full.length >= BOARDS_REMEMBERED)) continue;
    const read = readPlan(row.doc);
    if (read.ok) (own ? theirs : full).push(read.plan);
  }
  return servedLately([...theirs, ...full], host);
}

export async function readRow(id: string): Promise<ReadRow | undefined> {
  const row = await db.plans.get(id);
  if (!row || row.deletedAt !== null) return undefined;
  return { ...row, doc: readDoc(row.doc) };
}

/** The row that this tab has read or written last: as long as nobody else has written, it need not be read again. */
let latest: ReadRow | undefined;

/** The row for who goes on to edit it. */
export async function openRow(id: string): Promise<ReadRow | undefined> {
  const row = await readRow(id);
  latest = row;
  return row;
}

/**
 * The row within a transaction that has the cards, which are small and written with every plan. A plan of three hundred
 * guests takes a tenth of a second to fetch and to read, and that for each edit.
 */
async function rowToWrite(id: string): Promise<ReadRow | undefined> {
  if (latest?.id === id) {
    const card = await db.cards.get(id);
    const isLatest = card?.rev === latest.rev && card.savedAt === latest.savedAt && card.deletedAt === null;
    if (isLatest && (await db.plans.where('id').equals(id).count()) === 1) return latest;
  }
  return readRow(id);
}

/** Remembers what was written, once it surely is. */
const remembered = (written: Written): Written => {
  if (written.ok) latest = written.row;
  return written;
};

/** The plan as it lies in the store, whole or damaged, for saving it to a file. */
export async function rawText(id: string): Promise<string> {
  return `${JSON.stringify((await db.plans.get(id))?.doc ?? null, null, 1)}\n`;
}

const cardOf = (row: Omit<PlanRow, 'doc'>, doc: Plan): CardRow => ({
  id: row.id,
  name: doc.occasion.name,
  guests: guestsIn(doc.party),
  currency: doc.currency,
  rev: row.rev,
  savedAt: row.savedAt,
  deletedAt: row.deletedAt,
  damage: '',
  laid: doc.layout.some((layer) => layer.elements.length > 0),
});

/** Writes a plan and what the start page shows of it, in the transaction that is open. */
async function putRow(row: ReadRow): Promise<void> {
  await db.plans.put(row);
  await db.cards.put(cardOf(row, row.doc));
}

/** The card of a plan, made where there is none yet. */
export const cardFrom = (row: PlanRow): Promise<void> =>
  db.transaction('rw', db.cards, async () => {
    if (!(await db.cards.get(row.id))) await db.cards.put(cardFor(row));
  });

/** Cards for plans that have none: those stored before there were cards, and those that another version wrote. */
export async function makeCards(): Promise<void> {
  const [plans, cards] = await Promise.all([
    db.plans.toCollection().primaryKeys(),
    db.cards.toCollection().primaryKeys(),
  ]);
  const known = new Set(cards);
  for (const id of plans.filter((plan) => !known.has(plan))) {
    const row = await db.plans.get(id);
    if (row) await db.cards.put(cardFor(row));
  }
  const there = new Set(plans);
  await db.cards.bulkDelete(cards.filter((id) => !there.has(id)));
}

function cardFor(row: PlanRow): CardRow {
  try {
    return cardOf(row, readDoc(row.doc));
  } catch (error) {
    const named = row.doc as { occasion?: { name?: unknown } } | null;
    const name = typeof named?.occasion?.name === 'string' ? named.occasion.name : row.id;
    const damage = error instanceof Error ? error.message : String(error);
    return { ...row, name: name.slice(0, 80), guests: 0, damage };
  }
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
  const writing = db.transaction('rw', db.plans, db.steps, db.cards, async (): Promise<Written> => {
    const row = await rowToWrite(id);
    if (!row) return GONE;
    const done = applyCommand(row.doc, command);
    if (!done.ok) return { ok: false, reason: refusedWords(done.problems) };
    if (done.changes.length === 0) return { ok: true, row, merged: row.rev !== knownRev, label: done.label };
    const last = amends === undefined ? undefined : await db.steps.get([id, row.cursor - 1]);
    const step: StepRow =
      last && last.label === amends
        ? { ...last, changes: diff(play(row.doc, last.changes, 'back'), done.plan) }
        : { planId: id, index: row.cursor, label: done.label, changes: done.changes };
    const next: ReadRow = { ...row, doc: done.plan, rev: row.rev + 1, cursor: step.index + 1, savedAt: now };
    await stepsBetween(id, row.cursor, Infinity).delete();
    await db.steps.put(step);
    await stepsBetween(id, 0, row.cursor - MOST_STEPS).delete();
    await putRow(next);
    return { ok: true, row: next, merged: row.rev !== knownRev, label: done.label };
  });
  return remembered(await writing);
}

/** Steps of a plan by their number, `from` in, `to` out: by key, so that a long history costs a write nothing. */
const stepsBetween = (id: string, from: number, to: number) =>
  db.steps.where('[planId+index]').between([id, from], [id, Math.max(from, to)], true, false);

/** Undo or redo one step, refused when another tab has changed the same place since. */
export async function writeStep(id: string, way: 'back' | 'forward', now: number): Promise<Written> {
  const writing = db.transaction('rw', db.plans, db.steps, db.cards, async (): Promise<Written> => {
    const row = await rowToWrite(id);
    if (!row) return GONE;
    const index = way === 'back' ? row.cursor - 1 : row.cursor;
    const step = await db.steps.get([id, index]);
    if (!step)
      return {
        ok: false,
        reason: way === 'back' ? t('There is nothing to undo.') : t('There is nothing to redo.'),
      };
    const against = clashes(row.doc, step.changes, way);
    if (against.length > 0)
      return {
        ok: false,
        reason: t('Another tab has changed {what} since.', { what: against[0]!.path.join('.') }),
      };
    const doc = play(row.doc, step.changes, way);
    const next: ReadRow = {
      ...row,
      doc,
      rev: row.rev + 1,
      cursor: way === 'back' ? index : index + 1,
      savedAt: now,
    };
    await putRow(next);
    return { ok: true, row: next, merged: false, label: step.label };
  });
  return remembered(await writing);
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
  await db.transaction('rw', db.plans, db.steps, db.cards, () => putWhole(plan, now));
}

async function putWhole(plan: Plan, now: number): Promise<void> {
  const old = await db.plans.get(plan.id);
  await db.steps.where('planId').equals(plan.id).delete();
  await putRow({
    id: plan.id,
    doc: plan,
    rev: (old?.rev ?? 0) + 1,
    cursor: 0,
    savedAt: now,
    deletedAt: null,
  });
}

/** The plan under an id that is free, found and taken in one transaction: copies in two tabs at once both happen. */
export async function putNew(plan: Plan, now: number): Promise<string> {
  return db.transaction('rw', db.plans, db.steps, db.cards, async () => {
    const id = await freeId(plan.id);
    await putWhole({ ...plan, id }, now);
    return id;
  });
}

/** Into the trash, or out of it again. */
export async function markDeleted(id: string, deletedAt: number | null): Promise<void> {
  await db.transaction('rw', db.plans, db.cards, async () => {
    await db.plans.update(id, { deletedAt });
    await db.cards.update(id, { deletedAt });
  });
}

const DAY_MS = 86_400_000;

/** Plans that have lain in the trash for thirty days are gone for good. */
export async function purgeDeleted(now: number): Promise<void> {
  const old = await db.plans
    .filter((planRow) => planRow.deletedAt !== null && planRow.deletedAt < now - TRASH_DAYS * DAY_MS)
    .primaryKeys();
  for (const id of old) await removeForGood(id);
}

export async function removeForGood(id: string): Promise<void> {
  await db.transaction('rw', db.plans, db.steps, db.cards, db.pictures, async () => {
    await db.plans.delete(id);
    await db.cards.delete(id);
    await db.pictures.delete(id);
    await db.steps.where('planId').equals(id).delete();
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

/** All plans as one file, and the names of those that cannot be read: they are saved raw, one by one. */
export async function allPlansText(): Promise<{ text: string; damaged: string[] }> {
  const rows = await db.plans.filter((planRow) => planRow.deletedAt === null).toArray();
  const plans: Plan[] = [];
  const damaged: string[] = [];
  for (const row of rows) {
    const read = readPlan(row.doc);
    if (read.ok) plans.push(read.plan);
    else damaged.push(row.id);
  }
  return { text: bundleText(plans), damaged };
}

/** Stores those of the plans whose id is free, and returns the others: the stylist says what happens with them. */
export async function putFree(plans: readonly Plan[], now: number): Promise<Plan[]> {
  const twins: Plan[] = [];
  for (const plan of plans) {
    const known = await db.plans.get(plan.id);
    if (known && known.deletedAt === null) twins.push(plan);
    else if (known) await putNew(plan, now);
    else await putPlan(plan, now);
  }
  return twins;
}
