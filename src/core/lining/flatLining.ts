import type { FlatLining } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import { flatSize, type Piece, type PieceId, type PieceSet } from '@/core/pieces';
import { pieceOutline, type OutlinePoint } from './outline';

/** A piece of lining: for a piece of crochet, or for the flap of sides that are worked in rounds. */
export interface LiningPiece {
  for: PieceId | 'flap';
  copies: number;
  /** Cut to the outline of the crochet; else a rectangle. */
  toOutline: boolean;
  /** That outline, from where the crochet begins; null for a rectangle. */
  outline: OutlinePoint[] | null;
  /** The crochet that it lies on, flat. */
  coversWidthMm: number;
  coversLengthMm: number;
  cutWidth: Figure;
  cutLength: Figure;
  finishedWidth: Figure;
  finishedLength: Figure;
}

export interface LiningStage {
  /** The largest piece first. */
  pieces: [LiningPiece, ...LiningPiece[]];
  turnUnder: Figure;
  /** All figures, for asking. */
  figures: Record<string, Figure>;
}

interface Covered {
  for: LiningPiece['for'];
  copies: number;
  toOutline: boolean;
  outline: OutlinePoint[];
  width: Figure;
  length: Figure;
}

/**
 * Plans a flat lining for every piece: cut larger than it, its edges pressed under so that it ends a little inside the crochet,
 * and whipped round before the pieces are joined. Sides that are worked in rounds are lined by a piece as long as a round.
 */
export function flatLiningStage(lining: FlatLining, { pieces }: PieceSet, gauge: GaugeStage): LiningStage {
  const allowance = input('Cloth beyond the crochet, each side', lining.allowanceMm, 'mm');
  const inset = input('Lining’s edge inside the crochet’s', lining.insetMm, 'mm');
  const every = pieces.flatMap((piece) => coveredBy(piece, gauge));
  // A piece that its pressed edges would cover from side to side takes no cloth.
  const wide = every.filter(({ width, length }) => Math.min(width.value, length.value) > 2 * lining.insetMm);
  const covered = wide.length > 0 ? wide : every;
  const lined = covered.map(({ width, length, outline, ...rest }, index): LiningPiece => {
    const name = index === 0 ? '' : `.${rest.for}`;
    const label = covered.length === 1 ? '' : ` (${LINING_NAMES[rest.for]})`;
    const cut = (id: string, what: string, covered: Figure) =>
      makeFigure(
        `lining.${id}${name}`,
        `Cut the lining${label}: ${what}`,
        covered.value + 2 * lining.allowanceMm,
        'mm',
        {
          rule: 'The crochet plus the allowance on both sides. Usual allowance: 12 to 25 mm. Measure your own piece first; the ± is that of the crochet.',
          inputs: [inputFrom(covered), allowance],
          source: COMMON_PRACTICE,
        },
        covered.plusMinus,
      );
    const finished = (id: string, what: string, covered: Figure) =>
      makeFigure(
        `lining.${id}${name}`,
        `Lining pressed${label}: ${what}`,
        Math.max(0, covered.value - 2 * lining.insetMm),
        'mm',
        { rule: 'The crochet less the inset on both sides.', inputs: [inputFrom(covered), inset], source: GEOMETRY },
        covered.plusMinus,
      );
    return {
      ...rest,
      outline: rest.toOutline ? outline : null,
      coversWidthMm: width.value,
      coversLengthMm: length.value,
      cutWidth: cut('cutWidth', 'width', width),
      cutLength: cut('cutLength', 'length', length),
      finishedWidth: finished('finishedWidth', 'width', width),
      finishedLength: finished('finishedLength', 'length', length),
    };
  }) as [LiningPiece, ...LiningPiece[]];
  const turnUnder = makeFigure(
    'lining.turnUnder',
    'Press under on every side',
    lining.allowanceMm + lining.insetMm,
    'mm',
    {
      rule: 'Allowance plus inset: the pressed edge then lies inside the crochet by the inset.',
      inputs: [allowance, inset],
      source: GEOMETRY,
    },
  );
  const all = covered
    .flatMap(({ width, length }) => [width, length])
    .concat(
      lined.flatMap(({ cutWidth, cutLength, finishedWidth, finishedLength }) => [
        cutWidth,
        cutLength,
        finishedWidth,
        finishedLength,
      ]),
    );
  return {
    pieces: lined,
    turnUnder,
    figures: Object.fromEntries([turnUnder, ...all].map((figure) => [figure.id, figure])),
  };
}

export const LINING_NAMES: Record<LiningPiece['for'], string> = {
  panel: 'panel',
  front: 'front',
  back: 'back and flap',
  gusset: 'gusset',
  disc: 'disc',
  band: 'band',
  base: 'base',
  sides: 'sides, all round',
  'half-disc': 'half disc',
  flap: 'flap',
};

/** What a piece has to be covered with: a rectangle about it; for rounds one that goes all round, and one for what is worked on from them. */
function coveredBy(piece: Piece, gauge: GaugeStage): Covered[] {
  // A hem is turned back before the lining is sewn on.
  const hem = piece.kind === 'rows' ? piece.zones.find(({ id }) => id === 'hem') : undefined;
  const { stitchWidth, rowHeight } = gauge;
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
  const covered = (
    name: Covered['for'],
    widthMm: number,
    lengthMm: number,
    toOutline: boolean,
    copies = 1,
    outline: OutlinePoint[] = pieceOutline(piece, hem ?? null),
  ): Covered => ({
    for: name,
    copies,
    toOutline,
    outline,
    width: size(`${name}.width`, `Width of the ${LINING_NAMES[name]}`, widthMm, stitchWidth),
    length: size(`${name}.length`, `Length of the ${LINING_NAMES[name]}`, lengthMm, rowHeight),
  });
  const flat = flatSize(piece);
  const hemRows = hem ? hem.toRow - hem.fromRow + 1 : 0;
  const { widthMm } = flat;
  const lengthMm = flat.lengthMm - hemRows * piece.rowMm;
  if (piece.kind !== 'rows') return [covered(piece.id, widthMm, lengthMm, true, piece.copies)];
  const shaped = piece.rows.some(({ by }) => by !== 'nothing');
  if (piece.roundCount === 0) return [covered(piece.id, widthMm, lengthMm, shaped, piece.copies)];
  const beyond = piece.rows.slice(piece.roundCount, piece.rows.length - hemRows);
  const allRound = covered('sides', 2 * widthMm, piece.roundCount * piece.rowMm, false);
  if (beyond.length === 0) return [allRound];
  const flapStitches = Math.max(...beyond.map(({ stitches }) => stitches));
  return [
    allRound,
    covered(
      'flap',
      flapStitches * piece.stitchMm,
      beyond.length * piece.rowMm,
      beyond.slice(1).some(({ by }) => by !== 'nothing'),
      1,
      pieceOutline({ ...piece, rows: beyond }, null),
    ),
  ];
}
