import type { Random } from '../measure/index.js';
import { openPlaces, type LaidElement, type Surface } from '../plan/index.js';
import type { Component } from '../catalogue/index.js';
import { hypot2, type Point } from '../geometry/index.js';
import type { Spot, Stands } from './anchors.js';
import { fieldOver, type Field } from './field.js';
import { forCellsIn, gridOver, type Grid } from './grid.js';
import type { Part } from './parts.js';
import { isWantedAt, wantedPlaces } from './places.js';
import {
  assign,
  borderNoise,
  freeCells,
  NOBODY,
  siteFor,
  stepRegions,
  stretch,
  type FreeCells,
  type Site,
} from './regions.js';
import { bordersSeen, relabel, type Wish } from './relabel.js';
import { halfOf, starFarOut, starOf } from './star.js';

/** What every stage of one laying goes by. */
export interface Laying {
  random: Random;
  /** Rounds in which foods trade places; none is a first draft. */
  steps: number;
  /** And then by what is truly seen of them. */
  bySight: number;
  /** So often the board is begun; the best beginning is gone on with. */
  openings: number;
  stands: Stands | undefined;
  star: Component['id'] | null;
  surface: Surface;
  /** Of each pile's ground only so much is laid, the middle of it: the rest stays open between the piles. */
  thin: number;
  /** How good the surface is with just these on it, and what is laid there already. */
  worth: (elements: LaidElement[]) => number;
}

const COARSE_MM = 5;
const FIRST_STEPS = 22;
/** A first draft grows less: it is there at once and shows where things come to stand. */
const DRAFT_GROWTH = 10;
const REBALANCE_STEPS = 7;
/** Then each gets its share once more, hardly moving. */
const LAST_STEPS = 8;

/** Soft parts with the ground that each has grown. */
export interface Regions {
  parts: Part[];
  grid: Grid;
  owner: Int16Array;
  sites: Site[];
  /** What they have grown in, to trade places once more. */
  free: FreeCells;
  field: Field;
}

export function growRegions(
  soft: readonly Part[],
  anchors: readonly Part[],
  spots: readonly Spot[],
  hard: readonly (readonly Point[])[],
  ground: readonly Point[],
  { random, steps, stands, star, surface, thin }: Laying,
): Regions {
  const grid = gridOver(ground, COARSE_MM);
  const kept = [...hard, ...openPlaces(surface)];
  const field = fieldOver(ground, kept);
  const taken = new Uint8Array(grid.ground.length);
  for (const polygon of kept) forCellsIn(grid, polygon, (c) => (taken[c] = 1));
  const free = freeCells(grid, taken, borderNoise(random));
  let parts = [...soft].sort((a, b) => b.groundCm2 - a.groundCm2);
  const first = starOf(parts, star);
  const half = halfOf(ground);
  const isSeenFirst = (spot: Pick<Site, 'x' | 'y'>) => starFarOut(spot, half) === 0;
  const sites = startSites(parts, { grid, free, field, random, stands, surface, star: first, isSeenFirst });
  const owner = new Int16Array(grid.ground.length).fill(NOBODY);
  const growth = steps === 0 ? DRAFT_GROWTH : FIRST_STEPS;
  for (let k = 0; k < growth; k++) stepRegions(grid, free, parts, sites, owner, 0.45, field);
  // where most of it stands fast there is hardly anything to trade places
  const rounds = parts.filter((part) => part.pinned).length * 2 > parts.length ? Math.min(1, steps) : steps;
  for (let round = 0; round < rounds; round++) {
    const mapped = withAnchors(grid, owner, hard, sites.length);
    const label = relabel(
      {
        parts,
        anchors,
        sites,
        spots,
        border: bordersSeen(grid, mapped, sites.length + anchors.length),
        ground,
        late: round / rounds,
        wishes: wishesOn(grid, mapped, sites.length, surface),
        star: first,
      },
      random,
    );
    const targets = sites.map((site) => site.targetCells);
    const from = parts;
    parts = label.map((l) => from[l]!);
    sites.forEach((site, i) => {
      site.targetCells = targets[label[i]!]!;
      stretch(parts[i]!, site, grid, field);
    });
    for (let k = 0; k < REBALANCE_STEPS; k++) stepRegions(grid, free, parts, sites, owner, 0.2, field);
  }
  for (let k = 0; k < (steps === 0 ? 0 : LAST_STEPS); k++)
    stepRegions(grid, free, parts, sites, owner, 0.1, field);
  assign(free, sites, owner);
  if (thin < 1) thinOut(grid, owner, sites, thin);
  return { parts, grid, owner, sites, free, field };
}

