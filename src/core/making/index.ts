export type { ToMake } from './bodySteps';
export { orderSteps, type Ordered, type OrderResult } from './order';
export type { BodyStepId, Step, StepId } from './step';
export { makingSteps } from './steps';
