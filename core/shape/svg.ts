import { SaxesParser, type SaxesTagPlain } from 'saxes';
import simplify from 'simplify-js';
import svgpath from 'svgpath';
import { areaOf, inside, type Point, type Polygon } from '../geometry/index.js';
import type { Said } from '../words/index.js';
import { boundsOf, heightOf, moved, oriented, widthOf } from './outline.js';

/** Why a drawing is no cutter. `at` is in the drawing's own units. */
export type SvgProblem =
  | { code: 'too-long'; most: number }
  | { code: 'no-svg'; reason: string }
  | { code: 'no-outline' }
  | { code: 'open'; from: Point; to: Point }
  | { code: 'crosses-itself'; at: Point }
  | { code: 'too-many-points'; most: number }
  | { code: 'bad-path'; reason: string }
  | { code: 'tiny' };

export type SvgRead =
  | {
      ok: true;
      outline: Polygon;
      /** Closed shapes wholly within it that do not overlap: what a slice lacks. A cutter has none. */
      holes: Polygon[];
      widthMm: number;
      heightMm: number;
      /** Outlines that were left out: inner and further ones. */ leftOut: number;
    }
  | { ok: false; problem: SvgProblem };

const MOST_TEXT = 2_000_000;
const MOST_POINTS = 20_000;
/** Groups in groups: no drawing program nests more, and each carries its transform. */
const MOST_DEPTH = 60;
/** After simplifying: more corners than this are no cutter that somebody bends from a strip. */
const MOST_CORNERS = 1200;
/** Curves are drawn, and points left out, to within this share of the whole. */
const FINE = 1 / 4000;
const CURVE_PARTS = 24;
const MM_PER_PX = 25.4 / 96;
/** Smaller than this in both ways there is nothing to press. */
const TINY_MM = 2;

const rounded = (v: number): string => String(Math.round(v * 10) / 10);

/** Why a drawing was refused, to be said. */
export function svgProblemSaid(problem: SvgProblem): Said {
  switch (problem.code) {
    case 'too-long':
      return { say: 'svg.too-long', with: { most: problem.most } };
    case 'too-many-points':
      return { say: 'svg.too-many-points', with: { most: problem.most } };
    case 'no-svg':
      return { say: 'svg.no-svg', with: { reason: problem.reason } };
    case 'bad-path':
      return { say: 'svg.bad-path', with: { reason: problem.reason } };
    case 'open':
      return { say: 'svg.open', with: { x: rounded(problem.from[0]), y: rounded(problem.from[1]) } };
    case 'crosses-itself':
      return { say: 'svg.crosses-itself', with: { x: rounded(problem.at[0]), y: rounded(problem.at[1]) } };
    case 'no-outline':
      return { say: 'svg.no-outline' };
    case 'tiny':
      return { say: 'svg.tiny' };
  }
}

class Refused extends Error {
  constructor(readonly problem: SvgProblem) {
    super(problem.code);
  }
}

/**
 * The outline of a drawing: the largest closed shape in it, with its transforms, curves drawn as sides. What a drawing
 * holds beside shapes (words, scripts, links, pictures) is not looked at. A cutter is one strip: what is open, crosses itself
 * or is tiny is refused.
 */
export function readSvg(text: string): SvgRead {
  try {
    if (text.length > MOST_TEXT) throw new Refused({ code: 'too-long', most: MOST_TEXT });
    const { shapes, scale } = shapesOf(text);
    const budget = { points: MOST_POINTS };
    const loops = shapes.flatMap((shape) => loopsOf(shape, budget));
    const [largest] = [...loops].sort((a, b) => areaOf(b) - areaOf(a));
    if (!largest) throw new Refused({ code: 'no-outline' });
    const outline = cleaned(largest);
    const inMm = outline.map(([x, y]): Point => [x * scale[0], -y * scale[1]]);
    const bounds = boundsOf(inMm);
    const [widthMm, heightMm] = [widthOf(bounds), heightOf(bounds)];
    if (Math.max(widthMm, heightMm) < TINY_MM) throw new Refused({ code: 'tiny' });
    const holes = holesIn(inMm, loops, largest, scale);
    return {
      ok: true,
      outline: oriented(inMm),
      holes,
      widthMm,
      heightMm,
      leftOut: loops.length - 1,
    };
  } catch (error) {
    if (error instanceof Refused) return { ok: false, problem: error.problem };
    throw error;
  }
}

