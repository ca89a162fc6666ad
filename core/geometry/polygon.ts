/** Bound once: looking names up on the global object is slow inside hot loops. */
const { PI, abs, cos, max, min, sin, sqrt } = Math;
const FAR = Infinity;

/** Length of (x, y); far quicker than the library's, which guards against overflow that millimetres cannot reach. */
export const hypot2 = (x: number, y: number): number => sqrt(x * x + y * y);

export type Point = readonly [x: number, y: number];
export type Polygon = readonly Point[];

export const degrees = (d: number): number => (d * PI) / 180;

/** Turned by `angle` degrees (clockwise, y down) and moved. */
export function placed(polygon: Polygon, x: number, y: number, angle: number): Point[] {
  const [c, s] = [cos(degrees(angle)), sin(degrees(angle))];
  return polygon.map(([px, py]) => [x + px * c - py * s, y + px * s + py * c]);
}

/** Signed area by the shoelace formula: positive when the points run clockwise on screen. */
export function signedArea(polygon: Polygon): number {
  let sum = 0;
  for (let i = 0; i < polygon.length; i++) {
    const [x1, y1] = polygon[i]!;
    const [x2, y2] = polygon[(i + 1) % polygon.length]!;
    sum += x1 * y2 - x2 * y1;
  }
  return sum / 2;
}

export const areaOf = (polygon: Polygon): number => abs(signedArea(polygon));

/** Even-odd rule; points on the edge may fall either way. */
export function inside(polygon: Polygon, x: number, y: number): boolean {
  let odd = false;
  for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++) {
    const [xi, yi] = polygon[i]!;
    const [xj, yj] = polygon[j]!;
    if (yi > y !== yj > y && x < ((xj - xi) * (y - yi)) / (yj - yi) + xi) odd = !odd;
  }
  return odd;
}

export function ellipse(lengthMm: number, widthMm: number, points = 20): Point[] {
  return Array.from({ length: points }, (_, i) => {
    const a = (i / points) * 2 * PI;
    return [(lengthMm / 2) * cos(a), (widthMm / 2) * sin(a)];
  });
}

export function rectangle(lengthMm: number, widthMm: number): Point[] {
  const [a, b] = [lengthMm / 2, widthMm / 2];
  return [
    [-a, -b],
    [a, -b],
    [a, b],
    [-a, b],
  ];
}

export function roundedRectangle(
  lengthMm: number,
  widthMm: number,
  cornerMm: number,
  perCorner = 6,
): Point[] {
  const r = max(0, min(cornerMm, lengthMm / 2, widthMm / 2));
  if (r === 0) return rectangle(lengthMm, widthMm);
  const [a, b] = [lengthMm / 2 - r, widthMm / 2 - r];
  const corners: Point[] = [
    [a, b],
    [-a, b],
    [-a, -b],
    [a, -b],
  ];
  return corners.flatMap(([cx, cy], q) =>
    Array.from({ length: perCorner + 1 }, (_, i): Point => {
      const t = ((q + i / perCorner) * PI) / 2;
      return [cx + r * cos(t), cy + r * sin(t)];
    }),
  );
}

/** What an outline that bulges outward keeps on the side of a line that (nx, ny) points to. */
export function cutBy(polygon: Polygon, [x, y]: Point, [nx, ny]: Point): Point[] {
  const side = ([px, py]: Point) => (px - x) * nx + (py - y) * ny;
  return polygon.flatMap((a, i) => {
    const b = polygon[(i + 1) % polygon.length]!;
    const [da, db] = [side(a), side(b)];
    const t = da / (da - db);
    const crossing: Point[] =
      da >= 0 === db >= 0 ? [] : [[a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t]];
    return da >= 0 ? [a, ...crossing] : crossing;
  });
}

/** The mean of some points, in their units. At least one. */
export function meanOf(points: readonly Point[]): Point {
  const [x, y] = points.reduce(([sx, sy], [px, py]) => [sx + px, sy + py], [0, 0] as Point);
  return [x / points.length, y / points.length];
}

/** The middle of an outline's area. */
export function middleOf(polygon: Polygon): Point {
  let [x, y, twice] = [0, 0, 0];
  polygon.forEach(([ax, ay], i) => {
    const [bx, by] = polygon[(i + 1) % polygon.length]!;
    const cross = ax * by - bx * ay;
    x += (ax + bx) * cross;
    y += (ay + by) * cross;
    twice += cross;
  });
  return twice === 0 ? (polygon[0] ?? [0, 0]) : [x / (3 * twice), y / (3 * twice)];
}

/** Do two convex polygons overlap? By separating axes; touching is no overlap. */
export function convexOverlap(a: Polygon, b: Polygon): boolean {
  for (const polygon of [a, b]) {
    for (let i = 0; i < polygon.length; i++) {
      const [x1, y1] = polygon[i]!;
      const [x2, y2] = polygon[(i + 1) % polygon.length]!;
      const [nx, ny] = [y2 - y1, x1 - x2];
      const span = (p: Polygon) => {
        let [low, high] = [FAR, -FAR];
        for (const [x, y] of p) {
          const d = x * nx + y * ny;
          low = min(low, d);
          high = max(high, d);
        }
        return [low, high] as const;
      };
      const [la, ha] = span(a);
      const [lb, hb] = span(b);
      if (ha <= lb || hb <= la) return false;
    }
  }
  return true;
}

function toSegment([px, py]: Point, [ax, ay]: Point, [bx, by]: Point): number {
  const [dx, dy] = [bx - ax, by - ay];
  const length = dx * dx + dy * dy;
  const t = length === 0 ? 0 : Math.max(0, Math.min(1, ((px - ax) * dx + (py - ay) * dy) / length));
  return hypot2(px - ax - t * dx, py - ay - t * dy);
}

/** Shortest way in millimetres between two outlines, by their corners and sides; 0 where one corner lies in the other. */
export function gapBetween(a: Polygon, b: Polygon): number {
  let best = Infinity;
  const corners = (from: Polygon, to: Polygon) => {
    for (const p of from) {
      if (inside(to, p[0], p[1])) best = 0;
      for (let i = 0; i < to.length; i++)
        best = Math.min(best, toSegment(p, to[i]!, to[(i + 1) % to.length]!));
    }
  };
  corners(a, b);
  if (best > 0) corners(b, a);
  return best;
}
