import type { Random } from '../measure/index.js';
import type { LaidElement } from '../plan/index.js';
import { hypot2, ellipse, pieceOutline, placed, type Point } from '../geometry/index.js';
import type { Grid } from './grid.js';
import type { Part } from './parts.js';
import { coverCount, type Filled } from './settle.js';

/** Bound once: looking names up on the global object is slow inside hot loops. */
const { floor, min, round } = Math;
const FAR = Infinity;

/** Herbs last: into the barest places, and if there are none, to the foot of a bowl or cheese; well apart. */
export function layHerbs(
  herbs: readonly Part[],
  grid: Grid,
  filled: readonly Filled[],
  hard: readonly (readonly Point[])[],
  random: Random,
): LaidElement[] {
  const cover = coverCount(grid, filled, hard);
  const used: { x: number; y: number }[] = [];
  return herbs.flatMap((part, i): LaidElement[] => {
    if (part.pinned) return [{ ...part.pinned }];
    const at = bestPlace(grid, cover, hard, used, random);
    used.push(at);
    const angle = turned(at, hard, random);
    const outline = placed(
      pieceOutline(part.fact.piece, part.fact.lengthMm, part.fact.widthMm),
      at.x,
      at.y,
      angle,
    );
    return [
      {
        id: part.id || `herb-${i}`,
        componentId: part.component.id,
        form: part.fact.form,
        contained: false,
        x: r1(at.x),
        y: r1(at.y),
        angle,
        layer: 6,
        pinned: false,
        outline: (outline.length >= 3 ? outline : ellipse(10, 10)).map(([x, y]): [number, number] => [
          r1(x),
          r1(y),
        ]),
        pieces: [[0, 0, 0]],
        bowlMm: null,
      },
    ];
  });
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
  hard: readonly (readonly Point[])[],
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
    const foot = min(60, ...hard.flat().map(([x, y]) => hypot2(x - at.x, y - at.y)));
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
