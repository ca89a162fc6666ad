import type { Choking, FormId } from './facts.js';

export interface FormKind {
  name: string;
  /** Hard forms keep their outline and never overlap; soft ones flow into the ground that is left. */
  hard: boolean;
  /** How pieces of it lie: alone, shingled along a line, or loose. */
  lies: 'alone' | 'run' | 'loose';
  /** Usual grams over a square centimetre of ground, as it lies (craft notes on the surface; house default). */
  gPerCm2: number;
  heightMm: number;
  /** The careful reading for under-fives of an unknown food in this form. */
  choking: Choking;
}

const kind = (
  name: string,
  lies: FormKind['lies'],
  gPerCm2: number,
  heightMm: number,
  choking: Choking,
  hard = false,
): FormKind => ({ name, hard, lies, gPerCm2, heightMm, choking });

export const FORMS: Record<FormId, FormKind> = {
  wheel: kind('whole wheel', 'alone', 2.63, 30, 'safe', true),
  wedge: kind('wedge', 'alone', 2.8, 32, 'safe', true),
  log: kind('log', 'alone', 2.6, 30, 'safe', true),
  bowl: kind('bowl', 'alone', 2, 45, 'safe', true),
  cubes: kind('cubes', 'loose', 2.1, 17, 'chunk'),
  chunks: kind('chunks', 'loose', 2, 18, 'chunk'),
  slices: kind('slices', 'run', 1.5, 12, 'safe'),
  'quarter-folds': kind('quarter folds', 'run', 1.05, 18, 'chunk'),
  rose: kind('rose', 'alone', 1.1, 35, 'chunk'),
  ribbon: kind('ribbons', 'run', 1, 20, 'chunk'),
  cluster: kind('bunches', 'loose', 2.3, 30, 'round'),
  fan: kind('fan', 'run', 1, 20, 'safe'),
  sticks: kind('sticks', 'run', 1.5, 14, 'chunk'),
  scatter: kind('scattered', 'loose', 1.5, 12, 'round'),
  halves: kind('halves', 'loose', 1.8, 16, 'safe'),
  'citrus-wheels': kind('wheels', 'run', 1.3, 8, 'safe'),
  balls: kind('balls', 'loose', 2, 26, 'round'),
  leaves: kind('leaves', 'run', 0.7, 12, 'safe'),
  sprig: kind('sprigs', 'alone', 0.3, 8, 'safe'),
  quartered: kind('quartered', 'loose', 1.7, 10, 'safe'),
  'thin-strips': kind('thin strips', 'loose', 1.4, 6, 'safe'),
  'half-moons': kind('thin half-moons', 'run', 1.2, 5, 'safe'),
  grated: kind('grated', 'loose', 1, 10, 'safe'),
  chopped: kind('chopped', 'loose', 1.2, 6, 'safe'),
  smeared: kind('smeared thinly', 'alone', 0.6, 3, 'safe'),
};

export const formName = (form: FormId): string => FORMS[form].name;
