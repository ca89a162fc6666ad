import { describe, expect, test } from '@jest/globals';
import { CATALOGUE, type FormId } from '../catalogue/index.js';
import type { NeedChoice, OwnNeed } from '../party/index.js';
import { judgeNeed } from './index.js';

/**
 * Written by hand from public knowledge of each food, before the evaluator ran on it: labels as commonly found,
 * protected specifications, public allergen law, public guidance for pregnancy and children, food composition tables.
 * F fine, A ask, X forbidden; one string of foods for each.
 */
const TABLE: Record<string, { F: string; A: string; X: string }> = {
  vegan: {
    F: 'sunflower-round herb-tofu falafel lupin-beans socca-crisps green-grapes cherry-tomatoes dried-apricots green-olives almonds hummus-home rosemary date-oat-balls smoked-tempeh hummus-no-sesame vegan-pesto tahini flax-crackers maple-syrup celery raisins capers buckwheat-crisps cashew-round coconut-block cornichons fig-jam fruit-gums-pectin peanut-butter quince-paste sourdough-slices hummus-bought',
    A: 'water-crackers dark-chocolate vegan-dark-chocolate rye-crispbread tortilla-chips wine-jelly plant-salami chocolate-strawberries focaccia',
    X: 'brie goat-log parmigiano dry-cured-ham smoked-salmon prawns tzatziki basil-pesto honey milk-chocolate marshmallows meringues tapenade brioche-toasts gf-toasts fruit-gums-gelatine kimchi honey-nuts nougat mayonnaise aioli egg-salad cheese-straws parmesan-crisps mascarpone paneer butter lemon-curd sesame-brittle shortbread anchovy-olives white-chocolate pine-nut-pesto',
  },
  vegetarian: {
    F: 'young-gouda mature-cheddar honey tzatziki falafel green-grapes thistle-sheep mascarpone paneer labneh-balls egg-salad aioli butter chive-cream almond-crackers meringues',
    A: 'brie manchego emmental stilton feta camembert cream-cheese ricotta red-leicester water-crackers mozzarella-pearls havarti string-cheese',
    X: 'parmigiano grana-padano gruyere gorgonzola salami smoked-salmon prawns basil-pesto marshmallows tapenade roquefort comte pecorino-romano taleggio parmesan-crisps pine-nut-pesto fruit-gums-gelatine kimchi anchovy-olives duck-rillettes trout-roe buffalo-mozzarella tete-de-moine',
  },
  pescatarian: {
    F: 'smoked-salmon prawns sardines octopus young-gouda trout-roe tuna-in-oil honey green-grapes anchovy-fillets tapenade',
    A: 'brie manchego marshmallows fruit-gums-gelatine crab-sticks',
    X: 'parmigiano gruyere dry-cured-ham turkey-breast bresaola venison-salami pork-pate smoked-duck beef-jerky chicken-skewers',
  },
  halal: {
    F: 'smoked-salmon prawns young-gouda falafel green-olives honey green-grapes hummus-home tzatziki pumpkin-seeds thistle-sheep mascarpone balsamic-glaze dijon-mustard onion-marmalade vegan-dark-chocolate romesco',
    A: 'bresaola turkey-breast beef-pastrami brie marshmallows water-crackers roast-beef chicken-skewers beef-salami smoked-duck fruit-gums-gelatine manchego chocolate-truffles macarons mozzarella-pearls',
    X: 'dry-cured-ham salami chorizo fennel-salami parmigiano mortadella venison-salami wine-jelly epoisses liver-parfait pork-pate speck nduja gruyere cocktail-sausages',
  },
  'kosher-style': {
    F: 'green-grapes almonds smoked-salmon sardines hummus-home honey cherry-tomatoes tuna-in-oil hummus-no-sesame raisins aioli',
    A: 'brie young-gouda bresaola roast-beef turkey-breast balsamic-glaze dijon-mustard water-crackers mascarpone fruit-gums-gelatine wine-jelly parmesan-crisps',
    X: 'dry-cured-ham salami prawns octopus dressed-crab smoked-eel liver-parfait crab-sticks marinated-mussels mortadella pork-pate',
  },
  'no-beef': {
    F: 'dry-cured-ham smoked-salmon brie parmigiano chicken-skewers green-grapes falafel',
    A: 'marshmallows fruit-gums-gelatine salami duck-rillettes turkey-salami',
    X: 'bresaola beef-pastrami roast-beef beef-jerky beef-salami beef-meatballs',
  },
  jain: {
    F: 'green-grapes almonds cucumber cherry-tomatoes paneer mascarpone hummus-no-sesame socca-crisps pepper-strips tomato-slices celery edamame',
    A: 'brie water-crackers rice-cakes tortilla-chips emmental mozzarella-pearls young-gouda',
    X: 'carrot-sticks radishes pink-onions hummus-home honey falafel beet-dip parmigiano raw-mushrooms tzatziki candied-ginger potato-rounds smoked-salmon dry-cured-ham spring-onions chive-cream marinated-mushrooms egg-salad truffle-pecorino roast-beetroot sweet-potato wine-jelly',
  },
  'gluten-free': {
    F: 'buckwheat-crisps corn-crackers socca-crisps brie dry-cured-ham green-grapes almonds hummus-home smoked-tofu honey gf-oatcakes gf-toasts seeded-gf-crackers flax-crackers polenta-crisps parmigiano parmesan-crisps lentil-balls almond-crackers prawns smoked-salmon raisins rice-crackers',
    A: 'blue-wedge salami dried-figs cornichons dark-chocolate roquefort stilton tortilla-chips rice-cakes potato-crisps lentil-crisps hummus-bought kimchi beef-jerky nougat mayonnaise',
    X: 'water-crackers seed-crackers baguette-toasts breadsticks flatbread oatcakes seitan malt-onions nori-crackers crab-sticks beef-meatballs walnut-pepper-dip rye-crispbread focaccia sourdough-slices pretzels brownie-bites baklava shortbread cheese-straws fruit-nut-toasts cocktail-sausages',
  },
  'dairy-free': {
    F: 'dry-cured-ham hummus-home green-grapes smoked-salmon herb-tofu almonds socca-crisps honey aioli sunflower-round vegan-pesto',
    A: 'salami coconut-block cashew-round water-crackers focaccia chorizo almond-feta peanut-butter potato-crisps mortadella cocktail-sausages',
    X: 'brie parmigiano butter brioche-toasts basil-pesto dark-chocolate vegan-dark-chocolate milk-chocolate tzatziki liver-parfait cheese-straws aged-gouda mascarpone salmon-pate chocolate-strawberries parmesan-crisps goat-log buffalo-mozzarella',
  },
  'lactose-light': {
    F: 'parmigiano aged-gouda gruyere mature-cheddar comte pecorino-romano hummus-home dry-cured-ham parmesan-crisps manchego emmental coconut-block',
    A: 'dark-chocolate water-crackers',
    X: 'mascarpone ricotta cottage-cheese cream-cheese milk-chocolate tzatziki chive-cream burrata white-chocolate',
  },
  'egg-free': {
    F: 'brie dry-cured-ham green-grapes almonds hummus-home parmigiano falafel comte pecorino-romano',
    A: 'aged-gouda manchego water-crackers cheese-straws asiago provolone salami goat-gouda milk-chocolate young-gouda edam havarti idiazabal',
    X: 'grana-padano meringues mayonnaise aioli egg-salad brioche-toasts gf-toasts nougat macarons crab-sticks liver-parfait almond-crackers lemon-curd coconut-macaroons amaretti pork-pate beef-meatballs',
  },
  'tree-nut-free': {
    F: 'brie green-grapes dry-cured-ham honey hummus-no-sesame edamame-dip lentil-balls nut-free-raisins nut-free-apricots nut-free-sunflower-seeds nut-free-brownies peanuts-no-nuts',
    A: 'salami water-crackers coconut-block banana-chips giant-corn hummus-bought coconut-macaroons tamari-seeds quince-paste pumpkin-seeds sunflower-seeds hummus-home tahini vegan-pesto flax-crackers roast-chestnuts coconut-chips dried-apricots raisins',
    X: 'almonds almonds-no-peanuts walnuts cashews pistachios peanuts basil-pesto cashew-round dark-chocolate mortadella marzipan nougat macarons baklava almond-olives romesco walnut-pepper-dip hazelnuts pecans brazil-nuts macadamias honey-nuts chocolate-hazelnut peanut-butter pine-nut-pesto almond-feta cashew-camembert fruit-nut-toasts pine-nuts amaretti almond-crackers turkish-delight',
  },
  'peanut-free': {
    F: 'brie green-grapes dry-cured-ham honey almonds-no-peanuts nut-free-sunflower-seeds',
    A: 'almonds walnuts hazelnuts pine-nuts water-crackers salami dark-chocolate mortadella hummus-bought hummus-home sunflower-seeds dried-apricots pine-nut-pesto',
    X: 'peanuts peanuts-no-nuts peanut-butter honey-nuts cashews candied-pecans smoked-almonds almond-butter',
  },
  'sesame-free': {
    F: 'hummus-no-sesame brie green-grapes dry-cured-ham socca-crisps',
    A: 'water-crackers salami rye-crispbread focaccia sunflower-round almonds pumpkin-seeds walnuts',
    X: 'hummus-home hummus-bought seed-crackers tahini baba-ganoush halva sesame-brittle seeded-gf-crackers pita-crisps',
  },
  'soy-free': {
    F: 'brie green-grapes dry-cured-ham hummus-home almonds',
    A: 'dark-chocolate water-crackers salami plant-salami milk-chocolate',
    X: 'herb-tofu smoked-tofu edamame smoked-tempeh seitan plant-ham nori-crackers tamari-seeds tofu-feta vegan-dark-chocolate',
  },
  'fish-free': {
    F: 'brie green-grapes dry-cured-ham hummus-home water-crackers',
    A: 'salami plant-salami marinated-mussels octopus dressed-crab prawns',
    X: 'smoked-salmon hot-smoked-trout tapenade anchovy-olives kimchi crab-sticks sardines salmon-pate trout-roe gravadlax',
  },
  'crustacean-free': {
    F: 'brie green-grapes dry-cured-ham water-crackers',
    A: 'kimchi marinated-mussels tapenade sardines smoked-salmon',
    X: 'prawns dressed-crab crab-sticks',
  },
  'mollusc-free': {
    F: 'brie green-grapes water-crackers',
    A: 'crab-sticks kimchi dressed-crab prawns smoked-salmon',
    X: 'octopus marinated-mussels',
  },
  'celery-free': {
    F: 'brie green-grapes cucumber dry-cured-ham hummus-home',
    A: 'salami cornichons mango-chutney hummus-bought potato-crisps',
    X: 'celery giardiniera giant-beans',
  },
  'mustard-free': {
    F: 'brie green-grapes dry-cured-ham green-olives hummus-home',
    A: 'salami pickled-herring dill-pickles water-crackers gravadlax',
    X: 'cornichons grain-mustard dijon-mustard mayonnaise egg-salad giardiniera wasabi-peas',
  },
  'lupin-free': {
    F: 'brie green-grapes dry-cured-ham hummus-home',
    A: 'water-crackers plant-salami seitan socca-crisps home-rolls',
    X: 'lupin-beans gf-toasts',
  },
  'sulphite-free': {
    F: 'brie green-grapes cherry-tomatoes almonds hummus-home medjool-dates',
    A: 'capers coconut-chips dried-apricots raisins prawns fennel-salami hot-peppers dried-mango balsamic-glaze grain-mustard prunes',
    X: 'wine-jelly dijon-mustard',
  },
  'alcohol-free': {
    F: 'brie green-grapes dry-cured-ham hummus-home honey balsamic-glaze dijon-mustard romesco water-crackers',
    A: 'salami mango-chutney chocolate-truffles macarons',
    X: 'wine-jelly epoisses fennel-salami venison-salami liver-parfait',
  },
  pregnancy: {
    F: 'mozzarella-pearls young-gouda mature-cheddar green-grapes hummus-home tuna-in-oil cream-cheese falafel almonds smoked-tofu prawns halloumi mascarpone paneer sardines',
    A: 'cooked-ham turkey-breast stilton feta beef-pastrami manchego chicken-skewers mortadella',
    X: 'brie camembert gorgonzola blue-wedge roquefort parmigiano smoked-salmon gravadlax dry-cured-ham salami pork-pate liver-parfait aioli radish-sprouts wine-jelly brie-de-meaux goat-ash-pyramid taleggio epoisses mushroom-pate chorizo bresaola trout-roe white-anchovies comte reblochon hot-smoked-trout smoked-mackerel roast-beef',
  },
  'child-under-1': {
    F: 'raspberries banana broccoli steamed-carrot hummus-no-sesame',
    A: '',
    X: 'honey nougat sesame-brittle honey-nuts green-grapes almonds parmigiano green-olives carrot-sticks',
  },
  'child-1-3': {
    F: 'raspberries orange-wheels steamed-carrot potato-rounds hummus-home pear-fans broccoli banana peaches cucumber ricotta tzatziki',
    A: 'brie camembert aioli',
    X: 'green-grapes cherry-tomatoes black-olives almonds carrot-sticks apple-fans young-gouda dried-apricots marshmallows salami parmigiano medjool-dates mozzarella-pearls blueberries caramel-popcorn seed-crackers flax-crackers fruit-nut-toasts cherries fruit-gums-gelatine fruit-gums-pectin hazelnuts cocktail-sausages peanut-butter almond-butter roast-chestnuts pretzels celery cauliflower raisins wine-jelly',
  },
  'child-4': {
    F: 'raspberries hummus-home banana broccoli',
    A: 'brie',
    X: 'green-grapes carrot-sticks almonds caramel-popcorn marshmallows parmigiano',
  },
  'child-5-12': {
    F: 'green-grapes carrot-sticks almonds brie dry-cured-ham parmigiano',
    A: 'salami chocolate-truffles',
    X: 'wine-jelly fennel-salami liver-parfait epoisses',
  },
  keto: {
    F: 'brie dry-cured-ham smoked-salmon green-olives almonds walnuts pecans cucumber celery raspberries parmigiano flax-crackers parmesan-crisps avocado chia-berry-jam macadamias radishes cherry-tomatoes aioli guacamole prawns strawberries roast-beetroot pickled-beetroot',
    A: 'hummus-home hummus-bought cashews banana dark-chocolate blueberries vegan-dark-chocolate',
    X: 'honey water-crackers medjool-dates fig-jam baguette-toasts dried-apricots maple-syrup balsamic-glaze candied-pecans quince-paste milk-chocolate rice-cakes oatcakes marshmallows raisins mango-chutney breadsticks green-grapes',
  },
  'carbs-counted': {
    F: 'brie dry-cured-ham smoked-salmon green-olives almonds cucumber raspberries green-grapes hummus-home carrot-sticks egg-halves tzatziki flax-crackers dark-chocolate sourdough-slices dark-rye-bread focaccia milk-chocolate fig-jam',
    A: 'honey water-crackers medjool-dates raisins fruit-gums-pectin breadsticks marshmallows',
    X: '',
  },
  'low-salt': {
    F: 'green-grapes almonds ricotta cucumber strawberries emmental mozzarella-pearls mascarpone',
    A: 'brie halloumi blue-wedge cornichons',
    X: 'anchovy-fillets',
  },
  lighter: {
    F: 'green-grapes cucumber prawns cherry-tomatoes turkey-breast bresaola tzatziki',
    A: 'almonds salami triple-cream milk-chocolate macadamias',
    X: '',
  },
};

