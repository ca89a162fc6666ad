import { hypot2, type Point, type Polygon } from '../geometry/index.js';

export interface Circle {
  at: Point;
  radius: number;
}

/** A hair, so that a point on the circle counts as in it. */
const WITHIN = 1 + 1e-9;

const holds = ({ at, radius }: Circle, [x, y]: Point): boolean =>
  hypot2(x - at[0], y - at[1]) <= radius * WITHIN + 1e-9;

const across = ([ax, ay]: Point, [bx, by]: Point): Circle => ({
  at: [(ax + bx) / 2, (ay + by) / 2],
  radius: hypot2(bx - ax, by - ay) / 2,
});

function through(a: Point, b: Point, c: Point): Circle {
  const [bx, by, cx, cy] = [b[0] - a[0], b[1] - a[1], c[0] - a[0], c[1] - a[1]];
  const d = 2 * (bx * cy - by * cx);
  if (Math.abs(d) < 1e-12) {
    // in one line: the two that are farthest apart
    const pairs = [across(a, b), across(b, c), across(a, c)];
    return pairs.reduce((most, circle) => (circle.radius > most.radius ? circle : most));
  }
  const [b2, c2] = [bx * bx + by * by, cx * cx + cy * cy];
  const [x, y] = [(cy * b2 - by * c2) / d, (bx * c2 - cx * b2) / d];
  return { at: [a[0] + x, a[1] + y], radius: hypot2(x, y) };
}

/** The smallest circle around an outline (Welzl 1991, in the order of its corners). Units of the outline. */
export function enclosing(outline: Polygon): Circle {
  let circle: Circle = { at: outline[0] ?? [0, 0], radius: 0 };
  outline.forEach((p, i) => {
    if (holds(circle, p)) return;
    circle = { at: p, radius: 0 };
    outline.slice(0, i).forEach((q, j) => {
      if (holds(circle, q)) return;
      circle = across(p, q);
      for (const r of outline.slice(0, j)) if (!holds(circle, r)) circle = through(p, q, r);
    });
  });
  return circle;
}
