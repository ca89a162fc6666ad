import { buyingOf, goodOf, STAPLES, type Component, type ComponentId } from '../catalogue/index.js';
import { planLarder, type Plan, type ShopPack } from '../plan/index.js';
import { cheapestPacks, choosePacks, type PackChoice } from './packs.js';

/** The shelves of a shop, in the order in which one walks: what is cold last but one, bread last. */
export const AISLES = [
  'mill and dry shelf',
  'jars and tins',
  'sweets',
  'market stall',
  'dairy counter',
  'meat counter',
  'fish counter',
  'bread',
] as const;
export type AisleId = (typeof AISLES)[number];

/** What is bought when: weeks ahead, the day before, or on the day itself. */
export const SHOP_DAYS = ['ahead', 'day-before', 'on-the-day'] as const;
export type ShopDay = (typeof SHOP_DAYS)[number];

const OF_FAMILY: Readonly<Record<Component['family'], AisleId>> = {
  cheese: 'dairy counter',
  'cured-meat': 'meat counter',
  fish: 'fish counter',
  'plant-protein': 'dairy counter',
  cooked: 'meat counter',
  vehicle: 'bread',
  'fresh-fruit': 'market stall',
  'dried-fruit': 'mill and dry shelf',
  vegetable: 'market stall',
  pickle: 'jars and tins',
  'nut-seed': 'mill and dry shelf',
  'spread-dip': 'jars and tins',
  'sweet-bite': 'sweets',
  garnish: 'market stall',
};
const OF_GOOD = {
  meat: 'meat counter',
  dairy: 'dairy counter',
  mill: 'mill and dry shelf',
  bread: 'bread',
  greens: 'market stall',
  tins: 'jars and tins',
} as const;
/** Staples that do not stand on the dry shelf. */
const OF_STAPLE: Readonly<Record<string, AisleId>> = {
  'staple-lemon': 'market stall',
  'staple-lime': 'market stall',
  'staple-orange': 'market stall',
  'staple-garlic-clove': 'market stall',
  'staple-red-onion': 'market stall',
  'staple-carrot': 'market stall',
  'staple-yoghurt': 'dairy counter',
  'staple-soy-tofu': 'dairy counter',
  'staple-white-beans': 'jars and tins',
  'staple-chickpeas': 'jars and tins',
  'staple-red-lentils': 'jars and tins',
  'staple-tamari-sauce': 'jars and tins',
  'staple-maple': 'jars and tins',
};
const DAY: Readonly<Record<AisleId, ShopDay>> = {
  'mill and dry shelf': 'ahead',
  'jars and tins': 'ahead',
  sweets: 'ahead',
  'market stall': 'day-before',
  'dairy counter': 'day-before',
  'meat counter': 'day-before',
  'fish counter': 'on-the-day',
  bread: 'on-the-day',
};

/** One thing that a shop sells. */
export interface Ware {
  name: string;
  aisle: AisleId;
  day: ShopDay;
  /** The packs that it is sold in. */
  sold: readonly ShopPack[];
  /** The food of the larder or the staple; none for a good of the kitchen, and for what nobody knows any more. */
  component: Component | undefined;
  packs(needG: number): PackChoice | undefined;
  /** Of what is weighed in the shop the part that is eaten; null where packs are counted. */
  edible: number | null;
}

/** A cracker keeps, a loaf does not. */
const isDry = ({ texture, holdOut }: Component): boolean => texture === 'crunchy' && holdOut === 'stable';

function wareOfFood(component: Component): Ware {
  const { sold, edible } = buyingOf(component);
  const dry = component.family === 'vehicle' && isDry(component);
  const aisle = dry
    ? 'mill and dry shelf'
    : STAPLES.has(component.id)
      ? (OF_STAPLE[component.id] ?? 'mill and dry shelf')
      : OF_FAMILY[component.family];
  return {
    name: component.name,
    aisle,
    day: DAY[aisle],
    sold: component.packs,
    component,
    packs: (needG) => choosePacks(component, needG),
    edible: sold === 'by-weight' ? edible : null,
  };
}

/** What the stylist has noted of its packs, in the plan's money. */
export const ownPriceOf = (
  { prices, currency }: Partial<Plan>,
  id: string,
): Plan['prices'][number] | undefined =>
  prices?.find((price) => price.componentId === id && price.currency === currency);

/** How the plan's shop sells something, at its own prices where they are noted. */
export function wareOf(
  plan: Pick<Plan, 'ownComponents' | 'answers'> & Partial<Plan>,
  id: string,
): Ware | undefined {
  const own = ownPriceOf(plan, id);
  const staple = STAPLES.get(id);
  const component =
    planLarder(plan).get(id as ComponentId) ?? (staple && own ? { ...staple, packs: own.packs } : staple);
  if (component) return wareOfFood(component);
  const good = goodOf(id);
  if (!good) return undefined;
  const aisle = OF_GOOD[good.aisle];
  const packs = own?.packs ?? [{ massG: good.massG, priceMinor: good.priceMinor }];
  return {
    name: good.name,
    aisle,
    day: DAY[aisle],
    sold: packs,
    component: undefined,
    edible: null,
    packs: (needG) => cheapestPacks(packs, needG),
  };
}
