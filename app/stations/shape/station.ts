import { t } from '../../words/index.js';
import { useBench } from '../../store/bench.js';
import type { StationRecord } from '../station.js';

export const shape: StationRecord = {
  id: 'shape',
  name: t('Shape'),
  key: '4',
  help: t('what is cut out, how many it gives, what is left'),
  view: () => import('./Shape.js').then((module) => ({ default: module.Shape })),
  findings: 'shape',
  ready(plan) {
    const laid = plan.cuts.filter((cut) =>
      plan.placements.some(({ componentId, form }) => componentId === cut.componentId && form === 'cut-outs'),
    );
    return plan.cuts.length === 0 ? null : laid.length / plan.cuts.length;
  },
  commands: () => [
    {
      id: 'enough',
      words: t('Press it so'),
      also: ['stop nesting', 'enough'],
      run: () => useBench.getState().stop(),
    },
  ],
};
