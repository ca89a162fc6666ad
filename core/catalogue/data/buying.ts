// how foods are bought: ids, or classes of the serving tables, in words

/** But these come in brine, in a tub or under film. */
export const UNDER_FILM = `feta paneer halloumi mozzarella-pearls buffalo-mozzarella cheese-curds almond-feta tofu-feta
  plant-smoked-slices coconut-block plant-salami plant-ham halal-chicken halal-turkey halal-beef-salami halal-beef-ham`;

/** From the olive counter, the nut bins, the baker, and loose fruit and vegetables. */
export const BY_WEIGHT = `green-olives black-olives garlic-olives almond-olives anchovy-olives sun-dried-tomatoes
  artichoke-hearts filled-peppers filled-vine-leaves marinated-mushrooms
  sourdough-slices dark-rye-bread focaccia vegan-baguette baguette-toasts soft-rolls croissant-pieces bagel-rounds
  green-grapes red-grapes cherries figs orange-wheels blood-orange mandarins grapefruit pear-fans apple-fans kiwi apricots
  peaches plums mango persimmon banana kumquats lychees
  cucumber cucumber-sticks carrot-sticks steamed-carrot pepper-strips fennel chicory celery cauliflower broccoli asparagus
  green-beans raw-mushrooms kohlrabi daikon roast-beetroot courgette-ribbons grilled-aubergine avocado sweet-potato
  tomato-slices blistered-peppers`;
/** Chocolate, sweets and what else is closed again and waits for the next board. */
export const KEEPS = `dark-chocolate milk-chocolate white-chocolate vegan-dark-chocolate free-from-chocolate
  nut-free-milk-chocolate honey candied-ginger turkish-delight quince-paste maple-syrup date-syrup balsamic-glaze
  peanut-butter almond-butter chocolate-hazelnut tahini`;
export const KEEPS_BY_CLASS = 'jam mustard dried seed nut-odd';

/** Parts that are eaten, where some are not (house default). */
export const EDIBLE: Readonly<Record<string, number>> = {
  parmigiano: 0.94, 'grana-padano': 0.94, 'pecorino-romano': 0.94, asiago: 0.95, manchego: 0.94, gruyere: 0.95, comte: 0.95,
  'aged-gouda': 0.96, 'young-gouda': 0.97, 'goat-gouda': 0.96, 'cumin-gouda': 0.97, mimolette: 0.9, edam: 0.96, emmental: 0.96,
  'ossau-iraty': 0.94, idiazabal: 0.95, raclette: 0.95, 'tete-de-moine': 0.93, fontina: 0.93,
  melon: 0.6, honeydew: 0.6, watermelon: 0.6, pineapple: 0.55, mango: 0.65, papaya: 0.65, banana: 0.65, 'dragon-fruit': 0.6,
  pomegranate: 0.5, lychees: 0.6, physalis: 0.9, persimmon: 0.85, kiwi: 0.85, mandarins: 0.75, grapefruit: 0.65,
  'orange-wheels': 0.85, 'blood-orange': 0.85, 'apple-fans': 0.88, 'pear-fans': 0.88, peaches: 0.88, apricots: 0.92, plums: 0.92,
  strawberries: 0.95, 'green-grapes': 0.97, 'red-grapes': 0.97,
  'carrot-sticks': 0.85, 'steamed-carrot': 0.85, 'pepper-strips': 0.82, celery: 0.75, fennel: 0.8, kohlrabi: 0.65, daikon: 0.85,
  cauliflower: 0.6, broccoli: 0.6, asparagus: 0.7, 'green-beans': 0.92, radishes: 0.85, 'roast-beetroot': 0.8, avocado: 0.7,
  'sweet-potato': 0.85, 'spring-onions': 0.8, 'little-gem': 0.85, chicory: 0.9, radicchio: 0.9, 'raw-mushrooms': 0.95,
  'egg-halves': 0.88, 'roast-chestnuts': 1, 'roast-chicken': 0.7,
};
