import { useShallow } from 'zustand/react/shallow';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { China } from '../plate/China.js';
import { storageKept, type CardRow } from '../store/db.js';
import { useSettings } from '../store/settings.js';
import { useCardPicture } from './cardPicture.js';
import { dayAndTime } from './times.js';
import { useTable, type Table } from './useTable.js';
import { Button, buttonLook } from '../ui/kit/Button.js';
import { FileButton, JSON_FILE } from '../ui/kit/FileButton.js';
import { t } from '../words/index.js';

/** What needs the whole of a plan comes after the first paint. */
const FirstBoard = lazy(() => import('./FirstPlan.js').then((module) => ({ default: module.FirstBoard })));
const Menu = lazy(() => import('../ui/kit/Menu.js').then((module) => ({ default: module.Menu })));
const FileOutcome = lazy(() =>
  import('./FileOutcome.js').then((module) => ({ default: module.FileOutcome })),
);
const Trash = lazy(() => import('./Trash.js').then((module) => ({ default: module.Trash })));
const FirstParty = lazy(() => import('./FirstPlan.js').then((module) => ({ default: module.FirstParty })));

/** The table with all plans: new, open, copy, delete with undo, import, save, the demo. */
export function Start() {
  const table = useTable();
  const { first } = table;
  return (
    <div className="relative grid min-h-screen grid-cols-[minmax(0,54fr)_minmax(0,46fr)] overflow-hidden max-md:grid-cols-1">
      <div className="relative min-h-screen max-md:order-2 max-md:min-h-[60vw]">
        <div className="runner-cloth absolute inset-y-0 right-[14%] left-[10%]" />
        <div className="absolute top-[4%] left-[-16%] h-[118%] w-[112%]">
          <China
            stands="box"
            label={first ? t('{name}, its board', { name: first.name }) : t('An empty plate')}
          >
            {first && (
              <Suspense>
                <FirstBoard card={first} />
              </Suspense>
            )}
          </China>
        </div>
      </div>
      <main className="on-cloth relative z-2 py-6 pr-7 pl-5">
        <Masthead />
        {!storageKept && (
          <p role="alert" className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-soft">
            {t(
              'This browser keeps nothing for Round Plate: plans are lost when the page is closed. Save them to a file.',
            )}
          </p>
        )}
        {table.rows && table.rows.length === 0 && <Welcome />}
        {first && <OnTheTable card={first} />}
        <Actions table={table} first={first} />
        <ul
          aria-label={t('Plans')}
          className="my-3.5 grid list-none grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-3.5 p-0"
        >
          {table.rows?.map((row) => (
            <Card key={row.id} row={row} table={table} />
          ))}
        </ul>
        {table.trash.length > 0 && (
          <Suspense>
            <Trash table={table} />
          </Suspense>
        )}
        <p className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-soft">
          {t(
            'Plans stay in this browser. Round Plate helps to plan: read the label, ask the guest, and follow local food rules and medical or religious advice.',
          )}
        </p>
      </main>
      {(table.refused ?? table.twin ?? table.notTaken) && (
        <Suspense>
          <FileOutcome table={table} />
        </Suspense>
      )}
    </div>
  );
}

function Masthead() {
  const { theme, units, set } = useSettings(
    useShallow((state) => ({ theme: state.theme, units: state.units, set: state.set })),
  );
  return (
    <div className="flex flex-wrap items-center gap-2.5 justify-between">
      <span className="flex flex-wrap items-center gap-2.5 font-display font-black text-lg">
        <img src="/icon.svg" alt="" width="30" height="30" /> {t('Round Plate')}
      </span>
      <span className="flex flex-wrap items-center gap-2.5">
        <Button look="link" onClick={() => set({ theme: theme === 'day' ? 'evening' : 'day' })}>
          {theme === 'day' ? t('Evening') : t('Daylight')}
        </Button>
        <Button look="link" onClick={() => set({ units: units === 'metric' ? 'imperial' : 'metric' })}>
          {units === 'metric' ? t('g, mm') : t('oz, in')}
        </Button>
        <Link className={buttonLook({ look: 'link' })} to="/house">
          {t('Your house')}
        </Link>
      </span>
    </div>
  );
}

