/** Numbers that stand behind what they count, and what a bracket says of those before it. */

import { isAge } from './part.js';
import { numberOf } from './parts.js';

/** "Vegan: 2, coeliac: 1, others: 9": a list that counts behind. */
const COUNTED_BEHIND = /^([a-z][a-z' -]{1,40}?)(?:\s*[:×–-]|\s+x)?\s+(\d{1,4})\.?$/i;
const NO_COUNT =
  /\b(?:age|aged|of|years?|under|over|to|from|between|and|at|for|about|are|is|be|party|table)\b/i;

const countedInFront = (part: string): string | undefined => {
  const found = COUNTED_BEHIND.exec(part.trim());
  return found && !NO_COUNT.test(found[1]!) ? `${found[2]!} ${found[1]!}` : undefined;
};

export function numbersInFront(line: string): string {
  const list = line.split(/([,;\n]\s*)/);
  if (list.length > 1 && countedInFront(list[0]!))
    return list.map((part) => countedInFront(part) ?? part).join('');
  // after all of them: "20 guests; vegetarian: 5; vegan: 2"
  return list.map((part) => (part.includes(':') && countedInFront(part)) || part).join('');
}

/** Not ages: "(two are 3)", "(3 and 6)", "(2 to 5)". */
const OF_NEED =
  /^\s*(?:\d+|[a-z]+)\s+(?:of (?:them|whom|these)\s+)?(?:(?:is|are|has|have)\s+)?(?:an?\s+)?[a-z][a-z -]*$/i;
const OF_AGE = /\b(?:and|to|aged?|under|over|months?|years?|old)\b/i;

const OF_PEOPLE =
  /\b(?:adults?|grown-?ups?|child(?:ren)?|kids?|toddlers?|bab(?:y|ies)|people|guests|women|men|ladies)\b/i;
const HAS_NUMBER = /\d|\b(?:one|two|three|four|five|six|seven|eight|nine|ten)\b/i;
const AT_COUNT =
  /[,;]|\s+and\s+(?=(?:\d+|one|two|three|four|five)\s+(?!years?\b|months?\b|(?:is|are)\b)[a-z])/i;

/** "6 adults (1 vegan, 2 coeliac)": what a bracket counts are some of those before it. */
export const outOfBrackets = (line: string): string =>
  line.replace(/\s*\(([^()]*)\)/g, (all: string, inside: string, at: number) => {
    const ofGuests = /\b(?:guests|people|persons|pax|of us)$/i.test(line.slice(0, at));
    const listed = (parts: readonly string[]): string[] =>
      parts
        .map((part) => part.trim())
        // "60 guests (coeliac 3, vegan 2)"; behind children it would be an age
        .map((part) => (ofGuests ? (countedInFront(part) ?? part) : part));
    const isCount = (part: string): boolean =>
      numberOf(/^\S+/.exec(part)?.[0] ?? '') !== undefined && OF_NEED.test(part) && !OF_AGE.test(part);
    const each = listed(inside.split(/[,;]|\band\b/));
    // "4 children (aged 2 to 5, one nut allergy)": the ages stay
    const list = each.every(isCount) ? each : listed(inside.split(AT_COUNT));
    const others = list.filter((part) => !isCount(part) || (list !== each && OF_PEOPLE.test(part)));
    const counts = list.filter((part) => !others.includes(part));
    // who is counted otherwise stays: "(12 adults, 8 children, 2 vegan)"
    if (counts.length === 0 || !others.every((part) => isAge(part) || !HAS_NUMBER.test(part))) return all;
    const ofThem = counts.map(
      (part) => `, ${part.replace(/^(\S+)(?:\s+of (?:them|whom|these))?/, '$1 of them')}`,
    );
    return `${others.length > 0 ? ` (${others.join(', ')})` : ''}${ofThem.join('')}`;
  });
