import { groupSchema, guestsIn, type Group, type NeedChoice, type Strictness } from './group.js';

/** A word that a party line may use for a need; the need packs bring them. */
export interface NeedWord {
  word: string;
  need: NeedChoice;
  label: string;
}

export interface LineProblem {
  code: 'no-number' | 'unknown-word' | 'too-many' | 'bad-age' | 'empty';
  text: string;
  part: string;
}

export interface PartyRead {
  groups: Group[];
  problems: LineProblem[];
}

const NUMBER_WORDS = new Map<string, number>(Object.entries({
  a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10,
  eleven: 11, twelve: 12, thirteen: 13, fourteen: 14, fifteen: 15, sixteen: 16, seventeen: 17, eighteen: 18,
  nineteen: 19, twenty: 20, thirty: 30, forty: 40, fifty: 50,
})); // prettier-ignore

const numberOf = (word: string): number | undefined =>
  /^\d+$/.test(word) ? Number(word) : NUMBER_WORDS.get(word.toLowerCase());

const CHILD = /\b(child|children|kid|kids|toddler|toddlers|baby|babies|infant|infants)\b/;
const BABY = /\b(baby|babies|infant|infants)\b/;

/** How strictly a need is kept, as people say it. "Allergy" stands for itself; the others colour every need of the part. */
const SAID_STRICT: readonly (readonly [RegExp, Strictness])[] = [
  [/\b(allergy|allergies|allergic)\b/, 'allergy'],
  [/\b(by preference|preference|prefers?|mostly|rather|if possible|flexible)\b/, 'preference'],
  [/\b(strictly|strict|always)\b/, 'strict'],
];
const FILLER =
  /\b(a|an|one|by|if|possible|preference|prefers?|mostly|rather|flexible|strictly|strict|always|has|have|some|guests?|people|persons?|adults?|grown[- ]ups?|allerg(?:y|ies|ic)|to|with|and|who|are|is|eats?|of|the|diet|free|in|aged?|years?|old|others?|rest|everything|anything)\b/g;

const startsWithNumber = (part: string) => numberOf(part.trim().split(/\s+/)[0] ?? '') !== undefined;

/** Splits at commas, semicolons and line ends that are not inside brackets. */
function parts(text: string): string[] {
  const out: string[] = [];
  let depth = 0;
  let part = '';
  for (const ch of text) {
    if (ch === '(') depth++;
    if (ch === ')') depth = Math.max(0, depth - 1);
    if (depth === 0 && /[,;\n]/.test(ch)) {
      out.push(part);
      part = '';
    } else part += ch;
  }
  out.push(part);
  return joinAges(out.map((p) => p.trim()).filter(Boolean));
}

/**
 * "4 children of 3, 4, 7 and 9": bare numbers after a comma are ages of the part before them. "1 vegan, pregnant,
 * hates olives": a part without any number says more about the guests before it.
 */
function joinAges(list: readonly string[]): string[] {
  const out: string[] = [];
  for (const part of list) {
    if (out.length > 0 && /^\d+(?:\s*and\s*\d+)?$/.test(part)) out[out.length - 1] += `, ${part}`;
    else if (out.length > 0 && !startsWithNumber(part) && !/\d/.test(part))
      out[out.length - 1] += ` & ${part}`;
    else out.push(part);
  }
  return out;
}

const slug = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 36) || 'group';

interface Draft {
  count: number;
  child: boolean;
  ages: number[];
  needs: NeedWord[];
  dislikes: string[];
}

