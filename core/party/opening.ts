import { COUNT, COMING, type Total } from './total.js';
import { readPart } from './part.js';
import { ALL, numberOf, parts, REST, startsWithNumber } from './parts.js';
import { isPeople, saysWhich } from './named.js';
import type { Said, Vocabulary } from './vocabulary.js';

/** Before the colon, or the first comma, stands who they are, and perhaps what they come from or for. */
const INTRODUCED = new RegExp(`^\\s*${COMING}${COUNT}\\s+([^:;,()\\d\\n]{1,80})([:,;\\n])\\s*`, 'i');
const OCCASION = /\s(?:after|before|during)\s.*$/i;
/** Words of which somebody may be ill are never taken for an occasion. */
const OF_FOOD = /allerg|intoler|free\b|without|\b(?:no|not|never|cannot|can['’]?t)\b|avoid|diet|eat/i;

export type Opening = Total & { said: Said };

/**
 * A total whose guests are said more of: "16 neighbours after a garden day: 3 vegan", "12 halal guests, 2 of them
 * diabetic". What nobody understood of it is said of all of them. Undefined where it is no total, or a child's age.
 */
export function introduced(text: string, vocabulary: Vocabulary): Opening | undefined {
  const found = INTRODUCED.exec(text);
  const count = found ? numberOf(found[1]!) : undefined;
  if (!found || count === undefined || count < 1) return undefined;
  const [all, , words, end] = found as unknown as [string, string, string, string];
  const body = text.slice(all.length);
  if (!startsWithNumber(body) && !REST.test(body) && !ALL.test(body)) return undefined;
  const saidIn = (about: string): Said | undefined => {
    const read = readPart(text, count, about, vocabulary);
    return 'code' in read || read.child || read.strictness ? undefined : read.said;
  };
  const said = saidIn(words);
  if (!said) return undefined;
  const isPlain = said.needs.length + said.dislikes.length === 0;
  if (end === ':') {
    const of = OF_FOOD.test(words) ? said : saidIn(words.replace(OCCASION, ''));
    return isPlain && of ? { count, body, said: of } : undefined;
  }
  const each = words.toLowerCase().split(/\s+/);
  const isCalled = each.some((word) => isPeople(word, vocabulary));
  // whom nobody here knows by their name are asked of; those with a need after them are some of them all the same
  if ((!isPlain || !isCalled) && !areAmong(body, count, vocabulary)) return undefined;
  if (!isCalled && (!isPlain || said.unread.length === 0)) return undefined;
  const more = saidIn(
    each.filter((word) => !isPeople(word, vocabulary) && !saysWhich(word, vocabulary)).join(' '),
  );
  return more && { count, body, said: more };
}

/** Who is called anything stands for himself; "two diabetic" are two of those before. */
const CALLED =
  /\b(?:adults?|parents?|grand\w+|grown-?ups?|guests?|people|persons?|friends?|teachers?|wom[ae]n|m[ae]n|ladies|helpers?|carers?|staff|child(?:ren)?|kids?|toddlers?|bab(?:y|ies)|boys?|girls?|teens?|teenagers?|mothers?|fathers?|mums?|moms?|dads?|colleagues?|neighbou?rs?|others?|more)\b/i;

/** So many, and a need: nobody new comes in with it. */
export const isBare = (part: string): boolean => startsWithNumber(part) && !CALLED.test(part);

/** "12 halal guests, 2 diabetic, 1 coeliac": all that follows are some of the twelve, with more to keep. */
function areAmong(body: string, count: number, vocabulary: Vocabulary): boolean {
  let left = count;
  return parts(body).every((part) => {
    if (!isBare(part)) return false;
    const [first, ...about] = part.trim().split(/\s+/);
    const n = numberOf(first!)!;
    left -= n;
    const read = readPart(part, n, about.join(' '), vocabulary);
    return left >= 0 && !('code' in read) && read.said.needs.length > 0;
  });
}
