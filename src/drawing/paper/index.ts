export { paperSheet, type Label, type NamedPiece, type PaperSheet } from './paperSheet';
export { svgOf } from './svgOf';
export { lettersIn, type Letters } from './letters';
