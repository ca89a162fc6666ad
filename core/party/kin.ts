/** Who comes, as their family and friends: "me, my parents and two couples" are so many guests. */

import { OLDEST_CHILD } from './children.js';
import { numberOf } from './parts.js';

const ONE = '(?:bride|groom)-to-be|birthday (?:girl|boy)|husband|wife|partner|spouse|fiancée?|boyfriend|girlfriend|mother|mum|mom|mam|dad|father|sister|brother|grandmother|grandma|granny|nan|nanna|grandfather|grandpa|grandad|granddad|aunt|auntie|uncle|cousin|neighbou?r|friend|boss|colleague|flatmate|housemate|host|hostess|bride|groom|vicar|priest|teacher|doctor|guest|mother-in-law|father-in-law|sister-in-law|brother-in-law'; // prettier-ignore
const TWO = 'parents|grandparents|in-laws|couple|bride and groom';
const YOUNG = 'son|daughter|grandson|granddaughter|nephew|niece';

const OPENS = '(^|[,;:(\\n&+]\\s*|\\b(?:and|plus|with|are|for)\\s+)';
const ENDED = "(?![\\w'’-])";
/** "The mum-to-be is vegan": she is pregnant as well. */
const TO_BE =
  /(?:\b(\d{1,3}|an?|one|two|three|four|five|the|my|our)\s+)?\b(?:(?:mums?|moms?|mumm(?:y|ies)|mommy|mothers?|mamas?)[\s-]to[\s-]be|(?:expectant|expecting)\s+(?:mothers?|mums?|moms?))\b/gi;
export const toBeCounted = (line: string): string =>
  line.replace(
    TO_BE,
    (_all, n: string | undefined) =>
      `${n === undefined || numberOf(n) === undefined ? 1 : numberOf(n)!} pregnant adult`,
  );

