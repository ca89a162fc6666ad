import {
  FORMS,
  homeMadeId,
  madeFrom,
  RECIPES,
  scaledTo,
  type Component,
  type FormFact,
  type Larder,
} from '../catalogue/index.js';
import {
  isNobodys,
  mayLieOn,
  placementsOf,
  swappedInMotifs,
  smallChildrenWithin,
  takenHere,
  suitsIce,
} from '../board/index.js';
import { forbiddenToSmall, isOftenToo, judgeGroup } from '../needs/index.js';
import { groupsAt, type Placement, type Plan, type SurfaceId } from '../plan/index.js';
import { costAlone, effortOf, inPantry, minutesOf } from '../portion/index.js';
import { onlyJobs } from './jobs.js';
import { forms } from './forms.js';
import { likeness, scoreOf, servesLike, WEIGHTS, type Likeness } from './likeness.js';
import {
  formLike,
  grams,
  known,
  SWAP_KINDS,
  wordsOf,
  workOf,
  type SwapKind,
  type SwapOption,
} from './option.js';
import { twins } from './twins.js';

/** Under this there is no substitute (house default): it is left out, and others fill its place. */
export const LEAST_LIKE = 0.6;
/** A food that leaves a job undone that nothing else on the board does. */
const JOB_LOST = 0.22;
/** What a guest there with an allergy is often allergic to as well, though nobody has said so. */
const OFTEN_TOO = 0.2;

export interface OptionSettings {
  weights?: Likeness;
  kinds?: readonly SwapKind[];
  /** False for the list at once, by likeness alone; what each fixes and breaks takes a check of the whole plan. */
  judge?: boolean;
  /** The plan with those who will eat: a board that is turned feeds other guests than now. */
  eaters?: Plan;
}

/** Every way for this food, likest first. `here` is where it lies. */
export function optionsFor(
  plan: Plan,
  larder: Larder,
  component: Component,
  here: readonly Placement[],
  { weights = WEIGHTS, kinds = SWAP_KINDS, eaters = plan }: OptionSettings = {},
): SwapOption[] {
  const wanted = (k: SwapKind) => kinds.includes(k);
  const options = [
    ...(wanted('component') ? others(eaters, larder, component, here, weights) : []),
    ...(wanted('form') ? forms(plan, component, here) : []),
    ...(wanted('home-made') ? homeMade(eaters, larder, component, here, weights) : []),
    ...(wanted('split') ? twins(plan, larder, component, here, weights) : []),
  ];
  return options
    .filter((option) => option.score >= LEAST_LIKE && !isForNobody(plan, option) && isInPlace(plan, option))
    .sort((a, b) => b.score - a.score || a.name.localeCompare(b.name));
}

/** Would it lie on a surface where none of those who are served may eat it, or within reach of a child it may choke? */
function isForNobody(plan: Plan, { component, form, commands }: SwapOption): boolean {
  const surfaces = commands.flatMap((singleCommand) =>
    'surfaceId' in singleCommand ? [singleCommand.surfaceId] : [],
  );
  return plan.surfaces
    .filter((surface) => surfaces.includes(surface.id))
    .some((surface) => {
      const judged = groupsAt(plan, surface).map(
        (group) => [group.id as string, judgeGroup(component, form, group).verdict] as const,
      );
      const small = smallChildrenWithin(plan, surface).some((group) =>
        forbiddenToSmall(judgeGroup(component, form, group)),
      );
      return small || isNobodys(new Map(judged));
    });
}

/** Has it a place at what its surface is for? No crisps at breakfast. What lies there already has. */
const isInPlace = (plan: Plan, { from, id, component, form, commands }: SwapOption): boolean =>
  from === id ||
  plan.surfaces
    .filter(({ id: surfaceId }) =>
      commands.some((command) => 'surfaceId' in command && command.surfaceId === surfaceId),
    )
    .every((surface) => mayLieOn(plan, surface, component, form));

function others(
  plan: Plan,
  larder: Larder,
  from: Component,
  here: readonly Placement[],
  weights: Likeness,
): SwapOption[] {
  const jobs = onlyJobs(plan, from.id);
  return known(plan, larder).flatMap((to) => {
    const found = alikeEnough(from, to, weights);
    return found ? [swapTo(plan, from, to, here, found.like, found.score, jobs, 'component')] : [];
  });
}

/** How alike, where it is enough for a job to be done at all. */
function alikeEnough(
  from: Component,
  to: Component,
  weights: Likeness,
): { like: Likeness; score: number } | undefined {
  const like = likeness(from, to);
  const score = scoreOf(like, weights);
  return score < LEAST_LIKE || like.family === 0 || !servesLike(from, to) ? undefined : { like, score };
}

