import { evened } from '../singles.js';
import { z } from 'zod';
import { diff, type Change } from '../diff.js';
import { planSchema, type Plan } from '../plan.js';
import { fieldProblems, type ReadProblem } from '../read.js';
import { BENCH_COMMANDS } from './bench.js';
import { BOARD_COMMANDS } from './board.js';
import { BRIEF_COMMANDS } from './brief.js';
import type { CommandKind } from './command.js';
import { DAY_COMMANDS } from './day.js';
import { LAYOUT_COMMANDS } from './layout.js';
import { SAID_COMMANDS } from './said.js';

/** Every edit there is. */
const KINDS = [
  ...BRIEF_COMMANDS,
  ...BOARD_COMMANDS,
  ...LAYOUT_COMMANDS,
  ...BENCH_COMMANDS,
  ...SAID_COMMANDS,
  ...DAY_COMMANDS,
] as const;
type Single = z.infer<(typeof KINDS)[number]['schema']>;

const byName = new Map<string, CommandKind>(KINDS.map((k) => [k.name, k as unknown as CommandKind]));
export const COMMAND_NAMES: readonly Single['name'][] = KINDS.map((k) => k.name);

const [first, ...others] = KINDS.map((k) => k.schema);
const single = z.discriminatedUnion('name', [first!, ...others] as never) as unknown as z.ZodType<Single>;

/** Several edits as one step of undo, with its own words. */
const together = z.strictObject({
  name: z.literal('together'),
  label: z.string().max(120),
  commands: z.array(single).max(200),
});

export const commandSchema = z.union([together, single]);
export type Command = z.infer<typeof commandSchema>;
/** One that does not hold others. */
export type SingleCommand = Exclude<Command, { name: 'together' }>;

export interface Done {
  plan: Plan;
  changes: Change[];
  label: string;
}

export type CommandResult = ({ ok: true } & Done) | { ok: false; problems: ReadProblem[] };

const run = (plan: Plan, single: Single): Plan => byName.get(single.name)!.run(plan, single);

/** Applies a command. The new document is checked as a whole, so that no edit can leave a plan that cannot be read again. */
export function applyCommand(plan: Plan, command: Command): CommandResult {
  const parsed = commandSchema.safeParse(command);
  if (!parsed.success) return { ok: false, problems: fieldProblems(parsed.error) };
  const list = parsed.data.name === 'together' ? parsed.data.commands : [parsed.data];
  const next = evened(list.reduce(run, plan));
  const checked = planSchema.safeParse(next);
  if (!checked.success) return { ok: false, problems: fieldProblems(checked.error) };
  const label = parsed.data.name === 'together' ? parsed.data.label : byName.get(parsed.data.name)!.label;
  return { ok: true, plan: next, changes: diff(plan, next), label };
}
