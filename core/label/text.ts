/** A label in letters that can be compared, with the place of each letter in the text as it was pasted. */
export interface PlainText {
  text: string;
  /** Where the letter begins and ends in the original, UTF-16 units. */
  from: readonly number[];
  to: readonly number[];
}

const LETTERS: Record<string, string> = {
  ß: 'ss',
  ł: 'l',
  œ: 'oe',
  æ: 'ae',
  ø: 'o',
  đ: 'd',
  ı: 'i',
  '’': "'",
  '‘': "'",
  '´': "'",
  '`': "'",
  ʼ: "'",
};
/** Between items of a list wherever they stand. */
const BULLET = /^[\u2022\u2023\u2027\u2219\u25cf\u25e6\u25aa\u25a0\u25ab\u00b7\u30fb\u2043|;]$/;
const DASH = /^\p{Pd}|\u2212$/u;
const DROPPED = /^(?:[\u00ad\u200b-\u200f\u2060\ufeff*_]|[\ufe00-\ufe0f])$/;
/** A tag that stands inside a word, as bold marks do; any other ends the line. */
const TAG = /^<\/?([a-z][a-z0-9]{0,9})[^<>]{0,80}>/i;
const INLINE = /^(?:b|i|u|em|strong|span|mark|small|sup|sub|font)$/i;
const ENTITY = /^&(amp|nbsp|lt|gt|quot|shy|#\d{1,6});/i;
const ENTITIES: Record<string, string> = { amp: '&', shy: '' };

/** One character as the letters it is compared by; '' where it says nothing. */
function plain(ch: string): string {
  if (DROPPED.test(ch)) return '';
  if (BULLET.test(ch)) return ch === ';' ? ';' : ',';
  if (ch === '\n') return ch;
  if (DASH.test(ch)) return '-';
  const low = ch.normalize('NFKC').toLowerCase();
  return [...low]
    .map((char) => LETTERS[char] ?? char.normalize('NFD').replace(/\p{M}/gu, ''))
    .join('')
    .replace(/[\s\p{Z}\p{Cc}\p{Cf}\p{Co}\p{Cn}]/gu, ' ');
}

/** Lower case without accents, marks and invisible characters. */
export function plainText(original: string): PlainText {
  const out: string[] = [];
  const [from, to]: [number[], number[]] = [[], []];
  const put = (letters: string, start: number, end: number) => {
    for (let i = 0; i < letters.length; i++) {
      out.push(letters[i]!);
      from.push(start);
      to.push(end);
    }
  };
  for (let i = 0; i < original.length;) {
    const rest = original[i] === '<' || original[i] === '&' ? original.slice(i, i + 96) : '';
    const tag = TAG.exec(rest);
    const entity = tag ? null : ENTITY.exec(rest);
    if (tag) {
      put(INLINE.test(tag[1]!) ? '' : '\n', i, i + tag[0].length);
      i += tag[0].length;
    } else if (entity) {
      put(ENTITIES[entity[1]!.toLowerCase()] ?? ' ', i, i + entity[0].length);
      i += entity[0].length;
    } else {
      const ch = String.fromCodePoint(original.codePointAt(i)!);
      put(plain(ch), i, i + ch.length);
      i += ch.length;
    }
  }
  return { text: out.join(''), from, to };
}

/** A word of a dictionary in the same letters. */
export const plainWord = (word: string): string => plainText(word).text;

/** The stretch of the original that a stretch of the plain text stands for. */
export const placeOf = (plain: PlainText, start: number, end: number): [number, number] =>
  end > start ? [plain.from[start]!, plain.to[end - 1]!] : [plain.from[start] ?? 0, plain.from[start] ?? 0];
