import type { Random } from '../measure/index.js';
import { hypot2, inside, type Polygon } from '../geometry/index.js';
import type { Part } from './parts.js';

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
const MOVES = 4200;
const STARTS = 3;

/** A hard part as circles that cover it, along its length. */
function circlesOf(part: Part): { at: number; r: number }[] {
  const [l, w] = [part.lengthMm, part.widthMm];
  if (part.bowlMm !== null || part.fact.form === 'wheel') return [{ at: 0, r: l / 2 }];
  if (part.fact.form === 'wedge')
    return [
      { at: -l * 0.3, r: w * 0.26 },
      { at: 0, r: w * 0.4 },
      { at: l * 0.26, r: w * 0.55 },
    ];
  const n = max(1, round(l / w));
  return Array.from({ length: n }, (_, i) => ({
    at: n === 1 ? 0 : (i / (n - 1) - 0.5) * (l - w),
    r: w * 0.56,
  }));
}

type Circle = { x: number; y: number; r: number };

function circlesAt(circles: readonly { at: number; r: number }[], s: Spot): Circle[] {
  const [c, n] = [cos((s.angle * PI) / 180), sin((s.angle * PI) / 180)];
  return circles.map((k) => ({ x: s.x + k.at * c, y: s.y + k.at * n, r: k.r }));
}

interface Table {
  parts: readonly Part[];
  circles: { at: number; r: number }[][];
  ground: Polygon;
  halfWidth: number;
  halfHeight: number;
}

/** How far the circle stands over the edge of the ground; 0 well inside. The ground is convex. */
function overEdge(ground: Polygon, c: Circle): number {
  let over = 0;
  for (let i = 0; i < ground.length; i++) {
    const [x1, y1] = ground[i]!;
    const [x2, y2] = ground[(i + 1) % ground.length]!;
    const length = hypot2(x2 - x1, y2 - y1) || 1;
    // inside lies to the right of each edge of a clockwise outline (y down)
    const d = ((x2 - x1) * (c.y - y1) - (y2 - y1) * (c.x - x1)) / length;
    over = max(over, c.r - d);
  }
  return over;
}

/** Energy of one part among the others: overlaps and the rim are steep, spread and unevenness are gentle. */
function energyOf(t: Table, spots: readonly Spot[], i: number): number {
  const mine = circlesAt(t.circles[i]!, spots[i]!);
  let e = 0;
  for (const c of mine) {
    const over = overEdge(t.ground, { ...c, r: c.r + 3 });
    if (over > 0) e += 4 * over + over * over;
  }
  for (let j = 0; j < spots.length; j++) {
    if (j === i) continue;
    e += pairEnergy(t, spots, i, j, mine);
  }
  // the star and the tallest toward the middle, but never in it
  const { x, y } = spots[i]!;
  const middle = hypot2(x / t.halfWidth, y / t.halfHeight);
  return e + 6 * max(0, 0.28 - middle) + 3 * max(0, middle - 0.72);
}

function pairEnergy(t: Table, spots: readonly Spot[], i: number, j: number, mine: readonly Circle[]): number {
  const [a, b] = [spots[i]!, spots[j]!];
  const theirs = circlesAt(t.circles[j]!, b);
  const cheese = t.parts[i]!.bowlMm === null || t.parts[j]!.bowlMm === null;
  const wanted = cheese ? GAP_CHEESE_MM : GAP_BOWL_MM;
  let gap = FAR;
  for (const c of mine) for (const d of theirs) gap = min(gap, hypot2(c.x - d.x, c.y - d.y) - c.r - d.r);
  let e = 0;
  if (gap < 2) e += 60 + (2 - gap) * 12;
  if (gap < wanted) e += ((wanted - gap) / wanted) ** 2 * 14;
  const same = (t.parts[i]!.bowlMm === null) === (t.parts[j]!.bowlMm === null);
  const near = hypot2(a.x - b.x, a.y - b.y) / min(t.halfWidth, t.halfHeight);
  e += (same ? 1.6 : 0.8) / (near * near + 0.15);
  // neither in a row nor mirrored
  if (abs(a.x - b.x) < 14) e += 1.2;
  if (abs(a.y - b.y) < 14) e += 1.2;
  if (hypot2(a.x + b.x, a.y - b.y) < 24 || hypot2(a.x - b.x, a.y + b.y) < 24) e += 2;
  return e;
}

/** Places that are given beforehand, by the part's id. */
export type Stands = ReadonlyMap<string, Spot>;

/**
 * Simulated annealing over places and turns; pinned parts stay, and so does what has its stand. The best of a few
 * starts, counted, never timed.
 */
export function placeAnchors(
  parts: readonly Part[],
  ground: Polygon,
  random: Random,
  stands: Stands = new Map(),
): Spot[] {
  const xs = ground.map((p) => p[0]);
  const ys = ground.map((p) => p[1]);
  const t: Table = {
    parts,
    circles: parts.map(circlesOf),
    ground,
    halfWidth: max(...xs),
    halfHeight: max(...ys),
  };
  let best: Spot[] = [];
  let least = FAR;
  for (let start = 0; start < STARTS; start++) {
    const spots = anneal(t, stands, random);
    const e = spots.reduce((sum, _, i) => sum + energyOf(t, spots, i), 0);
    if (e < least) [best, least] = [spots, e];
  }
  return best;
}

function anneal(t: Table, stands: Stands, random: Random): Spot[] {
  const given = t.parts.map((p) => p.pinned ?? stands.get(p.id));
  const spots = given.map((g): Spot => (g ? { x: g.x, y: g.y, angle: g.angle } : somewhere(t, random)));
  const free = t.parts.map((_, i) => i).filter((i) => !given[i]);
  if (free.length === 0) return spots;
  for (let move = 0; move < MOVES; move++) {
    const heat = 1 - move / MOVES;
    const i = free[random.int(free.length)]!;
    const before = energyOf(t, spots, i);
    const old = spots[i]!;
    if (random.next() < 0.15 && free.length > 1) {
      const j = free[random.int(free.length)]!;
      const other = spots[j]!;
      const was = before + energyOf(t, spots, j);
      spots[i] = { ...other, angle: old.angle };
      spots[j] = { ...old, angle: other.angle };
      if (!accept(energyOf(t, spots, i) + energyOf(t, spots, j) - was, heat, random)) {
        spots[i] = old;
        spots[j] = other;
      }
      continue;
    }
    const reach = 6 + heat * t.halfWidth * 0.7;
    spots[i] = {
      x: old.x + random.range(-reach, reach),
      y: old.y + random.range(-reach, reach),
      angle: old.angle + random.range(-50, 50) * heat,
    };
    if (!accept(energyOf(t, spots, i) - before, heat, random)) spots[i] = old;
  }
  return spots;
}

const accept = (rise: number, heat: number, random: Random): boolean =>
  rise <= 0 || random.next() < exp(-rise / (0.02 + 3 * heat * heat));

function somewhere(t: Table, random: Random): Spot {
  for (let tries = 0; tries < 50; tries++) {
    const x = random.range(-t.halfWidth, t.halfWidth) * 0.75;
    const y = random.range(-t.halfHeight, t.halfHeight) * 0.75;
    if (inside(t.ground, x, y)) return { x, y, angle: random.range(0, 360) };
  }
  return { x: 0, y: 0, angle: 0 };
}
