import { useMemo } from 'react';
import { foodWords } from '../../core/exchange/paper/words.js';
import {
  boardSaid,
  buildStep,
  taskCautions,
  type TaskKind,
  keptDayOf,
  taskSaid,
  type Kept,
  type KeptDay,
} from '../../core/make/index.js';
import { nameOf, planMaking } from '../../core/portion/index.js';
import { addMinutes, clockOf, formatMass, speakTime } from '../../core/measure/index.js';
import { planLarder, type Plan } from '../../core/plan/index.js';
import { speak } from '../../core/words/index.js';
import { saveAs } from '../exports/save.js';
import { BoardAtStep, StepFoods } from '../plate/BoardAtStep.js';
import { useSettings } from '../store/settings.js';
import { useSpeech } from '../store/useSpeech.js';
import { Button } from '../ui/kit/Button.js';
import { Portraits } from '../ui/Portraits.js';
import { t } from '../words/index.js';
import { PrintBar } from './PrintBar.js';
import { PrintPage } from './PrintPage.js';

/** A sheet for each pair of hands: what, when, how much, how, and what can hurt. */
export function DaySheet({ plan }: { plan: Plan }) {
  const day = useMemo(() => keptDayOf(plan), [plan]);
  const hands = day.hands.filter(({ id }) => day.kept.some(({ placed }) => placed.hand === id));
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/make`} words={t('Back to the day')}>
        <Button look="quiet" onClick={() => void saveAs('calendar', plan)}>
          {t('Save it as a calendar')}
        </Button>
        <Button look="quiet" onClick={() => void saveAs('day-pdf', plan)}>
          {t('Save it (PDF)')}
        </Button>
        <Button look="quiet" onClick={() => void saveAs('day', plan)}>
          {t('Save it as a table')}
        </Button>
      </PrintBar>
      <h1>{t('{name}: the work', { name: plan.occasion.name })}</h1>
      <p>
        {t('Opens {time}. Wash hands before each task; fresh gloves and a clean board where it says so.', {
          time: speakTime(plan.occasion.start),
        })}
      </p>
      {hands.length === 0 && <p>{t('No day is laid out yet: do it in Make.')}</p>}
      {hands.map(({ id, name }) => (
        <section key={id} className="break-after-page">
          <h2>{name}</h2>
          <table>
            <tbody>
              {day.kept
                .filter(({ placed }) => placed.hand === id)
                .map((item) => (
                  <Row key={item.task.id} plan={plan} day={day} item={item} />
                ))}
            </tbody>
          </table>
        </section>
      ))}
    </PrintPage>
  );
}

/** The form that is wanted, as it looks; a board that is laid has a picture of its own. */
const PICTURED: ReadonlySet<TaskKind> = new Set(['make', 'cut', 'fold', 'shape', 'fill-bowls', 'temper']);
const MOST_PICTURES = 6;

interface RowProps {
  plan: Plan;
  day: KeptDay;
  item: Kept;
}

function Row({ plan, day, item }: RowProps) {
  const { task, placed } = item;
  const speech = useSpeech();
  const said = [
    boardSaid(plan, task),
    ...taskCautions(plan, task).map((caution) => ({ say: `caution.${caution}` as const })),
  ].flatMap((said) => (said ? [speak(said, speech)] : []));
  return (
    <tr className="break-inside-avoid align-top">
      <When plan={plan} item={item} />
      <td>
        <Forms plan={plan} item={item} />
        {placed.clean && <b>{t('Wash board and knife, change gloves. ')}</b>}
        {speak(taskSaid(plan, task), speech)}
        <Recipe plan={plan} item={item} />
        {said.length > 0 && <small className="block">{said.join(' ')}</small>}
        <Laid plan={plan} day={day} item={item} />
      </td>
      <td className="w-8">☐</td>
    </tr>
  );
}

/** From when to when, with the day where it is not that of the party. */
function When({ plan, item: { task, placed } }: Omit<RowProps, 'day'>) {
  const at = (minute: number): string => clockOf(addMinutes(plan.occasion.start, minute));
  const start = addMinutes(plan.occasion.start, placed.start);
  const other = start.slice(0, 10) !== plan.occasion.start.slice(0, 10);
  return (
    <td className="w-28 tabular-nums">
      {other && <small className="block">{speakTime(start, { year: false }).split(',')[0]}</small>}
      <b>
        {at(placed.start)}–{at(placed.handsEnd)}
      </b>
      {task.waitMin > 0 && <small className="block">{t('ready {time}', { time: at(placed.end) })}</small>}
    </td>
  );
}

function Forms({ plan, item: { task } }: Omit<RowProps, 'day'>) {
  const foods = PICTURED.has(task.kind) ? task.foods.flatMap((id) => planLarder(plan).get(id) ?? []) : [];
  return (
    <span className="float-right flex">
      <Portraits foods={foods} form={task.form} most={MOST_PICTURES} size="size-11" />
    </span>
  );
}

function Recipe({ plan, item: { task } }: Omit<RowProps, 'day'>) {
  const units = useSettings((settings) => settings.units);
  const making = task.kind === 'make' && task.foods[0] ? planMaking(plan, task.foods[0]) : undefined;
  if (!making) return null;
  const parts = making.parts.map(
    ([id, grams]) => `${nameOf(plan, id)} ${formatMass((grams * task.massG) / making.outG, units)}`,
  );
  return (
    <small className="block">
      {parts.join(', ')}. {making.steps}
    </small>
  );
}

function Laid({ plan, day, item: { task } }: RowProps) {
  const speech = useSpeech();
  const step = useMemo(() => {
    const tasks = day.kept.map(({ task }) => task);
    return buildStep(plan, tasks, task);
  }, [plan, day, task]);
  if (!step) return null;
  return (
    <div className="my-1 grid grid-cols-[1.2fr_1fr] items-start gap-3">
      <BoardAtStep plan={plan} {...step} />
      <small>
        <StepFoods foods={step.now} words={(food) => foodWords(food, speech)} />
      </small>
    </div>
  );
}
