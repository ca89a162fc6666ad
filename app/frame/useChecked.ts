import { useEffect, useState } from 'react';
import { checkedOf, checkPlan, type Checked } from '../../core/check/index.js';
import type { Plan } from '../../core/plan/index.js';
import { ask, Cancelled } from '../workers/kitchen.js';

/**
 * Findings follow the plan a moment later, from beside the page, so that typing is never held up. Until the first are
 * there nothing is known of a plan, and nothing is said of it: null.
 */
export function useChecked(plan: Plan): Checked | null {
  const [checked, setChecked] = useState<Checked | null>(null);
  useEffect(() => {
    let wanted = true;
    const show = (next: Checked) => {
      if (wanted) setChecked(next);
    };
    const asked = ask('check', { plan });
    asked.done.then(
      (answer) => show(checkedOf(plan, answer)),
      (why: unknown) => {
        // whoever was to look fell over it: the page looks itself, for no plan stands unlooked at
        if (!(why instanceof Cancelled)) show(checkPlan(plan));
      },
    );
    return () => {
      wanted = false;
      asked.forget();
    };
  }, [plan]);
  return checked?.context.plan.id === plan.id ? checked : null;
}
