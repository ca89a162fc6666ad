import { Button } from '../ui/kit/Button.js';
import { PaperDialog } from '../ui/kit/Dialog.js';
import type { Table } from './useTable.js';

const MOST_PROBLEMS = 12;

/** What became of a file that was brought in, where it was not simply taken. */
export function FileOutcome({ table }: { table: Table }) {
  return (
    <>
      <RefusedDialog table={table} />
      <TwinDialog table={table} />
      <NotTakenDialog table={table} />
    </>
  );
}

function RefusedDialog({ table }: { table: Table }) {
  return (
    <PaperDialog
      open={table.refused !== undefined}
      onClose={table.forgive}
      title="This file was not taken"
      hint={`${table.refused?.name ?? ''}: nothing that is stored was touched.`}
    >
      <ul className="my-0.5 list-disc pl-5">
        {table.refused?.problems.slice(0, MOST_PROBLEMS).map((problem, i) => (
          <li key={i}>
            {problem.path && <code>{problem.path}: </code>}
            {problem.reason}
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
        {notTaken?.plans.slice(0, MOST_PROBLEMS * 4).map((notTaken) => (
          <li key={notTaken.index}>
            <b>{notTaken.name || `Plan ${notTaken.index + 1}`}</b>:{' '}
            {notTaken.problems[0]?.path && <code>{notTaken.problems[0].path} </code>}
            {notTaken.problems[0]?.reason}
          </li>
        ))}
      </ul>
    </PaperDialog>
  );
}
