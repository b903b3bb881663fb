import type { PartToWork } from '@/core/bench';
import type { Design } from '@/core/design';
import { fittingAt, type FittingStage, type RowsBeside } from '@/core/fittings';
import type { PieceId } from '@/core/pieces';
import { planBag, type Plan } from '@/core/plan';
import { FITTING_WORDS, wordsOf } from './fittings';
import { wordsOfEachRow } from './eachRow';
import { PIECE_NAMES } from './pieceNames';
import { lengthWriterFor } from './stepWords';
import { inFirstWords, lineInWords } from './written/inWords';

/** What a part is called; of those that are worked alike, with which one it is. */
export function partName(
  { of, copy }: Pick<PartToWork, 'of' | 'copy'>,
  fittings: readonly FittingStage[],
  words = FITTING_WORDS,
): string {
  const name = of.kind === 'beside' ? besideName(of, fittings, words) : PIECE_NAMES[of.id];
  return of.copies > 1 ? `${name} ${copy}` : name;
}

/** Of several of a kind, such as two straps, the second bears its number. */
function besideName(of: RowsBeside, fittings: readonly FittingStage[], words: typeof FITTING_WORDS): string {
  const stage = fittingAt(fittings, of.at);
  const called = stage ? wordsOf(stage, words).beside?.called(of.name, stage) : undefined;
  if (called === undefined) throw new RangeError(`no words for ${of.id}`);
  return of.at.index === 0 ? called : `${called} ${of.at.index + 1}`;
}

/**
 * What is worked in every row or round of a part, in words, one for each and without its number.
 *
 * @returns as many as the part has rows or rounds
 */
export function wordsOfPart(
  design: Design,
  plan: Plan,
  { of }: Pick<PartToWork, 'of'>,
  words = FITTING_WORDS,
): string[] {
  const first = inFirstWords(design);
  const inWords = (rows: readonly string[]) => rows.map((row) => lineInWords(design, row));
  if (of.kind !== 'beside') return inWords(wordsOfEachRow(first, plan, of));
  const stage = fittingAt(plan.fittings, of.at);
  const bag = { design: first, plan, length: lengthWriterFor(first) };
  return inWords((stage && wordsOf(stage, words).beside?.rows(stage, of.name, bag, bareRows)) ?? []);
}

/** The rows of a bag that nothing is put on, piece by piece. */
function bareRows(design: Design): Map<PieceId, string[]> {
  const result = planBag(design);
  if (!result.ok) return new Map();
  const { plan } = result;
  return new Map(plan.pieces.map((piece) => [piece.id, wordsOfEachRow(design, plan, piece)]));
}
