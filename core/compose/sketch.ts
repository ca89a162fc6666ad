import { atHomeIn, type Component, type ComponentId, type Family } from '../catalogue/index.js';
import { createRandom, seedOf } from '../measure/index.js';
import { disliked } from '../needs/index.js';
import { growingMonth } from '../plan/index.js';
import { inPantry } from '../portion/index.js';
import { countsFor, type Candidate, type Problem } from './candidates.js';
import { nearColour } from '../board/index.js';

/** Kinds of each family that the first board is made from, and of each job for each group. */
const OF_FAMILY = 9;
const OF_CHEESE = 14;
const OF_JOB = 4;

/**
 * A small part of the problem that a first board can be made from at once: the most promising foods of each family,
 * unlike each other, and for each group enough of each job that it may count on. It says nothing about the best board.
 */
export function sketchOf(problem: Problem): Problem {
  const byComponent = new Map<ComponentId, Candidate[]>();
  for (const c of problem.candidates) {
    const known = byComponent.get(c.component.id);
    if (known) known.push(c);
    else byComponent.set(c.component.id, [c]);
  }
  const ranked = [...byComponent.values()]
    .map((places) => ({ places, component: places[0]!.component, score: promiseOf(problem, places) }))
    .sort((a, b) => b.score - a.score);
  const { pinned, star } = problem.plan.wishes;
  const held = problem.candidates.filter((c) => c.held).map((c) => c.component.id);
  const kept = new Set<ComponentId>([...pinned, ...held, ...(star ? [star] : [])]);
  const families = new Map<Family, Component[]>();
  for (const { component: c } of ranked) {
    const here = families.get(c.family) ?? [];
    if (here.length >= (c.family === 'cheese' ? OF_CHEESE : OF_FAMILY) || here.some((o) => twins(o, c)))
      continue;
    families.set(c.family, [...here, c]);
    kept.add(c.id);
  }
  const quiet = problem.quiet;
  for (const group of problem.plan.party)
    for (const job of ['body', 'vehicle', 'contrast'])
      for (const fresh of [false, true])
        ranked
          .filter(
            (r) =>
              r.component.job === job &&
              ['fresh-fruit', 'vegetable'].includes(r.component.family) === fresh &&
              r.places.some((c) => c.area.groups.includes(group) && countsFor(c, group, quiet)),
          )
          .slice(0, OF_JOB)
          .forEach((r) => kept.add(r.component.id));
  return { ...problem, candidates: problem.candidates.filter((c) => kept.has(c.component.id)) };
}

const twins = (a: Component, b: Component): boolean =>
  a.baseFood !== '' && a.baseFood === b.baseFood && a.texture === b.texture;

/** How likely a food is on a good board, from what can be seen of it alone. */
function promiseOf({ plan }: Problem, places: readonly Candidate[]): number {
  const c = places[0]!.component;
  const asks = Math.max(...places.map((p) => [...p.verdicts.values()].filter((v) => v === 'fine').length));
  const { palette, region } = plan.occasion.theme;
  return (
    asks * 0.5 +
    (c.seasonMonths.includes(growingMonth(plan)) ? 1.5 : 0) +
    (palette.some((p) => nearColour(p, c.colours[0])) ? 1 : 0) +
    (atHomeIn(c.id, region) ? 2 : 0) +
    (inPantry(plan.pantry, c.id) > 0 ? 2 : 0) +
    plan.wishes.levers.bolder * 0.2 * ((c.taste?.strength ?? 0) + (c.taste?.heat ?? 0) - 3) -
    plan.party.filter((g) => disliked(c, g)).length +
    createRandom(seedOf(plan.seed, c.id)).next() * 2
  );
}
