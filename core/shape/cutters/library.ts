import type { Point, Polygon } from '../../geometry/index.js';
import { arc, around, mirrored, petals, regular, smooth, star } from './draw.js';

/** Where a cutter is found: drawers of a workshop. */
export type CutterGroup =
  'round' | 'star' | 'heart' | 'sky' | 'sea' | 'garden' | 'animal' | 'thing' | 'plain';

export interface Cutter {
  id: string;
  name: string;
  group: CutterGroup;
  /** In any unit, about any point. */
  outline: Polygon;
  /** A size is the circle through its tips, not the larger side of the rectangle around it. */
  byTips?: boolean;
}

const cutter = (group: CutterGroup, id: string, name: string, outline: Polygon, byTips = false): Cutter => ({
  id,
  name,
  group,
  outline,
  ...(byTips ? { byTips } : {}),
});

/** A disc from which another one is cut: the moon's horns. */
function crescent(inner: number, shift: number): Point[] {
  const x = (1 - inner * inner + shift * shift) / (2 * shift);
  const y = Math.sqrt(1 - x * x);
  const deg = 180 / Math.PI;
  const outerEnd = Math.atan2(y, x) * deg;
  const innerEnd = Math.atan2(y, x - shift) * deg;
  return [
    ...arc(0, 0, 1, outerEnd, 360 - outerEnd, 32),
    ...arc(shift, 0, inner, 360 - innerEnd, innerEnd, 20).slice(1, -1),
  ];
}

/** Two arcs that meet in points. */
function lens(length: number, width: number, parts = 20): Point[] {
  const off = (length * length - width * width) / (4 * width);
  const end = (Math.atan2(length / 2, off) * 180) / Math.PI;
  const r = off + width / 2;
  return [
    ...arc(0, -off, r, 90 + end, 90 - end, parts).slice(0, -1),
    ...arc(0, off, r, -90 + end, -90 - end, parts).slice(0, -1),
  ];
}

const heart = (points = 48): Point[] =>
  Array.from({ length: points }, (_, i): Point => {
    const t = (2 * Math.PI * i) / points;
    return [
      16 * Math.sin(t) ** 3,
      13 * Math.cos(t) - 5 * Math.cos(2 * t) - 2 * Math.cos(3 * t) - Math.cos(4 * t),
    ];
  });

/** Teeth as blunt blocks on a wheel; radii of foot and head. */
const gear = (teeth: number, foot: number, head: number): Point[] =>
  Array.from({ length: teeth }, (_, i) => {
    const step = 360 / teeth;
    return [
      [-0.25, foot],
      [-0.15, head],
      [0.15, head],
      [0.25, foot],
    ].map(([share, r]): Point => {
      const t = ((i + share!) * step * Math.PI) / 180;
      return [r! * Math.cos(t), r! * Math.sin(t)];
    });
  }).flat();

const drop: Point[] = mirrored([
  [0, 30],
  [2.5, 23],
  [6.5, 14],
  [9.4, 7],
  ...arc(0, 0, 10, 20, -90, 16).slice(1),
]);

const cloud: Point[] = [
  ...arc(-10, 0, 7, 270, 100, 14),
  ...arc(0, 5, 9, 160, 30, 14),
  ...arc(11, 0, 7, 75, -90, 14),
];

const flame: Point[] = smooth([
  [0, 17],
  [0, 17],
  [3, 10],
  [8, 4],
  [9, -4],
  [5, -10],
  [0, -12],
  [-5, -10],
  [-9, -4],
  [-7, 3],
  [-5, 6],
  [-3, 3],
  [-2, 10],
]);

