/** Kitchen units. Everything is stored in grams and millimetres; these only speak. */
export type UnitSystem = 'metric' | 'imperial';

export const GRAMS_PER_OUNCE = 28.349523125;
export const OUNCES_PER_POUND = 16;
export const MM_PER_INCH = 25.4;

export function formatMass(massG: number, system: UnitSystem = 'metric'): string {
  if (system === 'imperial') {
    const ounces = massG / GRAMS_PER_OUNCE;
    if (ounces >= OUNCES_PER_POUND) return `${(ounces / OUNCES_PER_POUND).toFixed(1)} lb`;
    return `${ounces < 10 ? ounces.toFixed(1) : Math.round(ounces)} oz`;
  }
  if (massG >= 1000) return `${(massG / 1000).toFixed(2)} kg`;
  return `${Math.round(massG)} g`;
}

export function formatLength(lengthMm: number, system: UnitSystem = 'metric'): string {
  if (system === 'imperial') return `${(lengthMm / MM_PER_INCH).toFixed(1)} in`;
  return `${Math.round(lengthMm)} mm`;
}

export const toFahrenheit = (celsius: number): number => (celsius * 9) / 5 + 32;

export function formatTemperature(celsius: number, system: UnitSystem = 'metric'): string {
  return system === 'imperial' ? `${Math.round(toFahrenheit(celsius))} °F` : `${Math.round(celsius)} °C`;
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

export function formatArea(areaCm2: number, system: UnitSystem = 'metric'): string {
  return system === 'imperial'
    ? `${Math.round(areaCm2 / CM2_PER_SQUARE_INCH)} sq in`
    : `${Math.round(areaCm2)} cm²`;
}

export const toCelsius = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

/** A number with its unit, as the core's sentences write them; two lengths with a cross share one unit. */
const QUANTITY = /(?:(\d+(?:\.\d+)?) × )?(-?\d+(?:\.\d+)?) (kg|g|mm|cm²|°C)(?![A-Za-z])/g;

/** Says a sentence of the core, which speaks in grams and millimetres, in the stylist's units. */
export function inUnits(sentence: string, system: UnitSystem): string {
  if (system === 'metric') return sentence;
  return sentence.replace(QUANTITY, (whole, first: string | undefined, number: string, unit: string) => {
    const value = Number(number);
    if (first !== undefined && unit !== 'mm') return whole;
    switch (unit) {
      case 'kg':
        return formatMass(value * 1000, system);
      case 'g':
        return formatMass(value, system);
      case 'cm²':
        return formatArea(value, system);
      case '°C':
        return formatTemperature(value, system);
      default:
        return `${first === undefined ? '' : `${formatLength(Number(first), system)} × `}${formatLength(value, system)}`;
    }
  });
}

/** A number as people write it, with a point or a comma; anything else, "0x10" and "1e3" too, is none. */
export const decimalOf = (text: string): number =>
  /^[+-]?\d{1,12}(?:[.,]\d{1,9})?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : NaN;
