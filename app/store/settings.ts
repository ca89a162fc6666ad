import { create } from 'zustand';
import type { UnitSystem } from '../../core/measure/index.js';

interface Kept {
  theme: 'day' | 'evening';
  units: UnitSystem;
  letterKeys: boolean;
  /** Who works here: proposed where a name is asked. */
  stylist: string;
  /** Does the picture of a board have its cards? */
  labels: boolean;
  /** How many pixels of this screen a millimetre has: for what is shown in its true size. */
  pxPerMm: number;
}

interface Settings extends Kept {
  set(patch: Partial<Kept>): void;
}

export const SETTINGS_KEY = 'round-plate.settings';
const LONGEST_NAME = 60;
/** Ninety-six pixels an inch, as browsers count them where nobody has said more. */
const PX_PER_MM = 96 / 25.4;

/** What is stored, whatever it is: before there was a house, its records stood here too. */
export function storedSettings(): Record<string, unknown> {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(SETTINGS_KEY) ?? '{}');
    return value !== null && typeof value === 'object' && !Array.isArray(value)
      ? (value as Record<string, unknown>)
      : {};
  } catch {
    return {};
  }
}

/** A field that cannot be read counts as none: settings are convenience. */
function read(): Kept {
  const value = storedSettings();
  return {
    theme: value.theme === 'evening' ? 'evening' : 'day',
    units: value.units === 'imperial' ? 'imperial' : 'metric',
    letterKeys: value.letterKeys !== false,
    labels: value.labels === true,
    pxPerMm:
      typeof value.pxPerMm === 'number' && value.pxPerMm >= 1 && value.pxPerMm <= 20
        ? value.pxPerMm
        : PX_PER_MM,
    stylist: typeof value.stylist === 'string' ? value.stylist.slice(0, LONGEST_NAME) : '',
  };
}

/** How this browser shows things; no part of a plan, and nothing that is worth keeping elsewhere. */
export const useSettings = create<Settings>((set, get) => ({
  ...read(),
  set(patch) {
    set(patch);
    const { theme, units, letterKeys, stylist, pxPerMm, labels } = get();
    // what is not ours to know stays until the house has taken it
    const kept = { ...storedSettings(), theme, units, letterKeys, stylist, pxPerMm, labels };
    localStorage.setItem(SETTINGS_KEY, JSON.stringify(kept));
  },
}));
