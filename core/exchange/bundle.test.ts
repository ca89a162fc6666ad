import { describe, expect, test } from '@jest/globals';
import { canonicalText } from '../plan/index.js';
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

  test('an empty table is an empty bundle', () => {
    expect(read(bundleText([]))).toEqual({ ok: true, plans: [] });
  });

  test('one plan that cannot be read refuses the file whole, with its number', () => {
    const bad = bundleText([one, two]).replace('"id": "other"', '"id": "not an id"');
    const back = read(bad);
    expect(back.ok).toBe(false);
    expect(!back.ok && back.problems.map((p) => p.path)).toEqual(['plans[1].id']);
  });

  test('a plan of a newer version in a bundle says so', () => {
    const back = read(
      JSON.stringify({ format: 'round-plate.plans', version: 1, plans: [{ ...two, version: 9 }] }),
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

  test('over 5 MB is refused by its size alone', () => {
    const back = readPlansText('', 5 * 1024 * 1024 + 1);
    expect(!back.ok && back.problems[0]!.code).toBe('too-large');
  });

  test('a prototype key in a bundle is named and harms nothing', () => {
    const text = bundleText([two]).replace('"notes": ""', '"notes": "", "__proto__": {"bad": true}');
    const back = read(text);
    expect(!back.ok && back.problems[0]!.path).toContain('__proto__');
    expect(({} as { bad?: boolean }).bad).toBeUndefined();
  });
});
