import { useMemo } from 'react';
import { percentAtMost } from '../../../core/measure/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { provenFor, useKitchen } from '../../store/kitchen-jobs.js';

export type BoardPaper = 'glance' | 'others' | 'convert';

/** What the composer can do with this board: keep what lies there is the first choice, once something does. */
export function Proposals({ plan, onOpen }: { plan: Plan; onOpen: (paper: BoardPaper) => void }) {
  const { doing, compose } = useKitchen();
  const busy = doing !== null || plan.party.length === 0;
  if (plan.placements.length === 0)
    return (
      <button
        className="button"
        style={{ margin: '0 0 8px' }}
        disabled={busy}
        onClick={() => void compose(plan)}
      >
        Compose a board
      </button>
    );
  return (
    <div className="row" style={{ gap: 6, margin: '0 0 8px' }}>
      <button className="button" disabled={busy} onClick={() => void compose(plan, true)}>
        Fill it up, keep the rest
      </button>
      <button className="button quiet small" disabled={busy} onClick={() => void compose(plan)}>
        Compose it anew, keep pins
      </button>
      <button className="button quiet small" disabled={busy} onClick={() => onOpen('others')}>
        Two others
      </button>
      <button className="button quiet small" onClick={() => onOpen('glance')}>
        At a glance
      </button>
      <button className="button quiet small" onClick={() => onOpen('convert')}>
        Turn the whole board
      </button>
      <Proof plan={plan} />
    </div>
  );
}

/** How good the board is that was composed, as long as it and its brief are as they were then. */
function Proof({ plan }: { plan: Plan }) {
  const proof = useKitchen((s) => s.proof);
  const whole = useMemo(() => proof !== null && proof.about === provenFor(plan), [proof, plan]);
  if (!proof || !whole) return null;
  return (
    <p className="soft" role="status" style={{ margin: 0 }}>
      Proven: no board {proof.kept ? 'that keeps what lay there' : 'for this brief'} could be more than{' '}
      {percentAtMost(proof.gap)} better.
    </p>
  );
}
