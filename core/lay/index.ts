export { hardOverlaps, layPlan, laySurface, type LaidSurface } from './lay.js';
export { servingGround } from './grid.js';
export type { Scores } from './scores.js';
