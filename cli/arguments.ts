import { Command, CommanderError } from 'commander';

/** What was typed after the verb: plain words, and options that may be given more than once. */
export interface Arguments {
  words: string[];
  options: Record<string, string[]>;
}

const OPTIONS = [
  'need',
  'setting',
  'command',
  'say',
  'seed',
  'component',
  'svg',
  'cards',
  'png',
  'pdf',
  'surface',
  'paper',
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
  'cutter',
  'food',
  'slice',
  'want',
  'margin',
  'turns',
  'seconds',
  'steps',
  'kind',
  'length',
  'slices',
  'grams',
  'thickness',
  'mouth',
  'wheel',
  'mass',
  'lid',
  'inner',
  'wall',
  'minutes',
  'id',
  'count',
  'set',
  'height',
  'room',
  'cut',
  'size',
  'prices',
  'helpers',
  'for',
  'plan',
] as const;

const collect = (value: string, before: string[] = []): string[] => [...before, value];

/** Reads words and `--name value` pairs; a text is what was wrong. */
export function parseArguments(list: readonly string[]): Arguments | string {
  const parser = new Command()
    .exitOverride()
    .helpOption(false)
    .configureOutput({ writeErr: () => {} })
    .argument('[words...]');
  for (const name of OPTIONS) parser.option(`--${name} <value>`, '', collect);
  try {
    parser.parse([...list], { from: 'user' });
  } catch (error) {
    if (error instanceof CommanderError) return error.message.replace(/^error: /, '');
    throw error;
  }
  return { words: parser.args, options: parser.opts() };
}
