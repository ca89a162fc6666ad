import { colourName, TASTES, type ColourName, type Component, type Taste } from '../catalogue/index.js';
import { placementGroundCm2 } from '../portion/index.js';
import type { CheckContext } from './context.js';

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

export function glanceOf(c: CheckContext): Glance {
  const foods = [
    ...new Map(
      c.placed.filter((l) => l.component.job !== 'none').map((l) => [l.component.id, l.component]),
    ).values(),
  ];
  return {
    tastes: TASTES.filter((t) => t !== 'richness' && t !== 'strength').map((taste) => ({
      taste,
      most: Math.max(0, ...foods.map((f) => f.taste?.[taste] ?? 0)),
      foods: foods.filter((f) => (f.taste?.[taste] ?? 0) >= NOTICED).map((f) => f.name),
    })),
    textures: [...countBy(foods, (f) => f.texture)]
      .map(([texture, kinds]) => ({ texture, kinds }))
      .sort((a, b) => b.kinds - a.kinds),
    ladder: [1, 2, 3, 4, 5]
      .map((strength) => ({
        strength,
        foods: foods.filter((f) => f.job === 'body' && Math.max(1, f.taste?.strength ?? 1) === strength),
      }))
      .filter((step) => step.foods.length > 0),
    colours: coloursOf(c),
  };
}

function countBy<K>(foods: readonly Component[], of: (c: Component) => K): Map<K, number> {
  const out = new Map<K, number>();
  for (const f of foods) out.set(of(f), (out.get(of(f)) ?? 0) + 1);
  return out;
}

/** By the ground that each food covers at opening. */
function coloursOf(c: CheckContext): Glance['colours'] {
  const area = new Map<ColourName, { cm2: number; hex: string; most: number }>();
  let whole = 0;
  for (const l of c.placed) {
    const cm2 = l.lots.filter((p) => p.lot === 0).reduce((n, p) => n + placementGroundCm2(l.component, p), 0);
    whole += cm2;
    for (const [hex, share] of [
      [l.component.colours[0], BODY_SHOWS],
      [l.component.colours[1], 1 - BODY_SHOWS],
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
