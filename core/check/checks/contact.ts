import type { PlacedFood } from '../../board/index.js';
import { factWords, usualForm } from '../../catalogue/index.js';
import type { Group } from '../../party/index.js';
import type { Surface } from '../../plan/index.js';
import type { Several } from '../../words/index.js';
import { partyCare } from '../looked-after.js';
import type { CheckContext } from '../context.js';
import { finding, type Fact, type Finding, type Remedy } from '../finding.js';
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
const factsOf = (carriers: Carriers): Fact[] =>
  carriers.map((x) => ({ what: x.food.component.name, value: x.what, source: 'public allergen law' }));
const named = (foods: readonly PlacedFood[]): Several => ({
  foods: foods.map((l) => l.component.name),
  most: 2,
});

function stops(c: CheckContext, surface: Surface, { group, carriers }: Met): Finding {
  const foods = foodsOf(carriers);
  return finding('same-surface', {
    key: `contact ${surface.id} ${group.id}`,
    severity: 'blocker',
    grave: carriers.some((x) => x.grave),
    concerns: [group.id],
    components: foods.map((l) => l.component.id),
    surfaceId: surface.id,
    args: { foods: named(foods), group: group.name, what: carriers[0]!.what, surface: surface.name },
    facts: factsOf(carriers),
    remedies: keepApart(c, foods, [group]),
  });
}

/** Nobody knows yet whether it carries: until a label says no, nothing on that surface counts for them. */
function asks(c: CheckContext, surface: Surface, { group, carriers }: Met): Finding {
  const foods = foodsOf(carriers);
  const label = (l: PlacedFood) => labelRead(c, l.component, openCarrierFacts(l.component, group));
  const read: (Remedy | undefined)[] = foods.slice(0, 3).map(label);
  return finding('same-surface-open', {
    key: `contact-open ${surface.id} ${group.id}`,
    severity: 'ask',
    grave: carriers.some((x) => x.grave),
    concerns: [group.id],
    components: foods.map((l) => l.component.id),
    surfaceId: surface.id,
    args: { foods: named(foods), group: group.name, what: carriers[0]!.what, surface: surface.name },
    facts: foods.flatMap((l) =>
      openCarrierFacts(l.component, group).map((fact): Fact => ({
        what: {
          say: 'fact.of-food',
          with: { food: l.component.name, detail: usualForm(l.component).form },
        },
        value: { say: 'fact.of-not-known', with: { fact: factWords(fact) } },
        source: 'not known',
      })),
    ),
    remedies: [...read, inBowls(c, foods), leaveOut(foods)].filter((r) => r !== undefined),
  });
}

function keepAway(c: CheckContext, surface: Surface, met: readonly Met[]): Finding[] {
  if (met.length === 0) return [];
  const groups = met.map((m) => m.group);
  const what = [...new Set(met.flatMap((m) => m.carriers.map((x) => x.what)))];
  return [
    finding('keep-away', {
      key: `keep-away ${surface.id}`,
      concerns: groups.map((g) => g.id),
      surfaceId: surface.id,
      args: {
        surface: surface.name,
        groups: { foods: groups.map((g) => g.name) },
        what: { all: what },
        n: what.length,
      },
      facts: met.map((m) => ({
        what: m.group.name,
        value: { foods: m.carriers.map((x) => x.food.component.name) },
        source: 'label practice',
      })),
      remedies: [
        {
          kind: 'own-seat',
          args: { n: groups.reduce((n, g) => n + g.count, 0) },
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
    }),
  ];
}
