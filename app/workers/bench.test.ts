import { describe, expect, test } from '@jest/globals';
import { checkPlan } from '../../core/check/index.js';
import type { Solver } from '../../core/compose/index.js';
import { group, lies, planWith } from '../../core/testing/plans.js';
import { runJob } from './bench.js';
import type { JobRecord } from './job.js';
import { trial, type TriedOf } from './jobs/trial.js';

const plan = planWith({
  party: [group('all', 6), { ...group('few', 2), needs: [{ id: 'vegan', settings: {} }] }],
  placements: [lies('brie', 250), lies('salami', 120), lies('baguette-toasts', 80)],
});

const keys = checkPlan(plan)
  .findings.filter((finding) => finding.remedies.length > 0)
  .map((finding) => finding.key);

const noSolver = (): Promise<Solver> => Promise.reject(new Error('no solver is needed here'));
const record = trial as JobRecord;

describe('a job', () => {
  test('answers only when the page has heard every part, however slowly it hears', async () => {
    const heard: string[] = [];
    const slow = {
      progress: () => undefined,
      part: (value: unknown) =>
        new Promise<void>((done) =>
          setTimeout(() => {
            heard.push((value as TriedOf).key);
            done();
          }, 20),
        ),
    };
    expect(keys.length).toBeGreaterThan(1);
    // what hangs no more has no remedy, and is told too: nobody waits for it
    await runJob(record, { plan, keys: [...keys, 'gone'] }, slow, noSolver);
    expect(heard).toEqual([...keys, 'gone']);
  });

  test('what is not wanted any more is not tried', async () => {
    const heard: string[] = [];
    const ear = {
      progress: () => undefined,
      part: (value: unknown) => heard.push((value as TriedOf).key) < 1,
    };
    await runJob(record, { plan, keys }, ear, noSolver);
    expect(heard).toHaveLength(1);
  });

  test('a page that hears badly takes no answer away', async () => {
    const deaf = {
      progress: () => Promise.reject(new Error('gone')),
      part: () => Promise.reject(new Error('gone')),
    };
    await expect(runJob(record, { plan, keys }, deaf, noSolver)).resolves.toBeNull();
  });

  test('an input that is no plan is refused before anything is said', async () => {
    const said: unknown[] = [];
    const ear = { progress: (word: string) => said.push(word), part: (v: unknown) => said.push(v) };
    await expect(runJob(record, { plan: 7, keys }, ear, noSolver)).rejects.toThrow();
    await expect(runJob(record, { keys }, ear, noSolver)).rejects.toThrow();
    expect(said).toEqual([]);
  });
});
