import { linear } from './pen.js';
import { createRandom, seedOf } from '../measure/index.js';
import { outlinePolygon, outlineSize, wallsOf, type Surface } from '../plan/index.js';
import { inside, type Point } from '../geometry/index.js';
import { closed, darker, paler, smooth } from './brush.js';
import type { Pen } from './pen.js';

interface Look {
  body: string;
  rim: string;
  edge: string;
  grain: boolean;
}

const LOOKS: Record<Surface['material'], Look> = {
  oak: { body: '#a8753f', rim: '#c9975c', edge: '#6b4420', grain: true },
  walnut: { body: '#6a4526', rim: '#85592f', edge: '#3c2411', grain: true },
  slate: { body: '#414a50', rim: '#566067', edge: '#23292d', grain: false },
  marble: { body: '#ece9e4', rim: '#f8f6f2', edge: '#c4bfb6', grain: false },
  china: { body: '#fbfaf5', rim: '#ffffff', edge: '#c9c7bd', grain: false },
  enamel: { body: '#fdfcf6', rim: '#2b3a70', edge: '#162050', grain: false },
  tin: { body: '#b9c0c4', rim: '#dde2e4', edge: '#7d878d', grain: false },
  paper: { body: '#e8d8b8', rim: '#f2e6cc', edge: '#c4af86', grain: false },
};

/** The surface's whole outline, rim included. */
export function surfaceOutline(surface: Surface, inset = 0): Point[] {
  const { outline } = surface;
  if (outline.kind !== 'rectangle') return outlinePolygon(outline, inset);
  return outlinePolygon({ ...outline, cornerMm: Math.max(inset + 2, outline.cornerMm) }, inset);
}

/** The ground within the rim, as it is drawn. */
export const groundOutline = (surface: Surface): Point[] =>
  surfaceOutline(surface, Math.max(2, surface.rimMm - 2));

export const surfaceSize = (surface: Surface): [number, number] => outlineSize(surface.outline);

/** What is drawn around a board: its shadow; on a cloth a hand's breadth, and room for leaves over the rim. */
const [MARGIN_MM, ON_CLOTH_MM, ON_CLOTH] = [14, 26, 0.055];
export const marginMm = (surface: Surface, cloth = false): number =>
  cloth ? Math.max(ON_CLOTH_MM, Math.round(ON_CLOTH * Math.max(...surfaceSize(surface)))) : MARGIN_MM;

/** Length and width of a board's drawing in millimetres, with what is drawn around it. */
export function drawnSize(surface: Surface, cloth = false): [length: number, width: number] {
  const [length, width] = surfaceSize(surface);
  const around = 2 * marginMm(surface, cloth);
  return [length + around, width + around];
}

/** A thread of linen each so many millimetres; no more threads than are seen, however long the table. */
const [THREAD_MM, MOST_THREADS] = [2.6, 420];
const LINEN = { light: '#ece5d8', shade: '#d5cab8', thread: '#8d7d63', gloss: '#fffaf0', shadow: '#2a1c0c' };

/** The cloth that a board lies on, with the board's shadow on it. */
export function drawCloth(pen: Pen, surface: Surface): void {
  const [length, width] = drawnSize(surface, true).map((mm) => mm / 2) as [number, number];
  const whole = `M${-length} ${-width}H${length}V${width}H${-length}Z`;
  pen.path(whole, { fill: linear({ 0: LINEN.light, 1: LINEN.shade }, [0, 0, 1, 1]) });
  const step = Math.max(THREAD_MM, (2 * Math.max(length, width)) / MOST_THREADS);
  const at = (half: number): string[] =>
    Array.from({ length: Math.floor((2 * half) / step) }, (_, i) => ((i + 0.5) * step - half).toFixed(1));
  const across = at(width).map((y) => `M${-length} ${y}h${2 * length}`);
  const down = at(length).map((x) => `M${x} ${-width}v${2 * width}`);
  pen.path(across.join(''), { stroke: LINEN.thread, width: step * 0.3, opacity: 0.13 });
  pen.path(down.join(''), { stroke: LINEN.gloss, width: step * 0.34, opacity: 0.32 });
  // soft: many faint ones, each a little wider
  const board = closed(surfaceOutline(surface));
  const deep = marginMm(surface, true) * 0.4;
  for (let k = 8; k >= 1; k--)
    pen.group(deep * 0.16, deep * 0.34, 0, () =>
      pen.path(board, { fill: LINEN.shadow, stroke: LINEN.shadow, width: (deep * k) / 4, opacity: 0.034 }),
    );
}

/** The empty board: shadow, rim, and the ground with its grain. */
export function drawSurface(pen: Pen, surface: Surface): void {
  const look = LOOKS[surface.material];
  const whole = closed(surfaceOutline(surface));
  for (const [far, o] of [
    [9, 0.1],
    [5, 0.14],
    [2, 0.2],
  ] as const)
    pen.group(far * 0.5, far, 0, () => pen.path(whole, { fill: '#1a2040', opacity: o }));
  pen.path(whole, {
    fill: linear({ 0: paler(look.rim, 0.25), 0.5: look.rim, 1: darker(look.rim, 0.14) }, [0, 0, 1, 1]),
    stroke: look.edge,
    width: 1.4,
  });
  const ground = closed(groundOutline(surface));
  pen.path(ground, {
    fill: linear({ 0: look.body, 1: darker(look.body, 0.16) }, [0, 0, 1, 1]),
    stroke: darker(look.edge, 0.1),
    width: 0.8,
  });
  if (look.grain && !surface.liner) grain(pen, surface, look);
  if (surface.material === 'marble' && !surface.liner) veins(pen, surface);
  if (surface.liner) liner(pen, surface);
  drawWalls(pen, surface);
}

