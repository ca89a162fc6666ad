import '../testing/indexed-db.js';
import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { canonicalText, type Plan } from '../../core/plan/index.js';
import { group, id, lies, planWith } from '../../core/testing/plans.js';
import { db, MOST_STEPS } from './db.js';
import {
  allPlansText,
  freeId,
  latelyBeside,
  makeCards,
  markDeleted,
  purgeDeleted,
  putFree,
  putNew,
  putPlan,
  rawText,
  readRow,
  stepLabels,
  writeCommand,
  writeStep,
} from './plans.js';

const plan: Plan = planWith({
  party: [group('all', 4)],
  placements: [lies('brie', 250), lies('green-grapes', 300)],
});
const ID = plan.id;

beforeEach(async () => {
  await db.plans.clear();
  await db.cards.clear();
  await db.steps.clear();
  await putPlan(plan, 1);
});

const notes = (text: string, rev = 1) => writeCommand(ID, rev, { name: 'set-notes', notes: text }, 2);
const stored = async (): Promise<Plan> => (await readRow(ID))!.doc;

describe('an edit in the store', () => {
  test('is the plan and its step in one write', async () => {
    const done = await notes('a');
    expect(done).toMatchObject({ ok: true, merged: false, label: 'change the notes' });
    expect((await stored()).notes).toBe('a');
    expect(await stepLabels(ID, 1)).toEqual({ undo: 'change the notes', redo: undefined });
    expect((await readRow(ID))!.rev).toBe(2);
  });

  test('that changes nothing writes nothing', async () => {
    const done = await notes('');
    expect(done.ok).toBe(true);
    expect((await readRow(ID))!.rev).toBe(1);
    expect(await db.steps.count()).toBe(0);
  });

  test('that is refused leaves the plan as it was and says the field', async () => {
    const done = await writeCommand(
      ID,
      1,
      { name: 'set-surface', surface: { ...plan.surfaces[0]!, serves: ['ghost' as never] } },
      2,
    );
    expect(done).toMatchObject({ ok: false });
    expect(!done.ok && done.reason).toContain('serves');
    expect(canonicalText(await stored())).toBe(canonicalText(plan));
  });

  test('on a plan that another tab deleted is told', async () => {
    await db.plans.delete(ID);
    expect(await notes('a')).toMatchObject({ ok: false, gone: true });
  });

  test('is made on what this tab has written last without reading it again, until somebody else has written', async () => {
    await notes('first');
    const get = jest.spyOn(db.plans, 'get');
    await notes('second');
    expect(get).not.toHaveBeenCalled();
    get.mockRestore();
    const row = (await db.plans.get(ID))!;
    await putPlan({ ...(row.doc as Plan), seed: 99 }, 7);
    await notes('third');
    expect(await stored()).toMatchObject({ notes: 'third', seed: 99 });
  });

  test('of two tabs is kept from both: the second is made on top of the first, and told', async () => {
    await notes('first', 1);
    const second = await writeCommand(ID, 1, { name: 'pin', componentId: id('brie'), on: true }, 3);
    expect(second).toMatchObject({ ok: true, merged: true });
    expect(await stored()).toMatchObject({ notes: 'first', wishes: { pinned: ['brie'] } });
  });

  test('that dies in the middle leaves the plan and its steps whole', async () => {
    const put = db.plans.put.bind(db.plans);
    db.plans.put = (() => Promise.reject(new Error('the tab was killed'))) as never;
    await expect(notes('lost')).rejects.toThrow('killed');
    db.plans.put = put;
    expect((await stored()).notes).toBe('');
    expect(await db.steps.count()).toBe(0);
  });
});

