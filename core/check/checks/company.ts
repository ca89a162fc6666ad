import { areAlike, isCheese, isRich, relieves, starsAmong, type PlacedFood } from '../../board/index.js';
import { buyingOf } from '../../catalogue/index.js';
import { disliked } from '../../needs/index.js';
import {
  BEFORE_A_MEAL_KJ,
  CLEARLY_HEAVY_KJ,
  boughtFor,
  energyEach,
  mealFollows,
  minutesAtHand,
  minutesOfPlan,
} from '../../portion/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding, type Remedy } from '../finding.js';
import { addHelper, leaveOut } from '../remedies.js';

/** What stands badly beside what: rich without relief, cheese without bread, a star alone, two that are alike. */
export function company(context: CheckContext): Finding[] {
  return [
    ...unrelieved(context),
    ...withoutBread(context),
    ...lonelyStar(context),
    ...alike(context),
    ...dislikedByAll(context),
    ...heavy(context),
    ...leftOver(context),
    ...long(context),
  ];
}

const given = (remedies: readonly (Remedy | undefined)[]): Remedy[] =>
  remedies.filter((remedy): remedy is Remedy => remedy !== undefined);

const everywhere = (context: CheckContext, food: PlacedFood): PlacedFood[] =>
  context.placed.filter((placed) => placed.component.id === food.component.id);

function unrelieved(context: CheckContext): Finding[] {
  return context.plan.surfaces.flatMap((surface) => {
    const here = context.placed.filter((placed) => placed.surface === surface);
    const rich = here.filter((placed) => placed.component.job === 'body' && isRich(placed.component));
    if (rich.length < 2 || here.some((placed) => relieves(placed.component))) return [];
    return [
      finding('rich-without-relief', {
        key: `unrelieved ${surface.id}`,
        components: rich.map((placed) => placed.component.id),
        surfaceId: surface.id,
        args: { surface: surface.name, foods: { foods: rich.map((placed) => placed.component.name) } },
        facts: [{ what: { say: 'fact.name.rich-foods' }, value: rich.length, source: 'this plan' }],
        remedies: given([
          addHelper(context, surface, (component) => component.family === 'pickle' && relieves(component)),
          addHelper(
            context,
            surface,
            (component) => component.family === 'fresh-fruit' && relieves(component),
          ),
        ]),
      }),
    ];
  });
}

function withoutBread(context: CheckContext): Finding[] {
  return context.plan.surfaces.flatMap((surface) => {
    const here = context.placed.filter((placed) => placed.surface === surface);
    const cheese = here.filter((placed) => isCheese(placed.component));
    if (cheese.length === 0 || here.some((placed) => placed.component.job === 'vehicle')) return [];
    return [
      finding('cheese-without-vehicle', {
        key: `no-vehicle ${surface.id}`,
        components: cheese.map((placed) => placed.component.id),
        surfaceId: surface.id,
        args: { surface: surface.name },
        facts: [{ what: { say: 'fact.name.cheeses' }, value: cheese.length, source: 'this plan' }],
        remedies: given([addHelper(context, surface, (component) => component.job === 'vehicle')]),
      }),
    ];
  });
}

/** The star is looked at first: on the main board, and with something that goes with it. */
function lonelyStar(context: CheckContext): Finding[] {
  const { star } = context.plan.wishes;
  const food = star ? context.larder.get(star) : undefined;
  if (!star || !food || context.placed.length === 0) return [];
  const here = context.placed.find((placed) => placed.component.id === star);
  if (!here)
    return [
      finding('star-missing', {
        key: 'star-missing',
        components: [star],
        args: { food: food.name },
        facts: [{ what: { say: 'fact.name.star' }, value: food.name, source: 'this plan' }],
        remedies: [{ kind: 'no-star', args: {}, command: { name: 'set-star', star: null } }],
      }),
    ];
  const beside = context.placed.some(
    (placed) =>
      placed.surface === here.surface &&
      placed.component.family === food.family &&
      placed.component.id !== star,
  );
  if (beside) return [];
  const stars = starsAmong([...context.larder.values()]);
  return [
    finding('star-without-support', {
      key: 'star-alone',
      components: [star],
      surfaceId: here.surface.id,
      args: { food: food.name },
      facts: [{ what: { say: 'fact.name.companions' }, value: 0, source: 'this plan' }],
      remedies: given([
        addHelper(
          context,
          here.surface,
          (component) =>
            component.family === food.family &&
            (component.taste?.strength ?? 5) <= 2 &&
            !stars.includes(component),
        ),
      ]),
    }),
  ];
}

