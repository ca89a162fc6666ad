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
  /** Or it holds one of these, as its allergens say. */
  allergens?: readonly (keyof Component['allergens'])[];
  /** What may hold it, though no list of its own says so: it is asked. */
  may?: string;
}

const FRUIT: readonly Family[] = ['fresh-fruit', 'dried-fruit'];
const GREENS: readonly Family[] = ['vegetable', 'pickle'];
const MAIZE =
  'corn maize sweetcorn polenta popcorn popping cornflour cornmeal cornstarch hominy grits masa tortilla nacho';
const PEPPER =
  'pepper peppered paprika capsicum chilli chili cayenne jalapeno pimento romesco nduja chorizo harissa';
const LEGUME: Wider = {
  words:
    'bean chickpea lentil pea lupin soya soy tofu tempeh edamame hummus falafel dal peanut miso mangetout',
};
const PEA: Wider = { words: 'pea mangetout' };
const GRAIN: Wider = {
  words: `${MAIZE} grain cereal wheat rye barley oat spelt emmer rice millet sorghum teff buckwheat quinoa amaranth bulgur
    couscous semolina pasta noodle bran malt granola bread oatcake pancake`,
  allergens: ['gluten'],
};
const DIP: Wider = { families: ['spread-dip'] };
const HERB: Wider = {
  families: ['garnish'],
  words:
    'herb basil rosemary thyme oregano sage mint dill parsley coriander cilantro chive tarragon marjoram bay chervil',
};
const CITRUS =
  'citrus lemon lime orange mandarin grapefruit kumquat clementine tangerine satsuma yuzu bergamot marmalade';
const CHOCOLATE = 'cocoa cacao chocolate brownie gianduja';
const milkOf =
  (animal: string) =>
  ({ milk }: Component): boolean =>
    milk === animal;
/** Feta is of sheep's milk with up to three parts in ten of goat's, halloumi of either or both, with or without cow's (their protected names: Regulations (EC) 1829/2002 and (EU) 2021/591). */
const OF_GOATS: Wider = { is: milkOf('goat'), words: 'goat chevre crottin', may: 'feta halloumi' };
const OF_SHEEP: Wider = {
  is: milkOf('sheep'),
  words: 'sheep ewe brebis feta halloumi pecorino manchego roquefort idiazabal zamorano ossau lamb mutton',
};

/** Cheeses on or in which mould grows, and what is made with them by name. */
const MOULDED: readonly string[] = ['mould-ripened', 'soft-blue', 'hard-blue'];
const BLUES = 'gorgonzola roquefort stilton dolcelatte blue';
const CURED: Wider = {
  families: ['cured-meat'],
  words: 'ham bacon pancetta prosciutto salami chorizo nduja pepperoni speck jerky',
};

