import './dom.js';
import './views.js';
import { cleanup, configure, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { readFileSync } from 'node:fs';
import type { ReactElement } from 'react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { readPlanText, type Plan } from '../../core/plan/index.js';
import { PlanPage } from '../PlanPage.js';
import { Start } from '../start/Start.js';
import { db, openStore } from '../store/db.js';
import { putPlan } from '../store/plans.js';
import { useSession } from '../store/session.js';
import { Toasts } from '../ui/kit/Toasts.js';
import { inEnglish } from '../../core/words/index.js';

configure({
  // what is hidden is not looked for: on a station of a thousand shapes that takes most of the time
  defaultHidden: true,
  asyncUtilTimeout: 60_000,
  // the whole page as text hides what was missed
  getElementError: (message) => new Error(message?.split('\n')[0] ?? 'not found'),
});

/** The demo as it was composed and laid: its figures are not solved anew for each test. */
export function cometWatch(): Plan {
  const read = readPlanText(readFileSync('demo/made/comet-watch.plate.json', 'utf8'));
  if (!read.ok) throw new Error(inEnglish(read.problems[0]!.reason));
  return read.plan;
}

/** The plan as the tab has it now. */
export const planNow = (): Plan => useSession.getState().plan!;

/** Draws what follows the plan, which is the one open in this tab. */
function Following({ of }: { of: (plan: Plan) => ReactElement }) {
  const plan = useSession((session) => session.plan);
  return plan && of(plan);
}

/** These plans are all that the browser holds. */
async function storeOnly(...plans: Plan[]): Promise<void> {
  useSession.getState().close();
  localStorage.clear();
  await openStore();
  await Promise.all(db.tables.map((table) => table.clear()));
  for (const plan of plans) await putPlan(plan, 1);
}

const draw = (of: ReactElement): void => {
  render(
    <>
      {of}
      <Toasts />
    </>,
  );
  // what a store tells a moment later is drawn when it comes, as in a browser
  Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: false });
};

function Pages({ at }: { at: string }) {
  return (
    <MemoryRouter initialEntries={[at]}>
      <Routes>
        <Route path="/" element={<Start />} />
        <Route path="/plan/:id/:station/:of?" element={<PlanPage />} />
      </Routes>
    </MemoryRouter>
  );
}

/** Opens a plan at one of its stations, as its address does; the kitchen works in the test's own thread. */
export async function openStation(plan: Plan, station: string): Promise<Hands> {
  await storeOnly(plan);
  draw(<Pages at={`/plan/${plan.id}/${station}`} />);
  await screen.findByRole('heading', { level: 1 });
  await waitFor(() => {
    if (document.querySelector('[aria-busy]')) throw new Error('the station is not drawn yet');
  });
  return hands();
}

/** Opens the start page, with these plans on the table. */
export async function openStart(...plans: Plan[]): Promise<Hands> {
  await storeOnly(...plans);
  return openStartAgain();
}

/** Opens it on what the browser holds, as after a new start of the page. */
export async function openStartAgain(): Promise<Hands> {
  cleanup();
  draw(<Pages at="/" />);
  await screen.findByRole('button', { name: 'New plate' });
  return hands();
}

/** Opens a plan, and a paper over it, as its station does. */
export async function openPaper(plan: Plan, of: (plan: Plan) => ReactElement): Promise<Hands> {
  await storeOnly(plan);
  await useSession.getState().open(plan.id);
  draw(
    <MemoryRouter initialEntries={[`/plan/${plan.id}/brief`]}>
      <Following of={of} />
    </MemoryRouter>,
  );
  return hands();
}

type Name = string | RegExp;

export interface Hands extends ReturnType<typeof userEvent.setup> {
  /** Presses the first button, or link, of a name. */
  press(name: Name, where?: HTMLElement): Promise<void>;
  /** Puts a value into a field by its label. */
  fill(label: Name, value: string, where?: HTMLElement): Promise<HTMLElement>;
  /** Takes words from a choice by its name. */
  pick(name: Name, words: Name, where?: HTMLElement): Promise<void>;
  /** Goes to another station of the plank. */
  goTo(station: string): Promise<void>;
  /** Gives a file to what takes one. */
  give(label: Name, name: string, text: string): Promise<void>;
}

/** What a user does. Fields are filled at once: a key at a time is the browser's matter. */
function hands(): Hands {
  const user = userEvent.setup({ applyAccept: false, pointerEventsCheck: 0, delay: null });
  const first = async (role: string, name: Name, where: HTMLElement = document.body) =>
    (await within(where).findAllByRole(role, { name }))[0]!;
  return {
    ...user,
    press: async (name, where) => user.click(await first('button', name, where)),
    async goTo(station) {
      await user.click(await first('link', new RegExp(`^${station}`, 'i')));
      await waitFor(() => {
        if (!document.querySelector(`[data-station="${station}"]`)) throw new Error(`not at ${station}`);
      });
    },
    async fill(label, value, where = document.body) {
      const field = (await within(where).findAllByLabelText(label))[0]!;
      fireEvent.change(field, { target: { value } });
      return field;
    },
    async pick(name, words, where) {
      await user.click(await first('combobox', name, where));
      await user.click(await first('option', words));
    },
    async give(label, name, text) {
      const file = Object.assign(new File([text], name), { text: () => Promise.resolve(text) });
      await user.upload(await screen.findByLabelText(label), file);
    },
  };
}

/** The paper on top. */
export const paper = async (name: Name): Promise<HTMLElement> => screen.findByRole('dialog', { name });

/** A slip by its code and words, once it hangs there. */
export const slip = (code: string, words: Name = ''): Promise<HTMLElement> =>
  waitFor(() => {
    const found = slips(code, words)[0];
    if (!found) throw new Error(`no slip ${code} ${String(words)}`);
    return found;
  });

export const slips = (code: string, words: Name = ''): HTMLElement[] =>
  [...document.querySelectorAll<HTMLElement>(`article[data-code="${code}"]`)].filter((article) =>
    typeof words === 'string' ? article.textContent.includes(words) : words.test(article.textContent),
  );

/** Waits until it is gone. */
export const gone = (what: () => readonly unknown[]): Promise<void> =>
  waitFor(() => {
    if (what().length > 0) throw new Error('it is still there');
  });

/** Every edit is in the store. */
export const saved = (): Promise<unknown> => screen.findByTestId('saved');
