import type { FittingPlace } from '@/core/fittings';
import type { Ordered } from './order';

/** Steps of the body, whatever is put on it. */
export type BodyStepId =
  | 'start'
  | 'work-front'
  | 'mark-base'
  | 'work-back'
  | 'mark-top'
  | 'work-flap'
  | 'work-front-piece'
  | 'work-back-piece'
  | 'work-gusset'
  | 'work-discs'
  | 'work-band'
  | 'work-base'
  | 'work-sides'
  | 'narrow-mouth'
  | 'work-half-disc'
  | 'check-pieces'
  | 'weave-ends'
  | 'block'
  | 'turn-hem'
  | 'fold'
  | 'seam-sides'
  | 'box-corners'
  | 'join-gusset-front'
  | 'join-gusset-back'
  | 'join-side-bands'
  | 'join-band'
  | 'sew-bottom'
  | 'sew-flap'
  | 'inspect';

/** A step's name in its plan; those of fittings are named by their kinds. */
export type StepId = BodyStepId | (string & {});

/** One step of making. What it says is worded where it is shown. */
export interface Step extends Ordered<StepId> {
  /** The fitting that it is a step of, and what that calls it; null for a step of the body. */
  of: { at: FittingPlace; name: string; mark: string | null } | null;
}

/** A step of the body; what it shuts off is known once all steps are. */
export const step = (id: BodyStepId, needs: StepId[]): Step => ({ id, of: null, needs, shutsOff: [] });
