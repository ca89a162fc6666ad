import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { brief, group, id, lies, planWith } from '../testing/plans.js';
import {
  applyCommand,
  canonicalText,
  clashes,
  diff,
  shared,
  migrate,
  MIGRATIONS,
  planLarder,
  play,
  PLAN_VERSION,
  readPlan,
  readPlanText,
  type Command,
  type Plan,
} from './index.js';
import { inEnglish } from '../words/index.js';

const problems = (text: string) => {
  const read = readPlanText(text);
  return read.ok ? [] : read.problems;
};

describe('reading a plan', () => {
  const text = canonicalText(brief());

  test('export, import and export again are equal to the byte', () => {
    const read = readPlanText(text);
    expect(read.ok && canonicalText(read.plan)).toBe(text);
  });

  test('one bad field refuses the plan with its path: what else is known is never emptied to make it fit', () => {
    const whole = JSON.parse(
      readFileSync(new URL(`./samples/v${PLAN_VERSION}.plate.json`, import.meta.url), 'utf8'),
    ) as Record<string, unknown>;
    for (const [key, value] of Object.entries(whole)) {
      if (typeof value !== 'object' || value === null) continue;
      const bad = Array.isArray(value) ? [...value, { no: 'such thing' }] : { ...value, surely: 'not there' };
      const read = readPlan({ ...whole, [key]: bad });
      expect([key, read.ok]).toEqual([key, false]);
      if (!read.ok) expect(read.problems.some(({ path }) => path.startsWith(key))).toBe(true);
    }
  });

  test('the kept sample of every version can be read', () => {
    for (let v = 1; v <= PLAN_VERSION; v++) {
      const sample = readFileSync(new URL(`./samples/v${v}.plate.json`, import.meta.url), 'utf8');
      expect(readPlanText(sample).ok).toBe(true);
    }
  });

  test('the chain runs step by step, stamps after success, and says where it has no way', () => {
    const steps = [1, 2].map((from) => ({
      from,
      name: `step ${from}`,
      step: (d: Record<string, unknown>) => ({ ...d, [`s${from}`]: d.version }),
    }));
    expect(migrate({ version: 1 }, steps, 3)).toEqual({ version: 3, s1: 1, s2: 2 });
    expect(() => migrate({ version: 1 }, steps, 4)).toThrow('no way from version 3');
    expect(MIGRATIONS.map((migration) => migration.from)).toEqual(
      Array.from({ length: PLAN_VERSION - 1 }, (_, i) => i + 1),
    );
  });

  test.each([
    ['no JSON', 'hello', 'not-json', ''],
    ['a truncated file', text.slice(0, text.length / 2), 'not-json', ''],
    ['a list', '[]', 'not-a-plan', ''],
    ['another format', '{"format":"other","version":1}', 'not-a-plan', 'format'],
    [
      'a newer version',
      text.replace(`"version": ${PLAN_VERSION}`, '"version": 99'),
      'newer-version',
      'version',
    ],
    ['no version', text.replace(`"version": ${PLAN_VERSION}`, '"version": "x"'), 'bad-version', 'version'],
    [
      'a prototype key',
      text.replace('"notes": ""', '"notes": "", "__proto__": {"x": 1}'),
      'unsafe-key',
      '__proto__',
    ],
    [
      'a nested prototype key',
      text.replace('"tools": {', '"tools": { "__proto__": {},'),
      'unsafe-key',
      'tools.__proto__',
    ],
    ['an unknown field', text.replace('"notes": ""', '"notes": "", "extra": 1'), 'bad-field', ''],
    ['a wrong count', text.replace('"count": 11', '"count": -1'), 'bad-field', 'party[0].count'],
    [
      'a day that is none',
      text.replace('2027-05-15T22:00', '2027-02-30T22:00'),
      'bad-field',
      'occasion.start',
    ],
    [
      'a need that is none',
      text.replace('"id": "halal",\n     "settings"', '"id": "hallal",\n     "settings"'),
      'bad-field',
      'party[2].needs[0]',
    ],
  ])('%s is refused, with the field and the reason', (_name, file, code, path) => {
    const found = problems(file);
    expect(found[0]).toMatchObject({ code, path });
    expect(inEnglish(found[0]!.reason).length).toBeGreaterThan(8);
  });

  test('a file over 5 MB is refused unread', () => {
    expect(problems(`"${'x'.repeat(5 * 1024 * 1024)}"`)[0]?.code).toBe('too-large');
  });

  test('markup in a name is kept as text', () => {
    const plan = planWith({ occasion: { ...brief().occasion, name: '<img src=x onerror=alert(1)>' } });
    const read = readPlan(JSON.parse(canonicalText(plan)));
    expect(read.ok && read.plan.occasion.name).toBe('<img src=x onerror=alert(1)>');
  });

  test('no text makes the reader throw', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => typeof readPlanText(text).ok === 'boolean'),
    );
  });
});

