import { useState } from 'react';
import {
  asWouldBeAsked,
  labelQuestions,
  questionsText,
  type Checked,
  type LabelQuestionLine,
} from '../../../core/check/index.js';
import { capital, ENGLISH, lower, speakArg } from '../../../core/words/index.js';
import { factWords } from '../../../core/catalogue/index.js';
import { speakTime } from '../../../core/measure/index.js';
import type { Answer, Plan } from '../../../core/plan/index.js';
import { LabelDialog } from '../../rail/LabelDialog.js';
import { localNow } from '../../store/clock.js';
import { useHouseOf } from '../../store/house.js';
import { useSession } from '../../store/session.js';
import { PlateGlyph } from '../../ui/Glyph.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { saveFile } from '../../ui/save.js';
import { Button } from '../../ui/kit/Button.js';
import { PaperHeading } from '../../ui/kit/Heading.js';
import { useSpeech } from '../../store/useSpeech.js';
import { t, word } from '../../words/index.js';
import { toast } from '../../ui/toast.js';

const names = (list: readonly string[], most = 3): string => speakArg({ all: list, most }, ENGLISH);

/** Every question of the plan in one list, to take to the shop or to send to a supplier, and to answer. */
export function QuestionsDialog({
  plan,
  checked,
  onClose,
}: {
  plan: Plan;
  checked: Checked;
  onClose: () => void;
}) {
  const [picked, setPicked] = useState<readonly LabelQuestionLine[] | null>(null);
  const edit = useSession((session) => session.edit);
  const speech = useSpeech();
  const lines = labelQuestions(checked.context);
  const open = lines.filter((line) => line.answer === undefined);
  const told = lines.filter((line) => line.answer !== undefined);
  if (picked)
    return (
      <LabelDialog
        plan={plan}
        answers={picked.map((line): Answer => ({
          componentId: line.component.id,
          fact: line.fact,
          value: '-',
          who: '',
          when: localNow(),
          seen: '',
        }))}
        onNote={edit}
        onClose={() => setPicked(null)}
      />
    );
  return (
    <PaperDialog
      open
      wide
      onClose={onClose}
      title={t('Questions for labels and makers')}
      hint={t(
        'What is open counts for nobody whom it concerns. A plan with an open question on an allergy is never whole.',
      )}
    >
      <TakeAlong text={questionsText(lines, plan.occasion.name, speech)} />
      <HeldAnswers open={open} />
      <OpenFoods lines={open} onAnswer={setPicked} />
      <Told lines={told} />
    </PaperDialog>
  );
}

function TakeAlong({ text }: { text: string }) {
  return (
    <div className="flex flex-wrap items-center gap-2.5">
      <Button
        look="quiet"
        size="small"
        onClick={() => void navigator.clipboard.writeText(text).then(() => toast(t('Copied.')))}
      >
        {t('Copy as text')}
      </Button>
      <Button
        look="quiet"
        size="small"
        onClick={() => saveFile('questions-for-labels.txt', text, 'text/plain;charset=utf-8')}
      >
        {t('Save as text')}
      </Button>
    </div>
  );
}

/** What was once answered "for new plans too" is offered to this one: never taken over unasked, packs change. */
function HeldAnswers({ open }: { open: readonly LabelQuestionLine[] }) {
  const held = useHouseOf('answers');
  const edit = useSession((session) => session.edit);
  const fits = held.filter((answer) =>
    open.some((line) => line.component.id === answer.componentId && line.fact === answer.fact),
  );
  if (fits.length === 0) return null;
  const foods = [
    ...new Set(
      open
        .filter((line) => fits.some((answer) => answer.componentId === line.component.id))
        .map((line) => line.component.name),
    ),
  ];
  return (
    <p className="flex flex-wrap items-center gap-2.5">
      <Button
        size="small"
        onClick={() =>
          edit({
            name: 'together',
            label: t('use answers that are held'),
            commands: fits.map((answer) => ({ name: 'answer' as const, answer })),
          })
        }
      >
        {t('Use what you hold for {names}', { names: names(foods.map(lower), 3) })}
      </Button>
      <span>{t('Read earlier, for another plan: use it if you buy the same pack.')}</span>
    </p>
  );
}

