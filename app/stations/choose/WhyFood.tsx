import { useState } from 'react';
import type { Component } from '../../../core/catalogue/index.js';
import type { Why } from '../../../core/compose/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { ask } from '../../workers/kitchen.js';
import { Button } from '../../ui/kit/Button.js';
import { speak } from '../../../core/words/index.js';
import { useSpeech } from '../../store/useSpeech.js';
import { t } from '../../words/index.js';

/** What would be lost without a food, or with it; worked out anew when it is asked. */
export function WhyFood({ plan, component }: { plan: Plan; component: Component }) {
  const [why, setWhy] = useState<Why>();
  const speech = useSpeech();
  const [busy, setBusy] = useState(false);
  const there = plan.placements.some((placement) => placement.componentId === component.id);
  const start = (): void => {
    setBusy(true);
    ask('why', { plan, componentId: component.id })
      .done.then((a) => setWhy(a.why))
      .catch(() => undefined)
      .finally(() => setBusy(false));
  };
  if (!why)
    return (
      <Button look="quiet" size="small" disabled={busy} onClick={start}>
        {busy ? t('Trying it …') : there ? t('Why this?') : t('Why not this?')}
      </Button>
    );
  return (
    <p className="my-2 border-l-3 border-yolk px-2.5 py-1" role="status" aria-label={t('Why this?')}>
      {why.said.map((said) => speak(said, speech)).join(' ')}
      {why.better.length > 0 && (
        <span className="text-soft">
          {' '}
          {t('It would gain: {better}.', {
            better: why.better
              .slice(0, 3)
              .map((said) => speak(said, speech))
              .join(', '),
          })}
        </span>
      )}
    </p>
  );
}
