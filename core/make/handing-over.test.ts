import { describe, expect, test } from '@jest/globals';
import { planLarder } from '../plan/index.js';
import { group, lies, planWith } from '../testing/plans.js';
import { laidDemo } from '../test-support/demo.js';
import { BOX_IDS as BOX_ORDER, boxesOf } from './boxes.js';
import { offerOf } from './offer.js';
import { shopFor } from './shopping.js';
import { toolsOf } from './tools.js';

const plan = laidDemo();

describe('tools at the board', () => {
  test('a knife for each cheese that is cut there, bowls as they are in use, what is short is told', () => {
    const one = planWith({
      party: [group('all', 10)],
      placements: [
        lies('brie', 250),
        lies('aged-gouda', 200, { form: 'wedge' }),
        lies('hummus-home', 200, { form: 'bowl', contained: true }),
      ],
      tools: { knives: 1, spoons: 0, tongs: 0 },
    });
    const by = new Map(toolsOf(one).map((line) => [line.key, line]));
    expect(by.get('soft-knife')).toMatchObject({ count: 1, have: 1 });
    expect(by.get('hard-knife')).toMatchObject({ count: 1, have: 0, of: ['Aged gouda'] });
    expect(by.get('spoon')).toMatchObject({ count: 1, have: 0 });
    expect(by.get('napkin')!.count).toBe(20);
    expect(toolsOf(planWith({}))).toEqual([]);
  });

  test('sharp picks are for nobody’s child', () => {
    const party = [
      group('all', 6),
      group('kids', 3, [], { band: 'child', ages: [7, 8, 9] }),
      group('small', 2, [], { band: 'child', ages: [3, 3] }),
    ];
    const one = planWith({ party, placements: [lies('green-olives', 200, { form: 'scatter' })] });
    const by = new Map(toolsOf(one).map((line) => [line.id, line.count]));
    expect([by.get('picks'), by.get('blunt-picks')]).toEqual([6, 3]);
  });

  test('boxes come out in the order of laying, what perishes in a cold one, every gram in one of them', () => {
    const boxes = boxesOf(plan);
    expect(boxes.map(({ id }) => id)).toEqual(BOX_ORDER.filter((id) => boxes.some((box) => box.id === id)));
    const packed = boxes
      .filter(({ id }) => id !== 'boards')
      .flatMap(({ items }) => items)
      .reduce((sum, { massG }) => sum + massG, 0);
    expect(packed).toBeCloseTo(plan.placements.reduce((sum, { massG }) => sum + massG, 0));
    const cold = boxes.filter(({ cold }) => cold).flatMap(({ items }) => items.map(({ name }) => name));
    const larder = planLarder(plan);
    const perishing = plan.placements
      .map(({ componentId }) => larder.get(componentId)!)
      .filter(({ holdOut }) => holdOut === 'perishable');
    expect(perishing.length).toBeGreaterThan(3);
    expect(cold).toEqual(expect.arrayContaining(perishing.map(({ name }) => name)));
  });

  test('an offer adds up line by line, and one that asks for nothing costs its food', () => {
    const offer = {
      ...plan.offer,
      hourMinor: 3000,
      hireMinor: 5000,
      travelMinor: 1500,
      marginPercent: 25,
      depositPercent: 30,
    };
    const sum = offerOf({ ...plan, offer });
    expect(sum.foodMinor).toBe(shopFor([plan]).costMinor);
    expect(sum.labourMinor).toBe(Math.round((sum.labourMin / 60) * 3000));
    const cost = sum.foodMinor + sum.labourMinor + 5000 + 1500;
    expect(sum.marginMinor).toBe(Math.round(cost * 0.25));
    expect(sum.priceMinor).toBe(cost + sum.marginMinor);
    expect(sum.depositMinor).toBe(Math.round(sum.priceMinor * 0.3));
    expect(sum.perGuestMinor).toBe(Math.round(sum.priceMinor / 28));
    expect(offerOf(plan).priceMinor).toBe(sum.foodMinor);
    expect(offerOf({ ...plan, party: [] }).perGuestMinor).toBeUndefined();
  });
});
