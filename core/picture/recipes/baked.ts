import { linear, lit, radial } from '../pen.js';
import {
  blob,
  closed,
  darker,
  dots,
  fromBoard,
  line,
  mix,
  paler,
  shadowEllipse,
  shadowPath,
  side,
  smooth,
  speckle,
  type Brush,
  type Recipe,
} from '../brush.js';
import { pieceOutline, roundedRectangle, type Point } from '../../geometry/index.js';

const crust = (brush: Brush) =>
  radial({
    0: paler(brush.third, 0.1),
    0.45: brush.main,
    0.85: brush.second,
    1: darker(brush.second, 0.25),
  });

/** A small bun from above: a domed crust with a cut across it, dusted. */
export const roll: Recipe = (brush) => {
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  shadowEllipse(brush, rx * 0.97, ry * 0.97, 2);
  const path = smooth(blob(brush.random, rx * 0.97, ry * 0.97, 12, 0.02));
  brush.pen.path(path, { fill: crust(brush), stroke: darker(brush.second, 0.2), width: 0.6 });
  const cut: Point[] = [
    [-rx * 0.62, ry * 0.06],
    [-rx * 0.2, -ry * 0.1],
    [rx * 0.24, ry * 0.06],
    [rx * 0.62, -ry * 0.08],
  ];
  brush.pen.path(smooth(cut, false), { stroke: darker(brush.second, 0.2), width: 3.4, opacity: 0.55 });
  brush.pen.path(smooth(cut, false), { stroke: paler(brush.third, 0.35), width: 2.2 });
  brush.pen.path(dots(speckle(brush.random, 22, rx * 0.7, ry * 0.7)), {
    stroke: paler(brush.third, 0.6),
    width: 1,
    opacity: 0.7,
  });
};

/** A croissant: two bent tips, and the turns of the dough across it. */
export const crescent: Recipe = (brush) => {
  const [l, w] = [brush.l / 2, brush.w / 2];
  const outline: Point[] = [
    [-l, w * 0.85],
    [-l * 0.78, -w * 0.1],
    [-l * 0.34, -w * 0.82],
    [0, -w * 0.98],
    [l * 0.34, -w * 0.82],
    [l * 0.78, -w * 0.1],
    [l, w * 0.85],
    [l * 0.62, w * 0.82],
    [l * 0.3, w * 0.5],
    [0, w * 0.42],
    [-l * 0.3, w * 0.5],
    [-l * 0.62, w * 0.82],
  ];
  const path = smooth(outline);
  shadowPath(brush, path, 2);
  brush.pen.path(path, {
    fill: linear({ 0: paler(brush.main, 0.2), 0.45: brush.main, 1: darker(brush.second, 0.1) }, [0, 0, 0, 1]),
    stroke: darker(brush.second, 0.3),
    width: 0.7,
  });
  for (const t of [-0.72, -0.42, -0.14, 0.14, 0.42, 0.72]) {
    const top = -w * (0.95 - 0.95 * t * t);
    const foot = w * (0.42 + 0.5 * t * t);
    const seam: Point[] = [
      [l * t * 0.92, top],
      [l * t + l * 0.05, (top + foot) / 2],
      [l * t * 0.98, foot],
    ];
    brush.pen.path(smooth(seam, false), { stroke: darker(brush.second, 0.25), width: 1.5, opacity: 0.75 });
    brush.pen.path(
      smooth(
        seam.map(([x, y]): Point => [x + 2, y]),
        false,
      ),
      {
        stroke: paler(brush.third, 0.35),
        width: 1.3,
        opacity: 0.65,
      },
    );
  }
};

/** A ring of bread with its cut side up. */
export const bagel: Recipe = (brush) => {
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  shadowEllipse(brush, rx, ry, 1.4);
  brush.pen.ellipse(0, 0, rx, ry, { fill: brush.second });
  brush.pen.ellipse(0, 0, rx * 0.975, ry * 0.975, { fill: brush.main });
  brush.pen.ellipse(0, 0, rx * 0.93, ry * 0.93, {
    fill: radial({ 0: brush.third, 0.7: paler(brush.third, 0.2), 1: mix(brush.third, brush.main, 0.5) }),
  });
  brush.pen.path(dots(speckle(brush.random, 26, rx * 0.82, ry * 0.82)), {
    stroke: mix(brush.third, brush.second, 0.35),
    width: 1.5,
    opacity: 0.6,
  });
  // through the hole one sees the board, in the shade of the rim
  brush.pen.ellipse(0, 0, rx * 0.24, ry * 0.23, { fill: mix(brush.main, brush.second, 0.6) });
  const [x, y] = fromBoard(brush, 0.5, 0.9);
  brush.pen.ellipse(x, y, rx * 0.2, ry * 0.185, {
    fill: radial({
      0: mix(brush.second, brush.main, 0.25),
      0.7: darker(brush.second, 0.25),
      1: darker(brush.second, 0.5),
    }),
  });
};

