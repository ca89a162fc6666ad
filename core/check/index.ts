export { CHECKS, checkPlan, worstGlyph, type Check, type Checked } from './registry.js';
export { contextOf, type CheckContext, type Lying } from './context.js';
export { partyCare, type LookedAfter, type PartyCare } from './looked-after.js';
export { fairShare, shareOut } from './flow.js';
export {
  byUrgency,
  capital,
  lower,
  names,
  type Fact,
  type Finding,
  type Glyph,
  type Remedy,
} from './finding.js';
export { FAMILY_WORDS } from './checks/amounts.js';
export { standingAnywhere, standingOf, type Standing } from './standing.js';
