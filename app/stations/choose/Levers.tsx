import { useState } from 'react';
import { useShallow } from 'zustand/react/shallow';
import type { Plan } from '../../../core/plan/index.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
import { latelyBeside } from '../../store/plans.js';
import { useSession } from '../../store/session.js';
import { Button } from '../../ui/kit/Button.js';
import { ShelfHeading } from '../../ui/kit/Heading.js';
import { t } from '../../words/index.js';

const LEVERS = [
  ['bolder', t('gentler'), t('bolder')],
  ['colour', t('plainer'), t('more colour')],
  ['cheaper', t('richer'), t('cheaper')],
  ['lessWork', t('more work'), t('less work')],
  ['season', t('from anywhere'), t('in season')],
] as const;

/** What the last proposal brought and took. */
function Changed() {
  const { changed, doing } = useKitchen(
    useShallow((state) => ({ changed: state.changed, doing: state.doing })),
  );
  if (!changed || doing) return null;
  const words = (names: readonly string[]) => names.join(', ') || 'nothing';
  return (
    <p className="on-paper my-1 bg-card px-2.5 py-1.5 text-sm" role="status">
      <b>{t('Came:')}</b> {words(changed.came)}. <b>{t('Went:')}</b> {words(changed.went)}.
    </p>
  );
}

/** Of two foods that serve alike, the one that the last boards did not have. */
function Lately({ plan }: { plan: Plan }) {
  const edit = useSession((session) => session.edit);
  const compose = useKitchen((jobs) => jobs.compose);
  const [none, setNone] = useState(false);
  const { lately } = plan.wishes;
  const note = (foods: Plan['wishes']['lately']): void => {
    edit({ name: 'set-lately', lately: foods });
    const now = useSession.getState().plan;
    if (now) void compose(now);
  };
  const take = async (): Promise<void> => {
    const foods = await latelyBeside(plan.id, plan.occasion.host);
    if (foods.length === 0) setNone(true);
    else note(foods);
  };
  return (
    <div className="mb-1.5 flex items-center justify-between gap-2.5 text-sm/[1.15]">
      {lately.length > 0 ? (
        <>
          <span>{t('{foods} foods of your last boards count less', { foods: lately.length })}</span>
          <Button look="quiet" size="small" onClick={() => note([])}>
            {t('Forget them')}
          </Button>
        </>
      ) : (
        <>
          <Button look="quiet" size="small" onClick={() => void take()}>
            {t('Not like the last boards')}
          </Button>
          <span role="status">{none ? t('There is no other board yet.') : ''}</span>
        </>
      )}
    </div>
  );
}

/** Few and in plain words; each asks for a new board at once. */
export function Levers({ plan }: { plan: Plan }) {
  const edit = useSession((session) => session.edit);
  const compose = useKitchen((jobs) => jobs.compose);
  const move = (key: (typeof LEVERS)[number][0], by: number): void => {
    const value = Math.max(-2, Math.min(2, plan.wishes.levers[key] + by));
    edit({ name: 'set-levers', levers: { ...plan.wishes.levers, [key]: value } });
    const now = useSession.getState().plan;
    if (now) void compose(now);
  };
  return (
    <>
      <ShelfHeading>{t('Bend the whole board')}</ShelfHeading>
      {LEVERS.map(([key, less, more]) => (
        <div key={key} className="flex items-center gap-2.5 mb-1.5 justify-between flex-nowrap">
          <Button
            look="quiet"
            size="small"
            disabled={plan.wishes.levers[key] <= -2}
            onClick={() => move(key, -1)}
          >
            {less}
          </Button>
          <span aria-label={t('now {levers}', { levers: plan.wishes.levers[key] })}>
            {plan.wishes.levers[key] > 0 ? `+${plan.wishes.levers[key]}` : plan.wishes.levers[key]}
          </span>
          <Button
            look="quiet"
            size="small"
            disabled={plan.wishes.levers[key] >= 2}
            onClick={() => move(key, 1)}
          >
            {more}
          </Button>
        </div>
      ))}
      <Lately plan={plan} />
      <Changed />
    </>
  );
}
