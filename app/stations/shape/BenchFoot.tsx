import { formatMass, formatMoney } from '../../../core/measure/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { perGram } from '../../../core/portion/index.js';
import { pieceCost, tasksOfCut } from '../../../core/shape/index.js';
import { useSettings } from '../../store/settings.js';
import { t } from '../../words/index.js';
import type { Bench } from './useOnBench.js';

/** What cutting out yields, weighs, costs and takes. */
export function BenchFoot({ plan, bench }: { plan: Plan; bench: Bench }) {
  const units = useSettings((settings) => settings.units);
  const { figures, need, shown, component } = bench;
  if (figures.perSlice === 0 || !need) return <span>{t('Nothing is pressed yet.')}</span>;
  const tasks = tasksOfCut(shown, need);
  const hands = tasks.reduce((sum, { handsMin }) => sum + handsMin, 0);
  const all = tasks.reduce((sum, { handsMin, waitMin }) => sum + handsMin + waitMin, 0);
  const cost = pieceCost(need, shown.offcuts, perGram(component));
  return (
    <>
      <span>
        <b>{Math.round(figures.yield * 100)} %</b> {t('of a slice')}
      </span>
      <span>
        <b>{formatMass(figures.pieceG, units)}</b> {t('each')}
      </span>
      {cost > 0 && (
        <span>
          <b>{formatMoney(Math.round(cost), plan.currency)}</b> {t('a piece')}
        </span>
      )}
      <span>
        <b>{t('{minutes, number} min', { minutes: Math.round(all) })}</b>
        {t(', {minutes, number} by hand', { minutes: Math.round(hands) })}
      </span>
    </>
  );
}
