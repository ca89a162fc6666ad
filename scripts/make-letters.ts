import { readFileSync, writeFileSync } from 'node:fs';
import opentype from 'opentype.js';
import clipping from 'polygon-clipping';
import simplify from 'simplify-js';
import { areaOf, ellipse, hypot2, signedArea, type Point } from '../core/geometry/index.js';
import { neckOf } from '../core/shape/neck.js';

/**
 * Letters and digits of the shipped font as cutters: `node --import tsx scripts/make-letters.ts`. A cutter is one bent strip,
 * so that the eye of an A or an O is joined to the outside by a slit where the stroke is thinnest.
 */
const SETS = { bold: 800, slim: 500 } as const;
const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789&';
const EM = 1000;
const CURVE_PARTS = 10;
const TOLERANCE = 1.5;
const SLIT = 8;

type Loop = Point[];

function loopsOf(path: opentype.Path): Loop[] {
  const loops: Loop[] = [];
  let at: Point = [0, 0];
  const to = (x: number, y: number): void => void loops.at(-1)!.push((at = [x, -y]));
  for (const c of path.commands) {
    if (c.type === 'M') {
      loops.push([]);
      to(c.x, c.y);
    } else if (c.type === 'L') to(c.x, c.y);
    else if (c.type === 'Q' || c.type === 'C') {
      const [x0, y0] = [at[0], -at[1]];
      for (let i = 1; i <= CURVE_PARTS; i++) {
        const t = i / CURVE_PARTS;
        const u = 1 - t;
        if (c.type === 'Q')
          to(u * u * x0 + 2 * u * t * c.x1 + t * t * c.x, u * u * y0 + 2 * u * t * c.y1 + t * t * c.y);
        else
          to(
            u ** 3 * x0 + 3 * u * u * t * c.x1 + 3 * u * t * t * c.x2 + t ** 3 * c.x,
            u ** 3 * y0 + 3 * u * u * t * c.y1 + 3 * u * t * t * c.y2 + t ** 3 * c.y,
          );
      }
    }
  }
  return loops.map(clean).filter((loop) => loop.length >= 3);
}

function clean(loop: Loop): Loop {
  const closed = [...loop, loop[0]!].map(([x, y]) => ({ x, y }));
  const kept = simplify(closed, TOLERANCE, true).map(({ x, y }): Point => [x, y]);
  return kept
    .slice(0, -1)
    .filter(([x, y], i, all) => i === 0 || hypot2(x - all[i - 1]![0], y - all[i - 1]![1]) > 0.5);
}

const turned = (loop: Loop, positive: boolean): Loop =>
  signedArea(loop) > 0 === positive ? loop : [...loop].reverse();

/** More corners, so that the slit may open nearly anywhere. */
const dense = (loop: Loop): Loop =>
  loop.flatMap((a, i): Loop => {
    const b = loop[(i + 1) % loop.length]!;
    const parts = Math.max(1, Math.round(hypot2(b[0] - a[0], b[1] - a[1]) / (SLIT * 2.5)));
    return Array.from({ length: parts }, (_, k): Point => [
      a[0] + ((b[0] - a[0]) * k) / parts,
      a[1] + ((b[1] - a[1]) * k) / parts,
    ]);
  });

/** A point of a loop opened into two, half a slit before and after it. */
function opened(loop: Loop, at: number): Loop {
  const n = loop.length;
  const p = loop[at]!;
  const toward = (q: Point): Point => {
    const d = hypot2(q[0] - p[0], q[1] - p[1]) || 1;
    const share = Math.min(0.45, SLIT / 2 / d);
    return [p[0] + (q[0] - p[0]) * share, p[1] + (q[1] - p[1]) * share];
  };
  const after = toward(loop[(at + 1) % n]!);
  const before = toward(loop[(at + n - 1) % n]!);
  const rest = Array.from({ length: n - 1 }, (_, k) => loop[(at + 1 + k) % n]!);
  return [after, ...rest, before];
}

