import type { Currency } from '../measure/index.js';
import { BEFORE_PLACE, PLACES } from './occasions.js';
import { numberOf } from './parts.js';

/** What lines of a party say that is about nobody who comes: money, hours, boards, grams. No number of it is a guest. */

const FEW = 'an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve';
const N = `(?:\\d{1,5}(?:[.,]\\d{1,2})?|${FEW})`;
/** "£12-15", "£12 to £15": the most of it. */
const LOWER = '(?:[£€$]\\s?)?(?<![\\w.,])\\d{1,6}(?:[.,]\\d{1,2})?k?';
const LOW = `(?:(?:from\\s+)?${LOWER}(?:[-–]|\\s+to\\s+)|between\\s+${LOWER}\\s+and\\s+)?`;
/** The last letter of "1.5k" is a thousand. */
const AMOUNT = '(\\d{1,3}(?:,\\d{3})+|\\d{1,6})((?:[.,]\\d{1,2})?)(k(?![a-z]))?';
const HEDGE =
  '(?:with|at|for|on|and|is|of|an?|the|our|my|total|about|around|roughly|approx\\.?|circa|max\\.?|maximum|up to|under|below|within|less than|no more than|not more than|at most|budget|budgeted|spend|spending|cost|costs|costing|price|priced|cap|capped at|limit|limited to)';
const EACH =
  '(?:each|apiece|pp|p\\.p\\.?|p/p|per\\s+(?:head|person|guest|cover|portion)|an?\\s+(?:head|person|guest)|/\\s*(?:head|person|guest))';
const AFTER = `(?:\\s*(?:${EACH}|in total|in all|total|altogether|all in|max\\.?|maximum|budget|or less|or so|tops)(?![a-z]))*`;
const SIGN: Readonly<Record<string, Currency>> = { '£': 'GBP', '€': 'EUR', $: 'USD' };
const WORDS: readonly (readonly [RegExp, Currency])[] = [
  [/^(?:pounds?|quid|gbp)/i, 'GBP'],
  [/^(?:euros?|eur)/i, 'EUR'],
  [/^(?:dollars?|bucks|usd)/i, 'USD'],
  [/^(?:francs?|chf)/i, 'CHF'],
];
const CURRENCY = '(?:pounds?(?!\\s+of)|quid|gbp|euros?|eur|dollars?|bucks|usd|francs?|chf)';
const ENDS_MONEY = '(?=\\s*(?:$|[,;:.()\\n]|(?:and|with|on|in|at|for)\\b))';
const MONEY: readonly RegExp[] = [
  new RegExp(
    `(?:\\b${HEDGE}[\\s:]*)*${LOW}([£€$]|(?<![a-z])(?:chf|eur|gbp|usd)(?=\\s*\\d))\\s?(?:\\d{1,6}(?:[.,]\\d{1,2})?k?(?:[-–]|\\s+to\\s+))?${AMOUNT}${AFTER}`,
    'gi',
  ),
  new RegExp(
    `(?:\\b${HEDGE}[\\s:]*)*${LOW}(?<![\\w.,])${AMOUNT}\\s*([£€$]|${CURRENCY}(?![a-z]))${AFTER}`,
    'gi',
  ),
  new RegExp(
    `\\bbudget[\\s:]*(?:\\b${HEDGE}[\\s:]*)*${LOW}(?<![\\w.,])${AMOUNT}(?![\\w%])${AFTER}${ENDS_MONEY}`,
    'gi',
  ),
];

const BOARD = '(?:boards?|platters?|trays?|tables?|rooms?|stands?|plates?|boxes)';
const KIND_OF_BOARD =
  '(?:(?:big|large|small|long|round|square|wooden|separate|different|same|cheese|grazing|serving|sharing|oak|slate|marble|wide|cm|mm|inch)\\s+){0,3}';
