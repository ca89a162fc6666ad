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
function fat(brush: Brush, points: readonly Point[]): void {
  const cut = Math.floor(points.length * 0.6);
  brush.pen.path(dots(points.slice(0, cut)), { stroke: brush.third, width: 1, opacity: 0.85 });
  brush.pen.path(dots(points.slice(cut)), { stroke: brush.third, width: 1.9, opacity: 0.75 });
}

const lean = (brush: Brush): boolean =>
  brush.component.taste !== null && (brush.component.taste.richness ?? 0) <= 1;

export const quarterFold: Recipe = (brush) => {
  const base = pieceOutline('quarter-fold', brush.l, brush.w);
  // the open edge ruffles
  const ruffled = base.map(([x, y], i): Point =>
    i > 0 && i < base.length - 1 ? [x + (i % 2 === 0 ? 1.5 : -1.5), y] : [x, y],
  );
  const path = smooth(ruffled);
  shadowPath(brush, path, 1.5);
  brush.pen.path(path, {
    fill: linear(
      { 0: darker(brush.main, 0.32), 0.5: brush.main, 1: mix(brush.main, brush.second, 0.55) },
      [0, 0, 1, 0.2],
    ),
  });
  const folds = [-0.5, -0.08, 0.36].map((k): Point[] => [
    [-brush.l * 0.4, brush.w * 0.04 * k],
    [0, brush.w * 0.3 * k],
    [brush.l * 0.43, brush.w * 0.74 * k],
  ]);
  brush.pen.path(folds.map((fold) => smooth(fold, false)).join(''), {
    stroke: darker(brush.main, 0.42),
    width: 1.7,
    opacity: 0.55,
  });
  brush.pen.path(
    folds
      .map((fold) =>
        smooth(
          fold.map(([x, y]): Point => [x + 0.6, y - 1.5]),
          false,
        ),
      )
      .join(''),
    { stroke: paler(brush.second, 0.25), width: 0.8, opacity: 0.5 },
  );
  const spots = speckle(brush.random, lean(brush) ? 6 : 22, brush.l * 0.36, brush.w * 0.34).map(
    ([x, y]): Point => [x + brush.l * 0.1, y * ((x + brush.l * 0.6) / brush.l)],
  );
  fat(brush, spots);
  brush.pen.path(smooth(ruffled.slice(1, -1), false), {
    stroke: paler(brush.second, 0.35),
    width: 1.3,
    opacity: 0.9,
  });
};

/** A quarter whose open edge waves, its layers apart: what makes a chain of them look like a ruffle. */
export const nestedFold: Recipe = (brush) => {
  const [l, w] = [brush.l, brush.w];
  const sway = brush.random.range(0, 6);
  // each layer a fan from the fold, the lower ones a little longer
  const layer = (k: number, turn: number): Point[] => {
    const rim = pieceOutline('nested-fold', l, w).slice(1, -1);
    const waved = rim.map(([x, y], i): Point => [
      (x + l / 2) * k - l / 2 + Math.sin(i * 1.9 + sway + turn) * l * 0.03,
      y * (0.55 + 0.45 * k),
    ]);
    return [[-l / 2, -w * 0.15], ...waved, [-l / 2, w * 0.15]];
  };
  const layers = [1, 0.87, 0.74, 0.61].map((k, i) => layer(k, i * 2.4));
  shadowPath(brush, smooth(layers[0]!), 1.8);
  layers.forEach((points, i) => {
    if (i > 0) shadowPath(brush, smooth(points), 1);
    brush.pen.path(smooth(points), {
      fill: linear(
        {
          0: darker(brush.main, 0.4 - i * 0.04),
          0.6: darker(brush.main, 0.2),
          0.85: brush.main,
          1: mix(brush.main, brush.second, 0.45),
        },
        [0, 0, 1, 0.15],
      ),
    });
    const rim = points[Math.floor(points.length / 2)]![0] - l * 0.07;
    const spots = speckle(brush.random, lean(brush) ? 2 : 7, l * 0.05, w * (0.36 - i * 0.05));
    fat(
      brush,
      spots.map(([x, y]): Point => [x + rim - (y / w) ** 2 * l * 0.5, y]),
    );
    brush.pen.path(smooth(points.slice(1, -1), false), {
      stroke: paler(brush.second, 0.35),
      width: 1.4,
      opacity: 0.95,
    });
  });
};

