import type { Costs, Weights } from './criteria';
import {
  plansOf,
  type AcrossOption,
  type FabricOptions,
  type SideOption,
  type SolutionModel,
  type TailOption,
} from './model';
import { keeps, type Wishes } from './wishes';

/** One plan of a model. */
export interface Candidate {
  fabric: FabricOptions;
  across: AcrossOption;
  side: SideOption;
  tail: TailOption;
}

/** What a candidate comes to. */
export function costsOf({ fabric, across, side, tail }: Candidate): Costs {
  const counted = (across.stitches ?? 1) * (side.rows + tail.rows);
  return {
    size: across.offMm + side.offMm,
    doubt: across.doubtMm + side.doubtMm,
    flap: tail.offMm,
    texture: tail.texture,
    yarn: fabric.yarn ? fabric.yarn.restG + counted * fabric.yarn.perStitchG : 0,
    work: fabric.restStitches + counted,
  };
}

/** How far a search has come. */
export interface Tally {
  /** Plans that were reckoned one by one, and plans that were ruled out by a bound or a wish without it. */
  weighed: number;
  ruledOut: number;
}

/** A little more than rounding makes of equal scores. */
const DUST = 1e-9;

/**
 * Goes through all plans of a model that can score no more than a limit and keep to the wishes: fabric by fabric, then rows, then
 * bridge and flap, then counts across. What has been chosen, with the least that the rest can cost, is a bound below which none of its plans
 * can score; where it lies above the limit, all of them are ruled out at once.
 *
 * @param rates weights as `perUnit` gives them
 * @param limit the score that a plan may have at most; asked anew as it comes down
 * @param visit told each plan with its score
 * @returns after each fabric the bound below which no plan of those still to come can score
 */
export function* search(
  model: SolutionModel,
  rates: Weights,
  wishes: Wishes,
  limit: () => number,
  visit: (candidate: Candidate, score: number) => void,
  tally: Tally,
): Generator<number, void> {
  const keep = keeps(wishes);
  const ready = model.fabrics.map((fabric) => readied(fabric, rates, wishes)).sort((a, b) => a.bound - b.bound);
  for (const [index, one] of ready.entries()) {
    const { fabric, across, sides, bound, perStitch, rest, leastCount } = one;
    const all = plansOf(fabric);
    const before = tally.weighed;
    const first = across[0];
    if (first && bound <= limit() + DUST)
      for (const { side, partial, bound: sideBound } of sides) {
        if (sideBound > limit() + DUST) break;
        for (const tail of side.tails) {
          if (!keep.tail(tail)) continue;
          const ofTail = tailCost(tail, rates);
          const rows = side.rows + tail.rows;
          const sofar = partial + ofTail + rest;
          if (first.partial + sofar + perStitch * leastCount * rows > limit() + DUST) continue;
          for (const { option, partial: ofAcross, count } of across) {
            if (ofAcross + sofar + perStitch * leastCount * rows > limit() + DUST) break;
            tally.weighed += 1;
            const score = ofAcross + sofar + perStitch * count * rows;
            if (score > limit() + DUST) continue;
            if (!keep.yarn(fabric.yarn && fabric.yarn.restG + count * rows * fabric.yarn.perStitchG)) continue;
            visit({ fabric, across: option, side, tail }, score);
          }
        }
      }
    tally.ruledOut += all - (tally.weighed - before);
    yield ready[index + 1]?.bound ?? Infinity;
  }
}

const tailCost = ({ offMm, texture }: TailOption, rates: Weights): number =>
  rates.flap * offMm + rates.texture * texture;

interface Readied {
  fabric: FabricOptions;
  across: { option: AcrossOption; partial: number; count: number }[];
  sides: {
    side: SideOption;
    partial: number;
    bound: number;
  }[];
  /** The score of one stitch, and of all that does not follow from the counts. */
  perStitch: number;
  rest: number;
  leastCount: number;
  bound: number;
}

/** A fabric's choices with what each costs by itself, the cheapest first, and the bounds that follow. */
function readied(fabric: FabricOptions, rates: Weights, wishes: Wishes): Readied {
  const keep = keeps(wishes);
  const perStitch = rates.yarn * (fabric.yarn?.perStitchG ?? 0) + rates.work;
  const rest = rates.yarn * (fabric.yarn?.restG ?? 0) + rates.work * fabric.restStitches;
  const isKept = keep.fabric(fabric);
  const sized = ({ offMm, doubtMm }: { offMm: number; doubtMm: number }) => rates.size * offMm + rates.doubt * doubtMm;
  const across = (isKept ? fabric.across.filter(keep.across) : [])
    .map((option) => ({ option, partial: sized(option), count: option.stitches ?? 1 }))
    .sort((a, b) => a.partial - b.partial);
  const leastCount = Math.min(...across.map(({ count }) => count));
  const leastAcross = across[0]?.partial ?? Infinity;
  const sides = (across.length > 0 ? fabric.sides.filter(keep.side) : [])
    .map((side) => {
      const partial = sized(side);
      let leastTail = Infinity;
      for (const tail of side.tails)
        if (keep.tail(tail))
          leastTail = Math.min(leastTail, tailCost(tail, rates) + perStitch * leastCount * (side.rows + tail.rows));
      return { side, partial, bound: leastAcross + partial + leastTail + rest };
    })
    .sort((a, b) => a.bound - b.bound);
  return { fabric, across, sides, perStitch, rest, leastCount, bound: sides[0]?.bound ?? Infinity };
}
