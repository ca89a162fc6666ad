import { ENGLISH } from '../words/index.js';
import { expect, test } from '@jest/globals';
import { checkPlan } from '../check/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { guestCard, guestCardHtml } from './index.js';

const plan = planWith({
  party: [group('all', 4), group('veg', 2, ['vegan'], { name: '<b>Vegans</b>' })],
  placements: [
    lies('hummus-home', 300),
    lies('socca-crisps', 120),
    lies('green-grapes', 300),
    lies('brie', 250),
    lies('water-crackers', 125),
  ],
  overrulings: [
    {
      componentId: id('brie'),
      groupId: 'veg' as never,
      who: 'Ada',
      why: 'it is a plant round',
      when: '2027-05-08T10:00',
    },
  ],
});
const card = guestCard(plan, checkPlan(plan), plan.party[1]!, ENGLISH);

test('a card says what the guest may eat, what to ask and what not, and never a promise without its condition', () => {
  expect(card.mayEat[0]!.foods).toEqual(expect.arrayContaining(['Hummus, home-made', 'Green grapes']));
  expect(card.ask).toContain('Wheat crackers');
  expect(card.promise).toMatch(/as long as|not enough/);
});

test('every bite is of foods that the guest may eat', () => {
  const names = new Set(card.mayEat.flatMap((m) => m.foods));
  expect(card.bites.length).toBeGreaterThan(0);
  for (const bite of card.bites) for (const part of bite.split(' + ')) expect(names.has(part)).toBe(true);
});

test('an overruling stands on the card with who and why; a name is text, never markup', () => {
  const html = guestCardHtml(card);
  expect(html).toContain('it is a plant round (Ada)');
  expect(html).toContain('&lt;b&gt;Vegans');
  expect(html).not.toContain('<b>Vegans');
});

test('a food stands on a card once, and what lies by nuts is never theirs', () => {
  const near = group('near', 1, [], {
    needs: [{ id: 'tree-nut-free', settings: { contact: 'neighbours' } }],
  });
  const plan = planWith({ party: [near], placements: [lies('almonds', 60), lies('cucumber', 200)] });
  const otherGuestCard = guestCard(plan, checkPlan(plan), plan.party[0]!, ENGLISH);
  expect(otherGuestCard.mayEat).toEqual([]);
  const all = [...card.mayEat.flatMap((m) => m.foods), ...card.little, ...card.ask, ...card.notForYou];
  expect(all.length).toBe(new Set(all).size);
});

test('who counts is told of what to have a little, and no bite is built on it', () => {
  const counted = planWith({
    party: [group('all', 6), group('keto', 2, ['keto'])],
    placements: [
      lies('brie', 300),
      lies('flax-crackers', 120),
      lies('mango', 300),
      lies('cucumber', 300),
      lies('green-olives', 150),
    ],
  });
  const ketoCard = guestCard(counted, checkPlan(counted), counted.party[1]!, ENGLISH);
  expect(ketoCard.little).toEqual(['Mango fingers']);
  expect(ketoCard.mayEat[0]!.foods).toContain('Brie');
  expect(ketoCard.bites.length).toBeGreaterThan(0);
  expect(ketoCard.bites.filter((bite) => bite.includes('Mango'))).toEqual([]);
  expect(guestCardHtml(ketoCard)).toContain('A little of it');
});
