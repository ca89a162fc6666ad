import { formatMoney } from '../measure/index.js';
import {
  basketText,
  isInBasket,
  packsText,
  shopFor,
  tripsOf,
  type ShopLine,
  type Trip,
} from '../make/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { writeTable } from './csv.js';

const DAYS: Readonly<Record<ShopLine['day'], string>> = {
  ahead: 'ahead',
  'day-before': 'the day before',
  'on-the-day': 'on the day',
};

const nameIn = (plans: readonly Plan[]): ((id: string) => string) => {
  const larders = plans.map((plan) => planLarder(plan));
  return (id) => larders.map((larder) => larder.get(id as never)?.name).find((name) => name) ?? id;
};

/** Foods that an ingredient goes into; nothing where it lies as it is. */
const into = (line: ShopLine, name: (id: string) => string): string =>
  [...new Set(line.goesInto.map(({ componentId }) => componentId as string))]
    .filter((id) => id !== line.id)
    .map(name)
    .join(', ');

/** The shopping list of one or several plans as a table: a line a ware, in the order of days and aisles. */
export function shoppingCsv(plans: readonly Plan[]): string {
  const { lines, costMinor } = shopFor(plans);
  const currency = plans[0]?.currency ?? 'EUR';
  const money = (minor: number) => formatMoney(minor, currency).replace(/^\S+ /, '');
  const name = nameIn(plans);
  const rows = lines.map((line) => [
    line.name,
    line.family,
    Math.round(line.neededG),
    Math.round(line.ownedG),
    line.unknown ? '?' : packsText(line),
    basketText(line),
    Math.round(line.boughtG),
    Math.round(line.leftG),
    money(line.costMinor),
    line.aisle,
    DAYS[line.day],
    line.shop ?? '',
    into(line, name),
  ]);
  return writeTable(
    [
      'component',
      'family',
      'needed g',
      'in the house g',
      'packs',
      'in the basket',
      'bought g',
      'left over g',
      `cost ${currency}`,
      'aisle',
      'when',
      'shop',
      'goes into',
    ],
    [...rows, ['Total', '', '', '', '', '', '', '', money(costMinor), '', '', '', '']],
  );
}

/** The list as text, to send: by day, shop and aisle; what is in the basket is left out. */
export function shoppingText(plans: readonly Plan[], wanted: (trip: Trip) => boolean = () => true): string {
  const out: string[] = [plans.map((plan) => plan.occasion.name).join(', ')];
  for (const trip of tripsOf(shopFor(plans).lines).filter(wanted))
    for (const { aisle, lines } of trip.aisles) {
      const left = lines.filter((line) => !isInBasket(line));
      if (left.length === 0) continue;
      const shop = trip.shop === null ? '' : `${trip.shop}, `;
      out.push('', `${DAYS[trip.day]}: ${shop}${aisle}`);
      for (const line of left)
        out.push(`- ${line.name}, ${line.unknown ? `${Math.round(line.neededG)} g` : packsText(line)}`);
    }
  return `${out.join('\n')}\n`;
}
