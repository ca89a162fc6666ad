import { FOOD_PICTURES } from '../measure/index.js';
import type { Said as Message } from '../words/index.js';
import { BABY, CHILD, monthsToYears, OLDEST_CHILD, withChildren } from './children.js';
import type { Strictness } from './group.js';
import { agesIn } from './parts.js';
import { readPhrases } from './phrases.js';
import type { Said, Vocabulary } from './vocabulary.js';

export interface LineProblem {
  code: 'no-number' | 'too-many' | 'too-long' | 'bad-age' | 'empty';
  said: Message;
  part: string;
}

/** How strictly everything of a part is kept, as people say it; what is allergic is said with its food. */
const SAID_STRICT: readonly (readonly [RegExp, Strictness])[] = [
  [/\b(by preference|preference|prefers?(?! no)|mostly|rather|if possible|flexible)\b/, 'preference'],
  [/\b(strictly(?! no)|strict(?! about| on| with)|always)\b/, 'strict'],
];

/** What a part says of so many guests. */
export interface Draft {
  count: number;
  child: boolean;
  ages: number[];
  said: Said;
  strictness: Strictness | undefined;
}

export const NOTHING_SAID: Said = { needs: [], dislikes: [], phrases: [], unread: [] };

/** A bracket that tells more than numbers, in whatever alphabet. */
const SAYS = new RegExp(`[\\p{L}${FOOD_PICTURES}]`, 'u');

const AGES_ONLY =
  /^(?:\d+(?:[.,]\d+)?|[-–+/\s]|\b(?:aged?|ages|to|and|or|years?|yrs?|months?|mths?|weeks?|old|olds|y\.?o\.?|is|are|of|them|the|others?|rest|children|child|kids?|one|two|three|four|five|six|seven|eight|nine|ten|under|over|between|from|about|around|all|each|both|mostly|a|half)\b)*$/i;
const AN_AGE = /\d|\b(?:one|two|three|four|five)\b/i;
export const isAge = (said: string): boolean => AGES_ONLY.test(said) && AN_AGE.test(said);

/** One part of a line, without its number. */
export function readPart(
  part: string,
  count: number,
  about: string,
  vocabulary: Vocabulary,
): Draft | LineProblem {
  // the last of them may never be closed
  const [bracket = '', ...more] = [...about.matchAll(/\(([^()]*)\)?/g)].map(([, inside]) => inside!);
  // what tells no age in a bracket tells something else: "(3 and 5, both vegetarian)"
  const told = bracket.split(/\s*[,;]\s*/);
  const ages = told.filter(isAge).join(', ');
  let rest = withChildren(about.replace(/\([^()]*\)?/g, ' ').toLowerCase(), ages).trim();
  for (const inside of more) if (SAYS.test(inside)) rest = `${rest}, ${inside.toLowerCase()}`;
  const child = CHILD.test(rest);
  const strictness = SAID_STRICT.find(([words]) => words.test(rest))?.[1];
  rest = monthsToYears(rest);
  let childAges = child ? monthsToYears(ages) : '';
  for (const said of told)
    if (!(child && isAge(said)) && SAYS.test(said)) rest = `${rest}, ${said.toLowerCase()}`;
  const inline =
    /(?:\b(?:of|aged?|from|between)|(?<=\b(?:child|children|kids?|toddlers?|bab(?:y|ies)|infants?)))\s+(\d+\s*(?:to|-|–)\s*\d+|\d[\d ,and]*)\s*(?:years?(?:\s+olds?)?)?\s*(?=$|\b(?:with|who|is|are|has|have|can|do|does)\b)/.exec(
      rest,
    );
  if (child && inline) {
    childAges = /\bbetween\b/.test(inline[0]) ? inline[1]!.replace(/\band\b/, 'to') : inline[1]!;
    rest = `${rest.slice(0, inline.index)} ${rest.slice(inline.index + inline[0].length)}`;
  }
  // how old at most is no age: they are judged by the strictest band
  if (child)
    rest = rest.replace(
      /\s(?:under|below|up to)(?: the age of)? \d{1,2}(?: years?(?: olds?)?)?(?=\s|$|,)/g,
      '',
    );
  let years: number[] = [];
  if (child && childAges.trim()) {
    const read = agesIn(childAges.toLowerCase(), count);
    if (!read || read.some((a) => a < 0 || a > OLDEST_CHILD))
      return {
        code: 'bad-age',
        part,
        said: { say: 'line.ages', with: { part } },
      };
    years = read;
  }
  if (BABY.test(rest) && years.length === 0) years = Array<number>(count).fill(0);
  const said = readPhrases(rest, vocabulary);
  return { count, child, ages: years, said, strictness };
}
