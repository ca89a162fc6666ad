import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { createRandom } from '../measure/index.js';
import type { Surface } from '../plan/index.js';
import { surfaceAreaCm2 } from '../portion/index.js';
import { areaOf, convexOverlap, ellipse, inside, placed, rectangle, type Point } from '../geometry/index.js';
import { lies, planWith } from '../testing/plans.js';
import { anchorOf, placeAnchors } from './anchors.js';
import { fieldOver, spineThrough } from './field.js';
import { fillLine, fillLoose, fillRun } from './fill.js';
import { forCellsIn, gridOver, servingGround } from './grid.js';
import { layHerbs } from './herbs.js';
import { outlineOf } from './outline.js';
import { partsOf, type Part } from './parts.js';
import {
  assign,
  borderNoise,
  freeCells,
  momentsOf,
  NOBODY,
  siteFor,
  stepRegions,
  type Site,
} from './regions.js';
import { borders, bordersSeen, relabel } from './relabel.js';
import { coverage, coverCount, keepInside, settle, type Filled } from './settle.js';

const board = (outline: Surface['outline'] = { kind: 'round', diameterMm: 400 }): Surface => ({
  ...planWith({}).surfaces[0]!,
  outline,
});
const ROUND = board();
const TRAY = board({ kind: 'rectangle', lengthMm: 420, widthMm: 300, cornerMm: 40 });

/** The parts of a board on which only these foods lie. */
function parts(...foods: [string, number][]): Part[] {
  const plan = planWith({ placements: foods.map(([id, g]) => lies(id, g)) });
  return partsOf(plan, plan.surfaces[0]!, surfaceAreaCm2(plan.surfaces[0]!));
}

const cellsOf = (owner: Int16Array, i: number): number[] => [...owner.keys()].filter((c) => owner[c] === i);

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

/** Sites over the round board, with their regions grown. */
function grown(soft: readonly Part[], steps = 40) {
  const grid = gridOver(servingGround(ROUND), 5);
  const free = freeCells(grid, new Uint8Array(grid.ground.length), () => [0, 0]);
  const field = fieldOver(servingGround(ROUND), []);
  const random = createRandom(9);
  const sum = soft.reduce((sum, part) => sum + part.groundCm2, 0);
  const sites: Site[] = soft.map((part, i) =>
    siteFor(
      part,
      100 * Math.cos((i * 6.283) / soft.length),
      100 * Math.sin((i * 6.283) / soft.length),
      random.range(0, 3),
      (free.cells.length * part.groundCm2) / sum,
      grid,
      field,
    ),
  );
  const owner = new Int16Array(grid.ground.length).fill(NOBODY);
  for (let k = 0; k < steps; k++) stepRegions(grid, free, soft, sites, owner, 0.4, field);
  assign(free, sites, owner);
  return { grid, free, sites, owner };
}

const SOFT = parts(
  ['strawberries', 200],
  ['cherry-tomatoes', 150],
  ['salami', 120],
  ['breadsticks', 90],
  ['cucumber', 160],
);

