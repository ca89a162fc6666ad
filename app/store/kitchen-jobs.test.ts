import '../testing/indexed-db.js';
import { afterAll, beforeEach, describe, expect, test } from '@jest/globals';
import type { Plan } from '../../core/plan/index.js';
import { group, id, lies, planWith } from '../../core/testing/plans.js';
import { FakeWorker, nextAsked as asked, until } from '../testing/fake-worker.js';
import { db } from './db.js';
import { putPlan } from './plans.js';
import { useSession } from './session.js';

(globalThis as unknown as { Worker: unknown }).Worker = FakeWorker;
const { provenFor, useKitchen } = await import('./kitchen-jobs.js');

const session = () => useSession.getState();
const plan = planWith({ party: [group('all', 4)], placements: [lies('brie', 250)] });
const withFood = (...ids: string[]): Plan => ({ ...plan, placements: ids.map((x) => lies(x, 100)) });
const foods = () => session().plan!.placements.map((placement) => placement.componentId as string);

const composed = (found: Plan) => ({ status: 'optimal', plan: found, gap: 0, conflicts: [] });
const laid = { surfaces: [{ surfaceId: plan.surfaces[0]!.id, elements: [] }] };

beforeEach(async () => {
  FakeWorker.asked = [];
  session().close();
  await db.plans.clear();
  await db.steps.clear();
  await putPlan(plan, 1);
  await session().open(plan.id);
  useKitchen.setState({ doing: null, conflicts: [] });
});

afterAll(() => FakeWorker.clear());

describe('composing', () => {
  test('shows the first board at once, the better one after it, lays it, and is one step of undo', async () => {
    const done = useKitchen.getState().compose(session().plan!);
    const job = await asked('compose');
    await job.heard.part(withFood('feta'));
    expect(foods()).toEqual(['feta']);
    // the store hands back what was saved before the better one comes
    await until(() => session().saving === 0);
    job.answer(composed(withFood('feta', 'cucumber')));
    (await asked('lay')).answer(laid);
    await done;
    await until(() => session().saving === 0);
    expect(foods()).toEqual(['feta', 'cucumber']);
    // the proof is about this board for this brief: laying it changes nothing, another guest does
    const proof = useKitchen.getState().proof!;
    expect(proof).toMatchObject({ gap: 0, kept: false, about: provenFor(session().plan!) });
    const more = { ...session().plan!, party: [group('all', 5)] };
    expect(provenFor(more)).not.toBe(proof.about);
    expect(session().plan!.layout).toHaveLength(1);
    expect(session().undoLabel).toBe('compose the board');
    session().step('back');
    await until(() => session().saving === 0);
    expect(foods()).toEqual(['brie']);
    expect(session().plan!.layout).toEqual([]);
    expect(session().undoLabel).toBeUndefined();
  });

  test('stopped after the first board, that one stays and is laid', async () => {
    const done = useKitchen.getState().compose(session().plan!);
    await (await asked('compose')).heard.part(withFood('feta'));
    useKitchen.getState().cancel();
    (await asked('lay')).answer(laid);
    await done;
    expect(foods()).toEqual(['feta']);
    expect(useKitchen.getState().doing).toBeNull();
  });

  test('a board that the stylist bends meanwhile is theirs: no proposal overwrites it', async () => {
    const done = useKitchen.getState().compose(session().plan!);
    const job = await asked('compose');
    await job.heard.part(withFood('feta'));
    session().edit({ name: 'leave-out', componentId: id('feta') });
    job.answer(composed(withFood('feta', 'cucumber')));
    await done;
    expect(foods()).toEqual([]);
  });

  test('an impossible brief changes nothing and hangs its conflicts', async () => {
    const done = useKitchen.getState().compose(session().plan!);
    (await asked('compose')).answer({
      status: 'impossible',
      plan,
      gap: 1,
      conflicts: [{ wishes: ['budget'], said: { say: 'conflict.surfaces' }, ways: [] }],
    });
    await done;
    expect(useKitchen.getState().conflicts.map((conflict) => conflict.said.say)).toEqual([
      'conflict.surfaces',
    ]);
    expect(foods()).toEqual(['brie']);
  });

  test('a fault of the kitchen leaves the board as it was', async () => {
    const done = useKitchen.getState().compose(session().plan!);
    (await asked('compose')).fail('no solver');
    await done;
    expect(foods()).toEqual(['brie']);
    expect(useKitchen.getState().doing).toBeNull();
  });

  test('an answer for a plan that is closed meanwhile goes nowhere', async () => {
    const done = useKitchen.getState().compose(session().plan!);
    const job = await asked('compose');
    session().close();
    job.answer(composed(withFood('feta')));
    await done;
    expect(
      ((await db.plans.get(plan.id))!.doc as Plan).placements.map((placement) => placement.componentId),
    ).toEqual(['brie']);
  });

  test('what was said of one plan is not said of the next, and its work stops', async () => {
    const other = { ...plan, id: 'another' as Plan['id'] };
    await putPlan(other, 1);
    const wishes = [{ wishes: ['budget' as const], said: { say: 'conflict.surfaces' as const }, ways: [] }];
    useKitchen.setState({ conflicts: wishes, changed: { came: ['Feta'], went: [] } });
    const done = useKitchen.getState().compose(session().plan!);
    const job = await asked('compose');
    await session().open(other.id);
    expect(useKitchen.getState()).toMatchObject({ doing: null, conflicts: [], changed: null, proof: null });
    job.answer({ status: 'impossible', plan, gap: 1, conflicts: wishes });
    await done;
    expect(useKitchen.getState().conflicts).toEqual([]);
    expect(foods()).toEqual(['brie']);
  });

  test('two proposals in a row are two steps', async () => {
    for (const food of ['feta', 'cucumber']) {
      const done = useKitchen.getState().compose(session().plan!);
      (await asked('compose')).answer(composed(withFood(food)));
      (await asked('lay')).answer(laid);
      await done;
    }
    await until(() => session().saving === 0);
    session().step('back');
    await until(() => session().saving === 0);
    expect(foods()).toEqual(['feta']);
  });
});

describe('laying', () => {
  test('alone is a step of its own; after an edit that called for it, it is one with that', async () => {
    const alone = useKitchen.getState().lay(session().plan!);
    (await asked('lay')).answer(laid);
    await alone;
    await until(() => session().saving === 0);
    expect(session().undoLabel).toBe('lay the board');
    session().edit({ name: 'leave-out', componentId: id('brie') });
    const after = useKitchen.getState().lay(session().plan!, 'leave out');
    (await asked('lay')).answer({ surfaces: [] });
    await after;
    await until(() => session().saving === 0);
    session().step('back');
    await until(() => session().saving === 0);
    expect(foods()).toEqual(['brie']);
    expect(session().undoLabel).toBe('lay the board');
  });
});
