import type { ComponentId } from '../catalogue/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { wasteOfCuts } from '../shape/index.js';
import { planMaking } from './making.js';

/** What a plan needs of something that is bought: a food, a staple or a good of the kitchen. */
export interface Needed {
  id: string;
  neededG: number;
  /** Foods of the board that it goes into, with the grams of each; itself where it lies as it is. */
  goesInto: { id: ComponentId; massG: number }[];
}

/** Of what is mixed at home so much is tasted, and stays in bowls and on spoons (house default). */
export const TASTED = 0.03;
/** A recipe within a recipe within a recipe is as deep as a kitchen goes. */
const DEEPEST = 4;

/** Laid grams by food, with what is lost in cutting out. */
function laidG(plan: Plan): Map<ComponentId, number> {
  const larder = planLarder(plan);
  const grams = new Map<ComponentId, number>();
  for (const { componentId, massG } of plan.placements)
    grams.set(componentId, (grams.get(componentId) ?? 0) + massG);
  for (const id of new Set([...grams.keys(), ...plan.cuts.map(({ componentId }) => componentId)]))
    grams.set(id, (grams.get(id) ?? 0) + wasteOfCuts(plan, id, larder));
  return grams;
}

/**
 * What is bought for one gram of a food, in grams as they are eaten, by what a shop sells: itself, or its ingredients where
 * it is made at home, a little more for what is tasted. Water comes from the tap.
 */
export function boughtPerGram(plan: Pick<Plan, 'recipes'>, food: ComponentId): Map<string, number> {
  const bought = new Map<string, number>();
  const add = (id: string, massG: number, depth: number): void => {
    const making = depth < DEEPEST ? planMaking(plan, id as ComponentId) : undefined;
    if (making) {
      const times = (massG * (1 + TASTED)) / making.outG;
      for (const [part, grams] of making.parts) add(part, grams * times, depth + 1);
      return;
    }
    if (id === 'staple-water' || massG <= 0) return;
    bought.set(id, (bought.get(id) ?? 0) + massG);
  };
  add(food, 1, 0);
  return bought;
}

/** All that a plan needs: the same ingredient of several foods is one need. */
export function neededFor(plan: Plan): Needed[] {
  const needs = new Map<string, Needed>();
  for (const [food, laid] of laidG(plan)) {
    if (laid <= 0) continue;
    for (const [id, grams] of boughtPerGram(plan, food)) {
      const need = needs.get(id) ?? { id, neededG: 0, goesInto: [] };
      needs.set(id, need);
      need.neededG += grams * laid;
      need.goesInto.push({ id: food, massG: grams * laid });
    }
  }
  return [...needs.values()];
}
