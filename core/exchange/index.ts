export { shoppingCsv, shoppingRows, type ShoppingRow } from './shopping.js';
export { BUNDLE_FORMAT, bundleText, readPlansText, type ReadPlans } from './bundle.js';
