import { ENGLISH, speakArg } from '../words/index.js';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  ALL_FACT_KEYS,
  CATALOGUE,
  factValue,
  known,
  ownComponent,
  possibleValues,
  withFact,
  type Component,
  type FactKey,
} from '../catalogue/index.js';
import type { NeedChoice, Strictness } from '../party/index.js';
import { group } from '../testing/plans.js';
import { judgeGroup, judgeNeed, judgeValue, NEEDS, needPack, rulesInForce, type Verdict } from './index.js';

const RANK: Record<Verdict, number> = { fine: 0, ask: 1, forbidden: 2 };
const rank = (component: Component, choice: NeedChoice, form = component.forms[0]!.form) =>
  RANK[judgeNeed(component, form, choice).verdict];
const plain = (id: string): NeedChoice => ({ id, settings: {} });
const told = (key: FactKey) => key !== 'choking' && key !== 'salt-class';

/** Any food: one of ours, or one with any mix of facts known and unknown. */
const anyFood: fc.Arbitrary<Component> = fc
  .tuple(
    fc.constantFrom(...CATALOGUE, ownComponent('Nobody knows', 'spread-dip')),
    fc.array(fc.tuple(fc.nat(), fc.nat()), { maxLength: 12 }),
  )
  .map(([start, changes]) =>
    changes.reduce((component, [i, j]) => {
      const key = ALL_FACT_KEYS.filter(told)[i % ALL_FACT_KEYS.filter(told).length]!;
      const values = possibleValues(key);
      return withFact(component, key, values[j % values.length]!);
    }, start),
  );
const pack = fc.constantFrom(...NEEDS);

describe('laws of the verdict', () => {
  test('an unknown fact has the verdict on which all its values agree, else ask (against trying each value)', () => {
    fc.assert(
      fc.property(anyFood, pack, (component, need) => {
        const form = component.forms[0]!.form;
        for (const rule of rulesInForce(need, plain(need.id))) {
          if (known(factValue(component, rule.fact, form))) continue;
          const all = new Set(possibleValues(rule.fact).map((value) => judgeValue(rule, value)));
          expect(judgeValue(rule, 'unknown')).toBe(all.size === 1 ? [...all][0] : 'ask');
        }
      }),
    );
  });

  test('whatever an unknown fact turns out to be, the verdict before was never kinder than all of them', () => {
    fc.assert(
      fc.property(anyFood, pack, fc.nat(), (component, need, i) => {
        const open = ALL_FACT_KEYS.filter(
          (fact) => told(fact) && !known(factValue(component, fact, component.forms[0]!.form)),
        );
        if (open.length === 0) return;
        const key = open[i % open.length]!;
        // what is known to be no ingredient is at most a trace, and a warning that nobody has read is no question
        const trace = rulesInForce(need, plain(need.id)).some(
          ({ fact, answeredBy: by }) =>
            fact === key && by?.values.includes(factValue(component, by.fact, component.forms[0]!.form)),
        );
        const values = possibleValues(key).filter((value) => !trace || value !== 'contains');
        const outcomes = values.map((value) => rank(withFact(component, key, value), plain(need.id)));
        const before = rank(component, plain(need.id));
        if (before === RANK.fine)
          expect(Math.max(...outcomes)).toBeLessThanOrEqual(trace ? RANK.ask : RANK.fine);
        if (before === RANK.forbidden) expect(Math.min(...outcomes)).toBe(RANK.forbidden);
      }),
      { numRuns: 400 },
    );
  });

  test('learning a fact never undoes what another fact forbids', () => {
    fc.assert(
      fc.property(anyFood, pack, fc.nat(), fc.nat(), (component, need, i, j) => {
        const open = ALL_FACT_KEYS.filter(
          (fact) => told(fact) && !known(factValue(component, fact, component.forms[0]!.form)),
        );
        if (open.length === 0) return;
        const key = open[i % open.length]!;
        const values = possibleValues(key);
        const after = withFact(component, key, values[j % values.length]!);
        if (rank(component, plain(need.id)) === RANK.forbidden)
          expect(rank(after, plain(need.id))).toBe(RANK.forbidden);
      }),
    );
  });

  test('adding a need never widens', () => {
    fc.assert(
      fc.property(anyFood, pack, pack, (component, a, b) => {
        const one = judgeGroup(component, component.forms[0]!.form, group('g', 1, [a.id])).verdict;
        const both = judgeGroup(component, component.forms[0]!.form, group('g', 1, [a.id, b.id])).verdict;
        expect(RANK[both]).toBeGreaterThanOrEqual(RANK[one]);
      }),
    );
  });

  test('each setting stands from its tightest value to its widest, and tightening never widens', () => {
    fc.assert(
      fc.property(anyFood, pack, (component, need) => {
        for (const setting of need.settings.filter(
          (setting) => !setting.list && !setting.number && setting.id !== 'tradition',
        )) {
          const ranks = setting.values.map((value) =>
            rank(component, { id: need.id, settings: { [setting.id]: value.id } }),
          );
          expect(ranks).toEqual([...ranks].sort((x, y) => y - x));
        }
      }),
      { numRuns: 300 },
    );
  });

  test('a list that names more, and a smaller limit, are never wider', () => {
    fc.assert(
      fc.property(anyFood, (component) => {
        const nuts = (species: string) => rank(component, { id: 'tree-nut-free', settings: { species } });
        expect(nuts('almond,walnut')).toBeGreaterThanOrEqual(nuts('almond'));
        expect(nuts('all')).toBeGreaterThanOrEqual(nuts('cashew'));
        expect(nuts('all,coconut')).toBeGreaterThanOrEqual(nuts('all'));
        for (const id of ['keto', 'low-salt'])
          expect(rank(component, { id, settings: { limit: '1' } })).toBeGreaterThanOrEqual(
            rank(component, { id, settings: { limit: '9' } }),
          );
      }),
    );
  });

  test('the stricter a need is kept, the narrower it is', () => {
    const levels: Strictness[] = ['allergy', 'strict', 'preference'];
    fc.assert(
      fc.property(anyFood, pack, (component, need) => {
        const ranks = levels.map((strictness) => rank(component, { id: need.id, settings: {}, strictness }));
        expect(ranks).toEqual([...ranks].sort((x, y) => y - x));
      }),
    );
  });

  test.each([
    ['vegan', 'vegetarian'],
    ['vegetarian', 'pescatarian'],
    ['child-under-1', 'child-1-3'],
    ['child-1-3', 'child-4'],
    ['child-4', 'child-5-12'],
  ])('%s is never wider than %s, in any form of any food', (tight, wide) => {
    const both = (component: Component) => {
      for (const fact of component.forms)
        expect(rank(component, plain(tight), fact.form)).toBeGreaterThanOrEqual(
          rank(component, plain(wide), fact.form),
        );
    };
    CATALOGUE.forEach(both);
    fc.assert(fc.property(anyFood, both));
  });

  test('lenient vegetarians are still no wider than lenient pescatarians', () => {
    for (const component of CATALOGUE)
      expect(rank(component, { id: 'vegetarian', settings: { rennet: 'lenient' } })).toBeGreaterThanOrEqual(
        rank(component, { id: 'pescatarian', settings: { rennet: 'lenient' } }),
      );
  });

  test('of a food of which nobody knows anything, no need says fine', () => {
    const component = ownComponent('Nobody knows', 'spread-dip');
    for (const need of NEEDS)
      expect([need.id, judgeNeed(component, 'bowl', plain(need.id)).verdict]).toEqual([need.id, 'ask']);
  });

  test('milk and meat in one food are out kosher-style; while one of them is open, it asks', () => {
    const component = CATALOGUE.find((otherComponent) => otherComponent.id === 'turkey-salami')!; // milk depends on the brand
    const at = (v: 'contains' | 'free') =>
      judgeNeed(withFact(component, 'animal.milk', v), 'quarter-folds', plain('kosher-style')).reasons.some(
        (reason) => speakArg(reason.why, ENGLISH).includes('meat and milk'),
      );
    expect([at('contains'), at('free')]).toEqual([true, false]);
    expect(judgeNeed(component, 'quarter-folds', plain('kosher-style')).verdict).toBe('ask');
  });
});

