import type { Point } from '../../geometry/index.js';
import { arc, mirrored, smooth, star } from './draw.js';

/** Animals, plants and things, each drawn by its points or by arcs; y upwards, in any unit. */

export function clover(): Point[] {
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

export function comet(): Point[] {
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

export function fish(): Point[] {
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

export function whale(): Point[] {
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

export function shell(): Point[] {
  const scallops = Array.from({ length: 5 }, (_, i) => {
    const t = 18 + i * 36;
    const [x, y] = [13 * Math.cos((t * Math.PI) / 180), 13 * Math.sin((t * Math.PI) / 180)];
    return arc(x, y, 4.6, t - 75, t + 75, 8);
  }).flat();
  return [...scallops, [-8, -5], [-6, -10], [6, -10], [8, -5]];
}

export function boat(): Point[] {
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

export function wave(): Point[] {
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

export function anchor(): Point[] {
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

export function oakLeaf(): Point[] {
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

export function tulip(): Point[] {
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

export function fir(): Point[] {
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

export function apple(): Point[] {
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

export function pear(): Point[] {
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

export function mushroom(): Point[] {
  return [...arc(0, 0, 13, 0, 180, 28), [-12, -3], [-4.5, -3], [-5.5, -13], [5.5, -13], [4.5, -3], [12, -3]];
}

export function butterfly(): Point[] {
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

export function bird(): Point[] {
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

export function hare(): Point[] {
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

export function cat(): Point[] {
  return mirrored([[0, 8], [4, 8], [11, 15], [12, 4], ...arc(0, -1, 12.5, 15, -90, 18)]);
}

export function bear(): Point[] {
  return mirrored([[0, 10.5], ...arc(9, 9, 5, 150, -60, 14), ...arc(0, -1, 12.5, 25, -90, 18)]);
}

export function snail(): Point[] {
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

export function crown(): Point[] {
  return mirrored([
    [0, 13],
    [5, 3],
    [14, 10],
    [11, -10],
  ]);
}

export function bell(): Point[] {
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

export function key(): Point[] {
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

export function lantern(): Point[] {
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
