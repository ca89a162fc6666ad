import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../catalogue/index.js';
import { hypot2, type Point } from '../geometry/index.js';
import {
  cutsOf,
  cutterById,
  cutterOutline,
  disc,
  enclosing,
  equalFill,
  filled,
  firmness,
  FOLD_IDS,
  folded,
  foldsWell,
  gramsOfSlice,
  LETTER_CUTTERS,
  LETTER_SETS,
  letterOf,
  letterOutline,
  mouldById,
  MOULDS,
  neckOf,
  nestWord,
  piecesFrom,
  rect,
  SECTION_FOODS,
  sectionOf,
  skewerOrder,
  skewersFrom,
  stepsOfFold,
  windowIn,
  type FoldId,
  type WordAsked,
} from './index.js';
import { crossingOf } from './svg.js';

const food = (id: string) => CATALOGUE.find((known) => known.id === id)!;
// tenths: three corners that lie within a hair of one line are no question for a slow way that divides by their area
const coordinate = fc.integer({ min: -500, max: 500 }).map((tenths) => tenths / 10);

describe('the smallest circle around an outline', () => {
  /** Slow and obvious: every circle through two or three corners that holds all of them. */
  function slow(points: readonly Point[]): number {
    const holds = (x: number, y: number, r: number) =>
      points.every(([px, py]) => hypot2(px - x, py - y) <= r + 1e-6);
    let best = Infinity;
    for (const a of points)
      for (const b of points) {
        const [x, y, r] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2, hypot2(a[0] - b[0], a[1] - b[1]) / 2];
        if (holds(x, y, r)) best = Math.min(best, r);
        for (const c of points) {
          const d = 2 * (a[0] * (b[1] - c[1]) + b[0] * (c[1] - a[1]) + c[0] * (a[1] - b[1]));
          if (Math.abs(d) < 1e-6) continue;
          const [a2, b2, c2] = [a, b, c].map(([px, py]) => px * px + py * py) as [number, number, number];
          const ux = (a2 * (b[1] - c[1]) + b2 * (c[1] - a[1]) + c2 * (a[1] - b[1])) / d;
          const uy = (a2 * (c[0] - b[0]) + b2 * (a[0] - c[0]) + c2 * (b[0] - a[0])) / d;
          const radius = hypot2(a[0] - ux, a[1] - uy);
          if (holds(ux, uy, radius)) best = Math.min(best, radius);
        }
      }
    return best;
  }

  test('is as small as the slow one finds', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(coordinate, coordinate), { minLength: 2, maxLength: 9 }), (points) => {
        expect(enclosing(points).radius).toBeCloseTo(slow(points), 4);
      }),
      { numRuns: 200 },
    );
  });
});

describe('a window in a soft wheel', () => {
  const star = (mm: number) => cutterOutline(cutterById('star')!, mm);

  test('by hand: a disc of 60 in a wheel of 110 by 30', () => {
    const found = windowIn({ diameterMm: 110, heightMm: 30 }, cutterOutline(cutterById('disc')!, 60), 60, 9);
    expect(found).toMatchObject({ fits: true, wallMm: 25, largestMm: 90, lidMm: 9, massG: 251 });
    // 28.27 cm² of 9 mm, at 1.3
    expect(found.fillMl).toBeCloseTo(25.4, 1);
    expect(found.fillG).toBe(33);
    expect([found.firmMinutes, found.firmToMin]).toEqual([30, 40]);
  });

  test('a cutter for a large wheel does not fit a standard one, and the largest that does just fits', () => {
    const small = { diameterMm: 110, heightMm: 30 };
    const found = windowIn(small, star(100), 100);
    expect([found.fits, found.why.say]).toEqual([false, 'opening.no-wall']);
    expect(windowIn(small, star(found.largestMm), found.largestMm).fits).toBe(true);
    expect(windowIn(small, star(found.largestMm + 0.3), found.largestMm + 0.3).fits).toBe(false);
    expect(windowIn({ diameterMm: 160, heightMm: 35 }, star(100), 100).fits).toBe(true);
  });

  test('too thin a lid is told; a larger wheel is firmed longer, and too long is frozen', () => {
    expect(windowIn({ diameterMm: 110, heightMm: 30 }, star(60), 60, 4).why.say).toBe('opening.lid');
    const large = windowIn({ diameterMm: 160, heightMm: 35, massG: 600 }, star(60), 60);
    expect(large.firmMinutes).toBeGreaterThan(45);
    expect([10, large.firmMinutes, 300].map((minutes) => firmness(large, minutes))).toEqual([
      'soft',
      'right',
      'frozen',
    ]);
  });

  test('the wall is what is left between outline and rim, wherever the wheel is looked at', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('star', 'heart', 'crescent', 'fish', 'leaf'),
        fc.integer({ min: 20, max: 80 }),
        (id, mm) => {
          const outline = cutterOutline(cutterById(id)!, mm);
          const { wallMm, at } = windowIn({ diameterMm: 110, heightMm: 30 }, outline, mm);
          const far = Math.max(...outline.map(([x, y]) => hypot2(x + at[0], y + at[1])));
          expect(wallMm).toBeLessThanOrEqual(55 - far + 1e-6);
          expect(wallMm).toBeGreaterThan(55 - far - 0.11);
        },
      ),
    );
  });
});

