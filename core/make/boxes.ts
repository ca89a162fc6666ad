import type { Component } from '../catalogue/index.js';
import { numberOf, planLarder, type Plan, type Surface } from '../plan/index.js';
import { stageOfFood } from '../lay/index.js';
import { FORMS } from '../catalogue/index.js';

/** In the order in which they are unloaded: what is laid first comes out first. */
export const BOX_IDS = ['boards', 'cold-bowls', 'cold', 'dry', 'last'] as const;
export type BoxId = (typeof BOX_IDS)[number];

export interface Box {
  id: BoxId;
  /** With ice; a probe is read when it is opened. */
  cold: boolean;
  items: { name: string; massG: number }[];
}

const perishes = ({ holdOut }: Component): boolean => holdOut !== 'stable' && holdOut !== 'sweats';

function boxOf(component: Component, stands: boolean): BoxId {
  const stage = stageOfFood(component, stands);
  // potato rounds and what else carries but perishes goes with the cold
  if (!perishes(component) && (stage === 'garnish' || component.family === 'vehicle')) return 'last';
  if (stands) return 'cold-bowls';
  return perishes(component) || ['cheese', 'meat', 'large'].includes(stage) ? 'cold' : 'dry';
}

const calledOf = ({ name, singles }: Surface): string => (singles ? `${singles} × ${name}` : name);

/** What is packed with what, all lots; empty boxes are left out. Boards first: they are set up while the cold stays shut. */
export function boxesOf(plan: Plan): Box[] {
  const larder = planLarder(plan);
  const boxes = new Map<BoxId, Map<string, number>>(BOX_IDS.map((id) => [id, new Map()]));
  for (const { componentId, form, contained, massG } of plan.placements) {
    const component = larder.get(componentId);
    if (!component) continue;
    const box = boxes.get(boxOf(component, FORMS[form].bowl === true || contained))!;
    box.set(component.name, (box.get(component.name) ?? 0) + massG);
  }
  if (plan.placements.length > 0)
    for (const surface of plan.surfaces)
      if (!surface.inPlace)
        boxes.get('boards')!.set(calledOf(surface), (surface.weightG ?? 0) * numberOf(surface));
  return BOX_IDS.map((id) => ({
    id,
    cold: id === 'cold' || id === 'cold-bowls',
    items: [...boxes.get(id)!].map(([name, massG]) => ({ name, massG })),
  })).filter(({ items }) => items.length > 0);
}

/** Surfaces that are borrowed or hired, by name: they go back. */
export const goesBack = (plan: Plan): string[] =>
  plan.surfaces.filter((surface) => surface.goesBack).map(({ name }) => name);