describe('undo and redo', () => {
  test('walk back and forth, by name, and stop at the ends', async () => {
    await notes('a');
    await writeCommand(ID, 2, { name: 'leave-out', componentId: id('brie') }, 3);
    expect(await writeStep(ID, 'back', 4)).toMatchObject({ ok: true, label: 'leave out' });
    expect((await stored()).placements).toHaveLength(2);
    expect(await writeStep(ID, 'back', 4)).toMatchObject({ ok: true, label: 'change the notes' });
    expect(canonicalText(await stored())).toBe(canonicalText(plan));
    expect(await writeStep(ID, 'back', 4)).toEqual({ ok: false, reason: 'There is nothing to undo.' });
    await writeStep(ID, 'forward', 5);
    await writeStep(ID, 'forward', 5);
    expect((await stored()).placements).toHaveLength(1);
    expect(await writeStep(ID, 'forward', 5)).toEqual({ ok: false, reason: 'There is nothing to redo.' });
  });

  test('a new edit after undo forgets what was undone', async () => {
    await notes('a');
    await notes('b', 2);
    await writeStep(ID, 'back', 3);
    await writeCommand(ID, 4, { name: 'set-seed', seed: 9 }, 4);
    expect(await stepLabels(ID, 2)).toEqual({ undo: 'ask for another board', redo: undefined });
    expect(await stored()).toMatchObject({ notes: 'a', seed: 9 });
  });

  test('is refused where another writer has changed the same place since', async () => {
    await notes('a');
    const row = (await db.plans.get(ID))!;
    await db.plans.put({ ...row, doc: { ...(row.doc as Plan), notes: 'by hand' }, rev: row.rev + 1 });
    await db.cards.update(ID, { rev: row.rev + 1 });
    expect(await writeStep(ID, 'back', 3)).toEqual({
      ok: false,
      reason: 'Another tab has changed notes since.',
    });
    expect((await stored()).notes).toBe('by hand');
  });

  test('keeps so many steps and no more', async () => {
    for (let i = 1; i <= MOST_STEPS + 5; i++)
      await writeCommand(ID, i, { name: 'set-seed', seed: 1000 + i }, i);
    expect(await db.steps.count()).toBeLessThanOrEqual(MOST_STEPS + 1);
    expect(await writeStep(ID, 'back', 1)).toMatchObject({ ok: true });
  });

  test('any edits, undone one by one, give the first plan again', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.integer({ min: 0, max: 5 }), { maxLength: 8 }), async (seeds) => {
        await putPlan(plan, 1);
        let steps = 0;
        for (const seed of seeds) {
          const before = (await readRow(ID))!.rev;
          await writeCommand(ID, before, { name: 'set-seed', seed }, 2);
          if ((await readRow(ID))!.rev > before) steps += 1;
        }
        for (let i = 0; i < steps; i++) await writeStep(ID, 'back', 3);
        expect(canonicalText(await stored())).toBe(canonicalText(plan));
      }),
      { numRuns: 20 },
    );
  });
});

