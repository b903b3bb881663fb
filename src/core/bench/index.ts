export { MOST_AT_WORK_MS, benchState, benchStateWith, toTakeBack, type BenchState } from './benchState';
export { heldG, heldTapeMm, isPress, readScaleLine, readTapeLine } from './benchDevices';
export { countCheck, type CountCause, type CountCheck } from './countCheck';
export {
  MOST_ROWS,
  makingEventSchema,
  testedSchema,
  partKey,
  type MakingEvent,
  type MakingEventKind,
  type MakingEventOf,
  type NewMakingEvent,
  type PartAt,
  type Tested,
} from './makingEvent';
export {
  canBeMeasured,
  partToGoOn,
  partsToWork,
  rowToWork,
  rowsDone,
  rowsLeft,
  workedThrough,
  type CountedWork,
  type PartToWork,
  type ToCount,
} from './parts';
export { stepStandings, stepsByRows, wouldShut, type StepStanding } from './stepStates';
export {
  newProblems,
  replan,
  yarnLasts,
  type MeasuredOnTheWay,
  type ReplanWay,
  type Replanned,
  type ReplannedZone,
  type YarnLasts,
} from './replan';
export { rehearsal, rehearsedUpTo, type Moment } from './rehearsal';
export { lookStep, looksFor, sizesToInspect, type InspectedSize, type LookId, type SizeToInspect } from './inspection';
export { testedSizes, type TestedSize } from './tested';
