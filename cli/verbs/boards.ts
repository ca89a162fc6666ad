import { textOf } from '../../core/check/index.js';
import type { ComponentId } from '../../core/catalogue/index.js';
import { bitesFor, checkPlan } from '../../core/check/index.js';
import { ENGLISH, speak, type Said } from '../../core/words/index.js';
import {
  compose as composeBoard,
  type Conflict,
  otherBoards,
  whyComponent,
} from '../../core/compose/index.js';
import { planLarder, type Plan } from '../../core/plan/index.js';
import { SWAP_KINDS, swapsFor, type SwapKind } from '../../core/swap/index.js';
import { nodeSolver } from '../../solver/node.js';
import { BadInput, numberOf, planOf, seedOf, type Call } from '../call.js';

export async function compose(call: Call): Promise<void> {
  const plan = planOf(call);
  const solve = await nodeSolver();
  const started = call.now();
  const seed = seedOf(call, plan);
  const gap = numberOf(call, 'gap', 0, 1);
  const nodes = numberOf(call, 'nodes', 1, 1_000_000);
  const more = numberOf(call, 'alternatives', 0, 5) ?? 0;
  const composition = composeBoard({ ...plan, seed }, solve, {
    ...(gap === undefined ? {} : { gap }),
    ...(nodes === undefined ? {} : { nodes }),
  });
  const others = composition.status === 'impossible' ? [] : otherBoards(composition.plan, solve, more);
  const finite = (n: number) => (Number.isFinite(n) ? n : null);
  call.print({
    status: composition.status,
    plan: composition.plan,
    objective: finite(composition.objective),
    bound: finite(composition.bound),
    gap: composition.gap,
    seconds: (call.now() - started) / 1000,
    conflicts: composition.conflicts.map(inWords),
    ...(more > 0 ? { alternatives: others } : {}),
  });
}

const say = (said: Said): string => speak(said, ENGLISH);

const inWords = ({ wishes, said, ways }: Conflict) => ({
  wishes,
  text: say(said),
  ways: ways.map((way) => ({ ...way, label: say(way.label), effect: way.effect.map(say).join(', ') })),
});

export async function why(call: Call): Promise<void> {
  const plan = planOf(call);
  const id = componentOf(call, plan);
  const why = whyComponent(plan, id, await nodeSolver());
  const { said, worse, better, ...rest } = why;
  call.print({
    ...rest,
    points: Number.isFinite(why.points) ? why.points : null,
    worse: worse.map(say),
    better: better.map(say),
    text: said.map(say).join(' '),
  });
}

export function bites(call: Call): void {
  const plan = planOf(call);
  const id = call.options.group?.[0];
  const group = plan.party.find((group) => group.id === id);
  const valid = plan.party.map((group) => group.id);
  if (!group) throw new BadInput(`--group takes one of ${valid.join(', ')}, not "${id ?? ''}"`, { valid });
  call.print(
    bitesFor(checkPlan(plan).context, group).map((bite) => ({
      surface: bite.surface,
      foods: bite.foods.map((component) => ({ id: component.id, name: component.name })),
      points: bite.points,
      why: bite.why,
    })),
  );
}

export function swap(call: Call): void {
  const plan = planOf(call);
  const id = call.options.component?.[0];
  const found = plan.placements.find((placement) => placement.componentId === id);
  if (!found) throw new BadInput(`--component takes a component that is on the board, not "${id ?? ''}"`);
  call.print(
    swapsFor(plan, found.componentId, kindsOf(call)).map((swap) => ({
      id: swap.id,
      name: swap.name,
      kind: swap.kind,
      score: swap.score,
      likeness: swap.like,
      keeps: swap.keeps,
      changes: swap.changes,
      fixes: swap.fixes.map((finding) => textOf(finding, ENGLISH)),
      breaks: swap.breaks.map((finding) => textOf(finding, ENGLISH)),
      costMinor: swap.costMinor,
      minutes: swap.minutes,
      labelToRead: swap.labelToRead,
      command: swap.command,
    })),
  );
}

function componentOf(call: Call, plan: Plan): ComponentId {
  const id = call.options.component?.[0] as ComponentId | undefined;
  if (!id || !planLarder(plan).has(id))
    throw new BadInput(`--component takes a component of the larder, not "${id ?? ''}"`);
  return id;
}

function kindsOf(call: Call): { kinds?: readonly SwapKind[] } {
  const asked = (call.options.kinds ?? []).flatMap((text) => text.split(',')).filter(Boolean);
  const wrong = asked.find((key) => !(SWAP_KINDS as readonly string[]).includes(key));
  if (wrong)
    throw new BadInput(`--kinds takes ${SWAP_KINDS.join(', ')}, not "${wrong}"`, { valid: SWAP_KINDS });
  return asked.length > 0 ? { kinds: asked as SwapKind[] } : {};
}
