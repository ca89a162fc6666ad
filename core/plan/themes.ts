import type { Component, RegionId } from '../catalogue/index.js';
import type { OwnSchool } from './records/school.js';
import type { Plan } from './plan.js';
import type { Theme } from './records/occasion.js';

/** A starting point of our own: a theme with its place in the year, its role, and what must and must not be on it. */
export interface ThemeIdea {
  id: string;
  theme: Theme;
  /** Months that suit it, in the northern half of the world; all twelve when any does. */
  months: readonly number[];
  role: Plan['occasion']['role'];
  must: readonly string[];
  mustNot: readonly string[];
  /** A dish taken apart has amounts of its own: grams of each family for a grown guest at drinks. */
  rows?: OwnSchool['rows'];
  /** One line that says what it is. */
  line: string;
}

const ANY = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12];

const idea = (
  id: string,
  name: string,
  palette: readonly string[],
  motifs: Theme['motifs'],
  line: string,
  more: Partial<Omit<ThemeIdea, 'id' | 'line' | 'theme'>> & { region?: RegionId; mood?: Theme['mood'] } = {},
): ThemeIdea => ({
  id,
  theme: { name, palette: [...palette], motifs, region: more.region ?? '', mood: more.mood ?? 'abundant' },
  months: more.months ?? ANY,
  role: more.role ?? 'drinks',
  must: more.must ?? [],
  mustNot: more.mustNot ?? [],
  ...(more.rows ? { rows: more.rows } : {}),
  line,
});

