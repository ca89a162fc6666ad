import { createRandom } from '../../measure/index.js';
import type { Polygon } from '../../geometry/index.js';
import { sliceAreaMm2, type Slice } from '../slice.js';
import { boundOf } from './bound.js';
import type { Distances } from './energy.js';
import type { Placed } from './exact.js';
import { kindOf, type Kind } from './kind.js';
import { MOST_PIECES, Search } from './search.js';

export { MOST_PIECES } from './search.js';
export type { Distances } from './energy.js';
export type { Placed } from './exact.js';

/** What is to be cut from one slice. */
export interface NestRequest extends Distances {
  slice: Slice;
  /** Outlines in millimetres, and how many of each are wanted; without a number, as many as there is room for. */
  cutters: readonly { outline: Polygon; want?: number }[];
  /** Degrees by which cutters may be turned, for stripes and grain; any without. */
  turns?: readonly number[];
  /** Pieces that a hand has placed: they stay. `cutter` counts in `cutters`; degrees. */
  locked?: readonly { cutter: number; x: number; y: number; angle: number }[];
  seed: number;
}

export interface Nest {
  pieces: readonly Placed[];
  byCutter: number[];
  /** No packing has more pieces, as far as areas tell; the wanted number where that is less. */
  bound: number;
  /** Of the slice's area, what the pieces take. */
  yield: number;
}

/**
 * The order in which pieces are added: what is wanted by number first, the one that lacks most of its number before the
 * others; then as many as possible of the rest, in turns.
 */
export function orderOf(
  cutters: NestRequest['cutters'],
  locked: readonly { cutter: number }[] = [],
): number[] {
  const have = cutters.map((_, k) => locked.filter(({ cutter }) => cutter === k).length);
  const order: number[] = [];
  while (order.length < MOST_PIECES) {
    const lacks = cutters
      .map(({ want }, k) => ({ k, share: want === undefined || want === 0 ? 1 : have[k]! / want }))
      .filter(({ k, share }) => cutters[k]!.want !== undefined && cutters[k]!.want! > 0 && share < 1);
    const free = cutters.flatMap(({ want }, k) => (want === undefined ? [{ k, share: have[k]! }] : []));
    const [next] = (lacks.length > 0 ? lacks : free).sort((a, b) => a.share - b.share || a.k - b.k);
    if (!next) break;
    order.push(next.k);
    have[next.k]! += 1;
  }
  return order;
}

/** A nesting that is stepped: a first answer after the first steps, better ones as it goes on; the same for the same seed. */
export class Nesting {
  private readonly search: Search;
  private readonly kinds: readonly Kind[];
  private readonly bound: number;

  constructor(private readonly request: NestRequest) {
    const { cutters, slice, gapMm, marginMm, locked = [], turns, seed } = request;
    this.kinds = cutters.map(({ outline }) => kindOf(outline, Math.max(gapMm, marginMm) + 0.6));
    this.search = new Search({
      kinds: this.kinds,
      slice,
      distances: { gapMm, marginMm },
      order: orderOf(cutters, locked),
      locked,
      ...(turns ? { turns } : {}),
      random: createRandom(seed),
    });
    const most = this.kinds.map((kind) => boundOf(kind, slice, { gapMm, marginMm }));
    const wanted = cutters.reduce((sum, { want }) => sum + (want ?? Infinity), 0);
    this.bound = Math.min(Math.max(...most), wanted);
  }

  get done(): boolean {
    return this.search.done;
  }

  /** Looked at so many packings; a machine does the same number for the same answer. */
  get steps(): number {
    return this.search.evaluations;
  }

  /** How many fit in the best rows alone; undefined until that is known. */
  get inRows(): number | undefined {
    return this.search.inRows;
  }

  step(): void {
    this.search.step();
  }

  get best(): Nest {
    const pieces = this.search.best;
    const byCutter = this.kinds.map((_, k) => pieces.filter(({ cutter }) => cutter === k).length);
    const area = byCutter.reduce((sum, n, k) => sum + n * this.kinds[k]!.areaMm2, 0);
    return {
      pieces,
      byCutter,
      // pieces that a hand has set close together may be more than any packing
      bound: Math.max(this.bound, pieces.length),
      yield: area / sliceAreaMm2(this.request.slice),
    };
  }
}