/** A pancake: pale rim, brown face with the marks of the pan. */
export const pancake: Recipe = (brush) => {
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  const path = smooth(blob(brush.random, rx * 0.98, ry * 0.98, 12, 0.025));
  shadowPath(brush, path, 1.4);
  brush.pen.path(path, { fill: paler(brush.third, 0.1), stroke: brush.second, width: 0.5 });
  brush.pen.path(smooth(blob(brush.random, rx * 0.86, ry * 0.86, 12, 0.04)), {
    fill: radial({ 0: mix(brush.main, brush.third, 0.25), 0.6: brush.main, 1: brush.second }),
  });
  brush.pen.path(dots(speckle(brush.random, 14, rx * 0.7, ry * 0.7)), {
    stroke: darker(brush.second, 0.12),
    width: 2.6,
    opacity: 0.3,
  });
};

/** A waffle in the shape of a heart, with its wells. */
export const waffle: Recipe = (brush) => {
  const outline = pieceOutline('waffle', brush.l, brush.w);
  const path = smooth(outline);
  shadowPath(brush, path, 1.6);
  brush.pen.path(path, {
    fill: linear({ 0: paler(brush.main, 0.15), 0.4: brush.main, 1: brush.second }),
    stroke: darker(brush.second, 0.15),
    width: 1,
  });
  const wells: Point[] = [];
  for (let i = -3; i <= 3; i++)
    for (let j = -3; j <= 3; j++) {
      const [x, y] = [(i / 7) * brush.l, (j / 7) * brush.w];
      if (Math.hypot(x / brush.l, y / brush.w) < 0.4 && x < brush.l * 0.3 + Math.abs(y) * 0.3)
        wells.push([x, y]);
    }
  brush.pen.path(dots(wells.map(([x, y]): Point => [x + 0.5, y + 0.7])), {
    stroke: darker(brush.second, 0.25),
    width: brush.w * 0.095,
    opacity: 0.8,
  });
  brush.pen.path(dots(wells), { stroke: paler(brush.third, 0.1), width: brush.w * 0.062, opacity: 0.75 });
};

/** A madeleine: the ribs of its shell run from the narrow end. */
export const shell: Recipe = (brush) => {
  const [l, w] = [brush.l / 2, brush.w / 2];
  const outline: Point[] = [
    [-l, 0],
    [-l * 0.66, -w * 0.5],
    [0, -w * 0.95],
    [l * 0.62, -w * 0.86],
    [l, 0],
    [l * 0.62, w * 0.86],
    [0, w * 0.95],
    [-l * 0.66, w * 0.5],
  ];
  const path = smooth(outline);
  shadowPath(brush, path, 1.8);
  brush.pen.path(path, { fill: crust(brush), stroke: darker(brush.second, 0.15), width: 0.6 });
  for (const t of [-0.7, -0.42, -0.14, 0.14, 0.42, 0.7]) {
    const rib: Point[] = [
      [-l * 0.8, 0],
      [0, w * t * 0.72],
      [l * (0.95 - 0.2 * Math.abs(t)), w * t],
    ];
    brush.pen.path(smooth(rib, false), { stroke: darker(brush.second, 0.2), width: 1.2, opacity: 0.55 });
    brush.pen.path(
      smooth(
        rib.map(([x, y]): Point => [x, y - 1.1]),
        false,
      ),
      {
        stroke: paler(brush.third, 0.4),
        width: 1,
        opacity: 0.6,
      },
    );
  }
};

