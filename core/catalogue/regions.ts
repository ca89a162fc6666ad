import type { ComponentId } from './facts.js';

/** Where a food is at home, for themes of one kitchen. Common knowledge of kitchens and of protected names. */
export const REGIONS = [
  {
    id: 'alps',
    name: 'the Alps',
    foods:
      'gruyere emmental comte fontina raclette reblochon vacherin tete-de-moine speck dry-cured-ham beef-jerky bresaola rye-crispbread dark-rye-bread cornichons silverskin-onions pear-fans apple-fans plums apricots walnuts hazelnuts honey grain-mustard onion-marmalade dried-pears dried-apricots butter milk-chocolate dark-chocolate radishes chives red-leicester',
  },
  {
    id: 'italy',
    name: 'Italy',
    foods:
      'parmigiano grana-padano mozzarella-pearls buffalo-mozzarella burrata gorgonzola taleggio fontina asiago provolone pecorino-romano truffle-pecorino ricotta mascarpone smoked-scamorza salami fennel-salami bresaola coppa lonza mortadella nduja soppressata dry-cured-ham speck anchovy-fillets white-anchovies tuna-in-oil breadsticks focaccia polenta-crisps sun-dried-tomatoes artichoke-hearts marinated-mushrooms giardiniera green-olives black-olives capers roast-peppers basil-pesto pine-nut-pesto vegan-pesto tapenade balsamic-glaze honey figs melon red-grapes pear-fans cherry-tomatoes fennel radicchio grilled-aubergine courgette-ribbons giant-beans socca-crisps pistachios hazelnuts pine-nuts almonds amaretti nougat dark-chocolate basil rosemary sage',
  },
  {
    id: 'france',
    name: 'France',
    foods:
      'brie brie-de-meaux camembert triple-cream munster epoisses reblochon comte roquefort goat-log goat-ash-pyramid goat-button ossau-iraty mimolette raclette salami peppered-salami dry-cured-ham cooked-ham pork-pate liver-parfait duck-rillettes smoked-duck baguette-toasts brioche-toasts melba-toast cornichons silverskin-onions grain-mustard dijon-mustard tapenade fig-jam quince-paste onion-marmalade green-grapes red-grapes pear-fans apple-fans figs apricots plums radishes walnuts hazelnuts roast-chestnuts prunes macarons nougat lentil-balls thyme chives butter mushroom-pate',
  },
  {
    id: 'iberia',
    name: 'Iberia',
    foods:
      'manchego thistle-sheep idiazabal goat-log soft-sheep-round serrano-ham chorizo lonza anchovy-fillets white-anchovies sardines tuna-in-oil octopus marinated-mussels green-olives black-olives anchovy-olives almond-olives garlic-olives roast-peppers filled-peppers hot-peppers quince-paste romesco aioli almonds giant-corn dried-figs medjool-dates figs orange-wheels red-grapes melon pear-fans blood-orange cherry-tomatoes tomato-slices asparagus grilled-aubergine chickpea-bites chickpea-squares roast-chickpeas socca-crisps breadsticks sourdough-slices potato-crisps dark-chocolate marzipan nougat honey blistered-peppers',
  },
  {
    id: 'aegean',
    name: 'the Aegean',
    foods:
      'feta halloumi soft-sheep-round whipped-feta tzatziki tofu-feta almond-feta octopus anchovy-fillets sardines black-olives green-olives capers filled-vine-leaves roast-peppers artichoke-hearts giant-beans chickpea-bites pita-crisps flatbread cucumber tomato-slices cherry-tomatoes grilled-aubergine figs watermelon red-grapes apricots pomegranate honey walnuts pistachios almonds raisins dried-figs baklava halva turkish-delight sesame-brittle mint dill beef-meatballs lemon-slices baba-ganoush preserved-lemon',
  },
  {
    id: 'levant',
    name: 'the Levant',
    foods:
      'labneh-balls halloumi feta soft-sheep-round falafel chickpea-bites beef-meatballs turkey-breast roast-beef hummus-home hummus-bought baba-ganoush beet-dip walnut-pepper-dip tahini flatbread pita-crisps cucumber radishes tomato-slices pepper-strips little-gem grilled-aubergine cauliflower pickled-beetroot dill-pickles green-olives black-olives filled-vine-leaves preserved-lemon pomegranate medjool-dates dried-apricots dried-figs figs pistachios almonds walnuts roast-chickpeas date-syrup honey baklava halva turkish-delight sesame-brittle date-oat-balls mint parsley rose-petals egg-salad',
  },
  {
    id: 'north',
    name: 'the North',
    foods:
      'havarti danish-blue maasdam edam young-gouda aged-gouda cumin-gouda goat-gouda cream-cheese cottage-cheese gravadlax smoked-salmon hot-smoked-trout smoked-mackerel smoked-eel pickled-herring prawns trout-roe dressed-crab snack-sausages venison-salami beef-pastrami rye-crispbread dark-rye-bread oatcakes seed-crackers flax-crackers dill-pickles pickled-beetroot silverskin-onions sauerkraut grain-mustard chive-cream cucumber radishes celery kohlrabi apple-fans pear-fans blueberries redcurrants gooseberries raspberries strawberries dried-cranberries hazelnuts honey butter roast-beetroot dill chives cranberry-white egg-salad',
  },
  {
    id: 'isles',
    name: 'the western isles',
    foods:
      'mature-cheddar stilton red-leicester lancashire cheese-curds smoked-cheese cranberry-white roast-beef cooked-ham cocktail-sausages pork-pate smoked-salmon smoked-mackerel salmon-pate oatcakes water-crackers gf-oatcakes sourdough-slices cheese-straws malt-onions silverskin-onions dill-pickles grain-mustard apple-butter orange-marmalade lemon-curd onion-marmalade butter apple-fans pear-fans strawberries blackberries gooseberries raspberries plums celery radishes little-gem walnuts hazelnuts shortbread butter-fudge chives parsley',
  },
  {
    id: 'east',
    name: 'the Far East',
    foods:
      'smoked-tofu herb-tofu edamame smoked-tempeh seitan crab-sticks prawns rice-crackers nori-crackers rice-cakes lentil-crisps kimchi pickled-ginger daikon cucumber mangetout sugar-snaps baby-corn radish-sprouts spring-onions wasabi-peas tamari-seeds cashews peanuts lychees star-fruit dragon-fruit mango pineapple mandarins kumquats persimmon candied-ginger sesame-brittle coconut-chips chicken-skewers coriander mango-chutney paneer hot-peppers pepper-jelly',
  },
  {
    id: 'south-america',
    name: 'the southern Americas',
    foods:
      'pepper-jack string-cheese cheese-curds tortilla-chips corn-crackers plantain-crisps potato-crisps guacamole tomato-salsa bean-patties giant-beans beef-jerky roast-beef chorizo avocado hot-peppers filled-peppers pepper-strips sweet-potato baby-corn giant-corn peanuts cashews brazil-nuts pecans pumpkin-seeds mango pineapple papaya physalis banana dried-mango dried-pineapple banana-chips dark-chocolate coconut-macaroons coriander quince-paste peanut-butter herb-bean-dip radishes',
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

/** Is it another kitchen's food: at home somewhere, and not here? What is at home nowhere is everybody's. */
export const isForeignTo = (id: ComponentId, region: RegionId | ''): boolean =>
  !atHomeIn(id, region) && [...SETS.values()].some((foods) => foods.has(id));
