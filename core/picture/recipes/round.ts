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
function ball(b: Brush, rx: number, ry: number, shine = 0.7): void {
  shadowEllipse(b, rx, ry);
  const [hx, hy] = fromBoard(b, -0.28, -0.34);
  b.pen.ellipse(0, 0, rx, ry, {
    fill: {
      radial: [
        [0, paler(b.third, 0.1)],
        [0.42, b.main],
        [0.84, b.second],
        [1, darker(b.second, 0.3)],
      ],
      fx: 0.5 + hx * 0.5,
      fy: 0.5 + hy * 0.5,
    },
  });
  const [bx, by] = fromBoard(b, 0.42, 0.52);
  b.pen.ellipse(
    bx * rx,
    by * ry,
    rx * 0.32,
    ry * 0.2,
    { fill: paler(b.main, 0.45), opacity: 0.28 },
    b.angle === 0 ? -38 : 0,
  );
  if (shine > 0)
    b.pen.ellipse(
      hx * rx * 1.15,
      hy * ry * 1.15,
      rx * 0.2,
      ry * 0.12,
      { fill: '#ffffff', opacity: shine },
      -32 - b.angle,
    );
}

export const grape: Recipe = (b) => {
  ball(b, b.l / 2, b.w / 2, 0.72);
  if (b.random.next() < 0.16) {
    const a = b.random.range(0, 6.28);
    const [x, y] = [Math.cos(a) * b.l * 0.42, Math.sin(a) * b.w * 0.42];
    b.pen.path(
      smooth(
        [
          [x * 0.9, y * 0.9],
          [x * 1.25, y * 1.2],
          [x * 1.6, y * 1.7],
        ],
        false,
      ),
      { stroke: '#7d6a35', width: 1.3 },
    );
  }
};

export const berry: Recipe = (b) => {
  const r = b.l / 2;
  ball(b, r, b.w / 2, 0.35);
  const [x, y] = [b.random.range(-0.3, 0.3) * r, b.random.range(-0.3, 0.3) * r];
  const crown = Array.from({ length: 10 }, (_, i): Point => {
    const k = r * (i % 2 === 0 ? 0.36 : 0.2);
    return [x + k * Math.cos((i / 10) * 6.283), y + k * Math.sin((i / 10) * 6.283)];
  });
  b.pen.path(smooth(crown), { fill: darker(b.second, 0.35) });
  b.pen.ellipse(x, y, r * 0.14, r * 0.14, { fill: b.third, opacity: 0.5 });
};

export const drupelet: Recipe = (b) => {
  const [rx, ry] = [b.l / 2, b.w / 2];
  shadowEllipse(b, rx, ry);
  b.pen.ellipse(0, 0, rx, ry, { fill: darker(b.second, 0.25) });
  const beads: Point[] = [[0, 0]];
  for (let i = 0; i < 6; i++)
    beads.push([rx * 0.42 * Math.cos(i * 1.047 + 0.3), ry * 0.42 * Math.sin(i * 1.047 + 0.3)]);
  for (let i = 0; i < 11; i++) beads.push([rx * 0.8 * Math.cos(i * 0.571), ry * 0.8 * Math.sin(i * 0.571)]);
  const [hx, hy] = fromBoard(b, -0.5, -0.6);
  b.pen.path(dots(beads), { stroke: b.second, width: rx * 0.46 });
  b.pen.path(dots(beads.map(([x, y]) => [x + hx * 0.5, y + hy * 0.5])), { stroke: b.main, width: rx * 0.36 });
  b.pen.path(dots(beads.map(([x, y]) => [x + hx * 1.2, y + hy * 1.2])), {
    stroke: paler(b.third, 0.3),
    width: rx * 0.11,
    opacity: 0.85,
  });
};

export const tomato: Recipe = (b) => {
  ball(b, b.l / 2, b.w / 2, 0.78);
  if (b.random.next() < 0.55) {
    const r = b.l / 2;
    const a = b.random.range(0, 6.28);
    const [x, y] = [r * 0.32 * Math.cos(a), r * 0.32 * Math.sin(a)];
    const star = Array.from({ length: 10 }, (_, i): Point => {
      const k = r * (i % 2 === 0 ? 0.52 : 0.12);
      return [x + k * Math.cos((i / 10) * 6.283 + a), y + k * Math.sin((i / 10) * 6.283 + a)];
    });
    b.pen.path(smooth(star), { fill: '#4c8a35', stroke: '#2f6423', width: 0.4 });
  }
};

export const olive: Recipe = (b) => {
  ball(b, b.l / 2, b.w / 2, 0.6);
  b.pen.ellipse(b.l * 0.34, 0, b.l * 0.09, b.w * 0.16, { fill: darker(b.second, 0.4) });
  b.pen.ellipse(b.l * 0.34, 0, b.l * 0.05, b.w * 0.09, { fill: mix(b.main, '#c43a22', 0.5) });
};

