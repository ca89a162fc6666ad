import { useShallow } from 'zustand/react/shallow';
import { useDeferredValue, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { Checked } from '../../core/check/index.js';
import { speakTime } from '../../core/measure/index.js';
import { guestsIn } from '../../core/party/index.js';
import type { Plan } from '../../core/plan/index.js';
import { nextGuest } from '../commands/registry.js';
import { STATIONS } from '../stations/registry.js';
import { hangsAt } from '../stations/state.js';
import type { StationRecord } from '../stations/station.js';
import { Rail } from '../rail/Rail.js';
import { useFrame } from '../store/frame.js';
import { useKitchen } from '../store/kitchen-jobs.js';
import { Motif } from '../ui/Motif.js';
import { GoneNote } from './GoneNote.js';
import { SavedAt } from './SavedAt.js';
import { StationLink } from './StationLink.js';
import { Tools } from './Tools.js';
import { Button } from '../ui/kit/Button.js';
import { t, word } from '../words/index.js';

interface Props {
  plan: Plan;
  station: StationRecord;
  checked: Checked;
  shelf: ReactNode;
  foot: ReactNode;
  /** What the station itself has to say, before the findings. */
  slips?: ReactNode;
  children: ReactNode;
}

/** On a small screen the shelf comes out over the plate. */
const SHELF_OPEN =
  'max-xl:absolute max-xl:top-24.5 max-xl:bottom-0 max-xl:left-0 max-xl:z-20 max-xl:w-72.5 max-xl:bg-cloth max-xl:pt-12.5 max-xl:shadow-shelf max-md:fixed max-md:top-42.5';

/** So many stations stand at ease on the plank. */
const FEW = 5;

/** Two lines of the head hold a name of so many letters in the large type. */
const LONG_NAME = 16;

/** The frame of every station: occasion and stations on top, shelf, plate, rail, foot slip. */
export function Frame({ plan, station, checked, shelf, foot, slips, children }: Props) {
  const [shelfOpen, setShelfOpen] = useState(false);
  const { stepped, squinting, open } = useFrame(
    useShallow((state) => ({ stepped: state.stepped, squinting: state.squinting, open: state.open })),
  );
  // the frame is there at once; shelf, plate and slips come in turns that let keys and frames through
  const whole = useDeferredValue(true, false);
  return (
    <div
      data-station={station.id}
      aria-busy={!whole || undefined}
      data-stepped={stepped || undefined}
      data-squint={squinting || undefined}
      className="relative grid h-screen min-h-160 grid-cols-[268px_minmax(0,1fr)_378px] grid-rows-[98px_minmax(0,1fr)] overflow-hidden [grid-template-areas:'head_stations_tools'_'shelf_stage_rail'] max-xl:grid-cols-[230px_minmax(0,1fr)_300px] max-xl:[grid-template-areas:'head_stations_tools'_'stage_stage_rail'] max-md:h-auto max-md:grid-cols-[minmax(0,1fr)_auto] max-md:grid-rows-[auto_100px_minmax(96vw,auto)_auto] max-md:overflow-visible max-md:[grid-template-areas:'head_tools'_'stations_stations'_'stage_stage'_'rail_rail']"
    >
      <GoneNote />
      <Head plan={plan} />
      <Plank plan={plan} station={station} checked={checked} />
      <Tools plan={plan} nextGuest={() => nextGuest(plan)} onBox={() => open({ kind: 'box' })} />
      <button
        className="wood absolute top-26 left-0 z-21 hidden border-0 px-3.5 py-2 font-display text-base/none font-extrabold text-ink shadow-paper max-xl:block max-md:top-44"
        aria-expanded={shelfOpen}
        onClick={() => setShelfOpen((o) => !o)}
      >
        {shelfOpen ? t('Close the shelf') : t('Shelf')}
      </button>
      <aside
        className={`on-cloth scrollbar-thin overflow-x-hidden overflow-y-auto pt-1.5 pr-3 pb-3 pl-5 [grid-area:shelf] stepped:invisible ${shelfOpen ? SHELF_OPEN : 'max-xl:hidden'}`}
        aria-label={t('Shelf')}
        tabIndex={-1}
      >
        {whole && shelf}
      </aside>
      <main
        tabIndex={-1}
        className="relative min-h-0 min-w-0 [grid-area:stage] squinting:blur-[7px] squinting:grayscale"
        aria-label={station.name}
      >
        <div className="runner-cloth absolute inset-x-[9%] inset-y-0" />
        {whole && children}
        <Working />
        <div
          role="group"
          aria-label={t('In figures')}
          className="on-paper edge-foot absolute bottom-0 left-1/2 z-4 flex min-h-8.5 w-max max-w-full -translate-x-1/2 flex-wrap items-center justify-center gap-x-5.5 gap-y-0.5 bg-paper px-5.5 py-1 text-sm whitespace-nowrap text-soft max-md:w-full max-md:gap-x-4 stepped:invisible [&_b]:font-display [&_b]:text-base/none [&_b]:font-extrabold [&_b]:text-ink"
        >
          {whole && foot}
          <SavedAt />
        </div>
      </main>
      {whole && (
        <Rail plan={plan} checked={checked} show={(finding) => hangsAt(station, finding)} own={slips} />
      )}
    </div>
  );
}

function Head({ plan }: { plan: Plan }) {
  const long = plan.occasion.name.length > LONG_NAME;
  return (
    <header className="relative z-5 min-w-0 pt-3.5 pl-5.5 [grid-area:head]">
      <h1
        className={`m-0 flex items-center gap-2.5 font-black text-on-cloth max-xl:text-xl/none max-xl:[&_svg]:hidden ${long ? 'text-xl/none' : 'text-2xl/none'}`}
      >
        <Link
          to="/"
          className={`pb-0.5 text-inherit no-underline ${long ? 'line-clamp-2 min-w-0 wrap-anywhere' : 'whitespace-nowrap'}`}
          aria-label={t('{name}. All plans', { name: plan.occasion.name })}
        >
          {plan.occasion.name}
        </Link>
        <Motif plan={plan} />
      </h1>
      <p className="mt-1 text-sm text-on-cloth-soft">
        {t('{guestsIn} guests, {start}', {
          guestsIn: guestsIn(plan.party),
          start: speakTime(plan.occasion.start, { year: false }),
        })}
      </p>
    </header>
  );
}

/** The stations as plates on a plank. */
function Plank({ plan, station, checked }: Pick<Props, 'plan' | 'station' | 'checked'>) {
  return (
    <nav
      aria-label={t('Stations')}
      className="@container flex justify-center [grid-area:stations] stepped:invisible"
    >
      <div className="relative after:wood after:absolute after:inset-x-0 after:top-[73px] after:h-1.75 after:shadow-tag flex h-18.5 items-end gap-2 px-6.5 max-sm:gap-1 max-sm:px-1.5 @max-[600px]:gap-1 @max-[600px]:px-1.5">
        {STATIONS.map((other, i) => (
          <StationLink
            key={other.id}
            station={other}
            plan={plan}
            checked={checked}
            current={other === station}
            crowd={STATIONS.length > FEW}
            far={Math.abs(i - STATIONS.indexOf(station)) > 1}
          />
        ))}
      </div>
    </nav>
  );
}

/** What the kitchen is doing, over the plate. */
function Working() {
  const kitchen = useKitchen(useShallow((state) => ({ doing: state.doing, cancel: state.cancel })));
  if (!kitchen.doing) return null;
  return (
    <div
      className="on-paper absolute top-[46%] left-1/2 z-10 flex -translate-x-1/2 -translate-y-1/2 items-center gap-3.5 bg-paper px-4.5 py-3 shadow-paper"
      role="status"
    >
      {word(kitchen.doing)} …
      <Button look="quiet" size="small" onClick={kitchen.cancel}>
        {t('Stop')}
      </Button>
    </div>
  );
}
