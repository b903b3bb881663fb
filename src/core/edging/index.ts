import type { Design, Edging } from '@/core/design';
import type { FittingKind } from '@/core/fittings';
import { edgingKind, usualOf, type EdgingStage as Stage } from './edging';

/** Every kind of edging. A new one is a line here, its nature in core/borders, and its words. */
export const EDGINGS = {
  'slip-stitch': edgingKind<'slip-stitch'>(usualOf('slip-stitch')),
  single: edgingKind<'single'>(usualOf('single')),
  crab: edgingKind<'crab'>(usualOf('crab')),
  picot: edgingKind<'picot'>(usualOf('picot')),
  shell: edgingKind<'shell'>(usualOf('shell')),
  spikes: edgingKind<'spikes'>(usualOf('spikes')),
  own: edgingKind<'own'>((design) => ({ ...usualOf('single')(design), kind: 'own', stitch: ownOf(design) })),
} satisfies {
  [Kind in Edging['kind']]: FittingKind<Extract<Edging, { kind: Kind }>, Stage<Extract<Edging, { kind: Kind }>>>;
};
/** What comes of any edging. */
export type EdgingStage = Stage;

/** @throws RangeError where the bag has no pattern of her own */
function ownOf({ ownStitches }: Design) {
  const [own] = ownStitches;
  if (!own) throw new RangeError('a bag without a pattern of her own has none for an edging');
  return own.id;
}

export { countEdging, type CountedStretch, type EdgingCounts } from './countEdging';
export { freeEdge } from './freeEdge';
export { outerEdge, type EdgeOutline, type FlatPoint } from './edgeOutline';
export { withoutBorderProblems } from './withoutBorder';
export type { EdgingProblems, EdgingRepairs } from './ownProblems';
