import type { Design } from '@/core/design';
import { orderSteps, type Ordered } from './order';

export type StepId =
  | 'start'
  | 'work-front'
  | 'mark-base'
  | 'work-back'
  | 'mark-top'
  | 'work-flap'
  | 'check-panel'
  | 'weave-ends'
  | 'block'
  | 'cut-lining'
  | 'press-lining'
  | 'set-snap-front'
  | 'set-snap-flap'
  | 'sew-lining'
  | 'fold'
  | 'seam-sides'
  | 'work-strap'
  | 'check-strap'
  | 'attach-strap'
  | 'inspect';

/** One step of making. What it says is worded where it is shown. */
export type Step = Ordered<StepId>;

const step = (id: StepId, needs: StepId[], shutsOff: StepId[] = []): Step => ({ id, needs, shutsOff });

/**
 * The steps of this bag, in an order in which nothing is set too late: the snap's halves before the lining covers
 * their backs and before the sides are seamed, the ends before they are shut in.
 *
 * The constraints are common practice, no source: prongs go through lining only (flap) and crochet only (front).
 *
 * @throws Error naming the steps when the constraints contradict each other, which is a mistake in this file
 */
export function makingSteps(design: Design): Step[] {
  const hasFlap = design.flap.kind !== 'none';
  const snap = hasFlap && design.hardware.length > 0;
  const lined = design.lining !== null;
  const strapped = design.strap !== null;
  const steps: Step[] = [
    step('start', []),
    step('work-front', ['start']),
    step('mark-base', ['work-front']),
    step('work-back', ['mark-base']),
    ...(hasFlap ? [step('mark-top', ['work-back']), step('work-flap', ['mark-top'])] : []),
    step('check-panel', ['work-back', 'work-flap']),
    step('weave-ends', ['check-panel']),
    step('block', ['check-panel']),
    ...(snap ? [step('set-snap-front', ['block'])] : []),
    ...(lined ? [step('cut-lining', ['block']), step('press-lining', ['cut-lining'])] : []),
    ...(snap ? [step('set-snap-flap', [lined ? 'press-lining' : 'block'])] : []),
    ...(lined
      ? [step('sew-lining', ['press-lining'], ['set-snap-front', 'set-snap-flap', 'weave-ends', 'block'])]
      : []),
    step('fold', ['block', 'sew-lining'], []),
    step('seam-sides', ['fold'], ['set-snap-front', 'block', 'weave-ends', 'sew-lining']),
    ...(strapped
      ? [
          step('work-strap', ['start']),
          step('check-strap', ['work-strap']),
          step('attach-strap', ['check-strap', 'seam-sides']),
        ]
      : []),
    step('inspect', ['seam-sides', 'attach-strap']),
  ];
  const kept = new Set(steps.map(({ id }) => id));
  const present = steps.map(({ id, needs, shutsOff }) => ({
    id,
    needs: needs.filter((other) => kept.has(other)),
    shutsOff: shutsOff.filter((other) => kept.has(other)),
  }));

  const ordered = orderSteps<StepId, Step>(present);
  if (!ordered.ok) throw new Error(`no order of making exists: ${ordered.cycle.join(', ')}`);
  return ordered.steps;
}