/** Falafel, melon, mozzarella: the surface tells them apart, rough where it crunches. */
export const roundBall: Recipe = (b) => {
  const [rx, ry] = [b.l / 2, b.w / 2];
  const rough = b.component.texture === 'crunchy' || b.component.texture === 'chewy';
  ball(b, rx, ry, rough ? 0 : 0.55);
  if (!rough) return;
  b.pen.path(dots(speckle(b.random, 14, rx * 0.8, ry * 0.8)), {
    stroke: darker(b.second, 0.25),
    width: rx * 0.13,
    opacity: 0.7,
  });
  b.pen.path(dots(speckle(b.random, 12, rx * 0.75, ry * 0.75)), {
    stroke: paler(b.third, 0.15),
    width: rx * 0.11,
    opacity: 0.8,
  });
};

export const strawberry: Recipe = (b) => {
  const [rx, ry] = [b.l / 2, b.w / 2];
  const heart: Point[] = [
    [-rx * 0.92, -ry * 0.45],
    [-rx * 0.4, -ry * 0.98],
    [rx * 0.35, -ry * 0.72],
    [rx, 0],
    [rx * 0.35, ry * 0.72],
    [-rx * 0.4, ry * 0.98],
    [-rx * 0.92, ry * 0.45],
  ];
  const d = smooth(heart);
  shadowPath(b, d);
  const cut = b.random.next() < 0.62;
  b.pen.path(d, {
    fill: cut ? b.second : lit({ 0: '#ff6a52', 0.5: b.main, 1: b.second }, [0.35, 0.3, 0.62]),
  });
  if (cut) {
    b.pen.path(smooth(heart.map(([x, y]) => [x * 0.9, y * 0.88])), {
      fill: {
        radial: [
          [0, '#fff3ea'],
          [0.28, b.third],
          [0.62, '#f47a68'],
          [1, b.main],
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
    b.pen.path(
      rays
        .map(([p, q]) => `M${p![0].toFixed(1)} ${p![1].toFixed(1)}L${q![0].toFixed(1)} ${q![1].toFixed(1)}`)
        .join(''),
      { stroke: '#fff0e6', width: 0.5, opacity: 0.75 },
    );
  } else {
    b.pen.path(dots(speckle(b.random, 20, rx * 0.82, ry * 0.74)), {
      stroke: '#f8d774',
      width: 1.1,
      opacity: 0.9,
    });
  }
  const leaf: Point[] = [
    [-rx * 0.7, 0],
    [-rx * 1.02, -ry * 0.5],
    [-rx * 0.92, -ry * 0.1],
    [-rx * 1.16, 0],
    [-rx * 0.92, ry * 0.1],
    [-rx * 1.02, ry * 0.5],
  ];
  b.pen.path(smooth(leaf), { fill: '#4f8d35', stroke: '#346a24', width: 0.4 });
};

export const halfFruit: Recipe = (b) => {
  const [rx, ry] = [b.l / 2, b.w / 2];
  shadowEllipse(b, rx, ry);
  b.pen.ellipse(0, 0, rx, ry, {
    fill: radial({ 0: b.second, 0.8: b.second, 1: darker(b.second, 0.4) }),
  });
  b.pen.ellipse(0, 0, rx * 0.9, ry * 0.9, { fill: b.third });
  b.pen.ellipse(0, 0, rx * 0.72, ry * 0.72, {
    fill: radial({ 0: paler(b.main, 0.35), 0.5: b.main, 1: darker(b.main, 0.2) }),
  });
  b.pen.path(dots(speckle(b.random, 34, rx * 0.62, ry * 0.62)), {
    stroke: '#f6e3b0',
    width: 1,
    opacity: 0.85,
  });
};

export const dried: Recipe = (b) => {
  const d = smooth(blob(b.random, b.l / 2, b.w / 2, 10, 0.1));
  shadowPath(b, d);
  b.pen.path(d, {
    fill: lit({ 0: b.third, 0.45: b.main, 0.9: b.second, 1: darker(b.second, 0.3) }, [0.38, 0.32, 0.6]),
  });
  const wrinkles = Array.from({ length: 3 }, (_, i): Point[] => {
    const y = (i - 1) * b.w * 0.22 + b.random.range(-1, 1);
    return [
      [-b.l * 0.3, y],
      [0, y + b.random.range(-1.6, 1.6)],
      [b.l * 0.28, y + b.random.range(-1, 1)],
    ];
  });
  b.pen.path(wrinkles.map((w) => smooth(w, false)).join(''), {
    stroke: darker(b.second, 0.25),
    width: b.w * 0.045,
    opacity: 0.6,
  });
  b.pen.ellipse(-b.l * 0.14, -b.w * 0.18, b.l * 0.14, b.w * 0.07, { fill: '#ffffff', opacity: 0.28 }, -24);
};
