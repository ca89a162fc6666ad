import { isUnrestricted, placementsOf, type PlacedFood } from '../../board/index.js';
import { formOf, usualForm } from '../../catalogue/index.js';
import type { Group } from '../../party/index.js';
import { isOnlyFor, type Surface, type SurfaceId } from '../../plan/index.js';
import { fittingOutline, needG, outlineSaid, placementGroundCm2 } from '../../portion/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding, type Remedy } from '../finding.js';

/** Kinds on a plate of one's own, by what they do in a bite: enough for three bites. */
const KINDS = { body: 2, vehicle: 1, contrast: 3 } as const;
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

const hasOwn = (context: CheckContext, group: Group) =>
  context.plan.surfaces.some((surface) => isOnlyFor(surface, group.id));

/** The foods of the boards that the group may eat by their facts, a portion of each job, on a plate for them alone. */
function plateFor(context: CheckContext, group: Group): Remedy | undefined {
  const byJob = (job: keyof typeof KINDS): PlacedFood[] => {
    const all = context.placed.filter(
      (placed) => placed.component.job === job && context.allowed(placed, group),
    );
    return [...new Map(all.map((placed) => [placed.component.id, placed])).values()].slice(0, KINDS[job]);
  };
  const foods = (['body', 'vehicle', 'contrast'] as const).flatMap(byJob);
  if (
    !(['body', 'vehicle', 'contrast'] as const).every((j) =>
      foods.some((placed) => placed.component.job === j),
    )
  )
    return undefined;
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
  const eachG = (needG(group, context.targets) * SPARE) / foods.length;
  const placed = foods.map((placed) => {
    const fact = formOf(placed.component, placed.form) ?? usualForm(placed.component);
    return placementsOf({
      plan: context.plan,
      component: placed.component,
      fact,
      surfaceId: base.id,
      massG: eachG,
    });
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

function freeId(context: CheckContext, group: Group): SurfaceId {
  const taken = new Set<string>(context.plan.surfaces.map((surface) => surface.id));
  let id = `plate-${group.id}`.slice(0, 50);
  for (let n = 2; taken.has(id); n++) id = `plate-${group.id}`.slice(0, 46) + `-${n}`;
  return id as SurfaceId;
}
