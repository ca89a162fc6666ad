import { hasFact, type PlacedFood } from '../../board/index.js';
import { packOf, type Apart } from '../../needs/index.js';
import { needsOf } from '../../party/index.js';
import type { CheckContext } from '../context.js';
import { capital, lower, names, type Finding, type Remedy } from '../finding.js';
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
    {
      key: `together ${surface.id} ${groupId} ${rule.what}`,
      code: 'not-together',
      glyph: 'cracked',
      concerns: [group.id],
      components: [...one, ...other].map((l) => l.component.id),
      surfaceId: surface.id,
      text: `${capital(rule.what)} on ${lower(surface.name)}.`,
      why: `“${name}” keeps them from one surface and from one bite: ${lower(named(one))} and ${lower(named(other))}.`,
      facts: [...one, ...other].map((l) => ({
        what: l.component.name,
        value: one.includes(l) ? rule.what.split(' and ')[0]! : rule.what.split(' and ')[1]!,
        source: 'label practice' as const,
      })),
      remedies: [moveAway(c, fewer, [group]), onOwnBoard(c, fewer, [group]), leaveOut(fewer)].filter(
        (r): r is Remedy => r !== undefined,
      ),
      grave: false,
    },
  ];
}

const named = (foods: readonly PlacedFood[]) =>
  names(
    foods.map((l) => l.component.name),
    2,
  );
