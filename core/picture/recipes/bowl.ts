import type { Component } from '../../catalogue/index.js';
import type { LaidElement, Ware } from '../../plan/index.js';
import { lit, radial } from '../pen.js';
import {
  closed,
  darker,
  dots,
  fromBoard,
  line,
  paler,
  shadowEllipse,
  smooth,
  speckle,
  type Brush,
  type Recipe,
} from '../brush.js';
import type { Point } from '../../geometry/index.js';
import { contentOf } from './in-bowls.js';

interface Glaze {
  rim: string;
  edge: string;
  wall: string;
}
const GLAZES: Readonly<Record<Ware, Glaze>> = {
  white: { rim: '#fbf7ee', edge: '#c6bca8', wall: '#efe7d8' },
  stone: { rim: '#4a5861', edge: '#222c34', wall: '#6e7f88' },
  blue: { rim: '#27366b', edge: '#141d44', wall: '#f4f2ea' },
  wood: { rim: '#b98249', edge: '#5f3b1c', wall: '#8d5a2c' },
  glass: { rim: '#e3eeec', edge: '#8fa9a6', wall: '#cfdfdc' },
  steel: { rim: '#dfe3e5', edge: '#6f787d', wall: '#a9b2b6' },
};
/** Where nobody said of what: earthenware of the house. */
const HOUSE: readonly Ware[] = ['white', 'stone', 'blue'];

/** A bowl from above, lit from the top left; what is in it comes from the caller, who is told how wide it is inside. */
export function bowlOf(
  brush: Brush,
  r: number,
  content: (inner: number) => void,
  { ware, wallMm }: Bowl = {},
): void {
  // drawn from the random numbers in any case: with another ware the food in it stays as it is
  const house = HOUSE[Math.floor(brush.random.next() * HOUSE.length)]!;
  if (ware === 'ice') return iceOf(brush, r, r - (wallMm ?? r * 0.3), content);
  const c = GLAZES[ware ?? house];
  shadowEllipse(brush, r * 1.03, r * 1.03, 4);
  brush.pen.ellipse(0, 0, r, r, {
    fill: radial({ 0.7: c.wall, 0.86: c.rim, 0.94: c.rim, 1: c.edge }),
  });
  brush.pen.ellipse(0, 0, r * 0.86, r * 0.86, { fill: darker(c.wall, 0.4) });
  content(r * 0.84);
  brush.pen.ellipse(0, 0, r * 0.86, r * 0.86, {
    fill: {
      radial: [
        [0.68, '#1c0b02', 0],
        [0.92, '#1c0b02', 0.18],
        [1, '#1c0b02', 0.42],
      ],
      cx: 0.54,
      cy: 0.56,
      r: 0.54,
    },
  });
  brush.pen.path(arc(r * 0.94, 3.5, 4.7), { stroke: '#ffffff', width: r * 0.035, opacity: 0.65 });
}

/** Clear at the rim, white where air was frozen in; cracks run outward. */
function iceOf(brush: Brush, r: number, inner: number, content: (inner: number) => void): void {
  const { pen, random } = brush;
  shadowEllipse(brush, r * 1.03, r * 1.03, 3);
  pen.ellipse(0, 0, r, r, {
    fill: radial({ [inner / r]: '#f4fbfd', [(inner / r + 1) / 2]: '#d5e9f0', 0.95: '#b4d3df', 1: '#8fb7c8' }),
    opacity: 0.92,
  });
  for (let i = 0; i < 9; i++) {
    const turn = random.range(0, 2 * Math.PI);
    const [from, to] = [random.range(inner, (inner + r) / 2), random.range((inner + r) / 2, r * 0.97)];
    const bend = turn + random.range(-0.16, 0.16);
    pen.path(
      smooth(
        [
          [from * Math.cos(turn), from * Math.sin(turn)],
          [((from + to) / 2) * Math.cos(bend), ((from + to) / 2) * Math.sin(bend)],
          [to * Math.cos(turn), to * Math.sin(turn)],
        ],
        false,
      ),
      { stroke: '#ffffff', width: random.range(0.6, 1.6), opacity: 0.7 },
    );
  }
  pen.ellipse(0, 0, inner * 1.02, inner * 1.02, { fill: '#7fa9bb', opacity: 0.6 });
  content(inner * 0.98);
  pen.path(arc((inner + r) / 2, 3.4, 4.8), { stroke: '#ffffff', width: (r - inner) * 0.3, opacity: 0.75 });
}

function arc(r: number, from: number, to: number): string {
  const points = Array.from({ length: 8 }, (_, i): Point => {
    const a = from + ((to - from) * i) / 7;
    return [r * Math.cos(a), r * Math.sin(a)];
  });
  return smooth(points, false);
}

