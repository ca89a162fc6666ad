import { describe, expect, test } from '@jest/globals';
import { about, CATALOGUE, colourName, fitsFacets, goesWith, ownComponent } from './index.js';

const food = (id: string) => CATALOGUE.find((component) => component.id === id)!;

describe('what a stylist asks of a food', () => {
  test('salty blue goes with something sweet, ham with melon, fig or pear', () => {
    expect(
      goesWith(food('roquefort'), CATALOGUE).foods.every((component) => component.taste!.sweet >= 4),
    ).toBe(true);
    expect(goesWith(food('dry-cured-ham'), CATALOGUE).foods.map((component) => component.baseFood)).toEqual(
      expect.arrayContaining(['melon', 'fig']),
    );
  });

  test('every food has a partner, is like something, and says how long it stands', () => {
    for (const component of CATALOGUE) {
      expect([component.id, goesWith(component, CATALOGUE).foods.length > 0]).toEqual([component.id, true]);
      expect(about(component).like.join(', ').length).toBeGreaterThan(2);
      expect(about(component).stands.length).toBeGreaterThan(5);
    }
  });

  test('of an own food that nobody tasted nothing is made up', () => {
    expect(about(ownComponent('Aunt’s chutney', 'spread-dip'))).toMatchObject({
      like: ['nobody has tasted it yet'],
      stands: 'nobody has said: treat it as two hours',
    });
  });
});

describe('facets', () => {
  test.each([
    ['strawberries', 'red'],
    ['blueberries', 'purple'],
    ['cucumber-sticks', 'green'],
    ['mimolette', 'orange'],
    ['mozzarella-pearls', 'white'],
    ['dark-chocolate', 'brown'],
  ])('%s is %s', (id, colour) => {
    expect(food(id).colours.slice(0, 2).map(colourName)).toContain(colour);
  });

  test('family, colour, month and taste are asked together', () => {
    const found = CATALOGUE.filter((component) =>
      fitsFacets(component, { family: 'fresh-fruit', colour: 'red', month: 6 }),
    );
    expect(found.map((component) => component.id)).toContain('strawberries');
    expect(
      found.every((component) => component.family === 'fresh-fruit' && component.seasonMonths.includes(6)),
    ).toBe(true);
    expect(
      CATALOGUE.filter((component) => fitsFacets(component, { taste: 'heat' })).every(
        (component) => component.taste!.heat >= 3,
      ),
    ).toBe(true);
  });
});
