export { faultSentence } from './faultSentence';
export { patternAsMarkdown, patternAsText, writePattern, type Pattern, type PatternSection } from './patternText';
export { problemSentence, repairLabel } from './problemText';
export { formatPlusMinus, formatQuantity, formatSource } from './quantity';
export { stitchName } from './rowText';
export { ordinal, placeText, stepTexts, type StepText } from './stepText';
export { term, translateTerms, type TermSet } from './terms';
