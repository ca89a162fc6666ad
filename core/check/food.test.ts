import { describe, expect, test } from '@jest/globals';
import { laidDemo } from '../test-support/demo.js';
import { CATALOGUE, type Component } from '../catalogue/index.js';
import { figuresOf } from '../lay/index.js';
import { sharing } from '../measure/index.js';
import type { Plan } from '../plan/index.js';
import { checkFood, checkPlan, isOfTheLayout } from './index.js';

const demo = laidDemo();
/** Everything was pushed a hand's width to the right. */
const pushed: Plan = {
  ...demo,
  layout: demo.layout.map((layer) => ({
    ...layer,
    elements: layer.elements.map((element) => ({ ...element, x: element.x + 90 })),
  })),
};

describe('the food without its layout', () => {
  test('has every slip of the plan but those of how it lies', () => {
    const { findings } = checkPlan(pushed);
    expect(findings.filter(isOfTheLayout).length).toBeGreaterThan(2);
    expect(findings.filter((finding) => !isOfTheLayout(finding)).length).toBeGreaterThan(2);
    // what is tried is tried on the food alone
    expect(findings.filter(isOfTheLayout).flatMap(({ remedies }) => remedies)).toEqual([]);
    expect(checkFood(pushed).findings).toEqual(findings.filter((finding) => !isOfTheLayout(finding)));
  });
});

describe('what is remembered of a layout', () => {
  const [surface] = demo.surfaces;
  const { elements } = demo.layout.find(({ surfaceId }) => surfaceId === surface!.id)!;
  const last = elements.at(-1)!;
  const shorter: Plan = {
    ...demo,
    layout: demo.layout.map((layer) =>
      layer.elements === elements ? { ...layer, elements: elements.slice(0, -20) } : layer,
    ),
  };
  const edits: [string, Plan][] = [
    [
      'another palette',
      { ...demo, occasion: { ...demo.occasion, theme: { ...demo.occasion.theme, palette: ['#2f5d3a'] } } },
    ],
    ['another star', { ...demo, wishes: { ...demo.wishes, star: last.componentId } }],
    [
      'a label was read',
      {
        ...demo,
        answers: [
          {
            componentId: last.componentId,
            fact: 'allergen.milk',
            value: 'contains',
            who: 'Ada',
            when: '2027-05-01T10:00',
            seen: 'label',
          },
        ],
      },
    ],
    [
      'food that nobody knows any more',
      {
        ...demo,
        layout: demo.layout.map((layer) => ({
          ...layer,
          elements: layer.elements.map((element) =>
            element === last ? { ...element, componentId: 'gone' as typeof element.componentId } : element,
          ),
        })),
      },
    ],
    ['less that lies there', shorter],
    ['all a hand’s width to the right', pushed],
  ];

  /** The toasts are a food of one's own, as it is known. */
  const withOwn = (known: Partial<Component>): Plan => {
    const toasts = CATALOGUE.find(({ id }) => id === 'baguette-toasts')!;
    const own = { ...toasts, ...known, id: 'own-toasts' as Component['id'] };
    return {
      ...demo,
      ownComponents: [own],
      layout: demo.layout.map((layer) => ({
        ...layer,
        elements: layer.elements.map((element) =>
          element.componentId === toasts.id ? { ...element, componentId: own.id } : element,
        ),
      })),
    };
  };

  test('what is found out of a food, and another size of its pieces, tell where it lies', () => {
    const before = withOwn({});
    const figuresIn = (plan: Plan) => {
      const [{ surfaceId, elements }] = plan.layout as [Plan['layout'][number]];
      return figuresOf(
        plan,
        plan.surfaces.find(({ id }) => id === surfaceId)!,
        elements,
      );
    };
    const known = figuresIn(before);
    const [form, ...forms] = withOwn({}).ownComponents[0]!.forms;
    for (const own of [
      { weeps: true },
      { forms: [{ ...form!, lengthMm: form!.lengthMm / 3, widthMm: form!.widthMm / 3 }, ...forms] },
    ]) {
      const after = sharing(structuredClone(withOwn(own)), before);
      expect(after.layout[0]).toBe(before.layout[0]);
      expect(figuresIn(after)).not.toEqual(known);
      expect(figuresIn(after)).toEqual(figuresIn(structuredClone(after)));
    }
  });

  test.each(edits)('is never taken for what is there now: %s', (_what, edited) => {
    checkPlan(demo);
    // as it comes to the kitchen: a copy that keeps what did not change
    const next = sharing(structuredClone(edited), demo);
    const unknown = structuredClone(edited);
    expect(checkPlan(next).findings).toEqual(checkPlan(unknown).findings);
    for (const plan of [next, unknown])
      for (const { surfaceId, elements } of plan.layout) {
        const surface = plan.surfaces.find(({ id }) => id === surfaceId)!;
        expect(figuresOf(plan, surface, elements)).toEqual(figuresOf(edited, surface, elements));
      }
  });
});
