export { SUPPORT_MM, WORN_LENGTHS, strapForCarrying } from './carrying';
export { fabricRoundMm2, packingOfLeastFabric } from './choosePacking';
export { contentsStage, type ContentsStage } from './contentsStage';
export {
  insideNeeded,
  layersOf,
  ovalWidthMm,
  sheetInputs,
  sheetWords,
  sheetsAcrossMm,
  sheetsAlongMm,
  sheetsThroughMm,
  sheetsUpMm,
  withinInputs,
  wrapOf,
  type Wrap,
} from './inside';
export { KNOWN_THINGS, knownThing } from './knownThings';
export { LOAD_STATES, loadThicknessMm, type LoadState, type BesideMm, type SettledDesign } from './load';
export { depthSizeEdits, keepPacking, outsideSizeEdits, outsideSizeRepairs, sizesFromEdits } from './outsideSizeEdits';
export { packingFigures, type PackingFigures } from './packingFigures';
export { packQuickly, packStepwise, packThings, fitsLargestBag, type Packings } from './packThings';
export { placeThings, thingsThatSet, type Box, type Lot, type PlacedThing, type Size, type Turns } from './packTree';
export { packingKey, carriedThings, type CarriedThing } from './carriedThings';
export { looseItems, pocketedThings, thickestIn, thingBelowMouthMm, type Pocketed } from './pocketed';
export { BESIDE_POCKET_MM, LEAST_POCKET_MM, POCKET_EASE_MM, STANDS_OUT, partsOf, pocketForMm } from './pocketNeeds';
