import { type Component, type Family } from '../catalogue/index.js';
import { oneOfEach, planLarder, type LaidElement, type Plan, type Surface } from '../plan/index.js';
import { bowlsInUse } from '../portion/index.js';

/** A helper lays a board in this order (craft, section 10): what stands, cheese, meat and fish, the large rest, fillers, garnish. */
export const STAGES = ['bowls', 'cheese', 'meat', 'large', 'fillers', 'garnish'] as const;
export type StageId = (typeof STAGES)[number];

const OF_FAMILY: Readonly<Record<Family, StageId>> = {
  cheese: 'cheese',
  'cured-meat': 'meat',
  fish: 'meat',
  'plant-protein': 'meat',
  cooked: 'meat',
  vehicle: 'large',
  'fresh-fruit': 'large',
  vegetable: 'large',
  'dried-fruit': 'fillers',
  pickle: 'fillers',
  'nut-seed': 'fillers',
  'spread-dip': 'fillers',
  'sweet-bite': 'fillers',
  garnish: 'garnish',
};

/** One food in one form, as it is laid in a stage. */
export interface StageFood {
  /** Counted through all stages of the surface, from 1. */
  number: number;
  component: Component;
  form: LaidElement['form'];
  elements: readonly LaidElement[];
  /** Pieces of each pile, the largest first; of bowls as many as there are. */
  piles: readonly number[];
  bowls: number;
  massG: number;
}

export interface Stage {
  id: StageId;
  foods: readonly StageFood[];
}

/** When a food is laid that stands, in a bowl or as a figure, or not. */
export const stageOfFood = (component: Pick<Component, 'family'>, stands: boolean): StageId =>
  stands ? 'bowls' : OF_FAMILY[component.family];

/** What is laid at one stage: what stands in bowls first, a figure with them, since nothing else may lie in its place. */
const stageOf = (element: LaidElement, component: Component): StageId =>
  stageOfFood(component, element.bowlMm !== null || element.motif !== undefined);

/** How a laid surface, or one of many alike, is laid again by somebody who has never seen it: stage by stage, with counts and grams. Grams are those of the first lot. */
export function stagesOf(all: Plan, surface: Surface): Stage[] {
  const plan = oneOfEach(all);
  const larder = planLarder(plan);
  const elements = plan.layout.find(({ surfaceId }) => surfaceId === surface.id)?.elements ?? [];
  const known = elements.flatMap((element) => {
    const component = larder.get(element.componentId);
    return component ? [{ element, component, stage: stageOf(element, component) }] : [];
  });
  const bowls = bowlsInUse(plan).filter((bowl) => bowl.surfaceId === surface.id);
  let number = 0;
  return STAGES.flatMap((id): Stage[] => {
    const here = known.filter(({ stage }) => stage === id);
    const keys = [...new Set(here.map(({ element }) => `${element.componentId} ${element.form}`))];
    const foods = keys.map((key): StageFood => {
      const mine = here.filter(({ element }) => `${element.componentId} ${element.form}` === key);
      const { component, element: first } = mine[0]!;
      const all = mine.map(({ element }) => element);
      const inBowls = all.filter(({ bowlMm }) => bowlMm !== null).length;
      const loose = all.filter(({ bowlMm }) => bowlMm === null);
      const lots = plan.placements.filter(
        (placement) =>
          placement.surfaceId === surface.id &&
          placement.lot === 0 &&
          placement.componentId === component.id &&
          placement.form === first.form,
      );
      const pieces = lots.reduce((sum, lot) => sum + lot.pieces, 0);
      const grams = lots.reduce((sum, lot) => sum + lot.massG, 0);
      const laid = loose.reduce((sum, element) => sum + Math.max(1, element.pieces.length), 0);
      const bowlG = bowls
        .filter((bowl) => bowl.componentId === component.id && bowl.form === first.form)
        .slice(0, inBowls)
        .reduce((sum, bowl) => sum + bowl.massG, 0);
      number += 1;
      return {
        number,
        component,
        form: first.form,
        elements: all,
        piles: loose.map((element) => Math.max(1, element.pieces.length)).sort((a, b) => b - a),
        bowls: inBowls,
        massG: inBowls > 0 ? bowlG : pieces > 0 ? (grams * Math.min(laid, pieces)) / pieces : 0,
      };
    });
    return foods.length > 0 ? [{ id, foods }] : [];
  });
}
