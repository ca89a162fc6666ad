export { faultsOfDay, type Fault } from './prove.js';
export { handRecords, handsOf } from './hands.js';
export { neededFor, type Needed } from './needs.js';
export { planMaking, type PlanMaking } from './making.js';
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
export { packsText, shopFor, type Becoming, type ShopLine, type Shopping } from './shopping.js';
export { AISLES, SHOP_DAYS, type AisleId, type ShopDay } from './buying.js';
export { toolsOf, TOOL_IDS, type ToolId, type ToolLine } from './tools.js';
export { CLEAN_MIN, type Hand, type Placed, type Task, type TaskKind } from './task.js';
export { taskSaid, toolSaid, waySaid } from './said.js';
export { tasksOf } from './tasks/index.js';
export { waysOf, type Way } from './ways.js';
