import { describe, expect, test } from '@jest/globals';
import type { LaidElement, Plan, Surface } from '../plan/index.js';
import { laidBowl as bowl, laidHeap as heap } from '../testing/laid.js';
import { lies, planWith } from '../testing/plans.js';
import { figuresOf, hardOverlaps, judged, laySurface } from './index.js';

const plan = planWith({});
const surface: Surface = { ...plan.surfaces[0]!, outline: { kind: 'round', diameterMm: 220 }, rimMm: 10 };

const scores = (elements: LaidElement[], otherPlan: Plan = plan) => figuresOf(otherPlan, surface, elements);

describe('the figures of a layout', () => {
  test('one bowl that fills the ground covers all of it, one of half the width a quarter', () => {
    expect(scores([bowl('hummus-home', 0, 0, 204)]).covered).toBeGreaterThan(0.99);
    expect(scores([bowl('hummus-home', 0, 0, 100)]).covered).toBeCloseTo(0.25, 1);
  });

  test('what lies over something else covers nothing twice', () => {
    const once = scores([bowl('hummus-home', 0, 0, 100)]).covered;
    expect(
      scores([
        bowl('hummus-home', 0, 0, 100),
        heap('blueberries', [
          [0, 0],
          [10, 5],
        ]),
      ]).covered,
    ).toBe(once);
  });

  test('herbs and food beyond the rim count nothing', () => {
    const herb = { ...heap('rosemary', [[0, 0]]), layer: 6 };
    expect(scores([herb])).toMatchObject({ covered: 0, pieces: 0 });
    expect(scores([bowl('hummus-home', 300, 0, 100)]).covered).toBe(0);
  });

  test('an empty board covers nothing and has no neighbours', () => {
    expect(scores([])).toEqual({
      covered: 0,
      sameColours: 0,
      wetByCrisp: 0,
      together: 0,
      hardOverlaps: 0,
      pieces: 0,
    });
  });

  test('a food that no larder knows is left out of the figures', () => {
    expect(scores([bowl('nobody-knows', 0, 0, 100)]).covered).toBe(0);
  });

  test('two foods of one colour that touch are one pair; apart, or of one food, they are none', () => {
    const touch = [bowl('brie', -40, 0, 80), bowl('goat-log', 40, 0, 80)];
    expect(scores(touch).sameColours).toBe(1);
    expect(scores([bowl('brie', -55, 0, 60), bowl('goat-log', 55, 0, 60)]).sameColours).toBe(0);
    expect(scores([bowl('brie', -40, 0, 80), bowl('brie', 40, 0, 80, 2)]).sameColours).toBe(0);
  });

  test('wet by crisp is counted where they touch', () => {
    const crisp = heap('water-crackers', [
      [20, 0],
      [20, 30],
    ]);
    const fruit = (food: string) =>
      heap(food, [
        [-10, 0],
        [-10, 16],
        [-10, 32],
      ]);
    expect(scores([fruit('orange-wheels'), crisp]).wetByCrisp).toBe(1);
    expect(scores([fruit('green-grapes'), crisp]).wetByCrisp).toBe(0);
    // in a bowl it is dry for its neighbours
    expect(scores([bowl('honey', -40, 0, 80), bowl('water-crackers', 40, 0, 80)]).wetByCrisp).toBe(0);
  });

  test('cheese by its cracker goes together', () => {
    expect(scores([bowl('brie', -40, 0, 80), bowl('water-crackers', 40, 0, 80)]).together).toBe(1);
  });

  test('a gap of a crumb’s width does not part two neighbours, a finger’s width does', () => {
    expect(scores([bowl('brie', -42, 0, 80), bowl('goat-log', 42, 0, 80)]).sameColours).toBe(1);
    expect(scores([bowl('brie', -52, 0, 80), bowl('goat-log', 52, 0, 80)]).sameColours).toBe(0);
  });

  test('hard things that were dragged over each other are counted and named; heaps may lap', () => {
    const over = [bowl('brie', -20, 0, 80), bowl('goat-log', 20, 0, 80)];
    expect(scores(over).hardOverlaps).toBe(1);
    expect(hardOverlaps(over)).toEqual([['brie-1', 'goat-log-1']]);
    expect(hardOverlaps([heap('blueberries', [[0, 0]]), heap('strawberries', [[0, 0]])])).toEqual([]);
  });

  test('turning an element turns its pieces with it', () => {
    const row = heap('cucumber', [
      [-60, 0],
      [-30, 0],
      [30, 0],
      [60, 0],
    ]);
    expect(scores([{ ...row, angle: 90 }]).covered).toBeCloseTo(scores([row]).covered, 1);
  });

  test('the layout’s own figures are those of its elements', () => {
    const laid = planWith({
      surfaces: [surface],
      placements: [lies('brie', 250), lies('strawberries', 160), lies('water-crackers', 60)],
    });
    const done = laySurface(laid, laid.surfaces[0]!, 4);
    const { figures, scores, whole } = judged(laid, laid.surfaces[0]!, done.elements);
    expect(done).toMatchObject({ figures, scores, whole, coverage: figures.covered });
  });
});
