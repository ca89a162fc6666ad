import { FORMS } from '../catalogue/index.js';
import { memo1, type Random } from '../measure/index.js';
import type { LaidElement, MarkedPlace, Surface } from '../plan/index.js';
import { hypot2, inside, type Polygon } from '../geometry/index.js';
import type { Part } from './parts.js';
import { isWantedAt } from './places.js';
import { starFarOut } from './star.js';
import { TALL_MM } from './terms/tall.js';

/** Bound once: looking names up on the global object is slow inside hot loops. */
const { PI, abs, cos, exp, max, min, round, sin } = Math;
const FAR = Infinity;

/** Where a hard part stands. */
export interface Spot {
  x: number;
  y: number;
  angle: number;
}

/** Room between hard things: a hand's knife room beside cheese, a spoon's beside a bowl. */
const GAP_CHEESE_MM = 40;
const GAP_BOWL_MM = 32;
/** Around a motif other food flows. */
const GAP_MOTIF_MM = 14;
const MOVES = 4200;
const STARTS = 3;

/** One thing that stands: a hard part, or a whole motif. */
export interface Anchor {
  id: string;
  /** What covers it, about its middle. */
  circles: readonly Circle[];
  /** A guest cuts it: a hand needs room beside it. */
  isCheese: boolean;
  /** It is read, or a figure with a top: it is not turned. */
  isLevel: boolean;
  /** It wants to be seen first, in the middle. */
  isMotif: boolean;
  /** It has a point, at the left of its outline, that wants outward. */
  isWedge: boolean;
  /** Taller than what lies about it: it hides what is behind. */
  isTall: boolean;
  /** The star of the board, or the largest of it: it stands where eyes go first. */
  isStar: boolean;
  /** Where a hand wants its kind. */
  wishes: readonly MarkedPlace[];
  /** Where it wants another. */
  others: readonly MarkedPlace[];
  /** Where it stands already. */
  at: Spot | undefined;
}

export const anchorOf = (part: Part, wishes: readonly MarkedPlace[] = [], star?: Part): Anchor => ({
  id: part.id,
  circles: circlesOf(part),
  isCheese: part.bowlMm === null,
  isLevel: part.fact.form === 'word',
  isMotif: false,
  isWedge: part.fact.form === 'wedge' && part.bowlMm === null,
  isTall: part.fact.heightMm >= TALL_MM,
  isStar: part === star,
  wishes: wishes.filter((place) => isWantedAt(part.component, place)),
  others: wishes.filter((place) => !isWantedAt(part.component, place)),
  at: part.pinned,
});

/** Does a guest cut it on the board? */
export const isCutByGuests = ({ form, bowlMm }: Pick<LaidElement, 'form' | 'bowlMm'>): boolean =>
  bowlMm === null && FORMS[form].large === true;

/** A hard part as circles that cover it, along its length. */
function circlesOf(part: Part): Circle[] {
  const [length, width] = [part.lengthMm, part.widthMm];
  if (part.bowlMm !== null || part.fact.form === 'wheel') return [{ x: 0, y: 0, r: length / 2 }];
  if (part.fact.form === 'wedge')
    return [
      { x: -length * 0.3, y: 0, r: width * 0.26 },
      { x: 0, y: 0, r: width * 0.4 },
      { x: length * 0.26, y: 0, r: width * 0.55 },
    ];
  const n = max(1, round(length / width));
  // a word has its corners at the edge
  const reach = part.fact.form === 'word' ? 0.71 : 0.56;
  return Array.from({ length: n }, (_, i) => ({
    x: n === 1 ? 0 : (i / (n - 1) - 0.5) * (length - width),
    y: 0,
    r: width * reach,
  }));
}

export interface Circle {
  x: number;
  y: number;
  r: number;
}

function circlesAt(circles: readonly Circle[], spot: Spot): Circle[] {
  const [c, n] = [cos((spot.angle * PI) / 180), sin((spot.angle * PI) / 180)];
  return circles.map(({ x, y, r }) => ({ x: spot.x + x * c - y * n, y: spot.y + x * n + y * c, r }));
}

interface Table {
  anchors: readonly Anchor[];
  ground: Polygon;
  halfWidth: number;
  halfHeight: number;
  /** Places that stay open. */
  open: readonly MarkedPlace[];
  /** Guests stand in front of it alone: the tallest goes to the back. */
  isFromFront: boolean;
}

