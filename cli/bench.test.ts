import { describe, expect, test } from '@jest/globals';
import { plate } from './testing/plate.js';

describe('the bench', () => {
  interface Nested {
    count: number;
    byCutter: Record<string, number>;
    placements: { cutter: string; outline: [number, number][] }[];
    container: [number, number][];
    yield: number;
    bound: number;
    steps: number;
  }

  test('nests cutters in a slice, the same for the same seed and steps', async () => {
    const asked = ['nest', '--cutter', 'star:30', '--slice', 'disc:110', '--steps', '60'];
    const { code, out, json } = await plate(asked);
    expect(code).toBe(0);
    const found = json<Nested>();
    expect(found.count).toBeGreaterThanOrEqual(11);
    expect(found.placements).toHaveLength(found.count);
    expect(found.bound).toBeGreaterThanOrEqual(found.count);
    expect(found.yield).toBeCloseTo(
      (found.count * 15 * 15 * 5 * 0.45 * Math.sin(Math.PI / 5)) / (Math.PI * 55 * 55),
      3,
    );
    expect(found.container.length).toBeGreaterThan(300);
    expect((await plate(asked)).out).toBe(out);
    const two = await plate(
      [
        'nest',
        '--cutter',
        'star:24',
        '--cutter',
        'own.svg:20',
        '--want',
        'star=2',
        '--want',
        'own.svg=3',
        '--slice',
        'rect:100x80',
      ],
      '',
      { 'own.svg': '<svg xmlns="http://www.w3.org/2000/svg"><rect width="8" height="3"/></svg>' },
    );
    expect(two.json<Nested>().byCutter).toEqual({ star: 2, 'own.svg': 3 });
  });

  test('says where a cutter is thin', async () => {
    const found = (await plate(['neck', '--cutter', 'E:25'])).json<{ neckMm: number; tipMm: number }>();
    expect(found.neckMm).toBeCloseTo(5, 1);
    expect(found.tipMm).toBeGreaterThan(4);
    const ham = (await plate(['neck', '--cutter', 'crescent:17', '--food', 'cooked-ham'])).json<
      Record<string, unknown>
    >();
    expect(ham).toMatchObject({ verdict: 'breaks', needsMm: 6 });
    expect(ham.smallestMm).toBeGreaterThan(18);
    expect(ham.takenBy).toContain('young-gouda');
  });

  test.each([
    [['nest', '--slice', 'disc:110'], '--cutter'],
    [['nest', '--cutter', 'star:30'], '--slice'],
    [['nest', '--cutter', 'nothing:30', '--slice', 'disc:110'], 'nothing'],
    [['nest', '--cutter', 'star', '--slice', 'disc:110'], 'id:size'],
    [['nest', '--cutter', 'star:30', '--slice', 'ring:30/40'], 'hole'],
    [['nest', '--cutter', 'star:30', '--slice', 'moon:30'], 'a slice is'],
    [['nest', '--cutter', 'star:30', '--slice', 'disc:110', '--want', 'moon=3'], '--want'],
    [['nest', '--cutter', 'star:30', '--slice', 'disc:110', '--turns', 'left'], '--turns'],
    [['neck', '--cutter', 'open.svg'], 'open'],
    [['neck', '--cutter', 'absent.svg'], 'cannot be read'],
  ])('%j is refused with its reason', async (args, reason) => {
    const files = { 'open.svg': '<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0L20 0L20 20"/></svg>' };
    const { code, error } = await plate(args, '', files);
    expect(code).toBe(2);
    expect(error().error.message).toContain(reason);
  });

  test.each([
    [['fold', '--kind', 'chain', '--slice', '90', '--slices', '11'], { slices: 11, lengthMm: 360, count: 1 }],
    [
      ['fold', '--kind', 'rose-over-glass', '--slice', '90', '--grams', '100', '--food', 'salami'],
      { folds: 'folds' },
    ],
    [
      ['window', '--wheel', '110x30', '--cutter', 'disc:60', '--lid', '9'],
      { fits: true, wallMm: 25, fillG: 33 },
    ],
    [['window', '--wheel', '110x30', '--cutter', 'star:100'], { fits: false }],
    [['mould', '--id', 'star-tray', '--food', 'young-gouda', '--count', '7'], { fills: 3, suits: 'yes' }],
    [['mould', '--id', 'ice', '--inner', '110', '--wall', '25'], { outerMm: 160, wallToLastMm: 15 }],
    [
      ['word', 'COMET', '--slice', 'rect:110x80', '--food', 'young-gouda'],
      { nested: true, fits: true, slices: 1 },
    ],
    [['word', 'COMET', '--slice', 'rect:110x80', '--food', 'young-gouda', '--room', '40'], { fits: false }],
    [['section', 'cucumber', '--cut', 'coins'], { pieces: 52, notUnder5: true }],
  ])('%j answers with its figures', async (args, figures) => {
    const { code, json } = await plate(args);
    expect(code).toBe(0);
    expect(json()).toMatchObject(figures);
  });

  test.each([
    [['fold', '--kind', 'knot', '--slice', '90'], '--kind'],
    [['fold', '--kind', 'chain'], '--slice'],
    [['fold', '--kind', 'chain', '--slice', '90', '--slices', '3', '--grams', '9'], 'one of'],
    [['window', '--wheel', '110', '--cutter', 'disc:60'], '--wheel'],
    [['window', '--wheel', '110x30'], '--cutter'],
    [['mould', '--id', 'boot', '--food', 'brie', '--count', '1'], 'boot'],
    [['mould', '--id', 'star-tray', '--food', 'nothing', '--count', '1'], 'nothing'],
    [['word', '--slice', 'disc:110', '--food', 'edam'], 'a text'],
    [['word', 'A', '--slice', 'disc:110', '--food', 'edam', '--set', 'gothic'], '--set'],
    [['section', 'brie', '--cut', 'coins'], 'brie'],
    [['section', 'cucumber', '--cut', 'fan'], '--cut'],
  ])('%j is no question for it', async (args, reason) => {
    const { code, error } = await plate(args);
    expect(code).toBe(2);
    expect(error().error.message).toContain(reason);
  });

  test('lists ids and units when asked for help', async () => {
    const { code, out } = await plate(['nest', '--help']);
    expect(code).toBe(0);
    expect(out).toContain('crescent');
    expect(out).toContain('mm');
  });
});
