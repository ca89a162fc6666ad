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
