export { layPages, wrapped, type Block, type Page, type Paper, type Placed } from './layPages';
export { FIRST, isTicked, patternBlocks, type PatternPicture } from './patternBlocks';
export { patternDrawings, stitchChart, type PatternDrawing } from './patternDrawings';
export { patternHtml } from './patternHtml';
