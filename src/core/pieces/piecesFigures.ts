import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import { joinLengthMm } from './join';
import { areaMm2, stitchesInAll } from './measures';
import type { PieceSet } from './pieceSet';

/** What all pieces of a bag come to together. */
export interface PiecesFigures {
  /** All fabric, both faces of rounds and every copy counted. */
  area: Figure;
  /** Everything that is sewn or hooked together, strap and lining apart. */
  seams: Figure;
  /** How many pieces are begun and fastened off. */
  pieceCount: number;
}

/** Area and seams of all pieces. The ids stay those of the strip, which once was the only piece. */
export function piecesFigures({ pieces, joins }: PieceSet, gauge: GaugeStage): PiecesFigures {
  const areas = pieces.map((piece) => ({ piece, mm2: piece.copies * areaMm2(piece) }));
  const total = areas.reduce((sum, { mm2 }) => sum + mm2, 0);
  const stitches = pieces.reduce((sum, piece) => sum + piece.copies * stitchesInAll(piece), 0);
  const alone = pieces.length === 1;
  const sewn = joins.filter(({ made }) => made === 'sewn');
  const seamsMm = sewn.reduce((sum, join) => sum + join.times * joinLengthMm(join), 0);
  const share = Math.hypot(
    (gauge.stitchWidth.plusMinus ?? 0) / gauge.stitchWidth.value,
    (gauge.rowHeight.plusMinus ?? 0) / gauge.rowHeight.value,
  );
  return {
    pieceCount: pieces.reduce((sum, { copies }) => sum + copies, 0),
    area: makeFigure(
      'panel.area',
      alone ? 'Area of the panel' : 'Area of all pieces',
      total,
      'mm2',
      {
        rule: alone
          ? 'All stitches of all rows, times the width of one stitch, times the height of one row.'
          : 'All stitches of every piece, times the width of one, times the height of its row, added up.',
        inputs: [
          input('Stitches in all', stitches, 'stitch'),
          ...(alone ? [] : areas.map(({ piece, mm2 }) => input(AREA_LABELS[piece.id], mm2, 'mm2'))),
          inputFrom(gauge.stitchWidth),
          inputFrom(gauge.rowHeight),
        ],
        source: GEOMETRY,
      },
      total * share,
    ),
    seams: makeFigure(
      'seams.length',
      'Seams in all',
      seamsMm,
      'mm',
      {
        rule: 'Every join as often as it is made, its stretches added up.',
        inputs: [
          ...sewn.map((join) => input(JOIN_LABELS[join.id], join.times * joinLengthMm(join), 'mm')),
          inputFrom(gauge.rowHeight),
        ],
        source: GEOMETRY,
      },
      seamsMm * Math.max((gauge.rowHeight.plusMinus ?? 0) / gauge.rowHeight.value, 0),
    ),
  };
}

const AREA_LABELS: Record<PieceSet['pieces'][number]['id'], string> = {
  panel: 'Panel',
  front: 'Front',
  back: 'Back',
  gusset: 'Gusset',
  disc: 'Both discs',
  band: 'Band',
  base: 'Base',
  sides: 'Sides',
  'half-disc': 'Half disc of the flap',
};

const JOIN_LABELS: Record<PieceSet['joins'][number]['id'], string> = {
  sides: 'Both side seams',
  corners: 'Across both corners',
  'gusset-front': 'Gusset to the front',
  'gusset-back': 'Gusset to the back',
  'side-bands': 'Both bands to the panel',
  'band-front': 'Both bands to the front',
  'band-back': 'Both bands to the back',
  'band-ends': 'Both bands’ ends across the base',
  'band-rim': 'Band to both discs',
  'base-rim': 'Base to sides',
  bottom: 'Across the bottom',
  flap: 'Flap to the back',
};
