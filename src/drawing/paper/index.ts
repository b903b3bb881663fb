export { paperSheet, type Label, type NamedPiece, type PaperSheet } from './paperSheet';
export { svgOf } from './svgOf';
export { type PaperName } from './tiles';
export { lettersIn, type Letters } from './letters';
