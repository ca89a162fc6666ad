import { formOf, homeMadeId, type Component } from '../catalogue/index.js';
import {
  foodOfRecipe,
  planLarder,
  type Command,
  type OwnRecipe,
  type Placement,
  type Plan,
  type SurfaceId,
} from '../plan/index.js';
import { needOfCut } from '../shape/index.js';
import { grams, idWith, KEEPS_H, layMade, short } from './making.js';
import { placementsOf } from './pieces.js';
import { shortName } from '../measure/index.js';

/** What of a batch comes from a food's offcuts, and what from the block; crumbs of a gram are none. */
export function withOffcuts(food: Component, massG: number, offcutsG: number): OwnRecipe['parts'] {
  const left = grams(Math.min(massG, offcutsG));
  const block = grams(massG - left);
  return [
    ...(left >= 1 ? [{ componentId: food.id, massG: left, fromOffcuts: true as const }] : []),
    ...(block >= 1 || left < 1 ? [{ componentId: food.id, massG: Math.max(0.1, block) }] : []),
  ];
}

/** Of what is left where a food is cut out, what nothing else has a use for. */
export function freeOffcutsG(plan: Plan, food: Component, besides?: OwnRecipe['id']): number {
  const cut = plan.cuts.find(({ componentId }) => componentId === food.id);
  if (!cut) return 0;
  const others = plan.recipes.filter(({ id }) => id !== besides);
  const { leftG, usedG, laidG } = needOfCut(food, cut, { placements: plan.placements, recipes: others });
  return Math.max(0, leftG - usedG - laidG);
}

/** The small forms in which crumbs lie, the most usual first. */
const CRUMB_FORMS = ['grated', 'chopped', 'cubes'] as const;
/** Grams that a minute of crumbling or stirring makes (house default). */
const [CRUMBLED_G, STIRRED_G] = [60, 80];

/** The offcuts of what is cut out, crumbled, as a food of the plan. Undefined where there are none. */
export function crumbleOffcuts(plan: Plan, food: Component, surfaceId: SurfaceId): Command | undefined {
  const id = idWith('crumbs', food.id);
  const massG = grams(freeOffcutsG(plan, food, id));
  if (massG < 1) return undefined;
  const fact = CRUMB_FORMS.map((form) => formOf(food, form)).find((form) => form !== undefined);
  const recipe: OwnRecipe = {
    id,
    name: `Crumbs of ${short(food.name)}`.slice(0, 60),
    family: food.family,
    parts: [{ componentId: food.id, massG, fromOffcuts: true }],
    outG: massG,
    handsMin: Math.max(1, Math.round(massG / CRUMBLED_G)),
    waitMin: 0,
    keepsH: KEEPS_H,
    holdOut: food.holdOut,
    steps: 'Crumble or grate what is left of the slices. Keep it covered in the cold, and scatter it late.',
    ...(fact ? { serves: fact } : {}),
  };
  const form = fact?.form ?? 'cubes';
  const pieces = Math.max(1, Math.round(massG / (fact?.pieceG ?? 6)));
  return layMade(recipe, surfaceId, form, pieces, 'crumble the offcuts');
}

/** No more of a dip is offcuts than this (house default): it stays a dip. */
const MOST_IN_DIP = 1 / 3;

/**
 * The offcuts folded into a dip: a food of its own, its facts the worst of both. It lies where that dip lay; of a dip that
 * lies nowhere a bowl is made.
 */
export function foldIntoDip(
  plan: Plan,
  food: Component,
  dip: Component,
  otherwiseOn: SurfaceId,
): Command | undefined {
  const id = idWith('dip', dip.id, food.id);
  const made = homeMadeId({ id });
  const of = (componentId: Component['id']): Placement[] =>
    plan.placements.filter((placement) => placement.componentId === componentId);
  // folded in once, it is folded in anew
  const before = plan.recipes.find((recipe) => recipe.id === id);
  const isFolded = before !== undefined && of(made).length > 0;
  const lying = isFolded ? of(made) : of(dip.id);
  const surfaceId = lying[0]?.surfaceId ?? otherwiseOn;
  const lain = lying.filter((placement) => placement.surfaceId === surfaceId);
  const lainG = lain.reduce((sum, placement) => sum + placement.massG, 0);
  const dipG = grams(isFolded ? before.parts[0]!.massG : lainG || BOWL_G);
  const offcutsG = grams(Math.min(freeOffcutsG(plan, food, id), (dipG * MOST_IN_DIP) / (1 - MOST_IN_DIP)));
  const fact = formOf(dip, 'bowl');
  if (offcutsG < 1 || !fact) return undefined;
  const outG = grams(dipG + offcutsG);
  const recipe: OwnRecipe = {
    id,
    name: `${shortName(dip.name)} with ${short(food.name)}`.slice(0, 60),
    family: dip.family,
    parts: [
      { componentId: dip.id, massG: dipG },
      { componentId: food.id, massG: offcutsG, fromOffcuts: true },
    ],
    outG,
    handsMin: Math.max(1, Math.round(outG / STIRRED_G)),
    waitMin: 0,
    keepsH: KEEPS_H,
    holdOut: [dip.holdOut, food.holdOut].includes('perishable') ? 'perishable' : dip.holdOut,
    steps: 'Chop or grate what is left of the slices finely and fold it in.',
    serves: fact,
  };
  const component = foodOfRecipe(recipe, planLarder(plan));
  if (!component) return undefined;
  const placements: Placement[] =
    lain.length > 0
      ? lain.map((placement) => ({
          ...placement,
          componentId: made,
          massG: grams((placement.massG * outG) / lainG),
        }))
      : placementsOf({ plan, component, fact, surfaceId, massG: outG });
  return {
    name: 'together',
    label: 'fold the offcuts into a dip',
    commands: [
      { name: 'set-recipe', recipe },
      ...(isFolded ? [] : [{ name: 'place' as const, componentId: dip.id, surfaceId, placements: [] }]),
      { name: 'place', componentId: made, surfaceId, placements },
    ],
  };
}

/** Grams of a bowl of dip where none lies yet (house default). */
const BOWL_G = 200;