/** "two are 3", "3 and 4", "6 to 10", "aged 3, 7": the ages that a bracket says, for so many children. */
function agesIn(text: string, count: number): number[] | undefined {
  const some =
    /^(\w+)\s+(?:is|are|of them are|aged)\s+(\d+)(?:\s*(?:and|,)\s*(?:the\s+)?(?:others?|rest)\s+(?:is|are)?\s*(.+))?$/.exec(
      text.trim(),
    );
  if (some) {
    const n = numberOf(some[1]!);
    if (n === undefined || n > count) return undefined;
    const rest = some[3] ? agesIn(some[3], count - n) : [];
    return rest && [...Array<number>(n).fill(Number(some[2])), ...rest];
  }
  const range = /^(?:aged?\s+)?(\d+)\s*(?:to|-|–)\s*(\d+)$/.exec(text.trim());
  if (range) return spread(Number(range[1]), Number(range[2]), count);
  const ages = (text.match(/\d+/g) ?? []).map(Number);
  if (ages.length === 1 && !/,|and/.test(text)) return Array<number>(count).fill(ages[0]!);
  return ages.length > 0 && ages.length <= count ? ages : undefined;
}

/** "6 to 10" for three children: 6, 8 and 10; the youngest is always there, so nothing is judged too kindly. */
function spread(from: number, to: number, count: number): number[] {
  if (to < from) return spread(to, from, count);
  if (count === 1) return [from];
  return Array.from({ length: count }, (_, i) => Math.round(from + ((to - from) * i) / (count - 1)));
}

const HATES =
  /\b(?:hates?|dislikes?|does not like|do not like|doesn't like|without|no)\s+([a-z +-]+?)(?=\s*(?:&|$))/g;

/** Takes the needs that the words name out of the text, the longest first. */
function takeNeeds(text: string, words: readonly NeedWord[], draft: Draft): string {
  let rest = text;
  for (const w of [...words].sort((a, b) => b.word.length - a.word.length)) {
    const at = new RegExp(`\\b${w.word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}\\b`);
    if (!at.test(rest)) continue;
    rest = rest.replace(at, ' ');
    if (!draft.needs.some((n) => n.need.id === w.need.id)) draft.needs.push(w);
  }
  return rest;
}

/** "8 months" is an age of 0, "18 months" of 1. */
const monthsToYears = (text: string): string =>
  text.replace(/(\d+)\s*months?/g, (_all, m: string) => String(Math.floor(Number(m) / 12)));

function readPart(part: string, words: readonly NeedWord[]): Draft | LineProblem {
  const bracket = /\(([^)]*)\)/.exec(part)?.[1] ?? '';
  let rest = part
    .replace(/\([^)]*\)?/g, ' ')
    .toLowerCase()
    .trim();
  const [first = ''] = rest.split(/\s+/);
  const count = numberOf(first);
  if (count === undefined || count < 1)
    return { code: 'no-number', part, text: `"${part}" does not begin with a number of guests.` };
  rest = rest.slice(first.length);
  const draft: Draft = { count, child: CHILD.test(rest), ages: [], needs: [], dislikes: [] };
  const strictness = SAID_STRICT.find(([words]) => words.test(rest))?.[1];
  // "no dairy" is a need where the packs know it, before it is a dislike
  rest = takeNeeds(
    rest,
    words.filter((w) => w.word.startsWith('no ')),
    draft,
  );
  rest = rest.replace(HATES, (_all, foods: string) => {
    draft.dislikes.push(
      ...foods
        .split(/\s+(?:and|or)\s+|\s*\+\s*/)
        .map((f) => f.trim())
        .filter(Boolean),
    );
    return ' ';
  });
  let childAges = monthsToYears(bracket);
  rest = monthsToYears(rest);
  const inline = /\b(?:of|aged?)\s+([\d ,and]+)\s*(?:years?)?\s*$/.exec(rest);
  if (draft.child && inline) {
    childAges = inline[1]!;
    rest = rest.slice(0, inline.index);
  }
  if (draft.child && childAges.trim()) {
    const ages = agesIn(childAges.toLowerCase(), count);
    if (!ages || ages.some((a) => a < 0 || a > 17))
      return {
        code: 'bad-age',
        part,
        text: `The ages in "${part}" are not clear: say, for example, (two are 3).`,
      };
    draft.ages = ages;
  }
  if (BABY.test(rest) && draft.ages.length === 0) draft.ages = Array<number>(count).fill(0);
  rest = takeNeeds(rest, words, draft);
  const said = part.toLowerCase();
  draft.needs.sort((a, b) => said.indexOf(a.word) - said.indexOf(b.word));
  if (strictness) draft.needs = draft.needs.map((n) => ({ ...n, need: { ...n.need, strictness } }));
  const left = rest
    .replace(CHILD, ' ')
    .replace(FILLER, ' ')
    .replace(/[^a-z]+/g, ' ')
    .trim();
  if (left)
    return {
      code: 'unknown-word',
      part,
      text: `"${left}" is not understood in "${part}". Set that need by hand.`,
    };
  return draft;
}

