import {
  CHOKING,
  FORMS,
  homeMadeId,
  type Choking,
  type Component,
  type ComponentId,
  type FormFact,
} from '../catalogue/index.js';
import {
  planLarder,
  type Command,
  type OwnRecipe,
  type Placement,
  type Plan,
  type SurfaceId,
} from '../plan/index.js';
import type { Piece } from '../geometry/index.js';
import { boughtFor } from '../portion/index.js';
import { equalFill, skewerOrder } from '../shape/index.js';
import { lessBy } from './cut-outs.js';
import { grams, idWith, layMade, short } from './making.js';
import { motifForms } from './motif.js';
import { isFresh } from './tastes.js';

/** A food on a skewer, in the form in which it is threaded, so many pieces of it. */
export interface Threaded {
  component: Component;
  fact: FormFact;
  each: number;
}

/** A piece wider than this does not sit on a skewer (house default). */
const MOST_WIDE_MM = 45;

/** Pieces that no stick goes through. */
const UNTHREADED: ReadonlySet<Piece> = new Set([
  'seed-pinch',
  'popped',
  'bit',
  'shred',
  'smear',
  'nut',
  'ridged-nut',
  'leaf',
]);

/** The form in which a food is threaded, as it is served where that holds; undefined for what does not hold on a skewer. */
export function threadedForm(component: Component): FormFact | undefined {
  const [usual] = component.forms;
  const forms = motifForms(component).filter(
    (fact) =>
      !FORMS[fact.form].small &&
      !UNTHREADED.has(fact.piece) &&
      Math.min(fact.lengthMm, fact.widthMm) <= MOST_WIDE_MM,
  );
  return forms.find((fact) => fact === usual) ?? forms[0];
}

/** Pieces of a proposed skewer are no larger than a bite, and not sliced thin (house default). */
const BITE_MM = 30;
const isBite = (component: Component): boolean => {
  const fact = threadedForm(component);
  return (
    fact !== undefined &&
    FORMS[fact.form].lies === 'loose' &&
    Math.max(fact.lengthMm, fact.widthMm) <= BITE_MM
  );
};

/** A skewer's places, in the order in which they are filled: something firm, something fresh, something sharp or fresh of another kind. */
const PLACES: readonly ((component: Component) => boolean)[] = [
  ({ family, texture }) => family === 'cheese' && texture !== 'crumbly' && texture !== 'creamy',
  isFresh,
  ({ family }) => family === 'pickle' || family === 'vegetable' || family === 'fresh-fruit',
];

/** What a skewer is of at first: what lies on the boards before all else, in whole bites. */
export function proposedThreads(plan: Plan): ComponentId[] {
  const lies = new Set(plan.placements.map(({ componentId }) => componentId));
  const foods = [...planLarder(plan).values()]
    .filter((component) => component.made !== 'unknown' && isBite(component))
    .sort((a, b) => Number(lies.has(b.id)) - Number(lies.has(a.id)));
  return PLACES.reduce<Component[]>((picked, suits) => {
    const next = foods.find(
      (food) => suits(food) && picked.every((other) => other !== food && other.family !== food.family),
    );
    return next ? [...picked, next] : picked;
  }, []).map(({ id }) => id);
}

/** Whole pieces of a food in the packs that the plan buys, with what is in the house. */
export function piecesInPacks(plan: Plan, component: Component, fact: FormFact): number {
  const bought = boughtFor(plan.placements, planLarder(plan), plan).find(({ id }) => id === component.id);
  return Math.floor(((bought?.choice?.massG ?? 0) + (bought?.ownedG ?? 0)) / fact.pieceG);
}

/** Pieces in the order in which they are put on: no two alike side by side where that can be. */
export function threadedOrder(parts: readonly Threaded[]): Threaded[] {
  const order = skewerOrder(parts.map(({ component, each }) => ({ name: component.id, each })));
  return order.map((id) => parts.find(({ component }) => component.id === id)!);
}

/** Of a piece's length, what it takes on the stick, and what of the stick stays free (house defaults). */
const [PITCH, FREE_MM] = [0.85, 30];
/** A skewer is threaded in so much time (house default). */
const THREAD_MIN = 0.5;

export const skewerMm = (parts: readonly Threaded[]): number =>
  Math.round(
    FREE_MM +
      parts.reduce((sum, { fact, each }) => sum + each * Math.min(fact.lengthMm, fact.widthMm) * PITCH, 0),
  );

/** The gravest of the shapes on it: `CHOKING` names them from harmless to unknown. */
const gravest = (parts: readonly Threaded[]): Choking =>
  parts.reduce<Choking>(
    (most, { fact }) => (CHOKING.indexOf(fact.choking) > CHOKING.indexOf(most) ? fact.choking : most),
    'chunk',
  );

