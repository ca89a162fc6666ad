import { blob, closed, darker, dots, paler, shadowPath, smooth, speckle, type Recipe } from '../brush.js';
import { lit } from '../pen.js';
import { type Point } from '../../geometry/index.js';

export const nut: Recipe = (brush) => {
  const [l, w] = [brush.l / 2, brush.w / 2];
  const curved = brush.component.baseFood.includes('cashew');
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
  const path = smooth(shape);
  shadowPath(brush, path, 1.1);
  brush.pen.path(path, {
    fill: lit(
      { 0: brush.third, 0.5: brush.main, 0.92: brush.second, 1: darker(brush.second, 0.2) },
      [0.36, 0.3, 0.6],
    ),
  });
  if (!curved)
    brush.pen.path(
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
      { stroke: darker(brush.second, 0.15), width: 0.6, opacity: 0.6 },
    );
  brush.pen.ellipse(-l * 0.2, -w * 0.4, l * 0.3, w * 0.14, { fill: '#ffffff', opacity: 0.25 }, -14);
};

export const ridgedNut: Recipe = (brush) => {
  const [l, w] = [brush.l / 2, brush.w / 2];
  const lobes = Array.from({ length: 12 }, (_, i): Point => {
    const a = (i / 12) * 6.283;
    const k = i % 2 === 0 ? 1 : 0.82;
    return [l * k * Math.cos(a), w * k * Math.sin(a) * (Math.abs(Math.cos(a)) < 0.2 ? 0.7 : 1)];
  });
  const path = smooth(lobes);
  shadowPath(brush, path, 1.2);
  brush.pen.path(path, {
    fill: lit({ 0: brush.third, 0.55: brush.main, 1: brush.second }, [0.36, 0.3, 0.6]),
  });
  const folds = [-0.62, -0.3, 0.32, 0.64].map((k): Point[] => [
    [l * k, -w * 0.6],
    [l * (k + 0.1), -w * 0.2],
    [l * (k - 0.08), w * 0.16],
    [l * (k + 0.05), w * 0.58],
  ]);
  brush.pen.path(folds.map((fold) => smooth(fold, false)).join(''), {
    stroke: darker(brush.second, 0.1),
    width: 1.3,
    opacity: 0.75,
  });
  brush.pen.path(
    smooth(
      [
        [-l * 0.04, -w * 0.7],
        [l * 0.05, 0],
        [-l * 0.03, w * 0.7],
      ],
      false,
    ),
    { stroke: darker(brush.second, 0.3), width: 1.8, opacity: 0.8 },
  );
};

/** A pinch of seeds or chickpeas: one piece of the plan, about nine of them. */
export const seedPinch: Recipe = (brush) => {
  const round = brush.component.baseFood.includes('chickpea');
  const seeds: { x: number; y: number; a: number }[] = [];
  for (let i = 0; i < 10; i++) {
    const r = Math.sqrt((i + 0.4) / 10);
    const a = i * 2.4 + brush.random.range(-0.3, 0.3);
    seeds.push({
      x: brush.l * 0.42 * r * Math.cos(a),
      y: brush.w * 0.42 * r * Math.sin(a),
      a: brush.random.range(0, 180),
    });
  }
  brush.pen.path(smooth(blob(brush.random, brush.l * 0.46, brush.w * 0.46)), {
    fill: darker(brush.second, 0.45),
    opacity: 0.5,
  });
  const [rx, ry] = round ? [4.4, 4] : [5.4, 2.9];
  for (const seed of seeds) {
    brush.pen.ellipse(
      seed.x,
      seed.y,
      rx,
      ry,
      {
        fill: {
          radial: [
            [0, brush.third],
            [0.55, brush.main],
            [1, brush.second],
          ],
          fx: 0.36,
          fy: 0.3,
        },
        stroke: darker(brush.second, 0.35),
        width: 0.5,
      },
      seed.a,
    );
  }
};

/** A popped kernel of maize: a few puffs around the skin that it burst from. */
export const popped: Recipe = (brush) => {
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  shadowPath(brush, smooth(blob(brush.random, rx * 0.94, ry * 0.94, 9, 0.04)), 1);
  const puffs = [0, 1, 2, 3].map((i) => {
    const turn = (i / 4) * 2 * Math.PI + brush.random.range(-0.3, 0.3);
    const size = brush.random.range(0.5, 0.62);
    return { x: rx * 0.44 * Math.cos(turn), y: ry * 0.44 * Math.sin(turn), size };
  });
  for (const { x, y, size } of puffs)
    brush.pen.path(
      smooth(blob(brush.random, rx * size, ry * size, 7, 0.12).map(([px, py]): Point => [x + px, y + py])),
      {
        fill: lit({ 0: brush.third, 0.6: brush.main, 1: darker(brush.main, 0.12) }, [0.36, 0.3, 0.65]),
        stroke: darker(brush.main, 0.22),
        width: 0.35,
      },
    );
  brush.pen.ellipse(rx * 0.06, ry * 0.08, rx * 0.24, ry * 0.17, { fill: brush.second, opacity: 0.85 }, 20);
  brush.pen.ellipse(rx * 0.06, ry * 0.1, rx * 0.11, ry * 0.07, { fill: darker(brush.second, 0.3) }, 20);
};

const KNOBS = 9;
/** How far the stalk looks out from under the head, and half its width, of those of the floret. */
const STALK = { out: 0.84, wide: 0.24 };

/** A floret of cauliflower or broccoli, lying on its side: a stalk, and a dome of knobs with their grain. */
export const floret: Recipe = (brush) => {
  const { pen, random } = brush;
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  shadowPath(brush, smooth(blob(random, rx * 0.92, ry * 0.92, 9, 0.06)), 2);
  const stalk: Point[] = [
    [-rx * STALK.out, -ry * STALK.wide],
    [rx * 0.1, -ry * 1.9 * STALK.wide],
    [rx * 0.1, ry * 1.9 * STALK.wide],
    [-rx * STALK.out, ry * STALK.wide],
  ];
  pen.path(closed(stalk), { fill: brush.third, stroke: darker(brush.main, 0.22), width: 0.6 });
  const knobs = Array.from({ length: KNOBS }, (_, i) => {
    const turn = -1.9 + (3.8 * i) / (KNOBS - 3) + random.range(-0.15, 0.15);
    const rim = i < KNOBS - 2;
    const far = rim ? 0.56 : 0.14;
    return {
      x: rx * (0.12 + far * Math.cos(turn)),
      y: ry * (rim ? 0.62 : 0.22) * Math.sin(turn),
      r: random.range(0.3, 0.4) * (rim ? 1 : 1.25),
    };
  });
  for (const { x, y, r } of knobs)
    pen.path(smooth(blob(random, rx * r, ry * r * 1.12, 8, 0.14).map(([u, v]): Point => [x + u, y + v])), {
      fill: lit({ 0: brush.third, 0.55: brush.main, 1: brush.second }, [0.36, 0.3, 0.66]),
      stroke: darker(brush.second, 0.12),
      width: 0.4,
    });
  const grain = speckle(random, 26, rx * 0.62, ry * 0.7).map(([x, y]): Point => [x + rx * 0.2, y]);
  pen.path(dots(grain.slice(0, 14)), { stroke: darker(brush.second, 0.1), width: 1, opacity: 0.4 });
  pen.path(dots(grain.slice(14)), { stroke: paler(brush.third, 0.3), width: 1.1, opacity: 0.6 });
};
