import { spread, type IncreaseSchool } from '@/core/shaping';
import { work, type PatternRow, type Step, type StitchKind } from '@/core/stitches';
import type { DiscPiece, OvalPiece } from './piece';
import { joinedSteps } from './rowsAsWorked';

/**
 * A round of a disc, a row of half a disc, or a round of an oval, as steps over the one before it. Round 1 is worked into a ring or a
 * chain, and has none.
 *
 * @param round from 2
 * @throws RangeError for a round that the piece has not
 *
 * @example
 * roundRow({ kind: 'disc', id: 'disc', copies: 1, plain: true, stitchMm: 5, rowMm: 5, counts: [6, 12, 18], increase: 6, school: 'stacked' }, 3, 'sc').repeat.length // => 2
 */
export function roundRow(piece: DiscPiece | OvalPiece, round: number, kind: StitchKind): PatternRow {
  const [below, now] = [piece.counts[round - 2], piece.counts[round - 1]];
  if (below === undefined || now === undefined) throw new RangeError(`no round ${round} in ${piece.counts.length}`);
  if (piece.kind !== 'oval') return sectorsRow(below, now - below, round, piece.school, kind);
  // Both ends alike: increases along the arc, then straight along the side.
  const { straightStitches } = piece;
  const arc = below / 2 - straightStitches;
  const ends = sectorSteps(arc, (now - below) / 2, round, piece.school, kind);
  const straight = straightStitches > 0 ? [work(kind, straightStitches)] : [];
  return { before: [], repeat: joinedSteps([...ends, ...straight]), after: [] };
}

function sectorsRow(below: number, more: number, round: number, school: IncreaseSchool, kind: StitchKind): PatternRow {
  const steps = sectorSteps(below, more, round, school, kind);
  // Where the stitches divide, every sector is like the first.
  if (more > 0 && more <= below && below % more === 0)
    return { before: [], repeat: steps.slice(0, steps.length / more), after: [] };
  return { before: joinedSteps(steps), repeat: [], after: [] };
}

/** Stitches up to an increase and beyond it to the next, over which it stands. */
interface IncreaseGroup {
  before: number;
  after: number;
}

/**
 * Where increases lie over so many stitches: in the last of every sector, or, staggered, in the middle of it in every second round;
 * evenly spread where the stitches don't divide.
 *
 * @param more increases, no more than there are stitches below
 * @returns for each increase how many plain stitches come before and after it within its group
 *
 * @example
 * increaseGroups(6, 2, 3, 'stacked') // => [{ before: 2, after: 0 }, { before: 2, after: 0 }]
 * increaseGroups(6, 2, 2, 'staggered') // => [{ before: 1, after: 1 }, { before: 1, after: 1 }]
 */
export function increaseGroups(below: number, more: number, round: number, school: IncreaseSchool): IncreaseGroup[] {
  const inTheMiddle = school !== 'stacked' && round % 2 === 0;
  return spread(below, more).map((size) => {
    const before = inTheMiddle ? Math.floor((size - 1) / 2) : size - 1;
    return { before, after: size - 1 - before };
  });
}

/** The steps of a stretch with so many increases. */
function sectorSteps(below: number, more: number, round: number, school: IncreaseSchool, kind: StitchKind): Step[] {
  if (more <= 0) return [work(kind, below)];
  const inc = (each: number): Step => ({ ...work(kind), each });
  // More than one a stitch: the first rounds of a disc in tall stitches.
  if (more > below) {
    const most = Math.ceil((below + more) / below);
    const fuller = below + more - below * (most - 1);
    return joinedSteps(Array.from({ length: below }, (_, stitch) => inc(stitch < fuller ? most : most - 1)));
  }
  return increaseGroups(below, more, round, school).flatMap(({ before, after }) => [
    ...(before > 0 ? [work(kind, before)] : []),
    inc(2),
    ...(after > 0 ? [work(kind, after)] : []),
  ]);
}