/** Our own outlines. Each is drawn for cheese and fruit: no limb thinner than a tenth of the whole. */
export const CUTTERS: readonly Cutter[] = [
  cutter(
    'round',
    'disc',
    'Disc',
    around(96, () => 1),
  ),
  cutter(
    'round',
    'oval',
    'Oval',
    around(72, () => 1).map(([x, y]): Point => [x * 1.4, y]),
  ),
  cutter('round', 'half-disc', 'Half disc', arc(0, 0, 1, 0, 180, 36)),
  cutter('round', 'quarter-disc', 'Quarter disc', [[0, 0], ...arc(0, 0, 1, 0, 90, 24)]),
  cutter(
    'round',
    'egg',
    'Egg',
    around(72, (t) => 1 - 0.12 * Math.cos(2 * Math.PI * t)).map(([x, y]): Point => [x * 0.84, y]),
  ),
  cutter(
    'round',
    'wavy-disc',
    'Wavy disc',
    around(120, (t) => 1 + 0.05 * Math.cos(24 * Math.PI * t)),
    true,
  ),

  cutter('star', 'star-4', 'Star of four', star(4, 0.42), true),
  cutter('star', 'star', 'Star of five', star(5, 0.45), true),
  cutter('star', 'star-6', 'Star of six', star(6, 0.577), true),
  cutter('star', 'star-7', 'Star of seven', star(7, 0.6), true),
  cutter('star', 'star-8', 'Star of eight', star(8, 0.68), true),

  cutter('heart', 'heart', 'Heart', heart()),
  cutter(
    'heart',
    'broad-heart',
    'Broad heart',
    heart().map(([x, y]): Point => [x * 1.2, y * 0.9]),
  ),
  cutter('heart', 'clover', 'Clover', clover()),

  cutter('sky', 'crescent', 'Crescent', crescent(14 / 17, 8 / 17)),
  cutter('sky', 'thin-crescent', 'Thin crescent', crescent(0.86, 0.34)),
  cutter('sky', 'sun', 'Sun', star(12, 0.74), true),
  cutter('sky', 'cloud', 'Cloud', cloud),
  cutter('sky', 'comet', 'Comet', comet()),
  cutter('sky', 'bolt', 'Lightning', [
    [2, 15],
    [9, 15],
    [4, 4],
    [9, 4],
    [-4, -15],
    [-1, -2],
    [-7, -2],
  ]),
  cutter('sky', 'kite', 'Kite', [
    [0, 14],
    [9, 4],
    [0, -16],
    [-9, 4],
  ]),

  cutter('sea', 'fish', 'Fish', fish()),
  cutter('sea', 'whale', 'Whale', whale()),
  cutter('sea', 'shell', 'Shell', shell()),
  cutter('sea', 'boat', 'Boat', boat()),
  cutter('sea', 'wave', 'Wave', wave()),
  cutter('sea', 'anchor', 'Anchor', anchor()),

  cutter('garden', 'drop', 'Drop', drop),
  cutter('garden', 'leaf', 'Leaf', lens(40, 18)),
  cutter('garden', 'oak-leaf', 'Oak leaf', oakLeaf()),
  cutter('garden', 'flower-5', 'Flower of five', petals(5, 0.34), true),
  cutter('garden', 'flower-6', 'Flower of six', petals(6, 0.3), true),
  cutter('garden', 'flower-8', 'Flower of eight', petals(8, 0.24), true),
  cutter('garden', 'tulip', 'Tulip', tulip()),
  cutter('garden', 'fir', 'Fir', fir()),
  cutter('garden', 'apple', 'Apple', apple()),
  cutter('garden', 'pear', 'Pear', pear()),
  cutter('garden', 'mushroom', 'Mushroom', mushroom()),

  cutter('animal', 'butterfly', 'Butterfly', butterfly()),
  cutter('animal', 'bird', 'Bird', bird()),
  cutter('animal', 'hare', 'Hare', hare()),
  cutter('animal', 'cat', 'Cat', cat()),
  cutter('animal', 'bear', 'Bear', bear()),
  cutter('animal', 'snail', 'Snail', snail()),

  cutter('thing', 'crown', 'Crown', crown()),
  cutter('thing', 'gear', 'Gear', gear(10, 20, 26), true),
  cutter('thing', 'gear-8', 'Gear of eight', gear(8, 19, 26), true),
  cutter('thing', 'bell', 'Bell', bell()),
  cutter('thing', 'key', 'Key', key()),
  cutter('thing', 'house', 'House', [
    [0, 14],
    [13, 3],
    [10, 3],
    [10, -12],
    [-10, -12],
    [-10, 3],
    [-13, 3],
  ]),
  cutter('thing', 'lantern', 'Lantern', lantern()),
  cutter('thing', 'flame', 'Flame', flame),
  cutter('thing', 'spool', 'Spool', [
    [-10, 13],
    [10, 13],
    [10, 8],
    [6, 5],
    [6, -5],
    [10, -8],
    [10, -13],
    [-10, -13],
    [-10, -8],
    [-6, -5],
    [-6, 5],
    [-10, 8],
  ]),

  cutter('plain', 'square', 'Square', [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ]),
  cutter('plain', 'oblong', 'Oblong', [
    [-1.6, -1],
    [1.6, -1],
    [1.6, 1],
    [-1.6, 1],
  ]),
  cutter('plain', 'triangle', 'Triangle', regular(3)),
  cutter('plain', 'diamond', 'Diamond', [
    [0, 1.5],
    [1, 0],
    [0, -1.5],
    [-1, 0],
  ]),
  cutter('plain', 'hexagon', 'Hexagon', regular(6)),
  cutter('plain', 'octagon', 'Octagon', regular(8)),
  cutter('plain', 'cross', 'Cross', [
    [-1, -3],
    [1, -3],
    [1, -1],
    [3, -1],
    [3, 1],
    [1, 1],
    [1, 3],
    [-1, 3],
    [-1, 1],
    [-3, 1],
    [-3, -1],
    [-1, -1],
  ]),
  cutter('plain', 'arch', 'Arch', [[-10, -12], [10, -12], ...arc(0, 2, 10, 0, 180, 24)]),
  cutter('plain', 'arrow', 'Arrow', [
    [0, 15],
    [11, 2],
    [5, 2],
    [5, -14],
    [-5, -14],
    [-5, 2],
    [-11, 2],
  ]),
  cutter('plain', 'block-e', 'Block letter E', [
    [0, 0],
    [18, 0],
    [18, 5],
    [6, 5],
    [6, 10],
    [15, 10],
    [15, 15],
    [6, 15],
    [6, 20],
    [18, 20],
    [18, 25],
    [0, 25],
  ]),
];

