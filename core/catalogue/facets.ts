import { TASTES, type Component, type Family, type Taste } from './facts.js';

/** Colours as one sorts a larder by eye. */
export const COLOUR_NAMES = [
  'white',
  'yellow',
  'orange',
  'red',
  'pink',
  'purple',
  'green',
  'brown',
  'black',
] as const;
export type ColourName = (typeof COLOUR_NAMES)[number];

/** Hue in degrees, saturation and lightness from 0 to 1, of a colour such as #d9b98a. */
function hsl(hex: string): [hue: number, saturation: number, lightness: number] {
  const [r, g, b] = [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16) / 255) as [number, number, number];
  const [high, low] = [Math.max(r, g, b), Math.min(r, g, b)];
  const l = (high + low) / 2;
  const d = high - low;
  if (d === 0) return [0, 0, l];
  const s = d / (1 - Math.abs(2 * l - 1));
  const h = high === r ? ((g - b) / d + 6) % 6 : high === g ? (b - r) / d + 2 : (r - g) / d + 4;
  return [h * 60, s, l];
}

/** The name of a colour on the board (house default: where one name ends and the next begins is a matter of taste). */
export function colourName(hex: string): ColourName {
  const [h, s, l] = hsl(hex);
  if (l > 0.86) return 'white';
  if (l < 0.17) return 'black';
  if (s < 0.16) return l > 0.6 ? 'white' : 'brown';
  if (h < 16 || h >= 345) return l > 0.7 ? 'pink' : s > 0.45 ? 'red' : 'brown';
  if (h < 42) return l < 0.44 || s < 0.5 ? 'brown' : 'orange';
  if (h < 66) return l < 0.4 ? 'brown' : 'yellow';
  if (h < 170) return 'green';
  return h < 300 ? 'purple' : l > 0.5 ? 'pink' : 'purple';
}

export interface Facets {
  family?: Family;
  colour?: ColourName;
  /** A month in which it is in season. */
  month?: number;
  taste?: Taste;
}

/** From here on a taste is what one notices of a food. */
const NOTICED = 3;

/** Does the component fit everything that was asked? An unknown taste fits no wish for one. */
export function fitsFacets(component: Component, facets: Facets): boolean {
  if (facets.family && component.family !== facets.family) return false;
  if (facets.colour && !component.colours.slice(0, 2).some((colour) => colourName(colour) === facets.colour))
    return false;
  if (facets.month && !component.seasonMonths.includes(facets.month)) return false;
  return facets.taste === undefined || (component.taste?.[facets.taste] ?? 0) >= NOTICED;
}

/** Tastes that one notices, the strongest first. */
export const noticedTastes = (component: Component): Taste[] =>
  TASTES.filter((taste) => taste !== 'strength' && (component.taste?.[taste] ?? 0) >= NOTICED).sort(
    (a, b) => (component.taste?.[b] ?? 0) - (component.taste?.[a] ?? 0),
  );
