import type { Point } from '../../geometry/index.js';
import { blob, darker, dots, fromBoard, line, paler, smooth, speckle, type Brush } from '../brush.js';
import { linear, lit } from '../pen.js';

// what stands in a bowl and is neither a dip nor a salad, by how it is cut

export type Content = (brush: Brush, r: number) => void;

/** Olives, beans, onions: heaped, not smoothed. */
export const heap: Content = (brush, r) => {
  const piece = 8.4;
  const n = Math.round((r * r * 1.25) / (piece * piece * 0.72));
  brush.pen.ellipse(0, 0, r, r, { fill: darker(brush.second, 0.3) });
  for (let i = n - 1; i >= 0; i--) {
    const k = (r - piece * 0.75) * Math.sqrt((i + 0.5) / n);
    const [x, y] = [k * Math.cos(i * 2.399), k * Math.sin(i * 2.399)];
    brush.pen.ellipse(x + 0.7, y + 1.3, piece, piece * 0.8, { fill: '#1c0b02', opacity: 0.3 }, i * 47);
    brush.pen.ellipse(
      x,
      y,
      piece,
      piece * 0.8,
      { fill: lit({ 0: brush.third, 0.5: brush.main, 1: brush.second }, [0.36, 0.3, 0.5]) },
      i * 47,
    );
    if (i % 3 === 0)
      brush.pen.ellipse(x + piece * 0.4 * Math.cos(i), y + piece * 0.4 * Math.sin(i), 1.9, 1.5, {
        fill: darker(brush.second, 0.4),
        opacity: 0.8,
      });
  }
};

/** A place in the bowl, evenly spread. */
const within = (brush: Brush, r: number): Point => {
  const [k, a] = [r * Math.sqrt(brush.random.next()), brush.random.range(0, 6.28)];
  return [k * Math.cos(a), k * Math.sin(a)];
};

/** A strand that bends, around a place. */
function strand(brush: Brush, [x, y]: Point, half: number): Point[] {
  const a = brush.random.range(0, 6.28);
  const bend = brush.random.range(-0.9, 0.9) * half * 0.6;
  const [c, s] = [Math.cos(a), Math.sin(a)];
  return [
    [x - half * c, y - half * s],
    [x - bend * s, y + bend * c],
    [x + half * c, y + half * s],
  ];
}

/** Onions, cabbage and crab: fine strands that lie over each other. */
const shreds: Content = (brush, r) => {
  brush.pen.ellipse(0, 0, r, r, { fill: darker(brush.second, 0.25) });
  const half = r * 0.24;
  const layer = (count: number, colour: string, width: number, opacity = 1): void => {
    const strands = Array.from({ length: count }, () =>
      smooth(strand(brush, within(brush, r - half * 1.05), half), false),
    );
    brush.pen.path(strands.join(''), { stroke: colour, width, opacity });
  };
  layer(40, darker(brush.second, 0.1), r * 0.075);
  layer(44, brush.main, r * 0.07);
  layer(26, brush.second, r * 0.055, 0.8);
  layer(40, brush.main, r * 0.06);
  layer(26, brush.third, r * 0.04, 0.9);
};

/** Sardines, anchovies and herring: fillets side by side, with the line of the bone and their silver. */
const fillets: Content = (brush, r) => {
  const { pen, random } = brush;
  pen.ellipse(0, 0, r, r, { fill: darker(brush.second, 0.35) });
  pen.ellipse(0, 0, r * 0.97, r * 0.97, { fill: '#d8b95a', opacity: 0.35 });
  const wide = r * 0.17;
  const rows = Math.floor((r * 1.7) / (wide * 1.55));
  for (let i = 0; i < rows; i++) {
    const y = (i - (rows - 1) / 2) * wide * 1.55;
    const half = Math.sqrt(Math.max(0, (r * 0.95) ** 2 - (Math.abs(y) + wide) ** 2));
    if (half < wide) continue;
    const tilt = random.range(-0.05, 0.05) * half;
    const body: Point[] = [
      [-half, y + tilt],
      [-half * 0.4, y - wide],
      [half * 0.5, y - wide * 0.9],
      [half, y - tilt],
      [half * 0.5, y + wide * 0.9],
      [-half * 0.4, y + wide],
    ];
    pen.group(0.6, 1.3, 0, () => pen.path(smooth(body), { fill: '#1c0b02', opacity: 0.3 }));
    pen.path(smooth(body), {
      fill: linear({ 0: brush.second, 0.3: brush.main, 0.6: brush.third, 1: brush.main }, [0, 0, 0, 1]),
    });
    pen.path(
      line([
        [-half * 0.8, y + tilt * 0.8],
        [half * 0.85, y - tilt * 0.8],
      ]),
      { stroke: darker(brush.second, 0.2), width: 0.9, opacity: 0.55 },
    );
  }
};

