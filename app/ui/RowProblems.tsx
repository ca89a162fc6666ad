import type { RowProblem } from '../../core/exchange/index.js';
import { t } from '../words/index.js';
import { spoken } from '../store/useSpeech.js';

const MOST = 12;

/** What is wrong in a table, by row and column; nothing when nothing is. */
export function RowProblems({ problems }: { problems: readonly RowProblem[] }) {
  if (problems.length === 0) return null;
  return (
    <div role="alert">
      <p className="font-bold text-beet-ink mt-2 mb-0.5 mx-0">
        {problems.length === 1
          ? t('One cell was not understood')
          : t('{problemsCount} cells were not understood', { problemsCount: problems.length })}
      </p>
      <ul className="m-0 list-none p-0">
        {problems.slice(0, MOST).map((problem, i) => (
          <li key={i}>
            {t('Row {row}{column}: {reason}', {
              row: problem.row,
              column: problem.column && `, ${problem.column}`,
              reason: spoken(problem.reason),
            })}
          </li>
        ))}
      </ul>
      {problems.length > MOST && (
        <p>{t('and {problemsCount} more', { problemsCount: problems.length - MOST })}</p>
      )}
    </div>
  );
}
