export { likeness, LIKENESS_PARTS, PART_WORDS, scoreOf, WEIGHTS, type Likeness } from './likeness.js';
export { onlyJobs } from './jobs.js';
export { optionsFor, SWAP_KINDS, type OptionSettings, type SwapKind, type SwapOption } from './options.js';
export { swapsFor, type Swap } from './swaps.js';
export { accepted, cheaperBy, convert, convertCommand, savedBy, type Conversion } from './convert.js';
export { wayOut } from './way-out.js';
export type { ConvertedItem, Target } from './arcs.js';
