import { CATALOGUE } from '../../core/catalogue/index.js';
import { areaOf, type Point, type Polygon } from '../../core/geometry/index.js';
import { decimalOf } from '../../core/measure/index.js';
import {
  boundsOf,
  centred,
  CUTTERS,
  cutterById,
  cutterOutline,
  disc,
  halfRound,
  heightOf,
  loaf,
  neckOf,
  Nesting,
  oval,
  readSvg,
  rect,
  ring,
  sizedOutline,
  sliceOf,
  survives,
  svgProblemSaid,
  takenBy,
  wedge,
  widthOf,
  type CutterSize,
  type Neck,
  type Slice,
} from '../../core/shape/index.js';
import { inEnglish } from '../../core/words/index.js';
import { BadInput, numberOf, seedOf, type Call } from '../call.js';

/** Sizes that a kitchen has, in millimetres. */
const LEAST_MM = 1;
const MOST_MM = 2000;

const CUTTER_HELP =
  'a cutter is <id:size> or <file.svg[:size]>; a size is the larger measure in mm (of stars, flowers, gears and the wavy disc the circle through their tips), or WxH';
const SLICE_HELP =
  'a slice is disc:D, ring:D/hole, rect:LxW, ellipse:LxW, half:W (half a round), loaf:WxH, wedge:WxL (width of the rind, length), or file.svg[:size], in mm';
export const NEST_HELP = `nest --cutter <id:size> [--cutter …] --slice <slice> [--want id=n …] [--gap 2] [--margin 2] [--turns free|0,90,…] [--seconds 3 | --steps k] [--seed 1]; ${CUTTER_HELP}; ${SLICE_HELP}. mm and degrees, y upwards, angles counter-clockwise; a step is one look at all distances. Cutters: ${CUTTERS.map(({ id }) => id).join(', ')}`;
export const NECK_HELP = `neck --cutter <id:size> [--food id]: the narrowest neck, where it is, and how wide the thinnest tip is 3 mm from its end; with a food, whether the cut stays whole in it, and which foods take it; ${CUTTER_HELP}. Cutters: ${CUTTERS.map(({ id }) => id).join(', ')}`;

export function lengthOf(text: string, what: string): number {
  const mm = decimalOf(text);
  if (!Number.isFinite(mm) || mm < LEAST_MM || mm > MOST_MM)
    throw new BadInput(`${what} takes millimetres from ${LEAST_MM} to ${MOST_MM}, not "${text}"`);
  return mm;
}

function sizeOf(text: string, what: string): CutterSize {
  const [width, height, ...rest] = text.split('x');
  if (rest.length > 0) throw new BadInput(`${what} takes mm or WxH, not "${text}"`);
  return height === undefined
    ? lengthOf(text, what)
    : { widthMm: lengthOf(width!, what), heightMm: lengthOf(height, what) };
}

/** A file's name and what stands behind its last colon; undefined for what is no drawing. */
function drawingOf(spec: string): { file: string; size: string | undefined } | undefined {
  const found = /^(.*\.svg)(?::([^:]*))?$/i.exec(spec);
  return found ? { file: found[1]!, size: found[2] } : undefined;
}

interface Drawn {
  outline: Polygon;
  holes: Polygon[];
}

/** A drawing about its middle, in the size that was asked for, with its holes. */
function drawnShape(call: Call, spec: string, option: string): Drawn | undefined {
  const drawing = drawingOf(spec);
  if (!drawing) return undefined;
  let text: string;
  try {
    text = call.read(drawing.file);
  } catch {
    throw new BadInput(`${option}: the file "${drawing.file}" cannot be read`);
  }
  const read = readSvg(text);
  if (!read.ok)
    throw new BadInput(
      `${option}: ${drawing.file}: ${inEnglish(svgProblemSaid(read.problem))}`,
      read.problem,
    );
  const outline =
    drawing.size === undefined
      ? centred(read.outline)
      : sizedOutline(read.outline, sizeOf(drawing.size, option));
  const [from, to] = [boundsOf(read.outline), boundsOf(outline)];
  const [kx, ky] = [widthOf(to) / widthOf(from), heightOf(to) / heightOf(from)];
  const holes = read.holes.map((hole) =>
    hole.map(([x, y]): Point => [(x - from.left) * kx + to.left, (y - from.top) * ky + to.top]),
  );
  return { outline, holes };
}

