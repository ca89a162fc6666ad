import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  ALL_FACT_KEYS,
  CATALOGUE,
  factValue,
  known,
  possibleValues,
  withFact,
  type Component,
  type FactKey,
} from '../catalogue/index.js';
import { judgeNeed, judgeValue, NEEDS, needPack, rulesInForce, type Verdict } from './index.js';

const RANK: Record<Verdict, number> = { fine: 0, ask: 1, forbidden: 2 };
const component = fc.constantFrom(...CATALOGUE);
const pack = fc.constantFrom(...NEEDS);
const tellable = (c: Component, key: FactKey) =>
  key !== 'choking' && key !== 'salt-class' && !known(factValue(c, key, c.forms[0]!.form));

describe('laws of the verdict', () => {
  test('every pack has one rule in force for a fact, with each setting at each value', () => {
    for (const need of NEEDS)
      for (const setting of [...need.settings, undefined])
        for (const value of setting?.values ?? [undefined]) {
          const settings = setting && value ? { [setting.id]: value.id } : {};
          const facts = rulesInForce(need, { id: need.id, settings }).map((r) => r.fact);
          const pineNut = facts.filter((f) => f === 'nut.pine-nut').length;
          expect(facts.length - Math.max(0, pineNut - 1)).toBe(new Set(facts).size);
        }
  });

  test('an unknown fact has the verdict on which all its values agree, else ask (against trying each value)', () => {
    fc.assert(
      fc.property(component, pack, (c, need) => {
        const choice = { id: need.id, settings: {} };
        const form = c.forms[0]!.form;
        for (const rule of rulesInForce(need, choice)) {
          if (known(factValue(c, rule.fact, form))) continue;
          const all = new Set(possibleValues(rule.fact).map((v) => judgeValue(rule, v)));
          expect(judgeValue(rule, 'unknown')).toBe(all.size === 1 ? [...all][0] : 'ask');
        }
      }),
    );
  });

  test('learning a fact never undoes what another fact forbids', () => {
    fc.assert(
      fc.property(component, pack, fc.nat(), fc.nat(), (c, need, i, j) => {
        const open = ALL_FACT_KEYS.filter((k) => tellable(c, k));
        if (open.length === 0) return;
        const key = open[i % open.length]!;
        const values = possibleValues(key);
        const told = withFact(c, key, values[j % values.length]!);
        const choice = { id: need.id, settings: {} };
        const before = judgeNeed(c, c.forms[0]!.form, choice);
        if (before.verdict === 'forbidden')
          expect(judgeNeed(told, c.forms[0]!.form, choice).verdict).toBe('forbidden');
      }),
    );
  });

  test('an unknown is never taken as fine where some value is not', () => {
    for (const c of CATALOGUE)
      for (const need of NEEDS)
        for (const r of rulesInForce(need, { id: need.id, settings: {} })) {
          const value = factValue(c, r.fact, c.forms[0]!.form);
          const bad = (r.forbidden ?? []).length + (r.ask ?? []).length > 0;
          if (!known(value) && bad) expect(judgeValue(r, value)).not.toBe('fine');
        }
  });

  test('vegan is never wider than vegetarian, nor a child of one to three than one of four', () => {
    for (const c of CATALOGUE)
      for (const f of c.forms) {
        const v = (id: string) => RANK[judgeNeed(c, f.form, { id, settings: {} }).verdict];
        expect(v('vegan')).toBeGreaterThanOrEqual(v('vegetarian'));
        expect(v('child-1-3')).toBeGreaterThanOrEqual(v('child-4'));
      }
  });

  test('tightening a setting never widens', () => {
    const pairs: [string, Record<string, string>, Record<string, string>][] = [
      ['vegetarian', { rennet: 'strict' }, { rennet: 'lenient' }],
      ['halal', { rennet: 'strict' }, { rennet: 'lenient' }],
      ['gluten-free', { traces: 'avoid' }, { traces: 'ask' }],
      ['gluten-free', { traces: 'ask' }, { traces: 'accept' }],
      ['gluten-free', { oats: 'none' }, { oats: 'certified' }],
      ['tree-nut-free', { species: 'almond,walnut' }, { species: 'almond' }],
      ['tree-nut-free', { species: 'all' }, { species: 'cashew' }],
      ['vegan', { traces: 'ask' }, { traces: 'accept' }],
      ['child-4', { choking: 'careful' }, { choking: 'under-4' }],
    ];
    for (const [id, tight, wide] of pairs)
      for (const c of CATALOGUE)
        for (const f of c.forms)
          expect(RANK[judgeNeed(c, f.form, { id, settings: tight }).verdict]).toBeGreaterThanOrEqual(
            RANK[judgeNeed(c, f.form, { id, settings: wide }).verdict],
          );
  });

  test('coeliac is another name for gluten-free', () => expect(needPack('coeliac')?.id).toBe('gluten-free'));

  test('every reason names a fact, its source and plain words', () => {
    for (const c of CATALOGUE)
      for (const need of NEEDS)
        for (const r of judgeNeed(c, c.forms[0]!.form, { id: need.id, settings: {} }).reasons) {
          expect(r.text.length).toBeGreaterThan(10);
          expect(r.source).not.toBe('');
        }
  });
});
