import { create } from 'zustand';
import { z } from 'zod';
import type { UnitSystem } from '../../core/measure/index.js';
import {
  answerSchema,
  ownSchoolSchema,
  themeSchema,
  type Answer,
  type OwnSchool,
  type Theme,
} from '../../core/plan/index.js';

interface Settings {
  theme: 'day' | 'evening';
  units: UnitSystem;
  letterKeys: boolean;
  /** Who works here: proposed where a name is asked. */
  stylist: string;
  /** Answers of labels that hold for every plan, until a label says otherwise. */
  forGood: readonly Answer[];
  /** Portion figures of one's own, by name. */
  ownSchools: readonly OwnSchool[];
  /** Occasion themes of one's own, by name. */
  ownThemes: readonly Theme[];
  set(patch: Partial<Kept>): void;
}

type Kept = Omit<Settings, 'set'>;

const KEY = 'round-plate.settings';

/** A list that cannot be read counts as none: settings are convenience, plans are not kept here. */
const listOf = <T>(item: z.ZodType<T>, most: number, value: unknown): T[] =>
  z
    .array(item)
    .max(most)
    .catch([])
    .parse(value ?? []);

function stored(): Partial<Settings> {
  try {
    const value = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Record<string, unknown>;
    return {
      ...(value.theme === 'evening' ? { theme: 'evening' } : {}),
      ...(value.units === 'imperial' ? { units: 'imperial' } : {}),
      ...(value.letterKeys === false ? { letterKeys: false } : {}),
      ...(typeof value.stylist === 'string' ? { stylist: value.stylist.slice(0, 60) } : {}),
      forGood: listOf(answerSchema, 500, value.forGood),
      ownSchools: listOf(ownSchoolSchema, 50, value.ownSchools),
      ownThemes: listOf(themeSchema, 100, value.ownThemes),
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
  ownSchools: [],
  ownThemes: [],
  ...stored(),
  set(patch) {
    set(patch);
    const { set: _set, ...kept } = get();
    localStorage.setItem(KEY, JSON.stringify(kept));
  },
}));
