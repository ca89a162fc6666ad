import type { Random } from '../measure/index.js';
import type { LaidElement } from '../plan/index.js';
import type { Point } from '../geometry/index.js';
import type { Laid } from './fill.js';
import type { Part } from './parts.js';
import type { Filled } from './settle.js';
import type { Standing } from './stand.js';

/** What only some elements have is written only there, so that plans without it stay as they were. */
const marks = (part: Part): Pick<LaidElement, 'ownTool' | 'inZone' | 'ware' | 'wallMm'> => ({
  ...(part.ownTool ? { ownTool: true } : {}),
  ...(part.inZone ? { inZone: true } : {}),
  ...(part.ware ? { ware: part.ware } : {}),
  ...(part.wallMm ? { wallMm: part.wallMm } : {}),
});

/** A pinned element stays where it is; its tool and its bowl may have been changed since. */
export function remarked(
  { ownTool: _tool, inZone: _zone, ware: _ware, wallMm: _wall, ...element }: LaidElement,
  part: Part,
): LaidElement {
  const kept = { ...element, ...marks(part) };
  if (part.bowlMm === null || element.bowlMm === null || round1(part.bowlMm) === element.bowlMm) return kept;
  const k = part.bowlMm / element.bowlMm;
  return {
    ...kept,
    bowlMm: round1(part.bowlMm),
    outline: element.outline.map(([x, y]) => [
      round1(element.x + (x - element.x) * k),
      round1(element.y + (y - element.y) * k),
    ]),
    pieces: element.pieces.map(([x, y, a]) => [round1(x * k), round1(y * k), a]),
  };
}

/** The pieces of what hands hold, where they lie on the surface. */
export function pinnedPieces(element: LaidElement): Laid[] {
  const [c, s] = [Math.cos((element.angle * Math.PI) / 180), Math.sin((element.angle * Math.PI) / 180)];
  return element.pieces.map(([x, y, angle]) => ({
    x: element.x + x * c - y * s,
    y: element.y + x * s + y * c,
    angle: angle + element.angle,
  }));
}

export const round1 = (n: number) => Math.round(n * 10) / 10;
const turn = (a: number) => round1(((a % 360) + 360) % 360);

export function hardElement(part: Part, { spot, outline }: Standing, random: Random): LaidElement {
  if (part.pinned) return remarked(part.pinned, part);
  const heap =
    part.bowlMm !== null && part.fact.form !== 'bowl'
      ? heapIn(part, part.bowlMm - (part.wallMm ?? 0), random)
      : [[0, 0, 0] as [number, number, number]];
  return {
    id: part.id,
    componentId: part.component.id,
    form: part.fact.form,
    contained: part.contained,
    x: round1(spot.x),
    y: round1(spot.y),
    angle: part.bowlMm !== null ? 0 : turn(spot.angle),
    layer: 4,
    pinned: false,
    outline: outline.map(([x, y]) => [round1(x), round1(y)]),
    pieces: heap,
    bowlMm: part.bowlMm === null ? null : round1(part.bowlMm),
    ...marks(part),
  };
}

/** Pieces in a bowl that is larger than they need are heaped in its middle: they cover each other by so much. */
const HEAPED_SHARE = 0.4;

/** Pieces heaped in a bowl: as many as the plan has, by the golden angle from the middle outward. */
function heapIn(part: Part, radiusMm: number, random: Random): [number, number, number][] {
  const GOLDEN = Math.PI * (3 - Math.sqrt(5));
  const { lengthMm, widthMm } = part.fact;
  const room = Math.max(2, radiusMm * 0.8 - Math.min(lengthMm, widthMm) / 2);
  const reach = Math.min(room, Math.sqrt((part.pieces * lengthMm * widthMm * HEAPED_SHARE) / Math.PI));
  return Array.from({ length: part.pieces }, (_, i) => {
    const r = reach * Math.sqrt((i + 0.5) / part.pieces);
    return [
      round1(r * Math.cos(i * GOLDEN)),
      round1(r * Math.sin(i * GOLDEN)),
      Math.round(random.range(0, 360)),
    ];
  });
}

const LAYER = { run: 1, loose: 2, line: 2 } as const;

/** `ground`: the outline of what its pieces were given. */
export function softElement(filled: Filled, ground: readonly Point[]): LaidElement {
  const n = Math.max(1, filled.pieces.length);
  const x = round1(filled.pieces.reduce((sum, laid) => sum + laid.x, 0) / n);
  const y = round1(filled.pieces.reduce((sum, laid) => sum + laid.y, 0) / n);
  return {
    id: filled.part.id,
    componentId: filled.part.component.id,
    form: filled.part.fact.form,
    contained: false,
    x,
    y,
    angle: 0,
    layer: LAYER[filled.part.kind as keyof typeof LAYER],
    pinned: false,
    outline:
      ground.length >= 3 ? ground.slice(0, 400).map(([px, py]): [number, number] => [px, py]) : around(x, y),
    pieces: filled.pieces.map((laid) => [
      round1(laid.x - x),
      round1(laid.y - y),
      Math.round(((laid.angle % 360) + 360) % 360),
    ]),
    bowlMm: null,
    ...marks(filled.part),
  };
}

/** A part that found no ground at all still has a place, so that it can be seen and dragged. */
const around = (x: number, y: number): [number, number][] => [
  [x - 5, y - 5],
  [x + 5, y - 5],
  [x, y + 5],
];