/** Out of an open place by all means; into a place where its kind is wanted, and out of one for another, gently. */
function placeEnergy(
  { open, halfWidth }: Table,
  { wishes, others }: Anchor,
  mine: readonly Circle[],
  spot: Spot,
): number {
  let e = 0;
  for (const place of open)
    for (const { x, y, r } of mine) {
      const into = r + place.radiusMm + OPEN_GAP_MM - hypot2(x - place.x, y - place.y);
      if (into > 0) e += 20 + 4 * into;
    }
  for (const place of others)
    for (const { x, y, r } of mine)
      e += IN_THE_WAY * max(0, r + place.radiusMm * 0.7 - hypot2(x - place.x, y - place.y));
  let far = wishes.length > 0 ? FAR : 0;
  for (const { x, y, radiusMm } of wishes)
    far = min(far, max(0, hypot2(spot.x - x, spot.y - y) - radiusMm * 0.5));
  return e + (WISH * far) / halfWidth;
}

/** A finger between what stands and a place that stays open. */
const OPEN_GAP_MM = 8;
const WISH = 22;
/** For each millimetre that it stands in a place for another kind. */
const IN_THE_WAY = 0.4;

/** The edges of a ground: where each begins, where it goes, and how long it is. */
const edgesOf = memo1((ground: Polygon) =>
  ground.map(([x, y], i) => {
    const [x2, y2] = ground[(i + 1) % ground.length]!;
    return { x, y, dx: x2 - x, dy: y2 - y, length: hypot2(x2 - x, y2 - y) || 1 };
  }),
);

/** How far the circle stands over the edge of the ground; 0 well inside. The ground is convex. */
function overEdge(ground: Polygon, circle: Circle, marginMm: number): number {
  const r = circle.r + marginMm;
  let over = 0;
  for (const { x, y, dx, dy, length } of edgesOf(ground)) {
    // inside lies to the right of each edge of a clockwise outline (y down)
    const d = (dx * (circle.y - y) - dy * (circle.x - x)) / length;
    if (r - d > over) over = r - d;
  }
  return over;
}

/** Energy of one part among the others: overlaps and the rim are steep, spread and unevenness are gentle. */
function energyOf(table: Table, spots: readonly Spot[], i: number): number {
  const mine = circlesAt(table.anchors[i]!.circles, spots[i]!);
  let e = 0;
  for (const circle of mine) {
    const over = overEdge(table.ground, circle, 3);
    if (over > 0) e += 4 * over + over * over;
  }
  for (let j = 0; j < spots.length; j++) {
    if (j === i) continue;
    e += pairEnergy(table, spots, i, j, mine);
  }
  e += placeEnergy(table, table.anchors[i]!, mine, spots[i]!);
  // the star and the tallest toward the middle, but never in it: what stands there is gone around
  const { x, y } = spots[i]!;
  const middle = hypot2(x / table.halfWidth, y / table.halfHeight);
  if (table.anchors[i]!.isMotif) return e + 8 * middle;
  if (table.anchors[i]!.isWedge) e += TIP * (1 - outward(spots[i]!));
  if (table.anchors[i]!.isStar) e += STAR * starFarOut(spots[i]!, [table.halfWidth, table.halfHeight]);
  if (table.anchors[i]!.isTall)
    e += TALL * max(0, table.isFromFront ? y / table.halfHeight + BACK : middle - BACK);
  return e + 6 * max(0, 0.28 - middle) + 3 * max(0, middle - 0.72);
}

/** Weight of what is tall and stands out of the middle, or, seen from the front alone, not in the back. */
const [TALL, BACK] = [6, 0.4];
/** Weight of a star that stands too far out. */
const STAR = 36;
/** Weight of a wedge's point that looks inward. */
const TIP = 5;

/** How far a wedge's point looks outward: 1 straight, −1 to the middle. */
function outward({ x, y, angle }: Spot): number {
  const out = hypot2(x, y);
  return out < 1 ? 0 : -(x * cos((angle * PI) / 180) + y * sin((angle * PI) / 180)) / out;
}

