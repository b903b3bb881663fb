export * from './figure';

export type { ReasonInput } from './figure';
