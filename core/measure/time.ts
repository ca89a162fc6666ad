/**
 * Local date-times as text, "2027-05-15T22:00": what is written on an invitation. No time zone and no clock;
 * evenings pass midnight, so an end is a start and a duration.
 */
export interface LocalTime {
  /** Days since 1970-01-01. */
  day: number;
  /** Minutes since midnight, 0 to 1439. */
  minute: number;
}

const MINUTES_PER_DAY = 1440;
const PATTERN = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})$/;

/** Days since 1970-01-01 of a Gregorian date (H. Hinnant, "chrono-compatible low-level date algorithms"). */
function daysFromCivil(year: number, month: number, day: number): number {
  const y = month <= 2 ? year - 1 : year;
  const era = Math.floor(y / 400);
  const yearOfEra = y - era * 400;
  const dayOfYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1;
  const dayOfEra = yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear;
  return era * 146097 + dayOfEra - 719468;
}

function civilFromDays(days: number): { year: number; month: number; day: number } {
  const z = days + 719468;
  const era = Math.floor(z / 146097);
  const doe = z - era * 146097;
  const yoe = Math.floor(
    (doe - Math.floor(doe / 1460) + Math.floor(doe / 36524) - Math.floor(doe / 146096)) / 365,
  );
  const doy = doe - (365 * yoe + Math.floor(yoe / 4) - Math.floor(yoe / 100));
  const mp = Math.floor((5 * doy + 2) / 153);
  const month = mp < 10 ? mp + 3 : mp - 9;
  return {
    year: yoe + era * 400 + (month <= 2 ? 1 : 0),
    month,
    day: doy - Math.floor((153 * mp + 2) / 5) + 1,
  };
}

/** Undefined for text that is no date-time, or names a day that does not exist. */
export function parseLocalTime(text: string): LocalTime | undefined {
  const found = PATTERN.exec(text);
  if (!found) return undefined;
  const [year, month, day, hour, min] = found.slice(1).map(Number) as [
    number,
    number,
    number,
    number,
    number,
  ];
  if (hour > 23 || min > 59) return undefined;
  const days = daysFromCivil(year, month, day);
  const back = civilFromDays(days);
  if (back.month !== month || back.day !== day) return undefined;
  return { day: days, minute: hour * 60 + min };
}

const two = (n: number) => String(n).padStart(2, '0');

function mustParse(text: string): LocalTime {
  const time = parseLocalTime(text);
  if (!time) throw new Error(`expected a local date-time such as 2027-05-15T22:00, got "${text}"`);
  return time;
}

/** The local date-time `minutes` later (or earlier, when negative). */
export function addMinutes(text: string, minutes: number): string {
  const { day, minute } = mustParse(text);
  const total = day * MINUTES_PER_DAY + minute + Math.round(minutes);
  const date = civilFromDays(Math.floor(total / MINUTES_PER_DAY));
  const rest = total - Math.floor(total / MINUTES_PER_DAY) * MINUTES_PER_DAY;
  return `${date.year}-${two(date.month)}-${two(date.day)}T${two(Math.floor(rest / 60))}:${two(rest % 60)}`;
}

export const clockOf = (text: string): string => text.slice(11, 16);

export const monthOf = (text: string): number => Number(text.slice(5, 7));

const WEEKDAYS = ['Thursday', 'Friday', 'Saturday', 'Sunday', 'Monday', 'Tuesday', 'Wednesday'];
const MONTHS = 'January February March April May June July August September October November December'.split(
  ' ',
);

/** "Saturday 15 May 2027, 22:00". */
export function speakTime(text: string): string {
  const { day } = mustParse(text);
  const { year, month, day: d } = civilFromDays(day);
  return `${WEEKDAYS[((day % 7) + 7) % 7]} ${d} ${MONTHS[month - 1]} ${year}, ${clockOf(text)}`;
}
