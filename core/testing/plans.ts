import { cometWatchBrief } from '../../demo/comet-watch.js';
import { CATALOGUE, type ComponentId } from '../catalogue/index.js';
import { groupSchema, type Group } from '../party/index.js';
import {
  applyCommand,
  emptyPlan,
  planLarder,
  planSchema,
  type Command,
  type OwnRecipe,
  type Placement,
  type Plan,
} from '../plan/index.js';
import { inEnglish } from '../words/index.js';

/** Small plans for tests: everything that is not said is as in a new plan. */
export function planWith(patch: Partial<Plan>): Plan {
  return planSchema.parse({ ...emptyPlan('test', '2027-05-15T18:00'), ...patch });
}

export function group(id: string, count: number, needs: string[] = [], more: Partial<Group> = {}): Group {
  return groupSchema.parse({
    id,
    name: id,
    count,
    band: 'adult',
    ages: [],
    needs: needs.map((need) => ({ id: need, settings: {} })),
    dislikes: [],
    appetite: 1,
    ...more,
  });
}

export const id = (text: string): ComponentId => text as ComponentId;

/** A recipe as a stylist would write one. */
export const herbCheese: OwnRecipe = {
  id: 'own-herb-cheese',
  name: 'Herb cheese',
  family: 'spread-dip',
  parts: [
    { componentId: id('goat-log'), massG: 200 },
    { componentId: id('staple-olive-oil'), massG: 20 },
  ],
  outG: 220,
  handsMin: 10,
  waitMin: 0,
  keepsH: 24,
  holdOut: 'perishable',
  steps: 'Stir.',
};

/** So many grams of a component in its usual form on the only board. */
export function lies(component: string, massG: number, more: Partial<Placement> = {}): Placement {
  const otherComponent = planLarder({ ownComponents: [], answers: [] }).get(id(component))!;
  const fact = otherComponent.forms.find((fact) => fact.form === more.form) ?? otherComponent.forms[0]!;
  return {
    componentId: otherComponent.id,
    surfaceId: 'board' as Placement['surfaceId'],
    form: fact.form,
    massG,
    pieces: Math.max(1, Math.round(massG / fact.pieceG)),
    lot: 0,
    contained: fact.form === 'bowl',
    ...more,
  };
}

export const brief = cometWatchBrief;

/** A round board for everybody, as small tests need one. */
export const board = (more: Partial<Plan['surfaces'][number]> = {}): Plan['surfaces'][number] => ({
  id: 'board' as Plan['surfaces'][number]['id'],
  name: 'Board',
  outline: { kind: 'round', diameterMm: 400 },
  rimMm: 10,
  material: 'oak',
  serves: null,
  freeFrom: [],
  smallHands: false,
  ...more,
});

/** The plan after an edit; a refused one fails the test with its reason. */
export function after(plan: Plan, command: Command): Plan {
  const done = applyCommand(plan, command);
  if (!done.ok) throw new Error(inEnglish(done.problems[0]!.reason));
  return done.plan;
}

/** Foods of every kind and for every need, a sixth of the catalogue: rules are tested on these as well as on all. */
const EVERY = 6;
const STAPLES = [
  'brie',
  'young-gouda',
  'aged-gouda',
  'salami',
  'feta',
  'falafel',
  'herb-tofu',
  'hummus-home',
  'beet-dip',
  'chickpea-bites',
  'sunflower-round',
  'socca-crisps',
  'potato-rounds',
  'water-crackers',
  'cucumber',
  'cherry-tomatoes',
  'radishes',
  'strawberries',
  'orange-wheels',
  'green-olives',
  'cornichons',
  'walnuts',
  'honey',
  'capers',
  'rosemary',
  'thyme',
];
const SMALL_LARDER = new Set<string>([
  ...STAPLES,
  ...CATALOGUE.filter((_, i) => i % EVERY === 0).map((component) => component.id),
]);

/** The plan with a small larder: what is neither in it nor on the board is never to be chosen. */
export const withSmallLarder = (plan: Plan): Plan => ({
  ...plan,
  wishes: {
    ...plan.wishes,
    excluded: [
      ...new Set([
        ...plan.wishes.excluded,
        ...CATALOGUE.filter(
          ({ id }) =>
            !SMALL_LARDER.has(id) &&
            !plan.wishes.pinned.includes(id) &&
            !plan.placements.some((placement) => placement.componentId === id),
        ).map((component) => component.id),
      ]),
    ],
  },
});

/** A supper for six on one round board, composed from a small larder at once: whatever the board, the answer is soon there. */
export const supper = withSmallLarder(
  planWith({
    id: 'supper' as Plan['id'],
    party: [group('all', 5), group('vegans', 1, ['vegan'])],
    surfaces: [board({ outline: { kind: 'round', diameterMm: 330 } })],
    placements: [
      lies('brie', 140),
      lies('young-gouda', 110),
      lies('salami', 90),
      lies('hummus-home', 120),
      lies('water-crackers', 110),
      lies('potato-rounds', 60),
      lies('red-grapes', 160),
      lies('strawberries', 120),
      lies('cucumber', 120),
      lies('cherry-tomatoes', 120),
      lies('green-olives', 70),
      lies('walnuts', 50),
    ],
  }),
);
