import type { PlacedFood } from '../../board/index.js';
import { isAgeNeed, type Group } from '../../party/index.js';
import type { CheckContext } from '../context.js';
import { factsOfReasons, finding, type Finding } from '../finding.js';
import { offSurface } from '../remedies.js';

/**
 * A food on a surface that nobody there may eat differently: everything must fit everyone by policy, or the surface
 * is one group's own and the food is not for it. Small children's shapes have a check of their own.
 */
export function ownVerdicts(c: CheckContext): Finding[] {
  return c.placed.flatMap((l) => {
    const groups = c.groupsAt(l.surface);
    const concerned = groups.filter((g) => forbidden(c, l, g));
    const all =
      c.plan.policy === 'everything-fits'
        ? concerned.length > 0
        : concerned.length > 0 && concerned.length === groups.length;
    if (!all) return [];
    const reasons = concerned.flatMap((g) => c.judge(l, g).reasons.filter((r) => r.verdict === 'forbidden'));
    return [
      finding('not-for-them', {
        key: `not-for ${l.component.id} ${l.surface.id}`,
        severity: 'blocker',
        grave: true,
        concerns: concerned.map((g) => g.id),
        components: [l.component.id],
        surfaceId: l.surface.id,
        args: {
          food: l.component.name,
          group: concerned[0]!.name,
          surface: l.surface.name,
          reason: reasons[0]?.text ?? '',
        },
        facts: factsOfReasons(reasons),
        remedies: [offSurface('take-food-off', l)],
      }),
    ];
  });
}

function forbidden(c: CheckContext, l: PlacedFood, g: Group): boolean {
  const reasons = c.judge(l, g).reasons.filter((r) => r.verdict === 'forbidden' && !isAgeNeed(r.need));
  return reasons.length > 0 && !c.overruled(l.component.id, g);
}

/** A component that the catalogue no longer has: it is kept and shown, and counts for nobody. */
export function lostComponents(c: CheckContext): Finding[] {
  return [...new Set(c.lost.map((p) => p.componentId))].map((id) =>
    finding('unknown-component', {
      key: `lost ${id}`,
      severity: 'ask',
      concerns: c.plan.party.map((g) => g.id),
      components: [id],
      args: { food: id },
      facts: [{ what: { say: 'fact.name.component' }, value: id, source: 'not known' }],
      remedies: [{ kind: 'forget', args: {}, command: { name: 'leave-out', componentId: id } }],
    }),
  );
}
