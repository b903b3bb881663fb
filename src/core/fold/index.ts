export {
  foldBag,
  foldSheets,
  gridsOf,
  pointOnSheet,
  type FoldedBag,
  type FoldedMark,
  type FoldedLine,
} from './foldBag';
export { SEEN_SHARE, type FoldedBand } from './foldedBands';
export { sectionOf, stations, type FoldState, type FoldWay, type FoldedPlan } from './foldInput';
export {
  gridOutward,
  gridPoint,
  movedOut,
  sheetGrid,
  stops,
  type FoldedSheet,
  type SheetGrid,
  type SheetPoint,
} from './sheet';
export { thingsInBag, type ThingBox } from './thingsInBag';
export { turnedTail } from './turnedTail';
export { between, cross, distanceOf, dot, lengthOf, plus, unit, vec, type Vec } from './space';
export { lineStation } from './lineStation';
export { foldStage, type FoldStage } from './foldStage';
export { sideRoom } from './sideRoom';
export { bendLengths, bendLengthsMm, type BendFace, type BendId, type Turn } from './bends';
export { apartMm, distanceToWay, edgesMeet, meetingEdges } from './edgesMeet';