/** Children of said and unsaid ages, and of different bands, become groups of their own. */
function childGroups(draft: Draft): Draft[] {
  const small = draft.ages.filter((a) => a <= 3);
  const four = draft.ages.filter((a) => a === 4);
  const big = draft.ages.filter((a) => a > 4);
  const missing = draft.count - draft.ages.length;
  return [
    { ...draft, count: small.length, ages: small },
    { ...draft, count: four.length, ages: four },
    { ...draft, count: big.length, ages: big },
    { ...draft, count: missing, ages: [] },
  ].filter((d) => d.count > 0);
}

function nameOf(d: Draft): string {
  const needs = d.needs.map((n) => n.label).join(', ');
  if (!d.child) return needs || 'Eat everything';
  const [low, high] = [Math.min(...d.ages), Math.max(...d.ages)];
  const age =
    d.ages.length === 0
      ? 'Children, age not said'
      : high === 0
        ? 'Children under one'
        : low === high
          ? `Children of ${low}`
          : `Children, ${low} to ${high}`;
  return needs ? `${age}, ${needs.toLowerCase()}` : age;
}

/**
 * Reads lines such as "28 guests: 6 vegan, 2 coeliac, 5 children (two are 3)". A leading total lets the rest eat
 * everything. Parts that are not understood come back as problems and change nothing.
 */
export function readParty(text: string, words: readonly NeedWord[]): PartyRead {
  const problems: LineProblem[] = [];
  const total = /^\s*(\d+)\s*(?:guests?|people)?\s*:/.exec(text);
  const body = total ? text.slice(total[0].length) : text;
  const drafts: Draft[] = [];
  /** Guests whose need was not understood: they are seated by hand, never among those who eat everything. */
  let open = 0;
  for (const part of parts(body)) {
    const read = readPart(part, words);
    if ('code' in read) {
      problems.push(read);
      open += numberOf(part.split(/\s+/)[0] ?? '') ?? 0;
    } else drafts.push(...(read.child ? childGroups(read) : [read]));
  }
  const said = drafts.reduce((n, d) => n + d.count, 0);
  const rest = total ? Number(total[1]) - said - open : 0;
  if (rest < 0)
    problems.push({
      code: 'too-many',
      part: text,
      text: `${said + open} guests are named, but only ${total?.[1]} are coming.`,
    });
  if (rest > 0) drafts.unshift({ count: rest, child: false, ages: [], needs: [], dislikes: [] });
  if (drafts.length === 0 && problems.length === 0)
    problems.push({ code: 'empty', part: '', text: 'Nobody is named yet.' });
  return { groups: toGroups(drafts), problems };
}

function toGroups(drafts: readonly Draft[]): Group[] {
  const groups: Group[] = [];
  for (const d of drafts) {
    const name = nameOf(d);
    const base = slug(name);
    const taken = groups.filter((g) => g.id === base || g.id.startsWith(`${base}-x`)).length;
    groups.push(
      groupSchema.parse({
        id: taken ? `${base}-x${taken + 1}` : base,
        name,
        count: Math.min(500, d.count),
        band: d.child ? 'child' : 'adult',
        ages: d.ages,
        needs: d.needs.map((n) => n.need),
        dislikes: d.dislikes,
        appetite: 1,
      }),
    );
  }
  return groups;
}

/** The total that the groups make, for showing back what was understood. */
export const totalOf = (read: PartyRead): number => guestsIn(read.groups);