const KIN: readonly (readonly [RegExp, string])[] = [
  [
    new RegExp(`${OPENS}(?:my|our|his|her|their|the|an?)\\s+(?:${TWO})${ENDED}(?!\\s+of\\b)`, 'gi'),
    '$12 adults',
  ],
  [new RegExp(`${OPENS}(?:my|our|his|her|their|the|an?)\\s+(?:${ONE})${ENDED}`, 'gi'), '$11 adult'],
  [
    /(^|[,;:(\n&+]\s*|\b(?:and|plus)\s+)(?:mum|mummy|mom|mam|dad|daddy|gran|grandma|granny|nan|nanna|grandpa|grandad|granddad)(?=\s*(?:$|[,;:.)\n&+(]|and\b|plus\b|who\b|is\b|has\b))/gi,
    '$11 adult',
  ],
  [new RegExp(`${OPENS}(?:my|our|his|her|their|the|an?)\\s+(?:${YOUNG})${ENDED}`, 'gi'), '$11 child'],
  [new RegExp(`${OPENS}(?:my|our|his|her|their|the)\\s+(baby|toddler|child|kid)${ENDED}`, 'gi'), '$11 $2'],
  [
    new RegExp(
      `${OPENS}(?:my|our|his|her|their)\\s+([1-4]|one|two|three|four)\\s+(?:boys?|girls?)${ENDED}(?!\\s*(?:of|aged?|over|\\(\\s*\\d))`,
      'gi',
    ),
    '$1$2 children',
  ],
  [
    new RegExp(`${OPENS}(?:my|our|his|her|their|the)\\s+(?=(?:\\d+|one|two|three|four|five|six)\\s)`, 'gi'),
    '$1',
  ],
  [new RegExp(`${OPENS}(?:me|myself|I)(?=\\s*(?:$|[,;:.)\\n&+]|and\\b|plus\\b))`, 'gi'), '$11 adult'],
  [
    new RegExp(
      `([,;\\n]\\s*)(?:${ONE})(?=\\s+(?:is|has|who|with|can|does|hates|avoids|vegan|vegetarian|veggie|pescatarian|coeliac|celiac|diabetic|pregnant|halal|kosher|keto|low salt|gluten|dairy|lactose|nut)\\b)`,
      'gi',
    ),
    '$11 adult',
  ],
  // "4 adults with 2 kids": those come too; whether "6 mums with a baby" are one or six is asked
  [
    /(?<=\b(?:adults|grown-?ups))\s+with\s+(an?|one|two|three|four|five|six|\d{1,3})\s+(?=(?:small\s+|young\s+|little\s+)?(?:kids?|child|children|toddlers?|baby|babies|infants?|boys?|girls?)\b)/gi,
    ', $1 ',
  ],
  [/\ba couple of\b|(?<=(?:^|[,;:.\n])\s*)couple of\b/gi, '2'],
];

/** "2 boys, 3 girls, 4 adults": children, where grown guests are told apart from them. "12 girls" may be a hen party. */
const GROWN_NAMED = /\b(?:adults|one adult|grown-?ups|parents|mums|moms|dads)\b/i;
const BESIDE_GROWN: (typeof KIN)[number] = [
  /(?<=(?:^|[,;:(\n&+]|\b(?:and|plus|with))\s*)(\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten)\s+(?:little\s+|young\s+|small\s+)?(?:boys?|girls?)\b(?!\s*(?:of|aged?|over|\(\s*\d))/gi,
  '$1 children',
];

/** "My parents" are two, "my sister who is vegan" is one, and so am I. */
export const kinCounted = (line: string): string =>
  [...KIN, ...(GROWN_NAMED.test(line) ? [BESIDE_GROWN] : [])].reduce((text, [said, counted]) => {
    // what ends one may open the next: "my aunt, my uncle"
    return text.replace(said, counted).replace(said, counted);
  }, line);

/** "4 couples" are eight. */
export const couplesCounted = (line: string): string =>
  line
    .replace(/\bone\s+of\s+the\s+couples\b/gi, '2 of them')
    .replace(
      /(?<![\w.,])(\d+|[a-z]+)\s+((?:(?!(?:of|the|with|and|or|who|a|an|are|is)\b)[a-z-]+\s+){0,2})couples?\b(?!\s*:|\s+of\b)/gi,
      (all: string, n: string, how: string) =>
        numberOf(n) === undefined || (how === '' && /^an?$/i.test(n))
          ? all
          : `${2 * numberOf(n)!} ${how}adults`,
    )
    .replace(/(\d+|[a-z]+)\s+singles\b/gi, (all: string, n: string) =>
      numberOf(n) === undefined ? all : `${n} adults`,
    );

/** "Two families: 4 adults, …": how many households they are says nothing of a meal. */
export const HOUSEHOLDS = /^\s*\S+\s+(?:families|households|couples|tables)\s*:\s*/i;

const WHOSE = '(?:my|our|his|her|their|the)';
const FEW = 'two|three|four|five|six';
const RELATIVE = `(?:${ONE}|${TWO}|(?:${YOUNG})s?|children|child|kids?|toddlers?|baby)`;
const NAME = '\\p{Lu}\\p{Ll}+';
const ITEM = `(?:${WHOSE}\\s+(?:(?:\\d{1,2}|${FEW})\\s+)?${RELATIVE}|(?:\\d{1,2}|${FEW})\\s+(?:${YOUNG})s|(?:${ONE}|${YOUNG})(?=\\s)|(?:an?|one)\\s+(?:adult|guest|person|woman|man|lady|friend|colleague|couple)|I(?=\\s)|me|myself)`;
const JOINED = '(?:\\s*,\\s*|\\s*,?\\s+(?:and|&)\\s+)';
/** "My wife and two sons are vegetarian", "Anna and her kids don't eat nuts": what is said is said of each of them. */
const TOGETHER = new RegExp(
  `(?<before>^|[,;:.\\n]\\s*)(?:both\\s+)?(?<who>(?:${ITEM}|${NAME})(?:${JOINED}${ITEM})+)\\s+(?:both\\s+|all\\s+)?(?<says>(?:are|have|do|don['’]?t|can['’]?t|cannot|eat|hate|avoid)\\s+(?!(?:having|planning|hosting|organi[sz]ing|looking|throwing|celebrating|going|coming|getting|expecting|in|at|here|hosts?)\\b)[^,;.\\n]+)`,
  'gu',
);
const AT_JOIN = /\s*,\s*(?:(?:and|&)\s+)?|\s+(?:and|&)\s+/;
const BOTH =
  /\bboth\s+(?:of\s+)?(?:my|our|his|her|their|the)\s+(?=(?:sons|daughters|parents|kids|children|boys|girls|sisters|brothers|aunts|uncles|friends|cousins|grand[a-z]+s)\b)/gi;

export const kinTogether = (line: string): string =>
  line.replace(BOTH, '2 ').replace(TOGETHER, (...found: unknown[]) => {
    const { before, who, says } = found.at(-1) as Record<'before' | 'who' | 'says', string>;
    const each = who.split(AT_JOIN).map((one) => {
      if (/^(?:I|me|myself)$/.test(one) || /^\p{Lu}/u.test(one)) return '1 adult';
      return /^(?:(?:my|our|his|her|their|the|an?|one)\s|\d|two|three|four|five|six)/i.test(one)
        ? one
        : `my ${one}`;
    });
    return `${before}${each.map((one) => `${one} ${says}`).join(', ')}`;
  });

/** "Two adults and a 3 year old", "my 4-year-old has a nut allergy": one of that age. */
const YEAR_OLD =
  /(^|[,;:.(\n]\s*|\s*(?:\b(?:and|plus|with)|[&+])\s+)(?:an?|one|1|my|our|her|his|their|the)\s+(\d{1,2}|[a-z]+)[\s-]+(?:years?|yrs?)[\s-]+olds?\b(?:\s+(?:son|daughter|boy|girl|child|kid|nephew|niece|grand(?:son|daughter|child)|toddler))?/gi;
export const yearOldsCounted = (line: string): string =>
  line.replace(YEAR_OLD, (all: string, before: string, years: string, at: number) => {
    const age = numberOf(years);
    if (age === undefined) return all;
    const joint = /[a-z&+]/i.test(before) ? ', ' : before;
    // "kids (2, 6 and 11), the 6 year old has an allergy": one of those
    const isNamed = new RegExp(`\\b(?:children|kids)\\b[^;.]*\\b${age}\\b`, 'i').test(line.slice(0, at));
    if (age > OLDEST_CHILD) return `${joint}1 adult`;
    return `${joint}1 ${isNamed ? 'of the children aged' : 'child of'} ${age}`;
  });

/** "A vegan family of 4", "one table of 8 is vegan", beside others: so many of them. */
const GROUP_OF =
  /(?<=[,;.\n]\s*(?:and\s+)?)(?:an?|one|the)\s+((?:[a-z-]+\s+)?)(?:family|table|group|party|couple)\s+of\s+(\d{1,3}|two|three|four|five|six|seven|eight|nine|ten)\b/gi;
export const groupsCounted = (line: string): string => line.replace(GROUP_OF, '$2 $1guests');
