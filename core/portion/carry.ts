import { betweenBowlsMl } from '../geometry/index.js';
import { oneOfEach, outlineAreaMm2, outlineSize, type Plan, type Surface } from '../plan/index.js';
import { bowlsInUse } from './bowls.js';

/** More than this is carried by two or built in place (craft, section 9). */
export const ONE_CARRIES_G = 6000;
/** A board that is carried level with both hands passes a usual door, whose opening is about 800 mm, with room for knuckles (house default). */
export const DOOR_MM = 720;
/** What lies flat in a middle car's boot, length by width (house default). */
export const BOOT_MM = [1000, 700] as const;

/** Grams a square centimetre of an empty surface: usual thickness by usual density of what it is made of (house default). */
const G_PER_CM2: Readonly<Record<Surface['material'], number>> = {
  // 18 mm of wood at 0.70 and 0.64 g/cm³
  oak: 1.26,
  walnut: 1.15,
  // 7 mm at 2.75, 15 mm at 2.7
  slate: 1.93,
  marble: 4.05,
  // 6 mm at 2.4
  china: 1.44,
  // 0.8 mm of steel with its glass, 0.4 mm of sheet
  enamel: 0.72,
  tin: 0.32,
  // a covered table is not carried
  paper: 0,
};

/** A stoneware bowl weighs about so many grams for the square of its diameter in centimetres (house default). */
const BOWL_G_PER_CM2 = 2.2;

/** What a surface weighs empty: as it was weighed, or reckoned. */
export const emptyWeightG = (surface: Surface): number =>
  surface.weightG ?? Math.round((G_PER_CM2[surface.material] * outlineAreaMm2(surface.outline)) / 100);

/** What is lifted when a laid surface is carried, in grams. */
export interface Load {
  boardG: number;
  foodG: number;
  bowlsG: number;
}

export function loadOf(all: Plan, surface: Surface): Load {
  const plan = oneOfEach(all);
  const here = plan.placements.filter(({ surfaceId, lot }) => surfaceId === surface.id && lot === 0);
  const bowls = bowlsInUse(plan).filter(({ surfaceId }) => surfaceId === surface.id);
  return {
    boardG: emptyWeightG(surface),
    foodG: Math.round(here.reduce((sum, { massG }) => sum + massG, 0)),
    bowlsG: Math.round(
      bowls.reduce(
        (sum, { diameterMm, ice }) =>
          sum + (ice ? betweenBowlsMl(ice.innerMm, ice.wallMm) : 0) + BOWL_G_PER_CM2 * (diameterMm / 10) ** 2,
        0,
      ),
    ),
  };
}

export const loadG = ({ boardG, foodG, bowlsG }: Load): number => boardG + foodG + bowlsG;

/** Is it carried at all? A covered table is not, nor what is built where it is served. */
export const isCarried = ({ material, inPlace, singles }: Surface): boolean =>
  (material !== 'paper' || singles !== undefined) && inPlace !== true;

/** Does it pass a door as it is carried? */
export const passesDoor = ({ outline }: Surface): boolean => Math.min(...outlineSize(outline)) <= DOOR_MM;

/** Does it lie flat in a car? */
export function fitsBoot({ outline }: Surface): boolean {
  const [long, short] = outlineSize(outline).sort((a, b) => b - a) as [number, number];
  return long <= BOOT_MM[0] && short <= BOOT_MM[1];
}
