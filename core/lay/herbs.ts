import type { Random } from '../measure/index.js';
import type { LaidElement } from '../plan/index.js';
import { hypot2, ellipse, pieceOutline, placed, type Point } from '../geometry/index.js';
import type { Grid } from './grid.js';
import type { Part } from './parts.js';
import { HERB_LAYER, RIM_LEAF_LAYER } from './lies.js';
import { coverCount, type Filled } from './settle.js';

/** Bound once: looking names up on the global object is slow inside hot loops. */
const { floor, max, min, round } = Math;
const FAR = Infinity;

interface HerbSpot {
  x: number;
  y: number;
  angle: number;
}

/**
 * Herbs last: sprigs into the barest places, and if there are none, to the foot of a bowl or cheese, well apart; whole leaves
 * in small fans over the rim, under the food.
 */
export function layHerbs(
  herbs: readonly Part[],
  grid: Grid,
  rim: readonly Point[],
  filled: readonly Filled[],
  hard: readonly (readonly Point[])[],
  random: Random,
): LaidElement[] {
  const cover = coverCount(grid, filled, hard);
  const feet = hard.flat();
  const used: { x: number; y: number }[] = [];
  const leaves = herbs.filter((part) => !part.pinned && part.fact.piece === 'leaf');
  const overRim = leaves.slice(
    0,
    floor(leaves.length * (narrowSide(rim) < LEAST_FOR_FANS_MM ? 0 : RIM_SHARE)),
  );
  const fans = fansAt(rim, overRim, hard, random);
  return herbs.map((part, i): LaidElement => {
    if (part.pinned) return { ...part.pinned };
    const fan = overRim.indexOf(part);
    if (fan >= 0) return herbElement(part, fans[fan]!, RIM_LEAF_LAYER, i);
    const at = bestPlace(grid, cover, feet, used, random);
    used.push(at);
    return herbElement(part, { ...at, angle: turned(at, hard, random) }, HERB_LAYER, i);
  });
}

function herbElement(part: Part, { x, y, angle }: HerbSpot, layer: number, i: number): LaidElement {
  const outline = placed(pieceOutline(part.fact.piece, part.fact.lengthMm, part.fact.widthMm), x, y, angle);
  return {
    id: part.id || `herb-${i}`,
    componentId: part.component.id,
    form: part.fact.form,
    contained: false,
    x: r1(x),
    y: r1(y),
    angle,
    layer,
    pinned: false,
    outline: (outline.length >= 3 ? outline : ellipse(10, 10)).map(([px, py]): [number, number] => [
      r1(px),
      r1(py),
    ]),
    pieces: [[0, 0, 0]],
    bowlMm: null,
  };
}

/** Of the whole leaves so many lie over the rim, in fans of two or three. */
const RIM_SHARE = 0.67;
const FAN = 3;
const FAN_DEGREES = 27;
/** A box is closed, and on a small plate a leaf over the rim is half of the picture: none there (house default). */
const LEAST_FOR_FANS_MM = 240;

function narrowSide(rim: readonly Point[]): number {
  const span = (axis: 0 | 1): number => {
    const along = rim.map((point) => point[axis]);
    return max(...along) - min(...along);
  };
  return min(span(0), span(1));
}

/** A leaf stands over the ground's edge by no more than this (the rule is 30). */
const OVERHANG_MM = 24;

/** Places for leaves in fans along the edge, the fans as far from each other as darts find. */
function fansAt(
  rim: readonly Point[],
  leaves: readonly Part[],
  hard: readonly (readonly Point[])[],
  random: Random,
): HerbSpot[] {
  const fans: Point[] = [];
  return leaves.map((part, i) => {
    const within = i % FAN;
    if (within === 0) fans.push(farthest(rim, [...fans, ...hard.map((outline) => outline[0]!)], random));
    const [x, y] = fans.at(-1)!;
    const out = (Math.atan2(y, x) * 180) / Math.PI;
    const count = min(FAN, leaves.length - i + within);
    const angle = out + (within - (count - 1) / 2) * FAN_DEGREES + random.range(-5, 5);
    const turn = (angle * Math.PI) / 180;
    // its stalk is the fan's middle: half of it lies under the food
    const reach = min(OVERHANG_MM, part.fact.lengthMm * 0.55) - part.fact.lengthMm / 2;
    return {
      x: x + reach * Math.cos(turn),
      y: y + reach * Math.sin(turn),
      angle: round((angle + 360) % 360),
    };
  });
}

