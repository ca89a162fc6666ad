import { linear } from '../pen.js';
import {
  blob,
  closed,
  darker,
  dots,
  line,
  paler,
  shadowPath,
  smooth,
  speckle,
  type Brush,
  type Recipe,
} from '../brush.js';
import { roundedRectangle, type Point } from '../../geometry/index.js';

const baked = (b: Brush) => ({
  radial: [
    [0, paler(b.third, 0.05)],
    [0.58, b.main],
    [0.9, b.second],
    [1, darker(b.second, 0.18)],
  ] as const,
  r: 0.72,
  cy: 0.46,
});

export const squareCracker: Recipe = (b) => {
  const outline = roundedRectangle(b.l, b.w, 4, 3);
  const d = closed(outline);
  shadowPath(b, d, 1.5);
  b.pen.path(d, { fill: baked(b) });
  if (b.component.family === 'cheese') {
    b.pen.path(closed(roundedRectangle(b.l - 2, b.w - 2, 3, 2)), {
      stroke: paler(b.third, 0.4),
      width: 0.7,
      opacity: 0.7,
    });
    return;
  }
  b.pen.path(d, { stroke: b.second, width: 2.2, dash: '0 3.4' });
  const holes: Point[] = [];
  for (let i = -1; i <= 1; i++) for (let j = -2; j <= 2; j++) holes.push([(j * b.l) / 6.4, (i * b.w) / 4.2]);
  b.pen.path(dots(holes), { stroke: darker(b.second, 0.3), width: 1.4, opacity: 0.85 });
  b.pen.path(dots(speckle(b.random, 9, b.l * 0.4, b.w * 0.4)), {
    stroke: darker(b.second, 0.08),
    width: 2.2,
    opacity: 0.35,
  });
  b.pen.path(
    line([
      [-b.l * 0.42, -b.w * 0.46],
      [b.l * 0.42, -b.w * 0.46],
    ]),
    { stroke: paler(b.third, 0.5), width: 0.9, opacity: 0.6 },
  );
};

const SEEDY = new Set(['seed-crackers', 'oatcakes']);

export const roundCracker: Recipe = (b) => {
  const r = b.l / 2;
  const d = smooth(blob(b.random, r * 0.99, b.w * 0.495, 12, 0.018));
  shadowPath(b, d, 1.5);
  b.pen.path(d, { fill: baked(b), stroke: darker(b.second, 0.1), width: 0.8 });
  const seeds = b.component.sheds.includes('seeds') || SEEDY.has(b.component.id);
  b.pen.path(dots(speckle(b.random, seeds ? 26 : 12, r * 0.84, r * 0.84)), {
    stroke: seeds ? '#f1dfb8' : darker(b.second, 0.22),
    width: seeds ? 1.9 : 1.2,
    opacity: 0.85,
  });
  if (seeds)
    b.pen.path(dots(speckle(b.random, 12, r * 0.84, r * 0.84)), {
      stroke: '#3b2413',
      width: 1.6,
      opacity: 0.8,
    });
  b.pen.path(
    smooth(
      [
        [-r * 0.7, -r * 0.55],
        [0, -r * 0.88],
        [r * 0.6, -r * 0.62],
      ],
      false,
    ),
    { stroke: paler(b.third, 0.5), width: 1, opacity: 0.5 },
  );
};

export const toast: Recipe = (b) => {
  const d = smooth(blob(b.random, b.l / 2, b.w / 2, 12, 0.03));
  shadowPath(b, d, 1.5);
  b.pen.path(d, { fill: b.second, stroke: darker(b.second, 0.22), width: 0.9 });
  b.pen.path(smooth(blob(b.random, b.l * 0.45, b.w * 0.43, 12, 0.03)), {
    fill: {
      radial: [
        [0, paler(b.main, 0.25)],
        [0.7, b.main],
        [1, b.third],
      ],
      r: 0.6,
    },
  });
  b.pen.path(dots(speckle(b.random, 15, b.l * 0.36, b.w * 0.34)), {
    stroke: b.third,
    width: 2,
    opacity: 0.8,
  });
  b.pen.path(dots(speckle(b.random, 8, b.l * 0.36, b.w * 0.34)), {
    stroke: darker(b.second, 0.1),
    width: 1,
    opacity: 0.6,
  });
};

export const breadstick: Recipe = (b) => {
  const d = closed(roundedRectangle(b.l, b.w, b.w / 2, 4));
  shadowPath(b, d);
  b.pen.path(d, {
    fill: linear({ 0: b.third, 0.4: b.main, 1: darker(b.second, 0.15) }),
  });
  b.pen.path(dots(speckle(b.random, 16, b.l * 0.48, b.w * 0.34)), {
    stroke: darker(b.second, 0.2),
    width: 1,
    opacity: 0.5,
  });
};

/** A stick stands for carrot, pepper, fennel: a long body with a lit edge and a pale cut end. */
export const stick: Recipe = (b) => {
  const outline = roundedRectangle(b.l, b.w, Math.min(3, b.w * 0.25), 2);
  const d = closed(outline);
  shadowPath(b, d, 1.3);
  b.pen.path(d, {
    fill: linear({ 0: paler(b.third, 0.12), 0.35: b.main, 1: b.second }),
  });
  b.pen.path(
    line([
      [-b.l * 0.47, -b.w * 0.24],
      [b.l * 0.47, -b.w * 0.24],
    ]),
    { stroke: paler(b.third, 0.45), width: b.w * 0.12, opacity: 0.55 },
  );
  b.pen.ellipse(b.l * 0.475, 0, b.w * 0.16, b.w * 0.42, { fill: b.third, opacity: 0.9 });
};

export const strip: Recipe = (b) => {
  const bend = b.random.range(-2.5, 2.5);
  const spine: Point[] = [
    [-b.l / 2 + 2, 0],
    [0, bend],
    [b.l / 2 - 2, 0],
  ];
  const d = smooth(spine, false);
  b.pen.group(0.8, 1.4, 0, () => b.pen.path(d, { stroke: '#1c0b02', width: b.w, opacity: 0.3 }));
  b.pen.path(d, { stroke: b.second, width: b.w });
  b.pen.path(d, { stroke: b.main, width: b.w * 0.76 });
};
