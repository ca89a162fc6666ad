export { layPlan, laySurface, type LaidSurface } from './lay.js';
export { layAround } from './around.js';
export { servingGround } from './grid.js';
export { HARD_LAYER, lies, pointOn, stackOf } from './lies.js';
export { hardOverlaps, patchesOf, scoresOf, type Scores } from './scores.js';
export { motifAlone } from './motif.js';
