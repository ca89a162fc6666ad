/** @jest-environment ./app/testing/jsdom.mjs */
import { openPaper, planNow } from '../../testing/papers.js';
import { describe, expect, jest, test } from '@jest/globals';
import { fireEvent, screen, within } from '@testing-library/react';
import { board, group, lies, planWith } from '../../../core/testing/plans.js';
import { GroupDialog } from './GroupDialog.js';
import { SchoolsDialog } from './SchoolsDialog.js';
import { SurfaceDialog } from './SurfaceDialog.js';
import { ThemeDialog } from './ThemeDialog.js';

const plan = planWith({
  party: [
    group('all', 12),
    group('vegans', 6, ['vegan']),
    group('little', 2, [], { band: 'child', ages: [3, 3], dislikes: ['blue'] }),
  ],
  placements: [lies('brie', 500), lies('green-grapes', 800), lies('water-crackers', 400)],
});
const fill = (label: string | RegExp, value: string): void =>
  void fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = (name: string | RegExp) => screen.getByRole('button', { name });

describe('the schools side by side', () => {
  test('another is taken, and figures of one’s own are kept by name', async () => {
    const hands = await openPaper(plan, (plan) => <SchoolsDialog plan={plan} onClose={() => undefined} />);
    const paper = screen.getByRole('dialog');
    expect(paper.textContent).toContain('shares one budget between cheese and meat');
    await hands.click(press('Take it: Combined'));
    expect(planNow().school).toBe('combined');
    expect(paper.textContent).toContain('Combined is the school of this plan');
    await hands.click(screen.getByText('Figures of your own', { exact: true }));
    fill('Called', 'Hilltop');
    fill('Cheese', '80');
    await hands.click(press('Keep these figures'));
    expect(planNow()).toMatchObject({ school: 'own', ownSchool: { name: 'Hilltop', rows: { cheese: 80 } } });
    expect(screen.getByRole('row', { name: /^Cheese/ }).textContent).toContain('your own figure');
  });
});

describe('a group', () => {
  const open = (name: string) =>
    openPaper(plan, (plan) => {
      const found = plan.party.find((group) => group.name === name)!;
      return <GroupDialog group={found} onClose={() => undefined} />;
    });

  test('is changed by hand, and a wrong age names the field', async () => {
    const hands = await open('little');
    fill(/^Ages/, '3, 99');
    await hands.click(press('Keep'));
    expect(screen.getByRole('alert').textContent).toContain('ages 1');
    expect(planNow().party[2]!.ages).toEqual([3, 3]);
    fill(/^Ages/, '3, 4');
    fill(/^Dislikes/, 'blue, olives');
    await hands.click(press('Keep'));
    expect(planNow().party[2]).toMatchObject({ ages: [3, 4], dislikes: ['blue', 'olives'] });
  });

  test('a need is found by name, set and explained, and a rule of one’s own is kept with the guests', async () => {
    const hands = await open('vegans');
    fill('Another need', 'keto');
    await hands.click(press('Keto, low-carb'));
    const carbs = screen.getByLabelText('Net carbohydrate on a plate, g');
    // a limit that is none is told, and the old one stays
    await hands.clear(carbs);
    await hands.type(carbs, '0{Tab}');
    expect(screen.getByRole('alert').textContent).toMatch(/^Between \d+ and \d+\.$/);
    await hands.clear(carbs);
    await hands.type(carbs, '6{Tab}');
    expect(screen.queryByRole('alert')).toBeNull();
    await hands.click(screen.getAllByRole('button', { name: 'In plain words' })[0]!);
    expect(screen.getAllByRole('dialog').at(-1)!.textContent).toContain('Where it hides');
    await hands.keyboard('{Escape}');
    await hands.click(press('A rule of your own …'));
    fill('Name of the rule', 'No onion');
    await hands.click(screen.getByRole('checkbox', { name: 'onion' }));
    // an allergen that is named as a food is told as the need that it is
    fill('Foods that are left out, with commas', 'gherkins, Sesame seeds');
    expect(screen.getAllByRole('dialog').at(-1)!.textContent).toContain('as for sesame allergy');
    fill('Foods that are left out, with commas', 'gherkins');
    expect(screen.getAllByRole('dialog').at(-1)!.textContent).not.toContain('as for');
    await hands.click(press('Keep the rule'));
    await hands.click(press('Keep'));
    const { needs } = planNow().party[1]!;
    expect(needs.map((need) => need.own?.name ?? need.id)).toEqual(['vegan', 'keto', 'No onion']);
    expect(Object.values(needs[1]!.settings)).toContain('6');
  });
});

