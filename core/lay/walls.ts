import { areaOf, cutBy, middleOf, rectangle, type Point } from '../geometry/index.js';
import { compartmentsOf, outlineSize, type LaidElement, type Surface } from '../plan/index.js';
import type { Stands } from './anchors.js';
import { servingGround } from './grid.js';
import { isCrisp, isWet, wants } from './neighbours.js';
import type { Part } from './parts.js';
import { tooMany } from './stand.js';

const r1 = (n: number): number => Math.round(n * 10) / 10;

/** One compartment of a box: its middle on the surface, and its ground about that. */
export interface Compartment {
  at: Point;
  ground: Point[];
  areaCm2: number;
}

export const compartments = (surface: Surface): Compartment[] =>
  compartmentsOf(surface).map(({ x, y, lengthMm, widthMm }) => ({
    at: [r1(x), r1(y)],
    // clockwise on screen, as every ground is
    ground: rectangle(lengthMm, widthMm),
    areaCm2: (lengthMm * widthMm) / 100,
  }));

/** Half of the open way between small boards within a board. */
const WAY_MM = 6;

/** A board as three or four small ones: side by side on a long one, else about its middle. */
export function segmentsOf(surface: Surface): Compartment[] {
  const { segments } = surface;
  if (!segments) return [];
  const ground = servingGround(surface);
  const [length, width] = outlineSize(surface.outline);
  const middle = middleOf(ground);
  const cells =
    length / width > LONG
      ? Array.from({ length: segments }, (_, k) => {
          const [from, to] = [k, k + 1].map(
            (n) => -length / 2 + surface.rimMm + (n * (length - 2 * surface.rimMm)) / segments,
          );
          const left = k === 0 ? ground : cutBy(ground, [from! + WAY_MM, 0], [1, 0]);
          return k === segments - 1 ? left : cutBy(left, [to! - WAY_MM, 0], [-1, 0]);
        })
      : Array.from({ length: segments }, (_, k) => {
          // between two rays from the middle, each drawn in by half of the way
          const ray = (n: number): Point => {
            const turn = -Math.PI / 2 + (n * 2 * Math.PI) / segments;
            return [Math.cos(turn), Math.sin(turn)];
          };
          const [[ax, ay], [bx, by]] = [ray(k), ray(k + 1)];
          const after = cutBy(ground, [middle[0] - ay * WAY_MM, middle[1] + ax * WAY_MM], [-ay, ax]);
          return cutBy(after, [middle[0] + by * WAY_MM, middle[1] - bx * WAY_MM], [by, -bx]);
        });
  return cells.map((cell) => {
    // in tenths, so that what is pinned comes back to its own place
    const [mx, my] = middleOf(cell);
    const at: Point = [r1(mx), r1(my)];
    return {
      at,
      ground: cell.map(([x, y]): Point => [x - at[0], y - at[1]]),
      areaCm2: areaOf(cell) / 100,
    };
  });
}

/** A board is long from here on. */
const LONG = 1.5;

/** Piles go to the small boards in turn: the emptiest that has none of the food yet, so that each has something of everything. */
export function dealtOut(parts: readonly Part[], boards: readonly Compartment[]): Part[][] {
  const dealt = boards.map((): { parts: Part[]; cm2: number } => ({ parts: [], cm2: 0 }));
  const order = parts.toSorted(
    (a, b) =>
      Number(b.kind === 'hard') - Number(a.kind === 'hard') ||
      b.groundCm2 - a.groundCm2 ||
      (a.id < b.id ? -1 : 1),
  );
  for (const part of order) {
    const cost = (k: number): number => {
      const { at, areaCm2 } = boards[k]!;
      if (part.pinned) return Math.hypot(part.pinned.x - at[0], part.pinned.y - at[1]);
      const has = dealt[k]!.parts.filter(({ component }) => component === part.component).length;
      return has * 4 + (dealt[k]!.cm2 + part.groundCm2) / areaCm2;
    };
    const best = boards.map((_, k) => k).reduce((a, b) => (cost(b) < cost(a) ? b : a));
    dealt[best]!.parts.push(part);
    dealt[best]!.cm2 += part.groundCm2;
  }
  return dealt.map(({ parts }) => parts);
}

const standingOf = (parts: readonly Part[]): Part[] => parts.filter(({ kind }) => kind === 'hard');

/** Points against a bowl or a cheese that finds no place beside the others, a full compartment, for each share that lies over its ground, and for what lies in it with what it minds. */
const [NO_PLACE, OVER, WET_BY_CRISP, COMPANY, ALONE] = [1e4, 100, 4, 1.5, 0.4];

/** Which food goes into which compartment: the largest first, where there is room, away from juice, beside what it wants. */
export function sharedInto(parts: readonly Part[], boxes: readonly Compartment[]): Part[][] {
  const foods = [...new Set(parts.map(({ component }) => component))].map((component) => {
    const mine = parts.filter((part) => part.component === component);
    return { component, parts: mine, cm2: mine.reduce((sum, { groundCm2 }) => sum + groundCm2, 0) };
  });
  // what stands first: it goes only where it has its place
  const widest = ({ parts }: (typeof foods)[number]) =>
    Math.max(0, ...standingOf(parts).map(({ lengthMm, widthMm }) => lengthMm * widthMm));
  foods.sort((a, b) => widest(b) - widest(a) || b.cm2 - a.cm2 || (a.component.id < b.component.id ? -1 : 1));
  const filled = boxes.map((): typeof foods => []);
  for (const food of foods) {
    const pinned = food.parts.find((part) => part.pinned)?.pinned;
    const cost = (k: number): number => {
      const { areaCm2, at, ground } = boxes[k]!;
      if (pinned) return Math.hypot(pinned.x - at[0], pinned.y - at[1]);
      const full = filled[k]!.reduce((sum, { cm2 }) => sum + cm2, food.cm2) / areaCm2;
      const stands = standingOf(food.parts);
      const left =
        stands.length === 0
          ? 0
          : tooMany([...filled[k]!.flatMap(({ parts }) => standingOf(parts)), ...stands], ground);
      const minds = filled[k]!.filter(
        ({ component }) =>
          (isWet(component) && isCrisp(food.component)) || (isCrisp(component) && isWet(food.component)),
      ).length;
      const likes = filled[k]!.filter(
        ({ component }) => wants(component, food.component) || wants(food.component, component),
      ).length;
      return (
        NO_PLACE * left +
        OVER * Math.max(0, full - 1) +
        WET_BY_CRISP * minds -
        COMPANY * likes +
        full +
        (filled[k]!.length === 0 ? -ALONE : 0)
      );
    };
    const best = boxes.map((_, k) => k).reduce((a, b) => (cost(b) < cost(a) ? b : a));
    filled[best]!.push(food);
  }
  return filled.map((some) => some.flatMap(({ parts }) => parts));
}

/** An element elsewhere, as it lies. */
export const shiftedBy = (element: LaidElement, [dx, dy]: Point): LaidElement => ({
  ...element,
  x: r1(element.x + dx),
  y: r1(element.y + dy),
  outline: element.outline.map(([x, y]) => [r1(x + dx), r1(y + dy)]),
});

export const standsBy = (stands: Stands | undefined, [dx, dy]: Point): Stands | undefined =>
  stands && new Map([...stands].map(([id, spot]) => [id, { ...spot, x: spot.x + dx, y: spot.y + dy }]));
