import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { gapBetween, placed, type Polygon } from '../../geometry/index.js';
import { CUTTERS, cutterById, cutterOutline, type CutterSize } from '../cutters/index.js';
import { disc, halfRound, oval, rect, ring, sliceOf, wedge, type Slice } from '../slice.js';
import { MOST_PIECES, Nesting, orderOf, type Nest, type NestRequest } from './index.js';
import { pressOrder } from '../press.js';
import { settledAt } from './settled.js';

const outline = (id: string, size: CutterSize): Polygon => cutterOutline(cutterById(id)!, size);
const STAR = outline('star', 30);

/** Runs until so many steps are done or so many pieces are found. */
function nested(
  request: Partial<NestRequest> & Pick<NestRequest, 'slice' | 'cutters'>,
  steps: number,
  enough = 999,
): Nest {
  const nesting = new Nesting({ gapMm: 2, marginMm: 2, seed: 1, ...request });
  while (!nesting.done && nesting.steps < steps && nesting.best.pieces.length < enough) nesting.step();
  return nesting.best;
}

// ---------------------------------------------------------------- the slow check: shares nothing with the solver

type P = readonly [number, number];

function pointSegment(p: P, a: P, b: P): number {
  const l = (b[0] - a[0]) ** 2 + (b[1] - a[1]) ** 2;
  const dot = (p[0] - a[0]) * (b[0] - a[0]) + (p[1] - a[1]) * (b[1] - a[1]);
  const t = l === 0 ? 0 : Math.min(1, Math.max(0, dot / l));
  return Math.sqrt((p[0] - a[0] - t * (b[0] - a[0])) ** 2 + (p[1] - a[1] - t * (b[1] - a[1])) ** 2);
}

/** How often a ray to the right meets the outline: odd inside. */
const within = (p: P, loop: Polygon): boolean =>
  loop.filter((a, i) => {
    const b = loop[(i + 1) % loop.length]!;
    if (a[1] > p[1] === b[1] > p[1]) return false;
    return p[0] < a[0] + ((p[1] - a[1]) / (b[1] - a[1])) * (b[0] - a[0]);
  }).length %
    2 ===
  1;

/** The least distance of two outlines that do not cross: each corner of the one to each side of the other. */
function between(one: Polygon, other: Polygon): number {
  let least = Infinity;
  for (const [from, to] of [
    [one, other],
    [other, one],
  ] as const)
    for (const p of from)
      for (let i = 0; i < to.length; i++)
        least = Math.min(least, pointSegment(p, to[i]!, to[(i + 1) % to.length]!));
  return least;
}

/** Inside, and not on the rim: where no gap is asked for, a corner may lie on another's side. */
const deepIn = (p: P, loop: Polygon): boolean =>
  within(p, loop) && Math.min(...loop.map((a, i) => pointSegment(p, a, loop[(i + 1) % loop.length]!))) > 1e-4;

/** From circles about the origin: corners from the outer one, corners and sides from the inner one. */
const roundEdge = (outline: Polygon, { round }: Slice): number =>
  Math.min(
    ...outline.map((p) => round!.outerMm - Math.sqrt(p[0] ** 2 + p[1] ** 2)),
    ...(round!.innerMm > 0
      ? outline.map((p, i) => pointSegment([0, 0], p, outline[(i + 1) % outline.length]!) - round!.innerMm)
      : []),
  );

