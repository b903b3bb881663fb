import type { BesideId, FittingStage, RowsBeside } from '@/core/fittings';
import { nameAt } from '@/core/fittings';
import type { Step, StepId } from '@/core/making';
import { rowCountOf, rowOfPiece, type Piece, type PieceId, type RowToWork } from '@/core/pieces';
import type { BenchState } from './benchState';
import { partKey, type PartAt } from './makingEvent';

/** What is counted row by row: a piece of the bag, or something that is put on. */
export type CountedWork = Piece | RowsBeside;

/** A piece that is worked row by row, or one of those that are worked alike. */
export interface PartToWork extends PartAt {
  rowCount: number;
  of: CountedWork;
  /** The step that is done with it, where it is no piece of the bag: said to be done or passed over, nothing of it is left. */
  step: StepId | null;
}

/** What of a plan is worked by rows. */
export interface ToCount {
  pieces: readonly Piece[];
  fittings: readonly Pick<FittingStage, 'at' | 'beside'>[];
  steps: readonly Pick<Step, 'id'>[];
}

/**
 * All that is worked row by row, in the order in which it is worked: the pieces, then what is put on, by its step.
 *
 * @example
 * partsToWork({ pieces: [{ id: 'disc', kind: 'disc', copies: 2, counts: [6, 12] }], fittings: [], steps: [] }).map(({ copy, rowCount }) => [copy, rowCount]) // => [[1, 2], [2, 2]]
 */
export function partsToWork({ pieces, fittings, steps }: ToCount): PartToWork[] {
  const place = new Map(steps.map(({ id }, index) => [id, index]));
  const placeOf = ({ step }: Pick<PartToWork, 'step'>) => (step === null ? -1 : (place.get(step) ?? steps.length));
  const beside = fittings.flatMap((stage) => stage.beside);
  return [
    ...pieces.flatMap((piece) => copiesOf(piece, rowCountOf(piece), null)),
    ...beside
      .flatMap((rows) => copiesOf(rows, rows.counts.length, nameAt(rows.at, rows.step)))
      .sort((one, other) => placeOf(one) - placeOf(other)),
  ];
}

const copiesOf = (of: CountedWork, rowCount: number, step: StepId | null): PartToWork[] =>
  Array.from({ length: of.copies }, (_, index) => ({ piece: of.id, copy: index + 1, rowCount, of, step }));

/**
 * A row of what is counted; null where it has none of that number.
 *
 * @example
 * rowToWork({ kind: 'beside', counted: 'row', startStitches: 6, counts: [6, 6] }, 2).stitches // => 6
 */
export function rowToWork(of: CountedWork, row: number): RowToWork | null {
  if (of.kind !== 'beside') return rowOfPiece(of, row);
  const stitches = of.counts[row - 1];
  if (stitches === undefined) return null;
  const before = of.counts[row - 2] ?? of.startStitches;
  const by = row === 1 || stitches === before ? 'nothing' : stitches > before ? 'increasing' : 'decreasing';
  const changeEachSide = by === 'nothing' ? 0 : (stitches - before) / 2;
  return { row, counted: of.counted, stitches, before, by, changeEachSide, zone: null };
}

/** How many rows of a part are worked. */
export const rowsDone = ({ rows }: Pick<BenchState, 'rows'>, part: PartAt): number => rows.get(partKey(part)) ?? 0;

/** How many rows of a part are left: none once its step is said to be done, or passed over. */
export const rowsLeft = (state: Pick<BenchState, 'rows' | 'steps'>, part: PartToWork): number =>
  part.step !== null && state.steps.has(part.step) ? 0 : Math.max(0, part.rowCount - rowsDone(state, part));

/** The part to go on with: the one in hand as long as it has rows left, else the first that has; null once all is worked. */
export function partToGoOn(
  parts: readonly PartToWork[],
  state: Pick<BenchState, 'rows' | 'steps' | 'inHand'>,
): PartToWork | null {
  const hasLeft = (part: PartToWork) => rowsLeft(state, part) > 0;
  const { inHand } = state;
  const held = inHand && parts.find((part) => partKey(part) === partKey(inHand));
  return held && hasLeft(held) ? held : (parts.find(hasLeft) ?? null);
}

/** Which pieces, or things put on, are worked through by their rows, all copies of them. */
export function workedThrough(parts: readonly PartToWork[], state: Pick<BenchState, 'rows'>): Set<PieceId | BesideId> {
  const left = new Set(parts.filter((part) => rowsDone(state, part) < part.rowCount).map(({ piece }) => piece));
  return new Set(parts.map(({ piece }) => piece).filter((piece) => !left.has(piece)));
}

/**
 * Whether the tape on a piece says something of the bag's gauge: it is in the bag's own stitch. A strip between such pieces works up otherwise.
 */
export const canBeMeasured = (of: CountedWork): of is Piece =>
  of.kind === 'rows' && !of.plain && of.id !== 'gusset' && of.id !== 'band';
