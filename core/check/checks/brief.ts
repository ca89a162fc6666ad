import { isSoldAllYear } from '../../catalogue/index.js';
import { isFoodWord } from '../../needs/index.js';
import { agesMissing, unreadOf } from '../../party/index.js';
import { growingMonth } from '../../plan/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding, type Remedy } from '../finding.js';
import { leaveOut } from '../remedies.js';

/** A child's age that nobody said is judged as the strictest band until somebody does. */
export function ages(context: CheckContext): Finding[] {
  return context.plan.party
    .filter((group) => agesMissing(group) > 0)
    .map((group) =>
      finding('how-old', {
        key: `age ${group.id}`,
        severity: 'ask',
        grave: true,
        concerns: [group.id],
        args: { group: group.name, n: agesMissing(group), count: group.count },
        facts: [{ what: { say: 'fact.name.ages-not-said' }, value: agesMissing(group), source: 'this plan' }],
        remedies: [5, 8].map((age): Remedy => ({
          kind: 'older',
          args: { age },
          command: {
            name: 'set-group',
            group: { ...group, ages: [...group.ages, ...Array<number>(agesMissing(group)).fill(age)] },
          },
        })),
      }),
    );
}

/** Names it a food? Then it is a matter of food, whatever it means, and no press may wave it away. */
const namesFood = (need: string): boolean =>
  (need.match(/[\p{L}\p{M}]{3,}/gu) ?? []).some((word) => isFoodWord(word));

/** What was said of guests and nobody understood: no food is known to be theirs until somebody asks. */
export function notUnderstood(context: CheckContext): Finding[] {
  return context.plan.party.flatMap((group) =>
    unreadOf(group).map((choice) =>
      finding('not-understood', {
        key: `not-understood ${group.id} ${choice.id}`,
        severity: 'ask',
        grave: true,
        concerns: [group.id],
        args: { group: group.name, need: choice.own?.name ?? choice.id, n: group.count },
        facts: [],
        remedies: namesFood(choice.own?.name ?? choice.id)
          ? []
          : [
              {
                kind: 'means-nothing',
                args: {},
                command: {
                  name: 'set-group',
                  group: { ...group, needs: group.needs.filter(({ id }) => id !== choice.id) },
                },
              },
            ],
      }),
    ),
  );
}

/**
 * Fresh food outside its months costs more and tastes of less; it is a note, not a block. What shops have in all months is
 * told where the brief asks for the season.
 */
export function season(context: CheckContext): Finding[] {
  const month = growingMonth(context.plan);
  const asked = context.plan.wishes.levers.season > 0;
  const out = [
    ...new Set(
      context.placed
        .map((placed) => placed.component)
        .filter(({ id, seasonMonths }) => !seasonMonths.includes(month) && (asked || !isSoldAllYear(id))),
    ),
  ];
  if (out.length === 0) return [];
  return [
    finding('out-of-season', {
      key: 'season',
      components: out.map((component) => component.id),
      args: { foods: { foods: out.map((component) => component.name) } },
      facts: out.map((component) => ({
        what: component.name,
        value: { say: 'fact.months', with: { months: component.seasonMonths.join(', ') } },
        source: 'house default',
      })),
      remedies: [leaveOut(context.placed.filter((placed) => out.includes(placed.component)))],
    }),
  ];
}

/** Cheese in the cold air of the place stays shut. */
const COLD_AIR_C = 12;
const INDOORS_C = 20;

export function coldAir(context: CheckContext): Finding[] {
  const { where, airTempC } = context.plan.occasion;
  const cheeses = context.placed.filter(
    (placed) => placed.component.family === 'cheese' && placed.component.temperMin > 0,
  );
  if (where !== 'outdoors' || airTempC >= COLD_AIR_C || cheeses.length === 0) return [];
  return [
    finding('cold-air', {
      key: 'cold-air',
      components: [...new Set(cheeses.map((placed) => placed.component.id))],
      args: { air: { celsius: airTempC } },
      facts: [{ what: { say: 'fact.name.air' }, value: { celsius: airTempC }, source: 'this plan' }],
      remedies: [
        {
          kind: 'indoors',
          args: { air: { celsius: INDOORS_C } },
          command: { name: 'set-occasion', patch: { where: 'indoors', airTempC: INDOORS_C } },
        },
      ],
    }),
  ];
}
