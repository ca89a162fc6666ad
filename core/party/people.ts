import { PERHAPS_ALL, setOf } from './callings.js';
import { OCCASIONS, PLACES, WHICH } from './occasions.js';
import {
  HOUSEHOLDS,
  couplesCounted,
  groupsCounted,
  kinCounted,
  kinTogether,
  toBeCounted,
  yearOldsCounted,
} from './kin.js';
import { isNeedOrFood, isPeople, isSaidWay, isWay, namesCounted, personsCounted } from './named.js';
import { numberOf } from './parts.js';
import type { Vocabulary } from './vocabulary.js';
import { LOVERS, MOST_LOVED } from './sayings.js';
import { spelledOut } from './shorthand.js';
import { dietsOfWhom, singled, whoseBehind } from './singled.js';
import { gathered, totalFirst } from './total.js';
import { withoutAside } from './aside.js';
import { formRead } from './forms.js';
import { withoutIntroduction } from './introduction.js';
import { FILLER, letterRead } from './letter.js';
import { onlySome } from './unsaid.js';
import { withoutWhen } from './when.js';

/**
 * How a line says who comes and what for, turned into the few forms that the reader knows: "40 golfers after a
 * tournament, 4 vegan" becomes "40 guests, 4 vegan", "me and my parents" becomes "1 guest and 2 adults". Only words of these
 * lists are taken for people or for an occasion: whatever else is said may be a need, and is asked.
 */

const BEFORE_OCCASION = setOf('for at after before during on in from');
const ARTICLES = setOf('a an the our my their her his your this some');

const PURPOSE = new RegExp(
  `\\s+(?:(?:round|over|in|up)\\s+)?(?:for|at|after|before|during)\\s+(?:(?:${[...ARTICLES].join('|')})\\s+)*(?:(?:${[...OCCASIONS].join('|')})(?:['’]s)?(?=[\\s,;:.()]|$)\\s*)+(?=$|[,;:.()]|(?:with|who|and|plus|of)\\b)`,
  'gi',
);
/** To break the fast is no fasting; where nobody is said to eat halal it is asked, for so they may mean it. */
const FASTING = /\s+(?:(?:to|for) (?:break|breaking) (?:the|their|our) fast|(?:for|at) (?:an? |the )?(?:iftar|ramadan|eid))\b/gi; // prettier-ignore

const unfasting = (line: string): string =>
  /\bhalal\b|\bmuslims?\b/i.test(line) ? line.replace(FASTING, '') : line;

/** A feast of a faith says nothing more where the line says how they eat; else it is asked, for so they may mean it. */
const FEASTS: readonly (readonly [feasts: string, said: RegExp])[] = [
  ['eid|nikah|mehndi', /\b(?:halal|muslims?)\b/i],
  ['ba[rt] mitzvah|hanukkah|passover|seder', /\b(?:kosher|jewish)\b/i],
  ['lent(?:en)?', /\b(?:no meat|meatless)\b/i],
  ['diwali|holi|sangeet', /\b(?:vegetarians?|veggies?|vegans?|hindus?|jains?|no beef)\b/i],
];
const FEAST = `(${FEASTS.map(([feasts]) => feasts).join('|')})\\b(?:\\s+[a-z]+){0,2}?`;
/** "Eid supper for 8", "12 guests, Diwali, …": what is still to be asked is said of all of them. */
const FEAST_FOR = new RegExp(
  `^\\s*(?:(?:an?|our|the)\\s+)?${FEAST}(?:\\s+for\\s+|\\s*[,:;–-]\\s*)(\\d+|[a-z]+)(?:\\s+(?:guests|people))?(?=\\s*(?:$|[,;:.(\\n]))`,
  'i',
);
const FEAST_BETWEEN = new RegExp(`^(\\s*\\S+\\s+(?:guests|people))\\s*,\\s*${FEAST}(?=\\s*[,;:])`, 'i');
const feastsSaid = (line: string): string =>
  FEASTS.reduce(
    (text, [feasts, said]) =>
      said.test(text) ? text.replace(new RegExp(`\\b(?:${feasts})\\b`, 'gi'), 'feast') : text,
    line.replace(/\b(?:good friday|ash wednesday)\b/gi, 'Lent'),
  )
    .replace(FEAST_FOR, (all: string, feast: string, n: string) =>
      numberOf(n) === undefined ? all : `${n} guests ${feast}`,
    )
    .replace(FEAST_BETWEEN, '$1 $2');

