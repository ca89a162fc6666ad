export { likeness, scoreOf, WEIGHTS, type Likeness } from './likeness.js';
export { swapsFor, type Swap } from './swaps.js';
