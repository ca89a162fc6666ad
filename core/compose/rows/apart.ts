import { hasFact, type ServingArea } from '../../board/index.js';
import { packOf, type Apart, type FactTest } from '../../needs/index.js';
import { needsOf } from '../../party/index.js';
import type { Draft, Entry } from '../draft.js';

const is = ({ candidate: { component, form } }: Entry, test: FactTest): boolean =>
  hasFact(component, form, test) === 'yes';

/** Foods that a need of guests here keeps from each other, such as meat and dairy: a surface has the one or the other. */
export function apartRows(draft: Draft): void {
  for (const area of draft.problem.areas) {
    const rules = new Map<string, Apart>();
    for (const group of area.groups)
      for (const choice of needsOf(group))
        for (const rule of packOf(choice)?.apart ?? []) rules.set(rule.names.join(' and '), rule);
    for (const rule of rules.values()) oneSide(draft, area, rule);
  }
}

function oneSide(draft: Draft, area: ServingArea, rule: Apart): void {
  const here = draft.entries.filter((entry) => entry.candidate.area === area);
  const one = here.filter((entry) => is(entry, rule.one));
  const other = here.filter((entry) => is(entry, rule.other) && !one.includes(entry));
  const holds = (entries: readonly Entry[]) => entries.some((entry) => entry.candidate.held);
  // the stylist laid both: Check tells it, the composer does not undo it
  if (one.length === 0 || other.length === 0 || (holds(one) && holds(other))) return;
  const side = draft.model.binary(`${rule.names.join(' and ')} apart on ${area.surface.id}`);
  for (const entry of one)
    draft.model.atMost(
      `one of ${rule.names.join(' and ')} ${entry.candidate.component.id}`,
      [
        [entry.laid, 1],
        [side, -1],
      ],
      0,
    );
  for (const entry of other)
    draft.model.atMost(
      `other of ${rule.names.join(' and ')} ${entry.candidate.component.id}`,
      [
        [entry.laid, 1],
        [side, 1],
      ],
      1,
    );
}
