import type { FactKey } from '../catalogue/index.js';

/** What a word on a label says. `open` makes it a question: the facts stay open until somebody answers. */
export interface Term {
  /** Words, with | between spellings and ? after an optional letter; matched as whole words, longest first. */
  words: string;
  facts: readonly (readonly [FactKey, string])[];
  open?: string;
}

const has = (...keys: FactKey[]) => keys.map((k) => [k, 'contains'] as const);
const open = (...keys: FactKey[]) => keys.map((k) => [k, 'brand'] as const);
const t = (words: string, facts: Term['facts'], question?: string): Term =>
  question === undefined ? { words, facts } : { words, facts, open: question };

const MILK = has('allergen.milk', 'animal.milk');
const MILKY: Term['facts'] = [...MILK, ['lactose', 'contains']];
const CHEESE: Term['facts'] = [...MILK, ['rennet', 'depends'], ['supervision', 'needed']];
const SET_WITH_ANIMAL: Term['facts'] = [
  ...MILK,
  ['rennet', 'animal'],
  ['lactose', 'low'],
  ['supervision', 'needed'],
];
const EGG = has('allergen.egg', 'animal.egg');
const FISH: Term['facts'] = has('allergen.fish', 'animal.fish');
const MEAT: Term['facts'] = [
  ['slaughter', 'needed'],
  ['supervision', 'needed'],
];
const PORK: Term['facts'] = [...has('animal.pork'), ...MEAT];
const BEEF: Term['facts'] = [...has('animal.beef'), ...MEAT];
const POULTRY: Term['facts'] = [...has('animal.poultry'), ...MEAT];
const WINE: Term['facts'] = [
  ...has('alcohol', 'ingredient.grape-product'),
  ...open('allergen.sulphites'),
  ['supervision', 'needed'],
];
const VINEGAR: Term['facts'] = [
  ...has('ingredient.wine-vinegar', 'ingredient.grape-product'),
  ...open('allergen.sulphites'),
  ['supervision', 'needed'],
];
const GELATINE: Term['facts'] = [
  ...has('animal.gelatine'),
  ['slaughter', 'needed'],
  ['supervision', 'needed'],
];
const nut = (species: string): Term['facts'] => [
  ['allergen.tree-nuts', 'contains'],
  [`nut.${species}` as FactKey, 'contains'],
];
const FAT_QUESTION = 'made of plant or of animal fat?';

/** Words that look like an allergen or an animal and are not. They are taken first, so that nothing in them counts. */
export const LOOK_ALIKES: readonly Term[] = [
  'buckwheat flour|buckwheat|cocoa butter|shea butter|butternut squash|butternut|butter beans?|butterbeans?|cream of tartar|milk thistle|nutmeg|water chestnuts?|chestnuts? flour|chestnuts?|doughnuts?|egg ?plants?|oyster mushrooms?',
  'beef tomato(?:es)?|kidney beans?|lactic acid|calcium lactate|sodium lactate|horse chestnut|almond shaped|wheatgrass|goats? ?beard|ham style|rice milk|crab apples?|fish mint|star anise',
  '(?:rice|maize|corn|chickpea|gram|lentil|teff|millet|quinoa|sorghum|pea|bean|amaranth|banana|plantain|urad|besan|green banana|brown rice|white rice|yellow corn) flour|flavou?r enhancers?|flavou?r potentiators?|monosodium glutamate|calcium disodium edta|cocoa mass|milk thistle|vegetable stock|vegetable bouillon|corn ?flour',
  'spirit vinegar|distilled vinegar|white vinegar|rice vinegar|cider vinegar|apple cider vinegar|vinegar powder|vegetable gelatine substitute|sunflower lecithins?|rapeseed lecithins?|lecithins? \\(sunflower\\)|lecithins? \\(rapeseed\\)|sunflower oil|rapeseed oil|palm oil|olive oil|vegetable oils?|maize oil|corn oil|canola oil',
  'vegetable suet|vegetable shortening|vegetable fats?|vegetable margarine|palm fat|coconut fat|palm kernel fat',
  'microbial cultures?|lactic cultures?|starter cultures?|cheese cultures?|vegetarian cultures?|bacterial cultures?|vegetable casing|cellulose casing|plant[- ]based',
].map((words) => t(words, []));

