import { Redo2, Undo2, Command as CommandIcon } from 'lucide-react';
import { useEffect, useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Checked } from '../../core/check/index.js';
import { speakTime } from '../../core/measure/index.js';
import { guestsIn } from '../../core/party/index.js';
import type { Plan } from '../../core/plan/index.js';
import { Rail } from '../rail/Rail.js';
import { useKitchen } from '../store/kitchen-jobs.js';
import { useSession } from '../store/session.js';
import { useSettings } from '../store/settings.js';
import { PlateGlyph, STATE_WORDS } from '../ui/Glyph.js';
import { Motif } from '../ui/Motif.js';
import { Rim } from '../ui/rims.js';
import { CommandBox } from './CommandBox.js';
import { ShortcutSheet } from './ShortcutSheet.js';
import { belongsTo, STATION_NAMES, STATIONS, stationState, type StationId } from './stations.js';
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
  const seen = plan.party.find((g) => g.id === session.seenBy);
  return (
    <div className={`frame ${stepped ? 'stepped' : ''} ${squint ? 'squint' : ''}`} data-station={station}>
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
      <div className="tools">
        <button
          className="round-button"
          onClick={() => session.step('back')}
          disabled={!session.undoLabel}
          aria-label={session.undoLabel ? `Undo: ${session.undoLabel}` : 'Nothing to undo'}
          title={session.undoLabel ? `Undo: ${session.undoLabel}` : 'Nothing to undo'}
        >
          <Undo2 size={20} />
        </button>
        <button
          className="round-button"
          onClick={() => session.step('forward')}
          disabled={!session.redoLabel}
          aria-label={session.redoLabel ? `Redo: ${session.redoLabel}` : 'Nothing to redo'}
          title={session.redoLabel ? `Redo: ${session.redoLabel}` : 'Nothing to redo'}
        >
          <Redo2 size={20} />
        </button>
        <button
          className="round-button"
          onClick={() => setBox(true)}
          aria-label="Say what to do (Control K)"
          title="Say what to do"
        >
          <CommandIcon size={18} />
        </button>
        <button
          className="seen"
          onClick={nextGuest}
          aria-label={`Seen by ${seen ? seen.name : 'everyone'}. Next guest`}
        >
          <em>Seen by</em>
          {seen ? (
            <Rim group={seen} size={26} />
          ) : (
            <span className="seen-rims row" style={{ gap: 1, flexWrap: 'nowrap' }}>
              {plan.party.slice(0, 5).map((g) => (
                <Rim key={g.id} group={g} size={22} />
              ))}
            </span>
          )}
          {seen ? seen.name : 'everyone'}
          <kbd>G</kbd>
        </button>
      </div>
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

function StationLink({
  id,
  plan,
  checked,
  current,
}: {
  id: StationId;
  plan: Plan;
  checked: Checked;
  current: boolean;
}) {
  const state = stationState(id, plan, checked);
  const words = state.glyph === 'empty' ? 'not begun' : STATE_WORDS[state.glyph].toLowerCase();
  return (
    <Link
      className="station"
      to={`/plan/${plan.id}/${id}`}
      aria-current={current ? 'step' : undefined}
      aria-label={`${STATION_NAMES[id]}: ${words}`}
    >
      <PlateGlyph
        state={state.glyph}
        size={current ? 66 : 50}
        fill={state.fill}
        tint={current ? '#8a1a50' : '#efb53c'}
      />
      <span>{STATION_NAMES[id]}</span>
    </Link>
  );
}

function SavedAt() {
  const { savedAt, saving } = useSession();
  const units = useSettings((s) => s.units);
  void units;
  if (saving > 0) return <span>saving …</span>;
  if (!savedAt) return null;
  const time = new Date(savedAt).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  return <span data-testid="saved">saved {time}</span>;
}

/** Puts the theme on the page. */
export function useTheme(): void {
  const theme = useSettings((s) => s.theme);
  useEffect(() => {
    document.body.classList.toggle('evening', theme === 'evening');
  }, [theme]);
}