function joined(outer: Loop, hole: Loop): Loop {
  const [a, b] = [dense(outer), dense(hole)];
  let best = { d: Infinity, i: 0, j: 0 };
  a.forEach((p, i) =>
    b.forEach((q, j) => {
      const d = hypot2(p[0] - q[0], p[1] - q[1]);
      if (d < best.d) best = { d, i, j };
    }),
  );
  return [...opened(a, best.i), ...opened(b, best.j)];
}

const BRIDGE = 190;
/** Where strokes only just meet, a patch of this radius makes them one. */
const [LEAST_NECK, PATCH, MOST_PATCHES] = [80, 72, 4];

/** A bar between the nearest corners of two parts, reaching into both. */
function bridge(a: clipping.Ring, b: clipping.Ring): clipping.Polygon {
  const [first, second] = [a, b].map((ring) => dense(ring.slice(0, -1))) as [Loop, Loop];
  const pairs = first.flatMap((p) => second.map((q) => ({ p, q, d: hypot2(p[0] - q[0], p[1] - q[1]) })));
  const { p, q, d } = pairs.reduce((least, pair) => (pair.d < least.d ? pair : least));
  const [ux, uy] = [(q[0] - p[0]) / d, (q[1] - p[1]) / d];
  const [nx, ny] = [(-uy * BRIDGE) / 2, (ux * BRIDGE) / 2];
  const [sx, sy, ex, ey] = [p[0] - ux * 60, p[1] - uy * 60, q[0] + ux * 60, q[1] + uy * 60];
  return [
    [
      [sx + nx, sy + ny],
      [ex + nx, ey + ny],
      [ex - nx, ey - ny],
      [sx - nx, sy - ny],
    ],
  ];
}

/** Strokes that overlap become one; an eye runs the other way round than its stroke. */
function outlineOf(font: opentype.Font, letter: string): Loop {
  const loops = loopsOf(font.charToGlyph(letter).getPath(0, 0, EM)).sort((a, b) => areaOf(b) - areaOf(a));
  const way = Math.sign(signedArea(loops[0]!));
  const ring = (loop: Loop): [number, number][][] => [loop.map(([x, y]) => [x, y])];
  const strokes = loops.filter((loop) => Math.sign(signedArea(loop)) === way).map(ring);
  const eyes = loops.filter((loop) => Math.sign(signedArea(loop)) !== way).map(ring);
  let shape = clipping.difference(clipping.union(strokes[0]!, ...strokes.slice(1)), ...eyes);
  // what only stands beside its stem is joined to it: a cutter is one strip
  while (shape.length > 1) shape = clipping.union(shape, bridge(shape[0]![0]!, shape[1]![0]!));
  for (let times = 0; times < MOST_PATCHES; times++) {
    const { neckMm, at } = neckOf(shape[0]![0]!.slice(0, -1));
    if (neckMm >= LEAST_NECK) break;
    shape = clipping.union(shape, [
      ellipse(2 * PATCH, 2 * PATCH, 24).map(([x, y]): [number, number] => [x + at[0], y + at[1]]),
    ]);
  }
  const [outer, ...holes] = shape[0]!.map((closed) => closed.slice(0, -1).map(([x, y]): Point => [x, y]));
  const one = holes.reduce((now, hole) => joined(now, turned(hole, false)), turned(outer!, true));
  return clean(one).map(([x, y]): Point => [Math.round(x), Math.round(y)]);
}

const text = Object.entries(SETS).map(([set, weight]) => {
  const file = readFileSync(
    new URL(
      `../node_modules/@fontsource/alegreya-sans/files/alegreya-sans-latin-${weight}-normal.woff`,
      import.meta.url,
    ),
  );
  const font = opentype.parse(file.buffer.slice(file.byteOffset, file.byteOffset + file.byteLength));
  const rows = [...LETTERS].map(
    (letter) => `    '${letter}': '${outlineOf(font, letter).flat().join(' ')}',`,
  );
  return `  ${set}: {\n${rows.join('\n')}\n  },`;
});
writeFileSync(
  new URL('../core/shape/cutters/letters-data.ts', import.meta.url),
  `// Made by scripts/make-letters.ts from Alegreya Sans (SIL Open Font License), which ships with the app: x and y of each corner
// in thousandths of the em, y upwards, one strip a letter. Changed there, not here.
export const LETTERS = {
${text.join('\n')}
} as const;
`,
);
