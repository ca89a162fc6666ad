import { idOf, shortened } from '../measure/index.js';
import type { Said as Message } from '../words/index.js';
import { groupSchema, guestsIn, type Group } from './group.js';
import { introduced, isBare } from './opening.js';
import { NOTHING_SAID, readPart, type Draft, type LineProblem } from './part.js';
import { ALL, numberOf, parts, REST, VAGUE } from './parts.js';
import { guestsCounted } from './people.js';
import { totalOfLine, type Total } from './total.js';
import { hasUncountedChildren, isEachWithChild, isOfGrown, saysNothing, tellsOfOthers } from './unsaid.js';
import { readPhrases } from './phrases.js';
import { needsSaid } from './avoid.js';
import { tokensOf } from './tokens.js';
import type { NeedWord, Phrase, Said, Vocabulary } from './vocabulary.js';

export interface PartyRead {
  groups: Group[];
  /** While there is one, nobody is to be seated: somebody would be forgotten. */
  problems: LineProblem[];
  /** Phrase by phrase, what was taken for what, group by group. */
  phrases: {
    group: string;
    name: string;
    /** Of children, how old they are. */
    age: string | undefined;
    guests: number;
    phrases: readonly Phrase[];
  }[];
  /** What nobody understood stays on its guests as a need that every food asks for. */
  unread: { text: string; group: string; guests: number }[];
}

/** Children of said and unsaid ages, and of different bands, become groups of their own. */
function childGroups(draft: Draft): Draft[] {
  const small = draft.ages.filter((age) => age <= 3);
  const four = draft.ages.filter((age) => age === 4);
  const big = draft.ages.filter((age) => age > 4);
  const missing = draft.count - draft.ages.length;
  return [
    { ...draft, count: small.length, ages: small },
    { ...draft, count: four.length, ages: four },
    { ...draft, count: big.length, ages: big },
    { ...draft, count: missing, ages: [] },
  ].filter((d) => d.count > 0);
}

const allBut = (dislikes: readonly string[]): string =>
  dislikes.length === 0 ? 'Eat everything' : shortened(`Eat all but ${dislikes.join(', ')}`, 44);

/** How old the children of a part are; nothing where it is of grown guests. */
function ageOf({ child, ages }: Draft): string | undefined {
  if (!child) return undefined;
  if (ages.length === 0) return 'Children, age not said';
  const [low, high] = [Math.min(...ages), Math.max(...ages)];
  if (high === 0) return 'Children under one';
  return low === high ? `Children of ${low}` : `Children, ${low} to ${high}`;
}

function nameOf(draft: Draft): string {
  const all = [
    ...draft.said.needs.map((need) => need.label),
    ...(draft.said.unread.length > 0 ? [`to be asked: ${draft.said.unread.join(', ')}`] : []),
  ];
  const needs = shortened(all.join(', '), 44);
  const age = ageOf(draft);
  if (!age) return needs || allBut(draft.said.dislikes);
  return needs ? shortened(`${age}, ${needs.toLowerCase()}`, 58) : age;
}

/** Longer lines are no party; the reader's time is bounded by them. */
export const LONGEST_PARTY = 4000;
const MOST_IN_GROUP = 500;
const MOST_PARTS = 120;

const problem = (
  code: LineProblem['code'],
  part: string,
  say: Message['say'],
  values: Message['with'] = {},
): LineProblem => ({ code, part: part.slice(0, 200), said: { say, with: values } });

const BEGINNING = /^\s*(?:we are|there are|there will be|for)\s+/i;

/** How many guests a part begins with, and what is said of them. */
function headed(part: string, left: number | undefined): { count: number; about: string } | LineProblem {
  const rest = REST.exec(part);
  if (rest) {
    if (left === undefined || left < 1) return problem('no-number', part, 'line.rest', { part });
    return { count: left, about: part.slice(rest[0].length) };
  }
  const counted = part.replace(BEGINNING, '');
  if (VAGUE.test(counted)) return problem('no-number', part, 'line.number', { part });
  const first = /^(\d+|[a-z]+)(?:\s*[x×](?=\s))?\s*(?=\W|[a-z]|$)/i.exec(counted);
  const count = first ? numberOf(first[1]!) : undefined;
  if (!first || count === undefined || count < 1) return problem('no-number', part, 'line.number', { part });
  if (count > MOST_IN_GROUP)
    return problem('too-many', part, 'line.group', { part, most: MOST_IN_GROUP, count });
  return { count, about: counted.slice(first[0].length) };
}

