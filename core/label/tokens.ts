import { FOOD_PICTURES } from '../measure/index.js';

/** A word, a number or a mark of a label. `gap` is what stands before it. */
export interface Token {
  text: string;
  start: number;
  end: number;
  kind: 'word' | 'number' | 'open' | 'close' | 'break' | 'colon' | 'and';
  /** Nothing but a blank, a hyphen, an apostrophe or a line's end stands between it and the one before. */
  tight: boolean;
  /** The word runs on after a hyphen (and perhaps a line's end). */
  hyphen: boolean;
}

const TOKEN = new RegExp(
  `\\d{1,3}(?:[.,]\\d{1,2})(?![\\p{L}\\p{N}])|[\\p{L}\\p{N}]+|[${FOOD_PICTURES}]|[([{]|[)\\]}]|[,;!?]| - |\\.(?=[\\p{L}])|\\.|:|/|[&+]`,
  'gu',
);

const WORD = new RegExp(`^[\\p{L}\\p{N}${FOOD_PICTURES}]`, 'u');

const KINDS: Record<string, Token['kind']> = { ':': 'colon', '&': 'and', '+': 'and' };
const kindOf = (text: string): Token['kind'] =>
  /^[([{]$/.test(text)
    ? 'open'
    : /^[)\]}]$/.test(text)
      ? 'close'
      : (KINDS[text] ?? (/^\d+(?:[.,]\d+)?$/.test(text) ? 'number' : WORD.test(text) ? 'word' : 'break'));

/** Short forms after which a point ends nothing. */
const SHORT =
  /(?:^|[^\p{L}\p{N}])(?:incl|approx|min|max|ca|ingr|vol|var|no|nr|art|bzw|ggf|inkl|evtl|conc|veg|org|bio|vit|spp|z|i|tr|u|a|d|e|m|g|l|p|s|st|o|b|v|w|in|t|c|ex|est|fl|wt|ing|n|zaw|np|tzw|m\.in|aprox|aprox|env|min|mín|máx|circa|cca|ok|pow|przech|tł)$/u;

/** The words and marks of a stretch of plain text. A point between two letters is a mark between items. */
export function tokensOf(text: string, start: number, end: number): Token[] {
  const out: Token[] = [];
  const part = text.slice(start, end);
  let last = 0;
  for (const match of part.matchAll(TOKEN)) {
    const gap = part.slice(last, match.index);
    const at = start + match.index;
    if (
      match[0] === '.' &&
      (SHORT.test(part.slice(Math.max(0, match.index - 12), match.index)) ||
        /^\d/.test(part.slice(match.index + 1)))
    )
      continue;
    out.push({
      text: kindOf(match[0]) === 'open' ? '(' : kindOf(match[0]) === 'close' ? ')' : match[0],
      start: at,
      end: at + match[0].length,
      kind: kindOf(match[0]),
      tight: /^[\s.'-]*$/.test(gap),
      hyphen: /-/.test(gap) && !/ -+ /.test(gap),
    });
    last = match.index + match[0].length;
  }
  return lettersJoined(out, text);
}

/** "m i l k" is a word set wide. */
function lettersJoined(tokens: readonly Token[], text: string): Token[] {
  const out: Token[] = [];
  for (let i = 0; i < tokens.length;) {
    let j = i;
    while (
      j < tokens.length &&
      /^\p{L}$/u.test(tokens[j]!.text) &&
      (j === i || /^[ .-]$/.test(text.slice(tokens[j - 1]!.end, tokens[j]!.start)))
    )
      j++;
    if (j - i >= 3) {
      const run = tokens.slice(i, j);
      out.push({ ...run[0]!, text: run.map((token) => token.text).join(''), end: run.at(-1)!.end });
      i = j;
    } else out.push(tokens[i++]!);
  }
  return out;
}
