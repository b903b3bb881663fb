import { spread } from './spread';

/** How flat a disc lies by how fast it grows. */
export type Flatness = 'cups' | 'flat' | 'ruffles';

/** Under the first it cups, over the second it ruffles. Source: from memory. */
const FLAT_FROM = 0.93;
const FLAT_TO = 1.07;

/**
 * Stitches that a flat disc grows by with every round: the circumference grows by 2π times the height of a round.
 * A half disc worked in rows grows by half as much.
 *
 * @param stitchMm width of a stitch, mm
 * @param roundMm height of a round, mm
 * @returns not rounded
 * Source: geometry.
 *
 * @example
 * Math.round(discIncrease({ stitchMm: 5, roundMm: 5 })) // => 6
 */
export const discIncrease = ({ stitchMm, roundMm }: { stitchMm: number; roundMm: number }): number =>
  (2 * Math.PI * roundMm) / stitchMm;

/**
 * How flat a disc lies: what it grows by, against what a flat one would. 1 is flat.
 *
 * @param increase stitches more in every round
 *
 * @example
 * flatness(6, { stitchMm: 5, roundMm: 5 }).toFixed(3) // => '0.955'
 */
export const flatness = (increase: number, gauge: { stitchMm: number; roundMm: number }): number =>
  increase / discIncrease(gauge);

/** Whether a disc of that flatness cups, lies flat or ruffles. */
export const flatnessNamed = (ratio: number): Flatness =>
  ratio < FLAT_FROM ? 'cups' : ratio > FLAT_TO ? 'ruffles' : 'flat';

/**
 * The counts of a disc that grows by the same number in every round.
 *
 * @example
 * discCounts(6, 4) // => [6, 12, 18, 24]
 */
export const discCounts = (increase: number, rounds: number): number[] =>
  Array.from({ length: rounds }, (_, round) => increase * (round + 1));

/** How the increases of one round lie to those of the one before: in line, which makes corners, or between them, for a circle. */
export type IncreaseSchool = 'stacked' | 'staggered' | 'as-needed';

/**
 * One round of a disc: how many stitches are worked into each stitch of the round before. Stacked, every sector ends with its
 * increase; staggered, every second round has it in the middle of the sector.
 *
 * @param round from 2: round 1 has nothing below it
 * @returns for each stitch below, 1, or 2 where one is added
 *
 * @example
 * discRound(6, 3, 'stacked').slice(0, 4) // => [1, 2, 1, 2]
 */
export function discRound(increase: number, round: number, school: IncreaseSchool): number[] {
  const below = increase * (round - 1);
  const sector = round - 1;
  const at = school === 'stacked' || round % 2 === 1 ? sector - 1 : Math.floor((sector - 1) / 2);
  return Array.from({ length: below }, (_, stitch) => (stitch % sector === at ? 2 : 1));
}

/**
 * Increases spread over the stitches of any round, as evenly as they can be.
 *
 * @returns for each stitch below, how many are worked into it
 * @throws RangeError where more would be added than there are stitches
 *
 * @example
 * increasedRound(5, 2) // => [1, 2, 1, 2, 1]
 */
export function increasedRound(below: number, more: number): number[] {
  if (more > below) throw new RangeError(`${more} increases don't go into ${below} stitches`);
  return spread(more, below).map((extra) => 1 + extra);
}
