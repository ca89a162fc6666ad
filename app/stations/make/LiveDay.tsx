import type { Equipment } from '../../../core/catalogue/index.js';
import { EQUIPMENT } from '../../../core/catalogue/index.js';
import type { KeptDay } from '../../../core/make/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { speak } from '../../../core/words/index.js';
import { nowMinute, useDay } from '../../store/day.js';
import { useSpeech } from '../../store/useSpeech.js';
import { Button } from '../../ui/kit/Button.js';
import { Menu } from '../../ui/kit/Menu.js';
import { t } from '../../words/index.js';
import { clockAt } from './useMake.js';

/** While the day is under way: what is late, who has left, what has failed; the rest is laid out anew, as little changed as can be. */
export function LiveDay({ plan, day }: { plan: Plan; day: KeptDay }) {
  const { busy, goOn } = useDay();
  const speech = useSpeech();
  const now = nowMinute(plan);
  const first = day.kept[0]?.placed.start;
  if (first === undefined || now < first || now > 0) return null;
  const late = day.kept.filter(({ work, placed }) => work.doneMin === null && placed.end < now);
  const left = day.hands.map(({ id, name }) => ({
    words: t('{name} has left', { name }),
    press: () => void goOn(plan, { now, gone: [id] }),
  }));
  const failed = EQUIPMENT.filter((kind) => plan.day.kitchen[kind] > 0).map((kind: Equipment) => ({
    words: t('One less: {what}', { what: speak({ say: `equipment.${kind}` }, speech) }),
    press: () => void goOn(plan, { now, failed: [kind] }),
  }));
  return (
    <div className="on-paper mt-2 bg-question p-2.5 shadow-tag">
      <p className="m-0 font-bold">
        {late.length === 0
          ? t('It is {time}, and nothing is late.', { time: clockAt(plan, now) })
          : t('It is {time}: {n, plural, one {one task is} other {# tasks are}} late.', {
              time: clockAt(plan, now),
              n: late.length,
            })}
      </p>
      <div className="mt-1.5 flex flex-wrap gap-1.5">
        <Button size="small" disabled={busy} onClick={() => void goOn(plan, { now })}>
          {t('Lay out the rest from now')}
        </Button>
        <Menu size="small" words={t('Something is missing')} items={[...left, ...failed]} />
      </div>
    </div>
  );
}
