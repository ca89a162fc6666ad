import { lit, linear, radial } from '../pen.js';
import {
  blob,
  darker,
  dots,
  fromBoard,
  mix,
  paler,
  shadowPath,
  shadowEllipse,
  smooth,
  speckle,
  line,
  type Brush,
  type Recipe,
} from '../brush.js';
import { pieceOutline, type Point } from '../../geometry/index.js';

/** Flecks of fat, in two sizes, as two nodes. */
function fat(b: Brush, points: readonly Point[]): void {
  const cut = Math.floor(points.length * 0.6);
  b.pen.path(dots(points.slice(0, cut)), { stroke: b.third, width: 1, opacity: 0.85 });
  b.pen.path(dots(points.slice(cut)), { stroke: b.third, width: 1.9, opacity: 0.75 });
}

const lean = (b: Brush): boolean => b.component.taste !== null && (b.component.taste.richness ?? 0) <= 1;

export const quarterFold: Recipe = (b) => {
  const base = pieceOutline('quarter-fold', b.l, b.w);
  // the open edge ruffles
  const ruffled = base.map(([x, y], i): Point =>
    i > 0 && i < base.length - 1 ? [x + (i % 2 === 0 ? 1.5 : -1.5), y] : [x, y],
  );
  const d = smooth(ruffled);
  shadowPath(b, d, 1.5);
  b.pen.path(d, {
    fill: linear({ 0: darker(b.main, 0.32), 0.5: b.main, 1: mix(b.main, b.second, 0.55) }, [0, 0, 1, 0.2]),
  });
  const folds = [-0.5, -0.08, 0.36].map((k): Point[] => [
    [-b.l * 0.4, b.w * 0.04 * k],
    [0, b.w * 0.3 * k],
    [b.l * 0.43, b.w * 0.74 * k],
  ]);
  b.pen.path(folds.map((p) => smooth(p, false)).join(''), {
    stroke: darker(b.main, 0.42),
    width: 1.7,
    opacity: 0.55,
  });
  b.pen.path(
    folds
      .map((p) =>
        smooth(
          p.map(([x, y]): Point => [x + 0.6, y - 1.5]),
          false,
        ),
      )
      .join(''),
    { stroke: paler(b.second, 0.25), width: 0.8, opacity: 0.5 },
  );
  const spots = speckle(b.random, lean(b) ? 6 : 22, b.l * 0.36, b.w * 0.34).map(([x, y]): Point => [
    x + b.l * 0.1,
    y * ((x + b.l * 0.6) / b.l),
  ]);
  fat(b, spots);
  b.pen.path(smooth(ruffled.slice(1, -1), false), {
    stroke: paler(b.second, 0.35),
    width: 1.3,
    opacity: 0.9,
  });
};

export const ribbon: Recipe = (b) => {
  const n = 7;
  const [l, w] = [b.l, b.w];
  const edge = (y: number, sway: number): Point[] =>
    Array.from({ length: n }, (_, i) => [
      -l / 2 + (l * i) / (n - 1),
      y + Math.sin(i * 1.9 + sway) * w * 0.09,
    ]);
  const sway = b.random.range(0, 6);
  const top = edge(-w * 0.44, sway);
  const bottom = edge(w * 0.44, sway + 1);
  const d = smooth([...top, ...[...bottom].reverse()]);
  shadowPath(b, d, 1.5);
  b.pen.path(d, {
    fill: linear(
      { 0: paler(b.main, 0.28), 0.35: b.main, 0.75: darker(b.main, 0.12), 1: darker(b.main, 0.26) },
      [0, 0, 0, 1],
    ),
  });
  const fish = b.component.family === 'fish';
  const bands = fish ? 6 : 3;
  const waves = Array.from({ length: bands }, (_, k): Point[] => {
    const y = -w * 0.34 + (w * 0.68 * (k + 0.5)) / bands;
    return Array.from({ length: n }, (_, i): Point => [
      -l / 2 + 2 + ((l - 4) * i) / (n - 1),
      y + Math.sin(i * 1.9 + sway + k) * w * 0.06,
    ]);
  });
  b.pen.path(waves.map((p) => smooth(p, false)).join(''), {
    stroke: fish ? paler(b.second, 0.3) : darker(b.main, 0.35),
    width: fish ? 0.9 : 1.5,
    opacity: fish ? 0.75 : 0.42,
  });
  if (!fish)
    b.pen.path(
      waves
        .slice(0, 2)
        .map((p) =>
          smooth(
            p.map(([x, y]): Point => [x, y + 2]),
            false,
          ),
        )
        .join(''),
      { stroke: paler(b.third, 0.3), width: 0.9, opacity: 0.55 },
    );
  b.pen.path(smooth(top, false), {
    stroke: lean(b) ? paler(b.third, 0.2) : b.second,
    width: lean(b) ? 1 : w * 0.13,
  });
  b.pen.path(
    smooth(
      top.map(([x, y]): Point => [x, y - 0.8]),
      false,
    ),
    { stroke: '#ffffff', width: 0.7, opacity: 0.5 },
  );
};

