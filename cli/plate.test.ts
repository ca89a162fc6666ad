import { describe, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { canonicalText, type Plan } from '../core/plan/index.js';
import { group, lies, planWith } from '../core/testing/plans.js';

function plate(args: string[], input?: string) {
  const done = spawnSync(process.execPath, ['scripts/plate.mjs', ...args], {
    encoding: 'utf8',
    ...(input === undefined ? {} : { input }),
    maxBuffer: 64 * 1024 * 1024,
  });
  const last = done.stderr.trim().split('\n').at(-1) ?? '';
  return {
    code: done.status,
    out: done.stdout,
    json: () => JSON.parse(done.stdout) as never,
    error: () => JSON.parse(last) as { error: { kind: string; message: string } },
  };
}

const small = canonicalText(
  planWith({ party: [group('all', 6)], placements: [lies('brie', 250), lies('green-grapes', 200)] }),
);

describe('the headless command', () => {
  test('the demo is composed and laid, and its plan can be checked', () => {
    const demo = plate(['demo', 'comet-watch']);
    expect(demo.code).toBe(0);
    const checked = plate(['check', '-'], demo.out).json() as { guests: { lookedAfter: boolean }[] };
    expect(checked.guests.every((g) => g.lookedAfter)).toBe(true);
    const laid = plate(['lay', '-', '--seed', '3'], demo.out).json() as {
      surfaces: { elements: unknown[]; coverage: number }[];
    };
    expect(laid.surfaces).toHaveLength(4);
  });

  test('verdicts follow a setting', () => {
    const of = (...more: string[]) =>
      (plate(['verdicts', '--need', 'vegetarian', ...more]).json() as { id: string; verdict: string }[]).find(
        (c) => c.id === 'parmigiano',
      )!.verdict;
    expect([of(), of('--setting', 'rennet=lenient')]).toEqual(['forbidden', 'fine']);
  });

  test('verdicts in one form judge only the foods that have it', () => {
    const list = plate(['verdicts', '--need', 'child-1-3', '--form', 'quartered']).json() as {
      id: string;
      form: string;
      verdict: string;
    }[];
    expect(list.find((c) => c.id === 'green-grapes')).toMatchObject({ form: 'quartered', verdict: 'fine' });
    expect(list.every((c) => c.form === 'quartered')).toBe(true);
  });

  test('a label is read, and judged for the need that is named', () => {
    const text = 'Ingredients: rice, salt. May contain traces of milk.';
    const read = plate(['label', '-', '--need', 'dairy-free'], text).json() as {
      facts: Record<string, string>;
      spans: { start: number; end: number; text: string }[];
      verdict: string;
    };
    expect(read.facts['allergen.milk']).toBe('may');
    for (const s of read.spans) expect(text.slice(s.start, s.end)).toBe(s.text);
    expect(read.verdict).toBe('forbidden');
    const wide = plate(['label', '-', '--need', 'dairy-free', '--setting', 'traces=accept'], text);
    expect((wide.json() as { verdict: string }).verdict).toBe('fine');
  });

  test('guests says what each group may eat, and the certificate', () => {
    const done = plate(['guests', '-'], small).json() as {
      groups: { fine: { id: string }[]; lookedAfter: boolean }[];
      certificate: { text: string };
    };
    expect(done.groups[0]!.fine.map((f) => f.id).sort()).toEqual(['brie', 'green-grapes']);
    expect(done.certificate.text.length).toBeGreaterThan(10);
  });

  test('a wrong need, setting or form lists what there is', () => {
    const valid = (...args: string[]) =>
      JSON.stringify((plate(args).error().error as unknown as { problems: unknown }).problems);
    expect(valid('verdicts', '--need', 'hallal')).toContain('kosher-style');
    expect(valid('verdicts', '--need', 'halal', '--setting', 'renet=strict')).toContain('rennet');
    expect(valid('verdicts', '--need', 'halal', '--form', 'crumbs')).toContain('quartered');
  });

  test('an edit is applied and comes back as a plan', () => {
    const done = plate(['apply', '-', '--command', '{"name":"leave-out","componentId":"brie"}'], small);
    expect((JSON.parse(done.out) as Plan).placements.map((p) => p.componentId)).toEqual(['green-grapes']);
  });

  test('swaps, schema, needs and the catalogue are JSON', () => {
    expect((plate(['swap', '-', '--component', 'brie'], small).json() as unknown[]).length).toBeGreaterThan(
      3,
    );
    expect(plate(['schema']).json()).toMatchObject({ type: 'object' });
    expect((plate(['needs']).json() as { id: string }[]).map((n) => n.id)).toContain('gluten-free');
    expect((plate(['catalogue']).json() as unknown[]).length).toBeGreaterThan(80);
  });

  test.each([
    [['check', '/no/such/file']],
    [['check']],
    [['verdicts', '--need', 'hallal']],
    [['verdicts', '--need', 'halal', '--setting', 'rennet=maybe']],
    [['label']],
    [['label', '-', '--need', 'nonsense']],
    [['nonsense']],
    [['swap', '-', '--component', 'feta']],
    [['lay', '-', '--seed', 'x']],
    [['apply', '-', '--command', '{']],
  ])('bad input %j ends with 2 and says why as JSON on standard error', (args) => {
    const done = plate(args, small);
    expect(done.code).toBe(2);
    expect(done.out).toBe('');
    expect(done.error().error.kind).toBe('bad-input');
  });

  test('a file that is no plan is refused with the field', () => {
    const file = path.join(mkdtempSync(path.join(tmpdir(), 'plate-')), 'x.json');
    writeFileSync(file, small.replace('"count": 6', '"count": 0'));
    expect(JSON.stringify(plate(['check', file]).error())).toContain('party[0].count');
  });

  test('schools give what each is worth for the plan', () => {
    const offers = plate(['schools', '-'], small).json() as { id: string; totalG: number; chosen: boolean }[];
    expect(offers.find((o) => o.chosen)!.id).toBe('by-family');
    expect(offers.find((o) => o.id === 'combined')!.totalG).toBeLessThan(
      offers.find((o) => o.id === 'by-family')!.totalG,
    );
  });

  test('a board is converted, with its bound, its changes and what is open', () => {
    const c = plate(['convert', '-', '--to', 'vegan,nut-free', '--guests', '12'], small).json() as {
      status: string;
      objective: number;
      bound: number;
      plan: { party: { count: number }[] };
      changes: { from: string; kind: string }[];
    };
    expect([c.status, c.plan.party[0]!.count]).toEqual(['optimal', 12]);
    expect(c.bound).toBeLessThanOrEqual(c.objective + 1e-6);
    expect(c.changes.map((x) => x.from)).toContain('brie');
  });

  test('bites of a group and swaps of one kind are lists', () => {
    expect(plate(['bites', '-', '--group', 'all'], small).json()).toEqual([]);
    const made = plate(['swap', '-', '--component', 'brie', '--kinds', 'form'], small).json() as {
      kind: string;
    }[];
    expect(new Set(made.map((s) => s.kind))).toEqual(new Set(['form']));
  });

  test.each([
    [['convert', '-', '--to', 'moon'], /--to takes needs of vegan/],
    [['convert', '-'], /say what it shall become/],
    [['convert', '-', '--cheaper', 'x'], /--cheaper takes a number/],
    [['bites', '-', '--group', 'ghost'], /--group takes one of all/],
    [['swap', '-', '--component', 'brie', '--kinds', 'magic'], /--kinds takes component/],
    [['why', '-', '--component', 'nothing'], /a component of the larder/],
    [['compose', '-', '--gap', '7'], /--gap takes a number from 0 to 1/],
  ])('%j is refused with what would be valid', (args, message) => {
    const done = plate(args, small);
    expect([done.code, message.test(done.error().error.message)]).toEqual([2, true]);
  });
});
