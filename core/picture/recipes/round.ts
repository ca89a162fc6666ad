import { lit, radial } from '../pen.js';
import {
  blob,
  darker,
  dots,
  fromBoard,
  mix,
  paler,
  shadowEllipse,
  shadowPath,
  smooth,
  speckle,
  type Brush,
  type Recipe,
} from '../brush.js';
import type { Point } from '../../geometry/index.js';

/** The body of round food: lit from the top left, whatever way the piece is turned. */
function ball(brush: Brush, rx: number, ry: number, shine = 0.7): void {
  shadowEllipse(brush, rx, ry);
  const [hx, hy] = fromBoard(brush, -0.28, -0.34);
  brush.pen.ellipse(0, 0, rx, ry, {
    fill: {
      radial: [
        [0, paler(brush.third, 0.1)],
        [0.42, brush.main],
        [0.84, brush.second],
        [1, darker(brush.second, 0.3)],
      ],
      fx: 0.5 + hx * 0.5,
      fy: 0.5 + hy * 0.5,
    },
  });
  const [bx, by] = fromBoard(brush, 0.42, 0.52);
  brush.pen.ellipse(
    bx * rx,
    by * ry,
    rx * 0.32,
    ry * 0.2,
    { fill: paler(brush.main, 0.45), opacity: 0.28 },
    brush.angle === 0 ? -38 : 0,
  );
  if (shine > 0)
    brush.pen.ellipse(
      hx * rx * 1.15,
      hy * ry * 1.15,
      rx * 0.2,
      ry * 0.12,
      { fill: '#ffffff', opacity: shine },
      -32 - brush.angle,
    );
}

/** A grape; the twig that it hangs on belongs to the bunch. */
export const grape: Recipe = (brush) => ball(brush, brush.l / 2, brush.w / 2, 0.72);

/** The dimple of a cherry and, on every other one, its stalk. */
export const cherry: Recipe = (brush) => {
  const r = brush.l / 2;
  ball(brush, r, brush.w / 2, 0.72);
  const way = brush.random.range(-2.6, -0.5);
  const [x, y] = [r * 0.12 * Math.cos(way), r * 0.12 * Math.sin(way)];
  brush.pen.ellipse(x, y, r * 0.24, r * 0.15, { fill: darker(brush.second, 0.35), opacity: 0.75 });
  if (brush.nth % 2 === 1) return;
  const bend = brush.random.range(-0.5, 0.5);
  const at = (far: number, off: number): Point => [
    x + r * far * Math.cos(way + off),
    y + r * far * Math.sin(way + off),
  ];
  const stalk = smooth([[x, y], at(0.9, bend * 0.3), at(1.7, bend * 0.7), at(2.3, bend)], false);
  brush.pen.group(0.6, 1.2, 0, () =>
    brush.pen.path(stalk, { stroke: '#1c0b02', width: r * 0.13, opacity: 0.3 }),
  );
  brush.pen.path(stalk, { stroke: '#66712f', width: r * 0.12 });
  brush.pen.path(stalk, { stroke: '#a7b25f', width: r * 0.045 });
};

export const berry: Recipe = (brush) => {
  const r = brush.l / 2;
  ball(brush, r, brush.w / 2, 0.35);
  const [x, y] = [brush.random.range(-0.3, 0.3) * r, brush.random.range(-0.3, 0.3) * r];
  const crown = Array.from({ length: 10 }, (_, i): Point => {
    const k = r * (i % 2 === 0 ? 0.36 : 0.2);
    return [x + k * Math.cos((i / 10) * 6.283), y + k * Math.sin((i / 10) * 6.283)];
  });
  brush.pen.path(smooth(crown), { fill: darker(brush.second, 0.35) });
  brush.pen.ellipse(x, y, r * 0.14, r * 0.14, { fill: brush.third, opacity: 0.5 });
};

