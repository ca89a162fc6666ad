import { formatMoney } from '../../measure/index.js';
import { priceSchema, type Price } from '../../plan/index.js';
import { record } from '../record.js';
import { foodName } from './names.js';

/** What foods cost where the stylist buys, in the currency of that shop. */
export const prices = record({
  title: 'Prices at your shop',
  one: 'price',
  none: 'When you note what a food costs, you can keep it for every plan.',
  version: 1,
  schema: priceSchema,
  keyOf: (price) => `${price.componentId} ${price.currency}`,
  nameOf: ({ componentId, packs, currency }) =>
    `${foodName(componentId)}: ${packs
      .map((pack) => `${formatMoney(pack.priceMinor, currency)} / ${Math.round(pack.massG)} g`)
      .join(', ')}`,
  migrations: [],
  most: 2000,
});

const MOST_PACKS = 12;

/** What was paid first; other packs and shops that the house knows of the thing stay. */
export function withKnownPacks(paid: Price, house: readonly Price[]): Price {
  const known = house.find((price) => prices.keyOf(price) === prices.keyOf(paid));
  const isNew = ({ massG, shop }: Price['packs'][number]): boolean =>
    !paid.packs.some((pack) => pack.massG === massG && pack.shop === shop);
  return { ...paid, packs: [...paid.packs, ...(known?.packs.filter(isNew) ?? [])].slice(0, MOST_PACKS) };
}
