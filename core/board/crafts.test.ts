import { describe, expect, test } from '@jest/globals';
import { homeMadeId } from '../catalogue/index.js';
import { applyCommand, planLarder, planSchema, type Plan } from '../plan/index.js';
import {
  cutterById,
  cutterOutline,
  filled,
  folded,
  mouldById,
  nestWord,
  rect,
  windowIn,
  wordOutlines,
} from '../shape/index.js';
import { id, lies, planWith } from '../testing/plans.js';
import { castMould, formOfFold, layFolded, layWord, openWindow } from './index.js';

const board = planWith({}).surfaces[0]!;
const food = (plan: Plan, name: string) => planLarder(plan).get(id(name))!;
const after = (plan: Plan, command: Parameters<typeof applyCommand>[1]): Plan => {
  const done = applyCommand(plan, command);
  if (!done.ok) throw new Error(JSON.stringify(done.problems));
  return done.plan;
};

describe('a window', () => {
  const outline = cutterOutline(cutterById('star')!, 60);
  const made = (plan: Plan) => ({
    wheel: food(plan, 'brie'),
    filling: food(plan, 'fig-jam'),
    outline,
    diameterMm: 110,
    heightMm: 30,
    opening: windowIn({ diameterMm: 110, heightMm: 30 }, outline, 60),
    surfaceId: board.id,
  });

  test('stays in the lots that its wheels had, and has the facts of both', () => {
    const plan = planWith({
      placements: [lies('brie', 250), { ...lies('brie', 250), lot: 1 }, lies('green-grapes', 200)],
    });
    const open = after(plan, openWindow(plan, made(plan)));
    const wheels = open.placements.filter(({ componentId }) => componentId.startsWith('home-'));
    expect(wheels.map(({ lot, pieces, form }) => [lot, pieces, form])).toEqual([
      [0, 1, 'wheel'],
      [1, 1, 'wheel'],
    ]);
    expect(open.placements.some(({ componentId }) => componentId === 'brie')).toBe(false);
    const [recipe] = open.recipes as [Plan['recipes'][number]];
    expect(recipe.parts[0]!.massG).toBe(2 * 251);
    const mixed = planLarder(open).get(homeMadeId(recipe))!;
    expect(mixed.animal.milk).toBe('contains');
    // the colour of the jam is seen in the window
    expect(mixed.colours[2]).toBe(food(plan, 'fig-jam').colours[0]);
    expect(planSchema.safeParse(open).success).toBe(true);
  });

  test('with no wheel on the board there is one', () => {
    const plan = planWith({});
    const open = after(plan, openWindow(plan, made(plan)));
    expect(open.placements.map(({ form, pieces }) => [form, pieces])).toEqual([['wheel', 1]]);
  });
});

test('what is moulded weighs what it was reckoned with, and lies by its outline', () => {
  const plan = planWith({});
  const gouda = food(plan, 'young-gouda');
  const found = filled(mouldById('fish-tray')!, gouda, 5);
  const cast = after(plan, castMould(plan, mouldById('fish-tray')!, gouda, 5, found, board.id));
  expect(cast.placements[0]).toMatchObject({ form: 'cut-outs', pieces: 5, massG: 94.5 });
  const fish = planLarder(cast).get(cast.placements[0]!.componentId)!;
  expect(fish.forms[0]!.outlines![0]!.outline.length).toBeGreaterThan(30);
  expect(fish.forms[0]!.pieceG).toBeCloseTo(18.9, 6);
});

test('what is said to be done fits what is melted: chocolate is not heated like cheese', () => {
  const plan = planWith({});
  const stepsOf = (name: string): string => {
    const mould = mouldById('fish-tray')!;
    const of = food(plan, name);
    return after(plan, castMould(plan, mould, of, 4, filled(mould, of, 4), board.id)).recipes[0]!.steps;
  };
  expect(stepsOf('young-gouda')).toContain('60 to 65 °C');
  expect(stepsOf('dark-chocolate')).toContain('no hotter than 45 °C');
  expect(stepsOf('pepper-jelly')).toContain('hot sugar burns');
  for (const name of ['dark-chocolate', 'pepper-jelly']) expect(stepsOf(name)).not.toContain('65 °C');
});

test('folds become the form that the food has, and none where it has none', () => {
  const plan = planWith({ placements: [lies('salami', 300)] });
  const salami = food(plan, 'salami');
  const slice = { lengthMm: 90, thicknessMm: 1.5, gPerMl: 1.05 };
  const laid = after(
    plan,
    layFolded(plan, salami, 'chain', folded('chain', slice, { grams: 120 }), board.id)!,
  );
  expect(laid.placements.map(({ form }) => form)).toEqual(['chain']);
  expect(laid.placements[0]!.massG).toBeLessThan(126);
  expect(formOfFold(food(plan, 'salami'), 'cone')?.form).toBe('cones');
  expect(formOfFold(food(plan, 'salami'), 'half-fold')?.form).toBe('quarter-folds');
  // fish in ribbons has no chain of its own
  expect(formOfFold(food(plan, 'smoked-salmon'), 'chain')?.form).toBe('ribbon');
  expect(formOfFold(food(plan, 'brie'), 'chain')).toBeUndefined();
  expect(
    layFolded(plan, food(plan, 'brie'), 'chain', folded('chain', slice, { slices: 3 }), board.id),
  ).toBeUndefined();
  expect(layFolded(plan, salami, 'chain', folded('chain', slice, { grams: 1 }), board.id)).toBeUndefined();
});

test('a word is one thing on the board: its letters in their order, as long as it was said', () => {
  const plan = planWith({});
  const gouda = food(plan, 'young-gouda');
  const asked = { text: 'MOON', set: 'bold' as const, heightMm: 30 };
  const found = nestWord({ ...asked, slice: rect(110, 80), food: gouda.id, gapMm: 2, marginMm: 2, seed: 1 });
  const { outlines, lengthMm } = wordOutlines(asked);
  expect(found.lengthMm).toBeCloseTo(lengthMm, 6);
  const middles = outlines.map((outline) => outline.reduce((sum, [x]) => sum + x, 0) / outline.length);
  expect([...middles].sort((a, b) => a - b)).toEqual(middles);
  const made = {
    text: 'MOON',
    food: gouda,
    found,
    outlines,
    heightMm: 30,
    thicknessMm: 6,
    sliceG: 55,
    surfaceId: board.id,
  };
  const laid = after(plan, layWord(made));
  const word = planLarder(laid).get(laid.placements[0]!.componentId)!;
  expect(laid.placements[0]).toMatchObject({ form: 'word', pieces: 1 });
  expect(word.forms[0]).toMatchObject({ form: 'word', lengthMm: lengthMm + 10, widthMm: 40 });
  expect(word.forms[0]!.outlines).toHaveLength(4);
  // the kitchen is told the grams of the slices, the board has those of the letters
  expect(laid.recipes[0]!.steps).toContain(`${found.slices.length * 55} g in all`);
  expect(laid.recipes[0]!.outG).toBeLessThan(30);
});
