import type { Design } from '@/core/design';
import { bodySteps, type Made } from './bodySteps';
import { orderSteps } from './order';
import { step, type Step, type StepId } from './step';

/**
 * The steps of this bag, in an order in which nothing is set too late: the snap's halves before the lining covers
 * their backs and before the pieces are joined, the ends before they are shut in.
 *
 * The constraints are common practice, no source: prongs go through lining only (flap) and crochet only (front).
 *
 * @param made the pieces and joins of the plan
 * @throws Error naming the steps when the constraints contradict each other, which is a mistake in this folder
 */
export function makingSteps(design: Design, made: Made): Step[] {
  const { hasFlap } = made;
  const snap = hasFlap && design.closures.length > 0;
  const lined = design.lining !== null;
  const strapped = design.straps.length > 0;
  const halfDisc = made.pieces.some(({ id }) => id === 'half-disc');
  const hemmed =
    hasFlap && made.pieces.some((piece) => piece.kind === 'rows' && piece.zones.some(({ id }) => id === 'hem'));
  const { work, worked, join } = bodySteps(design, made);
  // In a bag that is worked in rounds the lining goes in last, over the feet of the strap.
  const linedLast = made.pieces.some((piece) => piece.kind === 'rows' && piece.roundCount > 0);
  const flat: StepId[] = ['set-snap-front', 'set-snap-flap', 'weave-ends', 'block'];
  const joined = join.map(({ id }) => id);
  const steps: Step[] = [
    ...work,
    ...(halfDisc ? [step('work-half-disc', worked)] : []),
    step('check-pieces', [...worked, 'work-half-disc']),
    step('weave-ends', ['check-pieces']),
    step('block', ['check-pieces']),
    ...(halfDisc ? [step('sew-flap', ['block'])] : []),
    ...(snap ? [step('set-snap-front', ['block'])] : []),
    ...(lined ? [step('cut-lining', ['block']), step('press-lining', ['cut-lining'])] : []),
    ...(snap ? [step('set-snap-flap', [lined ? 'press-lining' : 'block'])] : []),
    // A half in the hem is set while the hem lies open; under a lining it goes into the cloth, and the hem is turned before.
    ...(hemmed ? [step('turn-hem', ['block'], lined ? [] : ['set-snap-flap'])] : []),
    ...(lined
      ? [
          step(
            'sew-lining',
            ['press-lining', 'turn-hem', ...(linedLast ? joined : [])],
            linedLast ? [...flat, 'attach-strap'] : flat,
          ),
        ]
      : []),
    ...join.map((one) => ({
      ...one,
      needs: [...one.needs, 'block' as const, 'sew-flap' as const, ...(linedLast ? [] : ['sew-lining' as const])],
      // Laying flat for the fold shuts nothing off yet; the first seam does.
      shutsOff:
        one.id === 'fold'
          ? []
          : [
              ...flat.filter((id) => !linedLast || id !== 'set-snap-flap'),
              'turn-hem' as const,
              ...(linedLast ? [] : ['sew-lining' as const]),
            ],
    })),
    ...(strapped
      ? [
          step('work-strap', worked.slice(0, 1)),
          step('check-strap', ['work-strap']),
          step('attach-strap', ['check-strap', 'block', ...joined]),
        ]
      : []),
    step('inspect', ['block', 'sew-lining', 'turn-hem', 'sew-flap', 'set-snap-flap', 'attach-strap', ...joined]),
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
