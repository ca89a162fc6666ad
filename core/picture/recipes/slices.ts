import {
  blob,
  darker,
  dots,
  mix,
  paler,
  shadowEllipse,
  shadowPath,
  smooth,
  speckle,
  line,
  type Recipe,
} from '../brush.js';
import { linear, radial } from '../pen.js';
import { pieceOutline, type Point } from '../../geometry/index.js';

/** A cross-cut: cucumber, radish, kiwi, potato. Skin, flesh, and seeds where the fruit has them. */
export const coin: Recipe = (brush) => {
  const r = brush.l / 2;
  shadowEllipse(brush, r, brush.w / 2, 1.2);
  const skinny = brush.component.family === 'vegetable' || brush.component.family === 'fresh-fruit';
  brush.pen.ellipse(0, 0, r, brush.w / 2, { fill: brush.second });
  brush.pen.ellipse(0, 0, r * 0.93, brush.w * 0.465, {
    fill: radial({
      0: skinny ? brush.third : paler(brush.main, 0.2),
      0.5: brush.main,
      1: darker(brush.main, 0.07),
    }),
  });
  if (brush.component.baseFood === 'dragon fruit') {
    // seeds all through its flesh
    brush.pen.path(dots(speckle(brush.random, 54, r * 0.84, brush.w * 0.42)), {
      stroke: '#241f22',
      width: 1.5,
      opacity: 0.9,
    });
  } else if (brush.component.weeps) {
    const kiwi = brush.component.baseFood === 'kiwi';
    const n = kiwi ? 16 : 9;
    const seeds = Array.from({ length: n }, (_, i): Point => {
      const a = (i / n) * 6.283 + brush.random.range(-0.1, 0.1);
      const k = r * (kiwi ? 0.42 : 0.46) * (1 + brush.random.range(-0.1, 0.1));
      return [k * Math.cos(a), k * Math.sin(a)];
    });
    if (kiwi) brush.pen.ellipse(0, 0, r * 0.24, r * 0.22, { fill: brush.third });
    brush.pen.path(dots(seeds), {
      stroke: kiwi ? '#26220f' : '#f7fbe6',
      width: kiwi ? 1.5 : 2.1,
      opacity: 0.9,
    });
    brush.pen.path(
      seeds
        .map(
          ([x, y]) =>
            `M${(x * 0.3).toFixed(1)} ${(y * 0.3).toFixed(1)}L${(x * 0.75).toFixed(1)} ${(y * 0.75).toFixed(1)}`,
        )
        .join(''),
      { stroke: paler(brush.main, 0.5), width: 0.7, opacity: 0.7 },
    );
  } else if (brush.component.texture === 'soft' || brush.component.job === 'vehicle') {
    brush.pen.path(dots(speckle(brush.random, 9, r * 0.75, r * 0.75)), {
      stroke: brush.second,
      width: 2.4,
      opacity: 0.4,
    });
  } else {
    const rays = Array.from({ length: 12 }, (_, i): Point[] => [
      [r * 0.2 * Math.cos(i * 0.5236), r * 0.2 * Math.sin(i * 0.5236)],
      [r * 0.74 * Math.cos(i * 0.5236), r * 0.74 * Math.sin(i * 0.5236)],
    ]);
    brush.pen.path(rays.map(line).join(''), {
      stroke: mix(brush.main, brush.second, 0.25),
      width: 0.5,
      opacity: 0.6,
    });
  }
};

/** A thin slice with its skin or rind along one long edge. */
export const fanSlice: Recipe = (brush) => {
  const [l, w] = [brush.l / 2, brush.w / 2];
  const shape: Point[] = [
    [-l, w * 0.5],
    [-l * 0.6, -w * 0.5],
    [0, -w * 0.94],
    [l * 0.6, -w * 0.5],
    [l, w * 0.5],
    [l * 0.5, w * 0.9],
    [-l * 0.5, w * 0.9],
  ];
  const path = smooth(shape);
  shadowPath(brush, path, 1.4);
  brush.pen.path(path, {
    fill: linear({ 0: paler(brush.main, 0.15), 0.6: brush.main, 1: brush.third }, [0, 0, 0, 1]),
    stroke: paler(brush.third, 0.3),
    width: 0.5,
  });
  brush.pen.path(smooth(shape.slice(0, 5), false), {
    stroke: brush.second,
    width: brush.component.family === 'cheese' ? 2.6 : 1.9,
  });
  if (brush.component.family === 'fresh-fruit')
    brush.pen.path(
      dots([
        [-2.6, w * 0.55],
        [2.6, w * 0.55],
      ]),
      { stroke: '#6b4423', width: 2, opacity: 0.8 },
    );
  else
    brush.pen.path(dots(speckle(brush.random, 5, l * 0.6, w * 0.4)), {
      stroke: darker(brush.main, 0.12),
      width: 1.4,
      opacity: 0.55,
    });
};

