export { widestOpening, type Opening } from './widestOpening';
export { motifAt, type MotifPlace } from './motifAt';
export { PANEL_STITCH_IDS, STITCHES, STITCH_IDS, type StitchId } from './catalogue';
export { atomsOf, type Atom } from './atoms';
export { plainStitchOf } from './plainStitchOf';
export { nearestCount } from './nearestCount';
export { withPlainEdge } from './plainEdge';
export { RowInWork, foundation, workRow, type Cell, type Effort, type RowFault } from './replay';
export { beginsPlain, begunPlain, foundationOf } from './begunPlain';
export { startingChain } from './startingChain';
export {
  beginsWithStitch,
  chain,
  everywhere,
  inSpace,
  isPlainRow,
  isRaised,
  skip,
  together,
  work,
  type Into,
  type PatternRow,
  type Step,
  type StitchKind,
  type Worked,
} from './step';
export type { Foundation, StitchNature, StitchPattern, TurningChainRule, TurningChainSchool } from './stitch';
export { turningChainOf } from './turning';
export { findRepeat, isPlainAt, patternRowCount, rowLike, rowOf, workPattern, type FoundRepeat } from './workPattern';