describe('regions', () => {
  test('each free cell goes to the nearest site (against asking all, points only)', () => {
    const grid = gridOver(servingGround(ROUND), 10);
    const free = freeCells(grid, new Uint8Array(grid.ground.length), () => [0, 0]);
    const random = createRandom(4);
    const loose = SOFT.filter((part) => part.kind === 'loose');
    const sites = loose.map((part) => ({
      ...siteFor(part, random.range(-150, 150), random.range(-150, 150), 0, 10, grid),
      weight: random.range(-20, 20),
    }));
    const owner = new Int16Array(grid.ground.length).fill(NOBODY);
    assign(free, sites, owner);
    const wrong = [...free.cells].filter((c, k) => {
      const d = sites.map((site) => Math.hypot(free.x[k]! - site.x, free.y[k]! - site.y) - site.weight);
      return d[owner[c]!]! > Math.min(...d) + 1e-9;
    });
    expect(wrong).toEqual([]);
  });

  test('every food gets the share of the ground that its grams ask for, within a tenth', () => {
    const { sites, owner } = grown(SOFT);
    sites.forEach((site, i) => {
      const cells = cellsOf(owner, i).length;
      expect(Math.abs(cells - site.targetCells) / site.targetCells).toBeLessThan(0.1);
    });
  });

  test('cells outside the ground and taken cells belong to nobody', () => {
    const grid = gridOver(servingGround(ROUND), 5);
    const taken = new Uint8Array(grid.ground.length);
    forCellsIn(grid, ellipse(120, 120), (c) => (taken[c] = 1));
    const free = freeCells(grid, taken, borderNoise(createRandom(2)));
    const owner = new Int16Array(grid.ground.length).fill(NOBODY);
    assign(free, [siteFor(SOFT[0]!, 0, 0, 0, 10, grid)], owner);
    expect([...owner]).toEqual([...grid.ground].map((g, c) => (g && !taken[c] ? 0 : NOBODY)));
  });

  test('a region’s middle and direction are those of its cells', () => {
    const grid = gridOver(rectangle(200, 200), 5);
    const owner = new Int16Array(grid.ground.length).fill(NOBODY);
    // a bar along the diagonal
    for (let k = -60; k <= 60; k++)
      forCellsIn(grid, placed(rectangle(12, 12), 20 + k * 0.7, -10 + k * 0.7, 45), (c) => (owner[c] = 0));
    const [m] = momentsOf(grid, owner, 2);
    expect(m!.x).toBeCloseTo(20, -1);
    expect(m!.y).toBeCloseTo(-10, -1);
    expect(m!.angle).toBeCloseTo(Math.PI / 4, 1);
    expect(momentsOf(grid, owner, 2)[1]).toEqual({ count: 0, x: 0, y: 0, angle: 0 });
  });

  test('border noise is smooth, small and the same for a seed', () => {
    const [a, b] = [borderNoise(createRandom(5)), borderNoise(createRandom(5))];
    for (let x = -200; x < 200; x += 7) {
      expect(a(x, 3)).toEqual(b(x, 3));
      const [[u], [v]] = [a(x, 3), a(x + 1, 3)];
      expect(Math.abs(u)).toBeLessThanOrEqual(6);
      expect(Math.abs(u - v)).toBeLessThan(1);
    }
  });
});

describe('which food goes where', () => {
  test('relabelling only exchanges foods, keeps fixed ones, and leaves fewer points on the borders', () => {
    const { grid, sites, owner } = grown(SOFT);
    sites[0]!.fixed = true;
    const border = borders(grid, owner, SOFT.length);
    const rest = { anchors: [], spots: [], ground: servingGround(ROUND), late: 0.9 };
    const label = relabel({ parts: SOFT, sites, border, ...rest }, createRandom(8));
    expect([...label].sort((a, b) => a - b)).toEqual(SOFT.map((_, i) => i));
    expect(label[0]).toBe(0);
    label.forEach((l, i) => expect(SOFT[l]!.kind).toBe(SOFT[i]!.kind));
  });

  test('two regions of one food are drawn apart', () => {
    const soft = parts(
      ['strawberries', 420],
      ['cherry-tomatoes', 260],
      ['blueberries', 260],
      ['green-olives', 260],
    ).filter((part) => part.kind === 'loose');
    const ids = soft.map((part) => part.component.id);
    const twice = ids.findIndex((id, i) => ids.indexOf(id) !== i);
    expect(twice).toBeGreaterThan(0);
    const { grid, sites, owner } = grown(soft);
    const seen = bordersSeen(grid, owner, soft.length);
    const rest = { anchors: [], spots: [], ground: servingGround(ROUND) };
    const label = relabel({ parts: soft, sites, border: seen, ...rest }, createRandom(1));
    const border = borders(grid, owner, soft.length);
    const touching = (l: readonly number[]) => {
      let n = 0;
      for (let a = 0; a < soft.length; a++)
        for (let b = a + 1; b < soft.length; b++)
          if (soft[l[a]!]!.component.id === soft[l[b]!]!.component.id) n += border[a * soft.length + b]!;
      return n;
    };
    expect(touching(label)).toBeLessThanOrEqual(touching(soft.map((_, i) => i)));
  });

  test('borders are counted the same from both sides', () => {
    const { grid, owner } = grown(SOFT);
    const n = SOFT.length;
    const border = borders(grid, owner, n);
    for (let a = 0; a < n; a++) {
      expect(border[a * n + a]).toBe(0);
      for (let b = 0; b < n; b++) expect(border[a * n + b]).toBe(border[b * n + a]);
    }
  });
});

