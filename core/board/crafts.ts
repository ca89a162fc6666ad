import { formOf, homeMadeId, type Component, type FormFact, type FormId } from '../catalogue/index.js';
import { areaOf, type Polygon } from '../geometry/index.js';
import {
  flatG,
  type Command,
  type OwnRecipe,
  type Placement,
  type Plan,
  type SurfaceId,
} from '../plan/index.js';
import {
  cutterById,
  cutterOutline,
  isRose,
  sizedOutline,
  type Filled,
  type Folded,
  type FoldId,
  type Mould,
  type NestedWord,
  type Opening,
} from '../shape/index.js';
import { flipped, grams, idWith, KEEPS_H, layMade, short } from './making.js';
import { freeOffcutsG, withOffcuts } from './offcuts.js';
import { placementsOf } from './pieces.js';
import { shortName } from '../measure/index.js';

/** Hands-on minutes: slicing the lid, pressing the cutter, filling (house default). */
const WINDOW_HANDS_MIN = 8;

export interface WindowMade {
  wheel: Component;
  filling: Component;
  outline: Polygon;
  diameterMm: number;
  heightMm: number;
  opening: Opening;
  surfaceId: SurfaceId;
}

/** Grams of a wheel with its filling. */
const windowG = ({ massG, fillG }: Opening): number => massG + Math.max(1, fillG);

function windowRecipe(
  { wheel, filling, outline, opening, diameterMm, heightMm }: WindowMade,
  wheels: number,
): OwnRecipe {
  const eachG = windowG(opening);
  const [x, y] = opening.at;
  return {
    id: idWith('window', wheel.id),
    name: `${shortName(wheel.name)} with a window of ${short(filling.name)}`.slice(0, 60),
    family: 'cheese',
    parts: [
      { componentId: wheel.id, massG: opening.massG * wheels },
      { componentId: filling.id, massG: Math.max(1, opening.fillG) * wheels },
    ],
    outG: eachG * wheels,
    handsMin: WINDOW_HANDS_MIN * wheels,
    waitMin: opening.firmMinutes,
    keepsH: KEEPS_H,
    holdOut: wheel.holdOut,
    steps: `Firm the wheel ${opening.firmMinutes} to ${opening.firmToMin} minutes in the freezer, never through. Slice off a lid of ${opening.lidMm} mm on the smoother face, press the cutter through it, set the lid back, fill the opening with ${opening.fillG} g.`,
    serves: {
      form: 'wheel',
      piece: 'wheel',
      pieceG: eachG,
      lengthMm: diameterMm,
      widthMm: diameterMm,
      gPerCm2: wheelGround(eachG, diameterMm),
      heightMm: heightMm,
      choking: formOf(wheel, 'wheel')?.choking ?? 'unknown',
      outlines: [{ outline: flipped(outline.map(([px, py]) => [px + x, py + y])), share: 1 }],
    },
  };
}

/**
 * A wheel with a window as a food of the plan: its facts are the worst of cheese and filling, so that its verdicts are
 * judged anew. It lies where the wheel lay, one for each.
 */
export function openWindow(plan: Plan, made: WindowMade): Command {
  const { wheel, opening, surfaceId } = made;
  const lain = plan.placements.filter(
    (placement) => placement.componentId === wheel.id && placement.surfaceId === surfaceId,
  );
  const whole = lain.filter(({ form }) => form === 'wheel');
  const wheels = Math.max(
    1,
    whole.reduce((sum, { pieces }) => sum + pieces, 0),
  );
  const eachG = windowG(opening);
  const recipe = windowRecipe(made, wheels);
  const bare: Placement = {
    componentId: wheel.id,
    surfaceId,
    form: 'wheel',
    massG: eachG,
    pieces: 1,
    lot: 0,
    contained: false,
  };
  return {
    name: 'together',
    label: 'open a window in the wheel',
    commands: [
      { name: 'set-recipe', recipe },
      {
        name: 'place',
        componentId: wheel.id,
        surfaceId,
        placements: lain.filter(({ form }) => form !== 'wheel'),
      },
      {
        name: 'place',
        componentId: homeMadeId(recipe),
        surfaceId,
        // each in the lot, the bowl or the zone in which its wheel was
        placements: (whole.length > 0 ? whole : [bare]).map((placement) => ({
          ...placement,
          componentId: homeMadeId(recipe),
          massG: placement.pieces * eachG,
        })),
      },
    ],
  };
}

