import { WORKED_STRAP_KINDS } from '@/core/design';
import type { BoughtStrapStage } from './boughtStrap';
import type { WorkedStrapStage } from './workedStrap';

/** What comes of any strap. */
export type StrapStage = WorkedStrapStage | BoughtStrapStage;

/** Whether a strap is one that is worked. */
export const isWorkedStage = (stage: StrapStage): stage is WorkedStrapStage =>
  (WORKED_STRAP_KINDS as readonly string[]).includes(stage.choice.kind);