/** A slice rolled to a cone: lit along its back, the lap as a line, and dark in its mouth. */
export const cone: Recipe = (brush) => {
  const [l, w] = [brush.l, brush.w];
  const outline = pieceOutline('cone', l, w);
  shadowPath(brush, smooth(outline), 2);
  const [, up] = fromBoard(brush, 0, -1);
  const lit = up <= 0 ? [0, 0, 0, 1] : [0, 1, 0, 0];
  brush.pen.path(smooth(outline), {
    fill: linear(
      {
        0: paler(mix(brush.main, brush.second, 0.35), 0.12),
        0.38: brush.main,
        1: darker(brush.main, 0.38),
      },
      lit as [number, number, number, number],
    ),
  });
  const spots = speckle(brush.random, lean(brush) ? 5 : 18, l * 0.36, w * 0.36);
  fat(
    brush,
    spots.map(([x, y]): Point => [x + l * 0.04, y * (0.5 + x / l)]),
  );
  const mouth = blob(brush.random, l * 0.1, w * 0.46, 11, 0.07).map(([x, y]): Point => [x + l * 0.37, y]);
  brush.pen.path(smooth(mouth), {
    fill: radial({ 0: darker(brush.main, 0.72), 0.7: darker(brush.main, 0.5), 1: darker(brush.main, 0.25) }),
    stroke: paler(brush.second, 0.3),
    width: 1.7,
  });
  // the end of the slice, rolled in
  brush.pen.path(
    smooth(
      [
        [l * 0.33, -w * 0.22],
        [l * 0.4, -w * 0.02],
        [l * 0.36, w * 0.2],
      ],
      false,
    ),
    { stroke: mix(brush.main, brush.second, 0.7), width: 1.6, opacity: 0.9 },
  );
  brush.pen.path(
    smooth(
      [
        [l * 0.3, w * 0.3],
        [-l * 0.05, w * 0.17],
        [-l * 0.46, 0],
      ],
      false,
    ),
    { stroke: darker(brush.main, 0.5), width: 1.2, opacity: 0.6 },
  );
};

export const ribbon: Recipe = (brush) => {
  const n = 7;
  const [l, w] = [brush.l, brush.w];
  const edge = (y: number, sway: number): Point[] =>
    Array.from({ length: n }, (_, i) => [
      -l / 2 + (l * i) / (n - 1),
      y + Math.sin(i * 1.9 + sway) * w * 0.09,
    ]);
  const sway = brush.random.range(0, 6);
  const top = edge(-w * 0.44, sway);
  const bottom = edge(w * 0.44, sway + 1);
  const path = smooth([...top, ...[...bottom].reverse()]);
  shadowPath(brush, path, 1.5);
  brush.pen.path(path, {
    fill: linear(
      {
        0: paler(brush.main, 0.28),
        0.35: brush.main,
        0.75: darker(brush.main, 0.12),
        1: darker(brush.main, 0.26),
      },
      [0, 0, 0, 1],
    ),
  });
  const fish = brush.component.family === 'fish';
  const bands = fish ? 6 : 3;
  const waves = Array.from({ length: bands }, (_, k): Point[] => {
    const y = -w * 0.34 + (w * 0.68 * (k + 0.5)) / bands;
    return Array.from({ length: n }, (_, i): Point => [
      -l / 2 + 2 + ((l - 4) * i) / (n - 1),
      y + Math.sin(i * 1.9 + sway + k) * w * 0.06,
    ]);
  });
  brush.pen.path(waves.map((wave) => smooth(wave, false)).join(''), {
    stroke: fish ? paler(brush.second, 0.3) : darker(brush.main, 0.35),
    width: fish ? 0.9 : 1.5,
    opacity: fish ? 0.75 : 0.42,
  });
  if (!fish)
    brush.pen.path(
      waves
        .slice(0, 2)
        .map((wave) =>
          smooth(
            wave.map(([x, y]): Point => [x, y + 2]),
            false,
          ),
        )
        .join(''),
      { stroke: paler(brush.third, 0.3), width: 0.9, opacity: 0.55 },
    );
  brush.pen.path(smooth(top, false), {
    stroke: lean(brush) ? paler(brush.third, 0.2) : brush.second,
    width: lean(brush) ? 1 : w * 0.13,
  });
  brush.pen.path(
    smooth(
      top.map(([x, y]): Point => [x, y - 0.8]),
      false,
    ),
    { stroke: '#ffffff', width: 0.7, opacity: 0.5 },
  );
};

