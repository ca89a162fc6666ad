export { likeness, LIKENESS_PARTS, PART_WORDS, scoreOf, WEIGHTS, type Likeness } from './likeness.js';
export { onlyJobs } from './jobs.js';
export { SWAP_KINDS, type SwapKind, type SwapOption } from './option.js';
export { optionsFor, type OptionSettings } from './options.js';
export { swapsFor, type Swap } from './swaps.js';
export { cheaperBy, convert, savedBy, type Conversion } from './convert.js';
export { accepted, convertCommand } from './taken.js';
export { wayOut } from './way-out.js';
export type { ConvertedItem, Target } from './arcs.js';
