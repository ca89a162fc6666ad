import { describe, expect, test } from '@jest/globals';
import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';
import { madeUp } from '../../core/words/made-up.js';
import { t } from './index.js';

const app = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
/** The page of the kit is for those who build; tests and the brand speak one language. */
const OUTSIDE = /\.test\.|\/testing\/|KitPage|vite\.config|\/words\//;
const NAMES = /^(Round Plate|SVG|PNG|JSON)$/;
/** Attributes that somebody reads or hears. */
const READ = new Set([
  'label',
  'title',
  'aria-label',
  'placeholder',
  'hint',
  'alt',
  'legend',
  'words',
  'none',
  'any',
]);
const isWord = (text: string): boolean => /[A-Za-z]{2,}/.test(text) && !NAMES.test(text.trim());

const sources = (readdirSync(app, { recursive: true }) as string[])
  .filter((name) => /\.tsx?$/.test(name) && !OUTSIDE.test(`/${name}`))
  .map((name) => ({
    name,
    root: ts.createSourceFile(name, readFileSync(path.join(app, name), 'utf8'), ts.ScriptTarget.Latest, true),
  }));

function* nodes(node: ts.Node): Generator<ts.Node> {
  yield node;
  for (const child of node.getChildren()) yield* nodes(child);
}
const all = sources.flatMap(({ name, root }) => [...nodes(root)].map((node) => ({ name, node })));
const calls = all.flatMap(({ name, node }) =>
  ts.isCallExpression(node) && node.expression.getText() === 't' ? [{ name, call: node }] : [],
);

/** What a message is given, by name. */
const asked = (elements: readonly MessageFormatElement[]): string[] =>
  elements.flatMap((element) => {
    if (element.type === TYPE.literal || element.type === TYPE.pound) return [];
    if (element.type === TYPE.plural || element.type === TYPE.select)
      return [element.value, ...Object.values(element.options).flatMap((option) => asked(option.value))];
    return [element.value as string];
  });
const askedOf = (message: string): string[] =>
  [...new Set(asked(parse(message, { ignoreTag: true })))].sort();

describe('words of the interface', () => {
  test('no text stands in the markup or in what is read of it but through t()', () => {
    const bare = all.flatMap(({ name, node }) => {
      const text = ts.isJsxText(node)
        ? node.text
        : ts.isJsxAttribute(node) &&
            READ.has(node.name.getText()) &&
            node.initializer &&
            ts.isStringLiteral(node.initializer)
          ? node.initializer.text
          : '';
      return isWord(text) ? [`${name}: ${text.trim()}`] : [];
    });
    expect(bare).toEqual([]);
  });

  test('every message can be read, and is given just what it asks for', () => {
    expect(calls.length).toBeGreaterThan(700);
    for (const { name, call } of calls) {
      const [message, values] = call.arguments;
      if (!message || !ts.isStringLiteralLike(message)) throw new Error(`${name}: ${call.getText()}`);
      const given =
        values && ts.isObjectLiteralExpression(values)
          ? values.properties.map((property) => property.name!.getText())
          : [];
      expect([name, message.text, ...given.sort()]).toEqual([name, message.text, ...askedOf(message.text)]);
    }
  });

  test('a made-up language changes every word and no placeholder', () => {
    for (const { call } of calls) {
      const english = (call.arguments[0] as ts.StringLiteral).text;
      const made = madeUp(english);
      expect(askedOf(made)).toEqual(askedOf(english));
      if (isWord(english.replace(/\{[^}]*\}/g, ''))) expect(made).not.toBe(english);
    }
  });
});

describe('speaking', () => {
  test('fills in, chooses plurals, and is plain English where nobody chose a language', () => {
    expect(t('Undo')).toBe('Undo');
    expect(t('See it as {name}', { name: 'Vegan' })).toBe('See it as Vegan');
    expect(t('{n, plural, one {# theme} other {# themes}} taken over.', { n: 1 })).toBe(
      '1 theme taken over.',
    );
    expect(t('{n, plural, one {# theme} other {# themes}} taken over.', { n: 3 })).toBe(
      '3 themes taken over.',
    );
    expect(t('{a}{b}', { a: undefined, b: 0 })).toBe('0');
  });
});
