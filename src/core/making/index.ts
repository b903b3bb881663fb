export type { ToMake } from './bodySteps';
export { orderSteps, type Ordered } from './order';
export type { BodyStepId, Step, StepId } from './step';
export { makingSteps } from './steps';
export { settingGraph, type SettingGraph } from './settingGraph';
