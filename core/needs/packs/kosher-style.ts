import type { FactTest, NeedPack } from '../pack.js';
import { contactSetting, never } from './parts.js';

const MEAT: FactTest = { fact: 'slaughter', values: ['needed', 'certified'] };
const DAIRY: FactTest = { fact: 'animal.milk', values: ['contains'] };
const FISH: FactTest = { fact: 'animal.fish', values: ['contains'] };

/** Style: the word kosher alone belongs to those who supervise. */
export const kosherStyle: NeedPack = {
  id: 'kosher-style',
  name: 'Kosher-style',
  also: ['kosher style', 'kosher', 'jewish'],
  rim: 'steps',
  summary: 'No pork, no shellfish; meat and dairy never together; fish not with meat; supervision asked.',
  strictness: 'strict',
  settings: [contactSetting('same-surface')],
  rules: [
    never('animal.pork', 'pork'),
    never('animal.shellfish', 'shellfish'),
    never('allergen.crustaceans', 'crustaceans'),
    never('allergen.molluscs', 'molluscs'),
    never('animal.insects', 'carmine or shellac'),
    {
      fact: 'fish-kind',
      forbidden: ['unscaled'],
      why: 'it is a fish without scales',
      source: 'label practice',
    },
    {
      fact: 'gelatine-from',
      forbidden: ['pork'],
      ask: ['beef', 'fish'],
      why: 'its gelatine needs a supervised source',
      source: 'label practice',
    },
    {
      fact: 'animal.animal-fat',
      ask: ['contains', 'may'],
      why: 'its animal fat needs a supervised source',
      source: 'label practice',
    },
    {
      fact: 'supervision',
      ask: ['needed'],
      why: 'cheese, meat, gelatine and grape products need a supervision, and nobody has recorded one',
      source: 'label practice',
    },
    {
      fact: 'animal.milk',
      and: [MEAT],
      forbidden: ['contains'],
      ask: ['may'],
      why: 'it has meat and milk together',
      source: 'label practice',
    },
    {
      fact: 'animal.fish',
      and: [MEAT],
      forbidden: ['contains'],
      ask: ['may'],
      why: 'it has meat and fish together',
      source: 'label practice',
    },
  ],
  contact: {
    carriers: [
      { fact: 'animal.pork', values: ['contains'] },
      { fact: 'animal.shellfish', values: ['contains'] },
    ],
    what: 'pork or shellfish',
    shunned: true,
  },
  apart: [
    { one: MEAT, other: DAIRY, names: ['meat', 'dairy'] },
    { one: MEAT, other: FISH, names: ['meat', 'fish'] },
  ],
  page: {
    traps: [
      'cheese and cured meat on one board',
      'gelatine',
      'wine, grape juice and wine vinegar',
      'shellfish in surimi and sauces',
      'eel and roe of fish without scales',
    ],
    good: ['a dairy board with fish kept apart from meat', 'fruit, vegetables, nuts', 'eggs'],
    note: 'This is style, not supervision: many guests need a supervised kitchen. Say "kosher-style" unless a supervision is recorded, and ask them.',
    sources: ['label practice', 'common guidance of certifying bodies'],
  },
};
