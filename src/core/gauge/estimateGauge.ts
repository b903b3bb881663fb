import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { ASSUMED_SPREAD, CONFIDENCE, COUNT_ERROR, TAPE_ERROR_MM } from '@/core/defaults';

/** One reading of a swatch: so many stitches (or rows) over a measured length. */
export interface Reading {
  count: number;
  lengthMm: number;
}

export interface GaugeEstimate {
  /** The width of one stitch, or the height of one row, mm. */
  mm: number;
  /** Half-width of the 95 % interval of `mm`. */
  plusMinusMm: number;
  /** The part of it that comes from the stitches being uneven, as assumed and as seen, mm. */
  spreadMm: number;
  /** The part of it that comes from reading a tape and a count, mm. */
  readingMm: number;
}

const UPPER_TAIL = 1 - (1 - CONFIDENCE) / 2;

/** The t-quantiles met so far, by degrees of freedom: finding one is a search, and a drag asks sixty times a second. */
const quantiles = new Map<number, number>();

function tCoverage(freedom: number): number {
  const known = quantiles.get(freedom) ?? tQuantile(UPPER_TAIL, freedom);
  quantiles.set(freedom, known);
  return known;
}

/** The normal quantile of the confidence, 1.96: the limit of the t-quantile for ever more readings. */
const NORMAL_COVERAGE = tQuantile(UPPER_TAIL, 1e9);

/**
 * The size of one stitch (or row) from several readings, with its uncertainty.
 *
 * The estimate is all lengths over all counts, ΣL/Σn, so a long reading weighs more than a short one. Its ±
 * joins two parts in quadrature: the unevenness of the stitches, and the reading error (tape ± 1 mm, count ± ¼, each taken as
 * equally likely anywhere inside its limits). A few readings say little of how uneven a fabric is, and one says nothing; so what is
 * usual (3 % over 100 mm, worth four readings) is pooled with what they show, as so many degrees of freedom more. The ± shrinks
 * from the first reading on, and the same number typed twice proves nothing. It misleads when the readings were all taken at the same
 * place of the swatch.
 *
 * @param readings at least one; counts and lengths above zero
 * @throws RangeError for no reading, or one that is not above zero
 * Sources: the ratio estimator, for a spread that grows with the count, Cochran, Sampling Techniques, 3rd ed., § 6.7; a pooled variance
 * with prior degrees of freedom (scaled inverse χ²), Gelman and others, Bayesian Data Analysis, § 2.6 and 3.2; the joining and the √3 of a
 * rectangular distribution, JCGM 100:2008 (GUM), 4.3.7 and 5.1.2; the limits and the usual spread from memory.
 *
 * @example
 * estimateGauge([{ count: 20, lengthMm: 100 }, { count: 30, lengthMm: 150 }]).mm // => 5
 */
export function estimateGauge(readings: readonly Reading[]): GaugeEstimate {
  if (readings.length === 0) throw new RangeError('a gauge needs at least one reading');
  if (readings.some(({ count, lengthMm }) => !(count > 0) || !(lengthMm > 0)))
    throw new RangeError('counts and lengths of readings must be above zero');
  const totalCount = sum(readings.map((reading) => reading.count));
  const mm = sum(readings.map((reading) => reading.lengthMm)) / totalCount;
  const perReading = Math.hypot(TAPE_ERROR_MM, COUNT_ERROR * mm) / Math.sqrt(3);
  const readingMm = (NORMAL_COVERAGE * Math.sqrt(readings.length) * perReading) / totalCount;
  const spreadMm = spreadOf(readings, mm, totalCount);
  return { mm, plusMinusMm: Math.hypot(spreadMm, readingMm), spreadMm, readingMm };
}

/** Uneven stitches add up like independent ones: the variance of a reading grows with its count. */
function spreadOf(readings: readonly Reading[], mm: number, totalCount: number): number {
  const usualPerStitch = (ASSUMED_SPREAD.share * mm) ** 2 * (ASSUMED_SPREAD.overMm / mm);
  const seenSquares = sum(readings.map(({ count, lengthMm }) => (lengthMm - mm * count) ** 2 / count));
  const freedom = ASSUMED_SPREAD.worthReadings + readings.length - 1;
  const perStitch = (ASSUMED_SPREAD.worthReadings * usualPerStitch + seenSquares) / freedom;
  return tCoverage(freedom) * Math.sqrt(perStitch / totalCount);
}

function sum(values: readonly number[]): number {
  return values.reduce((total, value) => total + value, 0);
}
