import { useShallow } from 'zustand/react/shallow';
import type { Plan } from '../../../core/plan/index.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
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
      <Changed />
    </>
  );
}
