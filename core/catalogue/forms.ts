import type { Choking } from './facts.js';

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
  /** It is cut, poured or spread to any mass; everything else comes in whole pieces. */
  cutToMass?: true;
  /** Beyond so many grams one becomes two. */
  mostG?: number;
  /** In a row each piece lies along it like a scale, its rim over the tip of the one before; others lie across it. */
  scales?: true;
  /** A whole cheese or a large part of one: something to build around, cut by the guests with a knife of its own. */
  large?: true;
  /** It is a bowl by itself: it wants a spoon, and holds no more than its size. */
  bowl?: true;
  /** Each lot of it is whole pieces in the same number, whatever is eaten by then. */
  wholeLots?: true;
  /** Cut so small that a young child's helping can be of it. */
  small?: true;
  /** And so small that nobody sees what it was, and that it dries or browns: for a child's plate, on a board for want of better. */
  crumbled?: true;
  /** Hands-on minutes to cut what is not bought in this form: for the kind, and for each 100 g (craft, section 11). */
  cut?: { kindMin: number; per100gMin: number };
  /** What is done, where the language has a word for it. */
  verb?: string;
  /** Hands-on minutes for each piece that is folded or pleated by hand. */
  pieceMin?: number;
}

const kind = (
  name: string,
  lies: FormKind['lies'],
  gPerCm2: number,
  heightMm: number,
  choking: Choking,
  facts: Partial<FormKind> = {},
): FormKind => ({ name, lies, gPerCm2, heightMm, choking, hard: false, ...facts });

const cut = (kindMin: number, per100gMin: number): Partial<FormKind> => ({ cut: { kindMin, per100gMin } });
/** Six slices are folded or pleated in a minute; a rose takes four minutes. */
const FOLDED = { pieceMin: 1 / 6 };

/** Every form, with what is known of it. One more is a line here, and a recipe for its piece where that is new. */
const TABLE = {
  wheel: kind('whole wheel', 'alone', 2.63, 30, 'safe', { hard: true, large: true, wholeLots: true }),
  wedge: kind('wedge', 'alone', 2.8, 32, 'safe', { hard: true, large: true, cutToMass: true, mostG: 330 }),
  log: kind('log', 'alone', 2.6, 30, 'safe', { hard: true, large: true, cutToMass: true, mostG: 220 }),
  bowl: kind('bowl', 'alone', 2, 45, 'safe', { hard: true, bowl: true, cutToMass: true }),
  cubes: kind('cubes', 'loose', 2.1, 17, 'chunk', cut(3, 0.8)),
  chunks: kind('chunks', 'loose', 2, 18, 'chunk', cut(2, 0.6)),
  slices: kind('slices', 'run', 1.5, 12, 'safe', cut(2, 0.6)),
  'quarter-folds': kind('quarter folds', 'run', 1.05, 18, 'chunk', { ...FOLDED, scales: true }),
  /** Each quarter is nested in the ruffle of the one before (craft, section 8). */
  chain: kind('chain', 'run', 1.15, 24, 'chunk', { ...FOLDED, scales: true }),
  cones: kind('cones', 'run', 0.95, 24, 'chunk', FOLDED),
  rose: kind('rose', 'alone', 1.1, 35, 'chunk', { pieceMin: 4 }),
  ribbon: kind('ribbons', 'run', 1, 20, 'chunk', FOLDED),
  cluster: kind('bunches', 'loose', 2.3, 30, 'round'),
  fan: kind('fan', 'run', 1, 20, 'safe', cut(3, 1.2)),
  sticks: kind('sticks', 'run', 1.5, 14, 'chunk', cut(3, 1)),
  scatter: kind('scattered', 'loose', 1.5, 12, 'round'),
  halves: kind('halves', 'loose', 1.8, 16, 'safe', cut(2, 0.8)),
  /** Their outlines are the plan's own (`Plan.cuts`); eight are pressed and pushed out in a minute (house default). */
  'cut-outs': kind('cut-outs', 'loose', 0.8, 6, 'chunk', {
    ...cut(4, 0),
    pieceMin: 1 / 8,
    verb: 'Cut it out',
  }),
  /** Letters in a row: it is read, so that it lies level and nothing lies over it. */
  word: kind('word', 'alone', 0.6, 6, 'chunk', { hard: true, pieceMin: 6 }),
  'citrus-wheels': kind('wheels', 'run', 1.3, 8, 'safe', cut(2, 0.6)),
  balls: kind('balls', 'loose', 2, 26, 'round'),
  leaves: kind('leaves', 'run', 0.7, 12, 'safe'),
  sprig: kind('sprigs', 'alone', 0.3, 8, 'safe'),
  quartered: kind('quartered', 'loose', 1.7, 10, 'safe', {
    ...cut(2, 2.5),
    small: true,
    verb: 'Cut in quarters',
  }),
  'thin-strips': kind('thin strips', 'loose', 1.4, 6, 'safe', {
    ...cut(3, 1.5),
    small: true,
    verb: 'Cut in thin strips',
  }),
  'half-moons': kind('thin half-moons', 'run', 1.2, 5, 'safe', {
    ...cut(3, 1.2),
    small: true,
    verb: 'Cut in thin half-moons',
  }),
  grated: kind('grated', 'loose', 1, 10, 'safe', {
    ...cut(2, 1.5),
    small: true,
    crumbled: true,
    verb: 'Grate it',
  }),
  chopped: kind('chopped', 'loose', 1.2, 6, 'safe', {
    ...cut(2, 1.2),
    small: true,
    crumbled: true,
    verb: 'Chop it',
  }),
  smeared: kind('smeared thinly', 'alone', 0.6, 3, 'safe', {
    ...cut(2, 1),
    small: true,
    crumbled: true,
    cutToMass: true,
    mostG: 40,
    verb: 'Smear it thinly',
  }),
} satisfies Record<string, FormKind>;

export type FormId = keyof typeof TABLE;
export const FORMS: Readonly<Record<FormId, FormKind>> = TABLE;
export const FORM_IDS = Object.keys(TABLE) as [FormId, ...FormId[]];

export const formName = (form: FormId): string => FORMS[form].name;

/** What is done to serve it so: "Cut in quarters". */
export const formVerb = (form: FormId): string => FORMS[form].verb ?? `Serve it as ${FORMS[form].name}`;
