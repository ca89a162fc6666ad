import { parseArguments } from './arguments.js';
import { BadInput, type Call } from './call.js';
import { bites, compose, swap, why } from './verbs/boards.js';
import { convert } from './verbs/convert.js';
import { catalogue, label, needs, party, verdicts } from './verbs/needs.js';
import { lay, LAY_HELP, sheet, SHEET_HELP } from './verbs/lay.js';
import { apply, check, demo, guests, menu, schema, schools, sense } from './verbs/plans.js';
import { CRAFT_HELP, fold, mould, section, window, word } from './verbs/crafts.js';
import { later, MAKE_HELP, recipe, schedule, shop, tools } from './verbs/make.js';
import { neck, NECK_HELP, nest, NEST_HELP } from './verbs/shape.js';

const VERBS: Record<string, (call: Call) => void | Promise<void>> = {
  demo,
  schema,
  catalogue,
  needs,
  schools,
  verdicts,
  label,
  party,
  guests,
  menu,
  sense,
  check,
  apply,
  compose,
  why,
  convert,
  bites,
  swap,
  lay,
  sheet,
  nest,
  neck,
  fold,
  window,
  mould,
  word,
  section,
  shop,
  schedule,
  later,
  tools,
  recipe,
};

/** What `<verb> --help` says: ids, units, defaults. */
const HELP: Record<string, string> = {
  lay: LAY_HELP,
  sheet: SHEET_HELP,
  nest: NEST_HELP,
  neck: NECK_HELP,
  ...CRAFT_HELP,
  ...MAKE_HELP,
};

/** What the command needs of its surroundings: files, the two streams, a clock. */
export interface Surroundings {
  read(file: string): string;
  write(file: string, data: string | Uint8Array): void;
  shoot(svg: string, width: number, height: number): Uint8Array | undefined;
  out(text: string): void;
  err(text: string): void;
  now(): number;
}

/** Runs one verb. The exit code: 0 answered, 2 bad input, 1 a fault of ours; the last two say why as JSON on `err`. */
export async function runPlate(argv: readonly string[], io: Surroundings): Promise<number> {
  try {
    const [verb = '', ...rest] = argv;
    const run = Object.hasOwn(VERBS, verb) ? VERBS[verb] : undefined;
    if (!run) throw new BadInput(`the verbs are ${Object.keys(VERBS).join(', ')}`);
    if (rest.includes('--help') && Object.hasOwn(HELP, verb)) {
      io.out(`${HELP[verb]}\n`);
      return 0;
    }
    const args = parseArguments(rest);
    if (typeof args === 'string') throw new BadInput(args);
    await run({
      ...args,
      read: io.read,
      write: io.write,
      shoot: io.shoot,
      say: io.out,
      print: (value) => io.out(`${JSON.stringify(value)}\n`),
      now: io.now,
    });
    return 0;
  } catch (error) {
    const bad = error instanceof BadInput;
    const message = error instanceof Error ? error.message : String(error);
    const problems = bad && error.details ? { problems: error.details } : {};
    io.err(`${JSON.stringify({ error: { kind: bad ? 'bad-input' : 'fault', message, ...problems } })}\n`);
    return bad ? 2 : 1;
  }
}
