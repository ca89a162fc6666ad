/** How a party line falls into parts, and the numbers and ages in it. */

/** Of how many it is said must be asked: "a few vegetarians", "some vegan". */
export const VAGUE =
  /^(?:a few|some|several|most|many|a lot|lots|plenty|a number|a handful|a couple(?! of))\b(?!\s+\d)/i;

const NUMBER_WORDS = new Map<string, number>(Object.entries({
  a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10,
  eleven: 11, twelve: 12, thirteen: 13, fourteen: 14, fifteen: 15, sixteen: 16, seventeen: 17, eighteen: 18,
  nineteen: 19, twenty: 20, thirty: 30, forty: 40, fifty: 50,
})); // prettier-ignore

export const numberOf = (word: string): number | undefined =>
  /^\d+$/.test(word) ? Number(word) : NUMBER_WORDS.get(word.toLowerCase());

export const REST =
  /^(?:(?:and\s+)?(?:the\s+)?(?:rest|others|remaining|remainder|everyone else|everybody else)(?:\s+(?:of\s+)?(?:them|us))?(?:\s+(?:is|are))?)\b\s*/i;
export const ALL = /^(?:all(?:\s+of\s+(?:them|us))?|everyone|everybody|each)(?:\s+(?:is|are))?\b\s*/i;

export const startsWithNumber = (part: string) => numberOf(part.trim().split(/\s+/)[0] ?? '') !== undefined;

/** What follows as a bare number is their age. */
const ENDS_IN_CHILD = /\b(?:child|children|kids?|toddlers?)$/i;

/**
 * "20 guests, 3 vegan. Nut allergy.": in a sentence or a line of its own it is not said of the last named alone, and whose
 * it is nobody knows: everybody is kept from it. "Their son has …", "who have …" go on about those before.
 */
const KEEPS_FROM =
  /^\s*(?:(?:please|also|and|but|strictly|any|severe|food)\s+)*(?:(?:no|without)\s+(?!one\b|more\b)|(?:allerg|intoleran)[a-z]*\b|(?:(?!(?:an?|who|they|he|she|it|these|those|both|one|with|has|have|is|are|of|for)\b)[a-z-]+\s+){1,2}(?:allerg(?:y|ies)|intolerances?|free)\s*$)/i;
const saidOfAll = (part: string): string =>
  !/\d/.test(part) && KEEPS_FROM.test(part) ? `all ${part.trim()}` : part;

/** Splits at commas, semicolons and line ends that are not inside brackets. */
export function parts(text: string): string[] {
  const out: string[] = [];
  let depth = 0;
  let part = '';
  let isAlone = false;
  for (const ch of text) {
    if (ch === '(') depth++;
    if (ch === ')') depth = Math.max(0, depth - 1);
    if (depth === 0 && /[,;\n]/.test(ch)) {
      out.push(isAlone ? saidOfAll(part) : part);
      isAlone = ch !== ',' && out.some(startsWithNumber);
      part = '';
    } else part += ch;
  }
  out.push(isAlone ? saidOfAll(part) : part);
  return joinAges(
    out
      .flatMap(atAnd)
      .map((p) => p.trim())
      .map((p) => {
        const after = p.replace(/^(?:and|plus|&)\s+/i, '');
        return startsWithNumber(after) ? after : p;
      })
      .filter(Boolean),
  );
}

