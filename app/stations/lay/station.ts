import { useZoom } from '../../store/zoom.js';
import type { StationRecord } from '../station.js';
import { t } from '../../words/index.js';

export const lay: StationRecord = {
  id: 'lay',
  name: t('Lay'),
  key: '5',
  help: t('what lies where on the board'),
  view: () => import('./Lay.js').then((module) => ({ default: module.Lay })),
  findings: 'lay',
  ready(plan) {
    const laid = plan.layout.filter((layer) => layer.elements.length > 0).length;
    return plan.party.length === 0 || laid === 0 ? null : laid / plan.surfaces.length;
  },
  commands: () => [
    {
      id: 'nearer',
      words: t('Look nearer'),
      also: ['zoom in', 'larger', 'closer'],
      keys: ['+', '='],
      keyWords: t('in Lay: nearer'),
      atPlate: true,
      run: () => useZoom.getState().nearer(),
    },
    {
      id: 'further',
      words: t('Look from further away'),
      also: ['zoom out', 'smaller'],
      keys: ['-'],
      keyWords: t('in Lay: further away'),
      atPlate: true,
      run: () => useZoom.getState().further(),
    },
    {
      id: 'whole',
      words: t('See the whole board'),
      also: ['fit', 'reset zoom'],
      keys: ['0'],
      keyWords: t('in Lay: the whole board'),
      atPlate: true,
      run: () => useZoom.getState().whole(),
    },
  ],
};
