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
export function ownPlates(c: CheckContext): Finding[] {
  if (c.plan.policy !== 'own-plate') return [];
  return c.plan.party
    .filter((g) => !isUnrestricted(g) && !hasOwn(c, g))
    .map((group) => {
      const remedy = plateFor(c, group);
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

const hasOwn = (c: CheckContext, group: Group) => c.plan.surfaces.some((s) => isOnlyFor(s, group.id));

/** The foods of the boards that the group may eat by their facts, a portion of each job, on a plate for them alone. */
function plateFor(c: CheckContext, group: Group): Remedy | undefined {
  const byJob = (job: keyof typeof KINDS): PlacedFood[] => {
    const all = c.placed.filter((l) => l.component.job === job && c.allowed(l, group));
    return [...new Map(all.map((l) => [l.component.id, l])).values()].slice(0, KINDS[job]);
  };
  const foods = (['body', 'vehicle', 'contrast'] as const).flatMap(byJob);
  if (!(['body', 'vehicle', 'contrast'] as const).every((j) => foods.some((l) => l.component.job === j)))
    return undefined;
  const base: Surface = {
    id: freeId(c, group),
    name: `Plate for ${group.name}`.slice(0, 60),
    outline: { kind: 'round', diameterMm: 200 },
    rimMm: 10,
    material: 'china',
    serves: [group.id],
    freeFrom: [],
    smallHands: group.band === 'child',
  };
  const eachG = (needG(group, c.targets) * SPARE) / foods.length;
  const placed = foods.map((l) => {
    const fact = formOf(l.component, l.form) ?? usualForm(l.component);
    return placementsOf({ plan: c.plan, component: l.component, fact, surfaceId: base.id, massG: eachG });
  });
  const ground = placed
    .flat()
    .filter((p) => p.lot === 0)
    .reduce((n, p) => n + placementGroundCm2(c.larder.get(p.componentId)!, p), 0);
  const surface = { ...base, outline: fittingOutline(base, ground) };
  return {
    kind: 'own-plate',
    args: { outline: outlineSaid(surface.outline) },
    command: {
      name: 'together',
      label: 'give a plate of its own',
      commands: [
        { name: 'set-surface', surface },
        ...foods.map((l, i) => ({
          name: 'place' as const,
          componentId: l.component.id,
          surfaceId: surface.id,
          placements: placed[i]!,
        })),
      ],
    },
  };
}

function freeId(c: CheckContext, group: Group): SurfaceId {
  const taken = new Set<string>(c.plan.surfaces.map((s) => s.id));
  let id = `plate-${group.id}`.slice(0, 50);
  for (let n = 2; taken.has(id); n++) id = `plate-${group.id}`.slice(0, 46) + `-${n}`;
  return id as SurfaceId;
}
