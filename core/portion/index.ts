export {
  COUNTED,
  FAMILY_WORDS,
  groupByFamily,
  HEAT_ABOVE_C,
  helpingFactor,
  houseRows,
  LOG_COUNTS_FROM,
  needG,
  targetsOf,
  type CountedFamily,
  type Targets,
  wantsBread,
} from './targets.js';
export { occasionOf, roleFor, UNSAID_HOUR, USUAL_HOUR } from './occasion.js';
export { isRoundingOff, kindRanges, type KindRange } from './kinds.js';
export { isTiny, lacksCups, modulesOf, UP_TO_TINY } from './modules.js';
export { eatenBy, holdingOf, lotShares, HOT_ABOVE_C, type Holding } from './holding.js';
export {
  ampleAt,
  areaAskedCm2,
  advisedOutline,
  fittingOutline,
  groundNeededCm2,
  gPerCm2,
  kindsFitting,
  laidGroundCm2,
  outlineSaid,
  reshaped,
  placementGroundCm2,
  surfaceAreaCm2,
} from './ground.js';
export {
  effortBySteps,
  effortOf,
  minutesAtHand,
  minutesOf,
  minutesOfPlan,
  type Effort,
  type Step,
} from './effort.js';
export { BEFORE_A_MEAL_KJ, CLEARLY_HEAVY_KJ, energyEach, mealFollows } from './energy.js';
export {
  BOOT_MM,
  DOOR_MM,
  emptyWeightG,
  fitsBoot,
  isCarried,
  loadG,
  loadOf,
  ONE_CARRIES_G,
  passesDoor,
  type Load,
} from './carry.js';
export { CALM_COVER, coverOf, FULL_COVER, isCalm, laidAtOpening } from './family-ground.js';
export { schoolName, schoolsOf, type SchoolOffer, type SchoolRow } from './schools.js';
export { makingsOf, nameOf, planMaking, type PlanMaking } from './making.js';
export { boughtPerGram, neededFor, TASTED, type Needed } from './needed.js';
export { AISLES, ownPriceOf, SHOP_DAYS, wareOf, type AisleId, type ShopDay, type Ware } from './wares.js';
export { costAlone, costOf, needsOf, purchaseOf, type InBasket } from './purchase.js';
export {
  boughtFor,
  cheapestPacks,
  choosePacks,
  inPantry,
  perGram,
  type Bought,
  type PackChoice,
} from './packs.js';
export {
  bowlForG,
  bowlHoldsG,
  bowlLostMm,
  BASKET_MM,
  bowlsFor,
  bowlSizes,
  bowlsInUse,
  dipBowls,
  largestBowlMm,
  runsOver,
  type BowlInUse,
} from './bowls.js';