/** Turns of a spoon through what keeps its shape, and through what runs together behind it. */
const TURNS = 1.7;
const TURNS_IN_HONEY = 0.6;
const STEPS = 24;

/** A spoon's way round: a furrow that winds inward and grows shallow, dark on one side and pale on its crest. */
function swoosh(brush: Brush, r: number, turns: number): void {
  const turn = brush.random.range(0, 6.28);
  const way = (out: number): Point[] =>
    Array.from({ length: STEPS }, (_, i): Point => {
      const t = i / (STEPS - 1);
      const k =
        r * (0.76 - 0.56 * t + out * Math.sin(Math.min(1, 1.35 - t) * Math.PI * 0.5) * (t < 0.06 ? 0.3 : 1));
      const a = turn + t * turns * 2 * Math.PI;
      return [k * Math.cos(a), k * Math.sin(a)];
    });
  const crest = way(0);
  brush.pen.path(smooth([...crest, ...way(-0.115).reverse()]), { fill: brush.second, opacity: 0.5 });
  brush.pen.path(smooth(crest, false), { stroke: paler(brush.third, 0.4), width: r * 0.035, opacity: 0.8 });
  brush.pen.path(smooth(way(0.05).slice(0, STEPS - 4), false), {
    stroke: brush.third,
    width: r * 0.05,
    opacity: 0.35,
  });
  brush.pen.ellipse(r * 0.05, r * 0.03, r * 0.14, r * 0.11, { fill: brush.third, opacity: 0.5 });
}

function spread(brush: Brush, r: number): void {
  const glossy = brush.component.drips;
  brush.pen.ellipse(0, 0, r, r, {
    fill: lit({ 0: brush.third, 0.6: brush.main, 1: brush.second }, [0.4, 0.36, 0.62]),
  });
  swoosh(brush, r, glossy ? TURNS_IN_HONEY : TURNS);
  if (glossy) {
    const [x, y] = fromBoard(brush, -0.36, -0.42);
    brush.pen.ellipse(x * r, y * r, r * 0.26, r * 0.1, { fill: '#ffffff', opacity: 0.5 }, -36);
    brush.pen.path(dots(speckle(brush.random, 7, r * 0.6, r * 0.6)), {
      stroke: paler(brush.third, 0.4),
      width: 1.2,
      opacity: 0.5,
    });
    return;
  }
  // herbs on what is savoury
  if ((brush.component.taste?.sweet ?? 0) < SWEET && brush.component.family !== 'cooked')
    brush.pen.path(dots(speckle(brush.random, 12, r * 0.5, r * 0.5)), {
      stroke: '#3f7a35',
      width: 2,
      opacity: 0.85,
    });
  brush.pen.path(dots(speckle(brush.random, 9, r * 0.5, r * 0.5)), {
    stroke: '#fff6de',
    width: 1.5,
    opacity: 0.8,
  });
}

const SWEET = 3;

/** Grains and beans tossed with what is cut small: every colour of the food, and leaves. */
function tossed(brush: Brush, r: number): void {
  brush.pen.ellipse(0, 0, r, r, { fill: darker(brush.main, 0.25) });
  const grain = brush.component.texture === 'soft' ? 9 : 4.6;
  const scatter = (count: number, width: number, colour: string, opacity = 1) =>
    brush.pen.path(dots(speckle(brush.random, count, r * 0.9, r * 0.9)), { stroke: colour, width, opacity });
  const count = Math.round((r / grain) ** 2 * 3.4);
  scatter(count, grain * 1.12, darker(brush.main, 0.18));
  scatter(count, grain, brush.main);
  scatter(Math.round(count * 0.6), grain * 0.8, brush.third);
  scatter(Math.round(count * 0.16), grain * 1.1, brush.second);
  scatter(Math.round(count * 0.2), grain * 0.62, '#4f8a3a');
  scatter(Math.round(count * 0.16), grain * 0.5, '#8fc065', 0.9);
}

const WOOD = { dark: '#8a5a2a', main: '#b98348', lit: '#dfb77c' };

