import { useRef } from 'react';
import { Link } from 'react-router';
import { speakTime } from '../../core/measure/index.js';
import { guestsIn } from '../../core/party/index.js';
import type { Plan } from '../../core/plan/index.js';
import { BoardImage } from '../plate/BoardImage.js';
import { China } from '../plate/China.js';
import { storageKept, type CardRow } from '../store/db.js';
import { TRASH_DAYS } from '../store/plans.js';
import { useSettings } from '../store/settings.js';
import { Motif } from '../ui/Motif.js';
import { PaperDialog } from '../ui/Paper.js';
import { Rim } from '../ui/rims.js';
import { useCardPicture } from './cardPicture.js';
import { useTable, type Table } from './useTable.js';

/** The table with all plans: new, open, copy, delete with undo, import, save, the demo. */
export function Start() {
  const table = useTable();
  const { first } = table;
  return (
    <div className="start">
      <div className="start-plate">
        <div className="runner" style={{ inset: '0 14% 0 10%' }} />
        <div style={{ position: 'absolute', left: '-16%', top: '4%', width: '112%', height: '118%' }}>
          <China label={first ? `${first.occasion.name}, its board` : 'An empty plate'}>
            {first?.surfaces[0] && <BoardImage plan={first} surface={first.surfaces[0]} r={292} />}
          </China>
        </div>
      </div>
      <main className="start-side">
        <Masthead />
        {!storageKept && (
          <p role="alert" className="caution">
            This browser keeps nothing for Round Plate: plans are lost when the page is closed. Save them to a
            file.
          </p>
        )}
        {table.rows && table.rows.length === 0 && <Welcome />}
        {first && <OnTheTable plan={first} />}
        <Actions table={table} first={first} />
        <ul className="cards">
          {table.rows?.map((row) => (
            <Card key={row.id} row={row} table={table} />
          ))}
        </ul>
        <Trash table={table} />
        <p className="caution">
          Plans stay in this browser. Round Plate helps to plan: read the label, ask the guest, and follow
          local food rules and medical or religious advice.
        </p>
      </main>
      <RefusedDialog table={table} />
      <TwinDialog table={table} />
      <NotTakenDialog table={table} />
    </div>
  );
}

function Masthead() {
  const settings = useSettings();
  return (
    <div className="row" style={{ justifyContent: 'space-between' }}>
      <span className="row display" style={{ fontWeight: 900, fontSize: 21 }}>
        <img src="/icon.svg" alt="" width="30" height="30" /> Round Plate
      </span>
      <span className="row">
        <button
          className="link"
          onClick={() => settings.set({ theme: settings.theme === 'day' ? 'evening' : 'day' })}
        >
          {settings.theme === 'day' ? 'Evening' : 'Daylight'}
        </button>
        <button
          className="link"
          onClick={() => settings.set({ units: settings.units === 'metric' ? 'imperial' : 'metric' })}
        >
          {settings.units === 'metric' ? 'g, mm' : 'oz, in'}
        </button>
      </span>
    </div>
  );
}

function Welcome() {
  return (
    <>
      <h1 className="hero">Lay the table</h1>
      <p style={{ fontSize: 17, maxWidth: 460 }}>
        Round Plate works out what goes on a serving board, who may eat it, and how it lies. Begin with a demo
        that is already laid, or with your own brief.
      </p>
    </>
  );
}

const MOST_GROUPS = 7;

function OnTheTable({ plan }: { plan: Plan }) {
  return (
    <>
      <p style={{ margin: '18px 0 0' }}>On the table now</p>
      <h1 className="hero">{plan.occasion.name}</h1>
      <Motif plan={plan} />
      <p style={{ fontSize: 16 }}>
        {plan.occasion.host ? `${plan.occasion.host}, ` : ''}
        {guestsIn(plan.party)} guests. {speakTime(plan.occasion.start)}.
      </p>
      <div className="row" style={{ gap: 14 }}>
        {plan.party.slice(0, MOST_GROUPS).map((g) => (
          <span key={g.id} className="row" style={{ gap: 5 }}>
            <Rim group={g} /> <b>{g.count}</b>
            <span className="hidden-text">{g.name}</span>
          </span>
        ))}
      </div>
    </>
  );
}

/** Beside the main one; all people and places are made up. */
const OTHER_DEMOS = [
  ['kite-meadow', 'Kite Meadow: a picnic at 31 °C, without nuts'],
  ['last-ferry', 'Last Ferry: a table for sixty-four'],
  ['open-loom', 'Open Loom: halal and vegetarian'],
  ['lamp-boat-sweets', 'Lamp Boat Sweets: eighteen boxes'],
] as const;

