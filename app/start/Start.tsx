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
import { PaperDialog } from '../ui/kit/Dialog.js';
import { Rim } from '../ui/rims.js';
import { useCardPicture } from './cardPicture.js';
import { useTable, type Table } from './useTable.js';
import { Button } from '../ui/kit/Button.js';
import { Menu } from '../ui/kit/Menu.js';
import { Collapsible } from '../ui/kit/Collapsible.js';

/** The table with all plans: new, open, copy, delete with undo, import, save, the demo. */
export function Start() {
  const table = useTable();
  const { first } = table;
  return (
    <div className="relative grid min-h-screen grid-cols-[minmax(0,54fr)_minmax(0,46fr)] overflow-hidden max-md:grid-cols-1">
      <div className="relative min-h-screen max-md:order-2 max-md:min-h-[60vw]">
        <div className="runner-cloth absolute inset-y-0 right-[14%] left-[10%]" />
        <div className="absolute top-[4%] left-[-16%] h-[118%] w-[112%]">
          <China stands="box" label={first ? `${first.occasion.name}, its board` : 'An empty plate'}>
            {first?.surfaces[0] && <BoardImage plan={first} surface={first.surfaces[0]} r={292} />}
          </China>
        </div>
      </div>
      <main className="on-cloth relative z-2 py-6 pr-7 pl-5">
        <Masthead />
        {!storageKept && (
          <p role="alert" className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-soft">
            This browser keeps nothing for Round Plate: plans are lost when the page is closed. Save them to a
            file.
          </p>
        )}
        {table.rows && table.rows.length === 0 && <Welcome />}
        {first && <OnTheTable plan={first} />}
        <Actions table={table} first={first} />
        <ul
          aria-label="Plans"
          className="my-3.5 grid list-none grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-3.5 p-0"
        >
          {table.rows?.map((row) => (
            <Card key={row.id} row={row} table={table} />
          ))}
        </ul>
        <Trash table={table} />
        <p className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-soft">
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
    <div className="flex flex-wrap items-center gap-2.5 justify-between">
      <span className="flex flex-wrap items-center gap-2.5 font-display font-black text-lg">
        <img src="/icon.svg" alt="" width="30" height="30" /> Round Plate
      </span>
      <span className="flex flex-wrap items-center gap-2.5">
        <Button
          look="link"
          onClick={() => settings.set({ theme: settings.theme === 'day' ? 'evening' : 'day' })}
        >
          {settings.theme === 'day' ? 'Evening' : 'Daylight'}
        </Button>
        <Button
          look="link"
          onClick={() => settings.set({ units: settings.units === 'metric' ? 'imperial' : 'metric' })}
        >
          {settings.units === 'metric' ? 'g, mm' : 'oz, in'}
        </Button>
      </span>
    </div>
  );
}

