import type { Component, FormFact } from '../catalogue/index.js';
import { interpolate, formatHex } from 'culori';
import type { Random } from '../measure/index.js';
import { type Point } from '../geometry/index.js';
import type { Pen } from './pen.js';

/** All that a recipe needs to draw one piece around the origin, its length along x. */
export interface Brush {
  pen: Pen;
  random: Random;
  component: Component;
  fact: FormFact;
  /** Which of the element's pieces, counted from 0: what is cut with several cutters has the outline of one. */
  nth: number;
  /** Drawn size in mm. */
  l: number;
  w: number;
  /** Turn of the piece on the board, degrees: light and shadow stay with the board. */
  angle: number;
  main: string;
  second: string;
  third: string;
}

export type Recipe = (brush: Brush) => void;

const mixed = new Map<string, string>();

/** `t` of the way from one colour to another, in OKLab. */
export function mix(a: string, b: string, t: number): string {
  const key = `${a}${b}${t.toFixed(2)}`;
  const known = mixed.get(key);
  if (known) return known;
  const out = formatHex(interpolate([a, b], 'oklab')(Math.max(0, Math.min(1, t))));
  mixed.set(key, out);
  return out;
}

export const DARK = '#2a1208';
export const PALE = '#fffaf0';
export const darker = (char: string, t: number): string => mix(char, DARK, t);
export const paler = (char: string, t: number): string => mix(char, PALE, t);

const f = (v: number): string => String(Math.round(v * 10) / 10);

export const line = (points: readonly Point[]): string =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${f(x)} ${f(y)}`).join('');

export const closed = (points: readonly Point[]): string => `${line(points)}Z`;

/** A smooth closed curve through the points (Catmull and Rom 1974, as cubic Béziers). */
export function smooth(points: readonly Point[], close = true): string {
  const n = points.length;
  const at = (i: number): Point => (close ? points[(i + n) % n]! : points[Math.max(0, Math.min(n - 1, i))]!);
  let path = `M${f(points[0]![0])} ${f(points[0]![1])}`;
  for (let i = 0; i < (close ? n : n - 1); i++) {
    const [p0, p1, p2, p3] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    path += `C${f(p1[0] + (p2[0] - p0[0]) / 6)} ${f(p1[1] + (p2[1] - p0[1]) / 6)} ${f(p2[0] - (p3[0] - p1[0]) / 6)} ${f(p2[1] - (p3[1] - p1[1]) / 6)} ${f(p2[0])} ${f(p2[1])}`;
  }
  return close ? `${path}Z` : path;
}

/** An uneven oval. */
export function blob(random: Random, rx: number, ry: number, points = 9, uneven = 0.08): Point[] {
  return Array.from({ length: points }, (_, i) => {
    const a = (i / points) * 2 * Math.PI + random.range(-0.12, 0.12);
    const k = 1 + random.range(-uneven, uneven);
    return [rx * k * Math.cos(a), ry * k * Math.sin(a)];
  });
}

/** Many dots as one path: short strokes with round ends. */
export const dots = (points: readonly Point[]): string =>
  points.map(([x, y]) => `M${f(x)} ${f(y)}h0`).join('');

export const strokes = (lines: readonly (readonly Point[])[]): string => lines.map(line).join('');

/** A direction of the board, seen from the turned piece. */
export function fromBoard(b: Pick<Brush, 'angle'>, x: number, y: number): [number, number] {
  const a = (-b.angle * Math.PI) / 180;
  return [x * Math.cos(a) - y * Math.sin(a), x * Math.sin(a) + y * Math.cos(a)];
}

const SHADOW = '#1c0b02';

/** The dark copy that a piece throws on what lies under it: what separates slices. */
export function shadowPath(brush: Brush, path: string, far = 1): void {
  const [x, y] = fromBoard(brush, 1 * far, 1.7 * far);
  brush.pen.group(x, y, 0, () => brush.pen.path(path, { fill: SHADOW, opacity: 0.34 }));
}

export function shadowEllipse(brush: Brush, rx: number, ry: number, far = 1): void {
  const [x, y] = fromBoard(brush, 1.1 * far, 1.8 * far);
  brush.pen.ellipse(x, y, rx * 1.04, ry * 1.04, { fill: SHADOW, opacity: 0.34 });
}

/** Points scattered in an oval. */
export function speckle(random: Random, count: number, rx: number, ry: number): Point[] {
  return Array.from({ length: count }, () => {
    const a = random.range(0, 2 * Math.PI);
    const r = Math.sqrt(random.next());
    return [rx * r * Math.cos(a), ry * r * Math.sin(a)];
  });
}

/** A solid seen from above: its side toward the viewer below the top face. Returns nothing; the top is drawn by the caller. */
export function side(brush: Brush, top: readonly Point[], tall: number, colour: string): void {
  const [ex, ey] = fromBoard(brush, tall * 0.28, tall);
  const n = top.length;
  for (let i = 0; i < n; i++) {
    const [p, q] = [top[i]!, top[(i + 1) % n]!];
    // clockwise outline: the outer normal of an edge is (dy, −dx)
    const [nx, ny] = [q[1] - p[1], p[0] - q[0]];
    if (nx * ex + ny * ey <= 0) continue;
    const facing = Math.min(1, Math.abs(nx) / (Math.hypot(nx, ny) || 1));
    const shade = darker(colour, 0.14 + 0.16 * facing);
    brush.pen.path(closed([p, q, [q[0] + ex, q[1] + ey], [p[0] + ex, p[1] + ey]]), {
      fill: shade,
      stroke: shade,
      width: 0.3,
    });
  }
}
