/** @jest-environment ./app/testing/jsdom.mjs */
import { cometWatch, gone, openStation, paper, planNow, saved, slip, slips } from '../../testing/papers.js';
import { SAVED } from '../../testing/dom.js';
import { describe, expect, test } from '@jest/globals';
import { cleanup, screen, waitFor, within } from '@testing-library/react';

const demo = cometWatch();

describe('slips', () => {
  test('one that is left goes onto the spike, and comes back from it', async () => {
    const hands = await openStation(demo, 'check');
    await hands.press(/Let it be/, await slip('cold-air'));
    await gone(() => slips('cold-air'));
    await hands.press(/1 settled/);
    await hands.press(/^Take it back: At 9 °C/);
    await hands.keyboard('{Escape}');
    await slip('cold-air');
  });

  test('a label is noted once somebody says what it says, and undone', async () => {
    const hands = await openStation(demo, 'check');
    await hands.press(/^Label read/, await slip('label-to-read', 'pork salami'));
    const label = await paper(/^The label of/);
    const note = within(label).getByRole('button', { name: 'Note it' });
    await hands.fill('What you saw', 'label, lot 12', label);
    await hands.fill('Your name', 'Jory', label);
    // nothing is free before somebody has said so
    expect(note).toHaveProperty('disabled', true);
    for (const choice of within(label).getAllByRole('combobox')) {
      await hands.click(choice);
      await hands.click(screen.getByRole('option', { name: 'it is free of it' }));
    }
    await hands.click(note);
    await gone(() => slips('label-to-read', 'pork salami'));
    await saved();
    await hands.press(/^Undo: note the label/);
    await slip('label-to-read', 'pork salami');
  });

  test('a label that says “contains” makes the food not theirs, and can be taken back from the spike', async () => {
    const hands = await openStation(demo, 'check');
    await hands.press(/^Label read/, await slip('label-to-read', 'pork salami'));
    const label = await paper(/^The label of/);
    await hands.click(within(label).getAllByRole('combobox')[0]!);
    await hands.click(screen.getByRole('option', { name: 'it has it' }));
    await hands.fill('What you saw', 'label, lot 12', label);
    await hands.fill('Your name', 'Jory', label);
    await hands.press('Note it', label);
    await gone(() => slips('label-to-read', 'pork salami'));
    await hands.press(/settled slips again/);
    const spike = await paper('On the spike');
    expect(spike.textContent).toContain('label, lot 12. Jory');
    await hands.press(/^Take it back/, within(spike).getByRole('region', { name: 'Labels read' }));
    await waitFor(() => expect(spike.textContent).not.toContain('lot 12'));
    expect(planNow().answers).toEqual(demo.answers);
  });

  test('under the pointer one lifts the flags of its foods on the board', async () => {
    const hands = await openStation(demo, 'check');
    const flags = () => document.querySelectorAll('[data-flags] > g');
    const all = flags().length;
    expect(all).toBeGreaterThan(2);
    await hands.hover(await slip('cold-air'));
    await waitFor(() => expect(flags().length).toBeLessThan(all));
    expect(flags()[0]!.getAttribute('transform')).toMatch(/scale\(1\.35\)/);
  });
});

describe('an overruling', () => {
  test('needs a name and a reason, shows on the sheet, and can be taken back', async () => {
    const hands = await openStation(demo, 'choose');
    await hands.fill('Look in the larder', 'almonds');
    await hands.press(/Almonds/);
    await hands.type(await hands.fill('Grams on Round oak', '60'), '{Enter}');
    await hands.press('Close');
    await hands.goTo('check');
    const almonds = await slip('same-surface', 'Almonds');
    expect(almonds.textContent).toContain('Stops service');
    await hands.press(/^Overrule/, almonds);
    const over = await paper(/^Overrule/);
    const press = within(over).getByRole('button', { name: 'Overrule' });
    expect(press).toHaveProperty('disabled', true);
    await hands.fill('Your name', 'Jory', over);
    expect(press).toHaveProperty('disabled', true);
    await hands.fill('Why it is fine', 'the guest asked for them in a lidded jar', over);
    await hands.click(press);
    await gone(() => slips('same-surface', 'Almonds'));
    const overruled = planNow();
    await hands.press(/settled slips again/);
    await hands.press(/^Take it back: Almonds/);
    await hands.keyboard('{Escape}');
    await slip('same-surface', 'Almonds');
    cleanup();
    await openStation(overruled, 'sheet');
    await waitFor(() => expect(document.body.textContent).toContain('lidded jar'));
  });
});

describe('what a child can choke on', () => {
  test('whole grapes on a small child’s plate stop service; quartering them settles it', async () => {
    const hands = await openStation(demo, 'choose');
    await hands.fill('Look in the larder', 'green grapes');
    await hands.press(/Green grapes/);
    await hands.type(await hands.fill('Grams on Small plate one', '30'), '{Enter}');
    await hands.press('Close');
    await hands.goTo('check');
    const whole = await slip('choking-shape');
    expect(whole.textContent).toContain('Stops service');
    await hands.press(/Cut in quarters/, whole);
    await gone(() => slips('choking-shape'));
  });
});

describe('a guest’s eyes', () => {
  test('a seat says what is theirs, what would be, and how much they are sure of', async () => {
    const hands = await openStation(demo, 'check');
    await hands.press(/^Coeliac, 2 guests/);
    await screen.findByRole('heading', { name: 'Coeliac' });
    await screen.findByText('Only once moved');
    await screen.findByText(/Sure of \d+ g, needs 230/);
  });
});

describe('the questions for labels', () => {
  test('are a list to take along, and one is answered, held and taken back there', async () => {
    const hands = await openStation(demo, 'check');
    await hands.press(/^Questions for labels/);
    const list = () => screen.getByRole('dialog', { name: 'Questions for labels and makers' });
    await paper('Questions for labels and makers');
    await hands.press('Save as text', list());
    expect(await SAVED[0]!.text()).toContain('[ ]');
    await hands.press('Answer for Pork salami', list());
    const label = await paper(/The label of pork salami/);
    await hands.pick(/alcohol/, /free/, label);
    await hands.fill('What you saw', 'label, lot 12', label);
    await hands.fill(/^Where the photograph is/, 'folder of May', label);
    await hands.fill('Your name', 'Ada', label);
    await hands.click(within(label).getByLabelText(/Hold it for new plans/));
    await hands.press('Note it', label);
    await waitFor(() => expect(list().textContent).toContain('alcohol free. Label, lot 12'));
    expect(list().textContent).toContain('photograph: folder of May');
    // what is held is offered again where it is open, and never taken over unasked
    await hands.press('Take back what was read of Pork salami: alcohol free', list());
    await waitFor(() => expect(list().textContent).not.toContain('alcohol free. Label, lot 12'));
    await hands.press('Use what you hold for pork salami', list());
    await waitFor(() => expect(list().textContent).toContain('alcohol free. Label, lot 12'));
  });
});
