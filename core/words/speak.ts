import { IntlMessageFormat } from 'intl-messageformat';
import {
  formatArea,
  formatLength,
  formatMass,
  formatMoney,
  formatTemperature,
  memoText,
  type Currency,
  type UnitSystem,
} from '../measure/index.js';
import { EN } from './data/en/index.js';

export type MessageId = keyof typeof EN;
/** All words of one language: a template of the ICU message syntax for each message. */
export type WordFile = Readonly<Record<MessageId, string>>;

/** A figure with its unit: said in the stylist's units, never read back from a sentence. */
export type Figure =
  | { g: number }
  | { mm: number }
  | { cm2: number }
  | { celsius: number }
  | { minor: number; currency: Currency };

/** Several names as one: foods (the first as it is written, the rest in lower case), groups in quotes, or anything. */
export type Several =
  | { foods: readonly string[]; most?: number }
  | { quoted: readonly string[]; most?: number }
  | { all: readonly Arg[]; most?: number }
  | { any: readonly Arg[] };

/** What is said, as data: which message, and what stands in it. */
export interface Said {
  say: MessageId;
  with?: Args;
}

/** A word of one of the core's tables (a family, a taste, a need): its English is its key in other languages. */
export interface Word {
  word: string;
}

export type Arg = string | number | Figure | Several | Said | Word;
export type Args = Readonly<Record<string, Arg>>;

/** In which words and units it is said. */
export interface Speech {
  /** For numbers, lists and plurals: a BCP 47 tag. */
  locale: string;
  units: UnitSystem;
  words: WordFile;
  /** How a word of a table is said; as it stands, where there is none. */
  word?: (english: string) => string;
}

export const ENGLISH: Speech = { locale: 'en', units: 'metric', words: EN };

/** Names that begin with two capitals keep them. */
export const lower = (name: string): string =>
  /^[A-Z]{2}/.test(name) ? name : name.charAt(0).toLowerCase() + name.slice(1);

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const MOST_NAMED = 3;
const lists = memoText((locale) => new Intl.ListFormat(locale, { type: 'conjunction' }));

function joined(items: readonly string[], most: number, speech: Speech): string {
  // "a, b and c": no comma before the last
  if (items.length <= most) return lists(speech.locale).format(items).replace(', and ', ' and ');
  const named = items.slice(0, most).join(', ');
  return fill('list.more', { named, n: items.length - most }, speech);
}

const choices = memoText((locale) => new Intl.ListFormat(locale, { type: 'disjunction' }));

/** "a, b or c": no comma before the last. */
const either = (items: readonly string[], { locale }: Speech): string =>
  choices(locale).format(items).replace(', or ', ' or ');

function several(arg: Several, speech: Speech, form: (name: string) => string): string {
  if ('any' in arg)
    return either(
      arg.any.map((arg, i) => (i === 0 ? form(argText(arg, speech)) : argText(arg, speech))),
      speech,
    );
  const most = arg.most ?? MOST_NAMED;
  if ('foods' in arg)
    return joined(
      // what lies on several surfaces is named once
      [...new Set(arg.foods)].map((food, i) => (i === 0 ? form(food) : lower(food))),
      most,
      speech,
    );
  if ('quoted' in arg)
    return joined(
      arg.quoted.map((name) => fill('quote', { name }, speech)),
      most,
      speech,
    );
  return joined(
    arg.all.map((arg, i) => (i === 0 ? form(argText(arg, speech)) : argText(arg, speech))),
    most,
    speech,
  );
}

function figure(arg: Figure, { units, locale }: Speech): string {
  if ('g' in arg) return formatMass(arg.g, units, locale);
  if ('mm' in arg) return formatLength(arg.mm, units, locale);
  if ('cm2' in arg) return formatArea(arg.cm2, units, locale);
  if ('celsius' in arg) return formatTemperature(arg.celsius, units, locale);
  return formatMoney(arg.minor, arg.currency, locale);
}

const asIs = (text: string): string => text;

function argText(arg: Arg, speech: Speech, form = asIs): string {
  if (typeof arg === 'string') return form(arg);
  if (typeof arg === 'number') return arg.toLocaleString(speech.locale);
  if ('say' in arg) return form(speak(arg, speech));
  if ('word' in arg) return form((speech.word ?? asIs)(arg.word));
  if ('foods' in arg || 'quoted' in arg || 'all' in arg || 'any' in arg) return several(arg, speech, form);
  return figure(arg, speech);
}

const formats = new Map<string, IntlMessageFormat>();

function fill(id: MessageId, values: Record<string, string | number>, speech: Speech): string {
  const template = speech.words[id];
  const key = `${speech.locale} ${template}`;
  let format = formats.get(key);
  if (!format) formats.set(key, (format = new IntlMessageFormat(template, speech.locale)));
  return String(format.format(values));
}

/**
 * The sentence. In a template `{food}` is the value as it is, `{foodLow}` begins in lower case, `{foodCap}` with a capital;
 * numbers may choose a plural. Throws when the template asks for what is not there.
 */
export function speak(said: Said, speech: Speech): string {
  const values: Record<string, string | number> = {};
  for (const [name, arg] of Object.entries(said.with ?? {})) {
    if (typeof arg === 'number') {
      values[name] = arg;
      continue;
    }
    values[name] = argText(arg, speech);
    values[`${name}Low`] = argText(arg, speech, lower);
    values[`${name}Cap`] = argText(arg, speech, capital);
  }
  return fill(said.say, values, speech);
}

/** A value by itself, as it stands in a table: a name, a figure, a list. */
export const speakArg = (arg: Arg, speech: Speech): string => argText(arg, speech);

/** For logs, for errors that nobody is to see, and for the headless command. */
export const inEnglish = (said: Said): string => speak(said, ENGLISH);