function faultsOf({ pieces }: Nest, slice: Slice, gap: number, margin: number): string[] {
  const faults: string[] = [];
  pieces.forEach((piece, i) => {
    if (!slice.round && !piece.outline.every((p) => within(p, slice.outer))) faults.push(`${i} sticks out`);
    if (
      !slice.round &&
      slice.holes.some(
        (hole) => piece.outline.some((p) => within(p, hole)) || hole.some((p) => within(p, piece.outline)),
      )
    )
      faults.push(`${i} over a hole`);
    if (slice.round && within([0, 0], piece.outline) && slice.round.innerMm > 0)
      faults.push(`${i} over the hole`);
    const edge = slice.round
      ? roundEdge(piece.outline, slice)
      : Math.min(...[slice.outer, ...slice.holes].map((wall) => between(piece.outline, wall)));
    if (edge < margin - 1e-4) faults.push(`${i} at the edge: ${edge}`);
    for (const other of pieces.slice(i + 1)) {
      const isIn =
        other.outline.some((p) => deepIn(p, piece.outline)) ||
        piece.outline.some((p) => deepIn(p, other.outline));
      if (isIn || between(piece.outline, other.outline) < gap - 1e-4) faults.push(`${i} at another`);
    }
  });
  return faults;
}

describe('a nesting', () => {
  const slices: [string, Slice][] = [
    ['disc', disc(90)],
    ['ring', ring(110, 28)],
    ['rect', rect(90, 70)],
    ['oval', oval(110, 75)],
    ['half', halfRound(120)],
    ['wedge', wedge(70, 100)],
    [
      'own outline',
      sliceOf([
        [-45, -30],
        [45, -30],
        [45, 0],
        [5, 0],
        [5, 35],
        [-45, 35],
      ]),
    ],
  ];

  test('keeps the gap and the margin, whatever is cut from whatever', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...slices.map(([name]) => name)),
        fc.constantFrom(...CUTTERS.map(({ id }) => id)),
        fc.integer({ min: 22, max: 30 }),
        fc.constantFrom(0, 1, 2, 3),
        fc.constantFrom(0, 2, 4),
        fc.integer({ min: 1, max: 1000 }),
        (name, id, size, gapMm, marginMm, seed) => {
          const slice = slices.find(([known]) => known === name)![1];
          const nest = nested(
            { slice, cutters: [{ outline: outline(id, size) }], gapMm, marginMm, seed },
            150,
          );
          expect(faultsOf(nest, slice, gapMm, marginMm)).toEqual([]);
          expect(nest.pieces.length).toBeGreaterThan(0);
          expect(nest.pieces.length).toBeLessThanOrEqual(nest.bound);
        },
      ),
      { numRuns: 10 },
    );
  });

  test.each([
    [3, 7],
    [3.813, 10],
    [4.8637, 19],
    [6.1977, 30],
  ])('packs discs as densely as is known: %d times as wide holds %d', (ratio, count) => {
    const slice = disc(22 * ratio * 1.001);
    const nest = nested(
      { slice, cutters: [{ outline: outline('disc', 22) }], gapMm: 0, marginMm: 0 },
      30_000,
      count,
    );
    expect(nest.pieces).toHaveLength(count);
    expect(nest.bound).toBeGreaterThanOrEqual(count);
  });

  test.each([
    ['star', 30, disc(110), 13],
    ['gear', 26, disc(110), 11],
    ['block-e', 25, ring(110, 30), 10],
    ['crescent', 34, ring(110, 30), 9],
    ['leaf', { widthMm: 40, heightMm: 18 }, rect(100, 100), 13],
  ] as const)('is as good as a skilled hand: %s', (id, size, slice, count) => {
    expect(nested({ slice, cutters: [{ outline: outline(id, size) }] }, 12_000, count).pieces).toHaveLength(
      count,
    );
  });

  test('the same seed and steps give the same cuts; more steps never fewer', () => {
    const request = { slice: disc(100), cutters: [{ outline: outline('heart', 26) }], seed: 5 };
    expect(nested(request, 400)).toEqual(nested(request, 400));
    const counts = [50, 400, 2000].map((steps) => nested(request, steps).pieces.length);
    expect(counts).toEqual([...counts].sort((a, b) => a - b));
  });

  test('turning the slice changes no count of discs, and of others by one at most', () => {
    const turned = (angle: number) => sliceOf(placed(rect(95, 70).outer, 0, 0, angle));
    const count = (id: string, angle: number) =>
      nested({ slice: turned(angle), cutters: [{ outline: outline(id, 24) }] }, 1500).pieces.length;
    expect(count('disc', 33)).toBe(count('disc', 0));
    expect(Math.abs(count('heart', 33) - count('heart', 0))).toBeLessThanOrEqual(1);
  });

  test('a cutter larger than the slice gives nothing, and says that nothing can', () => {
    const nest = nested({ slice: disc(40), cutters: [{ outline: outline('disc', 60) }] }, 500);
    expect(nest.pieces).toEqual([]);
    expect(nest.bound).toBe(0);
    expect(nested({ slice: disc(35), cutters: [{ outline: STAR }] }, 300).pieces).toHaveLength(1);
  });
});

