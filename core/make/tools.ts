import { cardsOfSurface, labelledFoods, tongsInUse, wantsPick } from '../board/index.js';
import { FORMS, type Component } from '../catalogue/index.js';
import { guestsIn, hasSmallChildren } from '../party/index.js';
import { numberOf, planLarder, type Plan, type Touch } from '../plan/index.js';
import { bowlsInUse } from '../portion/index.js';
import { cuttingBoards } from './cutting-boards.js';
import { handRecords } from './hands.js';
import { makeContext } from './tasks/context.js';
import { tasksOf } from './tasks/index.js';

/** What a kitchen and a table want beside the food. Words for the ids stand with the interface. */
export const TOOL_IDS = [
  'bowl',
  'soft-knife',
  'hard-knife',
  'fork-knife',
  'spoon',
  'drizzler',
  'tongs',
  'picks',
  'blunt-picks',
  'label',
  'free-label',
  'ice-dish',
  'stone-bowl',
  'napkin',
  'liner',
  'cutter',
  'mould',
  'oven-tray',
  'gloves',
  'board',
  'cold-box',
  'probe',
] as const;
export type ToolId = (typeof TOOL_IDS)[number];

export interface ToolLine {
  /** The same through edits: what is packed is ticked by it. */
  key: string;
  id: ToolId;
  count: number;
  /** At hand, where the plan knows it; null where nobody has said. */
  have: number | null;
  /** Of a bowl. */
  diameterMm?: number;
  /** Of a cutting board: what it is for, and its colour in this house. */
  touches?: Touch;
  colour?: string;
  /** Foods, surfaces or cutters that it is for, by name. */
  of: readonly string[];
}

const KNIFE: Partial<Record<Component['texture'], ToolId>> = {
  soft: 'soft-knife',
  creamy: 'soft-knife',
  runny: 'soft-knife',
  hard: 'hard-knife',
  crumbly: 'hard-knife',
};
/** These come with their stones, unless the label says otherwise. */
const STONES =
  /^(green-olives|black-olives|garlic-olives|cherries|plums|apricots|peaches|lychees|medjool-dates)$/;
const DRIPS = /honey|syrup|glaze/;
const NAPKINS_EACH = 2;

const names = (components: readonly Component[]): string[] => [
  ...new Set(components.map(({ name }) => name)),
];

const line = (id: ToolId, count: number, of: readonly string[], more: Partial<ToolLine> = {}): ToolLine[] =>
  count > 0 ? [{ key: id, id, count, have: null, of, ...more }] : [];

/** Knives, one for each food that the guests cut, by what it is like to cut. */
function knives(plan: Plan): ToolLine[] {
  const larder = planLarder(plan);
  const cut = new Map<string, Component>();
  for (const { componentId, surfaceId, form } of plan.placements) {
    const component = larder.get(componentId);
    if (component && FORMS[form].large) cut.set(`${componentId} ${surfaceId}`, component);
  }
  const ids: ToolId[] = ['soft-knife', 'hard-knife', 'fork-knife'];
  let left = plan.tools.knives;
  return ids.flatMap((id) => {
    const mine = [...cut.values()].filter(({ texture }) => (KNIFE[texture] ?? 'fork-knife') === id);
    const have = Math.min(left, mine.length);
    left -= have;
    return line(id, mine.length, names(mine), { have });
  });
}

function bowls(plan: Plan): ToolLine[] {
  const larder = planLarder(plan);
  const all = bowlsInUse(plan);
  const inUse = all.filter(({ ice }) => !ice);
  const iced = all.filter(({ ice }) => ice);
  const sizes = [...new Set(inUse.map(({ diameterMm }) => diameterMm))].sort((a, b) => a - b);
  const inSizes = sizes.flatMap((diameterMm) => {
    const mine = inUse.filter((bowl) => bowl.diameterMm === diameterMm);
    return line(
      'bowl',
      mine.length,
      names(mine.flatMap(({ componentId }) => larder.get(componentId) ?? [])),
      {
        key: `bowl-${diameterMm}`,
        diameterMm,
        have: mine.filter(({ atHand }) => atHand).length,
      },
    );
  });
  const inIce = names(iced.flatMap(({ componentId }) => larder.get(componentId) ?? []));
  return [...inSizes, ...line('ice-dish', iced.length, inIce)];
}

