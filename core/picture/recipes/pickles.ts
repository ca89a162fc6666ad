import { blob, darker, dots, shadowPath, smooth, speckle, type Recipe } from '../brush.js';
import { lit, linear } from '../pen.js';
import { type Point } from '../../geometry/index.js';

export const gherkin: Recipe = (b) => {
  const [l, w] = [b.l / 2, b.w / 2];
  const bend = b.random.range(-0.25, 0.25) * b.w;
  const shape: Point[] = [
    [-l, 0],
    [-l * 0.6, -w * 0.85 + bend],
    [0, -w + bend],
    [l * 0.6, -w * 0.85 + bend],
    [l, 0],
    [l * 0.6, w * 0.85 + bend],
    [0, w + bend],
    [-l * 0.6, w * 0.85 + bend],
  ];
  const d = smooth(shape);
  shadowPath(b, d, 1.2);
  b.pen.path(d, {
    fill: linear({ 0: b.third, 0.4: b.main, 1: b.second }),
  });
  b.pen.path(dots(speckle(b.random, 16, l * 0.82, w * 0.6).map(([x, y]): Point => [x, y + bend])), {
    stroke: b.third,
    width: 1.2,
    opacity: 0.65,
  });
  b.pen.path(
    smooth(
      [
        [-l * 0.7, -w * 0.3 + bend],
        [0, -w * 0.5 + bend],
        [l * 0.6, -w * 0.3 + bend],
      ],
      false,
    ),
    { stroke: '#ffffff', width: 0.9, opacity: 0.35 },
  );
};

export const pod: Recipe = (b) => {
  const [l, w] = [b.l / 2, b.w / 2];
  const bend = b.random.range(-0.5, 0.5) * b.w;
  const d = smooth([
    [-l, 0],
    [-l * 0.5, -w * 0.8 + bend],
    [l * 0.4, -w * 0.85 + bend],
    [l, bend * 0.2],
    [l * 0.4, w * 0.85 + bend],
    [-l * 0.5, w * 0.8 + bend],
  ]);
  shadowPath(b, d, 1.2);
  b.pen.path(d, {
    fill: linear({ 0: b.third, 0.4: b.main, 1: b.second }),
    stroke: darker(b.second, 0.1),
    width: 0.5,
  });
  const peas = [-0.55, -0.25, 0.05, 0.35, 0.62].map((k): Point => [l * k, bend * 0.9]);
  b.pen.path(dots(peas), { stroke: b.second, width: w * 0.9, opacity: 0.3 });
  b.pen.path(dots(peas.map(([x, y]): Point => [x - 0.8, y - 1])), {
    stroke: b.third,
    width: w * 0.5,
    opacity: 0.5,
  });
};

export const bit: Recipe = (b) => {
  const d = smooth(blob(b.random, b.l / 2, b.w / 2, 7, 0.12));
  shadowPath(b, d);
  b.pen.path(d, {
    fill: lit({ 0: b.third, 0.5: b.main, 1: b.second }, [0.36, 0.32, 0.6]),
  });
  b.pen.ellipse(-b.l * 0.12, -b.w * 0.14, b.l * 0.13, b.w * 0.08, { fill: '#ffffff', opacity: 0.35 }, -30);
};

export const smear: Recipe = (b) => {
  const d = smooth(blob(b.random, b.l / 2, b.w / 2, 9, 0.1));
  shadowPath(b, d, 0.6);
  b.pen.path(d, {
    fill: {
      radial: [
        [0, b.third],
        [0.6, b.main],
        [1, b.second],
      ],
      r: 0.65,
    },
  });
  b.pen.path(
    [-0.2, 0.05, 0.3]
      .map((k) =>
        smooth(
          [
            [-b.l * 0.34, b.w * k],
            [0, b.w * (k - 0.1)],
            [b.l * 0.32, b.w * k],
          ],
          false,
        ),
      )
      .join(''),
    { stroke: b.third, width: 1.4, opacity: 0.6 },
  );
};
