import type { NeedPack } from '../pack.js';

/** Certification is asked for and recorded, never inferred. */
export const halal: NeedPack = {
  id: 'halal',
  name: 'Halal',
  also: ['muslim'],
  rim: 'diamonds',
  summary: 'No pork, no alcohol; meat and poultry only with a certificate that somebody has seen.',
  grave: false,
  settings: [
    {
      id: 'rennet',
      name: 'Animal rennet',
      values: [
        { id: 'strict', name: 'only microbial, vegetable or certified' },
        { id: 'lenient', name: 'any' },
      ],
      default: 'strict',
    },
  ],
  rules: [
    {
      fact: 'animal.pork',
      forbidden: ['contains'],
      ask: ['may'],
      why: 'it has pork in it',
      source: 'label practice',
    },
    {
      fact: 'animal.animal-fat',
      ask: ['contains', 'may'],
      why: 'its animal fat may be lard',
      source: 'label practice',
    },
    {
      fact: 'animal.insects',
      ask: ['contains', 'may'],
      why: 'carmine and shellac are judged differently',
      source: 'label practice',
    },
    {
      fact: 'gelatine-from',
      forbidden: ['pork'],
      ask: ['beef'],
      why: 'its gelatine needs a halal source',
      source: 'label practice',
    },
    {
      fact: 'alcohol',
      forbidden: ['contains'],
      ask: ['may'],
      why: 'alcohol is an ingredient',
      source: 'label practice',
    },
    {
      fact: 'slaughter',
      ask: ['needed'],
      why: 'meat needs a halal certificate, and nobody has recorded one',
      source: 'label practice',
    },
    {
      fact: 'rennet',
      when: { setting: 'rennet', is: ['strict'] },
      forbidden: ['animal'],
      why: 'it is set with animal rennet that is not certified',
      source: 'label practice',
    },
  ],
  contact: {
    reach: 'same-surface',
    carriers: [
      { fact: 'animal.pork', values: ['contains'] },
      { fact: 'alcohol', values: ['contains'] },
    ],
    what: 'pork or alcohol',
  },
};
