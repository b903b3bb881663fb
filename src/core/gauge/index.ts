export { estimateGauge, type GaugeEstimate, type Reading } from './estimateGauge';
export { gaugeStage, type GaugeStage } from './gaugeFigures';