const MOST_HOLES = 20;

/** The largest shapes within the outline, apart from each other; what cannot be a hole is no reason to refuse a cutter. */
function holesIn(outer: Polygon, loops: readonly Polygon[], largest: Polygon, scale: Scale): Polygon[] {
  const within = (outline: Polygon, other: Polygon): boolean =>
    outline.every(([x, y]) => inside(other, x, y)) && !outline.some((_, i) => crosses(outline, i, other));
  const holes: Polygon[] = [];
  for (const loop of [...loops].sort((a, b) => areaOf(b) - areaOf(a))) {
    if (loop === largest || holes.length >= MOST_HOLES) continue;
    let hole: Polygon;
    try {
      hole = cleaned(loop).map(([x, y]): Point => [x * scale[0], -y * scale[1]]);
    } catch (error) {
      if (error instanceof Refused) continue;
      throw error;
    }
    const apart = holes.every(
      (other) =>
        !hole.some(([x, y]) => inside(other, x, y)) &&
        !other.some(([x, y]) => inside(hole, x, y)) &&
        !hole.some((_, i) => crosses(hole, i, other)),
    );
    if (apart && within(hole, outer)) holes.push(oriented(hole));
  }
  return holes;
}

/** Does a side of one outline cross the other? */
function crosses(outline: Polygon, i: number, other: Polygon): boolean {
  const [a, b] = [outline[i]!, outline[(i + 1) % outline.length]!];
  return other.some((c, j) => crossing(a, b, c, other[(j + 1) % other.length]!) !== undefined);
}

// ------------------------------------------------------------------ the text

interface Shape {
  d: string;
  transform: string;
}

type Scale = readonly [x: number, y: number];

const MM: Record<string, number> = {
  mm: 1,
  cm: 10,
  in: 25.4,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  px: MM_PER_PX,
  '': MM_PER_PX,
};

function millimetres(text: string | undefined): number | undefined {
  const found = /^\s*([\d.]+(?:e[+-]?\d+)?)\s*([a-z]*)\s*$/i.exec(text ?? '');
  const unit = found && MM[found[2]!.toLowerCase()];
  return found && unit ? Number(found[1]) * unit : undefined;
}

