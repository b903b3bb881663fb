import fc from 'fast-check';
import { EDGING_CORNERS, usualEdging, type Design, type Edging } from '@/core/design';
import type { EdgingStage } from '@/core/edging';
import type { Plan } from '@/core/plan';

/** A bag with one edging. */
export const edgedWith = (design: Design, edging: Partial<Edging> & Pick<Edging, 'kind' | 'edge'>): Design => ({
  ...design,
  edgings: [{ ...usualEdging('single', edging.edge), ...edging } as Edging],
});

/** What came of its edging. */
export const stageOf = (plan: Plan): EdgingStage => {
  const [stage] = plan.edgings;
  if (!stage) throw new Error('no edging was planned');
  return stage;
};

/** Any choices of a plain edging, and of one with a pattern over its plain rounds. */
export const anyPlain = fc.record({
  kind: fc.constantFrom('slip-stitch' as const, 'single' as const),
  rounds: fc.integer({ min: 1, max: 6 }),
  corner: fc.constantFrom(...EDGING_CORNERS),
});
export const anyOver = fc.record({
  kind: fc.constantFrom('crab' as const, 'picot' as const, 'shell' as const, 'spikes' as const),
  rounds: fc.integer({ min: 1, max: 3 }),
  corner: fc.constantFrom(...EDGING_CORNERS),
});