const OF_WHOM = /^\s*of\s+(?:them|these|those|whom|which)\s+/i;
const OF_THEM = /^\s*\S+\s+of\s+(?:(all)\b|them|these|those|whom|which|the (little ones|[a-z-]+))\b/i;
const sumOf = (drafts: readonly Draft[]): number => drafts.reduce((sum, draft) => sum + draft.count, 0);

/** Who is of these ages stands in front: "the 6 year old" is not the youngest. */
function atFront(block: Draft[], ages: readonly number[]): void {
  const first: Draft[] = [];
  for (const age of ages) {
    const i = block.findIndex((draft) => draft.ages.includes(age));
    if (i < 0) continue;
    const { ages: all, ...draft } = block[i]!;
    const at = all.indexOf(age);
    first.push({ ...draft, count: 1, ages: [age] });
    const left = { ...draft, count: draft.count - 1, ages: all.toSpliced(at, 1) };
    block.splice(i, 1, ...(left.count > 0 ? [left] : []));
  }
  block.unshift(...first);
}

/** "1 of them coeliac" is one of those before it, the youngest: who it is was not said. False when they are not so many. */
function carve(block: Draft[], some: Draft, carved: Set<Draft>): boolean {
  if (sumOf(block) < some.count) return false;
  // "2 of them halal, 1 of them coeliac" are three, as long as they are so many
  atFront(block, some.ages);
  const others = block.filter((draft) => !carved.has(draft));
  const from = sumOf(others) < some.count ? block : others;
  let left = some.count;
  const out = block.flatMap((draft): Draft[] => {
    const n = from.includes(draft) ? Math.min(left, draft.count) : 0;
    // who was told apart before stays so
    if (n === 0) return [draft];
    left -= n;
    const of = (from: number, to: number): Draft => ({
      ...draft,
      count: to - from,
      ages: draft.ages.slice(from, to),
    });
    const those = { ...of(0, n), said: { ...draft.said }, strictness: some.strictness ?? draft.strictness };
    addAll(those, some.said);
    carved.add(those);
    return [those, of(n, draft.count)].filter(({ count }) => count > 0);
  });
  block.splice(0, block.length, ...out);
  return true;
}

const YOUNG = /^(?:kids|children|toddlers|little ones|babies|girls|boys)$/i;
const GROWN = /^(?:adults|grown-ups|parents|teachers|helpers)$/i;

/** "1 of the children", "2 of the vegans": the last who were called so. */
function blockNamed(blocks: readonly Draft[][], name: string | undefined): Draft[] | undefined {
  if (name === undefined) return undefined;
  const isCalled = ({ child, said }: Draft): boolean => {
    if (YOUNG.test(name)) return child;
    if (GROWN.test(name)) return !child;
    return said.needs.some(({ word, label }) =>
      [word, label.toLowerCase()].some((own) => [own, `${own}s`].includes(name.toLowerCase())),
    );
  };
  return [...blocks].reverse().find((block) => block.some(isCalled));
}

const youngestOf = (block: readonly Draft[]): number => Math.min(...block.flatMap(({ ages }) => ages));

/** Where only children are named, "one milk allergy" is one of them, and of the youngest: nobody else comes. */
function ofTheChildren(blocks: readonly Draft[][], part: string, read: Draft): Draft[] | undefined {
  const isSaid = read.said.needs.length + read.said.dislikes.length + read.said.unread.length > 0;
  if (read.child || !isSaid || !isBare(part) || !blocks.flat().every(({ child }) => child)) return undefined;
  return blocks
    .filter((block) => sumOf(block) >= read.count)
    .toSorted((a, b) => youngestOf(a) - youngestOf(b))[0];
}

/** What nobody understood, and is asked. */
const askedOnly = (texts: readonly string[], say: 'phrase.unread' | 'phrase.others'): Said => ({
  ...NOTHING_SAID,
  phrases: texts.map((text) => ({ text, kind: 'unread', says: { say } })),
  unread: [...texts],
});

