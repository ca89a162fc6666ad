import { isOwnPlate, placementsOf, type PlacedFood } from '../../board/index.js';
import { clockOf } from '../../measure/index.js';
import { holdingOf, HOT_ABOVE_C } from '../../portion/index.js';
import type { CheckContext } from '../context.js';
import { names, type Finding, type Remedy } from '../finding.js';

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
  const { airTempC } = c.plan.occasion;
  return [
    ...slip(c, over, 'too-long', 'would stand too long', (l) => inLots(c, l), airTempC > HOT_ABOVE_C),
    ...slip(
      c,
      never,
      'warm-at-opening',
      'are past their time before the table opens',
      undefined,
      airTempC > HOT_ABOVE_C,
    ),
  ];
}

function slip(
  c: CheckContext,
  foods: readonly PlacedFood[],
  code: string,
  what: string,
  remedy: ((l: PlacedFood) => Remedy['command']) | undefined,
  hot: boolean,
): Finding[] {
  const first = foods[0];
  if (!first) return [];
  const h = holdingOf(first.component, c.plan);
  const remedies: Remedy[] = [];
  if (remedy)
    remedies.push({
      label: `Serve in ${h.lots} lots`,
      effect: h.leaves.slice(1).map(clockOf).join(', '),
      command: { name: 'together', label: `serve in ${h.lots} lots`, commands: foods.map(remedy) as never[] },
    });
  remedies.push({
    label: foods.length > 1 ? 'Leave them out' : 'Leave it out',
    effect: `−${Math.round(foods.reduce((n, l) => n + l.massG, 0))} g`,
    command: {
      name: 'together',
      label: 'leave out what spoils',
      commands: foods.map((l) => ({
        name: 'place' as const,
        componentId: l.component.id,
        surfaceId: l.surface.id,
        placements: [],
      })),
    },
  });
  return [
    {
      key: `holding ${code}`,
      code,
      glyph: 'cracked',
      concerns: c.plan.party.map((g) => g.id),
      components: foods.map((l) => l.component.id),
      surfaceId: null,
      text: `${names(
        foods.map((l) => l.component.name),
        2,
      )} ${what}.`,
      why: `${Math.round(h.outMin)} minutes out of the cold, road and building included; ${h.limitMin} are the limit${hot ? ' in this heat' : ''}. Local rules decide.`,
      facts: foods.map((l) => ({
        what: l.component.name,
        value: `${Math.round(holdingOf(l.component, c.plan).outMin)} min`,
        source: 'public guidance',
      })),
      remedies,
      grave: false,
    },
  ];
}

function inLots(c: CheckContext, l: PlacedFood): Remedy['command'] {
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
}
