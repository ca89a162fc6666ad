import { linear, radial } from '../pen.js';
import {
  blob,
  closed,
  darker,
  dots,
  fromBoard,
  paler,
  shadowEllipse,
  shadowPath,
  side,
  smooth,
  speckle,
  line,
  type Brush,
  type Recipe,
} from '../brush.js';
import { pieceOutline, roundedRectangle, type Point } from '../../geometry/index.js';

const veined = (b: Brush) => b.component.baseFood === 'blue cheese';

/** A whole wheel with its first wedge cut and drawn out a little, so that nobody is shy of it. */
export const wheel: Recipe = (b) => {
  const r = b.l / 2;
  shadowEllipse(b, r * 1.02, r * 1.02, 3);
  const [sx, sy] = fromBoard(b, 0.8, 3.4);
  const herbs = b.component.milk === 'plant';
  const rind = herbs ? darker(b.main, 0.16) : b.second;
  b.pen.ellipse(sx, sy, r, r, { fill: darker(rind, 0.14) });
  b.pen.ellipse(0, 0, r, r, {
    fill: radial(
      { 0: paler(b.main, 0.35), 0.74: b.main, 0.94: rind, 1: darker(rind, 0.14) },
      [0.45, 0.43, 0.57],
    ),
  });
  b.pen.path(dots(speckle(b.random, 26, r * 0.86, r * 0.86)), {
    stroke: herbs ? b.second : '#fffdf7',
    width: herbs ? 1.8 : r * 0.07,
    opacity: herbs ? 0.8 : 0.55,
  });
  b.pen.path(dots(speckle(b.random, 14, r * 0.9, r * 0.9)), {
    stroke: darker(b.second, 0.1),
    width: r * 0.03,
    opacity: 0.4,
  });
  const a = b.random.range(-2.2, -1.2);
  const wide = 0.66;
  const at = (t: number, k: number): Point => [Math.cos(t) * r * k, Math.sin(t) * r * k];
  const slice = (ox: number, oy: number, k: number) =>
    `M${ox.toFixed(1)} ${oy.toFixed(1)}L${(at(a - wide / 2, k)[0] + ox).toFixed(1)} ${(at(a - wide / 2, k)[1] + oy).toFixed(1)}A${(r * k).toFixed(1)} ${(r * k).toFixed(1)} 0 0 1 ${(at(a + wide / 2, k)[0] + ox).toFixed(1)} ${(at(a + wide / 2, k)[1] + oy).toFixed(1)}Z`;
  b.pen.path(slice(0, 0, 1.005), {
    fill: radial({ 0: darker(b.third, 0.72), 1: darker(b.third, 0.85) }),
  });
  b.pen.path(line([at(a - wide / 2, 1), [0, 0], at(a + wide / 2, 1)]), { stroke: b.third, width: r * 0.055 });
  const [ox, oy] = at(a, 0.2);
  b.pen.group(1.2, 2, 0, () => b.pen.path(slice(ox, oy, 0.97), { fill: '#1c0b02', opacity: 0.3 }));
  b.pen.path(slice(ox, oy, 0.97), { fill: paler(b.main, 0.2), stroke: b.third, width: 1.4 });
};

function paste(b: Brush, top: readonly Point[]): void {
  b.pen.path(closed(top), {
    fill: linear({ 0: b.third, 0.6: b.main, 1: darker(b.main, 0.06) }, [0, 0, 1, 1]),
  });
}

/** Veins along the lines that the needles pierced, thin and broken; crystals in hard cheese. */
function inside(b: Brush, rx: number, ry: number, taper: (x: number) => number): void {
  if (veined(b)) {
    const veins: Point[][] = [];
    for (let k = 0; k < 17; k++) {
      const x = b.random.range(-rx * 0.72, rx * 0.82);
      const y = b.random.range(-1, 1) * taper(x) * 0.82;
      const dx = b.random.range(3, 9);
      veins.push([
        [x, y],
        [x + dx * 0.5, y + b.random.range(-2.4, 2.4)],
        [x + dx, y + b.random.range(-3, 3)],
      ]);
    }
    b.pen.path(veins.map((v) => smooth(v, false)).join(''), { stroke: b.third, width: 1.5, opacity: 0.85 });
    b.pen.path(dots(veins.slice(0, 9).map((v) => v[1]!)), {
      stroke: darker(b.third, 0.2),
      width: 2.6,
      opacity: 0.75,
    });
    return;
  }
  const hard = b.component.texture === 'hard';
  const count = hard ? 22 : 8;
  const points = speckle(b.random, count, rx * 0.7, ry * 0.5).filter(
    ([x, y]) => Math.abs(y) < taper(x) * 0.85,
  );
  b.pen.path(dots(points), {
    stroke: hard ? '#fffdf0' : darker(b.main, 0.16),
    width: hard ? 0.9 : 1.4,
    opacity: 0.7,
  });
}

