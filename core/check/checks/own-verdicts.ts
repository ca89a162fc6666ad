import type { PlacedFood } from '../../board/index.js';
import { isAgeNeed } from '../../party/index.js';
import type { CheckContext } from '../context.js';
import { lower, type Finding } from '../finding.js';

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
      {
        key: `not-for ${l.component.id} ${l.surface.id}`,
        code: 'not-for-them',
        glyph: 'cracked' as const,
        concerns: concerned.map((g) => g.id),
        components: [l.component.id],
        surfaceId: l.surface.id,
        text: `${l.component.name} is not for ${lower(concerned[0]!.name)} guests.`,
        why: `On ${lower(l.surface.name)}: ${reasons[0]?.text ?? 'it is not for them'}.`,
        facts: reasons.map((r) => ({ what: r.fact, value: r.value, source: r.source })),
        remedies: [
          {
            label: `Take ${lower(l.component.name)} off`,
            effect: `−${Math.round(l.massG)} g`,
            command: {
              name: 'place' as const,
              componentId: l.component.id,
              surfaceId: l.surface.id,
              placements: [],
            },
          },
        ],
        grave: true,
      },
    ];
  });
}

function forbidden(c: CheckContext, l: PlacedFood, g: CheckContext['plan']['party'][number]): boolean {
  const reasons = c.judge(l, g).reasons.filter((r) => r.verdict === 'forbidden' && !isAgeNeed(r.need));
  return reasons.length > 0 && !c.overruled(l.component.id, g);
}

/** A component that the catalogue no longer has: it is kept and shown, and counts for nobody. */
export function lostComponents(c: CheckContext): Finding[] {
  return [...new Set(c.lost.map((p) => p.componentId))].map((id) => ({
    key: `lost ${id}`,
    code: 'unknown-component',
    glyph: 'covered' as const,
    concerns: c.plan.party.map((g) => g.id),
    components: [id],
    surfaceId: null,
    text: `Nobody knows “${id}”.`,
    why: 'The plan names a food that is in no larder. It counts for nobody.',
    facts: [{ what: 'component', value: id, source: 'not known' as const }],
    remedies: [
      { label: 'Leave it out', effect: 'removed', command: { name: 'leave-out' as const, componentId: id } },
    ],
    grave: false,
  }));
}
