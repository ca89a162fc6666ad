import type { Group } from '../../party/index.js';
import type { Surface } from '../../plan/index.js';
import { partyCare } from '../looked-after.js';
import type { CheckContext, Lying } from '../context.js';
import { capital, lower, names, type Finding, type Remedy } from '../finding.js';

/** Nuts, gluten, pork or alcohol on a surface from which a guest is served who must not meet them. */
export function contact(c: CheckContext): Finding[] {
  const care = partyCare(c);
  return c.plan.surfaces.flatMap((surface) => {
    const met = c.groupsAt(surface).flatMap((group) => {
      const carriers = c.carriers(surface, group).filter((x) => x.verdict === 'carries');
      return carriers.length > 0 ? [{ group, carriers }] : [];
    });
    // those with another, clean surface that is enough for them are told; the others are not safe
    const safe = met.filter((m) => care.groups.find((g) => g.group === m.group)?.ok);
    const nutsNear = (m: (typeof met)[number]) => m.carriers.some((x) => x.what === 'bits of nut');
    const told = safe.filter((m) => !nutsNear(m));
    const unsafe = met.filter((m) => !told.includes(m));
    return [...unsafe.map((m) => stops(c, surface, m.group, m.carriers)), ...keepAway(c, surface, told)];
  });
}

type Carriers = ReturnType<CheckContext['carriers']>;

function stops(c: CheckContext, surface: Surface, group: Group, carriers: Carriers): Finding {
  const foods = [...new Set(carriers.map((x) => x.lying))];
  return {
    key: `contact ${surface.id} ${group.id}`,
    code: 'same-surface',
    glyph: 'cracked',
    concerns: [group.id],
    components: foods.map((l) => l.component.id),
    surfaceId: surface.id,
    text: `${names(
      foods.map((l) => l.component.name),
      2,
    )} share a surface with what “${group.name}” eat.`,
    why: `${carriers[0]!.what.charAt(0).toUpperCase()}${carriers[0]!.what.slice(1)} reach everything on ${lower(surface.name)}; nothing there counts for them.`,
    facts: carriers.map((x) => ({
      what: x.lying.component.name,
      value: x.what,
      source: 'public allergen law',
    })),
    remedies: remediesFor(c, surface, group, foods),
    grave: carriers.some((x) => x.grave),
  };
}

/** In the order of the craft: contain, another surface, keep the guest to a clean one, leave out. */
function remediesFor(c: CheckContext, surface: Surface, group: Group, foods: readonly Lying[]): Remedy[] {
  const out: Remedy[] = [];
  const all = (label: string, effect: string, of: (l: Lying) => Remedy['command']): void => {
    const commands = foods.map(of) as never[];
    out.push({ label, effect, command: { name: 'together', label: label.toLowerCase(), commands } });
  };
  const bowls = c.plan.bowls.reduce((n, b) => n + b.count, 0) - c.lying.filter((l) => l.contained).length;
  if (bowls >= foods.length)
    all(
      foods.length > 1 ? 'Bowls of their own' : 'A bowl of its own',
      `${foods.length} of ${bowls} bowls`,
      (l) => ({
        name: 'contain',
        componentId: l.component.id,
        surfaceId: surface.id,
        on: true,
      }),
    );
  const other = c.plan.surfaces.find(
    (s) => s !== surface && !c.groupsAt(s).includes(group) && s.freeFrom.length === 0 && s.serves === null,
  );
  if (other)
    all(`Move to ${lower(other.name)}`, `${foods.length} moved`, (l) => ({
      name: 'move',
      componentId: l.component.id,
      from: surface.id,
      to: other.id,
    }));
  all(
    foods.length > 1 ? 'Leave them out' : 'Leave it out',
    `−${Math.round(foods.reduce((n, l) => n + l.massG, 0))} g`,
    (l) => ({
      name: 'leave-out',
      componentId: l.component.id,
    }),
  );
  return out;
}

function keepAway(
  c: CheckContext,
  surface: Surface,
  met: readonly { group: Group; carriers: Carriers }[],
): Finding[] {
  if (met.length === 0) return [];
  const groups = met.map((m) => m.group);
  const what = [...new Set(met.flatMap((m) => m.carriers.map((x) => x.what)))];
  return [
    {
      key: `keep-away ${surface.id}`,
      code: 'keep-away',
      glyph: 'chipped',
      concerns: groups.map((g) => g.id),
      components: [],
      surfaceId: surface.id,
      text: `${surface.name} is not for ${names(groups.map((g) => lower(g.name)))} guests.`,
      why: `${capital(names(what))} ${what.length > 1 ? 'lie' : 'is'} on it. They have enough elsewhere: say so on the label.`,
      facts: met.map((m) => ({
        what: m.group.name,
        value: names(m.carriers.map((x) => x.lying.component.name)),
        source: 'label practice',
      })),
      remedies: [
        {
          label: 'Seat them at their own surface',
          effect: `${groups.reduce((n, g) => n + g.count, 0)} guests`,
          command: {
            name: 'set-surface',
            surface: {
              ...surface,
              serves: c
                .groupsAt(surface)
                .map((g) => g.id)
                .filter((id) => !groups.some((g) => g.id === id)),
            },
          },
        },
      ],
      grave: false,
    },
  ];
}
