import type { StationRecord } from '../station.js';
import { t } from '../../words/index.js';

export const check: StationRecord = {
  id: 'check',
  name: t('Check'),
  key: '3',
  help: t('who can eat what, and what is still open'),
  view: () => import('./Check.js').then((module) => ({ default: module.Check })),
  findings: 'all',
  ready(plan, { care }) {
    if (plan.party.length === 0 || plan.placements.length === 0) return null;
    return care.groups.filter((care) => care.ok).length / Math.max(1, care.groups.length);
  },
};
