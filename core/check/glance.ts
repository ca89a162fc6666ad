import { colourName, TASTES, type ColourName, type Component, type Taste } from '../catalogue/index.js';
import { placementGroundCm2 } from '../portion/index.js';
import { hasSmallChildren, type Group } from '../party/index.js';
import { wantsBread } from '../portion/index.js';
import type { CheckContext } from './context.js';
import type { PartyCare } from './looked-after.js';

/** The board at a glance: tastes, textures, the ladder from mild to strong, the colours as they cover it. */
export interface Glance {
  tastes: { taste: Taste; most: number; foods: string[] }[];
  textures: { texture: Component['texture']; kinds: number }[];
  /** Cheeses and what else has body, mild first: the order of tasting and of the labels. */
  ladder: { strength: number; foods: Component[] }[];
  /** Share of the covered ground by colour, most first. */
  colours: { colour: ColourName; hex: string; share: number }[];
}

const NOTICED = 3;
/** Two colours show on a food, the body more than the rest. */
const BODY_SHOWS = 0.75;

export function glanceOf(context: CheckContext): Glance {
  const foods = [
    ...new Map(
      context.placed
        .filter((placed) => placed.component.job !== 'none')
        .map((placed) => [placed.component.id, placed.component]),
    ).values(),
  ];
  return {
    tastes: TASTES.filter((taste) => taste !== 'richness' && taste !== 'strength').map((taste) => ({
      taste,
      most: Math.max(0, ...foods.map((component) => component.taste?.[taste] ?? 0)),
      foods: foods
        .filter((component) => (component.taste?.[taste] ?? 0) >= NOTICED)
        .map((component) => component.name),
    })),
    textures: [...countBy(foods, (component) => component.texture)]
      .map(([texture, kinds]) => ({ texture, kinds }))
      .sort((a, b) => b.kinds - a.kinds),
    ladder: [1, 2, 3, 4, 5]
      .map((strength) => ({
        strength,
        foods: foods.filter(
          (component) => component.job === 'body' && Math.max(1, component.taste?.strength ?? 1) === strength,
        ),
      }))
      .filter((step) => step.foods.length > 0),
    colours: coloursOf(context),
  };
}

/** Kinds of which fewer are a thin choice, for a group that takes part in the whole board (house default). */
const ENOUGH = { body: 3, vehicle: 2, fresh: 3 } as const;
export type ChoicePart = keyof typeof ENOUGH;

/** How many kinds a group may count on, and of what it has few. */
export interface GroupChoice {
  group: Group;
  kinds: number;
  thin: { part: ChoicePart; kinds: number }[];
}

/** What each group has to choose from, the thinnest first. Plates of small children are small on purpose. */
export function choiceOf(context: CheckContext, care: PartyCare): GroupChoice[] {
  const bread = wantsBread(context.plan);
  return care.groups
    .map((cared) => ({
      group: cared.group,
      kinds: new Set(cared.foods.map((placed) => placed.component.id)).size,
      thin: (Object.keys(ENOUGH) as ChoicePart[])
        .filter((part) => !hasSmallChildren(cared.group) && (bread || part !== 'vehicle'))
        .filter((part) => cared[part] < ENOUGH[part])
        .map((part) => ({ part, kinds: cared[part] })),
    }))
    .sort((a, b) => b.thin.length - a.thin.length || a.kinds - b.kinds);
}

function countBy<K>(foods: readonly Component[], of: (component: Component) => K): Map<K, number> {
  const out = new Map<K, number>();
  for (const component of foods) out.set(of(component), (out.get(of(component)) ?? 0) + 1);
  return out;
}

/** By the ground that each food covers at opening. */
function coloursOf(context: CheckContext): Glance['colours'] {
  const area = new Map<ColourName, { cm2: number; hex: string; most: number }>();
  let whole = 0;
  for (const placed of context.placed) {
    const cm2 = placed.lots
      .filter((placement) => placement.lot === 0)
      .reduce((sum, placement) => sum + placementGroundCm2(placed.component, placement), 0);
    whole += cm2;
    for (const [hex, share] of [
      [placed.component.colours[0], BODY_SHOWS],
      [placed.component.colours[1], 1 - BODY_SHOWS],
    ] as const) {
      const name = colourName(hex);
      const known = area.get(name) ?? { cm2: 0, hex, most: 0 };
      const mine = cm2 * share;
      area.set(name, {
        cm2: known.cm2 + mine,
        hex: mine > known.most ? hex : known.hex,
        most: Math.max(known.most, mine),
      });
    }
  }
  if (whole === 0) return [];
  return [...area]
    .map(([colour, a]) => ({ colour, hex: a.hex, share: a.cm2 / whole }))
    .sort((a, b) => b.share - a.share);
}
