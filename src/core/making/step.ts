import type { Ordered } from './order';

export type StepId =
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
  | 'cut-lining'
  | 'press-lining'
  | 'set-snap-front'
  | 'set-snap-flap'
  | 'turn-hem'
  | 'sew-lining'
  | 'fold'
  | 'seam-sides'
  | 'box-corners'
  | 'join-gusset-front'
  | 'join-gusset-back'
  | 'join-band'
  | 'sew-bottom'
  | 'sew-flap'
  | 'work-strap'
  | 'check-strap'
  | 'attach-strap'
  | 'inspect';

/** One step of making. What it says is worded where it is shown. */
export type Step = Ordered<StepId>;

export const step = (id: StepId, needs: StepId[], shutsOff: StepId[] = []): Step => ({ id, needs, shutsOff });
