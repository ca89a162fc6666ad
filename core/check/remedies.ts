import { mayLieOn, placementsOf, takersAt, usualHereG, type PlacedFood } from '../board/index.js';
import {
  factValue,
  factWords,
  possibleValues,
  usualForm,
  type Component,
  type ComponentId,
  type FactKey,
} from '../catalogue/index.js';
import { carriesTo, judgeGroup } from '../needs/index.js';
import type { Group } from '../party/index.js';
import {
  isShared,
  keepsFree,
  type Answer,
  type Surface,
  type SurfaceId,
  type SingleCommand,
} from '../plan/index.js';
import { bowlsInUse, fittingOutline, outlineSaid, placementGroundCm2 } from '../portion/index.js';
import type { CheckContext } from './context.js';
import { lower } from '../words/index.js';
import type { Remedy } from './finding.js';
import { shortName } from '../measure/index.js';

/** Remedies that more than one check offers. Each is data: words, what it brings, and the edit. */

const grams = (foods: readonly PlacedFood[]) =>
  Math.round(foods.reduce((sum, placed) => sum + placed.massG, 0));

/** One step of undo for a list of foods. */
function forEach(
  kind: Remedy['kind'],
  args: Remedy['args'],
  label: string,
  foods: readonly PlacedFood[],
  of: (placed: PlacedFood) => SingleCommand,
): Remedy {
  return { kind, args, command: { name: 'together', label, commands: foods.map(of) } };
}

/** A bowl, dish or basket keeps crumbs and bits in; undefined when there are too few left. */
export function inBowls(context: CheckContext, foods: readonly PlacedFood[]): Remedy | undefined {
  const free =
    context.plan.bowls.reduce((sum, bowl) => sum + bowl.count, 0) - bowlsInUse(context.plan).length;
  if (free < foods.length) return undefined;
  const label = foods.length > 1 ? 'bowls of their own' : 'a bowl of its own';
  return forEach('bowls-of-their-own', { n: foods.length, free }, label, foods, (placed) => ({
    name: 'contain',
    componentId: placed.component.id,
    surfaceId: placed.surface.id,
    on: true,
  }));
}

export const moveTo = (foods: readonly PlacedFood[], to: Surface): Remedy =>
  forEach('move-to', { surface: to.name, n: foods.length }, `move to ${lower(to.name)}`, foods, (placed) => ({
    name: 'move',
    componentId: placed.component.id,
    from: placed.surface.id,
    to: to.id,
  }));

/** To a surface that the guests concerned are not served from. */
export function moveAway(
  context: CheckContext,
  foods: readonly PlacedFood[],
  groups: readonly Group[],
): Remedy | undefined {
  const to = context.plan.surfaces.find(
    (surface) =>
      foods.every(
        (placed) =>
          placed.surface !== surface &&
          surface.freeFrom.every((id) => keepsFree(placed.component, id) === 'keeps'),
      ) &&
      !context.groupsAt(surface).some((group) => groups.includes(group)) &&
      isShared(surface),
  );
  if (!to) return undefined;
  return moveTo(foods, to);
}

const SIDE_BOARD = 'side-board';

function freeSurfaceId(context: CheckContext): SurfaceId {
  const taken = new Set<string>(context.plan.surfaces.map((surface) => surface.id));
  let id = SIDE_BOARD;
  for (let n = 2; taken.has(id); n++) id = `${SIDE_BOARD}-${n}`;
  return id as SurfaceId;
}

