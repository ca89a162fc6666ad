import { agesMissing } from '../../party/index.js';
import { growingMonth } from '../../plan/index.js';
import type { CheckContext } from '../context.js';
import { names, type Finding, type Remedy } from '../finding.js';
import { leaveOut } from '../remedies.js';

const NONE = { components: [], surfaceId: null, grave: false };

/** A child's age that nobody said is judged as the strictest band until somebody does. */
export function ages(c: CheckContext): Finding[] {
  return c.plan.party
    .filter((g) => agesMissing(g) > 0)
    .map((g) => ({
      ...NONE,
      key: `age ${g.id}`,
      code: 'how-old',
      glyph: 'covered' as const,
      concerns: [g.id],
      text: 'How old?',
      why: `“${g.name}”: ${agesMissing(g)} of ${g.count} ages are not said, so all are judged like the smallest.`,
      facts: [{ what: 'ages not said', value: String(agesMissing(g)), source: 'this plan' as const }],
      remedies: [5, 8].map((age): Remedy => ({
        label: `All are ${age} or older`,
        effect: `judged as ${age}`,
        command: {
          name: 'set-group',
          group: { ...g, ages: [...g.ages, ...Array<number>(agesMissing(g)).fill(age)] },
        },
      })),
      grave: true,
    }));
}

/** Fresh food outside its months costs more and tastes of less; it is a note, not a block. */
export function season(c: CheckContext): Finding[] {
  const month = growingMonth(c.plan);
  const out = [
    ...new Map(
      c.placed.filter((l) => !l.component.seasonMonths.includes(month)).map((l) => [l.component.id, l]),
    ).values(),
  ];
  if (out.length === 0) return [];
  return [
    {
      ...NONE,
      key: 'season',
      code: 'out-of-season',
      glyph: 'chipped',
      concerns: [],
      components: out.map((l) => l.component.id),
      text: `Out of season: ${names(out.map((l) => l.component.name.toLowerCase()))}.`,
      why: 'It comes from far or from a greenhouse: look at it before you buy.',
      facts: out.map((l) => ({
        what: l.component.name,
        value: `months ${l.component.seasonMonths.join(', ')}`,
        source: 'house default',
      })),
      remedies: [leaveOut(c.placed.filter((l) => out.some((o) => o.component === l.component)))],
    },
  ];
}

/** Cheese in the cold air of the place stays shut. */
const COLD_AIR_C = 12;

export function coldAir(c: CheckContext): Finding[] {
  const { where, airTempC } = c.plan.occasion;
  const cheeses = c.placed.filter((l) => l.component.family === 'cheese' && l.component.temperMin > 0);
  if (where !== 'outdoors' || airTempC >= COLD_AIR_C || cheeses.length === 0) return [];
  return [
    {
      ...NONE,
      key: 'cold-air',
      code: 'cold-air',
      glyph: 'chipped',
      concerns: [],
      components: [...new Set(cheeses.map((l) => l.component.id))],
      text: `At ${Math.round(airTempC)} °C cheese stays shut.`,
      why: 'Cold dulls its taste and stiffens it. Temper it indoors and carry it out last; the time still counts.',
      facts: [{ what: 'air', value: `${airTempC} °C`, source: 'this plan' }],
      remedies: [
        {
          label: 'Move the table indoors',
          effect: '20 °C',
          command: { name: 'set-occasion', patch: { where: 'indoors', airTempC: 20 } },
        },
      ],
    },
  ];
}
