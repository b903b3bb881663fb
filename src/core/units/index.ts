export { G_PER_OUNCE, M_PER_YARD, MM_PER_INCH } from './conversion';
export { formatLength, formatTolerance, type FormatLengthOptions } from './formatLength';
export { parseLength, type LengthUnit, type ParsedLength } from './parseLength';
