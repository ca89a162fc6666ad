import { memoText } from './memo.js';

/** Kitchen units. Everything is stored in grams and millimetres; these only speak. */
export type UnitSystem = 'metric' | 'imperial';

export const GRAMS_PER_OUNCE = 28.349523125;
export const OUNCES_PER_POUND = 16;
export const MM_PER_INCH = 25.4;

/** By how many digits stand behind the point. */
const formats = [0, 1, 2, 3].map((digits) =>
  memoText(
    (locale) =>
      new Intl.NumberFormat(locale, {
        minimumFractionDigits: digits,
        maximumFractionDigits: digits,
        useGrouping: false,
        signDisplay: 'negative',
      }),
  ),
);

/** A number with so many digits behind the point, as the language of the locale writes it; never in groups of thousands. */
export const decimal = (n: number, digits: 0 | 1 | 2 | 3, locale: string): string =>
  formats[digits]!(locale).format(n);

/** The same, without the noughts at its end. */
const shortest = [0, 1, 2].map((most) =>
  memoText((locale) => new Intl.NumberFormat(locale, { maximumFractionDigits: most, useGrouping: false })),
);
const short = (n: number, most: 0 | 1 | 2, locale: string): string => shortest[most]!(locale).format(n);

export function formatMass(massG: number, system: UnitSystem = 'metric', locale = 'en'): string {
  if (system === 'imperial') {
    const ounces = massG / GRAMS_PER_OUNCE;
    if (ounces >= OUNCES_PER_POUND) return `${decimal(ounces / OUNCES_PER_POUND, 1, locale)} lb`;
    return `${decimal(ounces, ounces < 10 ? 1 : 0, locale)} oz`;
  }
  if (massG >= 1000) return `${decimal(massG / 1000, 2, locale)} kg`;
  return `${decimal(massG, 0, locale)} g`;
}

export function formatLength(lengthMm: number, system: UnitSystem = 'metric', locale = 'en'): string {
  if (system === 'imperial') return `${decimal(lengthMm / MM_PER_INCH, 1, locale)} in`;
  return `${decimal(lengthMm, 0, locale)} mm`;
}

export const toFahrenheit = (celsius: number): number => (celsius * 9) / 5 + 32;

export function formatTemperature(celsius: number, system: UnitSystem = 'metric', locale = 'en'): string {
  return system === 'imperial'
    ? `${decimal(toFahrenheit(celsius), 0, locale)} °F`
    : `${decimal(celsius, 0, locale)} °C`;
}

/** Rounds to the step that a kitchen scale shows: 1 g below 20 g, 5 g below 500 g, 10 g above. */
export function roundForScale(massG: number): number {
  const step = massG < 20 ? 1 : massG < 500 ? 5 : 10;
  return Math.round(massG / step) * step;
}

/** A share as "0.7 per cent", rounded up: what is promised is never more than what is proven. */
export const percentAtMost = (share: number): string =>
  `${Math.max(0.1, Math.ceil(share * 1000 - 1e-9) / 10)} per cent`;

const CM2_PER_SQUARE_INCH = 6.4516;

export function formatArea(areaCm2: number, system: UnitSystem = 'metric', locale = 'en'): string {
  return system === 'imperial'
    ? `${decimal(areaCm2 / CM2_PER_SQUARE_INCH, 0, locale)} sq in`
    : `${decimal(areaCm2, 0, locale)} cm²`;
}

export const toCelsius = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

/** A number as people write it, with a point or a comma; anything else, "0x10" and "1e3" too, is none. */
export const decimalOf = (text: string): number =>
  /^[+-]?\d{1,12}(?:[.,]\d{1,9})?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : NaN;

const ML_PER_FL_OZ = 29.5735;

/** A volume as a kitchen says it. */
export const formatVolume = (ml: number, system: UnitSystem = 'metric', locale = 'en'): string =>
  system === 'imperial' ? `${short(ml / ML_PER_FL_OZ, 1, locale)} fl oz` : `${short(ml, 0, locale)} ml`;

/** A small length where a part of a millimetre matters: a neck, a thickness, a gap. */
export const formatFineLength = (mm: number, system: UnitSystem = 'metric', locale = 'en'): string =>
  system === 'imperial' ? `${short(mm / MM_PER_INCH, 2, locale)} in` : `${short(mm, 1, locale)} mm`;
