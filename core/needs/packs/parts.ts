import type { FactKey, Source } from '../../catalogue/index.js';
import { whenOf, type NeedPack, type Reach, type Rule, type Setting } from '../pack.js';

/** "May contain" is a warning about traces. How it is taken follows the strictness unless it was said. */
export const traces: Setting = {
  id: 'traces',
  name: 'May contain',
  values: [
    { id: 'avoid', name: 'avoid' },
    { id: 'ask', name: 'ask the guest' },
    { id: 'accept', name: 'accept' },
  ],
  default: 'avoid',
  by: { allergy: 'avoid', strict: 'ask', preference: 'accept' },
};

const REACH_NAMES: Record<Reach, string> = {
  'same-kitchen': 'not even made beside it',
  'same-surface': 'not on the same surface',
  neighbours: 'not touching it',
  none: 'does not matter',
};

export const contactSetting = (usual: Reach): Setting => ({
  id: 'contact',
  name: 'Near such food',
  values: (Object.keys(REACH_NAMES) as Reach[]).map((id) => ({ id, name: REACH_NAMES[id] })),
  default: usual,
});

export const rennetSetting = (tight: string, wide: string, usual = 'strict'): Setting => ({
  id: 'rennet',
  name: 'Animal rennet',
  values: [
    { id: 'strict', name: tight },
    { id: 'lenient', name: wide },
  ],
  default: usual,
});

/** One rule for each strictness about traces; just one of the three is in force. */
export function byTraces(fact: FactKey, word: string, source: Source = 'public allergen law'): Rule[] {
  const at = (is: string) => ({ setting: 'traces', is: [is] });
  const why = { why: `it has ${word} in it`, whyMay: `it may have traces of ${word}` };
  return [
    { fact, when: at('avoid'), forbidden: ['contains', 'may'], ...why, source },
    { fact, when: at('ask'), forbidden: ['contains'], ask: ['may'], ...why, source },
    { fact, when: at('accept'), forbidden: ['contains'], ...why, source },
  ];
}

const OF_AN_ANIMAL: Readonly<Partial<Record<FactKey, FactKey>>> = {
  'allergen.milk': 'animal.milk',
  'allergen.egg': 'animal.egg',
  'allergen.fish': 'animal.fish',
  'allergen.crustaceans': 'animal.shellfish',
  'allergen.molluscs': 'animal.shellfish',
};

/** Who leaves out an animal for its own sake asks for ingredients: one that is known not to be there leaves no question. */
function answered(rule: Rule): Rule {
  const animal = OF_AN_ANIMAL[rule.fact];
  return animal ? { ...rule, answeredBy: { fact: animal, values: ['free'] } } : rule;
}

/** Like `byTraces` for a way of eating: only who avoids traces has every label read for them. */
export const notOfAnAnimal = (fact: FactKey, word: string): Rule[] =>
  byTraces(fact, word, 'label practice').map((rule) =>
    whenOf(rule).some((w) => w.is.includes('avoid')) ? rule : answered(rule),
  );

/** It is out when it is in it; a warning about traces asks. */
export const never = (fact: FactKey, word: string, source: Source = 'label practice'): Rule =>
  answered({
    fact,
    forbidden: ['contains'],
    ask: ['may'],
    why: `it has ${word} in it`,
    whyMay: `it may have traces of ${word}`,
    source,
  });

/** It is out when it is an ingredient; traces do not matter. */
export const notAsIngredient = (fact: FactKey, word: string): Rule =>
  answered({ fact, forbidden: ['contains'], why: `it has ${word} in it`, source: 'label practice' });

/** Where schools differ about what was made with alcohol and is none any more. */
export const vanillaSetting: Setting = {
  id: 'vanilla',
  name: 'Vanilla extract in alcohol',
  values: [
    { id: 'avoid', name: 'avoid' },
    { id: 'ask', name: 'ask the guest' },
    { id: 'accept', name: 'accept' },
  ],
  default: 'ask',
};

export const vinegarSetting: Setting = {
  id: 'vinegar',
  name: 'Wine vinegar',
  values: [
    { id: 'avoid', name: 'avoid' },
    { id: 'accept', name: 'accept, as most do' },
  ],
  default: 'accept',
};

const VANILLA = {
  fact: 'ingredient.vanilla-extract',
  why: 'its vanilla extract is made with alcohol',
  source: 'label practice',
} as const;

export const VINEGAR_AND_VANILLA: readonly Rule[] = [
  {
    ...never('ingredient.wine-vinegar', 'wine vinegar'),
    when: { setting: 'vinegar', is: ['avoid'] },
  },
  { ...VANILLA, when: { setting: 'vanilla', is: ['avoid'] }, forbidden: ['contains'], ask: ['may'] },
  { ...VANILLA, when: { setting: 'vanilla', is: ['ask'] }, ask: ['contains', 'may'] },
];

const ALLERGEN_SOURCES = ['European law on naming fourteen allergens', 'United States law on naming nine'];
export const DEFER = 'Read the label each time, and ask the guest: makers change what they put in.';

interface Allergy {
  id: string;
  name: string;
  also: readonly string[];
  leftOut?: readonly string[];
  fact: FactKey;
  /** "sesame" */
  word: string;
  rim?: NeedPack['rim'];
  travels?: NonNullable<NeedPack['contact']>['travels'];
  more?: readonly Rule[];
  oftenToo?: NeedPack['oftenToo'];
  settings?: readonly Setting[];
  traps: readonly string[];
  good: readonly string[];
  note?: string;
}

/** An allergen that labels must name: contained or as traces, and what lies on the same surface. */
export function allergy(choice: Allergy): NeedPack {
  return {
    id: choice.id,
    name: choice.name,
    also: choice.also,
    ...(choice.leftOut ? { leftOut: choice.leftOut } : {}),
    rim: choice.rim ?? 'beads',
    summary: `No ${choice.word}, not as traces either, and none on the same board.`,
    strictness: 'allergy',
    oneFood: true,
    settings: [traces, ...(choice.settings ?? []), contactSetting('same-surface')],
    rules: [...byTraces(choice.fact, choice.word), ...(choice.more ?? [])],
    ...(choice.oftenToo ? { oftenToo: choice.oftenToo } : {}),
    contact: {
      carriers: [{ fact: choice.fact, values: ['contains'] }],
      what: choice.word,
      ...(choice.travels ? { travels: choice.travels } : {}),
    },
    page: {
      traps: choice.traps,
      good: choice.good,
      note: choice.note ? `${choice.note} ${DEFER}` : DEFER,
      sources: ALLERGEN_SOURCES,
    },
  };
}
