import { expect, test } from '@jest/globals';
import { CATALOGUE, factValue, type FactKey } from '../catalogue/index.js';
import { readLabel } from './index.js';

/** Aged cheese has lost its lactose, whatever milk the list begins with; a label of meat names fat of no one animal. */
const NOT_FROM_A_LIST: readonly FactKey[] = ['lactose', 'animal.animal-fat'];

/** The list of ingredients of each component, read like a label: what it names is in the facts, as surely as there. */
test.each(
  CATALOGUE.filter((component) => component.ingredients.length > 0).map(
    (component) => [component.id, component] as const,
  ),
)('the facts of %s hold what its list of ingredients names', (_id, component) => {
  const read = readLabel(`Ingredients: ${component.ingredients.join(', ')}.`);
  const named = Object.entries(read.facts).filter(
    ([fact, value]) => ['contains', 'needed'].includes(value) && !NOT_FROM_A_LIST.includes(fact as FactKey),
  );
  const missing = named.filter(
    ([fact, value]) =>
      factValue(component, fact as FactKey, component.forms[0]!.form) !== value &&
      // a list of ingredients names meat, and another mark of the pack who certifies it
      !(fact === 'slaughter' && component.slaughter === 'certified'),
  );
  expect(missing).toEqual([]);
});
