import { isOwnPlate, placementsOf, type PlacedFood } from '../../board/index.js';
import { clockOf } from '../../measure/index.js';
import { holdingOf, HOT_ABOVE_C } from '../../portion/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding, type Remedy } from '../finding.js';
import { leaveOut } from '../remedies.js';

/**
 * Perishable food stands two hours at most in all, road and building included; one when it is hot. A child's plate is filled
 * and eaten at once: it needs no second lot.
 */
export function holding(c: CheckContext): Finding[] {
  const over = c.placed.filter((l) => {
    const h = holdingOf(l.component, c.plan);
    const lots = new Set(l.lots.map((p) => p.lot)).size;
    return h.limitMin !== Infinity && lots < h.lots && !isOwnPlate(c.plan, l.surface);
  });
  const never = c.placed.filter((l) => holdingOf(l.component, c.plan).lots === 0);
  return [...waiting(c, 'too-long', over), ...waiting(c, 'warm-at-opening', never)];
}

function waiting(
  c: CheckContext,
  code: 'too-long' | 'warm-at-opening',
  foods: readonly PlacedFood[],
): Finding[] {
  const first = foods[0];
  if (!first) return [];
  const h = holdingOf(first.component, c.plan);
  const hot = c.plan.occasion.airTempC > HOT_ABOVE_C;
  return [
    finding(code, {
      key: `holding ${code}`,
      severity: 'blocker',
      concerns: c.plan.party.map((g) => g.id),
      components: foods.map((l) => l.component.id),
      args: {
        foods: { foods: foods.map((l) => l.component.name), most: 2 },
        minutes: Math.round(h.outMin),
        limit: h.limitMin,
        hot: hot ? 'yes' : 'no',
      },
      facts: foods.map((l) => ({
        what: l.component.name,
        value: { say: 'fact.minutes', with: { n: Math.round(holdingOf(l.component, c.plan).outMin) } },
        source: 'public guidance',
      })),
      remedies: [...(code === 'too-long' ? [inLots(c, foods)] : []), leaveOut(foods)],
    }),
  ];
}

function inLots(c: CheckContext, foods: readonly PlacedFood[]): Remedy {
  const h = holdingOf(foods[0]!.component, c.plan);
  return {
    kind: 'in-lots',
    args: { n: h.lots, times: h.leaves.slice(1).map(clockOf).join(', ') },
    command: {
      name: 'together',
      label: `serve in ${h.lots} lots`,
      commands: foods.map((l) => {
        const fact = l.component.forms.find((f) => f.form === l.form) ?? l.component.forms[0]!;
        return {
          name: 'place',
          componentId: l.component.id,
          surfaceId: l.surface.id,
          placements: placementsOf({
            plan: c.plan,
            component: l.component,
            fact,
            surfaceId: l.surface.id,
            massG: l.massG,
            contained: l.contained,
          }),
        };
      }),
    },
  };
}
