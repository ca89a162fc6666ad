import { describe, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { canonicalText, type Plan } from '../core/plan/index.js';
import { group, lies, planWith } from '../core/testing/plans.js';
import { answer, plate, type Answer } from './testing/plate.js';

/** As a stylist's script calls it. */
function spawned(args: string[], input?: string): Answer {
  const done = spawnSync(process.execPath, ['scripts/plate.mjs', ...args], {
    encoding: 'utf8',
    ...(input === undefined ? {} : { input }),
    maxBuffer: 64 * 1024 * 1024,
  });
  return answer(done.status, done.stdout, done.stderr);
}

const small = canonicalText(
  planWith({ party: [group('all', 6)], placements: [lies('brie', 250), lies('green-grapes', 200)] }),
);

describe('the headless command', () => {
  test('started as a process: a demo is composed and laid, and its plan can be checked', () => {
    const demo = spawned(['demo', 'lamp-boat-sweets']);
    expect(demo.code).toBe(0);
    const checked = spawned(['check', '-'], demo.out);
    expect(
      checked.json<{ guests: { lookedAfter: boolean }[] }>().guests.every((guest) => guest.lookedAfter),
    ).toBe(true);
    const refused = spawned(['lay', '-', '--seed', 'x'], demo.out);
    expect([refused.code, refused.out]).toEqual([2, '']);
    expect(refused.error().error.kind).toBe('bad-input');
  });

  test('a board is laid by its seed, and drawn into a file', async () => {
    const files: Record<string, string> = {};
    const lay = (seed: string) => plate(['lay', '-', '--seed', seed, '--svg', 'board.svg'], small, files);
    const [answer, again, otherAnswer] = [await lay('3'), await lay('3'), await lay('4')];
    const laid = answer.json<{ surfaces: { elements: { component: string }[]; coverage: number }[] }>();
    expect(laid.surfaces).toHaveLength(1);
    expect(new Set(laid.surfaces[0]!.elements.map((element) => element.component))).toEqual(
      new Set(['brie', 'green-grapes']),
    );
    expect(files['board.svg']).toContain('<svg');
    expect(again.out).toBe(answer.out);
    expect(otherAnswer.out).not.toBe(answer.out);
    expect(files['board.svg']).not.toContain('>Brie<');
    await plate(['lay', '-', '--seed', '3', '--svg', 'served.svg', '--cards', 'yes'], small, files);
    expect(files['served.svg']).toContain('>Brie<');
  });

  test('verdicts follow a setting', async () => {
    const of = async (...more: string[]) =>
      (await plate(['verdicts', '--need', 'vegetarian', ...more]))
        .json<{ id: string; verdict: string }[]>()
        .find((c) => c.id === 'parmigiano')!.verdict;
    expect([await of(), await of('--setting', 'rennet=lenient')]).toEqual(['forbidden', 'fine']);
  });

  test('verdicts in one form judge only the foods that have it', async () => {
    const done = await plate(['verdicts', '--need', 'child-1-3', '--form', 'quartered']);
    const list = done.json<{ id: string; form: string; verdict: string }[]>();
    expect(list.find((c) => c.id === 'green-grapes')).toMatchObject({ form: 'quartered', verdict: 'fine' });
    expect(list.every((c) => c.form === 'quartered')).toBe(true);
  });

  test('a label is read, and judged for the need that is named', async () => {
    const text = 'Ingredients: rice, salt. May contain traces of milk.';
    const read = (await plate(['label', '-', '--need', 'dairy-free'], text)).json<{
      facts: Record<string, string>;
      spans: { start: number; end: number; text: string }[];
      verdict: string;
    }>();
    expect(read.facts['allergen.milk']).toBe('may');
    for (const span of read.spans) expect(text.slice(span.start, span.end)).toBe(span.text);
    expect(read.verdict).toBe('forbidden');
    const wide = await plate(['label', '-', '--need', 'dairy-free', '--setting', 'traces=accept'], text);
    expect(wide.json<{ verdict: string }>().verdict).toBe('fine');
  });

  test('guests says what each group may eat, and the certificate', async () => {
    const done = (await plate(['guests', '-'], small)).json<{
      groups: { fine: { id: string }[]; lookedAfter: boolean }[];
      certificate: { text: string };
    }>();
    expect(done.groups[0]!.fine.map((f) => f.id).sort()).toEqual(['brie', 'green-grapes']);
    expect(done.certificate.text.length).toBeGreaterThan(10);
  });

  test('a wrong need, setting or form lists what there is', async () => {
    const valid = async (...args: string[]) => JSON.stringify((await plate(args)).error().error.problems);
    expect(await valid('verdicts', '--need', 'hallal')).toContain('kosher-style');
    expect(await valid('verdicts', '--need', 'halal', '--setting', 'renet=strict')).toContain('rennet');
    expect(await valid('verdicts', '--need', 'halal', '--form', 'crumbs')).toContain('quartered');
  });

  test('an edit is applied and comes back as a plan', async () => {
    const done = await plate(['apply', '-', '--command', '{"name":"leave-out","componentId":"brie"}'], small);
    expect(done.json<Plan>().placements.map((placement) => placement.componentId)).toEqual(['green-grapes']);
  });

  test('swaps, schema, needs and the catalogue are JSON', async () => {
    const swaps = await plate(['swap', '-', '--component', 'brie'], small);
    expect(swaps.json<unknown[]>().length).toBeGreaterThan(3);
    expect((await plate(['schema'])).json()).toMatchObject({ type: 'object' });
    expect((await plate(['needs'])).json<{ id: string }[]>().map((n) => n.id)).toContain('gluten-free');
    expect((await plate(['catalogue'])).json<unknown[]>().length).toBeGreaterThan(80);
  });

  test.each([
    [['check', '/no/such/file']],
    [['check']],
    [['verdicts', '--need', 'hallal']],
    [['verdicts', '--need', 'halal', '--setting', 'rennet=maybe']],
    [['label']],
    [['label', '-', '--need', 'nonsense']],
    [['nonsense']],
    [['toString']],
    [[]],
    [['check', '--loud', 'yes']],
    [['swap', '-', '--component', 'feta']],
    [['lay', '-', '--seed', 'x']],
    [['lay', '-', '--seed', '0x10']],
    [['lay', '-', '--svg', 'board.svg', '--cards', 'many']],
    [['lay', '-', '--svg', '/no/such/folder/board.svg']],
    [['party']],
    [['convert', '-', '--guests', '-5']],
    [['apply', '-', '--command', '{']],
  ])('bad input %j ends with 2 and says why as JSON on standard error', async (args) => {
    const done = await plate(args, small);
    expect(done.code).toBe(2);
    expect(done.out).toBe('');
    expect(done.error().error.kind).toBe('bad-input');
  });

  test('a file that is no plan is refused with the field', async () => {
    const refused = await plate(['check', 'x.json'], '', {
      'x.json': small.replace('"count": 6', '"count": 0'),
    });
    expect(JSON.stringify(refused.error())).toContain('party[0].count');
  });

  test('schools give what each is worth for the plan', async () => {
    const offers = (await plate(['schools', '-'], small)).json<
      { id: string; totalG: number; chosen: boolean }[]
    >();
    expect(offers.find((offer) => offer.chosen)!.id).toBe('by-family');
    expect(offers.find((offer) => offer.id === 'combined')!.totalG).toBeLessThan(
      offers.find((offer) => offer.id === 'by-family')!.totalG,
    );
  });

  test('a board is composed within its limits, with its bound; why tells what a food is worth on it', async () => {
    const asked = ['compose', '-', '--gap', '0.05', '--nodes', '200', '--alternatives', '1'];
    const c = (await plate(asked, small)).json<{
      status: string;
      plan: Plan;
      objective: number;
      bound: number;
      gap: number;
      alternatives: { plan: Plan }[];
    }>();
    expect(['optimal', 'feasible']).toContain(c.status);
    // points are a sum to make least: the bound lies below
    expect(c.bound).toBeLessThanOrEqual(c.objective + 1e-6);
    const kinds = (plan: Plan) =>
      [...new Set(plan.placements.map((placement) => placement.componentId))].sort();
    for (const alternative of c.alternatives) expect(kinds(alternative.plan)).not.toEqual(kinds(c.plan));
    const id = c.plan.placements[0]!.componentId;
    const why = await plate(['why', '-', '--component', id], canonicalText(c.plan));
    expect(why.json()).toMatchObject({ status: 'chosen' });
  });

  test('a board is converted, with its bound, its changes and what is open', async () => {
    const c = (await plate(['convert', '-', '--to', 'vegan,nut-free', '--guests', '12'], small)).json<{
      status: string;
      objective: number;
      bound: number;
      plan: { party: { count: number }[] };
      changes: { from: string; kind: string }[];
    }>();
    expect([c.status, c.plan.party[0]!.count]).toEqual(['optimal', 12]);
    expect(c.bound).toBeLessThanOrEqual(c.objective + 1e-6);
    expect(c.changes.map((change) => change.from)).toContain('brie');
  });

  test('bites of a group and swaps of one kind are lists', async () => {
    expect((await plate(['bites', '-', '--group', 'all'], small)).json()).toEqual([]);
    const made = await plate(['swap', '-', '--component', 'brie', '--kinds', 'form'], small);
    expect(new Set(made.json<{ kind: string }[]>().map((s) => s.kind))).toEqual(new Set(['form']));
  });

  test.each([
    [['convert', '-', '--to', 'moon'], /--to takes needs of vegan/],
    [['convert', '-'], /say what it shall become/],
    [['convert', '-', '--cheaper', 'x'], /--cheaper takes a number/],
    [['bites', '-', '--group', 'ghost'], /--group takes one of all/],
    [['swap', '-', '--component', 'brie', '--kinds', 'magic'], /--kinds takes component/],
    [['why', '-', '--component', 'nothing'], /a component of the larder/],
    [['compose', '-', '--gap', '7'], /--gap takes a number from 0 to 1/],
  ])('%j is refused with what would be valid', async (args, message) => {
    const done = await plate(args, small);
    expect([done.code, message.test(done.error().error.message)]).toEqual([2, true]);
  });
});

describe('laying', () => {
  interface Laid {
    plan: Plan;
    surfaces: {
      id: string;
      figures: { covered: number; pieces: number };
      scores: Record<string, number>;
      elements: { id: string; pile: number; component: string; pieces: [number, number][][] }[];
      unlaid: { component: string; massG: number; why: string }[];
      slips: { code: string; text: string; places: { x: number; y: number; r: number }[] }[];
    }[];
  }

  test('prints figures, scores from 0 to 1, each piece’s outline, what is not laid, and slips with their places', async () => {
    const { code, json } = await plate(['lay', '-', '--steps', '2'], small);
    expect(code).toBe(0);
    const [surface] = json<Laid>().surfaces;
    for (const score of Object.values(surface!.scores)) {
      expect(score).toBeGreaterThanOrEqual(0);
      expect(score).toBeLessThanOrEqual(1);
    }
    expect(Object.keys(surface!.scores)).toEqual(
      expect.arrayContaining(['cover', 'colours', 'pairs', 'reach']),
    );
    for (const { pieces, pile } of surface!.elements) {
      expect(pile).toBeGreaterThanOrEqual(1);
      for (const outline of pieces) expect(outline.length).toBeGreaterThan(2);
    }
    const placed = json<Laid>().plan.placements.filter(({ lot }) => lot === 0);
    expect(
      surface!.unlaid.every(({ component }) =>
        placed.some((placement) => placement.componentId === component),
      ),
    ).toBe(true);
    for (const { places, text } of surface!.slips) {
      expect(text.length).toBeGreaterThan(5);
      for (const { r } of places) expect(r).toBeGreaterThan(0);
    }
  });

  test('a draft without steps and one with many differ, the same steps do not', async () => {
    const lay = async (steps: string) => (await plate(['lay', '-', '--steps', steps], small)).json<Laid>();
    const [draft, again, settled] = [await lay('0'), await lay('0'), await lay('6')];
    expect(again.surfaces).toEqual(draft.surfaces);
    expect(settled.surfaces).not.toEqual(draft.surfaces);
  });

  test('sheets are written as PDF; what is wrong is told with what would be valid', async () => {
    const files: Record<string, string | Uint8Array> = {};
    const laid = (await plate(['lay', '-'], small)).json<Laid>().plan;
    const text = JSON.stringify(laid);
    const done = await plate(['sheet', '-', '--kind', 'build', '--pdf', 'b.pdf'], text, files);
    expect([done.code, String.fromCharCode(...(files['b.pdf'] as Uint8Array).slice(0, 5))]).toEqual([
      0,
      '%PDF-',
    ]);
    for (const [args, message] of [
      [['sheet', '-', '--kind', 'cake', '--pdf', 'b.pdf'], /--kind takes build, legend, template/],
      [['sheet', '-', '--kind', 'build'], /--pdf file/],
      [['sheet', '-', '--kind', 'build', '--pdf', 'b.pdf', '--paper', 'a3'], /--paper takes a4, letter/],
      [['sheet', '-', '--kind', 'build', '--pdf', 'b.pdf', '--surface', 'x'], /no surface "x"/],
      [['lay', '-', '--png', 'x.png'], /needs Chromium/],
      [['lay', '-', '--steps', '99'], /--steps takes a number from 0 to 40/],
    ] as const) {
      const refused = await plate([...args], text);
      expect([refused.code, message.test(refused.error().error.message)]).toEqual([2, true]);
    }
    const bare = await plate(
      ['sheet', '-', '--kind', 'legend', '--pdf', 'b.pdf'],
      JSON.stringify({ ...laid, layout: [] }),
    );
    expect(bare.error().error.message).toMatch(/lay the plan first/);
  });
});
