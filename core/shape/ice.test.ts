import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { BOWL_DEEP } from '../geometry/index.js';
import { iceBowl, wallToLast } from './index.js';

const bowls = fc.record({
  innerMm: fc.integer({ min: 60, max: 240 }),
  wallMm: fc.integer({ min: 10, max: 60 }),
});

/** Half a ball pressed flat, in slices of a tenth of a millimetre. */
function slowlyMl(acrossMm: number, deepMm: number): number {
  const [r, step] = [acrossMm / 2, 0.1];
  let mm3 = 0;
  for (let z = step / 2; z < deepMm; z += step) mm3 += Math.PI * r * r * (1 - (z / deepMm) ** 2) * step;
  return mm3 / 1000;
}

describe('a bowl of ice', () => {
  test('takes the water that fills what lies between two bowls, less what ice is larger', () => {
    fc.assert(
      fc.property(bowls, (bowl) => {
        const { waterMl, outerMm } = iceBowl(bowl, 20, 120);
        const deep = bowl.innerMm * BOWL_DEEP;
        const between = slowlyMl(outerMm, deep + bowl.wallMm) - slowlyMl(bowl.innerMm, deep);
        expect(waterMl / (0.917 * between)).toBeCloseTo(1, 2);
      }),
      { numRuns: 30 },
    );
  });

  test('freezes as Plank has it for a plate of 25 mm: six hours and a bit, two fifths more for bowls and warm water', () => {
    // 917 kg/m³ · 334 kJ/kg / 18 K · (25 mm / (2 · 10 W/m²K) + (25 mm)² / (8 · 2.2 W/mK)), in minutes
    const plankMin = (((917 * 334e3) / 18) * (0.025 / 20 + 0.025 ** 2 / 17.6)) / 60;
    const { freezeMin } = iceBowl({ innerMm: 110, wallMm: 25 }, 20, 120);
    expect(freezeMin).toBe(Math.ceil((1.4 * plankMin) / 30) * 30);
    expect(freezeMin).toBe(540);
  });

  test('stands longer with a thicker wall and in the cold, and melts no more than it is', () => {
    fc.assert(
      fc.property(
        bowls,
        fc.integer({ min: 1, max: 38 }),
        fc.integer({ min: 15, max: 600 }),
        (bowl, temp, min) => {
          const made = iceBowl(bowl, temp, min);
          const thicker = iceBowl({ ...bowl, wallMm: bowl.wallMm + 5 }, temp, min);
          expect(thicker.lastsMin).toBeGreaterThan(made.lastsMin);
          expect(iceBowl(bowl, temp - 1, min).lastsMin).toBeGreaterThan(made.lastsMin);
          expect(made.meltsMl).toBeLessThanOrEqual(made.waterMl);
          expect(iceBowl(bowl, temp, min + 60).meltsMl).toBeGreaterThanOrEqual(made.meltsMl);
          expect(thicker.freezeMin).toBeGreaterThanOrEqual(made.freezeMin);
        },
      ),
    );
    expect(iceBowl({ innerMm: 110, wallMm: 25 }, -3, 600)).toMatchObject({ lastsMin: Infinity, meltsMl: 0 });
  });

  test('melts by the heat that air brings: 19 mm of a wall of 25 go at 20 °C in so many minutes', () => {
    // 0.917 g/cm³ · 334 J/g over 15 W/m²K · 20 K, for 19 mm
    const minutes = (0.019 * 917 * 334e3) / (15 * 20) / 60;
    const made = iceBowl({ innerMm: 110, wallMm: 25 }, 20, 60);
    expect(made.lastsMin).toBeCloseTo(minutes, 6);
    // in an hour 3.5 mm of an outside of some 390 cm²
    expect(made.meltsMl).toBeGreaterThan(3.5 * 0.917 * 33);
    expect(made.meltsMl).toBeLessThan(3.6 * 0.917 * 45);
  });

  test('the wall that is offered lasts, and the next thinner one does not', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 38 }), fc.integer({ min: 15, max: 600 }), (temp, min) => {
        const wall = wallToLast(110, temp, min);
        const suits = (wallMm: number) => iceBowl({ innerMm: 110, wallMm }, temp, min).suits;
        if (wall === undefined) expect(suits(60)).toBe('melts-early');
        else expect([suits(wall), suits(wall - 5)]).toEqual(['yes', expect.stringMatching(/thin|early/)]);
      }),
    );
  });
});
