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
import { pieceOutline, roundedRectangle, type Point, type Polygon } from '../../geometry/index.js';

const veined = (brush: Brush) => brush.component.baseFood === 'blue cheese';

/** A window cut into its lid, and what fills it. */
function windowOf(brush: Brush, outline: Polygon): void {
  const path = closed(outline);
  brush.pen.path(path, { fill: darker(brush.third, 0.35), stroke: paler(brush.main, 0.4), width: 1.6 });
  brush.pen.group(0.5, 1.1, 0, () => brush.pen.path(path, { fill: brush.third }));
  brush.pen.path(path, { stroke: darker(brush.main, 0.2), width: 0.6 });
}

/** A whole wheel with its first wedge cut and drawn out a little, so that nobody is shy of it. */
export const wheel: Recipe = (brush) => {
  const r = brush.l / 2;
  shadowEllipse(brush, r * 1.02, r * 1.02, 3);
  const [sx, sy] = fromBoard(brush, 0.8, 3.4);
  const herbs = brush.component.milk === 'plant';
  const rind = herbs ? darker(brush.main, 0.16) : brush.second;
  brush.pen.ellipse(sx, sy, r, r, { fill: darker(rind, 0.14) });
  brush.pen.ellipse(0, 0, r, r, {
    fill: radial(
      { 0: paler(brush.main, 0.35), 0.74: brush.main, 0.94: rind, 1: darker(rind, 0.14) },
      [0.45, 0.43, 0.57],
    ),
  });
  brush.pen.path(dots(speckle(brush.random, 26, r * 0.86, r * 0.86)), {
    stroke: herbs ? brush.second : '#fffdf7',
    width: herbs ? 1.8 : r * 0.07,
    opacity: herbs ? 0.8 : 0.55,
  });
  brush.pen.path(dots(speckle(brush.random, 14, r * 0.9, r * 0.9)), {
    stroke: darker(brush.second, 0.1),
    width: r * 0.03,
    opacity: 0.4,
  });
  const [opening] = brush.fact.outlines ?? [];
  if (opening) return windowOf(brush, opening.outline);
  const a = brush.random.range(-2.2, -1.2);
  const wide = 0.66;
  const at = (t: number, k: number): Point => [Math.cos(t) * r * k, Math.sin(t) * r * k];
  const slice = (ox: number, oy: number, k: number) =>
    `M${ox.toFixed(1)} ${oy.toFixed(1)}L${(at(a - wide / 2, k)[0] + ox).toFixed(1)} ${(at(a - wide / 2, k)[1] + oy).toFixed(1)}A${(r * k).toFixed(1)} ${(r * k).toFixed(1)} 0 0 1 ${(at(a + wide / 2, k)[0] + ox).toFixed(1)} ${(at(a + wide / 2, k)[1] + oy).toFixed(1)}Z`;
  brush.pen.path(slice(0, 0, 1.005), {
    fill: radial({ 0: darker(brush.third, 0.72), 1: darker(brush.third, 0.85) }),
  });
  brush.pen.path(line([at(a - wide / 2, 1), [0, 0], at(a + wide / 2, 1)]), {
    stroke: brush.third,
    width: r * 0.055,
  });
  const [ox, oy] = at(a, 0.2);
  brush.pen.group(1.2, 2, 0, () => brush.pen.path(slice(ox, oy, 0.97), { fill: '#1c0b02', opacity: 0.3 }));
  brush.pen.path(slice(ox, oy, 0.97), { fill: paler(brush.main, 0.2), stroke: brush.third, width: 1.4 });
};

function paste(brush: Brush, top: readonly Point[]): void {
  brush.pen.path(closed(top), {
    fill: linear({ 0: brush.third, 0.6: brush.main, 1: darker(brush.main, 0.06) }, [0, 0, 1, 1]),
  });
}

const NEEDLES = 7;
/** Where the needle left no air, nothing grew. */
const PALE_SHARE = 0.3;

