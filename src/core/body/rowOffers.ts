import type { SettledDesign } from '@/core/contents';
import { patternOf } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, offFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { DesignEdit } from '@/core/problems';
import type { PouchStage } from '@/core/stages';
import { isPlainAt } from '@/core/stitches';
import { MOST_COUNT } from './limits';
import { sizingOf } from './sizingOf';

/** A number of rows for front and back near the wanted height, with what it would give. */
export interface RowOffer {
  rows: number;
  height: Figure;
  off: Figure;
  /** An odd number of rows ends on the side that it began with. */
  isOdd: boolean;
  /** Whether the base fold, after so many rows, and the top fold, after twice as many, lie on plain rows. */
  baseOnPlain: boolean;
  topOnPlain: boolean;
  isPlanned: boolean;
  edits: DesignEdit[];
}

const OFFERED = 5;

/** The row counts around the wanted height, the nearest first, each with where its folds come to lie. */
export function rowOffers(design: SettledDesign, gauge: GaugeStage, pouch: PouchStage, wanted: Figure): RowOffer[] {
  const pattern = patternOf(design);
  const rowMm = gauge.rowHeight.value;
  const sizing = sizingOf(design, gauge, pattern);
  const middle = Math.round(sizing.rowsFor(wanted.value));
  // A side has to go round the load as well.
  const bendMm = pouch.sectionMm.front - Math.min(pouch.flatFrontMm.empty, pouch.flatFrontMm.loaded);
  return Array.from({ length: OFFERED }, (_, index) => middle - Math.floor(OFFERED / 2) + index)
    .filter((rows) => rows >= 1 && rows <= MOST_COUNT && rows * rowMm > Math.max(sizing.bendMm, bendMm))
    .map((rows): RowOffer => {
      const height = makeFigure(
        `offer.height.${rows}`,
        `Height with ${rows} rows`,
        sizing.heightMm(rows),
        'mm',
        {
          rule: sizing.height.rule,
          inputs: [input('Rows of the front', rows, 'row'), inputFrom(gauge.rowHeight), ...sizing.height.inputs],
          source: GEOMETRY,
        },
        rows * (gauge.rowHeight.plusMinus ?? 0),
      );
      return {
        rows,
        height,
        off: offFigure(`offer.heightOff.${rows}`, height, wanted),
        isOdd: rows % 2 === 1,
        baseOnPlain: isPlainAt(pattern, rows),
        topOnPlain: isPlainAt(pattern, 2 * rows),
        isPlanned: rows === pouch.frontRows && rows === pouch.backRows,
        edits: [
          { path: ['body', 'chosenRows', 'front'], value: rows },
          { path: ['body', 'chosenRows', 'back'], value: rows },
        ],
      };
    })
    .sort((a, b) => Math.abs(a.off.value) - Math.abs(b.off.value) || b.rows - a.rows);
}
