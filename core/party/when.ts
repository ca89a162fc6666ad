import type { Occasion } from '../catalogue/index.js';
import { addMinutes, parseLocalTime } from '../measure/index.js';
import { numberOf } from './parts.js';
import { purposeOf } from './purpose.js';

/** When they come, as lines of a party say it: it is no number of guests, and nothing that anybody leaves out. */

const HOUR = '(\\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)';
const TIME = `${HOUR}(?:[:.](\\d{2}))?\\s*([ap](?:m\\b|\\.m\\b\\.?)|o['’]?clock)?`;
const BEFORE = '(?:(?:starting|starts|beginning|begins|from|around|about|by|at|@)\\s*(?:at\\s+)?)';
/** Nobody and nothing is counted by it: the phrase ends here. */
const ENDS = '(?=\\s*(?:$|[,;:()\\n]|\\.(?!\\d)|(?:on|for|with|and|in|tomorrow|tonight|today)\\b))';

/** Children "from 4 to 9" are so old. */
const NO_AGE =
  '(?<!\\b(?:child|children|kids?|boys?|girls?|toddlers?|teens?|teenagers?|ages?|aged|ones)\\s+)';
/** "From 6 to 9", "6-9pm", "between 6 and 9 pm". */
const RANGE = new RegExp(
  `(${NO_AGE}from\\s+|between\\s+|(?<![\\w.,-]))${TIME}\\s*(?:-|–|—|to|till|until|and)\\s*${TIME}${ENDS}`,
  'gi',
);
const CLOCKS: readonly RegExp[] = [
  // "at 7.30pm", "11 am"
  new RegExp(
    `${BEFORE}?(?<![\\w.,:-])${HOUR}(?:[:.](\\d{2}))?\\s*([ap](?:m\\b|\\.m\\b\\.?)|o['’]?clock)(?!\\w)`,
    'i',
  ),
  // "at 19:30"; without "at" only where nothing is counted after it
  new RegExp(
    `${BEFORE}(\\d{1,2})[:.](\\d{2})(?![\\d%]|\\s*(?:k?g|each|per|pp|p\\.p|a\\s+head|a\\s+person|euros?|pounds?|dollars?)\\b|\\s*[€£$])`,
    'i',
  ),
  new RegExp(`(?<![\\w.,:-])(\\d{1,2}):(\\d{2})${ENDS}`, 'i'),
  // "dinner at eight"
  new RegExp(`\\bat\\s+${HOUR}${ENDS}`, 'i'),
];
const PAST = new RegExp(`${BEFORE}?\\b(half past|quarter past|quarter to)\\s+${HOUR}(?!\\w)`, 'i');
const NOON = new RegExp(`${BEFORE}\\s*(?:noon|midday)\\b`, 'i');
const PAST_MINUTES: Readonly<Record<string, number>> = { half: 30, quarter: 15 };