/** A new board for these foods alone, in the size that they fill, for everybody but the guests concerned. */
export function onOwnBoard(
  context: CheckContext,
  foods: readonly PlacedFood[],
  groups: readonly Group[],
): Remedy | undefined {
  const others = context.plan.party.filter(
    (group) =>
      !groups.includes(group) && foods.some((placed) => context.groupsAt(placed.surface).includes(group)),
  );
  if (others.length === 0) return undefined;
  const base: Surface = {
    id: freeSurfaceId(context),
    name: 'Side board',
    outline: { kind: 'round', diameterMm: 200 },
    rimMm: 10,
    material: 'oak',
    serves: others.map((group) => group.id),
    freeFrom: [],
    smallHands: foods.some((placed) => placed.surface.smallHands),
  };
  const ground = foods.flatMap((placed) =>
    placed.lots
      .filter((placement) => placement.lot === 0)
      .map((placement) => placementGroundCm2(placed.component, placement)),
  );
  const surface = {
    ...base,
    outline: fittingOutline(
      base,
      ground.reduce((a, b) => a + b, 0),
    ),
  };
  return {
    kind: 'own-board',
    args: { outline: outlineSaid(surface.outline) },
    command: {
      name: 'together',
      label: 'give a board of its own',
      commands: [
        { name: 'set-surface', surface },
        ...foods.map((placed): SingleCommand => ({
          name: 'move',
          componentId: placed.component.id,
          from: placed.surface.id,
          to: surface.id,
        })),
      ],
    },
  };
}

export function leaveOut(foods: readonly PlacedFood[]): Remedy {
  const label = foods.length > 1 ? 'leave them out' : 'leave it out';
  return forEach('leave-out', { n: foods.length, mass: { g: grams(foods) } }, label, foods, (placed) => ({
    name: 'place',
    componentId: placed.component.id,
    surfaceId: placed.surface.id,
    placements: [],
  }));
}

/** A food's kind of label: everything of it off one surface. */
export const offSurface = (
  kind: 'leave-off' | 'leave-out-food' | 'take-food-off',
  placed: PlacedFood,
  surface: Surface = placed.surface,
): Remedy => ({
  kind,
  args: { food: placed.component.name, mass: { g: placed.massG } },
  command: { name: 'place', componentId: placed.component.id, surfaceId: surface.id, placements: [] },
});

/** More of a food where it lies, its lots alike. */
export function moreOf(
  l: Pick<PlacedFood, 'component' | 'surface' | 'lots' | 'massG'>,
  moreG: number,
): Remedy {
  const factor = 1 + moreG / l.massG;
  return {
    kind: 'more',
    args: { food: shortName(l.component.name), mass: { g: moreG } },
    command: {
      name: 'place',
      componentId: l.component.id,
      surfaceId: l.surface.id,
      placements: l.lots.map((placement) => ({
        ...placement,
        massG: Math.round(placement.massG * factor),
        pieces: Math.max(1, Math.round(placement.pieces * factor)),
      })),
    },
  };
}

/** So many times what lies of these foods, everywhere alike; each lot keeps a piece. */
export const scaled = (
  foods: readonly PlacedFood[],
  factor: number,
  round: (n: number) => number = Math.round,
): SingleCommand[] =>
  foods.map((placed) => ({
    name: 'place' as const,
    componentId: placed.component.id,
    surfaceId: placed.surface.id,
    placements: placed.lots.map((placement) => {
      const { pieces, massG } = placement;
      if (pieces === 1) return { ...placement, massG: Math.max(1, round(massG * factor)) };
      const left = Math.max(1, round(pieces * factor));
      return { ...placement, pieces: left, massG: (left * massG) / pieces };
    }),
  }));

/** So much less of a food that no more lies than is taken. */
export function lessOf(foods: readonly PlacedFood[], leftG: number): Remedy {
  const massG = grams(foods);
  return {
    kind: 'less',
    args: { food: foods[0]!.component.name, mass: { g: massG - leftG }, left: { g: leftG } },
    command: {
      name: 'together',
      label: 'lay less of it',
      commands: scaled(foods, leftG / massG, Math.floor),
    },
  };
}

/** In the order of the craft: contain, another surface, a surface of its own, leave out. */
export const keepApart = (
  context: CheckContext,
  foods: readonly PlacedFood[],
  groups: readonly Group[],
): Remedy[] =>
  [
    inBowls(context, foods),
    moveAway(context, foods, groups),
    onOwnBoard(context, foods, groups),
    leaveOut(foods),
  ].filter((remedy): remedy is Remedy => remedy !== undefined);

