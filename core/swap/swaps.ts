import type { ComponentId } from '../catalogue/index.js';
import { checkFood, isOfALabel, type Finding, type Severity } from '../check/index.js';
import { judgeGroup } from '../needs/index.js';
import { applyCommand, planLarder, type Command, type Plan } from '../plan/index.js';
import { lower } from '../words/index.js';
import type { SwapOption } from './option.js';
import { optionsFor, type OptionSettings } from './options.js';

export interface Swap extends Omit<SwapOption, 'commands' | 'component'> {
  /** Slips that go away, and slips that come. */
  fixes: Finding[];
  breaks: Finding[];
  /** Somebody at the table would have to ask what is on its label. */
  labelToRead: boolean;
  command: Command;
}

/** Candidates are judged on the whole plan; that many of the likest of each kind are tried. */
const TRIED: Record<SwapOption['kind'], number> = { component: 9, form: 4, 'home-made': 4, split: 2 };
/** Filters must find something: of each, so many are tried too. */
const TRIED_FILTER = 2;
/** What a slip that comes or goes is worth beside likeness. */
const SLIP_WORTH: Record<Severity, number> = { blocker: 0.3, ask: 0.1, caution: 0.06, good: 0 };

/** Swaps for a component wherever it lies, best first. Empty when it is not on the board. */
export function swapsFor(plan: Plan, componentId: ComponentId, settings: OptionSettings = {}): Swap[] {
  const larder = planLarder(plan);
  const component = larder.get(componentId);
  const here = plan.placements.filter((placement) => placement.componentId === componentId);
  if (!component || here.length === 0) return [];
  const options = tried(optionsFor(plan, larder, component, here, settings));
  if (settings.judge === false) return options.map((option) => unjudged(plan, option));
  const before = checkFood(plan).findings;
  return options
    .flatMap((option) => judged(plan, before, option) ?? [])
    .sort((a, b) => b.score - a.score || a.name.localeCompare(b.name));
}

function tried(options: readonly SwapOption[]): SwapOption[] {
  const out = new Set<SwapOption>();
  const take = (list: readonly SwapOption[], most: number) =>
    list.slice(0, most).forEach((option) => out.add(option));
  for (const [kind, most] of Object.entries(TRIED))
    take(
      options.filter((option) => option.kind === kind),
      most,
    );
  for (const filter of ['interesting', 'cheaper', 'pantry'] as const)
    take(
      options.filter((option) => option[filter]),
      TRIED_FILTER,
    );
  return [...out];
}

const KIND_LABEL: Record<SwapOption['kind'], (option: SwapOption, from: string) => string> = {
  component: (option, from) => `swap ${from} for ${lower(option.name)}`,
  form: (option) => `serve ${lower(option.name)}`,
  'home-made': (option, from) => `make ${lower(option.name)} instead of ${from}`,
  split: (option) => `split: ${lower(option.name)}`,
};

function commandOf(plan: Plan, option: SwapOption): Command {
  const from = lower(planLarder(plan).get(option.from)?.name ?? option.from);
  const label = KIND_LABEL[option.kind](option, from).slice(0, 120);
  return { name: 'together', label, commands: option.commands };
}

const asks = (plan: Plan, option: SwapOption): boolean =>
  plan.party.some((group) => judgeGroup(option.component, option.form, group).verdict === 'ask');

function unjudged(plan: Plan, option: SwapOption): Swap {
  const { commands: _commands, component: _component, ...rest } = option;
  return {
    ...rest,
    fixes: [],
    breaks: [],
    labelToRead: asks(plan, option),
    command: commandOf(plan, option),
  };
}

function judged(plan: Plan, before: readonly Finding[], option: SwapOption): Swap | undefined {
  const swap = unjudged(plan, option);
  const done = applyCommand(plan, swap.command);
  // an own larder may be full, or a surface too: then this is no way
  if (!done.ok) return undefined;
  const after = checkFood(done.plan).findings;
  // a question about another food is not answered by making the food irrelevant
  const gone = before.filter(
    (finding) =>
      finding.severity !== 'good' &&
      !after.some((otherFinding) => otherFinding.key === finding.key) &&
      (!isOfALabel(finding) || finding.components.includes(option.from)),
  );
  const come = after.filter(
    (finding) =>
      finding.severity !== 'good' && !before.some((otherFinding) => otherFinding.key === finding.key),
  );
  // a proposal never carries a slip that stops service
  if (come.some((finding) => finding.severity === 'blocker')) return undefined;
  const worth = (fs: readonly Finding[]) =>
    fs.reduce((sum, finding) => sum + SLIP_WORTH[finding.severity], 0);
  return {
    ...swap,
    score: Math.round(Math.max(0, swap.score + worth(gone) - worth(come)) * 1000) / 1000,
    fixes: gone,
    breaks: come,
  };
}