/** Spoons for what is dipped and spread, a drizzler for honey, tongs for each surface and each part that is kept apart. */
function serving(plan: Plan): ToolLine[] {
  const larder = planLarder(plan);
  const inUse = bowlsInUse(plan).flatMap((bowl) => {
    const component = larder.get(bowl.componentId);
    return component && FORMS[bowl.form].bowl ? [component] : [];
  });
  const drizzled = inUse.filter(({ id }) => DRIPS.test(id));
  const spooned = inUse.filter(({ id }) => !DRIPS.test(id));
  const loose = plan.surfaces.filter(({ id }) =>
    plan.placements.some(
      ({ surfaceId, form }) => surfaceId === id && !FORMS[form].large && !FORMS[form].bowl,
    ),
  );
  const tongs = tongsInUse(plan).all;
  return [
    ...line('spoon', spooned.length, names(spooned), { have: Math.min(plan.tools.spoons, spooned.length) }),
    ...line('drizzler', drizzled.length, names(drizzled)),
    ...line(
      'tongs',
      tongs,
      loose.map(({ name }) => name),
      { have: Math.min(plan.tools.tongs, tongs) },
    ),
  ];
}

function table(plan: Plan): ToolLine[] {
  const larder = planLarder(plan);
  const foods = [...new Set(plan.placements.map(({ componentId }) => componentId))].flatMap(
    (id) => larder.get(id) ?? [],
  );
  const cheeses = labelledFoods(plan);
  const free = plan.surfaces.flatMap((surface) =>
    cardsOfSurface(surface).flatMap(() => Array<string>(numberOf(surface)).fill(surface.name)),
  );
  const stones = foods.filter(({ id }) => STONES.test(id));
  const picked = foods.filter((food) =>
    plan.placements.some(({ componentId, form }) => componentId === food.id && wantsPick(food, form)),
  );
  const count = (groups: Plan['party']): number => groups.reduce((sum, group) => sum + group.count, 0);
  const small = count(plan.party.filter(hasSmallChildren));
  const children = count(plan.party.filter((group) => group.band === 'child' && !hasSmallChildren(group)));
  const guests = guestsIn(plan.party);
  const lined = plan.surfaces.filter((surface) => surface.liner !== undefined || surface.material === 'tin');
  return [
    // sharp ones for nobody's child, none at all for the smallest
    ...line('picks', picked.length > 0 ? guests - small - children : 0, names(picked).slice(0, 6)),
    ...line('blunt-picks', picked.length > 0 ? children : 0, names(picked).slice(0, 6)),
    ...line('label', cheeses.length, names(cheeses)),
    ...line('free-label', free.length, [...new Set(free)]),
    ...line(
      'stone-bowl',
      stones.length > 0 ? Math.max(1, plan.surfaces.length > 2 ? 2 : 1) : 0,
      names(stones),
    ),
    ...line('napkin', guests * NAPKINS_EACH, []),
    ...line(
      'liner',
      lined.length,
      lined.map(({ name }) => name),
    ),
  ];
}

/** Cutters, moulds, trays, gloves, and a cutting board for what must not meet. */
function kitchen(plan: Plan): ToolLine[] {
  if (plan.placements.length === 0) return [];
  const { works } = makeContext(plan);
  const soiling = works.filter(({ leaves }) => leaves !== 0);
  const baked = works.filter(({ making }) => making?.uses.includes('oven'));
  const cutters = plan.cuts.flatMap(({ cutters }) => cutters.map(({ name }) => name));
  const away = plan.occasion.carMin > 0;
  return [
    ...line('cutter', new Set(cutters).size, [...new Set(cutters)]),
    ...line('oven-tray', Math.min(3, baked.length), names(baked.map(({ component }) => component))),
    ...cuttingBoards(plan, tasksOf(plan), planLarder(plan)).flatMap(({ touches, count, foods, colour }) =>
      line('board', count, names(foods).slice(0, 8), {
        key: `board-${touches}`,
        touches,
        ...(colour === null ? {} : { colour }),
      }),
    ),
    ...line('gloves', handRecords(plan).length * (soiling.length > 0 ? 3 : 2), []),
    ...(away
      ? [...line('cold-box', Math.max(1, Math.ceil(plan.surfaces.length / 2)), []), ...line('probe', 1, [])]
      : []),
  ];
}

/** All tools of a plan, counted from it. */
export const toolsOf = (plan: Plan): ToolLine[] => [
  ...bowls(plan),
  ...knives(plan),
  ...serving(plan),
  ...table(plan),
  ...kitchen(plan),
];
