import { cardsOfSurface, promisesKept, wantsLabel } from '../board/index.js';
import type { Component, Larder } from '../catalogue/index.js';
import type { LaidElement, Surface } from '../plan/index.js';
import { ENGLISH, speak, type Speech } from '../words/index.js';
import { surfaceSize } from './boards.js';
import { closed } from './brush.js';
import { linear, type Pen } from './pen.js';

/** Sizes of a card in millimetres: letters that are read from where one stands. */
const LETTER_MM = 7.2;
const LETTER_WIDE = 0.52;
const [SIDE_MM, TOP_MM, LINE_MM] = [3.6, 2.4, 7.8];
const LONGEST_LINE = 16;
const LONGEST_WORD = 22;
const GAP_MM = 2;

interface Card {
  lines: string[];
  x: number;
  y: number;
  l: number;
  w: number;
}

/** Words in lines as a card holds them; a word that is longer than a card is cut. */
function inLines(text: string): string[] {
  const lines: string[] = [];
  for (const word of text.split(/\s+/)) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= LONGEST_LINE)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines.map((line) => (line.length > LONGEST_WORD ? `${line.slice(0, LONGEST_WORD - 1)}…` : line));
}

/** A name as a hand writes it on a card: what stands before a comma, in two lines where it is long. */
export function cardLines(name: string): string[] {
  const lines = inLines(name.split(/[,(]/)[0]!.trim());
  return lines.length > 2 ? [lines[0]!, `${lines[1]!} …`] : lines;
}

function cardOf(lines: string[], x: number, y: number): Card {
  const longest = Math.max(...lines.map((line) => [...line].length));
  return {
    lines,
    x,
    y,
    l: longest * LETTER_MM * LETTER_WIDE + 2 * SIDE_MM,
    w: lines.length * LINE_MM + 2 * TOP_MM,
  };
}

const overlap = (a: Card, b: Card): boolean =>
  Math.abs(a.x - b.x) < (a.l + b.l) / 2 + GAP_MM && Math.abs(a.y - b.y) < (a.w + b.w) / 2 + GAP_MM;

/** The heap of each food that wants a card at which it stands: the largest. */
function largest(elements: readonly LaidElement[]): LaidElement[] {
  const of = new Map<string, LaidElement>();
  const size = (element: LaidElement): number => {
    const [xs, ys] = [0, 1].map((i) => element.outline.map((p) => p[i]!)) as [number[], number[]];
    return (Math.max(...xs) - Math.min(...xs)) * (Math.max(...ys) - Math.min(...ys));
  };
  for (const element of elements) {
    const known = of.get(element.componentId);
    if (!known || size(element) > size(known)) of.set(element.componentId, element);
  }
  return [...of.values()];
}

/**
 * What a tray is, and what is not on it: who may not eat from the others looks for that. What was promised stands there only
 * while everything that lies there keeps it.
 */
function trayLines(surface: Surface, lying: readonly Component[], speech: Speech): string[] {
  const foods = promisesKept(surface, lying).map(({ name }) => name);
  if (foods.length === 0) return cardLines(surface.name);
  const free = speak({ say: 'paper.free-from', with: { foods: { all: foods, most: foods.length } } }, speech);
  return [...cardLines(surface.name), ...inLines(free)];
}

/** Cards of a surface: before a part that is kept for somebody, at the back of each cheese, or before it where another stands there; none hangs over the edge. */
export function cardsOn(
  surface: Surface,
  elements: readonly LaidElement[],
  larder: Larder,
  speech: Speech = ENGLISH,
): Card[] {
  const [length, width] = surfaceSize(surface);
  const within = (card: Card): Card => ({
    ...card,
    x: Math.max(-(length - card.l) / 2, Math.min((length - card.l) / 2, card.x)),
    y: Math.max(-(width - card.w) / 2, Math.min((width - card.w) / 2, card.y)),
  });
  const own = cardsOfSurface(surface);
  const lying = [...new Set(elements.map(({ componentId }) => larder.get(componentId)))].filter(
    (component) => component !== undefined,
  );
  const cards: Card[] = own.includes('free-from')
    ? [within(cardOf(trayLines(surface, lying, speech), 0, width / 2))]
    : [];
  const kept = elements.filter(({ inZone }) => inZone).flatMap(({ outline }) => outline);
  if (own.includes('kept-part') && kept.length > 0) {
    const [xs, ys] = [kept.map(([x]) => x), kept.map(([, y]) => y)];
    const lines = inLines(speak({ say: 'paper.kept-part' }, speech));
    cards.push(within(cardOf(lines, (Math.min(...xs) + Math.max(...xs)) / 2, Math.max(...ys))));
  }
  if (surface.singles) return cards;
  const foods = elements.filter(({ componentId }) => {
    const component = larder.get(componentId);
    return component !== undefined && wantsLabel(component);
  });
  for (const element of largest(foods)) {
    const ys = element.outline.map((p) => p[1]);
    const places = [Math.min(...ys), element.y, Math.max(...ys)].map((y) =>
      within(cardOf(cardLines(larder.get(element.componentId)!.name), element.x, y)),
    );
    cards.push(places.find((card) => !cards.some((other) => overlap(card, other))) ?? places[0]!);
  }
  return cards;
}

const PAPER = '#fbf6e6';
const INK = '#2b2118';

/** A small paper card on its pick, with the name of what it stands at. */
export function drawLabels(
  pen: Pen,
  surface: Surface,
  elements: readonly LaidElement[],
  larder: Larder,
): void {
  for (const { lines, x, y, l, w } of cardsOn(surface, elements, larder)) {
    const sheet = closed([
      [-l / 2, -w / 2],
      [l / 2, -w / 2],
      [l / 2, w / 2],
      [-l / 2, w / 2],
    ]);
    pen.group(x, y, 0, () => {
      pen.group(1.2, 2.2, 0, () => pen.path(sheet, { fill: '#1c0b02', opacity: 0.34 }));
      // the pick that holds it, seen where it goes in
      pen.path(`M0 ${w / 2}l0.6 4`, { stroke: '#c79a5b', width: 1.6 });
      pen.path(sheet, {
        fill: linear({ 0: PAPER, 1: '#efe6cc' }, [0, 0, 0, 1]),
        stroke: '#b9a67c',
        width: 0.35,
      });
      lines.forEach((line, i) => pen.text(0, -w / 2 + TOP_MM + (i + 0.76) * LINE_MM, LETTER_MM, line, INK));
    });
  }
}
