export { CUPBOARD_COLUMNS, cupboardToCsv, readCupboard, type CupboardFile, type RowFault } from './csv';
export { SHELVES, shoppingList, shopRows, type Shelf, type ShopRow, type ToBuy } from './shopping';
export { bagState, type BagState } from './state';
export { pricePerKilo, stockOf } from './stock';
export { takeFromBags, type Need, type Taking } from './take';
