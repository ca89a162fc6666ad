export { faultsOfDay, type Fault } from './prove.js';
export { handRecords, handsOf } from './hands.js';
export {
  daysOf,
  firstFitOf,
  keptDay,
  restOf,
  roundsFor,
  scheduled,
  scheduleOf,
  searched,
  type Schedule,
  type Since,
} from './schedule.js';
export { Search, type Day, type Days } from './day.js';
export {
  basketText,
  packsText,
  severalFrom,
  shopFor,
  type Becoming,
  type ShopLine,
  type Shopping,
} from './shopping.js';
export { basketWith, isInBasket, isListed, tripsOf, whoGoes, type Trip } from './trips.js';
export { cuttingBoards, touchOf, type BoardNeed } from './cutting-boards.js';
export { toolsOf, TOOL_IDS, type ToolId, type ToolLine } from './tools.js';
export { CLEAN_MIN, type Hand, type Placed, type Task, type TaskKind } from './task.js';
export { keepsApart, keptDayOf, slipsOfDay, type DaySlip, type Kept, type KeptDay } from './kept.js';
export { boardSaid, daySlipSaid, taskSaid, toolSaid, waySaid } from './said.js';
export { tasksOf } from './tasks/index.js';
export { waysOf, type Change, type Way } from './ways.js';
export { boughtInstead, buyInstead } from './instead.js';
export { buildStep, type BuildStep } from './steps.js';
export { cautionsOf, taskCautions, type Caution } from './cautions.js';
export { offerOf, type OfferSum } from './offer.js';
export { boxesOf, goesBack, type Box, type BoxId } from './boxes.js';
