import { formatMoney } from '../measure/index.js';
import type { ComponentId } from '../catalogue/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import type { Problem } from './candidates.js';
import { draftOf } from './program.js';
import type { Wishes } from './draft.js';
import type { Solver } from './linear.js';

/** Wishes that cannot all be kept, in plain words. `wishes` are ids: budget, pin:<component>, group:<group>. */
export interface Conflict {
  wishes: string[];
  text: string;
}

function wishIds(plan: Plan): string[] {
  return [
    ...(plan.budgetMinor === null ? [] : ['budget']),
    ...plan.wishes.pinned.map((id) => `pin:${id}`),
    ...plan.party.map((g) => `group:${g.id}`),
  ];
}

const wishesOf = (ids: ReadonlySet<string>): Wishes => ({
  budget: ids.has('budget'),
  frugal: 0,
  pinned: (id: ComponentId) => ids.has(`pin:${id}`),
  lookedAfter: (g) => ids.has(`group:${g}`),
});

/** One smallest set of colliding wishes by dropping each in turn, decided on the relaxed program (notes: decide on the LP). */
export function findConflicts(problem: Problem, solve: Solver): Conflict[] {
  const { plan } = problem;
  const holds = (ids: readonly string[]) =>
    solve(draftOf(problem, wishesOf(new Set(ids))).model, {
      gap: 0,
      nodes: 0,
      seed: plan.seed,
      relaxed: true,
    }).status !== 'infeasible';
  let kept = wishIds(plan);
  if (holds(kept))
    return [
      {
        wishes: [],
        text: 'The amounts fit on paper, but not in whole packs, kinds and pieces. Loosen one wish or change a surface.',
      },
    ];
  if (!holds([]))
    return [
      {
        wishes: [],
        text: 'Even without any wish the surfaces cannot hold this party’s food: change the surfaces or what they are kept free from.',
      },
    ];
  for (const id of [...kept]) {
    const without = kept.filter((k) => k !== id);
    if (!holds(without)) kept = without;
  }
  return [{ wishes: kept, text: sentence(plan, kept) }];
}

function sentence(plan: Plan, ids: readonly string[]): string {
  const words = ids.map((id) => wishWords(plan, id));
  const list = words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : words[0];
  const relax = ids.map((id) => relaxWords(id)).filter((w, i, all) => all.indexOf(w) === i);
  return `${capital(list ?? '')} cannot ${words.length > 1 ? 'all be kept together' : 'be kept'}. ${capital(relax.join(', or '))}.`;
}

const capital = (t: string) => t.charAt(0).toUpperCase() + t.slice(1);

function wishWords(plan: Plan, id: string): string {
  if (id === 'budget') return `the budget of ${formatMoney(plan.budgetMinor ?? 0, plan.currency)}`;
  if (id.startsWith('pin:')) {
    const name = planLarder(plan).get(id.slice(4) as ComponentId)?.name ?? id.slice(4);
    return `the pin on ${name.toLowerCase()}`;
  }
  const group = plan.party.find((g) => g.id === id.slice(6));
  return `enough for “${group?.name ?? id.slice(6)}”`;
}

function relaxWords(id: string): string {
  if (id === 'budget') return 'raise the budget';
  return id.startsWith('pin:')
    ? 'take the pin away'
    : 'give the group a surface of its own, or allow more foods that it may eat';
}
