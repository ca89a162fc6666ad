import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { createRandom } from '../measure/index.js';
import { ellipse, inside, placed, rectangle, type Point } from '../geometry/index.js';
import { fieldOver, spineThrough } from './field.js';
import { fillLine, fillLoose, fillRun } from './fill.js';
import { forCellsIn, gridOver, servingGround } from './grid.js';
import { assign, borderNoise, freeCells, momentsOf, NOBODY, siteFor } from './regions.js';
import { borders, bordersSeen, relabel } from './relabel.js';
import { ROUND, parts, cellsOf, grown, SOFT } from '../test-support/ground.js';

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
