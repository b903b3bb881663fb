import { rowToWork, type MakingEvent, type NewMakingEvent } from '@/core/bench';
import type { Design } from '@/core/design';
import { planBag } from '@/core/plan';

/** The demo bag that stands half made on the bench. */
export const HALF_MADE = 'Pouch for march cards';

/** An evening in October, ms. */
const BEGUN_MS = Date.UTC(2026, 9, 12, 18, 30);
const MS_PER_MINUTE = 60_000;
/** She measures after so many rows, and weighs the ball. */
const MEASURED_AT = [12, 26] as const;
const LAID_DOWN_AT = 26;
const WORKED = 31;

/**
 * What was told of the making of the half-made bag: thirty-one rows on two evenings, a count that was off and put right, measured twice on the way, its rows a little
 * lower than on the swatch.
 */
export function demoMaking(design: Design): MakingEvent[] {
  const result = planBag(design);
  const piece = result.ok ? result.plan.pieces[0] : undefined;
  if (!result.ok || !piece) return [];
  const at = { piece: piece.id, copy: 1 } as const;
  const events: MakingEvent[] = [];
  let nowMs = BEGUN_MS;
  const tell = (event: NewMakingEvent, minutes: number) => {
    nowMs += minutes * MS_PER_MINUTE;
    const n = events.length + 1;
    events.push({ ...event, id: `demo-making-${String(n).padStart(3, '0')}`, n, atMs: nowMs } as MakingEvent);
  };
  for (let row = 1; row <= WORKED; row += 1) {
    tell({ kind: 'row', ...at, row }, 2 + ((row * 7) % 5) / 4);
    const stitches = rowToWork(piece, row)?.stitches ?? 0;
    if (row === 8) {
      tell({ kind: 'count', ...at, row, stitches: stitches - 1 }, 0.5);
      tell({ kind: 'note', text: 'Last stitch missed; picked up again.', step: null, at: { ...at, row } }, 1);
    }
    const measured = MEASURED_AT.findIndex((one) => one === row);
    if (measured >= 0)
      tell(
        {
          kind: 'measured',
          ...at,
          rows: row,
          lengthMm: Math.round(row * piece.rowMm * 0.97),
          widthMm: Math.round((piece.kind === 'rows' ? piece.startStitches : stitches) * piece.stitchMm * 1.01),
          leftG: 41 - measured * 11,
        },
        2,
      );
    if (row === LAID_DOWN_AT) {
      tell({ kind: 'pause' }, 0.2);
      nowMs += 22 * 60 * MS_PER_MINUTE;
    }
  }
  return events;
}
