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
  for (const candidate of problem.candidates) {
    const known = byComponent.get(candidate.component.id);
    if (known) known.push(candidate);
    else byComponent.set(candidate.component.id, [candidate]);
  }
  const ranked = [...byComponent.values()]
    .map((places) => ({ places, component: places[0]!.component, score: promiseOf(problem, places) }))
    .sort((a, b) => b.score - a.score);
  const { pinned, star } = problem.plan.wishes;
  const held = problem.candidates
    .filter((candidate) => candidate.held)
    .map((candidate) => candidate.component.id);
  const kept = new Set<ComponentId>([...pinned, ...held, ...(star ? [star] : [])]);
  const families = new Map<Family, Component[]>();
  for (const { component } of ranked) {
    const here = families.get(component.family) ?? [];
    if (
      here.length >= (component.family === 'cheese' ? OF_CHEESE : OF_FAMILY) ||
      here.some((otherComponent) => twins(otherComponent, component))
    )
      continue;
    families.set(component.family, [...here, component]);
    kept.add(component.id);
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
              r.places.some(
                (candidate) => candidate.area.groups.includes(group) && countsFor(candidate, group, quiet),
              ),
          )
          .slice(0, OF_JOB)
          .forEach((r) => kept.add(r.component.id));
  return {
    ...problem,
    candidates: problem.candidates.filter((candidate) => kept.has(candidate.component.id)),
  };
}

const twins = (a: Component, b: Component): boolean =>
  a.baseFood !== '' && a.baseFood === b.baseFood && a.texture === b.texture;

/** How likely a food is on a good board, from what can be seen of it alone. */
function promiseOf({ plan }: Problem, places: readonly Candidate[]): number {
  const component = places[0]!.component;
  const asks = Math.max(
    ...places.map(
      (candidate) => [...candidate.verdicts.values()].filter((verdict) => verdict === 'fine').length,
    ),
  );
  const { palette, region } = plan.occasion.theme;
  return (
    asks * 0.5 +
    (component.seasonMonths.includes(growingMonth(plan)) ? 1.5 : 0) +
    (palette.some((p) => nearColour(p, component.colours[0])) ? 1 : 0) +
    (atHomeIn(component.id, region) ? 2 : 0) +
    (inPantry(plan, component.id) > 0 ? 2 : 0) +
    plan.wishes.levers.bolder * 0.2 * ((component.taste?.strength ?? 0) + (component.taste?.heat ?? 0) - 3) -
    plan.party.filter((group) => disliked(component, group)).length +
    createRandom(seedOf(plan.seed, component.id)).next() * 2
  );
}
