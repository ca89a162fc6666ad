import { OCCASIONS, WHICH } from './occasions.js';
import { ALL, numberOf, parts, REST, startsWithNumber } from './parts.js';

const GUESTS =
  'guests?|people|persons?|pax|heads|seats|covers|of us|in all|in total|altogether|visitors|diners|colleagues|members|participants|attendees|students';
export const COMING = '(?:(?:we are|a party of|party of|a table of|table of|there are|for)\\s+)?';
export const COUNT = '(\\d{1,6}|[a-z]+)';
const AMONG = '(?:including|incl\\.?|of whom|of which|among them|with|and of them)?';
/** "28 guests: …", "10 guests, 2 vegan", "12 people including 3 halal", "12, two vegan": the first number is everybody. */
const TOTAL = new RegExp(
  [
    `^\\s*${COMING}${COUNT}\\s*(?:${GUESTS})?\\s*:`,
    `^\\s*${COMING}${COUNT}\\s+(?:${GUESTS})\\s*(?:[,;(\\n–-]+\\s*)?${AMONG}\\s*(?=\\S)`,
    `^\\s*${COMING}${COUNT}\\s*(?:[,;(\\n]|\\s[–-]\\s)\\s*${AMONG}\\s*(?=\\S)`,
  ].join('|'),
  'i',
);

export interface Total {
  count: number;
  body: string;
}

/** "A family of five: …", "a hen party of 12, two vegan" are so many guests; "a party of 6 vegans" are six. */
const GATHERED =
  /^\s*(?:(?:we are|there are|for)\s+)?(?:(?:an?|the|our|my|one)\s+)?((?:[a-z'-]+\s+){0,3}?)(?:party|table|family|group|team|crowd|class|club|circle|household|choir|chorus|orchestra|band|ensemble|cast|crew|staff|squad|troop|troupe|gang|bunch|pack|committee|council|congregation|parish|company|delegation|society|gathering|jury)\s+of\s+(\d{1,6}|[a-z]+)((?:\s+(?:ladies|women|men|gentlemen|friends|girls|boys|mothers|mums|moms|dads|fathers))?)(\s*(?:[:,;(\n]|\.(?!\d)|$))?/i;
/** With others named after them they may be some of all only. */
const OTHERS =
  /\b(?:child|kid|toddler|bab(?:y|ies)|adult|parent|guest|people|friend|others?\b|more\b|partner|husband|wife|wives|teacher|helper|staff)/i;
/** "Our book group (9), …" */
const COUNTED_BEHIND =
  /^\s*(?:(?:our|the|my|an?)\s+)?(?:[a-z'’-]+\s+){0,2}?(?:party|table|family|group|team|crowd|class|club|circle|choir|band|crew|staff|office)\s*\(\s*(\d{1,4})(?:\s+(?:people|guests|of us))?\s*\)/i;
export const gathered = (text: string): string =>
  text.replace(COUNTED_BEHIND, '$1 guests').replace(GATHERED, (...found: unknown[]) => {
    const [all, which, n, who, end] = found as [string, string, string, string, string | undefined];
    const count = numberOf(n);
    if (count === undefined) return all;
    const areAll = who === '' || !OTHERS.test(text.slice(all.length));
    // a hen party comes for what it comes for; a vegan family eats so, and what nobody knows is asked
    const how = which
      .trim()
      .split(/\s+/)
      .filter((word) => word !== '' && !OCCASIONS.has(word.toLowerCase()) && !WHICH.has(word.toLowerCase()));
    if (how.length > 0) return `${count} guests, all ${how.join(' ')}${end?.replace(':', ',') ?? ''}`;
    return end !== undefined && areAll ? `${count} guests${end}` : `${count}${who}${end ?? ''}`;
  });

export function totalOfLine(text: string): Total | undefined {
  const found = TOTAL.exec(text);
  const count = found ? numberOf((found[1] ?? found[2] ?? found[3])!) : undefined;
  if (!found || count === undefined || count < 1) return undefined;
  let body = text.slice(found[0].length).trim();
  if (/\($/.test(found[0].trim()) || found[0].includes('(')) body = body.replace(/^([^()]*)\)/, '$1');
  const named =
    found[0].includes(':') ||
    parts(body).some((part) => startsWithNumber(part) || REST.test(part) || ALL.test(part));
  // "10 guests, vegan" are ten vegans: nobody else is named
  if (!named || (!found[0].includes(':') && !startsWithNumber(body) && !REST.test(body) && !ALL.test(body)))
    return undefined;
  return { count, body };
}

/** "Half vegan, half halal, 20 in total", "Ida and Bo are vegan, dinner for eight": how many come may be said last. */
const BEHIND = new RegExp(
  [
    `^(.*\\S)\\s*[,;.]\\s*(?:(?:that['’]?s|that is|so|making)\\s+)?${COUNT}\\s+(?:(?:guests?|people|persons?|pax|of us)\\s+)?(?:in total|in all|altogether|total)\\s*\\.?\\s*$`,
    `^(.*\\S)\\s*[,;.]\\s*(?:an?\\s+)?(?:dinner|lunch|brunch|breakfast|supper|drinks|tea|party|picnic|meal|buffet)\\s+for\\s+${COUNT}\\s*\\.?\\s*$`,
  ].join('|'),
  'is',
);
/** "Half vegan half halal" are two parts. */
const HALVES = /\b(half\s+(?!of\b)[a-z-]+)\s+(?:and\s+)?(?=half\s)/gi;
export const totalFirst = (text: string): string => {
  const halves = text.replace(HALVES, '$1, ');
  const found = BEHIND.exec(halves);
  const count = found ? numberOf(found[2] ?? found[4]!) : undefined;
  const body = found?.[1] ?? found?.[3];
  if (count === undefined || body === undefined) return halves;
  const before = totalOfLine(body);
  if (before?.count === count) return body;
  // two totals that differ are one too many
  return before ? halves : `${count} guests, ${body}`;
};
