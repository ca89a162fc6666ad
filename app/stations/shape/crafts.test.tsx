/** @jest-environment ./app/testing/jsdom.mjs */
import { openStation, planNow, saved, type Hands } from '../../testing/papers.js';
import { SAVED } from '../../testing/dom.js';
import { describe, expect, test } from '@jest/globals';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { homeMadeId } from '../../../core/catalogue/index.js';
import { judgeGroup } from '../../../core/needs/index.js';
import { planLarder, type Cut, type Plan } from '../../../core/plan/index.js';
import {
  libraryCutter,
  needOfCut,
  piecesFrom,
  mouldById,
  proposedCut,
  wallToLast,
} from '../../../core/shape/index.js';
import { bowlForG } from '../../../core/portion/index.js';
import { group, lies, planWith } from '../../../core/testing/plans.js';

const vegans = group('vegans', 2, ['vegan']);
const plan = planWith({
  party: [group('all', 10), vegans],
  placements: [lies('brie', 250), lies('young-gouda', 300), lies('salami', 120), lies('honey', 60)],
});
const large = () =>
  screen
    .getAllByRole('status')
    .map((status) => status.textContent)
    .join(' ');

async function craft(of: Plan, name: string): Promise<Hands> {
  const hands = await openStation(of, 'shape');
  await hands.click(await screen.findByRole('radio', { name }));
  return hands;
}

/** Opens a word of the sentence and keeps a number in it. */
async function keep(hands: Hands, word: RegExp, label: string, value: string): Promise<void> {
  await hands.press(word);
  const field = await hands.fill(label, value);
  fireEvent.keyDown(field, { key: 'Enter' });
}

describe('a window in a wheel', () => {
  test('that does not fit is told with the largest that does; made, it is a food of its own and judged anew', async () => {
    const hands = await craft(plan, 'Window');
    await keep(hands, /^Cutter across/, 'Cutter across, mm', '100');
    await waitFor(() => expect(large()).toContain('It does not fit'));
    expect(screen.getByRole('button', { name: 'Make it so' })).toHaveProperty('disabled', true);
    await hands.press(/^Take it \d+ mm across/);
    await waitFor(() => expect(large()).toMatch(/10 mm of wall/));
    await hands.press('Make it so');
    await waitFor(() => expect(planNow().recipes).toHaveLength(1));
    await saved();
    const now = planNow();
    const [recipe] = now.recipes as [Plan['recipes'][number]];
    const food = planLarder(now).get(homeMadeId(recipe))!;
    expect(recipe.parts.map(({ componentId }) => componentId)).toEqual(['brie', 'honey']);
    // honey in brie: not for vegans for two reasons, and still a wheel to be cut
    expect(food.animal.honey).toBe('contains');
    expect(judgeGroup(food, 'wheel', vegans).verdict).toBe('forbidden');
    expect(now.placements.some(({ componentId }) => componentId === 'brie')).toBe(false);
    expect(now.placements.find(({ componentId }) => componentId === food.id)).toMatchObject({
      form: 'wheel',
      pieces: 1,
    });
    await hands.press(/^Undo: open a window/);
    await waitFor(() =>
      expect(planNow().placements.some(({ componentId }) => componentId === 'brie')).toBe(true),
    );
    cleanup();
  });
});

describe('a bowl of ice', () => {
  test('that melts too soon is offered a thicker wall; the dip stands on it, and is taken off again', async () => {
    const hot = planWith({
      id: 'hot',
      party: [group('all', 10)],
      occasion: { ...plan.occasion, airTempC: 33, durationMin: 180 },
      placements: [lies('tzatziki', 150), lies('brie', 250), lies('water-crackers', 80)],
    });
    const hands = await craft(hot, 'Mould');
    await hands.press(/^Mould: /);
    await hands.pick('Mould', 'Bowl of ice, frozen between two bowls');
    await keep(hands, /^Wall/, 'Wall, mm', '12');
    await waitFor(() => expect(large()).toContain('It cracks'));
    expect(screen.getByRole('button', { name: 'Set it on ice' })).toHaveProperty('disabled', true);
    await keep(hands, /^Wall/, 'Wall, mm', '16');
    await waitFor(() => expect(large()).toMatch(/It stands 1(\.5)? hour/));
    await hands.press(/^Take a wall of/);
    await hands.press('Set it on ice');
    const dip = () => planNow().placements.find(({ componentId }) => componentId === 'tzatziki');
    // as wide as the dip wants, as thick as the evening
    const innerMm = bowlForG(150);
    const wallMm = wallToLast(innerMm, 33, 180);
    await waitFor(() => expect(dip()?.ice).toEqual({ innerMm, wallMm }));
    await screen.findByText(/^It stands on ice on/);
    await hands.press('Take it off the ice');
    await waitFor(() => expect(dip()?.ice).toBeUndefined());
  });

  test('cheese is not offered ice, and a board without anything for it says so', async () => {
    const hands = await craft(planWith({ id: 'cheese', placements: [lies('brie', 250)] }), 'Mould');
    await hands.press(/^Mould: /);
    await hands.pick('Mould', 'Bowl of ice, frozen between two bowls');
    await screen.findByText(/^Nothing on the boards is better for ice/);
    expect(screen.queryByRole('button', { name: 'Set it on ice' })).toBeNull();
  });
});

