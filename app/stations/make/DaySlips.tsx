import {
  daySlipSaid,
  slipsOfDay,
  taskSaid,
  waySaid,
  type DaySlip,
  type KeptDay,
  type Way,
} from '../../../core/make/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { speak } from '../../../core/words/index.js';
import { SLIP_BOX, SLIP_TEXT, SlipHead, slipLook, stripLook, STRIPS } from '../../rail/SlipPaper.js';
import { useDay } from '../../store/day.js';
import { useSession } from '../../store/session.js';
import { useSpeech } from '../../store/useSpeech.js';
import { Effect } from '../../ui/Effect.js';
import type { Glyph } from '../../ui/Glyph.js';
import { t } from '../../words/index.js';
import { useMake } from './useMake.js';

const GLYPHS: Readonly<Record<DaySlip['severity'], readonly [Glyph, string]>> = {
  blocker: ['cracked', t('Stops service')],
  caution: ['chipped', t('Take care')],
  good: ['whole', t('Good')],
};
const MOST_NAMED = 4;

/** What is wrong with the day as it stands, and what is proven of it, on the rail before the rest. */
export function DaySlips({ plan, day }: { plan: Plan; day: KeptDay }) {
  const { busy, about, ways } = useDay();
  if (busy || day.kept.length === 0) return null;
  const slips = slipsOfDay(day);
  return slips.map((slip, i) => (
    <DaySlipPaper
      key={`${slip.kind} ${slip.tasks.join()}`}
      plan={plan}
      day={day}
      slip={slip}
      number={i + 1}
      ways={slip.kind === 'no-room' && about === plan.id ? ways : []}
    />
  ));
}

function DaySlipPaper({
  plan,
  day,
  slip,
  number,
  ways,
}: {
  plan: Plan;
  day: KeptDay;
  slip: DaySlip;
  number: number;
  ways: readonly Way[];
}) {
  const speech = useSpeech();
  const layOut = useDay((state) => state.layOut);
  const [glyph, words] = GLYPHS[slip.severity];
  const byId = new Map([...day.kept.map(({ task }) => task), ...day.missing].map((task) => [task.id, task]));
  const about = slip.tasks.flatMap((id) => byId.get(id) ?? []);
  const headline = speak(daySlipSaid(slip), speech);
  return (
    <article className={SLIP_BOX} data-code={`day-${slip.kind}`} aria-label={`${words}: ${headline}`}>
      <div className={slipLook({ glyph })}>
        <SlipHead glyph={glyph} words={words} number={t('Day {number}', { number })} />
        <h2 className="m-0 mb-1 font-display text-lg/[1.06] font-extrabold">{headline}</h2>
        {about.slice(0, MOST_NAMED).map((task) => (
          <p key={task.id} className={SLIP_TEXT}>
            <button
              className="border-0 bg-transparent p-0 text-left underline decoration-dotted underline-offset-3"
              onClick={() => useMake.setState({ view: 'day', picked: task.id, hand: null })}
            >
              {speak(taskSaid(plan, task), speech)}
            </button>
          </p>
        ))}
        {about.length > MOST_NAMED && (
          <p className={SLIP_TEXT}>{t('and {n} more', { n: about.length - MOST_NAMED })}</p>
        )}
        {slip.severity !== 'good' && (
          <div className={STRIPS}>
            {ways.map((way, i) => (
              <WayStrip key={way.changes.map(({ kind }) => kind).join()} way={way} first={i === 0} />
            ))}
            {ways.length === 0 && (
              <button className={stripLook({ go: true })} onClick={() => void layOut(plan)}>
                {t('Lay the day out again')}
              </button>
            )}
          </div>
        )}
      </div>
    </article>
  );
}

/** A way out that was tried; the day is laid out with it, one step of undo. */
function WayStrip({ way, first }: { way: Way; first: boolean }) {
  const speech = useSpeech();
  const edit = useSession((session) => session.edit);
  const layOut = useDay((state) => state.layOut);
  const words = speak(waySaid(way), speech);
  return (
    <button
      className={stripLook({ go: first })}
      onClick={() => {
        edit({ name: 'together', label: words, commands: way.commands });
        const now = useSession.getState().plan;
        if (now) void layOut(now, words);
      }}
    >
      {words} <Effect words={way.left === 0 ? t('all finds a place') : t('{n} left', { n: way.left })} />
    </button>
  );
}
