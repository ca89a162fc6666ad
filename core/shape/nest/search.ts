import type { Random } from '../../measure/index.js';
import { placed, hypot2 } from '../../geometry/index.js';
import type { Slice } from '../slice.js';
import { boundOf } from './bound.js';
import { Energy, wholeTurn, type Distances } from './energy.js';
import { isKept, placedBy, type Placed } from './exact.js';
import type { Kind } from './kind.js';
import { Minimiser } from './minimise.js';
import { rowsOf, type Rows } from './rows.js';

const { abs, ceil, cos, floor, max, min, sin } = Math;

/** Below this energy a packing is tried for real. */
const ENOUGH = 1e-6;
const MINIMISE_STEPS = 120;
const GIVE_UP = 0.8;
/** Rooms that a piece is tried in, and ways to lay rows over the slice. */
const PLACES = 40;
const PLACES_AT_START = 12;
const ROWS_KEPT = 6;
const ROWS_LAID = 150;
const ANGLE_STEP = 4;
/** Rows are laid too densely by these too: minimising spreads them. */
const TOO_DENSE_MM = [1.5, 3, 5];
/** A worse packing is gone on with so often. */
const ACCEPT_WORSE = 0.02;
/** Of the turns that are tried, so many are quarters where the slice has straight sides. */
const QUARTERS = 0.35;
/** Of the places that are tried, so many lie beside another piece as in good rows. */
const DOCKED = 0.15;
/** No more pieces than this are looked for: more than a hand presses. */
export const MOST_PIECES = 200;

export interface SearchProblem {
  kinds: readonly Kind[];
  slice: Slice;
  distances: Distances;
  /** Of which kind the first, second … piece is, after those that are locked. */
  order: readonly number[];
  locked: readonly { cutter: number; x: number; y: number; angle: number }[];
  /** Degrees by which a cutter may be turned; free without. */
  turns?: readonly number[];
  random: Random;
}

