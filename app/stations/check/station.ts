import type { StationRecord } from '../station.js';

export const check: StationRecord = {
  id: 'check',
  name: 'Check',
  key: '3',
  help: 'who can eat what, and what is still open',
  view: () => import('./Check.js').then((m) => ({ default: m.Check })),
  findings: 'all',
  ready(plan, { care }) {
    if (plan.party.length === 0 || plan.placements.length === 0) return null;
    return care.groups.filter((care) => care.ok).length / Math.max(1, care.groups.length);
  },
};