describe('pieces', () => {
  test('a heap and a run hold just the pieces of the plan, near their own ground', () => {
    const { grid, owner, sites } = grown(SOFT);
    SOFT.forEach((part, i) => {
      const cells = cellsOf(owner, i);
      const laid =
        part.kind === 'run'
          ? fillRun(part, cells, grid, sites[i]!.spine, createRandom(i + 1))
          : fillLoose(part, cells, grid, createRandom(i + 1));
      expect(laid).toHaveLength(part.pieces);
      for (const otherLaid of laid) {
        const near = Math.min(
          ...cells.map((cell) =>
            Math.hypot(
              grid.xOf(cell % grid.columns) - otherLaid.x,
              grid.yOf(Math.floor(cell / grid.columns)) - otherLaid.y,
            ),
          ),
        );
        expect(near).toBeLessThan(40);
        expect(Number.isFinite(otherLaid.angle)).toBe(true);
      }
    });
  });

  test('a line has its pieces one behind the other along its spine, none far off it', () => {
    const [berries] = parts(['blueberries', 40]);
    const spine = {
      points: [0, 10, 20, 30, 40].map((k): Point => [k * 2, 30 * Math.sin(k / 20)]),
      angle: 0,
    };
    const laid = fillLine({ ...berries!, pieces: 6 }, spine, createRandom(3));
    expect(laid).toHaveLength(6);
    laid.slice(1).forEach((piece, i) => expect(piece.x).toBeGreaterThan(laid[i]!.x - 3));
    for (const { x, y } of laid) {
      const off = Math.min(...spine.points.map(([u, v]) => Math.hypot(x - u, y - v)));
      expect(off).toBeLessThan(20);
    }
  });

  test('a row’s spine has its length, is bent no more than slices can be, and keeps off the rim', () => {
    const ground = servingGround(ROUND);
    const field = fieldOver(ground, [ellipse(110, 110)]);
    fc.assert(
      fc.property(
        fc.double({ min: -120, max: 120, noNaN: true }),
        fc.double({ min: -120, max: 120, noNaN: true }),
        fc.double({ min: 0, max: 3.1, noNaN: true }),
        (x, y, own) => {
          fc.pre(Math.hypot(x, y) > 75);
          const { points } = spineThrough(field, x, y, own, 240, 40);
          expect(points.length).toBe(15);
          for (const [px, py] of points) {
            expect(inside(ground, px, py)).toBe(true);
            expect(Math.hypot(px, py)).toBeGreaterThan(45);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  test('no ground is no piece, and one cell holds them all', () => {
    const { grid } = grown(SOFT);
    expect(fillLoose(SOFT[0]!, [], grid, createRandom(1))).toEqual([]);
    expect(fillRun(SOFT[0]!, [], grid, { points: [[0, 0]], angle: 0 }, createRandom(1))).toEqual([]);
    expect(fillLoose(SOFT[0]!, [grid.ground.indexOf(1)], grid, createRandom(1))).toHaveLength(
      SOFT[0]!.pieces,
    );
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
