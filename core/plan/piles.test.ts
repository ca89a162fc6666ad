import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { inside } from '../geometry/index.js';
import { lies } from '../testing/plans.js';
import { bent, endPulled, given, parted, pullOf, together } from './piles.js';
import type { LaidElement } from './records/element.js';

/** A pile of berries with its pieces at these places, turned. */
const pile = (id: string, at: readonly (readonly [number, number])[], angle = 0): LaidElement => ({
  id,
  componentId: lies('blueberries', 10).componentId,
  form: 'scatter',
  contained: false,
  x: 30,
  y: -20,
  angle,
  layer: 2,
  pinned: false,
  outline: [
    [0, 0],
    [60, 0],
    [60, 40],
    [0, 40],
  ],
  pieces: at.map(([x, y]) => [x, y, 0]),
  bowlMm: null,
});

const places = fc.array(fc.tuple(fc.integer({ min: -60, max: 60 }), fc.integer({ min: -60, max: 60 })), {
  minLength: 2,
  maxLength: 40,
});

/** Pieces where they lie on the surface, in some order. */
const lying = ({ x, y, angle, pieces }: LaidElement): string[] => {
  const [c, s] = [Math.cos((angle * Math.PI) / 180), Math.sin((angle * Math.PI) / 180)];
  return pieces
    .map(([px, py]) => `${Math.round(x + px * c - py * s)} ${Math.round(y + px * s + py * c)}`)
    .sort();
};

test('a parted pile has all its pieces in two piles, both pinned, each over its own ground', () => {
  fc.assert(
    fc.property(places, fc.integer({ min: 0, max: 359 }), (at, angle) => {
      const whole = pile('a', at, angle);
      const [one, two] = parted(whole, 'b')!;
      expect(one.pieces.length + two.pieces.length).toBe(at.length);
      expect([one.id, two.id, one.pinned, two.pinned]).toEqual(['a', 'b', true, true]);
      // the first half stays where it lay, to the rounding of a tenth
      const before = lying(whole).map((place) => place.split(' ').map(Number));
      for (const place of lying(one)) {
        const [x, y] = place.split(' ').map(Number);
        expect(before.some(([u, v]) => Math.abs(u! - x!) <= 1 && Math.abs(v! - y!) <= 1)).toBe(true);
      }
      for (const half of [one, two])
        for (const [px, py] of half.pieces) expect(inside(half.outline, half.x + px, half.y + py)).toBe(true);
    }),
  );
});

test('put together they have all pieces, and those of the first lie where they lay', () => {
  fc.assert(
    fc.property(places, places, (a, b) => {
      const joined = together(pile('a', a), { ...pile('b', b), x: -90 })!;
      expect(joined.pieces).toHaveLength(a.length + b.length);
      const now = lying(joined).map((place) => place.split(' ').map(Number));
      for (const place of lying(pile('a', a))) {
        const [x, y] = place.split(' ').map(Number);
        expect(now.some(([u, v]) => Math.abs(u! - x!) <= 1 && Math.abs(v! - y!) <= 1)).toBe(true);
      }
    }),
  );
});

test('pieces that are given leave one pile and come to the other; the last one is not given', () => {
  fc.assert(
    fc.property(places, places, fc.integer({ min: 1, max: 50 }), (a, b, count) => {
      const both = given(pile('a', a), { ...pile('b', b), x: 200 }, count);
      if (count >= a.length) return expect(both).toBeUndefined();
      return expect([both!.from.pieces.length, both!.to.pieces.length]).toEqual([
        a.length - count,
        b.length + count,
      ]);
    }),
  );
});

test('what is no pile, or of another food, is left as it is', () => {
  const berries = pile('a', [
    [0, 0],
    [5, 5],
  ]);
  expect(parted({ ...berries, bowlMm: 40, layer: 4 }, 'b')).toBeUndefined();
  expect(parted({ ...berries, motif: 'moon' }, 'b')).toBeUndefined();
  expect(parted({ ...berries, pieces: [[0, 0, 0]] }, 'b')).toBeUndefined();
  expect(
    together(berries, { ...berries, id: 'b', componentId: lies('almonds', 10).componentId }),
  ).toBeUndefined();
  expect(together(berries, berries)).toBeUndefined();
});