const start = (): Plan =>
  planWith({
    party: [group('all', 4), group('vegans', 2, ['vegan'])],
    placements: [lies('brie', 250), lies('green-grapes', 300)],
  });

const commands: fc.Arbitrary<Command> = fc.oneof(
  fc.record({
    name: fc.constant('set-notes' as const),
    notes: fc.string({ maxLength: 20 }).map((s) => s.trim()),
  }),
  fc.record({
    name: fc.constant('pin' as const),
    componentId: fc.constantFrom(id('brie'), id('feta')),
    on: fc.boolean(),
  }),
  fc.record({
    name: fc.constant('exclude' as const),
    componentId: fc.constantFrom(id('brie'), id('green-grapes')),
    on: fc.boolean(),
  }),
  fc.record({
    name: fc.constant('leave-out' as const),
    componentId: fc.constantFrom(id('brie'), id('green-grapes')),
  }),
  fc.record({ name: fc.constant('set-seed' as const), seed: fc.nat(1000) }),
  fc.constant<Command>({ name: 'remove-group', groupId: group('vegans', 1).id }),
  fc.constant<Command>({ name: 'set-group', group: group('more', 3, ['halal']) }),
  fc.constant<Command>({
    name: 'place',
    componentId: id('feta'),
    surfaceId: start().surfaces[0]!.id,
    placements: [lies('feta', 100)],
  }),
);