const wheelGround = (massG: number, diameterMm: number): number =>
  Math.min(3.2, Math.max(0.1, massG / ((Math.PI * diameterMm * diameterMm) / 400)));

/** A piece from a mould, as large as its cavity is on the whole: its volume over its depth. */
function mouldForm({ ml, depthMm, outline }: Mould, gramsEach: number): FormFact {
  const cutter = cutterById(outline)!;
  const unit = cutterOutline(cutter, 100);
  // a cavity narrows toward its ground: it is wider on top than its volume over its depth
  const across = 100 * Math.sqrt((ml * 1000) / (depthMm * 0.8) / areaOf(unit));
  const sized = sizedOutline(cutter.outline, across, cutter.byTips);
  return {
    form: 'cut-outs',
    piece: 'cut-out',
    pieceG: gramsEach,
    lengthMm: across,
    widthMm: across,
    gPerCm2: Math.min(3.2, Math.max(0.1, gramsEach / (areaOf(sized) / 100))),
    heightMm: depthMm,
    choking: 'chunk',
    outlines: [
      {
        outline: flipped(sized).map(([x, y]) => [Math.round(x * 100) / 100, Math.round(y * 100) / 100]),
        share: 1,
      },
    ],
  };
}

/** A second food that is melted in, and its share of what is melted. */
export interface MeltedWith {
  food: Component;
  share: number;
}

/** How it is melted, filled in and turned out: chocolate burns at a heat that cheese needs. */
function stepsOf(mould: Mould, { melt, freezer }: Filled): string {
  const name = mould.name.toLowerCase();
  switch (melt) {
    case 'chocolate':
      return `Melt it over warm water, no hotter than 45 °C, and temper it, or take one made for coating. Pour it into ${name}, tap out the air, let it set cool and dry, and turn it out.`;
    case 'butter':
      return `Soften it, press it into ${name} without air, smooth it. Chill it 45 minutes and turn it out.`;
    case 'jelly':
      return `Warm it gently until it flows: hot sugar burns. Pour it into ${name}, let it set two hours in the cold, dip the mould in warm water for a moment and turn it out.`;
    default:
      return `Grease ${name} with the thinnest film. Melt gently in ceramic to 60 to 65 °C, spoon in, press out the air. Cool 25 minutes, then ${freezer ? '15 to 20 minutes in the freezer' : '30 to 60 minutes in the cold'}, and turn out.`;
  }
}

/** The recipe under which what a mould gives is kept. */
export const mouldRecipeId = (mould: Mould, food: Component, second?: MeltedWith): OwnRecipe['id'] =>
  idWith(mould.id, food.id, ...(second ? [second.food.id] : []));

/**
 * What was melted into a mould as a food of the plan, so many pieces of it on a surface. Where its food is cut out and its
 * offcuts are to be melted, it takes those first. Melted with a second food its facts are the worst of both.
 */
export function castMould(
  plan: Plan,
  mould: Mould,
  food: Component,
  count: number,
  found: Filled,
  surfaceId: SurfaceId,
  second?: MeltedWith,
): Command {
  const id = mouldRecipeId(mould, food, second);
  const melts = plan.cuts.some(({ componentId, offcuts }) => componentId === food.id && offcuts === 'melted');
  const secondG = second ? grams(found.batchG * second.share) : 0;
  const recipe: OwnRecipe = {
    id,
    name: `${mould.name} of ${short(food.name)}${second ? ` and ${short(second.food.name)}` : ''}`.slice(
      0,
      60,
    ),
    family: food.family,
    parts: [
      ...withOffcuts(food, found.batchG - secondG, melts ? freeOffcutsG(plan, food, id) : 0),
      ...(second ? [{ componentId: second.food.id, massG: Math.max(0.1, secondG) }] : []),
    ],
    outG: Math.round(count * found.gramsEach * 10) / 10,
    handsMin: Math.round(found.handsMin),
    waitMin: Math.round(found.waitMin),
    keepsH: KEEPS_H,
    holdOut: food.holdOut,
    steps: stepsOf(mould, found),
    serves: mouldForm(mould, Math.round(found.gramsEach * 10) / 10),
  };
  return layMade(recipe, surfaceId, 'cut-outs', count, 'fill a mould');
}

