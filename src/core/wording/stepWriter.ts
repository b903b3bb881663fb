import type { Design } from '@/core/design';
import type { Plan } from '@/core/plan';
import type { FittingWordsByKind } from './fittings';
import type { LengthWriter, StepWords } from './stepWords';

/** Words one step of the body; what is put on can have a word in it. */
export type StepWriter = (
  design: Design,
  plan: Plan,
  length: LengthWriter,
  fittingWords: FittingWordsByKind,
) => StepWords;