const MARK = { fine: 'F', ask: 'A', forbidden: 'X' } as const;
const rows = Object.entries(TABLE).flatMap(([need, marks]) =>
  Object.entries(marks).flatMap(([mark, foods]) =>
    foods
      .split(' ')
      .filter(Boolean)
      .map((id) => [need, id, mark] as const),
  ),
);

test.each(rows)('%s: %s is %s', (need, id, mark) => {
  const component = CATALOGUE.find((otherComponent) => otherComponent.id === id)!;
  expect(component).toBeDefined();
  expect(MARK[judgeNeed(component, component.forms[0]!.form, { id: need, settings: {} }).verdict]).toBe(mark);
});

describe('settings where people differ', () => {
  const verdict = (id: string, need: string, settings: Record<string, string> = {}, form?: FormId) => {
    const component = CATALOGUE.find((otherComponent) => otherComponent.id === id)!;
    return judgeNeed(component, form ?? component.forms[0]!.form, { id: need, settings }).verdict;
  };
  const of = (id: string, need: string, setting: string, values: string) =>
    values.split(' ').map((value) => verdict(id, need, { [setting]: value }));

  test('animal rennet, by school', () => {
    expect(of('parmigiano', 'vegetarian', 'rennet', 'strict lenient')).toEqual(['forbidden', 'fine']);
    expect(of('parmigiano', 'pescatarian', 'rennet', 'strict lenient')).toEqual(['forbidden', 'fine']);
    expect(of('parmigiano', 'halal', 'rennet', 'strict lenient')).toEqual(['forbidden', 'fine']);
    expect(of('parmigiano', 'no-beef', 'rennet', 'strict lenient')).toEqual(['forbidden', 'fine']);
  });
  test('wine vinegar and vanilla, by school', () => {
    expect(of('balsamic-glaze', 'halal', 'vinegar', 'avoid accept')).toEqual(['forbidden', 'fine']);
    expect(of('romesco', 'alcohol-free', 'vinegar', 'avoid accept')).toEqual(['forbidden', 'fine']);
    expect(of('white-chocolate', 'alcohol-free', 'vanilla', 'avoid ask accept')).toEqual([
      'ask',
      'ask',
      'fine',
    ]);
  });
  test('oats, certified or none at all', () => {
    expect(of('gf-oatcakes', 'gluten-free', 'oats', 'none certified')).toEqual(['forbidden', 'fine']);
    expect(of('oatcakes', 'gluten-free', 'oats', 'none certified')).toEqual(['forbidden', 'forbidden']);
  });
  test('"may contain" has its own strictness', () => {
    expect(of('vegan-dark-chocolate', 'dairy-free', 'traces', 'avoid ask accept')).toEqual([
      'forbidden',
      'ask',
      'fine',
    ]);
    expect(of('pita-crisps', 'sesame-free', 'traces', 'avoid ask')).toEqual(['forbidden', 'ask']);
  });
  test('an allergy to one nut follows what the label says of that nut', () => {
    expect(verdict('almonds', 'tree-nut-free', { species: 'walnut' })).toBe('forbidden');
    // packed beside others: the pack says which
    expect(verdict('pecans', 'tree-nut-free', { species: 'pistachio' })).toBe('ask');
    expect(verdict('walnuts', 'tree-nut-free', { species: 'coconut' })).toBe('fine');
    expect(verdict('peanuts', 'tree-nut-free', { species: 'almond' })).toBe('ask');
    expect(verdict('mortadella', 'tree-nut-free', { species: 'pistachio' })).toBe('forbidden');
  });
  test('coconut and pine nut count where the guest’s own list says so', () => {
    expect(verdict('coconut-chips', 'tree-nut-free', { species: 'all' })).toBe('ask');
    expect(verdict('coconut-chips', 'tree-nut-free', { species: 'all,coconut' })).toBe('forbidden');
    expect(verdict('pine-nut-pesto', 'tree-nut-free', { species: 'all' })).toBe('forbidden');
    expect(verdict('pine-nut-pesto', 'tree-nut-free', { species: 'pine-nut' })).toBe('forbidden');
  });
  test('the two sets of guidance for pregnancy', () => {
    expect(of('smoked-salmon', 'pregnancy', 'level', 'strict lenient')).toEqual(['forbidden', 'ask']);
    expect(of('dry-cured-ham', 'pregnancy', 'level', 'strict lenient')).toEqual(['forbidden', 'ask']);
    expect(of('parmigiano', 'pregnancy', 'level', 'strict lenient')).toEqual(['forbidden', 'fine']);
    expect(of('brie', 'pregnancy', 'level', 'strict lenient')).toEqual(['forbidden', 'forbidden']);
    expect(of('reblochon', 'pregnancy', 'level', 'strict lenient')).toEqual(['forbidden', 'forbidden']);
    expect(of('stilton', 'pregnancy', 'level', 'strict lenient')).toEqual(['ask', 'fine']);
  });
  test('the limit of a keto plate moves what one helping may bring', () => {
    expect(of('hummus-home', 'keto', 'limit', '5 15')).toEqual(['forbidden', 'ask']);
    expect(of('green-grapes', 'keto', 'limit', '5 15')).toEqual(['forbidden', 'ask']);
    expect(of('carrot-sticks', 'keto', 'limit', '5 15')).toEqual(['ask', 'fine']);
  });
  test('lactose-light asks of each meat whose label may say milk, whatever mark it bears', () => {
    const open = [...CATALOGUE.values()].filter(
      ({ family, allergens }) => family === 'cured-meat' && allergens.milk === 'brand',
    );
    expect(open.map(({ id }) => String(id))).toEqual(
      expect.arrayContaining(['halal-beef-salami', 'halal-turkey', 'salami']),
    );
    const verdicts = open.map(({ id }) => of(id, 'lactose-light', 'level', 'none low'));
    expect(verdicts.flat().filter((verdict) => verdict === 'fine')).toEqual([]);
  });

  test('lactose-light lets aged cheese pass, "none" does not; neither says anything of a milk allergy', () => {
    expect(of('parmigiano', 'lactose-light', 'level', 'none low')).toEqual(['forbidden', 'fine']);
    expect(verdict('parmigiano', 'dairy-free')).toBe('forbidden');
  });
  test('wine in food is asked of vegans, or accepted', () => {
    expect(of('wine-jelly', 'vegan', 'wine', 'ask accept')).toEqual(['ask', 'fine']);
  });

  test('forms: what is forbidden whole is fine quartered, grated, in strips or smeared', () => {
    const forms: [string, FormId, FormId][] = [
      ['green-grapes', 'cluster', 'quartered'],
      ['cherry-tomatoes', 'scatter', 'quartered'],
      ['young-gouda', 'cubes', 'thin-strips'],
      ['carrot-sticks', 'sticks', 'grated'],
      ['apple-fans', 'slices', 'grated'],
      ['almond-butter', 'bowl', 'smeared'],
      ['dried-apricots', 'scatter', 'chopped'],
    ];
    for (const [id, whole, safe] of forms)
      expect([id, verdict(id, 'child-1-3', {}, whole), verdict(id, 'child-1-3', {}, safe)]).toEqual([
        id,
        'forbidden',
        'fine',
      ]);
  });
  test('nuts, popcorn and gums are fine for small children in no form', () => {
    for (const id of [
      'almonds',
      'walnuts',
      'hazelnuts',
      'caramel-popcorn',
      'fruit-gums-pectin',
      'marshmallows',
    ])
      for (const fact of CATALOGUE.find((component) => component.id === id)!.forms)
        expect(verdict(id, 'child-1-3', {}, fact.form)).toBe('forbidden');
  });
  test('at four the shape rules end where guidance says under four', () => {
    expect(of('green-grapes', 'child-4', 'choking', 'careful under-4')).toEqual(['forbidden', 'fine']);
  });
  test('very salty and raw food stays away from small children in any form', () => {
    expect(verdict('green-olives', 'child-1-3', {}, 'quartered')).toBe('forbidden');
    expect(verdict('parmigiano', 'child-1-3', {}, 'grated')).toBe('forbidden');
  });
  test('honey is for no baby, in nothing', () => {
    for (const id of ['honey', 'honey-nuts', 'nougat', 'sesame-brittle'])
      expect(verdict(id, 'child-under-1')).toBe('forbidden');
    expect(verdict('honey', 'child-1-3')).toBe('fine');
  });
});