export const wedge: Recipe = (b) => {
  const top = pieceOutline('wedge', b.l, b.w);
  shadowPath(b, closed(top), 4);
  side(b, top, Math.min(9, b.l * 0.075), veined(b) ? '#e9dfbd' : b.main);
  if (veined(b))
    b.pen.path(closed(top), {
      fill: linear({ 0: '#fffbee', 1: b.main }, [0, 0, 1, 1]),
    });
  else paste(b, top);
  inside(b, b.l / 2, b.w / 2, (x) => ((x + b.l / 2) / b.l) * (b.w / 2));
  b.pen.path(smooth([top[1]!, top[2]!, top[3]!, top[4]!, top[5]!], false), {
    stroke: b.second,
    width: Math.max(2.6, b.w * 0.055),
  });
  b.pen.path(line([top[1]!, top[0]!, top[6]!, top[5]!]), {
    stroke: paler(b.third, 0.5),
    width: 0.7,
    opacity: 0.8,
  });
};

export const log: Recipe = (b) => {
  const top = roundedRectangle(b.l, b.w, b.w * 0.3, 4);
  const d = closed(top);
  shadowPath(b, d, 3);
  b.pen.path(d, {
    fill: linear({
      0: darker(b.second, 0.06),
      0.24: b.main,
      0.5: '#fffef8',
      0.85: b.second,
      1: darker(b.second, 0.2),
    }),
  });
  const coins = [0.28, 0.4];
  for (const k of coins) {
    const x = b.l * k;
    b.pen.ellipse(x + 1, 1.4, b.w * 0.2, b.w * 0.47, { fill: '#1c0b02', opacity: 0.25 });
    b.pen.ellipse(x, 0, b.w * 0.2, b.w * 0.47, {
      fill: radial({ 0: '#fffef8', 0.8: b.third, 1: b.second }),
      stroke: darker(b.second, 0.12),
      width: 0.6,
    });
  }
  b.pen.path(dots(speckle(b.random, 18, b.l * 0.3, b.w * 0.36).map(([x, y]) => [x - b.l * 0.14, y])), {
    stroke: b.component.family === 'cheese' ? '#8a9a5a' : b.third,
    width: 1.1,
    opacity: 0.6,
  });
};

export const cube: Recipe = (b) => {
  const top = roundedRectangle(b.l * 0.9, b.w * 0.9, b.l * 0.07, 2);
  shadowPath(b, closed(top), 2);
  side(b, top, 4.2, b.main);
  paste(b, top);
  b.pen.path(line([top[8]!, top[5]!, top[4]!]), { stroke: paler(b.third, 0.55), width: 0.7, opacity: 0.85 });
  if (b.component.family === 'plant-protein')
    b.pen.path(dots(speckle(b.random, 7, b.l * 0.34, b.w * 0.34)), {
      stroke: b.third,
      width: 1.3,
      opacity: 0.9,
    });
  else if (b.random.next() < 0.5)
    b.pen.path(dots(speckle(b.random, 3, b.l * 0.28, b.w * 0.28)), {
      stroke: darker(b.main, 0.14),
      width: 1.6,
      opacity: 0.55,
    });
};

export const chunk: Recipe = (b) => {
  const top = blob(b.random, b.l * 0.47, b.w * 0.47, 7, 0.16);
  shadowPath(b, closed(top), 2);
  side(b, top, 4.5, b.main);
  paste(b, top);
  inside(b, b.l / 2, b.w / 2, () => b.w * 0.34);
  b.pen.path(closed(top), { stroke: paler(b.third, 0.4), width: 0.6, opacity: 0.6 });
};

export const shred: Recipe = (b) => {
  const lines = Array.from({ length: 7 }, (): Point[] => {
    const [x, y, a] = [
      b.random.range(-b.l, b.l) * 0.28,
      b.random.range(-b.w, b.w) * 0.32,
      b.random.range(-0.9, 0.9),
    ];
    const h = b.random.range(b.l * 0.14, b.l * 0.3);
    return [
      [x - h * Math.cos(a), y - h * Math.sin(a)],
      [x + b.random.range(-1.5, 1.5), y + b.random.range(-1.5, 1.5)],
      [x + h * Math.cos(a), y + h * Math.sin(a)],
    ];
  });
  const d = lines.map((l) => smooth(l, false)).join('');
  b.pen.path(smooth(blob(b.random, b.l * 0.42, b.w * 0.42)), { fill: darker(b.second, 0.25), opacity: 0.55 });
  b.pen.path(d, { stroke: darker(b.second, 0.3), width: 3 });
  b.pen.path(d, { stroke: b.main, width: 2 });
};