function alike(context: CheckContext): Finding[] {
  const kinds = [...new Map(context.placed.map((placed) => [placed.component.id, placed])).values()];
  return kinds.flatMap((placed, i) =>
    kinds
      .slice(i + 1)
      .filter((kind) => areAlike(placed.component, kind.component))
      .map((kind) =>
        finding('two-alike', {
          key: `alike ${placed.component.id} ${kind.component.id}`,
          components: [placed.component.id, kind.component.id],
          args: { foods: { foods: [placed.component.name, kind.component.name] } },
          facts: [
            {
              what: { say: 'fact.name.both-are' },
              value: placed.component.baseFood,
              source: 'house default',
            },
          ],
          remedies: [leaveOut(everywhere(context, kind))],
        }),
      ),
  );
}

/** Something that more than half of the party dislikes. */
function dislikedByAll(context: CheckContext): Finding[] {
  const guests = context.plan.party.reduce((sum, group) => sum + group.count, 0);
  const foods = [...new Map(context.placed.map((placed) => [placed.component.id, placed])).values()].filter(
    (placed) =>
      context.plan.party
        .filter((group) => disliked(placed.component, group))
        .reduce((sum, group) => sum + group.count, 0) *
        2 >
      guests,
  );
  return foods.map((placed) =>
    finding('disliked', {
      key: `disliked ${placed.component.id}`,
      components: [placed.component.id],
      args: { food: placed.component.name },
      facts: [
        {
          what: { say: 'fact.name.dislikes' },
          value: { say: 'fact.most-dislike' },
          source: 'this plan',
        },
      ],
      remedies: [leaveOut(everywhere(context, placed))],
    }),
  );
}

function heavy(context: CheckContext): Finding[] {
  const { kj, unknown } = energyEach(context.plan);
  if (!mealFollows(context.plan) || kj <= CLEARLY_HEAVY_KJ) return [];
  const fat = [...context.placed]
    .filter((placed) => !context.plan.wishes.pinned.includes(placed.component.id))
    .sort((a, b) => energyOf(b) - energyOf(a))[0];
  return [
    finding('too-heavy', {
      key: 'heavy',
      args: { kj: Math.round(kj), most: BEFORE_A_MEAL_KJ },
      facts: [
        {
          what: { say: 'fact.name.energy' },
          value: { say: 'fact.kj', with: { n: Math.round(kj) } },
          source: 'this plan',
        },
        { what: { say: 'fact.name.energy-unknown' }, value: unknown, source: 'this plan' },
      ],
      remedies: fat ? [leaveOut([fat])] : [],
    }),
  ];
}

const energyOf = (placed: PlacedFood) => ((placed.component.per100g.energyKj ?? 0) * placed.massG) / 100;

/** More than half of what is bought of a food stays in its packs, and it is worth so much money (house default). */
const LEFT_SHARE = 0.55;
const LEFT_MINOR = 300;

function leftOver(context: CheckContext): Finding[] {
  const open = boughtFor(context.plan.placements, context.larder, context.plan).flatMap((bought) => {
    if (!bought.choice || bought.choice.massG === 0 || !bought.component) return [];
    // what keeps is stock, and what is made is made to measure
    if (buyingOf(bought.component).sold === 'keeps' || bought.component.made === 'home-made') return [];
    const worth = (bought.choice.leftOverG / bought.choice.massG) * bought.choice.priceMinor;
    return bought.choice.leftOverG / bought.choice.massG > LEFT_SHARE && worth > LEFT_MINOR
      ? [{ ...bought, worth }]
      : [];
  });
  if (open.length === 0) return [];
  const [most] = open.sort((a, b) => b.worth - a.worth);
  const nameOf = (o: (typeof open)[number]): string => o.component?.name ?? o.id;
  return [
    finding('left-in-packs', {
      key: 'left-over',
      components: open.map((o) => o.id),
      args: { foods: { foods: open.map(nameOf) }, n: open.length },
      facts: open.map((o) => ({
        what: nameOf(o),
        value: { say: 'fact.mass-left', with: { mass: { g: o.choice!.leftOverG } } },
        source: 'this plan',
      })),
      remedies: [leaveOut(context.placed.filter((placed) => placed.component.id === most!.id))],
    }),
  ];
}

function long(context: CheckContext): Finding[] {
  const have = minutesAtHand(context.plan);
  const needs = minutesOfPlan(context.plan);
  if (have === undefined || needs <= have * 1.02) return [];
  const { minutes, helpers } = context.plan.work;
  return [
    finding('too-much-work', {
      key: 'work',
      args: { needs: Math.round(needs), have: Math.round(have) },
      facts: [
        {
          what: { say: 'fact.name.hands-on' },
          value: { say: 'fact.minutes', with: { n: Math.round(needs) } },
          source: 'house default',
        },
      ],
      remedies: [
        {
          kind: 'helper',
          args: { minutes: minutes! * (2 + helpers) },
          command: { name: 'set-work', work: { minutes, helpers: helpers + 1 } },
        },
      ],
    }),
  ];
}