export interface Named {
  id: string;
  spec: string;
  outline: Polygon;
  /** Its size as it was asked for, or its larger side. */
  acrossMm: number;
}

const largerSide = (outline: Polygon): number => {
  const bounds = boundsOf(outline);
  return Math.max(widthOf(bounds), heightOf(bounds));
};

export function cuttersOf(call: Call): Named[] {
  const specs = call.options.cutter ?? [];
  if (specs.length === 0) throw new BadInput(`name a --cutter: ${CUTTER_HELP}`);
  return specs.map((spec) => {
    const drawn = drawnShape(call, spec, '--cutter')?.outline;
    if (drawn) return { id: drawingOf(spec)!.file, spec, outline: drawn, acrossMm: largerSide(drawn) };
    const [id = '', size, ...rest] = spec.split(':');
    const cutter = cutterById(id.toLowerCase() === 'e' ? 'block-e' : id);
    if (!cutter)
      throw new BadInput(`--cutter: there is no "${id}"`, { valid: CUTTERS.map((known) => known.id) });
    if (size === undefined || rest.length > 0)
      throw new BadInput(`--cutter takes <id:size>, e.g. ${cutter.id}:30, not "${spec}"`);
    const asked = sizeOf(size, `--cutter ${id}`);
    const outline = cutterOutline(cutter, asked);
    return { id, spec, outline, acrossMm: typeof asked === 'number' ? asked : largerSide(outline) };
  });
}

const SLICES: Record<
  string,
  { takes: string; separator: string; make: (a: number, b: number) => Slice; two: boolean }
> = {
  disc: { takes: 'disc:D', separator: '', two: false, make: disc },
  ring: { takes: 'ring:D/hole', separator: '/', two: true, make: ring },
  rect: { takes: 'rect:LxW', separator: 'x', two: true, make: rect },
  ellipse: { takes: 'ellipse:LxW', separator: 'x', two: true, make: oval },
  half: { takes: 'half:W', separator: '', two: false, make: halfRound },
  loaf: { takes: 'loaf:WxH', separator: 'x', two: true, make: loaf },
  wedge: { takes: 'wedge:WxL', separator: 'x', two: true, make: wedge },
};

export function sliceFrom(call: Call): Slice {
  const spec = call.options.slice?.[0];
  if (spec === undefined) throw new BadInput(`name a --slice: ${SLICE_HELP}`);
  const drawn = drawnShape(call, spec, '--slice');
  if (drawn) return sliceOf(drawn.outline, drawn.holes);
  const [shape = '', size = ''] = spec.split(':');
  const known = Object.hasOwn(SLICES, shape) ? SLICES[shape]! : undefined;
  if (!known) throw new BadInput(`--slice: ${SLICE_HELP}`, { valid: Object.keys(SLICES) });
  const sides = known.two ? size.split(known.separator) : [size];
  if (sides.length !== (known.two ? 2 : 1)) throw new BadInput(`--slice takes ${known.takes}, not "${spec}"`);
  const [a, b = 0] = sides.map((side) => lengthOf(side, `--slice ${known.takes}`));
  if (shape === 'ring' && b >= a!) throw new BadInput('--slice: the hole of a ring is smaller than the ring');
  if (shape === 'wedge' && a! > 2 * b)
    throw new BadInput('--slice: a wedge is longer than half its rind is wide');
  return known.make(a!, b);
}

