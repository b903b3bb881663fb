export { ROWS_SHARE_OF_WORK, sellingPrice, type SellingPrice } from './sellingPrice';
