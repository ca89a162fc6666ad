import { FRAMES } from './dangers.fixture.js';

/** Ways in which a word comes to stand in a pasted list. */
export const SHAPES = [
  'list',
  'bare',
  'capitals',
  'dots',
  'bullets',
  'slashes',
  'lines',
  'no-break blanks',
  'soft hyphen',
  'zero width',
  'line hyphen',
  'in brackets',
  'split',
  'no blanks',
  'alone',
  'bold',
  'wide',
] as const;
export type Shape = (typeof SHAPES)[number];

const isLong = (word: string) => word.length > 6 && !/\d/.test(word);

/** The list with the word in it in this shape; nothing where the word has no such shape. */
export function shaped(
  { language, word }: { language: string; word: string },
  shape: Shape,
  plain: readonly string[],
): string | undefined {
  const [a, b] = [plain[0]!, plain[1]!];
  const head = FRAMES[language]![0];
  const among = (middle: string) => `${head}${a}, ${middle}, ${b}.`;
  switch (shape) {
    case 'list':
      return among(word);
    case 'bare':
      return `${a}, ${word}, ${b}`;
    case 'capitals':
      return among(word.toUpperCase());
    case 'dots':
      return `${head}${a}.${word}.${b}`;
    case 'bullets':
      return `${head}${a}•${word}·${b}`;
    case 'slashes':
      return `${head}${a}/${word}/${b}`;
    case 'lines':
      return `${head}${a},\n${word},\n${b}`;
    case 'no-break blanks':
      return among(word.replaceAll(' ', '\u00a0'));
    case 'soft hyphen':
      return among(`${word.slice(0, 3)}\u00ad${word.slice(3)}`);
    case 'zero width':
      return among(`${word.slice(0, 2)}\u200b${word.slice(2)}`);
    case 'line hyphen':
      return isLong(word) && word[4] !== ' ' ? among(`${word.slice(0, 4)}-\n${word.slice(4)}`) : undefined;
    case 'in brackets':
      return `${head}${a} (${word} 2%), ${b}`;
    case 'split':
      return /^[a-z]{7,}$/i.test(word) ? among(`${word.slice(0, 3)} ${word.slice(3)}`) : undefined;
    case 'no blanks':
      return `${head}${a},${word},${b}`;
    case 'alone':
      return word;
    case 'bold':
      return among(`<b>${word}</b>`);
    case 'wide':
      return among(
        [...word]
          .map((char) => (/[a-z]/i.test(char) ? String.fromCharCode(char.charCodeAt(0) + 0xfee0) : char))
          .join(''),
      );
  }
}
