export { carriedOver, openShare, type Measure } from './carriedOver';
export { estimateGauge, type GaugeEstimate, type Reading } from './estimateGauge';
export { gaugeOnHook, type HookLine, type HookPoint, type HookPrediction } from './gaugeOnHook';
export { gaugeStage, type GaugeStage } from './gaugeFigures';
export { pieceOfBody } from './pieceOfBody';
