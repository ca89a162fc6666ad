import { useDeferredValue, useMemo } from 'react';
import { checkPlan, type Checked } from '../../core/check/index.js';
import type { Plan } from '../../core/plan/index.js';

/** Findings follow the plan a moment later, so that typing is never held up. */
export function useChecked(plan: Plan): Checked {
  const later = useDeferredValue(plan);
  return useMemo(() => checkPlan(later), [later]);
}
