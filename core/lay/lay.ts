import { createRandom, seedOf, type Random } from '../measure/index.js';
import { openPlaces, type LaidElement, type Plan, type Surface } from '../plan/index.js';
import { CALM_COVER, surfaceAreaCm2 } from '../portion/index.js';
import { outlineOfPiece, placed, type Point } from '../geometry/index.js';
import { anchorOf, placeAnchors, type Spot, type Stands } from './anchors.js';
import { hardElement, pinnedPieces, remarked, round1, softElement } from './elements.js';
import { fillLine, fillLoose, fillRun } from './fill.js';
import { forCellsIn, gridOver, servingGround } from './grid.js';
import {
  cellsOf,
  groundCells,
  growRegions,
  homesOn,
  tradedBySight,
  withAnchors,
  type Laying,
  type Regions,
} from './grow.js';
import { layHerbs } from './herbs.js';
import { isInMotif, layMotif, motifAnchor, motifsOf, type MotifGround } from './motif.js';
import { NOBODY } from './regions.js';
import { outlineOf } from './outline.js';
import { partsOf, type Part } from './parts.js';
import { wantedPlaces } from './places.js';
import { judged, type Figures, type Scores } from './scores.js';
import { settle, type Filled } from './settle.js';
import { stoodUp, type Standing } from './stand.js';
import { starOf } from './star.js';
import {
  compartments,
  dealtOut,
  segmentsOf,
  sharedInto,
  shiftedBy,
  standsBy,
  type Compartment,
} from './walls.js';
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

const FINE_MM = 3;
export const ROUNDS = 4;
/** So often who is truly seen beside whom trades places again; each is a tenth of the layout's time. */
const SEEN_ROUNDS = 3;
const OPENINGS = 2;
/** A surface whose food covers less than this is laid calmly, with open ground around. */
const CALM = 0.9;
/** Of a calm board's open ground so much lies along the rim, the rest between the piles. */
const RIM_OPEN = 0.5;

/** What a first draft is spared: it is there at once and shows where things come to stand. */
const DRAFT = { starts: 1, rounds: 2 } as const;

