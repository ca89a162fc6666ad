import { beforeAll, describe, expect, test } from '@jest/globals';
import { PDFDocument } from 'pdf-lib';
import { stagesOf, STAGES } from '../../lay/index.js';
import { layPlan } from '../../lay/index.js';
import type { Plan } from '../../plan/index.js';
import { PAPERS } from '../../shape/index.js';
import { lies, planWith } from '../../testing/plans.js';
import { ENGLISH } from '../../words/index.js';
import { boardSheet } from './board.js';
import { plain, POINTS } from './pages.js';
import { foodWords } from './words.js';

let plan: Plan;
beforeAll(() => {
  plan = layPlan(
    planWith({
      placements: [
        lies('brie', 250),
        lies('hummus-home', 240),
        lies('almonds', 60, { contained: true }),
        lies('salami', 150),
        lies('water-crackers', 120),
        lies('blueberries', 200),
        lies('basil', 4),
      ],
    }),
    3,
  ).plan;
});
const surface = () => plan.surfaces[0]!;

describe('the stages of laying', () => {
  test('stand in the order in which a board is laid, each element in one of them, each food with one number', () => {
    const stages = stagesOf(plan, surface());
    const order = stages.map(({ id }) => STAGES.indexOf(id));
    expect(order).toEqual([...order].sort((a, b) => a - b));
    const foods = stages.flatMap((stage) => stage.foods);
    expect(foods.map(({ number }) => number)).toEqual(foods.map((_, i) => i + 1));
    const ids = foods.flatMap(({ elements }) => elements.map(({ id }) => id));
    expect(ids.toSorted()).toEqual(plan.layout[0]!.elements.map(({ id }) => id).toSorted());
    expect(stages[0]!.id).toBe('bowls');
    expect(stages[0]!.foods.map(({ component }) => component.id)).toContain('almonds');
  });

  test('their grams are the plan’s, and their pieces too', () => {
    const foods = stagesOf(plan, surface()).flatMap((stage) => stage.foods);
    for (const placement of plan.placements) {
      const food = foods.find(({ component }) => component.id === placement.componentId)!;
      expect(Math.abs(food.massG - placement.massG)).toBeLessThan(1.5);
      if (food.bowls === 0) expect(food.piles.reduce((sum, n) => sum + n, 0)).toBe(placement.pieces);
    }
  });

  test('say in words how each food lies', () => {
    const foods = stagesOf(plan, surface()).flatMap((stage) => stage.foods);
    const berries = foods.find(({ component }) => component.id === 'blueberries')!;
    const { name, how } = foodWords(berries, ENGLISH);
    expect(name).toContain('Blueberries');
    expect(how).toMatch(/^\d+ pieces in \d places: [\d, ]+; 200 g$/);
    const hummus = foods.find(({ component }) => component.id === 'hummus-home')!;
    expect(foodWords(hummus, ENGLISH).how).toMatch(/in (a bowl|2 bowls); 240 g/);
  });
});

describe('sheets of a laid board', () => {
  test.each(['a4', 'letter'] as const)(
    'have the size of %s, and as many pages as they need',
    async (paper) => {
      const pages = async (kind: 'build' | 'legend' | 'template') =>
        (await PDFDocument.load((await boardSheet(plan, surface(), kind, paper, ENGLISH))!)).getPages();
      const [build, legend, template] = [
        await pages('build'),
        await pages('legend'),
        await pages('template'),
      ];
      // the cards of the cheeses are a step of their own
      expect(build.length).toBe(Math.ceil((stagesOf(plan, surface()).length + 1) / 2));
      expect(legend.length).toBe(1);
      // a round of 400 mm takes three by two sheets, and its legend
      expect(template.length).toBe(7);
      for (const page of [...build, ...legend, ...template]) {
        const { width, height } = page.getSize();
        expect(width / POINTS).toBeCloseTo(PAPERS[paper].widthMm, 1);
        expect(height / POINTS).toBeCloseTo(PAPERS[paper].heightMm, 1);
      }
    },
  );

  test('are the same file each time: no clock is in them', async () => {
    const one = await boardSheet(plan, surface(), 'build', 'a4', ENGLISH);
    expect(
      Buffer.from(one!).equals(Buffer.from((await boardSheet(plan, surface(), 'build', 'a4', ENGLISH))!)),
    ).toBe(true);
  });

  test('nothing laid is no sheet', async () => {
    expect(await boardSheet({ ...plan, layout: [] }, surface(), 'build', 'a4', ENGLISH)).toBeUndefined();
  });

  test('letters that the face has not are marked, not refused', () => {
    expect(plain('Käse “Mond” – 5 € 日')).toBe('Käse "Mond" - 5 € ·');
  });
});
