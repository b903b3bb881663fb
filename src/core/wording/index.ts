export { figuresNamed, sectionFigures, stepFigures } from './asks';
export { BASIS_SENTENCES, BASIS_SIGN, BASIS_WORDS } from './basisText';
export { faultSentence } from './faultSentence';
export {
  patternAsMarkdown,
  patternAsText,
  writePattern,
  type Pattern,
  type PatternSection,
  type PatternSectionId,
} from './patternText';
export { problemSentence, repairLabel } from './problemText';
export { formatDifference, formatPlusMinus, formatQuantity, formatSource } from './quantity';
export { bareRowText, patternRowText, patternText } from './rowText';
export { readRow, rowFaultSentence, type ReadRow, type RowWordsFault } from './readRow';
export { abbreviation, stitchLegend, stitchName } from './stitchText';
export { grownStrapText } from './grownStrapText';
export { influenceText } from './makingsText';
export { CRITERION_NAMES, WISH_NAMES, conflictText, differenceText, proofText } from './solutionText';
export { placeText } from './placeText';
export { stepTexts } from './stepText';
export { FITTING_WORDS, wordsOf, type FittingWords, type FittingWordsByKind, type Ticket } from './fittings';
export { ordinal } from './counting';
export type { StepText } from './stepWords';
export { PIECE_NAMES, pieceLines } from './pieceText';
export { sidesLines } from './roundsText';
export { JOIN_NAMES, joinLines } from './joinText';
export { term, translateTerms, type TermSet } from './terms';
export { YARN_CLASS_LABELS } from './yarnClassText';
