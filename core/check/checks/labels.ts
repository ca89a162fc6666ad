import type { PlacedFood } from '../../board/index.js';
import { factWords, isFactKey } from '../../catalogue/index.js';
import { disliked, isGrave, packOf } from '../../needs/index.js';
import { needsOf, type Group } from '../../party/index.js';
import type { CheckContext } from '../context.js';
import { factsOfReasons, finding, type Finding, type Remedy } from '../finding.js';
import { labelRead } from '../remedies.js';

const MOST_REMEDIES = 4;

/** Questions that only a label or a maker can answer, one slip for each group that they concern. */
export function labels(c: CheckContext): Finding[] {
  return c.plan.party.flatMap((group) => {
    const open = c.placed.filter((l) => asks(c, l, group));
    if (open.length === 0) return [];
    const reasons = open.flatMap((l) => openReasons(c, l, group));
    const facts = reasons.map((r) => r.fact).filter(isFactKey);
    return [
      finding('label-to-read', {
        key: `label ${group.id}`,
        severity: 'ask',
        grave: needsOf(group).some(
          (n) => isGrave(packOf(n)!, n) && reasons.some((r) => r.need === packOf(n)!.id),
        ),
        concerns: [group.id],
        components: open.map((l) => l.component.id),
        args: {
          foods: { foods: open.map((l) => l.component.name) },
          n: open.length,
          group: group.name,
          facts: { all: [...new Set(facts.map(factWords))] },
        },
        facts: factsOfReasons(reasons),
        remedies: open
          .slice(0, MOST_REMEDIES)
          .map((l) => question(c, l, group))
          .filter((r): r is Remedy => r !== undefined),
      }),
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
