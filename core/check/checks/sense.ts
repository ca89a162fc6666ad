import {
  isDip,
  isDipper,
  needsPartner,
  senseOf,
  type BoardPart,
  type PlacedFood,
  type Senseless,
} from '../../board/index.js';
import { isPartner, servingOf, type Component } from '../../catalogue/index.js';
import { moduleKey, type Surface } from '../../plan/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding, type Remedy } from '../finding.js';
import { addHelper, leaveOut, lessOf } from '../remedies.js';

const given = (remedies: readonly (Remedy | undefined)[]): Remedy[] =>
  remedies.filter((remedy): remedy is Remedy => remedy !== undefined);

/** What a stylist would not serve: more of a food than is taken, what has no place there, a dip and nothing to dip. */
export function sense(context: CheckContext): Finding[] {
  if (context.placed.length === 0) return [];
  const lying = (component: Component): PlacedFood[] =>
    context.placed.filter((placed) => placed.component.id === component.id);
  return senseOf(context.plan).flatMap((found): Finding[] => {
    // what the stylist asked for by name is theirs to ask for
    if ('component' in found && isWished(context, found.component)) return [];
    switch (found.code) {
      case 'beyond-most':
        return [tooMuch(lying(found.component), found)];
      case 'never-here':
        return [outOfPlace(found.component, found.surface, lying(found.component))];
      case 'no-dippers':
      case 'alone':
        return [withoutPartner(context, found.component, found.surface, lying(found.component))];
      case 'dry':
        return [littleToSpread(context, found)];
      case 'no-board':
        // with one surface it is told for the whole board, taste by taste
        return context.plan.surfaces.length > 1 && isFirstOfItsTable(context, found.surface)
          ? [noBoard(context, found.surface, found.missing)]
          : [];
      default:
        return [];
    }
  });
}

/** Parts that are alike are told once. */
const isFirstOfItsTable = ({ plan }: CheckContext, surface: Surface): boolean =>
  plan.surfaces.find((other) => moduleKey(other) === moduleKey(surface)) === surface;

const isWished = ({ plan }: CheckContext, { id }: Component): boolean =>
  plan.wishes.pinned.includes(id) || plan.wishes.star === id;

function tooMuch(
  foods: readonly PlacedFood[],
  { component, massG, mostG }: { component: Component; massG: number; mostG: number },
): Finding {
  return finding('more-than-taken', {
    key: `beyond ${component.id}`,
    components: [component.id],
    args: { food: component.name, mass: { g: massG }, most: { g: mostG } },
    facts: [
      { what: { say: 'fact.name.planned' }, value: { g: massG }, source: 'this plan' },
      {
        what: { say: 'fact.name.helping' },
        value: { g: servingOf(component).helping.usual },
        source: 'house default',
      },
    ],
    remedies: mostG > 0 ? [lessOf(foods, mostG), leaveOut(foods)] : [leaveOut(foods)],
  });
}

function outOfPlace(component: Component, surface: Surface, foods: readonly PlacedFood[]): Finding {
  return finding('not-for-occasion', {
    key: `occasion ${component.id} ${surface.id}`,
    components: [component.id],
    surfaceId: surface.id,
    args: { food: component.name, surface: surface.name },
    facts: [
      {
        what: { say: 'fact.name.planned' },
        value: { g: foods.reduce((sum, food) => sum + food.massG, 0) },
        source: 'this plan',
      },
    ],
    remedies: [leaveOut(foods.filter((food) => food.surface === surface))],
  });
}

function withoutPartner(
  context: CheckContext,
  component: Component,
  surface: Surface,
  foods: readonly PlacedFood[],
): Finding {
  const dip = isDip(component) && !needsPartner(component);
  const { partners } = servingOf(component);
  const helps = (other: Component) => (dip ? isDipper(other) : isPartner(partners, other));
  return finding('nothing-beside-it', {
    key: `beside ${component.id} ${surface.id}`,
    components: [component.id],
    surfaceId: surface.id,
    args: { food: component.name, surface: surface.name, dip: dip ? 'yes' : 'no' },
    facts: [
      {
        what: { say: 'fact.name.planned' },
        value: { g: foods.reduce((sum, food) => sum + food.massG, 0) },
        source: 'this plan',
      },
    ],
    remedies: given([
      addHelper(context, surface, helps),
      leaveOut(foods.filter((food) => food.surface === surface)),
    ]),
  });
}

function littleToSpread(
  context: CheckContext,
  { component, surface, massG, needG }: Extract<Senseless, { code: 'dry' }>,
): Finding {
  const { partners } = servingOf(component);
  const helps = (other: Component): boolean => isPartner(partners, other);
  return finding('little-to-spread', {
    key: `dry ${component.id} ${surface.id}`,
    components: [component.id],
    surfaceId: surface.id,
    args: { food: component.name, mass: { g: massG }, need: { g: needG } },
    facts: [
      { what: { say: 'fact.name.planned' }, value: { g: massG }, source: 'this plan' },
      { what: { say: 'fact.name.needed' }, value: { g: needG }, source: 'house default' },
    ],
    remedies: given([addHelper(context, surface, helps, needG - massG)]),
  });
}

function noBoard(context: CheckContext, surface: Surface, missing: readonly BoardPart[]): Finding {
  return finding('no-board', {
    key: `no board ${surface.id}`,
    surfaceId: surface.id,
    args: {
      surface: surface.name,
      what: { all: missing.map((part) => ({ say: `board.${part.id}` as const })) },
    },
    facts: [],
    remedies: given(missing.slice(0, MOST_REMEDIES).map((part) => addHelper(context, surface, part.is))),
  });
}

const MOST_REMEDIES = 2;