/** "1 vegan and 2 coeliac" are two parts; "3 and 4" are ages. */
function atAnd(part: string): string[] {
  const found = /\s(?:and|plus|&|\+)\s+(?=(?:\d+|[a-z]+)\s*x?\s+[a-z])/gi;
  const out: string[] = [];
  let [from, depth, at] = [0, 0, 0];
  for (const match of part.matchAll(found)) {
    for (; at < match.index; at++) depth += part[at] === '(' ? 1 : part[at] === ')' ? -1 : 0;
    const next = part.slice(match.index + match[0].length);
    const word = /^\S+/.exec(next)![0];
    if (
      depth > 0 ||
      (!/^\d+$/.test(word) && !/^(?:one|two|three|four|five|six|seven|eight|nine|ten)$/i.test(word))
    )
      continue;
    // "two are 3 and one is 5"; but one may be coeliac and one is vegan
    if (/^\S+\s+(?:years?\b|months?\b|and\b|(?:are|is)\s+(?:aged?\s+)?\d)/i.test(next)) continue;
    // "kids of 3 and 5 with an allergy": the second is an age, too
    if (
      /^\S+\s+(?:with|who)\b/i.test(next) &&
      /\b(?:of|aged?)\s+\w+\s*$/i.test(part.slice(from, match.index))
    )
      continue;
    out.push(part.slice(from, match.index));
    from = match.index + match[0].length;
  }
  return [...out, part.slice(from)];
}

/**
 * "4 children of 3, 4, 7 and 9": bare numbers after a comma are ages of the part before them. "1 vegan, pregnant,
 * hates olives": a part without any number says more about the guests before it.
 */
function joinAges(list: readonly string[]): string[] {
  const out: string[] = [];
  for (const part of list) {
    if (out.length > 0 && /^\d+(?:\s*and\s*\d+)?$/.test(part))
      out[out.length - 1] += ENDS_IN_CHILD.test(out.at(-1)!) ? ` of ${part}` : `, ${part}`;
    else if (
      out.length > 0 &&
      !startsWithNumber(part) &&
      !/\d/.test(part) &&
      !REST.test(part) &&
      !ALL.test(part) &&
      !VAGUE.test(part)
    )
      out[out.length - 1] += ` & ${part}`;
    else out.push(part);
  }
  return out;
}

/** "two are 3", "3 and 4", "6 to 10", "aged 3, 7": the ages that a bracket says, for so many children. */
export function agesIn(text: string, count: number): number[] | undefined {
  const some =
    /^(\w+)\s+(?:is|are|of them are|aged)\s+(\d+)(?:\s*(?:and|,)\s*(?:the\s+)?(?:others?|rest)\s+(?:is|are)?\s*(.+))?$/.exec(
      text.trim(),
    );
  if (some) {
    const n = numberOf(some[1]!);
    if (n === undefined || n > count) return undefined;
    const rest = some[3] ? agesIn(some[3], count - n) : [];
    return rest && [...Array<number>(n).fill(Number(some[2])), ...rest];
  }
  const each = eachAge(text, count);
  if (each) return each;
  const range = /^(?:age[sd]?\s+)?(\d+)\s*(?:to|-|–)\s*(\d+)$/.exec(text.trim());
  if (range) return spread(Number(range[1]), Number(range[2]), count);
  const ages = (text.match(/\d+/g) ?? []).map(Number);
  if (ages.length === 1 && !/,|and/.test(text)) return Array<number>(count).fill(ages[0]!);
  return ages.length > 0 && ages.length <= count ? ages : undefined;
}

/** "Two are 3 and one is 7". */
function eachAge(text: string, count: number): number[] | undefined {
  const list = text.trim().split(/\s*(?:,|;|\band\b)\s*/);
  const ages = list.flatMap((said) => {
    const found = /^(\w+)\s+(?:children\s+)?(is|are|of them are|aged|under)\s+(\d+)$/.exec(said);
    const n = numberOf(found?.[1] ?? '');
    if (!found || n === undefined || n > count) return [];
    // "3 under 5" are judged as the smallest
    const age = found[2] === 'under' ? Math.min(1, Number(found[3]) - 1) : Number(found[3]);
    return [Array<number>(n).fill(age)];
  });
  const all = ages.flat();
  return ages.length === list.length && all.length <= count ? all : undefined;
}

/** "6 to 10" for three children: 6, 8 and 10; the youngest is always there, so nothing is judged too kindly. */
function spread(from: number, to: number, count: number): number[] {
  if (to < from) return spread(to, from, count);
  if (count === 1) return [from];
  return Array.from({ length: count }, (_, i) => Math.round(from + ((to - from) * i) / (count - 1)));
}
