import type { PlacedFood } from '../../board/index.js';
import { formName, type FormId } from '../../catalogue/index.js';
import { mostInABowlG, smallChildrenWithin, wholePieces } from '../../board/index.js';
import { forbiddenToSmall, judgeGroup } from '../../needs/index.js';
import { isAgeNeed } from '../../party/index.js';
import type { CheckContext } from '../context.js';
import { capital, lower, type Finding, type Remedy } from '../finding.js';

/** Choking shapes, raw milk and very salty food within reach of small hands stop service. */
export function smallChildren(c: CheckContext): Finding[] {
  return c.placed.flatMap((l) => {
    const near = smallChildrenWithin(c.plan, l.surface).filter(
      (g) => forbiddenToSmall(c.judge(l, g)) && !c.overruled(l.component.id, g),
    );
    if (near.length === 0) return [];
    const reasons = near.flatMap((g) => c.judge(l, g).reasons.filter((r) => isAgeNeed(r.need)));
    const choking = reasons.some((r) => r.fact === 'choking');
    return [
      {
        key: `small-children ${l.component.id} ${l.surface.id}`,
        code: choking ? 'choking-shape' : 'not-for-small-children',
        glyph: 'cracked' as const,
        concerns: near.map((g) => g.id),
        components: [l.component.id],
        surfaceId: l.surface.id,
        text: choking
          ? `${l.component.name}, ${formName(l.form)}, within reach of small children.`
          : `${l.component.name} is not for small children.`,
        why: `On ${lower(l.surface.name)}: ${reasons[0]!.text}. Stay with children while they eat.`,
        facts: reasons.map((r) => ({ what: r.fact, value: r.value, source: r.source })),
        remedies: remediesFor(c, l, near[0]!, choking),
        grave: true,
      },
    ];
  });
}

const VERB: Partial<Record<FormId, string>> = {
  quartered: 'Cut in quarters',
  'thin-strips': 'Cut in thin strips',
  'half-moons': 'Cut in thin half-moons',
  grated: 'Grate it',
  chopped: 'Chop it',
  smeared: 'Smear it thinly',
};

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
      label: VERB[fine.form] ?? `Serve it as ${formName(fine.form)}`,
      effect: formName(fine.form),
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
      label: 'Stand it out of small hands',
      effect: l.surface.name,
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
  out.push({
    label: capital(`leave ${lower(l.component.name)} off`),
    effect: `−${Math.round(l.massG)} g`,
    command: { name: 'place', componentId: l.component.id, surfaceId: l.surface.id, placements: [] },
  });
  return out;
}
