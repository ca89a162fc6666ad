import { useState, type ReactNode } from 'react';
import { textOf, type Checked } from '../../core/check/index.js';
import { speakTime } from '../../core/measure/index.js';
import { planLarder, type Answer, type Command, type Plan } from '../../core/plan/index.js';
import { useSession } from '../store/session.js';
import { useSpeech } from '../store/useSpeech.js';
import { PaperDialog } from '../ui/kit/Dialog.js';
import { Button } from '../ui/kit/Button.js';
import { t } from '../words/index.js';

/** Settled slips, labels that were read, and overrulings: to read again, or to take back. */
export function Spike({ plan, checked }: { plan: Plan; checked: Checked }) {
  const [open, setOpen] = useState(false);
  const speech = useSpeech();
  const last = checked.settled[0];
  const latest = last
    ? t('last: {slip}', { slip: textOf(last, speech).toLowerCase().slice(0, 26) })
    : t('nothing on the spike');
  return (
    <>
      <button
        className="on-cloth mr-2 flex items-end justify-end gap-2 self-end border-0 bg-transparent p-1 text-right max-md:static max-md:mb-3 max-md:ml-auto"
        onClick={() => setOpen(true)}
        aria-label={t('{settledCount} settled {latest}. Read the settled slips again', {
          settledCount: checked.settled.length,
          latest,
        })}
      >
        <span>
          <b className="block font-display text-lg/[1.1] font-extrabold">
            {t('{settledCount} settled', { settledCount: checked.settled.length })}
          </b>{' '}
          {latest}
        </span>
        <SpikeDrawing papers={checked.settled.length} />
      </button>
      {open && <SpikeDialog plan={plan} checked={checked} onClose={() => setOpen(false)} />}
    </>
  );
}

/** What one person read off one label at one time, the latest first. */
function readings(answers: readonly Answer[]): Answer[][] {
  const byReading = new Map<string, Answer[]>();
  for (const answer of answers) {
    const key = JSON.stringify([answer.componentId, answer.seen, answer.who, answer.when]);
    byReading.set(key, [...(byReading.get(key) ?? []), answer]);
  }
  return [...byReading.values()].reverse();
}

function SpikeDialog({ plan, checked, onClose }: { plan: Plan; checked: Checked; onClose: () => void }) {
  const speech = useSpeech();
  const larder = planLarder(plan);
  const name = (id: Answer['componentId']) => larder.get(id)?.name ?? id;
  const read = readings(plan.answers);
  return (
    <PaperDialog
      open
      onClose={onClose}
      title={t('On the spike')}
      hint={t(
        'Slips that you have read and left as they are, labels that were read, and what was overruled. Each can be taken back.',
      )}
    >
      <Papers title={t('Settled')} none={t('Nothing is settled yet.')}>
        {checked.settled.map((finding) => (
          <Paper
            key={finding.key}
            title={textOf(finding, speech)}
            words={plan.settled.find((s) => s.key === finding.key)?.how ?? ''}
            takeBack={{ name: 'unsettle', key: finding.key }}
          />
        ))}
      </Papers>
      <Papers title={t('Overruled')} none={t('Nobody has overruled anything.')}>
        {plan.overrulings.map((overruling) => (
          <Paper
            key={`${overruling.componentId} ${overruling.groupId}`}
            title={t('{name}, for {name2}', {
              name: name(overruling.componentId),
              name2: plan.party.find((group) => group.id === overruling.groupId)?.name ?? overruling.groupId,
            })}
            words={`${overruling.who}: ${overruling.why}. ${speakTime(overruling.when)}`}
            takeBack={{
              name: 'take-back-overruling',
              componentId: overruling.componentId,
              groupId: overruling.groupId,
            }}
          />
        ))}
      </Papers>
      <Papers title={t('Labels read')} none={t('No label is noted yet.')}>
        {read.map((answers) => (
          <Reading
            key={`${answers[0]!.componentId} ${answers[0]!.fact}`}
            answers={answers}
            name={name(answers[0]!.componentId)}
          />
        ))}
      </Papers>
    </PaperDialog>
  );
}

/** One label, as it was read at one time. */
function Reading({ answers, name }: { answers: readonly Answer[]; name: string }) {
  const [{ seen, who, when }] = answers as [Answer];
  return (
    <Paper
      title={name}
      words={`${seen}. ${who}, ${speakTime(when)}`}
      takeBack={{
        name: 'together',
        label: t('take back the label of {name}', { name: name.toLowerCase() }),
        commands: answers.map(({ componentId, fact }) => ({ name: 'take-back-answer', componentId, fact })),
      }}
    />
  );
}

function Papers({ title, none, children }: { title: string; none: string; children: ReactNode[] }) {
  return (
    <section aria-label={title}>
      <h3 className="font-display mt-3 mb-0.5 mx-0 text-base">{title}</h3>
      {children.length === 0 ? <p className="m-0">{none}</p> : children}
    </section>
  );
}

function Paper({ title, words, takeBack }: { title: string; words: string; takeBack: Command }) {
  const edit = useSession((session) => session.edit);
  return (
    <div className="flex items-center gap-2.5 my-2 mx-0 justify-between flex-nowrap">
      <span>
        <b>{title}</b>
        <br />
        {words}
      </span>
      <Button
        look="quiet"
        size="small"
        className="shrink-0"
        aria-label={t('Take it back: {title}', { title })}

        onClick={() => edit(takeBack)}
      >
        {t('Take it back')}
      </Button>
    </div>
  );
}

const MOST_DRAWN = 6;

function SpikeDrawing({ papers }: { papers: number }) {
  const n = Math.min(MOST_DRAWN, papers);
  return (
    <svg width="70" height="84" viewBox="-35 0 70 84" aria-hidden="true">
      <ellipse cy="79" rx="26" ry="5" fill="#7d5a34" />
      <ellipse cy="77" rx="26" ry="5" fill="#b98f5b" />
      <g fill="var(--paper)" stroke="var(--ink)" strokeOpacity=".3" strokeWidth=".8">
        {Array.from({ length: n }, (_, i) => (
          <path
            key={i}
            d={`M${-30 + (i % 3)} ${71 - i * 6}L${29 + (i % 2) * 3} ${67 - i * 6}L${32 - (i % 2)} ${72 - i * 6}L-28 ${75 - i * 6}Z`}
          />
        ))}
      </g>
      <path d={`M0 6V${72 - n * 6}`} stroke="#7d8993" strokeWidth="3" strokeLinecap="round" />
    </svg>
  );
}