function Actions({ table, first }: { table: Table; first: Plan | undefined }) {
  const file = useRef<HTMLInputElement>(null);
  return (
    <div className="row" style={{ margin: '18px 0' }}>
      {first && (
        <button
          className="button"
          onClick={() => table.open(first.id, first.layout.length > 0 ? 'check' : 'brief')}
        >
          Go on with it
        </button>
      )}
      <button className={`button ${first ? 'quiet' : ''}`} onClick={() => void table.demo()}>
        Open the demo
      </button>
      <label>
        <span className="hidden-text">Another demo</span>
        <select
          aria-label="Another demo"
          className="start-select"
          value=""
          onChange={(e) => e.target.value && void table.demo(e.target.value)}
        >
          <option value="">Another demo …</option>
          {OTHER_DEMOS.map(([id, words]) => (
            <option key={id} value={id}>
              {words}
            </option>
          ))}
        </select>
      </label>
      <button className="button quiet" onClick={() => void table.fresh()}>
        New plate
      </button>
      <button className="button quiet" onClick={() => file.current?.click()}>
        Bring in a file
      </button>
      {first && (
        <button className="button quiet" onClick={() => void table.saveAll()}>
          Save all plans
        </button>
      )}
      <input
        ref={file}
        type="file"
        accept=".json,application/json"
        className="hidden-text"
        tabIndex={-1}
        aria-label="Bring in a plan file"
        onChange={(e) => {
          const picked = e.target.files?.[0];
          if (picked) void table.bringIn(picked);
          e.target.value = '';
        }}
      />
    </div>
  );
}

const MOST_PROBLEMS = 12;

function RefusedDialog({ table }: { table: Table }) {
  return (
    <PaperDialog
      open={table.refused !== undefined}
      onClose={table.forgive}
      title="This file was not taken"
      hint={`${table.refused?.name ?? ''}: nothing that is stored was touched.`}
    >
      <ul>
        {table.refused?.problems.slice(0, MOST_PROBLEMS).map((p, i) => (
          <li key={i}>
            {p.path && <code>{p.path}: </code>}
            {p.reason}
          </li>
        ))}
      </ul>
    </PaperDialog>
  );
}

function TwinDialog({ table }: { table: Table }) {
  return (
    <PaperDialog
      open={table.twin !== undefined}
      onClose={() => void table.settleTwin('neither')}
      title="This plan is here already"
      hint={`“${table.twin?.occasion.name ?? ''}” has the same id as a plan on the table.`}
    >
      <div className="row">
        <button className="button" onClick={() => void table.settleTwin('both')}>
          Keep both
        </button>
        <button className="button quiet" onClick={() => void table.settleTwin('replace')}>
          Replace the old one
        </button>
      </div>
    </PaperDialog>
  );
}

function NotTakenDialog({ table }: { table: Table }) {
  const { notTaken } = table;
  return (
    <PaperDialog
      open={notTaken !== undefined}
      onClose={table.forgetNotTaken}
      title="Not every plan was taken"
      hint={`${notTaken?.name ?? ''}: ${notTaken?.taken ?? 0} were taken. These were not:`}
    >
      <ul>
        {notTaken?.plans.slice(0, MOST_PROBLEMS * 4).map((p) => (
          <li key={p.index}>
            <b>{p.name || `Plan ${p.index + 1}`}</b>:{' '}
            {p.problems[0]?.path && <code>{p.problems[0].path} </code>}
            {p.problems[0]?.reason}
          </li>
        ))}
      </ul>
    </PaperDialog>
  );
}

const dayAndTime = (at: number): string =>
  new Date(at).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });

function Card({ row, table }: { row: CardRow; table: Table }) {
  const { ref, url } = useCardPicture(row);
  if (row.damage) return <DamagedCard row={row} table={table} />;
  return (
    <li className="plan-card" ref={ref}>
      {url && <img src={url} alt="" />}
      <Link to={`/plan/${row.id}/brief`}>{row.name}</Link>
      <br />
      {row.guests} guests, saved {dayAndTime(row.savedAt)}
      <div className="row" style={{ marginTop: 4 }}>
        <button className="link" onClick={() => void table.copy(row)} aria-label={`Copy ${row.name}`}>
          Copy
        </button>
        <button className="link" onClick={() => void table.remove(row)} aria-label={`Delete ${row.name}`}>
          Delete
        </button>
      </div>
    </li>
  );
}

/** A record that cannot be read takes nothing else with it. */
function DamagedCard({ row, table }: { row: CardRow; table: Table }) {
  return (
    <li className="plan-card">
      <b>{row.name}</b>
      <br />
      <span role="alert">{row.damage}</span>
      <div className="row" style={{ marginTop: 4 }}>
        <button
          className="link"
          onClick={() => void table.saveRaw(row)}
          aria-label={`Save ${row.name} as it is`}
        >
          Save it as it is
        </button>
        <button className="link" onClick={() => void table.remove(row)} aria-label={`Delete ${row.name}`}>
          Delete
        </button>
      </div>
    </li>
  );
}

/** What was deleted, for thirty days. */
function Trash({ table }: { table: Table }) {
  if (table.trash.length === 0) return null;
  return (
    <details style={{ marginTop: 12 }}>
      <summary>
        Trash: {table.trash.length} {table.trash.length === 1 ? 'plan' : 'plans'}, kept for {TRASH_DAYS} days
      </summary>
      <ul className="cards">
        {table.trash.map((row) => (
          <li key={row.id} className="trash-card">
            <b>{row.name}</b>
            <br />
            deleted {dayAndTime(row.deletedAt!)}
            <div className="row" style={{ marginTop: 4 }}>
              <button
                className="link"
                onClick={() => void table.putBack(row)}
                aria-label={`Put back ${row.name}`}
              >
                Put back
              </button>
              <button
                className="link"
                onClick={() => void table.removeForGood(row)}
                aria-label={`Delete ${row.name} for good`}
              >
                Delete for good
              </button>
            </div>
          </li>
        ))}
      </ul>
    </details>
  );
}
