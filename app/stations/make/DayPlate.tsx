import { taskSaid, type KeptDay } from '../../../core/make/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { speak } from '../../../core/words/index.js';
import { ArcText, China, onCircle, sectorPath } from '../../plate/China.js';
import { nowMinute, useDay } from '../../store/day.js';
import { useSpeech } from '../../store/useSpeech.js';
import { t } from '../../words/index.js';
import { dialOf, type Dial, type Groove } from './dial.js';
import { clockAt } from './useMake.js';
import { Work } from './Work.js';

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
        return (
          <g key={minute}>
            <line x1={x0} y1={y0} x2={x1} y2={y1} stroke="var(--ink)" strokeWidth="2" />
            <ArcText
              id={`hour-${minute}`}
              r={319}
              at={dial.angle(minute)}
              size={14}
              weight={800}
              fill="var(--on-cloth)"
            >
              {clockAt(plan, minute)}
            </ArcText>
          </g>
        );
      })}
      {dial.before.map(({ minute, at }) => (
        <ArcText key={minute} id={`before-${minute}`} r={86} at={at} size={11} weight={700}>
          {clockAt(plan, minute)}
        </ArcText>
      ))}
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