/** Nothing is said of them: the phrase ends here. */
const ENDS = '(?=\\s*(?:$|[,;:.()\\n]|(?:and|with|on|in|at|for|across|please)\\b))';
/** How they eat and what for, where a part says nothing else. */
export const MANNERS =
  "(?:(?:an?|the|our|for|in|on|at)\\s+)*(?:(?:standing|seated|sit[\\s-]?down|formal|informal|casual|relaxed|small|big|late|early|working|cold|light|evening|afternoon|morning|midday|garden|office|house|family|birthday|christmas|summer|winter)\\s+)*(?:breakfast|brunch|lunch|luncheon|dinner|supper|tea|afternoon tea|high tea|cream tea|drinks|drinks reception|drinks party|cocktails|cocktail party|cocktail reception|champagne reception|(?:[a-z]+['’]s\\s+)?(?:\\d{1,3}(?:st|nd|rd|th)\\s*)?(?:birthday|anniversary)|[a-z]+['’]s\\s+\\d{1,3}(?:st|nd|rd|th)|reception|picnic|buffet|grazing table|grazing|canap[eé]s|finger food|nibbles|cheese and wine|wine and cheese|tasting|new year['’]?s(?: eve)?|party|celebration|meal|standing|seated|sit[\\s-]?down|formal|informal|casual|outdoors?|outside|indoors?|garden|open air|hot day|summer['’]?s day|barbecue|bbq)(?:\\s+(?:party|evening|night|in the garden|outdoors|outside))?";
const DRINK = '(?:wine|prosecco|champagne|beers?|cocktails|drinks|fizz|bubbles|cava|gin)';
const ASIDE: readonly RegExp[] = [
  new RegExp(
    `(?<=(?:^|[,;.(\\n])\\s*)(?:(?:mostly|mainly|partly)\\s+)?${MANNERS}(?=\\s*(?:$|[,;:.)\\n]))`,
    'gi',
  ),
  /(?<=(?:^|[,;.(\n])\s*)(?:evening|daytime|day|lunchtime|afternoon|reception)\s+only(?=\s*(?:$|[,;:.)\n]))/gi,
  /\b(?:(?:on|with)\s+)?(?:an?\s+)?(?:tight|low|small|limited|modest|generous|good|decent)\s+budget\b/gi,
  // "for two and a half hours"; a child is so many weeks or months old
  new RegExp(
    `(?:\\b(?:for|lasting|over|during|about|around)\\s+)*(?<![\\w.,])(?:${N}(?:\\s+and\\s+a\\s+half)?|half\\s+an|a\\s+couple\\s+of)[\\s-]*(?:hours?|hrs?|h|minutes?|mins?)\\b(?:\\s+long)?`,
    'gi',
  ),
  // "on a 60 x 40 cm board"
  new RegExp(
    `(?:\\b(?:on|for|with|using)\\s+)?(?:\\b(?:${FEW})\\s+)?(?<![\\w.,])\\d+(?:[.,]\\d+)?(?:\\s*(?:x|by|×)\\s*\\d+(?:[.,]\\d+)?)?\\s*-?(?:(?:cm|mm|inch|inches|metres?|meters?|ft|feet|foot)\\b|["″])\\s*${KIND_OF_BOARD}(?:${BOARD}\\b)?`,
    'gi',
  ),
  // "2 boards", "in two rooms", "table 7"
  new RegExp(
    `(?:\\b(?:on|with|using|over|across|in|at)\\s+)?(?<![\\w.,])(?:\\d{1,2}|${FEW})\\s+${KIND_OF_BOARD}${BOARD}\\b(?!\\s+(?:of|for)\\b|\\s*:)${ENDS}`,
    'gi',
  ),
  /\b(?:table|room|suite|floor|flat)\s+(?:no\.?\s*)?\d{1,4}\b\s*:?/gi,
  // "1 kg of cheese", "200 g a head"
  new RegExp(
    `(?<![\\w.,])${N}\\s*(?:kg|kilos?|g|grams?|lbs?|oz|ounces?|pounds?(?=\\s+of))\\b(?:\\s+of\\s+[a-z]+)?(?:\\s*${EACH}(?![a-z]))?(?:\\s+please)?`,
    'gi',
  ),
  // "5 cheeses", "three kinds of cheese"
  new RegExp(
    `(?:\\bwith\\s+)?(?<![\\w.,])(?:\\d{1,2}|${FEW})\\s+(?:different\\s+)?(?:(?:kinds?|types?|sorts?|varieties)\\s+of\\s+[a-z]+|cheeses|meats|dips|breads|desserts|courses|canapes|bites)\\b(?:\\s+each)?${ENDS}`,
    'gi',
  ),
  // "at our wedding in July"; a vegan wedding says something of who comes
  new RegExp(
    `\\b(?:at|for|in)\\s+(?:an?|our|the|my|his|her|their)\\s+(?:(?:${[...BEFORE_PLACE].join('|')})\\s+){0,2}(?:${PLACES})\\b(?=\\s*(?:$|[,;:.)\\n]|(?:on|at|in|for|with|this|next)\\b))`,
    'gi',
  ),
  // they drink it
  new RegExp(
    `\\bwith\\s+${DRINK}(?:\\s*(?:,|and|&)\\s*(?:${DRINK}|cheeses?|nibbles|snacks|canap[eé]s)){0,4}(?=\\s*(?:$|[,;:.)\\n]))`,
    'gi',
  ),
  /\bin\s+(?:early\s+|late\s+|mid-?\s*)?(?:january|february|march|april|may|june|july|august|september|october|november|december)\b(?:\s+\d{4}\b)?/gi,
  /\b(?:this|next)\s+(?:week(?:end)?|month|year|spring|summer|autumn|winter)\b/gi,
  // "nobody vegan", "no coeliacs"; that nobody eats pork is quite another thing
  /(?<=(?:^|[,;.:\n])\s*)(?:(?:nobody|no[\s-]?one|none(?:\s+of\s+(?:them|us))?)\s+(?:is\s+|are\s+)?(?:an?\s+)?(?:vegans?|vegetarians?|veggies?|pescatarians?|coeliacs?|celiacs?|diabetics?|halal|kosher|keto|pregnant)|no\s+(?:vegans|vegetarians|veggies|pescatarians|coeliacs|celiacs|diabetics|children|kids)|(?:nobody|no[\s-]?one)\s+(?:has|with)\s+(?:any\s+)?(?:allergies|dietary\s+requirements))(?=\s*(?:$|[,;.\n]))/gi,
  /(?:\band\s+)?\b(?:nobody|no[\s-]?one)\s+else\s+(?:has|have|needs|with)\s+(?:anything|any(?:\s+(?:allergies|requirements|needs|restrictions))?)(?:\s+special)?(?=\s*(?:$|[,;.)\n]))/gi,
  /\bno\s+(?:known\s+)?(?:food\s+)?(?:allergies|intolerances|dietary\s+(?:requirements|needs))\s+(?:(?:that\s+|which\s+)?(?:i|we)\s+know(?:\s+of)?|as\s+far\s+as\s+(?:i|we)\s+know|to\s+(?:my|our)\s+knowledge|known)(?=\s*(?:$|[,;.)\n]))/gi,
  /\b(?:the|our|a)?\s*\bboard\s+is\s+(?=for\b|with\b)/gi,
];

