import type { PlacedFood } from '../../board/index.js';
import { factWords, usualForm } from '../../catalogue/index.js';
import type { Group } from '../../party/index.js';
import type { Surface } from '../../plan/index.js';
import { partyCare } from '../looked-after.js';
import type { CheckContext } from '../context.js';
import { capital, lower, names, type Finding, type Remedy } from '../finding.js';
import { inBowls, keepApart, labelRead, leaveOut, openCarrierFacts } from '../remedies.js';

type Carriers = ReturnType<CheckContext['carriers']>;
interface Met {
  group: Group;
  carriers: Carriers;
}

/**
 * Nuts, gluten, pork or alcohol on a surface from which a guest is served who must not meet them. Those with a clean
 * surface that is enough for them are told to keep to it; for the others it stops service, or asks while no label says.
 */
export function contact(c: CheckContext): Finding[] {
  const care = partyCare(c);
  const safe = (m: Met) =>
    care.groups.find((g) => g.group === m.group)?.ok === true &&
    !m.carriers.some((x) => x.travels && x.verdict === 'carries');
  return c.plan.surfaces.flatMap((surface) => {
    const met = c.groupsAt(surface).flatMap((group): Met[] => {
      const carriers = c.carriers(surface, group);
      return carriers.length > 0 ? [{ group, carriers }] : [];
    });
    const sure = met
      .map((m) => ({ ...m, carriers: m.carriers.filter((x) => x.verdict === 'carries') }))
      .filter((m) => m.carriers.length > 0);
    const open = met.filter((m) => !safe(m) && m.carriers.every((x) => x.verdict === 'ask'));
    return [
      ...sure.filter((m) => !safe(m)).map((m) => stops(c, surface, m)),
      ...open.map((m) => asks(c, surface, m)),
      ...keepAway(c, surface, sure.filter(safe)),
    ];
  });
}

const foodsOf = (carriers: Carriers): PlacedFood[] => [...new Set(carriers.map((x) => x.food))];
const factsOf = (carriers: Carriers): Finding['facts'] =>
  carriers.map((x) => ({ what: x.food.component.name, value: x.what, source: 'public allergen law' }));
const namesOf = (foods: readonly PlacedFood[]) =>
  names(
    foods.map((l) => l.component.name),
    2,
  );

function stops(c: CheckContext, surface: Surface, { group, carriers }: Met): Finding {
  const foods = foodsOf(carriers);
  return {
    key: `contact ${surface.id} ${group.id}`,
    code: 'same-surface',
    glyph: 'cracked',
    concerns: [group.id],
    components: foods.map((l) => l.component.id),
    surfaceId: surface.id,
    text: `${namesOf(foods)} on one surface with the food of “${group.name}”.`,
    why: `${capital(carriers[0]!.what)} may reach everything on ${lower(surface.name)}; nothing there counts for them.`,
    facts: factsOf(carriers),
    remedies: keepApart(c, foods, [group]),
    grave: carriers.some((x) => x.grave),
  };
}

/** Nobody knows yet whether it carries: until a label says no, nothing on that surface counts for them. */
function asks(c: CheckContext, surface: Surface, { group, carriers }: Met): Finding {
  const foods = foodsOf(carriers);
  const label = (l: PlacedFood) => labelRead(c, l.component, openCarrierFacts(l.component, group));
  const read: (Remedy | undefined)[] = foods.slice(0, 3).map(label);
  return {
    key: `contact-open ${surface.id} ${group.id}`,
    code: 'same-surface-open',
    glyph: 'covered',
    concerns: [group.id],
    components: foods.map((l) => l.component.id),
    surfaceId: surface.id,
    text: `${capital(carriers[0]!.what)} on ${lower(surface.name)}?`,
    why: `No label says it yet of ${lower(namesOf(foods))}; until then nothing there counts for “${group.name}”.`,
    facts: foods.flatMap((l) =>
      openCarrierFacts(l.component, group).map((fact) => ({
        what: `${l.component.name}, ${usualForm(l.component).form}`,
        value: `${factWords(fact)} not known`,
        source: 'not known' as const,
      })),
    ),
    remedies: [...read, inBowls(c, foods), leaveOut(foods)].filter((r) => r !== undefined),
    grave: carriers.some((x) => x.grave),
  };
}

function keepAway(c: CheckContext, surface: Surface, met: readonly Met[]): Finding[] {
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
        value: names(m.carriers.map((x) => x.food.component.name)),
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
