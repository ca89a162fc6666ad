import { isWoven } from '../board/index.js';
import { FORMS } from '../catalogue/index.js';
import { areaOf, hypot2, placed, type Point } from '../geometry/index.js';
import { createRandom, seedOf, type Random } from '../measure/index.js';
import type { LaidElement, Motif, Plan } from '../plan/index.js';
import { borderSpots, detailSpots, grown, weaveSpots, withBorder, type MotifSpot } from '../shape/index.js';
import type { Anchor, Circle, Spot } from './anchors.js';
import { fillLoose, fillRun, type Laid } from './fill.js';
import { forCellsIn, gridOver } from './grid.js';
import { partsOf, type Part } from './parts.js';

const { abs, ceil, max, round } = Math;

/** A motif with the parts that lie in it, and the ground that nothing else may take: about its middle, millimetres, y down. */
export interface MotifGround {
  motif: Motif;
  fill: Part;
  border: Part | undefined;
  detail: Part | undefined;
  outer: Point[];
}

/** The motifs of a surface whose filling lies on it. */
export function motifsOf(parts: readonly Part[]): MotifGround[] {
  const motifs = [...new Set(parts.flatMap(({ motif }) => (motif ? [motif] : [])))];
  return motifs.flatMap((motif): MotifGround[] => {
    const of = (id: Part['component']['id'] | undefined) =>
      parts.find((part) => part.motif === motif && part.component.id === id);
    const fill = of(motif.fill.componentId);
    if (!fill) return [];
    const border = of(motif.border?.componentId);
    return [
      {
        motif,
        fill,
        border,
        detail: of(motif.detail?.componentId),
        outer: withBorder(motif.outline, border?.fact),
      },
    ];
  });
}

/** Is a part laid by its motif? One whose motif has lost its filling lies like any other food. */
export const isInMotif = (grounds: readonly MotifGround[], part: Part): boolean =>
  grounds.some(({ fill, border, detail }) => part === fill || part === border || part === detail);

/** Circles in a row that cover a figure, along its longer side. */
export function motifAnchor({ motif, fill, outer }: MotifGround): Anchor {
  const reach = (k: 0 | 1): number => max(...outer.map((p) => abs(p[k])));
  const [length, width] = [reach(0), reach(1)];
  // what fills its corners is covered by a grid of circles: a single one would take half as much again
  if (areaOf(outer) > FULL * 4 * length * width)
    return anchorOver(motif.id, gridOfCircles(length, width), fill);
  const n = max(1, round(max(length, width) / Math.min(length, width)));
  const long = length >= width ? 0 : 1;
  const span = 2 * (long === 0 ? length : width);
  const circles = Array.from({ length: n }, (_, i): Circle => {
    const at = ((i + 0.5) / n - 0.5) * span;
    const [x, y] = long === 0 ? [at, 0] : [0, at];
    const mine = outer.filter((p) => ceil(((p[long] + span / 2) / span) * n) - 1 === i);
    return { x, y, r: max(1, ...mine.map(([px, py]) => hypot2(px - x, py - y))) };
  });
  return anchorOver(motif.id, circles, fill);
}

const anchorOver = (id: Motif['id'], circles: Circle[], fill: Part): Anchor => ({
  id,
  circles,
  isCheese: true,
  isLevel: true,
  isMotif: true,
  isWedge: false,
  isTall: false,
  isStar: false,
  wishes: [],
  others: [],
  at: fill.pinned,
});

/** A figure that fills so much of the rectangle around it has its corners. */
const FULL = 0.85;

/** Circles over a rectangle of which half the sides are given: two rows along its shorter side, or as many as it is long. */
function gridOfCircles(l: number, w: number): Circle[] {
  const cell = Math.min(l, w);
  const [columns, rows] = [max(2, round((2 * l) / cell)), max(2, round((2 * w) / cell))];
  return Array.from({ length: columns * rows }, (_, i): Circle => {
    const [column, row] = [i % columns, Math.floor(i / columns)];
    return {
      x: ((column + 0.5) / columns - 0.5) * 2 * l,
      y: ((row + 0.5) / rows - 0.5) * 2 * w,
      r: hypot2(l / columns, w / rows),
    };
  });
}

