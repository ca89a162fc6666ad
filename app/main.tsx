import { lazy, StrictMode, Suspense, useEffect, type ComponentType } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Link, Navigate, RouterProvider, useParams } from 'react-router';
import { z } from 'zod';
import type { Plan } from '../core/plan/index.js';
import { PlanKeys } from './frame/PlanKeys.js';
import { useFocusKeeper } from './frame/useFocusKeeper.js';
import { useTheme } from './frame/useTheme.js';
import { useChecked } from './frame/useChecked.js';
import { PAGES } from './sheet/registry.js';
import { STATIONS } from './stations/registry.js';
import type { StationView } from './stations/station.js';
import { Start } from './start/Start.js';
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

/** Each view is a piece of its own; all are fetched once the first one is drawn, so that the next is there at once. */
const RECORDS = [...STATIONS, ...PAGES];
const VIEWS = new Map(RECORDS.map((r) => [r.id, lazy(() => r.view())]));

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
  if (!plan || plan.id !== id) return <Setting />;
  const view = VIEWS.get(station);
  if (!view) return <Navigate to={`/plan/${id}/${STATIONS[0]!.id}`} replace />;
  return (
    <>
      <Station plan={plan} view={view} />
      <PlanKeys plan={plan} at={station} />
    </>
  );
}

function Station({ plan, view: View }: { plan: Plan; view: ComponentType<StationView> }) {
  const checked = useChecked(plan);
  const preview = usePreview((s) => s.plan);
  // what a paper offers is shown on the plate and kept nowhere
  return (
    <Suspense fallback={<Setting />}>
      <View plan={preview?.id === plan.id ? preview : plan} checked={checked} />
    </Suspense>
  );
}

function Setting() {
  return (
    <p role="status" className="on-cloth p-10">
      Setting the table …
    </p>
  );
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
const whenIdle = window.requestIdleCallback ?? ((act: () => void) => setTimeout(act, 200));

void openStore().then(() => {
  root.render(
    <StrictMode>
      <App />
    </StrictMode>,
  );
  whenIdle(() => RECORDS.forEach((r) => void r.view()));
});