function Welcome() {
  return (
    <>
      <h1 className="mt-1.5 mb-3.5 font-display text-[clamp(56px,6.7vw,86px)]/[0.86] font-black tracking-tight wrap-anywhere">
        Lay the table
      </h1>
      <p className="text-lg max-w-115">
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
      <p className="mt-4.5 mb-0 mx-0">On the table now</p>
      <h1 className="mt-1.5 mb-3.5 font-display text-[clamp(56px,6.7vw,86px)]/[0.86] font-black tracking-tight wrap-anywhere">
        {plan.occasion.name}
      </h1>
      <Motif plan={plan} />
      <p className="text-base">
        {plan.occasion.host ? `${plan.occasion.host}, ` : ''}
        {guestsIn(plan.party)} guests. {speakTime(plan.occasion.start)}.
      </p>
      <div className="flex flex-wrap items-center gap-3.5">
        {plan.party.slice(0, MOST_GROUPS).map((g) => (
          <span key={g.id} className="flex flex-wrap items-center gap-1.25">
            <Rim group={g} /> <b>{g.count}</b>
            <span className="sr-only">{g.name}</span>
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
    <div className="flex flex-wrap items-center gap-2.5 my-4.5 mx-0">
      {first && (
        <Button onClick={() => table.open(first.id, first.layout.length > 0 ? 'check' : 'brief')}>
          Go on with it
        </Button>
      )}
      <Button look={first ? 'quiet' : 'enamel'} onClick={() => void table.demo()}>
        Open the demo
      </Button>
      <Menu
        words="Another demo"
        items={OTHER_DEMOS.map(([id, words]) => ({ words, press: () => void table.demo(id) }))}
      />
      <Button look="quiet" onClick={() => void table.fresh()}>
        New plate
      </Button>
      <Button look="quiet" onClick={() => file.current?.click()}>
        Bring in a file
      </Button>
      {first && (
        <Button look="quiet" onClick={() => void table.saveAll()}>
          Save all plans
        </Button>
      )}
      <input
        ref={file}
        type="file"
        accept=".json,application/json"
        className="sr-only"
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
      <ul className="my-0.5 list-disc pl-5">
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
      <div className="flex flex-wrap items-center gap-2.5">
        <Button onClick={() => void table.settleTwin('both')}>Keep both</Button>
        <Button look="quiet" onClick={() => void table.settleTwin('replace')}>
          Replace the old one
        </Button>
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
      <ul className="my-0.5 list-disc pl-5">
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
    <li className="on-paper bg-paper px-2.5 py-2 shadow-paper" ref={ref}>
      {url && <img src={url} alt="" />}
      <Link to={`/plan/${row.id}/brief`} className="font-display text-lg/[1.1] font-extrabold text-ink">
        {row.name}
      </Link>
      <br />
      {row.guests} guests, saved {dayAndTime(row.savedAt)}
      <div className="flex flex-wrap items-center gap-2.5 mt-1">
        <Button look="link" onClick={() => void table.copy(row)} aria-label={`Copy ${row.name}`}>
          Copy
        </Button>
        <Button look="link" onClick={() => void table.remove(row)} aria-label={`Delete ${row.name}`}>
          Delete
        </Button>
      </div>
    </li>
  );
}

/** A record that cannot be read takes nothing else with it. */
function DamagedCard({ row, table }: { row: CardRow; table: Table }) {
  return (
    <li className="on-paper bg-paper px-2.5 py-2 shadow-paper">
      <b>{row.name}</b>
      <br />
      <span role="alert">{row.damage}</span>
      <div className="flex flex-wrap items-center gap-2.5 mt-1">
        <Button look="link" onClick={() => void table.saveRaw(row)} aria-label={`Save ${row.name} as it is`}>
          Save it as it is
        </Button>
        <Button look="link" onClick={() => void table.remove(row)} aria-label={`Delete ${row.name}`}>
          Delete
        </Button>
      </div>
    </li>
  );
}

/** What was deleted, for thirty days. */
function Trash({ table }: { table: Table }) {
  if (table.trash.length === 0) return null;
  return (
    <Collapsible
      className="mt-3"
      title={
        <>
          Trash: {table.trash.length} {table.trash.length === 1 ? 'plan' : 'plans'}, kept for {TRASH_DAYS}{' '}
          days
        </>
      }
    >
      <ul
        aria-label="Deleted plans"
        className="my-3.5 grid list-none grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-3.5 p-0"
      >
        {table.trash.map((row) => (
          <li key={row.id} className="on-paper bg-paper px-2.5 py-2 shadow-paper">
            <b>{row.name}</b>
            <br />
            deleted {dayAndTime(row.deletedAt!)}
            <div className="flex flex-wrap items-center gap-2.5 mt-1">
              <Button look="link" onClick={() => void table.putBack(row)} aria-label={`Put back ${row.name}`}>
                Put back
              </Button>
              <Button
                look="link"
                onClick={() => void table.removeForGood(row)}
                aria-label={`Delete ${row.name} for good`}
              >
                Delete for good
              </Button>
            </div>
          </li>
        ))}
      </ul>
    </Collapsible>
  );
}
