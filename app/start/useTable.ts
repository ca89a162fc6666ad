import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { MAX_BUNDLE_BYTES, readPlansText, type NotTaken } from '../../core/exchange/index.js';
import { emptyPlan, readPlanText, type Plan, type ReadProblem } from '../../core/plan/index.js';
import { localNow } from '../store/clock.js';
import { db, type CardRow } from '../store/db.js';
import {
  allPlansText,
  makeCards,
  markDeleted,
  purgeDeleted,
  putFree,
  putNew,
  putPlan,
  rawText,
  readRow,
  removeForGood,
  TRASH_DAYS,
} from '../store/plans.js';
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
  const cards = useLiveQuery(() => db.cards.orderBy('savedAt').reverse().toArray());
  const rows = cards?.filter((c) => c.deletedAt === null);
  const trash = cards?.filter((c) => c.deletedAt !== null) ?? [];
  const firstId = rows?.find((c) => !c.damage)?.id;
  const firstRev = rows?.find((c) => !c.damage)?.rev;
  const [first, setFirst] = useState<Plan>();
  useEffect(() => {
    let over = false;
    const shown = (plan: Plan | undefined) => !over && setFirst(plan);
    if (firstId === undefined) shown(undefined);
    else
      void readRow(firstId).then(
        (row) => shown(row?.doc),
        () => shown(undefined),
      );
    return () => {
      over = true;
    };
  }, [firstId, firstRev]);
  const navigate = useNavigate();
  const [refused, setRefused] = useState<Refused>();
  const [notTaken, setNotTaken] = useState<NotAllTaken>();
  /** Plans brought in whose id is taken: asked about one by one. */
  const [twins, setTwins] = useState<Plan[]>([]);
  useEffect(() => {
    // cards of plans that another version stored, then the trash of a month ago
    void makeCards().then(() => purgeDeleted(Date.now()));
  }, []);
  const open = (id: string, station = 'brief'): void => void navigate(`/plan/${id}/${station}`);
  return {
    rows,
    trash,
    first,
    refused,
    forgive: () => setRefused(undefined),
    twin: twins[0],
    open,
    async demo(name = 'comet-watch'): Promise<void> {
      const read = readPlanText(await (await fetch(`/demo/${name}.plate.json`)).text());
      if (!read.ok) return void toast.error('The demo could not be read.');
      const id = await putNew(read.plan, Date.now());
      askToKeep();
      return open(id);
    },
    async fresh(): Promise<void> {
      const answers = [...useSettings.getState().forGood];
      const plan = { ...emptyPlan('occasion', `${localNow().slice(0, 10)}T19:00`), answers };
      const id = await putNew(plan, Date.now());
      askToKeep();
      open(id);
    },
    async bringIn(file: File): Promise<void> {
      // a file that is too large is not even read
      const text = file.size > MAX_BUNDLE_BYTES ? '' : await file.text();
      const read = readPlansText(text, file.size);
      if (!read.ok) return setRefused({ name: file.name, problems: read.problems });
      if (read.notTaken.length > 0)
        setNotTaken({ name: file.name, taken: read.plans.length, plans: read.notTaken });
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
      if (how === 'both') await putNew(twin, Date.now());
      else await putPlan(twin, Date.now());
    },
    async remove(row: CardRow): Promise<void> {
      await markDeleted(row.id, Date.now());
      toast(`“${row.name}” is cleared away. It lies in the trash for ${TRASH_DAYS} days.`, {
        action: { label: 'Undo', onClick: () => void markDeleted(row.id, null) },
        duration: UNDO_MS,
      });
    },
    putBack: (row: CardRow) => markDeleted(row.id, null),
    removeForGood: (row: CardRow) => removeForGood(row.id),
    async copy(row: CardRow): Promise<void> {
      const read = await readRow(row.id);
      if (!read) return;
      const occasion = { ...read.doc.occasion, name: `${row.name} again`.slice(0, 80) };
      await putNew({ ...read.doc, occasion }, Date.now());
    },
    /** A damaged plan as it lies there, for whoever can mend it. */
    async saveRaw(row: CardRow): Promise<void> {
      saveFile(`${row.id}.damaged.json`, await rawText(row.id));
    },
    async saveAll(): Promise<void> {
      const { text, damaged } = await allPlansText();
      saveFile('round-plate-plans.json', text);
      if (damaged.length > 0)
        toast.error(
          `${damaged.length} damaged ${damaged.length === 1 ? 'plan is' : 'plans are'} not in the file: save each from its card.`,
        );
    },
    notTaken,
    forgetNotTaken: () => setNotTaken(undefined),
  };
}

export interface NotAllTaken {
  name: string;
  taken: number;
  plans: readonly NotTaken[];
}

export type Table = ReturnType<typeof useTable>;
