import type { Point, Polygon } from '../../../core/geometry/index.js';
import { memo1 } from '../../../core/measure/index.js';
import { roomiest } from '../../../core/shape/index.js';

const r2 = (v: number): number => Math.round(v * 100) / 100;

/** An outline of the bench, whose y runs up, as a path of the screen, whose y runs down. */
export const pathOf = memo1(
  (outline: Polygon): string => `M${outline.map(([x, y]) => `${r2(x)} ${r2(-y)}`).join('L')}Z`,
);

/** Where its number stands, on the screen. */
export const numberAt = memo1((outline: Polygon): Point => {
  const [x, y] = roomiest(outline);
  return [x, -y];
});