const MONTHS = 'january february march april may june july august september october november december'.split(
  ' ',
);
const MONTH = `(?:${MONTHS.filter((month) => month !== 'may').join('|')})`;
const WEEKDAYS = 'sunday monday tuesday wednesday thursday friday saturday'.split(' ');
const OF_DAY = '(?:\\s+(?:morning|lunchtime|afternoon|evening|night))?';
const ENDS_DAY = '(?=\\s*(?:$|[,;:.()\\n]|\\d{4}\\b|(?:at|from)\\s+(?:\\d|noon|midday)))';
const DAYS: readonly RegExp[] = [
  // "2 may eat fish" is no day
  new RegExp(
    `(?:\\bon\\s+)?(?:\\bthe\\s+)?\\b\\d{1,2}(?:st|nd|rd|th)?\\s+(?:of\\s+)?${MONTH}\\b(?:\\s+\\d{4}\\b)?`,
    'gi',
  ),
  new RegExp(`(?:\\bon\\s+)?\\b${MONTH}\\s+\\d{1,2}(?:st|nd|rd|th)?\\b(?:,?\\s+\\d{4}\\b)?`, 'gi'),
  /\bon\s+(?:the\s+)?\d{1,2}(?:st|nd|rd|th)?\s+(?:of\s+)?may\b(?:\s+\d{4}\b)?/gi,
  /\b(?:the\s+)?\d{1,2}(?:st|nd|rd|th)\s+(?:of\s+)?may\b(?:\s+\d{4}\b)?/gi,
  // with its capital letter it is the month, and where an hour, a year or nothing follows it
  /(?:\b[Oo]n\s+)?\b\d{1,2}\s+(?:of\s+)?May\b(?!\s+(?:also|not|only|be|have|eat|drink|need|want|come|bring|avoid|take|like)\b)(?:\s+\d{4}\b)?/g,
  new RegExp(`(?:\\bon\\s+)?\\b\\d{1,2}\\s+may${ENDS_DAY}(?:\\s+\\d{4}\\b)?`, 'gi'),
  /(?:\b[Oo]n\s+)?\bMay\s+\d{1,2}(?:st|nd|rd|th)\b(?:,?\s+\d{4}\b)?/g,
  new RegExp(`(?:\\b[Oo]n\\s+)?\\bMay\\s+\\d{1,2}${ENDS_DAY}(?:,?\\s+\\d{4}\\b)?`, 'g'),
  /\bon\s+the\s+\d{1,2}(?:st|nd|rd|th)\b(?!\s+(?:birthday|anniversary))/gi,
  /(?:\bon\s+)?\b(?:\d{4}-\d{2}-\d{2}|\d{1,2}[./]\d{1,2}[./]\d{2,4})\b/gi,
  // on Good Friday many eat no meat: that is asked
  new RegExp(
    `(?<!\\b(?:good|ash|holy|palm|easter)\\s+)(?:\\bon\\s+)?(?:\\b(?:this|next|coming)\\s+)?\\b(?:${WEEKDAYS.join('|')})${OF_DAY}(?![\\w'’])`,
    'gi',
  ),
  new RegExp(`\\b(?:tomorrow|today)${OF_DAY}(?![\\w'’])|\\btonight\\b`, 'gi'),
];

/** "Sat 12 Dec" in full: short names stand beside a number, and nowhere else, for "sun", "wed" and "mar" are words. */
const SHORT_MONTH = `(?:jan|feb|mar|apr|jun|jul|aug|sept?|oct|nov|dec)`;
const DAY_OF_MONTH = '\\d{1,2}(?:st|nd|rd|th)?';
const SHORT: readonly (readonly [RegExp, readonly string[]])[] = [
  [new RegExp(`(?<=\\b${DAY_OF_MONTH}\\s+(?:of\\s+)?)${SHORT_MONTH}\\b\\.?`, 'gi'), MONTHS],
  [new RegExp(`\\b${SHORT_MONTH}\\b\\.?(?=\\s+${DAY_OF_MONTH}\\b)`, 'gi'), MONTHS],
  [
    new RegExp(
      `\\b(?:mon|tues?|wed|thu(?:rs?)?|fri|sat|sun)\\b\\.?(?=,?\\s+(?:the\\s+)?${DAY_OF_MONTH}\\s+(?:of\\s+)?(?:${MONTH}|may)\\b|,?\\s+(?:${MONTH}|may)\\s+\\d)`,
      'gi',
    ),
    WEEKDAYS,
  ],
  [/(?<=\bon\s+)(?:mon|tues?|wed|thu(?:rs?)?|fri|sat|sun)\b\.?/gi, WEEKDAYS],
];
const spelled = (text: string): string =>
  SHORT.reduce(
    (rest, [short, names]) =>
      rest.replace(short, (said: string) => {
        const begins = said.slice(0, 3).toLowerCase();
        const name = names.find((full) => full.startsWith(begins))!;
        return name.charAt(0).toUpperCase() + name.slice(1);
      }),
    text,
  );

