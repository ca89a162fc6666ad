import type { FormFact } from '../catalogue/index.js';
import { hypot2, meanOf, type Point } from '../geometry/index.js';
import type { Random } from '../measure/index.js';
import { smooth } from './brush.js';
import type { Pen } from './pen.js';

/** The wood of what hangs on a twig, by the piece: fresh on a grape or a currant, dry on a raisin. */
const WOOD: Partial<Record<FormFact['piece'], readonly [main: string, lit: string]>> = {
  grape: ['#75803a', '#b4bd6c'],
  berry: ['#7d8a45', '#bac77a'],
  dried: ['#5f4a2c', '#94784a'],
};

/** Counted in lengths of a piece: who hangs on the same fork, and how far the next fork is. */
const [FORK, APART] = [1.75, 3.6];
/** Fewer pieces around one are no bunch: what lies loose. */
const LEAST_AROUND = 4;
const [LEAST_BRANCHES, BRANCHES] = [3, 4];
const STALK = 1.1;
/** Two branches of a fork do not go the same way, radians. */
const WIDE = 0.75;

const wayTo = ([x, y]: Point, [toX, toY]: Point): number => Math.atan2(toY - y, toX - x);
const turned = (a: number, b: number): number => Math.abs(Math.atan2(Math.sin(a - b), Math.cos(a - b)));

/** Of the pieces around a fork those that a branch goes to: the upper ones first, no two the same way. */
function branchesOf(fork: Point, around: readonly Point[]): Point[] {
  const chosen: Point[] = [];
  for (const piece of [...around].reverse()) {
    if (chosen.length === BRANCHES) break;
    if (chosen.every((other) => turned(wayTo(fork, other), wayTo(fork, piece)) > WIDE)) chosen.push(piece);
  }
  return chosen;
}

/** Where the stalk was cut off: between two branches, and of those ways the one that ends deepest in the pile. */
function stalkWay(fork: Point, branches: readonly Point[], middle: Point, farMm: number): number {
  const ways = branches.map((piece) => wayTo(fork, piece)).sort((a, b) => a - b);
  const between = ways.map((way, i) => (way + (ways[i + 1] ?? ways[0]! + 2 * Math.PI)) / 2);
  const depth = (way: number): number =>
    hypot2(fork[0] + farMm * Math.cos(way) - middle[0], fork[1] + farMm * Math.sin(way) - middle[1]);
  return between.reduce((best, way) => (depth(way) < depth(best) ? way : best));
}

/** A branch that bends a little on its way. */
function bent([x, y]: Point, way: number, far: number, bend: number): Point[] {
  const at = (k: number, off: number): Point => [
    x + far * k * Math.cos(way) - off * Math.sin(way),
    y + far * k * Math.sin(way) + off * Math.cos(way),
  ];
  return [at(0, 0), at(0.55, bend), at(1, 0)];
}

/**
 * The twig that a bunch hangs on, over the pieces that lie around each fork. `centres` in millimetres in the order in which
 * the pieces are drawn; `l` is the length of one. Draws nothing for what grows on none and where too few lie together.
 */
export function drawTwigs(
  pen: Pen,
  { fact, random }: { fact: FormFact; random: Random },
  centres: readonly Point[],
): void {
  const wood = fact.form === 'cluster' ? WOOD[fact.piece] : undefined;
  if (!wood) return;
  const l = fact.lengthMm;
  const near = (a: Point, b: Point, far: number): boolean => hypot2(a[0] - b[0], a[1] - b[1]) < far * l;
  const around = (fork: Point): Point[] =>
    centres.filter((other) => other !== fork && near(fork, other, FORK));
  const forks: Point[] = [];
  const byCrowd = centres
    .map((centre, i) => ({ centre, i, crowd: around(centre).length }))
    .filter(({ crowd }) => crowd >= LEAST_AROUND)
    .sort((a, b) => b.crowd - a.crowd || b.i - a.i);
  for (const { centre } of byCrowd)
    if (forks.every((other) => !near(other, centre, APART))) forks.push(centre);
  for (const fork of forks) {
    const branches = branchesOf(fork, around(fork));
    // pieces in a row along the rim go two ways only: they lie loose
    if (branches.length < LEAST_BRANCHES) continue;
    const stalk = stalkWay(fork, branches, meanOf(centres), STALK * l);
    drawFork(pen, fork, branches, stalk, l, wood, random);
  }
}

function drawFork(
  pen: Pen,
  fork: Point,
  branches: readonly Point[],
  end: number,
  l: number,
  [main, lit]: readonly [string, string],
  random: Random,
): void {
  const ways = branches.map((piece) => wayTo(fork, piece));
  const bend = (): number => random.range(-0.16, 0.16) * l;
  const thin = ways
    .map((way, i) => {
      const [x, y] = branches[i]!;
      const far = Math.max(0.6 * l, hypot2(x - fork[0], y - fork[1]) - 0.3 * l);
      return smooth(bent(fork, way, far, bend()), false);
    })
    .join('');
  const stalkMm = STALK * l;
  const stalk = smooth(bent(fork, end, stalkMm, bend()), false);
  pen.group(0.5, 1.1, 0, () => {
    pen.path(thin, { stroke: '#1c0b02', width: 0.1 * l, opacity: 0.3 });
    pen.path(stalk, { stroke: '#1c0b02', width: 0.15 * l, opacity: 0.3 });
  });
  pen.path(thin, { stroke: main, width: 0.085 * l });
  pen.path(stalk, { stroke: main, width: 0.135 * l });
  pen.group(-0.02 * l, -0.02 * l, 0, () => {
    pen.path(thin, { stroke: lit, width: 0.03 * l });
    pen.path(stalk, { stroke: lit, width: 0.05 * l });
  });
  // the cut
  const [x, y] = [fork[0] + stalkMm * Math.cos(end), fork[1] + stalkMm * Math.sin(end)];
  pen.ellipse(
    x,
    y,
    0.085 * l,
    0.06 * l,
    { fill: lit, stroke: main, width: 0.02 * l },
    (end * 180) / Math.PI + 90,
  );
}
