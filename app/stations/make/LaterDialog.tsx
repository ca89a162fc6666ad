import { useEffect, useMemo, useState } from 'react';
import { textOf } from '../../../core/check/index.js';
import { packsText } from '../../../core/make/index.js';
import { nameOf } from '../../../core/portion/index.js';
import { formatMass, formatMoney, shortName } from '../../../core/measure/index.js';
import { agesMissing, guestsIn } from '../../../core/party/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { laterCommand, withCounts, type Later } from '../../../core/swap/index.js';
import { capital } from '../../../core/words/index.js';
import { nowMinute, useDay } from '../../store/day.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { useSpeech } from '../../store/useSpeech.js';
import { TextInput } from '../../ui/Fields.js';
import { Button } from '../../ui/kit/Button.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { PaperHeading } from '../../ui/kit/Heading.js';
import { NumberField } from '../../ui/kit/NumberField.js';
import { t } from '../../words/index.js';
import { ask, Cancelled } from '../../workers/kitchen.js';

const MOST_GUESTS = 400;
/** A number that is being typed is not asked about yet. */
const PAUSE_MS = 300;

/** What the numbers ask for, reckoned beside the page as they change. */
function useLater(
  plan: Plan,
  party: Plan['party'],
): { found: Later | undefined; problem: string | undefined } {
  const [found, setFound] = useState<Later>();
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    setFound(undefined);
    setProblem(undefined);
    if (party.length === 0 || isSame(party, plan.party)) return;
    let running: { cancel(): void } | undefined;
    const timer = setTimeout(() => {
      const job = ask('later', { plan, party });
      running = job;
      job.done
        .then(({ later }) => setFound(later))
        .catch((error: unknown) => {
          if (!(error instanceof Cancelled))
            setProblem(error instanceof Error ? error.message : String(error));
        });
    }, PAUSE_MS);
    return () => {
      clearTimeout(timer);
      running?.cancel();
    };
  }, [party, plan]);
  return { found, problem };
}

const isSame = (one: Plan['party'], other: Plan['party']): boolean =>
  JSON.stringify(one) === JSON.stringify(other);

const agesIn = (text: string): number[] => (text.match(/\d+/g) ?? []).map(Number).filter(isAge);

/** The party as the fields have it; the same object while nothing in them changes. */
function useParty(plan: Plan) {
  const [counts, setCounts] = useState<ReadonlyMap<string, number>>(
    () => new Map(plan.party.map(({ id, count }) => [id, count])),
  );
  const [ages, setAges] = useState<ReadonlyMap<string, string>>(new Map());
  const party = useMemo(
    () => withCounts(plan.party, counts, new Map([...ages].map(([id, text]) => [id, agesIn(text)]))),
    [plan.party, counts, ages],
  );
  return { counts, setCounts, ages, setAges, party };
}

