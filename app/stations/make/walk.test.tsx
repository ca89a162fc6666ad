/** @jest-environment ./app/testing/jsdom.mjs */
import {
  cometWatch,
  gone,
  openPaper,
  openStation,
  paper,
  planNow,
  slip,
  slips,
} from '../../testing/papers.js';
import { NEVER_DONE } from '../../testing/kitchen.js';
import { SAVED } from '../../testing/dom.js';
import { beforeEach, describe, expect, test } from '@jest/globals';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { checkPlan } from '../../../core/check/index.js';
import { keptDay, scheduleOf, shopFor, toolsOf } from '../../../core/make/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { id, lies } from '../../../core/testing/plans.js';
import { OfferSheet } from '../../sheet/OfferSheet.js';
import { AllergenSheet } from '../../sheet/AllergenSheet.js';
import { DaySheet } from '../../sheet/DaySheet.js';
import { useDay } from '../../store/day.js';
import { useSession } from '../../store/session.js';
import { useMake } from './useMake.js';

const demo = cometWatch();
NEVER_DONE.add('trial');
const withDay = (plan: Plan): Plan => ({
  ...plan,
  day: { ...plan.day, tasks: keptDay(plan, scheduleOf(plan, { rounds: 10 })) },
});
const laid = withDay(demo);
const SLOW = { timeout: 30_000 };
beforeEach(() => useMake.setState({ view: 'day', picked: null, hand: null, errandsOf: null, together: [] }));

const workOf = (task: string) => planNow().day.tasks.find((work) => work.task === task)!;
const box = (name: RegExp) => screen.getByRole('checkbox', { name });

describe('the day', () => {
  test('is laid out for who arrives, and undone in one step', async () => {
    const hands = await openStation(demo, 'make');
    await waitFor(() => expect(planNow().day.tasks.length).toBeGreaterThan(40), SLOW);
    await screen.findByRole('button', { name: /^Undo: lay out the day/ }, SLOW);
    await waitFor(() => expect(screen.queryByText('Laying out the day')).toBeNull(), SLOW);
    await hands.press(/^Undo: lay out the day/);
    await waitFor(() => expect(planNow().day.tasks).toEqual([]));
  });

  test('a task is ticked, pinned, given to somebody else, and each can be undone', async () => {
    const hands = await openStation(laid, 'make');
    await hands.click(box(/^Done: Count out bowls/));
    expect(workOf('tools').doneMin).not.toBeNull();
    await hands.press(/^Undo: tick off a task/);
    await waitFor(() => expect(workOf('tools').doneMin).toBeNull());
    await hands.press(/Count out bowls.*min$/);
    const card = await screen.findByRole('region', { name: 'Card of the task' });
    await hands.press('Pin', card);
    expect(workOf('tools').pinned).toBe(true);
    const before = workOf('tools').hand;
    const other = laid.day.hands.find(({ id }) => id !== before)!;
    await hands.pick('Who does it', other.name);
    expect(workOf('tools')).toMatchObject({ hand: other.id, pinned: true });
    const { startMin } = workOf('tools');
    await hands.press('5 min earlier', card);
    expect(workOf('tools').startMin).toBe(startMin - 5);
  });

  test('the card of what is made has its ingredients, scaled, and what can hurt', async () => {
    const others = laid.placements.filter(({ componentId }) => componentId !== id('falafel'));
    const falafel = lies('falafel', 234, { surfaceId: laid.surfaces[0]!.id });
    const plan = { ...laid, placements: [...others, falafel], day: { ...laid.day, tasks: [] } };
    const hands = await openStation(plan, 'make');
    await hands.press(/Make falafel.*itself$/);
    const card = await screen.findByRole('region', { name: 'Card of the task' });
    expect(card.textContent).toContain('chickpeas, cooked');
    expect(card.textContent).toContain('Hot oil burns');
    expect(card.textContent).toContain('Take the blender apart');
  });

  test('that free-from work is kept apart is proven; a hand that spoils it is told', async () => {
    const apart = (plan: Plan) => checkPlan(plan).findings.map(({ code }) => code);
    const promised = { ...laid, prep: { freeFromFirst: false, freshGloves: false } };
    expect(apart({ ...promised, day: { ...promised.day, tasks: [] } })).toContain('kitchen-order');
    expect(apart(promised)).not.toContain('kitchen-order');
    await openStation(laid, 'make');
    expect((await slip('day-kept-apart')).textContent).toContain('meets nothing that it must not');
  });

  test('fewer hands than it takes are said with what would help', async () => {
    const hands = await openStation(laid, 'make');
    await hands.press('Who helps, and with what');
    const who = await paper('Who helps, and with what');
    for (const name of ['Edda', 'Piet']) await hands.press(`Without ${name}`, who);
    expect(within(who).getByRole('button', { name: /^Without Runa/ })).toHaveProperty('disabled', true);
    await hands.press('Keep, and lay the day out', who);
    expect(planNow().day.hands.map(({ name }) => name)).toEqual(['Runa']);
    const told = await slip('day-no-room');
    const way = await within(told).findByRole('button', { name: /pairs? of hands/ }, SLOW);
    await hands.click(way);
    await waitFor(() => expect(planNow().day.hands.length).toBeGreaterThan(1));
    await gone(() => slips('day-no-room'));
  });

  test('a name that is missing keeps the paper from being kept, with the reason', async () => {
    const hands = await openStation(laid, 'make');
    await hands.press('Who helps, and with what');
    const who = await paper('Who helps, and with what');
    await hands.clear(within(who).getAllByRole('textbox', { name: 'Name' })[0]!);
    expect(within(who).getByRole('alert').textContent).toContain('Each has a name');
    expect(within(who).getByRole('button', { name: /^Keep/ })).toHaveProperty('disabled', true);
  });
});

