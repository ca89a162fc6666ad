import { inParts, REACH_MM } from '../../board/index.js';
import { moduleKey, outlineSize, type Surface } from '../../plan/index.js';
import {
  BOOT_MM,
  DOOR_MM,
  emptyWeightG,
  fitsBoot,
  isCarried,
  loadG,
  loadOf,
  ONE_CARRIES_G,
  outlineSaid,
  passesDoor,
} from '../../portion/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding, type Remedy } from '../finding.js';

/** The parts of one table are told once, and changed together. */
const alike = ({ plan }: CheckContext, surface: Surface): Surface[] =>
  plan.surfaces.filter((other) => moduleKey(other) === moduleKey(surface));

const changed = (
  context: CheckContext,
  kind: Remedy['kind'],
  surface: Surface,
  change: (surface: Surface) => Surface,
): Remedy => ({
  kind,
  args: {},
  command: {
    name: 'together',
    label: 'change a surface',
    commands: alike(context, surface).map((surface) => ({ name: 'set-surface', surface: change(surface) })),
  },
});

const builtThere = (context: CheckContext, surface: Surface): Remedy =>
  changed(context, 'built-in-place', surface, (surface) => ({ ...surface, inPlace: true }));

/** Twice as many boards of half the size, each with every kind. */
function halved(context: CheckContext, surface: Surface): Remedy[] {
  const { plan } = context;
  if (plan.surfaces.length + alike(context, surface).length > 20 || surface.zoneFor) return [];
  const command = inParts(plan, surface, 2 * alike(context, surface).length);
  return [
    {
      kind: 'in-parts',
      args: { n: command.parts.length, outline: outlineSaid(command.parts[0]!.outline) },
      command: { name: 'together', label: 'set a table in parts', commands: [command] },
    },
  ];
}

/** Board, bowls and food as one load; over what one carries it takes two, or it is built where it is served. */
function tooHeavy(context: CheckContext, surface: Surface): Finding[] {
  const load = loadOf(context.plan, surface);
  if (!isCarried(surface) || load.foodG === 0 || loadG(load) <= ONE_CARRIES_G) return [];
  const weighed = surface.weightG !== undefined;
  return [
    finding('heavy-board', {
      key: `heavy ${surface.id}`,
      surfaceId: surface.id,
      args: { surface: surface.name, load: { g: loadG(load) }, one: { g: ONE_CARRIES_G } },
      facts: [
        {
          what: { say: 'fact.name.board' },
          value: { g: emptyWeightG(surface) },
          source: weighed ? 'this plan' : 'house default',
        },
        { what: { say: 'fact.name.food' }, value: { g: load.foodG }, source: 'this plan' },
        { what: { say: 'fact.name.its-bowls' }, value: { g: load.bowlsG }, source: 'house default' },
      ],
      remedies: [builtThere(context, surface), ...halved(context, surface)],
    }),
  ];
}

/** Through a door when it is carried laid, and flat in the car when it is driven. */
function doesNotPass(context: CheckContext, surface: Surface): Finding[] {
  const byCar = context.plan.occasion.carMin > 0 && surface.material !== 'paper' && !fitsBoot(surface);
  const door = isCarried(surface) && !passesDoor(surface);
  if (!byCar && !door) return [];
  const [length, width] = outlineSize(surface.outline);
  return [
    finding('does-not-pass', {
      key: `passes ${surface.id}`,
      surfaceId: surface.id,
      args: {
        surface: surface.name,
        what: byCar ? 'car' : 'door',
        length: { mm: Math.max(length, width) },
        width: { mm: Math.min(length, width) },
        door: { mm: DOOR_MM },
        boot: { mm: BOOT_MM[0] },
        deep: { mm: BOOT_MM[1] },
      },
      remedies: [...(byCar ? [] : [builtThere(context, surface)]), ...halved(context, surface)],
    }),
  ];
}

/** Who stands on one side only, or on two, does not come to what lies further in than a hand reaches. */
function tooDeep(context: CheckContext, surface: Surface): Finding[] {
  const sides = surface.guests;
  if (!sides) return [];
  const [, depth] = outlineSize(surface.outline);
  const most = sides === 'one-side' ? REACH_MM : 2 * REACH_MM;
  if (depth <= most) return [];
  return [
    finding('too-deep', {
      key: `deep ${surface.id}`,
      surfaceId: surface.id,
      args: {
        surface: surface.name,
        depth: { mm: depth },
        reach: { mm: REACH_MM },
        sides: sides === 'one-side' ? 'front' : 'both',
      },
      facts: [{ what: { say: 'fact.name.reach' }, value: { mm: REACH_MM }, source: 'house default' }],
      remedies: [
        ...(depth <= 2 * REACH_MM
          ? [changed(context, 'from-two-sides', surface, (surface) => ({ ...surface, guests: 'two-sides' }))]
          : []),
        changed(context, 'from-all-round', surface, ({ guests: _guests, ...allRound }) => allRound),
      ],
    }),
  ];
}

/** Bare sheet metal is seldom made for food: paper between, unless it says so. */
function bareMetal(context: CheckContext, surface: Surface): Finding[] {
  const laid = context.plan.placements.some(({ surfaceId }) => surfaceId === surface.id);
  if (surface.material !== 'tin' || surface.liner || !laid) return [];
  return [
    finding('wants-liner', {
      key: `liner ${surface.id}`,
      surfaceId: surface.id,
      args: { surface: surface.name },
      remedies: [
        changed(context, 'with-liner', surface, (surface) => ({ ...surface, liner: 'baking-paper' })),
      ],
    }),
  ];
}

/** What a surface asks for before any food lies on it: hands, doors, sides, a liner. */
export const carry = (context: CheckContext): Finding[] =>
  context.plan.surfaces.flatMap((surface) =>
    alike(context, surface)[0] !== surface
      ? []
      : [
          ...tooHeavy(context, surface),
          ...doesNotPass(context, surface),
          ...tooDeep(context, surface),
          ...bareMetal(context, surface),
        ],
  );
