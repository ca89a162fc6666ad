import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  createRandom,
  formatArea,
  formatLength,
  formatMass,
  formatMoney,
  formatTemperature,
  percentAtMost,
  roundForScale,
  seedOf,
  toCelsius,
  toFahrenheit,
} from './index.js';

describe('units', () => {
  test('are spoken as in a kitchen', () => {
    expect([
      formatMass(999.4),
      formatMass(1000),
      formatMass(20, 'imperial'),
      formatMass(500, 'imperial'),
    ]).toEqual(['999 g', '1.00 kg', '0.7 oz', '1.1 lb']);
    expect([formatLength(110), formatLength(110, 'imperial')]).toEqual(['110 mm', '4.3 in']);
    expect([formatTemperature(9), formatTemperature(9, 'imperial')]).toEqual(['9 °C', '48 °F']);
    expect([formatArea(1780), formatArea(1780, 'imperial')]).toEqual(['1780 cm²', '276 sq in']);
    expect(formatMoney(1234, 'EUR')).toBe('€ 12.34');
  });

  test('°C to °F and back is the same', () => {
    fc.assert(
      fc.property(fc.integer({ min: -40, max: 60 }), (c) => Math.abs(toCelsius(toFahrenheit(c)) - c) < 1e-9),
    );
  });

  test('a promise is rounded up, to a tenth of a per cent, and never to nothing', () => {
    expect([0, 0.004, 0.0041, 0.01, 0.0523].map(percentAtMost)).toEqual([
      '0.1 per cent',
      '0.4 per cent',
      '0.5 per cent',
      '1 per cent',
      '5.3 per cent',
    ]);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (share) => {
        const said = Number.parseFloat(percentAtMost(share)) / 100;
        expect(said).toBeGreaterThanOrEqual(share - 1e-9);
        expect(said - share).toBeLessThanOrEqual(0.00101);
      }),
    );
  });

  test('a kitchen scale’s steps: 1 g, 5 g, 10 g, never off by more than half a step', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 3000, noNaN: true }), (g) => {
        const step = g < 20 ? 1 : g < 500 ? 5 : 10;
        expect(roundForScale(g) % step).toBe(0);
        expect(Math.abs(roundForScale(g) - g)).toBeLessThanOrEqual(step / 2);
      }),
    );
  });
});

describe('chance', () => {
  test('a seed decides everything, and words decide a seed', () => {
    const draw = (seed: number) =>
      Array.from(
        { length: 50 },
        (
          (random) => () =>
            random.next()
        )(createRandom(seed)),
      );
    expect(draw(7)).toEqual(draw(7));
    expect(draw(7)).not.toEqual(draw(8));
    expect(seedOf('oak', 3)).toBe(seedOf('oak', 3));
    expect(seedOf('oak', 3)).not.toBe(seedOf('oak', 4));
    expect(seedOf('a', 'bc')).not.toBe(seedOf('ab', 'c'));
  });

  test('numbers stay in their ranges and are spread over them', () => {
    const random = createRandom(11);
    const counts = [0, 0, 0, 0];
    for (let i = 0; i < 4000; i++) {
      const n = random.next();
      expect(n >= 0 && n < 1).toBe(true);
      counts[random.int(4)]! += 1;
      const r = random.range(-2, 3);
      expect(r >= -2 && r < 3).toBe(true);
    }
    for (const count of counts) expect(Math.abs(count - 1000)).toBeLessThan(150);
  });

  test('picking from nothing is a fault that says so', () => {
    expect(() => createRandom(1).pick([])).toThrow('at least one');
  });
});