/** The handle of what leans over the rim, from here to there along x, wider toward its end. */
function handle(brush: Brush, from: number, to: number, wide: number): void {
  const outline = (dy: number): string =>
    closed([
      [from, dy - wide * 0.34],
      [to - wide * 0.4, dy - wide * 0.5],
      [to, dy - wide * 0.2],
      [to, dy + wide * 0.2],
      [to - wide * 0.4, dy + wide * 0.5],
      [from, dy + wide * 0.34],
    ]);
  const [sx, sy] = fromBoard(brush, 0.6, 2.4);
  brush.pen.group(sx, sy, 0, () => brush.pen.path(outline(0), { fill: '#1c0b02', opacity: 0.3 }));
  brush.pen.path(outline(0), { fill: WOOD.main, stroke: WOOD.dark, width: 0.5 });
  brush.pen.path(
    line([
      [from, -wide * 0.12],
      [to - wide * 0.5, -wide * 0.2],
    ]),
    { stroke: WOOD.lit, width: wide * 0.24 },
  );
}

/** How wide a tool's handle is, in millimetres, beside a bowl of this radius. */
const wideBeside = (r: number): number => Math.max(3.4, Math.min(6, r * 0.13));

/** A wooden spoon leaning over the rim: half of its head is sunk in the food. */
function spoon(brush: Brush, r: number): void {
  const wide = wideBeside(r);
  const [far, half] = [r * 0.3, r * 0.26];
  brush.pen.ellipse(far + 0.6, 1.4, half * 1.06, half * 0.76, { fill: '#1c0b02', opacity: 0.22 });
  brush.pen.ellipse(far, 0, half, half * 0.7, { fill: WOOD.main, stroke: WOOD.dark, width: 0.6 });
  // what it has taken up
  brush.pen.ellipse(far - half * 0.16, half * 0.02, half * 0.78, half * 0.54, {
    fill: lit({ 0: brush.third, 0.6: brush.main, 1: brush.second }, [0.4, 0.34, 0.6]),
  });
  brush.pen.ellipse(far - half * 0.34, -half * 0.16, half * 0.26, half * 0.12, {
    fill: paler(brush.third, 0.5),
    opacity: 0.6,
  });
  handle(brush, far + half * 0.86, r * 1.22, wide);
}

/** What runs is taken with a dipper: a head of grooves, from which the next thread falls. */
function dipper(brush: Brush, r: number): void {
  const wide = wideBeside(r);
  const [from, to, half] = [-r * 0.16, r * 0.36, r * 0.2];
  const rings = 5;
  brush.pen.ellipse((from + to) / 2 + 0.8, 1.8, (to - from) / 2, half, { fill: '#1c0b02', opacity: 0.26 });
  for (let i = 0; i < rings; i++) {
    const t = (i + 0.5) / rings;
    // the head swells toward its middle
    const tall = half * (0.62 + 0.38 * Math.sin(t * Math.PI));
    const x = from + (to - from) * t;
    brush.pen.ellipse(x, 0, (to - from) / rings / 1.7, tall, {
      fill: WOOD.main,
      stroke: WOOD.dark,
      width: 0.5,
    });
    brush.pen.ellipse(x - 0.4, -tall * 0.34, (to - from) / rings / 3.4, tall * 0.42, {
      fill: WOOD.lit,
      opacity: 0.7,
    });
    // the food stands in the grooves
    if (i < rings - 1)
      brush.pen.ellipse(from + ((to - from) * (i + 1)) / rings, 0, wide * 0.16, tall * 0.86, {
        fill: brush.main,
        opacity: 0.9,
      });
  }
  handle(brush, to - 1, r * 1.22, wide);
}

/** Its tool leans over the rim, each bowl's another way. */
function tooled(brush: Brush, r: number): void {
  const turn = (brush.random.range(-0.9, 0.3) * 180) / Math.PI;
  const runs = brush.component.drips && brush.component.texture === 'runny';
  brush.pen.group(0, 0, turn, () => (runs ? dipper : spoon)({ ...brush, angle: brush.angle + turn }, r));
}

/** Is it taken with a spoon, which stands in its bowl? */
export const isSpooned = ({ family, texture }: Pick<Component, 'family' | 'texture'>): boolean =>
  family === 'spread-dip' || (family === 'cooked' && texture === 'creamy');

/** What a bowl is made of; of ice with the thickness of its wall. */
export type Bowl = Pick<LaidElement, 'ware' | 'wallMm'>;

export const bowl: Recipe = (brush) => bowlIn(brush, {});

/** A dip, a salad or what is heaped, in this bowl. */
export function bowlIn(brush: Brush, made: Bowl): void {
  const r = brush.l / 2;
  const { id, family, texture } = brush.component;
  const smoothFood = isSpooned(brush.component);
  const isSmooth = smoothFood || (family === 'cheese' && texture === 'creamy');
  const fill = isSmooth ? spread : family === 'cooked' ? tossed : contentOf(id);
  bowlOf(brush, r, (inner) => fill(brush, inner), made);
  if (smoothFood) tooled(brush, r);
}