/** Who is named part by part: in blocks, what is said of all, and what names nobody. */
function named(
  list: readonly string[],
  total: Total | undefined,
  vocabulary: Vocabulary,
): { blocks: Draft[][]; all: string[]; others: string[]; grown: boolean; problems: LineProblem[] } {
  const blocks: Draft[][] = [];
  const others: string[] = [];
  let grown = false;
  let whole: Draft[] | undefined;
  const carved = new Set<Draft>();
  const problems: LineProblem[] = [];
  const all: string[] = [];
  for (const part of list) {
    const ofAll = ALL.test(part) ? part.replace(ALL, '') : undefined;
    if (ofAll !== undefined) {
      if (isEachWithChild(ofAll)) problems.push(problem('no-number', part, 'line.number', { part }));
      all.push(ofAll);
      continue;
    }
    const head = headed(part, total ? total.count - sumOf(blocks.flat()) : undefined);
    const read = 'code' in head ? head : readPart(part, head.count, head.about, vocabulary);
    if ('code' in read || 'code' in head) problems.push(read as LineProblem);
    else if (hasUncountedChildren(head.about, read))
      problems.push(problem('no-number', part, 'line.number', { part: head.about.trim() }));
    else {
      const unsaid = saysNothing(head.about, read);
      if (unsaid !== undefined) read.said = askedOnly([unsaid], 'phrase.unread');
      const ofThem = OF_THEM.exec(part);
      // "among them" is among everybody: a part of what was said in front, or of who was named first
      const among = ofThem?.[1] ? (total ? undefined : blocks[0]) : undefined;
      const block = ofThem
        ? ofThem[1]
          ? among
          : // "2 of those" are always of who was named just before
            (blockNamed(blocks, ofThem[2]) ??
            // grown guests who were not named apart are of the others, and no children
            (GROWN.test(ofThem[2] ?? '')
              ? undefined
              : /those|these/i.test(ofThem[0])
                ? blocks.at(-1)
                : whole))
        : total
          ? undefined
          : ofTheChildren(blocks, part, read);
      if (block && !carve(block, read, carved))
        problems.push(problem('too-many', part, 'line.more', { named: read.count, coming: sumOf(block) }));
      if (block) continue;
      // two golfers among twelve say nothing of the ten
      grown ||= !REST.test(part) && isOfGrown(head.about) && 2 * read.count >= (total?.count ?? 0);
      if (total && !REST.test(part) && tellsOfOthers(head.about, read, total.count))
        others.push(`${tokensOf(head.about.replace(OF_WHOM, '')).join(' ')}?`);
      blocks.push(read.child ? childGroups(read) : [read]);
      // of a total, "3 of them vegan, 2 of them coeliac" are both of all who come
      if (!ofThem || ofThem[1]) whole = blocks.at(-1);
    }
  }
  return { blocks, all, others, grown, problems };
}

/**
 * Reads lines such as "28 guests: 6 vegan, 2 without gluten, 5 children (two are 3)". A leading total lets the rest eat
 * everything. What is not understood about some guests stays with them: every food asks for them until it is answered. A
 * part that names no number of guests comes back as a problem.
 */
