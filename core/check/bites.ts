import type { PlacedFood } from '../board/index.js';
import { factValue, pairing, type Component } from '../catalogue/index.js';
import { packOf } from '../needs/index.js';
import { needsOf, type Group } from '../party/index.js';
import { wantsBread } from '../portion/index.js';
import type { CheckContext } from './context.js';

/** A bite that a guest builds: something to lay it on (not in a sweet course), something with body, a contrast. */
export interface Bite {
  surface: string;
  foods: Component[];
  /** 0 to 100: how well its parts set each other off. */
  points: number;
  /** Why it is good, in the words of a taster; the strongest reason first. */
  why: string[];
}

const BITES = 10;
/** The same body is not offered more often, nor the same contrast. */
const SAME_BODY = 2;
const SAME_CONTRAST = 3;

const taste = (component: Component, taste: keyof NonNullable<Component['taste']>): number =>
  component.taste?.[taste] ?? 0;
const SOFT = new Set(['soft', 'creamy', 'runny']);
const CRISP = new Set(['crunchy', 'hard']);

interface Rule {
  why: string;
  points: number;
  holds(bread: Component, body: Component, contrast: Component): boolean;
}

/** Contrast, not match (craft, section 5). */
const RULES: readonly Rule[] = [
  {
    why: 'rich with sharp',
    points: 22,
    holds: (_, a, b) => taste(a, 'richness') >= 3 && taste(b, 'sour') >= 3,
  },
  {
    why: 'salty with sweet',
    points: 20,
    holds: (_, a, b) => taste(a, 'salt') >= 3 && taste(b, 'sweet') >= 3,
  },
  {
    why: 'soft on crisp',
    points: 14,
    holds: (component, otherComponent) => SOFT.has(otherComponent.texture) && CRISP.has(component.texture),
  },
  {
    why: 'smoke with sweet',
    points: 12,
    holds: (_, a, b) => taste(a, 'smoke') >= 3 && taste(b, 'sweet') >= 3,
  },
  { why: 'mild with hot', points: 8, holds: (_, a, b) => taste(a, 'strength') <= 2 && taste(b, 'heat') >= 3 },
  {
    why: 'something fresh',
    points: 8,
    holds: (_, __, component) => component.family === 'fresh-fruit' || component.family === 'vegetable',
  },
  {
    why: 'plain bread lets it speak',
    points: 6,
    holds: (component, otherComponent) =>
      component.sheds.every((s) => s !== 'seeds') && taste(otherComponent, 'strength') >= 3,
  },
  {
    why: 'seeds and crunch',
    points: 4,
    holds: (component, otherComponent) =>
      component.sheds.includes('seeds') && taste(otherComponent, 'strength') <= 3,
  },
];
const PAIRED = 26;
const BREAD_PAIRED = 6;
/** Two loud tastes drown each other. */
const TOO_LOUD = 18;

function judged(bread: Component, body: Component, contrast: Component): { points: number; why: string[] } {
  const found = RULES.filter((rule) => rule.holds(bread, body, contrast)).map((rule) => ({
    why: rule.why,
    points: rule.points,
  }));
  const paired = pairing(body, contrast);
  // "rich with sharp" is among the rules already
  if (paired && !paired.startsWith('rich ')) found.push({ why: paired, points: PAIRED });
  const onBread = pairing(body, bread);
  if (onBread) found.push({ why: onBread, points: BREAD_PAIRED });
  const loud = taste(body, 'strength') >= 4 && taste(contrast, 'strength') >= 4 ? TOO_LOUD : 0;
  found.sort((a, b) => b.points - a.points);
  const points = found.reduce((sum, f) => sum + f.points, 0) - loud;
  return { points: Math.max(0, Math.min(100, points)), why: found.map((f) => f.why) };
}

