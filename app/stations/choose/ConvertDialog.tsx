import { useState } from 'react';
import type { ComponentId } from '../../../core/catalogue/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import {
  accepted,
  convertCommand,
  type Conversion,
  type ConvertedItem,
  type Target,
} from '../../../core/swap/index.js';
import { useRemedy } from '../../rail/useRemedy.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { Portrait } from '../../ui/Portrait.js';
import { Wants } from './ConvertWants.js';
import { acrossPlates, cellsInDisc } from './plates.js';
import { ask } from '../../workers/kitchen.js';
import { Button } from '../../ui/kit/Button.js';
import { Checkbox } from '../../ui/kit/Checkbox.js';
import { Collapsible } from '../../ui/kit/Collapsible.js';
import { Table } from '../../ui/kit/Table.js';
import { PaperHeading } from '../../ui/kit/Heading.js';
import { speak, speakArg } from '../../../core/words/index.js';
import { useSpeech } from '../../store/useSpeech.js';
import { t, word } from '../../words/index.js';

/** Make the whole board something else: one joint choice, shown item by item, taken whole or in part. */
/** The whole board turned, beside the page. */
function useConversion(plan: Plan) {
  const [found, setFound] = useState<Conversion>();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string>();
  const [refused, setRefused] = useState<ReadonlySet<ComponentId>>(new Set());
  const [locked, setLocked] = useState<ReadonlySet<ComponentId>>(new Set());
  const start = (target: Target): void => {
    setBusy(true);
    setProblem(undefined);
    ask('convert', { plan, target: { ...target, locked: [...locked] } })
      .done.then(({ conversion }) => {
        setFound(conversion);
        setRefused(new Set());
      })
      .catch((error: unknown) => setProblem(error instanceof Error ? error.message : String(error)))
      .finally(() => setBusy(false));
  };
  return {
    found,
    busy,
    problem,
    start,
    forget: () => setFound(undefined),
    refused,
    setRefused,
    locked,
    setLocked,
  };
}

const asksForSomething = ({ needs, budgetMinor, guests, occasion }: Target): boolean =>
  needs.length > 0 || budgetMinor !== undefined || guests !== undefined || occasion !== undefined;

export function ConvertDialog({
  plan,
  need,
  onClose,
}: {
  plan: Plan;
  /** A need that was asked for already. */
  need?: string;
  onClose: () => void;
}) {
  const [target, setTarget] = useState<Target>({ needs: need ? [{ id: need, settings: {} }] : [] });
  const { found, busy, problem, refused, locked, ...turning } = useConversion(plan);
  const run = useRemedy();
  const taken = found?.items.filter((item) => !refused.has(item.from)) ?? [];
  const take = (): void => {
    run(convertCommand(plan, target, taken));
    onClose();
  };
  const changes = taken.some((item) => item.kind !== 'stays') || target.guests || target.occasion;
  return (
    <PaperDialog
      open
      wide
      onClose={onClose}
      title={t('Turn the whole board')}
      hint={t(
        'Every food becomes something that fits, as one choice: the least is lost in all. Nothing changes before you take it.',
      )}
    >
      <Collapsible key={found ? 'found' : 'asked'} open={!found} title={t('What it shall become')}>
        <Wants plan={plan} target={target} onChange={(target) => (setTarget(target), turning.forget())} />
      </Collapsible>
      <Button
        disabled={!asksForSomething(target) || busy || plan.placements.length === 0}
        onClick={() => turning.start(target)}
      >
        {busy ? t('Turning it …') : found ? t('Turn it again') : t('Turn it')}
      </Button>
      {problem && <p role="alert">{problem}</p>}
      {found && (
        <>
          <Said found={found} />
          {found.status !== 'impossible' && (
            <Plates plan={plan} after={accepted(plan, taken)} items={taken} />
          )}
          <Items
            plan={plan}
            items={found.items}
            refused={refused}
            locked={locked}
            onRefuse={(id, on) => turning.setRefused(toggled(refused, id, on))}
            onLock={(id, on) => turning.setLocked(toggled(locked, id, on))}
          />
          <LabelsFirst open={found.open} />
          <TakeIt found={found} off={!changes} some={refused.size > 0} onTake={take} />
        </>
      )}
    </PaperDialog>
  );
}

function toggled(set: ReadonlySet<ComponentId>, id: ComponentId, on: boolean): ReadonlySet<ComponentId> {
  const next = new Set(set);
  if (on) next.add(id);
  else next.delete(id);
  return next;
}

function Said({ found }: { found: Conversion }) {
  const speech = useSpeech();
  return (
    <p role="status">
      <b>{found.said.map((said) => speak(said, speech)).join(' ')}</b>
    </p>
  );
}

function TakeIt({
  found,
  off,
  some,
  onTake,
}: {
  found: Conversion;
  off: boolean;
  /** Of what is offered a part is refused. */
  some: boolean;
  onTake: () => void;
}) {
  if (found.status === 'impossible') return null;
  return (
    <Button disabled={off} onClick={onTake}>
      {some ? t('Take what is ticked') : t('Take it all')}
    </Button>
  );
}

