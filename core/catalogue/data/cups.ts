/**
 * Grams of a cup of 240 ml, loosely filled and levelled, as kitchen tables give them (house default; a scale is truer).
 * By what a thing is like: its ids follow.
 */
export const CUPS: readonly (readonly [gramsOfACup: number, ids: string])[] = [
  [240, 'staple-water milk cream coconut-milk staple-lemon staple-lime staple-orange'],
  [240, 'staple-spirit-vinegar staple-cider-vinegar sherry-vinegar chopped-tomatoes'],
  [218, 'staple-olive-oil staple-sunflower-oil'],
  [270, 'staple-tamari-sauce'],
  [340, 'honey staple-maple pomegranate-syrup'],
  [200, 'staple-sugar staple-erythritol'],
  [120, 'icing-sugar flour staple-rice-flour gf-rice-flour gf-chickpea-flour staple-chickpea-flour'],
  [120, 'staple-buckwheat-flour breadcrumbs'],
  [85, 'cocoa staple-yeast-flakes coconut-chips'],
  [100, 'ground-almonds gf-oats hard-cheese parmigiano'],
  [160, 'gf-polenta staple-chia staple-flax staple-mustard-seed staple-sesame'],
  [185, 'gf-quinoa bulgur lentils staple-red-lentils'],
  [165, 'staple-chickpeas black-beans butter-beans giant-beans kidney-beans staple-white-beans maize'],
  [245, 'staple-yoghurt soured-cream'],
  [230, 'cream-cheese mayonnaise plain-butter'],
  [255, 'sesame-paste grain-mustard'],
  [130, 'almonds cashews pumpkin-seeds sunflower-seeds pine-nuts dried-apricots dried-figs medjool-dates'],
  [110, 'walnuts pecans banana-chips'],
  [150, 'feta blueberries red-grapes green-grapes cherry-tomatoes onion staple-red-onion'],
  [130, 'raspberries blackberries strawberries staple-carrot'],
  [140, 'capers black-olives green-olives'],
  [24, 'basil parsley dill fresh-coriander chives cress kale'],
  [112, 'staple-cumin staple-paprika staple-cinnamon turmeric staple-pepper staple-chilli dried-oregano'],
  [290, 'staple-salt'],
];

/** What is counted: grams of one. */
export const COUNTED: Readonly<Record<string, number>> = {
  eggs: 55,
  'staple-garlic-clove': 4,
  avocado: 150,
  aubergines: 280,
  apples: 170,
  tortillas: 60,
  'vegan-tortillas': 60,
};
