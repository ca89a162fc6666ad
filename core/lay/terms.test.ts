import { describe, expect, test } from '@jest/globals';
import type { ComponentId } from '../catalogue/index.js';
import type { LaidElement, Plan, Surface } from '../plan/index.js';
import { laidBowl, laidHeap, laidWheel, patch } from '../testing/laid.js';
import { board, id, planWith } from '../testing/plans.js';
import { readingOf } from './reading.js';
import { borderPoints, keptOn, TERMS, whole, type TermId } from './terms/index.js';
import { planLarder } from '../plan/index.js';

const plan = planWith({});
const round = (diameterMm: number): Surface => board({ outline: { kind: 'round', diameterMm } });
const long = board({ outline: { kind: 'rectangle', lengthMm: 1200, widthMm: 300, cornerMm: 10 } });
const read = (term: TermId, elements: LaidElement[], surface = round(400), of: Plan = plan) =>
  keptOn(readingOf(of, surface, elements)).get(term)!;

/** Each rule kept and broken, the place of what is wrong known beforehand. */
describe('a rule of laying', () => {
  test('cover: a bare patch is found where it is, and open ground of a calm board is none', () => {
    // crackers all over but for the right edge
    const all = patch(0, 0, 420, 22).filter(([x]) => x < 60);
    const faults = read('cover', [laidHeap('water-crackers', all, 1)]).faults;
    expect(faults.length).toBeGreaterThan(0);
    expect(faults[0]!.at[0]).toBeGreaterThan(90);
    expect(faults[0]!.amount).toBeGreaterThan(60);
    // the same food where open ground was asked for
    const calm: Surface = { ...round(400), ground: 'calm' };
    expect(read('cover', [laidHeap('water-crackers', all, 1)], calm).faults).toEqual([]);
    const full = read('cover', [laidHeap('water-crackers', patch(0, 0, 420, 22), 1)]);
    expect([full.faults, full.score]).toEqual([[], 1]);
    expect(read('cover', [laidHeap('water-crackers', patch(0, 0, 120, 40), 1)]).faults).toEqual([]);
  });

  test('colours: two of one colour that touch, at their border', () => {
    const kept = read('colours', [laidBowl('brie', -40, 0, 80), laidBowl('goat-log', 40, 0, 80)]);
    expect(kept.faults).toHaveLength(1);
    expect(Math.hypot(...(kept.faults[0]!.at as [number, number]))).toBeLessThan(20);
    expect(kept.score).toBeLessThan(0.5);
    expect(read('colours', [laidBowl('brie', -40, 0, 80), laidBowl('beet-dip', 40, 0, 80)]).score).toBe(1);
  });

  test('dry: the wet one is named first, and in a bowl it is dry', () => {
    const crackers = laidHeap('water-crackers', patch(30, 0, 60, 20), 1);
    const [fault] = read('dry', [crackers, laidHeap('orange-wheels', patch(-30, 0, 70, 30))]).faults;
    expect(fault!.components).toEqual([id('orange-wheels'), id('water-crackers')]);
    expect(read('dry', [crackers, laidBowl('orange-wheels', -30, 0, 60)]).faults).toEqual([]);
  });

  test('pairs: a dip far from every dipper is told with the way to the nearest', () => {
    const dip = laidBowl('hummus-home', -120, 0, 90);
    const far = read('pairs', [dip, laidHeap('water-crackers', patch(130, 0, 60, 25), 1)]);
    expect(far.score).toBe(0);
    expect(far.faults[0]!.components[0]).toBe(id('hummus-home'));
    expect(far.faults[0]!.amount).toBeGreaterThan(90);
    const near = read('pairs', [dip, laidHeap('water-crackers', patch(-30, 0, 60, 25), 1)]);
    expect([near.score, near.faults]).toEqual([1, []]);
  });

  test('knife: a bowl against a cheese that is cut there', () => {
    const brie = laidWheel('brie', -40, 0, 110);
    expect(read('knife', [brie, laidBowl('honey', 62, 0, 70)]).faults).toHaveLength(1);
    expect(read('knife', [brie, laidBowl('honey', 110, 0, 70)]).score).toBe(1);
    expect(read('knife', [laidBowl('honey', 62, 0, 70), laidBowl('hummus-home', -30, 0, 90)]).about).toBe(
      false,
    );
  });

  test('mild: a strong cheese against a mild one, not against a strong one', () => {
    const blue = laidHeap('roquefort', patch(-20, 0, 40, 18));
    const known = planLarder(plan).has(id('roquefort'))
      ? blue
      : laidHeap('blue-wedge', patch(-20, 0, 40, 18));
    const mild = laidHeap('mozzarella-pearls', patch(25, 0, 40, 14));
    expect(read('mild', [known, mild]).faults).toHaveLength(1);
    expect(read('mild', [known, laidHeap('walnuts', patch(25, 0, 40, 14))]).about).toBe(false);
  });

  test('star: hidden, in a corner, or seen first', () => {
    const wished: Plan = { ...plan, wishes: { ...plan.wishes, star: id('brie') } };
    const at = (x: number, more: LaidElement[] = []) =>
      read('star', [laidWheel('brie', x, 0, 110), ...more], round(400), wished);
    expect(at(40).score).toBe(1);
    expect(at(185).faults[0]!.components).toEqual([id('brie')]);
    expect(read('star', [laidWheel('brie', 0, 0, 110)]).about).toBe(false);
  });

  test('repeats: two piles of one food side by side are worse than opposite', () => {
    const [a, b, c] = [-30, 30, 150].map((x, n) => ({
      ...laidHeap('blueberries', patch(x, 0, 40, 14)),
      id: `blueberries-${n}`,
    }));
    expect(read('repeats', [a!, b!]).score).toBeLessThan(read('repeats', [{ ...a!, x: -120 }, c!]).score);
    expect(read('repeats', [a!]).about).toBe(false);
  });

  test('reach: a kind at one end of a long board is told from the other end, a bowl that stands once is not', () => {
    const one = laidHeap('blueberries', patch(-540, 0, 60, 14));
    const { faults } = read('reach', [one], long);
    expect(faults).toHaveLength(1);
    expect(faults[0]!.at[0]).toBeGreaterThan(200);
    expect(read('reach', [{ ...one }, { ...one, id: 'two', x: 900 }], long).faults).toEqual([]);
    expect(read('reach', [laidBowl('honey', -540, 0, 70)], long).about).toBe(false);
    expect(read('reach', [one], round(400)).about).toBe(false);
  });

  test('balance: all on one side leans, and the light falls on the empty one', () => {
    const heaps = (xs: number[]) =>
      xs.map((x, n) => ({ ...laidHeap('almonds', patch(x, (n - 1.5) * 60, 50, 12)), id: `a-${n}` }));
    const [fault] = read('balance', heaps([100, 120, 110, 130])).faults;
    expect(fault!.at[0]).toBeLessThan(0);
    expect(read('balance', heaps([100, -120, 110, -100])).faults).toEqual([]);
  });

  test('tips: a wedge’s point looks outward', () => {
    const wedge = (angle: number): LaidElement => ({
      ...laidWheel('aged-gouda', 100, 0, 80),
      form: 'wedge',
      angle,
    });
    // its point lies at the left of its outline: turned round it looks to the right, outward
    expect(read('tips', [wedge(180)]).score).toBeCloseTo(1);
    expect(read('tips', [wedge(0)]).score).toBeCloseTo(0);
  });

  test('free: mirrored twice over is a pattern, one out of the row is none', () => {
    const four = [
      [-90, -60],
      [90, -60],
      [-90, 60],
      [90, 60],
    ].map(([x, y], n) => laidBowl('honey', x!, y!, 60, n + 1));
    expect(read('free', four).faults).toHaveLength(1);
    expect(read('free', [...four.slice(1), laidBowl('honey', -40, 10, 60, 9)]).faults).toEqual([]);
  });

  test('theme: a colour in three places is seen, in one it is hardly', () => {
    const red: Plan = {
      ...plan,
      occasion: { ...plan.occasion, theme: { ...plan.occasion.theme, palette: ['#d43a2c'] } },
    };
    const at = (xs: number[]) =>
      read(
        'theme',
        xs.map((x, n) => ({ ...laidHeap('cherry-tomatoes', patch(x, 0, 40, 22)), id: `t-${n}` })),
        round(400),
        red,
      ).score;
    expect(at([-120, 0, 120])).toBe(1);
    expect(at([0])).toBeCloseTo(1 / 3);
  });
});

