import { closed, darker, paler, shadowPath, smooth, line, type Recipe } from '../brush.js';
import { linear, radial } from '../pen.js';
import { pieceOutline, type Point } from '../../geometry/index.js';

export const leaf: Recipe = (b) => {
  const d = smooth(pieceOutline('leaf', b.l, b.w));
  shadowPath(b, d, 1.2);
  b.pen.path(d, {
    fill: linear({ 0: b.third, 0.5: b.main, 1: b.second }, [0, 0, 1, 1]),
    stroke: darker(b.second, 0.1),
    width: 0.4,
  });
  const [l, w] = [b.l / 2, b.w / 2];
  const veins: Point[][] = [
    [
      [-l * 0.95, 0],
      [l * 0.9, 0],
    ],
  ];
  for (const k of [-0.5, -0.15, 0.2, 0.5])
    for (const s of [-1, 1])
      veins.push([
        [l * k, 0],
        [l * (k + 0.26), s * w * 0.6 * (1 - Math.abs(k) * 0.5)],
      ]);
  b.pen.path(veins.map(line).join(''), { stroke: paler(b.third, 0.35), width: 0.7, opacity: 0.75 });
};

export const sprig: Recipe = (b) => {
  const l = b.l / 2;
  const stem: Point[] = [
    [-l, b.w * 0.06],
    [0, -b.w * 0.1],
    [l, b.w * 0.04],
  ];
  const needles: Point[][] = [];
  for (let i = 0; i < 19; i++) {
    const t = -0.92 + (i / 18) * 1.86;
    const [x, y] = [l * t, -b.w * 0.1 * (1 - t * t) + b.w * 0.05];
    const long = b.w * 0.46 * (1 - Math.max(0, t) * 0.55);
    for (const s of [-1, 1])
      needles.push([
        [x, y],
        [x + long * 0.75, y + s * long * b.random.range(0.75, 1)],
      ]);
  }
  const d = needles.map(line).join('');
  b.pen.group(0.9, 1.8, 0, () => b.pen.path(d, { stroke: '#1c0b02', width: 2.2, opacity: 0.28 }));
  b.pen.path(smooth(stem, false), { stroke: '#6d5a35', width: 1.7 });
  b.pen.path(d, { stroke: b.second, width: 2.1 });
  b.pen.path(d, { stroke: b.main, width: 1.3 });
  b.pen.path(
    needles
      .filter((_, i) => i % 2 === 0)
      .map(line)
      .join(''),
    { stroke: b.third, width: 0.6, opacity: 0.9 },
  );
};

export const flower: Recipe = (b) => {
  const r = b.l / 2;
  for (let i = 0; i < 5; i++) {
    const a = (i / 5) * 6.283;
    b.pen.ellipse(
      r * 0.5 * Math.cos(a),
      r * 0.5 * Math.sin(a),
      r * 0.46,
      r * 0.36,
      {
        fill: radial({ 0: b.third, 1: b.main }),
        stroke: darker(b.main, 0.2),
        width: 0.4,
      },
      (a * 180) / Math.PI,
    );
  }
  b.pen.ellipse(0, 0, r * 0.2, r * 0.2, { fill: b.second });
  b.pen.path(
    closed([
      [0, 0],
      [r * 0.3, 0.6],
      [r * 0.3, -0.6],
    ]),
    { fill: darker(b.main, 0.3), opacity: 0.6 },
  );
};
