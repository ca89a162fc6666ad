export { readLabel, type LabelQuestion, type LabelRead, type LabelSpan } from './read.js';
export { componentOfLabel } from './component.js';
