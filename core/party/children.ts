import { numberOf } from './parts.js';

export const CHILD = /\b(child|children|kid|kids|toddler|toddlers|baby|babies|infant|infants)\b/;
export const BABY = /\b(baby|babies|infant|infants)\b/;

/** Words for children that are not the plain one; and for people who are children where a child's age is said of them. */
const OTHER_CHILDREN =
  /\b(?:grand[\s-]?(?:child(?:ren)?|kids?|sons?|daughters?)|pre-?schoolers?|school[\s-]?(?:child(?:ren)?|kids?|boys?|girls?)|pupils?|little ones?|tots?|youngsters?)\b/g;
const PERHAPS_CHILDREN =
  /\b(?:girls?|boys?|sons?|daughters?|nephews?|nieces?|cousins?|brothers?|sisters?|siblings?|students?|teens?|teenagers?|scouts?|cubs?|guides?)\b/;
/** "My wife and two sons": children, as "my son" is, unless they are said to be grown. */
const OF_PARENTS = /\b(?:sons?|daughters?|nephews?|nieces?)\b/g;
const GROWN_UP = /\b(?:adults?|grown|teenage|student|\d+\s*\+|over)\b/;
const ANYBODY = /\b(?:guests?|people|persons?|members?|participants?)\b/;
/** "Aged 3", "of three", "6 to 9 years old" at the end of a part. */
const AGE_SAID = /\b(of|aged?|age)\s+(\d+|[a-z]+)\b/;
const BARE_AGES = /^\s*\d{1,2}(?:\s*(?:,|and|&|to|-|–)\s*\d{1,2})*\s*(?:years?(?:\s+olds?)?|months?)?\s*$/;

/** Whoever is said to be of a child's age is a child: "girls aged 3", "two boys (4 and 6)", "guests aged 2". */
function saidChildren(text: string, bracket: string): string {
  const plain = text.replace(OTHER_CHILDREN, 'children');
  if (CHILD.test(plain)) return plain;
  const age = AGE_SAID.exec(plain);
  const years = age ? numberOf(age[2]!) : undefined;
  const isYoung = years !== undefined && years <= OLDEST_CHILD;
  const isBracketYoung =
    BARE_AGES.test(bracket) && [...bracket.matchAll(/\d+/g)].every(([n]) => Number(n) <= OLDEST_CHILD);
  if (PERHAPS_CHILDREN.test(plain) && (isYoung || isBracketYoung))
    return plain.replace(PERHAPS_CHILDREN, 'children');
  const saysAge = age ? years !== undefined : BARE_AGES.test(bracket);
  if (!saysAge && !GROWN_UP.test(plain)) {
    const children = plain.replace(OF_PARENTS, 'children');
    if (children !== plain) return children;
  }
  if (ANYBODY.test(plain) && isYoung && age![1] !== 'of') return plain.replace(ANYBODY, 'children');
  return plain;
}

/** "Aged three" is aged 3. */
const agesInDigits = (text: string): string =>
  text.replace(
    /\b(of|aged?|age)\s+([a-z]+)(?:\s+(and|to)\s+([a-z]+))?/g,
    (all, of: string, first: string, joint?: string, second?: string) => {
      const [low, high] = [numberOf(first), second === undefined ? undefined : numberOf(second)];
      if (low === undefined || (second !== undefined && high === undefined)) return all;
      return `${of} ${low}${second === undefined ? '' : ` ${joint!} ${high!}`}`;
    },
  );

/** "8 months" is an age of 0, "18 months" of 1. */
export const monthsToYears = (text: string): string =>
  text.replace(/(\d+)\s*months?/g, (_all, m: string) => String(Math.floor(Number(m) / 12)));

/** "Six-year-olds" are children of six, and who is six to nine years old is so many years of age. */
const yearOlds = (text: string): string =>
  text.replace(
    /(?<!\b(?:of|aged?|from|between)\s+(?:\w+\s*(?:to|-|–|and)\s*)?)\b(?:(\w+)\s*(to|-|–)\s*)?(\w+)[\s-]+year[\s-]+olds?\b(.*)/,
    (all: string, low: string | undefined, _to, high: string, after: string) => {
      const ages = [low, high].flatMap((word) => (word === undefined ? [] : [numberOf(word)]));
      return ages.includes(undefined) || ages.at(-1)! > OLDEST_CHILD
        ? all
        : `${after} children of ${ages.join(' to ')}`;
    },
  );
export const OLDEST_CHILD = 17;

/** "One is 3 (years old)" is a child; children "under 5" are judged as the smallest, and "over 6" as six. */
const ofAge = (text: string): string =>
  text
    .replace(
      /^\s*(?:are\s+)?under[\s-]+(?:the age of\s+)?([a-z]+?|\d+)s?(?=\s*$|\s+(?:with|who)\b)/,
      (all, age: string) =>
        (numberOf(age.replace(/^fiv$/, 'five')) ?? Infinity) <= OLDEST_CHILD ? ' children' : all,
    )
    .replace(
      /^\s*(?:of them\s+)?(?:who\s+)?(?:is|are)\s+(?:only\s+)?(\d{1,2}(?:\s*(?:and|,)\s*\d{1,2})*)\s*(?:years?(?:\s+olds?)?)?\s*$/,
      ' children of $1',
    )
    .replace(
      /\b(?:under|below|younger than|up to)\s+(?:the age of\s+)?\w+(?:\s+years?(?:\s+olds?)?)?\s*$/,
      (all) => (CHILD.test(text) ? '' : all),
    )
    .replace(
      /\b(?:over|above|older than|from)\s+(?:the age of\s+)?(\d{1,2})(?:\s+years?(?:\s+olds?)?)?(?:\s+(?:up|on|and older|or older))?\s*$/,
      (all, n: string) => (CHILD.test(text) ? `of ${n}` : all),
    );

/** The words of a part in which whoever is of a child's age is called a child, and ages are written in figures. */
export const withChildren = (text: string, bracket: string): string =>
  ofAge(saidChildren(agesInDigits(yearOlds(text)), bracket));
