import { afterEach, describe, expect, jest, test } from '@jest/globals';

const KEY = 'round-plate.settings';
const kept = new Map<string, string>();
(globalThis as unknown as { localStorage: unknown }).localStorage = {
  getItem: (key: string) => kept.get(key) ?? null,
  setItem: (key: string, value: string) => void kept.set(key, value),
};

/** The settings as a page finds them that is opened now. */
async function opened(text?: string) {
  if (text !== undefined) kept.set(KEY, text);
  jest.resetModules();
  const { useSettings } = await import('./settings.js');
  return useSettings;
}

afterEach(() => kept.clear());

describe('the settings of this browser', () => {
  test('nothing kept: metric, by day, single keys act', async () => {
    const settings = (await opened()).getState();
    expect(settings).toMatchObject({ theme: 'day', units: 'metric', letterKeys: true, stylist: '' });
  });

  test('what is set is found again by the next page, without its functions', async () => {
    (await opened())
      .getState()
      .set({ theme: 'evening', units: 'imperial', letterKeys: false, stylist: 'Ana' });
    expect((await opened()).getState()).toMatchObject({
      theme: 'evening',
      units: 'imperial',
      letterKeys: false,
      stylist: 'Ana',
    });
    expect(Object.keys(JSON.parse(kept.get(KEY)!) as object)).not.toContain('set');
  });

  test.each([
    ['no JSON', '{"theme":'],
    ['a list', '[1, 2]'],
    ['a number', '7'],
    ['nothing', 'null'],
  ])('%s counts as nothing kept', async (_what, text) => {
    expect((await opened(text)).getState()).toMatchObject({
      theme: 'day',
      units: 'metric',
      letterKeys: true,
    });
  });

  test('a field that cannot be read counts as none, the others stay', async () => {
    const text = JSON.stringify({
      theme: 'neon',
      units: 'imperial',
      letterKeys: 'no',
      stylist: 'x'.repeat(500),
      set: 'overwritten',
    });
    const settings = (await opened(text)).getState();
    expect(settings).toMatchObject({ theme: 'day', units: 'imperial', letterKeys: true });
    expect(settings.stylist).toHaveLength(60);
    expect(typeof settings.set).toBe('function');
  });

  test('what an older version kept here stays until the house has taken it', async () => {
    (await opened('{"ownThemes":[{"name":"Reef"}],"theme":"day"}')).getState().set({ theme: 'evening' });
    expect(JSON.parse(kept.get(KEY)!)).toMatchObject({ ownThemes: [{ name: 'Reef' }], theme: 'evening' });
  });
});
