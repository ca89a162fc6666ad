import { setOf } from './callings.js';
import { isName, saysNeed } from './named.js';
import type { Vocabulary } from './vocabulary.js';

/** Lists and forms, one thing to a line, as the reader knows them: in one line, parted by semicolons. */

const BULLET = /^(?:[-*•–—>▪◦✓]+|\d{1,2}[.)])\s+(?=\S)/;
const NUMBERED = /^\d{1,2}[.)]\s+(?=\S)/;
const KEYED =
  /^(?<key>\p{L}[\p{L}\d .&/()'’-]{0,50}?)\s*(?::|=|\?(?=\s*\S)|\s[–—-](?=\s)|(?<=\p{L})[–—](?=\s))\s*(?<value>.*)$/u;
/** The order, and who sends it. */
const ABOUT_ORDER =
  /^(?:(?:type|date|day|time|name|location|place) of (?:the )?(?:event|party|function|wedding|delivery|contact)|(?:type of )?event(?: type| name| date)?|occasion|function|date|day|time|start|end|venue|location|place|address|postcode|(?:your |contact |client |full |first |last )?name|surname|contact|client|host|phone(?: number)?|tel(?:ephone)?|mobile|e-?mail|delivery|collection|company|organi[sz]ation|theme|style|budget|price|reference|ref|order(?: no| number)?|from|to|subject|re|sent|duration)$/;
const SAYS_GUESTS = /\b\d{1,4}\s*(?:guests|people|persons|pax|adults|children|kids|of us)\b|\bfor\s+\d/i;
const HOW_MANY =
  /^(?:(?:total )?(?:number|no\.?|nr|count|amount)(?: of)? (?:guests|people|persons|pax|attendees|heads|covers|adults and children)|(?:total )?(?:guests?|people|pax|attendees|heads|covers)(?: (?:count|number|total|in total))?|head ?count|party size|group size|(?:guest )?numbers?|total|how many(?: people| guests)?)$/;
const REMARKS =
  /^(?:other(?: info(?:rmation)?| comments| notes| requests)?|notes?|comments?|remarks?|special (?:requests?|notes)|anything else|additional (?:info(?:rmation)?|notes|comments)|further (?:info(?:rmation)?|notes)|message|details|info(?:rmation)?|please note|nb|n\.b\.)$/;
const NOBODY =
  /^(?:0|zero|none|nil|no|no one|nobody|n\/?a|-+|–|—)(?:\s+(?:known|at all|that (?:i|we) know of))?[.!]?$/i;
const THANKS =
  /^(?:(?:many |with )?thanks?(?: you| so much| very much| in advance| again)*|cheers|ta|(?:all )?(?:the )?best(?: wishes| regards)?|(?:kind |warm )?(?:regards|wishes)|yours(?: sincerely| faithfully| truly)?|sincerely|love|x+)(?:\s*[,.!–-]*\s*)/i;
const GREETING = /^(?:hi|hello|hey|dear)(?:\s+(?:there|all|team|both|\p{Lu}\p{Ll}+))?\s*[!,.]\s*(?=\S|$)/u;
const NAME = '\\p{Lu}\\p{Ll}+';
const SIGNED = new RegExp(`^(?:${NAME}|\\p{Lu}\\.?)(?:\\s+(?:${NAME}|\\p{Lu}\\.?|&|and)){0,3}\\s*x*$`, 'u');
/** What a course or a day is called is no guest's name. */
const NO_GUEST = setOf('table tables group groups');

/** A heading over what follows, which says nothing itself. */
const HEADING =
  /^(?:(?:booking|order|enquiry|inquiry|event|quote|catering|rsvp)(?: (?:form|request|details|sheet|summary))?|(?:guest|attendee|name|party|people)s?(?: list)?|guests|attendees|names|who(?: is coming)?|name\s+(?:diet|dietary|needs|requirements?|allergies)(?:\s.*)?|(?:guest )?numbers|lunch|dinner)\s*:?$/i;
const GUEST_LIST =
  /^(?:guests?|attendees?|names?|people|party|who(?: is coming)?)(?: list)?\s*:?$|^name\s+(?:diet|dietary|needs|requirements?|allergies)/i;
const DIETS =
  /^(?:(?:any|known|special|other|all|food|the)\s+)*(?:dietary|diets|dietaries|(?:dietary|food|special) (?:needs|requirements?|restrictions|preferences|info|breakdown|split|summary))(?:(?: or | and |\/|, )(?:any )?(?:allergies|intolerances|preferences|restrictions))*$/;
const ALLERGIES =
  /^(?:(?:any|known|food|other|the)\s+)*(?:allergies|allergens|intolerances)(?:(?: or | and |\/)(?:any )?[a-z ]+)?$/;
const isHeadingOfNeeds = (line: string): boolean => {
  const said = line.replace(/\s*:$/, '').toLowerCase();
  return DIETS.test(said) || ALLERGIES.test(said);
};
/** "12 standard" eat everything. */
const STANDARD =
  /^(?:standard|normal|regular|no (?:requirements?|restrictions?|diet)|everything|eats? everything|meat(?: eaters?)?|omnivores?)$/;

/** Without who has signed, at the end of a letter. */
function withoutSignature(lines: readonly string[], vocabulary: Vocabulary): string[] {
  const out = [...lines];
  const last = out.at(-1) ?? '';
  const rest = last.replace(THANKS, '');
  if (saysNeed(last, vocabulary)) return out;
  if (rest !== last && (rest === '' || SIGNED.test(rest))) return out.slice(0, -1);
  if (out.length > 1 && SIGNED.test(last) && out.at(-2)!.replace(THANKS, '') === '' && out.at(-2) !== '')
    return out.slice(0, -2);
  return out;
}

/** "Ana: vegan", "Ben – no allergies": who is called by a name, and what of them. */
function guestNamed(line: string, vocabulary: Vocabulary): string | undefined {
  const { key, value } = KEYED.exec(line)?.groups ?? { key: line, value: '' };
  const words = key!.trim().split(/\s+/);
  const isPerson =
    words.length <= 3 &&
    words.every((word) => /^\p{Lu}[\p{Ll}'’-]*\.?$/u.test(word) && !NO_GUEST.has(word.toLowerCase())) &&
    isName(words[0]!.toLowerCase(), vocabulary);
  if (!isPerson || /^\d/.test(value!)) return undefined;
  return NOBODY.test(value!.trim()) ? 'eats everything' : value!.trim();
}

const SHORT = '(?:veg|v|vg|vgn|ve|gf|df|nf)';
const IS_SHORT = new RegExp(`^${SHORT}$`, 'i');
const WHO =
  /^(?:adults?|grown-?ups?|children|kids|toddlers|bab(?:y|ies)|infants|teens|teenagers|helpers|staff)$/i;
const COUNTED = /^(?<key>\p{L}[\p{L} '’-]{0,30}?)\s+(?<value>\d{1,4}(?:\s?%|\s*\([^()]*\))?)$/u;

/** "Vegetarians – 4", "Children: 8 (ages 4-10)", "GF 1": so many of them. */
function counted(key: string, value: string, vocabulary: Vocabulary): string | undefined {
  const [all, n, bracket = ''] = /^(\d{1,4})(\s*\([^()]*\))?$/.exec(value) ?? [];
  const isCounted = WHO.test(key.trim()) || IS_SHORT.test(key.trim()) || saysNeed(key, vocabulary);
  if (all !== undefined && STANDARD.test(key.trim().toLowerCase()))
    return `${n} who eat everything${bracket}`;
  if (all !== undefined && isCounted) return `${n} ${key.trim()}${bracket}`;
  return /^\d{1,2}\s?%$/.test(value) && isCounted ? `${value} ${key.trim()}` : undefined;
}

/** "Ana (vegan)", "Ana, vegan", in columns: as "Ana: vegan", where more than one line is so. */
function asKeyed(lines: readonly string[], vocabulary: Vocabulary): string[] {
  const keyed = lines.map((line) =>
    line.replace(/^(\p{Lu}\p{Ll}+(?: \p{Lu}\p{Ll}+)?)(?:\s*\(([^()]*)\)$|\s*[,\t|]\s*(?=\S))/u, '$1: $2'),
  );
  const isKeyed = (line: string, i: number): boolean =>
    line !== lines[i] && guestNamed(line, vocabulary) !== undefined;
  return keyed.filter(isKeyed).length > 1
    ? keyed.map((line, i) => (isKeyed(line, i) ? line : lines[i]!))
    : [...lines];
}

/** Of what somebody leaves out, or who comes; a name is no question, and neither is what says more in a bracket. */
const isQuestion = (key: string, vocabulary: Vocabulary): boolean =>
  !/[\d(]|\b(?:no|not|without|with|only)\b/.test(key) &&
  (WHO.test(key) ||
    DIETS.test(key) ||
    ALLERGIES.test(key) ||
    ABOUT_ORDER.test(key) ||
    saysNeed(key, vocabulary));

/** One line of a form. */
function formLine(line: string, vocabulary: Vocabulary): string {
  const found = KEYED.exec(line)?.groups;
  if (!found) {
    const { key, value } = COUNTED.exec(line)?.groups ?? {};
    return (key && value && counted(key, value, vocabulary)) || line;
  }
  const [key, value] = [found['key']!.trim().toLowerCase(), found['value']!.trim()];
  if (ABOUT_ORDER.test(key)) return saysNeed(value, vocabulary) || SAYS_GUESTS.test(value) ? value : '';
  if (HOW_MANY.test(key) && /^\d/.test(value)) return value.replace(/^(\d{1,4})(?!\s*[a-z])/i, '$1 guests');
  if (/^\d+$/.test(value) && /^(?:number|no\.?) of /.test(key))
    return `${value} ${key.replace(/^\S+ of /, '')}`;
  if (REMARKS.test(key)) return NOBODY.test(value) ? '' : value;
  if (NOBODY.test(value) && isQuestion(key, vocabulary)) return '';
  if (DIETS.test(key)) return `dietary requirements: ${value}`;
  if (ALLERGIES.test(key)) return `allergies: ${value}`;
  if (/^ages?(?: of (?:the )?(?:children|kids))?$|^(?:children|kids)['’]?s? ages$/.test(key))
    return `ages (${value})`;
  return counted(found['key']!, value, vocabulary) ?? line;
}

/** Shorthand without a sign between: "V3, VG1", "2V 1VG 1GF". */
const inSigns = (line: string): string =>
  line
    .replace(/(?<=[a-z])\s*=\s*(?=\d)/gi, ': ')
    .replace(/(\d+ (?:children|kids));\s*ages (?=\(\d)/gi, '$1 ')
    .replace(
      new RegExp(`(?<=[\\s(,;:]|^)(${SHORT})\\s?[x×:]?\\s?(\\d{1,3})(?=\\s*(?:$|[,;.)\\n]))`, 'gi'),
      '$2 $1',
    )
    .replace(
      new RegExp(`(?<=(?:^|[\\s(,;:])\\d{1,3}\\s?${SHORT})\\s+(?=\\d{1,3}\\s?${SHORT}(?:$|[\\s,;.)]))`, 'gi'),
      ', ',
    );

/** "Kids 4 (3, 5, 6, 9)": as many as have an age. */
const KIDS_BEHIND = /(?<=(?:^|[,;:\n])\s*)(children|kids|toddlers)\s+(\d{1,2})\s*(?=\((?:aged?\s+)?\d)/gi;

/** "20 guests, veg 3, vegan 2": of what somebody leaves out alone; a child is as old as that. */
const NEED_BEHIND = /(?<=(?:^|[,;:.(])\s*)(\p{L}[\p{L} '’-]{0,30}?)\s+(\d{1,3})(?=\s*(?:$|[,;.)]))/gu;
const NOT_COUNTED =
  /\b(?:under|over|of|aged?|to|at|for|from|table|room|until|by|after|before|on|about|around|than|year|years|between|and|with|or)\b/i;
const needsBehind = (line: string, vocabulary: Vocabulary): string =>
  // a list that counts behind from its first word on is the reader's own
  COUNTED.test(line.split(/[,;]/)[0]!.trim())
    ? line
    : line.replace(NEED_BEHIND, (all: string, key: string, n: string) =>
        !NOT_COUNTED.test(key) && (saysNeed(key, vocabulary) || STANDARD.test(key.toLowerCase()))
          ? (counted(key, n, vocabulary) ?? all)
          : all,
      );

/** What a form says elsewhere: the day, and what it may cost. */
const READ_ELSEWHERE = /date|day|time|start|end|budget|price/;

/** The lines of a form that say nothing of who comes, so that none thinks that they were understood. */
export const formAsideOf = (text: string, vocabulary: Vocabulary): string[] =>
  text
    .split('\n')
    .map((line) => line.trim().replace(BULLET, ''))
    .filter((line) => {
      const key = KEYED.exec(line)?.groups?.['key']?.trim().toLowerCase() ?? '';
      return (
        text.trim().includes('\n') &&
        ABOUT_ORDER.test(key) &&
        !READ_ELSEWHERE.test(key) &&
        formLine(line, vocabulary) === ''
      );
    });

export function formRead(text: string, vocabulary: Vocabulary): string {
  const raw = text.split('\n').map((line) => line.trim());
  const lines = withoutSignature(raw.filter(Boolean), vocabulary);
  if (raw.length < 2)
    return inSigns(lines.length === 0 ? '' : needsBehind(text.replace(KIDS_BEHIND, '$2 $1 '), vocabulary));
  const isNumbered = lines.filter((line) => NUMBERED.test(line)).length > 1;
  const isList = lines.some((line) => GUEST_LIST.test(line));
  const plain = asKeyed(
    lines
      .map((line) =>
        (NUMBERED.test(line) && !isNumbered ? line : line.replace(BULLET, '')).replace(GREETING, ''),
      )
      .filter((line) => !HEADING.test(line)),
    vocabulary,
  );
  const named = plain.map((line) => guestNamed(line, vocabulary));
  const told = named.filter((said) => said !== undefined && said !== '').length;
  // beside a number of guests only under such a heading, or numbered: "Sandwiches: vegan" is of all of them
  const isOfGuests =
    isNumbered ||
    isList ||
    lines.some((line) => /:$/.test(line) && isHeadingOfNeeds(line)) ||
    !plain.some((line, i) => named[i] === undefined && /\d/.test(line));
  // a name alone is a guest in a list of guests only; one line with a name may be anything
  const isGuest = (i: number): boolean =>
    named[i] !== undefined && isOfGuests && told > 1 && (named[i] !== '' || isNumbered || isList);
  const read = plain
    .map((line, i) => (isGuest(i) ? `1 adult ${named[i]!}`.trim() : formLine(line, vocabulary)))
    .filter(Boolean);
  return inSigns(
    read.reduce(
      (all, line) => (all === '' ? line : `${all}${/[,;:.!?]$/.test(all) ? ' ' : '; '}${line}`),
      '',
    ),
  );
}
