import { z } from 'zod';
import {
  FORM_IDS,
  componentIdSchema,
  componentSchema,
  homeMadeId,
  type ComponentId,
} from '../../catalogue/index.js';
import { ownRecipeSchema } from '../records/recipe.js';
import { outOfMotif, placementSchema, type Placement } from '../records/placement.js';
import { planSchema, type Plan } from '../plan.js';
import { surfaceSchema, type Surface } from '../records/surface.js';
import { command, replaceBy, toggled } from './command.js';

const componentId = componentIdSchema;
const surfaceId = surfaceSchema.shape.id;
const field = planSchema.shape;

const lies = (id: ComponentId, otherId: Surface['id']) => (placement: Plan['placements'][number]) =>
  placement.componentId === id && placement.surfaceId === otherId;

/** Merges what lies on `to` already: one placement per lot, forms as the moved food has them. */
function moved(plan: Plan, id: ComponentId, from: Surface['id'], to: Surface['id']): Plan {
  const here = plan.placements.filter(lies(id, from));
  const rest = plan.placements.filter((placement) => !here.includes(placement));
  const placements = here.reduce((all, placement) => {
    const twin = all.find(
      (otherPlacement) =>
        lies(id, to)(otherPlacement) &&
        otherPlacement.lot === placement.lot &&
        otherPlacement.form === placement.form &&
        otherPlacement.motif === undefined,
    );
    // it leaves the zone and the motif that it lay in
    const free = outOfMotif(placement);
    if (!twin) return [...all, { ...free, surfaceId: to, ...(free.inZone ? { inZone: false } : {}) }];
    return all.map((otherPlacement) =>
      otherPlacement === twin
        ? {
            ...otherPlacement,
            massG: otherPlacement.massG + placement.massG,
            pieces: otherPlacement.pieces + placement.pieces,
          }
        : otherPlacement,
    );
  }, rest);
  return { ...plan, placements };
}

/** The pieces of the new form are shared out over the lots by mass. */
function inForm(
  plan: Plan,
  f: { componentId: ComponentId; surfaceId: Surface['id']; form: (typeof FORM_IDS)[number]; pieces: number },
): Plan {
  const here = lies(f.componentId, f.surfaceId);
  const total = plan.placements.filter(here).reduce((sum, placement) => sum + placement.massG, 0);
  return {
    ...plan,
    placements: plan.placements.map((placement) =>
      here(placement)
        ? {
            ...placement,
            form: f.form,
            pieces: Math.max(1, Math.round((f.pieces * placement.massG) / total)),
          }
        : placement,
    ),
  };
}

const withWishes = (plan: Plan, wishes: Partial<Plan['wishes']>): Plan => ({
  ...plan,
  wishes: { ...plan.wishes, ...wishes },
});

/** A food that the plan does not know any more: where it lay, what was wished and said of it. */
const withoutFood = (plan: Plan, id: ComponentId): Plan => ({
  ...withWishes(plan, {
    pinned: toggled(plan.wishes.pinned, id, false),
    excluded: toggled(plan.wishes.excluded, id, false),
  }),
  placements: plan.placements.filter((placement) => placement.componentId !== id),
  answers: plan.answers.filter((answer) => answer.componentId !== id),
  cuts: plan.cuts.filter((cut) => cut.componentId !== id),
});

const offIce = ({ ice: _ice, ...placement }: Placement): Placement => placement;

/** More or less of a food that stands in a bowl of ice stands there too. */
function onItsIce(plan: Plan, placement: Placement): Placement {
  const before = plan.placements.find(
    (other) => lies(placement.componentId, placement.surfaceId)(other) && other.ice !== undefined,
  );
  return placement.contained && before?.ice && !placement.ice ? { ...placement, ice: before.ice } : placement;
}

