export { areJoined } from './constructions/areJoined';
export { heightDoubtMm, rowsDoubtMm, widthDoubtMm } from './madeDoubt';
export { acrossAt, acrossProfile, halfWidthOfProfileMm, type AcrossProfile } from './acrossProfile';
export { bodyStage, type BodyResult } from './bodyStage';
export { centreOf, offsetOf, placeAt, type StitchPlace } from './centre';
export {
  BODY_KINDS,
  constructionOf,
  gussetLengthMm,
  narrowedFace,
  productFigure,
  type ClothMm,
  type Construction,
  type PieceSet,
  type PouchStage,
  type Sizing,
} from './constructions';
export { countOffers, type CountOffer } from './countOffers';
export { rowOffers, type RowOffer } from './rowOffers';
export {
  baseDepthMm,
  bridgeLengthMm,
  heightFromSideMm,
  mouthDepthMm,
  sideForHeightMm,
  straightSideMm,
  topDepthMm,
  type Firmness,
  type Layers,
} from './folding';
export { lotBehindFrontMm } from './lotInBag';
export { pleat, type Pleat } from './pleat';
export { MOST_COUNT, MOST_RIM } from './limits';
export { textureProblems } from './texture';
export { SEAMS, type SeamRule } from './seams';
export { bridgeOverMm, standingOut } from './standingOut';
export { tautLengthMm, tautOver, type TautStretch } from './tautOver';
export { rowAt, rowMiddleMm } from './rowAt';
export {
  foldedFlatPieces,
  landsAtMm,
  sectionPieces,
  sectionPointAt,
  type SectionInput,
  type SectionPiece,
  type SectionPoint,
} from './section';
export {
  moveLineEdits,
  panelLines,
  releaseRowsEdits,
  wantedSizeEdits,
  type PanelLine,
  type PanelLineId,
  type WantedSize,
  type WorkedFrom,
} from './moveLine';
export { bodyHandles, pullBodyEdits, type BodyHandle } from './pullBody';
export { usualBody } from './usualBody';
export { unheededProblems } from './unheeded';
export { begunAsPieces } from './begunAsPieces';
