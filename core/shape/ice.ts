import { betweenBowlsMl, BOWL_DEEP } from '../geometry/index.js';
import { ICE_MM, type IceBowl } from '../plan/index.js';

export interface IceMade extends IceBowl {
  outerMm: number;
  /** What is poured in. */
  waterMl: number;
  /** In a freezer at -18 °C, at least. */
  freezeMin: number;
  /** At this air temperature, until the wall is too thin to be trusted. */
  lastsMin: number;
  /** Melts until the table closes: the dish under it holds this. */
  meltsMl: number;
  /** Of one bowl, until it freezes. */
  handsMin: number;
  suits: 'yes' | 'too-thin' | 'melts-early';
}

export const USUAL_ICE: IceBowl = { innerMm: 110, wallMm: 25 };

/** Thinner than this it cracks when it is turned out, or when a spoon meets it (house default). */
const THIN_MM = 15;
/** Melted to this it is not to be trusted any more (house default). */
const SPENT_MM = 6;
/** Ice takes more room than its water (density 0.917; public tables). */
const ICE_G_PER_ML = 0.917;
/** Latent heat of ice (public tables). */
const J_PER_G = 334;
/** Heat that still air brings, its damp included; draught and sun bring more (house default). */
const W_PER_M2K = 15;
/** Air in a freezer that stands still, and ice (public tables). */
const FREEZER_W_PER_M2K = 10;
const ICE_W_PER_MK = 2.2;
const FREEZER_C = -18;
/** The water starts warm, and one bowl keeps half the cold out (house default). */
const SLOWER = 1.4;
/** Weighted down, filled and set level (house default). */
const FILL_MIN = 8;

/** Curved side of such a half ball, roughly: that of a ball of its mean radius. In square metres. */
const sideM2 = (acrossMm: number, deepMm: number): number =>
  2 * Math.PI * (((acrossMm / 2) * 2 + deepMm) / 3 / 1000) ** 2;

/** Millimetres of ice that melt in an hour. */
const meltsMmPerH = (airTempC: number): number =>
  (3600 * W_PER_M2K * Math.max(0, airTempC)) / (J_PER_G * 1000 * ICE_G_PER_ML);

/** The least wall, in steps of 5 mm, that stands for so long at this air temperature; undefined where none does. */
export function wallToLast(innerMm: number, airTempC: number, durationMin: number): number | undefined {
  for (let wallMm = THIN_MM; wallMm <= ICE_MM.wall[1]; wallMm += 5)
    if (iceBowl({ innerMm, wallMm }, airTempC, durationMin).suits === 'yes') return wallMm;
  return undefined;
}

/**
 * What an ice bowl takes and how long it stands. Freezing is Plank's formula for a plate that gives off its heat on both
 * sides (R. Plank 1913), longer by what the water and the bowls add; melting is the heat that air brings to its outside.
 */
export function iceBowl({ innerMm, wallMm }: IceBowl, airTempC: number, durationMin: number): IceMade {
  const outerMm = innerMm + 2 * wallMm;
  const iceMl = betweenBowlsMl(innerMm, wallMm);
  const wallM = wallMm / 1000;
  const plank =
    ((ICE_G_PER_ML * 1e6 * J_PER_G) / -FREEZER_C) *
    (wallM / (2 * FREEZER_W_PER_M2K) + (wallM * wallM) / (8 * ICE_W_PER_MK));
  const perH = meltsMmPerH(airTempC);
  const lastsMin = perH > 0 ? (60 * Math.max(0, wallMm - SPENT_MM)) / perH : Infinity;
  const meltedMm = Math.min(wallMm, (perH * durationMin) / 60);
  const meltsMl = meltedMm * sideM2(outerMm, innerMm * BOWL_DEEP + wallMm) * 1000 * ICE_G_PER_ML;
  return {
    innerMm,
    wallMm,
    outerMm,
    waterMl: iceMl * ICE_G_PER_ML,
    freezeMin: Math.ceil((SLOWER * plank) / 60 / 30) * 30,
    lastsMin,
    meltsMl: Math.min(iceMl * ICE_G_PER_ML, meltsMl),
    handsMin: FILL_MIN,
    suits: wallMm < THIN_MM ? 'too-thin' : lastsMin < durationMin ? 'melts-early' : 'yes',
  };
}