/** None is tied to a well-known holiday or event. */
export const THEME_IDEAS: readonly ThemeIdea[] = [
  idea(
    'comet',
    'Comet and crescent',
    ['#e2362f', '#efb53c', '#46589a'],
    ['crescent', 'comet'],
    'A night under a dark sky.',
  ),
  idea(
    'kite',
    'Kites up',
    ['#d8322b', '#f0b434', '#5c9a3c'],
    ['kite'],
    'Bright tails, small hands, nothing that drips.',
    { role: 'children', months: [4, 5, 6, 7, 8, 9], mustNot: ['peanuts', 'almonds', 'walnuts'] },
  ),
  idea(
    'ferry',
    'Last boat home',
    ['#3f6f8f', '#f2eee1', '#c8553d'],
    ['wave', 'fish'],
    'Salt, smoke and rope, for a long table by the water.',
    { region: 'north', must: ['smoked-salmon'] },
  ),
  idea(
    'loom',
    'Warp and weft',
    ['#a8432f', '#d9a441', '#3d5a40'],
    ['weave'],
    'Rows over and under, like cloth.',
    { region: 'levant' },
  ),
  idea(
    'lamps',
    'Lamps on the water',
    ['#f0b434', '#c94f7c', '#4a5687'],
    ['lamp', 'wave'],
    'A sweet course that glows.',
    { role: 'sweet' },
  ),
  idea(
    'first-frost',
    'First frost',
    ['#f4f4f0', '#8fa6c4', '#7a2c4c'],
    ['star'],
    'Pale cheese, dark fruit, a cold clear evening.',
    { months: [11, 12, 1, 2] },
  ),
  idea(
    'orchard',
    'Orchard ladder',
    ['#c8341f', '#8f9a3c', '#e0b04a'],
    ['leaf'],
    'What a ladder and a basket bring in.',
    { months: [8, 9, 10], must: ['apple-fans', 'pear-fans'] },
  ),
  idea(
    'tide-pool',
    'Tide pool',
    ['#3f8a8c', '#f7b6c8', '#e8e4d4'],
    ['wave', 'fish'],
    'Shells, brine and citrus.',
    { months: [5, 6, 7, 8], must: ['prawns'] },
  ),
  idea(
    'chalk-cliff',
    'Chalk cliff',
    ['#fbfaf2', '#9fb08a', '#4a5661'],
    ['none'],
    'White on slate, calm, with open ground.',
    { mood: 'calm', region: 'isles' },
  ),
  idea(
    'clay-oven',
    'Clay oven',
    ['#b5562c', '#e0ad4a', '#5f6a20'],
    ['lamp'],
    'Warm bread first, everything else around it.',
    { region: 'levant', role: 'meal' },
  ),
  idea(
    'alpine-hut',
    'Hut above the trees',
    ['#7a4526', '#efe4c8', '#34663f'],
    ['star'],
    'Hard cheese, dark bread, something pickled.',
    { region: 'alps', role: 'meal', months: [10, 11, 12, 1, 2, 3] },
  ),
  idea(
    'courtyard',
    'Lemon courtyard',
    ['#f2d14a', '#5f8a35', '#fbf6e4'],
    ['leaf'],
    'Shade, lemons, small glasses.',
    { region: 'italy', months: [5, 6, 7, 8, 9] },
  ),
  idea(
    'harbour-lunch',
    'White houses, blue doors',
    ['#3f6fb0', '#fbfaf2', '#d8322b'],
    ['wave'],
    'Brine, tomato and crisp bread.',
    { region: 'aegean', months: [5, 6, 7, 8, 9] },
  ),
  idea(
    'night-train',
    'Night train',
    ['#1f2c5e', '#8a1a50', '#d9b98a'],
    ['crescent'],
    'A tin, a napkin, and hours to go: nothing that falls apart.',
    { mood: 'calm' },
  ),
  idea(
    'meadow-brunch',
    'Long grass',
    ['#8fae5c', '#f7e3a1', '#e2648a'],
    ['leaf'],
    'Late morning, bare feet, berries.',
    { months: [5, 6, 7], must: ['strawberries'] },
  ),
  idea(
    'print-shop',
    'Ink and paper',
    ['#1a2040', '#f2eee1', '#c0391f'],
    ['none'],
    'Black, white and one red.',
    { mood: 'calm' },
  ),
  idea(
    'seed-swap',
    'Seed swap',
    ['#7a8a3c', '#d9a441', '#a8432f'],
    ['leaf'],
    'All that grows, nothing that grazes.',
    { months: [2, 3, 4], mustNot: ['salami', 'dry-cured-ham'] },
  ),
  idea(
    'glass-blowers',
    'Glowing glass',
    ['#e8912b', '#d2391f', '#46589a'],
    ['lamp', 'star'],
    'Amber, red and a deep blue.',
  ),
  idea(
    'river-tiles',
    'Tiles by the river',
    ['#3f6fb0', '#f0b434', '#c8553d'],
    ['weave', 'star'],
    'Small plates, many olives.',
    { region: 'iberia' },
  ),
  idea(
    'market-east',
    'Stalls at dusk',
    ['#c8341f', '#5c9a3c', '#f0b434'],
    ['lamp'],
    'Sharp, hot and crisp.',
    { region: 'east' },
  ),
  idea(
    'taken-apart',
    'Supper taken apart',
    ['#d8322b', '#8f9a3c', '#e0ad4a'],
    ['none'],
    'A filled flatbread, laid out so that everyone builds their own.',
    {
      role: 'meal',
      must: ['flatbread', 'tomato-salsa', 'guacamole'],
      region: 'south-america',
      rows: {
        cheese: 25,
        'cured-meat': 30,
        fish: 0,
        'plant-protein': 35,
        vehicle: 45,
        vegetable: 60,
        pickle: 20,
        'spread-dip': 50,
        'fresh-fruit': 20,
        'dried-fruit': 0,
        'nut-seed': 0,
        'sweet-bite': 0,
      },
    },
  ),
  idea(
    'three-sweets',
    'Three small sweets',
    ['#43230f', '#e2648a', '#f0b434'],
    ['none'],
    'A sweet course: fruit first, chocolate second, something crisp.',
    { role: 'sweet', must: ['strawberries'] },
  ),
];

