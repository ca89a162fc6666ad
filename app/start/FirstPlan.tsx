import { useEffect, useState } from 'react';
import { speakTime } from '../../core/measure/index.js';
import type { Plan } from '../../core/plan/index.js';
import { BoardImage } from '../plate/BoardImage.js';
import type { CardRow } from '../store/db.js';
import { readRow } from '../store/plans.js';
import { Motif } from '../ui/Motif.js';
import { Rim } from '../ui/rims.js';
import { t } from '../words/index.js';

/** The plan of a card, read from the store; undefined until it is there. */
function usePlan({ id, rev }: CardRow): Plan | undefined {
  const [plan, setPlan] = useState<Plan>();
  useEffect(() => {
    let over = false;
    const shown = (found: Plan | undefined) => !over && setPlan(found);
    void readRow(id).then(
      (row) => shown(row?.doc),
      () => shown(undefined),
    );
    return () => {
      over = true;
    };
  }, [id, rev]);
  return plan;
}

/** The largest board of the plan that was worked on last, on the plate. */
export function FirstBoard({ card }: { card: CardRow }) {
  const plan = usePlan(card);
  return plan?.surfaces[0] ? <BoardImage plan={plan} surface={plan.surfaces[0]} r={292} /> : null;
}

const MOST_GROUPS = 7;

/** When, and for whom. */
export function FirstParty({ card }: { card: CardRow }) {
  const plan = usePlan(card);
  if (!plan) return null;
  return (
    <>
      <Motif plan={plan} />
      <p className="text-base">
        {plan.occasion.host ? `${t('For {host},', { host: plan.occasion.host })} ` : ''}
        {speakTime(plan.occasion.start)}.
      </p>
      <div className="flex flex-wrap items-center gap-3.5">
        {plan.party.slice(0, MOST_GROUPS).map((group) => (
          <span key={group.id} className="flex flex-wrap items-center gap-1.25">
            <Rim group={group} /> <b>{group.count}</b>
            <span className="sr-only">{group.name}</span>
          </span>
        ))}
      </div>
    </>
  );
}
