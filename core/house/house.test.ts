import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../catalogue/index.js';
import { WEIGHTS } from '../swap/index.js';
import {
  HOUSE,
  HOUSE_FORMAT,
  HOUSE_KINDS,
  houseText,
  keptOf,
  readHouse,
  readKept,
  withKnownPacks,
  type Kept,
} from './index.js';
import { priceSchema, type Price } from '../plan/index.js';
import { inEnglish } from '../words/index.js';

const answer = {
  componentId: CATALOGUE[0]!.id,
  fact: 'rennet' as const,
  value: 'microbial',
  who: 'Ana',
  when: '2027-05-01T10:00',
  seen: 'label',
};
const ALL: Kept[] = [
  keptOf('foods', { ...CATALOGUE[3]!, id: 'own-thing' as never, name: 'Own thing' }),
  keptOf('answers', answer),
  keptOf('boards', {
    name: 'Harbour',
    portions: 12,
    role: 'drinks',
    otherDishes: 0,
    eatenG: { cheese: 400 },
  }),
  keptOf('recipes', {
    id: 'own-herb-oil',
    name: 'Herb oil',
    family: 'spread-dip',
    parts: [{ componentId: CATALOGUE[0]!.id, massG: 100 }],
    outG: 100,
    handsMin: 5,
    waitMin: 0,
    keepsH: 24,
    holdOut: 'perishable',
    steps: '',
  }),
  keptOf('prices', {
    componentId: CATALOGUE[0]!.id,
    currency: 'EUR',
    packs: [{ massG: 250, priceMinor: 390 }],
  }),
  keptOf('schools', { name: 'Mine', rows: { cheese: 60 } }),
  keptOf('themes', { name: 'Reef', palette: ['#224466'], motifs: ['none'], region: '', mood: 'abundant' }),
  keptOf('surfaces', {
    name: 'Oak',
    outline: { kind: 'round', diameterMm: 500 },
    rimMm: 12,
    material: 'oak',
  }),
  keptOf('tools', {
    name: 'At home',
    bowls: [{ diameterMm: 90, count: 6 }],
    tools: { knives: 5, spoons: 8, tongs: 2 },
  }),
  keptOf('weights', WEIGHTS),
];

describe('what outlives a plan', () => {
  test('goes out and comes back the same, one of every kind', () => {
    expect(ALL.map((kept) => kept.kind).sort()).toEqual([...HOUSE_KINDS].sort());
    expect(readHouse(houseText(ALL))).toEqual({ kept: ALL, problems: [] });
  });

  test('has a key under which the newer takes the older’s place, and a name to read', () => {
    for (const { kind, key, value } of ALL) {
      expect(key.length).toBeGreaterThan(0);
      expect(HOUSE[kind].nameOf(value as never).length).toBeGreaterThan(2);
    }
    expect(keptOf('answers', { ...answer, value: 'animal' }).key).toBe(keptOf('answers', answer).key);
  });

  test('an older version is brought up to now, a newer one is refused', () => {
    const schools = HOUSE.schools as unknown as { version: number; migrations: ((v: unknown) => unknown)[] };
    Object.assign(schools, {
      version: 2,
      migrations: [(v: unknown) => ({ ...(v as object), name: `${(v as { name: string }).name}!` })],
    });
    expect(readKept('schools', 1, { name: 'Old', rows: {} })).toMatchObject({
      ok: true,
      kept: { key: 'Old!', version: 2 },
    });
    expect(readKept('schools', 3, { name: 'New', rows: {} })).toMatchObject({ ok: false });
    Object.assign(schools, { version: 1, migrations: [] });
  });
});

describe('a file from outside', () => {
  const file = (kept: unknown) => JSON.stringify({ format: HOUSE_FORMAT, version: 1, kept });

  test.each([
    ['no JSON', '{', 'as JSON'],
    ['a list', '[]', 'no house file'],
    ['nothing', 'null', 'no house file'],
    ['another format', '{"format":"x"}', 'no house file'],
    ['a later version', JSON.stringify({ format: HOUSE_FORMAT, version: 9, kept: [] }), 'another version'],
    ['kept is no list', file('all'), 'a list is expected'],
    ['too large', ' '.repeat(9 * 1024 * 1024), 'larger'],
  ])('%s is refused with its reason', (_what, text, reason) => {
    const read = readHouse(text);
    expect(read.kept).toEqual([]);
    expect(inEnglish(read.problems[0]!.reason)).toContain(reason);
  });

  test('what is good is taken, what is not is told with its place', () => {
    const read = readHouse(
      file([
        { kind: 'schools', version: 1, value: { name: 'Good', rows: {} } },
        { kind: 'moons', version: 1, value: {} },
        { kind: 'schools', version: 'new', value: { name: 'x', rows: {} } },
        { kind: 'schools', version: 1, value: { name: '', rows: {} } },
        null,
      ]),
    );
    expect(read.kept.map((kept) => kept.key)).toEqual(['Good']);
    expect(read.problems.map((problem) => problem.path)).toEqual(['kept.1', 'kept.2', 'kept.3', 'kept.4']);
    expect(inEnglish(read.problems[2]!.reason)).toMatch(/^name/);
  });

  test('whatever is in it, nothing throws', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        const read = readHouse(file([{ kind: 'foods', version: 1, value }, value]));
        expect(read.problems.length).toBe(2);
      }),
    );
  });
});

describe('what was paid', () => {
  const price = (packs: Price['packs'], food = 'brie'): Price => ({
    componentId: food as Price['componentId'],
    currency: 'EUR',
    packs,
  });
  test('takes the place of the same pack in the same shop; other packs and shops stay', () => {
    const house = [
      price([
        { massG: 250, priceMinor: 390 },
        { massG: 250, priceMinor: 420, shop: 'Market hall' },
        { massG: 125, priceMinor: 220 },
      ]),
      price([{ massG: 9, priceMinor: 9 }], 'feta'),
    ];
    const paid = price([{ massG: 250, priceMinor: 450, shop: 'Market hall' }]);
    expect(withKnownPacks(paid, house).packs).toEqual([
      { massG: 250, priceMinor: 450, shop: 'Market hall' },
      { massG: 250, priceMinor: 390 },
      { massG: 125, priceMinor: 220 },
    ]);
    expect(withKnownPacks(paid, [])).toEqual(paid);
    const many = Array.from({ length: 12 }, (_, i) => ({ massG: 10 + i, priceMinor: 100 }));
    const merged = withKnownPacks(paid, [price(many)]);
    expect(priceSchema.safeParse(merged).success).toBe(true);
  });
});
