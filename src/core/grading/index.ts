export { designOfSize, plannedSizes, type PlannedSize } from './furtherSizes';
