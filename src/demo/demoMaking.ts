import { partsToWork, rowToWork, type MakingEvent, type NewMakingEvent, type PartToWork } from '@/core/bench';
import { cameOutWith, type Design } from '@/core/design';
import { planBag, type Plan } from '@/core/plan';

/** The demo bag that stands half made on the bench, and the one that is in the logbook. */
export const HALF_MADE = 'Pouch for march cards';
export const FINISHED = 'Treasurer’s shoulder bag';

const MS_PER_MINUTE = 60_000;
/** An evening in October, and one in September, ms. */
const HALF_MADE_BEGUN_MS = Date.UTC(2026, 9, 12, 18, 30);
const FINISHED_BEGUN_MS = Date.UTC(2026, 8, 7, 18, 0);
/** She works so many rows in an evening. */
const ROWS_AN_EVENING = 26;
const BETWEEN_EVENINGS_MINUTES = 22 * 60;

/** Tells events one after the other, so many minutes apart. */
class Telling {
  readonly events: MakingEvent[] = [];

  constructor(
    private readonly name: string,
    private nowMs: number,
  ) {}

  tell(event: NewMakingEvent, minutes: number): void {
    this.nowMs += minutes * MS_PER_MINUTE;
    const n = this.events.length + 1;
    this.events.push({
      ...event,
      id: `${this.name}-${String(n).padStart(4, '0')}`,
      n,
      atMs: Math.round(this.nowMs),
    } as MakingEvent);
  }

  /** Rows of a part from the first on, some quicker than others, laid down every evening. */
  rows(part: PartToWork, upTo: number, minutes: number, after: (row: number) => void = () => {}): void {
    for (let row = 1; row <= upTo; row += 1) {
      this.tell({ kind: 'row', piece: part.piece, copy: part.copy, row }, minutes * (0.85 + ((row * 7) % 5) / 14));
      after(row);
      if (row % ROWS_AN_EVENING !== 0) continue;
      this.tell({ kind: 'pause' }, 0.2);
      this.nowMs += BETWEEN_EVENINGS_MINUTES * MS_PER_MINUTE;
    }
  }
}

/** The tape on a piece that comes out a little lower and wider than its swatch. */
function tapeOn(plan: Plan, part: PartToWork, row: number, leftG: number | null): NewMakingEvent {
  const piece = plan.pieces.find(({ id }) => id === part.piece);
  const stitches = piece ? (rowToWork(piece, row)?.stitches ?? 0) : 0;
  return {
    kind: 'measured',
    piece: part.piece,
    copy: part.copy,
    rows: row,
    lengthMm: Math.round(row * (piece?.rowMm ?? 0) * 0.97),
    widthMm: Math.round(stitches * (piece?.stitchMm ?? 0) * 1.01),
    leftG,
  };
}

/** What was told of the half-made bag: thirty-one rows on two evenings, a count that was off and put right, measured twice on the way. */
export function demoMaking(design: Design): MakingEvent[] {
  const result = planBag(design);
  const [part] = result.ok ? partsToWork(result.plan) : [];
  if (!result.ok || !part) return [];
  const { plan } = result;
  const telling = new Telling('demo-making', HALF_MADE_BEGUN_MS);
  const at = { piece: part.piece, copy: 1 } as const;
  telling.tell({ kind: 'hold', holds: true }, 1);
  telling.rows(part, 31, 2.5, (row) => {
    if (row === 8) {
      const stitches = rowToWork(plan.pieces[0] as Plan['pieces'][number], row)?.stitches ?? 0;
      telling.tell({ kind: 'count', ...at, row, stitches: stitches - 1 }, 0.5);
      telling.tell({ kind: 'note', text: 'Last stitch missed; picked up again.', step: null, at: { ...at, row } }, 1);
    }
    if (row === 12) telling.tell(tapeOn(plan, part, row, 41), 2);
    if (row === 26) telling.tell(tapeOn(plan, part, row, 30), 2);
  });
  return telling.events;
}

/** The finished bag: what it came out at, and all that was told while it was made. */
export function demoFinished(design: Design): { design: Design; events: MakingEvent[] } {
  const result = planBag(design);
  if (!result.ok) return { design, events: [] };
  const { plan } = result;
  const telling = new Telling('demo-finished', FINISHED_BEGUN_MS);
  partsToWork(plan).forEach((part, index) =>
    telling.rows(part, part.rowCount, 3.2, (row) => {
      if (index === 0 && row === Math.min(40, part.rowCount)) telling.tell(tapeOn(plan, part, row, null), 2);
    }),
  );
  for (const { id } of plan.steps) telling.tell({ kind: 'step', step: id, as: 'done' }, 6);
  const { figures } = plan.yarn;
  const usedG = figures ? Math.round(figures.fabric.value * 1.06 + figures.sewing.value) : null;
  const { width, height } = plan.pouch.figures;
  telling.tell(
    {
      kind: 'finished',
      usedG,
      hours: null,
      strap: { slackMm: 1010, hungMm: 1145, laterMm: 1168 },
      remark: 'Went to Saturday market and back with both cash boxes. Next time a wider strap.',
    },
    30,
  );
  const wide = cameOutWith(design.cameOut, 'bag', 'widthMm', Math.round(width.value * 1.01 - 2));
  const cameOut = cameOutWith(wide, 'bag', 'heightMm', Math.round(height.value * 0.98));
  return { design: { ...design, cameOut }, events: telling.events };
}