describe('several cutters', () => {
  test('those with a number come first, the rest as many as there is room for', () => {
    const cutters = [{ outline: outline('star', 24), want: 4 }, { outline: outline('crescent', 24) }];
    const slice = rect(110, 80);
    const nest = nested({ slice, cutters }, 1500);
    expect(nest.byCutter[0]).toBe(4);
    expect(nest.byCutter[1]).toBeGreaterThanOrEqual(8);
    expect(faultsOf(nest, slice, 2, 2)).toEqual([]);
  });

  test('when all wanted numbers are there it is done', () => {
    const cutters = [
      { outline: outline('star', 20), want: 3 },
      { outline: outline('heart', 20), want: 2 },
    ];
    const nesting = new Nesting({ slice: disc(110), cutters, gapMm: 2, marginMm: 2, seed: 1 });
    for (let i = 0; i < 500 && !nesting.done; i++) nesting.step();
    expect(nesting.done).toBe(true);
    expect(nesting.best.byCutter).toEqual([3, 2]);
    expect(nesting.best.bound).toBe(5);
  });

  test('are added so that each comes near its number together', () => {
    const of = (...wants: (number | undefined)[]) =>
      orderOf(wants.map((want) => ({ outline: STAR, ...(want === undefined ? {} : { want }) })));
    expect(of(2, 4)).toEqual([0, 1, 1, 0, 1, 1]);
    expect(of(1, undefined).slice(0, 4)).toEqual([0, 1, 1, 1]);
    expect(of(undefined, undefined).slice(0, 4)).toEqual([0, 1, 0, 1]);
    expect(of(0)).toEqual([]);
    expect(of(undefined)).toHaveLength(MOST_PIECES);
  });
});

describe('a hand', () => {
  test('that has locked a piece finds it where it was, and the rest around it', () => {
    const locked = [{ cutter: 0, x: 0, y: 0, angle: 17 }];
    const slice = disc(110);
    const nest = nested({ slice, cutters: [{ outline: STAR }], locked }, 2500, 11);
    expect(nest.pieces[0]).toMatchObject({ cutter: 0, x: 0, y: 0, angle: 17, locked: true });
    expect(nest.pieces.length).toBeGreaterThanOrEqual(10);
    expect(faultsOf(nest, slice, 2, 2)).toEqual([]);
  });

  test('that allows some turns only gets no other', () => {
    const nest = nested({ slice: rect(100, 80), cutters: [{ outline: STAR }], turns: [0, 180] }, 800);
    expect(nest.pieces.length).toBeGreaterThan(5);
    for (const { angle } of nest.pieces) expect([0, 180]).toContain(Math.round(angle) % 360);
    // a half turn of one of them is no turn that is allowed
    const three = nested(
      { slice: rect(100, 80), cutters: [{ outline: outline('heart', 22) }], turns: [0, 90, 180] },
      900,
    );
    for (const { angle } of three.pieces) expect([0, 90, 180]).toContain(Math.round(angle) % 360);
  });
});