/** Of each place where a kind is wanted: the region whose ground is nearest to its middle. */
function wishesOn(grid: Grid, map: Int16Array, regions: number, surface: Surface): Wish[] {
  return wantedPlaces(surface).map((place) => {
    let [region, near] = [NOBODY, Infinity];
    map.forEach((owner, cell) => {
      if (owner < 0 || owner >= regions) return;
      const d = hypot2(
        grid.xOf(cell % grid.columns) - place.x,
        grid.yOf(Math.floor(cell / grid.columns)) - place.y,
      );
      if (d < near) [region, near] = [owner, d];
    });
    return { place, region };
  });
}

/** What has been settled trades places coldly, and its regions give way a little. */
const [COOL, GIVE_WAY_STEPS, GIVE_WAY] = [0.95, 3, 0.04];

/**
 * The pieces once laid lie over the borders of their regions: who is truly seen beside whom may trade places once more.
 * `seen`: which part is seen in each cell of the regions' grid, anchors counted on from them. Undefined where all stay.
 */
export function tradedBySight(
  regions: Regions,
  seen: Int16Array,
  { anchors, spots, ground }: { anchors: readonly Part[]; spots: readonly Spot[]; ground: readonly Point[] },
  { random, star, surface, thin }: Laying,
): Regions | undefined {
  const { grid, free, field } = regions;
  const sites = regions.sites.map((site) => ({ ...site }));
  const border = bordersSeen(grid, seen, sites.length + anchors.length);
  const label = relabel(
    {
      parts: regions.parts,
      anchors,
      sites,
      spots,
      border,
      ground,
      late: COOL,
      wishes: wishesOn(grid, seen, sites.length, surface),
      star: starOf(regions.parts, star),
    },
    random,
  );
  if (label.every((part, i) => part === i)) return undefined;
  const parts = label.map((part) => regions.parts[part]!);
  sites.forEach((site, i) => {
    site.targetCells = regions.sites[label[i]!]!.targetCells;
    stretch(parts[i]!, site, grid, field);
  });
  const owner = regions.owner.slice();
  for (let k = 0; k < GIVE_WAY_STEPS; k++) stepRegions(grid, free, parts, sites, owner, GIVE_WAY, field);
  assign(free, sites, owner);
  if (thin < 1) thinOut(grid, owner, sites, thin);
  return { parts, grid, owner, sites, free, field };
}

/** Gives back the ground that lies farthest from the middle of each pile. */
function thinOut(grid: Grid, owner: Int16Array, sites: readonly Site[], share: number): void {
  const far = (cell: number, { spine }: Site): number => {
    const [x, y] = [grid.xOf(cell % grid.columns), grid.yOf(Math.floor(cell / grid.columns))];
    return Math.min(...spine.points.map(([px, py]) => hypot2(x - px, y - py)));
  };
  const cells = sites.map((): number[] => []);
  owner.forEach((i, cell) => cells[i]?.push(cell));
  sites.forEach((site, i) => {
    if (site.fixed) return;
    const near = cells[i]!.map((cell) => ({ cell, d: far(cell, site) })).sort(
      (a, b) => a.d - b.d || a.cell - b.cell,
    );
    for (const { cell } of near.slice(Math.max(1, Math.round(near.length * share)))) owner[cell] = NOBODY;
  });
}

/** Cells under an anchor carry its number, counted on from the regions, so that borders with it are known. */
export function withAnchors(
  grid: Grid,
  owner: Int16Array,
  hard: readonly (readonly Point[])[],
  first: number,
): Int16Array {
  const out = owner.slice();
  hard.forEach((polygon, i) => forCellsIn(grid, polygon, (c) => (out[c] = first + i)));
  return out;
}

/** Where each part starts from, and what the first pile of the star goes by. */
interface Starting
  extends Pick<Laying, 'random' | 'stands' | 'surface'>, Pick<Regions, 'grid' | 'free' | 'field'> {
  star: Part | undefined;
  isSeenFirst: (spot: Pick<Site, 'x' | 'y'>) => boolean;
}

