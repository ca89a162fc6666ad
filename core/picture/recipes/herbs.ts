import { closed, darker, paler, shadowPath, smooth, line, type Recipe } from '../brush.js';
import { linear, radial } from '../pen.js';
import { pieceOutline, type Point } from '../../geometry/index.js';

export const leaf: Recipe = (brush) => {
  const path = smooth(pieceOutline('leaf', brush.l, brush.w));
  shadowPath(brush, path, 1.2);
  brush.pen.path(path, {
    fill: linear({ 0: brush.third, 0.5: brush.main, 1: brush.second }, [0, 0, 1, 1]),
    stroke: darker(brush.second, 0.1),
    width: 0.4,
  });
  const [l, w] = [brush.l / 2, brush.w / 2];
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
  brush.pen.path(veins.map(line).join(''), { stroke: paler(brush.third, 0.35), width: 0.7, opacity: 0.75 });
};

export const sprig: Recipe = (brush) => {
  const l = brush.l / 2;
  const stem: Point[] = [
    [-l, brush.w * 0.06],
    [0, -brush.w * 0.1],
    [l, brush.w * 0.04],
  ];
  const needles: Point[][] = [];
  for (let i = 0; i < 19; i++) {
    const t = -0.92 + (i / 18) * 1.86;
    const [x, y] = [l * t, -brush.w * 0.1 * (1 - t * t) + brush.w * 0.05];
    const long = brush.w * 0.46 * (1 - Math.max(0, t) * 0.55);
    for (const s of [-1, 1])
      needles.push([
        [x, y],
        [x + long * 0.75, y + s * long * brush.random.range(0.75, 1)],
      ]);
  }
  const path = needles.map(line).join('');
  brush.pen.group(0.9, 1.8, 0, () => brush.pen.path(path, { stroke: '#1c0b02', width: 2.2, opacity: 0.28 }));
  brush.pen.path(smooth(stem, false), { stroke: '#6d5a35', width: 1.7 });
  brush.pen.path(path, { stroke: brush.second, width: 2.1 });
  brush.pen.path(path, { stroke: brush.main, width: 1.3 });
  brush.pen.path(
    needles
      .filter((_, i) => i % 2 === 0)
      .map(line)
      .join(''),
    { stroke: brush.third, width: 0.6, opacity: 0.9 },
  );
};

export const flower: Recipe = (brush) => {
  const r = brush.l / 2;
  for (let i = 0; i < 5; i++) {
    const a = (i / 5) * 6.283;
    brush.pen.ellipse(
      r * 0.5 * Math.cos(a),
      r * 0.5 * Math.sin(a),
      r * 0.46,
      r * 0.36,
      {
        fill: radial({ 0: brush.third, 1: brush.main }),
        stroke: darker(brush.main, 0.2),
        width: 0.4,
      },
      (a * 180) / Math.PI,
    );
  }
  brush.pen.ellipse(0, 0, r * 0.2, r * 0.2, { fill: brush.second });
  brush.pen.path(
    closed([
      [0, 0],
      [r * 0.3, 0.6],
      [r * 0.3, -0.6],
    ]),
    { fill: darker(brush.main, 0.3), opacity: 0.6 },
  );
};
