import { linear, radial } from '../pen.js';
import {
  blob,
  closed,
  darker,
  dots,
  line,
  mix,
  paler,
  shadowEllipse,
  shadowPath,
  smooth,
  speckle,
  type Recipe,
} from '../brush.js';
import { pieceOutline, type Point } from '../../geometry/index.js';

/** Half a boiled egg: the white is the third colour, the yolk the first. */
export const eggHalf: Recipe = (brush) => {
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  const egg: Point[] = Array.from({ length: 16 }, (_, i) => {
    const a = (i / 16) * 2 * Math.PI;
    // blunt to the left, narrower to the right
    return [rx * Math.cos(a), ry * Math.sin(a) * (1 - 0.1 * Math.cos(a))];
  });
  const path = smooth(egg);
  shadowPath(brush, path, 1.8);
  brush.pen.path(path, {
    fill: radial({ 0: brush.third, 0.75: brush.third, 1: brush.second }),
    stroke: darker(brush.second, 0.06),
    width: 0.5,
  });
  const r = ry * 0.66;
  const x = -rx * 0.12;
  brush.pen.ellipse(x, 0, r, r, { fill: mix(brush.main, '#b8860b', 0.35) });
  brush.pen.ellipse(x, 0, r * 0.93, r * 0.93, {
    fill: radial({ 0: paler(brush.main, 0.25), 0.6: brush.main, 1: mix(brush.main, '#d99a1c', 0.4) }),
  });
  brush.pen.path(dots(speckle(brush.random, 12, r * 0.7, r * 0.7).map(([px, py]): Point => [px + x, py])), {
    stroke: paler(brush.main, 0.45),
    width: 1.3,
    opacity: 0.7,
  });
};

/** Pasta in the shape of a bow: pinched in the middle, toothed at its ends. */
export const bow: Recipe = (brush) => {
  const [l, w] = [brush.l / 2, brush.w / 2];
  const outline: Point[] = [
    [-l, -w],
    [-l * 0.9, -w * 0.5],
    [-l, 0],
    [-l * 0.9, w * 0.5],
    [-l, w],
    [0, w * 0.34],
    [l, w],
    [l * 0.9, w * 0.5],
    [l, 0],
    [l * 0.9, -w * 0.5],
    [l, -w],
    [0, -w * 0.34],
  ];
  const path = closed(outline);
  shadowPath(brush, path, 1);
  brush.pen.path(path, {
    fill: linear({ 0: brush.third, 0.5: brush.main, 1: brush.third }, [0, 0, 1, 0]),
    stroke: darker(brush.main, 0.2),
    width: 0.6,
  });
  for (const y of [-0.2, 0.05, 0.26])
    brush.pen.path(
      line([
        [-l * 0.22, w * y],
        [l * 0.22, w * y * 0.8],
      ]),
      { stroke: darker(brush.main, 0.18), width: 0.9, opacity: 0.7 },
    );
  if (brush.random.next() < 0.5)
    brush.pen.path(dots(speckle(brush.random, 2, l * 0.7, w * 0.5)), { stroke: brush.second, width: 3.4 });
};

/** A slice of a rolled wrap: the turn of the bread, and what is rolled in. */
export const swirl: Recipe = (brush) => {
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  shadowEllipse(brush, rx, ry, 1.4);
  brush.pen.path(smooth(blob(brush.random, rx * 0.98, ry * 0.98, 12, 0.015)), {
    fill: brush.third,
    stroke: darker(brush.main, 0.25),
    width: 1.8,
  });
  const turns = 2.6;
  const spiral = Array.from({ length: 34 }, (_, i): Point => {
    const a = (i / 33) * turns * 2 * Math.PI;
    const k = 0.12 + (0.84 * i) / 33;
    return [rx * k * Math.cos(a), ry * k * Math.sin(a)];
  });
  brush.pen.path(smooth(spiral, false), { stroke: darker(brush.main, 0.14), width: 3.6 });
  brush.pen.path(smooth(spiral, false), { stroke: brush.main, width: 2.4 });
  brush.pen.path(dots(speckle(brush.random, 7, rx * 0.72, ry * 0.72)), {
    stroke: brush.second,
    width: 3.6,
    opacity: 0.95,
  });
};

/** Half a short cucumber, hollowed and filled. */
export const boat: Recipe = (brush) => {
  const [l, w] = [brush.l / 2, brush.w / 2];
  const path = smooth(pieceOutline('boat', brush.l, brush.w));
  shadowPath(brush, path, 1.6);
  brush.pen.path(path, { fill: brush.second, stroke: darker(brush.second, 0.25), width: 0.6 });
  brush.pen.ellipse(0, 0, l * 0.9, w * 0.78, { fill: brush.main });
  brush.pen.path(smooth(blob(brush.random, l * 0.8, w * 0.58, 12, 0.06)), {
    fill: radial({ 0: '#ffffff', 0.6: brush.third, 1: darker(brush.third, 0.08) }),
  });
  brush.pen.path(dots(speckle(brush.random, 9, l * 0.66, w * 0.4)), { stroke: '#4f8a34', width: 1.6 });
};

/** A stick with five pieces of fruit: red, yellow, green in turn. */
export const skewer: Recipe = (brush) => {
  const r = brush.w / 2;
  const step = (brush.l - brush.w) / 5;
  brush.pen.path(
    line([
      [-brush.l / 2, 0],
      [brush.l / 2, 0],
    ]),
    { stroke: '#caa46a', width: 2 },
  );
  const colours = [brush.main, brush.second, brush.third, brush.main, brush.second];
  colours.forEach((colour, i) => {
    const x = -brush.l / 2 + step * 0.75 + step * (i + 0.1);
    brush.pen.group(x, 0, 0, () => {
      shadowEllipse(brush, step * 0.5, r * 0.86);
      brush.pen.ellipse(0, 0, step * 0.52, r * 0.86, {
        fill: radial({ 0: paler(colour, 0.3), 0.55: colour, 1: darker(colour, 0.2) }),
      });
      brush.pen.ellipse(-step * 0.14, -r * 0.3, step * 0.12, r * 0.16, { fill: '#ffffff', opacity: 0.5 });
    });
  });
};

/** Half a small potato, roasted on its cut: brown at the edge, gold in the middle, with its skin around it and herbs on it. */
export const potatoHalf: Recipe = (brush) => {
  const { pen, random } = brush;
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  const potato = (k: number) => smooth(blob(random, rx * k, ry * k, 10, 0.05));
  shadowPath(brush, potato(1), 2.4);
  pen.path(potato(1), {
    fill: radial({ 0: brush.second, 0.86: brush.second, 1: darker(brush.second, 0.35) }),
  });
  pen.path(potato(0.88), {
    fill: radial({
      0: brush.third,
      0.45: mix(brush.third, brush.main, 0.55),
      0.8: brush.main,
      1: darker(brush.main, 0.28),
    }),
  });
  pen.path(dots(speckle(random, 9, rx * 0.62, ry * 0.62)), {
    stroke: darker(brush.second, 0.2),
    width: 1.3,
    opacity: 0.35,
  });
  const needles = speckle(random, 5, rx * 0.6, ry * 0.55).map(([x, y]): string => {
    const a = random.range(0, Math.PI);
    return line([
      [x, y],
      [x + 3.2 * Math.cos(a), y + 3.2 * Math.sin(a)],
    ]);
  });
  pen.path(needles.join(''), { stroke: '#4c6b34', width: 0.9, opacity: 0.9 });
};