describe('a mould', () => {
  test('is filled from the offcuts of what was cut out, and its caution is there', async () => {
    const gouda = planLarder(plan).get('young-gouda' as never)!;
    const cut: Cut = {
      ...proposedCut(gouda, ['star'], 1)!,
      cutters: [libraryCutter('star', 30)!],
      pieces: [{ cutter: 0, x: 0, y: 0, angle: 0, locked: true }],
      offcuts: 'melted',
    };
    const shaped = planWith({
      ...plan,
      cuts: [cut],
      placements: [
        ...plan.placements.filter(({ componentId }) => componentId !== 'young-gouda'),
        { ...lies('young-gouda', 20), form: 'cut-outs', pieces: 8 },
      ],
    });
    const { leftG } = needOfCut(gouda, cut, shaped);
    const n = piecesFrom(mouldById('star-tray')!, gouda, leftG);
    expect(n).toBeGreaterThan(3);
    const hands = await craft(shaped, 'Mould');
    await hands.press(new RegExp(`fill ${n}: take them`));
    expect(screen.getByRole('region', { name: 'Take care' }).textContent).toContain(
      'No plastic or silicone on heat',
    );
    await hands.press(`Lay ${n} on Board`);
    await waitFor(() => expect(planNow().recipes[0]?.id).toBe('own-star-tray-young-gouda'));
    const laid = planNow().placements.at(-1)!;
    expect([laid.form, laid.pieces]).toEqual(['cut-outs', n]);
    expect(planLarder(planNow()).get(laid.componentId)!.forms[0]!.outlines).toHaveLength(1);
    cleanup();
  });
});

describe('offcuts', () => {
  const gouda = planLarder(plan).get('young-gouda' as Plan['placements'][number]['componentId'])!;
  const cut: Cut = {
    ...proposedCut(gouda, [], 1)!,
    cutters: [libraryCutter('disc', 50)!],
    pieces: [{ cutter: 0, x: 0, y: 0, angle: 0, locked: false }],
  };
  const shaped = (offcuts: Cut['offcuts']): Plan => ({
    ...plan,
    cuts: [{ ...cut, offcuts }],
    placements: [
      ...plan.placements.filter(({ componentId }) => componentId !== gouda.id),
      lies('young-gouda', 124, { form: 'cut-outs', pieces: 10 }),
      lies('hummus-home', 200, { form: 'bowl' }),
    ],
  });

  test('are crumbled with one press, and the board has as many as there were', async () => {
    const hands = await craft(shaped('crumbled'), 'Cut out');
    await hands.press('Make crumbs of them');
    await waitFor(() => expect(planNow().recipes[0]?.name).toBe('Crumbs of young gouda'));
    const { leftG } = needOfCut(gouda, planNow().cuts[0]!, { ...planNow(), recipes: [] });
    expect(planNow().recipes[0]!.outG).toBeCloseTo(leftG, 0);
    await waitFor(() =>
      expect(document.body.textContent).toContain('Crumbs of young gouda lies on the board'),
    );
    cleanup();
  });

  test('are folded into the dip that lies there, which is then a food of its own', async () => {
    const hands = await craft(shaped('dip'), 'Cut out');
    await hands.press('Fold them in: a new food, judged anew');
    await waitFor(() => expect(planNow().recipes[0]?.name).toMatch(/^Hummus.* with young gouda$/));
    const made = planLarder(planNow()).get(homeMadeId(planNow().recipes[0]!))!;
    expect(judgeGroup(made, 'bowl', vegans).verdict).toBe('forbidden');
    cleanup();
  });

  test('go into a mould, and a second food is melted in', async () => {
    const hands = await craft(shaped('melted'), 'Cut out');
    await hands.press('Melt them into a mould');
    await hands.press('Melt another in');
    await waitFor(() => expect(document.body.textContent).toContain('Melted together it is a new food'));
    await keep(hands, /^Percent of it/, 'Percent of it', '20');
    await hands.press(/^Lay \d+ on Board/);
    await waitFor(() => expect(planNow().recipes).toHaveLength(1));
    const { parts } = planNow().recipes[0]!;
    const sum = parts.reduce((all, { massG }) => all + massG, 0);
    expect(parts[0]).toMatchObject({ componentId: gouda.id, fromOffcuts: true });
    expect(parts.at(-1)!.massG / sum).toBeCloseTo(0.2, 2);
    await hands.press('Melt it alone');
    cleanup();
  });

  test('a mould of one’s own is reckoned by its volume', async () => {
    const hands = await craft(shaped('melted'), 'Mould');
    await hands.press(/^Mould: /);
    await hands.pick('Mould', 'Mould of your own');
    const field = await hands.fill('Millilitres of water in each', '40');
    fireEvent.keyDown(field, { key: 'Enter' });
    // 40 ml of cheese at 1.05 g a millilitre
    await waitFor(() => expect(document.body.textContent).toContain('42 g each'));
    cleanup();
  });
});

