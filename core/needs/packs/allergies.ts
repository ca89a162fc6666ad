import { NUT_SPECIES } from '../../catalogue/index.js';
import type { NeedPack, Rule, Setting } from '../pack.js';

const traces: Setting = {
  id: 'traces',
  name: 'May contain',
  values: [
    { id: 'avoid', name: 'avoid' },
    { id: 'ask', name: 'ask the guest' },
    { id: 'accept', name: 'accept' },
  ],
  default: 'avoid',
};

/** One rule for each strictness about traces; just one of the three is in force. */
function byTraces(fact: Rule['fact'], why: string): Rule[] {
  const base = { fact, why, source: 'public allergen law' as const };
  return [
    { ...base, when: { setting: 'traces', is: ['avoid'] }, forbidden: ['contains', 'may'] },
    { ...base, when: { setting: 'traces', is: ['ask'] }, forbidden: ['contains'], ask: ['may'] },
    { ...base, when: { setting: 'traces', is: ['accept'] }, forbidden: ['contains'] },
  ];
}

export const glutenFree: NeedPack = {
  id: 'gluten-free',
  name: 'Gluten-free',
  also: ['coeliac', 'coeliacs', 'celiac', 'celiacs', 'gluten free', 'gluten'],
  rim: 'rays',
  summary: 'No wheat, rye, barley, malt or spelt; oats only when certified; no crumbs from a neighbour.',
  grave: true,
  settings: [
    traces,
    {
      id: 'oats',
      name: 'Oats',
      values: [
        { id: 'certified', name: 'certified oats are fine' },
        { id: 'none', name: 'no oats at all' },
      ],
      default: 'certified',
    },
  ],
  rules: [
    ...byTraces('allergen.gluten', 'it has gluten in it, or may have'),
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
  contact: {
    reach: 'same-surface',
    carriers: [{ fact: 'allergen.gluten', values: ['contains'] }],
    what: 'crumbs',
  },
};

const named = NUT_SPECIES.filter((s) => s !== 'coconut' && s !== 'pine-nut');

/** One rule per species and strictness; `extra` species count only where a guest's own list names them. */
function speciesRules(): Rule[] {
  const rules: Rule[] = [];
  for (const species of NUT_SPECIES) {
    const own = species === 'coconut' || species === 'pine-nut';
    const word = species === 'brazil' ? 'Brazil nut' : species.replace('-', ' ');
    rules.push({
      fact: `nut.${species}`,
      when: { setting: 'species', is: own ? [species] : ['all', species] },
      forbidden: ['contains', 'may'],
      why: `it has ${word} in it, or may have`,
      source: 'public allergen law',
    });
  }
  // Pine nut is a tree nut on labels in the United States and not in Europe: so it is asked.
  rules.push({
    fact: 'nut.pine-nut',
    when: { setting: 'species', is: ['all'] },
    ask: ['contains', 'may'],
    why: 'pine nut counts as a tree nut in some countries',
    source: 'public allergen law',
  });
  return rules;
}

export const treeNutFree: NeedPack = {
  id: 'tree-nut-free',
  name: 'Tree-nut allergy',
  also: ['tree nut', 'tree nuts', 'tree-nut', 'nut', 'nuts', 'nut-free'],
  rim: 'dots',
  summary: 'No tree nuts, not as traces either, and none on the same board.',
  grave: true,
  settings: [
    {
      id: 'species',
      name: 'Which nuts',
      values: [
        { id: 'all', name: 'all tree nuts' },
        ...named.map((s) => ({ id: s, name: s })),
        { id: 'coconut', name: 'coconut' },
        { id: 'pine-nut', name: 'pine nut' },
      ],
      default: 'all',
      list: true,
    },
  ],
  rules: [
    {
      fact: 'allergen.tree-nuts',
      when: { setting: 'species', is: ['all'] },
      forbidden: ['contains', 'may'],
      why: 'it has tree nuts in it, or may have',
      source: 'public allergen law',
    },
    ...speciesRules(),
  ],
  contact: {
    reach: 'same-surface',
    carriers: [{ fact: 'allergen.tree-nuts', values: ['contains'] }],
    what: 'bits of nut',
  },
};
