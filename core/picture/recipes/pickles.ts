import { blob, darker, dots, shadowPath, smooth, speckle, type Recipe } from '../brush.js';
import { lit, linear } from '../pen.js';
import { type Point } from '../../geometry/index.js';

export const gherkin: Recipe = (brush) => {
  const [l, w] = [brush.l / 2, brush.w / 2];
  const bend = brush.random.range(-0.25, 0.25) * brush.w;
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
  const path = smooth(shape);
  shadowPath(brush, path, 1.2);
  brush.pen.path(path, {
    fill: linear({ 0: brush.third, 0.4: brush.main, 1: brush.second }),
  });
  brush.pen.path(dots(speckle(brush.random, 16, l * 0.82, w * 0.6).map(([x, y]): Point => [x, y + bend])), {
    stroke: brush.third,
    width: 1.2,
    opacity: 0.65,
  });
  brush.pen.path(
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

export const pod: Recipe = (brush) => {
  const [l, w] = [brush.l / 2, brush.w / 2];
  const bend = brush.random.range(-0.5, 0.5) * brush.w;
  const path = smooth([
    [-l, 0],
    [-l * 0.5, -w * 0.8 + bend],
    [l * 0.4, -w * 0.85 + bend],
    [l, bend * 0.2],
    [l * 0.4, w * 0.85 + bend],
    [-l * 0.5, w * 0.8 + bend],
  ]);
  shadowPath(brush, path, 1.2);
  brush.pen.path(path, {
    fill: linear({ 0: brush.third, 0.4: brush.main, 1: brush.second }),
    stroke: darker(brush.second, 0.1),
    width: 0.5,
  });
  const peas = [-0.55, -0.25, 0.05, 0.35, 0.62].map((k): Point => [l * k, bend * 0.9]);
  brush.pen.path(dots(peas), { stroke: brush.second, width: w * 0.9, opacity: 0.3 });
  brush.pen.path(dots(peas.map(([x, y]): Point => [x - 0.8, y - 1])), {
    stroke: brush.third,
    width: w * 0.5,
    opacity: 0.5,
  });
};

export const bit: Recipe = (brush) => {
  const path = smooth(blob(brush.random, brush.l / 2, brush.w / 2, 7, 0.12));
  shadowPath(brush, path);
  brush.pen.path(path, {
    fill: lit({ 0: brush.third, 0.5: brush.main, 1: brush.second }, [0.36, 0.32, 0.6]),
  });
  brush.pen.ellipse(
    -brush.l * 0.12,
    -brush.w * 0.14,
    brush.l * 0.13,
    brush.w * 0.08,
    { fill: '#ffffff', opacity: 0.35 },
    -30,
  );
};

export const smear: Recipe = (brush) => {
  const path = smooth(blob(brush.random, brush.l / 2, brush.w / 2, 9, 0.1));
  shadowPath(brush, path, 0.6);
  brush.pen.path(path, {
    fill: {
      radial: [
        [0, brush.third],
        [0.6, brush.main],
        [1, brush.second],
      ],
      r: 0.65,
    },
  });
  brush.pen.path(
    [-0.2, 0.05, 0.3]
      .map((k) =>
        smooth(
          [
            [-brush.l * 0.34, brush.w * k],
            [0, brush.w * (k - 0.1)],
            [brush.l * 0.32, brush.w * k],
          ],
          false,
        ),
      )
      .join(''),
    { stroke: brush.third, width: 1.4, opacity: 0.6 },
  );
};
