import type { Component } from '../../../core/catalogue/index.js';
import { taskSaid, type Kept } from '../../../core/make/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { speak } from '../../../core/words/index.js';
import { ArcText, onCircle, sectorPath } from '../../plate/China.js';
import { useSpeech } from '../../store/useSpeech.js';
import { PortraitImage } from '../../ui/Portrait.js';
import { t, word } from '../../words/index.js';
import type { Dial, Groove } from './dial.js';
import { LOOKS } from './look.js';
import { clockAt, useMake } from './useMake.js';
import { useWorkHands } from './useWorkHands.js';
import { shortName } from '../../../core/measure/index.js';

interface Props {
  plan: Plan;
  item: Kept;
  groove: Groove;
}

/** One task in its groove: pressed for its card, pulled to another time or groove, moved by arrows. */
export function Work({ plan, item, groove, dial }: Props & { dial: Dial }) {
  const speech = useSpeech();
  const picked = useMake((state) => state.picked) === item.task.id;
  const { start, ...hands } = useWorkHands(item, groove, dial);
  const { task, placed, work } = item;
  return (
    <g
      role="button"
      tabIndex={0}
      data-task={task.id}
      aria-pressed={picked}
      aria-label={t('{what}, {from} to {till}, {who}{done}. Arrows move it', {
        what: speak(taskSaid(plan, task), speech),
        from: clockAt(plan, placed.start),
        till: clockAt(plan, placed.handsEnd),
        who: groove.name,
        done: work.doneMin === null ? '' : t(', done'),
      })}
      className="cursor-pointer touch-none outline-none [&:focus-visible>path]:stroke-(--focus) [&:focus-visible>path]:[stroke-width:3]"
      opacity={work.doneMin === null ? 1 : 0.4}
      {...hands}
    >
      <Paper item={item} groove={groove} start={start} picked={picked} />
      {placed.clean && <CleanMark at={groove.angle(start) - 1.2} r={(groove.r0 + groove.r1) / 2} />}
      <Name plan={plan} item={item} groove={groove} start={start} />
    </g>
  );
}

/** Hands on: paper in the colour of its kind; what does itself: paler, with a dotted edge. */
function Paper({
  item: { task, work },
  groove,
  start,
  picked,
}: Omit<Props, 'plan'> & { start: number; picked: boolean }) {
  const [from, till] = [groove.angle(start), groove.angle(start + task.handsMin)];
  const { fill } = LOOKS[task.kind];
  return (
    <>
      {task.waitMin > 0 && (
        <path
          d={sectorPath(
            groove.r0 + 3,
            groove.r1 - 3,
            till,
            Math.min(groove.angle(start + task.handsMin + task.waitMin), groove.till),
          )}
          fill={fill}
          opacity=".35"
          strokeDasharray="2 3"
          stroke="var(--line)"
        />
      )}
      <path
        d={sectorPath(groove.r0, groove.r1, from, Math.max(till, from + LEAST_DEG))}
        fill={fill}
        stroke={picked ? 'var(--beet)' : work.pinned ? 'var(--ink)' : 'var(--line)'}
        strokeWidth={picked ? 3 : work.pinned ? 2 : 0.8}
      />
    </>
  );
}

/** A task of a minute can be seen. */
const LEAST_DEG = 0.6;
/** Width of a letter along the groove, and how few say something. */
const LETTER = 6.6;
const LEAST_LETTERS = 7;
/** The side of a portrait in a groove. */
const PICTURE = 26;

const degrees = (length: number, r: number): number => (length / r) * (180 / Math.PI);

/** The food, and its name where there is room for it. */
function Name({ plan, item, groove, start }: Props & { start: number }) {
  const { task } = item;
  const r = (groove.r0 + groove.r1) / 2;
  const [from, till] = [groove.angle(start), groove.angle(start + task.handsMin)];
  const length = (((till - from) * Math.PI) / 180) * r;
  const food = task.foods[0] && planLarder(plan).get(task.foods[0]);
  const pictured = food !== undefined && length >= PICTURE && task.kind !== 'drive';
  const letters = Math.floor((length - (pictured ? PICTURE : 0) - LETTER) / LETTER);
  const name = nameOf(plan, item);
  const named = letters >= LEAST_LETTERS || (!pictured && letters >= name.length);
  const middle = (from + till) / 2;
  return (
    <>
      {pictured && (
        <Portrait
          food={food}
          form={task.form}
          at={named ? from + degrees(PICTURE / 2 + 2, r) : middle}
          r={r}
        />
      )}
      {named && (
        <ArcText
          id={`work-${task.id}`}
          r={r - 4}
          at={middle + (pictured ? degrees(PICTURE / 2, r) : 0)}
          size={13}
          weight={600}
        >
          {name.length > letters ? `${name.slice(0, letters - 1)}…` : name}
        </ArcText>
      )}
    </>
  );
}

/** The food that the task is about, lying in the groove. */
function Portrait({
  food,
  form,
  at,
  r,
}: {
  food: Component;
  form: Kept['task']['form'];
  at: number;
  r: number;
}) {
  const [x, y] = onCircle(r, at);
  return (
    <PortraitImage
      food={food}
      form={food.forms.find((fact) => fact.form === form)}
      x={x - PICTURE / 2}
      y={y - PICTURE / 2}
      width={PICTURE}
      height={PICTURE}
      className="pointer-events-none"
    />
  );
}

/** A wrung cloth: board, knife and gloves are washed. */
function CleanMark({ at, r }: { at: number; r: number }) {
  const [x, y] = onCircle(r, at);
  return (
    <g transform={`translate(${x.toFixed(1)},${y.toFixed(1)})`} aria-hidden>
      <circle r="8.5" fill="white" stroke="var(--enamel)" strokeWidth="1.6" />
      <path
        d="M-5-2q2.5-2.6 5 0t5 0M-5 2.4q2.5-2.6 5 0t5 0"
        fill="none"
        stroke="var(--enamel)"
        strokeWidth="1.5"
      />
    </g>
  );
}

/** A word or two for a task that has little room. */
function nameOf(plan: Plan, { task }: Kept): string {
  if (task.kind === 'build' || task.kind === 'temper') {
    const surface = plan.surfaces.find(({ id }) => id === task.surfaceId)?.name ?? '';
    return task.stage ? `${surface}, ${word(task.stage)}` : surface;
  }
  const food = task.foods[0] && shortName(planLarder(plan).get(task.foods[0])?.name ?? '');
  const several = task.kind === 'wash' || task.kind === 'open' || task.kind === 'fill-bowls' || !food;
  return several ? LOOKS[task.kind].words : food.toLowerCase();
}
