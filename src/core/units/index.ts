export { capital } from './capital';
export { G_PER_OUNCE, M_PER_YARD, MM_PER_INCH } from './conversion';
export { formatLength, formatTolerance } from './formatLength';
export { bareMass, formatMass, massStepG, massUnitOf, parseMass, toldMass } from './mass';
export { parseLength, type LengthUnit } from './parseLength';
