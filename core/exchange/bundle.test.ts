import { describe, expect, test } from '@jest/globals';
import { canonicalText, PLAN_VERSION } from '../plan/index.js';
import { brief, planWith } from '../testing/plans.js';
import { bundleText, readPlansText } from './index.js';

const one = brief();
const two = { ...planWith({}), id: 'other' };
const read = (text: string) => readPlansText(text, Buffer.byteLength(text));

describe('files of plans', () => {
  test('all plans in one file come back as they were, to the byte', () => {
    const back = read(bundleText([one, two]));
    expect(back.ok && back.plans.map(canonicalText)).toEqual([canonicalText(one), canonicalText(two)]);
  });

  test('a single plan is read the same way', () => {
    const back = read(canonicalText(two));
    expect(back.ok && back.plans).toEqual([two]);
  });

  test('an empty bundle holds no plan, and says so', () => {
    const back = read(bundleText([]));
    expect(!back.ok && back.problems).toMatchObject([
      { code: 'not-a-plan', reason: { say: 'no.plan-in-it' } },
    ]);
  });

  test('what "Save all plans" writes is read again, whatever the size', () => {
    const text = bundleText(
      Array.from({ length: 60 }, (_, i) => ({ ...one, id: `copy-${i}`, notes: 'x'.repeat(1900) })),
    );
    const back = readPlansText(text, 6 * 1024 * 1024 + text.length);
    expect(back.ok && [back.plans.length, back.notTaken]).toEqual([60, []]);
  });

  test('one plan that cannot be read is listed with its name, and the others are taken', () => {
    const bad = bundleText([one, two]).replace('"id": "other"', '"id": "not an id"');
    const back = read(bad);
    expect(back.ok && back.plans.map((plan) => plan.id)).toEqual([one.id]);
    expect(back.ok && back.notTaken).toMatchObject([
      { index: 1, name: two.occasion.name, problems: [{ path: 'id' }] },
    ]);
  });

  test('a plan that is nested without end is refused, and nothing overflows', () => {
    const deep = `{"format":"round-plate.plan","version":3,"notes":${'['.repeat(100_000)}${']'.repeat(100_000)}}`;
    const back = read(deep);
    expect(!back.ok && ['too-deep', 'not-json']).toContain(!back.ok && back.problems[0]!.code);
  });

  test('a plan of a newer version in a bundle says so', () => {
    const back = read(
      JSON.stringify({
        format: 'round-plate.plans',
        version: 1,
        plans: [{ ...two, version: PLAN_VERSION + 1 }],
      }),
    );
    expect(!back.ok && back.problems[0]).toMatchObject({ code: 'newer-version', path: 'plans[0].version' });
  });

  test.each([
    ['no JSON', 'hello', 'not-json'],
    ['a truncated bundle', bundleText([one]).slice(0, 900), 'not-json'],
    ['plans that are no list', '{"format":"round-plate.plans","plans":{}}', 'not-a-plan'],
    ['a bare word', '"plans"', 'not-a-plan'],
    ['nothing', 'null', 'not-a-plan'],
  ])('%s is refused', (_name, text, code) => {
    const back = read(text);
    expect(!back.ok && back.problems[0]!.code).toBe(code);
  });

  test('one plan over 5 MB is refused by its size alone', () => {
    const back = readPlansText(canonicalText(two), 5 * 1024 * 1024 + 1);
    expect(!back.ok && back.problems[0]!.code).toBe('too-large');
  });

  test('a prototype key in a bundle is named and harms nothing', () => {
    const text = bundleText([two]).replace('"notes": ""', '"notes": "", "__proto__": {"bad": true}');
    const back = read(text);
    expect(!back.ok && back.problems[0]!.path).toContain('__proto__');
    expect(({} as { bad?: boolean }).bad).toBeUndefined();
  });
});
