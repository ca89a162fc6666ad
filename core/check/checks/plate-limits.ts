import type { CheckContext } from '../context.js';
import { capital, lower, names, type Finding } from '../finding.js';
import { plateSums, type PlateSum } from '../plates.js';
import { leaveOut } from '../remedies.js';

const shown = (n: number) => (n >= 100 ? Math.round(n).toString() : (Math.round(n * 10) / 10).toString());

/** What a need counts on the whole plate: carbohydrate, salt, energy. */
export function plateLimits(c: CheckContext): Finding[] {
  return plateSums(c).flatMap((plate) => {
    if (plate.lines.length === 0 || plate.sum.high <= plate.limit) return [];
    return [plate.sum.low > plate.limit ? over(c, plate) : openFigure(plate)];
  });
}

const base = (plate: PlateSum) => ({
  concerns: [plate.group.id],
  surfaceId: null,
  grave: false,
  facts: [
    {
      what: plate.quantity.what,
      value: `${shown(plate.sum.high)} of ${plate.limit} ${plate.quantity.unit}`,
      source: 'this plan' as const,
    },
    ...plate.lines.slice(0, 4).map((l) => ({
      what: `${l.food.component.name}, ${Math.round(l.massG)} g`,
      value: `${shown(l.amount.high)} ${plate.quantity.unit}`,
      source: l.food.component.sources.nutrition,
    })),
  ],
});

function over(c: CheckContext, plate: PlateSum): Finding {
  const { unit, what } = plate.quantity;
  const most = plate.lines.slice(0, 2).map((l) => l.food);
  return {
    ...base(plate),
    key: `plate ${plate.group.id} ${plate.need}`,
    code: 'plate-over-limit',
    glyph: plate.strict ? 'cracked' : 'chipped',
    components: most.map((l) => l.component.id),
    text: `${plate.group.name}: ${shown(plate.sum.low)} of ${plate.limit} ${unit} of ${what} on a plate.`,
    why: `Most of it is in ${lower(names(most.map((l) => l.component.name)))}. Ask the guest for the limit.`,
    remedies: most.map((l) => ({
      ...leaveOut(c.placed.filter((x) => x.component.id === l.component.id)),
      label: `Leave out ${lower(l.component.name)}`,
      effect: `−${shown(plate.lines.find((x) => x.food === l)!.amount.high)} ${unit} each`,
    })),
  };
}

function openFigure(plate: PlateSum): Finding {
  const { unit, what } = plate.quantity;
  const unsure = plate.lines.filter((l) => l.amount.high > l.amount.low).map((l) => l.food.component);
  return {
    ...base(plate),
    key: `plate-open ${plate.group.id} ${plate.need}`,
    code: 'plate-not-known',
    glyph: 'covered',
    components: unsure.map((x) => x.id),
    text: `${capital(what)} on the plate of “${plate.group.name}”?`,
    why: `Nobody has said how much is in ${lower(names(unsure.map((x) => x.name)))}: between ${shown(plate.sum.low)} and ${shown(plate.sum.high)} of ${plate.limit} ${unit}.`,
    remedies: [],
  };
}
