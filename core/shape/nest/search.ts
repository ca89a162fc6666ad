import type { Random } from '../../measure/index.js';
import { placed, hypot2 } from '../../geometry/index.js';
import type { Slice } from '../slice.js';
import { boundOf } from './bound.js';
import { Energy, type Distances } from './energy.js';
import { isKept, placedBy, type Placed } from './exact.js';
import type { Kind } from './kind.js';
import { Minimiser } from './minimise.js';
import { boundsOf, docksOf, Moves, PLACES, type Bounds } from './moves.js';
import { rowsOf, type Rows } from './rows.js';

const { abs, ceil, floor, max, min } = Math;

/** Below this energy a packing is tried for real. */
const ENOUGH = 1e-6;
const MINIMISE_STEPS = 120;
const GIVE_UP = 0.8;
const PLACES_AT_START = 12;
/** Ways to lay rows over the slice. */
const ROWS_KEPT = 6;
const ROWS_LAID = 150;
const ANGLE_STEP = 4;
/** Rows are laid too densely by these too: minimising spreads them. */
const TOO_DENSE_MM = [1.5, 3, 5];
/** A worse packing is gone on with so often. */
const ACCEPT_WORSE = 0.02;
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
  private readonly bounds: Bounds;
  private readonly most: number;
  private readonly fixedCount: number;
  private readonly seeds: Float64Array[] = [];
  private readonly moves: Moves;
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
    this.bounds = boundsOf(slice.outer);
    this.moves = new Moves(this.energy, this.random, problem.turns, locked.length);
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
    this.moves.docks = ways
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
            state.push(x, y, this.moves.turnOf(0, rows.angle + turn + half));
        }
      }
    }
    return state;
  }

  private fits(x: number, y: number, angle: number, over: number): boolean {
    const [left, top, right, bottom] = this.bounds;
    if (x < left || x > right || y < top || y > bottom) return false;
    this.scratch[0] = x;
    this.scratch[1] = y;
    this.scratch[2] = this.moves.turnOf(0, angle);
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
        this.moves.hop(hopped, n);
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
      this.moves.findPlace(state, have + 1, have, places);
    }
    return state.subarray(0, 3 * n) as Float64Array;
  }
}