/** Forms of the larder that a fold looks like, the nearest first. */
const FORMS_OF_FOLD = (kind: FoldId): readonly FormId[] =>
  isRose(kind)
    ? ['rose']
    : kind === 'ribbon' || kind === 'river' || kind === 'pinched-fan'
      ? ['ribbon', 'quarter-folds']
      : kind === 'chain' || kind === 'cone'
        ? [kind === 'cone' ? 'cones' : 'chain', 'quarter-folds', 'ribbon']
        : ['quarter-folds', 'ribbon'];

/** The form in which a food lies when it is folded so; undefined where its larder has none like it. */
export const formOfFold = (food: Component, kind: FoldId): FormFact | undefined =>
  FORMS_OF_FOLD(kind)
    .map((form) => formOf(food, form))
    .find((fact) => fact !== undefined);

/** So many grams of a food folded on a surface, in the place of what lay there of it. */
export function layFolded(
  plan: Plan,
  food: Component,
  kind: FoldId,
  found: Folded,
  surfaceId: SurfaceId,
): Command | undefined {
  const fact = formOfFold(food, kind);
  if (!fact || found.grams <= 0) return undefined;
  const lain = plan.placements.find(
    (placement) => placement.componentId === food.id && placement.surfaceId === surfaceId,
  );
  return {
    name: 'together',
    label: 'lay it folded',
    commands: [
      {
        name: 'place',
        componentId: food.id,
        surfaceId,
        placements: placementsOf({
          plan,
          component: food,
          fact,
          surfaceId,
          massG: found.grams,
          contained: lain?.contained ?? false,
        }),
      },
    ],
  };
}

/** Around a word, on its strip (house default). */
const STRIP_EDGE_MM = 5;

export interface WordMade {
  text: string;
  food: Component;
  found: NestedWord;
  outlines: readonly Polygon[];
  heightMm: number;
  thicknessMm: number;
  sliceG: number;
  surfaceId: SurfaceId;
}

/** A word as a food of the plan: it lies as one thing, level, its letters by their outlines. */
export function layWord({
  text,
  food,
  found,
  outlines,
  heightMm,
  thicknessMm,
  sliceG,
  surfaceId,
}: WordMade): Command {
  const area = outlines.reduce((sum, outline) => sum + areaOf(outline), 0);
  const massG = Math.max(0.1, Math.round(flatG(food, area, thicknessMm) * 10) / 10);
  const [lengthMm, widthMm] = [found.lengthMm + 2 * STRIP_EDGE_MM, heightMm + 2 * STRIP_EDGE_MM];
  const letters = found.letters.reduce((sum, { cut }) => sum + cut, 0);
  const recipe: OwnRecipe = {
    id: idWith('word', food.id),
    name: `${text.trim()} in ${short(food.name)}`.slice(0, 60),
    family: food.family,
    // what is left of the slices is no part of the word
    parts: [{ componentId: food.id, massG }],
    outG: massG,
    handsMin: WORD_SET_UP_MIN + Math.ceil(letters * LETTER_MIN),
    waitMin: CHILL_MIN,
    keepsH: KEEPS_H,
    holdOut: food.holdOut,
    steps: `Chill ${found.slices.length} slices of ${thicknessMm} mm, ${Math.round(found.slices.length * sliceG)} g in all, for ${CHILL_MIN} minutes. Press ${letters} letters of ${heightMm} mm, ${found.spares} of them spare, and ease them out with a stick. Lay them on a strip of meat or dark fruit.`,
    serves: {
      form: 'word',
      piece: 'word',
      pieceG: massG,
      lengthMm,
      widthMm,
      gPerCm2: Math.min(3.2, Math.max(0.1, massG / ((lengthMm * widthMm) / 100))),
      heightMm: thicknessMm,
      choking: 'chunk',
      outlines: outlines.map((outline) => ({
        outline: flipped(outline).map(([x, y]) => [Math.round(x * 100) / 100, Math.round(y * 100) / 100]),
        share: 1 / outlines.length,
      })),
    },
  };
  return layMade(recipe, surfaceId, 'word', 1, 'lay the word');
}

/** Minutes by hand and in the cold (house defaults; chilling: craft, section 8). */
const [WORD_SET_UP_MIN, LETTER_MIN, CHILL_MIN] = [5, 0.7, 20];