/** Colours for words that a stylist would say of an evening. */
const WORD_COLOURS: readonly (readonly [RegExp, readonly string[]])[] = [
  [/sea|ocean|water|tide|harbour|river/, ['#3f6f8f', '#3f8a8c']],
  [/forest|moss|leaf|meadow|garden|green/, ['#34663f', '#8fae5c']],
  [/fire|ember|chilli|red|brick|poppy/, ['#c0391f', '#e8912b']],
  [/sun|gold|honey|lemon|yellow|amber/, ['#f0b434', '#f2d14a']],
  [/night|ink|midnight|dark|storm/, ['#1f2c5e', '#27131d']],
  [/rose|pink|peony|blush/, ['#e2648a', '#f7b6c8']],
  [/plum|berry|wine|grape|purple/, ['#7a2c4c', '#43204a']],
  [/snow|chalk|milk|white|bone|linen/, ['#fbfaf2', '#f2eee1']],
  [/clay|rust|earth|wood|brown|autumn/, ['#a8432f', '#7a4526']],
  [/sky|blue|frost|ice/, ['#8fa6c4', '#3f6fb0']],
  [/orange|apricot|pumpkin/, ['#e8912b', '#d9812e']],
];
const MOST_COLOURS = 6;

/** A palette from words, two colours a word, in the order in which they are said; words nobody knows give none. */
export function paletteOfWords(text: string): string[] {
  const out: string[] = [];
  for (const word of text.toLowerCase().split(/[^a-z]+/))
    for (const [pattern, colours] of WORD_COLOURS)
      if (word !== '' && pattern.test(word)) out.push(...colours);
  return [...new Set(out)].slice(0, MOST_COLOURS);
}

const BUCKET = 32;
const GREY = 24;

/**
 * The colours that a picture shows most, greys left out where there are others. `pixels` are red, green, blue and
 * alpha, 0 to 255 each; what is transparent does not count.
 */
export function paletteOfPixels(pixels: ArrayLike<number>, most = 4): string[] {
  const buckets = new Map<number, { n: number; r: number; g: number; b: number }>();
  for (let i = 0; i + 3 < pixels.length; i += 4) {
    if (pixels[i + 3]! < 128) continue;
    const [r, g, b] = [pixels[i]!, pixels[i + 1]!, pixels[i + 2]!];
    const key = Math.floor(r / BUCKET) * 64 + Math.floor(g / BUCKET) * 8 + Math.floor(b / BUCKET);
    const known = buckets.get(key) ?? { n: 0, r: 0, g: 0, b: 0 };
    buckets.set(key, { n: known.n + 1, r: known.r + r, g: known.g + g, b: known.b + b });
  }
  const sorted = [...buckets.values()]
    .map((k) => [k.r / k.n, k.g / k.n, k.b / k.n, k.n] as const)
    .sort((x, y) => y[3] - x[3]);
  const bright = sorted.filter(([r, g, b]) => Math.max(r, g, b) - Math.min(r, g, b) > GREY);
  const out: (readonly number[])[] = [];
  for (const c of [...bright, ...sorted]) {
    if (out.length >= most) break;
    if (out.every((o) => Math.hypot(o[0]! - c[0], o[1]! - c[1], o[2]! - c[2]) > 60)) out.push(c);
  }
  return out.map(
    ([r, g, b]) => `#${[r, g, b].map((v) => Math.round(v!).toString(16).padStart(2, '0')).join('')}`,
  );
}

/** Must-haves and must-nots of an idea that this larder knows. */
export const wishesOf = (
  idea: ThemeIdea,
  larder: ReadonlyMap<string, Component>,
): { pinned: Component['id'][]; excluded: Component['id'][] } => ({
  pinned: idea.must.filter((id) => larder.has(id)) as Component['id'][],
  excluded: idea.mustNot.filter((id) => larder.has(id)) as Component['id'][],
});
