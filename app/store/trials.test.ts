import { afterAll, beforeEach, expect, test } from '@jest/globals';
import { group, lies, planWith } from '../../core/testing/plans.js';
import { FakeWorker, nextAsked, until } from '../testing/fake-worker.js';

(globalThis as unknown as { Worker: unknown }).Worker = FakeWorker;
const { begin, tryAgain, useTrials } = await import('./trials.js');

const older = planWith({ party: [group('all', 4)], placements: [lies('brie', 250)] });
const newer = { ...older, placements: [lies('brie', 300)] };
const keys = () => [...useTrials.getState().tried.keys()];

beforeEach(() => {
  FakeWorker.asked = [];
  useTrials.setState({ tried: new Map(), of: null, failed: false });
});

afterAll(() => FakeWorker.clear());

test('what was tried comes in slip by slip', async () => {
  begin(older, ['first', 'second']);
  const job = await nextAsked('trial');
  await job.heard.part({ key: 'first', tried: [] });
  expect(keys()).toEqual(['first']);
  await job.heard.part({ key: 'second', tried: [] });
  expect(keys()).toEqual(['first', 'second']);
  job.answer(null);
});

test('a trial that fails is begun once more; then it is said, and can be asked for again', async () => {
  begin(older, ['first', 'second']);
  (await nextAsked('trial')).fail('out of memory');
  const second = await nextAsked('trial');
  expect(useTrials.getState().failed).toBe(false);
  second.fail('out of memory');
  await until(() => useTrials.getState().failed);
  expect(FakeWorker.asked).toHaveLength(0);

  tryAgain();
  expect(useTrials.getState().failed).toBe(false);
  const third = await nextAsked('trial');
  expect(third.input).toMatchObject({ keys: ['first', 'second'] });
  await third.heard.part({ key: 'first', tried: [] });
  expect(keys()).toEqual(['first']);
  third.answer(null);
});

test('a plan that changed meanwhile is tried alone: the older trial ends, says nothing and is no failure', async () => {
  begin(older, ['first', 'second']);
  const old = await nextAsked('trial');
  begin(newer, ['of the newer']);
  expect(await old.heard.part({ key: 'of the older', tried: [] })).toBe(false);
  expect(keys()).toEqual([]);
  old.answer(null);
  const now = await nextAsked('trial');
  expect(now.worker).toBe(old.worker);
  await now.heard.part({ key: 'of the newer', tried: [] });
  now.answer(null);
  expect(keys()).toEqual(['of the newer']);
  expect(useTrials.getState()).toMatchObject({ of: newer, failed: false });
});

test('slips that hang at another station are tried beside those that were tried already', async () => {
  begin(older, ['first']);
  const first = await nextAsked('trial');
  begin(older, ['second']);
  expect(await first.heard.part({ key: 'first', tried: [] })).not.toBe(false);
  first.answer(null);
  const second = await nextAsked('trial');
  expect([first.input, second.input]).toMatchObject([{ keys: ['first'] }, { keys: ['second'] }]);
  await second.heard.part({ key: 'second', tried: [] });
  second.answer(null);
  expect(keys()).toEqual(['first', 'second']);
});