export const rose: Recipe = (brush) => {
  const r = brush.l / 2;
  shadowEllipse(brush, r, r, 2.5);
  for (let ring = 0; ring < 4; ring++) {
    const k = 1 - ring * 0.24;
    const n = 11 - ring * 2;
    const petals = Array.from({ length: n * 2 }, (_, i): Point => {
      const a = (i / (n * 2)) * 6.283 + ring * 0.7;
      const q = r * k * (i % 2 === 0 ? 1 : 0.86) * (1 + brush.random.range(-0.03, 0.03));
      return [q * Math.cos(a), q * Math.sin(a)];
    });
    const path = smooth(petals);
    brush.pen.path(path, {
      fill: radial({
        0: darker(brush.main, 0.45),
        0.62: darker(brush.main, 0.12),
        1: mix(brush.main, brush.second, 0.6),
      }),
      stroke: paler(brush.second, 0.3),
      width: 1.1,
    });
    fat(
      brush,
      speckle(brush.random, 10, r * k * 0.9, r * k * 0.9).filter(([x, y]) => Math.hypot(x, y) > r * k * 0.6),
    );
  }
  brush.pen.path(
    smooth(
      [
        [-r * 0.1, 0],
        [0, -r * 0.12],
        [r * 0.12, 0],
        [0, r * 0.1],
      ],
      false,
    ),
    { stroke: paler(brush.second, 0.2), width: 1.4 },
  );
};

export const roundSlice: Recipe = (brush) => {
  const [rx, ry] = [brush.l / 2, brush.w / 2];
  const path = smooth(blob(brush.random, rx * 0.98, ry * 0.98, 11, 0.03));
  shadowPath(brush, path, 1.3);
  const meat = brush.component.family === 'cured-meat';
  const pale = brush.component.family === 'cheese';
  brush.pen.path(path, {
    fill: lit(
      { 0: paler(brush.main, 0.1), 0.8: brush.main, 1: darker(brush.main, pale ? 0.04 : 0.2) },
      [0.4, 0.36, 0.55],
    ),
    stroke: brush.second,
    width: meat ? 1.3 : 1.9,
  });
  if (meat) fat(brush, speckle(brush.random, 24, rx * 0.82, ry * 0.82));
  const [hx, hy] = fromBoard(brush, -0.3, -0.36);
  brush.pen.ellipse(
    hx * rx,
    hy * ry,
    rx * 0.3,
    ry * 0.16,
    { fill: '#ffffff', opacity: 0.16 },
    -30 - brush.angle,
  );
};

export const halfMoon: Recipe = (brush) => {
  const path = smooth(pieceOutline('half-moon', brush.l, brush.w));
  shadowPath(brush, path);
  brush.pen.path(path, { fill: brush.main, stroke: brush.second, width: 1 });
  fat(brush, speckle(brush.random, 9, brush.l * 0.3, brush.w * 0.28));
};

/** Dark where the ridges of the grill were. */
function grillMarks(brush: Brush): void {
  const [a, b] = [brush.l * 0.42, brush.w * 0.36];
  const marks = [-0.75, -0.25, 0.25, 0.75].map((k) =>
    line([
      [k * a - b * 0.5, -b],
      [k * a + b * 0.5, b],
    ]),
  );
  brush.pen.path(marks.join(''), { stroke: '#2c1608', width: 2.6, opacity: 0.5 });
  // flecks of what lay beside it on the grill
  for (const colour of [brush.main, brush.second, brush.third])
    brush.pen.path(dots(speckle(brush.random, 4, a, b)), { stroke: colour, width: 1.2, opacity: 0.8 });
}

export const longSlice: Recipe = (brush) => {
  const outline = pieceOutline('long-slice', brush.l, brush.w);
  const path = smooth(outline);
  shadowPath(brush, path);
  const grilled = brush.component.baseFood.startsWith('grilled');
  // of what is grilled together, each piece is one of them
  const one = grilled ? [brush.main, brush.second, brush.third][brush.nth % 3]! : brush.main;
  brush.pen.path(path, {
    fill: linear({ 0: paler(one, 0.2), 1: one }),
    stroke: grilled ? darker(one, 0.3) : brush.second,
    width: 1,
  });
  if (grilled) return grillMarks(brush);
  brush.pen.path(
    line([
      [-brush.l * 0.3, 0],
      [brush.l * 0.3, 0],
    ]),
    { stroke: brush.third, width: 1.2, opacity: 0.6 },
  );
};