describe('commands', () => {
  test('any run of edits can be undone to the byte and done again', () => {
    fc.assert(
      fc.property(fc.array(commands, { maxLength: 12 }), (list) => {
        let plan = start();
        const first = canonicalText(plan);
        const done = list.map((command) => {
          const result = applyCommand(plan, command);
          if (!result.ok) throw new Error(JSON.stringify(result.problems));
          plan = result.plan;
          return result.changes;
        });
        const last = canonicalText(plan);
        const back = [...done].reverse().reduce((plan, changes) => play(plan, changes, 'back'), plan);
        expect(canonicalText(back)).toBe(first);
        const again = done.reduce((plan, changes) => play(plan, changes, 'forward'), back);
        expect(canonicalText(again)).toBe(last);
      }),
    );
  });

  test('an edit leaves the old document as it was', () => {
    const plan = start();
    const before = canonicalText(plan);
    applyCommand(plan, { name: 'leave-out', componentId: id('brie') });
    expect(canonicalText(plan)).toBe(before);
  });

  test('an edit that would leave a plan that cannot be read is refused with its field', () => {
    const surface = { ...start().surfaces[0]!, serves: [group('ghost', 1).id] };
    const result = applyCommand(start(), { name: 'set-surface', surface });
    expect(result).toMatchObject({ ok: false, problems: [{ path: 'surfaces[0].serves[0]' }] });
  });

  test('a group that leaves takes its overrulings and seats along', () => {
    const plan = planWith({
      ...start(),
      surfaces: [{ ...start().surfaces[0]!, serves: start().party.map((group) => group.id) }],
      overrulings: [
        {
          componentId: id('brie'),
          groupId: group('vegans', 1).id,
          who: 'Jory',
          why: 'asked her',
          when: '2027-05-01T10:00',
        },
      ],
    });
    const result = applyCommand(plan, { name: 'remove-group', groupId: group('vegans', 1).id });
    expect(result.ok && [result.plan.overrulings, result.plan.surfaces[0]?.serves]).toEqual([[], ['all']]);
  });

  test('moving food onto its like on another surface makes one heap of it', () => {
    const two = planWith({
      ...start(),
      surfaces: [start().surfaces[0]!, { ...start().surfaces[0]!, id: 'tray' as never, name: 'Tray' }],
      placements: [lies('green-grapes', 300), lies('green-grapes', 100, { surfaceId: 'tray' as never })],
    });
    const result = applyCommand(two, {
      name: 'move',
      componentId: id('green-grapes'),
      from: 'board' as never,
      to: 'tray' as never,
    });
    expect(
      result.ok && result.plan.placements.map((placement) => [placement.surfaceId, placement.massG]),
    ).toEqual([['tray', 400]]);
  });

  test('several edits at once are one step with one name', () => {
    const result = applyCommand(start(), {
      name: 'together',
      label: 'swap',
      commands: [
        { name: 'leave-out', componentId: id('brie') },
        { name: 'set-seed', seed: 9 },
      ],
    });
    expect(result.ok && [result.label, result.changes.length]).toEqual(['swap', 2]);
  });

  test('a turned element takes its outline along', () => {
    const outline: [number, number][] = [
      [10, 0],
      [20, 0],
      [20, 10],
    ];
    const element = {
      id: 'e',
      componentId: id('brie'),
      form: 'wheel' as const,
      contained: false,
      x: 10,
      y: 0,
      angle: 0,
      layer: 4,
      pinned: false,
      outline,
      pieces: [] as [number, number, number][],
      bowlMm: null,
    };
    const plan = planWith({
      ...start(),
      layout: [{ surfaceId: start().surfaces[0]!.id, elements: [element] }],
    });
    const result = applyCommand(plan, {
      name: 'move-element',
      surfaceId: start().surfaces[0]!.id,
      elementId: 'e',
      x: 0,
      y: 0,
      angle: 90,
    });
    expect(result.ok && result.plan.layout[0]!.elements[0]!.outline).toEqual([
      [0, 0],
      [0, 10],
      [-10, 10],
    ]);
  });
});

describe('what is shared of two documents', () => {
  const copy = <T>(value: T): T => structuredClone(value);

  test('it says what the newer one says, and is the older one where they say the same', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.jsonValue(), (before, after) => {
        expect(shared(before, after)).toEqual(after);
        expect(shared(before, copy(before))).toBe(before);
      }),
    );
  });

  test('a change leaves everything beside it as it was', () => {
    const before = planWith({ placements: [lies('brie', 250), lies('green-grapes', 300)] });
    const read = copy({
      ...before,
      notes: 'a',
      placements: [before.placements[0]!, lies('green-grapes', 200)],
    });
    const now = shared(before, read);
    expect(now).toEqual(read);
    expect(now.surfaces).toBe(before.surfaces);
    expect(now.placements[0]).toBe(before.placements[0]);
    expect(now.placements[1]!.massG).toBe(200);
  });
});

describe('diffs', () => {
  test('what another tab changed in the same place is told', () => {
    const changes = diff({ a: 1, b: 2 }, { a: 5, b: 2 });
    expect(clashes({ a: 5, b: 9 }, changes, 'back')).toEqual([]);
    expect(clashes({ a: 7, b: 2 }, changes, 'back')).toHaveLength(1);
  });

  test('a field that was not there is gone again after undo', () => {
    const changes = diff({}, { a: { b: 1 } });
    expect(play({ a: { b: 1 } }, changes, 'back')).toEqual({});
  });
});

test('an answer fills in the fact for this plan alone', () => {
  const answer = {
    componentId: id('brie'),
    fact: 'rennet' as const,
    value: 'microbial',
    who: 'Jory',
    when: '2027-05-01T10:00',
    seen: 'label',
  };
  expect(planLarder(planWith({ answers: [answer] })).get(id('brie'))?.rennet).toBe('microbial');
  expect(planLarder(planWith({})).get(id('brie'))?.rennet).toBe('depends');
});
