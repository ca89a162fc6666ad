import { numbersInFront, outOfBrackets } from './brackets.js';
import { numberOf } from './parts.js';

/** How people write in haste, spelled out: "8 ppl, 1 gf. Nobody eats pork" becomes "8 people, 1 gluten free; all without pork". */

type Rule = readonly [RegExp, string];
const inTurn = (text: string, rules: readonly Rule[]): string =>
  rules.reduce((line, [said, meant]) => line.replace(said, meant), text);

const FEW = 'one|two|three|four|five|six|seven|eight|nine|ten';

/** A single "v" is vegetarian to some and vegan to others: it is asked. */
const SHORT: readonly Rule[] = [
  [/(?<=\d)(?=(?:gf|df|nf|vg|vgn|v)\b)/gi, ' '],
  [/^\s*(?:hi|hello|hey|dear [a-z]+|good (?:morning|afternoon|evening|day))\b[^a-z0-9]*/i, ''],
  [/\b(coeliac|celiac)(?:['’]s)?\s+disease\b/gi, '$1'],
  // "all pescatarian but one vegan"; "all but one halal" is another thing
  [
    /(?<!\ball)\s+(?:but|except(?: for)?|apart from|save)\s+(?=(?:\d+|one|two|three|four|five|six)\s+[a-z])/gi,
    ', ',
  ],
  [
    /\bof (?:them|whom|these)\s+(?=(?:\d+|one|two|three|four|five|six)\s+(?:child|children|kids?|adults?)\b)/gi,
    '',
  ],
  // "one allergic to shellfish and one to kiwi"
  [
    /(?<=\b(allergic|intolerant|sensitive) to [^;:\n]*?(?:,|\band)\s+(?:\d+|one|two|three))\s+to\s+/gi,
    ' $1 to ',
  ],
  [/\bgf\b/gi, 'gluten free'],
  [/\bdf\b/gi, 'dairy free'],
  [/\bnf\b/gi, 'nut free'],
  [/\bvgn?\b/gi, 'vegan'],
  [/\b(?:ppl|peeps|pers)\b\.?/gi, 'people'],
  [/\b(?:someone|somebody|one (?:person|guest))\b(?=\s+(?:with|who|has|is)\b)/gi, '1'],
  [/\bno-(?!one\b|cross)(?=[a-z])/gi, 'no '],
  [/^\s*(?:we['’](?:ll be|re)|we will be|there['’](?:ll be|s)|there will be)\s+(?=\S)/i, 'we are '],
  [/(?<=[a-z])-(?=(?:intoleran|allerg|free\b))/gi, ' '],
  [/\b(?:do(?:es)? not|do(?:es)?n['’]?t)\s+drink(?=\s*(?:$|[,;.)\n]))/gi, 'do not drink alcohol'],
  [
    /\s+(?:and|&|plus)\s+an?\s+(?=(?:baby|toddler|infant|newborn|child|kid|coeliac|celiac|vegan|vegetarian|veggie|diabetic|pescatarian|muslim|hindu|jain|carnivore|omnivore|(?:meat|fish|normal)[ -]eater)\s*(?:$|[,;.()\n]|and\b|of\b|aged?\b))/gi,
    ', 1 ',
  ],
  // "2 vegans and a pregnant woman" are three, and so are "2 vegans and a nut allergy"; "with a nut allergy" are two
  [
    /\s+(?:and|&|plus)\s+an?\s+(?=(?:(?!(?:of|with|who|and|or|for|to)\b)[a-z-]+\s+){0,2}(?:woman|lady|man|girl|boy|person|guest|friend|colleague|pensioner)\b)/gi,
    ', 1 ',
  ],
  [
    new RegExp(
      `(?<=(?:^|[,;:.(\\n&+]\\s*|\\b(?:including|incl\\.?|with|and|plus|are)\\s+)(?:\\d{1,4}|(?<!\\bwith\\s+)an?|${FEW})\\s+(?:(?!(?:with|who|whose|has|have|having|to|from|of|for|and|is|are)\\b)[a-z-]+\\s+){1,3})(?:and|&|plus)\\s+an?\\s+(?=(?:(?!(?:with|who|and|or|of)\\b)[a-z-]+\\s+){1,4}(?:allergy|allergies|intolerance|intolerant)\\b)`,
      'gi',
    ),
    ', 1 ',
  ],
  [
    /\b(?:no meat|meat[ -]free|(?:do(?:es)?n['’]?t|do(?:es)? not) eat meat|vegetarians?|veggies?)(?:\s*,?\s*but\s+|\s*\(\s*(?:but\s+)?)fish\s+(?:is\s+|are\s+)?(?:ok(?:ay)?|fine|allowed)(?=\s*(?:$|[,;.)\n]))\)?/gi,
    'pescatarian',
  ],
  [/\bvegetarians?\s+(?:who|that|but)\s+(?:(?:also|do|does|still|they)\s+)*eats?\s+fish\b/gi, 'pescatarian'],
  [
    /^(\s*\d+)\s+with\s+(?=(?:\d+|an?|one|two|three|four|five)\s+(?:bab(?:y|ies)|infants?|toddlers?|kids?|child|children|little ones?)\b)/i,
    '$1 guests, ',
  ],
  [/\s+(?:including|incl\.?|counting)\s+(?:me|myself|us|ourselves|the hosts?|the hostess)\b/gi, ''],
  [
    /([,;:(\n]\s*(?:and\s+)?|\band\s+)(?:about|around|roughly|approximately|circa|maybe|perhaps|at least|at most|up to|no more than|not more than|max\.?|possibly)\s+(?=\d)/gi,
    '$1',
  ],
  // "3 allergic: 1 nuts, 1 sesame"
  [
    /([,;.\n]\s*)(?:(?:\d+|one|two|three|four|five)\s+)?(?:(?:are|with|have)\s+)?(?:allergic|allergies|intolerances)\s*[:–-]\s*(?=(?:\d+|one|two|three)\s)/gi,
    '$1',
  ],
  // "one egg allergy, one milk allergy, one both"
  [
    new RegExp(
      `((?:\\d+|${FEW})\\s+([^,;.:()\\n\\d]+?)\\s*[,;]\\s*(?:and\\s+)?(?:\\d+|${FEW})\\s+([^,;.:()\\n\\d]+?)\\s*(?:,|;|,?\\s+and)\\s*)(\\d+|${FEW})\\s+(?:(?:who|with|has|have|is|are|of\\s+(?:them|whom))\\s+)*both(?=\\s*(?:$|[,;.)\\n]))`,
      'gi',
    ),
    '$1$4 $2 & $3',
  ],
  // how severely says no more than the allergy does
  [
    new RegExp(
      `(?<=allerg[^\\n]*)[,;]\\s*(?:and\\s+)?(?:\\d+|${FEW})\\s+(?:of\\s+(?:them|which|whom)\\s+)?(?:(?:is|are|very|quite)\\s+)*(?:severe(?:ly)?|serious|mild|moderate|anaphylactic|life[\\s-]threatening)(?:\\s+(?:allergy|one|ones))?(?=\\s*(?:$|[,;.)\\n]))`,
      'gi',
    ),
    '',
  ],
  [/\b(one|everyone|someone|somebody|who)['’]s(?=\s+(?:an?\s+)?[a-z])/gi, '$1 is'],
  // "three of the group are vegetarian"
  [
    /((?:^|[,;:.(\n]|\band)\s*(?:\d{1,3}|one|two|three|four|five|six))\s+of\s+the\s+(?:group|party|guests|people|team|lot|crowd|class|staff|family|total)\b/gi,
    '$1',
  ],
  // "one or two vegans", "2-3 vegans": as many as may come
  [
    new RegExp(
      `((?:[,;:.(\\n]|\\b(?:and|with|including))\\s*)(?:\\d{1,3}|${FEW})(?:\\s+(?:or|to)\\s+|\\s?[-–/]\\s?)(\\d{1,3}|${FEW})\\s+(?=[a-z])(?!years?\\b|months?\\b|y\\.?o\\b)`,
      'gi',
    ),
    '$1$2 ',
  ],
  // "everyone eats everything except Tom, who is vegan"
  [
    /(^|[,;:.\n]\s*)(?:all(?:\s+of\s+(?:them|us))?|everyone|everybody|the\s+rest)\s+eats?\s+(?:everything|anything)\s*,?\s+(?:except(?:\s+for)?|bar|but|apart\s+from|save)\s+/gi,
    '$1',
  ],
  // "Allergies: none"
  [
    /(^|[,;:.\n]\s*)(?:(?:any|known|food)\s+)?(?:allergies|dietar(?:y|ies)|diets|intolerances|(?:dietary|food|special)\s+(?:needs|requirements|restrictions))\s*[:–-]\s*(?:none|nil|no|nothing|n\/a)(?:\s+(?:known|at all))?(?=\s*(?:$|[,;.)\n]))/gi,
    '$1',
  ],
  // "just the two of us", "just us two"
  [/^\s*(?:(?:it['’]s|it is|we are)\s+)?(?:just|only)\s+(?:the\s+)?(?=\S+\s+of\s+us\b)/i, ''],
  [
    new RegExp(
      `^\\s*(?:(?:it['’]s|it is)\\s+)?(?:just|only)?\\s*us\\s+(${FEW})(?=\\s*(?:$|[,;:.(\\n]))`,
      'i',
    ),
    '$1 of us',
  ],
  [/\s+(?:and|&|plus)\s+(?=\d{1,2}\s?%)/gi, ', '],
  // "120 day guests and 60 more in the evening"
  [/(?<=\d)\s+day\s+guests\b/gi, ' guests'],
  [
    /(?<=\d)\s+more(?:\s+(?:guests|people))?(?:\s+(?:later|(?:in|for)\s+the\s+(?:evening|afternoon|morning)|after\s+dinner))?(?=\s*(?:$|[,;.)\n]))/gi,
    ' guests',
  ],
  [/\b(?:ovo-lacto|lacto-ovo)[\s-]*(?=veg)/gi, ''],
  // who loves meat eats everything; who eats nothing else is asked
  [/\bcarnivore\s+diet\b/gi, 'carnivore-diet'],
  // "a toddler group: 12 toddlers"
  [
    /^\s*(?:an?|our|the)\s+(?:toddler|baby|play|nursery|youth|church|book|running|cycling|walking)\s+(?:group|club|class|party|morning)\s*:\s*(?=\d)/i,
    '',
  ],
  // "20 guests, of whom 6 are under 12"
  [
    /(?<=[,;(]\s*(?:of\s+whom\s+)?)(\d{1,3}|two|three|four|five|six)\s+(?:of\s+(?:them|whom)\s+)?(?:are\s+)?under\s+(\d|1[0-2])(?=\s*(?:$|[,;.)\n]))/gi,
    '$1 children under $2',
  ],
  // "Total: 20", "headcount 20", "20 covers", "we expect 20", "20p"
  [
    /^\s*(?:total(?:\s+(?:number(?:\s+of\s+(?:guests|people))?|guests|people))?|head\s?count|(?:number|no\.?)\s+of\s+(?:guests|people|heads))\s*[:=–-]?\s*(\d{1,4})(?=\s*(?:$|[,;.(\n]))/i,
    '$1 guests',
  ],
  [/^\s*(\d{1,4})(?:\s+(?:covers|seats|heads|places|total)|p)(?=\s*(?:$|[,;.:(\n]))/i, '$1 guests'],
  [
    /^\s*(?:(?:we\s+(?:are\s+)?)?expect(?:ing)?|max(?:imum)?\.?(?:\s+of)?)\s+(?:(?:about|around|roughly|approx\.?|up\s+to)\s+)?(?=\d{1,4}\s+(?:guests|people|persons|pax)\b)/i,
    '',
  ],
  [/\s+\/\s+(?=\d{1,3}\s+[a-z])/gi, ', '],
  // "please keep it vegan", "the whole board has to be halal", "menu: vegetarian"
  [
    /((?:^|[,;:.(\n])\s*(?:and\s+)?)(?:please\s+)?(?:keep|make)\s+(?:it|everything|this|(?:the|our)\s+(?:whole\s+)?(?:board|menu|food|lot))\s+(?:all\s+)?(?=[a-z])/gi,
    '$1all ',
  ],
  [
    /((?:^|[,;:.(\n])\s*(?:and\s+)?)(?:it|this|everything|all\s+(?:the\s+)?food|(?:the|our)\s+(?:whole\s+)?(?:board|menu|food))\s+(?:(?:has\s+to|must|should|needs?\s+to)\s+(?:all\s+)?be|is)\s+(?:all\s+)?(?!(?:fine|ok|okay|good|great|for|an?|ready|my|our|the)\b)(?=[a-z])/gi,
    '$1all ',
  ],
  [/((?:^|[,;.(\n])\s*)(?:the\s+)?(?:menu|food|diet)\s*[:=]\s*(?:all\s+)?(?=[a-z])/gi, '$1all '],
  [/\bnewborns?\b/gi, 'baby'],
  [/\bbaby\s+(?=shower\b)/gi, ''],
  [
    /\b(?:an?|one|1|my|our)\s+(\d{1,2})[\s-]months?[\s-]old(?:\s+(?:baby|child|toddler|son|daughter|boy|girl))?\b/gi,
    '1 baby of $1 months',
  ],
  [/\b(?:everyone|everybody) else\s*:?\s*(\d{1,4})(?=\s*(?:$|[,;.)\n]))/gi, '$1 others'],
  [/(?:,|\s(?:and|plus|with|&))\s+(?:(?:the|our|their)\s+)?(?:baby|newborn) twins\b/gi, ', 2 babies'],
  [/(?:,|\s(?:and|plus|with|&))\s+(?:(?:the|our|their)\s+)?toddler twins\b/gi, ', 2 toddlers'],
  // "vegan x2", "the other 8"
  [/([a-z][a-z' -]*?)(?:\s+x|\s*×)\s?(\d{1,3})(?=\s*(?:$|[,;.)\n]))/gi, '$2 $1'],
  [/\b(?:the\s+)?(?:other|remaining)\s+(\d+)(?=\s)/gi, '$1 others'],
  [
    /\b(rest|others)\s+(?:(?:are|is)\s+)?(?:all\s+)?(?:fine|ok|okay|easy)(?=\s*(?:$|[,;.)\n]))/gi,
    '$1 eat everything',
  ],
  [/\b(meat|big|hearty|fish)-(?=eaters?\b)/gi, '$1 '],
  // "40 delegates, dietaries: 5 vegan"
  [
    /([,;:.\n]\s*)(?:with\s+)?(?:mixed\s+)?(?:dietar(?:y|ies)|diets|special diets|(?:dietary|food) (?:needs|requirements|restrictions|notes|info))\s*[:–-]\s*(?=\S)/gi,
    '$1',
  ],
  // a meal of milk, at which no meat is served
  [/\b(?:kosher[\s-]+(?:dairy|milchi[gk])|(?:dairy|milchi[gk])[\s-]+kosher)\b/gi, 'kosher without meat'],
];

const GROWN = '(?:1[89]|[2-9]\\d)';
const TENS = '(?:twen|thir|for|fif|six|seven|eigh|nine)ties|[2-9]0s';
/** How old grown guests are asks nothing of a board: "pensioners in their eighties", "aged 18 to 30", "over-60s". */
const GROWN_AGES: readonly Rule[] = [
  [new RegExp(`(?<=\\d)\\s+over[\\s-]${GROWN}s(?=\\s*(?:$|[,;:.()\\n]))`, 'gi'), ' guests'],
  [
    new RegExp(
      `(?<=[a-z])\\s+(?:(?:all|mostly|mainly)\\s+)?(?:aged?\\s+)?(?:over|above|older than)\\s+(?:the age of\\s+)?${GROWN}(?=\\s*(?:$|[,;:.()\\n]|with\\b|who\\b))`,
      'gi',
    ),
    '',
  ],
  [
    new RegExp(
      `(?<=[a-z])\\s+(?:aged?|between)\\s+(?:from\\s+|between\\s+)?${GROWN}\\s*(?:\\+|(?:to|and|-|–)\\s*\\d{2,3})(?=\\s*(?:$|[,;:.()\\n]|with\\b|who\\b))`,
      'gi',
    ),
    '',
  ],
  [new RegExp(`(?<=[a-z])\\s+in (?:their|the) (?:(?:early|mid|late)[\\s-])?(?:${TENS})`, 'gi'), ''],
];

/** "9 guests. Two are vegan." are two parts; "approx. 20" is one. */
const SENTENCE = /(?<!\b(?:approx|ca|incl|max|min|no|st|mr|mrs|ms|dr|e\.g|i\.e))\.\s+(?=\S)|[!?]+\s+(?=\S)/gi;

/** The last age has no full stop. */
const ENDS = /[.!?\s]+$/;

const RESTRICTIONS =
  'allergies|intolerances|restrictions|requirements|special (?:needs|diets|requirements)|(?:dietary|food) (?:needs|requirements|restrictions|wishes)|diets|dietar(?:y|ies)';
const NOBODY = '(?:nobody|no one|no-one|none(?: of (?:them|us))?)';
const NO_NEED = `no\\s+(?:known\\s+|other\\s+)?(?:${RESTRICTIONS})(?:\\s+(?:at all|known|whatsoever))?(?=\\s*(?:$|[,;.)\\n]))`;
const NOTHING_FOR_ALL: Rule = [
  /^(\s*(?:we are\s+)?\d+\s+(?:guests|people|persons|pax|of us)(?:, all without [^,;\n]+)*)\s*[,;]\s*(?:and\s+)?(?:no|without|nothing with)\s+(?!one\b|children\b|kids\b|little ones\b|known\b|restrict|special|diet|allerg|intoler|requirement)((?:(?!\sfor\s)[^,;\n])+)(?=\s*[,;\n]\s*(?:and\s+)?(?:\d|(?:one|two|three|four|no|without)\b))/i,
  '$1, all without $2',
];
const SAID_OF_ALL: readonly Rule[] = [
  // "7 guests. No pork. No nuts. One vegetarian."
  ...Array.from({ length: 4 }, (): Rule => NOTHING_FOR_ALL),
  [
    new RegExp(
      `(^|[,;:\\n]\\s*)${NOBODY}\\s+(?:eats?|takes?|drinks?|can (?:eat|have|drink))\\s+(?=\\S)`,
      'gi',
    ),
    '$1all without ',
  ],
  // "15 vegetarian, no beef or pork for anyone"
  [
    /(^|[,;\n]\s*)(?:(?:and|but|also|please)\s+)*(?:no|without|nothing with)\s+([^,;\n()\d]+?)\s+for\s+(?:any(?:one|body)|every(?:one|body)|all(?: of (?:us|them))?|us)(?=\s*(?:$|[,;.)\n]))/gi,
    '$1all without $2',
  ],
  [
    new RegExp(
      `(^|[,;:\\n]\\s*)(?:and\\s+)?${NOBODY}\\s+(?:should|must|may|can|will)\\s+(?:get|have|be\\s+(?:given|served|offered))\\s+(?:any\\s+)?(?=\\S)`,
      'gi',
    ),
    '$1all without ',
  ],
  [new RegExp(`(^|[,;:\\n]\\s*)${NOBODY}\\s+likes?\\s+(?=\\S)`, 'gi'), '$1all hate '],
  [new RegExp(`(^|[,;:\\n]\\s*)${NOBODY}\\s+drinks?(?=\\s*(?:$|[,;.)\\n]))`, 'gi'), '$1all without alcohol'],
  [new RegExp(`${NOBODY}\\s+(?:has|have)\\s+(?:any\\s+)?(?=${RESTRICTIONS})`, 'gi'), 'no '],
  [new RegExp(`([,;\\n]\\s*)(?:and\\s+)?${NO_NEED}`, 'gi'), '$1'],
  [new RegExp(`\\bwithout (?:any )?(?:${RESTRICTIONS})(?=\\s*(?:$|[,;.)\\n]))`, 'gi'), 'who eat everything'],
  [new RegExp(`(?:\\b(?:with|(?:who )?(?:have|has))\\s+)?\\b${NO_NEED}`, 'gi'), 'who eat everything'],
  [/([,;\n]\s*)(?:and\s+)?no (?:children|kids|little ones)(?=\s*(?:$|[,;.)\n]))/gi, '$1'],
  [/[,;](?:\s*[,;])+/g, ','],
  [/(^|[,;:.\n]\s*)I(?:\s+am|['’]m)\s+(?=\S)/g, '$11 who is '],
];

/** Who they are, and nothing that a board would be made otherwise for. */
const SAYS_NOTHING =
  /^(?:(?:and|meat[ -]?eaters?|omnivores?|carnivores?|mostly|mainly|largely|rather|all|(?:most|some|many|several|a few|the rest)(?: of (?:them|us))?|are|eats? (?:everything|anything)|the|older|elderly|people|persons|adults|grown-?ups?|women|men|ladies|gentlemen|seniors|pensioners|friends|relatives|mixed(?: ages?| groups?)?|of all ages|(?:over|above) (?:1[89]|[2-9]\d))(?=\s|$)\s*)+$/i;

const withoutEmptyTalk = (line: string): string =>
  line.replace(/([,;\n])([^,;\n()]*)(?=[,;\n]|$)/g, (all: string, _comma: string, part: string) =>
    SAYS_NOTHING.test(part.trim()) ? '' : all,
  );

const SHARES: Readonly<Record<string, number>> = {
  half: 1 / 2,
  'a third': 1 / 3,
  'two thirds': 2 / 3,
  'a quarter': 1 / 4,
  'three quarters': 3 / 4,
};
const SHARED = new RegExp(
  `(^|[,;:\\n]\\s*|\\b(?:with|including|of which|of whom)\\s+)(?:about |around |roughly |over |under |up to |nearly |almost )?(?:(${Object.keys(SHARES).join('|')})|(\\d+)\\s?(?:%|per ?cent)|(\\w+) (?:in|out of)(?: every)? (\\w+)|all but (\\w+))(\\s+of\\s+(?:them|us|these|those|the (?:guests|people)))?(?=\\s+[a-z])`,
  'gi',
);

/** "16 guests, half of them vegetarian", "10 % vegan", "all but one halal": of the number in front, rounded up. */
function sharesCounted(line: string): string {
  const all = numberOf(/^\D*?(?:\d+\s*(?:-|–|to|or)\s*)?(\d+)/.exec(line)?.[1] ?? '');
  if (all === undefined) return line;
  const said = line
    .replace(/\b(two|three)-(?=thirds|quarters)/gi, '$1 ')
    .replace(/\bone (?=half|third|quarter)/gi, 'a ')
    .replace(/\ba half\b/gi, 'half');
  return said.replace(SHARED, (...found: unknown[]) => {
    const [text, before, share, percent, some, of, but, ofWhom] = found as (string | undefined)[];
    const theirs = /them|these|those/.test(ofWhom ?? '')
      ? lastCounted(said.slice(0, found.at(-2) as number))
      : undefined;
    const whole = theirs ?? all;
    const part = share
      ? SHARES[share.toLowerCase()]!
      : percent
        ? Number(percent) / 100
        : numberOf(some ?? '')! / numberOf(of ?? '')!;
    const n = but === undefined ? Math.ceil(whole * part - 1e-9) : whole - numberOf(but)!;
    return n >= 1 && n <= whole ? `${before}${n}${theirs === undefined ? '' : ' of them'}` : text!;
  });
}

/** "14 children, 3 parents, half of them": of the parents. Undefined where only those in front are counted. */
function lastCounted(before: string): number | undefined {
  const [, ...after] = before.split(/[,;:\n]/);
  return numberOf(/^\S+/.exec(after.at(-1)?.trim() ?? '')?.[0] ?? '');
}

/** "1 vegan 1 veggie 5 others": a list without a sign between. */
const PLAIN_LIST = /^\s*\d+\s[a-z\d' -]+$/i;
const COUNTS = /(?<![^\s])(?:\d+|one|two|three|four|five|six)\s+(?=[a-z])/gi;
const isListed = (line: string): boolean =>
  PLAIN_LIST.test(line) && /[a-z]\s*$/i.test(line) && (line.match(COUNTS)?.length ?? 0) >= 3;
const NO_LIST =
  /\b(?:of|aged?|for|to|and|or|with|who|are|is|have|has|between|over|under|at|from|than|years?|months?)\b/i;
const withSigns = (line: string): string =>
  isListed(line) && !NO_LIST.test(line)
    ? line.replace(/\s+(?=(?:\d+|one|two|three|four|five|six)\s+[a-z])/gi, (gap, at: number) =>
        at === 0 ? gap : ', ',
      )
    : line;

/** "Nut-free for 12 kids", "a vegan party for 8": how all of them eat, before how many they are. */
const ALL_FOR =
  /^\s*(?!no\b|not\b|nothing\b|without\b|for\b)((?:[a-z'’-]+\s+){0,5}?[a-z'’-]+)\s+for\s+(?=(\d+|[a-z]+)\b)/i;
const EATEN_SO = /free\b|vegan|vegetarian|veggie|halal|kosher|keto|diabetic|pescatarian|allerg|intoleran/i;

function allInFront(line: string): string {
  const found = ALL_FOR.exec(line);
  if (!found || numberOf(found[2]!) === undefined || !EATEN_SO.test(found[1]!)) return line;
  const rest = line.slice(found[0].length);
  if (/\bfor\s+\d/i.test(rest)) return line;
  // "gluten free for 2, 8 others" is of those two
  const alone = /^(\S+?)(?=\s*(?:[,;\n]|$))/.exec(rest);
  return alone ? `${alone[1]!} ${found[1]!}${rest.slice(alone[0].length)}` : `${rest}, all ${found[1]!}`;
}

/** The line with what is shortened spelled out, and without what says nothing of a board. */
export const spelledOut = (text: string): string =>
  sharesCounted(
    withoutEmptyTalk(
      outOfBrackets(
        allInFront(
          numbersInFront(
            inTurn(
              inTurn(withSigns(text.replace(ENDS, '')), [...SHORT, ...GROWN_AGES]).replace(SENTENCE, '; '),
              SAID_OF_ALL,
            ),
          ),
        ),
      ),
    ),
  );