function pairEnergy(
  table: Table,
  spots: readonly Spot[],
  i: number,
  j: number,
  mine: readonly Circle[],
): number {
  const [spot, otherSpot] = [spots[i]!, spots[j]!];
  const theirs = circlesAt(table.anchors[j]!.circles, otherSpot);
  const [anchor, otherAnchor] = [table.anchors[i]!, table.anchors[j]!];
  const wanted =
    anchor.isMotif || otherAnchor.isMotif
      ? GAP_MOTIF_MM
      : anchor.isCheese || otherAnchor.isCheese
        ? GAP_CHEESE_MM
        : GAP_BOWL_MM;
  let gap = FAR;
  for (const circle of mine)
    for (const otherCircle of theirs)
      gap = min(gap, hypot2(circle.x - otherCircle.x, circle.y - otherCircle.y) - circle.r - otherCircle.r);
  let e = 0;
  if (gap < 2) e += 60 + (2 - gap) * 12;
  if (gap < wanted) e += ((wanted - gap) / wanted) ** 2 * 14;
  const same = anchor.isCheese === otherAnchor.isCheese;
  const near = hypot2(spot.x - otherSpot.x, spot.y - otherSpot.y) / min(table.halfWidth, table.halfHeight);
  e += (same ? 1.6 : 0.8) / (near * near + 0.15);
  // neither in a row nor mirrored
  if (abs(spot.x - otherSpot.x) < 14) e += 1.2;
  if (abs(spot.y - otherSpot.y) < 14) e += 1.2;
  if (
    hypot2(spot.x + otherSpot.x, spot.y - otherSpot.y) < 24 ||
    hypot2(spot.x - otherSpot.x, spot.y + otherSpot.y) < 24
  )
    e += 2;
  return e;
}

/** Places that are given beforehand, by the part's id. */
export type Stands = ReadonlyMap<string, Spot>;

/**
 * Simulated annealing over places and turns; pinned parts stay, and so does what has its stand. The best of a few
 * starts, counted, never timed.
 */
export function placeAnchors(
  anchors: readonly Anchor[],
  ground: Polygon,
  random: Random,
  stands: Stands = new Map(),
  { starts = STARTS, surface }: { starts?: number | undefined; surface?: Surface } = {},
): Spot[] {
  const xs = ground.map((p) => p[0]);
  const ys = ground.map((p) => p[1]);
  const table: Table = {
    anchors,
    ground,
    halfWidth: max(...xs),
    halfHeight: max(...ys),
    open: surface?.places?.filter((place) => place.for === 'open') ?? [],
    isFromFront: surface?.guests === 'one-side',
  };
  let best: Spot[] = [];
  let least = FAR;
  for (let start = 0; start < starts; start++) {
    const spots = anneal(table, stands, random);
    const e = spots.reduce((sum, _, i) => sum + energyOf(table, spots, i), 0);
    if (e < least) [best, least] = [spots, e];
  }
  return best;
}

function anneal(table: Table, stands: Stands, random: Random): Spot[] {
  const given = table.anchors.map((anchor) => anchor.at ?? stands.get(anchor.id));
  const spots = given.map((spot): Spot =>
    spot ? { x: spot.x, y: spot.y, angle: spot.angle } : somewhere(table, random),
  );
  spots.forEach((spot, i) => {
    if (table.anchors[i]!.isLevel && !given[i]) spots[i] = { ...spot, angle: 0 };
  });
  const free = table.anchors.map((_, i) => i).filter((i) => !given[i]);
  if (free.length === 0) return spots;
  for (let move = 0; move < MOVES; move++) {
    const heat = 1 - move / MOVES;
    const i = free[random.int(free.length)]!;
    const before = energyOf(table, spots, i);
    const old = spots[i]!;
    if (random.next() < 0.15 && free.length > 1) {
      const j = free[random.int(free.length)]!;
      const other = spots[j]!;
      const was = before + energyOf(table, spots, j);
      spots[i] = { ...other, angle: old.angle };
      spots[j] = { ...old, angle: other.angle };
      if (!accept(energyOf(table, spots, i) + energyOf(table, spots, j) - was, heat, random)) {
        spots[i] = old;
        spots[j] = other;
      }
      continue;
    }
    const reach = 6 + heat * table.halfWidth * 0.7;
    spots[i] = {
      x: old.x + random.range(-reach, reach),
      y: old.y + random.range(-reach, reach),
      angle: table.anchors[i]!.isLevel ? old.angle : old.angle + random.range(-50, 50) * heat,
    };
    if (!accept(energyOf(table, spots, i) - before, heat, random)) spots[i] = old;
  }
  return spots;
}

const accept = (rise: number, heat: number, random: Random): boolean =>
  rise <= 0 || random.next() < exp(-rise / (0.02 + 3 * heat * heat));

function somewhere(table: Table, random: Random): Spot {
  for (let tries = 0; tries < 50; tries++) {
    const x = random.range(-table.halfWidth, table.halfWidth) * 0.75;
    const y = random.range(-table.halfHeight, table.halfHeight) * 0.75;
    if (inside(table.ground, x, y)) return { x, y, angle: random.range(0, 360) };
  }
  return { x: 0, y: 0, angle: 0 };
}
