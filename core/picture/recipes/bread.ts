import { colourName, type Component } from '../../catalogue/index.js';
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

/** Herbs baked in: needles in the crumb. As the colour of its middle green would read as mould. */
const hasHerbs = ({ third }: Brush): boolean => colourName(third) === 'green';

function needles(brush: Brush): void {
  const at = speckle(brush.random, 11, brush.l * 0.4, brush.w * 0.38);
  const strokes = at.map(([x, y]): string => {
    const turn = brush.random.range(0, Math.PI);
    const [dx, dy] = [2.1 * Math.cos(turn), 2.1 * Math.sin(turn)];
    return line([
      [x - dx, y - dy],
      [x + dx, y + dy],
    ]);
  });
  brush.pen.path(strokes.join(''), { stroke: brush.third, width: 1.1, opacity: 0.9 });
}

const baked = (brush: Brush) => ({
  radial: [
    [0, hasHerbs(brush) ? paler(brush.main, 0.3) : paler(brush.third, 0.05)],
    [0.58, brush.main],
    [0.9, brush.second],
    [1, darker(brush.second, 0.18)],
  ] as const,
  r: 0.72,
  cy: 0.46,
});

export const squareCracker: Recipe = (brush) => {
  const outline = roundedRectangle(brush.l, brush.w, 4, 3);
  const path = closed(outline);
  shadowPath(brush, path, 1.5);
  brush.pen.path(path, { fill: baked(brush) });
  if (brush.component.family === 'cheese') {
    brush.pen.path(closed(roundedRectangle(brush.l - 2, brush.w - 2, 3, 2)), {
      stroke: paler(brush.third, 0.4),
      width: 0.7,
      opacity: 0.7,
    });
    return;
  }
  brush.pen.path(path, { stroke: brush.second, width: 2.2, dash: '0 3.4' });
  const holes: Point[] = [];
  for (let i = -1; i <= 1; i++)
    for (let j = -2; j <= 2; j++) holes.push([(j * brush.l) / 6.4, (i * brush.w) / 4.2]);
  brush.pen.path(dots(holes), { stroke: darker(brush.second, 0.3), width: 1.4, opacity: 0.85 });
  brush.pen.path(dots(speckle(brush.random, 9, brush.l * 0.4, brush.w * 0.4)), {
    stroke: darker(brush.second, 0.08),
    width: 2.2,
    opacity: 0.35,
  });
  brush.pen.path(
    line([
      [-brush.l * 0.42, -brush.w * 0.46],
      [brush.l * 0.42, -brush.w * 0.46],
    ]),
    { stroke: paler(hasHerbs(brush) ? brush.main : brush.third, 0.5), width: 0.9, opacity: 0.6 },
  );
  if (hasHerbs(brush)) needles(brush);
};

const SEEDY = new Set(['seed-crackers', 'oatcakes']);

export const roundCracker: Recipe = (brush) => {
  const r = brush.l / 2;
  const path = smooth(blob(brush.random, r * 0.99, brush.w * 0.495, 12, 0.018));
  shadowPath(brush, path, 1.5);
  brush.pen.path(path, { fill: baked(brush), stroke: darker(brush.second, 0.1), width: 0.8 });
  const seeds = brush.component.sheds.includes('seeds') || SEEDY.has(brush.component.id);
  brush.pen.path(dots(speckle(brush.random, seeds ? 26 : 12, r * 0.84, r * 0.84)), {
    stroke: seeds ? '#f1dfb8' : darker(brush.second, 0.22),
    width: seeds ? 1.9 : 1.2,
    opacity: 0.85,
  });
  if (seeds)
    brush.pen.path(dots(speckle(brush.random, 12, r * 0.84, r * 0.84)), {
      stroke: '#3b2413',
      width: 1.6,
      opacity: 0.8,
    });
  brush.pen.path(
    smooth(
      [
        [-r * 0.7, -r * 0.55],
        [0, -r * 0.88],
        [r * 0.6, -r * 0.62],
      ],
      false,
    ),
    { stroke: paler(brush.third, 0.5), width: 1, opacity: 0.5 },
  );
};