function clover(): Point[] {
  return [
    ...arc(0, 7, 7, -35, 215, 20),
    ...arc(-7.5, -4, 7, 85, 320, 20),
    [-2, -8],
    [-3, -16],
    [3, -16],
    [2, -8],
    ...arc(7.5, -4, 7, 220, 455, 20),
  ];
}

function comet(): Point[] {
  const head = star(5, 0.5).map(([x, y]): Point => [x * 10 - 8, y * 10 - 4]);
  // the tail leaves between the two tips on its right
  const [top, , , , , , , , right, corner] = head as [
    Point,
    Point,
    Point,
    Point,
    Point,
    Point,
    Point,
    Point,
    Point,
    Point,
  ];
  return [
    top,
    ...head.slice(1, 8),
    right,
    [18, 2],
    [9, 5],
    [20, 12],
    [8, 9],
    [10, 15],
    ...(corner ? [corner] : []),
  ];
}

function fish(): Point[] {
  return smooth([
    [-18, 0],
    [-18, 0],
    [-12, 6.5],
    [-3, 8.5],
    [6, 5],
    [10, 2.5],
    [18, 9],
    [18, 9],
    [15.5, 0],
    [18, -9],
    [18, -9],
    [10, -2.5],
    [6, -5],
    [-3, -8.5],
    [-12, -6.5],
  ]);
}

function whale(): Point[] {
  return smooth([
    [-18, -2],
    [-17, 5],
    [-11, 9],
    [-2, 9],
    [6, 5],
    [11, 2],
    [13, 6],
    [10, 12],
    [10, 12],
    [15.5, 10],
    [21, 12],
    [21, 12],
    [18.5, 5],
    [17, -2],
    [10, -8],
    [0, -10],
    [-11, -9],
    [-16, -6],
  ]);
}

function shell(): Point[] {
  const scallops = Array.from({ length: 5 }, (_, i) => {
    const t = 18 + i * 36;
    const [x, y] = [13 * Math.cos((t * Math.PI) / 180), 13 * Math.sin((t * Math.PI) / 180)];
    return arc(x, y, 4.6, t - 75, t + 75, 8);
  }).flat();
  return [...scallops, [-8, -5], [-6, -10], [6, -10], [8, -5]];
}

function boat(): Point[] {
  return [
    [-16, -4],
    [-1.8, -4],
    [-1.8, -1],
    [-12, -1],
    [-1.8, 17],
    [1.8, 17],
    [13, -1],
    [1.8, -1],
    [1.8, -4],
    [17, -4],
    [11, -13],
    [-11, -13],
  ];
}

function wave(): Point[] {
  return smooth([
    [-18, -9],
    [-18, -9],
    [-14, 0],
    [-6, 8],
    [4, 10],
    [11, 6],
    [12, 0],
    [8, -2],
    [5, 1],
    [5, 1],
    [2, -1],
    [3, -6],
    [9, -9],
    [18, -9],
    [18, -9],
    [18, -14],
    [18, -14],
    [-18, -14],
    [-18, -14],
  ]);
}

function anchor(): Point[] {
  return mirrored([
    [0, 18],
    ...arc(0, 13.5, 4.5, 80, -50, 10),
    [2.2, 7.5],
    [8, 7.5],
    [8, 3.5],
    [2.2, 3.5],
    [2.2, -9],
    [7, -7],
    [9.5, -3.5],
    [7, -2],
    [15, 1],
    [16, -7],
    [13, -5.5],
    [9, -11],
    [0, -15],
  ]);
}

function oakLeaf(): Point[] {
  return smooth(
    mirrored([
      [0, 20],
      [5, 17],
      [4, 13],
      [9, 11],
      [10, 6],
      [6, 4],
      [11, 1],
      [11, -4],
      [6, -5],
      [7, -9],
      [2, -12],
      [2, -18],
      [0, -18.5],
    ]),
  );
}

