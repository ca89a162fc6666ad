import { create } from 'zustand';
import type { Plan } from '../../../core/plan/index.js';

export const CRAFT_IDS = ['cut-out', 'window', 'mould', 'fold', 'word', 'motif', 'fruit', 'skewers'] as const;
export type CraftId = (typeof CRAFT_IDS)[number];

/** What is on the bench of each plan, and what was asked of each craft: of this tab, and no part of a plan. */
const useCrafts = create<{
  craft: Readonly<Record<string, CraftId>>;
  asked: Readonly<Record<string, object>>;
}>(() => ({ craft: {}, asked: {} }));

export function useCraft(plan: Plan): [CraftId, (id: CraftId) => void] {
  const craft = useCrafts((state) => state.craft[plan.id]) ?? 'cut-out';
  const take = (id: CraftId): void =>
    useCrafts.setState((state) => ({ craft: { ...state.craft, [plan.id]: id } }));
  return [craft, take];
}

/** What a craft was asked, kept while the stylist walks: what is not said yet is as it is proposed. */
export function useAsked<A extends object>(
  plan: Plan,
  craft: CraftId | 'ice',
  proposed: A,
): [A, (by: Partial<A>) => void] {
  const key = `${plan.id} ${craft}`;
  const asked = useCrafts((state) => state.asked[key]) as Partial<A> | undefined;
  const change = (by: Partial<A>): void =>
    useCrafts.setState((state) => ({ asked: { ...state.asked, [key]: { ...state.asked[key], ...by } } }));
  return [{ ...proposed, ...asked }, change];
}
