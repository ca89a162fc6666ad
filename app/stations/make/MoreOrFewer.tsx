import { useState } from 'react';
import type { Plan } from '../../../core/plan/index.js';
import { Button } from '../../ui/kit/Button.js';
import { t } from '../../words/index.js';
import { LaterDialog } from './LaterDialog.js';

/** The way to another number of guests, where somebody comes and something lies. */
export function MoreOrFewer({ plan }: { plan: Plan }) {
  const [asking, setAsking] = useState(false);
  if (plan.party.length === 0 || plan.placements.length === 0) return null;
  return (
    <>
      <Button look="quiet" size="small" className="mt-1.5" onClick={() => setAsking(true)}>
        {t('More or fewer guests')}
      </Button>
      {asking && <LaterDialog plan={plan} onClose={() => setAsking(false)} />}
    </>
  );
}
