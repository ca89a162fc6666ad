import { create } from 'zustand';
import { z } from 'zod';
import { LIKENESS_PARTS, type Likeness } from '../../core/swap/index.js';
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
  /** What counts how much when one food stands in for another; null for the house's scale. */
  weights: Likeness | null;
  set(patch: Partial<Kept>): void;
}

type Kept = Omit<Settings, 'set'>;

const KEY = 'round-plate.settings';

const weightsSchema = z
  .strictObject(
    Object.fromEntries(LIKENESS_PARTS.map((k) => [k, z.number().min(0).max(1)])) as Record<
      keyof Likeness,
      z.ZodNumber
    >,
  )
  .nullable();

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
      weights: weightsSchema.catch(null).parse(value.weights ?? null),
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
  weights: null,
  ...stored(),
  set(patch) {
    set(patch);
    const { set: _set, ...kept } = get();
    localStorage.setItem(KEY, JSON.stringify(kept));
  },
}));
