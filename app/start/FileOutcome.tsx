import { Button } from '../ui/kit/Button.js';
import { PaperDialog } from '../ui/kit/Dialog.js';
import type { Table } from './useTable.js';
import { t } from '../words/index.js';
import { spoken } from '../store/useSpeech.js';

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
      title={t('This file was not taken')}
      hint={t('{name}: nothing that is stored was touched.', { name: table.refused?.name ?? '' })}
    >
      <ul className="my-0.5 list-disc pl-5">
        {table.refused?.problems.slice(0, MOST_PROBLEMS).map((problem, i) => (
          <li key={i}>
            {problem.path && <code>{problem.path}: </code>}
            {spoken(problem.reason)}
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
      title={t('This plan is here already')}
      hint={t('“{name}” has the same id as a plan on the table.', { name: table.twin?.occasion.name ?? '' })}
    >
      <div className="flex flex-wrap items-center gap-2.5">
        <Button onClick={() => void table.settleTwin('both')}>{t('Keep both')}</Button>
        <Button look="quiet" onClick={() => void table.settleTwin('replace')}>
          {t('Replace the old one')}
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
      title={t('Not every plan was taken')}
      hint={t('{name}: {taken} were taken. These were not:', {
        name: notTaken?.name ?? '',
        taken: notTaken?.taken ?? 0,
      })}
    >
      <ul className="my-0.5 list-disc pl-5">
        {notTaken?.plans.slice(0, MOST_PROBLEMS * 4).map((notTaken) => (
          <li key={notTaken.index}>
            <b>{notTaken.name || t('Plan {index}', { index: notTaken.index + 1 })}</b>:{' '}
            {notTaken.problems[0]?.path && <code>{notTaken.problems[0].path} </code>}
            {notTaken.problems[0] && spoken(notTaken.problems[0].reason)}
          </li>
        ))}
      </ul>
    </PaperDialog>
  );
}