test('folds are laid in the form that the food has, and a gap names the slices to buy', async () => {
  const hands = await craft(plan, 'Fold');
  const slices = Number(/(\d+) slices?/.exec(large())![1]);
  expect(slices).toBeGreaterThan(5);
  await hands.press(/^Lay .* as quarter folds on Board/);
  await waitFor(() =>
    expect(planNow().placements.find(({ componentId }) => componentId === 'salami')?.form).toBe(
      'quarter-folds',
    ),
  );
  await hands.press(/^What is known/);
  await hands.pick('What is known', 'so long, in mm');
  await keep(hands, /^How much/, 'How much', '600');
  await waitFor(() => expect(Number(/(\d+) slices?/.exec(large())![1])).toBeGreaterThan(slices));
  cleanup();
});

test('a word is nested with its spares, told where it breaks, and saved in true size', async () => {
  const hands = await craft(plan, 'Word');
  await hands.fill('Word or initials', 'Moon & Star');
  await waitFor(() => expect(document.body.textContent).toContain('Every letter holds.'));
  await keep(hands, /^Height/, 'Height, mm', '12');
  await waitFor(() => expect(document.body.textContent).toContain('Too thin in this food'));
  await hands.press(/^Take them \d+ mm high/);
  await waitFor(() => expect(document.body.textContent).toContain('Every letter holds.'));
  await hands.fill('Word or initials', 'Moon & Star & Moon & St');
  await waitFor(() => expect(document.body.textContent).toContain('take lower letters or fewer'));
  await hands.fill('Word or initials', 'Moon');
  await hands.press('Lay it on Board');
  await waitFor(() => expect(planNow().placements.at(-1)).toMatchObject({ form: 'word', pieces: 1 }));
  await waitFor(() => expect(document.body.textContent).toContain('It lies on Board.'));
  await hands.press('Save the letters, true size');
  expect(SAVED[0]!.name).toBe('letters.svg');
  await hands.fill('Word or initials', 'A+B');
  await waitFor(() => expect(document.body.textContent).toContain('There is no cutter for +'));
  cleanup();
});

test('a fruit says how many it gives, and for whom that shape is none', async () => {
  const hands = await craft(plan, 'Fruit');
  await hands.press(/^Fruit or vegetable/);
  await hands.click(await screen.findByRole('combobox', { name: 'Fruit or vegetable' }));
  await hands.click(await screen.findByRole('option', { name: 'Cucumber' }));
  await waitFor(() => expect(large()).toContain('52 pieces each'));
  expect(screen.getByRole('region', { name: 'Take care' }).textContent).toContain('under-fives');
  await hands.press(/^Lay \d+ on Board/);
  await waitFor(() => expect(document.body.textContent).toContain('They lie on Board.'));
  expect(planNow().placements.some(({ componentId }) => /cucumber/.test(componentId))).toBe(true);
  cleanup();
});

