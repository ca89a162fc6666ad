import { TRASH_DAYS } from '../store/db.js';
import { Button } from '../ui/kit/Button.js';
import { Collapsible } from '../ui/kit/Collapsible.js';
import { dayAndTime } from './times.js';
import type { Table } from './useTable.js';

/** What was deleted, for thirty days. */
export function Trash({ table }: { table: Table }) {
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
