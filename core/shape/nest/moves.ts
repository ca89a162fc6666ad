import { hypot2, placed } from '../../geometry/index.js';
import { wholeTurn, type Energy } from './energy.js';
import type { Rows } from './rows.js';

const { cos, floor, min, max, sin } = Math;

/** Places that a piece is tried in. */
export const PLACES = 40;
/** Of the turns that are tried, so many are quarters where the slice has straight sides. */
const QUARTERS = 0.35;
/** Of the places that are tried, so many lie beside another piece as in good rows. */
const DOCKED = 0.15;

/** Left, top, right and bottom of a slice. */
export type Bounds = readonly [left: number, top: number, right: number, bottom: number];

/** The neighbours of a piece in rows, in the frame of the piece itself. */
export function docksOf({ angle, period, next, turned }: Rows): [number, number, number][] {
  const seen = (x: number, y: number, half: number): [number, number, number] => {
    const [[px, py]] = placed([[x, y]], 0, 0, -angle) as [[number, number]];
    return [px, py, half];
  };
  const [nx, ny] = next;
  const same = [-1, 1].flatMap((k) => [
    seen(k * period, 0, 0),
    seen(k * nx, k * ny, 0),
    seen(k * (nx - period), k * ny, 0),
  ]);
  if (!turned) return same;
  const [tx, ty] = turned;
  const halves = [
    [tx, ty],
    [tx - period, ty],
    [tx + period, ty],
    [tx - nx, ty - ny],
    [tx - nx + period, ty - ny],
    [tx - nx - period, ty - ny],
  ].map(([x, y]) => seen(x!, y!, 180));
  return [...same, ...halves];
}

/** Changes at random to a packing: a piece elsewhere, some turned, a neighbourhood shaken. */
export class Moves {
  /** How two pieces lie beside each other in good rows: x, y and turn of the one as the other sees it. */
  docks: [x: number, y: number, turn: number][] = [];
  private readonly slope: Float64Array;
  private readonly scratch: Float64Array;
  private readonly bounds: Bounds;

  constructor(
    private readonly energy: Energy,
    private readonly random: () => number,
    /** Degrees by which a cutter may be turned; free without. */
    private readonly turns: readonly number[] | undefined,
    /** Pieces that stay: those before it. */
    private readonly fixedCount: number,
  ) {
    this.slope = new Float64Array(3 * energy.kindAt.length);
    this.scratch = new Float64Array(3 * energy.kindAt.length);
    this.bounds = boundsOf(energy.slice.outer);
  }

  /** Degrees as the state of a piece counts them. */
  turnOf(i: number, degrees: number): number {
    return ((degrees * Math.PI) / 180) * this.energy.kindOf(i).lever;
  }

  /** Moves a piece to the best of so many places. */
  findPlace(state: Float64Array, n: number, i: number, places: number): void {
    const { random } = this;
    const { turns } = this;
    const [left, top, right, bottom] = this.bounds;
    let best = Infinity;
    let [bx, by, bt] = [0, 0, 0];
    for (let k = 0; k < places; k++) {
      if (this.docks.length > 0 && n > 1 && random() < DOCKED) this.dock(state, n, i);
      else {
        state[3 * i] = left + random() * (right - left);
        state[3 * i + 1] = top + random() * (bottom - top);
        state[3 * i + 2] = this.anyTurn(i, turns);
      }
      const energy = this.energy.ofOne(state, n, i, best, this.scratch);
      if (energy >= best) continue;
      best = energy;
      [bx, by, bt] = [state[3 * i]!, state[3 * i + 1]!, state[3 * i + 2]!];
    }
    state.set([bx, by, bt], 3 * i);
  }

  /** Beside another piece, as two lie in good rows. */
  private dock(state: Float64Array, n: number, i: number): void {
    const other = floor(this.random() * (n - 1));
    const j = other >= i ? other + 1 : other;
    const [dx, dy, half] = this.docks[floor(this.random() * this.docks.length)]!;
    const { lever } = this.energy.kindOf(j);
    const turn = state[3 * j + 2]! / lever;
    const [c, s] = [cos(turn), sin(turn)];
    state[3 * i] = state[3 * j]! + c * dx - s * dy;
    state[3 * i + 1] = state[3 * j + 1]! + s * dx + c * dy;
    state[3 * i + 2] = (turn + (half * Math.PI) / 180) * lever;
  }

  private anyTurn(i: number, turns: readonly number[] | undefined): number {
    const { random } = this;
    const { round } = this.energy.slice;
    // along straight sides pieces lie best that are turned by quarters
    if (!turns && !round && random() < QUARTERS)
      return floor(random() * 4) * 0.25 * wholeTurn(this.energy.kindOf(i));
    if (!turns) return random() * wholeTurn(this.energy.kindOf(i));
    return this.turnOf(i, turns[floor(random() * turns.length)]!);
  }

  /** One change at random: the worst piece elsewhere, some turned, a neighbourhood or all shaken. */
  hop(state: Float64Array, n: number): void {
    const { random } = this;
    const choice = random();
    const free = n - this.fixedCount;
    const anyPiece = () => this.fixedCount + floor(random() * free);
    if (choice < 0.65) {
      const each = new Float64Array(n);
      this.energy.of(state, n, this.slope, each);
      for (let i = 0; i < n; i++) this.energy.layOut(state, i);
      this.findPlace(state, n, random() < 0.15 ? anyPiece() : this.worstOf(each, n), PLACES);
    } else if (choice < 0.75) {
      for (let k = 1 + floor(random() * 3); k > 0; k--) {
        const i = anyPiece();
        if (this.turns) state[3 * i + 2] = this.anyTurn(i, this.turns);
        else state[3 * i + 2]! += (random() < 0.5 ? 0.5 : random()) * wholeTurn(this.energy.kindOf(i));
      }
    } else this.shake(state, n, choice < 0.92);
  }

  private worstOf(each: Float64Array, n: number): number {
    let [worst, most] = [this.fixedCount, -1];
    for (let i = this.fixedCount; i < n; i++) {
      const weight = each[i]! * (0.3 + this.random());
      if (weight > most) [worst, most] = [i, weight];
    }
    return worst;
  }

  private shake(state: Float64Array, n: number, nearby: boolean): void {
    const { random } = this;
    const { turns } = this;
    const [left, top, right, bottom] = this.bounds;
    const reach = this.energy.kinds[0]!.reach;
    const [cx, cy] = [left + random() * (right - left), top + random() * (bottom - top)];
    const within = nearby ? reach * (1.5 + 2.5 * random()) : Infinity;
    const by = nearby ? reach * (0.2 + 0.6 * random()) : reach * 0.15;
    for (let i = this.fixedCount; i < n; i++) {
      if (hypot2(state[3 * i]! - cx, state[3 * i + 1]! - cy) >= within) continue;
      state[3 * i]! += (random() - 0.5) * 2 * by;
      state[3 * i + 1]! += (random() - 0.5) * 2 * by;
      const turn = (random() - 0.5) * (nearby ? 3 : 2) * by;
      if (!turns) state[3 * i + 2]! += turn;
    }
  }
}

export function boundsOf(outline: readonly (readonly [x: number, y: number])[]): Bounds {
  const xs = outline.map(([x]) => x);
  const ys = outline.map(([, y]) => y);
  return [min(...xs), min(...ys), max(...xs), max(...ys)];
}