/** Pockets of blue along the lines that the needles pierced, small and large, dark and light. */
function veins(brush: Brush, rx: number, taper: (x: number) => number): void {
  const { random } = brush;
  const [dark, light]: [Point[][], Point[][]] = [[], []];
  for (let needle = 0; needle < NEEDLES; needle++) {
    const lane = -0.84 + (1.68 * (needle + 0.5)) / NEEDLES;
    let x = -rx * random.range(0.2, 0.75);
    while (x < rx * 0.84) {
      const y = (lane + random.range(-0.1, 0.1)) * taper(x);
      const r = random.range(0.7, 2.7) * (random.next() < 0.2 ? 1.5 : 1);
      if (random.next() > PALE_SHARE) {
        const pocket = blob(random, r * 1.25, r * 0.8, 7, 0.4).map(([u, v]): Point => [x + u, y + v]);
        (random.next() < 0.55 ? dark : light).push(pocket);
      }
      x += random.range(2.5, 8);
    }
  }
  const drawn = (pockets: readonly Point[][]) => pockets.map((pocket) => smooth(pocket)).join('');
  brush.pen.path(drawn(light), { fill: paler(brush.third, 0.2), opacity: 0.8 });
  brush.pen.path(drawn(dark), { fill: darker(brush.third, 0.18), opacity: 0.88 });
}

/** Veins in a blue cheese, crystals in a hard one, holes in others. */
function inside(brush: Brush, rx: number, ry: number, taper: (x: number) => number): void {
  if (veined(brush)) return veins(brush, rx, taper);
  const hard = brush.component.texture === 'hard';
  const count = hard ? 22 : 8;
  const points = speckle(brush.random, count, rx * 0.7, ry * 0.5).filter(
    ([x, y]) => Math.abs(y) < taper(x) * 0.85,
  );
  brush.pen.path(dots(points), {
    stroke: hard ? '#fffdf0' : darker(brush.main, 0.16),
    width: hard ? 0.9 : 1.4,
    opacity: 0.7,
  });
}

export const wedge: Recipe = (brush) => {
  const top = pieceOutline('wedge', brush.l, brush.w);
  shadowPath(brush, closed(top), 4);
  side(brush, top, Math.min(9, brush.l * 0.075), veined(brush) ? '#e9dfbd' : brush.main);
  if (veined(brush))
    brush.pen.path(closed(top), {
      fill: linear({ 0: '#fffbee', 1: brush.main }, [0, 0, 1, 1]),
    });
  else paste(brush, top);
  inside(brush, brush.l / 2, brush.w / 2, (x) => ((x + brush.l / 2) / brush.l) * (brush.w / 2));
  brush.pen.path(smooth([top[1]!, top[2]!, top[3]!, top[4]!, top[5]!], false), {
    stroke: brush.second,
    width: Math.max(2.6, brush.w * 0.055),
  });
  brush.pen.path(line([top[1]!, top[0]!, top[6]!, top[5]!]), {
    stroke: paler(brush.third, 0.5),
    width: 0.7,
    opacity: 0.8,
  });
};

export const log: Recipe = (brush) => {
  const top = roundedRectangle(brush.l, brush.w, brush.w * 0.3, 4);
  const path = closed(top);
  shadowPath(brush, path, 3);
  brush.pen.path(path, {
    fill: linear({
      0: darker(brush.second, 0.06),
      0.24: brush.main,
      0.5: '#fffef8',
      0.85: brush.second,
      1: darker(brush.second, 0.2),
    }),
  });
  const coins = [0.28, 0.4];
  for (const coin of coins) {
    const x = brush.l * coin;
    brush.pen.ellipse(x + 1, 1.4, brush.w * 0.2, brush.w * 0.47, { fill: '#1c0b02', opacity: 0.25 });
    brush.pen.ellipse(x, 0, brush.w * 0.2, brush.w * 0.47, {
      fill: radial({ 0: '#fffef8', 0.8: brush.third, 1: brush.second }),
      stroke: darker(brush.second, 0.12),
      width: 0.6,
    });
  }
  brush.pen.path(
    dots(speckle(brush.random, 18, brush.l * 0.3, brush.w * 0.36).map(([x, y]) => [x - brush.l * 0.14, y])),
    {
      stroke: brush.component.family === 'cheese' ? '#8a9a5a' : brush.third,
      width: 1.1,
      opacity: 0.6,
    },
  );
};

