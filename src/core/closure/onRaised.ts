import { patternOf, type Design } from '@/core/design';
import { moveMarkEdits, type FabricMark } from '@/core/fittings';
import { isInRounds, type Piece } from '@/core/pieces';
import { ownCodes, type Problem } from '@/core/problems';
import { isPlainAt } from '@/core/stitches';

/** What is doubtful of something that is set flat on a row that stands out, or through it. */
export interface OnRaisedProblems {
  'sits-on-raised': { row: number };
}
export interface OnRaisedRepairs {
  'rows-further': { rows: number };
}

const ours = ownCodes<OnRaisedProblems, OnRaisedRepairs>();

/** So many rows to either side a plain one is looked for. Ours. */
const REACH_ROWS = 6;

/** Whether it lies flat on the fabric, or goes through it: what a thread holds on a shank, or hangs, does not mind. */
const liesFlat = ({ presence, throughMm, stuff, of }: FabricMark): boolean =>
  presence === 'set' &&
  (of.group === 'closures' || of.group === 'hardware') &&
  (throughMm.length > 0 || stuff === 'cloth');

/**
 * Closures and hardware that are set on a row of bobbles, posts or clusters, on which they sit crooked; each told once, with the nearest plain row.
 *
 * Source: common practice, no source.
 */
export function onRaisedProblems(design: Design, marks: readonly FabricMark[], pieces: readonly Piece[]): Problem[] {
  const pattern = patternOf(design);
  const hasPlain = pattern.rows.some((_, index) => isPlainAt(pattern, pattern.setupRows.length + index + 1));
  const hasRaised = pattern.rows.some((_, index) => !isPlainAt(pattern, pattern.setupRows.length + index + 1));
  if (!hasPlain || !hasRaised) return [];
  // Panels, fronts, backs and sides are in the bag's pattern; strips are plain.
  const patterned = new Set(
    pieces.filter((piece) => piece.kind === 'rows' && PATTERNED.has(piece.id)).map(({ id }) => id),
  );
  const inRounds = new Set(pieces.filter(isInRounds).map(({ id }) => id));
  const told = new Set<string>();
  return marks.flatMap((mark): Problem[] => {
    const { count, piece, move } = mark;
    if (!liesFlat(mark) || !count || !patterned.has(piece) || told.has(mark.mark)) return [];
    if (isPlainAt(pattern, count.row)) return [];
    told.add(mark.mark);
    const away = [...Array(REACH_ROWS).keys()]
      .flatMap((index) => [index + 1, -(index + 1)])
      .find((rows) => count.row + rows >= 1 && isPlainAt(pattern, count.row + rows));
    return [
      ours.problem({
        code: 'sits-on-raised',
        severity: 'mind',
        place: 'closures',
        path: [mark.of.group, mark.of.index],
        mark: mark.mark,
        values: { row: count.row },
        names: { row: inRounds.has(piece) ? 'round' : 'row' },
        repairs:
          away === undefined || move?.way !== 'along'
            ? []
            : [
                ours.repair({
                  code: 'rows-further',
                  values: { rows: Math.abs(away) },
                  // Along the piece by so many rows, which is along the fabric or against it.
                  edits: moveMarkEdits({ ...move, valueMm: move.setMm }, away * move.stepMm * move.alongPiece),
                }),
              ],
      }),
    ];
  });
}

const PATTERNED: ReadonlySet<string> = new Set(['panel', 'front', 'back', 'sides']);
