/** @jest-environment ./app/testing/jsdom.mjs */
import { cometWatch, gone, openStation, paper, planNow, saved } from '../../testing/papers.js';
import { SAVED } from '../../testing/dom.js';
import { NEVER_DONE } from '../../testing/kitchen.js';
import { describe, expect, test } from '@jest/globals';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { id, lies as helping, supper } from '../../../core/testing/plans.js';
import { costOf } from '../../../core/portion/index.js';

const demo = cometWatch();
// no slip is looked at here
NEVER_DONE.add('trial');
const SLOW = { timeout: 30_000 };

const button = (name: string | RegExp) => screen.queryAllByRole('button', { name });
const lies = (component: string) =>
  planNow().placements.some((placement) => placement.componentId === id(component));
const came = () => screen.findByText(/^Came:/, undefined, SLOW);
/** What is offered has been tried, to the last. */
const tried = async (where: HTMLElement): Promise<void> => {
  await within(where).findAllByRole('button', { name: /^Take it: / }, SLOW);
  await waitFor(() => expect(where.textContent).not.toContain('Trying each'), SLOW);
};

describe('the larder', () => {
  test('forgives typing errors, narrows by who may eat it, and refuses a toxic leaf with its reason', async () => {
    const hands = await openStation(demo, 'choose');
    // short of nuts and seeds, with a guest who minds nuts: what they mind is not held out
    const lacking = screen.getByRole('complementary', { name: 'Shelf' });
    await within(lacking).findByText('Nut, seed');
    expect(within(lacking).queryAllByRole('button', { name: /^(Almonds|Walnut|Pecan|Hazelnuts)/ })).toEqual(
      [],
    );
    await hands.fill('Look in the larder', 'gherkni');
    await screen.findAllByRole('button', { name: /^Cornichons/ });
    await hands.fill('Look in the larder', '');
    await hands.pick('Family', 'cheese');
    await hands.pick('Who may eat it', 'Vegan');
    await screen.findByRole('button', { name: /^Sunflower-seed round/ });
    const shelf = screen.getByRole('complementary', { name: 'Shelf' });
    expect(within(shelf).queryAllByRole('button', { name: /Brie/ })).toEqual([]);
    await hands.pick('Family', 'any family');
    await hands.pick('Who may eat it', 'for anyone');
    await hands.fill('Look in the larder', 'ivy');
    expect((await screen.findByRole('alert')).textContent).toContain('must not touch food');
  });

  test('says through a guest’s eyes of each food whether it is theirs', async () => {
    const hands = await openStation(demo, 'choose');
    const seen = screen.getByRole('button', { name: /^Seen by/ });
    for (let i = 0; i < 9 && !seen.textContent.includes('Vegan'); i++) await hands.click(seen);
    await screen.findByRole('button', { name: 'Brie. Vegan: not for them. Open' });
    expect(button(/Strawberries.*Vegan: may eat it\. Open/)).not.toEqual([]);
  });

  test('a label is pasted, its words are marked, its doubts asked, and the food is known, changed and deleted', async () => {
    const hands = await openStation(demo, 'choose');
    await hands.press('Read a label');
    const label = await paper('Read a label');
    await hands.fill(
      'The words of the label',
      'Ingredients: WHEAT flour, butter (MILK), emulsifier E471, natural flavouring, salt. May contain sesame.',
    );
    await waitFor(() =>
      expect(label.querySelector('mark[data-kind=contains]')?.textContent).toContain('WHEAT'),
    );
    expect(label.querySelector('mark[data-kind=may]')?.textContent).toContain('sesame');
    expect(label.textContent).toContain('2 questions');
    expect(label.textContent).toContain('E471: made of plant or of animal fat?');
    const coeliac = within(label)
      .getAllByRole('listitem')
      .find((item) => item.textContent.includes('Coeliac'))!;
    expect(coeliac.textContent).toContain('not for them');
    await hands.fill('Name of the food', 'Butter twists');
    await hands.fill('Your name', 'Ada', label);
    await hands.press('Put it in the larder', label);
    await hands.fill('Look in the larder', 'buter twits');
    await hands.press(/^Butter twists/);
    const food = await paper('Butter twists');
    expect(food.textContent).toContain('Label read by Ada');
    await hands.press('Change its facts', food);
    await hands.pick('soy', /^(contains|in it|it has it)/);
    await hands.press('Keep');
    await waitFor(() => expect(planNow().ownComponents[0]!.allergens.soy).toBe('contains'));
    await hands.press('Your own foods (1)');
    await hands.press('Save as a table (CSV)');
    expect(await SAVED[0]!.text()).toContain('allergen.soy=contains');
    await hands.press('Butter twists', await paper('Your own foods'));
    await hands.press('Delete it');
    await screen.findByRole('button', { name: 'Your own foods' });
    await saved();
    await hands.press(/^Undo: delete a component/);
    await screen.findByRole('button', { name: 'Your own foods (1)' });
  });
});

