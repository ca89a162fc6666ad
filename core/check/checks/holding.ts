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
export function holding(context: CheckContext): Finding[] {
  const over = context.placed.filter((placed) => {
    const holding = holdingOf(placed.component, context.plan);
    const lots = new Set(placed.lots.map((placement) => placement.lot)).size;
    return holding.limitMin !== Infinity && lots < holding.lots && !isOwnPlate(context.plan, placed.surface);
  });
  const never = context.placed.filter((placed) => holdingOf(placed.component, context.plan).lots === 0);
  return [...waiting(context, 'too-long', over), ...waiting(context, 'warm-at-opening', never)];
}

function waiting(
  context: CheckContext,
  code: 'too-long' | 'warm-at-opening',
  foods: readonly PlacedFood[],
): Finding[] {
  const first = foods[0];
  if (!first) return [];
  const holding = holdingOf(first.component, context.plan);
  const hot = context.plan.occasion.airTempC > HOT_ABOVE_C;
  return [
    finding(code, {
      key: `holding ${code}`,
      severity: 'blocker',
      concerns: context.plan.party.map((group) => group.id),
      components: foods.map((placed) => placed.component.id),
      args: {
        foods: { foods: foods.map((placed) => placed.component.name), most: 2 },
        minutes: Math.round(holding.outMin),
        limit: holding.limitMin,
        hot: hot ? 'yes' : 'no',
      },
      facts: foods.map((placed) => ({
        what: placed.component.name,
        value: {
          say: 'fact.minutes',
          with: { n: Math.round(holdingOf(placed.component, context.plan).outMin) },
        },
        source: 'public guidance',
      })),
      remedies: [...(code === 'too-long' ? [inLots(context, foods)] : []), leaveOut(foods)],
    }),
  ];
}

function inLots(context: CheckContext, foods: readonly PlacedFood[]): Remedy {
  const holding = holdingOf(foods[0]!.component, context.plan);
  return {
    kind: 'in-lots',
    args: { n: holding.lots, times: holding.leaves.slice(1).map(clockOf).join(', ') },
    command: {
      name: 'together',
      label: `serve in ${holding.lots} lots`,
      commands: foods.map((placed) => {
        const fact =
          placed.component.forms.find((fact) => fact.form === placed.form) ?? placed.component.forms[0]!;
        return {
          name: 'place',
          componentId: placed.component.id,
          surfaceId: placed.surface.id,
          placements: placementsOf({
            plan: context.plan,
            component: placed.component,
            fact,
            surfaceId: placed.surface.id,
            massG: placed.massG,
            contained: placed.contained,
          }),
        };
      }),
    },
  };
}
