import type { PlacedFood } from '../board/index.js';
import { guestsIn, type Group } from '../party/index.js';
import type { CheckContext } from './context.js';
import { lower, type Arg, type Said, type Several } from '../words/index.js';
import type { Remedy } from './finding.js';
import { moreOf } from './remedies.js';
import { careAt, type CareAt, type LookedAfter, type PartyCare, type RunsShort } from './looked-after.js';

/** What can be promised to a group, and on which condition. Never without it. */
export interface GroupPromise {
  group: Group;
  lookedAfter: boolean;
  /** Grams for each guest, rounded down. */
  gramsEach: number;
  /** The same when the other groups with needs take theirs from this group's foods first. */
  worstEach: number;
  said: Said;
}

export interface Certificate {
  lookedAfter: boolean;
  /** The largest share, as a multiple of their proportional one, that the others may take; 0 when somebody is short now. */
  holdsUpTo: number;
  groups: GroupPromise[];
  said: Said;
  shortFirst?: { what: RunsShort['what']; groups: string[]; foods: string[]; said: Said };
  /** The least change that helps: more of one food. */
  remedy?: Remedy;
}

/** Never rounded up: what is promised is there. */
const each = (care: LookedAfter) => Math.floor(care.sureG / care.group.count + 1e-6);
const worstEach = (care: LookedAfter) => Math.floor(care.worstG / care.group.count + 1e-6);
/** To a hundredth, never rounded up. */
const times = (greed: number): number => Math.floor(greed * 100 + 1e-6) / 100;

/** "1.28 times their share"; at one there is nothing to count. */
export const shareSaid = (greed: number): Said => ({ say: 'care.share', with: { times: times(greed) } });

/** The condition in full: what those who eat everything may take, and what the others with needs may. */
function condition(care: PartyCare): Arg {
  const restricted = care.groups.filter((care) => care.restricted);
  const free = care.groups.length > restricted.length;
  const parts: Said[] = [
    ...(free ? [{ say: 'care.if.free', with: { share: shareSaid(Math.max(1, care.greed)) } } as const] : []),
    ...(restricted.length > 1 ? [{ say: 'care.if.restricted' } as const] : []),
  ];
  return parts.length > 0 ? { say: 'care.if', with: { conditions: { all: parts } } } : '';
}

function promiseOf(otherCare: LookedAfter, care: PartyCare): GroupPromise {
  const who = { count: otherCare.group.count, group: otherCare.group.name };
  const worst = otherCare.restricted && worstEach(otherCare) < each(otherCare);
  const sure = { ...who, each: { g: each(otherCare) }, condition: condition(care) };
  return {
    group: otherCare.group,
    lookedAfter: otherCare.ok,
    gramsEach: each(otherCare),
    worstEach: worstEach(otherCare),
    said: !otherCare.ok
      ? { say: 'care.short', with: { ...who, missing: { all: otherCare.missing, most: MOST_MISSING } } }
      : worst
        ? { say: 'care.promise-worst', with: { ...sure, worst: { g: worstEach(otherCare) } } }
        : { say: 'care.promise', with: sure },
  };
}

const MOST_MISSING = 6;

const foodNames = (foods: readonly PlacedFood[]) => [
  ...new Set(foods.map((placed) => placed.component.name)),
];

const quoted = (groups: readonly Group[]): Several => ({ quoted: groups.map((group) => group.name) });
const partSaid = (what: RunsShort['what']): Said => ({ say: `care.part.${what}` });

function shortOf(short: RunsShort): NonNullable<Certificate['shortFirst']> {
  const foods = foodNames(short.foods);
  const what: Arg =
    foods.length > 0 && foods.length <= 2 ? { foods: foods.map(lower) } : partSaid(short.what);
  const groups = quoted(short.groups);
  const said: Said =
    short.what === 'food'
      ? { say: 'care.first.all', with: { groups } }
      : short.groups.length > 1
        ? { say: 'care.first.shared', with: { what, groups } }
        : short.groups.length === 1
          ? { say: 'care.first.one', with: { what, groups } }
          : { say: 'care.first.any', with: { what } };
  return { what: short.what, groups: short.groups.map((group) => group.name), foods, said };
}

const ROUND_G = 10;

/** So many grams more of the food that most of the short ones may eat, where it lies already. */
function leastChange(context: CheckContext, short: RunsShort): Remedy | undefined {
  const food = [...short.foods].sort(
    (a, b) =>
      short.groups.filter((group) => context.counts(b, group)).length -
        short.groups.filter((group) => context.counts(a, group)).length || b.massG - a.massG,
  )[0];
  if (!food) return undefined;
  const moreG = Math.ceil((short.missingG * 1.2) / ROUND_G) * ROUND_G;
  return moreOf(food, moreG);
}

/** The dial's answer in words, with the least change that would hold there. */
export function promiseAt(context: CheckContext, greed: number): { at: CareAt; said: Said; remedy?: Remedy } {
  const at = careAt(context, greed);
  if (at.groups.length === 0) return { at, said: { say: 'care.at.everything' } };
  if (!at.short) return { at, said: { say: 'care.at.enough', with: { times: times(greed) } } };
  const remedy = leastChange(context, at.short);
  return {
    at,
    said: {
      say: 'care.at.missing',
      with: {
        times: times(greed),
        mass: { g: Math.ceil(at.short.missingG) },
        what: partSaid(at.short.what),
        groups: quoted(at.short.groups),
      },
    },
    ...(remedy ? { remedy } : {}),
  };
}

/** The answer to "is everyone looked after?", in words and in figures. An empty party is nobody's promise. */
export function certificateOf(context: CheckContext, care: PartyCare): Certificate {
  const groups = care.groups.map((group) => promiseOf(group, care));
  const lookedAfter = groups.length > 0 && care.greed > 0;
  const short = care.shortFirst ? shortOf(care.shortFirst) : undefined;
  const remedy = care.shortFirst ? leastChange(context, care.shortFirst) : undefined;
  const unsure = groups.filter((promise) => !promise.lookedAfter).map((promise) => promise.group);
  const said: Said = lookedAfter
    ? { say: 'care.all', with: { n: guestsIn(context.plan.party), condition: condition(care) } }
    : unsure.length > 0
      ? { say: 'care.not-all', with: { groups: { ...quoted(unsure), most: MOST_MISSING } } }
      : { say: 'care.nobody' };
  return {
    lookedAfter,
    holdsUpTo: care.greed,
    groups,
    said,
    ...(short ? { shortFirst: short } : {}),
    ...(remedy ? { remedy } : {}),
  };
}