describe('the table of plans', () => {
  test('a plan that can no longer be read is told and not overwritten', async () => {
    const row = (await db.plans.get(ID))!;
    await db.plans.put({ ...row, doc: { ...(row.doc as Plan), party: 'nobody' } });
    await expect(readRow(ID)).rejects.toThrow('party');
    expect(((await db.plans.get(ID))!.doc as unknown as { party: string }).party).toBe('nobody');
  });

  test('a deleted plan is gone from view, comes back with undo, and is purged at the next start', async () => {
    await notes('a');
    await markDeleted(ID, 5);
    expect(await readRow(ID)).toBeUndefined();
    await markDeleted(ID, null);
    expect((await stored()).notes).toBe('a');
    await markDeleted(ID, 6);
    await purgeDeleted(6 + 31 * 86_400_000);
    expect([await db.plans.count(), await db.steps.count()]).toEqual([0, 0]);
  });

  test('free ids count up', async () => {
    expect(await freeId('new')).toBe('new');
    expect(await freeId(ID)).toBe(`${ID}-2`);
    await putPlan({ ...plan, id: `${ID}-2` }, 1);
    expect(await freeId(ID)).toBe(`${ID}-3`);
    expect((await freeId('x'.repeat(80))).length).toBeLessThanOrEqual(60);
  });

  test('plans whose id is free are stored, the others come back to be asked about', async () => {
    const twins = await putFree([plan, { ...plan, id: 'other' }], 3);
    expect(twins.map((plan) => plan.id)).toEqual([ID]);
    expect(await db.plans.count()).toBe(2);
  });

  test('a plan brought in never takes the place of one in the trash', async () => {
    await notes('mine');
    await markDeleted(ID, 5);
    expect(await putFree([plan], 3)).toEqual([]);
    expect((await readRow(`${ID}-2`))!.doc.notes).toBe('');
    await markDeleted(ID, null);
    expect((await stored()).notes).toBe('mine');
  });

  test('the trash keeps a plan for thirty days, whatever page is opened meanwhile', async () => {
    await markDeleted(ID, 1000);
    await purgeDeleted(1000 + 29 * 86_400_000);
    expect(await db.plans.count()).toBe(1);
    await purgeDeleted(1000 + 31 * 86_400_000);
    expect([await db.plans.count(), await db.cards.count()]).toEqual([0, 0]);
  });

  test('copies that several tabs make at once all happen', async () => {
    const ids = await Promise.all(Array.from({ length: 12 }, (_, i) => putNew(plan, i)));
    expect(new Set(ids).size).toBe(12);
    expect(await db.plans.count()).toBe(13);
    expect(await db.cards.count()).toBe(13);
  });

  test('a write into a plan that was deleted elsewhere writes nothing and says so', async () => {
    await markDeleted(ID, 5);
    expect(await notes('late')).toMatchObject({ ok: false, gone: true });
    await markDeleted(ID, null);
    expect((await stored()).notes).toBe('');
  });

  test('one damaged record has a damaged card, and takes nothing else with it', async () => {
    await putPlan({ ...plan, id: 'other' }, 1);
    await db.plans.put({
      id: 'broken',
      doc: { occasion: { name: 'Half a plan' } },
      rev: 1,
      cursor: 0,
      savedAt: 1,
      deletedAt: null,
    });
    await db.plans.put({ id: 'empty', doc: null, rev: 1, cursor: 0, savedAt: 1, deletedAt: null });
    await makeCards();
    const cards = await db.cards.toArray();
    expect(cards.map((row) => [row.id, row.damage === ''])).toEqual([
      ['broken', false],
      ['empty', false],
      ['other', true],
      [ID, true],
    ]);
    expect(cards[0]!.name).toBe('Half a plan');
    const { text, damaged } = await allPlansText();
    expect([(JSON.parse(text) as { plans: unknown[] }).plans.length, damaged]).toEqual([
      2,
      ['broken', 'empty'],
    ]);
    expect(JSON.parse(await rawText('broken'))).toEqual({ occasion: { name: 'Half a plan' } });
  });

  test('the cards follow every write', async () => {
    await writeCommand(ID, 1, { name: 'set-party', party: [group('all', 9)] }, 7);
    expect(await db.cards.get(ID)).toMatchObject({ guests: 9, rev: 2, savedAt: 7, deletedAt: null });
  });

  test('putting a plan in another’s place begins its history anew', async () => {
    await notes('a');
    await putPlan({ ...plan, notes: 'new' }, 3);
    expect(await writeStep(ID, 'back', 4)).toMatchObject({ ok: false });
    expect((await stored()).notes).toBe('new');
  });

  test('all plans in one file leave out what is deleted and what is history', async () => {
    await putPlan({ ...plan, id: 'other' }, 1);
    await notes('a');
    await markDeleted('other', 5);
    const file = JSON.parse((await allPlansText()).text) as { plans: Record<string, unknown>[] };
    expect(file.plans.map((plan) => plan.id)).toEqual([ID]);
    expect(Object.keys(file.plans[0]!)).not.toContain('rev');
  });
});

