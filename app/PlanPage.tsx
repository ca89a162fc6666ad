import { useShallow } from 'zustand/react/shallow';
import { useEffect, useState, type ComponentType } from 'react';
import { Navigate, useParams } from 'react-router';
import './zod.js';
import type { Plan } from '../core/plan/index.js';
import { idle, oneByOne } from './idle.js';
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

const RECORDS = new Map([...STATIONS, ...PAGES].map((record) => [record.id, record]));

/** Each view is a piece of its own: those that are here. */
const VIEWS = new Map<string, ComponentType<StationView>>();

async function fetchView(id: string): Promise<void> {
  const record = RECORDS.get(id);
  if (record && !VIEWS.has(id)) VIEWS.set(id, (await record.view()).default);
}

/** The view of a station once it is here. Not by Suspense, which keeps back what follows its fallback for 0.3 s. */
function useView(id: string): ComponentType<StationView> | undefined {
  const [, setHere] = useState<string>();
  useEffect(() => {
    if (VIEWS.has(id)) return;
    fetchView(id).then(
      () => setHere(id),
      (why: unknown) =>
        setHere(() => {
          throw why;
        }),
    );
  }, [id]);
  return VIEWS.get(id);
}

wakeInspector();

/** Once the first view is drawn the others are fetched, so that the next is there at once: sooner they would hold it up. */
let hasFetched = false;
function fetchOthers(): void {
  if (hasFetched) return;
  hasFetched = true;
  // one that could not be fetched is fetched again, and its failure told, where it is gone to
  const views = [...RECORDS.keys()].map((id) => () => fetchView(id).catch(() => undefined));
  void oneByOne(idle, [async () => warmKitchen(), ...views]);
}

/** One plan at one of its stations, or as a page to print. */
export function PlanPage() {
  const { id = '', station = STATIONS[0]!.id } = useParams();
  // it comes while the plan is read and looked at
  const view = useView(station);
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
  if (!RECORDS.has(station)) return <Navigate to={`/plan/${id}/${STATIONS[0]!.id}`} replace />;
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

function Station({ plan, view: View }: { plan: Plan; view: ComponentType<StationView> | undefined }) {
  const checked = useChecked(plan);
  const preview = usePreview((preview) => preview.plan);
  useEffect(() => {
    if (checked) fetchOthers();
  }, [checked]);
  if (!checked || !View) return <Setting />;
  // what a paper offers is shown on the plate and kept nowhere
  return <View plan={preview?.id === plan.id ? preview : plan} checked={checked} />;
}
