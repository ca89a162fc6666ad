import { IntlMessageFormat } from 'intl-messageformat';
import { ENGLISH_UI, type Language } from './language.js';

/** Where a browser notes another language than English. */
const KEY = 'round-plate.language';

/** Known before any module speaks: words that stand in tables are spoken when their module loads. */
export const language: Language = await chosen();

async function chosen(): Promise<Language> {
  const tag = globalThis.localStorage?.getItem(KEY);
  return tag === 'made-up' ? (await import('./made-up.js')).MADE_UP_UI : ENGLISH_UI;
}

export type Value = string | number | undefined | null | false;

const formats = new Map<string, IntlMessageFormat>();

function formatOf(message: string): IntlMessageFormat {
  const known = formats.get(message);
  if (known) return known;
  const format = new IntlMessageFormat(language.sentence(message), language.locale, undefined, {
    ignoreTag: true,
  });
  formats.set(message, format);
  return format;
}

/**
 * A sentence of the interface in the language of this browser. The English one, an ICU message, is its own key: a second
 * language is a file from these to its own. Throws where a placeholder has no value.
 */
export function t(message: string, values?: Readonly<Record<string, Value>>): string {
  if (!values && !message.includes("'")) return language.sentence(message);
  return String(formatOf(message).format(values as Record<string, string>));
}

/**
 * A word of one of the core's tables (tastes, colours, forms, materials) or a value of the document that is its own word,
 * as this browser says it. It is no message: nothing is filled in.
 */
export const word = (english: string): string => language.sentence(english);
