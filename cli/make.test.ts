import { describe, expect, test } from '@jest/globals';
import { canonicalText } from '../core/plan/index.js';
import { group, lies, planWith } from '../core/testing/plans.js';
import { plate } from './testing/plate.js';

const plan = planWith({
  party: [group('all', 6), group('vegans', 2, ['vegan'])],
  placements: [
    lies('brie', 250),
    lies('hummus-home', 300),
    lies('baguette-toasts', 200),
    lies('carrot-sticks', 300),
    lies('green-grapes', 300),
  ],
});
const text = canonicalText(plan);

interface Shop {
  lines: { id: string; shop: string | null; basketG: number; boughtG: number; costMinor: number }[];
  costMinor: number;
}

describe('Make without a page', () => {
  test('shop buys ingredients, joins plans, and reckons with a price book and its shops', async () => {
    const one = (await plate(['shop', '-'], text)).json<Shop>();
    expect(one.lines.map(({ id }) => id)).toContain('staple-chickpeas');
    expect(one.lines.map(({ id }) => id)).not.toContain('hummus-home');
    expect(one.lines.reduce((sum, { costMinor }) => sum + costMinor, 0)).toBe(one.costMinor);
    const files = {
      'a.json': text,
      'b.json': text,
      'book.csv': 'component,pack g,price,shop\nbrie,100,1.5,Market hall\n',
    };
    const two = (await plate(['shop', 'a.json', 'b.json'], '', files)).json<Shop>();
    expect(two.costMinor).toBeLessThanOrEqual(2 * one.costMinor);
    const priced = (await plate(['shop', 'a.json', '--prices', 'book.csv'], '', files)).json<Shop>();
    expect(priced.lines.find(({ id }) => id === 'brie')).toMatchObject({
      shop: 'Market hall',
      costMinor: 450,
    });
    const bad = await plate(['shop', 'a.json', '--prices', 'no.csv'], '', files);
    expect([bad.code, bad.error().error.message]).toEqual([2, 'the file "no.csv" cannot be read']);
  });

  test('schedule has each task once, with its bound and no fault; a wrong number of helpers is refused', async () => {
    const found = (await plate(['schedule', '-', '--helpers', '1', '--steps', '30'], text)).json<{
      tasks: { id: string; start: string; end: string; who: string }[];
      bound: number;
      cost: number;
      conflicts: unknown[];
      faults: unknown[];
    }>();
    expect(new Set(found.tasks.map(({ id }) => id)).size).toBe(found.tasks.length);
    expect([found.conflicts, found.faults]).toEqual([[], []]);
    expect(found.cost).toBeGreaterThanOrEqual(found.bound - 0.1);
    for (const { start, end } of found.tasks) expect(start <= end && end <= plan.occasion.start).toBe(true);
    expect((await plate(['schedule', '-', '--helpers', 'many'], text)).code).toBe(2);
  });

  test('later says what another number of guests takes, and names a group that is not there', async () => {
    const found = (await plate(['later', '-', '--guests', 'all=10', '--guests', 'vegans=3'], text)).json<{
      guests: number;
      buy: { id: string; text: string }[];
      costMinor: { before: number; after: number };
      plan: { party: { count: number }[] };
    }>();
    expect(found.guests).toBe(13);
    expect(found.plan.party.map(({ count }) => count)).toEqual([10, 3]);
    expect(found.buy.length).toBeGreaterThan(0);
    const again = (await plate(['shop', '-'], JSON.stringify(found.plan))).json<Shop>();
    expect(found.costMinor.after).toBe(again.costMinor);
    const wrong = await plate(['later', '-', '--guests', 'ghosts=3'], text);
    expect([wrong.code, wrong.error().error.message]).toEqual([2, 'no group is called "ghosts"']);
    expect((await plate(['later', '-', '--guests', 'all=-1'], text)).code).toBe(2);
    expect((await plate(['later', '-', '--guests', 'all=0', '--guests', 'vegans=0'], text)).code).toBe(2);
    expect((await plate(['later', '-'], text)).code).toBe(2);
  });

  test('tools are counted and a recipe is scaled', async () => {
    const tools = (await plate(['tools', '-'], text)).json<{ id: string; count: number; what: string }[]>();
    expect(tools.find(({ id }) => id === 'napkin')!.count).toBe(16);
    expect(tools.some(({ what }) => what.startsWith('Cutting board and knife for'))).toBe(true);
    const grams = async (of: string): Promise<number> => {
      const { parts } = (await plate(['recipe', 'hummus-home', '--for', of])).json<{
        parts: { id: string; grams: number }[];
      }>();
      return parts.find(({ id }) => id === 'staple-chickpeas')!.grams;
    };
    expect((await grams('620')) / (await grams('310'))).toBeCloseTo(2, 1);
    expect((await plate(['recipe', 'brie', '--for', '100'])).code).toBe(2);
  });
});
