import type { ComponentId } from '../catalogue/index.js';
import { wasteOfCuts } from '../shape/index.js';
import { planLarder, type Plan } from '../plan/index.js';
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
 * All that a plan needs, in grams as they are eaten: what is made at home is asked for as its ingredients, a little more
 * for what is tasted, and the same ingredient of several foods is one need. Water comes from the tap.
 */
export function neededFor(plan: Plan): Needed[] {
  const needs = new Map<string, Needed>();
  const add = (id: string, massG: number, food: ComponentId, depth: number): void => {
    const making = depth < DEEPEST ? planMaking(plan, id as ComponentId) : undefined;
    if (making) {
      const times = (massG * (1 + TASTED)) / making.outG;
      for (const [part, grams] of making.parts) add(part, grams * times, food, depth + 1);
      return;
    }
    if (id === 'staple-water' || massG <= 0) return;
    const need = needs.get(id) ?? { id, neededG: 0, goesInto: [] };
    needs.set(id, need);
    need.neededG += massG;
    const into = need.goesInto.find((into) => into.id === food);
    if (into) into.massG += massG;
    else need.goesInto.push({ id: food, massG });
  };
  for (const [id, massG] of laidG(plan)) add(id, massG, id, 0);
  return [...needs.values()];
}

/** What most kitchens have, and buy by the year. */
export const BASICS = [
  'olive-oil',
  'sunflower-oil',
  'sugar',
  'salt',
  'spirit-vinegar',
  'cider-vinegar',
  'pepper',
  'cumin',
  'cinnamon',
  'paprika',
].map((id) => `staple-${id}` as ComponentId);
const BASICS_G = 1000;

/** The pantry with what most kitchens have, or without. */
export const withBasics = ({ pantry }: Pick<Plan, 'pantry'>, on: boolean): Plan['pantry'] => [
  ...pantry.filter(({ componentId }) => !BASICS.includes(componentId)),
  ...(on ? BASICS.map((componentId) => ({ componentId, massG: BASICS_G })) : []),
];
