import { useEffect, useMemo, useState } from 'react';
import type { ComponentId } from '../../../core/catalogue/index.js';
import type { OtherBoard } from '../../../core/compose/index.js';
import { formatMoney, shortName } from '../../../core/measure/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { shopFor } from '../../../core/make/index.js';
import { BoardThumb } from '../../plate/BoardThumb.js';
import { useRemedy } from '../../rail/useRemedy.js';
import { Button } from '../../ui/kit/Button.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { Portrait } from '../../ui/Portrait.js';
import { ask } from '../../workers/kitchen.js';
import { t } from '../../words/index.js';

const THUMB_PX = 270;

/** This board and two that are nearly as good and clearly different, drawn beside each other. */
export function OthersDialog({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const [others, setOthers] = useState<OtherBoard[]>();
  const [problem, setProblem] = useState<string>();
  const [asked] = useState(plan);
  const run = useRemedy();
  useEffect(() => {
    const job = ask('others', { plan: asked });
    let gone = false;
    job.done.then(
      (a) => !gone && setOthers(a.others),
      (error: unknown) => !gone && setProblem(error instanceof Error ? error.message : String(error)),
    );
    return () => {
      gone = true;
      job.cancel();
    };
  }, [asked]);
  const take = (board: OtherBoard): void => {
    run({
      name: 'together',
      label: t('take another board'),
      commands: [{ name: 'set-board', placements: board.plan.placements }],
    });
    onClose();
  };
  return (
    <PaperDialog
      open
      full
      onClose={onClose}
      title={t('Two others')}
      hint={t('Nearly as good, and clearly different. Pins stay.')}
    >
      {problem && <p role="alert">{problem}</p>}
      {others?.length === 0 && <p>{t('The larder gives no other board for this party.')}</p>}
      <div className="mt-2 grid grid-cols-3 gap-4 max-md:grid-cols-1">
        <section aria-label={t('As it is')}>
          <BoardThumb plan={asked} label={t('The board as it is')} size={THUMB_PX} />
          <h3 className="m-0 font-display text-lg font-extrabold">{t('As it is')}</h3>
          <p className="m-0">
            {t('{money} in packs', { money: formatMoney(listMinor(asked), plan.currency) })}
          </p>
        </section>
        {!others && !problem && (
          <p role="status" className="col-span-2 self-center text-lg">
            {t('Looking for two others …')}
          </p>
        )}
        {others?.map((board, i) => (
          <Other key={i} plan={asked} other={board} number={i + 2} onTake={() => take(board)} />
        ))}
      </div>
    </PaperDialog>
  );
}

const listMinor = (plan: Plan): number => shopFor([plan]).costMinor;

function Other({
  plan,
  other,
  number,
  onTake,
}: {
  plan: Plan;
  other: OtherBoard;
  number: number;
  onTake: () => void;
}) {
  const more = listMinor(other.plan) - listMinor(plan);
  // what lies there now says nothing of how the other one lies
  const drawn = useMemo(() => ({ ...other.plan, layout: [] }), [other]);
  return (
    <section aria-label={t('Board {number}', { number })}>
      <BoardThumb plan={drawn} label={t('Board {number}', { number })} size={THUMB_PX} />
      <h3 className="m-0 font-display text-lg font-extrabold">{t('Board {number}', { number })}</h3>
      <p className="m-0">
        {more === 0
          ? t('the same money')
          : more > 0
            ? t('{money} more', { money: formatMoney(Math.abs(more), plan.currency) })
            : t('{money} less', { money: formatMoney(Math.abs(more), plan.currency) })}
      </p>
      <Foods words={t('Comes')} ids={other.came} plan={other.plan} />
      <Foods words={t('Goes')} ids={other.went} plan={plan} />
      <Button className="mt-2" onClick={onTake} aria-label={t('Take it: board {number}', { number })}>
        {t('Take it')}
      </Button>
    </section>
  );
}

function Foods({ words, ids, plan }: { words: string; ids: readonly ComponentId[]; plan: Plan }) {
  const foods = ids.flatMap((id) => planLarder(plan).get(id) ?? []);
  return (
    <p className="my-1 text-sm/[1.15]">
      <b>{words}:</b>{' '}
      {foods.map((component) => (
        <Portrait
          key={component.id}
          food={component}

          width="24"
          height="24"
          className="inline-block"
        />
      ))}{' '}
      {foods.map((component) => shortName(component.name)).join(', ') || t('nothing')}.
    </p>
  );
}
