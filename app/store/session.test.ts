import '../testing/indexed-db.js';
import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { group, id, lies, planWith } from '../../core/testing/plans.js';
import type { Plan } from '../../core/plan/index.js';
import { db } from './db.js';
import { markDeleted, removeForGood, putPlan, writeCommand } from './plans.js';
import { useSession } from './session.js';

const plan = planWith({ party: [group('all', 4)], placements: [lies('brie', 250)] });
const session = () => useSession.getState();

/** Waits for a state; fails after two seconds. */
async function until(test: () => boolean): Promise<void> {
  for (let i = 0; i < 200; i++) {
    if (test()) return;
    await new Promise((r) => setTimeout(r, 10));
  }
  throw new Error(`waited in vain: ${JSON.stringify({ ...session(), plan: undefined })}`);
}

beforeEach(async () => {
  session().close();
  await db.plans.clear();
  await db.steps.clear();
  await putPlan(plan, 1);
  await session().open(plan.id);
});

describe('the plan that this tab works on', () => {
  test('opens with its undo, and says where there is none', async () => {
    expect(session()).toMatchObject({ planId: plan.id, problem: null, undoLabel: undefined });
    await session().open('nobody');
    expect(session().problem).toContain('no plan at this address');
  });

  test('an edit is on screen at once, and in the store a moment later', async () => {
    session().edit({ name: 'set-notes', notes: 'a' });
    expect(session().plan!.notes).toBe('a');
    expect(session().saving).toBe(1);
    await until(() => session().saving === 0);
    expect(((await db.plans.get(plan.id))!.doc as Plan).notes).toBe('a');
    expect(session().undoLabel).toBe('change the notes');
  });

  test('an edit that is stored, and one that is undone, leave the rest of the plan as it was', async () => {
    const before = session().plan!;
    session().edit({ name: 'set-notes', notes: 'a' });
    const edited = session().plan!;
    await until(() => session().saving === 0);
    expect(session().plan).toBe(edited);
    session().step('back');
    await until(() => session().saving === 0);
    expect(session().plan).toEqual(before);
    expect(session().plan!.placements).toBe(before.placements);
  });

  test('quick edits keep their order, and all can be undone', async () => {
    for (const notes of ['a', 'b', 'c']) session().edit({ name: 'set-notes', notes });
    expect(session().plan!.notes).toBe('c');
    await until(() => session().saving === 0);
    session().step('back');
    await until(() => session().saving === 0);
    expect(session().plan!.notes).toBe('b');
    expect([session().undoLabel, session().redoLabel]).toEqual(['change the notes', 'change the notes']);
  });

  test('a new board grows with its party in one step of undo, and not once it is sized by hand', async () => {
    const fresh = planWith({ party: [] });
    await putPlan({ ...fresh, id: 'fresh' as typeof fresh.id }, 1);
    await session().open('fresh');
    const size = () => session().plan!.surfaces[0]!.outline;
    const before = size();
    session().edit({ name: 'set-party', party: [group('all', 20)] });
    const grown = size();
    expect(grown).not.toEqual(before);
    await until(() => session().saving === 0);
    expect(((await db.plans.get('fresh'))!.doc as Plan).surfaces[0]!.outline).toEqual(grown);
    session().step('back');
    await until(() => session().saving === 0);
    expect([session().plan!.party, size()]).toEqual([[], before]);
    const mine = { ...session().plan!.surfaces[0]!, outline: { kind: 'round' as const, diameterMm: 610 } };
    session().edit({ name: 'set-surface', surface: mine });
    session().edit({ name: 'set-party', party: [group('all', 8)] });
    await until(() => session().saving === 0);
    expect(size()).toEqual({ kind: 'round', diameterMm: 610 });
  });

  test('a refused edit changes neither the screen nor the store', async () => {
    session().edit({ name: 'set-seed', seed: -4 });
    expect(session().plan!.seed).toBe(plan.seed);
    expect(session().saving).toBe(0);
    expect((await db.plans.get(plan.id))!.rev).toBe(1);
  });

  test('another tab’s write comes onto the screen', async () => {
    await writeCommand(plan.id, 1, { name: 'pin', componentId: id('brie'), on: true }, 2);
    await until(() => session().plan!.wishes.pinned.includes(id('brie')));
    expect(session().undoLabel).toBe('pin or unpin');
  });

  test('an edit made on an old plan is made on top of the other tab’s, and both show', async () => {
    const writing = writeCommand(plan.id, 1, { name: 'set-seed', seed: 42 }, 2);
    session().edit({ name: 'set-notes', notes: 'mine' });
    await writing;
    await until(() => session().saving === 0 && session().plan!.seed === 42);
    expect(session().plan).toMatchObject({ notes: 'mine', seed: 42 });
  });

  test('a plan that was deleted elsewhere is told at once, and put back with the edits made since', async () => {
    await markDeleted(plan.id, 5);
    await until(() => session().gone);
    session().edit({ name: 'set-notes', notes: 'late' });
    expect(session().plan!.notes).toBe('late');
    expect(((await db.plans.get(plan.id))!.doc as Plan).notes).toBe('');
    await session().putBack();
    await until(() => !session().gone && session().saving === 0);
    expect(((await db.plans.get(plan.id))!.doc as Plan).notes).toBe('late');
    expect((await db.plans.get(plan.id))!.deletedAt).toBeNull();
  });

  test('or it is kept as a copy, whole, also when it is gone for good', async () => {
    await removeForGood(plan.id);
    await until(() => session().gone);
    session().edit({ name: 'set-notes', notes: 'late' });
    const copy = await session().keepAsCopy();
    expect(((await db.plans.get(copy!))!.doc as Plan).notes).toBe('late');
  });

  test('an edit that the store does not take waits, is said to be unsaved, and is not lost by the next one', async () => {
    const failing = jest.spyOn(db.steps, 'put').mockRejectedValueOnce(new Error('the disk is full'));
    session().edit({ name: 'set-notes', notes: 'first' });
    await until(() => session().unsaved !== null);
    expect([session().unsaved, session().plan!.notes, session().saving]).toEqual([
      'the disk is full',
      'first',
      1,
    ]);
    failing.mockRejectedValueOnce(new Error('the disk is full'));
    session().edit({ name: 'set-seed', seed: 77 });
    await new Promise((r) => setTimeout(r, 50));
    expect(session().plan).toMatchObject({ notes: 'first', seed: 77 });
    expect(session().saving).toBe(2);
    failing.mockRestore();
    session().edit({ name: 'pin', componentId: id('brie'), on: true });
    await until(() => session().saving === 0);
    expect(session().unsaved).toBeNull();
    expect((await db.plans.get(plan.id))!.doc).toMatchObject({
      notes: 'first',
      seed: 77,
      wishes: { pinned: ['brie'] },
    });
  });

  test('whose eyes and which slip are this tab’s own, and end with the plan', async () => {
    session().see('all');
    session().lift('season');
    expect([session().seenBy, session().lifted]).toEqual(['all', 'season']);
    await session().open(plan.id);
    expect([session().seenBy, session().lifted]).toEqual([null, null]);
  });
});
