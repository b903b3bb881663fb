export {
  landingMm,
  magneticSnapStage,
  snapWithoutFlap,
  stationOverMm,
  type SnapSpot,
  type SnapStage,
} from './magneticSnap';
