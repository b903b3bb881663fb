import type { HardwareKind, HardwareOf } from '@/core/design';
import type { FittingKind } from '@/core/fittings';
import { hardwareKind, type HardwareStage } from './hardwareKind';

/** Every kind of hardware: all are planned alike, by their natures. A new one is a nature and a line here. */
export const HARDWARE: {
  readonly [Kind in HardwareKind]: FittingKind<HardwareOf<Kind>, HardwareStage<HardwareOf<Kind>>>;
} = {
  ring: hardwareKind('ring'),
  rivet: hardwareKind('rivet'),
  eyelet: hardwareKind('eyelet'),
  clasp: hardwareKind('clasp'),
  'handle-plate': hardwareKind('handle-plate'),
};

export { HARDWARE_NATURES, type HardwareNature, type Held } from './natures';
export type { HardwareStage } from './hardwareKind';
export type { HardwareProblems, HardwareRepairs } from './hardwareProblems';
