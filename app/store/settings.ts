import { create } from 'zustand';
import type { UnitSystem } from '../../core/measure/index.js';

interface Kept {
  theme: 'day' | 'evening';
  units: UnitSystem;
  letterKeys: boolean;
  /** Who works here: proposed where a name is asked. */
  stylist: string;
}

interface Settings extends Kept {
  set(patch: Partial<Kept>): void;
}

export const SETTINGS_KEY = 'round-plate.settings';
const LONGEST_NAME = 60;

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
    stylist: typeof value.stylist === 'string' ? value.stylist.slice(0, LONGEST_NAME) : '',
  };
}

/** How this browser shows things; no part of a plan, and nothing that is worth keeping elsewhere. */
export const useSettings = create<Settings>((set, get) => ({
  ...read(),
  set(patch) {
    set(patch);
    const { theme, units, letterKeys, stylist } = get();
    // what is not ours to know stays until the house has taken it
    const kept = { ...storedSettings(), theme, units, letterKeys, stylist };
    localStorage.setItem(SETTINGS_KEY, JSON.stringify(kept));
  },
}));
