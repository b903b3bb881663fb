export { MOST_DECREASED_A_SIDE, outlineRows, type OutlineRows, type ShapedRow } from './outlineRows';
export {
  discCounts,
  discIncrease,
  discRound,
  flatness,
  flatnessNamed,
  increasedRound,
  type Flatness,
  type IncreaseSchool,
} from './rounds';
export { spread } from './spread';
