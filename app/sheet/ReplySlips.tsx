import { REPLY_QUESTIONS } from '../../core/exchange/index.js';
import { speakTime } from '../../core/measure/index.js';
import type { Plan } from '../../core/plan/index.js';

const ON_A_SHEET = 2;
import { PrintBar } from './PrintBar.js';
import { PrintPage } from './PrintPage.js';
import { t } from '../words/index.js';

/** Slips of questions to hand or send to guests, two on a sheet. */
export function ReplySlips({ plan }: { plan: Plan }) {
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/brief`} words={t('Back to the brief')} />
      {Array.from({ length: ON_A_SHEET }, (_, i) => (
        <section
          key={i}
          className="break-inside-avoid border-t-2 border-dashed border-ink pt-2.5"
          aria-hidden={i > 0}
        >
          <h1>{plan.occasion.name}</h1>
          <p>
            {t('{start}. What may we put before you? Please say it even when you think we know.', {
              start: speakTime(plan.occasion.start),
            })}
          </p>
          {REPLY_QUESTIONS.map((q) => (
            <p key={q.key} className="my-2 border-b border-ink pb-3.5 [&_span]:text-xs [&_span]:text-soft">
              <b>{q.ask}:</b> <span>{q.hint}</span>
            </p>
          ))}
          <p>
            <i>
              {t(
                'With an allergy, please speak with us as well: a kitchen cannot promise what it does not know.',
              )}
            </i>
          </p>
        </section>
      ))}
    </PrintPage>
  );
}
