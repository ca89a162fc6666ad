import { NUT_SPECIES } from '../../catalogue/index.js';
import { whenOf, type NeedPack, type Rule } from '../pack.js';
import { byTraces, contactSetting, DEFER, traces } from './parts.js';

const OWN_LIST = ['coconut', 'pine-nut'];
const named = NUT_SPECIES.filter((species) => !OWN_LIST.includes(species));

/** One rule for each strictness about traces, in force only while one of these species is meant. */
const atTraces = (fact: Rule['fact'], species: readonly string[], word: string): Rule[] =>
  byTraces(fact, word).map((rule) => ({
    ...rule,
    when: [{ setting: 'species', is: species }, ...whenOf(rule)],
  }));

/** One set of rules per species; coconut and pine nut count only where a guest's own list names them. */
function speciesRules(): Rule[] {
  return NUT_SPECIES.flatMap((species) => {
    const word = species === 'brazil' ? 'Brazil nut' : species.replace('-', ' ');
    const is = OWN_LIST.includes(species) ? [species] : ['all', species];
    return atTraces(`nut.${species}`, is, word);
  });
}

export const treeNutFree: NeedPack = {
  id: 'tree-nut-free',
  name: 'Tree-nut allergy',
  also: ['tree nut', 'tree nuts', 'tree-nut', 'nut', 'nuts', 'nut-free', 'nut allergy', 'tree nut allergy'],
  leftOut: [
    'nut',
    'nuts',
    'nut allergy',
    'nut-free',
    'nut free',
    'almond',
    'almonds',
    'hazelnut',
    'hazelnuts',
    'walnut',
    'walnuts',
    'cashew',
    'cashews',
    'pistachio',
    'pistachios',
    'pecan',
    'pecans',
    'brazil',
    'brazils',
    'brazil nut',
    'brazil nuts',
    'macadamia',
    'macadamias',
    'macadamia nut',
    'macadamia nuts',
  ],
  rim: 'dots',
  summary: 'No tree nuts, not as traces either, and none on the same board.',
  strictness: 'allergy',
  oneFood: true,
  settings: [
    {
      id: 'species',
      name: 'Which nuts',
      values: [
        { id: 'all', name: 'all tree nuts' },
        ...named.map((species) => ({ id: species, name: species })),
        { id: 'coconut', name: 'coconut' },
        { id: 'pine-nut', name: 'pine nut' },
      ],
      default: 'all',
      list: true,
    },
    traces,
    contactSetting('same-surface'),
  ],
  rules: [
    ...atTraces('allergen.tree-nuts', ['all'], 'tree nuts'),
    ...speciesRules(),
    // Pine nut is a tree nut on labels in the United States and not in Europe: so it is asked.
    {
      fact: 'nut.pine-nut',
      when: { setting: 'species', is: ['all'] },
      ask: ['contains', 'may'],
      why: 'pine nut counts as a tree nut in some countries',
      source: 'public allergen law',
    },
  ],
  oftenToo: [{ fact: 'allergen.peanuts', values: ['contains'] }],
  contact: {
    carriers: [{ fact: 'allergen.tree-nuts', values: ['contains'] }],
    what: 'bits of nut',
    travels: 'all',
  },
  page: {
    traps: [
      'pesto',
      'mortadella',
      'marzipan and nougat',
      'chocolate',
      'nut butters',
      'granola and fruit bread',
      'plant cheese',
    ],
    good: [
      'seeds, where no sesame allergy stands against it',
      'fruit and vegetables',
      'plain cheese',
      'cured ham',
    ],
    note: `Pine nut and coconut count differently by country: ask. "Nut allergy" may mean peanuts too: ask which. ${DEFER}`,
    sources: ['European law on naming fourteen allergens', 'United States law on naming nine'],
  },
};
