import type { ComponentId, Family } from './facts.js';

type Shares = Partial<Record<Family, number>>;

/** Kitchens whose boards are of cheese and ham, with less to dip into. */
const OF_CHEESE_AND_HAM: Shares = { 'spread-dip': 0.7, cheese: 1.1, 'cured-meat': 1.1 };

/**
 * Where a food is at home, for themes of one kitchen: common knowledge of kitchens and of protected names. `shares` is what
 * a kitchen has more of, or less, than a board without a theme (house default): few boards of the East have cheese.
 */
export const REGIONS = [
  {
    id: 'alps',
    name: 'the Alps',
    shares: OF_CHEESE_AND_HAM,
    foods:
      'gruyere emmental comte fontina raclette reblochon vacherin tete-de-moine speck dry-cured-ham bresaola rye-crispbread dark-rye-bread cornichons silverskin-onions pear-fans apple-fans plums apricots walnuts hazelnuts honey grain-mustard onion-marmalade dried-pears dried-apricots butter milk-chocolate dark-chocolate radishes chives roast-potatoes egg-halves sourdough-slices home-rolls pretzels fruit-nut-toasts cooked-ham snack-sausages salami hot-smoked-trout garlic-herb-cheese chive-cream mushroom-pate carrot-sticks cucumber-sticks red-grapes strawberries blueberries raspberries cherries apple-rings prunes waffle-hearts dill-pickles thyme parsley egg-salad beet-dip bean-pate',
  },
  {
    id: 'italy',
    name: 'Italy',
    shares: OF_CHEESE_AND_HAM,
    foods:
      'parmigiano grana-padano mozzarella-pearls buffalo-mozzarella burrata gorgonzola taleggio fontina asiago provolone pecorino-romano truffle-pecorino ricotta mascarpone smoked-scamorza salami fennel-salami bresaola coppa lonza mortadella nduja soppressata dry-cured-ham speck anchovy-fillets white-anchovies tuna-in-oil breadsticks focaccia polenta-crisps sun-dried-tomatoes artichoke-hearts marinated-mushrooms giardiniera green-olives black-olives capers roast-peppers basil-pesto pine-nut-pesto vegan-pesto tapenade balsamic-glaze honey figs melon red-grapes pear-fans cherry-tomatoes fennel radicchio grilled-aubergine courgette-ribbons giant-beans socca-crisps pistachios hazelnuts pine-nuts almonds amaretti nougat dark-chocolate basil rosemary sage pasta-bows pizza-bites grilled-vegetables bean-salad herb-bean-dip garlic-olives home-crackers vegan-breadsticks carrot-sticks tomato-slices pepper-strips asparagus strawberries peaches apricots cherries green-grapes orange-wheels blood-orange dried-figs raisins chickpea-squares chocolate-truffles prawns octopus mushroom-pate bean-pate baba-ganoush',
  },
  {
    id: 'france',
    name: 'France',
    shares: OF_CHEESE_AND_HAM,
    foods:
      'brie brie-de-meaux camembert triple-cream munster epoisses reblochon comte roquefort goat-log goat-ash-pyramid goat-button ossau-iraty mimolette raclette salami peppered-salami dry-cured-ham cooked-ham pork-pate liver-parfait duck-rillettes smoked-duck baguette-toasts brioche-toasts melba-toast cornichons silverskin-onions grain-mustard dijon-mustard tapenade fig-jam quince-paste onion-marmalade green-grapes red-grapes pear-fans apple-fans figs apricots plums radishes walnuts hazelnuts roast-chestnuts prunes macarons nougat lentil-balls thyme chives butter mushroom-pate egg-halves quiche-squares roast-potatoes vegan-baguette sourdough-slices carrot-sticks cucumber tomato-slices strawberries raspberries cherries peaches green-olives black-olives aioli garlic-herb-cheese smoked-salmon prawns madeleines meringues butter-biscuits chocolate-truffles dark-chocolate dried-apricots almonds blue-brie honey bean-salad parsley bean-pate salmon-pate egg-salad',
  },
  {
    id: 'iberia',
    name: 'Iberia',
    shares: OF_CHEESE_AND_HAM,
    foods:
      'manchego thistle-sheep idiazabal goat-log soft-sheep-round serrano-ham chorizo lonza anchovy-fillets white-anchovies sardines tuna-in-oil octopus marinated-mussels green-olives black-olives anchovy-olives almond-olives garlic-olives roast-peppers filled-peppers hot-peppers quince-paste romesco aioli almonds giant-corn dried-figs medjool-dates figs orange-wheels red-grapes melon pear-fans blood-orange cherry-tomatoes tomato-slices asparagus grilled-aubergine chickpea-bites chickpea-squares roast-chickpeas socca-crisps breadsticks sourdough-slices potato-crisps dark-chocolate marzipan nougat honey blistered-peppers egg-halves roast-potatoes bean-salad grilled-vegetables vegan-baguette prawns mild-sausage-strips cucumber-sticks carrot-sticks pepper-strips cherries strawberries peaches green-grapes dried-apricots raisins parsley hazelnuts pine-nuts pumpkin-seeds chocolate-truffles tapenade herb-bean-dip baba-ganoush walnut-pepper-dip hummus-no-sesame',
  },
  {
    id: 'aegean',
    name: 'the Aegean',
    shares: { 'spread-dip': 1.15, vegetable: 1.15 },
    foods:
      'feta halloumi soft-sheep-round whipped-feta tzatziki tofu-feta almond-feta octopus anchovy-fillets sardines black-olives green-olives capers filled-vine-leaves roast-peppers artichoke-hearts giant-beans chickpea-bites pita-crisps flatbread home-flatbread cucumber tomato-slices cherry-tomatoes grilled-aubergine figs watermelon red-grapes apricots pomegranate honey walnuts pistachios almonds raisins dried-figs baklava halva turkish-delight sesame-brittle mint dill beef-meatballs lemon-slices baba-ganoush preserved-lemon grilled-vegetables roast-potatoes egg-halves bean-salad thick-yoghurt sourdough-slices prawns chicken-skewers cucumber-sticks cucumber-boats pepper-strips carrot-sticks melon peaches cherries green-grapes goat-log ossau-iraty dried-apricots thyme parsley garlic-olives herb-bean-dip dill-pickles',
  },
  {
    id: 'levant',
    name: 'the Levant',
    shares: { 'spread-dip': 1.2, vegetable: 1.15, cheese: 0.9 },
    foods:
      'labneh-balls halloumi feta soft-sheep-round falafel chickpea-bites beef-meatballs turkey-breast roast-beef hummus-home hummus-bought baba-ganoush hummus-no-sesame beet-dip walnut-pepper-dip tahini flatbread home-flatbread pita-crisps cucumber radishes tomato-slices pepper-strips little-gem grilled-aubergine cauliflower pickled-beetroot dill-pickles green-olives black-olives filled-vine-leaves preserved-lemon pomegranate medjool-dates dried-apricots dried-figs figs pistachios almonds walnuts roast-chickpeas date-syrup honey baklava halva turkish-delight sesame-brittle date-oat-balls mint parsley rose-petals egg-salad grain-salad grilled-vegetables thick-yoghurt hummus-wraps egg-halves bean-salad cauliflower-bites chicken-skewers roast-chicken halal-chicken halal-turkey halal-meatballs halal-beef-salami halal-beef-ham cucumber-sticks carrot-sticks cherry-tomatoes green-grapes red-grapes melon watermelon apricots orange-wheels mandarins raisins bean-pate tzatziki dill lemon-slices goat-log',
  },
  {
    id: 'north',
    name: 'the North',
    shares: { 'spread-dip': 0.7, fish: 1.5 },
    foods:
      'havarti danish-blue maasdam edam young-gouda aged-gouda cumin-gouda goat-gouda cream-cheese cottage-cheese gravadlax smoked-salmon hot-smoked-trout smoked-mackerel smoked-eel pickled-herring prawns trout-roe dressed-crab snack-sausages venison-salami beef-pastrami rye-crispbread dark-rye-bread oatcakes seed-crackers flax-crackers dill-pickles pickled-beetroot silverskin-onions sauerkraut grain-mustard chive-cream cucumber radishes celery kohlrabi apple-fans pear-fans blueberries redcurrants gooseberries raspberries strawberries dried-cranberries hazelnuts honey butter roast-beetroot dill chives cranberry-white egg-salad egg-halves roast-potatoes cucumber-boats small-sandwiches soft-rolls home-rolls vegan-crispbread carrot-sticks cucumber-sticks butter-biscuits oat-biscuits salmon-pate beet-dip roast-beef cooked-ham mushroom-pate goat-button milk-chocolate parsley apple-butter plums cherries',
  },
  {
    id: 'isles',
    name: 'the western isles',
    shares: OF_CHEESE_AND_HAM,
    foods:
      'small-scones mature-cheddar stilton red-leicester lancashire cheese-curds smoked-cheese cranberry-white roast-beef cooked-ham cocktail-sausages pork-pate smoked-salmon smoked-mackerel salmon-pate oatcakes water-crackers gf-oatcakes sourdough-slices cheese-straws malt-onions silverskin-onions dill-pickles grain-mustard apple-butter orange-marmalade lemon-curd onion-marmalade butter apple-fans pear-fans strawberries blackberries gooseberries raspberries plums celery radishes little-gem walnuts hazelnuts shortbread butter-fudge chives parsley egg-halves small-sandwiches egg-salad cucumber-boats roast-potatoes soft-rolls home-rolls cucumber cucumber-sticks carrot-sticks red-grapes green-grapes cherry-tomatoes raisins dried-apricots butter-biscuits oat-biscuits brownie-bites prawns chive-cream herb-butter lentil-balls roast-beetroot cherries mushroom-pate beet-dip',
  },
  {
    id: 'east',
    name: 'the Far East',
    shares: {
      cheese: 0.4,
      'cured-meat': 1.15,
      fish: 1.6,
      'plant-protein': 1.5,
      vegetable: 1.2,
      'fresh-fruit': 1.1,
    },
    foods:
      'smoked-tofu herb-tofu edamame edamame-dip smoked-tempeh seitan crab-sticks prawns rice-crackers nori-crackers rice-cakes lentil-crisps kimchi pickled-ginger daikon cucumber mangetout sugar-snaps baby-corn radish-sprouts spring-onions wasabi-peas tamari-seeds cashews peanuts lychees star-fruit dragon-fruit mango pineapple mandarins kumquats persimmon candied-ginger sesame-brittle coconut-chips chicken-skewers coriander mango-chutney paneer hot-peppers pepper-jelly egg-halves peanut-butter roast-chicken carrot-sticks pepper-strips raw-mushrooms honeydew watermelon banana dark-chocolate white-chocolate cauliflower-bites papaya dried-mango',
  },
  {
    id: 'south-america',
    name: 'the southern Americas',
    shares: { cheese: 0.7, 'cured-meat': 1.15, 'fresh-fruit': 1.1, vegetable: 1.1 },
    foods:
      'pepper-jack string-cheese cheese-curds tortilla-chips corn-crackers plantain-crisps potato-crisps guacamole tomato-salsa bean-patties giant-beans beef-jerky roast-beef chorizo avocado hot-peppers filled-peppers pepper-strips sweet-potato baby-corn giant-corn home-flatbread peanuts cashews brazil-nuts pecans pumpkin-seeds mango pineapple papaya physalis banana dried-mango dried-pineapple banana-chips dark-chocolate coconut-macaroons coriander quince-paste peanut-butter herb-bean-dip radishes quinoa-salad bean-salad roast-potatoes egg-halves prawns tomato-slices cucumber carrot-sticks orange-wheels watermelon honeydew melon red-grapes green-olives pink-onions chicken-skewers roast-chicken chocolate-truffles milk-chocolate cauliflower-bites',
  },
] as const;

