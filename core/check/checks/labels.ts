import type { PlacedFood } from '../../board/index.js';
import { factWords, isFactKey } from '../../catalogue/index.js';
import { disliked, isGrave, packOf } from '../../needs/index.js';
import { needsOf, type Group } from '../../party/index.js';
import type { CheckContext } from '../context.js';
import { lower, names, type Finding, type Remedy } from '../finding.js';
import { labelRead } from '../remedies.js';

/** Questions that only a label or a maker can answer, one slip for each group that they concern. */
export function labels(c: CheckContext): Finding[] {
  return c.plan.party.flatMap((group) => {
    const open = c.placed.filter((l) => asks(c, l, group));
    if (open.length === 0) return [];
    const reasons = open.flatMap((l) => openReasons(c, l, group));
    const facts = reasons.map((r) => r.fact).filter(isFactKey);
    const grave = needsOf(group).some(
      (n) => isGrave(packOf(n)!, n) && reasons.some((r) => r.need === packOf(n)!.id),
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
        why: `${names(open.map((l, i) => (i === 0 ? l.component.name : lower(l.component.name))))}: the label must say about ${names([...new Set(facts.map(factWords))])}. Until then ${open.length === 1 ? 'it does' : 'they do'} not count.`,
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

/** Questions of a label; what the whole plate decides is no question. */
const openReasons = (c: CheckContext, l: PlacedFood, group: Group) =>
  c.judge(l, group).reasons.filter((r) => r.verdict === 'ask' && isFactKey(r.fact));

/** Only where the answer would matter: served there, no neighbour in the way, and liked. */
function asks(c: CheckContext, l: PlacedFood, group: Group): boolean {
  if (!c.groupsAt(l.surface).includes(group) || l.component.job === 'none') return false;
  if (
    c.judge(l, group).verdict !== 'ask' ||
    openReasons(c, l, group).length === 0 ||
    c.overruled(l.component.id, group) ||
    disliked(l.component, group)
  )
    return false;
  const others = c.carriers(l.surface, group).filter((x) => x.food !== l);
  return others.length === 0;
}

const question = (c: CheckContext, l: PlacedFood, group: Group): Remedy | undefined =>
  labelRead(
    c,
    l.component,
    openReasons(c, l, group)
      .map((r) => r.fact)
      .filter(isFactKey),
  );
