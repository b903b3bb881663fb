export { isLengthwise, isOneOfTwo, stripOf } from './strip';
export { clipPairs, type ClipPair } from './clips';
export {
  joinLengthMm,
  joinedCount,
  type Join,
  type JoinId,
  type JoinMade,
  type JoinedEdge,
  type JoinedStretch,
  type StretchName,
} from './join';
export {
  areaMm2,
  flatSize,
  isStraight,
  radiusMm,
  rowCountOf,
  stitchesInAll,
  stitchesInRow,
  widestStitches,
} from './measures';
export {
  isInRounds,
  isInRows,
  PIECE_IDS,
  standsUpright,
  trackAlongMm,
  trackRow,
  type DiscPiece,
  type OvalPiece,
  type Piece,
  type PieceId,
  type PieceLine,
  type RowsPiece,
  type Track,
  type Zone,
  type ZoneId,
} from './piece';
export type { PieceSet, WorkedFrom } from './pieceSet';
export { shapedPatternRow } from './shapedPatternRow';
export { offsetOutline, outlineBetween, pieceOutline, type OutlinePoint } from './outline';
export { piecesFigures, type PiecesFigures } from './piecesFigures';
export { increaseGroups, roundRow } from './roundRow';
export { rowOfPiece, type RowToWork } from './rowOfPiece';
export { roundsAsWorked } from './roundsAsWorked';
export { joinedSteps, rowsAsWorked, type RowAsWorked } from './rowsAsWorked';
