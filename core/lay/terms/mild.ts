import type { Component } from '../../catalogue/index.js';
import { MIN_BORDER_MM } from '../reading.js';
import { kept, SILENT, term } from './term.js';

const STRONG = 4;
const MILD = 2;
const strength = (component: Component): number => component.taste?.strength ?? 0;

/** A strong cheese beside a mild one: it gives its taste to it. */
const overpowers = (a: Component, b: Component): boolean =>
  a.family === 'cheese' && strength(a) >= STRONG && b.family === 'cheese' && strength(b) <= MILD;

/** Strong away from mild. */
export const mild = term({
  id: 'mild',
  weight: 1,
  border: (a, b) => (overpowers(a, b) || overpowers(b, a) ? 4 : 0),
  read({ contacts, foods }) {
    const strong = foods.filter(({ component }) =>
      foods.some((other) => overpowers(component, other.component)),
    );
    if (strong.length === 0) return SILENT;
    const faults = contacts.flatMap(({ a, b, mm, at }) =>
      mm >= MIN_BORDER_MM && (overpowers(a.component, b.component) || overpowers(b.component, a.component))
        ? [
            {
              components: overpowers(a.component, b.component)
                ? [a.component.id, b.component.id]
                : [b.component.id, a.component.id],
              at,
              reachMm: 40,
              amount: mm,
            },
          ]
        : [],
    );
    return kept(1 - faults.length / strong.length, faults);
  },
});
