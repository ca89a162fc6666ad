import { guestsIn, type Group } from './group.js';
import { readParty, totalOf, type PartyRead } from './lines.js';
import { isBare } from './opening.js';
import { numberOf } from './parts.js';
import { DIETS_ARE } from './singled.js';
import type { Vocabulary } from './vocabulary.js';

/** Of whom the last named may be: of everybody, of those just before them, of the children, of the grown guests. */
export type Among = 'everybody' | 'them' | 'the children' | 'the adults';

/** Another reading of a line that can be meant in two ways; which of them it is only the stylist knows. */
export interface OtherReading {
  text: string;
  among: Among;
  guests: number;
}

/** "6 adults, one diabetic" may be seven guests or six. */
const WITHOUT_NEED =
  /^\s*(?<before>[^,;:()\d\n]{1,40}[,:]\s*)?(\d{1,6}|[a-z]+)\s+(?:adults?|grown-?ups?|friends|women|men|ladies|couples|teens?|teenagers?|girls|boys|mothers|mums|moms|fathers|dads|parents|grandparents|cousins|siblings|sisters|brothers|aunts|uncles)(?:\s[^,;:()\n\d]{0,40})?(?=\s*[,;\n])/i;

/**
 * The same line with its first number as everybody; undefined where that cannot be meant: children are no adults, and
 * those who are named are no more than all.
 */
export function inAll(text: string, read: PartyRead): string | undefined {
  const first = WITHOUT_NEED.exec(text);
  const [all, ...named] = read.groups;
  if (!first || !all || named.length === 0 || read.problems.length > 0) return undefined;
  // of a total that was read as one the rest is fewer
  const counted = numberOf(first[2]!);
  if (counted === undefined || all.count < counted) return undefined;
  if (all.needs.length + all.dislikes.length > 0) return undefined;
  if (named.some(({ band }) => band === 'child') || guestsIn(named) > all.count) return undefined;
  return `${first.groups?.before ?? ''}${all.count} guests${text.slice(first[0].length)}`;
}

/** The last part of a line, and how many it is of. */
const LAST =
  /([,;\n]\s*(?:and\s+)?|\s+and\s+)(\d{1,4}|[a-z]+)(\s+(?!of\b)(?:(?!\sand\s+(?:\d|one\b|two\b|three\b))[^,;\n])+)$/i;

/** Is all that is said of them an allergy? Nobody is called after one. */
const areAllergic = ({ needs }: Group, { words }: Vocabulary): boolean =>
  needs.every(({ id }) => words.some(({ need, leaves }) => need.id === id && leaves === 'an allergen'));

interface Tail {
  at: number;
  before: string;
  number: string;
  about: string;
}

/** The parts at a line's end that only say how many and what of them, the first of them first. */
function tailsOf(text: string): Tail[] {
  const found = LAST.exec(text);
  if (!found || numberOf(found[2]!) === undefined || !isBare(`${found[2]!}${found[3]!}`)) return [];
  const [, before, number, about] = found as unknown as [string, string, string, string];
  return [...tailsOf(text.slice(0, found.index)), { at: found.index, before, number, about }];
}

/** "10 vegans, 2 nut allergy": two of the ten, or two more? "5 children of 3, 4 parents, one egg allergy": of whom? */
function lastAmong(text: string, read: PartyRead, vocabulary: Vocabulary): OtherReading[] {
  const all = tailsOf(text);
  for (const [k] of all.entries()) {
    const tails = all.slice(k);
    const [before, last] = [read.groups.slice(0, -tails.length), read.groups.slice(-tails.length)];
    const areThose =
      before.length > 0 &&
      last.every(
        ({ count, band, needs }, i) =>
          count === numberOf(tails[i]!.number) && band !== 'child' && needs.length > 0,
      );
    // of family and friends who were only counted before, somebody may be vegetarian as well
    const mayBe =
      last.every((group) => areAllergic(group, vocabulary)) ||
      before.every(({ needs }) => needs.length === 0);
    if (areThose && mayBe) return amongThose(text, tails, before, vocabulary);
  }
  return [];
}

/** The line with its last parts said of some of those before. */
function amongThose(
  text: string,
  tails: readonly Tail[],
  before: readonly Group[],
  vocabulary: Vocabulary,
): OtherReading[] {
  const isMixed = new Set(before.map(({ band }) => band)).size > 1;
  if (!isMixed && before.length > 1) return [];
  const whose: Among[] = isMixed ? ['the children', 'the adults'] : ['them'];
  return whose.flatMap((among): OtherReading[] => {
    const said = tails.map((tail) => `${tail.before}${tail.number} of ${among}${tail.about}`);
    const line = `${text.slice(0, tails[0]!.at)}${said.join('')}`;
    const other = readParty(line, vocabulary.words, vocabulary.isFood);
    const guests = totalOf(other);
    return other.problems.length === 0 && guests === guestsIn(before) ? [{ text: line, among, guests }] : [];
  });
}

/** "30 guests: 22 adults, 8 children; 5 vegetarian" are 35, unless those are some of the grown guests, or of the children. */
function dietsAmong(text: string, read: PartyRead, { words, isFood }: Vocabulary): OtherReading[] {
  const [problem, ...others] = read.problems;
  if (problem?.said.say !== 'line.more' || others.length > 0) return [];
  return (['the adults', 'the children'] as const).flatMap((among) => {
    const line = `${text.trimEnd()}\n${DIETS_ARE[among]}`;
    const other = readParty(line, words, isFood);
    return other.problems.length === 0 ? [{ text: line, among, guests: totalOf(other) }] : [];
  });
}

/** In what other ways a line may be meant, where it is read without a problem or counts somebody twice. */
export function otherReadings(text: string, read: PartyRead, vocabulary: Vocabulary): OtherReading[] {
  if (read.problems.length > 0) return dietsAmong(text, read, vocabulary);
  const everybody = inAll(text, read);
  if (everybody !== undefined)
    return [{ text: everybody, among: 'everybody', guests: read.groups[0]!.count }];
  return lastAmong(text, read, vocabulary);
}
