import type { NeedPack } from '../pack.js';
import { byTraces, contactSetting, DEFER, traces } from './parts.js';

export const glutenFree: NeedPack = {
  id: 'gluten-free',
  name: 'Gluten-free',
  also: ['coeliac', 'coeliacs', 'celiac', 'celiacs', 'gluten free', 'gluten', 'wheat-free'],
  leftOut: ['wheat', 'barley', 'rye', 'malt'],
  rim: 'rays',
  summary: 'No wheat, rye, barley, malt or spelt; oats only when certified; no crumbs from a neighbour.',
  strictness: 'allergy',
  oneFood: true,
  settings: [
    traces,
    {
      id: 'oats',
      name: 'Oats',
      values: [
        { id: 'none', name: 'no oats at all' },
        { id: 'certified', name: 'certified oats are fine' },
      ],
      default: 'certified',
    },
    contactSetting('same-surface'),
  ],
  rules: [
    ...byTraces('allergen.gluten', 'gluten'),
    {
      fact: 'oats',
      when: { setting: 'oats', is: ['certified'] },
      forbidden: ['uncertified'],
      why: 'its oats are not certified gluten-free',
      source: 'public guidance',
    },
    {
      fact: 'oats',
      when: { setting: 'oats', is: ['none'] },
      forbidden: ['uncertified', 'certified'],
      why: 'it has oats in it',
      source: 'public guidance',
    },
  ],
  contact: { carriers: [{ fact: 'allergen.gluten', values: ['contains'] }], what: 'crumbs' },
  page: {
    traps: [
      'seitan',
      'malt vinegar in pickles',
      'soy sauce',
      'rinds washed in beer',
      'breadcrumb coatings',
      'flour-dusted dried fruit',
      'some blended blue cheeses',
      'oats that are not certified',
    ],
    good: [
      'rice, maize and buckwheat crackers labelled gluten-free',
      'fruit, vegetables, nuts',
      'most plain cheese',
    ],
    note: `Crumbs are the main route: crackers and bread shed over everything below them. ${DEFER}`,
    sources: ['European law on naming fourteen allergens', 'law on the words "gluten-free" (20 mg/kg)'],
  },
};
