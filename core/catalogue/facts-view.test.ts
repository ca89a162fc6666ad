import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  ALL_FACT_KEYS,
  CATALOGUE,
  factSource,
  factValue,
  factWords,
  isFactKey,
  known,
  possibleValues,
  withFact,
  type FactKey,
} from './index.js';

const TOLD = ALL_FACT_KEYS.filter((fact) => fact !== 'salt-class' && fact !== 'choking');
const component = fc.constantFrom(...CATALOGUE);

describe('the flat view of the facts', () => {
  test('has a value, a source and words for every fact of every component', () => {
    const empty = CATALOGUE.flatMap((component) =>
      ALL_FACT_KEYS.filter(
        (key) =>
          factValue(component, key, component.forms[0]!.form).length * factSource(component, key).length ===
          0,
      ).map((key) => `${component.id} ${key}`),
    );
    expect(empty).toEqual([]);
    for (const key of ALL_FACT_KEYS) expect(factWords(key)).not.toMatch(/[.-]/);
  });

  test('values that are known are values that can be; the rest are states of knowledge', () => {
    const strange = ALL_FACT_KEYS.flatMap((key) => {
      const values: readonly string[] = possibleValues(key);
      return CATALOGUE.filter((component) => {
        const value = factValue(component, key, component.forms[0]!.form);
        return !(known(value) ? values : ['brand', 'depends', 'unknown']).includes(value);
      }).map((component) => `${component.id} ${key}`);
    });
    expect(strange).toEqual([]);
  });

  test('telling a fact changes that fact to what was told, and no other component', () => {
    fc.assert(
      fc.property(component, fc.constantFrom(...TOLD), fc.nat(20), (component, key, pick) => {
        const values = possibleValues(key);
        const value = values[pick % values.length]!;
        const before = JSON.stringify(component);
        const told = withFact(component, key, value);
        expect(factValue(told, key, component.forms[0]!.form)).toBe(value);
        expect(JSON.stringify(component)).toBe(before);
      }),
    );
  });

  test('telling one fact leaves the others, but for the species that “no tree nuts” rules out', () => {
    fc.assert(
      fc.property(component, fc.constantFrom(...TOLD), (component, key) => {
        const told = withFact(component, key, possibleValues(key)[0]!);
        for (const other of ALL_FACT_KEYS) {
          if (other === key || (key === 'allergen.tree-nuts' && other.startsWith('nut.'))) continue;
          expect(factValue(told, other, component.forms[0]!.form)).toBe(
            factValue(component, other, component.forms[0]!.form),
          );
        }
      }),
      { numRuns: 60 },
    );
  });

  test('a form that the component does not have has an unknown shape', () => {
    const honey = CATALOGUE.find((component) => component.id === 'honey')!;
    expect(factValue(honey, 'choking', 'cubes')).toBe('unknown');
  });

  test('salt and shape are worked out, and cannot be told', () => {
    const brie = CATALOGUE.find((component) => component.id === 'brie')!;
    for (const key of ['salt-class', 'choking'] as const)
      expect(() => withFact(brie, key, possibleValues(key)[0]!)).toThrow('worked out');
  });

  test('only names of facts are names of facts', () => {
    for (const key of ALL_FACT_KEYS) expect(isFactKey(key)).toBe(true);
    for (const text of ['', 'allergen', 'allergen.', 'allergen.milk ', '__proto__', 'toString'])
      expect(isFactKey(text as FactKey)).toBe(false);
  });

  test('salt classes follow the salt', () => {
    const rank = ['mild', 'salty', 'very-salty'];
    const salted = [...CATALOGUE]
      .filter((component) => component.per100g.saltG !== null)
      .sort((a, b) => a.per100g.saltG! - b.per100g.saltG!)
      .map((component) => rank.indexOf(factValue(component, 'salt-class', component.forms[0]!.form)));
    expect(salted).toEqual([...salted].sort((a, b) => a - b));
  });
});
