import type { Component } from '../catalogue/index.js';
import { createRandom, seedOf, type Random } from '../measure/index.js';
import type { LaidElement, Plan, Surface } from '../plan/index.js';
import { surfaceAreaCm2 } from '../portion/index.js';
import { placed, type Point } from '../geometry/index.js';
import { anchorOf, placeAnchors, type Spot, type Stands } from './anchors.js';
import { fieldOver, type Field } from './field.js';
import { fillLine, fillLoose, fillRun, type Laid } from './fill.js';
import { forCellsIn, gridOver, servingGround, type Grid } from './grid.js';
import { layHerbs } from './herbs.js';
import { isInMotif, layMotif, motifAnchor, motifsOf } from './motif.js';
import { outlineOf } from './outline.js';
import { partsOf, type Part } from './parts.js';
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
import { bordersSeen, relabel } from './relabel.js';
import { judged, type Figures, type Scores } from './scores.js';
import { settle, type Filled } from './settle.js';
import { standClear, type Standing } from './stand.js';
import { zoneGrounds } from './zones.js';

export interface LaidSurface {
  surfaceId: Surface['id'];
  /** The serving ground inside the rim. */
  outline: Point[];
  coverage: number;
  figures: Figures;
  scores: Scores;
  /** One figure for all scores by their weights, 0 to 1. */
  whole: number;
  elements: LaidElement[];
}

const COARSE_MM = 5;
const FINE_MM = 3;
const FIRST_STEPS = 22;
const REBALANCE_STEPS = 7;
export const ROUNDS = 5;
/** Then each gets its share once more, hardly moving. */
const LAST_STEPS = 8;
/** A surface whose food covers less than this is laid calmly, with open ground around. */
const CALM = 0.9;

/** What a first draft is spared: it is there at once and shows where things come to stand. */
const DRAFT = { starts: 1, growth: 10, rounds: 2 } as const;

export interface HowToLay {
  /** Where what stands is put, and where a soft part grows from, by the part's id. */
  stands?: Stands;
  /** Rounds in which foods trade places; none is a first draft. */
  steps?: number;
}

/**
 * Lays one surface: anchors, regions, which food goes where, pieces, gaps, herbs. Deterministic for plan and seed;
 * what stands and finds no place is not laid (`unlaidOn` tells it);
 * pinned elements stay where they are; a hard part that is given a stand stands there, a soft one grows from there. A surface with nothing on it gives no elements.
 */
export function laySurface(
  plan: Plan,
  surface: Surface,
  seed: number,
  { stands, steps = ROUNDS }: HowToLay = {},
): LaidSurface {
  const random = createRandom(seedOf(seed, surface.id));
  const laying = { random, steps, stands, star: plan.wishes.star };
  const area = surfaceAreaCm2(surface);
  const parts = partsOf(plan, surface, area);
  const outline = servingGround(surface);
  const food = groundOf(parts);
  const zone = parts.filter((part) => part.inZone);
  const split = zone.length > 0 ? zoneGrounds(outline, groundOf(zone) / Math.max(1e-9, food)) : undefined;
  const calm = food / area < CALM ? Math.sqrt(Math.max(0.05, (food * 1.06) / area)) : 1;
  const elements = split
    ? [
        ...layGround(
          parts.filter((part) => !part.inZone),
          split.rest,
          split.rest,
          laying,
        ),
        ...layGround(zone, split.zone, split.zone, laying),
      ]
    : layGround(parts, calm === 1 ? outline : servingGround(surface, calm), outline, laying);
  const { figures, scores, whole } = judged(plan, surface, elements);
  return {
    surfaceId: surface.id,
    outline: outline.map(([x, y]) => [round1(x), round1(y)]),
    coverage: figures.covered,
    figures,
    scores,
    whole,
    elements,
  };
}

const groundOf = (parts: readonly Part[]) =>
  parts.filter((part) => part.kind !== 'herb').reduce((sum, part) => sum + part.groundCm2, 0);

interface Laying {
  random: Random;
  steps: number;
  stands: Stands | undefined;
  star: Component['id'] | null;
}

