import { factWords } from '../../catalogue/index.js';
import { disliked } from '../../needs/index.js';
import type { Group } from '../../party/index.js';
import type { CheckContext, Lying } from '../context.js';
import { lower, names, type Finding, type Remedy } from '../finding.js';
import { labelRead } from '../remedies.js';

/** Questions that only a label or a maker can answer, one slip for each group that they concern. */
export function labels(c: CheckContext): Finding[] {
  return c.plan.party.flatMap((group) => {
    const open = c.lying.filter((l) => asks(c, l, group));
    if (open.length === 0) return [];
    const reasons = open.flatMap((l) => c.judge(l, group).reasons.filter((r) => r.verdict === 'ask'));
    const grave = reasons.some(
      (r) => r.need === 'gluten-free' || r.need === 'tree-nut-free' || r.need.startsWith('child-'),
    );
    return [
      {
        key: `label ${group.id}`,
        code: 'label-to-read',
        glyph: 'covered' as const,
        concerns: [group.id],
        components: open.map((l) => l.component.id),
        surfaceId: null,
        text:
          open.length === 1
            ? `Which ${open[0]!.component.name.toLowerCase()}?`
            : `${open.length} labels to read for “${group.name}”.`,
        why: `${names(open.map((l, i) => (i === 0 ? l.component.name : lower(l.component.name))))}: the label must say about ${names([...new Set(reasons.map((r) => factWords(r.fact)))])}. Until then ${open.length === 1 ? 'it does' : 'they do'} not count.`,
        facts: reasons.map((r) => ({ what: r.fact, value: r.value, source: r.source })),
        remedies: open
          .slice(0, 4)
          .map((l) => question(c, l, group))
          .filter((r): r is Remedy => r !== undefined),
        grave,
      },
    ];
  });
}

/** Only where the answer would matter: served there, no neighbour in the way, and liked. */
function asks(c: CheckContext, l: Lying, group: Group): boolean {
  if (!c.groupsAt(l.surface).includes(group) || l.component.job === 'none') return false;
  if (
    c.judge(l, group).verdict !== 'ask' ||
    c.overruled(l.component.id, group) ||
    disliked(l.component, group)
  )
    return false;
  const others = c.carriers(l.surface, group).filter((x) => x.lying !== l);
  return others.length === 0;
}

const question = (c: CheckContext, l: Lying, group: Group): Remedy | undefined =>
  labelRead(
    c,
    l.component,
    c
      .judge(l, group)
      .reasons.filter((r) => r.verdict === 'ask')
      .map((r) => r.fact),
  );