/** Occasions that are held by day: an hour without "am" or "pm" is of the morning from nine on. */
const BY_DAY: ReadonlySet<Occasion> = new Set(['breakfast', 'children', 'afternoon', 'picnic', 'walk']);

type Half = 'a' | 'p' | undefined;
const halfOf = (said: string | undefined): Half =>
  said === undefined || /^o/i.test(said) ? undefined : (said[0]!.toLowerCase() as Half);

/** Minutes since midnight; undefined where there is no such hour. */
function minutesOf(
  hour: string,
  minutes: string | undefined,
  half: Half,
  byDay: boolean,
): number | undefined {
  const said = numberOf(hour.toLowerCase());
  const past = Number(minutes ?? 0);
  if (said === undefined || said > 23 || past > 59 || (half && (said < 1 || said > 12))) return undefined;
  const isPlain = half === undefined && said >= 1 && said <= 11 && !/^0/.test(hour);
  const isMorning = byDay && said >= 9;
  const later = half === 'p' || (isPlain && !isMorning);
  return ((half ? said % 12 : said) + (later ? 12 : 0)) * 60 + past;
}

interface Found {
  at: number;
  length: number;
  minutes: number;
}

const asFound = (found: RegExpExecArray | null, minutes: number | undefined): Found | undefined =>
  found && minutes !== undefined ? { at: found.index, length: found[0].length, minutes } : undefined;

function rangeIn(text: string, byDay: boolean): Found | undefined {
  // "6-9 guests", "6 to 8, two vegan" and children of "3 and 5" are no hours
  const found = [...text.matchAll(RANGE)].find(
    ([, from, , m1, s1, , m2, s2]) => /^from/i.test(from!) || s1 || s2 || (m1 && m2),
  );
  if (!found) return undefined;
  const [, , h1, m1, s1, h2, m2, s2] = found as unknown as (string | undefined)[];
  const till = minutesOf(h2!, m2, halfOf(s2), byDay);
  const begins = (half: Half) => minutesOf(h1!, m1, half, byDay);
  const same = begins(halfOf(s1) ?? (Number(h1) > 12 ? undefined : halfOf(s2)));
  // "11 to 2 pm" begins in the morning
  const isBefore = halfOf(s1) !== undefined || till === undefined || same === undefined || same < till;
  return asFound(found, isBefore ? same : begins('a'));
}

function clockIn(text: string, byDay: boolean): Found | undefined {
  const noon = NOON.exec(text);
  if (noon) return asFound(noon, 12 * 60);
  const past = PAST.exec(text);
  if (past) {
    const [word, side] = past[1]!.toLowerCase().split(' ') as [string, string];
    const hour = minutesOf(past[2]!, undefined, undefined, byDay);
    return asFound(past, hour && hour + (side === 'to' ? -1 : 1) * PAST_MINUTES[word]!);
  }
  for (const clock of CLOCKS) {
    const found = clock.exec(text);
    if (!found) continue;
    const [, hour, minutes, half] = found as unknown as (string | undefined)[];
    // "10:30" and "07:15" say their half of the day themselves, "7:30" does not
    const isWhole = /\d{2}:/.test(found[0]) && !half;
    return asFound(
      found,
      isWhole && Number(hour) < 24 && Number(minutes) < 60
        ? Number(hour) * 60 + Number(minutes)
        : minutesOf(hour!, minutes, halfOf(half), byDay),
    );
  }
  return undefined;
}

const timeIn = (text: string): Found | undefined => {
  const purpose = purposeOf(text);
  const byDay = purpose !== undefined && BY_DAY.has(purpose);
  return rangeIn(text, byDay) ?? clockIn(text, byDay);
};

/** When they come, "18:30"; undefined where the lines do not say it. */
export function hourOf(text: string): string | undefined {
  const found = timeIn(text);
  if (!found) return undefined;
  const two = (n: number) => String(n).padStart(2, '0');
  return `${two(Math.floor(found.minutes / 60) % 24)}:${two(found.minutes % 60)}`;
}