/** Lays some parts over a ground; herbs may lie anywhere inside the outline, and so may what finds no place of its own. */
function layGround(
  parts: readonly Part[],
  ground: readonly Point[],
  outline: readonly Point[],
  { random, steps, stands, star }: Laying,
): LaidElement[] {
  const motifs = motifsOf(parts);
  const own = parts.filter((part) => !isInMotif(motifs, part));
  const standing = own.filter((part) => part.kind === 'hard');
  const soft = own.filter(({ kind }) => kind !== 'hard' && kind !== 'herb');
  const wanted = placeAnchors(
    [...motifs.map(motifAnchor), ...standing.map(anchorOf)],
    ground,
    random,
    stands,
    steps === 0 ? DRAFT.starts : undefined,
  );
  const figures = motifs.map(({ outer }, i) => placed(outer, wanted[i]!.x, wanted[i]!.y, wanted[i]!.angle));
  const clear = standClear(standing, wanted.slice(motifs.length), figures, outline, star);
  // what finds no place is told, never laid through something else
  const anchors = standing.filter((_, i) => clear[i]);
  const found = clear.flatMap((stands) => stands ?? []);
  const hard = found.map((stands) => stands.outline);
  const spots = [...wanted.slice(0, motifs.length), ...found.map(({ spot }) => spot)];
  // what stands, and what no food flows over
  const kept = [...figures, ...hard];

  // nothing grows where all of it is pinned
  const grows = soft.some((part) => !part.pinned);
  const edges = motifs.map(({ fill, border }) => border ?? fill);
  const regions = grows
    ? growRegions(soft, [...edges, ...anchors], spots, kept, ground, random, steps, stands)
    : undefined;
  const filled = regions
    ? fillAll(regions, random)
    : soft.flatMap((part) => (part.pinned ? [{ part, pieces: pinnedPieces(part.pinned) }] : []));
  const fine = gridOver(ground, FINE_MM);
  if (regions)
    settle(
      fine,
      ground,
      filled,
      kept,
      homesOn(fine, regions),
      new Map(regions.parts.map((part, i) => [part, i])),
      steps === 0 ? DRAFT.rounds : undefined,
    );
  const open = gridOver(outline, FINE_MM);
  for (const figure of figures) forCellsIn(open, figure, (cell) => (open.ground[cell] = 0));
  const herbs = layHerbs(
    own.filter((part) => part.kind === 'herb'),
    open,
    outline,
    filled,
    hard,
    random,
  );

  return [
    ...motifs.flatMap((motif, i) => layMotif(motif, spots[i]!, random)),
    ...anchors.map((part, i) => hardElement(part, found[i]!, random)),
    // what is not pinned has grown in a region
    ...filled.map((filled, i) =>
      filled.part.pinned ? remarked(filled.part.pinned, filled.part) : softElement(filled, regions!, i),
    ),
    ...herbs,
  ];
}

/** What only some elements have is written only there, so that plans without it stay as they were. */
const marks = (part: Part): Pick<LaidElement, 'ownTool' | 'inZone'> => ({
  ...(part.ownTool ? { ownTool: true } : {}),
  ...(part.inZone ? { inZone: true } : {}),
});

/** A pinned element stays where it is; its tool and its bowl may have been changed since. */
function remarked({ ownTool: _tool, inZone: _zone, ...element }: LaidElement, part: Part): LaidElement {
  const kept = { ...element, ...marks(part) };
  if (part.bowlMm === null || element.bowlMm === null || round1(part.bowlMm) === element.bowlMm) return kept;
  const k = part.bowlMm / element.bowlMm;
  return {
    ...kept,
    bowlMm: round1(part.bowlMm),
    outline: element.outline.map(([x, y]) => [
      round1(element.x + (x - element.x) * k),
      round1(element.y + (y - element.y) * k),
    ]),
    pieces: element.pieces.map(([x, y, a]) => [round1(x * k), round1(y * k), a]),
  };
}

interface Regions {
  parts: Part[];
  grid: Grid;
  owner: Int16Array;
  sites: Site[];
}

