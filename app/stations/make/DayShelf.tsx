import { useState } from 'react';
import { Link } from 'react-router';
import { taskSaid, type Kept, type KeptDay } from '../../../core/make/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { speak } from '../../../core/words/index.js';
import { nowMinute, useDay } from '../../store/day.js';
import { useSession } from '../../store/session.js';
import { useSpeech } from '../../store/useSpeech.js';
import { Button } from '../../ui/kit/Button.js';
import { Checkbox } from '../../ui/kit/Checkbox.js';
import { ShelfHeading } from '../../ui/kit/Heading.js';
import { ToggleGroup } from '../../ui/kit/ToggleGroup.js';
import { t } from '../../words/index.js';
import { HandsDialog } from './HandsDialog.js';
import { LiveDay } from './LiveDay.js';
import { MoreOrFewer } from './MoreOrFewer.js';
import { clockAt, dayAt, useMake } from './useMake.js';

const ALL = 'all';
/** A longer wait is said in hours. */
const LONG_MIN = 120;
const hours = (minutes: number): string =>
  t('{h} h {min} min', { h: Math.floor(minutes / 60), min: minutes % 60 });

/** The work in the order of the day, for all or for one pair of hands, to be ticked off. */
export function DayShelf({ plan, day }: { plan: Plan; day: KeptDay }) {
  const hand = useMake((state) => state.hand);
  const { busy, layOut } = useDay();
  const [asking, setAsking] = useState(false);
  const shown = day.kept.filter(({ placed }) => hand === null || placed.hand === hand);
  return (
    <>
      <ShelfHeading first>{t('Hands')}</ShelfHeading>
      <ToggleGroup
        label={t('Whose work')}
        value={hand ?? ALL}
        options={[
          { value: ALL, words: t('everybody') },
          ...day.hands.map(({ id, name }) => ({
            value: id,
            words: (
              <>
                {name}
                <small className="block font-medium">{hours(day.minutes.get(id) ?? 0)}</small>
              </>
            ),
          })),
        ]}
        onPick={(id) => useMake.setState({ hand: id === ALL ? null : id })}
      />
      <div className="mt-2 flex flex-wrap gap-1.5">
        <Button look="quiet" size="small" onClick={() => setAsking(true)}>
          {t('Who helps, and with what')}
        </Button>
        <Button
          size="small"
          disabled={busy || plan.placements.length === 0}
          onClick={() => void layOut(plan)}
        >
          {day.kept.length > 0 ? t('Lay the day out again') : t('Lay the day out')}
        </Button>
      </div>
      <p className="m-0 mt-1.5 flex flex-wrap gap-x-3 text-sm">
        <Link to={`/plan/${plan.id}/day`}>{t('Print the work')}</Link>
        <Link to={`/plan/${plan.id}/allergens`}>{t('Allergen table')}</Link>
        <Link to={`/plan/${plan.id}/offer`}>{t('Offer')}</Link>
      </p>
      <MoreOrFewer plan={plan} />
      <LiveDay plan={plan} day={day} />
      <ShelfHeading>{t('In this order')}</ShelfHeading>
      {shown.length === 0 && <p className="text-soft-here">{t('Nothing stands here yet.')}</p>}
      <WorkList plan={plan} day={day} shown={shown} />
      {asking && <HandsDialog plan={plan} onClose={() => setAsking(false)} />}
    </>
  );
}

function WorkList({ plan, day, shown }: { plan: Plan; day: KeptDay; shown: readonly Kept[] }) {
  const speech = useSpeech();
  const edit = useSession((session) => session.edit);
  const picked = useMake((state) => state.picked);
  const names = new Map(day.hands.map(({ id, name }) => [id, name]));
  return (
    <ul className="m-0 list-none p-0">
      {shown.map((item, i) => {
        const { task, placed, work } = item;
        const what = speak(taskSaid(plan, task), speech);
        const newDay = i === 0 || dayAt(plan, placed.start) !== dayAt(plan, shown[i - 1]!.placed.start);
        return (
          <li key={task.id}>
            {newDay && <p className="mt-2 mb-1 font-display font-extrabold">{dayAt(plan, placed.start)}</p>}
            <div className="flex min-h-12 items-center gap-2 border-b border-dotted border-on-cloth/30 text-sm/[1.15]">
              <Checkbox
                name={t('Done: {what}', { what })}
                on={work.doneMin !== null}
                onChange={(on) =>
                  edit({
                    name: 'work-done',
                    task: task.id,
                    doneMin: on ? Math.max(-20_160, Math.min(1440, nowMinute(plan))) : null,
                  })
                }
                className="-m-2 p-4"
              />
              <button
                className="min-h-12 flex-1 border-0 bg-transparent text-left text-inherit aria-pressed:font-bold"
                aria-pressed={picked === task.id}
                onClick={() => useMake.setState({ picked: picked === task.id ? null : task.id })}
              >
                <b className="tabular-nums">{clockAt(plan, placed.start)}</b>{' '}
                <span className={work.doneMin === null ? '' : 'line-through'}>{what}</span>
                <small className="block">
                  {t('{who}, {n} min', { who: names.get(placed.hand) ?? placed.hand, n: task.handsMin })}
                  {task.waitMin > 0 &&
                    (task.waitMin < LONG_MIN
                      ? t(', then {n} min by itself', { n: task.waitMin })
                      : t(', then {time} by itself', { time: hours(task.waitMin) }))}
                  {placed.clean && t('. Wash board, knife and hands first')}
                </small>
              </button>
            </div>
          </li>
        );
      })}
    </ul>
  );
}
