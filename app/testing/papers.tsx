import './dom.js';
import { configure, render, screen } from '@testing-library/react';
import { userEvent, type UserEvent } from '@testing-library/user-event';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';
import type { Plan } from '../../core/plan/index.js';
import { db } from '../store/db.js';
import { putPlan } from '../store/plans.js';
import { useSession } from '../store/session.js';

// the whole page as text hides what was missed
configure({ getElementError: (message) => new Error(message ?? 'not found') });

/** The plan as the tab has it now. */
export const planNow = (): Plan => useSession.getState().plan!;

/** Draws what follows the plan, which is the one open in this tab. */
function Following({ of }: { of: (plan: Plan) => ReactElement }) {
  const plan = useSession((session) => session.plan);
  return plan && of(plan);
}

/** Opens a plan, and a paper over it, as its station does; what the user does is done by the hands that come back. */
export async function openPaper(plan: Plan, of: (plan: Plan) => ReactElement): Promise<UserEvent> {
  useSession.getState().close();
  await Promise.all([db.plans.clear(), db.steps.clear(), db.house.clear()]);
  await putPlan(plan, 1);
  await useSession.getState().open(plan.id);
  render(
    <MemoryRouter initialEntries={[`/plan/${plan.id}/brief`]}>
      <Following of={of} />
    </MemoryRouter>,
  );
  // what a store tells a moment later is drawn when it comes, as in a browser
  Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: false });
  return userEvent.setup();
}

/** Takes words from a choice by its name. */
export async function pick(hands: UserEvent, name: string, words: string | RegExp): Promise<void> {
  await hands.click(screen.getByRole('combobox', { name }));
  await hands.click(screen.getByRole('option', { name: words }));
}