function tulip(): Point[] {
  return smooth([
    [-10, 14],
    [-10, 14],
    [-5, 9],
    [0, 15],
    [0, 15],
    [5, 9],
    [10, 14],
    [10, 14],
    [11, 2],
    [7, -7],
    [2.5, -9],
    [2.5, -17],
    [2.5, -17],
    [-2.5, -17],
    [-2.5, -17],
    [-2.5, -9],
    [-7, -7],
    [-11, 2],
  ]);
}

function fir(): Point[] {
  return mirrored([
    [0, 18],
    [7, 7],
    [4, 7],
    [10, -2],
    [6, -2],
    [13, -12],
    [3, -12],
    [3, -18],
  ]);
}

function apple(): Point[] {
  return smooth([
    [0, 8],
    [1.5, 15],
    [1.5, 15],
    [4.5, 14],
    [4.5, 14],
    [4, 9.5],
    [10, 10],
    [13, 3],
    [11, -6],
    [5, -12],
    [0, -11],
    [-5, -12],
    [-11, -6],
    [-13, 3],
    [-10, 10],
    [-4, 10],
  ]);
}

function pear(): Point[] {
  return smooth([
    [-1.5, 18],
    [-1.5, 18],
    [1.5, 18],
    [1.5, 18],
    [3.5, 12],
    [5.5, 6],
    [9.5, 0],
    [11, -7],
    [7, -13],
    [0, -14],
    [-7, -13],
    [-11, -7],
    [-9.5, 0],
    [-5.5, 6],
    [-3.5, 12],
  ]);
}

function mushroom(): Point[] {
  return [...arc(0, 0, 13, 0, 180, 28), [-12, -3], [-4.5, -3], [-5.5, -13], [5.5, -13], [4.5, -3], [12, -3]];
}

function butterfly(): Point[] {
  return smooth(
    mirrored([
      [0, 6],
      [4, 10],
      [12, 13],
      [16, 8],
      [13, 1],
      [7, -1],
      [11, -6],
      [9, -12],
      [4, -11],
      [1.8, -6],
      [0, -9],
    ]),
  );
}

function bird(): Point[] {
  return smooth([
    [-17, 5],
    [-17, 5],
    [-12, 9],
    [-6, 9],
    [-1, 5],
    [8, 4],
    [19, 8],
    [19, 8],
    [15, 1],
    [9, -5],
    [1, -10],
    [-7, -8],
    [-11, -1],
    [-12, 4],
  ]);
}

function hare(): Point[] {
  return smooth(
    mirrored([
      [0, 5],
      [2.5, 7],
      [4, 15],
      [7.5, 19],
      [10, 14],
      [8, 6],
      [10, 0],
      [9, -7],
      [0, -12],
    ]),
  );
}

function cat(): Point[] {
  return mirrored([[0, 8], [4, 8], [11, 15], [12, 4], ...arc(0, -1, 12.5, 15, -90, 18)]);
}

function bear(): Point[] {
  return mirrored([[0, 10.5], ...arc(9, 9, 5, 150, -60, 14), ...arc(0, -1, 12.5, 25, -90, 18)]);
}

function snail(): Point[] {
  return smooth([
    [-18, -9],
    [-16, 2],
    [-17, 8],
    [-13, 9],
    [-11, 2],
    [-9, -3],
    [-6, 5],
    [1, 10],
    [9, 8],
    [13, 1],
    [12, -5],
    [19, -9],
    [19, -9],
    [17, -12],
    [-15, -12],
  ]);
}

function crown(): Point[] {
  return mirrored([
    [0, 13],
    [5, 3],
    [14, 10],
    [11, -10],
  ]);
}

function bell(): Point[] {
  return mirrored([
    [0, 16],
    ...arc(0, 12.6, 3.4, 80, -30, 8),
    [5, 9.5],
    [7.5, 6],
    [8.6, 1],
    [9.2, -4],
    [13.5, -9],
    [13.5, -11],
    ...arc(0, -11, 4, 0, -90, 8),
  ]);
}

function key(): Point[] {
  return [
    ...arc(-12, 0, 8, 25, 335, 30),
    [6, -3.4],
    [6, -9],
    [10, -9],
    [10, -3.4],
    [13, -3.4],
    [13, -9],
    [17, -9],
    [17, 3.4],
  ];
}

function lantern(): Point[] {
  return mirrored([
    [0, 19],
    [3.5, 18],
    [3.5, 13],
    [10, 9],
    [8, 7],
    [9, -9],
    [11, -12],
    [11, -15],
  ]);
}