export const drupelet: Recipe = (brush) => {
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  shadowEllipse(brush, rx, ry);
  brush.pen.ellipse(0, 0, rx, ry, { fill: darker(brush.second, 0.25) });
  const beads: Point[] = [[0, 0]];
  for (let i = 0; i < 6; i++)
    beads.push([rx * 0.42 * Math.cos(i * 1.047 + 0.3), ry * 0.42 * Math.sin(i * 1.047 + 0.3)]);
  for (let i = 0; i < 11; i++) beads.push([rx * 0.8 * Math.cos(i * 0.571), ry * 0.8 * Math.sin(i * 0.571)]);
  const [hx, hy] = fromBoard(brush, -0.5, -0.6);
  brush.pen.path(dots(beads), { stroke: brush.second, width: rx * 0.46 });
  brush.pen.path(dots(beads.map(([x, y]) => [x + hx * 0.5, y + hy * 0.5])), {
    stroke: brush.main,
    width: rx * 0.36,
  });
  brush.pen.path(dots(beads.map(([x, y]) => [x + hx * 1.2, y + hy * 1.2])), {
    stroke: paler(brush.third, 0.3),
    width: rx * 0.11,
    opacity: 0.85,
  });
};

export const tomato: Recipe = (brush) => {
  ball(brush, brush.l / 2, brush.w / 2, 0.78);
  if (brush.random.next() < 0.55) {
    const r = brush.l / 2;
    const a = brush.random.range(0, 6.28);
    const [x, y] = [r * 0.32 * Math.cos(a), r * 0.32 * Math.sin(a)];
    const star = Array.from({ length: 10 }, (_, i): Point => {
      const k = r * (i % 2 === 0 ? 0.52 : 0.12);
      return [x + k * Math.cos((i / 10) * 6.283 + a), y + k * Math.sin((i / 10) * 6.283 + a)];
    });
    brush.pen.path(smooth(star), { fill: '#4c8a35', stroke: '#2f6423', width: 0.4 });
  }
};

export const olive: Recipe = (brush) => {
  ball(brush, brush.l / 2, brush.w / 2, 0.6);
  brush.pen.ellipse(brush.l * 0.34, 0, brush.l * 0.09, brush.w * 0.16, { fill: darker(brush.second, 0.4) });
  brush.pen.ellipse(brush.l * 0.34, 0, brush.l * 0.05, brush.w * 0.09, {
    fill: mix(brush.main, '#c43a22', 0.5),
  });
};

/** Falafel, melon, mozzarella: the surface tells them apart, rough where it crunches. */
export const roundBall: Recipe = (brush) => {
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  const rough = brush.component.texture === 'crunchy' || brush.component.texture === 'chewy';
  ball(brush, rx, ry, rough ? 0 : 0.55);
  if (!rough) return;
  brush.pen.path(dots(speckle(brush.random, 14, rx * 0.8, ry * 0.8)), {
    stroke: darker(brush.second, 0.25),
    width: rx * 0.13,
    opacity: 0.7,
  });
  brush.pen.path(dots(speckle(brush.random, 12, rx * 0.75, ry * 0.75)), {
    stroke: paler(brush.third, 0.15),
    width: rx * 0.11,
    opacity: 0.8,
  });
};

/** Its point, as far as it was dipped. */
function dipped(brush: Brush, rx: number, ry: number): void {
  const shell: Point[] = [
    [-rx * 0.02, -ry * 0.9],
    [rx * 0.35, -ry * 0.74],
    [rx * 1.02, 0],
    [rx * 0.35, ry * 0.74],
    [-rx * 0.02, ry * 0.9],
    [rx * 0.12, ry * 0.45],
    [-rx * 0.04, 0],
    [rx * 0.1, -ry * 0.45],
  ];
  brush.pen.path(smooth(shell), {
    fill: lit(
      { 0: paler(brush.second, 0.22), 0.5: brush.second, 1: darker(brush.second, 0.4) },
      [0.4, 0.3, 0.62],
    ),
  });
  const [x, y] = fromBoard(brush, -0.12, -0.24);
  brush.pen.ellipse(rx * (0.42 + x), ry * y, rx * 0.13, ry * 0.07, { fill: '#ffffff', opacity: 0.45 });
}

