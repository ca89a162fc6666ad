import { FORMS } from '../../catalogue/index.js';
import { cardsOfSurface, labelledFoods, toolsInUse } from '../../board/index.js';
import { stageOfFood } from '../../lay/index.js';
import { moduleKey, numberOf, type Surface } from '../../plan/index.js';
import {
  BOWL_MIN,
  BOWLS_FRESH_MIN,
  ICE_FRESH_MIN,
  ICE_OUT_MIN,
  LABEL_MIN,
  LAY_SECONDS,
  OUT_EACH_MIN,
  OUT_MIN,
  LONG_STAGE_MIN,
  PACK_LITTLE_MIN,
  PACK_MIN,
  PACK_SURFACE_MIN,
  POUR_SECONDS,
  POUR_SECONDS_PER_G,
  SET_OUT_MIN,
  STAGE_FRESH_MIN,
  STAGE_MIN,
  TOOL_MIN,
  TOOLS_FRESH_MIN,
} from '../rules.js';
import { BUILD_STAGES, type BuildStage, type Task } from '../task.js';
import { carryingOut, isLittle } from './out.js';
import { alike, bitsOf, coldUntil, sharedOut, task, type MakeContext, type Work } from './context.js';

/** What of a work lies on one surface at opening. */
interface Part extends Work {
  laidG: number;
  laidPieces: number;
  stage: BuildStage;
  stands: boolean;
}

/** Surfaces that are laid in one go: a board by itself, little ones that are alike together, food by food. */
type Together = readonly [Surface, ...Surface[]];

function laidTogether({ plan }: MakeContext): Together[] {
  const groups = new Map<string, [Surface, ...Surface[]]>();
  for (const surface of plan.surfaces) {
    const key = isLittle(surface) ? moduleKey(surface) : surface.id;
    const found = groups.get(key);
    if (found) found.push(surface);
    else groups.set(key, [surface]);
  }
  return [...groups.values()];
}

/** Which surfaces a task is about; several only where there are several. */
const about = (surfaces: Together): Pick<Task, 'surfaceIds'> & { surfaceId: Surface['id'] } => ({
  surfaceId: surfaces[0].id,
  ...(surfaces.length > 1 ? { surfaceIds: surfaces.map(({ id }) => id) } : {}),
});

function partsOn({ works }: MakeContext, surfaces: Together): Part[] {
  return works.flatMap((work) => {
    const here = work.at.filter(({ surfaceId, lot }) =>
      // portions that come later are made with the first
      surfaces.some(({ id, singles }) => id === surfaceId && (lot === 0 || singles)),
    );
    if (here.length === 0) return [];
    const stands = FORMS[work.form].bowl === true || here.every(({ contained }) => contained);
    const iced = here.some(({ ice }) => ice !== undefined);
    const stage = iced
      ? ('ice' as const)
      : work.component.family === 'vehicle' && !stands
        ? ('breads' as const)
        : stageOfFood(work.component, stands || here.some(({ motif }) => motif !== undefined));
    const sum = (of: 'massG' | 'pieces') => here.reduce((sum, placement) => sum + placement[of], 0);
    return [{ ...work, laidG: sum('massG'), laidPieces: sum('pieces'), stage, stands }];
  });
}

const foodsOf = (parts: readonly Work[]) => [...new Set(parts.map(({ component }) => component.id))];

/** Minutes that a food was on the bench before it is laid. */
const benchMin = ({ minutes }: Work): number => (minutes.cut ?? 0) + (minutes.fold ?? 0);

/** Nothing of these may leave the cold sooner. */
const coldest = (context: MakeContext, parts: readonly Work[]): number =>
  -Math.min(...parts.map((part) => coldUntil(context, part.component, benchMin(part))), 7 * 24 * 60);

/** Dips, condiments and what is kept in bowls, a surface at a time. */
function filling(
  context: MakeContext,
  surfaces: Together,
  parts: readonly Part[],
  before: readonly Task[],
): Task[] {
  const bowls = parts.filter(({ stands, stage }) => stands && stage !== 'ice');
  return alike(bowls).map((same, i) => {
    const handsMin = fillMin(same, BOWL_MIN);
    return task({
      ...filled(surfaces, same),
      id: `bowls-${surfaces[0].id}-${i + 1}`,
      handsMin,
      fresh: -BOWLS_FRESH_MIN,
      ripe: context.calm - handsMin,
      after: doneBefore(before, same),
    });
  });
}