test('the bound is no less than what fits: squares side by side', () => {
  const slice = rect(100.2, 100.2);
  const square = { cutters: [{ outline: outline('square', 20) }], slice, gapMm: 0, marginMm: 0 };
  // five by five of them lie there
  expect(nested(square, 1).bound).toBeGreaterThanOrEqual(25);
  // a slice that is thinner than its margin loses no more than it has
  const thin = sliceOf([
    [-40, -1],
    [40, -1],
    [40, 1],
    [12, 1],
    [12, 24],
    [-12, 24],
    [-12, 1],
    [-40, 1],
  ]);
  const nest = nested(
    { cutters: [{ outline: outline('square', 14) }], slice: thin, gapMm: 0, marginMm: 4 },
    600,
  );
  expect(nest.pieces).toHaveLength(1);
  expect(nest.bound).toBeGreaterThanOrEqual(1);
});

test('what fits to the last hair only is not cut: a hand has none', () => {
  const band = { slice: ring(100, 28), gapMm: 0, marginMm: 2 };
  expect(nested({ ...band, cutters: [{ outline: outline('disc', 32) }] }, 300).pieces).toEqual([]);
  expect(
    nested({ ...band, cutters: [{ outline: outline('disc', 31.9) }] }, 300).pieces.length,
  ).toBeGreaterThan(3);
});

describe('a hand’s piece', () => {
  const request = {
    slice: disc(110),
    cutters: [{ outline: cutterOutline(cutterById('star')!, 30) }],
    gapMm: 2,
    marginMm: 2,
    seed: 1,
  };
  const piece = fc.record({
    x: fc.double({ min: -60, max: 60, noNaN: true }),
    y: fc.double({ min: -60, max: 60, noNaN: true }),
    angle: fc.double({ min: 0, max: 360, noNaN: true }),
  });

  test('settles where it keeps margin and gap, and nothing nearer was passed over', () => {
    const locked = [{ cutter: 0, x: 0, y: 0, angle: 0 }];
    fc.assert(
      fc.property(piece, (at) => {
        const found = settledAt({ ...request, locked }, { cutter: 0, ...at });
        if (!found) return expect(Math.hypot(at.x, at.y)).toBeGreaterThan(55);
        const outline = placed(request.cutters[0]!.outline, found.x, found.y, found.angle);
        expect(Math.max(...outline.map(([x, y]) => Math.hypot(x, y)))).toBeLessThanOrEqual(53.001);
        expect(gapBetween(outline, placed(request.cutters[0]!.outline, 0, 0, 0))).toBeGreaterThanOrEqual(
          1.999,
        );
        // in the middle of a ring of free ground it stays where it was put
        const again = settledAt({ ...request, locked }, found);
        expect([again!.x, again!.y]).toEqual([found.x, found.y]);
      }),
      { numRuns: 60 },
    );
  });

  test('is nested around, and stays', () => {
    const at = settledAt(request, { cutter: 0, x: 20, y: 12, angle: 17 })!;
    const nesting = new Nesting({ ...request, locked: [at] });
    while (!nesting.done && nesting.steps < 3000) nesting.step();
    const [first] = nesting.best.pieces;
    expect([first!.locked, first!.x, first!.y, first!.angle]).toEqual([true, 20, 12, 17]);
    expect(nesting.best.pieces.length).toBeGreaterThan(8);
  });
});

test('cutters are pressed from the edge inward, clockwise, each once', () => {
  const at = (x: number, y: number) => ({ x, y });
  // y upwards: top, right, bottom, left, then the middle
  const pieces = [at(0, 0), at(-40, 0), at(0, 40), at(40, 0), at(0, -40)];
  expect(pressOrder(pieces, 30)).toEqual([2, 3, 4, 1, 0]);
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          x: fc.double({ min: -50, max: 50, noNaN: true }),
          y: fc.double({ min: -50, max: 50, noNaN: true }),
        }),
      ),
      (any) => {
        expect([...pressOrder(any, 30)].sort((a, b) => a - b)).toEqual(any.map((_, i) => i));
      },
    ),
  );
});
