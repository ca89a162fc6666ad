export { deedsOf, type Deed } from './deeds.js';
export { findByWords, type Sayable } from './find.js';
