import {
  convexOverlap,
  gapBetween,
  hypot2,
  inside,
  placed,
  type Point,
  type Polygon,
} from '../geometry/index.js';
import type { Spot } from './anchors.js';
import type { Part } from './parts.js';

/** Bound once: looking names up on the global object is slow inside hot loops. */
const { abs, max, min } = Math;

/** One thing as it stands. */
export interface Standing {
  spot: Spot;
  outline: Point[];
}

/** Beyond the ground by no more than this: a rim is not measured finer. */
const OVER_MM = 2;
/** A place is looked for with a finger's room around it first, then with hardly any. */
const [ROOMY_MM, TIGHT_MM] = [14, 3] as const;
const ROOM_MM = [ROOMY_MM, TIGHT_MM];
const [SEEK_MM, SEEK_TURNS] = [9, 8] as const;

/** A shape with the circles about its place that hold it and that it holds: most pairs are told apart by these. */
interface Shape {
  x: number;
  y: number;
  outline: Polygon;
  outer: number;
  inner: number;
}

function shapeOf(outline: Polygon, x = 0, y = 0): Shape {
  const outer = max(...outline.map(([px, py]) => hypot2(px - x, py - y)));
  // the nearest side, not the nearest corner: a long slab is narrow
  const sides = outline.map(([ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length]!;
    return abs((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / (hypot2(bx - ax, by - ay) || 1);
  });
  return { x, y, outline, outer, inner: inside(outline, x, y) ? min(...sides) : 0 };
}

const moved = ({ outline, outer, inner }: Shape, x: number, y: number): Shape => ({
  x,
  y,
  outline: outline.map(([px, py]): Point => [px + x, py + y]),
  outer,
  inner,
});

function meet(a: Shape, b: Shape): boolean {
  const d = hypot2(a.x - b.x, a.y - b.y);
  if (d >= a.outer + b.outer) return false;
  return d < a.inner + b.inner || convexOverlap(a.outline, b.outline);
}

/** Does it stay inside the rim? */
const isWithin = (ground: Polygon, outline: Polygon): boolean =>
  outline.every(
    (point) => inside(ground, point[0], point[1]) || gapBetween(ground, [point, point, point]) <= OVER_MM,
  );

/** Places all over the ground, the nearest to where it was wanted first. */
function placesNear(ground: Polygon, { x, y }: Spot): Point[] {
  const reach = (k: 0 | 1) => [min(...ground.map((p) => p[k])), max(...ground.map((p) => p[k]))];
  const [[left, right], [top, bottom]] = [reach(0), reach(1)] as [[number, number], [number, number]];
  const places: Point[] = [[x, y]];
  for (let py = top + SEEK_MM / 2; py < bottom; py += SEEK_MM)
    for (let px = left + SEEK_MM / 2; px < right; px += SEEK_MM)
      if (inside(ground, px, py)) places.push([px, py]);
  return places.sort((a, b) => (a[0] - x) ** 2 + (a[1] - y) ** 2 - ((b[0] - x) ** 2 + (b[1] - y) ** 2));
}

/** What is round looks the same from all sides, and a word is read. */
const turnsOf = ({ lengthMm, widthMm, bowlMm, fact }: Part): number =>
  bowlMm === null && lengthMm !== widthMm && fact.form !== 'word' ? SEEK_TURNS : 1;

/** The nearest place to the wanted one where it stands through nothing, with room around it if there is any. */
function freePlace(
  part: Part,
  wanted: Spot,
  down: readonly Shape[],
  ground: Polygon,
  rooms: readonly number[],
): Spot | undefined {
  const { outline, lengthMm, widthMm } = part;
  const n = turnsOf(part);
  const angles = Array.from({ length: n }, (_, k) => wanted.angle + (k * 360) / n);
  const places = placesNear(ground, wanted);
  for (const mm of rooms) {
    const roomy = outline.map(([x, y]): Point => [
      x * (1 + (2 * mm) / lengthMm),
      y * (1 + (2 * mm) / widthMm),
    ]);
    const shapes = angles.map((angle) => shapeOf(placed(roomy, 0, 0, angle)));
    for (const [x, y] of places)
      for (const [k, shape] of shapes.entries()) {
        const here = moved(shape, x, y);
        if (down.some((other) => meet(other, here))) continue;
        if (isWithin(ground, placed(outline, x, y, angles[k]!))) return { x, y, angle: angles[k]! };
      }
  }
  return undefined;
}

/**
 * What stands stands nowhere through anything else, and not over the rim: what was placed so is moved to the nearest free
 * place, the star and the largest first, and what finds none is not laid (undefined). What hands pinned and what has a
 * figure of its own (`fixed`) stays where it is. `parts` and `spots` go together; the answer has one entry a part.
 */
export function standClear(
  parts: readonly Part[],
  spots: readonly Spot[],
  fixed: readonly Polygon[],
  ground: Polygon,
  star: Part['component']['id'] | null,
  rooms: readonly number[] = ROOM_MM,
): (Standing | undefined)[] {
  const at = (part: Part, spot: Spot): Standing => ({
    spot,
    outline: placed(part.outline, spot.x, spot.y, spot.angle),
  });
  const shape = ({ spot, outline }: Standing) => shapeOf(outline, spot.x, spot.y);
  const figures = fixed.map((figure) => shapeOf(figure));
  const standing = parts.map((part, i) => at(part, spots[i]!));
  const shapes = standing.map(shape);
  const isClear = (mine: Shape, others: readonly Shape[]) =>
    ![...figures, ...others].some((other) => other !== mine && meet(other, mine));
  const out = parts.map((part, i): Standing | undefined =>
    part.pinned || (isClear(shapes[i]!, shapes) && isWithin(ground, standing[i]!.outline))
      ? standing[i]
      : undefined,
  );
  const rank = (part: Part) => (part.component.id === star ? Infinity : part.lengthMm * part.widthMm);
  const waiting = parts.map((_, i) => i).filter((i) => !out[i]);
  waiting.sort((a, b) => rank(parts[b]!) - rank(parts[a]!) || a - b);
  // what found no place leaves none for its like: the board only gets fuller
  const without = new Set<string>();
  for (const i of waiting) {
    const { fact, lengthMm, widthMm } = parts[i]!;
    const kind = `${fact.piece} ${lengthMm} ${widthMm}`;
    const down = out.flatMap((stands) => (stands ? [shape(stands)] : []));
    const stays = isClear(shapes[i]!, down) && isWithin(ground, standing[i]!.outline);
    if (!stays && without.has(kind)) continue;
    const spot = stays ? spots[i] : freePlace(parts[i]!, spots[i]!, [...figures, ...down], ground, rooms);
    if (spot) out[i] = at(parts[i]!, spot);
    else without.add(kind);
  }
  return out;
}

const missing = (stood: readonly (Standing | undefined)[]): number =>
  stood.filter((stands) => stands === undefined).length;

/** As many as go onto a ground, packed from its corner, the largest first. */
export function packed(
  parts: readonly Part[],
  fixed: readonly Polygon[],
  ground: Polygon,
  star: Part['component']['id'] | null,
): (Standing | undefined)[] {
  const corner = { x: min(...ground.map(([x]) => x)), y: min(...ground.map(([, y]) => y)), angle: 0 };
  return standClear(
    parts,
    parts.map(({ pinned }) => pinned ?? corner),
    fixed,
    ground,
    star,
    [TIGHT_MM],
  );
}

/** As the spots have it where all find a place; packed where more do then. */
export function stoodUp(...[parts, spots, fixed, ground, star]: Parameters<typeof standClear>) {
  const asWanted = standClear(parts, spots, fixed, ground, star);
  if (missing(asWanted) === 0) return asWanted;
  const tight = packed(parts, fixed, ground, star);
  return missing(tight) < missing(asWanted) ? tight : asWanted;
}

/** How many of these find no place together. */
export const tooMany = (parts: readonly Part[], ground: Polygon): number =>
  missing(packed(parts, [], ground, null));