export const citrus: Recipe = (brush) => {
  const r = brush.l / 2;
  shadowEllipse(brush, r, brush.w / 2, 1.3);
  brush.pen.ellipse(0, 0, r, brush.w / 2, { fill: brush.second });
  brush.pen.ellipse(0, 0, r * 0.92, brush.w * 0.46, { fill: '#fff2d6' });
  const n = 9;
  const parts: string[] = [];
  for (let i = 0; i < n; i++) {
    const [a, e] = [(i / n) * 6.283 + 0.06, ((i + 1) / n) * 6.283 - 0.06];
    const [k, q] = [r * 0.1, r * 0.84];
    const m = (a + e) / 2;
    parts.push(
      smooth([
        [k * Math.cos(m), k * Math.sin(m)],
        [q * 0.9 * Math.cos(a), q * 0.9 * Math.sin(a)],
        [q * Math.cos(m), q * Math.sin(m)],
        [q * 0.9 * Math.cos(e), q * 0.9 * Math.sin(e)],
      ]),
    );
  }
  brush.pen.path(parts.join(''), {
    fill: radial({ 0: brush.third, 0.55: brush.main, 1: brush.second }),
  });
  brush.pen.path(dots(speckle(brush.random, 18, r * 0.7, r * 0.7)), {
    stroke: '#fff0c2',
    width: 1.1,
    opacity: 0.55,
  });
};

/** A quarter of a round fruit: skin along the arc, flesh within. */
export const quarter: Recipe = (brush) => {
  const outline = pieceOutline('quarter', brush.l, brush.w);
  const path = smooth(outline);
  shadowPath(brush, path);
  brush.pen.path(path, {
    fill: linear({ 0: brush.second, 0.3: brush.main, 1: paler(brush.third, 0.1) }),
  });
  brush.pen.path(
    line([
      [-brush.l * 0.4, brush.w * 0.42],
      [brush.l * 0.4, brush.w * 0.42],
    ]),
    { stroke: paler(brush.third, 0.4), width: 1, opacity: 0.8 },
  );
  brush.pen.ellipse(
    -brush.l * 0.12,
    -brush.w * 0.16,
    brush.l * 0.13,
    brush.w * 0.08,
    { fill: '#ffffff', opacity: 0.4 },
    -20,
  );
};

export const ring: Recipe = (brush) => {
  const outer = blob(brush.random, brush.l * 0.44, brush.w * 0.44, 9, 0.06);
  const path = smooth(outer);
  brush.pen.group(1, 1.7, 0, () => brush.pen.path(path, { stroke: '#1c0b02', width: 4.4, opacity: 0.28 }));
  brush.pen.path(path, { stroke: brush.second, width: 4.6 });
  brush.pen.path(path, { stroke: brush.main, width: 3.4 });
  brush.pen.path(path, { stroke: brush.third, width: 1 });
};

const POINTS = 5;

/** A slice across star fruit: five ribs, with a seed in each. */
export const starSlice: Recipe = (brush) => {
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  const star = (k: number): Point[] =>
    Array.from({ length: POINTS * 4 }, (_, i): Point => {
      const a = (i / (POINTS * 4)) * 2 * Math.PI;
      const reach = [1, 0.84, 0.5, 0.84][i % 4]! * k;
      return [rx * reach * Math.cos(a), ry * reach * Math.sin(a)];
    });
  shadowPath(brush, smooth(star(1)), 1.2);
  brush.pen.path(smooth(star(1)), { fill: brush.second });
  brush.pen.path(smooth(star(0.93)), {
    fill: radial({ 0: brush.third, 0.6: brush.main, 1: darker(brush.main, 0.06) }),
  });
  const ribs = Array.from({ length: POINTS }, (_, i) => (i / POINTS) * 2 * Math.PI);
  brush.pen.path(
    ribs
      .map((a) =>
        line([
          [0, 0],
          [rx * 0.78 * Math.cos(a), ry * 0.78 * Math.sin(a)],
        ]),
      )
      .join(''),
    {
      stroke: paler(brush.third, 0.45),
      width: 1.2,
      opacity: 0.8,
    },
  );
  brush.pen.path(
    dots(ribs.map((a): Point => [rx * 0.3 * Math.cos(a + 0.12), ry * 0.3 * Math.sin(a + 0.12)])),
    {
      stroke: '#6b4a1c',
      width: 2.1,
    },
  );
};

/** A leaf baked until it curls: ragged at its edge, lighter where it stands up. */
export const raggedCrisp: Recipe = (brush) => {
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  const edge = (k: number): Point[] =>
    Array.from({ length: 22 }, (_, i): Point => {
      const a = (i / 22) * 2 * Math.PI;
      const reach = k * (i % 2 ? 1 : 0.78) * (1 - brush.random.range(0, 0.12));
      return [rx * reach * Math.cos(a), ry * reach * 0.9 * Math.sin(a)];
    });
  const outer = smooth(edge(1));
  shadowPath(brush, outer, 2.2);
  brush.pen.path(outer, { fill: radial({ 0: darker(brush.second, 0.1), 0.6: brush.main, 1: brush.second }) });
  brush.pen.path(smooth(edge(0.72)), { fill: brush.third, opacity: 0.35 });
  const ribs = [0.3, 1.5, 2.7, 3.9, 5.2].map((a) =>
    line([
      [0, 0],
      [rx * 0.7 * Math.cos(a), ry * 0.62 * Math.sin(a)],
    ]),
  );
  brush.pen.path(ribs.join(''), { stroke: paler(brush.third, 0.3), width: 1.1, opacity: 0.7 });
};
