import type { CheckContext } from '../context.js';
import { finding, type Fact, type Finding } from '../finding.js';
import { plateSums, type PlateSum } from '../plates.js';
import { leaveOut } from '../remedies.js';

/** To whole units from a hundred on, else to a tenth. */
const shown = (n: number): number => (n >= 100 ? Math.round(n) : Math.round(n * 10) / 10);

/** What a need counts on the whole plate: carbohydrate, salt, energy. */
export function plateLimits(context: CheckContext): Finding[] {
  return plateSums(context).flatMap((plate) => {
    if (plate.lines.length === 0 || plate.sum.high <= plate.limit) return [];
    return [plate.sum.low > plate.limit ? over(context, plate) : openFigure(plate)];
  });
}

const MOST_LISTED = 4;

const wordsOf = ({ quantity }: PlateSum) => ({
  unit: { word: quantity.unit },
  what: { word: quantity.what },
});

const factsOf = ({ quantity, sum, limit, lines }: PlateSum): Fact[] => [
  {
    what: { word: quantity.what },
    value: { say: 'fact.of-unit', with: { sum: shown(sum.high), limit, unit: { word: quantity.unit } } },
    source: 'this plan',
  },
  ...lines.slice(0, MOST_LISTED).map((line): Fact => ({
    what: {
      say: 'fact.of-food',
      with: { food: line.food.component.name, detail: { g: line.massG } },
    },
    value: { say: 'fact.unit', with: { amount: shown(line.amount.high), unit: { word: quantity.unit } } },
    source: line.food.component.sources.nutrition,
  })),
];

function over(context: CheckContext, plate: PlateSum): Finding {
  const { unit, what } = wordsOf(plate);
  const most = plate.lines.slice(0, 2);
  return finding('plate-over-limit', {
    key: `plate ${plate.group.id} ${plate.need}`,
    severity: plate.strict ? 'blocker' : 'caution',
    concerns: [plate.group.id],
    components: most.map((line) => line.food.component.id),
    args: {
      group: plate.group.name,
      sum: shown(plate.sum.low),
      limit: plate.limit,
      unit,
      what,
      foods: { foods: most.map((line) => line.food.component.name) },
    },
    facts: factsOf(plate),
    remedies: most.map((l) => ({
      ...leaveOut(context.placed.filter((placed) => placed.component.id === l.food.component.id)),
      kind: 'leave-out-each',
      args: { food: l.food.component.name, amount: shown(l.amount.high), unit },
    })),
  });
}

function openFigure(plate: PlateSum): Finding {
  const { unit, what } = wordsOf(plate);
  const unsure = plate.lines
    .filter((line) => line.amount.high > line.amount.low)
    .map((line) => line.food.component);
  return finding('plate-not-known', {
    key: `plate-open ${plate.group.id} ${plate.need}`,
    severity: 'ask',
    concerns: [plate.group.id],
    components: unsure.map((component) => component.id),
    args: {
      group: plate.group.name,
      low: shown(plate.sum.low),
      high: shown(plate.sum.high),
      limit: plate.limit,
      unit,
      what,
      foods: { foods: unsure.map((component) => component.name) },
    },
    facts: factsOf(plate),
  });
}
