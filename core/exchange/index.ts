export { menuOf, menuText, type MenuFood, type MenuPart } from './menu.js';
export { shoppingCsv, shoppingText } from './shopping.js';
export {
  BUNDLE_FORMAT,
  bundleText,
  MAX_BUNDLE_BYTES,
  readPlansText,
  type NotTaken,
  type ReadPlans,
} from './bundle.js';
export { PARTY_COLUMNS, partyCsv, readPartyCsv } from './party-csv.js';
export { COMPONENT_COLUMNS, componentsCsv, readComponentsCsv } from './components-csv.js';
export { readReplies, REPLY_QUESTIONS, replySlipText, type Replies } from './replies.js';
export type { RowProblem } from './csv.js';
export { allergenTable, type AllergenRow, type AllergenTable } from './allergens.js';
export { guestCard, guestCardHtml, type GuestCard } from './card.js';
export { readIngredients, type IngredientRead, type IngredientsRead } from './ingredients.js';
export { readPrices, writePrices, type PricesRead } from './prices-csv.js';
