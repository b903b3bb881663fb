export { swapYarn, type SwapBasis, type YarnSwap } from './swapYarn';
export { ballsForPieces, type Ball, type PieceFromBalls, type PieceOfYarn } from './ballsForPieces';
export { ballsOf, piecesOfYarn } from './yarnInPieces';
export { finder } from './finder';
export { guarded, unguarded } from './guarded';
export { MOST_STOCK_ROWS, readStockCsv, stockAsCsv } from './stockCsv';
export { cornersText, readCorners } from './corners';
export { bagNeeds, type BagNeeds } from './bagNeeds';
export { held, type HeldLine } from './held';
export { shoppingList, shoppingTotal, type ShoppingLine } from './shoppingList';
export { bagCost, type BagCost, type CostLine } from './bagCost';
export {
  USUAL_STOCK,
  isSameName,
  stockIdSchema,
  stockItemSchema,
  yarnInStoreG,
  type StockCloth,
  type StockItem,
  type StockKind,
  type StockRemnant,
  type StockYarn,
} from './stockItem';
