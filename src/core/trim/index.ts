import type { TrimKind, TrimOf } from '@/core/design';
import type { FittingKind } from '@/core/fittings';
import { trimKind, type TrimStage } from './trimKind';

/** Every kind of trim: all are planned alike, by their natures. A new one is a nature and a line here. */
export const TRIMS: { readonly [Kind in TrimKind]: FittingKind<TrimOf<Kind>, TrimStage<TrimOf<Kind>>> } = {
  tassel: trimKind('tassel'),
  flower: trimKind('flower'),
  pompon: trimKind('pompon'),
  bow: trimKind('bow'),
  patch: trimKind('patch'),
  charm: trimKind('charm'),
  'surface-line': trimKind('surface-line'),
  beads: trimKind('beads'),
  fringe: trimKind('fringe'),
  frill: trimKind('frill'),
};

export { RING_CHAINS, TRIM_NATURES, type TrimNature } from './natures';
export type { TrimProblems, TrimRepairs, TrimStage } from './trimKind';
