import type { PlacedFood } from '../../board/index.js';
import { formName, formVerb } from '../../catalogue/index.js';
import { mostInABowlG, smallChildrenWithin, wholePieces } from '../../board/index.js';
import { forbiddenToSmall, judgeGroup } from '../../needs/index.js';
import { isAgeNeed } from '../../party/index.js';
import type { CheckContext } from '../context.js';
import { factsOfReasons, finding, type Finding, type Remedy } from '../finding.js';
import { offSurface } from '../remedies.js';

/** Choking shapes, raw milk and very salty food within reach of small hands stop service. */
export function smallChildren(c: CheckContext): Finding[] {
  return c.placed.flatMap((l) => {
    const near = smallChildrenWithin(c.plan, l.surface).filter(
      (g) => forbiddenToSmall(c.judge(l, g)) && !c.overruled(l.component.id, g),
    );
    if (near.length === 0) return [];
    const reasons = near.flatMap((g) => c.judge(l, g).reasons.filter((r) => isAgeNeed(r.need)));
    const choking = reasons.some((r) => r.fact === 'choking');
    const served = { food: l.component.name, surface: l.surface.name, reason: reasons[0]!.text };
    const given = {
      key: `small-children ${l.component.id} ${l.surface.id}`,
      severity: 'blocker' as const,
      grave: true,
      concerns: near.map((g) => g.id),
      components: [l.component.id],
      surfaceId: l.surface.id,
      facts: factsOfReasons(reasons),
      remedies: remediesFor(c, l, near[0]!, choking),
    };
    return [
      choking
        ? finding('choking-shape', { ...given, args: { ...served, form: formName(l.form) } })
        : finding('not-for-small-children', { ...given, args: served }),
    ];
  });
}

function remediesFor(
  c: CheckContext,
  l: PlacedFood,
  group: Parameters<CheckContext['judge']>[1],
  choking: boolean,
): Remedy[] {
  const out: Remedy[] = [];
  const fine = l.component.forms.find((f) => judgeGroup(l.component, f.form, group).verdict !== 'forbidden');
  if (choking && fine) {
    out.push({
      kind: 'cut',
      args: { verb: formVerb(fine.form), form: formName(fine.form) },
      command: {
        name: 'set-form',
        componentId: l.component.id,
        surfaceId: l.surface.id,
        form: fine.form,
        pieces: wholePieces(fine, l.massG, mostInABowlG(c.plan)).pieces,
      },
    });
  }
  const onlyTheirs = c.groupsAt(l.surface).every((g) => g === group);
  if (l.surface.smallHands && !onlyTheirs)
    out.push({
      kind: 'out-of-hands',
      args: { surface: l.surface.name },
      command: {
        name: 'set-surface',
        surface: {
          ...l.surface,
          smallHands: false,
          serves: c
            .groupsAt(l.surface)
            .map((g) => g.id)
            .filter((id) => !smallChildrenWithin(c.plan, l.surface).some((s) => s.id === id)),
        },
      },
    });
  out.push(offSurface('leave-off', l));
  return out;
}
