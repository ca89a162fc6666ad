import { agesMissing } from '../../party/index.js';
import { growingMonth } from '../../plan/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding, type Remedy } from '../finding.js';
import { leaveOut } from '../remedies.js';

/** A child's age that nobody said is judged as the strictest band until somebody does. */
export function ages(c: CheckContext): Finding[] {
  return c.plan.party
    .filter((g) => agesMissing(g) > 0)
    .map((g) =>
      finding('how-old', {
        key: `age ${g.id}`,
        severity: 'ask',
        grave: true,
        concerns: [g.id],
        args: { group: g.name, n: agesMissing(g), count: g.count },
        facts: [{ what: { say: 'fact.name.ages-not-said' }, value: agesMissing(g), source: 'this plan' }],
        remedies: [5, 8].map((age): Remedy => ({
          kind: 'older',
          args: { age },
          command: {
            name: 'set-group',
            group: { ...g, ages: [...g.ages, ...Array<number>(agesMissing(g)).fill(age)] },
          },
        })),
      }),
    );
}

/** Fresh food outside its months costs more and tastes of less; it is a note, not a block. */
export function season(c: CheckContext): Finding[] {
  const month = growingMonth(c.plan);
  const out = [
    ...new Set(c.placed.filter((l) => !l.component.seasonMonths.includes(month)).map((l) => l.component)),
  ];
  if (out.length === 0) return [];
  return [
    finding('out-of-season', {
      key: 'season',
      components: out.map((x) => x.id),
      args: { foods: { foods: out.map((x) => x.name) } },
      facts: out.map((x) => ({
        what: x.name,
        value: { say: 'fact.months', with: { months: x.seasonMonths.join(', ') } },
        source: 'house default',
      })),
      remedies: [leaveOut(c.placed.filter((l) => out.includes(l.component)))],
    }),
  ];
}

/** Cheese in the cold air of the place stays shut. */
const COLD_AIR_C = 12;
const INDOORS_C = 20;

export function coldAir(c: CheckContext): Finding[] {
  const { where, airTempC } = c.plan.occasion;
  const cheeses = c.placed.filter((l) => l.component.family === 'cheese' && l.component.temperMin > 0);
  if (where !== 'outdoors' || airTempC >= COLD_AIR_C || cheeses.length === 0) return [];
  return [
    finding('cold-air', {
      key: 'cold-air',
      components: [...new Set(cheeses.map((l) => l.component.id))],
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
