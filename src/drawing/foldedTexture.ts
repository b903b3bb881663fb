import type { Design } from '@/core/design';
import { movedOut, pointOnSheet, sheetGrid, stations, type FoldedBag, type FoldedSheet, type Vec } from '@/core/fold';
import { widestStitches, type Track } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { lineOfRow, type SolidLine } from './foldedMesh';
import { rowsPerLine } from './rowsPiece';
import { textureShapes } from './textureShapes';

/** Rows nearer to each other than this run into one, mm. */
const FINEST_MM = 3;

/** More spots than this are a surface again. */
const MOST_BUMPS = 3000;

/** How far a row's line lies above its sheet, mm. */
const ABOVE_MM = 0.2;

/** The rows of every sheet, as lines on its outer face. */
export function rowLines({ sheets }: FoldedBag): SolidLine[] {
  return sheets.flatMap((sheet) => {
    const { rowMm, along } = sheet;
    if (rowMm === null) return [];
    const first = along[0] as number;
    const last = along.at(-1) as number;
    const stepMm = rowMm * rowsPerLine(rowMm, FINEST_MM);
    const at: number[] = [];
    for (let mm = first + stepMm; mm < last - rowMm / 2; mm += stepMm) at.push(mm);
    if (at.length === 0) return [];
    // With both ends, so that every row has a neighbour to tell its way outward from.
    const grid = sheetGrid({ ...sheet, along: [first, ...at, last] });
    return at.map((_, k) => ({
      mark: sheet.mark,
      kind: 'row' as const,
      ...lineOfRow(grid, k + 1, sheet.thicknessMm / 2 + ABOVE_MM),
    }));
  });
}

/** Where the stitch stands out of the bag: bobbles and posts, as spots on the outer face of its sheets. */
export function bumpsOf(design: Design, plan: Plan, bag: FoldedBag): { points: Vec[]; radiusMm: number } {
  const { backEndMm } = stations(plan.pouch);
  const { front, back, flap } = plan.tracks;
  const ways: { track: Track; parts: readonly string[]; stationOf: (mm: number) => number }[] = [
    { track: front, parts: ['part.front'], stationOf: (mm) => mm },
    { track: back, parts: ['part.back'], stationOf: (mm) => backEndMm - mm },
    ...(flap ? [{ track: flap, parts: ['part.bridge', 'part.flap'], stationOf: (mm: number) => backEndMm + mm }] : []),
  ];
  let radiusMm = 0;
  const points = plan.pieces.flatMap((piece) => {
    if (piece.kind !== 'rows' || piece.plain) return [];
    const spots = textureShapes(design, piece, (alongMm) => alongMm).flatMap((shape) => {
      if (shape.kind === 'dots') {
        radiusMm = shape.radiusMm;
        return shape.at;
      }
      // A rib is told by its two ends; its middle stands for it.
      if (shape.kind !== 'path') return [];
      radiusMm = piece.stitchMm / 2;
      return shape.segments.flatMap((end, index) => {
        const start = shape.segments[index - 1];
        return end.to === 'line' && start ? [{ x: (start.x + end.x) / 2, y: (start.y + end.y) / 2 }] : [];
      });
    });
    const halfMm = (widestStitches(piece) * piece.stitchMm) / 2;
    return ways
      .filter(({ track }) => track.piece === piece.id)
      .flatMap(({ track, parts, stationOf }) =>
        spots.flatMap(({ x, y }) => {
          const { beforeRow, step } = track;
          const mm = step === 1 ? y - beforeRow * piece.rowMm : (beforeRow - 1) * piece.rowMm - y;
          const stationMm = stationOf(mm);
          const sheet = mm > 0 ? sheetAt(bag.sheets, parts, stationMm) : undefined;
          if (!sheet || Math.abs(x - halfMm) > sheet.halfMm(stationMm)) return [];
          const spot = pointOnSheet(sheet, stationMm, x - halfMm);
          return [movedOut(spot, sheet.thicknessMm / 2)];
        }),
      );
  });
  const everyNth = Math.ceil(points.length / MOST_BUMPS);
  return { points: points.filter((_, index) => index % everyNth === 0), radiusMm };
}

const sheetAt = (sheets: readonly FoldedSheet[], parts: readonly string[], stationMm: number) =>
  sheets.find(({ mark, fromMm, toMm }) => parts.includes(mark) && stationMm > fromMm && stationMm < toMm);
