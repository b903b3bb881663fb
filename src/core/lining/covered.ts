import { input, inputFrom, GEOMETRY, makeFigure, type Figure } from '@/core/figures';
import type { CutCloth } from '@/core/fittings';
import type { GaugeStage } from '@/core/gauge';
import { flatSize, offsetOutline, pieceOutline, type OutlinePoint, type Piece, type PieceSet } from '@/core/pieces';
import type { FlapStage } from '@/core/stages';
import { LINING_NAMES } from './liningPattern';

/** What of the crochet is covered by a piece of lining, as it lies flat. */
export interface Covered {
  for: CutCloth['for'];
  copies: number;
  /** The outline that it is cut to; null where a rectangle does. */
  outline: OutlinePoint[] | null;
  width: Figure;
  length: Figure;
  /** Where on the crochet it begins, from where that begins, mm: before it, where a border is covered; after a hem that is worked first. */
  originMm: number;
}

/** All pieces that a lining covers; with the plain rounds of a border round a strip. */
export const coveredPieces = ({ pieces }: PieceSet, gauge: GaugeStage, linedMm: number): Covered[] =>
  pieces.flatMap((piece) => coveredBy(piece, gauge)).map((one) => overBorder(one, linedMm));

/** The flap alone: what lies beyond the back's upper end, or half a disc; nothing where there is none. */
export function coveredFlap(
  { pieces, tracks }: PieceSet,
  { flapRows, hemRows, hasFlap }: FlapStage,
  gauge: GaugeStage,
): Covered[] {
  if (!hasFlap) return [];
  const half = pieces.find(({ id }) => id === 'half-disc');
  if (half) return coveredBy(half, gauge);
  const piece = pieces.find(({ id }) => id === tracks.flap?.piece);
  if (piece?.kind !== 'rows' || !tracks.flap) return [];
  // A strip that is worked from the flap's edge begins with it.
  const fromEdge = tracks.flap.step === -1;
  const rows = fromEdge
    ? piece.rows.slice(hemRows, hemRows + flapRows)
    : piece.rows.slice(piece.rows.length - hemRows - flapRows, piece.rows.length - hemRows);
  const widest = Math.max(...rows.map(({ stitches }) => stitches));
  const isShaped = rows.some(({ stitches }) => stitches !== widest);
  const { rowMm, stitchMm } = piece;
  return [
    covered(
      gauge,
      'flap',
      widest * stitchMm,
      rows.length * rowMm,
      isShaped ? pieceOutline({ ...piece, rows }, null) : null,
    ),
  ];
}

/** What covers a strip covers the plain rounds of a border round it as well; what is worked over them stays free. */
function overBorder(covered: Covered, linedMm: number): Covered {
  if (linedMm === 0 || covered.for !== 'panel') return covered;
  const wider = (figure: Figure): Figure =>
    makeFigure(
      figure.id,
      figure.label,
      figure.value + 2 * linedMm,
      'mm',
      {
        ...figure.reason,
        rule: `${figure.reason.rule} With the plain rounds of the border on both sides.`,
        inputs: [...figure.reason.inputs, input('Plain rounds of the border', linedMm, 'mm')],
      },
      figure.plusMinus,
    );
  return {
    ...covered,
    outline: covered.outline && offsetOutline(covered.outline, linedMm),
    width: wider(covered.width),
    length: wider(covered.length),
    originMm: covered.originMm - linedMm,
  };
}

/** What a piece has to be covered with: a rectangle about it; for rounds one that goes all round, and one for what is worked on from them. */
function coveredBy(piece: Piece, gauge: GaugeStage): Covered[] {
  // A hem is turned back before the lining is sewn on.
  const hem = piece.kind === 'rows' ? piece.zones.find(({ id }) => id === 'hem') : undefined;
  const flat = flatSize(piece);
  const hemRows = hem ? hem.toRow - hem.fromRow + 1 : 0;
  const { widthMm } = flat;
  const lengthMm = flat.lengthMm - hemRows * piece.rowMm;
  const originMm = hem?.fromRow === 1 ? hemRows * piece.rowMm : 0;
  const own = () => pieceOutline(piece, hem ?? null);
  if (piece.kind !== 'rows') return [covered(gauge, piece.id, widthMm, lengthMm, own(), piece.copies)];
  const shaped = piece.rows.some(({ by }) => by !== 'nothing');
  if (piece.roundCount === 0)
    return [{ ...covered(gauge, piece.id, widthMm, lengthMm, shaped ? own() : null, piece.copies), originMm }];
  const beyond = piece.rows.slice(piece.roundCount, piece.rows.length - hemRows);
  const allRound = covered(gauge, 'sides', 2 * widthMm, piece.roundCount * piece.rowMm, null);
  if (beyond.length === 0) return [allRound];
  const flapStitches = Math.max(...beyond.map(({ stitches }) => stitches));
  const isShaped = beyond.slice(1).some(({ by }) => by !== 'nothing');
  return [
    allRound,
    covered(
      gauge,
      'flap',
      flapStitches * piece.stitchMm,
      beyond.length * piece.rowMm,
      isShaped ? pieceOutline({ ...piece, rows: beyond }, null) : null,
    ),
  ];
}

/** A piece of crochet that is covered, with its sizes as figures. */
function covered(
  { stitchWidth, rowHeight }: GaugeStage,
  name: Covered['for'],
  widthMm: number,
  lengthMm: number,
  outline: OutlinePoint[] | null,
  copies = 1,
): Covered {
  const size = (id: string, label: string, mm: number, per: Figure) =>
    makeFigure(
      `lining.over.${id}`,
      label,
      mm,
      'mm',
      {
        rule: 'The piece as it lies flat, without a hem, which is turned back.',
        inputs: [inputFrom(per)],
        source: GEOMETRY,
      },
      mm * ((per.plusMinus ?? 0) / per.value),
    );
  return {
    for: name,
    copies,
    outline,
    originMm: 0,
    width: size(`${name}.width`, `Width of the ${LINING_NAMES[name]}`, widthMm, stitchWidth),
    length: size(`${name}.length`, `Length of the ${LINING_NAMES[name]}`, lengthMm, rowHeight),
  };
}
