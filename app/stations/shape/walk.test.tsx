/** @jest-environment ./app/testing/jsdom.mjs */
import { cometWatch, openStation, planNow, saved, slip } from '../../testing/papers.js';
import { SAVED } from '../../testing/dom.js';
import { describe, expect, test } from '@jest/globals';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { needOfCut, sliceFigures } from '../../../core/shape/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { lies, planWith } from '../../../core/testing/plans.js';
import { useBench } from '../../store/bench.js';
import { useBenchPick } from './useOnBench.js';

const small = planWith({ party: cometWatch().party.slice(0, 1), placements: [lies('young-gouda', 400)] });
const pieces = () => screen.queryAllByRole('button', { name: /Arrows move it, Shift/ });
const rested = () => waitFor(() => expect(useBench.getState().pressing).toBeNull());
const count = () => Number(/(\d+) a slice/.exec(screen.getByText(/^\d+ a slice$/).textContent)?.[1]);

async function bench(plan: Plan) {
  useBenchPick.setState({ food: {}, wanted: {} });
  useBench.setState({ found: new Map(), pressing: null });
  const hands = await openStation(plan, 'shape');
  await waitFor(() => expect(pieces().length).toBeGreaterThan(3));
  return hands;
}

describe('the bench', () => {
  test('opens with a proposal, and what is pressed lies on the board with its figures', async () => {
    const hands = await bench(small);
    // a plan that is only looked at stays as it is
    expect(planNow().cuts).toEqual([]);
    await hands.press('Press it so');
    await rested();
    expect(count()).toBe(pieces().length);
    await hands.press(/^Lay \d+ on Board/);
    await waitFor(() => expect(planNow().cuts).toHaveLength(1));
    await saved();
    const plan = planNow();
    const [cut] = plan.cuts as [Plan['cuts'][number]];
    const gouda = planLarder(plan).get(cut.componentId)!;
    const figures = sliceFigures(gouda, cut);
    const laid = plan.placements.find(({ form }) => form === 'cut-outs')!;
    expect(figures.perSlice).toBe(count());
    expect(laid.massG).toBeCloseTo(laid.pieces * figures.pieceG, 0);
    const need = needOfCut(gouda, cut, plan);
    expect(document.body.textContent).toContain(`${need.slices} slices`);
    expect(document.body.textContent).toContain(`${Math.round(figures.yield * 100)} % of a slice`);
    await hands.click(screen.getByRole('link', { name: 'Print the bench' }));
    await screen.findByRole('img', { name: 'The slice with its cuts, true size' });
    expect(document.body.textContent).toContain(`${need.slices} slices, 6 mm thick`);
    expect(document.body.textContent).toContain('press the cutters in this order');
    await hands.click(screen.getByRole('link', { name: 'Back to the bench' }));
    await hands.press('Take it off the bench');
    await waitFor(() => expect(planNow().cuts).toEqual([]));
    expect(planNow().placements.every(({ form }) => form !== 'cut-outs')).toBe(true);
    cleanup();
  });

  test('a piece that is moved by keys is pinned, the rest is nested around it, and one undo takes it back', async () => {
    const hands = await bench(small);
    await hands.press('Press it so');
    await rested();
    const was = count();
    pieces()[0]!.focus();
    fireEvent.keyDown(document.activeElement!, { key: 'ArrowDown' });
    await waitFor(() => expect(planNow().cuts[0]?.pieces.some(({ locked }) => locked)).toBe(true));
    await waitFor(() => expect(pieces().length).toBeGreaterThan(3));
    await hands.press('Press it so');
    await rested();
    await waitFor(() => expect(planNow().cuts[0]!.pieces.length).toBeGreaterThan(3));
    expect(planNow().cuts[0]!.pieces.filter(({ locked }) => locked)).toHaveLength(1);
    await saved();
    await hands.press(/^Undo: change what is cut out/);
    await waitFor(() => expect(planNow().cuts).toEqual([]));
    await waitFor(() => expect(count()).toBe(was));
    cleanup();
  });

  test('a hostile drawing is refused with its reason, a good one is a cutter', async () => {
    const hands = await bench(small);
    const give = (text: string) => hands.give('A drawing (SVG) or a set of cutters (JSON)', 'mine.svg', text);
    for (const [text, reason] of [
      ['<svg><script>alert(1)</script></svg>', 'no closed outline'],
      ['not a drawing', 'no SVG'],
      ['<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0L90 0L90 90"/></svg>', 'open'],
      ['<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0L90 90L90 0L0 90Z"/></svg>', 'crosses itself'],
    ] as const) {
      await give(text);
      await waitFor(() => expect(screen.getByRole('alert').textContent).toContain(`mine.svg: `));
      await waitFor(() => expect(screen.getByRole('alert').textContent).toContain(reason));
      expect(planNow().cuts).toEqual([]);
    }
    await give('<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0H90V60H0Z"/></svg>');
    await waitFor(() => expect(planNow().cuts[0]?.cutters[0]).toMatchObject({ id: 'own-1', name: 'mine' }));
    expect(screen.queryByRole('alert')).toBeNull();
    await hands.click(screen.getByRole('button', { name: 'Save' }));
    await hands.click(await screen.findByRole('menuitem', { name: 'The cutters, true size' }));
    expect(SAVED[0]!.name).toBe('cutters.svg');
    expect(await SAVED[0]!.text()).toContain('mm"');
    // a set goes out and comes in as it was; one that is none is refused with its field
    await hands.click(screen.getByRole('button', { name: 'Save' }));
    await hands.click(await screen.findByRole('menuitem', { name: 'The set of cutters, to share' }));
    const set = await SAVED[0]!.text();
    await hands.press('Heart', screen.getByRole('group', { name: 'Cutters' }));
    await waitFor(() => expect(planNow().cuts[0]!.cutters[0]!.id).toBe('heart'));
    await hands.give('A drawing (SVG) or a set of cutters (JSON)', 'set.json', set);
    await waitFor(() => expect(planNow().cuts[0]!.cutters[0]!.id).toBe('own-1'));
    await hands.give(
      'A drawing (SVG) or a set of cutters (JSON)',
      'bad.json',
      set.replace('"acrossMm"', '"size"'),
    );
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('cutters 0'));
    cleanup();
  });

  test('what is too narrow for its food is told, taken larger by its slip, and nested again', async () => {
    const hands = await bench(small);
    await hands.fill('Find a cutter', 'oak');
    await hands.press('Oak leaf', screen.getByRole('group', { name: 'Cutters' }));
    await waitFor(() => expect(pieces().length).toBeGreaterThan(3));
    expect(screen.getByRole('region', { name: 'Will it hold' }).textContent).toContain('breaks in');
    await hands.press('Press it so');
    await rested();
    await hands.press(/^Lay \d+ on Board/);
    const told = await slip('cut-breaks');
    const narrow = planNow().cuts[0]!.cutters[0]!.acrossMm;
    await waitFor(() => expect(within(told).getByRole('button', { name: /Take it larger/ })).toBeTruthy());
    await hands.press(/Take it larger/, told);
    await waitFor(() => expect(planNow().cuts[0]!.cutters[0]!.acrossMm).toBeGreaterThan(narrow));
    await waitFor(() =>
      expect(screen.getByRole('region', { name: 'Will it hold' }).textContent).toContain('bears it'),
    );
    cleanup();
  });

  test('an empty board offers foods that are cut', async () => {
    const hands = await openStation(planWith({ id: 'empty' as never, party: small.party }), 'shape');
    await hands.press(/^Edam/);
    await waitFor(() => expect(pieces().length).toBeGreaterThan(3));
    cleanup();
  });
});
