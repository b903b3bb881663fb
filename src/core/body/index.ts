export { centreOf, offsetOf, placeAt, type StitchPlace } from './centre';
export { countOffers, type CountOffer } from './countOffers';
export { rowOffers, type RowOffer } from './rowOffers';
export { productFigure } from './foldOverFigures';
export { MOST_COUNT, foldOverStripStage, type PouchStage } from './foldOverStrip';
export {
  baseDepthMm,
  bridgeLengthMm,
  heightFromSideMm,
  sideForHeightMm,
  straightSideMm,
  topDepthMm,
  type Firmness,
  type Layers,
} from './folding';
export { textureProblems } from './texture';
export { SEAMS, type SeamRule } from './seams';
export { rowAt, rowMiddleMm } from './rowAt';
export { sectionPieces, sectionPointAt, type SectionInput, type SectionPiece, type SectionPoint } from './section';
export {
  moveLineEdits,
  panelLines,
  releaseRowsEdits,
  wantedSizeEdits,
  type PanelLine,
  type PanelLineId,
  type WantedSize,
} from './moveLine';
