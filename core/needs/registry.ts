import type { NeedChoice, NeedWord } from '../party/index.js';
import { packOfOwn } from './own.js';
import { alcoholFree } from './packs/alcohol-free.js';
import {
  celeryFree,
  crustaceanFree,
  dairyFree,
  eggFree,
  fishFree,
  lupinFree,
  molluscFree,
  mustardFree,
  peanutFree,
  sesameFree,
  soyFree,
  sulphiteFree,
} from './packs/allergies.js';
import { child13, child4, child512, childUnder1 } from './packs/children.js';
import { glutenFree } from './packs/gluten-free.js';
import { halal } from './packs/halal.js';
import { jain } from './packs/jain.js';
import { keto } from './packs/keto.js';
import { kosherStyle } from './packs/kosher-style.js';
import { lactoseLight } from './packs/lactose-light.js';
import { noBeef } from './packs/no-beef.js';
import { lighter, lowSalt } from './packs/plates.js';
import { pregnancy } from './packs/pregnancy.js';
import { treeNutFree } from './packs/tree-nut-free.js';
import { vegan } from './packs/vegan.js';
import { pescatarian, vegetarian } from './packs/vegetarian.js';
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
  lowSalt,
  lighter,
];

const BY_ID = new Map([...NEEDS.map((n) => [n.id, n] as const), ['coeliac', glutenFree] as const]);

export const needPack = (id: string): NeedPack | undefined => BY_ID.get(id);

/** The pack of a guest's need: one of ours, or the stylist's own that the need brings along. */
export const packOf = (choice: NeedChoice): NeedPack | undefined =>
  choice.own ? packOfOwn(choice.own) : needPack(choice.id);

/** Words for party lines. "coeliac" keeps its own label: it says more than the diet. */
export const NEED_WORDS: readonly NeedWord[] = NEEDS.flatMap((pack) =>
  [pack.id, pack.name.toLowerCase(), ...pack.also].map((word) => ({
    word,
    need: { id: pack.id, settings: {} },
    label: /^c(o)?eliac/.test(word) ? 'Coeliac' : pack.name,
  })),
);
