import { FORMS, formOf, homeMadeId, type Component, type FormFact, type FormId } from '../catalogue/index.js';
import type { Piece } from '../geometry/index.js';
import type { Command, OwnRecipe, Placement, Plan, SurfaceId } from '../plan/index.js';
import type { CutId, Section } from '../shape/index.js';
import { inLots, lessBy } from './cut-outs.js';
import { grams, idWith, layMade, short } from './making.js';
import { placementsOf } from './pieces.js';
import { shortName } from '../measure/index.js';

/** Forms of the larder that a cut looks like, the nearest first; a hollowed bowl is no food that lies. */
const FORMS_OF_CUT: Readonly<Record<CutId, readonly FormId[]>> = {
  fan: ['fan'],
  wheels: ['citrus-wheels'],
  coins: ['slices'],
  waves: ['slices'],
  sticks: ['sticks'],
  zigzag: ['halves'],
  balls: ['balls'],
  bowl: [],
  ribbons: ['ribbon'],
  quarters: ['chunks'],
};

const PIECE_OF_CUT: Readonly<Record<CutId, Piece>> = {
  fan: 'fan-slice',
  wheels: 'citrus',
  coins: 'coin',
  waves: 'coin',
  sticks: 'stick',
  zigzag: 'half-fruit',
  balls: 'ball',
  bowl: 'half-fruit',
  ribbons: 'strip',
  quarters: 'quarter',
};

/** How a food's piece lies that its larder does not know: its measures from what is cut (house default). */
function ownForm(cut: CutId, form: FormId, found: Section): FormFact {
  const side = Math.max(3, found.pieceMm);
  const flesh = (thickMm: number) => Math.sqrt((found.pieceG * 1000) / 0.95 / thickMm);
  const [lengthMm, widthMm] =
    cut === 'sticks'
      ? [80, side]
      : cut === 'balls'
        ? [side, side]
        : cut === 'ribbons'
          ? [120, 18]
          : cut === 'quarters'
            ? [flesh(20) * 1.4, flesh(20) / 1.4]
            : [flesh(side), flesh(side)];
  return {
    form,
    piece: PIECE_OF_CUT[cut],
    pieceG: Math.max(0.1, found.pieceG),
    lengthMm,
    widthMm,
    gPerCm2: FORMS[form].gPerCm2,
    heightMm: FORMS[form].heightMm,
    choking: found.notUnder5 ? 'chunk' : FORMS[form].choking,
  };
}

/** So many pieces of a fruit or vegetable cut so. */
interface CutFruit {
  plan: Plan;
  food: Component;
  cut: CutId;
  found: Section;
  pieces: number;
  surfaceId: SurfaceId;
}

/**
 * Cut fruit on a surface, in the form that the larder has or as a food of the plan's own. What lay there of it becomes as
 * much less. Undefined for a hollowed bowl.
 */
export function layCutFruit(
  plan: Plan,
  food: Component,
  cut: CutId,
  found: Section,
  pieces: number,
  surfaceId: SurfaceId,
): Command | undefined {
  const [form] = FORMS_OF_CUT[cut];
  if (!form) return undefined;
  const known = formOf(food, form);
  const asked = { plan, food, cut, found, pieces, surfaceId };
  return known ? inKnownForm(asked, known) : asOwnFood(asked, ownForm(cut, form, found));
}

const thereOf = ({ plan, food, surfaceId }: CutFruit): Placement[] =>
  plan.placements.filter(
    (placement) => placement.componentId === food.id && placement.surfaceId === surfaceId,
  );

function inKnownForm(asked: CutFruit, fact: FormFact): Command {
  const { plan, food, pieces, surfaceId } = asked;
  const there = thereOf(asked);
  const others = there.filter(({ form }) => form !== fact.form);
  const massG = pieces * fact.pieceG;
  const cutG = there.reduce(
    (sum, placement) => sum + (placement.form === fact.form ? placement.massG : 0),
    0,
  );
  const contained = there[0]?.contained ?? false;
  const shaped = placementsOf({ plan, component: food, fact, surfaceId, massG, contained });
  return {
    name: 'together',
    label: 'lay it cut',
    commands: [
      {
        name: 'place',
        componentId: food.id,
        surfaceId,
        placements: [
          ...(massG === cutG ? others : lessBy(plan, food, others, massG - cutG)),
          ...inLots(shaped, pieces, fact.pieceG),
        ],
      },
    ],
  };
}

function recipeOfCut({ food, cut, found, pieces }: CutFruit, fact: FormFact): OwnRecipe {
  const massG = grams(pieces * fact.pieceG);
  const name = short(food.name);
  const steps = [
    `Wash it, cut ${pieces} pieces`,
    ...(found.drainMin > 0 ? [`drain them ${found.drainMin} minutes on paper`] : []),
    ...(found.browns ? ['turn them in water with lemon'] : []),
  ];
  return {
    id: idWith(cut, food.id),
    name: `${shortName(food.name)}, ${CUT_NAMES[cut]}`.slice(0, 60),
    family: food.family,
    parts: [{ componentId: food.id, massG }],
    outG: massG,
    handsMin: Math.max(1, Math.ceil(pieces / PIECES_A_MIN)),
    waitMin: found.drainMin,
    keepsH: found.browns ? BROWNS_H : KEEPS_CUT_H,
    holdOut: food.holdOut,
    steps: `${steps.join(', ')}. Cut the ${name} as late as it allows.`,
    serves: fact,
  };
}

function asOwnFood(asked: CutFruit, fact: FormFact): Command | undefined {
  const { plan, food, pieces, surfaceId } = asked;
  const recipe = recipeOfCut(asked, fact);
  const made = layMade(recipe, surfaceId, fact.form, pieces, 'lay it cut');
  if (made.name !== 'together') return undefined;
  const madeId = homeMadeId(recipe);
  const laidG = plan.placements
    .filter(({ componentId, surfaceId: on }) => componentId === madeId && on === surfaceId)
    .reduce((sum, placement) => sum + placement.massG, 0);
  const there = thereOf(asked);
  return {
    ...made,
    commands: [
      ...made.commands,
      {
        name: 'place',
        componentId: food.id,
        surfaceId,
        placements: recipe.outG === laidG ? there : lessBy(plan, food, there, recipe.outG - laidG),
      },
    ],
  };
}

const CUT_NAMES: Readonly<Record<CutId, string>> = {
  fan: 'fans',
  wheels: 'wheels',
  coins: 'coins',
  waves: 'waved slices',
  sticks: 'sticks',
  zigzag: 'halves',
  balls: 'balls',
  bowl: 'bowl',
  ribbons: 'ribbons',
  quarters: 'quarters',
};
/** Pieces cut in a minute, and hours that they keep (house defaults). */
const [PIECES_A_MIN, BROWNS_H, KEEPS_CUT_H] = [12, 2, 12];
