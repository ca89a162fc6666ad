import { useState, type ReactNode } from 'react';
import {
  asideOf,
  dayOf,
  formAsideOf,
  hourOf,
  moneyOf,
  purposeOf,
  unclearDayOf,
} from '../../../core/party/index.js';
import { clockOf, formatMoney, speakTime } from '../../../core/measure/index.js';
import { isFoodWord, NEED_WORDS } from '../../../core/needs/index.js';
import type { Plan, SingleCommand } from '../../../core/plan/index.js';
import { roleFor, UNSAID_HOUR, USUAL_HOUR } from '../../../core/portion/index.js';
import { localNow } from '../../store/clock.js';
import { Checkbox } from '../../ui/kit/Checkbox.js';
import { t } from '../../words/index.js';
import { KIND_WORDS } from '../words.js';

/** As much as the brief's sentence takes. */
const MOST_MINOR = 100_000_000;

/** When they come, as the lines say it, or as is usual for what the board is now for while nobody has said an hour. */
function startFor(
  text: string,
  purpose: Plan['occasion']['kind'] | undefined,
  start: string,
): string | undefined {
  const isUnsaid = clockOf(start) === UNSAID_HOUR && purpose !== undefined && purpose !== 'none';
  const hour = hourOf(text) ?? (isUnsaid ? USUAL_HOUR[purpose] : undefined) ?? clockOf(start);
  const said = `${dayOf(text, localNow().slice(0, 10)) ?? start.slice(0, 10)}T${hour}`;
  return said === start ? undefined : said;
}

/** What the lines say the board is for and when, where that is new: taken where it is ticked; what it is for, as long as the brief says nothing. */
export function useOccasion(
  text: string,
  { occasion: { kind, role, start } }: Plan,
): { commands: SingleCommand[]; offer: ReactNode } {
  const said = purposeOf(text);
  const purpose = said === kind ? undefined : said;
  const [forThat, setForThat] = useState<boolean>();
  const [then, setThen] = useState(true);
  const isForThat = purpose !== undefined && (forThat ?? kind === 'none');
  const begins = startFor(text, isForThat ? purpose : undefined, start);
  const patch = {
    ...(isForThat ? { kind: purpose, role: roleFor(role, purpose) } : {}),
    ...(begins !== undefined && then ? { start: begins } : {}),
  };
  return {
    commands: Object.keys(patch).length > 0 ? [{ name: 'set-occasion', patch }] : [],
    offer: (
      <>
        {purpose !== undefined && (
          <Checkbox
            label={t('The board is for {purpose}: set that too', { purpose: KIND_WORDS[purpose] })}
            on={isForThat}
            onChange={setForThat}
          />
        )}
        {begins !== undefined && (
          <Checkbox
            label={t('It begins on {when}: set that too', {
              when: speakTime(begins, { year: false }),
            })}
            on={then}
            onChange={setThen}
          />
        )}
      </>
    ),
  };
}

/** What the lines say may be spent, where that is new: taken where it is ticked. */
export function useMoney(
  text: string,
  { budgetMinor, currency }: Plan,
  guests: number,
): { commands: SingleCommand[]; offer: ReactNode } {
  const [most, setMost] = useState(true);
  const said = moneyOf(text);
  const minor = said && Math.round(100 * said.amount * (said.each ? guests : 1));
  const inCurrency = said?.currency ?? currency;
  const isNew =
    minor !== undefined &&
    minor > 0 &&
    minor <= MOST_MINOR &&
    (minor !== budgetMinor || inCurrency !== currency);
  if (!isNew) return { commands: [], offer: null };
  const commands: SingleCommand[] = [
    ...(inCurrency === currency ? [] : [{ name: 'set-currency' as const, currency: inCurrency }]),
    { name: 'set-budget', budgetMinor: minor },
  ];
  return {
    commands: most ? commands : [],
    offer: (
      <Checkbox
        label={t('It may cost {money} in all: set that too', { money: formatMoney(minor, inCurrency) })}
        on={most}
        onChange={setMost}
      />
    ),
  };
}

/** What is about nobody who comes, and the day that nobody can date, so that none thinks that it was understood. */
export function SetAside({ text }: { text: string }) {
  const aside = [...formAsideOf(text, { words: NEED_WORDS, isFood: isFoodWord }), ...asideOf(text)];
  const day = unclearDayOf(text, localNow().slice(0, 10));
  const said = [
    ...(aside.length > 0
      ? [
          t('Says nothing of who comes, and is left aside: {phrases}', {
            phrases: aside.map((phrase) => `“${phrase}”`).join(', '),
          }),
        ]
      : []),
    ...(day === undefined ? [] : [t('Which day “{day}” is cannot be told: set it in the brief.', { day })]),
  ];
  return said.map((line) => (
    <p key={line} className="text-soft mt-1.5 mb-0">
      {line}
    </p>
  ));
}
