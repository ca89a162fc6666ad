/** What a recipe draws with. Sinks turn it into SVG; geometry is in millimetres, y down. */
export type Stop = readonly [offset: number, colour: string, opacity?: number];

export type Paint =
  | string
  | { radial: readonly Stop[]; fx?: number; fy?: number; cx?: number; cy?: number; r?: number }
  | { linear: readonly Stop[]; x1?: number; y1?: number; x2?: number; y2?: number };

export interface Style {
  fill?: Paint;
  stroke?: string;
  width?: number;
  opacity?: number;
  /** Dash pattern, with round ends. */
  dash?: string;
}

export interface Pen {
  path(d: string, style: Style): void;
  ellipse(x: number, y: number, rx: number, ry: number, style: Style, angle?: number): void;
  group(x: number, y: number, angle: number, draw: () => void, attributes?: Record<string, string>): void;
  /** One line of words around its middle; `size` is the height of the letters' line in millimetres, y their foot. */
  text(x: number, y: number, size: number, words: string, colour: string): void;
  /** Nothing of what is drawn shows outside of this path. */
  within(d: string, draw: () => void): void;
}

const stopsOf = (colours: Readonly<Record<number, string>>): Stop[] =>
  Object.entries(colours)
    .map(([at, colour]): Stop => [Number(at), colour])
    .sort((a, b) => a[0] - b[0]);

/** From a middle outward: colours by their share of the way; centre and radius in shares of the shape. */
export const radial = (
  colours: Readonly<Record<number, string>>,
  at?: [cx: number, cy: number, r: number],
): Paint => ({
  radial: stopsOf(colours),
  ...(at ? { cx: at[0], cy: at[1], r: at[2] } : {}),
});

/** Along a line, from the left to the right where none is said. */
export const linear = (
  colours: Readonly<Record<number, string>>,
  along?: [x1: number, y1: number, x2: number, y2: number],
): Paint => ({
  linear: stopsOf(colours),
  ...(along ? { x1: along[0], y1: along[1], x2: along[2], y2: along[3] } : {}),
});

/** A round thing with the light on one spot of it. */
export const lit = (
  colours: Readonly<Record<number, string>>,
  at: [fx: number, fy: number, r: number],
): Paint => ({
  radial: stopsOf(colours),
  fx: at[0],
  fy: at[1],
  r: at[2],
});
