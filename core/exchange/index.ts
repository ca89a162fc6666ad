export { shoppingCsv, shoppingRows, type ShoppingRow } from './shopping.js';