/** The value that a reassuring label would show, for the facts that a label can tell. */
const REASSURING: Partial<Record<FactKey, string>> = {
  slaughter: 'certified',
  oats: 'certified',
  rennet: 'microbial',
  'milk-treatment': 'pasteurised',
  'gelatine-from': 'none',
};

function reassuring(fact: FactKey): string | undefined {
  if (fact === 'choking' || fact === 'salt-class') return undefined;
  return REASSURING[fact] ?? (possibleValues(fact).includes('free') ? 'free' : undefined);
}

/**
 * Notes that the label was read and reassures; undefined when one of the facts is none that a label tells. Who read
 * it and what was seen stay to be said: the application asks when the stylist presses.
 */
export function labelRead(
  context: CheckContext,
  component: Component,
  facts: readonly FactKey[],
): Remedy | undefined {
  const answers = [...new Set(facts)].map((fact): Answer | undefined => {
    const value = reassuring(fact);
    return value === undefined
      ? undefined
      : {
          componentId: component.id,
          fact,
          value,
          who: 'the stylist',
          when: context.plan.occasion.start,
          seen: 'label',
        };
  });
  if (answers.length === 0 || answers.some((answer) => answer === undefined)) return undefined;
  return {
    kind: 'label-read',
    args: { food: shortName(component.name), n: answers.length, fact: factWords(facts[0]!) },
    command: {
      name: 'together',
      label: `note the label of ${component.name.toLowerCase()}`,
      commands: (answers as Answer[]).map((answer) => ({ name: 'answer', answer })),
    },
  };
}

/** The facts of a food that leave open whether it carries to the group. */
export function openCarrierFacts(component: Component, group: Group): FactKey[] {
  const form = usualForm(component).form;
  return carriesTo(component, group).flatMap((carried) =>
    carried.need
      .contact!.carriers.map((carrier) => carrier.fact)
      .filter((fact) => ['unknown', 'brand'].includes(factValue(component, fact, form))),
  );
}

/** Is it safe to bring this food to the surface for everyone whose needs reach across it? */
const clean = (context: CheckContext, component: Component, surface: Surface): boolean =>
  surface.freeFrom.every((id) => keepsFree(component, id) === 'keeps') &&
  context.groupsAt(surface).every((group) => carriesTo(component, group).length === 0);

/** Adds the usual helping of the food that helps and that most guests at the surface take; nothing when none does. */
export function addHelper(
  context: CheckContext,
  surface: Surface,
  helps: (component: Component) => boolean,
  askedG?: number,
): Remedy | undefined {
  const there = new Set<ComponentId>(
    context.placed.filter((placed) => placed.surface === surface).map((placed) => placed.component.id),
  );
  const eaters = (component: Component) =>
    context
      .groupsAt(surface)
      .filter((group) => judgeGroup(component, usualForm(component).form, group).verdict === 'fine')
      .reduce((sum, group) => sum + group.count * takersAt(context.plan, component, group), 0);
  const best = [...context.larder.values()]
    .filter(
      (component) =>
        component.made !== 'unknown' &&
        !there.has(component.id) &&
        !context.plan.wishes.excluded.includes(component.id) &&
        helps(component) &&
        mayLieOn(context.plan, surface, component, usualForm(component).form) &&
        clean(context, component, surface),
    )
    .map((component) => ({ x: component, n: eaters(component) }))
    .sort((a, b) => b.n - a.n)[0]?.x;
  if (!best) return undefined;
  const fact = usualForm(best);
  const massG = askedG ?? usualHereG(context.plan, best, surface);
  return {
    kind: 'add',
    args: { food: best.name, mass: { g: massG } },
    command: {
      name: 'place',
      componentId: best.id,
      surfaceId: surface.id,
      placements: placementsOf({ plan: context.plan, component: best, fact, surfaceId: surface.id, massG }),
    },
  };
}
