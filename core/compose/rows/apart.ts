import { hasFact, type ServingArea } from '../../board/index.js';
import { packOf, type Apart, type FactTest } from '../../needs/index.js';
import { needsOf } from '../../party/index.js';
import type { Draft, Entry } from '../draft.js';

const is = ({ candidate: { component, form } }: Entry, test: FactTest): boolean =>
  hasFact(component, form, test) === 'yes';

/** Foods that a need of guests here keeps from each other, such as meat and dairy: a surface has the one or the other. */
export function apartRows(d: Draft): void {
  for (const area of d.problem.areas) {
    const rules = new Map<string, Apart>();
    for (const group of area.groups)
      for (const choice of needsOf(group))
        for (const rule of packOf(choice)?.apart ?? []) rules.set(rule.what, rule);
    for (const rule of rules.values()) oneSide(d, area, rule);
  }
}

function oneSide(d: Draft, area: ServingArea, rule: Apart): void {
  const here = d.entries.filter((e) => e.candidate.area === area);
  const one = here.filter((e) => is(e, rule.one));
  const other = here.filter((e) => is(e, rule.other) && !one.includes(e));
  const holds = (entries: readonly Entry[]) => entries.some((e) => e.candidate.held);
  // the stylist laid both: Check tells it, the composer does not undo it
  if (one.length === 0 || other.length === 0 || (holds(one) && holds(other))) return;
  const side = d.model.binary(`${rule.what} apart on ${area.surface.id}`);
  for (const e of one)
    d.model.atMost(
      `one of ${rule.what} ${e.candidate.component.id}`,
      [
        [e.laid, 1],
        [side, -1],
      ],
      0,
    );
  for (const e of other)
    d.model.atMost(
      `other of ${rule.what} ${e.candidate.component.id}`,
      [
        [e.laid, 1],
        [side, 1],
      ],
      1,
    );
}
