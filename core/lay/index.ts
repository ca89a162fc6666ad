export { layPlan, laySurface, type LaidSurface } from './lay.js';
export { layAround } from './around.js';
export { servingGround } from './grid.js';
export { HARD_LAYER, RIM_LEAF_LAYER, lies, pointOn, stackOf } from './lies.js';
export { faultsOf, figuresOf, hardOverlaps, judged, type Figures, type Scores } from './scores.js';
export { TERMS, type Fault, type TermId } from './terms/index.js';
export { motifAlone } from './motif.js';
export { layFixed } from './fix.js';
export { layMakingWay } from './way.js';
