import { StrictMode, useEffect } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Link, Navigate, RouterProvider, useParams } from 'react-router';
import { z } from 'zod';
import type { Checked } from '../core/check/index.js';
import type { Plan } from '../core/plan/index.js';
import { useFocusKeeper } from './frame/useFocusKeeper.js';
import { useTheme } from './frame/useTheme.js';
import { useChecked } from './frame/useChecked.js';
import { BitesSheet } from './sheet/BitesSheet.js';
import { GuestCardSheet } from './sheet/GuestCardSheet.js';
import { ReplySlips } from './sheet/ReplySlips.js';
import { Sheet } from './sheet/Sheet.js';
import { Start } from './start/Start.js';
import { Brief } from './stations/brief/Brief.js';
import { Check } from './stations/check/Check.js';
import { Choose } from './stations/choose/Choose.js';
import { Lay } from './stations/lay/Lay.js';
import { openStore } from './store/db.js';
import { usePreview } from './store/preview.js';
import { useSession } from './store/session.js';
import { Toasts } from './ui/kit/Toasts.js';
import { keepOffline } from './store/updates.js';
import { warmKitchen } from './workers/kitchen.js';
import './styles.css';
import { buttonLook } from './ui/kit/Button.js';

// the content policy forbids code made from text
z.config({ jitless: true });
warmKitchen();

const VIEWS = {
  brief: Brief,
  choose: Choose,
  check: Check,
  lay: Lay,
  sheet: Sheet,
  reply: ReplySlips,
  card: CardPage,
  bites: BitesSheet,
} as const;

function CardPage({ plan, checked }: { plan: Plan; checked: Checked }) {
  const { of = '' } = useParams();
  return <GuestCardSheet plan={plan} checked={checked} groupId={of} />;
}

function PlanPage() {
  const { id = '', station = 'brief' } = useParams();
  const { plan, planId, problem, open } = useSession();
  useEffect(() => {
    if (planId !== id) void open(id);
  }, [id, planId, open]);
  useEffect(() => {
    document.title = plan ? `${plan.occasion.name} · Round Plate` : 'Round Plate';
  }, [plan]);
  if (problem && planId === id) return <Trouble text={problem} />;
  if (!plan || plan.id !== id)
    return (
      <p role="status" className="p-10">
        Setting the table …
      </p>
    );
  if (!(station in VIEWS)) return <Navigate to={`/plan/${id}/brief`} replace />;
  return <Station plan={plan} view={station as keyof typeof VIEWS} />;
}

function Station({ plan, view }: { plan: Plan; view: keyof typeof VIEWS }) {
  const checked = useChecked(plan);
  const preview = usePreview((s) => s.plan);
  const View = VIEWS[view];
  // what a paper offers is shown on the plate and kept nowhere
  return <View plan={preview?.id === plan.id ? preview : plan} checked={checked} />;
}

/** A fault of ours while drawing a page: say so and offer the way back; stored plans are not touched by it. */
function Fault() {
  return <Trouble text="This page could not be drawn. Your plans are safe in this browser." />;
}

function Trouble({ text }: { text: string }) {
  return (
    <main className="p-15 text-on-cloth">
      <h1 className="font-display text-2xl font-black">Nothing on this plate</h1>
      <p role="alert">{text}</p>
      <Link className={buttonLook({})} to="/">
        All plans
      </Link>
    </main>
  );
}

/** The kit has a page of its own while one builds with it; the application that is shipped has none. */
const KIT = import.meta.env.DEV
  ? [{ path: '/kit', lazy: async () => ({ Component: (await import('./ui/kit/KitPage.js')).KitPage }) }]
  : [];

const router = createBrowserRouter([
  ...KIT,
  { path: '/', element: <Start />, errorElement: <Fault /> },
  { path: '/plan/:id', element: <PlanPage />, errorElement: <Fault /> },
  { path: '/plan/:id/:station', element: <PlanPage />, errorElement: <Fault /> },
  { path: '/plan/:id/:station/:of', element: <PlanPage />, errorElement: <Fault /> },
  { path: '*', element: <Trouble text="There is no page at this address." /> },
]);

function App() {
  useTheme();
  useFocusKeeper();
  return (
    <>
      {/* at once: in a transition the old station would take the next keys, and lose what they opened */}
      <RouterProvider router={router} useTransitions={false} />
      <Toasts />
    </>
  );
}

void keepOffline();

const root = createRoot(document.getElementById('root')!);
void openStore().then(() =>
  root.render(
    <StrictMode>
      <App />
    </StrictMode>,
  ),
);
