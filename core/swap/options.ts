import {
  formName,
  FORMS,
  homeMadeId,
  madeFrom,
  RECIPES,
  scaledTo,
  usualForm,
  type Component,
  type ComponentId,
  type FormFact,
  type Larder,
} from '../catalogue/index.js';
import { lower } from '../words/index.js';
import {
  isNobodys,
  mayStandAt,
  mostInABowlG,
  occasionAt,
  placementsOf,
  smallChildrenWithin,
  takenHere,
  wholePieces,
} from '../board/index.js';
import { forbiddenToSmall, judgeGroup } from '../needs/index.js';
import {
  groupsAt,
  keepsFree,
  type Placement,
  type Plan,
  type SurfaceId,
  type SingleCommand,
} from '../plan/index.js';
import { choosePacks, effortOf, inPantry, minutesOf } from '../portion/index.js';
import { onlyJobs } from './jobs.js';
import {
  likeness,
  LIKENESS_PARTS,
  PART_WORDS,
  scoreOf,
  servesLike,
  WEIGHTS,
  type Likeness,
} from './likeness.js';

export const SWAP_KINDS = ['component', 'form', 'home-made', 'split'] as const;
export type SwapKind = (typeof SWAP_KINDS)[number];

/** One way to do a food's job otherwise, not yet judged on the whole plan. */
export interface SwapOption {
  from: ComponentId;
  id: ComponentId;
  name: string;
  kind: SwapKind;
  /** The food that comes: another, the same, or one that is made. */
  component: Component;
  form: FormFact['form'];
  contained: boolean;
  like: Likeness;
  score: number;
  keeps: string[];
  changes: string[];
  costMinor: number;
  minutes: number;
  /** A relative that is one step stronger or of another milk; a cheaper one; one that is in the house. */
  interesting: boolean;
  cheaper: boolean;
  pantry: boolean;
  commands: SingleCommand[];
}

/** Under this there is no substitute (house default): it is left out, and others fill its place. */
export const LEAST_LIKE = 0.6;
/** A food that leaves a job undone that nothing else on the board does. */
const JOB_LOST = 0.22;
const SAME_FOOD = 0.74;

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
    ...(wanted('split') ? splits(plan, larder, component, here, weights) : []),
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
    .every((surface) => mayStandAt(component, form, occasionAt(plan, surface)));

function known(plan: Plan, larder: Larder): Component[] {
  const present = new Set(plan.placements.map((placement) => placement.componentId));
  return [...larder.values()].filter(
    (component) =>
      !present.has(component.id) &&
      !plan.wishes.excluded.includes(component.id) &&
      component.made !== 'unknown' &&
      component.family !== 'garnish',
  );
}

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
        costMinor: scaled.costMinor - choosePacks(from, massG).priceMinor,
        minutes: scaled.handsMin - workOf(from, here),
        commands: [{ name: 'add-component' as const, component: to }, ...option.commands],
      },
    ];
  });
}

const grams = (here: readonly Placement[]) => here.reduce((sum, placement) => sum + placement.massG, 0);
const workOf = (component: Component, here: readonly Placement[]) =>
  here[0] ? minutesOf(effortOf(component, here[0].form), grams(here)) : 0;

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
  const surfaces = [...new Set(here.map((placement) => placement.surfaceId))];
  const placements = surfaces.map((id) => {
    const old = here.filter((placement) => placement.surfaceId === id);
    const fact = formLike(to, old[0]!, plan);
    return {
      id,
      fact,
      placements: placementsOf({
        plan,
        component: to,
        fact,
        surfaceId: id,
        massG: atMostTaken(plan, to, fact.form, id, grams(old)),
      }),
    };
  });
  const lost = jobs.filter((job) => !job.has(to));
  const massG = grams(here);
  const cost = choosePacks(to, Math.max(0, massG - inPantry(plan.pantry, to.id))).priceMinor;
  const costMinor = cost - choosePacks(from, massG).priceMinor;
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
    score: Math.max(0, score - JOB_LOST * lost.length),
    keeps: words.keeps,
    changes: [...words.changes, ...lost.map((job) => `no more ${job.name}`)],
    costMinor,
    minutes: Math.round(minutesOf(effortOf(to, placements[0]!.fact.form), massG) - workOf(from, here)),
    interesting:
      from.family === to.family &&
      (strength(to) === strength(from) + 1 || (to.milk !== from.milk && to.milk !== 'none')),
    cheaper: costMinor < 0,
    pantry: inPantry(plan.pantry, to.id) > 0,
    commands: [
      { name: 'leave-out', componentId: from.id },
      ...placements.map((placement) => ({
        name: 'place' as const,
        componentId: to.id,
        surfaceId: placement.id,
        placements: placement.placements,
      })),
    ],
  };
}

/** Where a food was cut small for children, its swap is too, if it can be. */
export function formLike(to: Component, old: Placement, plan: Plan): FormFact {
  const surface = plan.surfaces.find((surface) => surface.id === old.surfaceId);
  const small = FORMS[old.form].small || surface?.smallHands;
  const safe = to.forms.find((fact) => fact.choking === 'safe' && fact.pieceG < 60);
  return to.forms.find((fact) => fact.form === old.form) ?? (small && safe ? safe : usualForm(to));
}

