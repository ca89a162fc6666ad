import { possibleValues } from '../catalogue/index.js';
import { idOf } from '../measure/index.js';
import type { Group, NeedChoice, OwnNeed, Strictness } from './group.js';
import type { Said } from './vocabulary.js';

type OwnFact = OwnNeed['facts'][number];
/** What the catalogue does not know of a food asks by itself. */
const is = (fact: string, forbidden: readonly string[], ask: readonly string[] = []): OwnFact[] => [
  { fact, values: [...forbidden], verdict: 'forbidden', why: '' },
  ...(ask.length > 0 ? [{ fact, values: [...ask], verdict: 'ask' as const, why: '' }] : []),
];
const present = (...facts: string[]): OwnFact[] => facts.flatMap((fact) => is(fact, ['contains'], ['may']));

/** What no need knows by itself, though the catalogue has it as a fact: a rule of the guests' own. */
const BY_FACT: Readonly<Record<string, readonly OwnFact[]>> = {
  onion: present('ingredient.onion'),
  shallots: present('ingredient.onion'),
  leeks: present('ingredient.onion'),
  garlic: present('ingredient.garlic'),
  mushroom: present('ingredient.mushroom'),
  'root vegetables': present('ingredient.root'),
  seeds: present('ingredient.seeds', 'allergen.sesame'),
  pork: present('animal.pork'),
  ham: present('animal.pork'),
  bacon: present('animal.pork'),
  pig: present('animal.pork'),
  chicken: present('animal.poultry'),
  turkey: present('animal.poultry'),
  poultry: present('animal.poultry'),
  lamb: present('animal.lamb'),
  game: present('animal.game'),
  venison: present('animal.game'),
  gelatine: present('animal.gelatine'),
  gelatin: present('animal.gelatine'),
  honey: present('animal.honey'),
  carmine: present('animal.insects'),
  insects: present('animal.insects'),
  lard: present('animal.pork', 'animal.animal-fat'),
  'animal fat': present('animal.animal-fat'),
  meat: present(
    'animal.pork',
    'animal.beef',
    'animal.poultry',
    'animal.lamb',
    'animal.game',
    'animal.animal-fat',
  ),
  'red meat': present('animal.pork', 'animal.beef', 'animal.lamb', 'animal.game'),
  coconut: present('nut.coconut'),
  'pine nuts': present('nut.pine-nut'),
  grapes: present('ingredient.grape-product'),
  rennet: is('rennet', ['animal']),
  'animal rennet': is('rennet', ['animal']),
  ...Object.fromEntries(
    ['raw', 'unpasteurised', 'unpasteurized', 'raw milk', 'unpasteurised milk', 'unpasteurized milk'].flatMap(
      (how) =>
        ['milk', 'cheese', 'dairy']
          .filter((what) => !(how.endsWith('milk') && what === 'milk'))
          .map((what) => [`${how} ${what}`, is('milk-treatment', ['raw'])]),
    ),
  ),
  'raw fish': is('process', ['raw-fish', 'cold-smoked']),
  'raw egg': is('process', ['raw-egg']),
};

/** Every value that the fact "alcohol" can have: a rule on all of them asks about every food. */
const ANY_PRESENCE = possibleValues('alcohol');

const singular = (word: string): string =>
  word
    .replace(/ies$/, 'y')
    .replace(/(?:([^aeiou])oes|([^s])s)$/, (_all, o?: string, s?: string) => (o ? `${o}o` : s!));

/** Who leaves out pork fat is told of all that has pork: no list says which part of it went in. */
const PART_OF_IT =
  /\s+(?:fat|gelatine?|meat|products?|livers?|stock|broth|sausages?|breasts?|fillets?|ham|bacon|bits)$/;

/** Facts that a word stands for, in its singular or plural. */
const factsOf = (word: string): readonly OwnFact[] | undefined => {
  const known = BY_FACT[word] ?? BY_FACT[singular(word)] ?? BY_FACT[`${word}s`];
  const part = word.replace(PART_OF_IT, '');
  return known ?? (part === word ? undefined : factsOf(part));
};

export const isLeftOutFact = (word: string): boolean => factsOf(word) !== undefined;

/** "No onions": every food with it is forbidden, and one that may have it asks. */
export function ruleAgainst(word: string): NeedChoice {
  const facts = factsOf(word);
  const id = `own-no-${idOf(word, 26, 'food')}`;
  const own: OwnNeed = {
    id,
    name: `No ${word}`.slice(0, 60),
    facts: [...(facts ?? [])],
    // the fact is of what is made of grapes; the grapes themselves go by their name
    foods: facts && !/^grapes?$/.test(word) ? [] : [word.slice(0, 60)],
  };
  return { id, settings: {}, own };
}

const UNREAD = 'own-unread-';

/** What was said of a group and nobody understood: until it is answered, nothing is known to be theirs. */
export const unreadOf = (group: Pick<Group, 'needs'>): NeedChoice[] =>
  group.needs.filter(({ id }) => id.startsWith(UNREAD));

/** Words that nobody understood: until somebody has answered them, every food asks for these guests. */
export function unreadNeed(text: string): NeedChoice {
  const said = text.slice(0, 40);
  const own: OwnNeed = {
    id: `${UNREAD}${idOf(text, 26, 'words')}`,
    name: `To be asked: “${said}”`.slice(0, 60),
    facts: [
      {
        fact: 'alcohol',
        values: [...ANY_PRESENCE],
        verdict: 'ask',
        why: `What “${said}” means for this guest is not known: ask`,
      },
    ],
    foods: [],
  };
  return { id: own.id, settings: {}, own };
}

/** The needs as a group keeps them, with one for each thing that was not understood. */
export function needsSaid(said: Said, strictness: Strictness | undefined): NeedChoice[] {
  const kept = said.needs.map((need) => {
    const own =
      need.strictness === 'allergy' && strictness === undefined ? 'allergy' : (strictness ?? need.strictness);
    return own ? { ...need.need, strictness: own } : need.need;
  });
  return [...kept, ...said.unread.map(unreadNeed)].slice(0, 20);
}
