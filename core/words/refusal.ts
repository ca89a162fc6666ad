import type { z } from 'zod';
import type { MessageId, Said } from './speak.js';

/** What Zod calls the kinds of value that we speak of; others are "something else". */
const KINDS = ['string', 'number', 'int', 'boolean', 'array', 'object'] as const;
const MEASURED = ['string', 'array'] as const;

const isOneOf = <T extends string>(list: readonly T[], value: unknown): value is T =>
  (list as readonly unknown[]).includes(value);

/** Of a number, of letters, or of entries. */
const bound = (way: 'least' | 'most', origin: string, limit: number | bigint): Said => ({
  say: `no.${way}.${isOneOf(MEASURED, origin) ? origin : 'number'}` satisfies MessageId,
  with: { n: Number(limit) },
});

/**
 * Why a schema refuses a value, in words. A rule that says it itself gives `params.said` where it names something, and
 * otherwise a sentence, which is its own key like a word of a table.
 */
export function refusalOf(issue: z.core.$ZodIssue): Said {
  switch (issue.code) {
    case 'invalid_type':
      return { say: `no.a.${isOneOf(KINDS, issue.expected) ? issue.expected : 'other'}` };
    case 'too_small':
      return bound('least', issue.origin, issue.minimum);
    case 'too_big':
      return bound('most', issue.origin, issue.maximum);
    case 'unrecognized_keys':
      return { say: 'no.field', with: { names: { quoted: issue.keys } } };
    case 'invalid_value':
      return { say: 'no.one-of', with: { values: { any: issue.values.map(String) } } };
    case 'custom':
      return (issue.params?.said as Said | undefined) ?? own(issue.message);
    case 'invalid_union':
      return inUnion(issue) ?? { say: 'no.a.other' };
    default:
      return issue.message.startsWith('Invalid') ? { say: 'no.format' } : own(issue.message);
  }
}

const own = (sentence: string): Said => ({ say: 'no.text', with: { text: { word: sentence } } });

/** What the likeliest of several shapes refuses: the one that goes deepest into the value. */
function inUnion(issue: z.core.$ZodIssueInvalidUnion): Said | undefined {
  const firsts = issue.errors.flatMap(([first]) => (first ? [first] : []));
  const deepest = firsts.sort((a, b) => b.path.length - a.path.length)[0];
  return deepest && refusalOf(deepest);
}