function wordsOf(from: Component, to: Component, like: Likeness): { keeps: string[]; changes: string[] } {
  const milk = from.milk !== to.milk && to.milk !== 'none' ? [`${to.milk} milk`] : [];
  return {
    keeps: LIKENESS_PARTS.filter((k) => like[k] >= 0.75).map((k) => PART_WORDS[k]),
    changes: [...LIKENESS_PARTS.filter((k) => like[k] < 0.5).map((k) => PART_WORDS[k]), ...milk],
  };
}

const SAME: Likeness = {
  family: 1,
  role: 1,
  taste: 1,
  texture: 1,
  colour: 1,
  form: 0.4,
  service: 0.7,
  cost: 1,
  effort: 0.7,
};

/** The same food in another form: grapes in quarters, cheese in strips, crackers in a bowl of their own. */
function forms(plan: Plan, component: Component, here: readonly Placement[]): SwapOption[] {
  const surfaces = [...new Set(here.map((placement) => placement.surfaceId))];
  const old = here[0]!;
  const piecesOn = (id: SurfaceId, fact: FormFact) =>
    wholePieces(fact, grams(here.filter((placement) => placement.surfaceId === id)), mostInABowlG(plan))
      .pieces;
  const cut = component.forms
    .filter((fact) => here.some((placement) => placement.form !== fact.form))
    .map((fact) =>
      reformed(
        component,
        here,
        fact,
        `${component.name}, ${formName(fact.form)}`,
        false,
        surfaces.map((surfaceId) => ({
          name: 'set-form' as const,
          componentId: component.id,
          surfaceId,
          form: fact.form,
          pieces: piecesOn(surfaceId, fact),
        })),
      ),
    );
  const loose =
    here.some((placement) => !placement.contained && !FORMS[placement.form].bowl) &&
    FORMS[old.form].lies !== 'alone';
  if (!loose) return cut;
  const fact = component.forms.find((fact) => fact.form === old.form) ?? usualForm(component);
  return [
    ...cut,
    reformed(
      component,
      here,
      fact,
      `${component.name}, in a bowl`,
      true,
      surfaces.map((surfaceId) => ({
        name: 'contain' as const,
        componentId: component.id,
        surfaceId,
        on: true,
      })),
    ),
  ];
}

function reformed(
  component: Component,
  here: readonly Placement[],
  fact: FormFact,
  name: string,
  contained: boolean,
  commands: SingleCommand[],
): SwapOption {
  return {
    from: component.id,
    id: component.id,
    name,
    kind: 'form',
    component: component,
    form: fact.form,
    contained,
    like: SAME,
    score: SAME_FOOD,
    keeps: ['the food itself', 'the price'],
    changes: ['how it lies'],
    costMinor: 0,
    minutes: Math.round(minutesOf(effortOf(component, fact.form), grams(here)) - workOf(component, here)),
    interesting: false,
    cheaper: false,
    pantry: false,
    commands,
  };
}

/** Groups with a surface of their own get a twin there; the food stays where the others are. */
function splits(
  plan: Plan,
  larder: Larder,
  from: Component,
  here: readonly Placement[],
  weights: Likeness,
): SwapOption[] {
  return plan.party.flatMap((group) => {
    const form = here[0]!.form;
    if (judgeGroup(from, form, group).verdict === 'fine') return [];
    const own = plan.surfaces.find(
      (surface) => surface.serves?.includes(group.id) && surface.serves.length < plan.party.length,
    );
    if (!own) return [];
    const best = known(plan, larder)
      .filter(
        (component) =>
          own.freeFrom.every((f) => keepsFree(component, f) === 'keeps') &&
          judgeGroup(component, formLike(component, { ...here[0]!, surfaceId: own.id }, plan).form, group)
            .verdict === 'fine',
      )
      .map((component) => ({ c: component, like: likeness(from, component) }))
      .filter(({ like }) => like.family > 0)
      .sort((a, b) => scoreOf(b.like, weights) - scoreOf(a.like, weights))[0];
    return best ? [split(plan, from, best.c, best.like, here, own.id, group, weights)] : [];
  });
}

/** A twin is no more than the group's part of what lies there, and never less than a taste. */
const LEAST_TWIN_G = 30;

function split(
  plan: Plan,
  from: Component,
  to: Component,
  like: Likeness,
  here: readonly Placement[],
  surfaceId: SurfaceId,
  group: Plan['party'][number],
  weights: Likeness,
): SwapOption {
  const guests = plan.party.reduce((sum, group) => sum + group.count, 0);
  const massG = Math.max(LEAST_TWIN_G, (grams(here) * group.count) / Math.max(1, guests));
  const fact = formLike(to, { ...here[0]!, surfaceId }, plan);
  const words = wordsOf(from, to, like);
  return {
    from: from.id,
    id: to.id,
    name: `${from.name}, and ${lower(to.name)} for “${group.name}”`,
    kind: 'split',
    component: to,
    form: fact.form,
    contained: FORMS[fact.form].bowl === true,
    like,
    score: scoreOf(like, weights) * 0.95,
    keeps: ['it stays where it lies', ...words.keeps],
    changes: ['one kind more'],
    costMinor: choosePacks(to, massG).priceMinor,
    minutes: Math.round(minutesOf(effortOf(to, fact.form), massG)),
    interesting: false,
    cheaper: false,
    pantry: inPantry(plan.pantry, to.id) > 0,
    commands: [
      // on the group's own surface the food itself has no place
      { name: 'place', componentId: from.id, surfaceId, placements: [] },
      {
        name: 'place',
        componentId: to.id,
        surfaceId,
        placements: placementsOf({ plan, component: to, fact, surfaceId, massG }),
      },
    ],
  };
}
