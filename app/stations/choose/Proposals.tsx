import { Link } from 'react-router';
import { useShallow } from 'zustand/react/shallow';
import { useMemo } from 'react';
import { percentAtMost } from '../../../core/measure/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { provenFor, useKitchen } from '../../store/kitchen-jobs.js';
import { Button, buttonLook } from '../../ui/kit/Button.js';
import { t } from '../../words/index.js';

export type BoardPaper = 'glance' | 'others' | 'convert';

/** What the composer can do with this board: keep what lies there is the first choice, once something does. */
export function Proposals({ plan, onOpen }: { plan: Plan; onOpen: (paper: BoardPaper) => void }) {
  const { doing, compose } = useKitchen(
    useShallow((state) => ({ doing: state.doing, compose: state.compose })),
  );
  const busy = doing !== null || plan.party.length === 0;
  if (plan.placements.length === 0)
    return (
      <Button
        className="mt-0 mb-2 mx-0"

        disabled={busy}
        onClick={() => void compose(plan)}
      >
        {t('Compose a board')}
      </Button>
    );
  return (
    <div className="flex flex-wrap items-center gap-1.5 mt-0 mb-2 mx-0">
      <Button disabled={busy} onClick={() => void compose(plan, true)}>
        {t('Fill it up, keep the rest')}
      </Button>
      <Button look="quiet" size="small" disabled={busy} onClick={() => void compose(plan)}>
        {t('Compose it anew, keep pins')}
      </Button>
      <Button look="quiet" size="small" disabled={busy} onClick={() => onOpen('others')}>
        {t('Two others')}
      </Button>
      <Button look="quiet" size="small" onClick={() => onOpen('glance')}>
        {t('At a glance')}
      </Button>
      <Button look="quiet" size="small" onClick={() => onOpen('convert')}>
        {t('Turn the whole board')}
      </Button>
      <Link className={buttonLook({ look: 'quiet', size: 'small' })} to={`/plan/${plan.id}/menu`}>
        {t('The menu')}
      </Link>
      <Proof plan={plan} />
    </div>
  );
}

/** How good the board is that was composed, as long as it and its brief are as they were then. */
function Proof({ plan }: { plan: Plan }) {
  const proof = useKitchen((jobs) => jobs.proof);
  const whole = useMemo(() => proof !== null && proof.about === provenFor(plan), [proof, plan]);
  if (!proof || !whole) return null;
  return (
    <p className="text-soft m-0" role="status">
      {t('Proven: no board {kept} could be more than {percentAtMost} better.', {
        kept: proof.kept ? t('that keeps what lay there') : t('for this brief'),
        percentAtMost: percentAtMost(proof.gap),
      })}
    </p>
  );
}
