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
import { lower, names, type Finding, type Remedy } from '../finding.js';
import { addHelper, leaveOut } from '../remedies.js';

const NONE = { concerns: [], components: [], surfaceId: null, grave: false, glyph: 'chipped' as const };
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

function unrelieved(c: CheckContext): Finding[] {
  return c.plan.surfaces.flatMap((surface) => {
    const here = c.placed.filter((l) => l.surface === surface);
    const rich = here.filter((l) => l.component.job === 'body' && isRich(l.component));
    if (rich.length < 2 || here.some((l) => relieves(l.component))) return [];
    return [
      {
        ...NONE,
        key: `unrelieved ${surface.id}`,
        code: 'rich-without-relief',
        components: rich.map((l) => l.component.id),
        surfaceId: surface.id,
        text: `Rich without relief on ${lower(surface.name)}.`,
        why: `${names(
          rich.map((l) => l.component.name),
          3,
        )} want something sharp or juicy within reach.`,
        facts: [{ what: 'rich foods', value: String(rich.length), source: 'this plan' as const }],
        remedies: given([
          addHelper(c, surface, ADDED_G, (x) => x.family === 'pickle' && relieves(x)),
          addHelper(c, surface, ADDED_G, (x) => x.family === 'fresh-fruit' && relieves(x)),
        ]),
      },
    ];
  });
}

function withoutBread(c: CheckContext): Finding[] {
  return c.plan.surfaces.flatMap((surface) => {
    const here = c.placed.filter((l) => l.surface === surface);
    const cheese = here.filter((l) => isCheese(l.component));
    if (cheese.length === 0 || here.some((l) => l.component.job === 'vehicle')) return [];
    return [
      {
        ...NONE,
        key: `no-vehicle ${surface.id}`,
        code: 'cheese-without-vehicle',
        components: cheese.map((l) => l.component.id),
        surfaceId: surface.id,
        text: `Nothing to lay the cheese on, on ${lower(surface.name)}.`,
        why: 'Bread or crackers must be within reach of every cheese.',
        facts: [{ what: 'cheeses', value: String(cheese.length), source: 'this plan' as const }],
        remedies: given([addHelper(c, surface, ADDED_G, (x) => x.job === 'vehicle')]),
      },
    ];
  });
}

/** The star is looked at first: on the main board, and with something that goes with it. */
function lonelyStar(c: CheckContext): Finding[] {
  const { star } = c.plan.wishes;
  if (!star || c.placed.length === 0) return [];
  const food = c.larder.get(star);
  const here = c.placed.filter((l) => l.component.id === star);
  if (!food) return [];
  if (here.length === 0)
    return [
      {
        ...NONE,
        key: 'star-missing',
        code: 'star-missing',
        components: [star],
        text: `The star is not on the board: ${lower(food.name)}.`,
        why: 'You chose it as the piece that is looked at first.',
        facts: [{ what: 'star', value: food.name, source: 'this plan' }],
        remedies: given([
          { label: 'Do without a star', effect: 'none', command: { name: 'set-star', star: null } },
        ]),
      },
    ];
  const company = c.placed.filter(
    (l) => l.surface === here[0]!.surface && l.component.family === food.family && l.component.id !== star,
  );
  if (company.length > 0) return [];
  return [
    {
      ...NONE,
      key: 'star-alone',
      code: 'star-without-support',
      components: [star],
      surfaceId: here[0]!.surface.id,
      text: `${food.name} stands alone.`,
      why: 'A star wants companions of its kind that everyone likes, or nobody dares to cut it.',
      facts: [{ what: 'others of its family beside it', value: '0', source: 'this plan' }],
      remedies: given([
        addHelper(
          c,
          here[0]!.surface,
          ADDED_G,
          (x) =>
            x.family === food.family &&
            (x.taste?.strength ?? 5) <= 2 &&
            !starsAmong([...c.larder.values()]).includes(x),
        ),
      ]),
    },
  ];
}

function alike(c: CheckContext): Finding[] {
  const kinds = [...new Map(c.placed.map((l) => [l.component.id, l.component])).values()];
  const pairs = kinds.flatMap((a, i) =>
    kinds
      .slice(i + 1)
      .filter((b) => areAlike(a, b))
      .map((b) => [a, b] as const),
  );
  return pairs.map(([a, b]) => ({
    ...NONE,
    key: `alike ${a.id} ${b.id}`,
    code: 'two-alike',
    components: [a.id, b.id],
    text: `${a.name} and ${lower(b.name)} are alike.`,
    why: 'Two that agree in every way bring one taste for two packs.',
    facts: [{ what: 'both are', value: a.baseFood, source: 'house default' as const }],
    remedies: [leaveOut(c.placed.filter((l) => l.component.id === b.id))],
  }));
}

/** Something that more than half of the party dislikes. */
function dislikedByAll(c: CheckContext): Finding[] {
  const guests = c.plan.party.reduce((n, g) => n + g.count, 0);
  const foods = [...new Map(c.placed.map((l) => [l.component.id, l])).values()].filter(
    (l) => c.plan.party.filter((g) => disliked(l.component, g)).reduce((n, g) => n + g.count, 0) * 2 > guests,
  );
  return foods.map((l) => ({
    ...NONE,
    key: `disliked ${l.component.id}`,
    code: 'disliked',
    components: [l.component.id],
    text: `Most of the party dislikes ${lower(l.component.name)}.`,
    why: 'It would come back whole.',
    facts: [{ what: 'dislikes', value: 'more than half of the guests', source: 'this plan' as const }],
    remedies: [leaveOut(c.placed.filter((o) => o.component.id === l.component.id))],
  }));
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
    {
      ...NONE,
      key: 'heavy',
      code: 'too-heavy',
      text: 'Heavy before a meal.',
      why: `${Math.round(kj)} kJ for each portion; ${BEFORE_A_MEAL_KJ} leave room for what follows.`,
      facts: [
        { what: 'energy of a portion', value: `${Math.round(kj)} kJ`, source: 'this plan' },
        { what: 'foods whose energy nobody knows', value: String(unknown), source: 'this plan' },
      ],
      remedies: fat ? [leaveOut([fat])] : [],
    },
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
  return [
    {
      ...NONE,
      key: 'left-over',
      code: 'left-in-packs',
      components: open.map((o) => o.id),
      text: `Much stays in the packs: ${names(
        open.map((o) => lower(o.component?.name ?? o.id)),
        3,
      )}.`,
      why: `${open.length} packs stay more than half full. Lay more of them, or use them for another board.`,
      facts: open.map((o) => ({
        what: o.component?.name ?? o.id,
        value: `${Math.round(o.choice!.leftOverG)} g left`,
        source: 'this plan' as const,
      })),
      remedies: [leaveOut(c.placed.filter((l) => l.component.id === most!.id))],
    },
  ];
}

function long(c: CheckContext): Finding[] {
  const have = minutesAtHand(c.plan);
  const needs = minutesOfPlan(c.plan);
  if (have === undefined || needs <= have * 1.02) return [];
  const { minutes, helpers } = c.plan.work;
  return [
    {
      ...NONE,
      key: 'work',
      code: 'too-much-work',
      text: `${Math.round(needs)} minutes of work for ${Math.round(have)}.`,
      why: 'Washing, cutting, folding and mixing, before anything is laid.',
      facts: [{ what: 'hands-on', value: `${Math.round(needs)} min`, source: 'house default' }],
      remedies: [
        {
          label: 'One more helper',
          effect: `${minutes! * (2 + helpers)} min`,
          command: { name: 'set-work', work: { minutes, helpers: helpers + 1 } },
        },
      ],
    },
  ];
}
