export { madeSizes, type MadeSizes } from './madeSizes';
export { asPlanned, drawMaking, UNCERTAINTIES, type Making, type Uncertainty } from './making';
export { leftWithout, makings, quantile, type Makings, type Measure, type Spread } from './makings';
export { makingsFigures } from './makingsFigures';
