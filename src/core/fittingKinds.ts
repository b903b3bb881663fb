import { CLOSURES } from './closure';
import { EDGINGS } from './edging';
import type { FittingCatalogues } from './fittings';
import { LININGS } from './lining';
import { STRAPS } from './strap';
import { TRIMS } from './trim';

/** Every kind of what is put on a bag, by its group. */
export const FITTING_KINDS: FittingCatalogues = {
  closures: CLOSURES,
  straps: STRAPS,
  lining: LININGS,
  edgings: EDGINGS,
  trims: TRIMS,
};
