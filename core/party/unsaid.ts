import { CHILD } from './children.js';
import type { Draft } from './part.js';
import { numberOf } from './parts.js';
import { FILLER, SOMEBODY } from './sayings.js';
import { tokensOf } from './tokens.js';

/** What a line leaves unsaid of somebody: it is asked, for else they would eat everything. */

/** What is left of an hour or an occasion: "8 for (8pm)". */
const OF_NOBODY =
  /^(?:for|to|with|and|or|of|in|on|from|by|an?|the|total|x|lunch|dinner|supper|brunch|buffet|picnic|birthday|party|meal|[&+/,]|\d+)$/;

/** "2 vegan, 1 also", "one of each": it says something of them, and nothing that is understood. */
export function saysNothing(about: string, { child, said }: Draft): string | undefined {
  const tokens = tokensOf(about);
  const isSilent = !child && said.phrases.length + said.needs.length === 0;
  if (!isSilent || tokens.some((token) => SOMEBODY.test(token) || !FILLER.test(token))) return undefined;
  return tokens.every((token) => OF_NOBODY.test(token)) ? undefined : tokens.join(' ');
}

const EATS =
  /\b(?:eats?|drinks?|(?:can|may)\s+(?:eat|have|drink|take))\s+(?!(?:no|not|only|nothing|less|little|everything|anything)\b)[a-z]/i;
const EATS_ALL =
  /\beats?\s+(?:everything|anything)\b|\b(?:meat|fish)[\s-]eaters?\b|\b(?:omnivores?|carnivores?)\b|^\s*normal\b/i;

/** "20 guests, 15 eat meat": the five others do not, or not all, and in what else they differ is not said. */
export const tellsOfOthers = (about: string, { count, said }: Draft, all: number): boolean =>
  said.needs.length + said.dislikes.length + said.unread.length === 0 &&
  // one carnivore among twenty says nothing of them
  (EATS.test(about) || (EATS_ALL.test(about) && 2 * count >= all));

const CHILDREN =
  /\b(?:children|kids|toddlers|babies|infants|little ones|grandchildren|grandkids|sons|daughters|nephews|nieces)\b/i;
const OTHER_GUESTS =
  /\b(?:guests|people|persons|adults|grown-?ups|friends|pax|women|men|ladies|mums|moms|mothers|dads|fathers|parents|grandparents|couples|families|teachers|leaders)\b/i;

/** "20 guests with kids", "10 guests, the children are vegetarian": how many children, and how old, must be asked. */
export const hasUncountedChildren = (about: string, { child }: Draft): boolean =>
  (child || CHILDREN.test(about)) &&
  OTHER_GUESTS.test(about) &&
  (CHILDREN.test(about) || CHILD.test(about.toLowerCase())) &&
  !/\b(?:of|aged?|no|without|any)\b/i.test(about);

/** "6 mums, each with a baby". */
export const isEachWithChild = (about: string): boolean =>
  /^\s*(?:has|have|with|brings?|bringing)\b/i.test(about) && CHILD.test(about.toLowerCase());

/** "12 guests, 10 adults": the others are children, and of what ages is not said. */
export const isOfGrown = (about: string): boolean => /^\s*(?:adults?|grown-?ups?)\s*$/i.test(about);

const ONLY_SOME =
  /(?<=(?:^|[,;:.\n])\s*)(?:only|just)\s+(I|\d{1,3}|[a-z]+)\s+(?:(?:of\s+(?:us|them)|guests?|people|persons?|adults?|friends?)\s+)?(eats?|drinks?|(?:can|will)\s+(?:eat|drink))\s+(?!(?:no|not|only|nothing)\b)([a-z]+(?:\s+(?:and|or)\s+[a-z]+)?)(?=\s*(?:$|[,;.\n]))/gi;
const ONLY =
  /(?<=(?:^|[,;:.\n])\s*)(?:only|just)\s+(?=(\d{1,3}|[a-z]+)\s+(?!(?:of\s+(?:us|them)\s+)?(?:eats?|drinks?|can|will|likes?)\b))/gi;

/** "15 eat meat and fish": fish is eaten as well, and not left out. Only of who is counted, without another word. */
const EATS_BOTH =
  /((?:^|[,;:.\n])\s*(?:and\s+)?(?:the\s+rest|the\s+others|\d{1,3}|[a-z]+)\s+(?:(?:of\s+(?:us|them)|guests|people|friends|adults)\s+)?(eats?)\s+)(?!(?:no|not|only|nothing|less|little)\b)([a-z]+)\s+(?:and|&)\s+(?=(?:meat|fish|seafood|shellfish|eggs?|dairy|cheese|poultry|chicken|pork|beef)\b)/gi;
const OF_NUMBER = /^[\s,;:.]*(?:and\s+)?(?:(?:the|all|everybody|everyone|we|they)\s|(\S+))/i;

/** "10 guests, only one eats meat": the nine others do not. "Only one is vegan" is one. */
export const onlySome = (line: string): string =>
  line
    .replace(ONLY_SOME, (all: string, n: string, eats: string, food: string) => {
      const count = /^I$/i.test(n) ? 1 : numberOf(n);
      if (count === undefined) return all;
      return `${count} ${eats} ${food}, the rest do not ${/drink/i.test(eats) ? 'drink' : 'eat'} ${food.replace(/\sand\s/i, ' or ')}`;
    })
    .replace(ONLY, (all: string, n: string) => (numberOf(n) === undefined ? all : ''))
    .replace(EATS_BOTH, (all: string, who: string, eats: string, food: string) => {
      const n = OF_NUMBER.exec(who)?.[1];
      return n === undefined || numberOf(n) !== undefined ? `${who}${food} and ${eats} ` : all;
    });