export type RegionId = (typeof REGIONS)[number]['id'];
export const REGION_IDS = REGIONS.map((r) => r.id) as [RegionId, ...RegionId[]];

const SETS: ReadonlyMap<string, ReadonlySet<string>> = new Map(
  REGIONS.map((r) => [r.id, new Set(r.foods.split(' '))]),
);

/** Is the food at home there? Anything is at home where no region is named. */
export const atHomeIn = (id: ComponentId, region: RegionId | ''): boolean =>
  region === '' || (SETS.get(region)?.has(id) ?? false);

/** At home in kitchens that no theme names. */
const ELSEWHERE: ReadonlySet<string> = new Set([
  'bagel-rounds',
  'small-pancakes',
  'marshmallows',
  'caramel-popcorn',
  'maple-syrup',
]);

/** Is it another kitchen's food: at home somewhere, and not here? What is at home nowhere is everybody's. */
export const isForeignTo = (id: ComponentId, region: RegionId | ''): boolean =>
  !atHomeIn(id, region) && (ELSEWHERE.has(id) || [...SETS.values()].some((foods) => foods.has(id)));

/** How much of a family the kitchen has, beside what is usual. */
export const shareOf = (family: Family, region: RegionId | ''): number => {
  const shares: Shares = REGIONS.find(({ id }) => id === region)?.shares ?? {};
  return shares[family] ?? 1;
};