const fillMin = (parts: readonly Part[], eachMin: number): number =>
  parts.reduce((sum, { form, laidPieces }) => sum + eachMin * (FORMS[form].bowl ? laidPieces : 1), 0);

const filled = (surfaces: Together, same: readonly Part[]) => ({
  kind: 'fill-bowls' as const,
  foods: foodsOf(same),
  ...about(surfaces),
  massG: same.reduce((sum, { laidG }) => sum + laidG, 0),
  pieces: same.length,
  ...bitsOf(same),
});

/** Bowls of ice are turned out and filled where the board stands, as late as can be: a drive would melt them. */
function icing(
  surfaces: Together,
  parts: readonly Part[],
  before: readonly Task[],
  first: Task['after'],
): Task[] {
  return alike(parts.filter(({ stage }) => stage === 'ice')).map((same, i) =>
    task({
      ...filled(surfaces, same),
      id: `ice-${surfaces[0].id}-${i + 1}`,
      handsMin: fillMin(same, BOWL_MIN + ICE_OUT_MIN),
      fresh: -ICE_FRESH_MIN,
      after: [...first, ...doneBefore(before, same)],
    }),
  );
}

/** All that is done to these foods in the kitchen. */
const doneBefore = (before: readonly Task[], works: readonly Work[]): Task['after'] =>
  before
    .filter(({ foods }) => works.some(({ component }) => foods.includes(component.id)))
    .map(({ id }) => ({ id, what: 'all' as const }));

/** Cheese comes out of the cold in time to be at its best when it is eaten, and no sooner than its clock allows. */
function tempering(
  context: MakeContext,
  surfaces: Together,
  parts: readonly Part[],
  before: readonly Task[],
): Task[] {
  const cold = parts.filter(({ component }) => component.temperMin > 0);
  const spoils = (part: Part) => coldUntil(context, part.component) < Infinity;
  return [cold.filter((part) => !spoils(part)), cold.filter(spoils)].flatMap((here, i) => {
    if (here.length === 0) return [];
    const waits = Math.max(...here.map(({ component }) => component.temperMin));
    const from = coldest(context, here);
    return [
      task({
        id: `temper-${surfaces[0].id}-${i + 1}`,
        kind: 'temper',
        foods: foodsOf(here),
        ...about(surfaces),
        massG: here.reduce((sum, { laidG }) => sum + laidG, 0),
        handsMin: OUT_MIN + OUT_EACH_MIN * here.length,
        from,
        fresh: Math.max(from, -2 * waits),
        ripe: Math.max(from, -waits),
        after: doneBefore(before, here),
        ...bitsOf(here),
      }),
    ];
  });
}

/** Minutes that one food takes to be laid: stood, placed one by one, or poured where that is quicker. */
function foodMin({ form, stands, laidPieces, laidG }: Part): number {
  const { bowl, lies } = FORMS[form];
  if (stands) return (LAY_SECONDS.alone * (bowl ? laidPieces : 1)) / 60;
  const placed = LAY_SECONDS[lies] * laidPieces;
  const poured = lies === 'loose' ? POUR_SECONDS + POUR_SECONDS_PER_G * laidG : Infinity;
  return Math.min(placed, poured) / 60;
}

const layMin = (parts: readonly Part[]): number =>
  STAGE_MIN + parts.reduce((sum, part) => sum + foodMin(part), 0);

/** All stages that come before one: two can lay one surface, meat and fruit side by side. */
const NEXT_AFTER: Readonly<Record<BuildStage, readonly BuildStage[]>> = {
  bowls: [],
  cheese: ['bowls'],
  meat: ['bowls', 'cheese'],
  large: ['bowls', 'cheese'],
  fillers: ['bowls', 'cheese', 'meat', 'large'],
  breads: ['bowls', 'cheese', 'meat', 'large', 'fillers'],
  garnish: ['bowls', 'cheese', 'meat', 'large', 'fillers', 'breads'],
  // its place is kept free by an empty bowl
  ice: ['bowls', 'cheese', 'meat', 'large', 'fillers', 'breads', 'garnish'],
};