function startSites(
  parts: readonly Part[],
  { grid, free, field, random, stands, surface, star, isSeenFirst }: Starting,
): Site[] {
  const unmet = new Set(wantedPlaces(surface));
  const sum = parts.reduce((sum, part) => sum + part.groundCm2, 0);
  const used: { x: number; y: number }[] = [];
  const open = openCells(parts, grid, free);
  const at = (cell: number) => ({
    x: grid.xOf(cell % grid.columns),
    y: grid.yOf(Math.floor(cell / grid.columns)),
  });
  // lines run along an edge, in the first row of cells that has room for them
  const edge = Array.from(open).filter((cell) => {
    const { x, y } = at(cell);
    const { d } = field.edgeAt(x, y);
    return d >= EDGE_MM[0] && d <= EDGE_MM[1];
  });
  return parts.map((part) => {
    const target = (free.cells.length * part.groundCm2) / Math.max(1e-9, sum);
    if (part.pinned)
      return {
        ...siteFor({ ...part, kind: 'loose' }, part.pinned.x, part.pinned.y, 0, target, grid),
        fixed: true,
      };
    const prominent = part === star ? Array.from(open).filter((cell) => isSeenFirst(at(cell))) : [];
    const from = part.kind === 'line' && edge.length > 0 ? edge : prominent.length > 0 ? prominent : open;
    // the best of a few darts: far from the others
    let best = { x: 0, y: 0 };
    let far = -1;
    for (let k = 0; k < 12; k++) {
      const dart = at(from[random.int(Math.max(1, from.length))] ?? 0);
      const d = Math.min(1e9, ...used.map((u) => Math.hypot(u.x - dart.x, u.y - dart.y)));
      if (d > far) [best, far] = [dart, d];
    }
    // the first pile of a wanted kind starts where it is wanted
    const wish = [...unmet].find((place) => isWantedAt(part.component, place));
    const near = wish && { ...wish, ...nearest(wish, Array.from(open, at)) };
    if (near) {
      unmet.delete(wish);
      best = near;
    }
    // what only makes room stays about where it lies
    best = stands?.get(part.id) ?? best;
    used.push(best);
    // a run starts along the rim, bending round the middle
    const angle = Math.atan2(best.y, best.x) + Math.PI / 2 + random.range(-0.5, 0.5);
    return {
      ...siteFor(part, best.x, best.y, angle, target, grid, field),
      still: part.kind === 'line' && from === edge,
      near,
    };
  });
}

const nearest = (
  { x, y }: Pick<Site, 'x' | 'y'>,
  spots: readonly Pick<Site, 'x' | 'y'>[],
): Pick<Site, 'x' | 'y'> =>
  spots.reduce((best, spot) =>
    Math.hypot(spot.x - x, spot.y - y) < Math.hypot(best.x - x, best.y - y) ? spot : best,
  );

/** So near to an edge a line of berries lies. */
const EDGE_MM = [2, 16] as const;

/** Free cells that nothing pinned covers: what is new starts where ground came free. */
function openCells(parts: readonly Part[], grid: Grid, free: FreeCells): ArrayLike<number> {
  const covered = new Uint8Array(grid.ground.length);
  for (const { pinned } of parts) if (pinned) forCellsIn(grid, pinned.outline, (c) => (covered[c] = 1));
  const open = Array.from(free.cells).filter((c) => !covered[c]);
  return open.length > 0 ? open : free.cells;
}

export function cellsOf(regions: Regions, i: number): number[] {
  const cells: number[] = [];
  for (let c = 0; c < regions.owner.length; c++) if (regions.owner[c] === i) cells.push(c);
  return cells;
}

/** The ground of a part; one that the others have pushed out lies on top of them, about its place. */
export function groundCells(regions: Regions, i: number): number[] {
  const cells = cellsOf(regions, i);
  // where hands have pinned food there may be no room: that is told by a part without a piece
  if (cells.length > 0 || regions.parts.some(({ pinned }) => pinned)) return cells;
  const { grid } = regions;
  const { x, y, targetCells } = regions.sites[i]!;
  const far = (c: number) =>
    Math.hypot(grid.xOf(c % grid.columns) - x, grid.yOf(Math.floor(c / grid.columns)) - y);
  return [...regions.owner.keys()]
    .filter((c) => regions.owner[c] !== NOBODY)
    .sort((a, b) => far(a) - far(b))
    .slice(0, Math.max(1, Math.round(targetCells / 2)));
}

/** Whose ground each cell of a finer raster is. */
export function homesOn(fine: Grid, regions: Regions): Int16Array {
  const homes = new Int16Array(fine.ground.length).fill(NOBODY);
  const x0 = regions.grid.xOf(0) - regions.grid.stepMm / 2;
  const y0 = regions.grid.yOf(0) - regions.grid.stepMm / 2;
  for (let c = 0; c < homes.length; c++) {
    const i = Math.floor((fine.xOf(c % fine.columns) - x0) / regions.grid.stepMm);
    const j = Math.floor((fine.yOf(Math.floor(c / fine.columns)) - y0) / regions.grid.stepMm);
    if (i >= 0 && j >= 0 && i < regions.grid.columns && j < regions.grid.rows)
      homes[c] = regions.owner[j * regions.grid.columns + i]!;
  }
  return homes;
}
