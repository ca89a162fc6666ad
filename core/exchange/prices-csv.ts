import { goodOf, GOOD_IDS, STAPLES, type ComponentId, type Larder } from '../catalogue/index.js';
import { decimalOf } from '../measure/index.js';
import { priceSchema, type Plan, type Price } from '../plan/index.js';
import { readTable, writeTable, type RowProblem } from './csv.js';

const COLUMNS = ['component', 'pack g', 'price', 'name', 'shop'] as const;
const ASKED = ['component', 'pack g', 'price'];
const MINOR = 100;
const MOST_PACKS = 12;
const MOST_SHOP = 40;

export interface PricesRead {
  prices: Price[];
  problems: RowProblem[];
}

/**
 * A price book: a line a pack, of one shop or several, by id or by name of a food, a staple or a good of the kitchen; grams, and the price in whole
 * units of the currency. Lines that cannot be read are named, the others are taken.
 */
export function readPrices(text: string, larder: Larder, currency: Plan['currency']): PricesRead {
  const { rows, problems } = readTable(text, COLUMNS, ASKED);
  const ids = idsByWord(larder);
  const packs = new Map<ComponentId, Price['packs']>();
  const out: RowProblem[] = [...problems];
  for (const { row, cells } of rows) {
    const id = ids.get(cells.component!.trim().toLowerCase());
    const [massG, price] = [decimalOf(cells['pack g']!), decimalOf(cells.price!)];
    const wrong = (column: string, value: string): void => {
      out.push({ row, column, reason: { say: 'no.price-cell', with: { column, value } } });
    };
    if (!id) wrong('component', cells.component!);
    else if (!(massG > 0 && massG <= 100_000)) wrong('pack g', cells['pack g']!);
    else if (!(price >= 0 && price <= 100_000)) wrong('price', cells.price!);
    else {
      const shop = cells.shop?.trim().slice(0, MOST_SHOP);
      const pack = { massG, priceMinor: Math.round(price * MINOR), ...(shop ? { shop } : {}) };
      packs.set(id, [...(packs.get(id) ?? []), pack].slice(0, MOST_PACKS));
    }
  }
  const prices = [...packs].map(([componentId, packs]) => ({ componentId, currency, packs }));
  return { prices: prices.filter((price) => priceSchema.safeParse(price).success), problems: out };
}

function idsByWord(larder: Larder): Map<string, ComponentId> {
  const ids = new Map<string, ComponentId>();
  const add = (id: string, name: string): void => {
    ids.set(id, id as ComponentId);
    if (!ids.has(name.toLowerCase())) ids.set(name.toLowerCase(), id as ComponentId);
  };
  for (const component of larder.values()) add(component.id, component.name);
  for (const staple of STAPLES.values()) add(staple.id, staple.name);
  for (const id of GOOD_IDS) add(id, goodOf(id)!.name);
  return ids;
}

/** The same back: what is read again is the same book. */
export const writePrices = (prices: readonly Price[], larder: Larder): string =>
  writeTable(
    COLUMNS,
    prices.flatMap(({ componentId, packs }) =>
      packs.map(({ massG, priceMinor, shop }) => [
        componentId,
        massG,
        (priceMinor / MINOR).toFixed(2),
        larder.get(componentId)?.name ?? STAPLES.get(componentId)?.name ?? goodOf(componentId)?.name ?? '',
        shop ?? '',
      ]),
    ),
  );
