import type { NeedPack } from '../pack.js';
import {
  contactSetting,
  never,
  rennetSetting,
  vanillaSetting,
  VINEGAR_AND_VANILLA,
  vinegarSetting,
} from './parts.js';

/** Certification is asked for and recorded, never inferred. */
export const halal: NeedPack = {
  id: 'halal',
  name: 'Halal',
  also: ['muslim'],
  rim: 'diamonds',
  summary: 'No pork, no alcohol; meat and poultry only with a certificate that somebody has seen.',
  strictness: 'strict',
  settings: [
    rennetSetting('only microbial, vegetable or certified', 'any'),
    vinegarSetting,
    vanillaSetting,
    contactSetting('same-surface'),
  ],
  rules: [
    never('animal.pork', 'pork'),
    {
      fact: 'animal.animal-fat',
      ask: ['contains', 'may'],
      why: 'its animal fat may be lard, and needs a halal source',
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
    never('alcohol', 'alcohol'),
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
    ...VINEGAR_AND_VANILLA,
  ],
  contact: {
    carriers: [
      { fact: 'animal.pork', values: ['contains'] },
      { fact: 'alcohol', values: ['contains'] },
    ],
    what: 'pork or alcohol',
    shunned: true,
  },
  page: {
    traps: [
      'gelatine in sweets',
      'lard in pastry',
      'rinds washed in wine, beer or spirits',
      'wine jelly and rum fruit',
      'emulsifiers and flavourings in alcohol',
      'animal rennet, by school',
    ],
    good: ['fish', 'cheese with microbial rennet', 'fruit, vegetables, nuts', 'meat with a certificate'],
    note: 'Schools differ on rennet, vinegar and vanilla: each is a setting. The tool never infers a certificate; record who saw which one. Ask the guests and their own advisers.',
    sources: ['label practice', 'common guidance of certifying bodies'],
  },
};
