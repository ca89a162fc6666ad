import type { Component } from '../catalogue/index.js';
import type { LaidElement, Plan, Surface } from '../plan/index.js';
import { convexOverlap } from '../geometry/index.js';
import { goTogether } from './neighbours.js';
import { HARD_LAYER } from './lies.js';
import { MIN_BORDER_MM, readingOf, type Reading } from './reading.js';
import { coveredShare, keptOn, whole, type Fault, type TermId } from './terms/index.js';

/** What a layout counts, read off its elements as they lie, dragged ones included. */
export interface Figures {
  /** Share of the ground inside the rim that food hides; herbs and what lies under count nothing. */
  covered: number;
  /** Pairs of different foods of nearly one colour with a common border of two centimetres or more. */
  sameColours: number;
  /** Pairs that lie loose: what weeps, by what is crisp. */
  wetByCrisp: number;
  together: number;
  hardOverlaps: number;
  /** Pieces on the board, herbs left out. */
  pieces: number;
}

/** How well each rule is kept, 0 to 1. */
export type Scores = Record<TermId, number>;

/** Do hard elements overlap, as a stylist may have dragged them? Pairs of their ids. */
export function hardOverlaps(elements: readonly LaidElement[]): [string, string][] {
  const hard = elements.filter((element) => element.layer === HARD_LAYER);
  return hard.flatMap((element, i) =>
    hard
      .slice(i + 1)
      .filter((otherElement) => convexOverlap(element.outline, otherElement.outline))
      .map((otherElement): [string, string] => [element.id, otherElement.id]),
  );
}

/** Pairs of foods with a common border, each pair of components once. */
function neighbours({ contacts }: Reading): [Component, Component][] {
  const pairs = new Map<string, [Component, Component]>();
  for (const { a, b, mm } of contacts)
    if (mm >= MIN_BORDER_MM && a.component.id !== b.component.id)
      pairs.set([a.component.id, b.component.id].sort().join(' '), [a.component, b.component]);
  return [...pairs.values()];
}

const pairsAmong = (faults: readonly Fault[]): number =>
  new Set(faults.map(({ components }) => [...components].sort().join(' '))).size;

/** What a surface's layout counts and how well it keeps each rule. Takes a few milliseconds; an empty layout covers nothing. */
export function judged(
  plan: Plan,
  surface: Surface,
  elements: readonly LaidElement[],
): { figures: Figures; scores: Scores; whole: number } {
  const reading = readingOf(plan, surface, elements);
  const kept = keptOn(reading);
  const round3 = (n: number) => Math.round(n * 1000) / 1000;
  return {
    figures: {
      covered: round3(coveredShare(reading)),
      sameColours: pairsAmong(kept.get('colours')!.faults),
      wetByCrisp: pairsAmong(kept.get('dry')!.faults),
      together: neighbours(reading).filter(([a, b]) => goTogether(a, b)).length,
      hardOverlaps: hardOverlaps(elements).length,
      pieces: reading.foods.reduce((sum, { element }) => sum + element.pieces.length, 0),
    },
    scores: Object.fromEntries([...kept].map(([id, { score }]) => [id, round3(score)])) as Scores,
    whole: round3(whole(kept)),
  };
}

export const figuresOf = (plan: Plan, surface: Surface, elements: readonly LaidElement[]): Figures =>
  judged(plan, surface, elements).figures;

/** Where each rule falls short on a surface as it is laid: the places that a slip lights. */
export const faultsOf = (
  plan: Plan,
  surface: Surface,
  elements: readonly LaidElement[],
): ReadonlyMap<TermId, readonly Fault[]> =>
  new Map([...keptOn(readingOf(plan, surface, elements))].map(([id, { faults }]) => [id, faults]));