/** Millimetres of one unit of the drawing: by its size and its window, or as pixels of the web. */
function scaleOf(attributes: Record<string, string>): Scale {
  const box = (attributes['viewBox'] ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  const [width, height] = [millimetres(attributes['width']), millimetres(attributes['height'])];
  if (box.length !== 4 || !box.every(Number.isFinite) || !(box[2]! > 0) || !(box[3]! > 0))
    return [MM_PER_PX, MM_PER_PX];
  const x = width === undefined ? undefined : width / box[2]!;
  const y = height === undefined ? undefined : height / box[3]!;
  // as the web shows it: nothing is stretched
  const both = x !== undefined && y !== undefined ? Math.min(x, y) : (x ?? y ?? MM_PER_PX);
  return [both, both];
}

/** Parts of a drawing that are not drawn where they stand. */
const UNSEEN = new Set([
  'defs',
  'symbol',
  'clippath',
  'mask',
  'pattern',
  'marker',
  'metadata',
  'style',
  'script',
]);

function shapesOf(text: string): { shapes: Shape[]; scale: Scale } {
  const parser = new SaxesParser();
  const shapes: Shape[] = [];
  const transforms: string[] = [];
  let scale: Scale | undefined;
  let unseen = 0;
  const local = (tag: { name: string }): string => tag.name.replace(/^.*:/, '').toLowerCase();
  parser.on('error', (error) => {
    throw new Refused({ code: 'no-svg', reason: error.message });
  });
  parser.on('opentag', (tag: SaxesTagPlain) => {
    const name = local(tag);
    const attributes = tag.attributes;
    if (!scale && name !== 'svg')
      throw new Refused({ code: 'no-svg', reason: `it begins with <${tag.name}>` });
    scale ??= scaleOf(attributes);
    transforms.push(attributes['transform'] ?? '');
    if (transforms.length > MOST_DEPTH)
      throw new Refused({ code: 'no-svg', reason: `it is nested more than ${MOST_DEPTH} deep` });
    if (UNSEEN.has(name)) unseen += 1;
    if (unseen > 0) return;
    const d = pathOf(name, attributes);
    if (d) shapes.push({ d, transform: transforms.filter(Boolean).join(' ') });
  });
  parser.on('closetag', (tag: SaxesTagPlain) => {
    transforms.pop();
    if (UNSEEN.has(local(tag))) unseen -= 1;
  });
  parser.write(text).close();
  if (!scale) throw new Refused({ code: 'no-svg', reason: 'it is empty' });
  return { shapes, scale };
}

/** A shape of SVG as a path. */
function pathOf(name: string, attributes: Record<string, string>): string | undefined {
  const n = (key: string): number => Number.parseFloat(attributes[key] ?? '0') || 0;
  const oval = (cx: number, cy: number, rx: number, ry: number): string | undefined =>
    rx > 0 && ry > 0
      ? `M${cx - rx} ${cy}A${rx} ${ry} 0 1 0 ${cx + rx} ${cy}A${rx} ${ry} 0 1 0 ${cx - rx} ${cy}Z`
      : undefined;
  if (name === 'path') return attributes['d'];
  if (name === 'polygon') return `M${attributes['points'] ?? ''}Z`;
  if (name === 'rect' && n('width') > 0 && n('height') > 0)
    return `M${n('x')} ${n('y')}h${n('width')}v${n('height')}h${-n('width')}Z`;
  if (name === 'circle') return oval(n('cx'), n('cy'), n('r'), n('r'));
  if (name === 'ellipse') return oval(n('cx'), n('cy'), n('rx'), n('ry'));
  return undefined;
}

// ------------------------------------------------------------------ outlines

const lerp = (a: number, b: number, t: number): number => a + (b - a) * t;

function bezier(points: readonly Point[], t: number): Point {
  let level = [...points];
  while (level.length > 1)
    level = level.slice(1).map((p, i): Point => [lerp(level[i]![0], p[0], t), lerp(level[i]![1], p[1], t)]);
  return level[0]!;
}

/** The closed outlines of a path. One whose ends do not meet is refused: nothing says how it would go on. */
function loopsOf({ d, transform }: Shape, budget: { points: number }): Polygon[] {
  const path = svgpath(d).transform(transform).abs().unshort().unarc();
  const reason = (path as unknown as { err?: string }).err;
  if (reason) throw new Refused({ code: 'bad-path', reason });
  const loops: { points: Point[]; closed: boolean }[] = [];
  path.iterate((segment, _index, x, y) => {
    const [command, ...numbers] = segment as [string, ...number[]];
    const here: Point = [x, y];
    const loop = loops.at(-1);
    if (command === 'M') return void loops.push({ points: [[numbers[0]!, numbers[1]!]], closed: false });
    if (!loop) return;
    if (command === 'Z') return void (loop.closed = true);
    const drawn = drawnBy(command, numbers, here);
    budget.points -= drawn.length;
    if (budget.points < 0) throw new Refused({ code: 'too-many-points', most: MOST_POINTS });
    loop.points.push(...drawn);
  });
  return loops.filter(({ points }) => points.length > 2).map(closedLoop);
}

function drawnBy(command: string, numbers: readonly number[], here: Point): Point[] {
  if (command === 'H') return [[numbers[0]!, here[1]]];
  if (command === 'V') return [[here[0], numbers[0]!]];
  if (command === 'L') return [[numbers[0]!, numbers[1]!]];
  const controls = Array.from({ length: numbers.length / 2 }, (_, i): Point => [
    numbers[2 * i]!,
    numbers[2 * i + 1]!,
  ]);
  return Array.from({ length: CURVE_PARTS }, (_, k) => bezier([here, ...controls], (k + 1) / CURVE_PARTS));
}

function closedLoop({ points, closed }: { points: Point[]; closed: boolean }): Polygon {
  const bounds = boundsOf(points);
  const near = Math.max(widthOf(bounds), heightOf(bounds)) / 200;
  const [first, last] = [points[0]!, points.at(-1)!];
  const apart = Math.hypot(last[0] - first[0], last[1] - first[1]);
  if (!closed && apart > near) throw new Refused({ code: 'open', from: first, to: last });
  return apart < near / 100 || (!closed && apart <= near) ? points.slice(0, -1) : points;
}

/** Points that say nothing left out; refused where it crosses itself. */
function cleaned(loop: Polygon): Polygon {
  if (!loop.every(([x, y]) => Number.isFinite(x) && Number.isFinite(y)))
    throw new Refused({ code: 'bad-path', reason: 'a number in it is none' });
  const bounds = boundsOf(loop);
  const size = Math.max(widthOf(bounds), heightOf(bounds));
  const [start] = loop as [Point];
  const round = [...loop, start].map(([x, y]) => ({ x, y }));
  const kept = simplify(round, size * FINE, true).map(({ x, y }): Point => [x, y]);
  const outline = kept.slice(0, -1);
  if (outline.length < 3) throw new Refused({ code: 'no-outline' });
  if (outline.length > MOST_CORNERS) throw new Refused({ code: 'too-many-points', most: MOST_CORNERS });
  // before its area is asked for: that of a figure of eight is nought
  const at = crossingOf(outline);
  if (at) throw new Refused({ code: 'crosses-itself', at });
  if (areaOf(outline) < size * size * 1e-4) throw new Refused({ code: 'no-outline' });
  return outline;
}

/** Where two sides cross within both; undefined where they do not. */
function crossing(a: Point, b: Point, c: Point, d: Point): Point | undefined {
  const [rx, ry, sx, sy] = [b[0] - a[0], b[1] - a[1], d[0] - c[0], d[1] - c[1]];
  const across = rx * sy - ry * sx;
  if (across === 0) return undefined;
  const t = ((c[0] - a[0]) * sy - (c[1] - a[1]) * sx) / across;
  const u = ((c[0] - a[0]) * ry - (c[1] - a[1]) * rx) / across;
  const isWithin = t > 1e-9 && t < 1 - 1e-9 && u > 1e-9 && u < 1 - 1e-9;
  return isWithin ? [a[0] + rx * t, a[1] + ry * t] : undefined;
}

/** Where an outline crosses itself; undefined where it does not. */
export function crossingOf(outline: Polygon): Point | undefined {
  const n = outline.length;
  for (let i = 0; i < n; i++)
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue;
      const at = crossing(outline[i]!, outline[(i + 1) % n]!, outline[j]!, outline[(j + 1) % n]!);
      if (at) return at;
    }
  return undefined;
}

