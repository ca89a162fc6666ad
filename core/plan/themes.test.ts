import { describe, expect, test } from '@jest/globals';
import { CATALOGUE, larderOf } from '../catalogue/index.js';
import { planSchema, emptyPlan, paletteOfPixels, paletteOfWords, THEME_IDEAS, wishesOf } from './index.js';

describe('themes of our own', () => {
  test('are about twenty, each of its own name, and fit a plan', () => {
    expect(THEME_IDEAS.length).toBeGreaterThanOrEqual(20);
    expect(new Set(THEME_IDEAS.map((idea) => idea.theme.name)).size).toBe(THEME_IDEAS.length);
    for (const idea of THEME_IDEAS) {
      const plan = emptyPlan('t', '2027-05-15T18:00');
      expect(
        planSchema.safeParse({ ...plan, occasion: { ...plan.occasion, theme: idea.theme } }).success,
      ).toBe(true);
    }
  });

  test('wish only for foods that the larder has', () => {
    const ids = new Set<string>(CATALOGUE.map((component) => component.id));
    for (const idea of THEME_IDEAS)
      expect([idea.id, [...idea.must, ...idea.mustNot].filter((id) => !ids.has(id))]).toEqual([idea.id, []]);
    expect(wishesOf({ ...THEME_IDEAS[0]!, must: ['brie', 'nothing'] }, larderOf()).pinned).toEqual(['brie']);
  });
});

describe('a palette', () => {
  test('from words has colours of what is said, in that order', () => {
    expect(paletteOfWords('Midnight and honey')).toEqual(['#1f2c5e', '#27131d', '#f0b434', '#f2d14a']);
    expect(paletteOfWords('qwerty')).toEqual([]);
    expect(paletteOfWords('sea sun fire rose snow clay').length).toBe(6);
  });

  const pixels = (...runs: [number, [number, number, number, number]][]) =>
    runs.flatMap(([n, c]) => Array<number[]>(n).fill(c)).flat();

  test('from a picture has its colours by how much they show, greys last', () => {
    const found = paletteOfPixels(
      pixels(
        [50, [200, 200, 200, 255]],
        [30, [220, 40, 40, 255]],
        [10, [30, 60, 160, 255]],
        [40, [0, 255, 0, 0]],
      ),
    );
    expect(found.slice(0, 2)).toEqual(['#dc2828', '#1e3ca0']);
    expect(found).not.toContain('#00ff00');
  });

  test('from nothing is none', () => expect(paletteOfPixels([])).toEqual([]));
});