/** A row of slices along x, turned as a whole. */
const row = (n: number, angle: number): LaidElement => ({
  ...pile(
    'row-1',
    Array.from({ length: n }, (_, i): [number, number] => [(i - (n - 1) / 2) * 20, 0]),
    angle,
  ),
  layer: 1,
});

/** Pieces where they lie on the surface, in their order. */
const placesOf = ({ x, y, angle, pieces }: LaidElement) => {
  const [c, s] = [Math.cos((angle * Math.PI) / 180), Math.sin((angle * Math.PI) / 180)];
  return pieces.map(([px, py]) => [x + px * c - py * s, y + px * s + py * c] as const);
};

test('a row is bent by its middle: the ends stay, each piece turns with the line, and bending back lays it straight', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 3, max: 21 }),
      fc.integer({ min: -180, max: 180 }),
      fc.integer({ min: -60, max: 60 }),
      (n, angle, mm) => {
        const before = row(n, angle);
        const after = bent(before, mm)!;
        expect(after.pieces).toHaveLength(n);
        expect(after.pinned).toBe(true);
        const [was, is] = [placesOf(before), placesOf(after)];
        const far = (i: number) => Math.hypot(is[i]![0] - was[i]![0], is[i]![1] - was[i]![1]);
        expect(far(0)).toBeLessThan(0.2);
        expect(far(n - 1)).toBeLessThan(0.2);
        if (n % 2 === 1) expect(Math.abs(far((n - 1) / 2) - Math.abs(mm))).toBeLessThan(0.2);
        const pull = pullOf(before)!;
        expect(pull.x).toBeCloseTo(30, 0);
        expect(Math.hypot(pull.nx, pull.ny)).toBeCloseTo(1, 6);
      },
    ),
  );
  expect(
    bent(
      pile('heap-1', [
        [0, 0],
        [9, 0],
        [20, 0],
      ]),
      20,
    ),
  ).toBeUndefined();
  expect(bent(row(2, 0), 20)).toBeUndefined();
});

test('a row is pulled by an end: that end goes along, the other stays, and what lies nearer to the hand goes farther', () => {
  const mm = fc.integer({ min: -60, max: 60 });
  fc.assert(
    fc.property(
      fc.integer({ min: 3, max: 21 }),
      fc.integer({ min: -180, max: 180 }),
      fc.constantFrom(0 as const, 1 as const),
      mm,
      mm,
      (n, angle, end, dx, dy) => {
        const before = row(n, angle);
        const after = endPulled(before, end, dx, dy)!;
        expect([after.pieces.length, after.pinned]).toEqual([n, true]);
        const [was, is] = [placesOf(before), placesOf(after)];
        const grip = pullOf(before)!.ends[end];
        const from = (i: number): number => Math.hypot(was[i]![0] - grip[0], was[i]![1] - grip[1]);
        const far = (i: number): number => Math.hypot(is[i]![0] - was[i]![0], is[i]![1] - was[i]![1]);
        const byHand = before.pieces.map((_, i) => i).sort((a, b) => from(a) - from(b));
        expect(far(byHand.at(-1)!)).toBeLessThan(0.2);
        for (const [k, i] of byHand.slice(1).entries()) expect(far(i)).toBeLessThan(far(byHand[k]!) + 0.2);
        // a row is not drawn together to nothing
        const long = (at: readonly (readonly [number, number])[]): number =>
          Math.hypot(at[0]![0] - at[n - 1]![0], at[0]![1] - at[n - 1]![1]);
        expect(long(is)).toBeGreaterThan(0.39 * long(was));
        if (long(was) > 2 * Math.hypot(dx, dy)) expect(far(byHand[0]!)).toBeCloseTo(Math.hypot(dx, dy), 0);
      },
    ),
  );
  expect(endPulled(row(2, 0), 0, 20, 0)).toBeUndefined();
});

test('the slices of a row whose end is pulled across turn with its line, most at that end', () => {
  const turns = endPulled(row(9, 0), 1, 0, 40)!.pieces.map(([, , turn]) => turn);
  expect(turns[0]).toBe(0);
  expect(turns).toEqual([...turns].sort((a, b) => a - b));
  // at the end the line rises by twice what it does in the mean: 40 mm up on half of 160
  expect(turns[8]).toBeCloseTo((Math.atan2(40, 80) * 180) / Math.PI, 0);
});
