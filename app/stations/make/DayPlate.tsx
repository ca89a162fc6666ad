import { useRef, useState } from 'react';
import type { Component } from '../../../core/catalogue/index.js';
import { taskSaid, type Kept, type KeptDay } from '../../../core/make/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { speak } from '../../../core/words/index.js';
import { ArcText, China, onCircle, sectorPath } from '../../plate/China.js';
import { useDay } from '../../store/day.js';
import { useSession } from '../../store/session.js';
import { useSpeech } from '../../store/useSpeech.js';
import { portraitUrl } from '../../ui/pictures.js';
import { t, word } from '../../words/index.js';
import { dialOf, type Dial, type Groove } from './dial.js';
import { LOOKS } from './look.js';
import { clockAt, nowMinute, useMake } from './useMake.js';

/** The day as a dial: it opens at the top, hours go round to it, a groove for each pair of hands; the days before lie inside. */
export function DayPlate({ plan, day }: { plan: Plan; day: KeptDay }) {
  const busy = useDay((state) => state.busy);
  const dial = dialOf(plan, day);
  return (
    <China label={t('The day, opening at the top')}>
      {day.kept.length > 0 && <Hours plan={plan} dial={dial} />}
      {dial.grooves.map((groove) => (
        <GrooveRing key={`${groove.hand} ${groove.before}`} groove={groove} />
      ))}
      {dial.grooves.flatMap((groove) =>
        groove.items.map((item) => (
          <Work key={item.task.id} plan={plan} item={item} groove={groove} dial={dial} />
        )),
      )}
      <Now plan={plan} dial={dial} />
      <Middle plan={plan} day={day} busy={busy} />
    </China>
  );
}

function Hours({ plan, dial }: { plan: Plan; dial: Dial }) {
  return (
    <g aria-hidden>
      {dial.ticks.map((minute) => {
        const [x0, y0] = onCircle(305, dial.angle(minute));
        const [x1, y1] = onCircle(298, dial.angle(minute));
        const [x, y] = onCircle(322, dial.angle(minute));
        const anchor = Math.abs(x) < 40 ? 'middle' : x > 0 ? 'start' : 'end';
        return (
          <g key={minute}>
            <line x1={x0} y1={y0} x2={x1} y2={y1} stroke="var(--ink)" strokeWidth="2" />
            <text
              x={x}
              y={y + (y > 200 ? 12 : 5)}
              textAnchor={anchor}
              fontSize="15"
              fontWeight="800"
              fill="var(--on-cloth)"
            >
              {clockAt(plan, minute)}
            </text>
          </g>
        );
      })}
      <g transform="translate(0,-326)">
        <rect x="-44" y="-17" width="88" height="32" fill="var(--beet)" />
        <text textAnchor="middle" y="6" fontSize="19" fontWeight="900" fill="white" className="font-display">
          {clockAt(plan, 0)}
        </text>
      </g>
    </g>
  );
}

function GrooveRing({ groove }: { groove: Groove }) {
  return (
    <g aria-hidden>
      <path d={sectorPath(groove.r0, groove.r1, groove.from, groove.till)} fill="var(--well)" opacity=".75" />
      <ArcText
        id={`hand-${groove.hand}-${groove.before ? 'b' : 'd'}`}
        r={groove.r0 + (groove.r1 - groove.r0) / 2 - 5}
        at={groove.nameAt}
        size={13}
      >
        {groove.name}
      </ArcText>
    </g>
  );
}

const NUDGE_MIN = 5;
const LETTER = 6.6;
const LEAST_LETTERS = 7;
/** The side of a portrait in a groove. */
const PICTURE = 26;

