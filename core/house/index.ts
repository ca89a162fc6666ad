export { HOUSE, HOUSE_KINDS, recordOf, type HouseKind, type HouseValue } from './registry.js';
export {
  HOUSE_FORMAT,
  houseText,
  keptOf,
  MAX_HOUSE_BYTES,
  readHouse,
  readKept,
  type HouseRead,
  type Kept,
} from './file.js';
export type { OwnedSurface } from './records/surfaces.js';
export type { OwnedTools } from './records/tools.js';
export { withKnownPacks } from './records/prices.js';