describe('folds', () => {
  const salami = { lengthMm: 90, thicknessMm: 1.5, gPerMl: 1.05 };

  test('a chain advances by a third of its slices, by hand', () => {
    const found = folded('chain', salami, { slices: 11 });
    expect(found.lengthMm).toBeCloseTo(10 * 31.5 + 45, 6);
    expect(found.grams).toBeCloseTo(11 * gramsOfSlice('chain', salami), 6);
    expect(gramsOfSlice('chain', salami)).toBeCloseTo(Math.PI * 4.5 ** 2 * 0.15 * 1.05, 6);
  });

  test('a rose takes as many slices as its rings have (craft: typically 8 to 14)', () => {
    // π × 60 ÷ (90 × 0.55) = 3.8 a round
    expect(folded('rose-over-glass', salami, { slices: 8 })).toMatchObject({ count: 1, slices: 8 });
    expect(folded('rose-in-cup', salami, { slices: 8 }).count).toBe(1);
    expect(folded('rose-over-glass', salami, { slices: 7 }).count).toBe(0);
    const small = { ...salami, lengthMm: 60 };
    expect(folded('rose-over-glass', small, { slices: 14 }).slices).toBeGreaterThanOrEqual(8);
    expect(folded('rose-over-glass', small, { slices: 14 }).slices).toBeLessThanOrEqual(14);
  });

  test('backwards: what fills a gap is as long as it, and one slice fewer is not', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...FOLD_IDS.filter((id) => !id.startsWith('rose'))),
        fc.double({ min: 40, max: 1500, noNaN: true }),
        fc.double({ min: 50, max: 110, noNaN: true }),
        (kind: FoldId, lengthMm, slice) => {
          const sized = { ...salami, lengthMm: slice };
          const found = folded(kind, sized, { lengthMm });
          expect(found.lengthMm).toBeGreaterThanOrEqual(lengthMm - 1e-6);
          if (found.slices > 1)
            expect(folded(kind, sized, { slices: found.slices - 1 }).lengthMm).toBeLessThan(lengthMm + 1e-6);
          const again = folded(kind, sized, { grams: found.grams + 0.001 });
          expect(again.slices).toBe(found.slices);
        },
      ),
    );
  });

  test('each is shown in five pictures or fewer; hard cheese cracks, ham folds', () => {
    for (const kind of FOLD_IDS) expect(stepsOfFold(kind).length).toBeLessThanOrEqual(5);
    expect(['cooked-ham', 'parmigiano', 'young-gouda'].map((id) => foldsWell(food(id)))).toEqual([
      'folds',
      'cracks',
      'folds',
    ]);
  });
});

describe('moulds', () => {
  const stars = mouldById('star-tray')!;

  test('grams and fills with the loss in the pan, by hand', () => {
    const found = filled(stars, food('young-gouda'), 7);
    expect(found).toMatchObject({ fills: 3, pieces: 9, suits: 'yes', melt: 'smooth', freezer: true });
    expect(found.gramsEach).toBeCloseTo(23.1, 6);
    expect(found.batchG).toBeCloseTo(7 * 23.1 * 1.05, 6);
    expect(filled(stars, food('dark-chocolate'), 1).gramsEach).toBeCloseTo(28.6, 6);
  });

  test('what does not melt is refused, what varies is tried first, and what can hurt is said first', () => {
    const suits = (id: string) => filled(stars, food(id), 3);
    expect(
      ['halloumi', 'feta', 'parmigiano', 'coconut-block', 'roquefort'].map((id) => suits(id).suits),
    ).toEqual(['no', 'no', 'no', 'try-first', 'try-first']);
    expect(suits('young-gouda').risks.slice(0, 3)).toEqual(['hot', 'no-plastic-on-heat', 'stop-at-65']);
    expect(suits('halloumi').risks).toEqual(['does-not-melt']);
    expect(suits('butter').risks).not.toContain('hot');
  });

  test('offcuts fill as many as their batch allows, and no more', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...MOULDS),
        fc.double({ min: 0, max: 3000, noNaN: true }),
        (mould, grams) => {
          const n = piecesFrom(mould, food('young-gouda'), grams);
          expect(n === 0 ? 0 : filled(mould, food('young-gouda'), n).batchG).toBeLessThanOrEqual(
            grams + 1e-6,
          );
          expect(filled(mould, food('young-gouda'), n + 1).batchG).toBeGreaterThan(grams - 1e-6);
        },
      ),
    );
  });

  test('jelly sets in the cold, weighs as sugar does, and burns like it', () => {
    const jelly = filled(mouldById('star-tray')!, food('pepper-jelly'), 3);
    expect([jelly.melt, jelly.suits, jelly.freezer]).toEqual(['jelly', 'yes', false]);
    expect(jelly.gramsEach).toBeCloseTo(22 * 1.3, 6);
    expect(jelly.risks.slice(0, 2)).toEqual(['hot', 'no-plastic-on-heat']);
    expect(jelly.waitMin).toBeGreaterThan(filled(mouldById('star-tray')!, food('young-gouda'), 3).waitMin);
  });

  test('every mould has the outline of a cutter', () => {
    for (const { outline } of MOULDS) expect(cutterById(outline)).toBeDefined();
  });
});

