import type { PlacedFood } from '../../board/index.js';
import { factWords, isFactKey } from '../../catalogue/index.js';
import { disliked, isGrave, packOf } from '../../needs/index.js';
import { needsOf, unreadOf, type Group } from '../../party/index.js';
import type { CheckContext } from '../context.js';
import { factsOfReasons, finding, type Finding, type Remedy } from '../finding.js';
import { labelRead } from '../remedies.js';

const MOST_REMEDIES = 4;

/** Questions that only a label or a maker can answer, one slip for each group that they concern. */
export function labels(context: CheckContext): Finding[] {
  return context.plan.party.flatMap((group) => {
    // no label answers what was said and not understood: that is asked by itself
    if (unreadOf(group).length > 0) return [];
    const asked = context.placed.filter((placed) => asks(context, placed, group));
    // a table in parts has one label to read, not four
    const open = asked.filter(
      (placed) => asked.find((first) => first.component === placed.component) === placed,
    );
    if (open.length === 0) return [];
    const reasons = open.flatMap((placed) => openReasons(context, placed, group));
    const facts = reasons.map((reason) => reason.fact).filter(isFactKey);
    return [
      finding('label-to-read', {
        key: `label ${group.id}`,
        severity: 'ask',
        grave: needsOf(group).some(
          (choice) =>
            isGrave(packOf(choice)!, choice) && reasons.some((reason) => reason.need === packOf(choice)!.id),
        ),
        concerns: [group.id],
        components: open.map((placed) => placed.component.id),
        args: {
          foods: { foods: open.map((placed) => placed.component.name) },
          n: open.length,
          made: open.filter(({ component }) => component.made === 'home-made').length,
          group: group.name,
          facts: { all: [...new Set(facts.map(factWords))] },
        },
        facts: factsOfReasons(reasons),
        remedies: open
          .slice(0, MOST_REMEDIES)
          .map((placed) => question(context, placed, group))
          .filter((remedy): remedy is Remedy => remedy !== undefined),
      }),
    ];
  });
}

/** Questions of a label; what the whole plate decides is no question. */
const openReasons = (context: CheckContext, placed: PlacedFood, group: Group) =>
  context.judge(placed, group).reasons.filter((reason) => reason.verdict === 'ask' && isFactKey(reason.fact));

/** Only where the answer would matter: served there, no neighbour in the way, and liked. */
function asks(context: CheckContext, placed: PlacedFood, group: Group): boolean {
  if (!context.groupsAt(placed.surface).includes(group) || placed.component.job === 'none') return false;
  if (
    context.judge(placed, group).verdict !== 'ask' ||
    openReasons(context, placed, group).length === 0 ||
    context.overruled(placed.component.id, group) ||
    disliked(placed.component, group)
  )
    return false;
  const others = context.carriers(placed.surface, group).filter((carrier) => carrier.food !== placed);
  return others.length === 0;
}

const question = (context: CheckContext, placed: PlacedFood, group: Group): Remedy | undefined =>
  labelRead(
    context,
    placed.component,
    openReasons(context, placed, group)
      .map((reason) => reason.fact)
      .filter(isFactKey),
  );
