import type { StationRecord } from '../station.js';
import { t } from '../../words/index.js';

export const choose: StationRecord = {
  id: 'choose',
  name: t('Choose'),
  key: '2',
  help: t('which foods and how much of each'),
  view: () => import('./Choose.js').then((module) => ({ default: module.Choose })),
  findings: 'choose',
  ready: (plan) => (plan.party.length === 0 || plan.placements.length === 0 ? null : 1),
};
