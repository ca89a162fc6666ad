import { isFoodWord, NEED_WORDS } from '../needs/index.js';
import { numberOf, readParty, saysNeed, type Group } from '../party/index.js';
import type { Said } from '../words/index.js';

/** What is asked of a guest, in the order of the slip. The words before the colon are found again in the answer. */
export const REPLY_QUESTIONS = [
  { key: 'name', ask: 'Your name', hint: 'so that we know whose plate it is' },
  { key: 'how many', ask: 'How many of you', hint: 'grown-ups who eat alike' },
  { key: 'children', ask: 'Children, with ages', hint: 'for example 2, ages 3 and 7' },
  { key: 'we eat', ask: 'We eat', hint: 'everything, vegan, vegetarian, halal, no beef, keto …' },
  { key: 'allergies', ask: 'Allergies', hint: 'which, and whether traces matter' },
  { key: 'care', ask: 'Anything else we should care for', hint: 'pregnant, little salt, no alcohol …' },
  {
    key: 'we do not like',
    ask: 'We do not like',
    hint: 'olives, blue cheese, anything hot',
  },
  { key: 'the children know', ask: 'The children know and like', hint: 'banana, bread, mild cheese' },
] as const;

export const replySlipText = (occasion: string): string =>
  [
    `${occasion}: what may we put before you?`,
    '',
    ...REPLY_QUESTIONS.map((q) => `${q.ask} (${q.hint}):`),
    '',
  ].join('\n');

export interface Replies {
  groups: Group[];
  problems: { reply: number; said: Said }[];
}

type Key = (typeof REPLY_QUESTIONS)[number]['key'];
const FINDERS: Record<Key, RegExp> = {
  name: /^your name\b[^:]*:|^(?:my )?name\s*:/i,
  'how many': /^how many of (?:you|us)\b[^:]*:/i,
  children: /^children\b[^:]*:/i,
  'we eat': /^(?:(?:we|i) eat|how (?:do )?(?:you|we|i) eat|diet(?:ary)?)\b[^:]*:/i,
  allergies: /^(?:(?:any|my|our|food) )*(?:allerg(?:y|ies)|intolerances?)\b[^:]*:/i,
  care: /^anything else\b[^:]*:/i,
  'we do not like': /^(?:(?:we|i) (?:do not|don.?t) like|dislikes?)\b[^:]*:/i,
  'the children know': /^the children know\b[^:]*:/i,
};
/** Each slip begins with it; pasted below another reply it belongs to none. */
const TITLE = /what may we put before you\?$/i;
/** Neither does how a letter ends, nor where its writer is reached. */
const OF_LETTER =
  /^(?:(?:(?:kind|best|warm)(?:est)? )?(?:regards|wishes)|(?:many )?thanks?(?: you)?(?: so much| very much| again)?|cheers|love|best|x+|sent from my [a-z ]+|(?:phone|mobile|tel|e-?mail|address)\b[^:]*:.*)[\s,.!]*$/i;
const OTHER_QUESTION = /^[^:]{1,60}:\s*/;

const NOTHING =
  /^(?:(?:i|we) have )?(?:no|none|nope|nothing|nil|n\/a|na|not any|-+|\.*|no(?:ne)?(?: known)?(?: food)? allerg(?:y|ies)|none known|(?:none|not|nothing) (?:that|as far as) (?:i|we) (?:know|am aware|are aware)(?: of)?)[.!]*$/i;
const EVERYTHING =
  /^(?:(?:i|we) (?:can )?eat )?(?:everything|anything|all(?: foods?| sorts)?|no (?:restrictions|special diet|requirements)|omnivores?)[.!]*$/i;

