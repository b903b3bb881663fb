export { areJoined, roundWayOf, type RoundWay } from './constructions/areJoined';
export { openSideRows } from './constructions/openSides';
export { heightDoubtMm, rowsDoubtMm, widthDoubtMm } from './madeDoubt';
export { bodyStage } from './bodyStage';
export { centreOf, offsetOf, placeAt, type StitchPlace } from './centre';
export {
  BODY_KINDS,
  constructionOf,
  gussetLengthMm,
  narrowedFace,
  type ClothMm,
  type Construction,
  type Sizing,
} from './constructions';
export { countOffers, type CountOffer } from './countOffers';
export { heightRemedy, widthRemedy, type OffRemedy } from './offRemedy';
export { rowOffers, type RowOffer } from './rowOffers';
export { lotBehindFrontMm } from './lotInBag';
export { MOST_COUNT, MOST_RIM } from './limits';
export { textureProblems } from './texture';
export { isSeamTurned, SEAMS } from './seams';
export { standingOut } from './standingOut';
export { rowAt, rowMiddleMm } from './rowAt';
export {
  moveLineEdits,
  panelLines,
  releaseRowsEdits,
  wantedSizeEdits,
  type PanelLine,
  type PanelLineId,
  type WantedSize,
} from './moveLine';
export { bodyHandles, pullBodyEdits, type BodyHandle } from './pullBody';
export { usualBody } from './usualBody';
export { unheededProblems } from './unheeded';
export { begunAsPieces } from './begunAsPieces';