/** Plant versions: the word before takes the animal out of the one after. */
export const PLANT_MADE: readonly Term[] = [
  t('oat (?:milk|drink|cream)', [['oats', 'uncertified'], ...open('allergen.gluten')]),
  t('soya? ?(?:milk|drink|cream|yogh?urt|cheese)', has('allergen.soy')),
  t('almond (?:milk|drink|cream|butter|paste)', nut('almond')),
  t('cashew (?:milk|cream|butter|cheese|paste)', nut('cashew')),
  t('hazelnut (?:milk|drink|butter|paste)', nut('hazelnut')),
  t('coconut (?:milk|cream|butter|yogh?urt|oil|sugar|water)', has('nut.coconut')),
  t('peanut butter', has('allergen.peanuts')),
  t('lactose[- ]free (?:milk|yogh?urt|cream|cheese|butter)', [...MILK, ['lactose', 'none']]),
  t(
    '(?:vegan|plant|non[- ]dairy|dairy[- ]free|milk[- ]free) (?:butter|cheese|cream|milk|mayonnaise|chocolate|yogh?urt|margarine)',
    [],
  ),
  t('egg[- ]free mayonnaise|vegan egg|egg replacer', []),
];

export const TERMS: readonly Term[] = [
  // cereals with gluten
  t(
    'wheat(?:[- ]?(?:flour|starch|germ|bran|gluten|protein|fibre|fiber))?|whole ?wheat|wholemeal(?: flour)?|durum|semolina|spelt|kamut|khorasan|farro|einkorn|emmer|triticale|freekeh|bulgh?ur|couscous|seitan|rye|barley|pearl barley|gluten|breadcrumbs?|bread crumbs?|panko|rusk|croutons?|filo|puff pastry|pastry|pasta|noodles|biscuits?|bread|cookies?|wafers?|(?:rye|barley|spelt|durum|kamut|einkorn|emmer|triticale|semolina|wholegrain|wholemeal|self[- ]raising|plain white) (?:flour|bran|flakes|sourdough)|sourdough',
    has('allergen.gluten'),
  ),
  t(
    'glucose syrup \\((?:from )?wheat\\)|wheat glucose syrup|dextrose \\((?:from )?wheat\\)',
    open('allergen.gluten'),
    'is the guest to leave out syrup made of wheat? The law lets it pass',
  ),
  t(
    'malt(?:ed)?(?: barley| extract| vinegar| flour| syrup)?|barley malt(?: extract| vinegar)?',
    has('allergen.gluten'),
  ),
  t('flour(?!\\s*[([])|cereals?|starch from cereals?', open('allergen.gluten'), 'of which cereal?'),
  t(
    '(?:certified )?gluten[- ]free (?:rolled oats|oat flakes|oat flour|oatmeal|oats?)|(?:oats?|oatmeal|oat flour) \\(gluten[- ]free\\)',
    [['oats', 'certified']],
  ),
  t('oats?|oatmeal|oat ?flakes|oat bran|oat flour|porridge', [
    ['oats', 'uncertified'],
    ...open('allergen.gluten'),
  ]),
  t('soy sauce|soya sauce|shoyu', [...has('allergen.soy'), ...open('allergen.gluten')], 'brewed with wheat?'),
  t('tamari', [...has('allergen.soy'), ...open('allergen.gluten')], 'brewed without wheat?'),
  // milk
  t(
    'milk(?: ?powder| solids| fat| protein| sugar)?|milkfat|whole milk|skim(?:med)? milk(?: powder)?|buttermilk|butter(?: ?fat| ?oil)?|clarified butter|ghee|cream|double cream|sour(?:ed)? cream|creme fraiche|condensed milk|whey(?: powder| protein)?|lactose|yogh?urt|kefir|quark|curds?|fromage frais|dairy|custard|ice cream|dulce de leche',
    MILKY,
  ),
  t('casein(?:ate)?s?|sodium caseinate|calcium caseinate|lactalbumin|milk protein isolate', MILK),
  t('milk chocolate|white chocolate', [...MILKY]),
  t('non[- ]dairy creamer|coffee creamer', open('allergen.milk', 'animal.milk'), 'made with milk protein?'),
  t(
    'parmesan|parmigiano(?:[- ]reggiano)?|grana padano|pecorino(?: romano)?|gruyere|gorgonzola|roquefort|comte|manchego \\(animal rennet\\)',
    SET_WITH_ANIMAL,
  ),
  t(
    'cheese(?: ?powder)?|cheddar|mozzarella|feta|gouda|edam|emmental|brie|camembert|ricotta|mascarpone|halloumi|manchego|stilton|cream cheese|goats? cheese|hard cheese|blue cheese|soft cheese|paneer',
    CHEESE,
  ),
  t(
    'raw milk|unpasteurised(?: milk)?|unpasteurized(?: milk)?|raw cow s milk|raw (?:goat|sheep|ewe) s? ?milk',
    [...MILKY, ['milk-treatment', 'raw']],
  ),
  t(
    'pasteurised (?:(?:cow|goat|sheep|ewe|buffalo)s?\\W?s? )?milk|pasteurized (?:(?:cow|goat|sheep|ewe|buffalo)s?\\W?s? )?milk',
    [...MILKY, ['milk-treatment', 'pasteurised']],
  ),
  // rennet
  t('(?:calf|animal|lamb|traditional) rennet|rennet \\((?:animal|calf)\\)', [['rennet', 'animal']]),
  t(
    '(?:microbial|vegetarian|non[- ]animal|fermentation[- ]produced) (?:rennet|coagulant|enzymes?)|rennet \\((?:microbial|vegetarian)\\)',
    [['rennet', 'microbial']],
  ),
  t('(?:vegetable|plant|thistle) (?:rennet|coagulant)|rennet \\(vegetable\\)|cardoon', [
    ['rennet', 'vegetable'],
  ]),
  t('rennet|coagulants?|enzymes?', [['rennet', 'depends']], 'of an animal, microbial or of a plant?'),
  // egg
  t(
    'eggs?(?: ?(?:whites?|yolks?|powder))?|whole eggs?|free range eggs?|dried egg|albumen|albumin|ovalbumin|yolks?|mayonnaise|mayo|aioli|meringues?|lysozyme|e1105',
    EGG,
  ),
  // soy
  t(
    'soya?(?: ?(?:beans?|flour|protein|lecithins?|isolate|oil))?|soybeans?|soyabeans?|lecithins? \\(soya?\\)|lecithins? from soya?|tofu|tempeh|miso|edamame|natto',
    has('allergen.soy'),
  ),
  t('lecithins?|e322', open('allergen.soy', 'allergen.egg'), 'of soy, of egg or of sunflower?'),
  t(
    'hydroly[sz]ed vegetable protein|vegetable protein|textured (?:vegetable )?protein',
    open('allergen.soy', 'allergen.gluten'),
    'of soy or of wheat?',
  ),
  // nuts
  t('almonds?|marzipan|frangipane|amaretti|ground almonds|almond flour|almond extract', nut('almond')),
  t('hazelnuts?|filberts?|gianduja|cobnuts?', nut('hazelnut')),
  t('walnuts?', nut('walnut')),
  t('cashews?(?: nuts?)?', nut('cashew')),
  t('pecans?(?: nuts?)?', nut('pecan')),
  t('brazil nuts?|brazils', nut('brazil')),
  t('pistachios?(?: nuts?)?', nut('pistachio')),
  t('macadamias?(?: nuts?)?|queensland nuts?', nut('macadamia')),
  t('tree[- ]?nuts?|mixed nuts|nuts?|praline|nut oil|nut paste', has('allergen.tree-nuts')),
  t('coconuts?(?: flour)?|desiccated coconut', has('nut.coconut')),
  t('pine ?(?:nuts?|kernels?)|pignoli', has('nut.pine-nut')),
  t('peanuts?|ground ?nuts?|arachis oil|monkey nuts?|peanut oil', has('allergen.peanuts')),
  // the other allergens
  t('sesame(?: seeds?| oil)?|tahini|tahina|gomasio|benne', has('allergen.sesame', 'ingredient.seeds')),
  t('celery(?: ?(?:seeds?|salt|powder))?|celeriac', has('allergen.celery')),
  t('mustard(?: ?(?:seeds?|flour|powder|oil))?|dijon mustard', has('allergen.mustard')),
  t('lupine?s?(?: flour| beans?)?|lupini', has('allergen.lupin')),
  t(
    'sulphites?|sulfites?|sulphur dioxide|sulfur dioxide|so2|(?:sodium|potassium) (?:meta)?bisul(?:ph|f)ite|metabisul(?:ph|f)ites?|e22[0-8]',
    has('allergen.sulphites'),
  ),
  t('shell ?fish', has('allergen.crustaceans', 'allergen.molluscs', 'animal.shellfish')),
  t(
    'crustaceans?|prawns?|shrimps?|crabs?|lobsters?|crayfish|langoustines?|krill|shrimp paste',
    has('allergen.crustaceans', 'animal.shellfish'),
  ),
  t(
    'mollus[ck]s?|mussels?|oysters?|oyster sauce|squid|calamari|octopus|clams?|scallops?|snails?|whelks?|cockles?|cuttlefish',
    has('allergen.molluscs', 'animal.shellfish'),
  ),
  t(
    'anchov(?:y|ies)|salmon|tuna|trout|herrings?|mackerel|sardines?|cod|haddock|pollock|sprats?|pilchards?|sea ?bass',
    [...FISH, ['fish-kind', 'scaled']],
  ),
  t('eels?|monkfish|catfish|swordfish|shark|sturgeon|caviar|lumpfish', [...FISH, ['fish-kind', 'unscaled']]),
  t('fish(?: ?(?:oil|sauce|stock|extract))?|roe|isinglass|bonito|dashi', [...FISH, ['fish-kind', 'depends']]),
  t(
    'worcester(?:shire)? sauce',
    [...open('allergen.fish', 'animal.fish', 'allergen.gluten')],
    'made with anchovy and malt vinegar?',
  ),
  t(
    'surimi|crab ?sticks?|seafood sticks?',
    [
      ...FISH,
      ['fish-kind', 'depends'],
      ...open('allergen.crustaceans', 'animal.shellfish', 'allergen.egg', 'animal.egg', 'allergen.gluten'),
    ],
    'with crab, egg or wheat in it?',
  ),
  t(
    'marshmallows?(?!\\s*[:([])',
    open('animal.gelatine', 'animal.pork', 'animal.beef'),
    'set with gelatine, and of which animal?',
  ),
  // of animals
  t(
    'pork(?: (?:fat|rind|liver|meat))?|bacon|ham|lard|pancetta|prosciutto|gammon|chorizo|salami|speck|guanciale|lardons?',
    PORK,
  ),
  t('wild boar', [...has('animal.game', 'animal.pork'), ...MEAT]),
  t('beef(?: (?:extract|stock|fat))?|veal|tallow|suet|bresaola|pastrami', BEEF),
  t('lamb|mutton', [...has('animal.lamb'), ...MEAT]),
  t('chicken(?: (?:stock|fat|liver|extract|powder))?|turkey|duck(?: fat)?|goose(?: fat)?|poultry', POULTRY),
  t('venison|rabbit|game', [...has('animal.game'), ...MEAT]),
  t('animal fats?|dripping|animal shortening|bone phosphate|e542', has('animal.animal-fat')),
  t(
    'meat(?: extract| stock)?|liver|collagen casing|casings?|sausage',
    [...open('animal.pork', 'animal.beef', 'animal.animal-fat'), ...MEAT],
    'of which animal?',
  ),
  t('(?:pork|porcine) gelatine?|gelatine? \\((?:pork|porcine)\\)', [
    ...GELATINE,
    ['gelatine-from', 'pork'],
    ...has('animal.pork'),
  ]),
  t('(?:beef|bovine) gelatine?|gelatine? \\((?:beef|bovine)\\)', [
    ...GELATINE,
    ['gelatine-from', 'beef'],
    ...has('animal.beef'),
  ]),
  t('fish gelatine?|gelatine? \\(fish\\)', [
    ...has('animal.gelatine', 'animal.fish', 'allergen.fish'),
    ['gelatine-from', 'fish'],
    ['supervision', 'needed'],
  ]),
  t(
    'gelatine?|e441|collagen|aspic',
    [...GELATINE, ['gelatine-from', 'depends'], ...open('animal.pork', 'animal.beef')],
    'of pork, beef or fish?',
  ),
  t('honey(?: powder)?|royal jelly|propolis|bee pollen', has('animal.honey')),
  t('bees ?wax|e901', has('animal.beeswax')),
  t(
    'carmines?|cochineal|carminic acid|e120|shellac|e904|confectioner s glaze|natural red 4',
    has('animal.insects'),
  ),
  t(
    'glazing agents?(?!\\s*[:(])|glaze',
    open('animal.insects', 'animal.beeswax'),
    'with shellac or beeswax?',
  ),
  // plants that some leave out
  t(
    '(?:red |spring |green )?onions?(?: powder)?|shallots?|leeks?|chives?|scallions?',
    has('ingredient.onion'),
  ),
  t('garlic(?: ?(?:powder|puree|salt|oil))?', has('ingredient.garlic')),
  t(
    'carrots?|potato(?:es)?(?: starch| flakes| flour)?|sweet potato(?:es)?|beetroots?|beets?|radish(?:es)?|turnips?|parsnips?|ginger|turmeric|curcumin|horseradish|wasabi|cassava|tapioca(?: starch| flour)?|daikon',
    has('ingredient.root'),
  ),
  t('mushrooms?|porcini|shiitake|champignons?|truffles?', has('ingredient.mushroom')),
  t('(?:chocolate|cocoa) truffles?', []),
  t(
    '(?:sunflower|pumpkin|poppy|flax|chia|hemp|fennel|cumin|caraway|mixed)[ -]?seeds?|linseeds?|seeds?',
    has('ingredient.seeds'),
  ),
  t(
    'seasonings?(?!\\s*[:(\\[])|spice mix(?!\\s*[:(\\[])',
    open('animal.animal-fat', 'ingredient.onion', 'ingredient.garlic'),
    'what is in it?',
  ),
  // from a cask
  t(
    '(?:red |white |rice |port |cooking )?wine(?! vinegar)|port(?! vinegar)|sherry(?! vinegar)|marsala|madeira|champagne(?! vinegar)|prosecco|cognac|brandy|armagnac|marc|grappa',
    WINE,
  ),
  t('beer|ale|stout|lager', [...has('alcohol', 'allergen.gluten')]),
  t(
    'alcohol|ethanol|ethyl alcohol|rum|whisk(?:e?)y|vodka|gin|tequila|liqueurs?|kirsch|amaretto|calvados|sake|mirin|hard cider|bourbon|spirits?',
    has('alcohol'),
  ),
  t(
    '(?:red |white |sherry |champagne )?wine vinegar|sherry vinegar|balsamic vinegar(?: of modena)?|balsamic(?: glaze)?|champagne vinegar',
    VINEGAR,
    'is wine vinegar accepted, and are sulphites in it?',
  ),
  t('grape (?:juice|must|concentrate|juice concentrate)|concentrated grape must', [
    ...has('ingredient.grape-product'),
    ['supervision', 'needed'],
  ]),
  t(
    'vanilla (?:extract|essence)|natural vanilla extract',
    has('ingredient.vanilla-extract'),
    'is vanilla extract in alcohol accepted?',
  ),
  t(
    'vinegar',
    open('ingredient.wine-vinegar', 'allergen.gluten', 'allergen.sulphites'),
    'of spirit, of wine or of malt?',
  ),
  // doubtful words
  t(
    'natural (?:\\w+ )?flavou?rings?|natural flavou?rs?|flavou?rings?|flavou?rs?|aromas?',
    open('animal.animal-fat', 'alcohol'),
    'of plants only, and without alcohol?',
  ),
  t(
    'emulsifiers? e47[0-9][a-f]?|e47[0-9][a-f]?|e48[1-3]|e49[1-5]|e57[0-2]|mono[- ]? ?(?:and|&) ?di[- ]?glycerides(?: of fatty acids)?|monoglycerides|diglycerides|magnesium stearate|stearic acid|polysorbates?',
    open('animal.animal-fat'),
    FAT_QUESTION,
  ),
  t('emulsifiers?(?!\\s*[:(])', open('animal.animal-fat', 'allergen.soy'), 'which one, and of what?'),
  t('glycerine?|glycerol|e422', open('animal.animal-fat'), FAT_QUESTION),
  t(
    'e63[0-5]|e627|disodium (?:inosinate|guanylate|5.{0,2}ribonucleotides?)',
    open('animal.animal-fat', 'animal.fish'),
    'of plants, of meat or of fish?',
  ),
  t('e920|l[- ]cysteine|e640|glycine', open('animal.animal-fat'), 'of feathers or made by fermentation?'),
  t(
    'shortening|fat(?!s? of)|margarine',
    open('animal.animal-fat', 'allergen.milk', 'animal.milk'),
    'of plants or of animals?',
  ),
  t('vitamin d3?|omega[- ]?3', open('animal.animal-fat', 'animal.fish'), 'of wool or fish, or of plants?'),
  t(
    'stock|broth|bouillon|gravy',
    open('animal.beef', 'animal.pork', 'animal.poultry', 'animal.fish', 'allergen.celery'),
    'of meat, fish or vegetables?',
  ),
  t(
    'pesto',
    [
      ...open('allergen.milk', 'animal.milk', 'allergen.tree-nuts', 'nut.cashew', 'nut.pine-nut'),
      ['rennet', 'depends'],
    ],
    'with which cheese and which nuts?',
  ),
  t(
    'chocolate|dark chocolate',
    open('allergen.milk', 'animal.milk', 'allergen.soy'),
    'with milk or soy in it?',
  ),
  t(
    'nougat|caramel|toffee|fudge',
    open('allergen.milk', 'animal.milk', 'allergen.egg', 'animal.egg', 'animal.honey', 'allergen.tree-nuts'),
    'made with milk, egg, honey or nuts?',
  ),
  t(
    'processing aids?|anti[- ]caking agents?(?!\\s*[:(])|(?:natural )?colou?rs?(?!\\s*[:(])',
    open('animal.insects'),
    'is it carmine?',
  ),
];