export function readParty(
  text: string,
  words: readonly NeedWord[],
  isFood: Vocabulary['isFood'] = () => false,
): PartyRead {
  const empty: PartyRead = { groups: [], problems: [], phrases: [], unread: [] };
  if (text.length > LONGEST_PARTY)
    return {
      ...empty,
      problems: [problem('too-long', text, 'line.letters', { most: LONGEST_PARTY, n: text.length })],
    };
  const vocabulary = { words, isFood };
  const line = guestsCounted(text, vocabulary);
  const opening = introduced(line, vocabulary);
  const total = opening ?? totalOfLine(line);
  const list = parts(total ? total.body : line);
  if (list.length > MOST_PARTS)
    return {
      ...empty,
      problems: [problem('too-long', '', 'line.parts', { most: MOST_PARTS, n: list.length })],
    };
  if (total && total.count > MOST_IN_GROUP * 4)
    return {
      ...empty,
      problems: [problem('too-many', text, 'line.guests', { count: total.count, most: MOST_IN_GROUP * 4 })],
    };
  const { blocks, all, others, grown, problems } = named(list, total, vocabulary);
  let drafts = blocks.flat();
  const rest = total ? total.count - sumOf(blocks.flat()) : 0;
  if (rest < 0)
    problems.push(
      problem('too-many', text, 'line.more', { named: sumOf(blocks.flat()), coming: total!.count }),
    );
  const isGrownOnly = grown && !drafts.some(({ child }) => child);
  const asked = [...others, ...(isGrownOnly ? ['adults?'] : [])];
  if (rest > 0 && problems.length === 0)
    drafts.unshift({
      count: rest,
      child: false,
      ages: [],
      // "15 of 20 eat meat" says something of the others, too
      said: asked.length > 0 ? askedOnly(asked, 'phrase.others') : NOTHING_SAID,
      strictness: undefined,
    });
  drafts = together(drafts);
  const ofAll = all.map((about) => readPhrases(about, vocabulary));
  if (opening) ofAll.unshift(opening.said);
  for (const said of ofAll) for (const draft of drafts) addAll(draft, said);
  if (drafts.length === 0 && problems.length === 0) problems.push(problem('empty', '', 'line.nobody'));
  return seated(drafts, problems);
}

/** "Me and my parents" are three who eat everything, "my aunt is vegan, my uncle is vegan" two vegans: one group each. */
function together(drafts: readonly Draft[]): Draft[] {
  const alike = new Map<string, Draft[]>();
  for (const draft of drafts) {
    const said = draft.said.phrases.map(({ text, kind }) => [text, kind]);
    // ages and their bands stay apart
    const key = draft.child ? undefined : JSON.stringify([said, draft.strictness]);
    if (key !== undefined) alike.set(key, [...(alike.get(key) ?? []), draft]);
  }
  const groups = [...alike.values()];
  return drafts.flatMap((draft) => {
    const own = groups.find((group) => group.includes(draft)) ?? [draft];
    return own[0] === draft ? { ...draft, count: sumOf(own) } : [];
  });
}

/** What is said of everybody is said of each group. */
function addAll(draft: Draft, said: Said): void {
  const had = new Set(draft.said.needs.map((need) => need.need.id));
  draft.said = {
    needs: [...draft.said.needs, ...said.needs.filter((need) => !had.has(need.need.id))],
    dislikes: [...draft.said.dislikes, ...said.dislikes],
    phrases: [...draft.said.phrases, ...said.phrases],
    unread: [...draft.said.unread, ...said.unread],
  };
}

function seated(drafts: readonly Draft[], problems: LineProblem[]): PartyRead {
  const out: PartyRead = { groups: [], problems, phrases: [], unread: [] };
  for (const draft of drafts) {
    for (const piece of pieces(draft)) {
      const name = nameOf(piece);
      const base = idOf(name, 36, 'group');
      const taken = out.groups.filter(
        (group) => group.id === base || group.id.startsWith(`${base}-x`),
      ).length;
      const group = groupSchema.parse({
        id: taken ? `${base}-x${taken + 1}` : base,
        name,
        count: piece.count,
        band: piece.child ? 'child' : 'adult',
        ages: piece.ages,
        needs: needsSaid(piece.said, piece.strictness),
        dislikes: piece.said.dislikes.map((dislike) => dislike.slice(0, 60)).slice(0, 30),
        appetite: 1,
      });
      out.groups.push(group);
      for (const text of piece.said.unread) out.unread.push({ text, group: group.id, guests: group.count });
      out.phrases.push({
        guests: piece.count,
        group: group.id,
        name,
        age: ageOf(piece),
        phrases: piece.said.phrases,
      });
    }
  }
  return out;
}

/** A group holds so many guests; a rest of more sits in several. */
function pieces(draft: Draft): Draft[] {
  if (draft.count <= MOST_IN_GROUP) return [draft];
  const first = { ...draft, count: MOST_IN_GROUP };
  return [first, ...pieces({ ...draft, count: draft.count - MOST_IN_GROUP })];
}

/** The total that the groups make, for showing back what was understood. */
export const totalOf = (read: PartyRead): number => guestsIn(read.groups);
