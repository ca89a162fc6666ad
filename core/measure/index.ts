export { createRandom, seedOf, type Random } from './random.js';
export {
  decimalOf,
  formatArea,
  formatMass,
  toCelsius,
  formatFineLength,
  formatLength,
  formatVolume,
  formatTemperature,
  percentAtMost,
  roundForScale,
  toFahrenheit,
  GRAMS_PER_OUNCE,
  MM_PER_INCH,
  type UnitSystem,
} from './units.js';
export { memo1, memo2, memoText } from './memo.js';
export { sharing } from './share.js';
export { CURRENCIES, formatMoney, type Currency } from './money.js';
export { FOOD_PICTURES, idOf, shortened, shortName } from './words.js';
export { addMinutes, clockOf, monthOf, parseLocalTime, speakTime } from './time.js';
