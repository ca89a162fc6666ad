import { TRASH_DAYS } from '../store/db.js';
import { Button } from '../ui/kit/Button.js';
import { Collapsible } from '../ui/kit/Collapsible.js';
import { dayAndTime } from './times.js';
import type { Table } from './useTable.js';
import { t } from '../words/index.js';

/** What was deleted, for thirty days. */
export function Trash({ table }: { table: Table }) {
  return (
    <Collapsible
      className="mt-3"
      title={
        <>
          {t(
            'Trash: {trashCount} {trashCount, plural, one {plan} other {plans}}, kept for {TRASHDAYS} days',
            { trashCount: table.trash.length, TRASHDAYS: TRASH_DAYS },
          )}
        </>
      }
    >
      <ul
        aria-label={t('Deleted plans')}
        className="my-3.5 grid list-none grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-3.5 p-0"
      >
        {table.trash.map((row) => (
          <li key={row.id} className="on-paper bg-paper px-2.5 py-2 shadow-paper">
            <b>{row.name}</b>
            <br />
            {t('deleted {dayAndTime}', { dayAndTime: dayAndTime(row.deletedAt!) })}
            <div className="flex flex-wrap items-center gap-2.5 mt-1">
              <Button
                look="link"
                onClick={() => void table.putBack(row)}
                aria-label={t('Put back {name}', { name: row.name })}
              >
                {t('Put back')}
              </Button>
              <Button
                look="link"
                onClick={() => void table.removeForGood(row)}
                aria-label={t('Delete {name} for good', { name: row.name })}
              >
                {t('Delete for good')}
              </Button>
            </div>
          </li>
        ))}
      </ul>
    </Collapsible>
  );
}
