/** @jest-environment ./app/testing/jsdom.mjs */
import { cometWatch, gone, openStart, openStation, paper, planNow, saved } from '../../testing/papers.js';
import { NEVER_DONE } from '../../testing/kitchen.js';
import { describe, expect, test } from '@jest/globals';
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import { emptyPlan } from '../../../core/plan/index.js';
import { useSettings } from '../../store/settings.js';

const demo = cometWatch();
// no slip is looked at here
NEVER_DONE.add('trial');
const button = (name: string | RegExp) => screen.findByRole('button', { name });
const buttons = (name: string | RegExp) => screen.queryAllByRole('button', { name });

describe('the brief', () => {
  test('theme, bowls and tools, budget and currency are set, and named by undo', async () => {
    const hands = await openStation(demo, 'brief');
    await hands.press(/^Theme: Comet and crescent/);
    const theme = await paper('Theme');
    await hands.fill('Name', 'Night sky', theme);
    await hands.press('Another colour', theme);
    await hands.click(within(theme).getByRole('checkbox', { name: 'star' }));
    await hands.press('Keep', theme);
    await button(/^Theme: Night sky/);

    await hands.press(/knives at hand/);
    const hand = await paper('Bowls and tools at hand');
    await hands.fill('How many', '9', hand);
    await hands.fill('knives', '7', hand);
    await hands.press('Keep', hand);
    expect((await button(/knives at hand/)).textContent).toContain('19 bowls, 7 knives');

    await hands.press(/^Budget/);
    await hands.pick('Currency', 'SEK');
    const budget = screen.getByRole('spinbutton');
    await hands.clear(budget);
    await hands.type(budget, '900{Enter}');
    await button(/^Budget: At most 900 SEK/);
    await saved();
    for (const undo of ['budget', 'currency', 'what is at hand']) {
      await hands.press(`Undo: change ${undo === 'what is at hand' ? undo : `the ${undo}`}`);
      await saved();
    }
    expect((await button(/knives at hand/)).textContent).toContain('14 bowls, 5 knives');
    expect(planNow()).toMatchObject({ currency: demo.currency, budgetMinor: demo.budgetMinor });
  });

  test('money that cannot be enough is said at once, with whom it feeds, and no more once it is', async () => {
    const hands = await openStation(demo, 'brief');
    const set = async (money: string) => {
      await hands.press(/^Budget/);
      const budget = screen.getByRole('spinbutton');
      await hands.clear(budget);
      await hands.type(budget, `${money}{Enter}`);
      await saved();
    };
    await set('20');
    expect((await screen.findByText(/No board for these 28 guests costs less than/)).textContent).toMatch(
      /€ 20\.00 feeds \d+ of them at most/,
    );
    await set('500');
    await gone(() => screen.queryAllByText('The money is not enough.'));
  });

  test('a party of seventy is typed, gets a table in parts with bowls for each, and one board again for ten', async () => {
    const hands = await openStation(emptyPlan('fresh', '2027-05-15T18:00'), 'brief');
    const seat = async (words: string, opener: string) => {
      await hands.press(opener);
      await hands.fill('The party, in lines', words);
      await hands.press('Seat them');
      await saved();
    };
    await seat('70 colleagues, 8 veggie', 'Say who is coming');
    await button(/^Board 4, .*Change/);
    expect(buttons(/^Board \d, .*Change/)).toHaveLength(4);
    expect((await button(/knives at hand/)).textContent).toContain('32 bowls, 12 knives');
    await seat('10 guests', 'Type the party');
    await gone(() => buttons(/^Board 4, .*Change/));
    expect(planNow().surfaces.map(({ name }) => name)).toEqual(['Board']);
  });

  test('of whom the last named is, is asked, and the answer is the line that is seated', async () => {
    const hands = await openStation(emptyPlan('fresh', '2027-05-15T18:00'), 'brief');
    await hands.press('Say who is coming');
    await hands.fill('The party, in lines', '5 children aged 3, 4 parents, one egg allergy');
    expect(document.body.textContent).toContain('Understood: 10 guests');
    await hands.press('Or 9 guests: the last named are some of the children');
    expect(document.body.textContent).toContain('Understood: 9 guests');
    expect(buttons(/the last named/)).toEqual([]);
    await hands.press('Seat them');
    await saved();
    const allergic = planNow().party.filter(({ needs }) => needs.some(({ id }) => id === 'egg-free'));
    expect(allergic.map(({ band, count, ages }) => [band, count, ages])).toEqual([['child', 1, [3]]]);
    expect(planNow().party.reduce((sum, { count }) => sum + count, 0)).toBe(9);
  });

  test('what a line says the board is for is set with the party, and changes nothing that was said before', async () => {
    const hands = await openStation(emptyPlan('fresh', '2027-05-15T10:00'), 'brief');
    const type = async (line: string, opener: string) => {
      await hands.press(opener);
      await hands.fill('The party, in lines', line);
    };
    await type('10 guests for brunch', 'Say who is coming');
    const tick = screen.getByRole('checkbox', { name: 'The board is for a breakfast: set that too' });
    expect(tick.getAttribute('aria-checked')).toBe('true');
    await hands.press('Seat them');
    await saved();
    expect(planNow().occasion.kind).toBe('breakfast');
    await type('12 guests for a picnic', 'Type the party');
    await hands.press('Seat them');
    await saved();
    expect(planNow()).toMatchObject({ occasion: { kind: 'breakfast' }, party: [{ count: 12 }] });
  });

  test('the money that a line says is set with the party, in its currency, and no number of it is a guest', async () => {
    const hands = await openStation(emptyPlan('fresh', '2027-05-15T18:00'), 'brief');
    await hands.press('Say who is coming');
    await hands.fill('The party, in lines', '20 guests at £12.50 a head, 2 boards, 3 vegan');
    expect(document.body.textContent).toContain('Understood: 20 guests');
    expect(document.body.textContent).toContain('left aside: “at £12.50 a head”, “2 boards”');
    const money = () => screen.getByRole('checkbox', { name: 'It may cost £ 250.00 in all: set that too' });
    await hands.click(money());
    await hands.click(money());
    await hands.press('Seat them');
    await saved();
    const { budgetMinor, currency } = planNow();
    expect([budgetMinor, currency]).toEqual([25_000, 'GBP']);
    await hands.press('Type the party');
    await hands.fill('The party, in lines', '20 guests, £300 in all');
    await hands.click(screen.getByRole('checkbox', { name: 'It may cost £ 300.00 in all: set that too' }));
    await hands.press('Seat them');
    await saved();
    expect(planNow().budgetMinor).toBe(25_000);
    // what is set already is not offered
    await hands.press('Type the party');
    await hands.fill('The party, in lines', '20 guests, £250 in all');
    expect(screen.queryByRole('checkbox', { name: /set that too/ })).toBeNull();
  });

  test('the hour that a line says is set with the party, or the usual one of a brunch, and can be left', async () => {
    const hands = await openStation(emptyPlan('fresh', '2027-05-15T19:00'), 'brief');
    await hands.press('Say who is coming');
    await hands.fill('The party, in lines', '10 guests for brunch, 2 vegan');
    expect(
      screen.getByRole('checkbox', { name: 'It begins on Saturday 15 May, 10:00: set that too' }),
    ).toBeTruthy();
    await hands.fill('The party, in lines', '10 guests for brunch at 11.30, 2 vegan');
    await hands.press('Seat them');
    await saved();
    expect(planNow()).toMatchObject({ occasion: { kind: 'breakfast', start: '2027-05-15T11:30' } });
    expect(planNow().party.map(({ count }) => count)).toEqual([8, 2]);
    await hands.press('Type the party');
    await hands.fill('The party, in lines', '12 guests at noon');
    await hands.click(screen.getByRole('checkbox', { name: /^It begins on .*12:00: set that too$/ }));
    await hands.press('Seat them');
    await saved();
    expect(planNow()).toMatchObject({ occasion: { start: '2027-05-15T11:30' }, party: [{ count: 12 }] });
    // which Friday is next is told by nobody but the host
    await hands.press('Type the party');
    await hands.fill('The party, in lines', '12 guests next Friday');
    screen.getByText('Which day “next Friday” is cannot be told: set it in the brief.');
  });

  test('a surface is added, named for whom it is, and taken away again', async () => {
    const hands = await openStation(demo, 'brief');
    await hands.press('Add a surface');
    await hands.press(/^Board 5/);
    const tray = await paper('Board 5');
    await hands.fill('Name', 'Late tray', tray);
    await hands.pick('Shape', /rectangle/i, tray);
    await hands.click(within(tray).getByRole('checkbox', { name: 'Vegan' }));
    await hands.click(within(tray).getByRole('checkbox', { name: 'pork' }));
    await hands.press('Keep', tray);
    const added = planNow().surfaces.at(-1)!;
    const vegan = planNow().party.find((group) => group.name === 'Vegan')!;
    expect(added).toMatchObject({ name: 'Late tray', freeFrom: ['pork'], outline: { kind: 'rectangle' } });
    expect(added.serves).not.toContain(vegan.id);
    await hands.press(/^Late tray, \d+ mm × \d+ mm/);
    await hands.press('Take it away');
    await gone(() => buttons(/^Late tray/));
  });

  test('ounces and inches are spoken on every station and by the slips', async () => {
    useSettings.setState({ units: 'imperial' });
    try {
      for (const station of ['brief', 'choose', 'check', 'lay']) {
        await openStation(demo, station);
        await waitFor(() =>
          expect(screen.getByRole('region', { name: 'Slips' }).textContent.length).toBeGreaterThan(20),
        );
        const text = document.querySelector('[data-station]')!.textContent;
        expect(text).not.toMatch(/\d (kg|mm|cm²|°C)\b/);
        if (station === 'brief') {
          expect(text).toContain('13.0 lb in all');
          await button(/^Air: 48 °F/);
        }
        cleanup();
      }
    } finally {
      useSettings.setState({ units: 'metric' });
    }
  });

  test('without the nut guest nuts may come; the guest back again stops service until a remedy clears it', async () => {
    const hands = await openStation(demo, 'brief');
    await hands.press(/^Tree-nut allergy, 1 ×/);
    await hands.press('Not coming');
    await hands.press(/^Quiet tray/);
    await hands.press('Take it away');
    await waitFor(() =>
      expect(planNow().surfaces.map((surface) => surface.name)).not.toContain('Quiet tray'),
    );
    expect(planNow().party.map((group) => group.name)).not.toContain('Tree-nut allergy');
  });
});

describe('a party', () => {
  test('comes as a table, from replies and from an earlier plan', async () => {
    const hands = await openStation(demo, 'brief');
    await hands.press('More ways');
    const ways = await paper('More ways to seat a party');
    await hands.give(
      'A table of guests',
      'party.csv',
      'name,count,needs\nHarbour choir,12,\nPilots,2,pescatarian\nOdd,2,hallal\n',
    );
    await waitFor(() => expect(ways.textContent).toContain('Understood: 14 guests'));
    expect(within(ways).getByRole('alert').textContent).toContain('Row 4, needs: “hallal” is no need');
    await hands.fill(/^Their answers/, 'Your name: Jory\nWe eat: vegetarian\nAllergies: sesame\n', ways);
    await waitFor(() => expect(ways.textContent).toContain('Jory: vegetarian, sesame allergy'));
    await hands.press('Seat them too', ways);
    await screen.findAllByRole('button', { name: /^Jory: vegetarian/ });
    await saved();
    const filled = planNow();
    cleanup();
    const again = await openStart(filled);
    await again.press('New plate');
    await again.press('More ways');
    await again.pick('The party of', /Comet/);
    await again.press('Seat them');
    await screen.findAllByRole('button', { name: /^Vegan, 6 ×/ });
  });
});
