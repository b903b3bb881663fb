export type { Conflict } from './conflicts';
export { CRITERIA, type Costs, type Criterion, type Units, type Weights } from './criteria';
export {
  comparedFigures,
  namedFigures,
  solutionFigures,
  type ComparedFigure,
  type SolutionFigures,
} from './solutionFigures';
export { solutions, tradeOffs, type Difference, type Solution, type Solutions } from './solutions';
export { type WishId, type Wishes } from './wishes';