/** The answers by their questions. What stands below a question belongs to it; what belongs to none is cared for: it may be a need. */
function answersOf(lines: readonly string[]): Record<Key, string> {
  const found: Record<Key, string[]> = {
    name: [],
    'how many': [],
    children: [],
    'we eat': [],
    allergies: [],
    care: [],
    'we do not like': [],
    'the children know': [],
  };
  let at: Key | undefined;
  for (const line of lines
    .map((text) => text.trim())
    .filter((text) => text !== '' && !TITLE.test(text) && !OF_LETTER.test(text))) {
    const key = (Object.keys(FINDERS) as Key[]).find((each) => FINDERS[each].test(line));
    const isOther = !key && OTHER_QUESTION.test(line);
    const question = (key ? FINDERS[key] : isOther ? OTHER_QUESTION : /(?!)/).exec(line)?.[0] ?? '';
    const answer = [inBrackets(question), line.slice(question.length).trim()].filter(Boolean).join(', ');
    if (key) at = key;
    const isNamed = at === 'name' && found.name.length > 0;
    const of = isOther || at === undefined || (!key && isNamed) ? 'care' : at;
    if (answer !== '' && !NOTHING.test(answer)) found[of].push(answer);
  }
  return Object.fromEntries(Object.entries(found).map(([key, said]) => [key, said.join(', ')])) as Record<
    Key,
    string
  >;
}

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z]+/g, ' ')
    .trim();
const HINTS = REPLY_QUESTIONS.map(({ hint }) => plain(hint));

/** What stands in the brackets of a question instead of its hint is an answer: "Allergies (sesame):". */
function inBrackets(question: string): string {
  const inside = /\(([^()]*)\)/.exec(question)?.[1] ?? '';
  return HINTS.some((hint) => hint.includes(plain(inside))) ? '' : inside;
}