export const cube: Recipe = (brush) => {
  const top = roundedRectangle(brush.l * 0.9, brush.w * 0.9, brush.l * 0.07, 2);
  shadowPath(brush, closed(top), 2);
  side(brush, top, 4.2, brush.main);
  paste(brush, top);
  brush.pen.path(line([top[8]!, top[5]!, top[4]!]), {
    stroke: paler(brush.third, 0.55),
    width: 0.7,
    opacity: 0.85,
  });
  if (brush.component.family === 'plant-protein')
    brush.pen.path(dots(speckle(brush.random, 7, brush.l * 0.34, brush.w * 0.34)), {
      stroke: brush.third,
      width: 1.3,
      opacity: 0.9,
    });
  else if (brush.random.next() < 0.5)
    brush.pen.path(dots(speckle(brush.random, 3, brush.l * 0.28, brush.w * 0.28)), {
      stroke: darker(brush.main, 0.14),
      width: 1.6,
      opacity: 0.55,
    });
};

/** The layers of a cooked fillet, bent one way, with the brown of the smoke along one side. */
function flakes(brush: Brush): void {
  const [rx, ry] = [brush.l * 0.36, brush.w * 0.36];
  const bent = (x: number): Point[] => [
    [x - rx * 0.1, -ry],
    [x + rx * 0.26, 0],
    [x - rx * 0.1, ry],
  ];
  const layers = [-0.7, -0.3, 0.12, 0.52].map((k) => smooth(bent(k * rx), false)).join('');
  brush.pen.path(layers, { stroke: darker(brush.main, 0.2), width: 0.9, opacity: 0.65 });
  const crests = [-0.56, -0.16, 0.26].map((k) => smooth(bent(k * rx), false)).join('');
  brush.pen.path(crests, { stroke: paler(brush.third, 0.35), width: 1.1, opacity: 0.6 });
  brush.pen.path(
    smooth(
      [
        [-rx * 1.05, ry * 0.72],
        [0, ry * 1.12],
        [rx, ry * 0.7],
      ],
      false,
    ),
    { stroke: brush.second, width: 2.4, opacity: 0.55 },
  );
}

export const chunk: Recipe = (brush) => {
  const top = blob(brush.random, brush.l * 0.47, brush.w * 0.47, 7, 0.16);
  shadowPath(brush, closed(top), 2);
  side(brush, top, 4.5, brush.main);
  paste(brush, top);
  if (brush.component.family === 'fish') flakes(brush);
  else inside(brush, brush.l / 2, brush.w / 2, () => brush.w * 0.34);
  brush.pen.path(closed(top), { stroke: paler(brush.third, 0.4), width: 0.6, opacity: 0.6 });
};

export const shred: Recipe = (brush) => {
  const lines = Array.from({ length: 7 }, (): Point[] => {
    const [x, y, a] = [
      brush.random.range(-brush.l, brush.l) * 0.28,
      brush.random.range(-brush.w, brush.w) * 0.32,
      brush.random.range(-0.9, 0.9),
    ];
    const h = brush.random.range(brush.l * 0.14, brush.l * 0.3);
    return [
      [x - h * Math.cos(a), y - h * Math.sin(a)],
      [x + brush.random.range(-1.5, 1.5), y + brush.random.range(-1.5, 1.5)],
      [x + h * Math.cos(a), y + h * Math.sin(a)],
    ];
  });
  const path = lines.map((line) => smooth(line, false)).join('');
  brush.pen.path(smooth(blob(brush.random, brush.l * 0.42, brush.w * 0.42)), {
    fill: darker(brush.second, 0.25),
    opacity: 0.55,
  });
  brush.pen.path(path, { stroke: darker(brush.second, 0.3), width: 3 });
  brush.pen.path(path, { stroke: brush.main, width: 2 });
};