describe('ways of eating and what is no ingredient', () => {
  const verdict = (id: string, need: string, settings: Record<string, string> = {}) => {
    const component = CATALOGUE.find((otherComponent) => otherComponent.id === id)!;
    return judgeNeed(component, component.forms[0]!.form, { id: need, settings }).verdict;
  };

  test('a way of eating asks nothing about what is known to be no ingredient; an allergy does', () => {
    for (const id of ['cornichons', 'date-syrup', 'quince-paste', 'sauerkraut', 'dill-pickles', 'peanuts'])
      expect([id, verdict(id, 'vegan'), verdict(id, 'dairy-free')]).toEqual([id, 'fine', 'ask']);
  });
  test('who avoids traces has the label read all the same', () => {
    expect(verdict('cornichons', 'vegan', { traces: 'avoid' })).toBe('ask');
  });
  test('a warning that somebody has read is heeded', () => {
    expect(verdict('vegan-dark-chocolate', 'vegan')).toBe('ask');
    expect(verdict('vegan-dark-chocolate', 'vegan', { traces: 'accept' })).toBe('fine');
  });
});

describe('own needs', () => {
  const own = (facts: OwnNeed['facts'], foods: string[] = []): NeedChoice => ({
    id: 'own-x',
    settings: {},
    own: { id: 'own-x', name: 'Own', facts, foods },
  });
  const verdict = (id: string, choice: NeedChoice) => {
    const component = CATALOGUE.find((otherComponent) => otherComponent.id === id)!;
    return judgeNeed(component, component.forms[0]!.form, choice).verdict;
  };
  const out = (fact: string) => ({ fact, values: ['contains'], verdict: 'forbidden' as const, why: '' });

  test('no onion', () => {
    const choice = own([out('ingredient.onion')]);
    expect(['pink-onions', 'falafel', 'brie', 'water-crackers'].map((id) => verdict(id, choice))).toEqual([
      'forbidden',
      'forbidden',
      'fine',
      'ask',
    ]);
  });
  test('no red meat', () => {
    const choice = own(['animal.pork', 'animal.beef', 'animal.lamb', 'animal.game'].map(out));
    expect(['bresaola', 'dry-cured-ham', 'chicken-skewers', 'brie'].map((id) => verdict(id, choice))).toEqual(
      ['forbidden', 'forbidden', 'fine', 'fine'],
    );
  });
  test('nothing with seeds, and a food by its name: a bought mix asks', () => {
    expect(verdict('hummus-home', own([out('ingredient.seeds')]))).toBe('forbidden');
    expect(verdict('beet-dip', own([], ['beetroot']))).toBe('forbidden');
    expect(verdict('brie', own([], ['beetroot']))).toBe('fine');
    expect(verdict('plant-salami', own([], ['beetroot']))).toBe('ask');
  });
  test('a food that nothing here goes by clears nothing: every food asks', () => {
    for (const component of CATALOGUE) expect(verdict(component.id, own([], ['onoin']))).toBe('ask');
    expect(verdict('beet-dip', own([], ['onoin', 'beetroot']))).toBe('forbidden');
  });
});
