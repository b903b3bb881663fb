export { carriedOver, openOf, type Measure } from './carriedOver';
export { estimateGauge, type GaugeEstimate, type Reading } from './estimateGauge';
export { gaugeOnHook, type HookLine, type HookPoint } from './gaugeOnHook';
export { gaugeStage, type GaugeStage } from './gaugeFigures';
export { pieceOfBody } from './pieceOfBody';
export { roughStitchMm } from './roughStitch';
export { seenOn, updatedBy, updatedNormal, type Believed } from './updatedBy';
export { swatchGauge, type SwatchGauge, type SwatchMeasure } from './swatchGauge';
export { FOUR_INCHES_MM, YARN_CLASSES, type YarnClass } from './yarnClasses';