/** How so many skewers with these pieces on each are made, and what one of them is. */
function skewerRecipe(used: readonly Threaded[], count: number): OwnRecipe {
  const eachG = used.reduce((sum, { fact, each }) => sum + each * fact.pieceG, 0);
  const names = used.map(({ component }) => short(component.name));
  const lengthMm = skewerMm(used);
  const widthMm = Math.max(...used.map(({ fact }) => Math.min(fact.lengthMm, fact.widthMm)));
  return {
    id: idWith('skewers', ...used.map(({ component }) => component.id)),
    name: `Skewers of ${names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)!}` : names[0]!}`.slice(
      0,
      60,
    ),
    family: used.reduce((most, part) =>
      part.each * part.fact.pieceG > most.each * most.fact.pieceG ? part : most,
    ).component.family,
    parts: used.map(({ component, fact, each }) => ({
      componentId: component.id,
      massG: grams(each * fact.pieceG * count),
    })),
    outG: grams(eachG * count),
    handsMin: Math.ceil(count * THREAD_MIN),
    waitMin: 0,
    keepsH: SKEWERS_KEEP_H,
    holdOut:
      (['unknown', 'perishable', 'sweats'] as const).find((hold) =>
        used.some(({ component }) => component.holdOut === hold),
      ) ?? 'stable',
    steps: `Put on in this order: ${threadedOrder(used)
      .map(({ component }) => short(component.name))
      .join(', ')}. Dry juicy pieces first. Blunt picks where children eat; none for under-fives.`,
    serves: {
      form: 'sticks',
      piece: 'skewer',
      pieceG: eachG,
      lengthMm,
      widthMm,
      gPerCm2: Math.min(3.2, Math.max(0.1, eachG / ((lengthMm * widthMm) / 100))),
      heightMm: widthMm,
      choking: gravest(used),
    },
  };
}

/**
 * So many skewers of foods as a food of the plan, its facts the worst of all. What is threaded comes from what lies of each
 * food on that surface.
 */
export function laySkewers(
  plan: Plan,
  parts: readonly Threaded[],
  count: number,
  surfaceId: SurfaceId,
): Command | undefined {
  const used = parts.filter(({ each }) => each > 0);
  if (used.length === 0 || count < 1) return undefined;
  const recipe = skewerRecipe(used, count);
  const made = layMade(recipe, surfaceId, 'sticks', count, 'thread skewers');
  if (made.name !== 'together') return undefined;
  // what is on skewers already was taken then: only what more of them ask for comes from the board
  const isLaid = plan.placements.some(({ componentId }) => componentId === homeMadeId(recipe));
  const before = isLaid ? plan.recipes.find(({ id }) => id === recipe.id) : undefined;
  return {
    ...made,
    commands: [
      ...made.commands,
      ...recipe.parts.map(({ componentId, massG }) => ({
        name: 'place' as const,
        componentId,
        surfaceId,
        placements: withoutThreaded(
          plan,
          componentId,
          massG - (before?.parts.find((part) => part.componentId === componentId)?.massG ?? 0),
          surfaceId,
        ),
      })),
    ],
  };
}

/** Hours that cut food on a stick keeps, covered and cold (house default). */
const SKEWERS_KEEP_H = 24;

function withoutThreaded(
  plan: Plan,
  componentId: ComponentId,
  takenG: number,
  surfaceId: SurfaceId,
): Placement[] {
  const there = plan.placements.filter(
    (placement) => placement.componentId === componentId && placement.surfaceId === surfaceId,
  );
  const component = planLarder(plan).get(componentId);
  if (takenG === 0 || !component) return there;
  const kept = there.filter(({ motif, form }) => motif !== undefined || form === 'cut-outs');
  const loose = there.filter((placement) => !kept.includes(placement));
  return [...kept, ...lessBy(plan, component, loose, takenG)];
}

/** What each of so many cups gets of what lies on a surface in whole pieces. */
export interface CupShare {
  component: Component;
  each: number;
  leftOver: number;
}

export function cupShares(plan: Plan, surfaceId: SurfaceId, cups: number): CupShare[] {
  const larder = planLarder(plan);
  return plan.placements
    .filter(({ surfaceId: id, lot, form }) => id === surfaceId && lot === 0 && FORMS[form].lies !== 'alone')
    .flatMap(({ componentId, pieces }) => {
      const component = larder.get(componentId);
      return component && component.family !== 'garnish' ? [{ component, ...equalFill(pieces, cups) }] : [];
    });
}
