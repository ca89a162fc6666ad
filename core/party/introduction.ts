import { DOERS, PEOPLE, PERHAPS_ALL, setOf } from './callings.js';
import { isNeedOrFood, isSaidWay, saysNeed } from './named.js';
import { OCCASIONS, WHICH } from './occasions.js';
import { numberOf } from './parts.js';
import type { Vocabulary } from './vocabulary.js';

/** What a letter begins with before it says who comes: "Could you do a board for our book club on Thursday?" */

/** Words of which no guest leaves anything out. Whatever else is said may be a need, and is asked. */
const SAYS_NOTHING = setOf(
  `we i you he she they it me my our your his her their the a an this that these there here is are am be been being was
  will would could can may might shall should do does did have has had having get getting got make making made let’s lets
  like love want need needs looking look hoping hope wondering wonder thinking think planning plan organising organizing
  arranging hosting throwing holding booking book order ordering enquiring asking ask quote quoting please kindly possible
  possibly maybe perhaps for of on in at to with from by and or about around after before during over so just also really
  very nice lovely special simple little small big large serving grazing sharing something some one day days week next coming
  upcoming january february march april may june july august september october november december first second third new old
  teacher teachers volunteer appreciation surprise annual usual quick question regarding re as well too soon again here’s
  it’s we’re i’m we’d i’d we’ll i’ll that’s hi hello hey dear good morning thank thanks team all kids children`,
);
/** What is asked for; an introduction says this, or what it is for. */
const ASKED_FOR = setOf(
  'board boards platter platters table tables spread catering food nibbles picnic buffet order quote sleepover',
);
/** Whose it is: with an apostrophe they are nobody who is counted. */
const OWNERS = setOf(
  `mum mom dad parents gran granny grandma grandmother grandad grandfather grandpa nan wife husband partner son daughter
  sister brother aunt uncle friend friends baby kid kids child children girl girls boy boys family boss colleague neighbour`,
);
const ORDINAL = /^\d{1,3}(?:st|nd|rd|th)$/;
const SENTENCE = /^([^.!?\n:;]{3,160}?)\s*(?:[.!?]+\s+|[:;\n]\s*|,\s*(?=\d))(?=\S)/;

const isSafe = (said: string, vocabulary: Vocabulary): boolean => {
  const word = said.replace(/'/g, '’');
  const owner = word.replace(/’s$|(?<=s)’$/, '');
  if (owner !== word)
    return (
      [OWNERS, OCCASIONS, PEOPLE, DOERS, PERHAPS_ALL].some((set) => set.has(owner)) || SAYS_NOTHING.has(word)
    );
  if (SAYS_NOTHING.has(word) || ASKED_FOR.has(word) || ORDINAL.test(word)) return true;
  return (OCCASIONS.has(word) || WHICH.has(word)) && !isNeedOrFood(word, vocabulary);
};

/** What may be of a way of eating as a whole, beside an occasion: "the office is vegan". */
const CIRCLES = setOf(
  'household family office team group crowd club society company school congregation choir house home food menu everything theme kitchen',
);
const MANNERS = setOf(
  'strictly only all fully completely totally purely please throughout entirely everything',
);
/** Who is counted next, so that what was said before is of all of them. */
const THEN_COUNTED =
  /^(?:(?:we(?:['’]re|\s+are)|there\s+(?:are|will\s+be)|for)\s+)?(?:about\s+|around\s+)?(?:\d{1,4}|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\s+(?:guests|people|persons|pax|of\s+us|adults|girls|boys|women|men|ladies|members|colleagues|friends)\b/i;
const isOccasion = (word: string): boolean => OCCASIONS.has(word) || ASKED_FOR.has(word);

/** The way of eating that a piece of a sentence says of all: "a vegan birthday", "strictly halal", "the office is vegan". */
function wayIn(words: readonly string[], vocabulary: Vocabulary): string | undefined {
  for (let n = 3; n >= 1; n--)
    for (let i = 0; i + n <= words.length; i++) {
      const way = words.slice(i, i + n).join(' ');
      if (!isSaidWay(way, vocabulary)) continue;
      const [before, after] = [words.slice(0, i), words.slice(i + n)];
      const isPlain = [...before, ...after].every(
        (word) => isSafe(word, vocabulary) || CIRCLES.has(word) || MANNERS.has(word),
      );
      const isOfAll =
        isOccasion(after[0] ?? '') ||
        [...before, ...after].every((word) => MANNERS.has(word)) ||
        /\b(?:make|keep)\s+(?:it|everything)$/.test(before.join(' ')) ||
        (/^(?:is|are)$/.test(before.at(-1) ?? '') && CIRCLES.has(before.at(-2) ?? '') && after.length === 0);
      return isPlain && isOfAll ? way : undefined;
    }
  return undefined;
}

interface Introduction {
  length: number;
  /** How all of them eat, who are counted behind it. */
  ways: string[];
}

/** Sentences in front that count nobody, as long as somebody is counted behind them, and the ways of eating in them. */
function introductionOf(text: string, vocabulary: Vocabulary): Introduction {
  const none = { length: 0, ways: [] };
  const found = SENTENCE.exec(text);
  if (!found) return none;
  const [whole, sentence] = found as unknown as [string, string];
  const after = text.slice(whole.length);
  const more = introductionOf(after, vocabulary);
  const ways: string[] = [];
  let isAbout = false;
  for (const piece of sentence.toLowerCase().split(',')) {
    const words = piece.match(/[\p{L}\d][\p{L}\d'’-]*/gu) ?? [];
    // "one of us", "a couple": somebody is counted
    if (words.some((word) => numberOf(word) !== undefined && !/^an?$/.test(word))) return none;
    isAbout ||= words.some(isOccasion);
    const way = wayIn(words, vocabulary);
    if (way !== undefined) ways.push(way);
    else if (saysNeed(piece, vocabulary) || !words.every((word) => isSafe(word, vocabulary))) return none;
  }
  const isCounted =
    ways.length > 0 ? THEN_COUNTED.test(after.slice(more.length)) : isAbout && COUNTS.test(after);
  return isCounted ? { length: whole.length + more.length, ways: [...ways, ...more.ways] } : none;
}
const COUNTS =
  /\d|\b(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|[a-z]+teen|twenty|thirty|forty|fifty|dozen)\b/i;

export function withoutIntroduction(text: string, vocabulary: Vocabulary): string {
  const { length, ways } = introductionOf(text, vocabulary);
  const line = text.slice(length);
  return ways.length === 0 ? line : `${line.replace(/[\s.,;!]+$/, '')}, all ${ways.join(' & ')}`;
}