describe('what is bought, made and brought', () => {
  test('the list costs what the core says, and is ticked', async () => {
    const hands = await openStation(laid, 'make');
    await hands.click(screen.getByRole('radio', { name: 'Shopping' }));
    const { costMinor } = shopFor([laid]);
    await screen.findByRole('heading', { name: new RegExp(`Cost: .*${(costMinor / 100).toFixed(2)}`) });
    await hands.click(box(/^In the basket: Brie/));
    expect(planNow().day.bought.map(({ id }) => id)).toEqual(['brie']);
    expect(shopFor([planNow()]).costMinor).toBe(costMinor);
    await hands.click(box(/^Oil, salt, sugar/));
    expect(planNow().pantry.length).toBeGreaterThan(5);
    expect(shopFor([planNow()]).costMinor).toBeLessThan(costMinor);
  });

  test('recipes are scaled to what is laid, tools are counted from the plan', async () => {
    const hands = await openStation(laid, 'make');
    await hands.click(screen.getByRole('radio', { name: 'Recipes' }));
    const recipes = await screen.findByRole('region', { name: 'Recipes' });
    const made = Array.from(planLarder(laid).values()).filter(
      (component) =>
        component.made === 'home-made' &&
        laid.placements.some(({ componentId }) => componentId === component.id),
    );
    expect(made.length).toBeGreaterThan(2);
    for (const { name } of made) expect(recipes.textContent).toContain(name.split(',')[0]);
    await hands.click(screen.getByRole('radio', { name: 'Tools' }));
    const tools = await screen.findByRole('region', { name: 'Tools' });
    expect(within(tools).getAllByRole('checkbox')).toHaveLength(toolsOf(laid).length);
    expect(tools.textContent).toContain('Boxes, in the order of unloading');
    await hands.click(within(tools).getByRole('checkbox', { name: /Napkin/ }));
    expect(planNow().day.packed).toEqual(['napkin']);
  });
});