/** The two plates side by side, every food in the same place as what it becomes. */
function Plates({ plan, after, items }: { plan: Plan; after: Plan; items: readonly ConvertedItem[] }) {
  const places = acrossPlates(plan, after, items);
  const fresh = new Set(places.filter((place) => place.then !== place.now).map((place) => place.then));
  return (
    <div className="my-2.5 grid grid-cols-2 gap-4">
      <PlateOf title={t('Now')} plan={plan} foods={places.map((place) => place.now)} />
      <PlateOf title={t('Then')} plan={after} foods={places.map((place) => place.then)} fresh={fresh} />
    </div>
  );
}

const percent = (share: number): string => `${share * 100}%`;

function PlateOf({
  title,
  plan,
  foods,
  fresh,
}: {
  title: string;
  plan: Plan;
  foods: readonly (ComponentId | null)[];
  fresh?: ReadonlySet<ComponentId | null>;
}) {
  const larder = planLarder(plan);
  const kinds = foods.filter((id) => id !== null).length;
  const cells = cellsInDisc(foods.length);
  return (
    <figure className="m-0 text-center">
      <div
        className="relative mx-auto aspect-square max-w-82 rounded-full border-6 border-enamel bg-china"
        role="img"
        aria-label={t('{title}: {kinds} kinds', { title, kinds })}
      >
        {foods.map((id, i) => {
          const component = id && larder.get(id);
          if (!component) return null;
          const { x, y, side } = cells[i]!;
          return (
            <Portrait
              key={i}
              food={component}
              title={component.name}
              style={{
                left: percent(x - side / 2),
                top: percent(y - side / 2),
                width: percent(side),
                height: percent(side),
              }}
              className={`absolute rounded-full border-2 ${fresh?.has(id) ? 'border-beet' : 'border-transparent'}`}
            />
          );
        })}
      </div>
      <figcaption>{t('{title}, {kinds} kinds', { title, kinds })}</figcaption>
    </figure>
  );
}

const KIND_WORDS: Record<ConvertedItem['kind'], string> = {
  stays: t('stays'),
  component: t('becomes'),
  form: t('is served as'),
  'home-made': t('is made as'),
  split: t('gets a twin'),
  apart: t('goes on a board apart'),
  added: t('is added'),
  'leave-out': t('is left out'),
};

function Items({
  plan,
  items,
  refused,
  locked,
  onRefuse,
  onLock,
}: {
  plan: Plan;
  items: readonly ConvertedItem[];
  refused: ReadonlySet<ComponentId>;
  locked: ReadonlySet<ComponentId>;
  onRefuse: (id: ComponentId, on: boolean) => void;
  onLock: (id: ComponentId, on: boolean) => void;
}) {
  const larder = planLarder(plan);
  const changed = items.filter((item) => item.kind !== 'stays');
  if (changed.length === 0) return null;
  return (
    <Table className="mt-2.5">
      <tbody>
        {changed.map((item) => {
          const name = larder.get(item.from)?.name ?? item.from;
          return (
            <tr key={`${item.kind} ${item.from}`}>
              <td>
                <Checkbox
                  name={t('Take the change of {name}', { name })}
                  on={!refused.has(item.from)}
                  onChange={(on) => onRefuse(item.from, !on)}
                />
              </td>
              <InWords item={item} name={name} />
              <td>
                <Button
                  look="link"
                  className="whitespace-nowrap"
                  aria-pressed={locked.has(item.from)}
                  aria-label={t('Hold {name}', { name })}
                  onClick={() => onLock(item.from, !locked.has(item.from))}
                >
                  {locked.has(item.from) ? t('held') : t('hold it')}
                </Button>
              </td>
            </tr>
          );
        })}
      </tbody>
    </Table>
  );
}

/** What becomes of a food, how alike it is, and why. */
function InWords({ item, name }: { item: ConvertedItem; name: string }) {
  const speech = useSpeech();
  return (
    <>
      <th scope="row">
        {name} {KIND_WORDS[item.kind]}{' '}
        {item.kind === 'apart' || item.kind === 'leave-out' || item.kind === 'added' ? (
          ''
        ) : (
          <b>{item.name}</b>
        )}
      </th>
      <td>
        {t('{likeness} of 100 alike', { likeness: Math.round(item.likeness * 100) })}
        {item.reasons.length > 0 && (
          <>
            ;{' '}
            {item.reasons
              .slice(0, 2)
              .map((reason) => speakArg(reason, speech))
              .join('; ')}
          </>
        )}
        {item.changes.length > 0 && (
          <span className="text-soft">
            {t('; changes {changes}', { changes: item.changes.slice(0, 3).map(word).join(', ') })}
          </span>
        )}
      </td>
    </>
  );
}

function LabelsFirst({ open }: Pick<Conversion, 'open'>) {
  const speech = useSpeech();
  return (
    open.length > 0 && (
      <>
        <PaperHeading>{t('Labels to read first')}</PaperHeading>
        <ul className="m-0 list-none p-0">
          {open.map((o) => (
            <li key={speak(o, speech)}>{speak(o, speech)}</li>
          ))}
        </ul>
      </>
    )
  );
}
