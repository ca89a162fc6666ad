import { areaOf, hypot2, type Point } from '../../geometry/index.js';
import { CALM_COVER } from '../../portion/index.js';
import { lies } from '../lies.js';
import type { Reading } from '../reading.js';
import { kept, term, type Fault } from './term.js';

/** Full ground shows no more of the board than this; what asks for less is calm, and its open ground is meant (craft, section 10). */
const FULL = 0.95;
const CALM = 0.96;
/** Food as it is laid laps by so much of its ground: with less of it open ground is meant (measured on our own full and calm boards). */
const LAPS = 1.35;
/** A bare patch wider than a thumb's breadth is seen from across the table (house default). */
const PATCH_MM = 26;
const MOST_PATCHES = 3;

export const coveredShare = ({ grid, owner }: Pick<Reading, 'grid' | 'owner'>): number => {
  let [ground, hidden] = [0, 0];
  for (let c = 0; c < owner.length; c++) {
    if (!grid.ground[c]) continue;
    ground += 1;
    if (owner[c]! >= 0) hidden += 1;
  }
  return ground === 0 ? 1 : hidden / ground;
};

/** Distance of each bare cell to food or rim, in steps of the grid: two passes of a chamfer, enough for a thumb's breadth. */
function clearance({ grid, owner }: Reading): Float64Array {
  const { columns, rows } = grid;
  const d = new Float64Array(owner.length);
  const bare = (c: number) => grid.ground[c] === 1 && owner[c]! < 0;
  const at = (i: number, j: number) =>
    i < 0 || j < 0 || i >= columns || j >= rows ? 0 : d[j * columns + i]!;
  for (let c = 0; c < d.length; c++) d[c] = bare(c) ? Infinity : 0;
  const pass = (from: number, to: number, step: 1 | -1) => {
    for (let c = from; c !== to; c += step) {
      if (d[c] === 0) continue;
      const [i, j] = [c % columns, Math.floor(c / columns)];
      d[c] = Math.min(
        d[c]!,
        at(i - step, j) + 1,
        at(i, j - step) + 1,
        at(i - step, j - step) + Math.SQRT2,
        at(i + step, j - step) + Math.SQRT2,
      );
    }
  };
  pass(0, d.length, 1);
  pass(d.length - 1, -1, -1);
  return d;
}

/** The widest bare patches, as circles that fit into them; nearer to each other than their width they are one. */
function barePatches(reading: Reading): Fault[] {
  const { grid } = reading;
  const d = clearance(reading);
  const out: Fault[] = [];
  while (out.length < MOST_PATCHES) {
    let best = -1;
    for (let c = 0; c < d.length; c++) if (best < 0 || d[c]! > d[best]!) best = c;
    const width = 2 * (d[best] ?? 0) * grid.stepMm;
    if (best < 0 || width < PATCH_MM) break;
    const at: Point = [grid.xOf(best % grid.columns), grid.yOf(Math.floor(best / grid.columns))];
    out.push({ components: [], at, reachMm: width / 2, amount: width });
    for (let c = 0; c < d.length; c++)
      if (hypot2(grid.xOf(c % grid.columns) - at[0], grid.yOf(Math.floor(c / grid.columns)) - at[1]) < width)
        d[c] = 0;
  }
  return out;
}

/** No bare board on full ground; on calm ground, or where a hand has asked for it, as much of it hidden as is meant. */
export const cover = term({
  id: 'cover',
  weight: 3,
  read(reading) {
    const { owner, foods, ground, surface } = reading;
    const laid = foods.reduce(
      (sum, { element, component }) =>
        sum + lies(element, component).reduce((area, outline) => area + areaOf(outline), 0),
      0,
    );
    const food = laid / LAPS / Math.max(1, areaOf(ground));
    const share = coveredShare({ grid: reading.grid, owner });
    const isCalm = surface.ground === 'calm';
    const wanted = Math.min(isCalm ? CALM_COVER : FULL, food);
    const isOpen = isCalm || food < CALM;
    return kept(wanted === 0 ? 1 : share / wanted, isOpen ? [] : barePatches(reading));
  },
});