describe('where it is bought, and who goes', () => {
  test('a price of one’s own and its shop are reckoned with; a helper has a list', async () => {
    const hands = await openStation(laid, 'make');
    await hands.click(screen.getByRole('radio', { name: 'Shopping' }));
    await hands.click(await screen.findByRole('button', { name: /^Brie, .*where it is bought/ }));
    const brie = await paper('Brie');
    fireEvent.change(within(brie).getByLabelText('A pack costs, EUR'), { target: { value: '9' } });
    fireEvent.change(within(brie).getByLabelText('in the shop'), { target: { value: 'Cheese cellar' } });
    await hands.click(within(brie).getByRole('button', { name: 'Reckon with it' }));
    expect(shopFor([planNow()]).lines.find(({ id }) => id === 'brie')).toMatchObject({
      shop: 'Cheese cellar',
    });
    fireEvent.change(within(brie).getByLabelText('There, grams'), { target: { value: '5000' } });
    fireEvent.change(within(brie).getByLabelText('good until (open packs)'), {
      target: { value: '2001-01-01' },
    });
    expect(within(brie).getByRole('status').textContent).toContain('not good any more');
    await hands.click(within(brie).getByRole('button', { name: 'Keep it so' }));
    expect(shopFor([planNow()]).lines.find(({ id }) => id === 'brie')!.ownedG).toBe(0);
    await hands.keyboard('{Escape}');
    await hands.pick('The day before, Cheese cellar', 'Edda');
    await hands.click(await screen.findByRole('radio', { name: 'Edda' }));
    const list = screen.getByRole('region', { name: 'Shopping list' });
    await screen.findByRole('heading', { name: 'To buy: one thing' });
    expect(list.textContent).toContain('Cheese cellar');
  });
});

describe('another number of guests', () => {
  test('says what it takes, and is taken over in one step of undo', async () => {
    const hands = await openStation(laid, 'make');
    await hands.press('More or fewer guests');
    const asked = await paper('Another number of guests');
    const [first] = laid.party;
    fireEvent.change(within(asked).getByLabelText(first!.name), {
      target: { value: String(first!.count + 6) },
    });
    await within(asked).findByText(/^For \d+ guests/);
    expect(within(asked).getByRole('heading', { name: 'To buy' })).not.toBe(null);
    await hands.click(within(asked).getByRole('button', { name: 'Take it over' }));
    await waitFor(() => expect(planNow().party[0]!.count).toBe(first!.count + 6));
    await waitFor(() => expect(useDay.getState().busy).toBe(false));
    act(() => useSession.getState().step('back'));
    await waitFor(() => expect(planNow().party[0]!.count).toBe(first!.count));
    expect(planNow().placements).toEqual(laid.placements);
  });
});

describe('on paper', () => {
  test('a sheet for each helper says what, when and how', async () => {
    await openPaper(laid, (plan) => <DaySheet plan={plan} />);
    for (const { name } of laid.day.hands) screen.getByRole('heading', { name });
    expect(document.body.textContent).toContain('Wash board and knife, change gloves.');
  });

  test('the allergen table never shows what nobody knows as free', async () => {
    await openPaper(laid, (plan) => <AllergenSheet plan={plan} />);
    const row = screen.getAllByRole('row', { name: /^Brie/ })[0]!;
    expect(row.textContent).toContain('contains');
    expect(document.body.textContent).toContain('read the label');
    // brie lies beside ham there: by itself it would be fine for halal guests
    const halal = screen
      .getAllByRole('columnheader')
      .map(({ textContent }) => textContent)
      .indexOf('Halal');
    expect(within(row).getAllByRole('cell')[halal - 1]!.textContent).toContain('lies beside it');
  });

  test('an offer follows its figures, and is saved as text', async () => {
    const hands = await openPaper(laid, (plan) => <OfferSheet plan={plan} checked={checkPlan(plan)} />);
    await hands.fill('Margin, %', '20');
    await waitFor(() => expect(planNow().offer.marginPercent).toBe(20));
    await hands.fill('Letterhead', 'A house of boards');
    await hands.press('Save it as text');
    await waitFor(() => expect(SAVED.at(-1)?.name).toBe('comet-watch-offer.txt'));
    const text = await SAVED.at(-1)!.text();
    expect(text).toContain('A house of boards');
    expect(text).toContain('Price for all');
  });
});
