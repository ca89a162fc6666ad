import { isFoodWord, NEED_WORDS } from '../needs/index.js';
import { readParty, type Group } from '../party/index.js';
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

const FINDERS: Record<(typeof REPLY_QUESTIONS)[number]['key'], RegExp> = {
  name: /^your name\b[^:]*:/i,
  'how many': /^how many of you\b[^:]*:/i,
  children: /^children\b[^:]*:/i,
  'we eat': /^we eat\b[^:]*:/i,
  allergies: /^allergies\b[^:]*:/i,
  care: /^anything else\b[^:]*:/i,
  'we do not like': /^we (?:do not|don.?t) like\b[^:]*:/i,
  'the children know': /^the children know\b[^:]*:/i,
};

const NOTHING = /^(?:no|none|nothing|nil|n\/a|-+|\.*)$/i;
const EVERYTHING = /^(?:everything|anything|all)\.?$/i;

const answersOf = (lines: readonly string[]): Record<string, string> =>
  Object.fromEntries(
    Object.entries(FINDERS).map(([key, find]) => {
      const line = lines.find((line) => find.test(line.trim()));
      const text = line?.trim().replace(find, '').trim() ?? '';
      return [key, NOTHING.test(text) ? '' : text];
    }),
  );

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
    const needs = [a['we eat']!, a.allergies! && `${a.allergies} allergy`, a.care!]
      .filter((text) => text && !EVERYTHING.test(text))
      .flatMap(listOf);
    const dislikes = listOf(a['we do not like']!);
    const grown = a['how many'] === '' ? 1 : Number(/\d+/.exec(a['how many']!)?.[0] ?? NaN);
    if (!Number.isInteger(grown) || grown < 0 || grown > 500) {
      problems.push({ reply: k + 1, said: { say: 'reply.number', with: { text: a['how many']! } } });
      return;
    }
    const said = needs.length > 0 ? ` ${needs.join(' & ')}` : '';
    const parts = [grown > 0 ? `${grown}${said}` : '', childrenPart(a.children!, said)].filter(Boolean);
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
          ? { knownFoods: listOf(a['the children know']) }
          : {}),
      });
  });
  return { groups, problems };
}

/** "2, ages 3 and 7" becomes a part of a party line. */
function childrenPart(text: string, said: string): string {
  if (text === '') return '';
  const [count = '', ...ages] = text.match(/\d+/g) ?? [];
  return `${count || '1'} children${said}${ages.length > 0 ? ` (${ages.join(', ')})` : ''}`;
}
