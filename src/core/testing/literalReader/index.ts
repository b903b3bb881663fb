export { makePiece, type MadePiece } from './readPattern';
export { readRowWords, type Op } from './rowGrammar';
export type { ReaderTerms } from './vocabulary';
export { workOps, type Place } from './workOps';