describe('all rules together', () => {
  test('have different names and weights above nought; with nothing to judge they are silent', () => {
    expect(new Set(TERMS.map(({ id }) => id)).size).toBe(TERMS.length);
    for (const { weight } of TERMS) expect(weight).toBeGreaterThan(0);
    const empty = keptOn(readingOf(plan, round(400), []));
    expect([...empty.values()].every(({ score, faults }) => score === 1 && faults.length === 0)).toBe(true);
  });

  test('the whole falls when a rule is broken, by its weight', () => {
    const good = keptOn(
      readingOf(plan, round(400), [laidBowl('brie', -60, 0, 80), laidBowl('beet-dip', 60, 0, 80)]),
    );
    const bad = new Map(good);
    bad.set('colours', { score: 0, faults: [], about: true });
    expect(whole(bad)).toBeLessThan(whole(good));
  });

  test('points on a border: one colour and wet by crisp are bad, what goes together is good', () => {
    const larder = planLarder(plan);
    const points = (a: string, b: string) =>
      borderPoints(larder.get(a as ComponentId)!, larder.get(b as ComponentId)!);
    expect(points('brie', 'goat-log')).toBeGreaterThan(5);
    expect(points('orange-wheels', 'water-crackers')).toBeGreaterThan(5);
    expect(points('beet-dip', 'cucumber-sticks')).toBeLessThan(0);
    expect(points('blueberries', 'blueberries')).toBeGreaterThan(18);
    for (const [a, b] of [
      ['brie', 'goat-log'],
      ['beet-dip', 'cucumber-sticks'],
    ] as const)
      expect(points(a, b)).toBeCloseTo(points(b, a), 9);
  });
});