/** More or fewer guests, after the board stands, after shopping too: what it takes, then one step. */
export function LaterDialog({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const { party, ...fields } = useParty(plan);
  const { found, problem } = useLater(plan, party);
  const changed = !isSame(party, plan.party);
  const take = async (later: Later): Promise<void> => {
    onClose();
    await takeOver(plan, later);
  };
  return (
    <PaperDialog
      open
      wide
      onClose={onClose}
      title={t('Another number of guests')}
      hint={t('What lies in the basket stays. Nothing changes before you take it.')}
    >
      <Counts plan={plan} {...fields} />
      {party.some((group) => agesMissing(group) > 0) && (
        <p className="m-0 bg-question px-1.5 py-0.5">
          {t('Until the age of a child is said, it counts as one of the smallest.')}
        </p>
      )}
      <div aria-live="polite">
        {!changed && <p>{t('{n} guests, as the plan stands.', { n: guestsIn(plan.party) })}</p>}
        {party.length === 0 && <p>{t('Somebody must come.')}</p>}
        {changed && party.length > 0 && !found && !problem && <p>{t('Counting anew …')}</p>}
        {problem && <p role="alert">{problem}</p>}
        {found && <Found plan={plan} later={found} guests={guestsIn(party)} />}
      </div>
      <div className="mt-3 flex gap-2">
        <Button disabled={!found} onClick={() => found && void take(found)}>
          {t('Take it over')}
        </Button>
        <Button look="quiet" onClick={onClose}>
          {t('Leave it')}
        </Button>
      </div>
    </PaperDialog>
  );
}

/** A count for each group, and the ages of children who join others whose ages are known. */
function Counts({
  plan,
  counts,
  setCounts,
  ages,
  setAges,
}: { plan: Plan } & Omit<ReturnType<typeof useParty>, 'party'>) {
  return (
    <>
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        {plan.party.map(({ id, name }) => (
          <NumberField
            key={id}
            label={name}
            value={counts.get(id) ?? 0}
            min={0}
            max={MOST_GUESTS}
            onChange={(count) => setCounts(new Map([...counts, [id, Math.round(count)]]))}
          />
        ))}
      </div>
      {plan.party
        .filter((group) => asksAges(group, counts.get(group.id) ?? 0))
        .map(({ id, name, count }) => (
          <TextInput
            key={id}
            label={t('{name}: ages of the {n} who come', { name, n: (counts.get(id) ?? 0) - count })}
            value={ages.get(id) ?? ''}
            onChange={(text) => setAges(new Map([...ages, [id, text]]))}
          />
        ))}
    </>
  );
}

const OLDEST_CHILD = 17;
const isAge = (n: number): boolean => n >= 0 && n <= OLDEST_CHILD;

/** Children whose ages are known are joined by others: how old they are decides what they may eat. */
const asksAges = ({ band, ages, count }: Plan['party'][number], now: number): boolean =>
  band === 'child' && ages.length === count && now > count;

/** One step of undo: the party, the board, how it lies and the day. */
async function takeOver(plan: Plan, later: Later): Promise<void> {
  const label = t('change the number of guests');
  const session = useSession.getState;
  session().edit(laterCommand(plan, later, label));
  const then = session().plan;
  if (then && plan.layout.length > 0) await useKitchen.getState().lay(then, label, plan);
  const now = session().plan;
  if (!now || now.id !== plan.id || now.day.tasks.length === 0) return;
  const minute = nowMinute(now);
  const begun = now.day.tasks.some(({ startMin }) => startMin < minute) && minute < 0;
  await (begun ? useDay.getState().goOn(now, { now: minute }) : useDay.getState().layOut(now, label));
}

const MOST_FOODS = 12;
const MOST_SLIPS = 3;

function Found({ plan, later, guests }: { plan: Plan; later: Later; guests: number }) {
  const speech = useSpeech();
  const money = (minor: number): string => formatMoney(Math.abs(minor), plan.currency);
  const more = later.costMinor.after - later.costMinor.before;
  return (
    <>
      <p>
        {later.how === 'scaled'
          ? t('For {n} guests: the same board, more or less of it.', { n: guests })
          : t('For {n} guests: chosen anew, as scaling alone would stop service.', { n: guests })}{' '}
        <b>
          {more === 0
            ? t('The same money.')
            : more > 0
              ? t('{money} more.', { money: money(more) })
              : t('{money} less.', { money: money(more) })}
        </b>
      </p>
      {later.boxes !== 0 && (
        <p className="m-0">
          {later.boxes > 0
            ? t('{n, plural, one {One box} other {# boxes}} more.', { n: later.boxes })
            : t('{n, plural, one {One box} other {# boxes}} fewer.', { n: -later.boxes })}
        </p>
      )}
      {later.brings.length > 0 && (
        <ul className="m-0 mb-2 list-none bg-question p-1.5">
          {later.brings.slice(0, MOST_SLIPS).map((slip) => (
            <li key={slip.key} className={slip.severity === 'blocker' ? 'font-bold' : ''}>
              {textOf(slip, speech)}
            </li>
          ))}
          {later.brings.length > MOST_SLIPS && (
            <li>{t('and {n} more slips, in Check', { n: later.brings.length - MOST_SLIPS })}</li>
          )}
        </ul>
      )}
      <div className="grid grid-cols-3 gap-x-6 max-md:grid-cols-1">
        <ToBuy later={later} />
        <Amounts plan={plan} title={t('To make')} foods={later.foods.filter(({ made }) => made)} />
        <Amounts plan={plan} title={t('On the boards')} foods={later.foods.filter(({ made }) => !made)} />
      </div>
    </>
  );
}

function ToBuy({ later }: { later: Later }) {
  const units = useSettings((settings) => settings.units);
  return (
    <section>
      <PaperHeading>{t('To buy')}</PaperHeading>
      {later.buy.length === 0 && <p className="m-0">{t('Nothing more.')}</p>}
      <ul className="m-0 list-none p-0 text-sm">
        {later.buy.map(({ line }) => (
          <li key={line.id}>
            {capital(line.name)}: <b className="whitespace-nowrap">{packsText(line)}</b>
            {line.basket && t(' beside what is in the basket')}
          </li>
        ))}
        {later.spared.map(({ line, lessG }) => (
          <li key={line.id} className="text-soft">
            {t('{name}: {mass} less', { name: capital(line.name), mass: formatMass(lessG, units) })}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Amounts({ plan, title, foods }: { plan: Plan; title: string; foods: Later['foods'] }) {
  const units = useSettings((settings) => settings.units);
  const mass = (grams: number): string => (grams > 0 ? formatMass(grams, units) : t('none'));
  return (
    <section>
      <PaperHeading>{title}</PaperHeading>
      {foods.length === 0 && <p className="m-0">{t('As it was.')}</p>}
      <ul className="m-0 list-none p-0 text-sm">
        {foods.slice(0, MOST_FOODS).map(({ id, beforeG, afterG }) => (
          <li key={id}>
            {t('{name}: {before} → {after}', {
              name: capital(shortName(nameOf(plan, id))),
              before: mass(beforeG),
              after: mass(afterG),
            })}
          </li>
        ))}
        {foods.length > MOST_FOODS && <li>{t('and {n} more', { n: foods.length - MOST_FOODS })}</li>}
      </ul>
    </section>
  );
}
