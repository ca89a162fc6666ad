import type { PlacedFood } from '../board/index.js';
import { guestsIn, type Group } from '../party/index.js';
import type { CheckContext } from './context.js';
import { lower, names, type Remedy } from './finding.js';
import { careAt, type CareAt, type LookedAfter, type PartyCare, type RunsShort } from './looked-after.js';

/** What can be promised to a group, and on which condition. Never without it. */
export interface GroupPromise {
  group: Group;
  lookedAfter: boolean;
  /** Grams for each guest, rounded down. */
  gramsEach: number;
  /** The same when the other groups with needs take theirs from this group's foods first. */
  worstEach: number;
  text: string;
}

export interface Certificate {
  lookedAfter: boolean;
  /** The largest share, as a multiple of their proportional one, that the others may take; 0 when somebody is short now. */
  holdsUpTo: number;
  groups: GroupPromise[];
  text: string;
  shortFirst?: { what: string; groups: string[]; foods: string[]; text: string };
  /** The least change that helps: more of one food. */
  remedy?: Remedy;
}

/** Never rounded up: what is promised is there. */
const each = (g: LookedAfter) => Math.floor(g.sureG / g.group.count + 1e-6);
const worstEach = (g: LookedAfter) => Math.floor(g.worstG / g.group.count + 1e-6);
const times = (n: number) => String(Math.floor(n * 100 + 1e-6) / 100);
/** "1.28 times their share"; at one there is nothing to count. */
export const shareWords = (greed: number): string =>
  times(greed) === '1' ? 'their share' : `${times(greed)} times their share`;

/** The condition in full: what those who eat everything may take, and what the others with needs may. */
const condition = (care: PartyCare): string => {
  const restricted = care.groups.filter((g) => g.restricted);
  const free = care.groups.length > restricted.length;
  const parts = [
    ...(free ? [`those who eat everything take no more than ${shareWords(Math.max(1, care.greed))}`] : []),
    ...(restricted.length > 1 ? ['nobody with a need takes more than a portion'] : []),
  ];
  return parts.length > 0 ? ` as long as ${parts.join(' and ')}` : '';
};

function promiseOf(g: LookedAfter, care: PartyCare): GroupPromise {
  const who = `${g.group.count} ${lower(g.group.name)} ${g.group.count === 1 ? 'guest' : 'guests'}`;
  const has = g.group.count === 1 ? 'has' : 'have';
  const worst =
    g.restricted && worstEach(g) < each(g)
      ? ` If the others with needs fill up on the same foods first, ${worstEach(g)} g each are left.`
      : '';
  return {
    group: g.group,
    lookedAfter: g.ok,
    gramsEach: each(g),
    worstEach: worstEach(g),
    text: g.ok
      ? `The ${who} ${has} ${each(g)} g each${condition(care)}.${worst}`
      : `The ${who} ${has} not enough: ${g.missing.join(', ')}.`,
  };
}

const foodNames = (foods: readonly PlacedFood[]) => [...new Set(foods.map((l) => l.component.name))];

function shortWords(short: RunsShort): NonNullable<Certificate['shortFirst']> {
  const foods = foodNames(short.foods);
  const groups = short.groups.map((g) => g.name);
  const what = foods.length > 0 && foods.length <= 2 ? names(foods.map(lower)) : short.what;
  const shared =
    groups.length > 1
      ? `, because ${names(groups.map((g) => `“${g}”`))} need the same`
      : groups[0]
        ? ` for “${groups[0]}”`
        : '';
  const text =
    short.what === 'food'
      ? `Beyond that there is too little in all for ${names(groups.map((g) => `“${g}”`))}.`
      : `What runs short first is ${what}${shared}.`;
  return { what: short.what, groups, foods, text };
}

const ROUND_G = 10;

/** So many grams more of the food that most of the short ones may eat, where it lies already. */
function leastChange(c: CheckContext, short: RunsShort): Remedy | undefined {
  const food = [...short.foods].sort(
    (a, b) =>
      short.groups.filter((g) => c.counts(b, g)).length - short.groups.filter((g) => c.counts(a, g)).length ||
      b.massG - a.massG,
  )[0];
  if (!food) return undefined;
  const moreG = Math.ceil((short.missingG * 1.2) / ROUND_G) * ROUND_G;
  const factor = 1 + moreG / food.massG;
  return {
    label: `More ${lower(food.component.name)}`,
    effect: `+${moreG} g`,
    command: {
      name: 'place',
      componentId: food.component.id,
      surfaceId: food.surface.id,
      placements: food.lots.map((p) => ({
        ...p,
        massG: Math.round(p.massG * factor),
        pieces: Math.max(1, Math.round(p.pieces * factor)),
      })),
    },
  };
}

/** The dial's answer in words, with the least change that would hold there. */
export function promiseAt(c: CheckContext, greed: number): { at: CareAt; text: string; remedy?: Remedy } {
  const at = careAt(c, greed);
  if (at.groups.length === 0) return { at, text: 'Everyone here may eat everything.' };
  if (!at.short) return { at, text: `At ${times(greed)} times their share everyone still has enough.` };
  const who = names(at.short.groups.map((g) => `“${g.name}”`));
  const what = at.short.what === 'food' ? 'food in all' : at.short.what;
  const remedy = leastChange(c, at.short);
  return {
    at,
    text: `At ${times(greed)} times their share ${Math.ceil(at.short.missingG)} g of ${what} are missing for ${who}.`,
    ...(remedy ? { remedy } : {}),
  };
}

/** The answer to "is everyone looked after?", in words and in figures. An empty party is nobody's promise. */
export function certificateOf(c: CheckContext, care: PartyCare): Certificate {
  const groups = care.groups.map((g) => promiseOf(g, care));
  const lookedAfter = groups.length > 0 && care.greed > 0;
  const short = care.shortFirst ? shortWords(care.shortFirst) : undefined;
  const remedy = care.shortFirst ? leastChange(c, care.shortFirst) : undefined;
  const all = guestsIn(c.plan.party);
  const text = lookedAfter
    ? `All ${all} guests are looked after${condition(care)}.`
    : `Not everyone is looked after: ${
        groups
          .filter((g) => !g.lookedAfter)
          .map((g) => `“${g.group.name}”`)
          .join(', ') || 'nobody is coming'
      }.`;
  return {
    lookedAfter,
    holdsUpTo: care.greed,
    groups,
    text,
    ...(short ? { shortFirst: short } : {}),
    ...(remedy ? { remedy } : {}),
  };
}
