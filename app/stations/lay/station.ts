import { useZoom } from '../../store/zoom.js';
import type { StationRecord } from '../station.js';

export const lay: StationRecord = {
  id: 'lay',
  name: 'Lay',
  key: '4',
  help: 'what lies where on the board',
  view: () => import('./Lay.js').then((m) => ({ default: m.Lay })),
  findings: 'lay',
  ready(plan) {
    const laid = plan.layout.filter((layer) => layer.elements.length > 0).length;
    return plan.party.length === 0 || laid === 0 ? null : laid / plan.surfaces.length;
  },
  commands: () => [
    {
      id: 'nearer',
      words: 'Look nearer',
      also: ['zoom in', 'larger', 'closer'],
      keys: ['+', '='],
      keyWords: 'in Lay: nearer',
      atPlate: true,
      run: () => useZoom.getState().nearer(),
    },
    {
      id: 'further',
      words: 'Look from further away',
      also: ['zoom out', 'smaller'],
      keys: ['-'],
      keyWords: 'in Lay: further away',
      atPlate: true,
      run: () => useZoom.getState().further(),
    },
    {
      id: 'whole',
      words: 'See the whole board',
      also: ['fit', 'reset zoom'],
      keys: ['0'],
      keyWords: 'in Lay: the whole board',
      atPlate: true,
      run: () => useZoom.getState().whole(),
    },
  ],
};
