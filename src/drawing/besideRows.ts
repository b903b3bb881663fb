import type { RowsBeside } from '@/core/fittings';
import { lineSegments, type Drawing, type Shape } from './shape';

/** Its length and its width on paper, whatever it measures: it tells rows, and no size. */
const LONG = 240;
const WIDE = 22;
/** Up to so many rows lie one above the other, each along the whole length: a border, a strap in long rows. */
const MOST_STACKED = 12;
/** More lines than this would be nothing but grey. */
const MOST_LINES = 160;

/**
 * What is worked by rows beside the pieces, as far as it is worked: many short rows one after the other, few long ones above each other. It grows from the left,
 * or from below. Not to scale.
 *
 * @example
 * besideDrawing({ id: 'straps.0.strap', counts: [6, 6] }, 1).shapes.at(-1)?.role // => 'rowNow'
 */
export function besideDrawing({ id, counts }: Pick<RowsBeside, 'id' | 'counts'>, rows: number): Drawing {
  const rowCount = counts.length;
  const stacked = rowCount <= MOST_STACKED;
  const each = (stacked ? WIDE : LONG) / Math.max(1, rowCount);
  const base = { layer: 'cloth', mark: `row.now.${id}` } as const;
  const between = (role: 'cloth' | 'unworked' | 'rowNow', from: number, to: number): Shape => ({
    kind: 'rect',
    ...base,
    role,
    ...(stacked
      ? { x: 0, y: WIDE - to * each, widthMm: LONG, heightMm: (to - from) * each }
      : { x: from * each, y: 0, widthMm: (to - from) * each, heightMm: WIDE }),
  });
  const worked = Math.min(rowCount, Math.max(0, rows));
  const every = Math.ceil(rowCount / MOST_LINES);
  const lines = Array.from({ length: Math.max(0, Math.ceil(rowCount / every) - 1) }, (_, index): Shape => {
    const at = (index + 1) * every * each;
    return {
      kind: 'path',
      layer: 'rows',
      role: 'row',
      closed: false,
      segments: stacked
        ? lineSegments({ x: 0, y: WIDE - at }, { x: LONG, y: WIDE - at })
        : lineSegments({ x: at, y: 0 }, { x: at, y: WIDE }),
    };
  });
  return {
    box: { x: 0, y: 0, widthMm: LONG, heightMm: WIDE },
    shapes: [
      between('cloth', 0, rowCount),
      ...lines,
      ...(worked < rowCount ? [between('unworked', worked, rowCount), between('rowNow', worked, worked + 1)] : []),
    ],
  };
}
