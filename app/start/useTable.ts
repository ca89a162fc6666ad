import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { readPlansText } from '../../core/exchange/index.js';
import {
  emptyPlan,
  MAX_FILE_BYTES,
  readPlanText,
  type Plan,
  type ReadProblem,
} from '../../core/plan/index.js';
import { localNow } from '../store/clock.js';
import { db, type PlanRow } from '../store/db.js';
import { allPlansText, freeId, markDeleted, purgeDeleted, putFree, putPlan } from '../store/plans.js';
import { useSettings } from '../store/settings.js';
import { saveFile } from '../ui/save.js';

export interface Refused {
  name: string;
  problems: ReadProblem[];
}

const UNDO_MS = 10_000;
const askToKeep = (): void => void navigator.storage?.persist?.();

/** What can be done with the plans on the table. */
export function useTable() {
  const rows = useLiveQuery(() =>
    db.plans
      .orderBy('savedAt')
      .reverse()
      .filter((p) => p.deletedAt === null)
      .toArray(),
  );
  const navigate = useNavigate();
  const [refused, setRefused] = useState<Refused>();
  /** Plans brought in whose id is taken: asked about one by one. */
  const [twins, setTwins] = useState<Plan[]>([]);
  useEffect(() => {
    void purgeDeleted();
  }, []);
  const open = (id: string, station = 'brief'): void => void navigate(`/plan/${id}/${station}`);
  return {
    rows,
    refused,
    forgive: () => setRefused(undefined),
    twin: twins[0],
    open,
    async demo(name = 'comet-watch'): Promise<void> {
      const read = readPlanText(await (await fetch(`/demo/${name}.plate.json`)).text());
      if (!read.ok) return void toast.error('The demo could not be read.');
      const id = await freeId(read.plan.id);
      await putPlan({ ...read.plan, id }, Date.now());
      askToKeep();
      return open(id);
    },
    async fresh(): Promise<void> {
      const id = await freeId('occasion');
      const answers = [...useSettings.getState().forGood];
      await putPlan({ ...emptyPlan(id, `${localNow().slice(0, 10)}T19:00`), answers }, Date.now());
      askToKeep();
      open(id);
    },
    async bringIn(file: File): Promise<void> {
      // a file that is too large is not even read
      const text = file.size > MAX_FILE_BYTES ? '' : await file.text();
      const read = readPlansText(text, file.size);
      if (!read.ok) return setRefused({ name: file.name, problems: read.problems });
      const taken = await putFree(read.plans, Date.now());
      setTwins((now) => [...now, ...taken]);
      const stored = read.plans.filter((p) => !taken.includes(p));
      if (stored.length > 0) toast(`“${stored.map((p) => p.occasion.name).join('”, “')}” is on the table.`);
      return undefined;
    },
    /** The id is taken: a second plan beside it, the new one in its place, or neither. */
    async settleTwin(how: 'both' | 'replace' | 'neither'): Promise<void> {
      const twin = twins[0];
      setTwins((now) => now.slice(1));
      if (!twin || how === 'neither') return;
      await putPlan(how === 'both' ? { ...twin, id: await freeId(twin.id) } : twin, Date.now());
    },
    async remove(row: PlanRow): Promise<void> {
      await markDeleted(row.id, Date.now());
      toast(`“${row.doc.occasion.name}” is cleared away.`, {
        action: { label: 'Undo', onClick: () => void markDeleted(row.id, null) },
        duration: UNDO_MS,
      });
    },
    async copy(row: PlanRow): Promise<void> {
      const occasion = { ...row.doc.occasion, name: `${row.doc.occasion.name} again`.slice(0, 80) };
      await putPlan({ ...row.doc, id: await freeId(row.id), occasion }, Date.now());
    },
    async saveAll(): Promise<void> {
      saveFile('round-plate-plans.json', await allPlansText());
    },
  };
}

export type Table = ReturnType<typeof useTable>;
