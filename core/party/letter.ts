import { MANNERS } from './aside.js';
import { saysNeed } from './named.js';
import { OCCASIONS } from './occasions.js';
import { numberOf } from './parts.js';
import type { Vocabulary } from './vocabulary.js';

/** What a client's letter says around the party: greetings, thanks, what is asked for. */

const GREETING =
  /^\s*(?:hi|hello|hiya|hey|dear|good (?:morning|afternoon|evening))(?:\s+(?:there|all|team|both|everyone|guys|folks))?(?:\s+(?!(?:we|i|could|can|need|looking|please)\b)([a-z]+))?\s*[,.!:\n–-]+\s*/i;
const THANKS =
  /(?:^|(?<=[.,;!?\n]))\s*(?:(?:many |with )?thanks(?: so much| a lot| in advance| again)?|thank you(?: so much| very much| in advance)?|cheers|(?:kind |best |warm )(?:regards|wishes)|please|ta|hope that['’]?s ok(?:ay)?|let me know(?: what you think)?)\s*(?:[.,!;]|$)/gi;

/** "My husband and I would like a board for 20": they say who asks, and not who comes. */
const WE_TWO =
  /((?:^|[.!?\n])\s*)(?:(?:me|I)\s+and\s+my\s+[a-z-]+|my\s+[a-z-]+\s+and\s+(?:I|me|myself))\s+(?=(?:would|want|need|will\s+be\s+having|are\s+(?:having|planning|hosting|looking|throwing|celebrating|getting|organi[sz]ing|expecting)|have\s+(?:booked|invited|planned))\b)/gi;

const SIGNED =
  /(?<=[.!?,;\s])(?:[Mm]any\s+thanks|[Tt]hanks(?:\s+so\s+much|\s+a\s+lot|\s+again|\s+in\s+advance)?|[Tt]hank\s+you|[Cc]heers|[Bb]est(?:\s+[Ww]ishes)?|(?:[Kk]ind\s+|[Ww]arm\s+)?[Rr]egards)\s*[,!.–-]?\s+\p{Lu}\p{Ll}+(?:\s+\p{Lu}\p{Ll}+)?\s*x*\s*$/u;

/** What somebody says who asks for a board, before they say which. */
export const FILLER =
  "(?:we['’]?(?:d|re|ll)?|i['’]?(?:d|m|ll)?|would|will|love|like|want|need|needs|looking|after|for|could|can|you|do|make|prepare|quote|us|me|please|order|book|organi[sz]e|arrange|get|have|having|planning|plan|to|be|are|is|am|it|this|there|something|a|an|the|some|one|two|three|\\d|cheese|grazing|sharing|charcuterie|nice|big|small|large|lovely|hoping)";
const SERVED =
  '(?:boards?|platters?|(?:grazing )?tables?|spreads?|box(?:es)?|catering|food|nibbles|something|canap[eé]s)';
const ABOUT =
  '(?:(?:about|around|roughly|approx(?:imately)?\\.?|circa|up to|some|maybe|a party of|a group of|the|our)\\s+)*';
/** "We'd love a board for 18": so many guests. A vegan board is none of these: what it is stays. */
const ASKED = new RegExp(
  `(^|[.,;!?\\n]\\s*)(?:${FILLER}\\s+){0,12}${SERVED}\\s+for\\s+${ABOUT}(\\d{1,4}|[a-z]+)(?:\\s+(?:people|guests|persons|pax|of us|heads))?(?![a-z])`,
  'i',
);
/** "A vegan board for 10": all of them are. */
const ALL_ARE = new RegExp(
  `(^|[.!?\\n]\\s*)(?:${FILLER}\\s+){0,8}((?!${FILLER}\\s)[a-z]+(?:[\\s-](?!${SERVED}\\s)[a-z]+)?)\\s+(?:(?:cheese|grazing|sharing)\\s+)?${SERVED}\\s+for\\s+${ABOUT}(\\d{1,4}|[a-z]+)(?:\\s+(?:people|guests|persons|pax|of us|heads))?(?![a-z])`,
  'i',
);
/** "Need two boards for an office lunch, 25 people": who comes is said after it. */
const WANTED = new RegExp(
  `^\\s*(?:${FILLER}\\s+){1,12}${SERVED}(?:\\s+(?:for\\s+)?${MANNERS})?(?:\\s*[,.:\\n]\\s*|\\s+[–-]\\s+)(?=\\S)`,
  'i',
);
/** "We're having a leaving do for 26": whatever it is called, and a vegan one is vegan for all. */
const HOSTED = new RegExp(
  `(^|[.!?\\n]\\s*)(?:${FILLER}\\s+){0,6}(?:having|hosting|throwing|planning|organi[sz]ing|holding|doing|catering)\\s+(?:an?|the|our|my)\\s+((?:[a-z'’-]+\\s+){0,4}?)for\\s+${ABOUT}(\\d{1,4}|[a-z]+)(?:\\s+(?:people|guests|persons|pax|of us|heads))?(?![a-z])`,
  'i',
);
const SAYS_WHO =
  /^\s+(?!(?:and|on|at|in|with|for|this|next|who|where|to|from|by|please|tomorrow|today|tonight|of)\b)[a-z]/i;
const isCount = (word: string): boolean => !/^(?:an?|one)$/i.test(word) && numberOf(word) !== undefined;
const asked = (text: string, vocabulary: Vocabulary): string =>
  text
    .replace(WANTED, '')
    .replace(HOSTED, (all: string, before: string, called: string, n: string) => {
      if (!isCount(n)) return all;
      const saysHow =
        /\b(?:free|no|not|without|only)\b|allerg/i.test(called) ||
        called.split(/\s+/).some((word) => word !== '' && isNeed(word, vocabulary));
      const how = called.split(/\s+/).filter((word) => !OCCASIONS.has(word.toLowerCase()));
      return `${before}${n} guests${saysHow ? `: all ${how.join(' ').trim()}` : ''},`;
    })
    .replace(ASKED, (...found: unknown[]) => {
      const [all, before, n, at, whole] = found as [string, string, string, number, string];
      // behind guests who were counted it says where they eat
      if (!isCount(n) || (/^[,;]/.test(before) && /\d/.test(whole.slice(0, at)))) return all;
      // "a platter for 8 children" says itself who they are
      const isSaid = all.endsWith(n) && SAYS_WHO.test(whole.slice(at + all.length));
      return isSaid ? `${before}${n}` : `${before}${n} guests,`;
    })
    .replace(ALL_ARE, (all: string, before: string, how: string, n: string) =>
      isCount(n) ? `${before}${n} guests: all ${how},` : all,
    );

/** "Parents (2)", "vegetarian (7, no nuts)" are so many of them; "my son (3)" and "Emma (6)" are so old. */
const PEOPLE =
  /^(?:(?:grand)?parents|adults|grown-?ups|children|kids|toddlers|babies|teen(?:ager)?s|friends|colleagues|cousins|aunts|uncles|staff|helpers|carers|teachers)$/i;
const LEAVING = /^(?:no [a-z]+|[a-z]+ allerg(?:y|ies)|[a-z]+[ -](?:free|intolerant))$/i;
const isNeed = (said: string, { words }: Vocabulary): boolean => {
  const low = said.toLowerCase();
  return LEAVING.test(low) || words.some(({ word }) => word === low || `${word}s` === low);
};
const COUNTED_BEHIND =
  /(^|[,;:.\n]\s*|\band\s+(?:the|their|our|my)\s+(?=(?:grand)?parents|teachers|helpers|carers|staff|friends|colleagues))([a-z][a-z' -]*?)\s*\((\d{1,3})(?:\s*[,;]\s*([^()]*))?\)(?=\s*(?:$|[,;.\n]))/gi;
/** In a list of allergies anything is what somebody is allergic to. */
const ALLERGIES = /\ballerg(?:y|ies)\s*:[^.\n]*$/i;
const countedFirst = (text: string, vocabulary: Vocabulary): string =>
  text.replace(COUNTED_BEHIND, (...found: unknown[]) => {
    const [all, before, who, n, about, at] = found as [
      string,
      string,
      string,
      string,
      string | undefined,
      number,
    ];
    const isAllergy = ALLERGIES.test(text.slice(0, at + before.length)) && !/allerg/i.test(who);
    if (!isAllergy && !PEOPLE.test(who.trim()) && !isNeed(who.trim(), vocabulary)) return all;
    return `${before.replace(/\b(?:the|their|our|my)\s+$/i, '')}${n} ${isAllergy ? 'allergic to ' : ''}${who}${about ? ` ${about}` : ''}`;
  });

const SAID_OTHERWISE: readonly (readonly [RegExp, string])[] = [
  [/((?:^|[.,;!]\s+))(?:it['’]?s|it\s+is|this\s+is)\s+(?=for\s+(?:an?|our|my|the)\b)/gi, '$1'],
  // nobody knows what they all leave out
  [
    /(?:^|(?<=[.,;:\n]))\s*(?:(?:and|but)\s+)?(?:(?:we|i)\s+)?(?:have\s+no\s+idea|no\s+idea|do(?:\s+not|n['’]t)\s+know(?:\s+yet)?|are\s+not\s+sure|not\s+sure)\s+(?:about|of|on|regarding)?\s*(?:any\s+|the\s+|their\s+)?(allergies|diets|dietaries|dietary\s+(?:needs|requirements))(?:\s+yet)?(?=\s*(?:$|[.,;\n]))/gi,
    ' all unknown $1',
  ],
  // "10 parents will stay too", "12 children, all about 5"
  [
    /(?<=\b(?:adults|parents|guests|people|kids|children|grandparents|friends|teachers|helpers))\s+(?:(?:will|are)\s+)?(?:also\s+)?(?:be\s+)?(?:stay|staying|come|coming|join|joining|attend|attending)(?:\s+(?:us|too|as\s+well|later|along|afterwards))*(?=\s*(?:$|[,;.)\n]|and\b))/gi,
    '',
  ],
  [
    /\b(children|kids|girls|boys)\s*,\s*all\s+(?:(?:about|around|aged|of|nearly)\s+)*(\d{1,2})(?=\s*(?:$|[,;.\n]))/gi,
    '$1 aged $2',
  ],
  // "but we need something for 4 vegetarians", "something sweet for 20"
  [
    /((?:^|[.,;:\n])\s*)(?:(?:and|but)\s+)?(?:we|i)(?:['’]d)?\s+(?:will\s+|would\s+|also\s+)*(?:need|like|want)\s+(?:something|options?|food)\s+for\s+(?=\d|an?\b|one\b|two\b|three\b)/gi,
    '$1',
  ],
  [
    /^\s*something\s+(?:sweet|savoury|nice|small|light|cold|simple|special|easy|festive)\s+for\s+(\d{1,4})(?=\s*(?:$|[,;.(\n]|(?:after|before|at|on|in|with)\b))/i,
    '$1 guests',
  ],
  // who carries a pen is allergic, and that was said
  [
    /(?<=allerg[^.;\n]*)\s*[(,]?\s*(?:and\s+|who\s+|she\s+|he\s+)?(?:carries|has|carrying|with)\s+(?:an?|his|her|their)\s+(?:epi-?pens?|adrenaline\s+pens?|auto-?injectors?)\s*\)?(?!\s+for\b)/gi,
    '',
  ],
  [/\b(he|she)['’]s(?=\s+[a-z])/gi, '$1 is'],
  // "We have one person who …", "there is also one …"
  [
    /((?:^|[.,;:\n])\s*(?:and\s+)?)(?:(?:we|they(?!\s+(?:also\s+|do\s+)*have\s+an?\s+[^,;.\n]*\ballerg)|i)(?:\s+(?:also|will|do))*(?:\s+have(?:\s+got)?|['’]ve(?:\s+got)?|\s+(?:are\s+)?expect(?:ing)?)|there\s+(?:is|are|will\s+be)|there['’]s)\s+(?:also\s+)?(?=(?:\d|an?\b|one\b|two\b|three\b|four\b|five\b|six\b)\s*[a-z(])/gi,
    '$1',
  ],
  [
    /^\s*(?:for|numbers?|guests|pax|people|head\s?count|covers)\s*:\s*(\d{1,4})(?=\s*(?:[,;.(\n]|$))/i,
    '$1 guests',
  ],
  [
    /^\s*no\s+(?:known\s+)?(?:(?:dietary|special|food)\s+)?(?:requirements|allergies|restrictions|needs|preferences|diets|dietar(?:y|ies))\s*[,.;]\s*(?=\S)/i,
    '',
  ],
  // "No nuts, 8 people": nobody eats them
  [
    /^(\s*(?:no|without)\s+(?![^,;.\n]*\b(?:for|dietar\w*|requirements?|restrictions?|allerg\w*|needs|preferences?)\b)[^,;.:()\n\d]{2,60}?)\s*[,;.\n]\s*(\S[^]*?)[\s.]*$/i,
    '$2, $1 for anyone',
  ],
  // "1x vegan"
  [/\b(\d{1,4})[x×]\s+(?=[a-z])/gi, '$1 '],
  // "all vegetarian except two"
  [
    /\b(all|everyone|everybody)\s+(?:are\s+|is\s+)?([a-z][a-z -]{1,40}?)\s+(?:except(?:\s+for)?|apart\s+from|bar)\s+(\d{1,3}|two|three|four|five|six)(?:\s+of\s+(?:them|us))?(?=\s*(?:[,;.\n]|$))/gi,
    'all but $3 are $2',
  ],
  // "One vegan and another coeliac" are two; "and another 3" are three
  [
    /(?:,\s*(?:and\s+)?|\s+and\s+)another(?:\s+one)?(?:\s+of\s+(?:them|us|whom))?(?=\s+(?!\d|(?:two|three|four|five|six)\b)[a-z])/gi,
    ', 1',
  ],
  [/(?:,\s*(?:and\s+)?|\s+and\s+)another(?=\s+(?:\d|two|three|four|five|six)\b)/gi, ','],
  [/(?<=(?:^|[,;:\n(]|\band)\s*)(?:the\s+|our\s+)?twins\b/gi, '2 children'],
  [/(?<=(?:^|[,;:\n(]|\band)\s*)(?:the\s+|our\s+)?triplets\b/gi, '3 children'],
  [/(^|[,;:\n]\s*)(baby|toddler)(?=\s*(?:\(|of\b|aged\b|\d))/gi, '$11 $2'],
  [
    /\b(\d{1,4}\s+(?:people|ppl|guests|pax|persons))\s+(?:max(?:imum)?|tops|or so|approx|min(?:imum)?)(?![a-z])\.?/gi,
    '$1',
  ],
  // "100 guests 15% vegetarian about 5% vegan": shares are parts
  [/\b(?:about|around|roughly|nearly)\s+(?=\d{1,2}\s?%)/gi, ''],
  [
    /(?<=[a-z])(?<!\b(?:about|around|roughly|nearly|some|only|of|for|and|with|at|least))\s+(?=\d{1,2}\s?%)/gi,
    ', ',
  ],
  [/\binc\.?(?=\s+\d)/gi, 'including'],
  // "Ladies' lunch: 12, one …"
  [
    /^\s*(?:(?:the|our|my|an?|ladies['’]?|girls['’]?|mums['’]?|office|team|work|working|family|birthday|christmas|sunday|leaving|garden|afternoon|evening|summer|retirement)\s+){0,3}(?:lunch|dinner|supper|brunch|breakfast|tea|drinks|party|picnic|reception|wedding|buffet)\s*:\s*(\d{1,4})(?=\s*[,;.\n])/i,
    '$1 guests',
  ],
  // "4 adults and a coeliac baby"
  [/\s+and\s+an?\s+(?=(?:[a-z-]+\s+){1,3}(?:baby|toddler|child|kid|infant|teenager)\b)/gi, ', 1 '],
  [/\bb['’]?day\b/gi, 'birthday'],
  [/\bwho['’]s\b/gi, 'who is'],
  // "allergic to walnuts only" leaves out walnuts; "only eats walnuts" is another thing
  [/\b(allerg(?:ic|y|ies)\s+to\s+[a-z -]{2,40}?)\s+only(?=\s*(?:$|[,;.)\n]))/gi, '$1'],
  [
    /\s*(?:\(\s*(?:but\s+)?not\s+(?:vegans?|vegetarians?)\s*\)|,?\s+but\s+not\s+(?:vegans?|vegetarians?)(?=\s*(?:$|[,;.\n])))/gi,
    '',
  ],
  // "6 adults 3 kids"
  [
    /(?<![\w.,])(\d{1,4}|one|two|three|four|five|six|seven|eight|nine|ten|twelve)\s+(adults?|grown-?ups?|kids?|child(?:ren)?|toddlers?|women|men|ladies|teens|teenagers)\s+(?=(?:\d{1,4}|an?|one|two|three|four|five|six|seven|eight|nine|ten)\s+(?:adults?|grown-?ups?|kids?|child(?:ren)?|toddlers?|bab(?:y|ies)|infants?|women|men|ladies|teens|teenagers)\b)/gi,
    '$1 $2, ',
  ],
  [/[?!]+(?=\s|$)/g, '.'],
];

/** "10 veg 4 vegan 2 coeliac": three or more after each other without a comma; a number after "aged" is none of guests. */
const BEFORE_NEXT =
  /(?<=[a-z])(?<!\b(?:aged?|of|under|over|above|below|from|to|and|or|between|about|around|roughly|up|only|with|for|including|plus|than|least|most|is|are))\s+(?=\d{1,3}\s+(?:veg|vegans?|veggies?|vegetarians?|coeliacs?|celiacs?|gf|df|halal|kosher|keto|pescatarians?|diabetics?|pregnant|(?:nut|dairy|milk|gluten|lactose|egg|fish|sesame|soya?|wheat)[ -](?:allerg(?:y|ies|ic)|free|intoleran(?:t|ce)))(?![a-z]))/gi;
const oneByOne = (text: string): string =>
  text.replace(/[^,;:.\n()]+/g, (part) =>
    part.trim() !== text.trim().replace(/\.$/, '') &&
    (part.match(/(?<![\w.,])\d{1,3}\s+[a-z]/gi)?.length ?? 0) >= 3
      ? part.replace(BEFORE_NEXT, ', ')
      : part,
  );

/** "Little ones aged 3 and 5" are two, where nobody counted them; "aged 3 to 5" may be any number. */
const BY_THEIR_AGES =
  /(?<=(?:^|[,;:.(\n]|\b(?:and|plus|with))\s*)(?:(?:my|our|the|their|her|his)\s+)?((?:little ones|kids|children|grandchildren|grandkids|boys|girls|toddlers|nephews|nieces)\s+(?:(?:aged?|of)\s+|(?=\()))(\(?\d{1,2}(?:\s*,\s*\d{1,2})*\s*(?:and|&|,)\s*\d{1,2})(?!\d|\s*(?:%|to\b|-))/gi;
const countedByAges = (text: string): string =>
  text.replace(
    BY_THEIR_AGES,
    (_all, who: string, ages: string) => `${ages.match(/\d+/g)!.length} ${who}${ages}`,
  );

/** The lines as their party would say it, without the letter around it. */
export function letterRead(text: string, vocabulary: Vocabulary): string {
  const said = text
    .replace(GREETING, (greeting: string, name: string | undefined) =>
      // a need in small letters is nobody's name
      name !== undefined && /^[a-z]/.test(name) && isNeed(name, vocabulary) ? greeting : '',
    )
    .replace(WE_TWO, '$1we ')
    .replace(SIGNED, (signed) => (saysNeed(signed, vocabulary) ? signed : ''))
    .replace(THANKS, '')
    .replace(/\s+please\b/gi, '');
  const plain = SAID_OTHERWISE.reduce(
    (rest, [words, otherwise]) => rest.replace(words, otherwise),
    asked(said, vocabulary),
  );
  return countedFirst(countedByAges(oneByOne(plain)), vocabulary);
}
