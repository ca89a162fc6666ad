import type { FormRow } from '../entry.js';

/** Forms that many foods share, so that a row of data says only what is its own. */
export const cubes = (g = 6): FormRow => ['cubes', 'cube', g, 18, 18];
export const chunks = (g = 8): FormRow => ['chunks', 'chunk', g, 22, 19];
export const wheel = (g: number, mm: number): FormRow => ['wheel', 'wheel', g, mm, mm];
export const wedge = (g = 200, long = 118, wide = 74): FormRow => ['wedge', 'wedge', g, long, wide];
export const fanned = (g = 9, long = 60, wide = 40): FormRow => ['slices', 'fan-slice', g, long, wide, { g: 1.6 }];
export const square = (g = 12): FormRow => ['slices', 'square-cracker', g, 52, 46, { g: 1.5 }];
export const strips: FormRow = ['thin-strips', 'strip', 3, 42, 7];
export const grated: FormRow = ['grated', 'shred', 2, 22, 14];
export const smear: FormRow = ['smeared', 'smear', 12, 58, 40];
export const bits: FormRow = ['chopped', 'bit', 1, 12, 9];
export const crumbled: FormRow = ['chopped', 'bit', 2, 14, 11];
export const ribbon = (g = 14): FormRow => ['ribbon', 'ribbon', g, 60, 34];
export const rose: FormRow = ['rose', 'rose', 60, 76, 76];
export const quarterFolds = (g = 6): FormRow => ['quarter-folds', 'quarter-fold', g, 42, 36];
export const halfMoons: FormRow = ['half-moons', 'half-moon', 3, 44, 24];
export const bowl = (g: number, mm: number): FormRow => ['bowl', 'bowl', g, mm, mm];
export const quarter = (g: number, long: number, wide: number): FormRow => ['quartered', 'quarter', g, long, wide];
export const sticks = (g = 8, choke: 'hard' | 'chunk' | 'safe' = 'hard'): FormRow => ['sticks', 'stick', g, 74, 13, { g: 1.4, choke }];
export const fineStrips: FormRow = ['thin-strips', 'strip', 2, 54, 7];
export const softStrips: FormRow = ['thin-strips', 'strip', 3, 44, 8];
