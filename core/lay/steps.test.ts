import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { createRandom } from '../measure/index.js';
import { surfaceAreaCm2 } from '../portion/index.js';
import { areaOf, convexOverlap, ellipse, inside, placed, rectangle, type Point } from '../geometry/index.js';
import { anchorOf, placeAnchors } from './anchors.js';
import { fillLoose, type Laid } from './fill.js';
import { forCellsIn, gridOver, servingGround } from './grid.js';
import { layHerbs } from './herbs.js';
import { outlineOf } from './outline.js';
import { type Part } from './parts.js';
import { coverage, coverCount, keepInside, settle, type Filled } from './settle.js';
import { ROUND, TRAY, parts, cellsOf, grown, SOFT } from '../test-support/ground.js';

describe('the raster over the ground', () => {
  test('its cells add up to the ground inside the rim, round or with corners', () => {
    for (const surface of [ROUND, TRAY]) {
      const grid = gridOver(servingGround(surface), 3);
      const cells = grid.ground.reduce((sum, g) => sum + g, 0);
      expect((cells * 9) / 100 / surfaceAreaCm2(surface)).toBeCloseTo(1, 1);
    }
  });

  test('the cells of a polygon are those whose middle is in it (against asking each cell)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -150, max: 150 }),
        fc.integer({ min: -150, max: 150 }),
        fc.integer({ min: 8, max: 160 }),
        fc.integer({ min: 8, max: 160 }),
        fc.integer({ min: 0, max: 359 }),
        (x, y, l, w, angle) => {
          const grid = gridOver(servingGround(ROUND), 5);
          const polygon = placed(ellipse(l, w, 16), x, y, angle);
          const found = new Set<number>();
          forCellsIn(grid, polygon, (c) => found.add(c));
          const middle = (c: number): Point => [
            grid.xOf(c % grid.columns),
            grid.yOf(Math.floor(c / grid.columns)),
          ];
          // right on a side the last bit of a sine decides, and either is true
          const isClear = (c: number): boolean =>
            polygon.every(([ax, ay], i) => {
              const [bx, by] = polygon[(i + 1) % polygon.length]!;
              const [px, py] = middle(c);
              return (
                Math.abs((bx - ax) * (py - ay) - (by - ay) * (px - ax)) > 1e-9 * Math.hypot(bx - ax, by - ay)
              );
            });
          const asked = [...grid.ground.keys()].filter((c) => inside(polygon, ...middle(c)));
          expect([...found].sort((a, b) => a - b).filter(isClear)).toEqual(asked.filter(isClear));
        },
      ),
      { numRuns: 25, examples: [[2, -4, 118, 64, 315]] },
    );
  });

  test.each([1, 4, 5, 12, 40])(
    'a comb of %s teeth has the cells of its teeth, though a row goes in and out with each',
    (teeth) => {
      const polygon: Point[] = [
        ...Array.from({ length: teeth }, (_, i): Point[] => [
          [-50.3 + (100 * i) / teeth, 40.1],
          [-50.3 + (100 * (i + 0.5)) / teeth, -40.2],
        ]).flat(),
        [50.2, 40.1],
        [50.2, 44.4],
        [-50.3, 44.4],
      ];
      const grid = gridOver(servingGround(ROUND), 3);
      const found: number[] = [];
      forCellsIn(grid, polygon, (c) => found.push(c));
      const asked = [...grid.ground.keys()].filter((c) =>
        inside(polygon, grid.xOf(c % grid.columns), grid.yOf(Math.floor(c / grid.columns))),
      );
      expect(asked.length).toBeGreaterThan(100);
      expect(found).toEqual(asked);
    },
  );

  test('a polygon beside the board has no cells', () => {
    const grid = gridOver(servingGround(ROUND), 5);
    forCellsIn(grid, placed(ellipse(50, 50), 900, 0, 0), () => {
      throw new Error('expected no cell');
    });
  });
});

describe('bowls and large cheeses', () => {
  const hard = parts(['brie', 250], ['aged-gouda', 220], ['blue-wedge', 200], ['hummus-home', 300]).filter(
    (part) => part.kind === 'hard',
  );

  test('stand inside the rim, apart from each other, whatever the seed', () => {
    for (let seed = 1; seed <= 3; seed++) {
      const ground = servingGround(ROUND);
      const spots = placeAnchors(
        hard.map((part) => anchorOf(part)),
        ground,
        createRandom(seed),
      );
      const shapes = hard.map((part, i) => placed(part.outline, spots[i]!.x, spots[i]!.y, spots[i]!.angle));
      shapes.forEach((shape, i) => {
        for (const [x, y] of shape)
          expect(
            inside(
              placed(ground, 0, 0, 0).map(([u, v]) => [u * 1.02, v * 1.02]),
              x,
              y,
            ),
          ).toBe(true);
        shapes.slice(i + 1).forEach((b) => expect(convexOverlap(shape, b)).toBe(false));
      });
    }
  });

  test('a pinned one stays where it is while the others move', () => {
    const [first, ...rest] = hard;
    const pinned = { ...first!, pinned: { x: 60, y: -40, angle: 30 } as Part['pinned'] };
    const spots = placeAnchors(
      [pinned, ...rest].map((part) => anchorOf(part)),
      servingGround(ROUND),
      createRandom(3),
    );
    expect(spots[0]).toEqual({ x: 60, y: -40, angle: 30 });
  });

  test('nothing hard is no spot', () => {
    expect(placeAnchors([], servingGround(ROUND), createRandom(1))).toEqual([]);
  });
});

