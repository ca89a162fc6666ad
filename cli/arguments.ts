/** What was typed after the verb: plain words, and options that may be given more than once. */
export interface Arguments {
  words: string[];
  options: Record<string, string[]>;
}

const KNOWN = new Set([
  'need',
  'setting',
  'command',
  'seed',
  'component',
  'svg',
  'form',
  'gap',
  'nodes',
  'alternatives',
  'kinds',
  'group',
  'to',
  'budget',
  'cheaper',
  'guests',
  'start',
  'temp',
]);

/** Reads `--name value` pairs; a text is what was wrong. */
export function parseArguments(list: readonly string[]): Arguments | string {
  const out: Arguments = { words: [], options: {} };
  for (let i = 0; i < list.length; i++) {
    const word = list[i]!;
    if (!word.startsWith('--')) {
      out.words.push(word);
      continue;
    }
    const name = word.slice(2);
    if (!KNOWN.has(name)) return `there is no option ${word}`;
    const value = list[++i];
    if (value === undefined) return `${word} needs a value`;
    (out.options[name] ??= []).push(value);
  }
  return out;
}