function homeMade(
  plan: Plan,
  larder: Larder,
  from: Component,
  here: readonly Placement[],
  weights: Likeness,
): SwapOption[] {
  const jobs = onlyJobs(plan, from.id);
  const massG = grams(here);
  return RECIPES.flatMap((recipe) => {
    if (larder.has(homeMadeId(recipe)) || plan.wishes.excluded.includes(homeMadeId(recipe))) return [];
    const to = madeFrom(recipe, larder);
    const found = to && alikeEnough(from, to, weights);
    const scaled = found && scaledTo(recipe, massG, larder);
    if (!to || !found || !scaled) return [];
    const option = swapTo(plan, from, to, here, found.like, found.score, jobs, 'home-made');
    return [
      {
        ...option,
        costMinor: scaled.costMinor - costAlone(plan, from.id, massG),
        minutes: scaled.handsMin - workOf(from, here),
        commands: [{ name: 'add-component' as const, component: to }, ...option.commands],
      },
    ];
  });
}

/** No more of it than those there take. */
function atMostTaken(
  plan: Plan,
  to: Component,
  form: FormFact['form'],
  id: SurfaceId,
  massG: number,
): number {
  const surface = plan.surfaces.find((surface) => surface.id === id);
  const most = surface ? takenHere(plan, to, form, surface).most : 0;
  return most > 0 ? Math.min(massG, most) : massG;
}

/** Where the new food lies: on each surface of the old one, in the form most like it, and in its motifs. */
function placedInstead(
  plan: Plan,
  to: Component,
  here: readonly Placement[],
  inMotifs: readonly Placement[],
): { id: SurfaceId; fact: FormFact; placements: Placement[] }[] {
  const surfaces = [...new Set(here.map((placement) => placement.surfaceId))];
  return surfaces.map((id) => {
    const old = here.filter((placement) => placement.surfaceId === id);
    const fact = formLike(to, old[0]!, plan);
    const inMotif = inMotifs.filter((placement) => placement.surfaceId === id);
    const loose = inMotif.length > 0 ? old.filter(({ motif }) => motif === undefined) : old;
    const ice = loose.find((placement) => placement.ice)?.ice;
    const massG = atMostTaken(plan, to, fact.form, id, grams(loose));
    return {
      id,
      fact,
      placements: [
        ...(loose.length > 0
          ? placementsOf({ plan, component: to, fact, surfaceId: id, massG }).map((placement) =>
              ice && suitsIce(to) ? { ...placement, contained: true, ice } : placement,
            )
          : []),
        ...inMotif,
      ],
    };
  });
}

/** The same grams on the same surfaces, as far as they are eaten, in the new food's form that lies most alike. */
function swapTo(
  plan: Plan,
  from: Component,
  to: Component,
  here: readonly Placement[],
  like: Likeness,
  score: number,
  jobs: ReturnType<typeof onlyJobs>,
  kind: SwapKind,
): SwapOption {
  const figures = swappedInMotifs(plan, from.id, to);
  const placements = placedInstead(plan, to, here, figures.placements);
  const lost = jobs.filter((job) => !job.has(to));
  const oftenToo = plan.surfaces
    .filter(({ id }) => placements.some((placement) => placement.id === id))
    .some((surface) =>
      groupsAt(plan, surface).some((group) => isOftenToo(to, group) && !isOftenToo(from, group)),
    );
  const massG = grams(here);
  const costMinor = costAlone(plan, to.id, massG) - costAlone(plan, from.id, massG);
  const words = wordsOf(from, to, like);
  const strength = (component: Component) => component.taste?.strength ?? 0;
  return {
    from: from.id,
    id: to.id,
    name: to.name,
    kind,
    component: to,
    form: placements[0]!.fact.form,
    contained: FORMS[placements[0]!.fact.form].bowl === true,
    like,
    score: Math.max(0, score - JOB_LOST * lost.length - (oftenToo ? OFTEN_TOO : 0)),
    keeps: words.keeps,
    changes: [
      ...(oftenToo ? ['who may take it: an allergy here often goes with one to it, so ask'] : []),
      ...words.changes,
      ...lost.map((job) => `no more ${job.name}`),
    ],
    costMinor,
    minutes: Math.round(minutesOf(effortOf(to, placements[0]!.fact.form), massG) - workOf(from, here)),
    interesting:
      from.family === to.family &&
      (strength(to) === strength(from) + 1 || (to.milk !== from.milk && to.milk !== 'none')),
    cheaper: costMinor < 0,
    pantry: inPantry(plan, to.id) > 0,
    commands: [
      { name: 'leave-out', componentId: from.id },
      ...figures.commands,
      ...placements.map((placement) => ({
        name: 'place' as const,
        componentId: to.id,
        surfaceId: placement.id,
        placements: placement.placements,
      })),
    ],
  };
}
