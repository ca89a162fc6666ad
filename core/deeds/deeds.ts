import { formName, type ComponentId } from '../catalogue/index.js';
import { planLarder, type Plan, type SingleCommand } from '../plan/index.js';
import { lower } from '../words/index.js';

/** An edit that somebody asks for in words, without a screen. */
export interface Deed {
  id: string;
  words: string;
  /** What people say instead. */
  also: readonly string[];
  command: SingleCommand;
}

interface Asked {
  id: string;
  words: (name: string) => string;
  also: readonly string[];
  command: (id: ComponentId) => SingleCommand;
}

const OF_A_FOOD: readonly Asked[] = [
  {
    id: 'leave out',
    words: (name) => `Leave out ${name}`,
    also: ['remove', 'take off', 'without', 'no', 'drop'],
    command: (componentId) => ({ name: 'leave-out', componentId }),
  },
  {
    id: 'never',
    words: (name) => `Never ${name} here`,
    also: ['exclude', 'ban'],
    command: (componentId) => ({ name: 'exclude', componentId, on: true }),
  },
  {
    id: 'pin',
    words: (name) => `Keep ${name} in every proposal`,
    also: ['pin', 'keep', 'always'],
    command: (componentId) => ({ name: 'pin', componentId, on: true }),
  },
  {
    id: 'unpin',
    words: (name) => `Let ${name} go if need be`,
    also: ['unpin', 'unkeep'],
    command: (componentId) => ({ name: 'pin', componentId, on: false }),
  },
  {
    id: 'star',
    words: (name) => `Make ${name} the star`,
    also: ['star', 'centre', 'main piece'],
    command: (star) => ({ name: 'set-star', star }),
  },
];

const does = (plan: Plan, what: string, id: ComponentId): boolean => {
  const pinned = plan.wishes.pinned.includes(id);
  if (what === 'pin') return !pinned;
  if (what === 'unpin') return pinned;
  return what !== 'star' || plan.wishes.star !== id;
};

/** What can be asked of this plan in words: edits of each food that lies on it. */
export function deedsOf(plan: Plan): Deed[] {
  const larder = planLarder(plan);
  return [...new Set(plan.placements.map((placement) => placement.componentId))].flatMap((id): Deed[] => {
    const component = larder.get(id);
    if (!component) return [];
    const names = [
      component.baseFood,
      ...component.synonyms,
      ...component.forms.map((fact) => formName(fact.form)),
    ];
    return OF_A_FOOD.filter((asked) => does(plan, asked.id, id)).map((asked) => ({
      id: `${asked.id} ${id}`,
      words: asked.words(lower(component.name)),
      also: [...names, ...asked.also],
      command: asked.command(id),
    }));
  });
}