/** A surface is laid stage by stage; what is eaten crisp comes last. */
function building(
  context: MakeContext,
  surfaces: Together,
  parts: readonly Part[],
  before: readonly Task[],
  first: Task['after'],
): Task[] {
  const out: Task[] = [];
  const staged = BUILD_STAGES.flatMap((stage) => {
    const all = parts.filter((part) => part.stage === stage);
    return all.length > 0
      ? sharedOut(all, foodMin, LONG_STAGE_MIN).map((here, i) => ({ stage, here, part: i + 1 }))
      : [];
  });
  for (const { stage, here, part } of staged) {
    const handsMin = layMin(here);
    const previous = NEXT_AFTER[stage].flatMap((before) => out.filter((task) => task.stage === before));
    const mine = before.filter(({ surfaceId }) => surfaceId === undefined || surfaceId === surfaces[0].id);
    out.push(
      task({
        id: `build-${surfaces[0].id}-${stage}${part > 1 ? `-${part}` : ''}`,
        kind: 'build',
        foods: foodsOf(here),
        ...about(surfaces),
        stage,
        massG: here.reduce((sum, { laidG }) => sum + laidG, 0),
        pieces: here.reduce((sum, { laidPieces }) => sum + laidPieces, 0),
        handsMin,
        from: coldest(context, here),
        fresh: -(STAGE_FRESH_MIN[stage] + handsMin),
        after: [
          ...first,
          ...doneBefore(
            mine.filter(({ kind }) => kind !== 'temper'),
            here,
          ),
          ...doneBefore(
            mine.filter(({ kind }) => kind === 'temper'),
            here,
          ).map(({ id }) => ({ id, what: 'hands' as const })),
          ...previous.map(({ id }) => ({ id, what: 'hands' as const })),
        ],
        ...bitsOf(here),
      }),
    );
  }
  return out;
}

/** Bowls, knives, spoons, tongs, napkins counted out; a label for each cheese and each surface that is kept free. */
function settingOut({ plan, works, calm }: MakeContext): Task[] {
  const tools = toolsInUse(plan);
  const labels =
    labelledFoods(plan).length +
    plan.surfaces.reduce((sum, surface) => sum + cardsOfSurface(surface).length * numberOf(surface), 0);
  if (works.length === 0) return [];
  const handsMin = SET_OUT_MIN + TOOL_MIN * (tools.bowls + tools.knives + tools.spoons) + LABEL_MIN * labels;
  return [
    task({
      id: 'tools',
      kind: 'tools',
      foods: [],
      pieces: tools.bowls + tools.knives + tools.spoons + labels,
      handsMin,
      fresh: -TOOLS_FRESH_MIN,
      ripe: calm - handsMin,
    }),
  ];
}

/** Into cold boxes and to the place, where it is not at home. */
function carrying(context: MakeContext, before: readonly Task[]): Task[] {
  const { plan, works } = context;
  const { carMin } = plan.occasion;
  if (carMin === 0 || works.length === 0) return [];
  const cold = coldest(context, works);
  const pack = task({
    id: 'pack',
    kind: 'pack',
    foods: [],
    handsMin: plan.surfaces.reduce(
      (sum, surface) => sum + (isLittle(surface) ? PACK_LITTLE_MIN : PACK_SURFACE_MIN),
      PACK_MIN,
    ),
    fresh: -4 * 60,
    after: before.map(({ id }) => ({ id, what: 'all' as const })),
  });
  return [
    pack,
    task({
      id: 'drive',
      kind: 'drive',
      foods: [],
      handsMin: carMin,
      from: cold,
      fresh: cold,
      after: [{ id: 'pack', what: 'all' }],
    }),
  ];
}

/** All that is done for the boards themselves; `prep` is what is done to the foods. */
export function boards(context: MakeContext, prep: readonly Task[]): Task[] {
  const onSurface = laidTogether(context).map((surfaces) => {
    const parts = partsOn(context, surfaces);
    return { surfaces, parts, bowls: filling(context, surfaces, parts, prep) };
  });
  const kitchen = [...prep, ...onSurface.flatMap(({ bowls }) => bowls), ...settingOut(context)];
  const carried = carrying(context, kitchen);
  const first: Task['after'] = carried.some(({ id }) => id === 'drive')
    ? [{ id: 'drive', what: 'hands' }]
    : [];
  const laying = onSurface.flatMap(({ surfaces, parts }) => {
    const temper = tempering(context, surfaces, parts, prep);
    const ice = icing(surfaces, parts, prep, first);
    return [...temper, ...ice, ...building(context, surfaces, parts, [...kitchen, ...temper, ...ice], first)];
  });
  const builds = laying.filter(({ kind }) => kind === 'build');
  return [...kitchen.slice(prep.length), ...carried, ...laying, ...carryingOut(context, builds)];
}