/** Outlines as a drawing at true size, each a closed path. Millimetres; y upwards becomes y downwards. */
export function svgOf(outlines: readonly Polygon[], edgeMm = 2): string {
  const bounds = boundsOf(outlines.flat());
  const [width, height] = [widthOf(bounds) + 2 * edgeMm, heightOf(bounds) + 2 * edgeMm];
  const n = (v: number): string => String(Math.round(v * 1000) / 1000);
  const paths = outlines.map((outline) => {
    const points = outline.map(([x, y]) => `${n(x - bounds.left + edgeMm)} ${n(bounds.bottom - y + edgeMm)}`);
    return `  <path d="M${points.join('L')}Z" fill="none" stroke="#000" stroke-width="0.2"/>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(width)}mm" height="${n(height)}mm" viewBox="0 0 ${n(width)} ${n(height)}">`,
    ...paths,
    '</svg>',
    '',
  ].join('\n');
}

/** Outlines in a row, so far apart, as on a sheet of stencils. */
export function sideBySide(outlines: readonly Polygon[], gapMm: number): Point[][] {
  let x = 0;
  return outlines.map((outline) => {
    const { left, right } = boundsOf(outline);
    const at = x - left;
    x += right - left + gapMm;
    return moved(outline, at, 0);
  });
}
