import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { convexOverlap, ellipse, hypot2, inside } from '../geometry/index.js';
import { board, id, lies, planWith } from '../testing/plans.js';
import { hardOverlaps, laySurface, servingGround, unlaidOn } from './index.js';
import { partsOf } from './parts.js';
import { standClear, stoodUp } from './stand.js';

const CHEESES = ['brie', 'camembert', 'aged-gouda', 'blue-wedge', 'goat-log', 'hummus-home', 'guacamole'];

/** A plate with so many large things and something soft about them. */
const crowded = (diameterMm: number, foods: readonly string[], star?: string) => {
  const surface = board({ outline: { kind: 'round', diameterMm } });
  const plan = planWith({
    surfaces: [surface],
    placements: [...foods.map((food) => lies(food, 150)), lies('almonds', 40)],
  });
  return {
    surface,
    plan: star ? { ...plan, wishes: { ...plan.wishes, star: id(star) } } : plan,
  };
};

describe('what stands', () => {
  test('stands nowhere through anything else and not over the rim, however full the board is; the rest is told with its grams', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 150, max: 320 }),
        fc.uniqueArray(fc.constantFrom(...CHEESES), { minLength: 3 }),
        fc.integer({ min: 1, max: 99 }),
        (diameterMm, foods, seed) => {
          const { plan, surface } = crowded(diameterMm, foods);
          const { elements } = laySurface(plan, surface, seed, { steps: 0 });
          expect(hardOverlaps(elements)).toEqual([]);
          for (const element of elements.filter(({ layer }) => layer === 4))
            for (const [x, y] of element.outline)
              expect(hypot2(x, y)).toBeLessThanOrEqual(diameterMm / 2 - surface.rimMm + 2.2);
          const laid = { ...plan, layout: [{ surfaceId: surface.id, elements }] };
          const missing = unlaidOn(laid, surface);
          for (const placement of plan.placements) {
            const lying = elements.some(({ componentId }) => componentId === placement.componentId);
            const told = missing.find(({ component }) => component.id === placement.componentId);
            expect(lying || told?.massG === placement.massG).toBe(true);
            if (told && !lying) expect(told.why).toBe('no room');
          }
        },
      ),
      { numRuns: 8 },
    );
  });

  test('the star keeps its place where not all find one', () => {
    const without = crowded(190, CHEESES);
    const left = (of: typeof without) => {
      const { elements } = laySurface(of.plan, of.surface, 3, { steps: 0 });
      const laid = { ...of.plan, layout: [{ surfaceId: of.surface.id, elements }] };
      return unlaidOn(laid, of.surface).map(({ component }) => String(component.id));
    };
    const out = left(without);
    expect(out.length).toBeGreaterThan(0);
    for (const star of CHEESES.slice(1, 4)) expect(left(crowded(190, CHEESES, star))).not.toContain(star);
  });

  test('what hands have pinned stays, through each other too: that is told, not undone', () => {
    const { plan, surface } = crowded(300, ['brie', 'camembert']);
    const { elements } = laySurface(plan, surface, 1, { steps: 0 });
    const pinned = elements
      .filter(({ layer }) => layer === 4)
      .map((element) => ({ ...element, x: 0, y: 0, pinned: true }));
    const again = laySurface({ ...plan, layout: [{ surfaceId: surface.id, elements: pinned }] }, surface, 2);
    for (const { id } of pinned)
      expect(again.elements.find((element) => element.id === id)).toMatchObject({ x: 0, y: 0 });
  });

  test('bowls that go onto a board when they are packed all find their place, from wherever they are wanted', () => {
    const surface = board({
      outline: { kind: 'rectangle', lengthMm: 268, widthMm: 268, cornerMm: 0 },
      rimMm: 0,
    });
    const plan = planWith({ surfaces: [surface], placements: [lies('hummus-home', 200)] });
    const [bowl] = partsOf(plan, surface);
    const four = [1, 2, 3, 4].map((n) => ({
      ...bowl!,
      id: `bowl-${n}`,
      lengthMm: 122,
      widthMm: 122,
      bowlMm: 61,
      outline: ellipse(122, 122, 36),
    }));
    // all in the middle: the first would stay there and leave no corner free
    const middle = four.map(() => ({ x: 0, y: 0, angle: 0 }));
    const ground = servingGround(surface);
    expect(standClear(four, middle, [], ground, null).filter(Boolean).length).toBeLessThan(4);
    const stood = stoodUp(four, middle, [], ground, null);
    expect(stood.filter(Boolean)).toHaveLength(4);
    stood.forEach((a, i) =>
      stood.slice(i + 1).forEach((b) => expect(convexOverlap(a!.outline, b!.outline)).toBe(false)),
    );
  });

  test('a long slab beside a bowl is not taken for one that lies in it', () => {
    const { plan, surface } = crowded(420, ['goat-log', 'hummus-home']);
    const parts = partsOf(plan, surface).filter(({ kind }) => kind === 'hard');
    const slab = parts.find(({ bowlMm }) => bowlMm === null)!;
    const bowl = parts.find(({ bowlMm }) => bowlMm !== null)!;
    const side: [number, number][] = [
      [-60, -10],
      [60, -10],
      [60, 10],
      [-60, 10],
    ];
    const long = { ...slab, outline: side, lengthMm: 120, widthMm: 20 };
    const spots = [
      { x: 0, y: 0, angle: 0 },
      { x: 0, y: 10 + bowl.bowlMm! + 2, angle: 0 },
    ];
    const stood = standClear([long, bowl], spots, [], servingGround(surface), null);
    expect(stood.map((stands) => stands?.spot)).toEqual(spots);
  });

  test('a cheese larger than its plate is not laid at all', () => {
    const { plan, surface } = crowded(90, ['brie']);
    const { elements } = laySurface(plan, surface, 1);
    expect(elements.some(({ componentId }) => componentId === id('brie'))).toBe(false);
    expect(inside(laySurface(plan, surface, 1).outline, 0, 0)).toBe(true);
  });
});