describe('the packs', () => {
  test('are the thirty-two that are promised', () => {
    expect(NEEDS.map((pack) => pack.id).sort()).toEqual(
      'alcohol-free carbs-counted celery-free child-1-3 child-4 child-5-12 child-under-1 crustacean-free dairy-free egg-free fish-free gluten-free halal jain keto kosher-style lactose-light lighter low-salt lupin-free mollusc-free mustard-free no-beef peanut-free pescatarian pregnancy sesame-free soy-free sulphite-free tree-nut-free vegan vegetarian'.split(
        ' ',
      ),
    );
  });

  test('coeliac is another name for gluten-free', () => expect(needPack('coeliac')?.id).toBe('gluten-free'));

  test('each has a page in plain words, and settings whose default is one of their values', () => {
    for (const need of NEEDS) {
      expect(need.page.traps.length).toBeGreaterThan(0);
      expect(need.page.note.length).toBeGreaterThan(20);
      expect(need.page.sources.length).toBeGreaterThan(0);
      for (const setting of need.settings) {
        expect(setting.values.map((value) => value.id)).toContain(setting.default);
        for (const value of Object.values(setting.by ?? {}))
          expect(setting.values.map((value) => value.id)).toContain(value);
      }
    }
  });

  test('every reason names a fact, its source and plain words', () => {
    for (const component of CATALOGUE)
      for (const need of NEEDS)
        for (const reason of judgeNeed(component, component.forms[0]!.form, plain(need.id)).reasons) {
          expect(speakArg(reason.why, ENGLISH).length).toBeGreaterThan(10);
          expect(reason.source).not.toBe('');
        }
  });
});
