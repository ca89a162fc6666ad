import { Pin, PinOff } from 'lucide-react';
import { useMemo } from 'react';
import { foodWords } from '../../../core/exchange/paper/words.js';
import {
  boardSaid,
  buildStep,
  taskCautions,
  taskSaid,
  type Kept,
  type KeptDay,
} from '../../../core/make/index.js';
import { nameOf, planMaking } from '../../../core/portion/index.js';
import { formatMass } from '../../../core/measure/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { speak } from '../../../core/words/index.js';
import { BoardAtStep, StepFoods } from '../../plate/BoardAtStep.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { useSpeech } from '../../store/useSpeech.js';
import { Choice } from '../../ui/Fields.js';
import { Button } from '../../ui/kit/Button.js';
import { Portraits } from '../../ui/Portraits.js';
import { t } from '../../words/index.js';
import { clockAt, useMake, whenAt } from './useMake.js';

const MOST_PICTURES = 6;

interface Props {
  plan: Plan;
  day: KeptDay;
  item: Kept;
}

/** The card of one task: what, how much, when it may be, what it takes, and what can hurt. */
export function WorkCard({ plan, day, item }: Props) {
  const speech = useSpeech();
  const { task, placed, work } = item;
  const larder = planLarder(plan);
  const foods = task.foods.flatMap((id) => larder.get(id) ?? []);
  return (
    <div
      role="region"
      aria-label={t('Card of the task')}
      className="on-paper edge-tag absolute -right-78 bottom-12 z-6 max-h-[76%] w-76 max-xl:right-1.5 overflow-y-auto bg-card py-3 pr-3.5 pl-5.5 text-sm stepped:invisible"
    >
      <h2 className="mb-1 text-lg/[1.05] font-black">{speak(taskSaid(plan, task), speech)}</h2>
      <div className="flex flex-wrap gap-0.5">
        <Portraits foods={foods} form={task.form} most={MOST_PICTURES} size="size-12" />
      </div>
      <p className="my-1">
        <b>
          {clockAt(plan, placed.start)}–{clockAt(plan, placed.handsEnd)}
        </b>
        {task.waitMin > 0 && t(', ready at {time}', { time: clockAt(plan, placed.end) })}
      </p>
      {placed.clean && <p className="my-1 font-bold">{t('Wash board and knife, change gloves first.')}</p>}
      <Recipe plan={plan} item={item} />
      <Laying plan={plan} day={day} item={item} />
      <Cautions plan={plan} item={item} />
      <CardDeeds day={day} item={item} />
      <p className="mt-1.5 mb-0 text-xs text-soft">
        {task.from > -7 * 1440 && t('Not before {time}. ', { time: whenAt(plan, task.from) })}
        {t('Over by {time}.', { time: whenAt(plan, task.by) })} {work.pinned && t('You have set its time.')}
      </p>
    </div>
  );
}

/** What goes in and how it is made, scaled to what is laid. */
function Recipe({ plan, item: { task } }: Pick<Props, 'plan' | 'item'>) {
  const units = useSettings((settings) => settings.units);
  const making = task.kind === 'make' && task.foods[0] ? planMaking(plan, task.foods[0]) : undefined;
  if (!making) return null;
  return (
    <>
      <ul className="my-1 list-none p-0">
        {making.parts.map(([id, grams]) => (
          <li key={id} className="flex justify-between gap-2 border-b border-rule/40">
            <span>{nameOf(plan, id)}</span>
            <b className="tabular-nums">{formatMass((grams * task.massG) / making.outG, units)}</b>
          </li>
        ))}
      </ul>
      <p className="my-1">{making.steps}</p>
    </>
  );
}

/** A stage of laying as it looks: numbers stand on the piles, their foods beneath. */
function Laying({ plan, day, item: { task } }: Props) {
  const speech = useSpeech();
  const step = useMemo(
    () => buildStep(plan, [...day.kept.map(({ task }) => task), ...day.missing], task),
    [plan, day, task],
  );
  if (!step) return null;
  return (
    <>
      <BoardAtStep plan={plan} {...step} bold={1.35} />
      <StepFoods foods={step.now} words={(food) => foodWords(food, speech)} />
    </>
  );
}

/** Short, and where the work is; before them the board that it is done on. */
function Cautions({ plan, item: { task } }: Pick<Props, 'plan' | 'item'>) {
  const speech = useSpeech();
  const board = boardSaid(plan, task);
  return (
    <>
      {board && <p className="my-1 font-bold">{speak(board, speech)}</p>}
      {taskCautions(plan, task).map((caution) => (
        <p key={caution} className="my-1 bg-question px-1.5 py-0.5">
          {speak({ say: `caution.${caution}` }, speech)}
        </p>
      ))}
    </>
  );
}

const EARLIER_MIN = 5;

function CardDeeds({ day, item: { task, placed, work } }: Omit<Props, 'plan'>) {
  const edit = useSession((session) => session.edit);
  const move = (startMin: number, hand = placed.hand): void =>
    edit({ name: 'move-work', task: task.id, hand, startMin });
  return (
    <>
      <Choice
        label={t('Who does it')}
        value={placed.hand}
        options={day.hands.map(({ id, name }) => [id, name] as const)}
        onPick={(hand) => move(placed.start, hand)}
      />
      <div className="flex flex-wrap gap-1">
        <Button look="quiet" size="small" onClick={() => move(placed.start - EARLIER_MIN)}>
          {t('5 min earlier')}
        </Button>
        <Button look="quiet" size="small" onClick={() => move(placed.start + EARLIER_MIN)}>
          {t('5 min later')}
        </Button>
        <Button
          look="quiet"
          size="small"
          onClick={() => edit({ name: 'pin-work', task: task.id, on: !work.pinned })}
        >
          {work.pinned ? <PinOff size={15} /> : <Pin size={15} />} {work.pinned ? t('Let go') : t('Pin')}
        </Button>
        <Button look="quiet" size="small" onClick={() => useMake.setState({ picked: null })}>
          {t('Put it away')}
        </Button>
      </div>
    </>
  );
}
