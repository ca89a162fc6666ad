import { memoText } from './memo.js';

/**
 * Local date-times as text, "2027-05-15T22:00": what is written on an invitation. No time zone and no clock: the
 * calendar of the platform reckons them as if they were universal time. Evenings pass midnight, so an end is a start and
 * a duration.
 */
const MS_PER_MINUTE = 60_000;
const PATTERN = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/;
const textOf = (time: Date): string => time.toISOString().slice(0, 16);

/** Undefined for text that is no date-time, or names a day or an hour that does not exist. */
export function parseLocalTime(text: string): Date | undefined {
  if (!PATTERN.test(text)) return undefined;
  const time = new Date(`${text}Z`);
  // the 30th of February is taken for a day in March
  return !Number.isNaN(time.getTime()) && textOf(time) === text ? time : undefined;
}

function mustParse(text: string): Date {
  const time = parseLocalTime(text);
  if (!time) throw new Error(`expected a local date-time such as 2027-05-15T22:00, got "${text}"`);
  return time;
}

/** The local date-time `minutes` later (or earlier, when negative). */
export const addMinutes = (text: string, minutes: number): string =>
  textOf(new Date(mustParse(text).getTime() + Math.round(minutes) * MS_PER_MINUTE));

export const clockOf = (text: string): string => text.slice(11, 16);

export const monthOf = (text: string): number => Number(text.slice(5, 7));

const DAY = { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' } as const;

const days = memoText((locale) => new Intl.DateTimeFormat(locale, DAY));
const daysWithYear = memoText((locale) => new Intl.DateTimeFormat(locale, { ...DAY, year: 'numeric' }));

/** "Saturday 15 May 2027, 22:00"; without its year where everybody knows it. */
export function speakTime(text: string, { locale = 'en-GB', year = true } = {}): string {
  const format = year ? daysWithYear(locale) : days(locale);
  return `${format.format(mustParse(text))}, ${clockOf(text)}`;
}
