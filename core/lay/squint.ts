import { lightnessOf, nearColour } from '../board/index.js';
import { colourName } from '../catalogue/index.js';
import type { LaidElement, Plan, Surface } from '../plan/index.js';
import { readingOf } from './reading.js';

/** What is left of a board with half-closed eyes: shares from 0 to 1 of what is seen of the food from above. */
export interface Squint {
  /** To the left of the middle, and before it (y down). */
  left: number;
  front: number;
  /** Darker than the middle of the scale; and of that how much lies left. */
  dark: number;
  darkLeft: number;
  /** Colours by their plain names, the most first. */
  colours: readonly { name: string; share: number }[];
  /** The theme's colours, in its order; near is near enough. */
  palette: readonly { colour: string; share: number }[];
}

const DARK = 0.55;

/** The figures of a squint; undefined where nothing lies. */
export function squintOf(plan: Plan, surface: Surface, elements: readonly LaidElement[]): Squint | undefined {
  const { foods, owner, grid, palette } = readingOf(plan, surface, elements);
  const colours = foods.map(({ component }) => component.colours[0]);
  const isDark = colours.map((colour) => lightnessOf(colour) < DARK);
  let [seen, left, front, dark, darkLeft] = [0, 0, 0, 0, 0];
  for (let c = 0; c < owner.length; c++) {
    const i = owner[c]!;
    if (i < 0) continue;
    const isLeft = grid.xOf(c % grid.columns) < 0;
    seen += 1;
    if (isLeft) left += 1;
    if (grid.yOf(Math.floor(c / grid.columns)) > 0) front += 1;
    if (!isDark[i]) continue;
    dark += 1;
    if (isLeft) darkLeft += 1;
  }
  if (seen === 0) return undefined;
  const shareOf = (test: (colour: string) => boolean) =>
    foods.reduce((sum, food, i) => sum + (test(colours[i]!) ? food.seen : 0), 0) / seen;
  const names = [...new Set(colours.map(colourName))];
  return {
    left: left / seen,
    front: front / seen,
    dark: dark / seen,
    darkLeft: dark === 0 ? 0.5 : darkLeft / dark,
    colours: names
      .map((name) => ({ name, share: shareOf((colour) => colourName(colour) === name) }))
      .sort((a, b) => b.share - a.share),
    palette: palette.map((colour) => ({ colour, share: shareOf((own) => nearColour(own, colour)) })),
  };
}
