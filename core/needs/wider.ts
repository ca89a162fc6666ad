import { CATALOGUE, wordsOf, type Component, type Family } from '../catalogue/index.js';

/** What a word means that names many foods, or one food by several names (common knowledge of kitchens). */
interface Wider {
  families?: readonly Family[];
  /** And what is made with what these are made of. */
  bases?: readonly Family[];
  /** One of these in a name or among what is in it. */
  words?: string;
  /** A word that ends so. */
  ending?: string;
  is?(component: Component): boolean;
}

const FRUIT: readonly Family[] = ['fresh-fruit', 'dried-fruit'];
const GREENS: readonly Family[] = ['vegetable', 'pickle'];
const MAIZE =
  'corn maize sweetcorn polenta popcorn popping cornflour cornmeal cornstarch hominy grits masa tortilla nacho';
const PEPPER =
  'pepper peppered paprika capsicum chilli chili cayenne jalapeno pimento romesco nduja chorizo harissa';
const LEGUME =
  'bean chickpea lentil pea lupin soya soy tofu tempeh edamame hummus falafel dal peanut miso mangetout';
const CITRUS =
  'citrus lemon lime orange mandarin grapefruit kumquat clementine tangerine satsuma yuzu bergamot marmalade';
const CHOCOLATE = 'cocoa cacao chocolate brownie gianduja';
const milkOf =
  (...milks: readonly string[]) =>
  ({ family, milk }: Component): boolean =>
    family === 'cheese' && milks.includes(milk ?? '');

const WIDER: Readonly<Record<string, Wider>> = {
  fruit: { families: FRUIT, bases: FRUIT, words: `fruit jam marmalade compote juice currant ${CITRUS}` },
  'dried fruit': { families: ['dried-fruit'], words: 'raisin sultana currant' },
  vegetable: { families: GREENS, bases: ['vegetable'], words: 'vegetable onion garlic tomato' },
  pickle: { families: ['pickle'], words: 'pickle pickled cornichon gherkin' },
  bread: {
    families: ['vehicle'],
    words: 'bread toast roll crumb breadcrumb baguette focaccia pita wrap sandwich pizza',
  },
  cracker: { families: ['vehicle'] },
  berry: { ending: 'berri', words: 'currant redcurrant blackcurrant' },
  grape: { words: 'grape raisin sultana currant' },
  melon: { ending: 'melon', words: 'honeydew cantaloupe' },
  corn: { words: MAIZE },
  maize: { words: MAIZE },
  sweetcorn: { words: MAIZE },
  popcorn: { words: 'popcorn popping' },
  tomato: { words: 'tomato ketchup passata romesco' },
  capsicum: { words: PEPPER },
  paprika: { words: PEPPER },
  'bell pepper': { words: PEPPER },
  'sweet pepper': { words: PEPPER },
  chilli: { words: 'chilli chili cayenne jalapeno nduja harissa hot' },
  nightshade: { words: `tomato potato aubergine eggplant goji physalis ${PEPPER}` },
  citrus: { words: CITRUS },
  'citrus fruit': { words: CITRUS },
  'stone fruit': { words: 'cherry peach nectarine plum apricot prune mirabelle greengage damson' },
  bean: { words: 'bean edamame lupin soya soy tofu tempeh' },
  legume: { words: LEGUME },
  pulse: { words: LEGUME },
  chickpea: { words: 'chickpea garbanzo hummus falafel' },
  garbanzo: { words: 'chickpea garbanzo hummus falafel' },
  cocoa: { words: CHOCOLATE },
  chocolate: { words: CHOCOLATE },
  yeast: { words: 'yeast sourdough bread baguette focaccia brioche roll toast pizza bagel croissant' },
  sausage: { words: 'sausage salami chorizo nduja soppressata mortadella pepperoni' },
  herb: {
    words:
      'herb basil rosemary thyme oregano sage mint dill parsley coriander cilantro chive tarragon marjoram bay chervil',
  },
  spice: {
    words:
      'spice pepper paprika cumin cinnamon clove nutmeg cardamom coriander turmeric ginger chilli curry allspice anise saffron',
  },
  aubergine: { words: 'aubergine eggplant' },
  courgette: { words: 'courgette zucchini' },
  coriander: { words: 'coriander cilantro' },
  cilantro: { words: 'coriander cilantro' },
  rocket: { words: 'rocket arugula' },
  arugula: { words: 'rocket arugula' },
  salad: { words: 'salad lettuce gem chicory rocket leaf leave radicchio endive' },
  lettuce: { words: 'lettuce gem' },
  'goat cheese': { is: milkOf('goat') },
  'goats cheese': { is: milkOf('goat') },
  'sheep cheese': { is: milkOf('sheep') },
  'soft cheese': {
    is: ({ family, texture }) => family === 'cheese' && ['soft', 'creamy', 'spreadable'].includes(texture),
  },
};

const key = (text: string): string => wordsOf(text).join(' ');
const BY_KEY = new Map(Object.entries(WIDER).map(([word, wider]) => [key(word), wider]));

/** Does this word name more than the foods that are called so? */
export const isWide = (text: string): boolean => BY_KEY.has(key(text));

/** How a food is cut or put up is no food. */
const NO_FOOD: ReadonlySet<string> = new Set(['slice', 'stem', 'skewer', 'leave', 'leaf', 'mix', 'stick']);
/** What a family is made of, by the last word of each base food: "sweet cherry" is a cherry. */
const baseWords = new Map<Family, ReadonlySet<string>>();
function basesOf(family: Family): ReadonlySet<string> {
  const known = baseWords.get(family);
  if (known) return known;
  const bases = new Set(
    CATALOGUE.filter((component) => component.family === family).flatMap(
      ({ baseFood }) =>
        wordsOf(baseFood)
          .filter((word) => !NO_FOOD.has(word))
          .at(-1) ?? [],
    ),
  );
  baseWords.set(family, bases);
  return bases;
}

/** Does a word that names many foods name this one; `words` are those of its name and of what is in it. */
export function namesWidely(text: string, component: Component, words: ReadonlySet<string>): boolean {
  const wider = BY_KEY.get(key(text));
  if (!wider) return false;
  const { families = [], bases = [], ending } = wider;
  const holds = (word: string): boolean => words.has(word);
  return (
    families.includes(component.family) ||
    wordsOf(wider.words ?? '').some(holds) ||
    (ending !== undefined && [...words].some((word) => word.endsWith(ending))) ||
    bases.some((family) => [...basesOf(family)].some(holds)) ||
    wider.is?.(component) === true
  );
}

/** A food may hold this though it is not named: "herbs" may be basil, "berries" strawberries. */
export const mayBeAmong = (text: string, words: ReadonlySet<string>): boolean =>
  [...BY_KEY].some(([general, { words: named = '', ending }]) => {
    const asked = wordsOf(text);
    const isOneOfThem =
      asked.every((word) => wordsOf(named).includes(word)) ||
      (ending !== undefined && asked.length === 1 && asked[0]!.endsWith(ending));
    return isOneOfThem && general.split(' ').every((word) => words.has(word));
  });