/** A piece keeps so much of its width from the edge of the figure (house default): it may lean over by the rest. */
const INSET = 0.36;
const STEP_MM = 2.5;

/** The filling in rows or loose, as many pieces as the plan has. */
function fillPieces({ motif, fill }: MotifGround, random: Random): Laid[] {
  const grid = gridOver(motif.outline, STEP_MM);
  const inset = Math.min(fill.fact.lengthMm, fill.fact.widthMm) * INSET;
  const deep = grown(motif.outline, -inset);
  const cells: number[] = [];
  forCellsIn(grid, deep.length >= 3 ? deep : motif.outline, (cell) => cells.push(cell));
  return FORMS[fill.fact.form].lies === 'run'
    ? fillRun(fill, cells, grid, { points: [[0, 0]], angle: 0 }, random)
    : fillLoose(fill, cells, grid, random);
}

const laidAt = ({ x, y, angle }: MotifSpot): Laid => ({ x, y, angle });

/** So many of the places, evenly taken; what is left over lies on those again. */
const spread = (spots: readonly Laid[], pieces: number): Laid[] =>
  spots.length === 0
    ? Array.from({ length: pieces }, () => ({ x: 0, y: 0, angle: 0 }))
    : Array.from(
        { length: pieces },
        (_, i) => spots[Math.floor((i * spots.length) / max(pieces, spots.length))]!,
      );

/** In the order in which they are laid: the border, what fills the figure, what lies on it. */
export function layMotif(ground: MotifGround, spot: Spot, random: Random): LaidElement[] {
  const { motif, fill, border, detail, outer } = ground;
  const one = (part: Part, layer: number, outline: readonly Point[], pieces: () => Laid[]): LaidElement =>
    part.pinned ?? elementOf(part, motif.id, layer, spot, outline, pieces());
  return [
    ...(border
      ? [
          one(border, EDGE_LAYER, outer, () =>
            spread(
              borderSpots(motif.outline, border.fact, FORMS[border.fact.form].lies === 'run').map(laidAt),
              border.pieces,
            ),
          ),
        ]
      : []),
    one(fill, EDGE_LAYER, motif.outline, () =>
      isWoven(motif, fill.fact)
        ? spread(weaveSpots(motif.outline, fill.fact).map(laidAt), fill.pieces)
        : fillPieces(ground, random),
    ),
    ...(detail
      ? [
          one(detail, DETAIL_LAYER, motif.outline, () =>
            spread(
              detailSpots(motif.outline, motif.cutter, motif.detail!.kind, motif.acrossMm).map(laidAt),
              detail.pieces,
            ),
          ),
        ]
      : []),
  ];
}

/** Over what flows around it, under what stands; details lie on top of it. */
const [EDGE_LAYER, DETAIL_LAYER] = [3, 5];
const round1 = (n: number): number => round(n * 10) / 10;

function elementOf(
  part: Part,
  motif: Motif['id'],
  layer: number,
  spot: Spot,
  outline: readonly Point[],
  pieces: readonly Laid[],
): LaidElement {
  return {
    id: part.id,
    componentId: part.component.id,
    form: part.fact.form,
    contained: false,
    x: round1(spot.x),
    y: round1(spot.y),
    angle: round1(((spot.angle % 360) + 360) % 360),
    layer,
    pinned: false,
    outline: placed(outline, spot.x, spot.y, spot.angle)
      .slice(0, 400)
      .map(([x, y]) => [round1(x), round1(y)]),
    pieces: pieces.map(({ x, y, angle }) => [round1(x), round1(y), round(((angle % 360) + 360) % 360)]),
    bowlMm: null,
    motif,
  };
}

/** A motif of the plan by itself, about its middle: how it will look, before the surface is laid. */
export function motifAlone(plan: Plan, motifId: Motif['id'], seed: number): LaidElement[] {
  const surface = plan.surfaces.find(({ id }) =>
    plan.motifs.some((motif) => motif.id === motifId && motif.surfaceId === id),
  );
  if (!surface) return [];
  const parts = partsOf(plan, surface).map((part) => ({
    ...part,
    pinned: undefined,
  }));
  const ground = motifsOf(parts).find(({ motif }) => motif.id === motifId);
  return ground ? layMotif(ground, { x: 0, y: 0, angle: 0 }, createRandom(seedOf(seed, motifId))) : [];
}
