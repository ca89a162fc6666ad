import { describe, expect, test } from '@jest/globals';
import { planLarder, type Surface } from '../plan/index.js';
import { surfaceAreaCm2 } from '../portion/index.js';
import { board, id, lies, planWith } from '../testing/plans.js';
import { laySurface } from './lay.js';
import { stackOf } from './lies.js';
import { partsOf } from './parts.js';

const ROUND = board();

describe('piles', () => {
  const on = (surface: Surface, food: string, massG: number) => {
    const plan = planWith({ surfaces: [surface], placements: [lies(food, massG)] });
    return partsOf(plan, surface, surfaceAreaCm2(surface));
  };

  test('a shared board has a food in two or three unequal places, none of them over 160 g while there are not three', () => {
    for (const massG of [120, 240, 300, 420]) {
      const all = on(ROUND, 'blueberries', massG);
      const piles = all.filter(({ kind }) => kind === 'loose');
      expect([2, 3]).toContain(piles.length);
      if (piles.length < 3) for (const pile of piles) expect(pile.massG).toBeLessThanOrEqual(192);
      expect(new Set(piles.map(({ pieces }) => pieces)).size).toBe(piles.length);
      expect(all.reduce((sum, { pieces }) => sum + pieces, 0)).toBe(lies('blueberries', massG).pieces);
    }
  });

  test('on a board of a metre and more a food of which there is much lies in four or five places', () => {
    const long: Surface = {
      ...ROUND,
      outline: { kind: 'rectangle', lengthMm: 1400, widthMm: 440, cornerMm: 40 },
    };
    for (const [food, massG] of [
      ['salami', 540],
      ['baguette-toasts', 600],
      ['cherry-tomatoes', 700],
    ] as const) {
      const piles = on(long, food, massG);
      expect([4, 5]).toContain(piles.length);
      for (const pile of piles) expect(pile.massG).toBeLessThanOrEqual(massG * 0.36);
    }
    expect(on(long, 'salami', 200).length).toBeLessThanOrEqual(3);
  });

  test('a third of many berries runs in lines of a few along an edge, of few berries none', () => {
    const lines = on(ROUND, 'blueberries', 240).filter(({ kind }) => kind === 'line');
    expect(lines.map(({ pieces }) => pieces)).toEqual([9, 7, 11]);
    expect(on(ROUND, 'blueberries', 30).filter(({ kind }) => kind === 'line')).toEqual([]);
    expect(on(ROUND, 'salami', 240).filter(({ kind }) => kind === 'line')).toEqual([]);
    const plan = planWith({ surfaces: [ROUND], placements: [lies('blueberries', 240), lies('salami', 150)] });
    for (const element of laySurface(plan, ROUND, 3).elements.filter(({ id }) => id.includes('line'))) {
      const far = element.pieces.map(([x, y]) => Math.hypot(element.x + x, element.y + y));
      // the round has a rim and no bowl: the line follows it
      expect(Math.max(...far) - Math.min(...far)).toBeLessThan(45);
    }
  });

  test('a small box has each in one place, and a crumb is not shared out', () => {
    const box = board({ outline: { kind: 'rectangle', lengthMm: 200, widthMm: 150, cornerMm: 4 } });
    expect(on(box, 'blueberries', 120)).toHaveLength(1);
    expect(on(ROUND, 'blueberries', 12)).toHaveLength(1);
  });

  test('what is flat lies under what is high, sprigs under bowls', () => {
    const plan = planWith({
      surfaces: [ROUND],
      placements: [
        lies('blueberries', 200),
        lies('salami', 150),
        lies('hummus-home', 300),
        lies('rosemary', 3),
      ],
    });
    const larder = planLarder(plan);
    const { elements } = laySurface(plan, ROUND, 1);
    const up = (food: string): number => {
      const element = elements.find(({ componentId }) => componentId === id(food))!;
      return stackOf(element, larder.get(element.componentId));
    };
    expect(up('salami')).toBeLessThan(up('blueberries') + 0.5);
    expect(up('blueberries')).toBeLessThan(up('rosemary'));
    expect(up('rosemary')).toBeLessThan(up('hummus-home'));
  });

  test('a heap is as many pieces as the plan has, those in the middle laid last', () => {
    const plan = planWith({ surfaces: [ROUND], placements: [lies('blueberries', 500)] });
    const { elements } = laySurface(plan, ROUND, 1);
    for (const { pieces } of elements) {
      const far = pieces.map(([x, y]) => Math.hypot(x, y));
      const half = Math.floor(far.length / 2);
      const mean = (list: number[]) => list.reduce((a, b) => a + b, 0) / list.length;
      expect(mean(far.slice(half))).toBeLessThan(mean(far.slice(0, half)));
    }
    expect(elements.reduce((sum, { pieces }) => sum + pieces.length, 0)).toBe(
      lies('blueberries', 500).pieces,
    );
  });
});