/** Dough with something on it: a crust around a filling with bits of what is in it. */
export const tart: Recipe = (brush) => {
  const round = brush.component.texture === 'chewy';
  const outline = round
    ? blob(brush.random, brush.l / 2, brush.w / 2, 12, 0.015)
    : roundedRectangle(brush.l, brush.w, 3, 3);
  const path = round ? smooth(outline) : closed(outline);
  if (round) shadowPath(brush, path, 1.5);
  else side(brush, outline, 5, brush.second);
  const rim = round ? brush.second : darker(brush.second, 0.05);
  const filling = round ? brush.main : mix(brush.main, brush.second, 0.12);
  brush.pen.path(path, { fill: rim, stroke: darker(brush.second, 0.25), width: 0.6 });
  const inner = outline.map(([x, y]): Point => [x * 0.84, y * 0.84]);
  brush.pen.path(round ? smooth(inner) : closed(inner), {
    fill: radial({ 0: paler(brush.main, 0.12), 0.5: brush.main, 1: filling }),
  });
  brush.pen.path(dots(speckle(brush.random, round ? 5 : 9, brush.l * 0.32, brush.w * 0.32)), {
    stroke: brush.third,
    width: round ? 7 : 3,
    opacity: 0.9,
  });
  brush.pen.path(dots(speckle(brush.random, 6, brush.l * 0.32, brush.w * 0.32)), {
    stroke: round ? '#3f7a33' : darker(brush.second, 0.1),
    width: round ? 2.2 : 2.6,
    opacity: 0.7,
  });
};

/** Two slices of bread on edge, and what lies between them. */
export const sandwich: Recipe = (brush) => {
  const outline = roundedRectangle(brush.l, brush.w, 2, 3);
  shadowPath(brush, closed(outline), 1.6);
  brush.pen.path(closed(outline), { fill: brush.main, stroke: brush.second, width: 0.7 });
  const band = (from: number, to: number): Point[] => [
    [-brush.l * 0.49, brush.w * from],
    [brush.l * 0.49, brush.w * from],
    [brush.l * 0.49, brush.w * to],
    [-brush.l * 0.49, brush.w * to],
  ];
  brush.pen.path(closed(band(-0.5, -0.42)), { fill: brush.second, opacity: 0.85 });
  brush.pen.path(closed(band(0.42, 0.5)), { fill: brush.second, opacity: 0.85 });
  brush.pen.path(closed(band(-0.14, 0.14)), { fill: brush.third });
  brush.pen.path(
    line([
      [-brush.l * 0.47, brush.w * 0.15],
      [brush.l * 0.47, brush.w * 0.15],
    ]),
    { stroke: darker(brush.second, 0.2), width: 0.8, opacity: 0.5 },
  );
  brush.pen.path(dots(speckle(brush.random, 9, brush.l * 0.46, brush.w * 0.1)), {
    stroke: '#5f9a40',
    width: 2.2,
  });
  brush.pen.path(dots(speckle(brush.random, 20, brush.l * 0.45, brush.w * 0.38)), {
    stroke: darker(brush.main, 0.1),
    width: 0.9,
    opacity: 0.4,
  });
};

/** Two shells with cream between them, seen a little from the side: a smooth dome over a ruffled foot. */
export const macaron: Recipe = (brush) => {
  const { pen } = brush;
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  shadowEllipse(brush, rx * 0.98, ry * 0.98, 2.4);
  const lower = fromBoard(brush, 0.6, 2.6);
  const between = fromBoard(brush, 0.35, 1.5);
  const foot = (at: Point, colour: string): void =>
    pen.path(
      smooth(
        Array.from({ length: 30 }, (_, i): Point => {
          const a = (i / 30) * 2 * Math.PI;
          const k = i % 2 ? 0.98 : 0.93;
          return [at[0] + rx * k * Math.cos(a), at[1] + ry * k * Math.sin(a)];
        }),
      ),
      { fill: colour },
    );
  foot(lower, darker(brush.second, 0.16));
  pen.ellipse(...between, rx * 0.9, ry * 0.9, { fill: paler(brush.third, 0.35) });
  foot([0, 0], brush.second);
  pen.ellipse(0, 0, rx * 0.9, ry * 0.9, {
    fill: lit(
      { 0: paler(brush.third, 0.25), 0.5: brush.main, 1: mix(brush.main, brush.second, 0.7) },
      [0.38, 0.32, 0.66],
    ),
  });
  pen.path(dots(speckle(brush.random, 9, rx * 0.7, ry * 0.7)), {
    stroke: darker(brush.second, 0.1),
    width: 0.7,
    opacity: 0.35,
  });
};
