import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import type { NotTaken } from '../../core/exchange/index.js';
import type { Plan, ReadProblem } from '../../core/plan/index.js';
import { db, TRASH_DAYS, type CardRow } from '../store/db.js';
import { t } from '../words/index.js';
import { fetchCraft, whenIdle } from '../idle.js';
import { toast } from '../ui/toast.js';

export interface Refused {
  name: string;
  problems: readonly ReadProblem[];
}

const UNDO_MS = 10_000;

/** What is done with plans knows the whole of a plan: it is fetched when the page rests, or when it is first asked for. */
const deeds = () => fetchCraft().then(() => import('./deeds.js'));

function useFileOutcome() {
  const [refused, setRefused] = useState<Refused>();
  const [notTaken, setNotTaken] = useState<NotAllTaken>();
  /** Plans brought in whose id is taken: asked about one by one. */
  const [twins, setTwins] = useState<Plan[]>([]);
  return {
    refused,
    forgive: () => setRefused(undefined),
    notTaken,
    forgetNotTaken: () => setNotTaken(undefined),
    twin: twins[0],
    async bringIn(file: File): Promise<void> {
      const done = await (await deeds()).bringIn(file);
      if (done.refused) return setRefused({ name: file.name, problems: done.refused });
      if (done.notTaken.length > 0) setNotTaken({ name: file.name, taken: done.taken, plans: done.notTaken });
      return setTwins((now) => [...now, ...done.twins]);
    },
    /** The id is taken: a second plan beside it, the new one in its place, or neither. */
    async settleTwin(how: 'both' | 'replace' | 'neither'): Promise<void> {
      const [twin] = twins;
      setTwins((now) => now.slice(1));
      if (twin && how !== 'neither') await (await deeds()).settleTwin(twin, how);
    },
  };
}

/** What can be done with the plans on the table. */
export function useTable() {
  const cards = useLiveQuery(() => db.cards.orderBy('savedAt').reverse().toArray());
  const rows = cards?.filter((row) => row.deletedAt === null);
  const trash = cards?.filter((row) => row.deletedAt !== null) ?? [];
  const navigate = useNavigate();
  const file = useFileOutcome();
  useEffect(() => {
    // after the first paint: what is done with plans knows all of the craft
    whenIdle(() => void deeds().then((deeds) => deeds.tidy()));
  }, []);
  const open = (id: string, station = 'brief'): void => void navigate(`/plan/${id}/${station}`);
  return {
    rows,
    trash,
    /** The plan that was worked on last. */
    first: rows?.find((row) => !row.damage),
    open,
    ...file,
    async demo(name = 'comet-watch'): Promise<void> {
      const id = await (await deeds()).takeDemo(name);
      if (id !== undefined) open(id);
    },
    async fresh(): Promise<void> {
      open(await (await deeds()).newPlate());
    },
    async remove(row: CardRow): Promise<void> {
      const { markDeleted } = await deeds();
      await markDeleted(row.id, Date.now());
      toast(
        t('“{name}” is cleared away. It lies in the trash for {TRASHDAYS} days.', {
          name: row.name,
          TRASHDAYS: TRASH_DAYS,
        }),
        {
          action: { label: t('Undo'), onClick: () => void markDeleted(row.id, null) },
          duration: UNDO_MS,
        },
      );
    },
    putBack: (row: CardRow) => deeds().then((deeds) => deeds.markDeleted(row.id, null)),
    removeForGood: (row: CardRow) => deeds().then((deeds) => deeds.removeForGood(row.id)),
    copy: (row: CardRow) => deeds().then((deeds) => deeds.copy(row)),
    saveRaw: (row: CardRow) => deeds().then((deeds) => deeds.saveRaw(row)),
    saveAll: () => deeds().then((deeds) => deeds.saveAll()),
  };
}

export interface NotAllTaken {
  name: string;
  taken: number;
  plans: readonly NotTaken[];
}

export type Table = ReturnType<typeof useTable>;