function growRegions(
  soft: readonly Part[],
  anchors: readonly Part[],
  spots: readonly Spot[],
  hard: readonly (readonly Point[])[],
  ground: readonly Point[],
  random: Random,
  steps: number,
  stands?: Stands,
): Regions {
  const grid = gridOver(ground, COARSE_MM);
  const field = fieldOver(ground, hard);
  const taken = new Uint8Array(grid.ground.length);
  for (const polygon of hard) forCellsIn(grid, polygon, (c) => (taken[c] = 1));
  const free = freeCells(grid, taken, borderNoise(random));
  let parts = [...soft].sort((a, b) => b.groundCm2 - a.groundCm2);
  const sites = startSites(parts, grid, free, field, random, stands);
  const owner = new Int16Array(grid.ground.length).fill(NOBODY);
  const first = steps === 0 ? DRAFT.growth : FIRST_STEPS;
  for (let k = 0; k < first; k++) stepRegions(grid, free, parts, sites, owner, 0.45, field);
  // where most of it stands fast there is hardly anything to trade places
  const rounds = parts.filter((part) => part.pinned).length * 2 > parts.length ? Math.min(1, steps) : steps;
  for (let round = 0; round < rounds; round++) {
    const mapped = withAnchors(grid, owner, hard, sites.length);
    const label = relabel(
      parts,
      anchors,
      sites,
      spots,
      bordersSeen(grid, mapped, sites.length + anchors.length),
      ground,
      random,
      round / rounds,
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
  return { parts, grid, owner, sites };
}

/** Cells under an anchor carry its number, counted on from the regions, so that borders with it are known. */
function withAnchors(
  grid: Grid,
  owner: Int16Array,
  hard: readonly (readonly Point[])[],
  first: number,
): Int16Array {
  const out = owner.slice();
  hard.forEach((polygon, i) => forCellsIn(grid, polygon, (c) => (out[c] = first + i)));
  return out;
}

function startSites(
  parts: readonly Part[],
  grid: Grid,
  free: FreeCells,
  field: Field,
  random: Random,
  stands?: Stands,
): Site[] {
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
    const from = part.kind === 'line' && edge.length > 0 ? edge : open;
    // the best of a few darts: far from the others
    let best = { x: 0, y: 0 };
    let far = -1;
    for (let k = 0; k < 12; k++) {
      const dart = at(from[random.int(Math.max(1, from.length))] ?? 0);
      const d = Math.min(1e9, ...used.map((u) => Math.hypot(u.x - dart.x, u.y - dart.y)));
      if (d > far) [best, far] = [dart, d];
    }
    // what only makes room stays about where it lies
    best = stands?.get(part.id) ?? best;
    used.push(best);
    // a run starts along the rim, bending round the middle
    const angle = Math.atan2(best.y, best.x) + Math.PI / 2 + random.range(-0.5, 0.5);
    return {
      ...siteFor(part, best.x, best.y, angle, target, grid, field),
      still: part.kind === 'line' && from === edge,
    };
  });
}

/** So near to an edge a line of berries lies. */
const EDGE_MM = [2, 16] as const;

/** Free cells that nothing pinned covers: what is new starts where ground came free. */
function openCells(parts: readonly Part[], grid: Grid, free: FreeCells): ArrayLike<number> {
  const covered = new Uint8Array(grid.ground.length);
  for (const { pinned } of parts) if (pinned) forCellsIn(grid, pinned.outline, (c) => (covered[c] = 1));
  const open = Array.from(free.cells).filter((c) => !covered[c]);
  return open.length > 0 ? open : free.cells;
}

function cellsOf(regions: Regions, i: number): number[] {
  const cells: number[] = [];
  for (let c = 0; c < regions.owner.length; c++) if (regions.owner[c] === i) cells.push(c);
  return cells;
}