function OpenFoods({
  lines,
  onAnswer,
}: {
  lines: readonly LabelQuestionLine[];
  onAnswer: (lines: readonly LabelQuestionLine[]) => void;
}) {
  const speech = useSpeech();
  if (lines.length === 0) return <p>{t('Nothing is open.')}</p>;
  const foods = [...new Set(lines.map((line) => line.component))];
  return foods.map((food) => {
    const of = lines.filter((line) => line.component === food);
    return (
      <section key={food.id} className="mt-2 border-t border-line pt-1.5 [&_svg]:flex-none">
        <div className="flex flex-wrap items-center gap-2">
          <PlateGlyph state="covered" size={22} />
          <b>{food.name}</b>
          <Button
            look="quiet"
            size="small"
            className="ml-auto"
            aria-label={t('Answer for {name}', { name: food.name })}
            onClick={() => onAnswer(of)}
          >
            {t('Answer')}
          </Button>
        </div>
        <ul className="my-0.5 list-disc pl-5">
          {asWouldBeAsked(of).map((otherAskLine) => (
            <li key={speakArg(otherAskLine.question, speech)}>
              {speakArg(otherAskLine.question, speech)}{' '}
              <span className="text-soft">
                {t('For {names}.', {
                  names: names(
                    otherAskLine.groups.map((group) => lower(group.name)),
                    4,
                  ),
                })}
              </span>
              {otherAskLine.grave && <b> {t('An allergy, or a small child.')}</b>}
            </li>
          ))}
        </ul>
      </section>
    );
  });
}

function Told({ lines }: { lines: readonly LabelQuestionLine[] }) {
  const edit = useSession((session) => session.edit);
  const takeBack = (reading: Reading): void =>
    edit({
      name: 'together',
      label: t('take back an answer'),
      commands: reading.facts.map((fact) => ({
        name: 'take-back-answer' as const,
        componentId: reading.component.id,
        fact,
      })),
    });
  if (lines.length === 0) return null;
  return (
    <>
      <PaperHeading>{t('Answered')}</PaperHeading>
      <ul className="m-0 list-none p-0">
        {readings(lines).map((reading) => (
          <li key={reading.key}>
            <b>{reading.component.name}</b>: {reading.words}.{' '}
            {capital(reading.answer.seen || t('not said what'))} ({reading.answer.who},{' '}
            {speakTime(reading.answer.when)}
            {reading.answer.photo ? t(', photograph: {photo}', { photo: reading.answer.photo }) : ''}){' '}
            <Button
              look="link"
              aria-label={t('Take back what was read of {name}: {words}', {
                name: reading.component.name,
                words: reading.words,
              })}
              onClick={() => takeBack(reading)}
            >
              {t('Take back')}
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}

interface Reading {
  key: string;
  component: LabelQuestionLine['component'];
  answer: Answer;
  facts: LabelQuestionLine['fact'][];
  words: string;
}

/** What one person read at one time of one food is one line. */
function readings(told: readonly LabelQuestionLine[]): Reading[] {
  const out = new Map<string, Reading & { byValue: Map<string, Set<string>> }>();
  for (const line of told) {
    const answer = line.answer!;
    const key = [line.component.id, answer.who, answer.when, answer.seen].join(' ');
    const fresh = {
      key,
      component: line.component,
      answer: answer,
      facts: [] as Reading['facts'],
      words: '',
    };
    const r = out.get(key) ?? { ...fresh, byValue: new Map<string, Set<string>>() };
    r.facts.push(line.fact);
    r.byValue.set(answer.value, (r.byValue.get(answer.value) ?? new Set()).add(factWords(line.fact)));
    out.set(key, r);
  }
  return [...out.values()].map(({ byValue, ...r }) => ({
    ...r,
    words: [...byValue]
      .map(([value, facts]) => `${names([...facts].map(word), 20)} ${word(value.replace(/-/g, ' '))}`)
      .join('; '),
  }));
}
