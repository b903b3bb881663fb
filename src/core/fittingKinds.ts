import { CLOSURES } from './closure';
import { EDGINGS } from './edging';
import type { FittingCatalogues } from './fittings';
import { HARDWARE } from './hardware';
import { LININGS } from './lining';
import { POCKETS } from './pocket';
import { STIFFENERS } from './stiffener';
import { STRAPS } from './strap';
import { TRIMS } from './trim';

/** Every kind of what is put on a bag, by its group. */
export const FITTING_KINDS: FittingCatalogues = {
  closures: CLOSURES,
  hardware: HARDWARE,
  straps: STRAPS,
  pockets: POCKETS,
  lining: LININGS,
  stiffener: STIFFENERS,
  edgings: EDGINGS,
  trims: TRIMS,
};
