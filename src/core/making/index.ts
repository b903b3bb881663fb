export { orderSteps, type Ordered, type OrderResult } from './order';
export { makingSteps, type Step, type StepId } from './steps';