test('skewers say what runs out first, are laid as one food, and cups get as much each', async () => {
  const party = planWith({
    party: [group('all', 12)],
    placements: [lies('cherry-tomatoes', 300), lies('mozzarella-pearls', 250), lies('green-grapes', 300)],
  });
  const hands = await craft(party, 'Skewers');
  await waitFor(() => expect(document.body.textContent).toContain('runs out first'));
  await hands.press(/^Lay 12 on Board/);
  await waitFor(() => expect(planNow().recipes).toHaveLength(1));
  const [recipe] = planNow().recipes as [Plan['recipes'][number]];
  expect(planNow().placements.find(({ componentId }) => componentId === homeMadeId(recipe))!.pieces).toBe(12);
  // what is threaded comes from the board
  expect(
    planNow().placements.find(({ componentId }) => componentId === 'cherry-tomatoes')!.massG,
  ).toBeLessThan(300);
  await waitFor(() => expect(document.body.textContent).toContain('They lie on Board.'));
  await hands.press(/^Skewers or cups/);
  await hands.pick('Skewers or cups', 'cups or cones');
  await waitFor(() => expect(large()).toContain('in each cup'));
  cleanup();
});

test('a motif is filled, bordered, sized by what its food needs, laid in one step and taken away', async () => {
  const fruits = planWith({
    placements: [
      lies('green-grapes', 300),
      lies('blueberries', 300),
      lies('young-gouda', 300, { form: 'cubes' }),
    ],
  });
  const hands = await craft(fruits, 'Motif');
  const filled = (): number => Number(/([\d,]+) g of/.exec(large())![1]!.replace(',', ''));
  await hands.press(/^Cutter: /);
  await hands.click(await screen.findByRole('combobox', { name: 'Cutter' }));
  await hands.click(await screen.findByRole('option', { name: 'Key' }));
  await keep(hands, /^Across/, 'Across, mm', '100');
  await waitFor(() => expect(document.body.textContent).toContain('too coarse'));
  const small = filled();
  await hands.press(/^Take it \d+ mm across/);
  await waitFor(() => expect(document.body.textContent).not.toContain('too coarse'));
  expect(filled()).toBeGreaterThan(small);
  await keep(hands, /^Across/, 'Across, mm', '900');
  await waitFor(() => expect(document.body.textContent).toContain('Board has no room for it'));
  await keep(hands, /^Across/, 'Across, mm', '200');
  await hands.press(/^Details/);
  await hands.pick('Details', 'stitches');
  await hands.press('Lay it on Board');
  await waitFor(() => expect(planNow().motifs).toHaveLength(1));
  await waitFor(() => expect(document.body.textContent).toContain('It lies on Board.'));
  const [motif] = planNow().motifs as [Plan['motifs'][number]];
  const lying = planNow().placements.filter((placement) => placement.motif === motif.id);
  expect(lying.map(({ componentId }) => componentId).sort()).toEqual(
    [motif.fill.componentId, motif.border!.componentId, motif.detail!.componentId].sort(),
  );
  expect(lying.find(({ componentId }) => componentId === motif.fill.componentId)!.massG).toBeCloseTo(
    filled(),
    0,
  );
  await hands.press('Take the motif away');
  await waitFor(() => expect(planNow().motifs).toEqual([]));
  await hands.press(/^Undo: take the motif away/);
  await waitFor(() => expect(planNow().motifs).toHaveLength(1));
  const drawing = (d: string) => `<svg xmlns="http://www.w3.org/2000/svg"><path d="${d}"/></svg>`;
  const give = (d: string) => hands.give('A drawing of the figure (SVG)', 'kite.svg', drawing(d));
  await give('M0 0L90 90L90 0L0 90Z');
  await waitFor(() => expect(document.body.textContent).toContain('kite.svg: '));
  await give('M0 0H90V60H0Z');
  await waitFor(() => expect(screen.getByRole('button', { name: /^Cutter: kite/ })).toBeTruthy());
  await hands.press('Lay it on Board');
  await waitFor(() =>
    expect(planNow().motifs[0]).toMatchObject({ cutter: 'own', name: 'kite', acrossMm: 200 }),
  );
  cleanup();
});