const AGED: Wider = {
  is: ({ family, process }) => family === 'cheese' && ['hard-cheese', ...MOULDED].includes(process),
  words: 'parmesan parmigiano grana pecorino aged mature vintage',
};
const BISCUIT: Wider = { words: 'biscuit cookie cracker crispbread shortbread amaretti macaron oatcake' };
const PRESERVE: Wider = { words: 'jam marmalade jelly preserve compote curd' };

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
  pepper: { words: PEPPER },
  'red pepper': { words: PEPPER },
  'green pepper': { words: PEPPER },
  'hot pepper': { words: PEPPER },
  'bell pepper': { words: PEPPER },
  'sweet pepper': { words: PEPPER },
  chilli: { words: 'chilli chili cayenne jalapeno nduja harissa hot' },
  nightshade: { words: `tomato potato aubergine eggplant goji physalis ${PEPPER}` },
  citrus: { words: CITRUS },
  'citrus fruit': { words: CITRUS },
  'stone fruit': { words: 'cherry peach nectarine plum apricot prune mirabelle greengage damson' },
  bean: { words: 'bean edamame lupin soya soy tofu tempeh' },
  legume: LEGUME,
  pulse: LEGUME,
  pea: PEA,
  'green pea': PEA,
  'pea protein': PEA,
  grain: GRAIN,
  cereal: GRAIN,
  'whole grain': GRAIN,
  dip: DIP,
  spread: DIP,
  sauce: DIP,
  condiment: { families: ['spread-dip', 'pickle'] },
  flower: { words: 'flower petal blossom nasturtium rose lavender elderflower viola' },
  pastry: { words: 'pastry croissant quiche puff filo phyllo baklava straws tart pie' },
  'white meat': { words: 'chicken turkey poultry', may: 'pork duck ham veal rabbit' },
  'fresh herb': HERB,
  chickpea: { words: 'chickpea garbanzo hummus falafel' },
  garbanzo: { words: 'chickpea garbanzo hummus falafel' },
  cocoa: { words: CHOCOLATE },
  chocolate: { words: CHOCOLATE },
  yeast: { words: 'yeast sourdough bread baguette focaccia brioche roll toast pizza bagel croissant' },
  sausage: { words: 'sausage salami chorizo nduja soppressata mortadella pepperoni' },
  herb: HERB,
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
  ...Object.fromEntries(
    ['', ' cheese', ' milk'].flatMap((what) => [
      [`goat${what}`, OF_GOATS],
      [`sheep${what}`, OF_SHEEP],
      [`ewe${what}`, OF_SHEEP],
    ]),
  ),
  'soft cheese': {
    is: ({ family, texture, process }) =>
      family === 'cheese' &&
      (['runny', 'soft', 'creamy'].includes(texture) || MOULDED.includes(process) || texture === 'crumbly'),
  },
  'hard cheese': {
    is: ({ family, texture }) => family === 'cheese' && ['hard', 'firm', 'semi-firm'].includes(texture),
    words: 'parmesan parmigiano grana pecorino gruyere gouda cheddar manchego comte emmental',
  },
  ...Object.fromEntries(
    [
      'mould',
      'mold',
      'mouldy cheese',
      'moldy cheese',
      'mould ripened cheese',
      'blue mould',
      'white mould',
    ].map((word): [string, Wider] => [
      word,
      { is: ({ process }) => MOULDED.includes(process), words: BLUES },
    ]),
  ),
  'aged cheese': AGED,
  'mature cheese': AGED,
  'old cheese': AGED,
  'washed rind cheese': { words: 'taleggio munster epoisses reblochon vacherin limburger' },
  'fresh cheese': {
    is: ({ family, texture, process }) =>
      family === 'cheese' && process === 'plain' && ['runny', 'soft', 'creamy', 'crumbly'].includes(texture),
    words: 'ricotta mascarpone mozzarella burrata quark feta labneh paneer',
  },
  'seed oil': { words: 'sunflower rapeseed canola sesame linseed flax hemp poppy' },
  'vegetable oil': { words: 'sunflower rapeseed canola olive palm coconut sesame corn' },
  biscuit: BISCUIT,
  cookie: BISCUIT,
  cake: { words: 'cake madeleine brownie muffin sponge financier' },
  sugar: {
    families: ['sweet-bite'],
    words:
      'sugar honey syrup glucose fructose dextrose molasses treacle caramel toffee candied jam marmalade jelly',
    may: 'date raisin sultana currant fig apricot prune mango chocolate',
  },
  sweet: { families: ['sweet-bite'] },
  candy: { families: ['sweet-bite'] },
  dessert: { families: ['sweet-bite'] },
  crisp: { words: 'crisp chip' },
  chip: { words: 'crisp chip' },
  sprout: { words: 'sprout shoot cress' },
  jam: PRESERVE,
  preserve: PRESERVE,
  jelly: PRESERVE,
  chutney: { words: 'chutney relish marmalade' },
  relish: { words: 'chutney relish marmalade' },
  sultana: { words: 'raisin sultana currant' },
  raisin: { words: 'raisin sultana currant' },
  'blue cheese': { is: ({ process }) => ['soft-blue', 'hard-blue'].includes(process), words: BLUES },
  'cured meat': CURED,
  'deli meat': CURED,
  'processed meat': CURED,
  'cold cut': CURED,
  charcuterie: CURED,
  offal: { words: 'offal liver kidney tongue tripe parfait' },
  'oily fish': {
    words: 'salmon trout mackerel eel sardine anchovy herring gravadlax kipper sprat pilchard roe tapenade',
  },
  cucumber: { words: 'cucumber gherkin cornichon tzatziki' },
  flax: { words: 'flax flaxseed linseed' },
  flaxseed: { words: 'flax flaxseed linseed' },
  linseed: { words: 'flax flaxseed linseed' },
  'flax seed': { words: 'flax flaxseed linseed' },
};

/** "Goat's cheese" as "goat cheese". */
const key = (text: string): string =>
  wordsOf(text)
    .filter((word) => word !== 's')
    .join(' ');
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
  const { families = [], bases = [], allergens = [], ending } = wider;
  const holds = (word: string): boolean => words.has(word);
  return (
    families.includes(component.family) ||
    wordsOf(wider.words ?? '').some(holds) ||
    (ending !== undefined && [...words].some((word) => word.endsWith(ending))) ||
    bases.some((family) => [...basesOf(family)].some(holds)) ||
    allergens.some((allergen) => component.allergens[allergen] === 'contains') ||
    wider.is?.(component) === true
  );
}

/** A food may hold this though it is not named: "herbs" may be basil, "berries" strawberries. */
export const mayBeAmong = (text: string, words: ReadonlySet<string>): boolean =>
  wordsOf(BY_KEY.get(key(text))?.may ?? '').some((word) => words.has(word)) ||
  [...BY_KEY].some(([general, { words: named = '', ending }]) => {
    const asked = wordsOf(text);
    const isOneOfThem =
      asked.every((word) => wordsOf(named).includes(word)) ||
      (ending !== undefined && asked.length === 1 && asked[0]!.endsWith(ending));
    return isOneOfThem && general.split(' ').every((word) => words.has(word));
  });