/** What is said not to be eaten is no wish: "allergic to three kinds of nuts". */
const LEAVES =
  "(?:allerg|intoleran|avoid|without|refus|abstain|exclud|n['’]?t\\b|\\b(?:no|not|nor|never|only|cannot|hates?|dislikes?|skips?|minus|except|off|leaves? out|gives? up|free (?:of|from))\\b)";
const LEFT_OUT = new RegExp(`(?:${LEAVES}|\\beats?\\b)[^,;:\\n(]*$`, 'i');

/** What is eaten or drunk may go on with what nobody eats: "no pork, cheese and wine". */
const EDIBLE = /\b(?:cheese|wine|tea|drinks|cocktails?|canap|nibbles|barbecue|bbq)/i;
const LEFT_OUT_BEFORE = new RegExp(LEAVES, 'i');
/** "Tea, coffee and nut allergies": nobody new is counted before the word that says so. */
const LEFT_OUT_AFTER =
  /^(?![^.;\n]*?(?:\d|\b(?:an?|one|two|three|four|five|six)\b)[^.;\n]*allerg)[^.;\n]*(?:allerg|intoleran)/i;

/** The text with each of these phrases put otherwise. */
const replaced = (text: string, by: (said: string) => string): string =>
  [...MONEY, ...ASIDE].reduce(
    (rest, rule) =>
      rest.replace(rule, (...found: unknown[]) => {
        const said = found[0] as string;
        const at = found.findLast((part) => typeof part === 'number') as number;
        const [before, after] = [rest.slice(0, at), rest.slice(at + said.length)];
        const isListed = EDIBLE.test(said) && (LEFT_OUT_BEFORE.test(before) || LEFT_OUT_AFTER.test(after));
        return isListed || LEFT_OUT.test(before) ? said : by(said);
      }),
    text,
  );

interface Money {
  amount: number;
  /** For each guest, or for all. */
  each: boolean;
  /** Undefined where the line names none. */
  currency: Currency | undefined;
}

const currencyOf = (said: string | undefined): Currency | undefined =>
  said === undefined ? undefined : (SIGN[said] ?? WORDS.find(([word]) => word.test(said))?.[1]);

