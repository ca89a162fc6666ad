import { create } from 'zustand';
import { z } from 'zod';
import type { UnitSystem } from '../../core/measure/index.js';
import { answerSchema, type Answer } from '../../core/plan/index.js';

interface Settings {
  theme: 'day' | 'evening';
  units: UnitSystem;
  letterKeys: boolean;
  /** Who works here: proposed where a name is asked. */
  stylist: string;
  /** Answers of labels that hold for every plan, until a label says otherwise. */
  forGood: readonly Answer[];
  set(patch: Partial<Pick<Settings, 'theme' | 'units' | 'letterKeys' | 'stylist' | 'forGood'>>): void;
}

const KEY = 'round-plate.settings';

function stored(): Partial<Settings> {
  try {
    const value = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Record<string, unknown>;
    return {
      ...(value.theme === 'evening' ? { theme: 'evening' } : {}),
      ...(value.units === 'imperial' ? { units: 'imperial' } : {}),
      ...(value.letterKeys === false ? { letterKeys: false } : {}),
      ...(typeof value.stylist === 'string' ? { stylist: value.stylist.slice(0, 60) } : {}),
      forGood: z
        .array(answerSchema)
        .max(500)
        .catch([])
        .parse(value.forGood ?? []),
    };
  } catch {
    return {};
  }
}

/** How this browser shows things; no part of a plan. */
export const useSettings = create<Settings>((set, get) => ({
  theme: 'day',
  units: 'metric',
  letterKeys: true,
  stylist: '',
  forGood: [],
  ...stored(),
  set(patch) {
    set(patch);
    const { theme, units, letterKeys, stylist, forGood } = get();
    localStorage.setItem(KEY, JSON.stringify({ theme, units, letterKeys, stylist, forGood }));
  },
}));