/** The neighbours of a piece in rows, in the frame of the piece itself. */
function docksOf({ angle, period, next, turned }: Rows): [number, number, number][] {
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

/** A search that is stepped: each step tries one packing. What it has found only ever grows. */
export class Search {
  best: Placed[] = [];
  /** No more fit, or no more are wanted. */
  done = false;
  /** How many stand in rows, before any hopping; undefined until that is known. */
  inRows: number | undefined;
  private readonly energy: Energy;
  private readonly minimiser: Minimiser;
  private readonly slope: Float64Array;
  private readonly scratch: Float64Array;
  private readonly bounds: readonly [left: number, top: number, right: number, bottom: number];
  private readonly most: number;
  private readonly fixedCount: number;
  private readonly seeds: Float64Array[] = [];
  /** How two pieces lie beside each other in good rows: x, y and turn of the one as the other sees it. */
  private docks: [x: number, y: number, turn: number][] = [];
  private bestState = new Float64Array(0);
  private readonly steps: Generator<void>;
  private readonly random: () => number;

  constructor(private readonly problem: SearchProblem) {
    const { kinds, slice, distances, order, locked } = problem;
    this.fixedCount = locked.length;
    this.random = problem.random.next;
    const wanted = min(order.length, MOST_PIECES);
    const alike = new Set(order.slice(0, wanted)).size === 1 && locked.length === 0;
    this.most = locked.length + (alike ? min(wanted, boundOf(kinds[order[0]!]!, slice, distances)) : wanted);
    const room = this.most + 8;
    const kindAt = Uint8Array.from({ length: room }, (_, i) =>
      i < locked.length ? locked[i]!.cutter : (order[i - locked.length] ?? order.at(-1) ?? 0),
    );
    const fixed = Uint8Array.from({ length: room }, (_, i) => (i < locked.length ? 1 : 0));
    this.energy = new Energy(kinds, slice, distances, kindAt, fixed, problem.turns === undefined);
    this.minimiser = new Minimiser(room);
    this.slope = new Float64Array(3 * room);
    this.scratch = new Float64Array(3 * room);
    const xs = slice.outer.map(([x]) => x);
    const ys = slice.outer.map(([, y]) => y);
    this.bounds = [min(...xs), min(...ys), max(...xs), max(...ys)];
    this.startFromLocked();
    this.steps = this.run();
  }

  /** Work done: how often all distances of a packing were looked at. */
  get evaluations(): number {
    return this.energy.evaluations;
  }

  step(): void {
    if (!this.done) this.done = this.steps.next().done === true;
  }

  private startFromLocked(): void {
    const state = new Float64Array(3 * this.fixedCount);
    this.problem.locked.forEach(({ x, y, angle }, i) =>
      state.set([x, y, ((angle * Math.PI) / 180) * this.energy.kindOf(i).lever], 3 * i),
    );
    this.bestState = state;
    this.best = placedBy(this.energy, state, this.fixedCount);
  }

  private get count(): number {
    return this.best.length;
  }

  private *run(): Generator<void> {
    if (this.most <= this.fixedCount) return;
    if (this.canStandInRows()) yield* this.layRows();
    this.inRows = this.count;
    while (this.count < this.most) yield* this.oneMore(this.count + 1);
  }

  /** Takes a packing for good where it keeps every distance, to the last hair. */
  private take(state: Float64Array, n: number): boolean {
    if (n <= this.count) return false;
    const pieces = placedBy(this.energy, state, n);
    if (isKept(this.energy, pieces)) {
      this.best = pieces;
      this.bestState = state.slice(0, 3 * n);
      return true;
    }
    return false;
  }

  /** Minimises; 0 when the packing holds and was taken, else how far it is from holding. */
  private settle(state: Float64Array, n: number, reference?: number): number {
    const found = this.minimiser.run(this.energy, state, n, {
      steps: MINIMISE_STEPS,
      enough: ENOUGH,
      farthest: this.energy.kinds[0]!.reach / 2,
      giveUp: GIVE_UP,
      ...(reference === undefined ? {} : { reference }),
    });
    if (found > ENOUGH) return found;
    if (this.take(state, n) || this.mended(state, n)) return 0;
    return found + 1e-9;
  }

  /** What the fields call right and the sides do not is mended by the sides themselves. */
  private mended(state: Float64Array, n: number): boolean {
    const { energy } = this;
    const hair = energy.hairMm;
    energy.exact = true;
    let kept = false;
    for (const hairMm of [1e-3, 3e-4]) {
      energy.hairMm = hairMm;
      const near = state.slice();
      this.minimiser.run(energy, near, n, { steps: 60, enough: 1e-9, farthest: 1, giveUp: 0.9 });
      if (!this.take(near, n)) continue;
      state.set(near);
      kept = true;
      break;
    }
    energy.exact = false;
    energy.hairMm = hair;
    return kept;
  }

  // ---------------------------------------------------------------- rows

  private canStandInRows(): boolean {
    const { order } = this.problem;
    return this.fixedCount === 0 && order.slice(0, this.most).every((kind) => kind === order[0]);
  }

  private *layRows(): Generator<void> {
    const kind = this.energy.kindOf(0);
    const { turns } = this.problem;
    const all = Array.from({ length: 180 / ANGLE_STEP }, (_, i) => i * ANGLE_STEP);
    // a disc is the same however it is turned
    const angles = turns ?? (kind.radius > 0 ? [0] : all);
    const ways: Rows[] = [];
    for (const [i, angle] of angles.entries()) {
      ways.push(
        ...rowsOf(kind.outline, {
          gapMm: this.problem.distances.gapMm,
          areaMm2: kind.areaMm2,
          angles: [angle],
          half: this.mayTurn(angle + 180),
        }),
      );
      if (i > 0 && i % 12 !== 0) continue;
      // the first answer is there at once
      if (i === 0) this.layEach(ways.slice(0, 2), 20, 0.05, 2);
      yield;
    }
    ways.sort((a, b) => a.areaEach - b.areaEach);
    // beside a piece that lies as it may, one turned by half may not lie so
    const isAnyHalf = turns === undefined || turns.every((turn) => this.mayTurn(turn + 180));
    this.docks = ways
      .slice(0, ROWS_KEPT)
      .flatMap(docksOf)
      .filter(([, , turn]) => turn === 0 || isAnyHalf);
    for (const rows of ways.slice(0, ROWS_KEPT)) {
      this.layEach([rows], ROWS_LAID, 0.05, 2);
      yield;
      for (const dense of TOO_DENSE_MM) this.seeds.push(...this.laid(rows, ROWS_LAID / 2, dense, 2));
      yield;
    }
    this.seeds.sort((a, b) => b.length - a.length);
  }

  private mayTurn(degrees: number): boolean {
    const { turns } = this.problem;
    return turns === undefined || turns.some((turn) => (turn - degrees) % 360 === 0);
  }

  private layEach(ways: readonly Rows[], times: number, dense: number, keep: number): void {
    for (const rows of ways)
      for (const state of this.laid(rows, times, dense, keep)) {
        const n = min(state.length / 3, this.most);
        if (n > this.count) this.settle(state.slice(), n);
      }
  }

  /** These rows over the slice, turned and moved at random so often: the fullest ones, each piece `dense` mm over its margin. */
  private laid(rows: Rows, times: number, dense: number, keep: number): Float64Array[] {
    const found: number[][] = [];
    for (let k = 0; k < times; k++) {
      found.push(this.laidOnce(rows, this.turnOfRows(k), dense));
      if (found.length < 4 * keep) continue;
      found.sort((a, b) => b.length - a.length);
      found.length = keep;
    }
    found.sort((a, b) => b.length - a.length);
    return found.slice(0, keep).map((state) => Float64Array.from(state.slice(0, 3 * this.most + 12)));
  }

  private turnOfRows(k: number): number {
    if (this.problem.turns) return 0;
    const turn = this.random();
    return k % 3 === 0 ? floor(turn * 4) * 90 : turn * 360;
  }

  private laidOnce(rows: Rows, turn: number, dense: number): number[] {
    const { random } = this;
    const [left, top, right, bottom] = this.bounds;
    const reach = hypot2(right - left, bottom - top) / 2 + 5;
    const [mx, my] = [(left + right) / 2, (top + bottom) / 2];
    const [alongMm, acrossShare] = [random() * rows.period, random()];
    const start = [alongMm + acrossShare * rows.next[0], acrossShare * rows.next[1]] as const;
    const each = [[0, 0, 0] as const, ...(rows.turned ? [[...rows.turned, 180] as const] : [])];
    const lines = ceil(reach / rows.next[1]) + 1;
    const state: number[] = [];
    for (let line = -lines; line <= lines; line++) {
      for (const [dx, dy, half] of each) {
        const bx = start[0] + line * rows.next[0] + dx;
        const by = start[1] + line * rows.next[1] + dy;
        if (abs(by) > reach) continue;
        for (let i = ceil((-reach - bx) / rows.period); i <= (reach - bx) / rows.period; i++) {
          const [[x, y]] = placed([[bx + i * rows.period, by]], mx, my, turn) as [[number, number]];
          if (this.fits(x, y, rows.angle + turn + half, dense))
            state.push(x, y, this.turnOf(0, rows.angle + turn + half));
        }
      }
    }
    return state;
  }

  private turnOf(i: number, degrees: number): number {
    return ((degrees * Math.PI) / 180) * this.energy.kindOf(i).lever;
  }

  private fits(x: number, y: number, angle: number, over: number): boolean {
    const [left, top, right, bottom] = this.bounds;
    if (x < left || x > right || y < top || y > bottom) return false;
    this.scratch[0] = x;
    this.scratch[1] = y;
    this.scratch[2] = this.turnOf(0, angle);
    return this.energy.edgeOf(this.scratch, 0, over, this.slope) <= 1e-12;
  }

  // ---------------------------------------------------------------- one piece more

  /** Looks for a packing of n pieces until there is one: from the last one, from rows, from nothing; hopping from each. */
  private *oneMore(n: number): Generator<void> {
    for (let start = 0; ; start++) {
      const state = this.startOf(n, start);
      let value = this.settle(state, n);
      yield;
      let least = value;
      const patience = max(20, 3 * (n - this.fixedCount));
      const hopped = new Float64Array(3 * n);
      for (let failures = 0; value > 0 && failures < patience;) {
        hopped.set(state);
        this.hop(hopped, n);
        const found = this.settle(hopped, n, value);
        yield;
        if (found < value || this.random() < ACCEPT_WORSE) {
          state.set(hopped);
          value = found;
        }
        if (found < least * 0.999) {
          least = found;
          failures = 0;
        } else failures += 1;
      }
      if (value === 0) return;
    }
  }

  private startOf(n: number, start: number): Float64Array {
    const { random } = this;
    const near = this.seeds.filter((seed) => seed.length / 3 >= n - 1 && seed.length / 3 <= n + 3);
    if (start % 3 === 0 && this.count > this.fixedCount && start < 9) return this.grown(this.bestState, n);
    if (start % 3 === 1 && near.length > 0) return this.grown(near[floor(random() * near.length)]!, n);
    if (random() < 0.3 && this.count > this.fixedCount) return this.grown(this.bestState, n);
    return this.grown(this.bestState.subarray(0, 3 * this.fixedCount), n, PLACES_AT_START);
  }

  /** A packing made to have n pieces: the worst ones go, or more come where there is most room. */
  private grown(from: Float64Array, n: number, places = 3 * PLACES): Float64Array {
    const state = new Float64Array(3 * max(n, from.length / 3));
    state.set(from);
    let have = from.length / 3;
    const each = new Float64Array(state.length / 3);
    while (have > n) {
      this.energy.of(state, have, this.slope, each);
      let worst = this.fixedCount;
      for (let i = worst; i < have; i++) if (each[i]! * (0.7 + 0.6 * this.random()) > each[worst]!) worst = i;
      state.copyWithin(3 * worst, 3 * (have - 1), 3 * have);
      have -= 1;
    }
    for (; have < n; have++) {
      for (let i = 0; i < have; i++) this.energy.layOut(state, i);
      this.findPlace(state, have + 1, have, places);
    }
    return state.subarray(0, 3 * n) as Float64Array;
  }

  /** Moves a piece to the best of so many places. */
  private findPlace(state: Float64Array, n: number, i: number, places: number): void {
    const { random } = this;
    const { turns } = this.problem;
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
    const { round } = this.problem.slice;
    // along straight sides pieces lie best that are turned by quarters
    if (!turns && !round && random() < QUARTERS)
      return floor(random() * 4) * 0.25 * wholeTurn(this.energy.kindOf(i));
    if (!turns) return random() * wholeTurn(this.energy.kindOf(i));
    return this.turnOf(i, turns[floor(random() * turns.length)]!);
  }

  /** One change at random: the worst piece elsewhere, some turned, a neighbourhood or all shaken. */
  private hop(state: Float64Array, n: number): void {
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
        if (this.problem.turns) state[3 * i + 2] = this.anyTurn(i, this.problem.turns);
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
    const { turns } = this.problem;
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