export const rose: Recipe = (b) => {
  const r = b.l / 2;
  shadowEllipse(b, r, r, 2.5);
  for (let ring = 0; ring < 4; ring++) {
    const k = 1 - ring * 0.24;
    const n = 11 - ring * 2;
    const petals = Array.from({ length: n * 2 }, (_, i): Point => {
      const a = (i / (n * 2)) * 6.283 + ring * 0.7;
      const q = r * k * (i % 2 === 0 ? 1 : 0.86) * (1 + b.random.range(-0.03, 0.03));
      return [q * Math.cos(a), q * Math.sin(a)];
    });
    const d = smooth(petals);
    b.pen.path(d, {
      fill: radial({ 0: darker(b.main, 0.45), 0.62: darker(b.main, 0.12), 1: mix(b.main, b.second, 0.6) }),
      stroke: paler(b.second, 0.3),
      width: 1.1,
    });
    fat(
      b,
      speckle(b.random, 10, r * k * 0.9, r * k * 0.9).filter(([x, y]) => Math.hypot(x, y) > r * k * 0.6),
    );
  }
  b.pen.path(
    smooth(
      [
        [-r * 0.1, 0],
        [0, -r * 0.12],
        [r * 0.12, 0],
        [0, r * 0.1],
      ],
      false,
    ),
    { stroke: paler(b.second, 0.2), width: 1.4 },
  );
};

export const roundSlice: Recipe = (b) => {
  const [rx, ry] = [b.l / 2, b.w / 2];
  const d = smooth(blob(b.random, rx * 0.98, ry * 0.98, 11, 0.03));
  shadowPath(b, d, 1.3);
  const meat = b.component.family === 'cured-meat';
  const pale = b.component.family === 'cheese';
  b.pen.path(d, {
    fill: lit(
      { 0: paler(b.main, 0.1), 0.8: b.main, 1: darker(b.main, pale ? 0.04 : 0.2) },
      [0.4, 0.36, 0.55],
    ),
    stroke: b.second,
    width: meat ? 1.3 : 1.9,
  });
  if (meat) fat(b, speckle(b.random, 24, rx * 0.82, ry * 0.82));
  const [hx, hy] = fromBoard(b, -0.3, -0.36);
  b.pen.ellipse(hx * rx, hy * ry, rx * 0.3, ry * 0.16, { fill: '#ffffff', opacity: 0.16 }, -30 - b.angle);
};

export const halfMoon: Recipe = (b) => {
  const d = smooth(pieceOutline('half-moon', b.l, b.w));
  shadowPath(b, d);
  b.pen.path(d, { fill: b.main, stroke: b.second, width: 1 });
  fat(b, speckle(b.random, 9, b.l * 0.3, b.w * 0.28));
};

export const longSlice: Recipe = (b) => {
  const outline = pieceOutline('long-slice', b.l, b.w);
  const d = smooth(outline);
  shadowPath(b, d);
  b.pen.path(d, {
    fill: linear({ 0: paler(b.main, 0.2), 1: b.main }),
    stroke: b.second,
    width: 1,
  });
  b.pen.path(
    line([
      [-b.l * 0.3, 0],
      [b.l * 0.3, 0],
    ]),
    { stroke: b.third, width: 1.2, opacity: 0.6 },
  );
};