/** Tuna, mushrooms, ginger: flat pieces of all sizes, heaped. */
const flakes: Content = (brush, r) => {
  const { pen, random } = brush;
  pen.ellipse(0, 0, r, r, { fill: darker(brush.second, 0.3) });
  const pieces = Math.round(26 + r * 0.5);
  for (let i = 0; i < pieces; i++) {
    const size = r * random.range(0.13, 0.22);
    const k = (r - size * 1.2) * Math.sqrt((i + 0.5) / pieces);
    const a = i * 2.399 + random.range(-0.2, 0.2);
    const [x, y] = [k * Math.cos(a), k * Math.sin(a)];
    const flake = smooth(
      blob(random, size * 1.15, size * 0.8, 7, 0.16).map(([u, v]): Point => [x + u, y + v]),
    );
    pen.group(0.6, 1.2, 0, () => pen.path(flake, { fill: '#1c0b02', opacity: 0.28 }));
    pen.path(flake, { fill: lit({ 0: brush.third, 0.5: brush.main, 1: brush.second }, [0.38, 0.32, 0.62]) });
    pen.path(smooth(strand(brush, [x, y], size * 0.5), false), {
      stroke: darker(brush.second, 0.1),
      width: 0.8,
      opacity: 0.5,
    });
  }
};

/** Roe: beads, each with its light. */
const beads: Content = (brush, r) => {
  const bead = r * 0.085;
  brush.pen.ellipse(0, 0, r, r, { fill: brush.second });
  for (const shade of [darker(brush.main, 0.15), brush.main, brush.main]) {
    const places = Array.from({ length: 120 }, () => within(brush, r - bead));
    brush.pen.path(dots(places), { stroke: darker(brush.second, 0.15), width: bead * 2.2, opacity: 0.55 });
    brush.pen.path(dots(places), { stroke: shade, width: bead * 1.9 });
    brush.pen.path(dots(places.map(([x, y]): Point => [x - bead * 0.3, y - bead * 0.35])), {
      stroke: paler(brush.third, 0.4),
      width: bead * 0.7,
      opacity: 0.85,
    });
  }
};

/** Pâté and rillettes: spread with a knife, coarse, with its furrows. */
const coarse: Content = (brush, r) => {
  const { pen, random } = brush;
  pen.ellipse(0, 0, r, r, {
    fill: lit({ 0: brush.third, 0.55: brush.main, 1: brush.second }, [0.4, 0.36, 0.64]),
  });
  const furrow = (y: number): Point[] =>
    [-0.85, -0.3, 0.3, 0.85].map((k): Point => {
      const half = Math.sqrt(Math.max(0, 1 - y * y)) * r;
      return [k * half, y * r + random.range(-0.06, 0.06) * r];
    });
  const lines = [-0.66, -0.36, -0.05, 0.26, 0.58].map((y) => smooth(furrow(y), false)).join('');
  pen.path(lines, { stroke: darker(brush.second, 0.12), width: r * 0.05, opacity: 0.45 });
  pen.group(0, -r * 0.05, 0, () =>
    pen.path(lines, { stroke: paler(brush.third, 0.25), width: r * 0.03, opacity: 0.6 }),
  );
  pen.path(dots(speckle(random, 46, r * 0.88, r * 0.88)), { stroke: brush.second, width: 2, opacity: 0.55 });
  pen.path(dots(speckle(random, 30, r * 0.88, r * 0.88)), { stroke: brush.third, width: 1.8, opacity: 0.8 });
};

/** A fresh cheese that fills its bowl: one soft ball, drawn together at its top, in a little whey. */
const wholeBall: Content = (brush, r) => {
  const { pen } = brush;
  pen.ellipse(0, 0, r, r, { fill: paler(brush.second, 0.1) });
  const [x, y] = fromBoard(brush, r * 0.03, r * 0.05);
  pen.ellipse(x, y, r * 0.86, r * 0.84, { fill: darker(brush.second, 0.25), opacity: 0.7 });
  pen.ellipse(0, 0, r * 0.84, r * 0.82, {
    fill: lit({ 0: brush.third, 0.55: brush.main, 1: darker(brush.second, 0.08) }, [0.38, 0.32, 0.66]),
  });
  const folds = [0.2, 1.3, 2.5, 3.6, 4.9].map((a) => {
    const point = (k: number, turn: number): Point => [
      r * k * Math.cos(a + turn),
      r * k * Math.sin(a + turn),
    ];
    return smooth([point(0.1, 0), point(0.26, 0.16), point(0.5, 0.1)], false);
  });
  pen.path(folds.join(''), { stroke: darker(brush.second, 0.16), width: r * 0.03, opacity: 0.55 });
  pen.ellipse(0, 0, r * 0.12, r * 0.1, {
    fill: brush.third,
    stroke: darker(brush.second, 0.15),
    width: 0.8,
  });
};

/** How a food looks in a bowl; what is on no list is heaped. */
const BY_CUT: readonly (readonly [Content, string])[] = [
  [shreds, 'pink-onions sauerkraut kimchi dressed-crab'],
  [fillets, 'sardines anchovy-fillets white-anchovies pickled-herring'],
  [flakes, 'tuna-in-oil marinated-mushrooms pickled-ginger octopus'],
  [beads, 'trout-roe'],
  [coarse, 'nduja liver-parfait duck-rillettes'],
  [wholeBall, 'burrata'],
];

/** All that is on a list. */
export const CUT_FOR_BOWLS = BY_CUT.flatMap(([, foods]) => foods.split(' '));

const CONTENTS = new Map<string, Content>(
  BY_CUT.flatMap(([content, foods]) => foods.split(' ').map((id): [string, Content] => [id, content])),
);

export const contentOf = (id: string): Content => CONTENTS.get(id) ?? heap;