/** The ground of a part; one that the others have pushed out lies on top of them, about its place. */
function groundCells(regions: Regions, i: number): number[] {
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

function fillAll(regions: Regions, random: Random): Filled[] {
  return regions.parts.map((part, i) => {
    if (part.pinned) return { part, pieces: pinnedPieces(part.pinned) };
    const cells = groundCells(regions, i);
    const { spine } = regions.sites[i]!;
    const pieces =
      part.kind === 'run'
        ? fillRun(part, cells, regions.grid, spine, random)
        : part.kind === 'line'
          ? fillLine(part, spine, random)
          : fillLoose(part, cells, regions.grid, random);
    return { part, pieces };
  });
}

function pinnedPieces(element: LaidElement): Laid[] {
  const [c, s] = [Math.cos((element.angle * Math.PI) / 180), Math.sin((element.angle * Math.PI) / 180)];
  return element.pieces.map(([x, y, angle]) => ({
    x: element.x + x * c - y * s,
    y: element.y + x * s + y * c,
    angle: angle + element.angle,
  }));
}

function homesOn(fine: Grid, regions: Regions): Int16Array {
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

const round1 = (n: number) => Math.round(n * 10) / 10;
const turn = (a: number) => round1(((a % 360) + 360) % 360);

function hardElement(part: Part, { spot, outline }: Standing, random: Random): LaidElement {
  if (part.pinned) return remarked(part.pinned, part);
  const heap =
    part.bowlMm !== null && part.fact.form !== 'bowl'
      ? heapIn(part, part.bowlMm, random)
      : [[0, 0, 0] as [number, number, number]];
  return {
    id: part.id,
    componentId: part.component.id,
    form: part.fact.form,
    contained: part.contained,
    x: round1(spot.x),
    y: round1(spot.y),
    angle: part.bowlMm !== null ? 0 : turn(spot.angle),
    layer: 4,
    pinned: false,
    outline: outline.map(([x, y]) => [round1(x), round1(y)]),
    pieces: heap,
    bowlMm: part.bowlMm === null ? null : round1(part.bowlMm),
    ...marks(part),
  };
}

/** Pieces heaped in a bowl: as many as the plan has, by the golden angle from the middle outward. */
function heapIn(part: Part, radiusMm: number, random: Random): [number, number, number][] {
  const GOLDEN = Math.PI * (3 - Math.sqrt(5));
  const reach = Math.max(2, radiusMm * 0.8 - Math.min(part.fact.lengthMm, part.fact.widthMm) / 2);
  return Array.from({ length: part.pieces }, (_, i) => {
    const r = reach * Math.sqrt((i + 0.5) / part.pieces);
    return [
      round1(r * Math.cos(i * GOLDEN)),
      round1(r * Math.sin(i * GOLDEN)),
      Math.round(random.range(0, 360)),
    ];
  });
}

const LAYER = { run: 1, loose: 2, line: 2 } as const;

function softElement(filled: Filled, regions: Regions, i: number): LaidElement {
  const n = Math.max(1, filled.pieces.length);
  const x = round1(filled.pieces.reduce((sum, laid) => sum + laid.x, 0) / n);
  const y = round1(filled.pieces.reduce((sum, laid) => sum + laid.y, 0) / n);
  const outline = outlineOf(regions.grid, cellsOf(regions, i));
  return {
    id: filled.part.id,
    componentId: filled.part.component.id,
    form: filled.part.fact.form,
    contained: false,
    x,
    y,
    angle: 0,
    layer: LAYER[filled.part.kind as keyof typeof LAYER],
    pinned: false,
    outline:
      outline.length >= 3
        ? outline.slice(0, 400).map(([px, py]): [number, number] => [px, py])
        : around(x, y),
    pieces: filled.pieces.map((laid) => [
      round1(laid.x - x),
      round1(laid.y - y),
      Math.round(((laid.angle % 360) + 360) % 360),
    ]),
    bowlMm: null,
    ...marks(filled.part),
  };
}

/** A part that found no ground at all still has a place, so that it can be seen and dragged. */
const around = (x: number, y: number): [number, number][] => [
  [x - 5, y - 5],
  [x + 5, y - 5],
  [x, y + 5],
];

/** Lays every surface of the plan and notes the layout in it. */
export function layPlan(plan: Plan, seed: number): { plan: Plan; surfaces: LaidSurface[] } {
  const surfaces = plan.surfaces.map((surface) => laySurface(plan, surface, seed));
  const layout = surfaces.map((laid) => ({ surfaceId: laid.surfaceId, elements: laid.elements }));
  return { plan: { ...plan, layout }, surfaces };
}
