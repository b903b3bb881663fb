export { designCard, type BagCard, type DesignCard } from './bagCard';
export { chartDrawing, type ChartWay } from './chartDrawing';
export { flapIcon } from './flapIcon';
export { foldedDrawing } from './foldedDrawing';
export { liningDrawing, type PiecesDrawing } from './liningDrawing';
export { layoutDrawing, type LayoutDrawing } from './layoutDrawing';
export { beyondPiece, type Beyond } from './markShapes';
export { pieceDrawing } from './pieceDrawing';
export { schematic, type LabelledDrawing, type SchematicWords } from './schematic';
export { rowsPerLine } from './rowsPiece';
export { bodyIcon } from './bodyIcon';
export { onSheet, sheetDrawing, type JoinMark, type PlacedPiece } from './sheetDrawing';
export { heldLayout, sheetLayout, type SheetLayout, type SheetRoom } from './sheetLayout';
export { countScale, lengthScale, type RulerScale, type Ticks } from './rulerScale';
export { sectionDrawing } from './sectionDrawing';
export {
  lineSegments,
  pathData,
  pointsData,
  type Drawing,
  type Layer,
  type Point,
  type Role,
  type Segment,
  type Shape,
} from './shape';
export { figureDrawing, type WornBag } from './figureDrawing';
export { strapDrawing } from './strapDrawing';
export { trimIcon } from './trimIcon';
export { hardwareIcon } from './hardwareIcon';
export { liningIcon } from './liningIcon';
export { pocketIcon } from './pocketIcon';
export { closureIcon } from './closureIcon';
export { strapIcon } from './strapIcon';
export { swatchDrawing } from './swatchDrawing';
export { packedDrawing, thingMark, type Span } from './packedDrawing';
export { USUAL_VIEW, middleOf, seen, type View } from './axonometry';
export { workedBag } from './workedSheets';
export { folded, type Folded, type Shown, type UpTo } from './folded';
export { foldedMesh, type FoldedMesh, type Solid, type SolidLine, type Stuff } from './foldedMesh';
export { foldedPicture } from './foldedPicture';
export { bumpsOf, rowLines } from './foldedTexture';

export { readChart, readPartDrawing } from './readPart';
export { besideDrawing } from './besideRows';
export { workedShapes } from './workedRows';
export { wordDrawing } from './wordDrawings';
