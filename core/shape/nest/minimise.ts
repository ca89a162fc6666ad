import type { Energy } from './energy.js';

const { abs, max } = Math;

/** Steps that are remembered, and the least that a step must gain. */
const MEMORY = 7;
const ARMIJO = 1e-4;
const SHORTER = 0.4;
const SHORTENINGS = 12;
/** After so many steps it is looked whether it still goes down. */
const LOOK_EACH = 15;

export interface MinimiseOptions {
  steps: number;
  /** An energy below this is as good as nought. */
  enough: number;
  /** No piece goes further at once, in millimetres. */
  farthest: number;
  /** Given up where so many steps leave more than this share of the energy. */
  giveUp: number;
  /** Given up, too, where it stays far above this. */
  reference?: number;
}

/** Limited-memory BFGS (Nocedal and Wright, Numerical Optimization, algorithm 7.5) with its buffers kept. */
export class Minimiser {
  private readonly steps: Float64Array[];
  private readonly bends: Float64Array[];
  private readonly rho = new Float64Array(MEMORY);
  private readonly alpha = new Float64Array(MEMORY);
  private slope: Float64Array;
  private nextSlope: Float64Array;
  private readonly next: Float64Array;
  private readonly way: Float64Array;
  /** Pairs in memory, and where the next one goes. */
  private count = 0;
  private head = 0;

  constructor(most: number) {
    const make = () => new Float64Array(3 * most);
    this.steps = Array.from({ length: MEMORY }, make);
    this.bends = Array.from({ length: MEMORY }, make);
    [this.slope, this.nextSlope, this.next, this.way] = [make(), make(), make(), make()];
  }

  /** Moves the first n pieces of x downhill; returns the energy where they end. */
  run(energy: Energy, x: Float64Array, n: number, options: MinimiseOptions): number {
    this.count = this.head = 0;
    let value = energy.of(x, n, this.slope);
    let looked = value;
    for (let step = 0; step < options.steps && value > options.enough; step++) {
      const slope = this.direction(3 * n);
      if (slope >= 0) {
        if (this.count === 0) break;
        this.count = 0;
        continue;
      }
      const found = this.lineSearch(energy, x, n, { value, slope, farthest: options.farthest });
      if (found === undefined) {
        if (this.count === 0) break;
        this.count = 0;
        continue;
      }
      this.remember(x, 3 * n);
      x.set(this.next.subarray(0, 3 * n));
      [this.slope, this.nextSlope] = [this.nextSlope, this.slope];
      value = found;
      if (step % LOOK_EACH !== LOOK_EACH - 1) continue;
      const hopeless = step >= 2 * LOOK_EACH - 1 && value > 4 * (options.reference ?? Infinity);
      if (value > looked * options.giveUp || hopeless) break;
      looked = value;
    }
    return value;
  }

  /** Downhill by the two-loop recursion; returns the slope that way. */
  private direction(n: number): number {
    const { way, slope, steps, bends, rho, alpha } = this;
    for (let i = 0; i < n; i++) way[i] = -slope[i]!;
    for (let k = 1; k <= this.count; k++) {
      const at = (this.head - k + MEMORY) % MEMORY;
      const s = steps[at]!;
      const y = bends[at]!;
      let a = 0;
      for (let i = 0; i < n; i++) a += s[i]! * way[i]!;
      a *= rho[at]!;
      alpha[at] = a;
      for (let i = 0; i < n; i++) way[i]! -= a * y[i]!;
    }
    let scale = 0.15;
    if (this.count > 0) {
      const at = (this.head - 1 + MEMORY) % MEMORY;
      let square = 0;
      for (let i = 0; i < n; i++) square += bends[at]![i]! ** 2;
      scale = 1 / (rho[at]! * square);
    }
    for (let i = 0; i < n; i++) way[i]! *= scale;
    for (let k = this.count; k >= 1; k--) {
      const at = (this.head - k + MEMORY) % MEMORY;
      const s = steps[at]!;
      const y = bends[at]!;
      let b = 0;
      for (let i = 0; i < n; i++) b += y[i]! * way[i]!;
      const c = alpha[at]! - rho[at]! * b;
      for (let i = 0; i < n; i++) way[i]! += c * s[i]!;
    }
    let along = 0;
    for (let i = 0; i < n; i++) along += way[i]! * slope[i]!;
    return along;
  }

  private lineSearch(
    energy: Energy,
    x: Float64Array,
    n: number,
    { value, slope, farthest }: { value: number; slope: number; farthest: number },
  ): number | undefined {
    let longest = 0;
    for (let i = 0; i < 3 * n; i++) longest = max(longest, abs(this.way[i]!));
    let step = longest > farthest ? farthest / longest : 1;
    for (let k = 0; k < SHORTENINGS; k++) {
      for (let i = 0; i < 3 * n; i++) this.next[i] = x[i]! + step * this.way[i]!;
      const found = energy.of(this.next, n, this.nextSlope);
      if (found <= value + ARMIJO * step * slope) return found;
      step *= SHORTER;
    }
    return undefined;
  }

  private remember(x: Float64Array, n: number): void {
    const s = this.steps[this.head]!;
    const y = this.bends[this.head]!;
    let product = 0;
    for (let i = 0; i < n; i++) {
      s[i] = this.next[i]! - x[i]!;
      y[i] = this.nextSlope[i]! - this.slope[i]!;
      product += s[i]! * y[i]!;
    }
    if (product <= 1e-14) return;
    this.rho[this.head] = 1 / product;
    this.head = (this.head + 1) % MEMORY;
    this.count = Math.min(MEMORY, this.count + 1);
  }
}
