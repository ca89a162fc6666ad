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
}
