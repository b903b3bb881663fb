export { magneticSnapStage, type SnapSpot, type SnapStage } from './magneticSnap';
export { snapWithoutFlap } from './snapProblems';
export { moveSnapEdits, snapReach } from './moveSnap';
