import { useShallow } from 'zustand/react/shallow';
import { lazy, Suspense, useEffect, type ComponentType } from 'react';
import { Navigate, useParams } from 'react-router';
import './zod.js';
import type { Plan } from '../core/plan/index.js';
import { PlanKeys } from './frame/PlanKeys.js';
import { useChecked } from './frame/useChecked.js';
import { PAGES } from './sheet/registry.js';
import { STATIONS } from './stations/registry.js';
import type { StationView } from './stations/station.js';
import { useNested } from './store/bench.js';
import { usePreview } from './store/preview.js';
import { useSession } from './store/session.js';
import { Setting, Trouble } from './Trouble.js';
import { wakeInspector, warmKitchen } from './workers/kitchen.js';

/** Each view is a piece of its own; all are fetched once the first one is drawn, so that the next is there at once. */
const RECORDS = [...STATIONS, ...PAGES];
const VIEWS = new Map(RECORDS.map((r) => [r.id, lazy(() => r.view())]));

const whenIdle = window.requestIdleCallback ?? ((act: () => void) => setTimeout(act, 200));
wakeInspector();
whenIdle(() => {
  RECORDS.forEach((r) => void r.view());
  warmKitchen();
});

/** One plan at one of its stations, or as a page to print. */
export function PlanPage() {
  const { id = '', station = STATIONS[0]!.id } = useParams();
  const { plan, planId, problem, open } = useSession(
    useShallow((state) => ({
      plan: state.plan,
      planId: state.planId,
      problem: state.problem,
      open: state.open,
    })),
  );
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
      <Bare plan={plan} />
      <PlanKeys plan={plan} at={station} />
    </>
  );
}

/** A remedy may take another cutter while the bench is not looked at: where it is pressed is found all the same. */
function Bare({ plan }: { plan: Plan }) {
  useNested(
    plan.cuts.find((cut) => cut.pieces.length === 0),
    true,
  );
  return null;
}

function Station({ plan, view: View }: { plan: Plan; view: ComponentType<StationView> }) {
  const checked = useChecked(plan);
  const preview = usePreview((preview) => preview.plan);
  if (!checked) return <Setting />;
  // what a paper offers is shown on the plate and kept nowhere
  return (
    <Suspense fallback={<Setting />}>
      <View plan={preview?.id === plan.id ? preview : plan} checked={checked} />
    </Suspense>
  );
}
