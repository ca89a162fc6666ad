import { eaten, placementsOf, type PlacedFood } from '../../board/index.js';
import { formOf, FORMS, usualForm } from '../../catalogue/index.js';
import { guestsIn, isUnrestricted, type Group } from '../../party/index.js';
import { isOnlyFor, type SingleCommand, type Surface, type SurfaceId } from '../../plan/index.js';
import { fittingOutline, needG, outlineSaid, placementGroundCm2 } from '../../portion/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding, type Remedy } from '../finding.js';
import { scaled } from '../remedies.js';

/** Kinds on a plate of one's own, by what they do in a bite: enough for three bites; and no more than it takes. */
const KINDS = { body: 2, vehicle: 1, contrast: 3 } as const;
const MOST_KINDS = { body: 4, vehicle: 2, contrast: 5 } as const;
type Part = keyof typeof KINDS;
const PARTS = Object.keys(KINDS) as Part[];
const SPARE = 1.05;

/** With the policy "own plate", each group with a need of its own has a surface that serves it alone. */
export function ownPlates(context: CheckContext): Finding[] {
  if (context.plan.policy !== 'own-plate') return [];
  return context.plan.party
    .filter((group) => !isUnrestricted(group) && !hasOwn(context, group))
    .map((group) => {
      const remedy = plateFor(context, group);
      return finding('no-own-plate', {
        key: `own-plate ${group.id}`,
        concerns: [group.id],
        args: { group: group.name, can: remedy ? 'yes' : 'no' },
        facts: [
          {
            what: { say: 'fact.name.policy' },
            value: { say: 'fact.own-plate-policy' },
            source: 'this plan',
          },
        ],
        remedies: remedy ? [remedy] : [],
      });
    });
}

/** Of single portions there is one for each guest before whom they stand; more are for whoever comes late. */
export function singlePortions(context: CheckContext): Finding[] {
  return context.plan.surfaces.flatMap((surface): Finding[] => {
    const groups = context.groupsAt(surface);
    const guests = guestsIn(groups);
    if (!surface.singles || surface.singles >= guests) return [];
    return [
      finding('too-few-portions', {
        key: `portions ${surface.id}`,
        concerns: groups.map(({ id }) => id),
        surfaceId: surface.id,
        args: { surface: surface.name, n: surface.singles, guests },
        remedies: [
          {
            kind: 'one-each',
            args: { n: guests },
            command: { name: 'set-surface', surface: { ...surface, singles: guests } },
          },
        ],
      }),
    ];
  });
}

const hasOwn = (context: CheckContext, group: Group) =>
  context.plan.surfaces.some((surface) => isOnlyFor(surface, group.id));

/** The foods of the boards that the group may eat by their facts, a portion of each job, on a plate for them alone. */
export function plateFor(context: CheckContext, group: Group): Remedy | undefined {
  const helpings = plateHelpings(context, group);
  const foods = helpings.map(({ food }) => food);
  if (!PARTS.every((part) => foods.some((placed) => placed.component.job === part))) return undefined;
  const base: Surface = {
    id: freeId(context, group),
    name: `Plate for ${group.name}`.slice(0, 60),
    outline: { kind: 'round', diameterMm: 200 },
    rimMm: 10,
    material: 'china',
    serves: [group.id],
    freeFrom: [],
    smallHands: group.band === 'child',
  };
  const placed = helpings.map(({ food, massG }) => {
    const fact = formOf(food.component, food.form) ?? usualForm(food.component);
    return placementsOf({ plan: context.plan, component: food.component, fact, surfaceId: base.id, massG });
  });
  const ground = placed
    .flat()
    .filter((placement) => placement.lot === 0)
    .reduce(
      (sum, placement) => sum + placementGroundCm2(context.larder.get(placement.componentId)!, placement),
      0,
    );
  const surface = { ...base, outline: fittingOutline(base, ground) };
  return {
    kind: 'own-plate',
    args: { outline: outlineSaid(surface.outline) },
    command: {
      name: 'together',
      label: 'give a plate of its own',
      commands: [
        ...elsewhereLess(context, group, helpings),
        { name: 'set-surface', surface },
        ...foods.map((food, i) => ({
          name: 'place' as const,
          componentId: food.component.id,
          surfaceId: surface.id,
          placements: placed[i]!,
        })),
      ],
    },
  };
}

/**
 * What lies on the boards and the group may eat, first what it takes most of: kinds until what is taken of them at most
 * is a portion, or until there are enough kinds; then each in the share that is taken of it, so that all are a portion.
 */
function plateHelpings(context: CheckContext, group: Group): { food: PlacedFood; massG: number }[] {
  const { plan } = context;
  const wantedG = needG(group, context.targets) * SPARE;
  const may = new Map(
    context.placed
      .filter((placed) => context.allowed(placed, group) && !FORMS[placed.form].wholeLots)
      .map((food) => [food.component.id, food]),
  );
  const open = [...may.values()]
    .map((food) => ({ food, taken: eaten(plan, food.component, [{ group, verdict: 'fine' }]) }))
    .sort((a, b) => b.taken.most - a.taken.most);
  const of = (part: Part) => open.filter(({ food }) => food.component.job === part);
  const chosen = PARTS.flatMap((part) => of(part).slice(0, KINDS[part]));
  const most = () => chosen.reduce((sum, { taken }) => sum + taken.most, 0);
  const more = PARTS.flatMap((part) => of(part).slice(KINDS[part], MOST_KINDS[part]));
  for (const next of more.sort((a, b) => b.taken.most - a.taken.most)) {
    if (most() >= wantedG) break;
    chosen.push(next);
  }
  const k = wantedG / Math.max(1, most());
  return chosen.map(({ food, taken }) => ({ food, massG: taken.most * k }));
}

/** The others still find most of it where it lay. */
const LEAST_LEFT = 0.7;

/** What the plate takes is not laid twice: so much less of it lies where the group took it. */
const elsewhereLess = (
  { placed, groupsAt }: CheckContext,
  group: Group,
  helpings: readonly { food: PlacedFood; massG: number }[],
): SingleCommand[] =>
  helpings.flatMap(({ food, massG }) => {
    const there = placed.filter(
      (other) => other.component.id === food.component.id && groupsAt(other.surface).includes(group),
    );
    const all = there.reduce((sum, other) => sum + other.massG, 0);
    return scaled(there, Math.max(LEAST_LEFT, 1 - massG / all));
  });

function freeId(context: CheckContext, group: Group): SurfaceId {
  const taken = new Set<string>(context.plan.surfaces.map((surface) => surface.id));
  let id = `plate-${group.id}`.slice(0, 50);
  for (let n = 2; taken.has(id); n++) id = `plate-${group.id}`.slice(0, 46) + `-${n}`;
  return id as SurfaceId;
}