describe('plans that an older Round Plate stored', () => {
  const samples = path.join(path.dirname(fileURLToPath(import.meta.url)), '../../core/plan/samples');
  const SAMPLES = readdirSync(samples).filter((f) => f.endsWith('.json'));
  const sample = (file: string) => JSON.parse(readFileSync(path.join(samples, file), 'utf8')) as Plan;
  const put = (doc: unknown, id = 'old') =>
    db.plans.put({ id, doc, rev: 1, cursor: 0, savedAt: 1, deletedAt: null });

  test.each(SAMPLES)('%s opens, is edited, and the edit is undone', async (file) => {
    const old = { ...sample(file), id: 'old' };
    await put(old);
    const before = (await readRow('old'))!.doc;
    expect(before.party.length).toBeGreaterThan(0);
    const edit = await writeCommand('old', 1, { name: 'set-notes', notes: 'new words' }, 2);
    expect(edit).toMatchObject({ ok: true });
    expect((await readRow('old'))!.doc.notes).toBe('new words');
    expect(await writeStep('old', 'back', 3)).toMatchObject({ ok: true });
    expect(canonicalText((await readRow('old'))!.doc)).toBe(canonicalText(before));
    await makeCards();
    expect((await db.cards.get('old'))!.damage).toBe('');
  });

  test.each(SAMPLES)('%s that lies about its version is read by what it holds', async (file) => {
    const truth = sample(file);
    await put({ ...truth, id: 'old' });
    const expected = canonicalText((await readRow('old'))!.doc);
    for (const version of [1, 2, 3]) {
      await put({ ...truth, id: 'old', version });
      expect([file, version, canonicalText((await readRow('old'))!.doc) === expected]).toEqual([
        file,
        version,
        true,
      ]);
    }
  });

  test('a newer one is refused and left alone', async () => {
    const newer = { ...sample(SAMPLES.at(-1)!), id: 'old', version: 99, more: 'than we know' };
    await put(newer);
    await expect(readRow('old')).rejects.toThrow('newer Round Plate');
    await expect(writeCommand('old', 1, { name: 'set-notes', notes: 'x' }, 2)).rejects.toThrow('newer');
    expect((await db.plans.get('old'))!.doc).toEqual(newer);
  });
});

describe('what the last boards had', () => {
  /** The nth plan of a host, with one food on it. */
  const of = (n: number, host: string, food: string): Plan => ({
    ...planWith({ party: [group('all', 4)], placements: food === '' ? [] : [lies(food, 100)] }),
    id: `past-${n}` as Plan['id'],
    occasion: { ...plan.occasion, host },
  });
  beforeEach(async () => {
    await db.plans.clear();
    await db.cards.clear();
    const foods = ['feta', 'brie', 'edam', 'salami', '', 'almonds'];
    for (const [n, food] of foods.entries())
      await putPlan(of(n, n % 2 === 0 ? 'Mira' : 'Otto', food), 10 + n);
    await db.plans.put({ ...(await db.plans.get('past-5'))!, doc: { broken: true } });
  });

  test('is of the host’s own boards where there are any, else of the last three that are full', async () => {
    expect([...(await latelyBeside('', ''))].sort()).toEqual(['brie', 'edam', 'salami']);
    expect([...(await latelyBeside('', 'Mira'))].sort()).toEqual(['edam', 'feta']);
    expect([...(await latelyBeside('past-3', 'Otto'))]).toEqual(['brie']);
    expect([...(await latelyBeside('', 'nobody'))].sort()).toEqual(['brie', 'edam', 'salami']);
  });

  test('takes no plan but those that count', async () => {
    const fetched = jest.spyOn(db.plans, 'get');
    await latelyBeside('', '');
    // the damaged one, the empty one, and three full ones
    expect(fetched).toHaveBeenCalledTimes(5);
    fetched.mockRestore();
  });
});