describe('fruit and vegetables', () => {
  test('are foods of the larder, and give no more than they weigh', () => {
    for (const id of SECTION_FOODS) {
      expect(food(id)).toBeDefined();
      for (const cut of cutsOf(id)) {
        const found = sectionOf(id, cut)!;
        expect(found.pieces).toBeGreaterThan(0);
        expect(found.wasteG).toBeGreaterThanOrEqual(0);
        expect(found.pieceG * found.pieces).toBeLessThan(found.grams * 1.1 + 1);
      }
    }
  });

  test('by hand: coins of a cucumber, browning apples, bleeding oranges, what chokes', () => {
    // 300 mm less 12 % ends, 5 mm each
    expect(sectionOf('cucumber', 'coins')).toMatchObject({ pieces: 52, browns: false, notUnder5: true });
    expect(sectionOf('cucumber', 'coins', 10)!.pieces).toBe(26);
    expect(sectionOf('apple-fans', 'fan')).toMatchObject({ browns: true, pieceMm: 3, notUnder5: false });
    expect(sectionOf('orange-wheels', 'wheels')!.drainMin).toBe(10);
    expect(sectionOf('melon', 'bowl')!.bowlMl).toBeGreaterThan(300);
    expect(sectionOf('apple-fans', 'balls')).toBeUndefined();
    expect(sectionOf('brie', 'coins')).toBeUndefined();
  });

  test('skewers end with what runs out first, and alternate', () => {
    const parts = [
      { name: 'melon', atHand: 40, each: 2 },
      { name: 'ham', atHand: 18, each: 1 },
      { name: 'basil', atHand: 60, each: 1 },
    ];
    expect(skewersFrom(parts)).toEqual({ count: 18, first: 'ham' });
    const order = skewerOrder(parts);
    expect([...order].sort()).toEqual(['basil', 'ham', 'melon', 'melon']);
    order.forEach((name, i) => expect(name).not.toBe(order[i + 1]));
    expect(skewersFrom([])).toEqual({ count: 0, first: undefined });
    expect(equalFill(50, 12)).toEqual({ each: 4, leftOver: 2 });
  });
});

describe('letters', () => {
  test('each is one strip that does not cross itself, and has a neck', () => {
    expect(LETTER_CUTTERS.length).toBe(37 * LETTER_SETS.length);
    for (const { id, outline } of LETTER_CUTTERS) {
      expect([id, crossingOf(outline)]).toEqual([id, undefined]);
      expect(
        neckOf(letterOutline(id.startsWith('bold') ? 'bold' : 'slim', cutterById(id)!.name, 30)!).neckMm,
      ).toBeGreaterThan(1);
    }
    expect(letterOf('bold', 'é')!.name).toBe('E');
    expect(letterOf('bold', '†')).toBeUndefined();
  });

  const asked: WordAsked = {
    text: 'Comet',
    set: 'bold',
    heightMm: 25,
    slice: rect(110, 80),
    food: food('young-gouda').id,
    gapMm: 2,
    marginMm: 2,
    seed: 1,
  };

  test('a word is nested on real slices, and every letter is cut', () => {
    const found = nestWord({ ...asked, text: 'Moon moon' });
    expect(found.letters.map(({ letter, count }) => [letter, count])).toEqual([
      ['M', 2],
      ['O', 4],
      ['N', 2],
    ]);
    expect([found.nested, found.fits, found.missing]).toEqual([true, true, []]);
    expect(found.slices.flat().length).toBe(8 + found.spares);
    expect(found.lengthMm).toBeGreaterThan(8 * 12);
  });

  test('letters too thin for the food name the height that holds, and there they hold', () => {
    const thin = nestWord({ ...asked, set: 'slim', heightMm: 14 });
    expect([thin.fits, thin.why.say]).toEqual([false, 'word.thin']);
    const held = nestWord({ ...asked, set: 'slim', heightMm: thin.leastMm! });
    expect(held.letters.every(({ holds }) => holds)).toBe(true);
  });

  test('what no cutter has, what is not cut, and what no slice takes is said', () => {
    expect(nestWord({ ...asked, text: 'A+B' })).toMatchObject({ missing: ['+'], fits: false });
    expect(nestWord({ ...asked, food: food('feta').id }).why.say).toBe('word.unfit');
    expect(nestWord({ ...asked, slice: disc(20) })).toMatchObject({ nested: false, fits: false });
    expect(nestWord({ ...asked, text: '  ' })).toMatchObject({ nested: false, fits: false, lengthMm: 0 });
  });
});
