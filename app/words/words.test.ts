import { describe, expect, test } from '@jest/globals';
import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseSync } from '@swc/core';
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

/** A node of the syntax tree of @swc/core, as far as it is read here. */
interface Node {
  readonly type: string;
  readonly value?: string | Node | null;
  readonly name?: Node;
  readonly key?: Node;
  readonly callee?: Node;
  readonly arguments?: readonly { readonly expression: Node }[];
  readonly properties?: readonly Node[];
}

function* nodes(tree: unknown): Generator<Node> {
  if (typeof tree !== 'object' || tree === null) return;
  if (typeof (tree as Node).type === 'string') yield tree as Node;
  for (const part of Object.values(tree)) yield* nodes(part);
}

const all = (readdirSync(app, { recursive: true }) as string[])
  .filter((name) => /\.tsx?$/.test(name) && !OUTSIDE.test(`/${name}`))
  .flatMap((name) => {
    const text = readFileSync(path.join(app, name), 'utf8');
    const tree = parseSync(text, { syntax: 'typescript', tsx: name.endsWith('x') });
    return [...nodes(tree)].map((node) => ({ name, node }));
  });
const calls = all.flatMap(({ name, node }) =>
  node.type === 'CallExpression' && node.callee?.value === 't' ? [{ name, call: node.arguments! }] : [],
);
const textIn = (node: Node | null | undefined): string | undefined =>
  node?.type === 'StringLiteral' || node?.type === 'JSXText' ? (node.value as string) : undefined;
const isRead = ({ type, name }: Node): boolean => type === 'JSXAttribute' && READ.has(name!.value as string);

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
      const text =
        (isRead(node) ? textIn(node.value as Node) : node.type === 'JSXText' && textIn(node)) || '';
      return isWord(text) ? [`${name}: ${text.trim()}`] : [];
    });
    expect(bare).toEqual([]);
  });

  test('every message can be read, and is given just what it asks for', () => {
    expect(calls.length).toBeGreaterThan(700);
    for (const { name, call } of calls) {
      const [message, values] = call.map(({ expression }) => expression);
      const text = textIn(message);
      if (text === undefined) throw new Error(`${name}: ${JSON.stringify(message)}`);
      const given = (values?.properties ?? []).map(({ key, value }) => (key ?? { value }).value as string);
      expect([name, text, ...given.sort()]).toEqual([name, text, ...askedOf(text)]);
    }
  });

  test('a made-up language changes every word and no placeholder', () => {
    for (const { call } of calls) {
      const english = textIn(call[0]!.expression)!;
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