/** What is wished for, and what lies where. */
export const BOARD_COMMANDS = [
  command('set-levers', 'move a lever', { levers: field.wishes.shape.levers }, (plan, { levers }) =>
    withWishes(plan, { levers }),
  ),
  command('set-lately', 'note the last boards', { lately: field.wishes.shape.lately }, (plan, { lately }) =>
    withWishes(plan, { lately }),
  ),
  command('set-star', 'choose the star', { star: field.wishes.shape.star }, (plan, { star }) => ({
    ...withWishes(plan, {
      star,
      excluded: star ? toggled(plan.wishes.excluded, star, false) : plan.wishes.excluded,
    }),
  })),
  command('set-seed', 'ask for another board', { seed: field.seed }, (plan, { seed }) => ({ ...plan, seed })),
  command('pin', 'pin or unpin', { componentId, on: z.boolean() }, (plan, c) =>
    withWishes(plan, {
      pinned: toggled(plan.wishes.pinned, c.componentId, c.on),
      excluded: c.on ? toggled(plan.wishes.excluded, c.componentId, false) : plan.wishes.excluded,
    }),
  ),
  command('exclude', 'exclude or allow', { componentId, on: z.boolean() }, (plan, c) => ({
    ...withWishes(plan, {
      excluded: toggled(plan.wishes.excluded, c.componentId, c.on),
      pinned: c.on ? toggled(plan.wishes.pinned, c.componentId, false) : plan.wishes.pinned,
    }),
    placements: c.on
      ? plan.placements.filter((placement) => placement.componentId !== c.componentId)
      : plan.placements,
  })),
  /** What lies on one surface of one component, all lots; an empty list takes it away. */
  command(
    'place',
    'change an amount',
    { componentId, surfaceId, placements: z.array(placementSchema).max(10) },
    (plan, c) => ({
      ...plan,
      placements: [
        ...plan.placements.filter((placement) => !lies(c.componentId, c.surfaceId)(placement)),
        ...c.placements.map((placement) =>
          onItsIce(plan, { ...placement, componentId: c.componentId, surfaceId: c.surfaceId }),
        ),
      ],
    }),
  ),
  command('leave-out', 'leave out', { componentId }, (plan, c) => ({
    ...withWishes(plan, { pinned: toggled(plan.wishes.pinned, c.componentId, false) }),
    placements: plan.placements.filter((placement) => placement.componentId !== c.componentId),
  })),
  command(
    'set-form',
    'change the form',
    { componentId, surfaceId, form: z.enum(FORM_IDS), pieces: z.number().int().min(1).max(20_000) },
    inForm,
  ),
  command('contain', 'contain in a bowl', { componentId, surfaceId, on: z.boolean() }, (plan, c) => ({
    ...plan,
    placements: plan.placements.map((placement) =>
      lies(c.componentId, c.surfaceId)(placement) ? { ...offIce(placement), contained: c.on } : placement,
    ),
  })),
  /** A bowl of ice, made for this food; null sets it back into a bowl of the house. */
  command(
    'set-ice',
    'set on ice or take off it',
    { componentId, surfaceId, ice: placementSchema.shape.ice.unwrap().nullable() },
    (plan, c) => ({
      ...plan,
      placements: plan.placements.map((placement) =>
        lies(c.componentId, c.surfaceId)(placement)
          ? { ...outOfMotif(offIce(placement)), contained: true, ...(c.ice ? { ice: c.ice } : {}) }
          : placement,
      ),
    }),
  ),
  command('own-tool', 'give a tool of its own', { componentId, surfaceId, on: z.boolean() }, (plan, c) => ({
    ...plan,
    placements: plan.placements.map((placement) =>
      lies(c.componentId, c.surfaceId)(placement) ? { ...placement, ownTool: c.on } : placement,
    ),
  })),
  /** What lies in a zone has a tool of its own: a shared one would end the zone. */
  command('in-zone', 'move in its zone', { componentId, surfaceId, on: z.boolean() }, (plan, c) => ({
    ...plan,
    placements: plan.placements.map((placement) =>
      lies(c.componentId, c.surfaceId)(placement) ? { ...placement, inZone: c.on, ownTool: c.on } : placement,
    ),
  })),
  command('move', 'move to another surface', { componentId, from: surfaceId, to: surfaceId }, (plan, c) =>
    moved(plan, c.componentId, c.from, c.to),
  ),
  command('set-board', 'choose the board', { placements: z.array(placementSchema).max(1000) }, (plan, c) => ({
    ...plan,
    placements: c.placements,
  })),
  command('add-component', 'add a component', { component: componentSchema }, (plan, { component }) => ({
    ...plan,
    ownComponents: replaceBy(
      plan.ownComponents,
      (otherComponent) => otherComponent.id === component.id,
      component,
    ),
  })),
  /** Where it lay and what was said of it goes too; undo brings it all back. */
  command('remove-component', 'delete a component', { componentId }, (plan, c) => ({
    ...withoutFood(plan, c.componentId),
    ownComponents: plan.ownComponents.filter((component) => component.id !== c.componentId),
  })),
  command('set-recipe', 'keep a recipe of your own', { recipe: ownRecipeSchema }, (plan, { recipe }) => ({
    ...plan,
    recipes: replaceBy(plan.recipes, (other) => other.id === recipe.id, recipe),
  })),
  command('remove-recipe', 'delete a recipe of your own', { id: ownRecipeSchema.shape.id }, (plan, { id }) =>
    withoutFood({ ...plan, recipes: plan.recipes.filter((recipe) => recipe.id !== id) }, homeMadeId({ id })),
  ),
] as const;
