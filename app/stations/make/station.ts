import { shopFor } from '../../../core/make/index.js';
import type { StationRecord } from '../station.js';
import { t } from '../../words/index.js';

export const make: StationRecord = {
  id: 'make',
  name: t('Make'),
  key: '6',
  help: t('what is bought, who does what when, what is packed'),
  view: () => import('./Make.js').then((module) => ({ default: module.Make })),
  findings: 'make',
  ready(plan) {
    if (plan.day.tasks.length === 0) return null;
    const wares = shopFor([plan]).lines.length;
    const done = plan.day.tasks.filter(({ doneMin }) => doneMin !== null).length + plan.day.bought.length;
    return Math.min(1, done / Math.max(1, wares + plan.day.tasks.length));
  },
};
