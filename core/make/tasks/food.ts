import type { Equipment } from '../../catalogue/index.js';
import type { PlanMaking } from '../../portion/index.js';
import type { Task } from '../task.js';
import {
  AHEAD_FROM_MIN,
  AHEAD_KEEPS_H,
  BLENDER_WASH_MIN,
  cutFreshMin,
  DRYING_MIN,
  foldFreshMin,
  LONG_PREP_MIN,
  OPENED_FRESH_MIN,
  WASHED_FRESH_MIN,
} from '../rules.js';
import { alike, bitsOf, LONG_AGO, madeG, sharedOut, task, type MakeContext, type Work } from './context.js';

const foodsOf = (works: readonly Work[]) => [...new Set(works.map(({ component }) => component.id))];
const sum = (works: readonly Work[], of: (work: Work) => number): number =>
  works.reduce((sum, work) => sum + of(work), 0);

/** All that grows is washed in one go, and dries; what must not meet in one bowl is washed apart. */
export function washing({ works, calm }: MakeContext): Task[] {
  const minutesOf = ({ minutes }: Work): number => minutes.wash! + (minutes.open ?? 0);
  const groups = alike(works.filter(({ minutes }) => minutes.wash));
  return groups
    .flatMap((same) => sharedOut(same, minutesOf, LONG_PREP_MIN))
    .map((same, i) =>
      task({
        id: `wash-${i + 1}`,
        kind: 'wash',
        foods: foodsOf(same),
        massG: sum(same, ({ massG }) => massG),
        handsMin: sum(same, minutesOf),
        waitMin: DRYING_MIN,
        fresh: -WASHED_FRESH_MIN,
        ripe: calm - DRYING_MIN,
        ...bitsOf(same),
      }),
    );
}

/** What is made at home, one task a food. Work that is long, and keeps, is for the day before. */
export function making({ works, calm }: MakeContext): Task[] {
  const made = works.filter(({ minutes }) => minutes.make);
  return foodsOf(made).map((id) => {
    const same = made.filter(({ component }) => component.id === id);
    const { making, minutes } = same[0]!;
    const massG = madeG(made, id);
    const washing = making?.uses.includes('blender') ? BLENDER_WASH_MIN : 0;
    const handsMin = minutes.make! + (minutes.open ?? 0) + washing;
    const waitMin = making?.waitMin ?? 0;
    const keepsH = making?.keepsH ?? AHEAD_KEEPS_H;
    const ahead = keepsH >= AHEAD_KEEPS_H && handsMin + waitMin >= AHEAD_FROM_MIN;
    return task({
      id: `make-${id}`,
      kind: 'make',
      foods: [id],
      massG,
      handsMin,
      waitMin,
      from: Math.max(LONG_AGO, -keepsH * 60),
      fresh: Math.max(LONG_AGO, -keepsH * 60),
      ripe: calm - handsMin - waitMin,
      ahead,
      uses: (making?.uses ?? []).map((equipment) => ({
        equipment,
        during: takenFor(equipment, making!),
      })),
      sharp: true,
      ...bitsOf(same),
    });
  });
}

/** A hob and a blender as long as hands are at it, an oven and a freezer for their time, the cold for all of the waiting. */
function takenFor(equipment: Equipment, { onMin, waitMin }: PlanMaking): Task['uses'][number]['during'] {
  if (equipment === 'fridge') return waitMin;
  return equipment === 'oven' || equipment === 'freezer' ? onMin : 'hands';
}

const after = (ids: readonly string[]): Task['after'] => ids.map((id) => ({ id, what: 'all' as const }));

/** The task of a kind that a food is in. */
const within = (tasks: readonly Task[], { component }: Work): string[] =>
  tasks.filter(({ foods }) => foods.includes(component.id)).map(({ id }) => id);

/** Cut while cold, as late as it browns or dries; what comes cut is not in it. */
export function cutting({ works, calm }: MakeContext, before: readonly Task[]): Task[] {
  return works.flatMap((work) => {
    const { component, form, minutes } = work;
    if (!minutes.cut) return [];
    const opened = minutes.wash || minutes.make ? 0 : (minutes.open ?? 0);
    const handsMin = minutes.cut + opened;
    return [
      task({
        id: `cut-${component.id}-${form}`,
        kind: form === 'cut-outs' ? 'shape' : 'cut',
        fine: form === 'cut-outs',
        foods: [component.id],
        form,
        massG: work.massG,
        pieces: work.pieces,
        handsMin,
        // what is pressed out is chilled first
        ...(form === 'cut-outs' ? { waitMin: DRYING_MIN } : {}),
        fresh: -Math.max(cutFreshMin(component), handsMin),
        ripe: Math.max(calm, -cutFreshMin(component)) - handsMin,
        after: after(within(before, work)),
        leaves: work.leaves,
        keeps: work.keeps,
        sharp: true,
      }),
    ];
  });
}

/** Roses and chains come apart in hands that have never made one. */
const FINE: ReadonlySet<string> = new Set(['rose', 'chain', 'fan']);

/** Folded and pleated by hand. */
export function folding({ works, calm }: MakeContext, before: readonly Task[]): Task[] {
  return works.flatMap((work) => {
    const { component, form, minutes } = work;
    if (!minutes.fold || form === 'cut-outs') return [];
    const opened = minutes.cut || minutes.wash || minutes.make ? 0 : (minutes.open ?? 0);
    const handsMin = minutes.fold + opened;
    const fresh = foldFreshMin(form) + handsMin;
    return [
      task({
        id: `fold-${component.id}-${form}`,
        kind: 'fold',
        fine: FINE.has(form),
        foods: [component.id],
        form,
        massG: work.massG,
        pieces: work.pieces,
        handsMin,
        fresh: Math.min(-fresh, calm - handsMin),
        ripe: calm - handsMin,
        after: after(within(before, work)),
        leaves: work.leaves,
        keeps: work.keeps,
      }),
    ];
  });
}

/** What only comes out of its pack. */
export function opening({ works, calm }: MakeContext): Task[] {
  const plain = works.filter(
    ({ minutes: { wash, make, cut, fold, open } }) => !wash && !make && !cut && !fold && open,
  );
  return alike(plain)
    .flatMap((same) => sharedOut(same, ({ minutes }) => minutes.open!, LONG_PREP_MIN))
    .map((same, i) =>
      task({
        id: `open-${i + 1}`,
        kind: 'open',
        foods: foodsOf(same),
        massG: sum(same, ({ massG }) => massG),
        handsMin: sum(same, ({ minutes }) => minutes.open!),
        fresh: -OPENED_FRESH_MIN,
        ripe: calm - sum(same, ({ minutes }) => minutes.open!),
        ...bitsOf(same),
      }),
    );
}
