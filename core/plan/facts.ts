import {
  larderOf,
  larderPartsOf,
  possibleValues,
  remade,
  withFact,
  type Component,
  type ComponentId,
  type Larder,
} from '../catalogue/index.js';
import { memo1, memo2, monthOf } from '../measure/index.js';
import type { Answer } from './records/said.js';
import { shapedLarder } from './cut-outs.js';
import { foodOfRecipe } from './own-recipe.js';
import type { Plan } from './plan.js';

/** The component as this plan knows it: what labels and people have said is filled in, with its source. */
function answered(component: Component, answers: readonly Answer[]): Component {
  let out = component;
  for (const answer of answers) {
    if (answer.componentId !== component.id || !possibleValues(answer.fact).includes(answer.value)) continue;
    out = withFact(out, answer.fact, answer.value);
  }
  return out;
}

/** The month whose fruit is ripe: in the southern half of the world half a year apart. */
export const growingMonth = (plan: Pick<Plan, 'occasion'>): number => {
  const month = monthOf(plan.occasion.start);
  return plan.occasion.hemisphere === 'south' ? ((month + 5) % 12) + 1 : month;
};

/**
 * Everything that can be chosen in this plan, with the plan's own components, recipes, answers and prices, and what is cut out of it. In a sweet course the sweet
 * bites are what a bite is built around, and a dip that is not sweet is not.
 */
export function planLarder(
  plan: Pick<Plan, 'ownComponents' | 'answers'> &
    Partial<Pick<Plan, 'occasion' | 'prices' | 'currency' | 'recipes' | 'cuts'>>,
): Larder {
  const told = toldLarder(plan.ownComponents, plan.answers);
  const priced = plan.prices?.length ? pricedLarder(told, plan.prices).in(plan.currency) : told;
  const larder = plan.recipes?.length ? homeMadeLarder(priced, plan.recipes).with(plan.answers) : priced;
  const shaped = plan.cuts?.length ? shapedLarder(larder, plan.cuts) : larder;
  return plan.occasion?.role === 'sweet' ? sweetLarder(shaped) : shaped;
}

/** An edit of anything else leaves the larder as it is: what hangs on it is kept too. */
const toldLarder = memo2((own: Plan['ownComponents'], answers: Plan['answers']): Larder => {
  const larder = larderOf(own);
  if (answers.length === 0) return larder;
  const told = new Set<ComponentId>(answers.map((answer) => answer.componentId));
  const bought = new Map(
    [...larder].map(([id, component]) => [id, told.has(id) ? answered(component, answers) : component]),
  );
  // what is made at home of something that a label was read of
  const isOfTold = (id: ComponentId): boolean => larderPartsOf(id).some((part) => told.has(part));
  return new Map(
    [...bought].map(([id, component]) => [
      id,
      isOfTold(id) ? answered(remade(larder.get(id)!, bought), answers) : component,
    ]),
  );
});

const pricedLarder = memo2((larder: Larder, prices: Plan['prices']) => {
  const known = new Map<Plan['currency'] | undefined, Larder>();
  const priced = (currency: Plan['currency'] | undefined): Larder => {
    const own = new Map(
      prices.filter((price) => price.currency === currency).map((price) => [price.componentId, price.packs]),
    );
    return new Map(
      [...larder].map(([id, component]) => {
        const packs = own.get(id);
        return [id, packs ? { ...component, packs } : component];
      }),
    );
  };
  return {
    in(currency: Plan['currency'] | undefined): Larder {
      const larder = known.get(currency) ?? priced(currency);
      known.set(currency, larder);
      return larder;
    },
  };
});

/** What the stylist makes, of foods as this plan knows and pays them; what was said of the made food itself counts too. */
const homeMadeLarder = memo2((larder: Larder, recipes: Plan['recipes']) => ({
  with: memo1((answers: Plan['answers']): Larder => {
    const made = recipes.flatMap((recipe) => foodOfRecipe(recipe, larder) ?? []);
    return new Map([
      ...larder,
      ...made.map((component) => [component.id, answered(component, answers)] as const),
    ]);
  }),
}));

const sweetLarder = memo1(
  (larder: Larder): Larder => new Map([...larder].map(([id, component]) => [id, inSweetCourse(component)])),
);

const sweetened = new WeakMap<Component, Component>();

function inSweetCourse(component: Component): Component {
  const job =
    component.family === 'sweet-bite'
      ? 'body'
      : component.family === 'spread-dip'
        ? 'contrast'
        : component.job;
  if (job === component.job) return component;
  const known = sweetened.get(component) ?? { ...component, job };
  sweetened.set(component, known);
  return known;
}
