export { paperSheet, type Label, type NamedPiece, type PaperSheet } from './paperSheet';
export { svgOf } from './svgOf';
