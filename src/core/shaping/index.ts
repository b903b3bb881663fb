export { outlineRows, type OutlineRows } from './outlineRows';
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
export { MOST_SHAPED_A_SIDE, reversedCounts, shapedRows, shapingFor, type ShapedRow, type Shaping } from './shapedRows';
export { spread } from './spread';