/** The lines without their hour and their day. */
export function withoutWhen(text: string): string {
  const days = DAYS.reduce((rest, day) => rest.replace(day, ''), spelled(text));
  const time = timeIn(days);
  const left = time ? days.slice(0, time.at) + days.slice(time.at + time.length) : days;
  if (left === text) return text;
  return left
    .replace(/[^\S\n]{2,}/g, ' ')
    .replace(/^[\s,;:]+/, '')
    .replace(/([,;:(])(?:\s*[,;])+/g, '$1')
    .replace(/\s+(?=[,;.)])/g, '');
}

const dayAfter = (day: string, days: number): string =>
  addMinutes(`${day}T12:00`, days * 24 * 60).slice(0, 10);
const isDay = (day: string): boolean => parseLocalTime(`${day}T12:00`) !== undefined;

/** A date without its year is the next that comes. */
function dateIn(said: string, today: string): string | undefined {
  const month = MONTHS.findIndex((name) => said.includes(name)) + 1;
  const [day, year] = (said.match(/\d+/g) ?? []).map(Number).sort((a, b) => a - b);
  if (month === 0 || day === undefined) return undefined;
  const two = (n: number) => String(n).padStart(2, '0');
  const of = (y: number) => `${y}-${two(month)}-${two(day)}`;
  const thisYear = of(Number(today.slice(0, 4)));
  const date =
    year !== undefined ? of(year) : thisYear < today ? of(Number(today.slice(0, 4)) + 1) : thisYear;
  return isDay(date) ? date : undefined;
}

/** Days that the lines name: dates before what is only called tomorrow or Friday. */
function daysNamed(text: string): { at: number; said: string }[] {
  let rest = spelled(text);
  return DAYS.flatMap((day) => {
    const found = [...rest.matchAll(day)];
    // as long as before, so that each keeps its place
    rest = rest.replace(day, (said: string) => ' '.repeat(said.length));
    return found.map(({ index, 0: said }) => ({ at: index, said }));
  });
}

/** The day in the lines' own words, where it cannot be told which it is: "Friday 9 October" where the 9th is a Saturday. */
export const unclearDayOf = (text: string, today: string): string | undefined =>
  dayOf(text, today) !== undefined
    ? undefined
    : daysNamed(text)
        .sort((a, b) => a.at - b.at)
        .map(({ said }) => said.trim())
        .join(' ') || undefined;

/**
 * The day that the lines name, "2027-05-15", seen from today's date; undefined where they name none, two, or one that may
 * be meant otherwise: "next Friday", "3.4.27", "the 14th".
 */
export function dayOf(text: string, today: string): string | undefined {
  const found = daysNamed(text).map(({ said }) => said.toLowerCase());
  // "Friday 15 January" is one day, named twice; where the two disagree nobody knows which
  const isWeekday = (words: string): boolean => WEEKDAYS.some((name) => words.includes(name));
  if (found.length === 2 && !isWeekday(found[0]!) && isWeekday(found[1]!)) {
    const date = dayOf(found[0]!, today);
    const weekday = date === undefined ? undefined : WEEKDAYS[parseLocalTime(`${date}T12:00`)!.getUTCDay()]!;
    return weekday !== undefined && found[1]!.includes(weekday) ? date : undefined;
  }
  const [said] = found;
  if (said === undefined || found.length > 1 || /\b(?:next|coming)\b/.test(said)) return undefined;
  const iso = /\d{4}-\d{2}-\d{2}/.exec(said)?.[0];
  if (iso) return isDay(iso) ? iso : undefined;
  const weekday = WEEKDAYS.findIndex((name) => said.includes(name));
  if (weekday >= 0) {
    const now = parseLocalTime(`${today}T12:00`)!.getUTCDay();
    return dayAfter(today, (weekday - now + 7) % 7);
  }
  if (/to(?:day|night)/.test(said)) return today;
  if (/tomorrow/.test(said)) return dayAfter(today, 1);
  return dateIn(said, today);
}
