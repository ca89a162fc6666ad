import type { PlacedFood } from '../../board/index.js';
import { formName, formOf, formVerb } from '../../catalogue/index.js';
import { setForm, smallChildrenWithin } from '../../board/index.js';
import { forbiddenToSmall, judgeGroup } from '../../needs/index.js';
import { shortName } from '../../measure/index.js';
import { hasSmallChildren, isAgeNeed } from '../../party/index.js';
import type { CheckContext } from '../context.js';
import { factsOfReasons, finding, type Finding, type Remedy } from '../finding.js';
import { offSurface } from '../remedies.js';

/** Choking shapes, raw milk and very salty food within reach of small hands stop service. */
export function smallChildren(context: CheckContext): Finding[] {
  return context.placed.flatMap((placed) => {
    const near = smallChildrenWithin(context.plan, placed.surface).filter(
      (group) =>
        forbiddenToSmall(context.judge(placed, group)) && !context.overruled(placed.component.id, group),
    );
    if (near.length === 0) return [];
    const reasons = near.flatMap((group) =>
      context.judge(placed, group).reasons.filter((reason) => isAgeNeed(reason.need)),
    );
    const choking = reasons.some((reason) => reason.fact === 'choking');
    const served = { food: placed.component.name, surface: placed.surface.name, reason: reasons[0]!.why };
    const given = {
      key: `small-children ${placed.component.id} ${placed.surface.id}`,
      severity: 'blocker' as const,
      grave: true,
      concerns: near.map((group) => group.id),
      components: [placed.component.id],
      surfaceId: placed.surface.id,
      facts: factsOfReasons(reasons),
      remedies: remediesFor(context, placed, near[0]!, choking),
    };
    return [
      choking
        ? finding('choking-shape', { ...given, args: { ...served, form: formName(placed.form) } })
        : finding('not-for-small-children', { ...given, args: served }),
    ];
  });
}

/** The later, the sooner it chokes. */
const CHOKES_SOONEST: readonly string[] = ['sticky', 'hard', 'round'];

/**
 * Food that would choke a small child, on surfaces that are said to be out of its reach: nobody but the host keeps them so,
 * and the child that has a plate of its own walks about.
 */
export function outOfReach(context: CheckContext): Finding[] {
  const { plan } = context;
  const small = plan.party.filter(hasSmallChildren);
  const far = context.placed.filter(
    (placed) =>
      smallChildrenWithin(plan, placed.surface).length === 0 &&
      small.some((group) => forbiddenToSmall(context.judge(placed, group))),
  );
  if (far.length === 0) return [];
  const surfaces = [...new Set(far.map(({ surface }) => surface))];
  // what chokes soonest is named first
  const rank = ({ component, form }: PlacedFood): number =>
    CHOKES_SOONEST.indexOf(formOf(component, form)?.choking ?? 'safe');
  const components = [
    ...new Set([...far].sort((a, b) => rank(b) - rank(a)).map(({ component }) => component)),
  ];
  return [
    finding('out-of-small-hands', {
      key: 'out of small hands',
      concerns: small.map(({ id }) => id),
      components: components.map(({ id }) => id),
      args: {
        surfaces: { all: surfaces.map(({ name }) => name), most: 4 },
        foods: { foods: components.map(({ name }) => shortName(name)), most: 3 },
        n: components.length,
        groups: { quoted: small.map(({ name }) => name) },
      },
    }),
  ];
}

function remediesFor(
  context: CheckContext,
  placed: PlacedFood,
  group: Parameters<CheckContext['judge']>[1],
  choking: boolean,
): Remedy[] {
  const out: Remedy[] = [];
  const fine = placed.component.forms.find(
    (fact) => judgeGroup(placed.component, fact.form, group).verdict !== 'forbidden',
  );
  if (choking && fine) {
    out.push({
      kind: 'cut',
      args: { verb: formVerb(fine.form), form: formName(fine.form) },
      command: setForm(
        context.plan,
        { componentId: placed.component.id, surfaceId: placed.surface.id },
        fine,
      ),
    });
  }
  const onlyTheirs = context.groupsAt(placed.surface).every((otherGroup) => otherGroup === group);
  if (placed.surface.smallHands && !onlyTheirs)
    out.push({
      kind: 'out-of-hands',
      args: { surface: placed.surface.name },
      command: {
        name: 'set-surface',
        surface: {
          ...placed.surface,
          smallHands: false,
          serves: context
            .groupsAt(placed.surface)
            .map((group) => group.id)
            .filter(
              (id) => !smallChildrenWithin(context.plan, placed.surface).some((group) => group.id === id),
            ),
        },
      },
    });
  out.push(offSurface('leave-off', placed));
  return out;
}
