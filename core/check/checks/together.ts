import { hasFact, type PlacedFood } from '../../board/index.js';
import { packOf, type Apart } from '../../needs/index.js';
import { needsOf } from '../../party/index.js';
import type { Several } from '../../words/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Fact, type Finding, type Remedy } from '../finding.js';
import { leaveOut, moveAway, onOwnBoard } from '../remedies.js';

/** Foods that a need keeps from each other, such as meat and dairy, on one surface from which such guests are served. */
export function together(c: CheckContext): Finding[] {
  return c.plan.surfaces.flatMap((surface) =>
    c.groupsAt(surface).flatMap((group) =>
      needsOf(group).flatMap((n) =>
        (packOf(n)?.apart ?? []).flatMap((rule) => {
          const here = c.placed.filter((l) => l.surface === surface);
          return met(c, here, rule, group.id, group.name);
        }),
      ),
    ),
  );
}

function met(
  c: CheckContext,
  here: readonly PlacedFood[],
  rule: Apart,
  groupId: string,
  name: string,
): Finding[] {
  const one = here.filter((l) => hasFact(l.component, l.form, rule.one) === 'yes');
  const other = here.filter((l) => hasFact(l.component, l.form, rule.other) === 'yes' && !one.includes(l));
  if (one.length === 0 || other.length === 0) return [];
  const group = c.plan.party.find((g) => g.id === groupId)!;
  const fewer = one.length <= other.length ? one : other;
  const { surface } = one[0]!;
  return [
    finding('not-together', {
      key: `together ${surface.id} ${groupId} ${rule.what}`,
      severity: 'blocker',
      concerns: [group.id],
      components: [...one, ...other].map((l) => l.component.id),
      surfaceId: surface.id,
      args: {
        what: rule.what,
        surface: surface.name,
        group: name,
        one: named(one),
        other: named(other),
      },
      facts: [...one, ...other].map((l): Fact => ({
        what: l.component.name,
        value: rule.what.split(' and ')[one.includes(l) ? 0 : 1]!,
        source: 'label practice',
      })),
      remedies: [moveAway(c, fewer, [group]), onOwnBoard(c, fewer, [group]), leaveOut(fewer)].filter(
        (r): r is Remedy => r !== undefined,
      ),
    }),
  ];
}

const named = (foods: readonly PlacedFood[]): Several => ({
  foods: foods.map((l) => l.component.name),
  most: 2,
});
