import type { StationRecord } from '../station.js';
import { t } from '../../words/index.js';

export const brief: StationRecord = {
  id: 'brief',
  name: t('Brief'),
  key: '1',
  help: t('who comes, where and when, on which surfaces, for how much'),
  view: () => import('./Brief.js').then((module) => ({ default: module.Brief })),
  findings: 'brief',
  ready: (plan) => (plan.party.length === 0 ? null : 1),
};