/** May the guest eat them in one bite? Some needs keep foods from each other. What is not known is kept apart. */
function mayMeet(group: Group, foods: readonly PlacedFood[]): boolean {
  return needsOf(group).every((choice) =>
    (packOf(choice)?.apart ?? []).every((rule) => {
      const may = (placed: PlacedFood, test: (typeof rule)['one']) =>
        test.values.includes(factValue(placed.component, test.fact, placed.form)) ||
        ['unknown', 'brand', 'depends'].includes(factValue(placed.component, test.fact, placed.form));
      return !foods.some(
        (placed) => may(placed, rule.one) && foods.some((food) => food !== placed && may(food, rule.other)),
      );
    }),
  );
}

/** The best bites of this board for a group: all parts theirs, on one surface, touched by nothing that is not theirs. */
export function bitesFor(context: CheckContext, group: Group, most = BITES): Bite[] {
  const all = context.plan.surfaces.flatMap((surface) => {
    const here = context.placed.filter(
      (placed) => placed.surface.id === surface.id && context.counts(placed, group),
    );
    const of = (job: string) => here.filter((placed) => placed.component.job === job);
    const breads = of('vehicle');
    // a sweet needs no bread under it
    const under = breads.length > 0 || wantsBread(context.plan) ? breads : [undefined];
    return of('body').flatMap((body) =>
      of('contrast').flatMap((contrast) =>
        under.flatMap((bread) => {
          const parts = [...(bread ? [bread] : []), body, contrast];
          if (!mayMeet(group, parts)) return [];
          return [
            {
              surface: surface.name,
              foods: parts.map((placed) => placed.component),
              ...judged((bread ?? body).component, body.component, contrast.component),
            },
          ];
        }),
      ),
    );
  });
  return varied(all, most);
}

/** The best first, but nobody wants ten bites of one cheese: each food comes again only when the others are used up. */
function varied(all: readonly Bite[], most: number): Bite[] {
  const sorted = [...all].sort((a, b) => b.points - a.points || idsOf(a).localeCompare(idsOf(b)));
  const out: Bite[] = [];
  const seen = new Map<string, number>();
  const often = (id: string) => seen.get(id) ?? 0;
  for (let more = 0; out.length < most && more < most; more++)
    for (const bite of sorted) {
      if (out.length >= most) break;
      const ids = bite.foods.map((component) => component.id);
      const [body, contrast] = ids.slice(-2);
      const pair = `${body} ${contrast}`;
      const tired = often(body!) >= SAME_BODY + more || often(contrast!) >= SAME_CONTRAST + more;
      // the same body and contrast on another bread is the same bite
      if (tired || often(pair) > 0) continue;
      for (const id of [...ids, pair]) seen.set(id, often(id) + 1);
      out.push(bite);
    }
  return out.sort((a, b) => b.points - a.points);
}

const idsOf = (bite: Bite) => bite.foods.map((component) => component.id).join(' ');

/** For each cheese its bread and its contrast, of what lies beside it, whoever eats it. */
export function cheesePartners(
  context: CheckContext,
): { cheese: Component; vehicle?: Component; contrast?: Component; why: string }[] {
  return context.placed
    .filter((placed) => placed.component.family === 'cheese')
    .filter(
      (placed, i, all) =>
        all.findIndex((otherPlaced) => otherPlaced.component.id === placed.component.id) === i,
    )
    .map((placed) => {
      const here = context.placed
        .filter((otherPlaced) => otherPlaced.surface === placed.surface)
        .map((otherPlaced) => otherPlaced.component);
      const [breads, contrasts] = [
        here.filter((component) => component.job === 'vehicle'),
        here.filter((component) => component.job === 'contrast'),
      ];
      const best = breads
        .flatMap((component) =>
          contrasts.map((contrast) => ({
            v: component,
            k: contrast,
            ...judged(component, placed.component, contrast),
          })),
        )
        .sort((a, b) => b.points - a.points || a.k.id.localeCompare(b.k.id))[0];
      return {
        cheese: placed.component,
        ...(best ? { vehicle: best.v, contrast: best.k } : {}),
        ...(!best && breads[0] ? { vehicle: breads[0] } : {}),
        why: best?.why[0] ?? (breads.length === 0 ? 'nothing to lay it on' : 'nothing beside it yet'),
      };
    });
}