/** What may be spent, as the lines say it; undefined where they say nothing of money, or two things. */
export function moneyOf(text: string): Money | undefined {
  const found: Money[] = [];
  let rest = text;
  const isEach = new RegExp(`${EACH}(?![a-z])`, 'i');
  for (const [i, rule] of MONEY.entries()) {
    for (const said of rest.matchAll(rule)) {
      const [whole, ...groups] = said as unknown as (string | undefined)[];
      const [sign, n, cents, thousand] =
        i === 0 ? groups : [i === 1 ? groups[3] : undefined, ...groups.slice(0, 3)];
      const plain = Number(n!.replace(/,/g, '') + (cents ?? '').replace(',', '.'));
      const amount = thousand ? 1000 * plain : plain;
      found.push({ amount, each: isEach.test(whole!), currency: currencyOf(sign) });
    }
    rest = rest.replace(rule, ' ');
  }
  const [money] = found;
  return found.length === 1 && money!.amount > 0 ? money : undefined;
}

/** What was set aside of the lines, as they say it, in their order. */
export function asideOf(text: string): string[] {
  const found: { at: number; said: string }[] = [];
  replaced(text, (said) => {
    found.push({ at: text.indexOf(said.trim()), said: said.trim() });
    // as long as before, so that nothing is found across the gap
    return ','.repeat(said.length);
  });
  return found.sort((a, b) => a.at - b.at).map(({ said }) => said);
}

/** "3 tables of 8" are twenty-four; "one vegan at each" are three then. */
const TABLES =
  /(?<![\w.,])(\d{1,2}|[a-z]+)\s+(?:tables|groups|teams)\s+of\s+(\d{1,3}|[a-z]+)(?:\s+(?:people|guests))?/i;
const AT_EACH =
  /(?<![\w.,])(\d{1,2}|[a-z]+)(\s+[^,;\n]*?)\s+(?:at|on)\s+(?:each|every)(?:\s+(?:one|table|board))?(?=\s*(?:$|[,;.\n]))/gi;
function tablesCounted(text: string): string {
  const found = TABLES.exec(text);
  const [tables, seats] = [numberOf(found?.[1] ?? ''), numberOf(found?.[2] ?? '')];
  if (!found || tables === undefined || seats === undefined) return text;
  // "24 guests, 3 tables of 8": they were counted before
  if (/\d/.test(text.slice(0, found.index))) return text.replace(TABLES, '');
  const counted = `${text.slice(0, found.index)}${tables * seats} guests${text.slice(found.index + found[0].length)}`;
  return counted.replace(AT_EACH, (all: string, n: string, who: string) =>
    numberOf(n) === undefined ? all : `${tables * numberOf(n)!}${who}`,
  );
}

/** "25 wedding guests" are 25 guests: what they come for says nothing of them. */
const OF_OCCASION =
  /(?<![\w.,])(\d{1,4}|[a-z]+)\s+(?:wedding|birthday|party|dinner|lunch|brunch|supper|house|hotel|conference|office|evening|day|drinks|christening|retirement|engagement)\s+(guests?|people|friends|attendees)\b/gi;
/** "4yo", "4 yrs old". */
const SHORT_AGE = /\b(\d{1,2})\s*-?(?:y\.?\/?o\b\.?|yrs?\s+old\b)/gi;

/** "16 people - drinks - 2 vegans": a dash between words parts them, one between numbers says how many. */
const DASH = /(?<!\d)\s+[-–—|•·]\s+|\s+[-–—|•·]\s+(?!\d)/g;

/** "100 guests cocktail reception". */
const GUESTS_AT = new RegExp(
  `\\b(guests|people|pax|persons|colleagues)\\s+${MANNERS}(?=\\s*(?:$|[,;.)\\n]))`,
  'gi',
);

/** The lines without what is about nobody who comes. */
export function withoutAside(text: string): string {
  const counted = tablesCounted(text.replace(DASH, ', '))
    .replace(OF_OCCASION, (all: string, n: string, who: string) =>
      numberOf(n) === undefined ? all : `${n} ${who}`,
    )
    .replace(GUESTS_AT, '$1')
    .replace(SHORT_AGE, '$1 years old');
  const left = replaced(counted, () => ', ');
  if (left === counted) return counted;
  return left
    .replace(/[^\S\n]{2,}/g, ' ')
    .replace(/\(\s*,?\s*\)/g, '')
    .replace(/^[\s,;:]+/, '')
    .replace(/[,;][\s,;]*:/g, ':')
    .replace(/([,;:(\n])(?:\s*[,;])+/g, '$1')
    .replace(/\s+(?=[,;.)])/g, '')
    .replace(/[\s,;]+$/, '');
}