function Welcome() {
  return (
    <>
      <h1 className="mt-1.5 mb-3.5 font-display text-[clamp(56px,6.7vw,86px)]/[0.86] font-black tracking-tight wrap-anywhere">
        {t('Lay the table')}
      </h1>
      <p className="text-lg max-w-115">
        {t(
          'Round Plate works out what goes on a serving board, who may eat it, and how it lies. Begin with a demo that is already laid, or with your own brief.',
        )}
      </p>
    </>
  );
}

function OnTheTable({ card }: { card: CardRow }) {
  return (
    <>
      <p className="mt-4.5 mb-0 mx-0">{t('On the table now, {guests} guests', { guests: card.guests })}</p>
      <h1 className="mt-1.5 mb-3.5 font-display text-[clamp(56px,6.7vw,86px)]/[0.86] font-black tracking-tight wrap-anywhere">
        {card.name}
      </h1>
      {/* the place is kept, so that nothing jumps when the rest is there */}
      <div className="min-h-24">
        <Suspense>
          <FirstParty card={card} />
        </Suspense>
      </div>
    </>
  );
}

/** Beside the main one; all people and places are made up. */
const OTHER_DEMOS = [
  ['kite-meadow', t('Kite Meadow: a picnic at 31 °C, without nuts')],
  ['last-ferry', t('Last Ferry: a table for sixty-four')],
  ['open-loom', t('Open Loom: halal and vegetarian')],
  ['lamp-boat-sweets', t('Lamp Boat Sweets: eighteen boxes')],
] as const;

/** The menu comes after the first paint; a press before it is there opens it when it comes. */
function OtherDemos({ onTake }: { onTake: (id: string) => void }) {
  const [painted, setPainted] = useState(false);
  const [pressed, setPressed] = useState(false);
  useEffect(() => {
    const frame = requestAnimationFrame(() => setPainted(true));
    return () => cancelAnimationFrame(frame);
  }, []);
  const closed = (
    <Button look="quiet" onClick={() => setPressed(true)}>
      {t('Another demo')}
    </Button>
  );
  if (!painted) return closed;
  return (
    <Suspense fallback={closed}>
      <Menu
        words={t('Another demo')}
        opened={pressed}
        items={OTHER_DEMOS.map(([id, words]) => ({ words, press: () => onTake(id) }))}
      />
    </Suspense>
  );
}

function Actions({ table, first }: { table: Table; first: CardRow | undefined }) {
  return (
    <div className="flex flex-wrap items-center gap-2.5 my-4.5 mx-0">
      {first && (
        <Button onClick={() => table.open(first.id, first.laid ? 'check' : 'brief')}>
          {t('Go on with it')}
        </Button>
      )}
      <Button look={first ? 'quiet' : 'enamel'} onClick={() => void table.demo()}>
        {t('Open the demo')}
      </Button>
      <OtherDemos onTake={(id) => void table.demo(id)} />
      <Button look="quiet" onClick={() => void table.fresh()}>
        {t('New plate')}
      </Button>
      <FileButton
        words={t('Bring in a file')}
        label={t('Bring in a plan file')}
        accept={JSON_FILE}
        onFile={(picked) => void table.bringIn(picked)}
      />
      {first && (
        <Button look="quiet" onClick={() => void table.saveAll()}>
          {t('Save all plans')}
        </Button>
      )}
    </div>
  );
}

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
      {t('{guests} guests, saved {dayAndTime}', { guests: row.guests, dayAndTime: dayAndTime(row.savedAt) })}
      <div className="flex flex-wrap items-center gap-2.5 mt-1">
        <Button
          look="link"
          onClick={() => void table.copy(row)}
          aria-label={t('Copy {name}', { name: row.name })}
        >
          {t('Copy')}
        </Button>
        <Button
          look="link"
          onClick={() => void table.remove(row)}
          aria-label={t('Delete {name}', { name: row.name })}
        >
          {t('Delete')}
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
        <Button
          look="link"
          onClick={() => void table.saveRaw(row)}
          aria-label={t('Save {name} as it is', { name: row.name })}
        >
          {t('Save it as it is')}
        </Button>
        <Button
          look="link"
          onClick={() => void table.remove(row)}
          aria-label={t('Delete {name}', { name: row.name })}
        >
          {t('Delete')}
        </Button>
      </div>
    </li>
  );
}
