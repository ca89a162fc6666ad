import { onPlateOf, reachOf, type PlacedFood } from '../board/index.js';
import {
  isGrave,
  packOf,
  per100,
  plateLimit,
  settingValues,
  type Quantity,
  type Range,
} from '../needs/index.js';
import { needsOf, type Group } from '../party/index.js';
import { needG } from '../portion/index.js';
import type { CheckContext } from './context.js';

/** One guest's realistic plate: the portion, first of what is fine, then of what only the whole plate decides. */
export interface PlateLine {
  food: PlacedFood;
  massG: number;
}

export interface PlateSum {
  group: Group;
  need: string;
  quantity: Quantity;
  limit: number;
  sum: Range;
  /** What brings most of it, the largest first. */
  lines: { food: PlacedFood; massG: number; amount: Range }[];
  /** Kept as an allergy or strictly, not only gladly. */
  strict: boolean;
}

/**
 * Grams of each food on one guest's plate, as they lie there. Who counts takes what is fine first, as far as the others
 * leave it, and fills the portion with what is left to the whole plate.
 */
export function plateOf(context: CheckContext, group: Group): PlateLine[] {
  const { plan } = context;
  const foods = context.placed.filter((placed) => context.counts(placed, group));
  const isFirst = (placed: PlacedFood) =>
    context.overruled(placed.component.id, group) ||
    onPlateOf(placed.component, placed.form, group) === 'first';
  const portion = needG(group, context.targets) / group.count;
  const take = (foods: readonly PlacedFood[], reach: (placed: PlacedFood) => number, wantG: number) => {
    const lines = foods.map((food) => ({ food, massG: (food.massG * reach(food)) / group.count }));
    const there = sum(lines);
    const part = there > 0 ? Math.min(1, wantG / there) : 0;
    return lines.map(({ food, massG }) => ({ food, massG: massG * part }));
  };
  const first = take(foods.filter(isFirst), ({ surface }) => reachOf(plan, surface, group), portion);
  const then = take(
    foods.filter((placed) => !isFirst(placed)),
    () => 1,
    portion - sum(first),
  );
  return [...first, ...then];
}

const sum = (lines: readonly PlateLine[]): number => lines.reduce((total, { massG }) => total + massG, 0);

/** The plates whose sum a need limits: carbohydrate, salt, energy. */
export function plateSums(context: CheckContext): PlateSum[] {
  return context.plan.party.flatMap((group) =>
    needsOf(group).flatMap((choice): PlateSum[] => {
      const pack = packOf(choice);
      if (!pack?.quantity) return [];
      const { quantity } = pack;
      const setting = (id: string) => settingValues(pack, choice, id)[0]!;
      const lines = plateOf(context, group)
        .map(({ food, massG }) => {
          const hundred = per100(food.component, quantity, setting);
          return {
            food,
            massG,
            amount: { low: (hundred.low * massG) / 100, high: (hundred.high * massG) / 100 },
          };
        })
        .sort((a, b) => b.amount.high - a.amount.high);
      const total = (key: keyof Range) => lines.reduce((sum, line) => sum + line.amount[key], 0);
      return [
        {
          group,
          need: pack.id,
          quantity,
          limit: plateLimit(pack, choice, context.plan.occasion.role),
          sum: { low: total('low'), high: total('high') },
          lines,
          strict: isGrave(pack, choice) || (choice.strictness ?? pack.strictness) === 'strict',
        },
      ];
    }),
  );
}
