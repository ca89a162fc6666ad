import { afterAll, beforeEach, describe, expect, test } from '@jest/globals';
import { planWith } from '../../core/testing/plans.js';
import { FakeWorker, nextAsked, until } from '../testing/fake-worker.js';
import { JOBS, type JobKind } from './jobs/registry.js';
import { Cancelled, Died, Pool } from './pool.js';

const plan = planWith({});
const start = () => new FakeWorker() as unknown as Worker;
let pool: Pool;

beforeEach(async () => {
  await FakeWorker.clear();
  pool = new Pool(2, start, 'warm');
});
afterAll(() => FakeWorker.clear());

const laid = { surfaces: [] };
const lay = (seed: number) => pool.ask('lay', { plan, seed });

describe('a pool of workers', () => {
  test('one is warm before there is work, the next one while it works', async () => {
    pool.warm();
    pool.warm();
    expect(FakeWorker.working()).toHaveLength(1);
    const job = lay(1);
    expect(FakeWorker.working()).toHaveLength(2);
    await until(() => FakeWorker.asked.filter((asked) => asked.kind === 'warm').length === 2);
    (await nextAsked('lay')).answer(laid);
    await job.done;
  });

  test('hands over words of progress, what is usable before, and the answer', async () => {
    const heard: unknown[] = [];
    const job = pool.ask(
      'compose',
      { plan },
      { part: (p: { id: string }) => heard.push(p.id), progress: (word) => heard.push(word) },
    );
    const asked = await nextAsked('compose');
    await asked.heard.progress('Looking');
    await asked.heard.part(plan);
    asked.answer({ status: 'optimal', plan, gap: 0, conflicts: [] });
    expect((await job.done).status).toBe('optimal');
    expect(heard).toEqual(['Looking', plan.id]);
  });

  test('a failure is an error with its reason, and the worker goes on', async () => {
    const job = lay(1);
    (await nextAsked('lay')).fail('the larder is empty');
    await expect(job.done).rejects.toThrow('the larder is empty');
    expect(FakeWorker.working().length).toBeGreaterThan(0);
    const next = lay(2);
    (await nextAsked('lay')).answer(laid);
    expect(await next.done).toEqual(laid);
  });

  test('two jobs run side by side, a third waits for the first that is done', async () => {
    const jobs = [lay(1), lay(2), lay(3)];
    const [one, two] = [await nextAsked('lay'), await nextAsked('lay')];
    expect(one.worker).not.toBe(two.worker);
    await new Promise((r) => setTimeout(r, 30));
    expect(FakeWorker.asked.filter((asked) => asked.kind === 'lay')).toEqual([]);
    two.answer(laid);
    const three = await nextAsked('lay');
    expect(three.worker).toBe(two.worker);
    expect(three.input.seed).toBe(3);
    one.answer(laid);
    three.answer(laid);
    await Promise.all(jobs.map((running) => running.done));
  });

  test('cancelling ends this job alone: its worker is replaced, the other one works on', async () => {
    const [gone, kept] = [lay(1), lay(2)];
    const [one, two] = [await nextAsked('lay'), await nextAsked('lay')];
    gone.cancel();
    await expect(gone.done).rejects.toBeInstanceOf(Cancelled);
    expect([one.worker.ended, two.worker.ended]).toEqual([true, false]);
    expect(FakeWorker.working()).toHaveLength(2);
    two.answer(laid);
    expect(await kept.done).toEqual(laid);
    gone.cancel();
    expect(FakeWorker.working()).toHaveLength(2);
  });

  test('what waits in line is cancelled or forgotten without ending a worker', async () => {
    const running = [lay(1), lay(2)];
    const [third, fourth] = [lay(3), lay(4)];
    third.cancel();
    fourth.forget();
    await expect(third.done).rejects.toBeInstanceOf(Cancelled);
    await expect(fourth.done).rejects.toBeInstanceOf(Cancelled);
    running[0]!.forget();
    for (let i = 0; i < 2; i++) (await nextAsked('lay')).answer(laid);
    await Promise.all(running.map((running) => running.done));
    expect(FakeWorker.all.every((fakeWorker) => !fakeWorker.ended)).toBe(true);
  });

  test('a job in parts that is stopped hears so after its next part, and its worker does the next job', async () => {
    const heard: unknown[] = [];
    pool = new Pool(1, start);
    const first = pool.ask('trial', { plan, keys: [] }, { part: (part) => heard.push(part) });
    const trial = await nextAsked('trial');
    expect(await trial.heard.part('one')).toBe(true);
    first.stop();
    await expect(first.done).rejects.toBeInstanceOf(Cancelled);
    const next = pool.ask('trial', { plan, keys: [] });
    expect(await trial.heard.part('two')).toBe(false);
    expect(heard).toEqual(['one']);
    trial.answer(null);
    const again = await nextAsked('trial');
    expect(again.worker).toBe(trial.worker);
    again.answer(null);
    expect(await next.done).toBeNull();
    expect(FakeWorker.all.every((fakeWorker) => !fakeWorker.ended)).toBe(true);
  });

  test('a worker that dies is replaced and said; what waited is done by the others', async () => {
    const [dead, , waited] = [lay(1), lay(2), lay(3)];
    const one = await nextAsked('lay');
    const two = await nextAsked('lay');
    one.worker.dispatchEvent(new Event('error'));
    await expect(dead.done).rejects.toBeInstanceOf(Died);
    expect(FakeWorker.working()).toHaveLength(2);
    const three = await nextAsked('lay');
    expect(three.input.seed).toBe(3);
    three.answer(laid);
    expect(await waited.done).toEqual(laid);
    two.answer(laid);
  });
});

describe('jobs', () => {
  test('each names its words and takes nothing but its own input', async () => {
    const kinds = Object.keys(JOBS) as JobKind[];
    expect(kinds.length).toBeGreaterThan(8);
    for (const kind of kinds) {
      const record = await JOBS[kind]();
      expect(record.words.length).toBeGreaterThan(5);
      expect([kind, record.input.safeParse({ plan: { id: 7 }, no: 1 }).success]).toEqual([kind, false]);
    }
  });

  test('a plan that is broken is refused with its field', async () => {
    const { input } = await JOBS.lay();
    const refused = input.safeParse({ plan: { ...plan, party: 3 }, seed: 1 });
    expect(refused.error!.issues[0]!.message).toMatch(/^party/);
  });
});
