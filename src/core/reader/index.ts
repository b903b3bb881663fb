export { stitchOfPart, type ReadStitch } from './asStitch';
export { comparePatterns, type Comparison, type RowChange } from './compare';
export { convertLengths } from './convert';
export type { FaultSaid, Mend, ReaderFault } from './fault';
export type { TermReason, TermsGuess } from './guessTerms';
export type { Instruction, Place, TextSpan, Until } from './instruction';
export type { ReadPart, ReadPattern, ReadRow } from './read';
export { MOST_TEXT, readPattern } from './readPattern';
export type { TermSet } from './termSet';
