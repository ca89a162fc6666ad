import { describe, expect, test } from '@jest/globals';
import { manyGuests } from '../testing/briefs.js';
import { boardsOfMany } from '../testing/boards.js';
import { brief } from '../testing/plans.js';
import { certificateOf, checkPlan, labelQuestions } from './index.js';
import { answerOf, checkedOf } from './answer.js';

const PLANS = [brief(), ...boardsOfMany(24), manyGuests(brief())];

describe('a check that was made beside the page', () => {
  test('says the same there and here, over a border that carries data alone', () => {
    let findings = 0;
    let short = 0;
    for (const plan of PLANS) {
      const there = checkPlan(plan);
      const here = checkedOf(plan, structuredClone(answerOf(there)));
      expect({ ...here, context: null }).toEqual({ ...there, context: null });
      // groups and foods are those of the plan itself, so that what is asked further of them is answered alike
      for (const { group, foods } of here.care.groups) {
        expect(plan.party).toContain(group);
        for (const food of foods) expect(here.context.placed).toContain(food);
      }
      expect(certificateOf(here.context, here.care)).toEqual(certificateOf(there.context, there.care));
      expect(labelQuestions(here.context)).toEqual(labelQuestions(there.context));
      findings += here.findings.length;
      short += there.care.shortFirst ? 1 : 0;
    }
    expect(findings).toBeGreaterThan(100);
    expect(short).toBeGreaterThan(5);
  });
});
