import { formatMoney } from '../../measure/index.js';
import { priceSchema } from '../../plan/index.js';
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