export const strawberry: Recipe = (brush) => {
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  const coated = brush.component.ingredients.some((part) => part.includes('chocolate'));
  const shade = coated ? darker(brush.main, 0.2) : brush.second;
  const heart: Point[] = [
    [-rx * 0.92, -ry * 0.45],
    [-rx * 0.4, -ry * 0.98],
    [rx * 0.35, -ry * 0.72],
    [rx, 0],
    [rx * 0.35, ry * 0.72],
    [-rx * 0.4, ry * 0.98],
    [-rx * 0.92, ry * 0.45],
  ];
  const path = smooth(heart);
  shadowPath(brush, path);
  const cut = brush.random.next() < 0.62 && !coated;
  brush.pen.path(path, {
    fill: cut ? shade : lit({ 0: '#ff6a52', 0.5: brush.main, 1: shade }, [0.35, 0.3, 0.62]),
  });
  if (cut) {
    brush.pen.path(smooth(heart.map(([x, y]) => [x * 0.9, y * 0.88])), {
      fill: {
        radial: [
          [0, '#fff3ea'],
          [0.28, brush.third],
          [0.62, '#f47a68'],
          [1, brush.main],
        ],
        cx: 0.42,
        r: 0.62,
      },
    });
    const rays = Array.from({ length: 7 }, (_, i): Point[] => {
      const a = (i / 6 - 0.5) * 2.3;
      return [
        [-rx * 0.12 + rx * 0.3 * Math.cos(a), ry * 0.36 * Math.sin(a)],
        [-rx * 0.1 + rx * 0.66 * Math.cos(a), ry * 0.66 * Math.sin(a)],
      ];
    });
    brush.pen.path(
      rays
        .map(([p, q]) => `M${p![0].toFixed(1)} ${p![1].toFixed(1)}L${q![0].toFixed(1)} ${q![1].toFixed(1)}`)
        .join(''),
      { stroke: '#fff0e6', width: 0.5, opacity: 0.75 },
    );
  } else {
    brush.pen.path(dots(speckle(brush.random, 20, rx * 0.82, ry * 0.74)), {
      stroke: '#f8d774',
      width: 1.1,
      opacity: 0.9,
    });
  }
  if (coated) dipped(brush, rx, ry);
  const leaf: Point[] = [
    [-rx * 0.7, 0],
    [-rx * 1.02, -ry * 0.5],
    [-rx * 0.92, -ry * 0.1],
    [-rx * 1.16, 0],
    [-rx * 0.92, ry * 0.1],
    [-rx * 1.02, ry * 0.5],
  ];
  brush.pen.path(smooth(leaf), { fill: '#4f8d35', stroke: '#346a24', width: 0.4 });
};

export const halfFruit: Recipe = (brush) => {
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  shadowEllipse(brush, rx, ry);
  brush.pen.ellipse(0, 0, rx, ry, {
    fill: radial({ 0: brush.second, 0.8: brush.second, 1: darker(brush.second, 0.4) }),
  });
  brush.pen.ellipse(0, 0, rx * 0.9, ry * 0.9, { fill: brush.third });
  brush.pen.ellipse(0, 0, rx * 0.72, ry * 0.72, {
    fill: radial({ 0: paler(brush.main, 0.35), 0.5: brush.main, 1: darker(brush.main, 0.2) }),
  });
  brush.pen.path(dots(speckle(brush.random, 34, rx * 0.62, ry * 0.62)), {
    stroke: '#f6e3b0',
    width: 1,
    opacity: 0.85,
  });
};

export const dried: Recipe = (brush) => {
  const path = smooth(blob(brush.random, brush.l / 2, brush.w / 2, 10, 0.1));
  shadowPath(brush, path);
  brush.pen.path(path, {
    fill: lit(
      { 0: brush.third, 0.45: brush.main, 0.9: brush.second, 1: darker(brush.second, 0.3) },
      [0.38, 0.32, 0.6],
    ),
  });
  const wrinkles = Array.from({ length: 3 }, (_, i): Point[] => {
    const y = (i - 1) * brush.w * 0.22 + brush.random.range(-1, 1);
    return [
      [-brush.l * 0.3, y],
      [0, y + brush.random.range(-1.6, 1.6)],
      [brush.l * 0.28, y + brush.random.range(-1, 1)],
    ];
  });
  brush.pen.path(wrinkles.map((wrinkle) => smooth(wrinkle, false)).join(''), {
    stroke: darker(brush.second, 0.25),
    width: brush.w * 0.045,
    opacity: 0.6,
  });
  brush.pen.ellipse(
    -brush.l * 0.14,
    -brush.w * 0.18,
    brush.l * 0.14,
    brush.w * 0.07,
    { fill: '#ffffff', opacity: 0.28 },
    -24,
  );
};
