/** Millilitres of half a ball that is pressed flat or drawn long: its width and depth in mm. */
export const halfBallMl = (acrossMm: number, deepMm: number): number =>
  ((2 / 3) * Math.PI * (acrossMm / 2) ** 2 * deepMm) / 1000;

/** Bowls are nearly half a ball: so deep for their width (house default). */
export const BOWL_DEEP = 0.45;

/** What lies between a bowl and a larger one around it, in ml: the width inside and the wall all round in mm. */
export const betweenBowlsMl = (innerMm: number, wallMm: number): number =>
  halfBallMl(innerMm + 2 * wallMm, innerMm * BOWL_DEEP + wallMm) - halfBallMl(innerMm, innerMm * BOWL_DEEP);
