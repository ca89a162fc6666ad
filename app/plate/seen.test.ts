import { beforeAll, describe, expect, test } from '@jest/globals';
import { checkPlan, standingOf } from '../../core/check/index.js';
import { layPlan } from '../../core/lay/index.js';
import type { LaidElement, Plan } from '../../core/plan/index.js';
import { board, group, id, lies, planWith } from '../../core/testing/plans.js';
import { showingFor } from './seen.js';

let plan: Plan;
beforeAll(() => {
  plan = layPlan(
    planWith({
      party: [
        group('all', 6),
        group('vegan', 2, ['vegan']),
        group('coeliac', 1, ['gluten-free']),
        group('shy', 1, [], { dislikes: ['grapes'] }),
      ],
      placements: [
        lies('brie', 250),
        lies('water-crackers', 120),
        lies('green-grapes', 200),
        lies('strawberries', 150),
        lies('rosemary', 6),
      ],
    }),
    3,
  ).plan;
});

const seenBy = (who: string, otherPlan: Plan = plan): Map<string, string> => {
  const checked = checkPlan(otherPlan);
  const showing = showingFor(
    checked,
    otherPlan.surfaces[0]!,
    otherPlan.party.find((group) => group.id === who),
  )!;
  return new Map(
    otherPlan.layout[0]!.elements.map((element) => [element.componentId as string, showing.get(element.id)!]),
  );
};

describe('the board through a guest’s eyes', () => {
  test('everybody together sees it as it is', () =>
    expect(showingFor(checkPlan(plan), plan.surfaces[0]!, undefined)).toBeUndefined());

  test('cheese is not the vegan’s, fruit is', () => {
    const seen = seenBy('vegan');
    expect([seen.get('brie'), seen.get('strawberries')]).toEqual(['pale', 'full']);
  });

  test('beside loose wheat nothing is sure for the coeliac guest, and wheat is not theirs', () => {
    const seen = seenBy('coeliac');
    expect(seen.get('water-crackers')).toBe('pale');
    expect([seen.get('strawberries'), seen.get('green-grapes')]).toEqual(['hatched', 'hatched']);
  });

  test('what a guest does not like is passed by, what they like is not', () => {
    const seen = seenBy('shy');
    expect([seen.get('green-grapes'), seen.get('strawberries')]).toEqual(['pale', 'full']);
  });

  test('a surface that is kept for others is pale for everyone else', () => {
    const kept = { ...plan, surfaces: [board({ serves: ['vegan' as never] })] };
    expect(new Set(seenBy('shy', kept).values())).toEqual(new Set(['pale']));
  });

  test('what is drawn from an older layout is never shown as theirs', () => {
    const bare = {
      ...plan,
      placements: plan.placements.filter((placement) => placement.componentId !== id('strawberries')),
    };
    expect(seenBy('all', bare).get('strawberries')).toBe('pale');
    const form = {
      ...plan,
      layout: plan.layout.map((layer) => ({
        ...layer,
        elements: layer.elements.map((element): LaidElement =>
          element.componentId === id('green-grapes') ? { ...element, form: 'quartered' } : element,
        ),
      })),
    };
    expect(seenBy('all', form).get('green-grapes')).toBe('pale');
  });

  test('nothing is full that does not stand as fine, for any group', () => {
    const checked = checkPlan(plan);
    for (const group of plan.party) {
      const seen = seenBy(group.id);
      for (const placed of checked.context.placed)
        expect([placed.component.id, seen.get(placed.component.id) === 'full']).toEqual([
          placed.component.id,
          standingOf(checked.context, placed, group) === 'fine',
        ]);
    }
  });
});