export const toast: Recipe = (brush) => {
  const path = smooth(blob(brush.random, brush.l / 2, brush.w / 2, 12, 0.03));
  shadowPath(brush, path, 1.5);
  brush.pen.path(path, { fill: brush.second, stroke: darker(brush.second, 0.22), width: 0.9 });
  brush.pen.path(smooth(blob(brush.random, brush.l * 0.45, brush.w * 0.43, 12, 0.03)), {
    fill: {
      radial: [
        [0, paler(brush.main, 0.25)],
        [0.7, brush.main],
        [1, brush.third],
      ],
      r: 0.6,
    },
  });
  brush.pen.path(dots(speckle(brush.random, 15, brush.l * 0.36, brush.w * 0.34)), {
    stroke: brush.third,
    width: 2,
    opacity: 0.8,
  });
  brush.pen.path(dots(speckle(brush.random, 8, brush.l * 0.36, brush.w * 0.34)), {
    stroke: darker(brush.second, 0.1),
    width: 1,
    opacity: 0.6,
  });
};

export const breadstick: Recipe = (brush) => {
  const path = closed(roundedRectangle(brush.l, brush.w, brush.w / 2, 4));
  shadowPath(brush, path);
  brush.pen.path(path, {
    fill: linear({ 0: brush.third, 0.4: brush.main, 1: darker(brush.second, 0.15) }),
  });
  brush.pen.path(dots(speckle(brush.random, 16, brush.l * 0.48, brush.w * 0.34)), {
    stroke: darker(brush.second, 0.2),
    width: 1,
    opacity: 0.5,
  });
};

/** Soft bread cut in strips: flat, a browned edge, blisters where it touched the iron; herbs where it has them. */
const breadStrip = (brush: Brush): void => {
  const { l, w, random } = brush;
  const path = closed(roundedRectangle(l, w, w * 0.3, 5));
  shadowPath(brush, path, 1.2);
  brush.pen.path(path, {
    fill: linear({ 0: brush.second, 0.12: brush.main, 0.5: paler(brush.main, 0.18), 1: brush.second }),
    stroke: darker(brush.second, 0.08),
    width: 0.5,
  });
  for (const [n, size, opacity] of [
    [9, 3.4, 0.3],
    [8, 1.9, 0.5],
    [6, 0.9, 0.6],
  ] as const)
    brush.pen.path(dots(speckle(random, n, l * 0.43, w * 0.36)), {
      stroke: size < 1 ? darker(brush.second, 0.3) : brush.second,
      width: size,
      opacity,
    });
  if (brush.component.ingredients.some((what) => /rosemary|thyme|oregano/.test(what)))
    brush.pen.path(dots(speckle(random, 9, l * 0.4, w * 0.34)), {
      stroke: '#5f7a3a',
      width: 1.3,
      opacity: 0.9,
    });
};

const isSoftBread = ({ job, texture }: Component): boolean => job === 'vehicle' && texture === 'soft';

/** A stick stands for carrot, pepper, fennel: a long body with a lit edge and a pale cut end. */
export const stick: Recipe = (brush) => {
  if (isSoftBread(brush.component)) return breadStrip(brush);
  const outline = roundedRectangle(brush.l, brush.w, Math.min(3, brush.w * 0.25), 2);
  const path = closed(outline);
  shadowPath(brush, path, 1.3);
  brush.pen.path(path, {
    fill: linear({ 0: paler(brush.third, 0.12), 0.35: brush.main, 1: brush.second }),
  });
  brush.pen.path(
    line([
      [-brush.l * 0.47, -brush.w * 0.24],
      [brush.l * 0.47, -brush.w * 0.24],
    ]),
    { stroke: paler(brush.third, 0.45), width: brush.w * 0.12, opacity: 0.55 },
  );
  brush.pen.ellipse(brush.l * 0.475, 0, brush.w * 0.16, brush.w * 0.42, { fill: brush.third, opacity: 0.9 });
};

export const strip: Recipe = (brush) => {
  const bend = brush.random.range(-2.5, 2.5);
  const spine: Point[] = [
    [-brush.l / 2 + 2, 0],
    [0, bend],
    [brush.l / 2 - 2, 0],
  ];
  const path = smooth(spine, false);
  brush.pen.group(0.8, 1.4, 0, () =>
    brush.pen.path(path, { stroke: '#1c0b02', width: brush.w, opacity: 0.3 }),
  );
  brush.pen.path(path, { stroke: brush.second, width: brush.w });
  brush.pen.path(path, { stroke: brush.main, width: brush.w * 0.76 });
};