/** "14 for cheese and wine": what they come for, not what anybody leaves out. */
const CHEESE_AND_WINE =
  /((?:^|\bfor\s+)(?:(?:an?|some|the|our)\s+)?)(?:cheese (?:and|&) wine|wine (?:and|&) cheese)(?=\s*(?:$|[,;:.()\n]|(?:party|evening|night|tasting|do|with|who)\b))/gi;

/** "6 vegans for a working lunch" are six vegans. */
const withoutPurpose = (line: string): string =>
  line.replace(PURPOSE, (said) => (/\s$/.test(said) ? ' ' : ''));

/** The first place from `i` on that is no occasion with its preposition. */
function afterOccasion(words: readonly string[], from: number): number {
  let i = from;
  while (BEFORE_OCCASION.has(words[i] ?? '')) {
    let end = i + 1;
    while (ARTICLES.has(words[end] ?? '')) end++;
    const first = end;
    while (OCCASIONS.has((words[end] ?? '').replace(/['’]s$/, ''))) end++;
    if (end === first) return i;
    i = end;
  }
  // "tonight"
  while (i > from && OCCASIONS.has(words[i] ?? '')) i++;
  return i;
}

const HEAD = /^(\s*(?:(?:we are|we['’]re|there are|there will be|for)\s+)?)(\S+)((?:\s+[a-z'’-]+)*)/i;
const ENDS = /^(?:with|who|and|plus|including|incl|of|whom|which|is|are|has|have)$/i;

/** "12 for dinner", "40 golfers", "8 women for a baby shower" are so many guests, of whom the rest of the line tells. */
function guestsFor(line: string, vocabulary: Vocabulary): string {
  const found = HEAD.exec(line);
  const count = found ? numberOf(found[2]!) : undefined;
  if (!found || count === undefined || /^an?$/i.test(found[2]!)) return line;
  const said = found[3]!.trim().split(/\s+/).filter(Boolean);
  const end = said.findIndex((word) => ENDS.test(word));
  const words = (end < 0 ? said : said.slice(0, end)).map((word) => word.toLowerCase());
  let who = 0;
  while (WHICH.has(words[who] ?? '') && who < words.length - 1) who++;
  const lovers = words.slice(who, who + MOST_LOVED + 1).findIndex((word) => LOVERS.test(word));
  // "wine lovers" are people, whatever they love; "non-meat lovers" are asked
  const plain = (word: string): boolean =>
    /^[a-z]+$/.test(word) && !/^no[nt]?$|allerg|free/.test(word) && !isWay(word, vocabulary);
  const love = lovers > 0 && words.slice(who, who + lovers).every(plain);
  const named = words[who] ?? '';
  const people = love || isPeople(named, vocabulary);
  if (love) who += lovers + 1;
  else if (people || PERHAPS_ALL.has(named)) who += 1;
  else who = 0;
  const all = afterOccasion(words, who);
  if (all < words.length || (!people && all === who)) return line;
  const rest = [...(end < 0 ? [] : said.slice(end))].join(' ');
  return `${found[1]}${count} guests${rest && ` ${rest}`}${line.slice(found[0].length)}`;
}

/** "A wedding, 80 guests: …", "dinner for 8": what it is, before how many come. */
const BEGINS_WITH =
  /^\s*((?:[a-z'’]+\s+){0,6}?[a-z'’]+)\s*(?:[,;:–-]|\bfor\b|\bof\b|\bwith\b|\s(?=\d))\s*(?=(\d+|an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|[a-z]+teen)\b)/i;

/** "Kids' party: 15 kids". */
const CHILDRENS = /^\s*(?:an?\s+)?(?:kids?|child(?:ren)?)['’]?s?['’]?\s+(?=(?:birthday|party)\b)/i;

/** "Girls' night in". */
const NIGHT_OF =
  /^\s*(?:an?\s+|our\s+)?(?:girls|boys|ladies|lads|mums|moms|dads)['’]?\s+(night|day|evening|afternoon|lunch|brunch|weekend)(?:\s+(?:in|out|away))?(?=\s*[,;:–-])/i;

/** "Teachers' leaving party", "Mother's Day": whose it is says nothing of what anybody eats, unless it says how they eat. */
const isWhose = (word: string, vocabulary: Vocabulary): boolean =>
  /^[a-z]+(?:['’]s|s['’])$/.test(word) && !isNeedOrFood(word.replace(/['’]s?$/, ''), vocabulary);

function withoutOccasion(said: string, vocabulary: Vocabulary): string {
  const line = said.replace(CHILDRENS, '').replace(NIGHT_OF, '$1');
  const found = BEGINS_WITH.exec(line);
  const words = found?.[1]!.toLowerCase().split(/\s+/) ?? [];
  const isOccasion =
    words.some((word) => OCCASIONS.has(word)) &&
    words.every(
      (word) =>
        OCCASIONS.has(word) || ARTICLES.has(word) || BEFORE_OCCASION.has(word) || isWhose(word, vocabulary),
    );
  if (!found || !isOccasion || numberOf(found[2]!.replace(/\W+$/, '')) === undefined) return line;
  // "a party of 6 vegans" are six vegans
  return line.slice(found[0].length);
}

/** "35 people, afternoon garden party, 2 vegans": what it is, between who comes. */
const withoutOccasionBetween = (line: string, vocabulary: Vocabulary): string =>
  line.replace(/([,;\n])\s*([a-z'’ ]+?)\s*(?=[,;\n]|$)/gi, (all: string, _comma: string, part: string) => {
    const words = part.toLowerCase().split(/\s+/);
    const known = (word: string) =>
      ARTICLES.has(word) ||
      BEFORE_OCCASION.has(word) ||
      // "no fish, wine" leaves out both
      (OCCASIONS.has(word) && !isNeedOrFood(word, vocabulary));
    return words.some((word) => OCCASIONS.has(word)) && words.every(known) ? '' : all;
  });

/** "My 60th birthday, 30 guests", "20 for a 50th birthday", "birthday of a 70 year old": those are years. */
const WHOSE = "(?:(?:my|our|his|her|their|the|an?|[\\p{L}]+['’]s)\\s+)*";
const KEPT_DAY = '(?:birthday|anniversary|jubilee)(?:\\s+(?:party|dinner|lunch|tea|breakfast))?';
const YEARS: readonly (readonly [RegExp, string])[] = [
  // "my daughter turns 5"
  [
    /^\s*(?:my|our)\s+[a-z]+(?:\s+[A-Z][a-z]+)?\s+(?:turns|is\s+turning|will\s+be(?:\s+turning)?)\s+\d{1,3}\s*(?:[.,;!–-]\s*(?:and\s+)?|\s+and\s+)/i,
    '',
  ],
  [
    new RegExp(
      `^\\s*${WHOSE}\\d{1,3}(?:st|nd|rd|th|[\\s-]years?)?\\s+(?:\\p{L}+\\s+)?${KEPT_DAY}\\s*(?:[,;:–-]|\\bfor\\b|\\bwith\\b|\\s(?=\\d))\\s*(?=\\d|\\p{L})`,
      'iu',
    ),
    '',
  ],
  [
    new RegExp(`\\s+(?:for|at|on)\\s+${WHOSE}\\d{1,3}(?:st|nd|rd|th)\\s+(?:\\p{L}+\\s+)?${KEPT_DAY}`, 'giu'),
    '',
  ],
  // "for Nan's 80th"
  [
    /\s+(?:for|at|on)\s+(?:(?:my|our|his|her|their)\s+)?(?:[\p{L}]+['’]s|my|our|his|her|their)\s+\d{1,3}(?:st|nd|rd|th)(?=\s*(?:$|[,;:.(\n–-]))/giu,
    '',
  ],
  [
    /^\s*(?:birthday|party)\s+(?:of|for)\s+(?:an?|my|our)\s+\d{1,3}[\s-]years?[\s-]olds?(?:\s+\p{L}+)?\s*[,:;]\s*/iu,
    '',
  ],
];
const withoutYears = (line: string): string =>
  YEARS.reduce((text, [said, none]) => text.replace(said, none), line);

const TENS: Readonly<Record<string, number>> = { twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, seventy: 70, eighty: 80, ninety: 90 }; // prettier-ignore
const TENS_WORDS = Object.keys(TENS).join('|');
const UNITS = 'one|two|three|four|five|six|seven|eight|nine';

/** "Twenty-five", "a dozen", "a hundred" in figures. */
const inFigures = (line: string): string =>
  line
    .replace(new RegExp(`\\b(${TENS_WORDS})[\\s-](${UNITS})\\b`, 'gi'), (_all, ten: string, one: string) =>
      String(TENS[ten.toLowerCase()]! + numberOf(one)!),
    )
    .replace(new RegExp(`\\b(${TENS_WORDS})\\b`, 'gi'), (ten) => String(TENS[ten.toLowerCase()]))
    .replace(/\bhalf a dozen\b/gi, '6')
    .replace(/\b(an?|one|two|three|four|five|\d+)\s+dozen\b/gi, (_all, n: string) =>
      String(12 * numberOf(n)!),
    )
    .replace(/\b(?:an?|one)\s+hundred\b/gi, '100');

const SOME_GUESTS = 'guests|people|persons|adults|colleagues|friends|pax|heads|of us';
const NUMBERS: readonly (readonly [RegExp, string])[] = [
  [
    /(\b(?:for|of|with|be|are|expect(?:ing)?)\s+)(?:about|around|roughly|approximately|approx\.?|circa|some|maybe|perhaps|probably)\s+(?=\d)/gi,
    '$1',
  ],
  [
    /(^|[,;.:(\n]\s*)(?:about|around|roughly|approximately|approx\.?|circa|ca\.?|up to|some|maybe|perhaps|say|probably|~)\s*(?<=[\s~])(?=(?:\d|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)(?![a-z]))/gi,
    '$1',
  ],
  [new RegExp(`\\bbetween\\s+\\d+\\s+and\\s+(\\d+)(?=\\s+(?:${SOME_GUESTS})\\b|\\s*[,;:])`, 'i'), '$1'],
  [/((?:^|[,;.:(\n])\s*\d+)\s*(?:\+|-?ish)(?=[\s,;:])/gi, '$1'],
  [new RegExp(`\\b\\d+\\s*(?:-|–|to|or)\\s*(\\d+)(?=\\s+(?:${SOME_GUESTS})\\b)`, 'i'), '$1'],
];

/** "About 40", "40 to 50 people": as many as may come. */
const atMost = (line: string): string => NUMBERS.reduce((text, [said, n]) => text.replace(said, n), line);

/** "No pork for 3" is three without pork; "6 vegetarian of whom 2 are vegan" says more of two of the six. */
const numbersFirst = (line: string): string =>
  line
    // "12 guests, all halal: 3 coeliac" are some of them
    .replace(/(,\s*all\s[^,;:.()\n]{1,60}?)\s*:\s*(?=\S)/gi, '$1, ')
    // "10 guests incl, 2 vegan"
    .replace(/\s+(?:including|incl?)\.?\s*(?=,\s*\d)/gi, '')
    .replace(
      /(^|[,;\n]\s*)((?:no|not|nothing|without)\s[^,;\n()\d]*?)\s+for\s+(\d+|[a-z]+)((?:\s+(?:adults?|child|guests?))?)(?=\s*(?:[,;\n]|$))/gi,
      (all: string, before: string, about: string, n: string, who: string) =>
        numberOf(n) === undefined ? all : `${before}${n}${who} ${about}`,
    )
    .replace(
      /(?<=[a-z])(?<!\b(?:including|incl|with|and|plus|of|for|at|least|only|are|is|has|have|but))\s+(\d+|[a-z]+)\s+(?=of (?:them|whom|which|these|those)\b)/gi,
      (all: string, n: string) => (numberOf(n) === undefined ? all : `, ${n} `),
    )
    .replace(
      /(^|[,;:\n]\s*)(\d+|[a-z]+)\s+([^,;:\n()\d]*?)\s+among(?:st)?\s+(them|these|those|the [a-z]+)(?=\s*(?:[,;\n]|$))/gi,
      (all: string, before: string, n: string, about: string, whom: string) =>
        numberOf(n) === undefined ? all : `${before}${n} of ${/^the\s/i.test(whom) ? whom : 'all'} ${about}`,
    )
    .replace(
      /(?<!:)\s+(?:of (?:which|whom)|including|incl\.?)\s+(\d+|[a-z]+)\s+(?!of\b)/gi,
      (all: string, n: string) => (numberOf(n) === undefined ? all : `, ${n} of them `),
    );

/** "30 kids, 5 teachers": who comes beside them is grown. */
const grownCounted = (line: string, vocabulary: Vocabulary): string =>
  line.replace(
    /([,;:\n]\s*(?:and\s+)?|\s(?:and|plus|[&+])\s+)(\d+|[a-z]+)\s+([a-z]+)(?:\s+of\s+staff)?(?=\s*(?:$|[,;)\n])|\s+(?:with|who|and|plus)\b)/gi,
    (all: string, before: string, n: string, who: string) =>
      numberOf(n) !== undefined &&
      !/^(?:guests|people|persons|pax|heads)$/i.test(who) &&
      isPeople(who.toLowerCase(), vocabulary)
        ? `${before}${n} adults`
        : all,
  );

/** "At a halal wedding", "for our vegan party": all of them eat so. */
const PLACE_OF_A_WAY = new RegExp(
  `^([^,;:.()\\n]*?)\\s+(?:at|for)\\s+(?:${[...ARTICLES].join('|')})\\s+([a-z-]+)\\s+(?:${PLACES})(?=\\s*(?:$|[,;:.(\\n]))`,
  'i',
);
/** "12 guests, a vegan lunch": one lunch, and not one vegan. */
const ONE_MEAL =
  /(?<=[,;:.(\n]\s*)(?:an?|the|our|one)\s+(?=(?:(?!(?:with|who|whose|has|have|is|from|and|or|at|on|for|in|to|of)\b)[a-z\d’'-]+\s+){1,4}(?:lunch|luncheon|dinner|supper|brunch|breakfast|tea|party|buffet|picnic|board|spread|menu|barbecue|bbq|reception|celebration|meal|table|platter)\s*(?:$|[,;:.()\n]|(?:at|on|for|in|please)\b))/gi;

/** "Halal dinner for 20, 3 coeliac": all of them eat so, and the three are some of them. */
const MEAL_OF_A_WAY = new RegExp(
  `^\\s*(?:(?:${FILLER}|${[...ARTICLES].join('|')})\\s+){0,8}([a-z]+(?:[\\s-][a-z]+){0,2}?)\\s+(?:(?:${[...OCCASIONS].join('|')})\\s+){1,2}for\\s+(\\d{1,4}|[a-z]+)(?:\\s+(?:guests|people))?(?:\\s*[:?!]|(?=\\s*[,;.(\\n]))`,
  'i',
);
/** "A vegan household, 12 people". */
const CIRCLE_OF_A_WAY = new RegExp(
  `^\\s*(?:we(?:['’]re|\\s+are)\\s+)?(?:(?:an?|our|the|my)\\s+)?([a-z]+(?:[\\s-][a-z]+){0,2}?)\\s+(?:(?:household|family|office|team|group|crowd|society|company|school|congregation|choir|${[...OCCASIONS].join('|')})(?=[\\s.,:;!(–-])\\s*){1,3}[.,:;!(–-]*\\s*(\\d{1,4}|[a-z]+)\\s+(people|guests|of us|adults|pax|persons|members)\\b\\)?`,
  'i',
);
const mealOfAWay = (line: string, vocabulary: Vocabulary): string =>
  [MEAL_OF_A_WAY, CIRCLE_OF_A_WAY].reduce(
    (rest, of) =>
      rest.replace(of, (all: string, way: string, n: string, who: unknown) =>
        isSaidWay(way, vocabulary) && numberOf(n) !== undefined
          ? `${n} ${who === 'adults' ? who : 'guests'}, all ${way},`
          : all,
      ),
    line,
  );

const ofAWay = (line: string, vocabulary: Vocabulary): string =>
  mealOfAWay(line.replace(ONE_MEAL, ''), vocabulary).replace(
    PLACE_OF_A_WAY,
    (all: string, before: string, way: string) =>
      isSaidWay(way, vocabulary) ? `${before}, all ${way}` : all,
  );

/** In this order: a letter is read before its days, those before who comes, and sentences part before they are counted. */
const STEPS: readonly ((line: string, vocabulary: Vocabulary) => string)[] = [
  namesCounted,
  formRead,
  letterRead,
  withoutWhen,
  withoutIntroduction,
  ofAWay,
  withoutAside,
  totalFirst,
  feastsSaid,
  withoutYears,
  // "for (Friday)"
  (line) => line.replace(/[,;]\s*(?:for|on|at|in|from|by)(?=\s*(?:[,;.]|$))/gi, ''),
  (line) => line.replace(CHEESE_AND_WINE, '$1tasting'),
  yearOldsCounted,
  toBeCounted,
  kinTogether,
  personsCounted,
  whoseBehind,
  inFigures,
  spelledOut,
  groupsCounted,
  couplesCounted,
  singled,
  unfasting,
  atMost,
  onlySome,
  kinCounted,
  (line) => line.replace(HOUSEHOLDS, ''),
  gathered,
  withoutOccasion,
  guestsFor,
  withoutOccasionBetween,
  withoutPurpose,
  grownCounted,
  numbersFirst,
  dietsOfWhom,
];

/** The line with its guests counted, and without what they come for. */
export const guestsCounted = (text: string, vocabulary: Vocabulary): string =>
  STEPS.reduce((line, step) => step(line, vocabulary), text);
