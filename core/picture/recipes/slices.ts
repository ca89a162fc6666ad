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
export const coin: Recipe = (b) => {
  const r = b.l / 2;
  shadowEllipse(b, r, b.w / 2, 1.2);
  const skinny = b.component.family === 'vegetable' || b.component.family === 'fresh-fruit';
  b.pen.ellipse(0, 0, r, b.w / 2, { fill: b.second });
  b.pen.ellipse(0, 0, r * 0.93, b.w * 0.465, {
    fill: radial({ 0: skinny ? b.third : paler(b.main, 0.2), 0.5: b.main, 1: darker(b.main, 0.07) }),
  });
  if (b.component.weeps) {
    const kiwi = b.component.baseFood === 'kiwi';
    const n = kiwi ? 16 : 9;
    const seeds = Array.from({ length: n }, (_, i): Point => {
      const a = (i / n) * 6.283 + b.random.range(-0.1, 0.1);
      const k = r * (kiwi ? 0.42 : 0.46) * (1 + b.random.range(-0.1, 0.1));
      return [k * Math.cos(a), k * Math.sin(a)];
    });
    if (kiwi) b.pen.ellipse(0, 0, r * 0.24, r * 0.22, { fill: b.third });
    b.pen.path(dots(seeds), { stroke: kiwi ? '#26220f' : '#f7fbe6', width: kiwi ? 1.5 : 2.1, opacity: 0.9 });
    b.pen.path(
      seeds
        .map(
          ([x, y]) =>
            `M${(x * 0.3).toFixed(1)} ${(y * 0.3).toFixed(1)}L${(x * 0.75).toFixed(1)} ${(y * 0.75).toFixed(1)}`,
        )
        .join(''),
      { stroke: paler(b.main, 0.5), width: 0.7, opacity: 0.7 },
    );
  } else if (b.component.texture === 'soft' || b.component.job === 'vehicle') {
    b.pen.path(dots(speckle(b.random, 9, r * 0.75, r * 0.75)), {
      stroke: b.second,
      width: 2.4,
      opacity: 0.4,
    });
  } else {
    const rays = Array.from({ length: 12 }, (_, i): Point[] => [
      [r * 0.2 * Math.cos(i * 0.5236), r * 0.2 * Math.sin(i * 0.5236)],
      [r * 0.74 * Math.cos(i * 0.5236), r * 0.74 * Math.sin(i * 0.5236)],
    ]);
    b.pen.path(rays.map(line).join(''), { stroke: mix(b.main, b.second, 0.25), width: 0.5, opacity: 0.6 });
  }
};

/** A thin slice with its skin or rind along one long edge. */
export const fanSlice: Recipe = (b) => {
  const [l, w] = [b.l / 2, b.w / 2];
  const shape: Point[] = [
    [-l, w * 0.5],
    [-l * 0.6, -w * 0.5],
    [0, -w * 0.94],
    [l * 0.6, -w * 0.5],
    [l, w * 0.5],
    [l * 0.5, w * 0.9],
    [-l * 0.5, w * 0.9],
  ];
  const d = smooth(shape);
  shadowPath(b, d, 1.4);
  b.pen.path(d, {
    fill: linear({ 0: paler(b.main, 0.15), 0.6: b.main, 1: b.third }, [0, 0, 0, 1]),
    stroke: paler(b.third, 0.3),
    width: 0.5,
  });
  b.pen.path(smooth(shape.slice(0, 5), false), {
    stroke: b.second,
    width: b.component.family === 'cheese' ? 2.6 : 1.9,
  });
  if (b.component.family === 'fresh-fruit')
    b.pen.path(
      dots([
        [-2.6, w * 0.55],
        [2.6, w * 0.55],
      ]),
      { stroke: '#6b4423', width: 2, opacity: 0.8 },
    );
  else
    b.pen.path(dots(speckle(b.random, 5, l * 0.6, w * 0.4)), {
      stroke: darker(b.main, 0.12),
      width: 1.4,
      opacity: 0.55,
    });
};

export const citrus: Recipe = (b) => {
  const r = b.l / 2;
  shadowEllipse(b, r, b.w / 2, 1.3);
  b.pen.ellipse(0, 0, r, b.w / 2, { fill: b.second });
  b.pen.ellipse(0, 0, r * 0.92, b.w * 0.46, { fill: '#fff2d6' });
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
  b.pen.path(parts.join(''), {
    fill: radial({ 0: b.third, 0.55: b.main, 1: b.second }),
  });
  b.pen.path(dots(speckle(b.random, 18, r * 0.7, r * 0.7)), { stroke: '#fff0c2', width: 1.1, opacity: 0.55 });
};

/** A quarter of a round fruit: skin along the arc, flesh within. */
export const quarter: Recipe = (b) => {
  const outline = pieceOutline('quarter', b.l, b.w);
  const d = smooth(outline);
  shadowPath(b, d);
  b.pen.path(d, {
    fill: linear({ 0: b.second, 0.3: b.main, 1: paler(b.third, 0.1) }),
  });
  b.pen.path(
    line([
      [-b.l * 0.4, b.w * 0.42],
      [b.l * 0.4, b.w * 0.42],
    ]),
    { stroke: paler(b.third, 0.4), width: 1, opacity: 0.8 },
  );
  b.pen.ellipse(-b.l * 0.12, -b.w * 0.16, b.l * 0.13, b.w * 0.08, { fill: '#ffffff', opacity: 0.4 }, -20);
};

export const ring: Recipe = (b) => {
  const outer = blob(b.random, b.l * 0.44, b.w * 0.44, 9, 0.06);
  const d = smooth(outer);
  b.pen.group(1, 1.7, 0, () => b.pen.path(d, { stroke: '#1c0b02', width: 4.4, opacity: 0.28 }));
  b.pen.path(d, { stroke: b.second, width: 4.6 });
  b.pen.path(d, { stroke: b.main, width: 3.4 });
  b.pen.path(d, { stroke: b.third, width: 1 });
};
