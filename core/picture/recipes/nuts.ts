import { blob, darker, shadowPath, smooth, type Recipe } from '../brush.js';
import { lit } from '../pen.js';
import { type Point } from '../../geometry/index.js';

export const nut: Recipe = (b) => {
  const [l, w] = [b.l / 2, b.w / 2];
  const curved = b.component.baseFood.includes('cashew');
  const shape: Point[] = curved
    ? [
        [-l, w * 0.5],
        [-l * 0.7, -w * 0.5],
        [0, -w * 0.95],
        [l * 0.7, -w * 0.5],
        [l, w * 0.55],
        [l * 0.5, w * 0.75],
        [0, w * 0.15],
        [-l * 0.5, w * 0.75],
      ]
    : [
        [-l, w * 0.05],
        [-l * 0.35, -w * 0.94],
        [l * 0.5, -w * 0.66],
        [l, 0],
        [l * 0.5, w * 0.66],
        [-l * 0.35, w * 0.94],
      ];
  const d = smooth(shape);
  shadowPath(b, d, 1.1);
  b.pen.path(d, {
    fill: lit({ 0: b.third, 0.5: b.main, 0.92: b.second, 1: darker(b.second, 0.2) }, [0.36, 0.3, 0.6]),
  });
  if (!curved)
    b.pen.path(
      [-0.42, 0, 0.42]
        .map((k) =>
          smooth(
            [
              [-l * 0.72, w * k * 0.5],
              [0, w * k],
              [l * 0.74, w * k * 0.4],
            ],
            false,
          ),
        )
        .join(''),
      { stroke: darker(b.second, 0.15), width: 0.6, opacity: 0.6 },
    );
  b.pen.ellipse(-l * 0.2, -w * 0.4, l * 0.3, w * 0.14, { fill: '#ffffff', opacity: 0.25 }, -14);
};

export const ridgedNut: Recipe = (b) => {
  const [l, w] = [b.l / 2, b.w / 2];
  const lobes = Array.from({ length: 12 }, (_, i): Point => {
    const a = (i / 12) * 6.283;
    const k = i % 2 === 0 ? 1 : 0.82;
    return [l * k * Math.cos(a), w * k * Math.sin(a) * (Math.abs(Math.cos(a)) < 0.2 ? 0.7 : 1)];
  });
  const d = smooth(lobes);
  shadowPath(b, d, 1.2);
  b.pen.path(d, {
    fill: lit({ 0: b.third, 0.55: b.main, 1: b.second }, [0.36, 0.3, 0.6]),
  });
  const folds = [-0.62, -0.3, 0.32, 0.64].map((k): Point[] => [
    [l * k, -w * 0.6],
    [l * (k + 0.1), -w * 0.2],
    [l * (k - 0.08), w * 0.16],
    [l * (k + 0.05), w * 0.58],
  ]);
  b.pen.path(folds.map((p) => smooth(p, false)).join(''), {
    stroke: darker(b.second, 0.1),
    width: 1.3,
    opacity: 0.75,
  });
  b.pen.path(
    smooth(
      [
        [-l * 0.04, -w * 0.7],
        [l * 0.05, 0],
        [-l * 0.03, w * 0.7],
      ],
      false,
    ),
    { stroke: darker(b.second, 0.3), width: 1.8, opacity: 0.8 },
  );
};

/** A pinch of seeds or chickpeas: one piece of the plan, about nine of them. */
export const seedPinch: Recipe = (b) => {
  const round = b.component.baseFood.includes('chickpea');
  const seeds: { x: number; y: number; a: number }[] = [];
  for (let i = 0; i < 10; i++) {
    const r = Math.sqrt((i + 0.4) / 10);
    const a = i * 2.4 + b.random.range(-0.3, 0.3);
    seeds.push({
      x: b.l * 0.42 * r * Math.cos(a),
      y: b.w * 0.42 * r * Math.sin(a),
      a: b.random.range(0, 180),
    });
  }
  b.pen.path(smooth(blob(b.random, b.l * 0.46, b.w * 0.46)), { fill: darker(b.second, 0.45), opacity: 0.5 });
  const [rx, ry] = round ? [4.4, 4] : [5.4, 2.9];
  for (const s of seeds) {
    b.pen.ellipse(
      s.x,
      s.y,
      rx,
      ry,
      {
        fill: {
          radial: [
            [0, b.third],
            [0.55, b.main],
            [1, b.second],
          ],
          fx: 0.36,
          fy: 0.3,
        },
        stroke: darker(b.second, 0.35),
        width: 0.5,
      },
      s.a,
    );
  }
};
