import { useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Checked } from '../../core/check/index.js';
import { speakTime } from '../../core/measure/index.js';
import { guestsIn } from '../../core/party/index.js';
import type { Plan } from '../../core/plan/index.js';
import { Rail } from '../rail/Rail.js';
import { useKitchen } from '../store/kitchen-jobs.js';
import { useSession } from '../store/session.js';
import { Motif } from '../ui/Motif.js';
import { CommandBox } from './CommandBox.js';
import { GoneNote } from './GoneNote.js';
import { SavedAt } from './SavedAt.js';
import { ShortcutSheet } from './ShortcutSheet.js';
import { StationLink } from './StationLink.js';
import { belongsTo, STATION_NAMES, STATIONS, type StationId } from './stations.js';
import { Tools } from './Tools.js';
import { useKeys } from './useKeys.js';

interface Props {
  plan: Plan;
  station: StationId;
  checked: Checked;
  shelf: ReactNode;
  foot: ReactNode;
  children: ReactNode;
}

/** The frame of every station: occasion and stations on top, shelf, plate, rail, foot slip. */
export function Frame({ plan, station, checked, shelf, foot, children }: Props) {
  const [stepped, setStepped] = useState(false);
  const [squint, setSquint] = useState(false);
  const [sheet, setSheet] = useState(false);
  const [box, setBox] = useState(false);
  const [shelfOpen, setShelfOpen] = useState(false);
  const session = useSession();
  const navigate = useNavigate();
  const kitchen = useKitchen();
  const nextGuest = (): void => {
    const order = [null, ...plan.party.map((g) => g.id as string)];
    session.see(order[(order.indexOf(session.seenBy) + 1) % order.length] ?? null);
  };
  useKeys({
    undo: () => session.step('back'),
    redo: () => session.step('forward'),
    commandBox: () => setBox(true),
    letters: {
      g: nextGuest,
      ' ': () => setStepped((s) => !s),
      b: () => setSquint((s) => !s),
      '?': () => setSheet(true),
      Escape: () => (setStepped(false), setSquint(false)),
    },
    numbers: (n) => STATIONS[n - 1] && void navigate(`/plan/${plan.id}/${STATIONS[n - 1]}`),
  });
  return (
    <div className={`frame ${stepped ? 'stepped' : ''} ${squint ? 'squint' : ''}`} data-station={station}>
      <GoneNote />
      <header>
        <h1>
          <Link
            to="/"
            style={{ color: 'inherit', textDecoration: 'none' }}
            aria-label={`${plan.occasion.name}. All plans`}
          >
            {plan.occasion.name}
          </Link>
          <Motif plan={plan} />
        </h1>
        <p>
          {guestsIn(plan.party)} guests, {speakTime(plan.occasion.start).replace(/ \d{4}/, '')}
        </p>
      </header>
      <nav aria-label="Stations">
        <div className="plank-row">
          {STATIONS.map((id) => (
            <StationLink key={id} id={id} plan={plan} checked={checked} current={id === station} />
          ))}
        </div>
      </nav>
      <Tools plan={plan} nextGuest={nextGuest} onBox={() => setBox(true)} />
      <button className="shelf-tab" aria-expanded={shelfOpen} onClick={() => setShelfOpen((o) => !o)}>
        {shelfOpen ? 'Close the shelf' : 'Shelf'}
      </button>
      <aside className={`shelf ${shelfOpen ? 'open' : ''}`} aria-label="Shelf" tabIndex={-1}>
        {shelf}
      </aside>
      <main className="stage" aria-label={STATION_NAMES[station]}>
        <div className="runner" />
        {children}
        {kitchen.doing && (
          <div className="progress" role="status">
            {kitchen.doing} …
            <button className="button quiet small" onClick={kitchen.cancel}>
              Stop
            </button>
          </div>
        )}
        <div className="foot">
          {foot}
          <SavedAt />
        </div>
      </main>
      <Rail plan={plan} checked={checked} show={belongsTo(station)} />
      <ShortcutSheet open={sheet} onClose={() => setSheet(false)} />
      <CommandBox
        open={box}
        onClose={() => setBox(false)}
        plan={plan}
        act={{
          nextGuest,
          stepBack: () => setStepped(true),
          squint: () => setSquint((s) => !s),
          help: () => setSheet(true),
        }}
      />
    </div>
  );
}
