import type { Swatch } from '@/core/design';
import { lineSegments, type Drawing, type Segment, type Shape } from './shape';

/** A reading drawn on the swatch: a tape laid from one end to the other, mm. */
interface TapeReading {
  kind: 'stitches' | 'rows';
  index: number;
  count: number;
  from: { x: number; y: number };
  to: { x: number; y: number };
}

interface SwatchDrawing extends Drawing {
  tapes: TapeReading[];
}

/** How large a swatch is drawn that is still to be worked, mm. Ours. */
const TO_BE_WORKED_MM = 120;

/** Room between two tapes laid side by side, mm. */
const TAPE_SPACING_MM = 9;

/**
 * The swatch to scale with its stitches and rows, and each reading as a tape across it: stitch readings lie along a row,
 * row readings stand up. Where it was weighed it has its measured outline, else it is as large as its readings.
 */
export function swatchDrawing(swatch: Swatch, stitchMm: number, rowMm: number): SwatchDrawing {
  // Unmeasured, it is drawn as large as a swatch should be, so that there is something to lay a tape on.
  const longest = (lengths: number[]) => (lengths.length === 0 ? TO_BE_WORKED_MM : Math.max(...lengths));
  const acrossMm = longest(swatch.stitchReadings.map(({ lengthMm }) => lengthMm));
  const alongMm = longest(swatch.rowReadings.map(({ lengthMm }) => lengthMm));
  const tapesHighMm = (swatch.stitchReadings.length + 1) * TAPE_SPACING_MM;
  const tapesWideMm = (swatch.rowReadings.length + 1) * TAPE_SPACING_MM;
  const widthMm = Math.max(swatch.weighed?.widthMm ?? 0, acrossMm + 6, tapesWideMm);
  const heightMm = Math.max(swatch.weighed?.heightMm ?? 0, alongMm + 6, tapesHighMm);

  return {
    box: { x: 0, y: 0, widthMm, heightMm },
    shapes: [
      { kind: 'rect', role: 'cloth', layer: 'cloth', x: 0, y: 0, widthMm, heightMm },
      grid('row', stitchMm, widthMm, (x) => lineSegments({ x, y: 0 }, { x, y: heightMm })),
      grid('rowPublic', rowMm, heightMm, (y) => lineSegments({ x: 0, y }, { x: widthMm, y })),
    ],
    tapes: [
      ...swatch.stitchReadings.map(({ count, lengthMm }, index): TapeReading => {
        const y = heightMm - TAPE_SPACING_MM * (index + 1);
        return { kind: 'stitches', index, count, from: { x: 3, y }, to: { x: 3 + lengthMm, y } };
      }),
      ...swatch.rowReadings.map(({ count, lengthMm }, index): TapeReading => {
        const x = widthMm - TAPE_SPACING_MM * (index + 1);
        return { kind: 'rows', index, count, from: { x, y: 3 + lengthMm }, to: { x, y: 3 } };
      }),
    ],
  };
}

function grid(role: 'row' | 'rowPublic', stepMm: number, endMm: number, line: (at: number) => Segment[]): Shape {
  const segments: Segment[] = [];
  for (let at = stepMm; at < endMm; at += stepMm) segments.push(...line(at));
  return { kind: 'path', role, layer: 'rows', segments, closed: false };
}
