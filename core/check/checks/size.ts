import {
  inParts,
  isOwnPlate,
  kindsThatFit,
  REACH_MM,
  roomOn,
  sizedTogether,
  tooFarToReach,
} from '../../board/index.js';
import { unlaidOn } from '../../lay/index.js';
import { moduleKey, type Plan, type Surface } from '../../plan/index.js';
import { coverOf, fittingOutline, laidGroundCm2, outlineSaid, surfaceAreaCm2 } from '../../portion/index.js';
import type { Arg } from '../../words/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding } from '../finding.js';
import { offSurface } from '../remedies.js';

/** Up to so much more the layout has the last word (house default). */
const LEANS = 1.1;

/** So many kinds beyond what a surface takes are no slip: each of its guests may need one (house default). */
const STRAY_KINDS = 2;

/** Too small or too large for what lies on it at opening, with the size that fits; and too many kinds for it. */
export function size(context: CheckContext): Finding[] {
  const seen = new Set<string>();
  return context.plan.surfaces.flatMap((surface) => {
    // modules that are alike are told once, and changed together
    const alike = sizedTogether(context.plan, surface);
    if (alike.length > 1 && seen.has(moduleKey(surface))) return [];
    seen.add(moduleKey(surface));
    const reach = reachOf(context, surface);
    if (laidGroundCm2(context.plan, surface) === 0) return reach;
    return [...reach, ...sizeOf(context, surface, alike), ...kindsOn(context, surface, alike)];
  });
}

/** One dense board for many, or one longer than two arms. */
function reachOf(context: CheckContext, surface: Surface): Finding[] {
  const far = isOwnPlate(context.plan, surface) ? undefined : tooFarToReach(context.plan, surface);
  if (!far) return [];
  const command = inParts(context.plan, surface, far.parts);
  const { outline } = command.parts[0]!;
  return [
    finding('out-of-reach', {
      key: `reach ${surface.id}`,
      surfaceId: surface.id,
      args: {
        surface: surface.name,
        crowd: far.crowded ? 'yes' : 'no',
        guests: Math.round(far.guests),
        longest: { mm: far.longestMm },
        reach: { mm: REACH_MM },
        n: far.parts,
      },
      facts: [
        {
          what: { say: 'fact.name.guests-there' },
          value: Math.round(far.guests),
          source: 'this plan',
        },
        { what: { say: 'fact.name.reach' }, value: { mm: REACH_MM }, source: 'house default' },
      ],
      remedies: [
        {
          kind: 'in-parts',
          args: { n: far.parts, outline: outlineSaid(outline) },
          command: { name: 'together', label: 'set a table in parts', commands: [command] },
        },
      ],
    }),
  ];
}

const named = (surface: Surface, alike: readonly Surface[]): Arg =>
  alike.length > 1
    ? { say: 'surface.modules', with: { surface: surface.name, n: alike.length - 1 } }
    : surface.name;

/** It lies there, to the last piece: that it would not fit is no longer a guess that helps. */
const liesWhole = (plan: Plan, surface: Surface): boolean =>
  plan.layout.some(({ surfaceId, elements }) => surfaceId === surface.id && elements.length > 0) &&
  unlaidOn(plan, surface).length === 0;

function sizeOf(context: CheckContext, surface: Surface, alike: readonly Surface[]): Finding[] {
  const ground = laidGroundCm2(context.plan, surface);
  const area = surfaceAreaCm2(surface);
  const { is, share } = roomOn(context.plan, surface);
  const small = is === 'small';
  if (is === 'fitting' || (small && share <= LEANS && alike.every((each) => liesWhole(context.plan, each))))
    return [];
  const outline = fittingOutline(surface, ground, coverOf(context.plan, surface));
  return [
    finding(small ? 'too-small' : 'too-large', {
      key: `size ${surface.id}`,
      surfaceId: surface.id,
      args: { surface: named(surface, alike), ground: { cm2: ground }, area: { cm2: area } },
      facts: [
        { what: { say: 'fact.name.ground-needed' }, value: { cm2: ground }, source: 'house default' },
        { what: { say: 'fact.name.ground-inside' }, value: { cm2: area }, source: 'this plan' },
      ],
      remedies: [
        {
          kind: small ? 'larger' : 'smaller',
          args: { outline: outlineSaid(outline) },
          command: {
            name: 'together',
            label: 'change a surface',
            commands: alike.map((surface) => ({
              name: 'set-surface' as const,
              surface: { ...surface, outline },
            })),
          },
        },
      ],
    }),
  ];
}

function kindsOn(context: CheckContext, surface: Surface, alike: readonly Surface[]): Finding[] {
  const kinds = context.placed.filter(
    (placed) => placed.surface === surface && placed.component.family !== 'garnish',
  );
  const most = kindsThatFit(surface);
  // bread is the last to go: for somebody it may be the only one
  const goes = (food: (typeof kinds)[number]): number => (food.component.job === 'vehicle' ? 1 : 0);
  const least = [...kinds].sort((a, b) => goes(a) - goes(b) || a.massG - b.massG)[0];
  if (kinds.length <= most + STRAY_KINDS || !least) return [];
  return [
    finding('too-many-kinds', {
      key: `kinds ${surface.id}`,
      components: [least.component.id],
      surfaceId: surface.id,
      args: { n: kinds.length, most, surface: named(surface, alike) },
      facts: [{ what: { say: 'fact.name.kinds' }, value: kinds.length, source: 'this plan' }],
      remedies: [offSurface('leave-out-food', least)],
    }),
  ];
}
