export { figuresNamed, sectionFigures, stepFigures } from './asks';
export {
  countSentences,
  dueIn,
  duesOf,
  phaseOf,
  repeatsIn,
  shapingText,
  sideFacing,
  spokenRow,
  type Due,
} from './benchText';
export { BASIS_SENTENCES, BASIS_SIGN, BASIS_WORDS } from './basisText';
export { wordsOfEachRow } from './eachRow';
export { TRADE_WORDS, WORD_IDS, type TradeWord, type WordId } from './tradeWords';
export { foldedText } from './drawn/foldedText';
export type { DrawnText } from './drawn/drawnText';
export { cutText } from './drawn/cutText';
export { laidText } from './drawn/laidText';
export { packedText } from './drawn/packedText';
export { sheetText } from './drawn/sheetText';
export { strapHeads, strapText, strapWay } from './drawn/strapText';
export { colourLetter } from './colourText';
export { lineInWords } from './written/inWords';
export { lineOfSize, mergedBySize } from './written/mergedLines';
export { oneOfSizes, oneOfUnits, schematicText, type SchematicText } from './schematicText';
export { spelledOut } from './written/spelledOut';
export { writtenPattern } from './written/writtenPattern';
export { faultSentence } from './faultSentence';
export { nextText, type NextText } from './nextText';
export { patternAsMarkdown, patternAsText, writePattern, type Pattern, type PatternSectionId } from './patternText';
export { problemSentence, repairLabel } from './problemText';
export { formatDifference, formatPlusMinus, formatQuantity, formatSource } from './quantity';
export { bareRowText, patternRowText, patternText } from './rowText';
export { readRow, rowFaultSentence, type ReadRow } from './readRow';
export { abbreviation, stitchAbbreviations, stitchFullName, stitchLegend, stitchName } from './stitchText';
export { grownStrapText } from './grownStrapText';
export { influenceText } from './makingsText';
export { CRITERION_NAMES, WISH_NAMES, conflictText, differenceText, proofText } from './solutionText';
export { offRemedyText } from './offRemedyText';
export { offText, pieceAgainstSwatch, replanLines, yarnLastsText, type ReplanLine } from './replanText';
export { LOOK_TEXTS, sizeVerdict } from './inspectionText';
export { LAYING_NAMES, layoutText } from './layoutText';
export { STOCK_NAMES, freeAmount, neededAmount, stockAmount, stockDetail } from './stockText';
export { placeText } from './placeText';
export { stepTexts } from './stepText';
export { FITTING_WORDS, wordsOf, type FittingWords, type FittingWordsByKind, type Ticket } from './fittings';
export { ordinal } from './counting';
export { STRAP_NAMES } from './fittings/strapNames';
export { whichFitting } from './fittings/whichFitting';
export type { StepText, WayOut } from './stepWords';
export {
  instructionWords,
  noBagText,
  notResizedText,
  noStitchText,
  readerFaultSentence,
  rowChangeText,
  termsSentence,
  understoodWords,
} from './readerText';
export { partName, wordsOfPart } from './partText';
export { PIECE_NAMES } from './pieceNames';
export { pieceLines } from './pieceText';
export { sidesLines } from './roundsText';
export { asWorkedLines, turnWords, usedAfter } from './asWorkedText';
export { JOIN_NAMES, joinLines } from './joinText';
export { term, translateTerms, type TermSet } from './terms';
export { YARN_CLASS_LABELS } from './yarnClassText';
export { joinLine } from './fittings/liningWords';
export { pageWords, piecesDrawn, piecesToCut, pocketPart, type PieceWords } from './paperWords';
export { changeText, hoursText, LESSON_TITLES, lessonTitle, lessonValue, offerText, timeLeftText } from './logbookText';