/** All soft parts filled into their regions. */
function filledBoard(): { grid: ReturnType<typeof gridOver>; filled: Filled[]; owner: Int16Array } {
  const { grid, owner } = grown(SOFT);
  const filled = SOFT.map((part, i) => ({
    part,
    pieces: fillLoose(part, cellsOf(owner, i), grid, createRandom(i + 1)),
  }));
  return { grid, filled, owner };
}

describe('settling', () => {
  test('never covers less than before, and adds no piece', () => {
    const { grid, filled, owner } = filledBoard();
    const ground = servingGround(ROUND);
    keepInside(ground, filled);
    const before = coverage(grid, coverCount(grid, filled, []));
    const counts = filled.map((filled) => filled.pieces.length);
    const after = settle(grid, ground, filled, [], owner, new Map(SOFT.map((part, i) => [part, i])));
    expect(after).toBeGreaterThanOrEqual(before - 1e-9);
    expect(coverage(grid, coverCount(grid, filled, []))).toBeCloseTo(after, 9);
    expect(filled.map((filled) => filled.pieces.length)).toEqual(counts);
  });

  test('draws pieces that stand over the rim back in, and leaves pinned ones', () => {
    const { filled } = filledBoard();
    const [free, held] = [filled[0]!, { ...filled[1]!, part: { ...filled[1]!.part, pinned: {} as never } }];
    free.pieces[0]!.x = 400;
    held.pieces[0]!.x = 400;
    keepInside(servingGround(ROUND), [free, held]);
    expect(Math.hypot(free.pieces[0]!.x, free.pieces[0]!.y)).toBeLessThan(200);
    expect(held.pieces[0]!.x).toBe(400);
  });

  test.each(['pistachios', 'peanuts', 'almonds'])(
    'the middle of a piece of %s, however small, stays inside',
    (food) => {
      const [part] = parts([food, 60]);
      const ground = servingGround(ROUND);
      const pieces = Array.from({ length: 36 }, (_, i): Laid => {
        const turn = (i * Math.PI) / 18;
        return { x: 260 * Math.cos(turn), y: 260 * Math.sin(turn), angle: i * 37 };
      });
      keepInside(ground, [{ part: part!, pieces }]);
      for (const { x, y } of pieces) expect(inside(ground, x, y)).toBe(true);
    },
  );

  test('cover counts every piece over a cell, and an empty ground is covered whole', () => {
    const grid = gridOver(rectangle(40, 40), 4);
    const square: Point[] = rectangle(20, 20) as Point[];
    const count = coverCount(grid, [], [square, square]);
    expect(Math.max(...count)).toBe(2);
    expect(coverage(grid, count)).toBeCloseTo(0.25, 1);
    expect(coverage({ ...grid, ground: new Uint8Array(grid.ground.length) }, count)).toBe(1);
  });
});

describe('herbs', () => {
  test('go well apart onto the board, bare places first', () => {
    const herbs = parts(['rosemary', 6]).filter((part) => part.kind === 'herb');
    expect(herbs.length).toBeGreaterThan(0);
    const { grid, filled } = filledBoard();
    const many = Array.from({ length: 4 }, (_, i) => ({ ...herbs[0]!, id: `h${i}` }));
    const laid = layHerbs(many, grid, servingGround(ROUND), filled, [], createRandom(2));
    expect(laid).toHaveLength(4);
    for (const element of laid) expect(inside(servingGround(ROUND), element.x, element.y)).toBe(true);
    laid.forEach((element, i) =>
      laid
        .slice(i + 1)
        .forEach((otherElement) =>
          expect(Math.hypot(element.x - otherElement.x, element.y - otherElement.y)).toBeGreaterThan(35),
        ),
    );
  });

  test('whole leaves lie in fans over the rim, by no more than a thumb, and are no food beyond it', () => {
    const leaves = parts(['basil', 6]).filter((part) => part.kind === 'herb');
    const { grid, filled } = filledBoard();
    const many = Array.from({ length: 9 }, (_, i) => ({ ...leaves[0]!, id: `h${i}` }));
    const ground = servingGround(ROUND);
    const laid = layHerbs(many, grid, ground, filled, [], createRandom(2));
    const over = laid.filter(({ layer }) => layer === 7);
    expect(over).toHaveLength(6);
    for (const element of over) {
      const far = Math.max(...element.outline.map(([x, y]) => Math.hypot(x, y)));
      const edge = Math.max(...ground.map(([x, y]) => Math.hypot(x, y)));
      expect(far).toBeGreaterThan(edge);
      expect(far).toBeLessThan(edge + 30);
    }
  });
});

describe('the outline of a patch of cells', () => {
  const grid = gridOver(rectangle(200, 200), 5);
  const within = (polygon: readonly Point[]) => {
    const cells: number[] = [];
    forCellsIn(grid, polygon, (c) => cells.push(c));
    return cells;
  };

  test('has about the area of its cells and holds their middles', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 140 }),
        fc.integer({ min: 30, max: 140 }),
        fc.integer({ min: 0, max: 179 }),
        (l, w, angle) => {
          const cells = within(placed(ellipse(l, w), 0, 0, angle));
          const outline = outlineOf(grid, cells);
          expect(areaOf(outline) / (cells.length * 25)).toBeCloseTo(1, 0);
          expect(inside(outline, 0, 0)).toBe(true);
        },
      ),
    );
  });

  test('takes the largest of several patches, and is empty for none', () => {
    const cells = [
      ...within(placed(ellipse(80, 80), -50, 0, 0)),
      ...within(placed(ellipse(20, 20), 80, 80, 0)),
    ];
    expect(inside(outlineOf(grid, cells), -50, 0)).toBe(true);
    expect(inside(outlineOf(grid, cells), 80, 80)).toBe(false);
    expect(outlineOf(grid, [])).toEqual([]);
  });
});
