import { areaOf, ellipse, roundedRectangle, signedArea, type Point } from '../geometry/index.js';
import type { Surface } from './records/surface.js';

/** Shapes of surfaces: all of them bulge outward, which the layout relies on. Millimetres, y down. */
export type Outline = Surface['outline'];

/** Length and width of the box around it. */
export const outlineSize = (outline: Outline): [number, number] =>
  outline.kind === 'round' ? [outline.diameterMm, outline.diameterMm] : [outline.lengthMm, outline.widthMm];

const ROUND_POINTS = 72;
const CORNER_POINTS = 8;

/** The outline about its middle, drawn in by so much all round, then so many times as large. */
export function outlinePolygon(outline: Outline, insetMm = 0, scale = 1): Point[] {
  const [length, width] = outlineSize(outline).map((mm) => Math.max(1, mm - 2 * insetMm) * scale) as [
    number,
    number,
  ];
  switch (outline.kind) {
    case 'round':
    case 'oval':
      return ellipse(length, width, ROUND_POINTS);
    case 'half-round':
      // its straight side at the back, its bow toward the guests
      return Array.from({ length: ROUND_POINTS / 2 + 1 }, (_, i): Point => {
        const turn = (i / (ROUND_POINTS / 2)) * Math.PI;
        return [(length / 2) * Math.cos(turn), -width / 2 + width * Math.sin(turn)];
      });
    case 'own': {
      const corners = outline.corners.map(([x, y]): Point => [(x * length) / 2, (y * width) / 2]);
      return signedArea(corners) < 0 ? corners.reverse() : corners;
    }
    case 'rectangle':
      return roundedRectangle(length, width, Math.max(0, outline.cornerMm - insetMm) * scale, CORNER_POINTS);
  }
}

/** Its area inside a rim of this width, in mm². */
export function outlineAreaMm2(outline: Outline, insetMm = 0): number {
  const [length, width] = outlineSize(outline).map((mm) => Math.max(0, mm - 2 * insetMm)) as [number, number];
  if (outline.kind === 'own') return (areaOf(outline.corners) / 4) * length * width;
  if (outline.kind !== 'rectangle') return (Math.PI / 4) * length * width;
  const corner = Math.max(0, Math.min(outline.cornerMm - insetMm, length / 2, width / 2));
  return length * width - (4 - Math.PI) * corner ** 2;
}

/** The same shape in another size. */
export const outlineSized = (outline: Outline, size: (mm: number) => number): Outline =>
  outline.kind === 'round'
    ? { ...outline, diameterMm: size(outline.diameterMm) }
    : { ...outline, lengthMm: size(outline.lengthMm), widthMm: size(outline.widthMm) };
