import type { StationRecord } from '../station.js';

export const lay: StationRecord = {
  id: 'lay',
  name: 'Lay',
  key: '4',
  help: 'what lies where on the board',
  view: () => import('./Lay.js').then((m) => ({ default: m.Lay })),
  findings: 'lay',
  ready(plan) {
    const laid = plan.layout.filter((l) => l.elements.length > 0).length;
    return plan.party.length === 0 || laid === 0 ? null : laid / plan.surfaces.length;
  },
};
