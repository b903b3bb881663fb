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
export { reversedCounts, shapedRows, shapingFor, type ShapedRow } from './shapedRows';
export { spread } from './spread';
