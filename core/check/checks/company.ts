import { areAlike, isCheese, isRich, relieves, starsAmong, type PlacedFood } from '../../board/index.js';
import { disliked } from '../../needs/index.js';
import {
  BEFORE_A_MEAL_KJ,
  boughtFor,
  energyEach,
  mealFollows,
  minutesAtHand,
  minutesOfPlan,
} from '../../portion/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding, type Remedy } from '../finding.js';
import { addHelper, leaveOut } from '../remedies.js';

const ADDED_G = 90;

/** What stands badly beside what: rich without relief, cheese without bread, a star alone, two that are alike. */
export function company(c: CheckContext): Finding[] {
  return [
    ...unrelieved(c),
    ...withoutBread(c),
    ...lonelyStar(c),
    ...alike(c),
    ...dislikedByAll(c),
    ...heavy(c),
    ...leftOver(c),
    ...long(c),
  ];
}

const given = (remedies: readonly (Remedy | undefined)[]): Remedy[] =>
  remedies.filter((r): r is Remedy => r !== undefined);

const everywhere = (c: CheckContext, food: PlacedFood): PlacedFood[] =>
  c.placed.filter((l) => l.component.id === food.component.id);

function unrelieved(c: CheckContext): Finding[] {
  return c.plan.surfaces.flatMap((surface) => {
    const here = c.placed.filter((l) => l.surface === surface);
    const rich = here.filter((l) => l.component.job === 'body' && isRich(l.component));
    if (rich.length < 2 || here.some((l) => relieves(l.component))) return [];
    return [
      finding('rich-without-relief', {
        key: `unrelieved ${surface.id}`,
        components: rich.map((l) => l.component.id),
        surfaceId: surface.id,
        args: { surface: surface.name, foods: { foods: rich.map((l) => l.component.name) } },
        facts: [{ what: { say: 'fact.name.rich-foods' }, value: rich.length, source: 'this plan' }],
        remedies: given([
          addHelper(c, surface, ADDED_G, (x) => x.family === 'pickle' && relieves(x)),
          addHelper(c, surface, ADDED_G, (x) => x.family === 'fresh-fruit' && relieves(x)),
        ]),
      }),
    ];
  });
}

function withoutBread(c: CheckContext): Finding[] {
  return c.plan.surfaces.flatMap((surface) => {
    const here = c.placed.filter((l) => l.surface === surface);
    const cheese = here.filter((l) => isCheese(l.component));
    if (cheese.length === 0 || here.some((l) => l.component.job === 'vehicle')) return [];
    return [
      finding('cheese-without-vehicle', {
        key: `no-vehicle ${surface.id}`,
        components: cheese.map((l) => l.component.id),
        surfaceId: surface.id,
        args: { surface: surface.name },
        facts: [{ what: { say: 'fact.name.cheeses' }, value: cheese.length, source: 'this plan' }],
        remedies: given([addHelper(c, surface, ADDED_G, (x) => x.job === 'vehicle')]),
      }),
    ];
  });
}

/** The star is looked at first: on the main board, and with something that goes with it. */
function lonelyStar(c: CheckContext): Finding[] {
  const { star } = c.plan.wishes;
  const food = star ? c.larder.get(star) : undefined;
  if (!star || !food || c.placed.length === 0) return [];
  const here = c.placed.find((l) => l.component.id === star);
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
  const beside = c.placed.some(
    (l) => l.surface === here.surface && l.component.family === food.family && l.component.id !== star,
  );
  if (beside) return [];
  const stars = starsAmong([...c.larder.values()]);
  return [
    finding('star-without-support', {
      key: 'star-alone',
      components: [star],
      surfaceId: here.surface.id,
      args: { food: food.name },
      facts: [{ what: { say: 'fact.name.companions' }, value: 0, source: 'this plan' }],
      remedies: given([
        addHelper(
          c,
          here.surface,
          ADDED_G,
          (x) => x.family === food.family && (x.taste?.strength ?? 5) <= 2 && !stars.includes(x),
        ),
      ]),
    }),
  ];
}

function alike(c: CheckContext): Finding[] {
  const kinds = [...new Map(c.placed.map((l) => [l.component.id, l])).values()];
  return kinds.flatMap((a, i) =>
    kinds
      .slice(i + 1)
      .filter((b) => areAlike(a.component, b.component))
      .map((b) =>
        finding('two-alike', {
          key: `alike ${a.component.id} ${b.component.id}`,
          components: [a.component.id, b.component.id],
          args: { foods: { foods: [a.component.name, b.component.name] } },
          facts: [
            { what: { say: 'fact.name.both-are' }, value: a.component.baseFood, source: 'house default' },
          ],
          remedies: [leaveOut(everywhere(c, b))],
        }),
      ),
  );
}

/** Something that more than half of the party dislikes. */
function dislikedByAll(c: CheckContext): Finding[] {
  const guests = c.plan.party.reduce((n, g) => n + g.count, 0);
  const foods = [...new Map(c.placed.map((l) => [l.component.id, l])).values()].filter(
    (l) => c.plan.party.filter((g) => disliked(l.component, g)).reduce((n, g) => n + g.count, 0) * 2 > guests,
  );
  return foods.map((l) =>
    finding('disliked', {
      key: `disliked ${l.component.id}`,
      components: [l.component.id],
      args: { food: l.component.name },
      facts: [
        {
          what: { say: 'fact.name.dislikes' },
          value: { say: 'fact.most-dislike' },
          source: 'this plan',
        },
      ],
      remedies: [leaveOut(everywhere(c, l))],
    }),
  );
}

/** A slip comes when it is clearly too much, not at the last crumb. */
const HEAVY = 1.12;

function heavy(c: CheckContext): Finding[] {
  const { kj, unknown } = energyEach(c.plan);
  if (!mealFollows(c.plan) || kj <= BEFORE_A_MEAL_KJ * HEAVY) return [];
  const fat = [...c.placed]
    .filter((l) => !c.plan.wishes.pinned.includes(l.component.id))
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

const energyOf = (l: PlacedFood) => ((l.component.per100g.energyKj ?? 0) * l.massG) / 100;

/** More than half of what is bought of a food stays in its packs, and it is worth so much money (house default). */
const LEFT_SHARE = 0.55;
const LEFT_MINOR = 300;

function leftOver(c: CheckContext): Finding[] {
  const open = boughtFor(c.plan.placements, c.larder, c.plan.pantry).flatMap((b) => {
    if (!b.choice || b.choice.massG === 0) return [];
    const worth = (b.choice.leftOverG / b.choice.massG) * b.choice.priceMinor;
    return b.choice.leftOverG / b.choice.massG > LEFT_SHARE && worth > LEFT_MINOR ? [{ ...b, worth }] : [];
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
      remedies: [leaveOut(c.placed.filter((l) => l.component.id === most!.id))],
    }),
  ];
}

function long(c: CheckContext): Finding[] {
  const have = minutesAtHand(c.plan);
  const needs = minutesOfPlan(c.plan);
  if (have === undefined || needs <= have * 1.02) return [];
  const { minutes, helpers } = c.plan.work;
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