function farthest(rim: readonly Point[], from: readonly Point[], random: Random): Point {
  let [best, most]: [Point, number] = [rim[0]!, -1];
  for (let k = 0; k < TRIES / 10; k++) {
    const i = random.int(rim.length);
    const [t, [ax, ay], [bx, by]] = [random.next(), rim[i]!, rim[(i + 1) % rim.length]!];
    const at: Point = [ax + (bx - ax) * t, ay + (by - ay) * t];
    const near = min(FAR, ...from.map(([x, y]) => hypot2(x - at[0], y - at[1])));
    if (near > most) [best, most] = [at, near];
  }
  return best;
}

const r1 = (n: number) => round(n * 10) / 10;
const TRIES = 160;
/** Sprigs nearer than this to each other look like a bunch. */
const APART_MM = 70;

/** So near to a bowl or a cheese a sprig is tucked half under it. */
const AT_FOOT_MM = 22;
const LEAN = 35;

/** At the foot of something it points away from it; elsewhere as it falls. */
function turned(at: { x: number; y: number }, hard: readonly (readonly Point[])[], random: Random): number {
  let [near, mx, my] = [AT_FOOT_MM, 0, 0];
  for (const outline of hard) {
    const d = min(...outline.map(([x, y]) => hypot2(x - at.x, y - at.y)));
    if (d >= near) continue;
    near = d;
    mx = outline.reduce((sum, [x]) => sum + x, 0) / outline.length;
    my = outline.reduce((sum, [, y]) => sum + y, 0) / outline.length;
  }
  const any = random.range(0, 360);
  if (near === AT_FOOT_MM) return round(any);
  const away = (Math.atan2(at.y - my, at.x - mx) * 180) / Math.PI;
  return round((away + (any / 180 - 1) * LEAN + 360) % 360);
}

function bestPlace(
  grid: Grid,
  cover: Uint16Array,
  feet: readonly Point[],
  used: readonly { x: number; y: number }[],
  random: Random,
): { x: number; y: number } {
  let best = { x: 0, y: 0 };
  let most = -FAR;
  for (let k = 0; k < TRIES; k++) {
    const c = random.int(grid.ground.length);
    if (!grid.ground[c]) continue;
    const at = { x: grid.xOf(c % grid.columns), y: grid.yOf(floor(c / grid.columns)) };
    const rim = [
      [24, 0],
      [-24, 0],
      [0, 24],
      [0, -24],
    ].some(([dx, dy]) => !onGround(grid, at.x + dx!, at.y + dy!));
    if (rim) continue;
    const near = min(APART_MM, ...used.map((u) => hypot2(u.x - at.x, u.y - at.y)));
    let score = near / APART_MM + (cover[c] === 0 ? 1.2 : 0);
    let foot = 60;
    for (const [x, y] of feet) foot = min(foot, hypot2(x - at.x, y - at.y));
    score += foot > 2 && foot < AT_FOOT_MM ? 0.9 : 0;
    if (score > most) [best, most] = [at, score];
  }
  return best;
}

function onGround(grid: Grid, x: number, y: number): boolean {
  const i = round((x - grid.xOf(0)) / grid.stepMm);
  const j = round((y - grid.yOf(0)) / grid.stepMm);
  return i >= 0 && j >= 0 && i < grid.columns && j < grid.rows && grid.ground[j * grid.columns + i] === 1;
}