describe('a surface', () => {
  test('takes the advised size in one press, and a wrong size is refused with its field', async () => {
    const close = jest.fn();
    const small = { ...plan, surfaces: [board({ outline: { kind: 'round', diameterMm: 300 } })] };
    const hands = await openPaper(small, (plan) => (
      <SurfaceDialog plan={plan} surface={plan.surfaces[0]!} onClose={close} />
    ));
    expect(screen.getByRole('dialog').textContent).toContain('What lies on it fills');
    await hands.click(press('Take this size'));
    const advised = Number((screen.getByLabelText('Across, mm') as HTMLInputElement).value);
    expect(advised).toBeGreaterThan(300);
    fill('Across, mm', '3');
    await hands.click(press('Keep'));
    expect(screen.getByRole('alert').textContent).toContain('diameterMm');
    expect(close).not.toHaveBeenCalled();
    fill('Across, mm', String(advised));
    await hands.click(press('Keep'));
    expect(planNow().surfaces[0]!.outline).toEqual({ kind: 'round', diameterMm: advised });
  });
});

test('a board for seventy that lies by hand is set in parts in one press', async () => {
  const crowd = planWith({
    party: [group('all', 70)],
    surfaces: [board({ outline: { kind: 'round', diameterMm: 900 } })],
  });
  const close = jest.fn();
  const hands = await openPaper(crowd, (plan) => (
    <SurfaceDialog plan={plan} surface={plan.surfaces[0]!} onClose={close} />
  ));
  expect(screen.getByRole('dialog').textContent).toContain('do not reach over one board');
  await hands.click(press('Set it in 4 parts'));
  expect(close).toHaveBeenCalled();
  expect(planNow().surfaces).toHaveLength(4);
});

test('a portion for each guest: a small box each, and boxes of their own for who counts on some foods', async () => {
  const hands = await openPaper(plan, (plan) => (
    <SurfaceDialog plan={plan} surface={plan.surfaces[0]!} onClose={() => undefined} />
  ));
  const across = (): number => Number((screen.getByLabelText('Across, mm') as HTMLInputElement).value);
  const asBoard = across();
  await hands.click(screen.getByRole('checkbox', { name: 'A portion of it for each guest' }));
  expect(screen.getByLabelText('So many of it')).toHaveProperty('value', '20');
  expect(across()).toBeLessThan(asBoard / 2);
  fill('Name', 'Lunch');
  await hands.click(press('Keep'));
  expect(planNow().surfaces.map(({ name, singles }) => [name, singles])).toEqual([
    ['Lunch', 12],
    ['Lunch, vegans', 6],
    ['Lunch, little', 2],
  ]);
});

describe('the theme', () => {
  test('starts from an idea, takes its colours from words, and goes among one’s own', async () => {
    const hands = await openPaper(plan, (plan) => <ThemeDialog plan={plan} onClose={() => undefined} />);
    await hands.click(screen.getByText('Start from an idea'));
    await hands.click(press(/Lemon courtyard/));
    expect(screen.getByRole('combobox', { name: 'Food from' }).textContent).toContain('Italy');
    fill('Colours from words', 'sea and plum');
    await hands.click(press('Find its colours'));
    expect(screen.getByLabelText('Colour 1', { exact: true })).toHaveProperty('value', '#3f6f8f');
    fill('Name', 'Plum quay');
    await hands.click(press('Keep among your themes'));
    await hands.pick('Food from', 'the Alps');
    await hands.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Keep' }));
    expect(planNow().occasion.theme).toMatchObject({ name: 'Plum quay', region: 'alps' });
  });
});
