import { create } from 'zustand';
import type { Plan } from '../../core/plan/index.js';
import { onOtherPlan } from './session.js';

interface Preview {
  /** A plan to look at and not to keep: the plate shows it while a paper offers it. */
  plan: Plan | null;
  show(plan: Plan | null): void;
}

export const usePreview = create<Preview>((set) => ({
  plan: null,
  show: (plan) => set({ plan }),
}));

onOtherPlan(() => usePreview.setState({ plan: null }));
