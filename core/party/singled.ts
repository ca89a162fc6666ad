import { saysNeed } from './named.js';
import { isBare } from './opening.js';
import { numberOf } from './parts.js';
import type { Vocabulary } from './vocabulary.js';

/** Who is counted by the age they are called by, in the plural and of one of them; kids are children, toddlers are their own. */
const CALLED_BY_AGE = {
  adults: [
    ['adults', 'adult'],
    ['mums|moms', 'mum|mom'],
    ['dads', 'dad'],
    ['parents', 'parent'],
    ['grown-?ups', 'grown-?up'],
  ],
  children: [
    ['children|kids', 'child|kid'],
    ['toddlers', 'toddler'],
  ],
} as const;
const TELLS_AGE = '(?!(?:aged?|of|and|under|over|from|between|plus)\\b)';

/**
 * "10 adults and 6 kids, one adult vegan, two kids with an egg allergy": of those. Only of who was called so before, and
 * where no others of that age were: "5 kids, 2 toddlers with an egg allergy" are seven.
 */
export function singled(line: string, vocabulary: Vocabulary): string {
  let out = line;
  for (const [all, words] of Object.entries(CALLED_BY_AGE))
    for (const [many, one] of words)
      out = out.replace(
        new RegExp(
          `([,;\\n]\\s*(?:and\\s+)?)(\\d+|[a-z]+)\\s+(?:${many}|${one})\\s+(?=[a-z])${TELLS_AGE}`,
          'gi',
        ),
        (part: string, before: string, n: string, at: number) => {
          const isSaid = ([some]: readonly [string, string]): boolean =>
            new RegExp(`\\b(?:${some})\\b`, 'i').test(out.slice(0, at));
          const said = words.filter(isSaid);
          return numberOf(n) !== undefined && said.length === 1 && said[0]![0] === many
            ? `${before}${n} of the ${all} `
            : part;
        },
      );
  // "24 adults, 6 kids, 3 vegetarian adults"
  for (const [all, words] of Object.entries(CALLED_BY_AGE))
    for (const [many, one] of words)
      out = out.replace(
        new RegExp(
          `((?:[,;:\\n]\\s*|\\s(?=and\\s))(?:and\\s+)?)(\\d+|[a-z]+)\\s+((?:[a-z-]+\\s+){1,3})(?:${many}|${one})(?=\\s*(?:$|[,;.)\\n]|and\\s))`,
          'gi',
        ),
        (part: string, before: string, n: string, how: string, at: number) =>
          numberOf(n) !== undefined &&
          saysNeed(how, vocabulary) &&
          !/\b(?:of|with|and|or)\b/i.test(how) &&
          new RegExp(`\\d\\s+(?:${many})\\b`, 'i').test(out.slice(0, at))
            ? `${before}${n} of the ${all} ${how.trim()}`
            : part,
      );
  return out;
}

/** "30 guests: 22 adults, 8 children, 5 vegan. Diets are of the adults": of whom those are that are named by a need alone. */
const OF_WHOM =
  /(?:^|[,;.:\s]+)(?:the\s+)?(?:diets|needs)\s+are\s+(?:of|for|among)\s+the\s+(adults|children)\s*[.;]?\s*$/i;
export const DIETS_ARE = {
  'the adults': 'Diets are of the adults',
  'the children': 'Diets are of the children',
} as const;

const GROWN =
  /^(?:adults?|friends?|guests?|people|persons?|wom[ae]n|m[ae]n|lad(?:y|ies)|colleagues?)\s+(?=\S)/i;

export function dietsOfWhom(line: string, vocabulary: Vocabulary): string {
  const whom = OF_WHOM.exec(line);
  if (!whom) return line;
  return line.slice(0, whom.index).replace(/[^,;:\n]+/g, (part: string, at: number) => {
    const [, before, n, about = ''] = /^(\s*(?:and\s+)?)(\S+)\s+(?!of\b)(\S.*)$/.exec(part) ?? [];
    // ages go on: "4, 6, 9 and 11"
    const isAge = /^(?:and|to|years?|olds?|[\s\d)-])*$/i.test(about);
    if (at === 0 || n === undefined || numberOf(n) === undefined || isAge) return part;
    // "my cousin has an allergy", "one friend is vegan": one of the grown guests, too
    const [called = ''] = (whom[1]!.toLowerCase() === 'adults' && GROWN.exec(about)) || [];
    const isDiet = called === '' ? isBare(part.trim()) : saysNeed(about, vocabulary);
    return isDiet ? `${before}${n} of the ${whom[1]!} ${about.slice(called.length)}` : part;
  });
}

const WHOSE_IN_BRACKET =
  /(?<=^|[,;:.\n]\s*(?:and\s+)?)([a-z][a-z -]{2,40}?)\s*\(\s*(?:(an?|one|two|three|four|\d{1,2})\s+)?(adults?|grown-?ups?|child|children|kids?)\s*\)/gi;

/** "8 adults, 3 kids, egg allergy (kid), fish allergy (1 adult)": whose it is stands behind it. */
export const whoseBehind = (line: string, vocabulary: Vocabulary): string =>
  line.replace(
    WHOSE_IN_BRACKET,
    (all: string, need: string, n: string | undefined, who: string, at: number) => {
      const isMany = n === undefined && /^(?:adults|grown-?ups|children|kids)$/i.test(who);
      if (isMany || numberOf(need.split(' ')[0]!) !== undefined || !saysNeed(need, vocabulary)) return all;
      const [some, one] = /^[ck]/i.test(who) ? ['children', 'kids?|child(?:ren)?'] : ['adults', 'adults?'];
      const areNamed = new RegExp(`\\b(?:${one})\\b`, 'i').test(line.slice(0, at));
      return `${n === undefined ? 1 : numberOf(n)!} ${areNamed ? `of the ${some}` : some} ${need}`;
    },
  );