function turnsOf(call: Call): number[] | undefined {
  const text = call.options.turns?.[0];
  if (text === undefined || text === 'free') return undefined;
  const turns = text.split(',').map(decimalOf);
  if (!turns.every(Number.isFinite))
    throw new BadInput(`--turns takes free, or degrees as 0,90, not "${text}"`);
  return turns.map((turn) => ((turn % 360) + 360) % 360);
}

function wantsOf(call: Call, cutters: readonly Named[]): Map<Named, number> {
  const wants = new Map<Named, number>();
  for (const text of call.options.want ?? []) {
    const at = text.lastIndexOf('=');
    const named = text.slice(0, at);
    const cutter = cutters.find(({ id, spec }) => named === id || named === spec);
    const n = decimalOf(text.slice(at + 1));
    if (at < 1 || !cutter || !Number.isInteger(n) || n < 0 || n > 200)
      throw new BadInput(`--want takes <cutter>=<0 to 200>, with a cutter that is named, not "${text}"`);
    wants.set(cutter, n);
  }
  return wants;
}

const DEFAULT_SECONDS = 3;
const MOST_SECONDS = 600;

export function nest(call: Call): void {
  const cutters = cuttersOf(call);
  const slice = sliceFrom(call);
  const wants = wantsOf(call, cutters);
  const turns = turnsOf(call);
  const steps = numberOf(call, 'steps', 1, 1e9);
  const seconds = numberOf(call, 'seconds', 0.01, MOST_SECONDS) ?? DEFAULT_SECONDS;
  const start = call.now();
  const nesting = new Nesting({
    slice,
    cutters: cutters.map((cutter) => ({
      outline: cutter.outline,
      ...(wants.has(cutter) ? { want: wants.get(cutter)! } : {}),
    })),
    gapMm: numberOf(call, 'gap', 0, 100) ?? 2,
    marginMm: numberOf(call, 'margin', 0, 100) ?? 2,
    ...(turns ? { turns } : {}),
    seed: seedOf(call, { seed: 1 }),
  });
  const isTime = () => (steps === undefined ? call.now() - start < seconds * 1000 : nesting.steps < steps);
  do nesting.step();
  while (!nesting.done && isTime());
  const { pieces, byCutter, bound, yield: share } = nesting.best;
  const twice = new Set(cutters.map(({ id }) => id)).size < cutters.length;
  const name = (k: number): string => (twice ? cutters[k]!.spec : cutters[k]!.id);
  call.print({
    count: pieces.length,
    byCutter: Object.fromEntries(byCutter.map((n, k) => [name(k), n])),
    placements: pieces.map(({ cutter, x, y, angle, outline }) => ({
      cutter: name(cutter),
      x,
      y,
      angle,
      outline,
    })),
    container: slice.outer,
    holes: slice.holes,
    yield: share,
    bound,
    steps: nesting.steps,
    seconds: (call.now() - start) / 1000,
  });
}

/** Whether the cut stays whole in a food; the smallest size of the cutter that would, where its own does not. */
function inFood(call: Call, neck: Neck, { acrossMm }: Named) {
  const id = call.options.food?.[0];
  if (id === undefined) return {};
  const food = CATALOGUE.find((component) => component.id === id);
  if (!food) throw new BadInput(`--food: there is no "${id}"; the verb catalogue lists all`);
  const { verdict, needsMm, larger, frailTip } = survives(neck, food.id);
  return {
    food: id,
    verdict,
    ...(needsMm === undefined ? {} : { needsMm, smallestMm: acrossMm * larger!, frailTip }),
    takenBy: takenBy(neck).map((component) => component.id),
  };
}

export function neck(call: Call): void {
  const [named, ...others] = cuttersOf(call) as [Named, ...Named[]];
  if (others.length > 0) throw new BadInput('neck takes one --cutter');
  const found = neckOf(named.outline);
  call.print({
    cutter: named.spec,
    neckMm: found.neckMm,
    at: found.at,
    tipMm: found.tipMm,
    tipAt: found.tipAt,
    areaMm2: areaOf(named.outline),
    ...inFood(call, found, named),
  });
}
