import { bindsOthers, leftToOthers, quietAreas, servingAreas, trayFor } from '../../board/index.js';
import { guestsIn, type Group } from '../../party/index.js';
import { groupsAt, isOnlyFor, type Command, type SingleCommand } from '../../plan/index.js';
import { outlineSaid } from '../../portion/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding, type Remedy } from '../finding.js';
import { plateFor } from './own-plates.js';

/**
 * A few whose needs bind what many others have: bread in bowls, no meat beside the cheese, everything cut small. Said
 * where the stylist has set the table by hand; a new table has their tray.
 */
export function bindings(context: CheckContext): Finding[] {
  const { plan } = context;
  if (plan.policy !== 'looked-after') return [];
  const quiet = quietAreas(plan.party, servingAreas(plan));
  return plan.party.flatMap((group) => {
    if (quiet.has(group.id) || plan.surfaces.some((surface) => isOnlyFor(surface, group.id))) return [];
    const others = new Set(
      plan.surfaces
        .map((surface) => groupsAt(plan, surface))
        .flatMap((here) => (here.includes(group) ? here : [])),
    );
    others.delete(group);
    const what = bindsOthers(plan, group, [...others]);
    if (!what) return [];
    const remedy = trayOfTheirOwn(context, group);
    return [
      finding('binds-others', {
        key: `binds ${group.id}`,
        concerns: [group.id],
        args: { group: group.name, what },
        facts: [
          {
            what: group.name,
            value: { say: 'fact.of-others', with: { n: group.count, others: guestsIn([...others]) } },
            source: 'this plan',
          },
        ],
        remedies: remedy ? [remedy] : [],
      }),
    ];
  });
}

/** Their tray, with what they may eat of the boards where something lies on them; the boards are then the others'. */
function trayOfTheirOwn(context: CheckContext, group: Group): Remedy | undefined {
  const { plan } = context;
  const apart = leftToOthers(plan, [group]);
  if (plan.placements.length > 0) {
    const plate = plateFor(context, group);
    return (
      plate && {
        ...plate,
        command: {
          name: 'together',
          label: 'give a plate of its own',
          commands: [...partsOf(plate.command), ...apart],
        },
      }
    );
  }
  const tray = trayFor(plan, [group]);
  return {
    kind: 'own-plate',
    args: { outline: outlineSaid(tray.outline) },
    command: {
      name: 'together',
      label: 'give a plate of its own',
      commands: [...apart, { name: 'set-surface', surface: tray }],
    },
  };
}

const partsOf = (command: Command): SingleCommand[] =>
  command.name === 'together' ? [...command.commands] : [command];
