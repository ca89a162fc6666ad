import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import {
  emptyPlan,
  MAX_FILE_BYTES,
  readPlan,
  readPlanText,
  type Plan,
  type ReadProblem,
} from '../../core/plan/index.js';
import { speakTime } from '../../core/measure/index.js';
import { guestsIn } from '../../core/party/index.js';
import { db, type PlanRow } from '../store/db.js';
import { bundleText, freeId, markDeleted, purgeDeleted, putPlan } from '../store/plans.js';
import { localNow } from '../store/clock.js';
import { useSettings } from '../store/settings.js';
import { China } from '../plate/China.js';
import { BoardImage } from '../plate/BoardImage.js';
import { PaperDialog } from '../ui/Paper.js';
import { Motif } from '../ui/Motif.js';
import { Rim } from '../ui/rims.js';
import { saveFile } from '../ui/save.js';
import { useBoardUrl } from '../ui/pictures.js';

/** The table with all plans: new, open, copy, delete with undo, import, save, the demo. */
export function Start() {
  const rows = useLiveQuery(() =>
    db.plans
      .orderBy('savedAt')
      .reverse()
      .filter((p) => p.deletedAt === null)
      .toArray(),
  );
  const navigate = useNavigate();
  const settings = useSettings();
  const [refused, setRefused] = useState<{ name: string; problems: ReadProblem[] }>();
  const [twin, setTwin] = useState<Plan>();
  const file = useRef<HTMLInputElement>(null);
  useEffect(() => {
    void purgeDeleted();
  }, []);

  const open = (id: string, station = 'brief') => void navigate(`/plan/${id}/${station}`);
  const demo = async (): Promise<void> => {
    const read = readPlanText(await (await fetch('/demo/comet-watch.plate.json')).text());
    if (!read.ok) return void toast.error('The demo could not be read.');
    await putPlan({ ...read.plan, id: await freeId(read.plan.id) }, Date.now());
    void navigator.storage?.persist?.();
    return open((await db.plans.orderBy('savedAt').last())!.id);
  };
  const fresh = async (): Promise<void> => {
    const id = await freeId('occasion');
    await putPlan(emptyPlan(id, `${localNow().slice(0, 10)}T19:00`), Date.now());
    void navigator.storage?.persist?.();
    open(id);
  };
  const take = async (plan: Plan): Promise<void> => {
    const known = await db.plans.get(plan.id);
    if (known && known.deletedAt === null) return setTwin(plan);
    await putPlan(plan, Date.now());
    toast(`“${plan.occasion.name}” is on the table.`);
  };
  const importFile = async (f: File): Promise<void> => {
    if (f.size > MAX_FILE_BYTES)
      return setRefused({
        name: f.name,
        problems: [{ code: 'too-large', path: '', reason: 'The file is larger than 5 MB.' }],
      });
    const text = await f.text();
    const bundle = plansIn(text);
    if (bundle) {
      for (const value of bundle) {
        const read = readPlan(value);
        if (!read.ok) return setRefused({ name: f.name, problems: read.problems });
        await take(read.plan);
      }
      return undefined;
    }
    const read = readPlanText(text);
    if (!read.ok) return setRefused({ name: f.name, problems: read.problems });
    return take(read.plan);
  };
  const remove = async (row: PlanRow): Promise<void> => {
    await markDeleted(row.id, Date.now());
    toast(`“${row.doc.occasion.name}” is cleared away.`, {
      action: { label: 'Undo', onClick: () => void markDeleted(row.id, null) },
      duration: 10_000,
    });
  };
  const copy = async (row: PlanRow): Promise<void> => {
    const id = await freeId(row.id);
    await putPlan(
      {
        ...row.doc,
        id,
        occasion: { ...row.doc.occasion, name: `${row.doc.occasion.name} again`.slice(0, 80) },
      },
      Date.now(),
    );
  };
  const first = rows?.[0]?.doc;
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
        {rows && !first && (
          <>
            <h1 className="hero">Lay the table</h1>
            <p style={{ fontSize: 17, maxWidth: 460 }}>
              Round Plate works out what goes on a serving board, who may eat it, and how it lies. Begin with
              a demo that is already laid, or with your own brief.
            </p>
          </>
        )}
        {first && (
          <>
            <p style={{ margin: '18px 0 0' }}>On the table now</p>
            <h1 className="hero">{first.occasion.name}</h1>
            <Motif plan={first} />
            <p style={{ fontSize: 16 }}>
              {first.occasion.host ? `${first.occasion.host}, ` : ''}
              {guestsIn(first.party)} guests. {speakTime(first.occasion.start)}.
            </p>
            <div className="row" style={{ gap: 14 }}>
              {first.party.slice(0, 7).map((g) => (
                <span key={g.id} className="row" style={{ gap: 5 }}>
                  <Rim group={g} /> <b>{g.count}</b>
                  <span className="hidden-text">{g.name}</span>
                </span>
              ))}
            </div>
          </>
        )}
        <div className="row" style={{ margin: '18px 0' }}>
          {first && (
            <button
              className="button"
              onClick={() => open(first.id, first.layout.length > 0 ? 'check' : 'brief')}
            >
              Go on with it
            </button>
          )}
          <button className={`button ${first ? 'quiet' : ''}`} onClick={() => void demo()}>
            Open the demo
          </button>
          <button className="button quiet" onClick={() => void fresh()}>
            New plate
          </button>
          <button className="button quiet" onClick={() => file.current?.click()}>
            Bring in a file
          </button>
          {first && (
            <button
              className="button quiet"
              onClick={() => void bundleText().then((t) => saveFile('round-plate-plans.json', t))}
            >
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
            onChange={(e) => (
              e.target.files?.[0] && void importFile(e.target.files[0]),
              (e.target.value = '')
            )}
          />
        </div>
        <ul className="cards">
          {rows?.map((row) => (
            <Card key={row.id} row={row} onCopy={() => void copy(row)} onDelete={() => void remove(row)} />
          ))}
        </ul>
        <p className="caution">
          Plans stay in this browser. Round Plate helps to plan: read the label, ask the guest, and follow
          local food rules and medical or religious advice.
        </p>
      </main>
      <PaperDialog
        open={refused !== undefined}
        onClose={() => setRefused(undefined)}
        title="This file was not taken"
        hint={`${refused?.name ?? ''}: nothing that is stored was touched.`}
      >
        <ul>
          {refused?.problems.slice(0, 12).map((p, i) => (
            <li key={i}>
              {p.path && <code>{p.path}: </code>}
              {p.reason}
            </li>
          ))}
        </ul>
      </PaperDialog>
      <PaperDialog
        open={twin !== undefined}
        onClose={() => setTwin(undefined)}
        title="This plan is here already"
        hint={`“${twin?.occasion.name ?? ''}” has the same id as a plan on the table.`}
      >
        <div className="row">
          <button
            className="button"
            onClick={() => {
              const plan = twin!;
              setTwin(undefined);
              void freeId(plan.id).then((id) => putPlan({ ...plan, id }, Date.now()));
            }}
          >
            Keep both
          </button>
          <button
            className="button quiet"
            onClick={() => {
              void putPlan(twin!, Date.now());
              setTwin(undefined);
            }}
          >
            Replace the old one
          </button>
        </div>
      </PaperDialog>
    </div>
  );
}

/** The plans of a "save all" file; undefined for anything else, which the plan reader then judges. */
function plansIn(text: string): unknown[] | undefined {
  try {
    const value = JSON.parse(text) as { format?: unknown; plans?: unknown };
    return value?.format === 'round-plate.plans' && Array.isArray(value.plans) ? value.plans : undefined;
  } catch {
    return undefined;
  }
}

function Card({ row, onCopy, onDelete }: { row: PlanRow; onCopy: () => void; onDelete: () => void }) {
  const surface = row.doc.surfaces[0];
  const url = useBoardUrl(row.doc, surface);
  return (
    <li className="plan-card">
      {url && <img src={url} alt="" />}
      <Link to={`/plan/${row.id}/brief`}>{row.doc.occasion.name}</Link>
      <br />
      {guestsIn(row.doc.party)} guests, saved{' '}
      {new Date(row.savedAt).toLocaleString('en-GB', {
        day: 'numeric',
        month: 'short',
        hour: '2-digit',
        minute: '2-digit',
      })}
      <div className="row" style={{ marginTop: 4 }}>
        <button className="link" onClick={onCopy} aria-label={`Copy ${row.doc.occasion.name}`}>
          Copy
        </button>
        <button className="link" onClick={onDelete} aria-label={`Delete ${row.doc.occasion.name}`}>
          Delete
        </button>
      </div>
    </li>
  );
}