/** Walls between compartments: higher than what lies beside them. */
export function drawWalls(pen: Pen, surface: Surface): void {
  const look = LOOKS[surface.material];
  for (const wall of wallsOf(surface))
    pen.path(closed(wall), { fill: look.rim, stroke: look.edge, width: 0.8 });
}

const PAPERS: Readonly<Record<NonNullable<Surface['liner']>, string>> = {
  'baking-paper': '#f4efe2',
  'butcher-paper': '#caa57a',
};

/** Paper over the ground, cut by hand a little inside the rim, with its creases. */
function liner(pen: Pen, surface: Surface): void {
  const random = createRandom(seedOf('liner', surface.id));
  const colour = PAPERS[surface.liner!];
  const edge = surfaceOutline(surface, surface.rimMm + 3).map(([x, y]): Point => {
    const k = 1 - random.range(0, 4) / Math.max(40, Math.hypot(x, y));
    return [x * k, y * k];
  });
  pen.path(closed(edge), { fill: colour, stroke: darker(colour, 0.18), width: 0.8 });
  const [length, width] = surfaceSize(surface).map((mm) => mm / 2 - surface.rimMm) as [number, number];
  for (let k = 0; k < 7; k++) {
    const [x, y, turn] = [
      random.range(-0.6, 0.6) * length,
      random.range(-0.6, 0.6) * width,
      random.range(0, Math.PI),
    ];
    const reach = Math.min(length, width) * random.range(0.15, 0.35);
    const [dx, dy] = [Math.cos(turn) * reach, Math.sin(turn) * reach];
    pen.path(
      smooth(
        [
          [x - dx, y - dy],
          [x + random.range(-4, 4), y + random.range(-4, 4)],
          [x + dx, y + dy],
        ],
        false,
      ),
      { stroke: darker(colour, 0.16), width: 1.1, opacity: 0.55 },
    );
  }
}

/** A vein of marble each so many millimetres of the slab; a step along it, how far that strays, and the band's half width. */
const VEIN = '#5c616c';
const [VEIN_MM, VEIN_STEP_MM, STRAY, BAND_MM] = [120, 16, 0.42, 5];

/** Grey veins that slant one way: each a soft band that swells and thins, with a fine line along its side; some fork. */
function veins(pen: Pen, surface: Surface): void {
  const random = createRandom(seedOf('veins', surface.id));
  const reach = Math.hypot(...surfaceSize(surface)) / 2;
  const slant = random.range(0.45, 0.95);
  const [c, s] = [Math.cos(slant), Math.sin(slant)];
  const ground = groundOutline(surface);
  const bands: string[] = [];
  const lines: string[] = [];
  const vein = (across: number, from: number, to: number, band: number): void => {
    const steps = Math.max(4, Math.round((to - from) / VEIN_STEP_MM));
    let [v, lean] = [across, 0];
    const points = Array.from({ length: steps }, (_, i): Point => {
      lean = lean * 0.6 + random.range(-STRAY, STRAY);
      v += lean * VEIN_STEP_MM;
      const u = from + ((to - from) * i) / (steps - 1);
      return [u * c - v * s, u * s + v * c];
    });
    // it ends where the slab does
    for (const run of runsWithin(points, ground)) {
      const half = run.map((_, i) => (i === 0 || i === run.length - 1 ? 0.2 : band * random.range(0.25, 1)));
      const side = (k: number) => run.map(([x, y], i): Point => [x - s * half[i]! * k, y + c * half[i]! * k]);
      bands.push(smooth([...side(1), ...side(-1).reverse()]));
      lines.push(smooth(side(0.7), false));
    }
  };
  for (let across = -reach; across < reach; across += VEIN_MM * random.range(0.5, 1.5)) {
    vein(across, -reach, reach, BAND_MM * random.range(0.4, 1.2));
    const fork = random.range(-0.7, 0.4) * reach;
    vein(across + random.range(-20, 20), fork, fork + reach * random.range(0.25, 0.6), BAND_MM * 0.5);
  }
  pen.path(bands.join(''), { fill: VEIN, opacity: 0.15 });
  pen.path(lines.join(''), { stroke: VEIN, width: 0.7, opacity: 0.4 });
}

/** The stretches of a line within an outline, of two points or more. */
function runsWithin(points: readonly Point[], outline: readonly Point[]): Point[][] {
  const runs: Point[][] = [[]];
  for (const point of points)
    if (inside(outline, ...point)) runs.at(-1)!.push(point);
    else runs.push([]);
  return runs.filter((run) => run.length > 1);
}

/** How far the wood goes to both sides at this height. */
function halfAt(outline: readonly Point[], y: number): number {
  const crossings = outline.flatMap(([ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length]!;
    return ay > y === by > y ? [] : [Math.abs(ax + ((y - ay) * (bx - ax)) / (by - ay))];
  });
  return crossings.length === 0 ? 0 : Math.min(...crossings);
}

function grain(pen: Pen, surface: Surface, look: Look): void {
  const random = createRandom(seedOf('grain', surface.id));
  const whole = surfaceOutline(surface, 0);
  const [, w] = surfaceSize(surface);
  const lines: string[] = [];
  for (let y = -w * 0.42; y < w * 0.42; y += random.range(9, 19)) {
    const half = halfAt(whole, y) - surface.rimMm;
    if (half < 20) continue;
    lines.push(
      smooth(
        Array.from({ length: 6 }, (_, i): Point => [
          -half * 0.96 + (half * 1.92 * i) / 5,
          y + random.range(-2, 2),
        ]),
        false,
      ),
    );
  }
  pen.path(lines.join(''), { stroke: darker(look.body, 0.3), width: 0.9, opacity: 0.4 });
}
