import type { NeedPack } from '../pack.js';
import { contactSetting, DEFER, never, rennetSetting } from './parts.js';

export const noBeef: NeedPack = {
  id: 'no-beef',
  name: 'No beef',
  also: ['beef-free', 'hindu', 'without beef'],
  leftOut: ['beef', 'veal'],
  rim: 'ticks',
  summary: 'No beef or veal, no beef gelatine, no tallow; about rennet people differ.',
  strictness: 'strict',
  oneFood: true,
  settings: [rennetSetting('never', 'does not matter', 'lenient'), contactSetting('none')],
  rules: [
    never('animal.beef', 'beef'),
    {
      fact: 'gelatine-from',
      forbidden: ['beef'],
      why: 'its gelatine is of beef',
      source: 'label practice',
    },
    {
      fact: 'animal.animal-fat',
      ask: ['contains'],
      why: 'its animal fat may be tallow',
      source: 'label practice',
    },
    {
      fact: 'rennet',
      when: { setting: 'rennet', is: ['strict'] },
      forbidden: ['animal'],
      why: 'animal rennet is mostly of calves',
      source: 'label practice',
    },
  ],
  contact: { carriers: [{ fact: 'animal.beef', values: ['contains'] }], what: 'beef' },
  page: {
    traps: ['bresaola and pastrami', 'gelatine in sweets', 'tallow and beef stock', 'casings of sausages'],
    good: ['poultry and fish', 'cheese', 'beans, tofu, nuts'],
    note: `Many who leave out beef eat no meat at all: ask. ${DEFER}`,
    sources: ['label practice'],
  },
};
