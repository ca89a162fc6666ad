import {
  blob,
  closed,
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
import { pieceOutline, type Point } from '../../shape/index.js';

/** A cross-cut: cucumber, radish, kiwi, potato. Skin, flesh, and seeds where the fruit has them. */
export const coin: Recipe = (b) => {
  const r = b.l / 2;
  shadowEllipse(b, r, b.w / 2, 1.2);
  const skinny = b.component.family === 'vegetable' || b.component.family === 'fresh-fruit';
  b.pen.ellipse(0, 0, r, b.w / 2, { fill: b.second });
  b.pen.ellipse(0, 0, r * 0.93, b.w * 0.465, {
    fill: {
      radial: [
        [0, skinny ? b.third : paler(b.main, 0.2)],
        [0.5, b.main],
        [1, darker(b.main, 0.07)],
      ],
    },
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
    fill: {
      linear: [
        [0, paler(b.main, 0.15)],
        [0.6, b.main],
        [1, b.third],
      ],
      x1: 0,
      y1: 0,
      x2: 0,
      y2: 1,
    },
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
    fill: {
      radial: [
        [0, b.third],
        [0.55, b.main],
        [1, b.second],
      ],
    },
  });
  b.pen.path(dots(speckle(b.random, 18, r * 0.7, r * 0.7)), { stroke: '#fff0c2', width: 1.1, opacity: 0.55 });
};

/** A quarter of a round fruit: skin along the arc, flesh within. */
export const quarter: Recipe = (b) => {
  const outline = pieceOutline('quarter', b.l, b.w);
  const d = smooth(outline);
  shadowPath(b, d);
  b.pen.path(d, {
    fill: {
      linear: [
        [0, b.second],
        [0.3, b.main],
        [1, paler(b.third, 0.1)],
      ],
    },
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
    fill: {
      linear: [
        [0, b.third],
        [0.4, b.main],
        [1, b.second],
      ],
    },
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
    fill: {
      linear: [
        [0, b.third],
        [0.4, b.main],
        [1, b.second],
      ],
    },
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
    fill: {
      radial: [
        [0, b.third],
        [0.5, b.main],
        [1, b.second],
      ],
      fx: 0.36,
      fy: 0.32,
      r: 0.6,
    },
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

export const nut: Recipe = (b) => {
  const [l, w] = [b.l / 2, b.w / 2];
  const curved = b.component.baseFood.includes('cashew');
  const shape: Point[] = curved
    ? [
        [-l, w * 0.5],
        [-l * 0.7, -w * 0.5],
        [0, -w * 0.95],
        [l * 0.7, -w * 0.5],
        [l, w * 0.55],
        [l * 0.5, w * 0.75],
        [0, w * 0.15],
        [-l * 0.5, w * 0.75],
      ]
    : [
        [-l, w * 0.05],
        [-l * 0.35, -w * 0.94],
        [l * 0.5, -w * 0.66],
        [l, 0],
        [l * 0.5, w * 0.66],
        [-l * 0.35, w * 0.94],
      ];
  const d = smooth(shape);
  shadowPath(b, d, 1.1);
  b.pen.path(d, {
    fill: {
      radial: [
        [0, b.third],
        [0.5, b.main],
        [0.92, b.second],
        [1, darker(b.second, 0.2)],
      ],
      fx: 0.36,
      fy: 0.3,
      r: 0.6,
    },
  });
  if (!curved)
    b.pen.path(
      [-0.42, 0, 0.42]
        .map((k) =>
          smooth(
            [
              [-l * 0.72, w * k * 0.5],
              [0, w * k],
              [l * 0.74, w * k * 0.4],
            ],
            false,
          ),
        )
        .join(''),
      { stroke: darker(b.second, 0.15), width: 0.6, opacity: 0.6 },
    );
  b.pen.ellipse(-l * 0.2, -w * 0.4, l * 0.3, w * 0.14, { fill: '#ffffff', opacity: 0.25 }, -14);
};

export const ridgedNut: Recipe = (b) => {
  const [l, w] = [b.l / 2, b.w / 2];
  const lobes = Array.from({ length: 12 }, (_, i): Point => {
    const a = (i / 12) * 6.283;
    const k = i % 2 === 0 ? 1 : 0.82;
    return [l * k * Math.cos(a), w * k * Math.sin(a) * (Math.abs(Math.cos(a)) < 0.2 ? 0.7 : 1)];
  });
  const d = smooth(lobes);
  shadowPath(b, d, 1.2);
  b.pen.path(d, {
    fill: {
      radial: [
        [0, b.third],
        [0.55, b.main],
        [1, b.second],
      ],
      fx: 0.36,
      fy: 0.3,
      r: 0.6,
    },
  });
  const folds = [-0.62, -0.3, 0.32, 0.64].map((k): Point[] => [
    [l * k, -w * 0.6],
    [l * (k + 0.1), -w * 0.2],
    [l * (k - 0.08), w * 0.16],
    [l * (k + 0.05), w * 0.58],
  ]);
  b.pen.path(folds.map((p) => smooth(p, false)).join(''), {
    stroke: darker(b.second, 0.1),
    width: 1.3,
    opacity: 0.75,
  });
  b.pen.path(
    smooth(
      [
        [-l * 0.04, -w * 0.7],
        [l * 0.05, 0],
        [-l * 0.03, w * 0.7],
      ],
      false,
    ),
    { stroke: darker(b.second, 0.3), width: 1.8, opacity: 0.8 },
  );
};

/** A pinch of seeds or chickpeas: one piece of the plan, about nine of them. */
export const seedPinch: Recipe = (b) => {
  const round = b.component.baseFood.includes('chickpea');
  const seeds: { x: number; y: number; a: number }[] = [];
  for (let i = 0; i < 10; i++) {
    const r = Math.sqrt((i + 0.4) / 10);
    const a = i * 2.4 + b.random.range(-0.3, 0.3);
    seeds.push({
      x: b.l * 0.42 * r * Math.cos(a),
      y: b.w * 0.42 * r * Math.sin(a),
      a: b.random.range(0, 180),
    });
  }
  b.pen.path(smooth(blob(b.random, b.l * 0.46, b.w * 0.46)), { fill: darker(b.second, 0.45), opacity: 0.5 });
  const [rx, ry] = round ? [4.4, 4] : [5.4, 2.9];
  for (const s of seeds) {
    b.pen.ellipse(
      s.x,
      s.y,
      rx,
      ry,
      {
        fill: {
          radial: [
            [0, b.third],
            [0.55, b.main],
            [1, b.second],
          ],
          fx: 0.36,
          fy: 0.3,
        },
        stroke: darker(b.second, 0.35),
        width: 0.5,
      },
      s.a,
    );
  }
};

export const leaf: Recipe = (b) => {
  const d = smooth(pieceOutline('leaf', b.l, b.w));
  shadowPath(b, d, 1.2);
  b.pen.path(d, {
    fill: {
      linear: [
        [0, b.third],
        [0.5, b.main],
        [1, b.second],
      ],
      x1: 0,
      y1: 0,
      x2: 1,
      y2: 1,
    },
    stroke: darker(b.second, 0.1),
    width: 0.4,
  });
  const [l, w] = [b.l / 2, b.w / 2];
  const veins: Point[][] = [
    [
      [-l * 0.95, 0],
      [l * 0.9, 0],
    ],
  ];
  for (const k of [-0.5, -0.15, 0.2, 0.5])
    for (const s of [-1, 1])
      veins.push([
        [l * k, 0],
        [l * (k + 0.26), s * w * 0.6 * (1 - Math.abs(k) * 0.5)],
      ]);
  b.pen.path(veins.map(line).join(''), { stroke: paler(b.third, 0.35), width: 0.7, opacity: 0.75 });
};

export const sprig: Recipe = (b) => {
  const l = b.l / 2;
  const stem: Point[] = [
    [-l, b.w * 0.06],
    [0, -b.w * 0.1],
    [l, b.w * 0.04],
  ];
  const needles: Point[][] = [];
  for (let i = 0; i < 19; i++) {
    const t = -0.92 + (i / 18) * 1.86;
    const [x, y] = [l * t, -b.w * 0.1 * (1 - t * t) + b.w * 0.05];
    const long = b.w * 0.46 * (1 - Math.max(0, t) * 0.55);
    for (const s of [-1, 1])
      needles.push([
        [x, y],
        [x + long * 0.75, y + s * long * b.random.range(0.75, 1)],
      ]);
  }
  const d = needles.map(line).join('');
  b.pen.group(0.9, 1.8, 0, () => b.pen.path(d, { stroke: '#1c0b02', width: 2.2, opacity: 0.28 }));
  b.pen.path(smooth(stem, false), { stroke: '#6d5a35', width: 1.7 });
  b.pen.path(d, { stroke: b.second, width: 2.1 });
  b.pen.path(d, { stroke: b.main, width: 1.3 });
  b.pen.path(
    needles
      .filter((_, i) => i % 2 === 0)
      .map(line)
      .join(''),
    { stroke: b.third, width: 0.6, opacity: 0.9 },
  );
};

export const flower: Recipe = (b) => {
  const r = b.l / 2;
  for (let i = 0; i < 5; i++) {
    const a = (i / 5) * 6.283;
    b.pen.ellipse(
      r * 0.5 * Math.cos(a),
      r * 0.5 * Math.sin(a),
      r * 0.46,
      r * 0.36,
      {
        fill: {
          radial: [
            [0, b.third],
            [1, b.main],
          ],
        },
        stroke: darker(b.main, 0.2),
        width: 0.4,
      },
      (a * 180) / Math.PI,
    );
  }
  b.pen.ellipse(0, 0, r * 0.2, r * 0.2, { fill: b.second });
  b.pen.path(
    closed([
      [0, 0],
      [r * 0.3, 0.6],
      [r * 0.3, -0.6],
    ]),
    { fill: darker(b.main, 0.3), opacity: 0.6 },
  );
};
