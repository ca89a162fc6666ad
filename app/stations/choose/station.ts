import type { StationRecord } from '../station.js';

export const choose: StationRecord = {
  id: 'choose',
  name: 'Choose',
  key: '2',
  help: 'which foods and how much of each',
  view: () => import('./Choose.js').then((m) => ({ default: m.Choose })),
  findings: 'choose',
  ready: (plan) => (plan.party.length === 0 || plan.placements.length === 0 ? null : 1),
};
