import { parse } from '@formatjs/icu-messageformat-parser';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { checkPlan, FINDING_KINDS, inWords, remedyEffect, remedyLabel } from '../check/index.js';
import { boardsOfMany } from '../testing/boards.js';
import { EN, ENGLISH, speak, speakArg, type MessageId, type Speech } from './index.js';
import { MADE_UP as MADE_UP_WORDS } from './made-up.js';

const MADE_UP: Speech = { locale: 'de', units: 'imperial', words: MADE_UP_WORDS };

const ids = Object.keys(EN) as MessageId[];

describe('word files', () => {
  test('every finding and every remedy has its words, and no word is without its finding', () => {
    const codes = ids.flatMap((id) => /^finding\.(.+)\.text$/.exec(id)?.[1] ?? []);
    expect(codes.sort()).toEqual(Object.keys(FINDING_KINDS).sort());
    for (const code of codes) expect(ids).toContain(`finding.${code}.why`);
    for (const id of ids)
      if (/^remedy\..+\.label$/.test(id)) expect(ids).toContain(id.replace(/label$/, 'effect'));
    expect(ids.length).toBeGreaterThan(200);
  });

  test('every template can be read', () => {
    for (const id of ids) expect(() => parse(EN[id])).not.toThrow();
  });
});

describe('speaking', () => {
  test('names three and counts the rest; the first name as it is, the others low', () => {
    expect(speakArg({ foods: ['Brie'] }, ENGLISH)).toBe('Brie');
    expect(speakArg({ foods: ['Brie', 'Cherry tomatoes'] }, ENGLISH)).toBe('Brie and cherry tomatoes');
    expect(speakArg({ all: ['a', 'b', 'c', 'd', 'e'] }, ENGLISH)).toBe('a, b, c and 2 more');
    expect(speakArg({ quoted: ['A', 'B'], most: 1 }, ENGLISH)).toBe('“A” and 1 more');
    expect(speakArg({ foods: ['BBQ ribs', 'DIY'] }, ENGLISH)).toBe('BBQ ribs and DIY');
    expect(speakArg({ foods: ['Hummus', 'Brie', 'Hummus'] }, ENGLISH)).toBe('Hummus and brie');
    expect(speakArg({ any: ['milk', 'egg', 'fish'] }, ENGLISH)).toBe('milk, egg or fish');
  });

  test('a word of a table is asked of the language, and stands as it is where there is none', () => {
    const loud: Speech = { ...ENGLISH, word: (english) => english.toUpperCase() };
    expect(speakArg({ word: 'firm' }, ENGLISH)).toBe('firm');
    expect(speakArg({ all: [{ word: 'firm' }, 'Brie'] }, loud)).toBe('FIRM and Brie');
  });

  test.each([
    [{ g: 1234 }, '1.23 kg', '2.7 lb', '1,23 kg'],
    [{ g: -0.3 }, '0 g', '0.0 oz', '0 g'],
    [{ mm: 510 }, '510 mm', '20.1 in', '510 mm'],
    [{ cm2: 2426 }, '2426 cm²', '376 sq in', '2426 cm²'],
    [{ celsius: 9 }, '9 °C', '48 °F', '9 °C'],
    [{ minor: 1234, currency: 'EUR' as const }, '€ 12.34', '€ 12.34', '€ 12,34'],
  ])('%j is said in units and in the numbers of the language', (figure, metric, imperial, german) => {
    expect(speakArg(figure, ENGLISH)).toBe(metric);
    expect(speakArg(figure, { ...ENGLISH, units: 'imperial' })).toBe(imperial);
    expect(speakArg(figure, { ...ENGLISH, locale: 'de' })).toBe(german);
  });

  test('plurals are the language’s own', () => {
    const said = (n: number) =>
      speak({ say: 'remedy.leave-out.label', with: { n, mass: { g: 3 } } }, ENGLISH);
    fc.assert(fc.property(fc.integer({ min: 2, max: 300 }), (n) => said(n) === 'Leave them out'));
    expect(said(1)).toBe('Leave it out');
  });

  test('what a template asks for and nobody gives is a fault, not a gap in the sentence', () => {
    expect(() => speak({ say: 'finding.disliked.text' }, ENGLISH)).toThrow();
  });
});

describe('findings in words', () => {
  const plans = boardsOfMany();
  const checked = plans.map((plan) => checkPlan(plan));

  test('of boards of every kind are whole sentences, in metric and imperial', () => {
    const seen = new Set<string>();
    for (const { findings } of checked)
      for (const finding of findings) {
        seen.add(finding.code);
        for (const units of ['metric', 'imperial'] as const) {
          const { text, why, facts } = inWords(finding, { ...ENGLISH, units });
          expect(text).toMatch(/^[“\p{L}\d€£$].*[.?]$/u);
          expect(why).toMatch(/[.?!]$/);
          expect(`${text} ${why}`).not.toMatch(/[{}]|undefined|null|NaN| {2}/);
          for (const cell of facts) expect(Object.values(cell).every((char) => char.length > 0)).toBe(true);
          // what a nutrition table says is in grams everywhere
          const kitchen = `${text} ${why}`.replace(/[\d.]+ g of (?:the|net|salt)[^.]*/g, '');
          if (units === 'imperial') expect(kitchen).not.toMatch(/\d (kg|g|mm|cm²|°C)(?![A-Za-z])/);
        }
        for (const remedy of finding.remedies)
          expect(remedyLabel(remedy, ENGLISH).length * remedyEffect(remedy, ENGLISH).length).toBeGreaterThan(
            0,
          );
      }
    expect(seen.size).toBeGreaterThan(25);
  });

  test('in a made-up language: no English word is left but what the plan and the catalogue say', () => {
    let said = 0;
    for (const { findings, context } of checked) {
      const own = [
        ...context.plan.surfaces.map((surface) => surface.name),
        ...context.plan.party.map((group) => group.name),
        ...context.placed.map((placed) => placed.component.name),
      ];
      for (const finding of findings) {
        if (finding.code !== 'too-small' && finding.code !== 'too-large' && finding.code !== 'not-all-laid')
          continue;
        let text = inWords(finding, MADE_UP).text.toLowerCase();
        for (const name of own) text = text.replaceAll(name.toLowerCase(), '');
        // the list of two foods is the locale's own
        expect(text.replaceAll(' und ', ' ')).not.toMatch(/[a-z](?!\u0301)/);
        said += 1;
      }
    }
    expect(said).toBeGreaterThan(2);
  });
});
