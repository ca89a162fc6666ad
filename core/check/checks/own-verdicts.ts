import type { PlacedFood } from '../../board/index.js';
import { isAgeNeed, type Group } from '../../party/index.js';
import type { CheckContext } from '../context.js';
import { factsOfReasons, finding, type Finding } from '../finding.js';
import { offSurface } from '../remedies.js';

/**
 * A food on a surface that nobody there may eat differently: everything must fit everyone by policy, or the surface
 * is one group's own and the food is not for it. Small children's shapes have a check of their own.
 */
export function ownVerdicts(context: CheckContext): Finding[] {
  return context.placed.flatMap((placed) => {
    const groups = context.groupsAt(placed.surface);
    const concerned = groups.filter((group) => forbidden(context, placed, group));
    const all =
      context.plan.policy === 'everything-fits'
        ? concerned.length > 0
        : concerned.length > 0 && concerned.length === groups.length;
    if (!all) return [];
    const reasons = concerned.flatMap((group) =>
      context.judge(placed, group).reasons.filter((reason) => reason.verdict === 'forbidden'),
    );
    return [
      finding('not-for-them', {
        key: `not-for ${placed.component.id} ${placed.surface.id}`,
        severity: 'blocker',
        grave: true,
        concerns: concerned.map((group) => group.id),
        components: [placed.component.id],
        surfaceId: placed.surface.id,
        args: {
          food: placed.component.name,
          group: concerned[0]!.name,
          surface: placed.surface.name,
          reason: reasons[0]?.why ?? '',
        },
        facts: factsOfReasons(reasons),
        remedies: [offSurface('take-food-off', placed)],
      }),
    ];
  });
}

function forbidden(context: CheckContext, placed: PlacedFood, group: Group): boolean {
  const reasons = context
    .judge(placed, group)
    .reasons.filter((reason) => reason.verdict === 'forbidden' && !isAgeNeed(reason.need));
  return reasons.length > 0 && !context.overruled(placed.component.id, group);
}

/** A component that the catalogue no longer has: it is kept and shown, and counts for nobody. */
export function lostComponents(context: CheckContext): Finding[] {
  return [...new Set(context.lost.map((placement) => placement.componentId))].map((id) =>
    finding('unknown-component', {
      key: `lost ${id}`,
      severity: 'ask',
      concerns: context.plan.party.map((group) => group.id),
      components: [id],
      args: { food: id },
      facts: [{ what: { say: 'fact.name.component' }, value: id, source: 'not known' }],
      remedies: [{ kind: 'forget', args: {}, command: { name: 'leave-out', componentId: id } }],
    }),
  );
}
