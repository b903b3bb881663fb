export {
  editsLeaving,
  editsTaking,
  isTaken,
  offersFor,
  offersOf,
  USUAL_PACE_HOURS,
  USUAL_PACE_SHARE,
  type Offer,
} from './corrections';
export { effectOf, type FigureChange } from './effect';
export { LESSON_KINDS, measuredLessons, type Lesson, type LessonKind, type LessonOf } from './lessons';
export { logbookCsv, logbookJson } from './logbookOut';
export { finishedOf, goneByScale, madeBag, type MadeBag, type PlannedAndMade } from './madeBag';
export { shrunken, type Shrunken, type Told, type UsualOf } from './shrunken';
export { timeLeft, type TimeLeft } from './timeLeft';
export { workCounted, type WorkedOfAll } from './workCounted';