describe('a swap', () => {
  test('is ranked, taken with one press, and undone', async () => {
    const hands = await openStation(demo, 'choose');
    await hands.press('Pork salami. Open');
    await hands.press('Swap it');
    await hands.press(/^Take /, await paper('Instead of pork salami'));
    await waitFor(() => expect(lies('salami')).toBe(false));
    await saved();
    await hands.press(/^Undo: swap/);
    await waitFor(() => expect(lies('salami')).toBe(true));
  });

  test('is narrowed to what is cheaper, and follows what counts most', async () => {
    const hands = await openStation(demo, 'choose');
    await hands.press('Brie. Open');
    await hands.press('Swap it');
    const swaps = await paper('Instead of brie');
    await tried(swaps);
    const names = () =>
      within(swaps)
        .getAllByRole('button', { name: /^Take it: / })
        .map((take) => take.getAttribute('aria-label'));
    const house = names();
    await hands.pick('Only', 'cheaper', swaps);
    for (const item of within(swaps).getAllByRole('listitem')) expect(item.textContent).toMatch(/−€/);
    await hands.pick('Only', 'all of them', swaps);
    await hands.click(within(swaps).getByText('What counts how much'));
    within(swaps).getByRole('slider', { name: 'the price' }).focus();
    await hands.keyboard('{End}');
    await waitFor(() => expect(names()).not.toEqual(house), SLOW);
    await hands.press('As the house weighs', swaps);
    await waitFor(() => expect(names()).toEqual(house), SLOW);
  });

  test('is seen on the plate under the pointer, and a home-made one brings its recipe', async () => {
    const others = demo.placements.filter(({ componentId }) => componentId !== id('honey'));
    const honey = helping('honey', 40, { surfaceId: demo.surfaces[0]!.id });
    const hands = await openStation({ ...demo, placements: [...others, honey] }, 'choose');
    await hands.press('Blossom honey. Open');
    await hands.press('Swap it');
    const swaps = await paper('Instead of blossom honey');
    await hands.pick('What kind', 'home-made', swaps);
    await tried(swaps);
    const made = within(swaps).getByRole('button', { name: /^Take it: Honey with thyme/ });
    const onPlate = () => document.querySelector<SVGElement>('g[aria-label^="Honey with thyme"]');
    await hands.hover(made);
    await waitFor(() => expect(onPlate()).not.toBeNull());
    await hands.click(made);
    await waitFor(() => expect(lies('home-thyme-honey')).toBe(true));
    await hands.click(onPlate()!);
    expect((await paper(/Honey with thyme/)).textContent).toContain('min by hand');
  });
});

describe('the composer bends', () => {
  test('a lever brings another board and says what came and went; one press takes it back', async () => {
    const hands = await openStation(supper, 'choose');
    await hands.press('less work');
    await came();
    expect(planNow().wishes.levers.lessWork).toBe(1);
    await saved();
    await hands.press(/^Undo/);
    await waitFor(() => expect(planNow().placements).toEqual(supper.placements));
  });

  test('a food says why it is there, and what would come instead', async () => {
    const hands = await openStation(supper, 'choose');
    await hands.click(document.querySelectorAll('g[role=button]')[3]!);
    await hands.press('Why this?');
    const why = () => screen.getByRole('status', { name: 'Why this?' });
    await waitFor(() => expect(why().textContent).toMatch(/Without|do as well|better without/), SLOW);
  });

  test('a brief that cannot be kept hangs its ways out, and one press composes', async () => {
    const hands = await openStation({ ...supper, work: { minutes: 5, helpers: 0 } }, 'choose');
    await hands.press('Compose it anew, keep pins');
    const collide = () => screen.queryAllByRole('article', { name: 'These wishes collide' });
    await waitFor(() => expect(collide()[0]?.textContent).toContain('minutes of work'), SLOW);
    await hands.click(within(collide()[0]!).getAllByRole('button')[0]!);
    await gone(collide);
    await came();
  });

  test('two other boards are offered and one is taken', async () => {
    const hands = await openStation(supper, 'choose');
    await hands.press('Two others');
    await hands.click(await screen.findByRole('button', { name: 'Take it: board 2' }, SLOW));
    await saved();
    await screen.findByRole('button', { name: /Undo: take another board/ });
    expect(planNow().placements).not.toEqual(supper.placements);
  });
});

describe('the whole board', () => {
  test('is turned vegan; a part is refused and the rest taken', async () => {
    const hands = await openStation(demo, 'choose');
    await hands.press('Turn the whole board');
    const turn = await paper('Turn the whole board');
    await hands.fill('Find a need', 'vegan', turn);
    await hands.press('Vegan', within(turn).getByRole('group', { name: 'Needs to add' }));
    await hands.press('Turn it', turn);
    await waitFor(() => expect(turn.textContent).toContain('so that the board fits: vegan'), SLOW);
    await hands.click(within(turn).getByLabelText('Take the change of Pork salami'));
    await hands.press('Take what is ticked', turn);
    await waitFor(() => expect(lies('brie')).toBe(false));
    expect(lies('salami')).toBe(true);
  });

  test('cheaper by a fifth for fewer guests is less money in packs, and one step of undo', async () => {
    const hands = await openStation(supper, 'choose');
    await hands.press('Turn the whole board');
    const turn = await paper('Turn the whole board');
    await hands.click(within(turn).getByLabelText('cheaper by'));
    await hands.fill('for so many guests', '4', turn);
    await hands.press('Turn it', turn);
    await waitFor(
      () => expect(turn.textContent).toContain('so that the board fits: cheaper and for 4'),
      SLOW,
    );
    const takes = within(turn).getAllByRole('button', { name: /^Take/ });
    await hands.click(takes.at(-1)!);
    await waitFor(() => expect(costOf(planNow())).toBeLessThan(costOf(supper) * 0.8));
    await saved();
    await hands.press(/^Undo: convert the board/);
    await waitFor(() => expect(costOf(planNow())).toBe(costOf(supper)));
  });

  test('is seen at a glance', async () => {
    const hands = await openStation(demo, 'choose');
    await hands.press('At a glance');
    expect((await paper(/glance/i)).textContent).toContain('the order of tasting');
    fireEvent.keyDown(document.body, { key: 'Escape' });
  });
});
