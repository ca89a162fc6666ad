/** Ingredients and words of which every need of ours may think what it likes: nothing of an animal, no allergen, no alcohol. */
const WORDS = `
water salt sea rock iodised sugar cane brown icing caster demerara muscovado molasses treacle syrup glucose fructose
dextrose maltodextrin sucrose invert golden agave maple date dates stevia erythritol xylitol sorbitol maltitol isomalt
sweetener sweeteners oil oils sunflower rapeseed canola olive extra virgin palm kernel vegetable vegetables maize corn
cornflour cornstarch cornmeal polenta rice flour starch starches modified fibre fiber inulin chicory psyllium husk quinoa millet
sorghum teff amaranth chickpea chickpeas lentil lentils bean beans pea peas protein gram haricot cannellini black white red green
yellow purple orange brown dark split mung navy fava broad pinto borlotti split tomato tomatoes paste puree concentrate
juice pulp pepper peppers bell sweet hot chilli chillies chili chilis cayenne jalapeno jalapenos paprika smoked smoke cucumber cucumbers gherkin
gherkins courgette courgettes zucchini aubergine aubergines squash pumpkin spinach kale cabbage cauliflower broccoli
lettuce rocket fennel artichoke artichokes asparagus olives olive capers caper vine leaves leaf herbs herb spices spice
basil oregano thyme rosemary sage mint dill parsley coriander cilantro tarragon marjoram bay cumin caraway anise
cinnamon cloves clove cardamom allspice mace saffron sumac zaatar curry fenugreek star vanilla bean beans pod vanillin
cocoa cacao mass nibs powder solids coffee tea lemon lemons lime limes orange oranges grapefruit mandarin apple apples
pear pears plum plums peach peaches apricot apricots cherry cherries grape grapes raisin raisins sultana sultanas currants
fig figs prune prunes mango mangoes pineapple papaya banana bananas plantain kiwi melon watermelon pomegranate quince
strawberry strawberries raspberry raspberries blueberry blueberries blackberry blackberries cranberry cranberries
blackcurrant blackcurrants redcurrant redcurrants elderberry elderflower rhubarb goji acai berry berries fruit fruits
avocado avocados peel zest rind pectin pectins agar carrageenan gum guar xanthan locust carob arabic acacia gellan
cellulose methylcellulose yeast nutritional extract extracts raising agent agents baking soda powder bicarbonate sodium
potassium calcium magnesium ammonium carbonate carbonates phosphate phosphates diphosphate diphosphates chloride iron
niacin thiamin riboflavin vitamin vitamins minerals citric ascorbic malic tartaric acetic acid acids lactic citrate
citrates ascorbate sorbate benzoate nitrate nitrite nitrates nitrites preservative preservatives antioxidant
antioxidants acidity regulator regulators stabiliser stabilisers stabilizer stabilizers thickener thickeners gelling
firming sulphate sulfate sulphates nigari hydrolysed hydrolyzed enriched marshmallow marshmallows cow cows goat goats ewe ewes sheep buffalo breast breasts thigh thighs leg loin fillet fillets boneless skinless skin powders removed seasoning seasonings mix probiotic pasteurised pasteurized edta disodium monosodium glutamate enhancers casing edible dextrin polydextrose silicon dioxide silica bisglycinate emulsifier emulsifiers colour colours color colors glazing anti caking flavouring enhancer humectant sequestrant propellant annatto norbixin carotene carotenes beta lutein anthocyanins chlorophyll caramelised plain charcoal ash spirulina
seaweed nori kombu wakame alginate carnauba candelilla wax culture cultures mould moulds mold bacterial ripening penicillium kefir
brine tocopherol tocopherols mixed rich of which sugars saturates rosewater rose flower water blossom hibiscus soapwort tartar cream-of-tartar
coconut-free sunflower-based popcorn maize tortilla masa hops konjac monk jackfruit tamarind miso-free bamboo shoots shoot sprouts
cress nettle sorrel lavender petals petal rapeseed grapeseed safflower rice-bran linseed-oil edible flowers pickled wild garlic-free air
`;
/** Words that say how, how much or whence, and nothing of what. */
const MANNER = `
and or with from in of the a an to for by on as at no added add contains contain ingredients ingredient list made using used per product
organic natural naturally fresh freshly dried sun semi whole wholegrain grain grains ground cracked crushed chopped sliced diced minced grated
shredded roasted toasted fried baked cooked steamed boiled raw ripe unripe pitted stoned peeled hulled shelled blanched salted unsalted
unsweetened sweetened filtered refined unrefined cold pressed hydrogenated partially fully non low reduced fat free range
concentrated reconstituted freeze spray powdered granulated flaked flakes flake pieces piece bits chips chunks strips
halves slices kernels kernel style type quality extra fine coarse light medium strong premium selected traditional
fermented aged matured cured acidified treated fortified enriched total minimum min max approx approximately varying
proportion proportions minimum weight drained net may also other based blend mix mixture filling coating topping base dough contain less than following processed agents this one two three percent
certified sustainable segregated fairtrade rainforest alliance origin country eu uk non-eu italian french spanish greek
`;

const SET = new Set(`${WORDS} ${MANNER}`.split(/\s+/).filter(Boolean));

/** E-numbers that come from plants, minerals or fermentation alone. Those that may be of an animal are terms of their own. */
const E_NUMBER =
  /^e(?:1(?!20$)\d\d[a-f]?|2(?:[03]\d|[6-9]\d)[a-f]?|3\d\d[a-f]?|4[0-6]\d[a-f]?|5(?!42$)\d\d|62\d|9(?:0[235]|[5-6]\d)[a-f]?|14\d\d)$/;

export const isHarmless = (word: string): boolean =>
  SET.has(word) ||
  SET.has(word.replace(/s$/, '')) ||
  E_NUMBER.test(word) ||
  /^\d/.test(word) ||
  word.length < 2;