export interface HowToLay {
  /** Where what stands is put, and where a soft part grows from, by the part's id. */
  stands?: Stands;
  /** Rounds in which foods trade places; none is a first draft. */
  steps?: number;
  /** So often foods trade places again by what is truly seen of them. */
  bySight?: number;
  /** So often it is begun. */
  openings?: number;
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
  { stands, steps = ROUNDS, bySight = SEEN_ROUNDS, openings = OPENINGS }: HowToLay = {},
): LaidSurface {
  const random = createRandom(seedOf(seed, surface.id));
  const worth = (elements: LaidElement[]): number => judged(plan, surface, elements).whole;
  const board = { surface, star: plan.wishes.star, thin: 1, worth };
  const laying = { ...board, random, steps, bySight, openings, stands };
  const area = surfaceAreaCm2(surface);
  const parts = partsOf(plan, surface);
  const outline = servingGround(surface);
  const food = groundOf(parts);
  const zone = parts.filter((part) => part.inZone);
  const split = zone.length > 0 ? zoneGrounds(outline, groundOf(zone) / Math.max(1e-9, food)) : undefined;
  const share = shareOf(surface, food / area);
  // half of the open ground lies along the rim, half between the piles
  const calm = share ** (RIM_OPEN / 2);
  const boxes = split ? [] : compartments(surface);
  const segments = split || boxes.length > 0 ? [] : segmentsOf(surface);
  const elements = boxes.length
    ? layBoxes(sharedInto(parts, boxes), boxes, laying)
    : segments.length
      ? layBoxes(dealtOut(parts, segments), segments, laying)
      : split
        ? layZones(parts, split, laying)
        : layGround(parts, calm === 1 ? outline : servingGround(surface, calm), outline, {
            ...laying,
            thin: share / calm ** 2,
          });
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

/** The zone first, then the rest beside it as it lies. */
function layZones(
  parts: readonly Part[],
  { zone, rest }: { zone: Point[]; rest: Point[] },
  laying: Laying,
): LaidElement[] {
  const of = (inZone: boolean) => parts.filter((part) => part.inZone === inZone);
  const there = layGround(of(true), zone, zone, laying);
  const worth = (elements: LaidElement[]): number => laying.worth([...there, ...elements]);
  return [...there, ...layGround(of(false), rest, rest, { ...laying, worth })];
}

/** Each compartment, or small board, is laid by itself, about its own middle, beside those that are laid. */
function layBoxes(dealt: readonly Part[][], boxes: readonly Compartment[], laying: Laying): LaidElement[] {
  const { places = [], walls: _walls, segments: _segments, ...bare } = laying.surface;
  const laid: LaidElement[] = [];
  dealt.forEach((mine, k) => {
    const { at, ground, areaCm2 } = boxes[k]!;
    const back: Point = [-at[0], -at[1]];
    const here = mine.map((part) => (part.pinned ? { ...part, pinned: shiftedBy(part.pinned, back) } : part));
    const surface = {
      ...bare,
      places: places.map((place) => ({ ...place, x: place.x - at[0], y: place.y - at[1] })),
    };
    const thin = shareOf(bare, groundOf(mine) / areaCm2);
    const stands = standsBy(laying.stands, back);
    const inPlace = (elements: readonly LaidElement[]) => elements.map((element) => shiftedBy(element, at));
    const worth = (elements: LaidElement[]): number => laying.worth([...laid, ...inPlace(elements)]);
    laid.push(...inPlace(layGround(here, ground, ground, { ...laying, surface, stands, thin, worth })));
  });
  return laid;
}

/** Of the ground inside the rim, what food is to lie on: all of it, or less on a calm board. */
function shareOf({ ground }: Surface, food: number): number {
  if (ground === 'full') return 1;
  const share = food < CALM ? Math.max(0.05, food * 1.06) : 1;
  return ground === 'calm' ? Math.min(CALM_COVER, share) : share;
}

const groundOf = (parts: readonly Part[]) =>
  parts.filter((part) => part.kind !== 'herb').reduce((sum, part) => sum + part.groundCm2, 0);

/** What stands on a ground before any soft food: figures, bowls and cheeses, each in its place. */
interface Stood {
  motifs: MotifGround[];
  /** The ground of each motif. */
  figures: Point[][];
  anchors: Part[];
  /** Of each anchor. */
  found: Standing[];
  /** Of the motifs first, then of the anchors. */
  spots: Spot[];
}

function standUp(
  motifs: MotifGround[],
  standing: readonly Part[],
  ground: readonly Point[],
  outline: readonly Point[],
  { random, steps, stands, star, surface }: Laying,
): Stood {
  const wishes = wantedPlaces(surface);
  const first = starOf(standing, star);
  const wanted = placeAnchors(
    [...motifs.map(motifAnchor), ...standing.map((part) => anchorOf(part, wishes, first))],
    ground,
    random,
    stands,
    { starts: steps === 0 ? DRAFT.starts : undefined, surface },
  );
  const figures = motifs.map(({ outer }, i) => placed(outer, wanted[i]!.x, wanted[i]!.y, wanted[i]!.angle));
  const fixed = [...figures, ...openPlaces(surface)];
  const clear = stoodUp(standing, wanted.slice(motifs.length), fixed, outline, star);
  const found = clear.flatMap((stands) => stands ?? []);
  return {
    motifs,
    figures,
    // what finds no place is told, never laid through something else
    anchors: standing.filter((_, i) => clear[i]),
    found,
    spots: [...wanted.slice(0, motifs.length), ...found.map(({ spot }) => spot)],
  };
}

/** A board so far: what stands, and the soft food around it. */
interface Opening {
  stood: Stood;
  flow: Flow;
  worth: number;
}

interface Flow {
  filled: Filled[];
  regions: Regions | undefined;
}

const keptFrom = ({ figures, found }: Stood) => [...figures, ...found.map((stands) => stands.outline)];

/** What stands fast around the soft food. */
const fixedIn = ({ motifs, anchors }: Stood): Part[] => [
  ...motifs.map(({ fill, border }) => border ?? fill),
  ...anchors,
];

/** Soft food over the ground around what stands: grown, filled in, its gaps closed. */
function flowAround(soft: readonly Part[], stood: Stood, ground: readonly Point[], laying: Laying): Flow {
  // nothing grows where all of it is pinned
  if (!soft.some((part) => !part.pinned))
    return {
      filled: soft.map((part) => ({ part, pieces: pinnedPieces(part.pinned!) })),
      regions: undefined,
    };
  const kept = keptFrom(stood);
  const regions = growRegions(soft, fixedIn(stood), stood.spots, kept, ground, laying);
  return { regions, filled: settled(regions, kept, ground, laying) };
}

/** How good a board is that has just this on it; what lies where is all that is judged, not which ground it was given. */
const worthOf = ({ anchors, found }: Stood, { filled }: Flow, { worth }: Laying): number =>
  worth([
    ...anchors.map((part, i) => hardElement(part, found[i]!, createRandom(1))),
    ...softElements(filled, () => []),
  ]);

/** The foods of an opening trade places by what is truly seen of them, as long as the board gets better. */
function seenBetter({ stood, flow, worth }: Opening, ground: readonly Point[], laying: Laying): Flow {
  const kept = keptFrom(stood);
  const around = { anchors: fixedIn(stood), spots: stood.spots, ground };
  let [best, most] = [flow, worth];
  for (let round = 0; round < laying.bySight && best.regions; round++) {
    const seen = withAnchors(
      best.regions.grid,
      seenFrom(best.filled, best.regions),
      kept,
      best.regions.parts.length,
    );
    const traded = tradedBySight(best.regions, seen, around, laying);
    if (!traded) break;
    const next = { regions: traded, filled: settled(traded, kept, ground, laying) };
    const now = worthOf(stood, next, laying);
    if (now > most) [best, most] = [next, now];
  }
  return best;
}

/** A bowl that finds no place leaves room to the others, and is missed all the same. */
const isBetter = (one: Opening, other: Opening): boolean => {
  const more = one.stood.anchors.length - other.stood.anchors.length;
  return more > 0 || (more === 0 && one.worth > other.worth);
};

/** Which part's pieces are seen from above in each cell of its regions' grid. */
function seenFrom(filled: readonly Filled[], regions: Regions): Int16Array {
  const seen = new Int16Array(regions.grid.ground.length).fill(NOBODY);
  const order = filled
    .map((_, i) => i)
    .sort((a, b) => filled[a]!.part.fact.heightMm - filled[b]!.part.fact.heightMm || a - b);
  for (const i of order) {
    const { part, pieces } = filled[i]!;
    pieces.forEach(({ x, y, angle }, n) =>
      forCellsIn(regions.grid, placed(outlineOfPiece(part.fact, n), x, y, angle), (cell) => (seen[cell] = i)),
    );
  }
  return seen;
}

/** Pieces in their regions, with the gaps between them closed. */
function settled(
  regions: Regions,
  kept: readonly (readonly Point[])[],
  ground: readonly Point[],
  laying: Laying,
): Filled[] {
  const filled = fillAll(regions, laying.random);
  const fine = gridOver(ground, FINE_MM);
  const homes = homesOn(fine, regions);
  // open ground between the piles is meant: nothing is drawn into it
  if (laying.thin < 1)
    homes.forEach((home, cell) => {
      if (home === NOBODY) fine.ground[cell] = 0;
    });
  settle(
    fine,
    ground,
    filled,
    [...kept, ...openPlaces(laying.surface)],
    homes,
    new Map(regions.parts.map((part, i) => [part, i])),
    {
      mostRounds: laying.steps === 0 ? DRAFT.rounds : undefined,
      open: laying.surface.places?.filter((place) => place.for === 'open') ?? [],
    },
  );
  return filled;
}

const softElements = (filled: readonly Filled[], groundOf: (i: number) => readonly Point[]): LaidElement[] =>
  filled.map((one, i) =>
    one.part.pinned ? remarked(one.part.pinned, one.part) : softElement(one, groundOf(i)),
  );

/** Lays some parts over a ground; herbs may lie anywhere inside the outline, and so may what finds no place of its own. */
function layGround(
  parts: readonly Part[],
  ground: readonly Point[],
  outline: readonly Point[],
  laying: Laying,
): LaidElement[] {
  const { random, surface } = laying;
  const motifs = motifsOf(parts);
  const own = parts.filter((part) => !isInMotif(motifs, part));
  const of = (test: (kind: Part['kind']) => boolean) => own.filter(({ kind }) => test(kind));
  const soft = of((kind) => kind !== 'hard' && kind !== 'herb');
  const hard = of((kind) => kind === 'hard');
  const isDraft = laying.steps === 0;
  const opened = (): Opening => {
    const stood = standUp(motifs, hard, ground, outline, laying);
    const flow = flowAround(soft, stood, ground, laying);
    return { stood, flow, worth: isDraft ? 0 : worthOf(stood, flow, laying) };
  };
  // a draft is there at once, and what only makes way stays where it is
  const openings = isDraft || laying.stands ? 1 : laying.openings;
  let best = opened();
  for (let k = 1; k < openings; k++) {
    const other = opened();
    if (isBetter(other, best)) best = other;
  }
  const { stood } = best;
  const { filled, regions } = isDraft ? best.flow : seenBetter(best, ground, laying);
  const fallsOn = gridOver(outline, FINE_MM);
  for (const figure of [...stood.figures, ...openPlaces(surface)])
    forCellsIn(fallsOn, figure, (cell) => (fallsOn.ground[cell] = 0));
  const herbs = layHerbs(
    of((kind) => kind === 'herb'),
    fallsOn,
    outline,
    filled,
    stood.found.map((stands) => stands.outline),
    random,
  );
  return [
    ...motifs.flatMap((motif, i) => layMotif(motif, stood.spots[i]!, random)),
    ...stood.anchors.map((part, i) => hardElement(part, stood.found[i]!, random)),
    // what is not pinned has grown in a region
    ...softElements(filled, (i) => outlineOf(regions!.grid, cellsOf(regions!, i))),
    ...herbs,
  ];
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

/** Lays every surface of the plan and notes the layout in it. */
export function layPlan(plan: Plan, seed: number): { plan: Plan; surfaces: LaidSurface[] } {
  const surfaces = plan.surfaces.map((surface) => laySurface(plan, surface, seed));
  const layout = surfaces.map((laid) => ({ surfaceId: laid.surfaceId, elements: laid.elements }));
  return { plan: { ...plan, layout }, surfaces };
}
