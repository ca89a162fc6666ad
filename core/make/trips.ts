import type { Plan } from '../plan/index.js';
import { AISLES, SHOP_DAYS, type AisleId, type ShopDay } from '../portion/index.js';
import type { ShopLine } from './shopping.js';

/** One way to one shop, shelf by shelf. */
export interface Trip {
  /** The same through edits: who goes is noted by it. */
  key: string;
  day: ShopDay;
  /** Null: where the stylist usually buys. */
  shop: string | null;
  aisles: { aisle: AisleId; lines: ShopLine[] }[];
}

export const tripKey = ({ day, shop }: Pick<Trip, 'day' | 'shop'>): string => `${day}|${shop ?? ''}`;

/** What is on a list: still to be bought, in the basket, or of unknown packs. */
export const isListed = ({ boughtG, basket, unknown }: ShopLine): boolean =>
  boughtG > 0 || basket !== null || unknown;

/** Nothing of it is left to buy. */
export const isInBasket = ({ boughtG, basket }: ShopLine): boolean => basket !== null && boughtG === 0;

/** The lists, in the order of days, shops as they come and the aisles of each; lines that need nothing are left out. */
export function tripsOf(lines: readonly ShopLine[]): Trip[] {
  const listed = lines.filter(isListed);
  const shops = [...new Set(listed.map(({ shop }) => shop))];
  return SHOP_DAYS.flatMap((day) =>
    shops.flatMap((shop): Trip[] => {
      const here = listed.filter((line) => line.day === day && line.shop === shop);
      if (here.length === 0) return [];
      const aisles = AISLES.map((aisle) => ({ aisle, lines: here.filter((line) => line.aisle === aisle) }));
      return [
        { key: tripKey({ day, shop }), day, shop, aisles: aisles.filter(({ lines }) => lines.length > 0) },
      ];
    }),
  );
}

/** Who goes on it; undefined where nobody has been asked. */
export const whoGoes = ({ day }: Pick<Plan, 'day'>, { key }: Trip): string | undefined =>
  day.errands.find(({ trip }) => trip === key)?.hand;

type BasketPacks = NonNullable<Plan['day']['bought'][number]['packs']>;

/** What lies in this plan's basket once the rest of a line is taken too, each pack with its shop. */
export function basketWith({ day }: Pick<Plan, 'day'>, { id, basket, packs, shop }: ShopLine): BasketPacks {
  const mine = day.bought.find((bought) => bought.id === id);
  const before: BasketPacks = mine ? (mine.packs ?? basket?.packs ?? []) : [];
  const taken: BasketPacks = packs.map((pack) => (shop === null ? pack : { ...pack, shop }));
  const all = new Map<string, BasketPacks[number]>();
  for (const pack of [...before, ...taken]) {
    const key = `${pack.massG} ${pack.priceMinor} ${pack.shop ?? ''}`;
    all.set(key, { ...pack, count: pack.count + (all.get(key)?.count ?? 0) });
  }
  return [...all.values()];
}