/** "Bo Hart and family, vegan", "Bo is vegan", "bo (coeliac)": what stands beside a name. */
const NAMES =
  /^(?:\p{Lu}[\p{L}'’.-]*|(?:and|&|\+|family|de|da|van|von|der|den|la|le|al|bin|the)(?=\s|$)|\s)+/u;
function besideName(name: string): string {
  const [rest = ''] = [name.slice(NAMES.exec(name)?.[0].length ?? 0).trim()];
  const said = rest.replace(/^[\s(,;:./–-]+|[\s).]+$/g, '').replace(/^(?:who\s+)?(?:is|are|am)\s+/i, '');
  const isLower = rest === name;
  return isLower && !saysNeed(name, { words: NEED_WORDS, isFood: isFoodWord }) && !/[(,;/–-]/.test(name)
    ? ''
    : said;
}

/** An allergy is no dislike, under whatever question it stands. */
const IS_ALLERGY = /allerg|intoleran|anaphyla|coeliac|celiac/i;
const IS_LEFT_OUT = /allerg|intoleran|anaphyla|coeliac|celiac|\b(?:no|not|never|without)\b/i;

/** "Two adults", "one, 4": a number that is written as a word. */
const inFigures = (text: string): string =>
  text.replace(/^\s*([a-z]+)\b/i, (word) => String(numberOf(word.trim()) ?? word));

const listOf = (text: string) =>
  text
    .split(/,|;|\band\b|\bor\b/)
    .map((text) => text.trim().replace(/[.]$/, ''))
    .filter(Boolean);

/** Answers pasted one below the other; each begins with the name. What is not understood is named, and nobody is guessed at. */
export function readReplies(text: string): Replies {
  const lines = text.split(/\r?\n/);
  const starts = lines.flatMap((line, i) => (FINDERS.name.test(line.trim()) ? [i] : []));
  const groups: Group[] = [];
  const problems: Replies['problems'] = [];
  if (starts.length === 0 && text.trim() !== '') problems.push({ reply: 1, said: { say: 'reply.none' } });
  starts.forEach((start, k) => {
    const a = answersOf(lines.slice(start, starts[k + 1]));
    const needs = [
      a['we eat'],
      a.allergies && `${a.allergies} allergy`,
      a.care,
      besideNumbers(a['how many']),
      besideName(a.name),
      ...listOf(a['we do not like']).filter((said) => IS_ALLERGY.test(said)),
      ...listOf(a['the children know']).filter((said) => IS_LEFT_OUT.test(said)),
    ]
      .filter((text) => text && !EVERYTHING.test(text))
      .flatMap(listOf);
    const dislikes = listOf(a['we do not like']).filter((said) => !IS_ALLERGY.test(said));
    const grown = a['how many'] === '' ? 1 : Number(/\d+/.exec(inFigures(a['how many']))?.[0] ?? NaN);
    if (!Number.isInteger(grown) || grown < 0 || grown > 500) {
      problems.push({ reply: k + 1, said: { say: 'reply.number', with: { text: a['how many'] } } });
      return;
    }
    const said = needs.length > 0 ? ` ${needs.join(' & ')}` : '';
    // "2; 2 children" would be two in all
    const parts = [grown > 0 ? `${grown} adults${said}` : '', childrenPart(a.children, said)].filter(Boolean);
    const of = ({ say, with: values }: Said): Said => ({
      say,
      with: { ...values, name: a.name || { say: 'reply.nameless' } },
    });
    const read = readParty(parts.join('; '), NEED_WORDS, isFoodWord);
    problems.push(
      ...read.problems.map(({ said: why }) => ({
        reply: k + 1,
        said: of({ say: 'reply.of', with: { why } }),
      })),
    );
    for (const u of read.unread)
      problems.push({ reply: k + 1, said: of({ say: 'reply.unread', with: { text: u.text } }) });
    for (const group of read.groups)
      groups.push({
        ...group,
        id: `${group.id.slice(0, 28)}-r${groups.length + 1}` as Group['id'],
        name: a.name ? `${a.name}: ${group.name.toLowerCase()}`.slice(0, 60) : group.name,
        dislikes,
        ...(a.name ? { seats: [a.name.slice(0, 40)] } : {}),
        ...(group.band === 'child' && a['the children know']
          ? { knownFoods: listOf(a['the children know']).filter((said) => !IS_LEFT_OUT.test(said)) }
          : {}),
      });
  });
  return { groups, problems };
}

/** "2, ages 3 and 7" becomes a part of a party line. */
function childrenPart(text: string, said: string): string {
  if (text === '') return '';
  const numbers = inFigures(text).match(/\d+/g) ?? [];
  // "ages 3 and 7", "3 and 7" tell no number of them
  const areAges =
    /^\s*ages?d?\b/i.test(text) ||
    /^\s*\d+\s*(?:years?|yrs?)?\s*(?:and|&)\s*\d+\s*(?:years?|yrs?)?(?:\s*olds?)?\s*$/i.test(text);
  const [count = '', ...ages] = areAges ? [String(numbers.length), ...numbers] : numbers;
  const more = besideNumbers(text);
  return `${count || '1'} children${said}${more && ` & ${more}`}${ages.length > 0 ? ` (${ages.join(', ')})` : ''}`;
}

/** What an answer says beside how many and how old: "2, Mia has a nut allergy" is not dropped. */
const besideNumbers = (text: string): string =>
  /[a-z]/i.test(text.replace(NUMBER_FIRST, ' ').replace(PLAIN_COUNT, ''))
    ? text
        .replace(NUMBER_FIRST, ' ')
        .replace(/\d+/g, ' ')
        .replace(/[,;()\s]+/g, ' ')
        .trim()
    : '';
const NUMBER_FIRST = /^\s*(?:one|two|three|four|five|six|seven|eight|nine|ten|a|an)\b/i;
const PLAIN_COUNT =
  /\b(?:aged?|ages|years?|yrs?|olds?|months?|and|child(?:ren)?|kids?|boys?|girls?|bab(?:y|ies)|toddlers?|adults?|grown-?ups?|people|guests?|persons?|of|us|we|are|is|just|only|me|the|no|none|nil)\b/gi;
