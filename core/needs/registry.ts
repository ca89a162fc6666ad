import { CATALOGUE, wordsOf } from '../catalogue/index.js';
import { isWide } from './wider.js';
import type { NeedChoice, NeedWord } from '../party/index.js';
import { packOfOwn } from './own.js';
import { alcoholFree } from './packs/alcohol-free.js';
import { dairyFree } from './packs/dairy-free.js';
import { eggFree } from './packs/egg-free.js';
import { peanutFree } from './packs/peanut-free.js';
import { sesameFree } from './packs/sesame-free.js';
import { soyFree } from './packs/soy-free.js';
import { fishFree } from './packs/fish-free.js';
import { crustaceanFree } from './packs/crustacean-free.js';
import { molluscFree } from './packs/mollusc-free.js';
import { celeryFree } from './packs/celery-free.js';
import { mustardFree } from './packs/mustard-free.js';
import { lupinFree } from './packs/lupin-free.js';
import { sulphiteFree } from './packs/sulphite-free.js';
import { childUnder1 } from './packs/child-under-1.js';
import { child13 } from './packs/child-1-3.js';
import { child4 } from './packs/child-4.js';
import { carbsCounted } from './packs/carbs-counted.js';
import { child512 } from './packs/child-5-12.js';
import { glutenFree } from './packs/gluten-free.js';
import { halal } from './packs/halal.js';
import { jain } from './packs/jain.js';
import { keto } from './packs/keto.js';
import { kosherStyle } from './packs/kosher-style.js';
import { lactoseLight } from './packs/lactose-light.js';
import { noBeef } from './packs/no-beef.js';
import { lighter } from './packs/lighter.js';
import { lowSalt } from './packs/low-salt.js';
import { pregnancy } from './packs/pregnancy.js';
import { treeNutFree } from './packs/tree-nut-free.js';
import { vegan } from './packs/vegan.js';
import { pescatarian } from './packs/pescatarian.js';
import { vegetarian } from './packs/vegetarian.js';
import type { NeedPack } from './pack.js';

/** Every need, in the order in which they are offered: diets, faiths, allergies, care, ages, whole plates. */
export const NEEDS: readonly NeedPack[] = [
  vegan,
  vegetarian,
  pescatarian,
  halal,
  kosherStyle,
  noBeef,
  jain,
  glutenFree,
  dairyFree,
  lactoseLight,
  eggFree,
  treeNutFree,
  peanutFree,
  sesameFree,
  soyFree,
  fishFree,
  crustaceanFree,
  molluscFree,
  celeryFree,
  mustardFree,
  lupinFree,
  sulphiteFree,
  alcoholFree,
  pregnancy,
  childUnder1,
  child13,
  child4,
  child512,
  keto,
  carbsCounted,
  lowSalt,
  lighter,
];

const BY_ID = new Map([...NEEDS.map((pack) => [pack.id, pack] as const), ['coeliac', glutenFree] as const]);

export const needPack = (id: string): NeedPack | undefined => BY_ID.get(id);

/** The pack of a guest's need: one of ours, or the stylist's own that the need brings along. */
export const packOf = (choice: NeedChoice): NeedPack | undefined =>
  choice.own ? packOfOwn(choice.own) : needPack(choice.id);

/** Words for party lines. "coeliac" keeps its own label: it says more than the diet. */
export const NEED_WORDS: readonly NeedWord[] = NEEDS.flatMap((pack) => {
  const need: Omit<NeedWord, 'word'> = {
    need: { id: pack.id, settings: {} },
    label: pack.name,
    ...(pack.oneFood ? { leaves: pack.strictness === 'allergy' ? 'an allergen' : 'one food' } : {}),
    ...(pack.settings.some((setting) => setting.id === 'rennet') ? { knowsRennet: true } : {}),
    ...(pack.settings.some((setting) => setting.id === 'contact') ? { knowsContact: true } : {}),
  };
  return [
    ...[...new Set([pack.id, pack.name.toLowerCase(), ...pack.also])].map((word) => ({
      ...need,
      word,
      label: /^c(o)?eliac/.test(word) ? 'Coeliac' : pack.name,
    })),
    ...(pack.leftOut ?? []).map((word) => ({ ...need, word, leftOut: true })),
  ];
});

/** Words of names that name no food alone: "no animal products" is no rule against what is called "animal". */
const NO_FOOD_ALONE = new Set(
  wordsOf(
    `animal plant raw fresh hard soft white dark black red green yellow brown golden cold hot warm whole dry dried young old
    aged mature plain natural home made flat half root water powder culture flavour extract colour acid juice large small
    thin thick sweet strong mild pink light free low pack packed bought crisp packing product starch fat rind blood snack
    crunchy nitrate wholegrain roasted fried baked grilled toasted cooked filled stuffed marinated salted candied sweetened
    whipped sliced mixed canned tinned dipped coated vegan vegetarian`,
  ),
);

let foodWords: readonly ReadonlySet<string>[] | undefined;

/** Does a food of the catalogue go by this name, or hold it? Only of such a word a rule of one's own can be kept. */
export function isFoodWord(text: string): boolean {
  if (isWide(text)) return true;
  const words = wordsOf(text);
  if (words.every((word) => NO_FOOD_ALONE.has(word))) return false;
  foodWords ??= CATALOGUE.map(
    (component) =>
      new Set(
        [component.name, component.baseFood, ...component.synonyms, ...component.ingredients].flatMap(
          wordsOf,
        ),
      ),
  );
  return words.length > 0 && foodWords.some((known) => words.every((word) => known.has(word)));
}
