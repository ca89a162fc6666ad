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
export function contact(context: CheckContext): Finding[] {
  const care = partyCare(context);
  const safe = (met: Met) =>
    care.groups.find((care) => care.group === met.group)?.ok === true &&
    !met.carriers.some((carrier) => carrier.travels && carrier.verdict === 'carries');
  return context.plan.surfaces.flatMap((surface) => {
    const met = context.groupsAt(surface).flatMap((group): Met[] => {
      const carriers = context.carriers(surface, group);
      return carriers.length > 0 ? [{ group, carriers }] : [];
    });
    const sure = met
      .map((met) => ({ ...met, carriers: met.carriers.filter((carrier) => carrier.verdict === 'carries') }))
      .filter((m) => m.carriers.length > 0);
    const open = met.filter(
      (met) => !safe(met) && met.carriers.every((carrier) => carrier.verdict === 'ask'),
    );
    return [
      ...sure.filter((m) => !safe(m)).map((m) => stops(context, surface, m)),
      ...open.map((met) => asks(context, surface, met)),
      ...keepAway(context, surface, sure.filter(safe)),
    ];
  });
}

const foodsOf = (carriers: Carriers): PlacedFood[] => [...new Set(carriers.map((carrier) => carrier.food))];
const factsOf = (carriers: Carriers): Fact[] =>
  carriers.map((carrier) => ({
    what: carrier.food.component.name,
    value: carrier.what,
    source: 'public allergen law',
  }));
const named = (foods: readonly PlacedFood[]): Several => ({
  foods: foods.map((placed) => placed.component.name),
  most: 2,
});

function stops(context: CheckContext, surface: Surface, { group, carriers }: Met): Finding {
  const foods = foodsOf(carriers);
  return finding('same-surface', {
    key: `contact ${surface.id} ${group.id}`,
    severity: 'blocker',
    grave: carriers.some((carrier) => carrier.grave),
    concerns: [group.id],
    components: foods.map((placed) => placed.component.id),
    surfaceId: surface.id,
    args: { foods: named(foods), group: group.name, what: carriers[0]!.what, surface: surface.name },
    facts: factsOf(carriers),
    remedies: keepApart(context, foods, [group]),
  });
}

/** Nobody knows yet whether it carries: until a label says no, nothing on that surface counts for them. */
function asks(context: CheckContext, surface: Surface, { group, carriers }: Met): Finding {
  const foods = foodsOf(carriers);
  const label = (placed: PlacedFood) =>
    labelRead(context, placed.component, openCarrierFacts(placed.component, group));
  const read: (Remedy | undefined)[] = foods.slice(0, 3).map(label);
  return finding('same-surface-open', {
    key: `contact-open ${surface.id} ${group.id}`,
    severity: 'ask',
    grave: carriers.some((carrier) => carrier.grave),
    concerns: [group.id],
    components: foods.map((placed) => placed.component.id),
    surfaceId: surface.id,
    args: { foods: named(foods), group: group.name, what: carriers[0]!.what, surface: surface.name },
    facts: foods.flatMap((placed) =>
      openCarrierFacts(placed.component, group).map((fact): Fact => ({
        what: {
          say: 'fact.of-food',
          with: { food: placed.component.name, detail: usualForm(placed.component).form },
        },
        value: { say: 'fact.of-not-known', with: { fact: factWords(fact) } },
        source: 'not known',
      })),
    ),
    remedies: [...read, inBowls(context, foods), leaveOut(foods)].filter((remedy) => remedy !== undefined),
  });
}

function keepAway(context: CheckContext, surface: Surface, met: readonly Met[]): Finding[] {
  if (met.length === 0) return [];
  const groups = met.map((met) => met.group);
  const what = [...new Set(met.flatMap((met) => met.carriers.map((carrier) => carrier.what.word)))].map(
    (word) => ({ word }),
  );
  return [
    finding('keep-away', {
      key: `keep-away ${surface.id}`,
      concerns: groups.map((group) => group.id),
      surfaceId: surface.id,
      args: {
        surface: surface.name,
        groups: { foods: groups.map((group) => group.name) },
        what: { all: what },
      },
      facts: met.map((met) => ({
        what: met.group.name,
        value: { foods: met.carriers.map((carrier) => carrier.food.component.name) },
        source: 'label practice',
      })),
      remedies: [
        {
          kind: 'own-seat',
          args: { n: groups.reduce((sum, group) => sum + group.count, 0) },
          command: {
            name: 'set-surface',
            surface: {
              ...surface,
              serves: context
                .groupsAt(surface)
                .map((group) => group.id)
                .filter((id) => !groups.some((group) => group.id === id)),
            },
          },
        },
      ],
    }),
  ];
}
