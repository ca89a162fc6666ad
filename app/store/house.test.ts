import '../testing/indexed-db.js';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { WEIGHTS } from '../../core/swap/index.js';
import { until } from '../testing/fake-worker.js';
import { db } from './db.js';
import { inEnglish } from '../../core/words/index.js';

const stored = new Map<string, string>();
(globalThis as unknown as { localStorage: unknown }).localStorage = {
  getItem: (key: string) => stored.get(key) ?? null,
  setItem: (key: string, value: string) => void stored.set(key, value),
};
const {
  bringInHouse,
  closeHouse,
  forget,
  houseFile,
  houseValues,
  keepInHouse,
  moveOldSettings,
  openHouse,
  useHouse,
} = await import('./house.js');

const school = (name: string) => ({ name, rows: { cheese: 50 } });

beforeEach(async () => {
  stored.clear();
  await db.house.clear();
});
afterEach(() => closeHouse());

test('what is kept is found again, the same name is one, and what is forgotten is gone', async () => {
  await keepInHouse('schools', school('A'), school('B'));
  await keepInHouse('schools', { ...school('A'), rows: { cheese: 70 } });
  const found = await houseValues('schools');
  expect(found.map((school) => [school.name, school.rows.cheese]).sort()).toEqual([
    ['A', 70],
    ['B', 50],
  ]);
  await forget('schools', 'A');
  expect((await houseValues('schools')).map((school) => school.name)).toEqual(['B']);
});

test('a page that is open sees what another one keeps', async () => {
  openHouse();
  await until(() => useHouse.getState().read);
  await keepInHouse('schools', school('From elsewhere'));
  await until(() => useHouse.getState().kept.length === 1);
  expect(useHouse.getState().kept[0]!.key).toBe('From elsewhere');
});

test('a row that cannot be read is told, and takes nothing else with it', async () => {
  await keepInHouse('schools', school('Good'));
  await db.house.bulkPut([
    { kind: 'schools', key: 'bad', version: 1, value: { name: 7 }, savedAt: 1 },
    { kind: 'moons', key: 'x', version: 1, value: {}, savedAt: 1 },
  ]);
  openHouse();
  await until(() => useHouse.getState().read);
  const { kept, damaged } = useHouse.getState();
  expect(kept.map((kept) => kept.key)).toEqual(['Good']);
  expect(damaged.map((d) => d.key).sort()).toEqual(['bad', 'x']);
  expect(await db.house.count()).toBe(3);
});

test('the house goes out as a file and comes into another browser; what is no good is told', async () => {
  await keepInHouse('schools', school('A'));
  await keepInHouse('weights', WEIGHTS);
  const text = await houseFile();
  await db.house.clear();
  const read = await bringInHouse(text.replace('"schools"', '"schoolz"'));
  expect(read.problems).toHaveLength(1);
  expect(await houseValues('weights')).toEqual([WEIGHTS]);
  await bringInHouse(text);
  expect((await houseValues('schools')).map((school) => school.name)).toEqual(['A']);
});

test('what older versions kept among the settings moves in once, and leaves them', async () => {
  const theme = { name: 'Reef', palette: [], motifs: ['none'], region: '', mood: 'abundant' };
  stored.set(
    'round-plate.settings',
    JSON.stringify({
      theme: 'evening',
      ownSchools: [school('Old'), 7],
      ownThemes: [theme],
      weights: WEIGHTS,
    }),
  );
  await moveOldSettings();
  await moveOldSettings();
  expect((await houseValues('schools')).map((school) => school.name)).toEqual(['Old']);
  expect((await houseValues('themes')).map((theme) => theme.name)).toEqual(['Reef']);
  expect(await houseValues('weights')).toEqual([WEIGHTS]);
  expect(JSON.parse(stored.get('round-plate.settings')!)).toEqual({ theme: 'evening' });
});

test('a full shelf takes no more, says so, and loses nothing that it holds', async () => {
  const full = Array.from({ length: 50 }, (_, i) => school(`Nr ${i}`));
  expect(await keepInHouse('schools', ...full)).toBe(true);
  expect(await keepInHouse('schools', school('One more'))).toBe(false);
  // a newer one of the same name still takes its place
  expect(await keepInHouse('schools', { ...school('Nr 7'), rows: { cheese: 70 } })).toBe(true);
  const names = (await houseValues('schools')).map((school) => school.name);
  expect(names).toHaveLength(50);
  expect(names).not.toContain('One more');

  const text = (await houseFile()).replaceAll('"Nr ', '"Other ');
  const read = await bringInHouse(text);
  expect(read.kept).toEqual([]);
  expect(read.problems.map((problem) => inEnglish(problem.reason))).toEqual([
    expect.stringContaining('room for 50'),
  ]);
  expect(await houseValues('schools')).toHaveLength(50);
});
