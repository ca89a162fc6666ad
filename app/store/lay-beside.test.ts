import { afterAll, beforeEach, describe, expect, test } from '@jest/globals';
import type { LaidSurface } from '../../core/lay/index.js';
import { outlineAreaMm2, type Plan, type Surface } from '../../core/plan/index.js';
import { board, lies, planWith } from '../../core/testing/plans.js';
import { FakeWorker, until } from '../testing/fake-worker.js';

(globalThis as unknown as { Worker: unknown }).Worker = FakeWorker;
Object.defineProperty(globalThis, 'navigator', { value: { hardwareConcurrency: 4 }, configurable: true });
const { layBeside, lotsOf } = await import('./lay-beside.js');

const round = (id: string, diameterMm: number): Surface =>
  board({ id: id as Surface['id'], outline: { kind: 'round', diameterMm } });
const plan: Plan = planWith({
  surfaces: [round('a', 300), round('b', 500), round('c', 400), round('d', 310)],
  placements: [lies('brie', 250, { surfaceId: 'a' as Surface['id'] })],
});
const laid = (surfaceId: string): LaidSurface => ({ surfaceId, elements: [] }) as unknown as LaidSurface;
const asked = () => FakeWorker.asked.filter(({ kind }) => kind === 'lay');
const ids = (surfaces: readonly LaidSurface[]) => surfaces.map(({ surfaceId }) => surfaceId as string);

beforeEach(() => {
  FakeWorker.asked = [];
});
afterAll(() => FakeWorker.clear());

describe('a table laid side by side', () => {
  test('is shared out by ground, every surface once', () => {
    const lots = lotsOf(plan, 3);
    expect(lots.flat().sort()).toEqual(['a', 'b', 'c', 'd']);
    const area = (lot: readonly string[]) =>
      lot.reduce((sum, id) => sum + outlineAreaMm2(plan.surfaces.find((one) => one.id === id)!.outline), 0);
    expect(lots[0]).toEqual(['b']);
    expect(Math.max(...lots.map(area))).toBe(area(['b']));
    expect(lotsOf(plan, 9)).toHaveLength(4);
  });

  test('shows what each worker has at once, and answers in the order of the plan', async () => {
    const seen: string[][] = [];
    const job = layBeside(plan, { progress: () => undefined, part: (some) => seen.push(ids(some)) });
    await until(() => asked().length === 3);
    expect(new Set(asked().map(({ worker }) => worker)).size).toBe(3);
    for (const one of [...asked()].reverse()) {
      const only = one.input.only as string[];
      one.answer({ surfaces: only.map(laid) });
    }
    expect(ids((await job.done).surfaces)).toEqual(['a', 'b', 'c', 'd']);
    expect(seen.at(-1)!.sort()).toEqual(['a', 'b', 'c', 'd']);
    expect(seen.length).toBe(3);
  });

  test('one that fails ends the others, and says why', async () => {
    const job = layBeside(plan, { progress: () => undefined, part: () => undefined });
    await until(() => asked().length === 3);
    asked()[1]!.fail('no ground');
    await expect(job.done).rejects.toThrow('no ground');
    expect(FakeWorker.working().length).toBeLessThanOrEqual(3);
  });

  test('is cancelled as one', async () => {
    const job = layBeside(plan, { progress: () => undefined, part: () => undefined });
    await until(() => asked().length === 3);
    job.cancel();
    await expect(job.done).rejects.toThrow('cancelled');
  });
});
