import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { useFocusKeeper } from './frame/useFocusKeeper.js';
import { useTheme } from './frame/useTheme.js';
import { fetchCraft, whenIdle } from './idle.js';
import { Start } from './start/Start.js';
import { openStore } from './store/db.js';
import { keepOffline } from './store/updates.js';
import { Fault, Setting, Trouble } from './Trouble.js';
import './styles.css';
import { t } from './words/index.js';
import { wakeInspector } from './workers/kitchen.js';

let rest: () => void;
/** The page stands there, and has nothing to do. */
const idle = new Promise<void>((done) => (rest = done));

/** What knows the craft is fetched after the first paint: the table of plans is there without it. */
const planPage = () => import('./PlanPage.js').then((module) => ({ Component: module.PlanPage }));
const Toasts = lazy(() =>
  idle.then(() => import('./ui/kit/Toasts.js')).then((module) => ({ default: module.Toasts })),
);
const housePage = () => import('./house/HousePage.js').then((module) => ({ Component: module.HousePage }));

/** The kit has a page of its own while one builds with it; the application that is shipped has none. */
const KIT = import.meta.env.DEV
  ? [{ path: '/kit', lazy: async () => ({ Component: (await import('./ui/kit/KitPage.js')).KitPage }) }]
  : [];

const plan = { lazy: planPage, hydrateFallbackElement: <Setting />, errorElement: <Fault /> };

const router = createBrowserRouter([
  ...KIT,
  { path: '/', element: <Start />, errorElement: <Fault /> },
  { path: '/house', lazy: housePage, hydrateFallbackElement: <Setting />, errorElement: <Fault /> },
  { path: '/plan/:id', ...plan },
  { path: '/plan/:id/:station', ...plan },
  { path: '/plan/:id/:station/:of', ...plan },
  { path: '*', element: <Trouble text={t('There is no page at this address.')} /> },
]);

function App() {
  useTheme();
  useFocusKeeper();
  return (
    <>
      {/* at once: in a transition the old station would take the next keys, and lose what they opened */}
      <RouterProvider router={router} useTransitions={false} />
      <Suspense>
        <Toasts />
      </Suspense>
    </>
  );
}

void keepOffline();

if (location.pathname.startsWith('/plan/')) {
  // all that stands between the visitor and the plan is fetched side by side
  wakeInspector();
  void planPage();
}

const root = createRoot(document.getElementById('root')!);

void openStore().then(() => {
  root.render(
    <StrictMode>
      <App />
    </StrictMode>,
  );
  // after the frame in which the page is painted first
  requestAnimationFrame(() => requestAnimationFrame(() => whenIdle(rest)));
  void idle.then(fetchCraft).then(planPage);
});
