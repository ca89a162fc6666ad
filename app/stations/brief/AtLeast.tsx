import { useEffect, useState } from 'react';
import type { Least } from '../../../core/compose/index.js';
import { formatMoney } from '../../../core/measure/index.js';
import { guestsIn } from '../../../core/party/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { ask, Cancelled } from '../../workers/kitchen.js';
import { t } from '../../words/index.js';

/** The brief rests so long before its least is reckoned: while somebody types there is nothing to say. */
const RESTS_MS = 400;

/** The least that the brief takes, where money or minutes are limited; undefined until it is known. */
function useLeast(plan: Plan): Least | undefined {
  const [least, setLeast] = useState<{ of: Plan; least: Least | undefined }>();
  const limited = plan.budgetMinor !== null || plan.work.minutes !== null;
  useEffect(() => {
    if (!limited) return;
    let forget = (): void => undefined;
    const timer = setTimeout(() => {
      const asked = ask('least', { plan });
      forget = asked.forget;
      asked.done.then(
        (answer) => setLeast({ of: plan, least: answer.least }),
        // a hint that does not come is no fault of the brief: composing says the same, later
        (why: unknown) => {
          if (!(why instanceof Cancelled)) setLeast(undefined);
        },
      );
    }, RESTS_MS);
    return () => {
      clearTimeout(timer);
      forget();
    };
  }, [plan, limited]);
  return limited && least?.of === plan ? least.least : undefined;
}

/** What cannot be is said at once, with what the money would buy. */
export function AtLeast({ plan }: { plan: Plan }) {
  const least = useLeast(plan);
  if (!least || (least.enoughMoney && least.enoughMinutes)) return null;
  const money = (minor: number): string => formatMoney(minor, plan.currency);
  return (
    <div className="on-paper my-2 bg-question px-3 py-2 text-sm/[1.2] shadow-paper" role="status">
      {!least.enoughMoney && (
        <p className="m-0">
          <b>{t('The money is not enough.')}</b>{' '}
          {t(
            'No board for these {guests} guests costs less than {least}; {budget} feeds {fed} of them at most.',
            {
              guests: guestsIn(plan.party),
              least: money(least.minor),
              budget: money(plan.budgetMinor ?? 0),
              fed: least.fedByMoney,
            },
          )}
        </p>
      )}
      {!least.enoughMinutes && (
        <p className="m-0">
          <b>{t('The hands are not enough.')}</b>{' '}
          {t('No board for them takes less than {minutes} minutes of work.', { minutes: least.minutes })}
        </p>
      )}
    </div>
  );
}
