import type { Point, Polygon } from '../../geometry/index.js';
import { arc, around, mirrored, petals, regular, smooth, star } from './draw.js';
import {
  clover,
  comet,
  fish,
  whale,
  shell,
  boat,
  wave,
  anchor,
  oakLeaf,
  tulip,
  fir,
  apple,
  pear,
  mushroom,
  butterfly,
  bird,
  hare,
  cat,
  bear,
  snail,
  crown,
  bell,
  key,
  lantern,
} from './figures.js';

/** Where a cutter is found: drawers of a workshop. */
export type CutterGroup =
  | 'round'
  | 'star'
  | 'heart'
  | 'sky'
  | 'sea'
  | 'garden'
  | 'animal'
  | 'thing'
  | 'plain'
  | 'letter';

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
