import type { PlacedFood } from '../board/index.js';
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

/** One guest's realistic plate: the portion, of everything that the guest may eat, as it is there. */
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

/** Grams of each food on one guest's plate: the group's portion over what counts for it, by what lies there. */
export function plateOf(context: CheckContext, group: Group): PlateLine[] {
  const foods = context.placed.filter((placed) => context.counts(placed, group));
  const there = foods.reduce((sum, placed) => sum + placed.massG, 0);
  const each = needG(group, context.targets) / group.count;
  if (there <= 0) return [];
  const share = Math.min(each, there / group.count) / there;
  return foods.map((food) => ({ food, massG: food.massG * share }));
}

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
