import { possibleValues, type ComponentId, type FactKey } from '../../catalogue/index.js';
import { disliked, type Reason } from '../../needs/index.js';
import type { Group } from '../../party/index.js';
import type { Answer } from '../../plan/index.js';
import type { CheckContext, Lying } from '../context.js';
import { names, type Finding, type Remedy } from '../finding.js';

/** The value that a reassuring label would show, for the facts that a label can tell. */
const REASSURING: Partial<Record<FactKey, string>> = {
  slaughter: 'certified',
  oats: 'certified',
  rennet: 'microbial',
  'milk-treatment': 'pasteurised',
  'gelatine-from': 'none',
};

const reassuring = (fact: FactKey): string | undefined => {
  if (fact === 'choking' || fact === 'salt-class') return undefined;
  return REASSURING[fact] ?? (possibleValues(fact).includes('free') ? 'free' : undefined);
};

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
        why: `${names(open.map((l) => l.component.name))}: ${reasons[0]!.text}. Until then they do not count.`,
        facts: reasons.map((r) => ({ what: r.fact, value: r.value, source: r.source })),
        remedies: open
          .slice(0, 4)
          .map((l) => noteLabel(c, l, group))
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

/**
 * Notes that the label was read and reassures. Who and when stay to be said: the application fills them in when the
 * stylist presses, and asks what was seen.
 */
function noteLabel(c: CheckContext, l: Lying, group: Group): Remedy | undefined {
  const reasons = c.judge(l, group).reasons.filter((r) => r.verdict === 'ask');
  const answers = [...new Set(reasons.map((r) => r.fact))].map((fact) => answerFor(c, l.component.id, fact));
  if (answers.some((a) => a === undefined)) return undefined;
  return {
    label: `Label read: ${l.component.name.toLowerCase()} is fine`,
    effect: question(reasons[0]!),
    command: {
      name: 'together',
      label: `note the label of ${l.component.name.toLowerCase()}`,
      commands: (answers as Answer[]).map((answer) => ({ name: 'answer', answer })),
    },
  };
}

const question = (r: Reason): string => `no ${r.fact.split('.').at(-1)!.replace('-', ' ')}`;

function answerFor(c: CheckContext, componentId: ComponentId, fact: FactKey): Answer | undefined {
  const value = reassuring(fact);
  if (!value) return undefined;
  return { componentId, fact, value, who: 'the stylist', when: c.plan.occasion.start, seen: 'label' };
}
