import { describe, expect, test } from '@jest/globals';
import type { ComponentId } from '../catalogue/index.js';
import { planWith } from '../testing/plans.js';
import { answerSchema, planLarder, type Answer } from './index.js';

const read = (componentId: string, value: Answer['value'], fact = 'allergen.peanuts'): Answer =>
  answerSchema.parse({ componentId, fact, value, who: 'Jory', when: '2027-05-01T10:00', seen: 'label' });
const peanutsIn = (food: string, answers: Answer[]) =>
  planLarder(planWith({ answers })).get(food as ComponentId)!.allergens.peanuts;

describe('a label that is read is read of all that is made of it', () => {
  test('seeds that are packed without peanuts free the pesto that is made of them, and only what is made of them', () => {
    expect(peanutsIn('vegan-pesto', [])).toBe('brand');
    expect(peanutsIn('vegan-pesto', [read('pumpkin-seeds', 'free')])).toBe('free');
    expect(peanutsIn('pine-nut-pesto', [read('pumpkin-seeds', 'free')])).toBe('brand');
    // flax goes into it too, and nobody has read its pack
    expect(peanutsIn('flax-crackers', [read('pumpkin-seeds', 'free')])).toBe('brand');
  });

  test('a warning on the pack is one of what is made, until somebody says otherwise of that', () => {
    const warned = read('pumpkin-seeds', 'may');
    expect(peanutsIn('vegan-pesto', [warned])).toBe('may');
    expect(peanutsIn('vegan-pesto', [warned, read('vegan-pesto', 'free')])).toBe('free');
  });
});
