import { hasFact, type PlacedFood } from '../../board/index.js';
import { packOf, type Apart } from '../../needs/index.js';
import { needsOf } from '../../party/index.js';
import type { Several } from '../../words/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Fact, type Finding, type Remedy } from '../finding.js';
import { leaveOut, moveAway, onOwnBoard } from '../remedies.js';

/** Foods that a need keeps from each other, such as meat and dairy, on one surface from which such guests are served. */
export function together(context: CheckContext): Finding[] {
  return context.plan.surfaces.flatMap((surface) =>
    context.groupsAt(surface).flatMap((group) =>
      needsOf(group).flatMap((choice) =>
        (packOf(choice)?.apart ?? []).flatMap((rule) => {
          const here = context.placed.filter((placed) => placed.surface === surface);
          return met(context, here, rule, group.id, group.name);
        }),
      ),
    ),
  );
}

function met(
  context: CheckContext,
  here: readonly PlacedFood[],
  rule: Apart,
  groupId: string,
  name: string,
): Finding[] {
  const one = here.filter((placed) => hasFact(placed.component, placed.form, rule.one) === 'yes');
  const other = here.filter(
    (placed) => hasFact(placed.component, placed.form, rule.other) === 'yes' && !one.includes(placed),
  );
  if (one.length === 0 || other.length === 0) return [];
  const group = context.plan.party.find((group) => group.id === groupId)!;
  const fewer = one.length <= other.length ? one : other;
  const { surface } = one[0]!;
  return [
    finding('not-together', {
      key: `together ${surface.id} ${groupId} ${rule.names.join(' and ')}`,
      severity: 'blocker',
      concerns: [group.id],
      components: [...one, ...other].map((placed) => placed.component.id),
      surfaceId: surface.id,
      args: {
        what: { all: rule.names.map((word) => ({ word })) },
        surface: surface.name,
        group: name,
        one: named(one),
        other: named(other),
      },
      facts: [...one, ...other].map((placed): Fact => ({
        what: placed.component.name,
        value: { word: rule.names[one.includes(placed) ? 0 : 1] },
        source: 'label practice',
      })),
      remedies: [
        moveAway(context, fewer, [group]),
        onOwnBoard(context, fewer, [group]),
        leaveOut(fewer),
      ].filter((remedy): remedy is Remedy => remedy !== undefined),
    }),
  ];
}

const named = (foods: readonly PlacedFood[]): Several => ({
  foods: foods.map((placed) => placed.component.name),
  most: 2,
});
