import { beforeEach, describe, expect, test } from '@jest/globals';
import { planWith } from '../../core/testing/plans.js';
import type { Message, Request } from './contract.js';

/** Stands in for a browser's worker: keeps what it was asked, answers when the test says so. */
class FakeWorker {
  static all: FakeWorker[] = [];
  onmessage: ((event: { data: Message }) => void) | null = null;
  asked: Request[] = [];
  ended = false;
  constructor() {
    FakeWorker.all.push(this);
  }
  postMessage(request: Request): void {
    this.asked.push(request);
  }
  terminate(): void {
    this.ended = true;
  }
  say(message: Message): void {
    this.onmessage?.({ data: message });
  }
}
(globalThis as unknown as { Worker: unknown }).Worker = FakeWorker;

const { ask, Cancelled, warmKitchen } = await import('./kitchen.js');
const plan = planWith({});
const working = () => FakeWorker.all.filter((w) => !w.ended);
const busy = () => working().find((w) => w.asked.some((r) => r.job.kind !== 'warm'))!;
const lastId = (w: FakeWorker) => w.asked.at(-1)!.id;

beforeEach(() => {
  warmKitchen();
});

describe('the kitchen', () => {
  test('keeps two workers warm: one to work, one to spare', () => {
    expect(working()).toHaveLength(2);
    for (const w of working()) expect(w.asked[0]!.job.kind).toBe('warm');
    warmKitchen();
    expect(working()).toHaveLength(2);
  });

  test('hands over the first plan, the words of progress and the answer', async () => {
    const heard: unknown[] = [];
    const job = ask(
      { kind: 'compose', plan },
      { first: (p) => heard.push(p.id), progress: (w) => heard.push(w) },
    );
    const id = lastId(busy());
    busy().say({ id, type: 'progress', words: 'Looking' });
    busy().say({ id, type: 'first', plan });
    busy().say({
      id,
      type: 'done',
      answer: { kind: 'compose', status: 'optimal', plan, gap: 0, conflicts: [] },
    });
    expect((await job.done).status).toBe('optimal');
    expect(heard).toEqual(['Looking', plan.id]);
  });

  test('a failure is told as an error with its reason', async () => {
    const job = ask({ kind: 'swap', plan, componentId: 'brie' });
    busy().say({ id: lastId(busy()), type: 'failed', reason: 'the larder is empty' });
    await expect(job.done).rejects.toThrow('the larder is empty');
  });

  test('cancelling drops the busy worker, the warm spare takes over, and a new spare is warmed', async () => {
    const job = ask({ kind: 'lay', plan, surfaceIds: null, seed: 1 });
    const old = busy();
    const spare = working().find((w) => w !== old)!;
    job.cancel();
    await expect(job.done).rejects.toBeInstanceOf(Cancelled);
    expect(old.ended).toBe(true);
    expect(working()).toHaveLength(2);
    const next = ask({ kind: 'lay', plan, surfaceIds: null, seed: 2 });
    expect(lastId(spare)).toBeGreaterThan(0);
    spare.say({ id: lastId(spare), type: 'done', answer: { kind: 'lay', surfaces: [] } });
    expect((await next.done).surfaces).toEqual([]);
  });

  test('cancelling what is done already drops nobody', async () => {
    const job = ask({ kind: 'swap', plan, componentId: 'brie' });
    const worker = busy();
    worker.say({ id: lastId(worker), type: 'done', answer: { kind: 'swap', swaps: [] } });
    await job.done;
    job.cancel();
    expect(worker.ended).toBe(false);
  });

  test('an answer to nobody’s question is passed over', () => {
    for (const w of working()) w.say({ id: 99_999, type: 'failed', reason: 'late' });
    expect(working()).toHaveLength(2);
  });

  test('two questions at once get each their own answer', async () => {
    const one = ask({ kind: 'swap', plan, componentId: 'brie' });
    const first = lastId(busy());
    const two = ask({ kind: 'lay', plan, surfaceIds: [], seed: 1 });
    const second = lastId(busy());
    busy().say({ id: second, type: 'done', answer: { kind: 'lay', surfaces: [] } });
    busy().say({ id: first, type: 'done', answer: { kind: 'swap', swaps: [] } });
    expect((await one.done).kind).toBe('swap');
    expect((await two.done).kind).toBe('lay');
  });
});