/** One task in its groove: pressed for its card, pulled along to another time, moved by arrows. */
function Work({ plan, item, groove, dial }: { plan: Plan; item: Kept; groove: Groove; dial: Dial }) {
  const speech = useSpeech();
  const edit = useSession((session) => session.edit);
  const picked = useMake((state) => state.picked) === item.task.id;
  const [drag, setDrag] = useState<number | null>(null);
  const grabbed = useRef<readonly [number, number]>([0, 0]);
  const { task, placed, work } = item;
  const start = drag ?? placed.start;
  const [a0, a1] = [groove.angle(start), groove.angle(start + task.handsMin)];
  const waits = groove.angle(start + task.handsMin + task.waitMin);
  const move = (startMin: number, hand = placed.hand): void =>
    edit({ name: 'move-work', task: task.id, hand, startMin });
  const hands = dial.hands;
  const beside = (by: number): string =>
    hands[(hands.indexOf(placed.hand) + by + hands.length) % hands.length]!;
  const middle = (groove.r0 + groove.r1) / 2;
  const long = (((a1 - a0) * Math.PI) / 180) * middle;
  const food = task.foods[0] && planLarder(plan).get(task.foods[0]);
  const pictured = food !== undefined && long >= PICTURE && task.kind !== 'drive';
  const letters = Math.floor((long - (pictured ? PICTURE : 0) - 6) / LETTER);
  const name = nameOf(plan, item);
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
      onKeyDown={(event) => {
        const by = { ArrowLeft: -NUDGE_MIN, ArrowRight: NUDGE_MIN }[event.key];
        const other = { ArrowUp: -1, ArrowDown: 1 }[event.key];
        if (event.key === 'Enter' || event.key === ' ') useMake.setState({ picked: task.id });
        else if (by !== undefined) move(placed.start + by);
        else if (other !== undefined && hands.length > 1) move(placed.start, beside(other));
        else return;
        event.preventDefault();
        event.stopPropagation();
      }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        grabbed.current = pointOf(event);
        setDrag(placed.start);
      }}
      onPointerMove={(event) => {
        if (drag === null) return;
        const at = pointOf(event);
        setDrag(drag + groove.minutesOf(turn(grabbed.current, at)));
        grabbed.current = at;
      }}
      onPointerUp={() => {
        const to = drag === null ? placed.start : Math.round(drag);
        setDrag(null);
        if (Math.abs(to - placed.start) >= 2) move(to);
        else useMake.setState({ picked: task.id });
      }}
      onPointerCancel={() => setDrag(null)}
    >
      {task.waitMin > 0 && (
        <path
          d={sectorPath(groove.r0 + 3, groove.r1 - 3, a1, Math.min(waits, groove.till))}
          fill={LOOKS[task.kind].fill}
          opacity=".35"
          strokeDasharray="2 3"
          stroke="var(--line)"
        />
      )}
      <path
        d={sectorPath(groove.r0, groove.r1, a0, Math.max(a1, a0 + 0.6))}
        fill={LOOKS[task.kind].fill}
        stroke={picked ? 'var(--beet)' : work.pinned ? 'var(--ink)' : 'var(--line)'}
        strokeWidth={picked ? 3 : work.pinned ? 2 : 0.8}
      />
      {placed.clean && <CleanMark at={groove.angle(start) - 1.2} r={middle} />}
      {pictured && (
        <Portrait
          food={food}
          form={task.form}
          at={
            letters >= LEAST_LETTERS
              ? a0 + (groove.angle(1) - groove.angle(0)) + (PICTURE / 2 / middle) * 40
              : (a0 + a1) / 2
          }
          r={middle}
        />
      )}
      {(letters >= LEAST_LETTERS || (!pictured && letters >= name.length)) && (
        <ArcText
          id={`work-${task.id}`}
          r={middle - 4}
          at={(a0 + a1) / 2 + (pictured ? ((PICTURE / 2 / middle) * 180) / Math.PI : 0)}
          size={13}
          weight={600}
        >
          {name.length > letters ? `${name.slice(0, letters - 1)}…` : name}
        </ArcText>
      )}
    </g>
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
    <image
      href={portraitUrl(
        food,
        food.forms.find((fact) => fact.form === form),
      )}
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

interface At {
  clientX: number;
  clientY: number;
  currentTarget: Element;
}

/** A point of the screen on the plate. */
function pointOf({ clientX, clientY, currentTarget }: At): [number, number] {
  const matrix = (currentTarget as SVGGraphicsElement).ownerSVGElement!.getScreenCTM()!.inverse();
  const point = new DOMPoint(clientX, clientY).matrixTransform(matrix);
  return [point.x, point.y];
}

/** Degrees clockwise from one point to the other, about the middle. */
function turn(a: readonly [number, number], b: readonly [number, number]): number {
  const angle = (p: readonly [number, number]) => (Math.atan2(p[1], p[0]) * 180) / Math.PI;
  return ((angle(b) - angle(a) + 540) % 360) - 180;
}

/** A word or two for a task that has little room. */
function nameOf(plan: Plan, { task }: Kept): string {
  if (task.kind === 'build' || task.kind === 'temper') {
    const surface = plan.surfaces.find(({ id }) => id === task.surfaceId)?.name ?? '';
    return task.stage ? `${surface}, ${word(task.stage)}` : surface;
  }
  const food = task.foods[0] && planLarder(plan).get(task.foods[0])?.name.split(',')[0];
  const named = task.kind === 'wash' || task.kind === 'open' || task.kind === 'fill-bowls' || !food;
  return named ? LOOKS[task.kind].words : food.toLowerCase();
}

function Now({ plan, dial }: { plan: Plan; dial: Dial }) {
  const now = nowMinute(plan);
  if (now < -dial.span || now > 0) return null;
  const [x0, y0] = onCircle(100, dial.angle(now));
  const [x1, y1] = onCircle(304, dial.angle(now));
  return <line x1={x0} y1={y0} x2={x1} y2={y1} stroke="var(--beet)" strokeWidth="3" aria-label={t('now')} />;
}

/** What comes next, in the middle. */
function Middle({ plan, day, busy }: { plan: Plan; day: KeptDay; busy: boolean }) {
  const speech = useSpeech();
  const next = day.kept.find(({ work }) => work.doneMin === null);
  const lines = next ? wrapped(speak(taskSaid(plan, next.task), speech)) : [];
  const says = busy
    ? [t('Laying out the day')]
    : plan.placements.length === 0
      ? [t('Choose something first.')]
      : next
        ? lines
        : [day.kept.length > 0 ? t('All is done.') : t('No day is laid out.')];
  return (
    <g aria-live="polite">
      <circle r="84" fill="var(--china)" stroke="var(--enamel)" strokeWidth="2.5" />
      {!busy && next && (
        <text textAnchor="middle" y={-14 - says.length * 10} fontSize="14" fill="var(--soft)">
          {t('{time}, {who}', {
            time: clockAt(plan, next.placed.start),
            who: day.hands.find(({ id }) => id === next.placed.hand)?.name ?? '',
          })}
        </text>
      )}
      {says.map((line, i) => (
        <text
          key={i}
          textAnchor="middle"
          y={8 + (i - (says.length - 1) / 2) * 20}
          fontSize="17"
          fontWeight="800"
          className="font-display"
          fill="var(--ink)"
        >
          {line}
        </text>
      ))}
    </g>
  );
}

const [LINE_LETTERS, MOST_LINES] = [17, 4];

/** Words in short lines. */
function wrapped(text: string): string[] {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + word.length < LINE_LETTERS)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines.length > MOST_LINES
    ? [...lines.slice(0, MOST_LINES - 1), `${lines[MOST_LINES - 1]!}…`]
    : lines;
}
