const PLAIN: Record<string, string> = {
  œ: 'o',
  æ: 'a',
  ß: 's',
  ø: 'o',
  '’': "'",
  '‘': "'",
  '–': '-',
  '—': '-',
  '‑': '-',
};

/** Lower case without accents, character for character, so that a place in it is a place in the text. */
export function fold(text: string): string {
  return [...text]
    .map((ch) => {
      const low = ch.toLowerCase();
      const bare = PLAIN[low] ?? low.normalize('NFD').replace(/[\u0300-\u036f]/g, '');
      return bare.length === ch.length ? bare : ch.length === 1 ? (bare[0] ?? ' ') : ' '.repeat(ch.length);
    })
    .join('');
}

/** Bold marks, tags and line ends of a pasted label become blanks of the same length. */
export const withoutMarks = (text: string): string =>
  text.replace(/<[^<>]{0,40}>|\*+|_+|[\u2022\u00b7\t\r]/g, (m) => ' '.repeat(m.length));
