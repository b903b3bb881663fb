import { applyEdits, type Design } from '@/core/design';
import type { PieceId, ZoneId } from '@/core/pieces';
import { planBag, type Plan } from '@/core/plan';
import type { DesignEdit, Problem } from '@/core/problems';
import type { BenchState } from './benchState';
import { rowsDone } from './parts';

/** What the tape says of a piece on the way: so many rows, their length, and the width with the stitches that it has there. */
export interface MeasuredOnTheWay {
  rows: number;
  lengthMm: number;
  width: { stitches: number; mm: number } | null;
}

/** A stretch of rows before and after, and whether it is worked already, so that nothing of it can change. */
export interface ReplannedZone {
  piece: PieceId;
  zone: ZoneId;
  rowsBefore: number;
  rowsAfter: number;
  worked: number;
}

/** A new plan, what takes it, and what it changes. */
export interface Replanned {
  edits: DesignEdit[];
  plan: Plan;
  zones: ReplannedZone[];
}

/** How the new plan is made: rows that are still to be worked are counted anew, so that sizes come out as wished; or all stay, and only the sizes that come of it are known. */
export type ReplanWay = 'sizes' | 'rows';

/** By what its number of rows can be set. */
const ROWS_OF: Partial<Record<ZoneId, 'front' | 'back' | 'bridge' | 'flap'>> = {
  front: 'front',
  back: 'back',
  bridge: 'bridge',
  flap: 'flap',
  sides: 'front',
};

/**
 * The plan anew, from what a piece measures on the way. What is worked stays: a part that is whole keeps its rows, one that is begun has at least those; whatever is left
 * is counted by the corrected gauge, so that it comes to the length it had.
 *
 * @returns null where no plan can be made so
 */
export function replan(
  design: Design,
  plan: Plan,
  bench: Pick<BenchState, 'rows'>,
  measured: MeasuredOnTheWay,
  way: ReplanWay = 'sizes',
): Replanned | null {
  const worked: DesignEdit = {
    path: ['worked'],
    value: {
      rows: { count: measured.rows, lengthMm: measured.lengthMm },
      stitches: measured.width && { count: measured.width.stitches, lengthMm: measured.width.mm },
      stitch: design.stitch,
      hookMm: design.swatch.hookMm,
    },
  };
  const zones = zonesOf(plan, bench);
  const isKept = ({ rows, worked: done }: ZoneNow) => way === 'rows' || done >= rows;
  const first = taken(design, [worked, ...zones.filter(isKept).map(({ part, rows }) => pin(part, rows))]);
  if (first === null) return null;
  // Rows that she has set herself keep the length they had; and a part that is begun can't have fewer rows than are worked of it.
  const after = zonesOf(first.plan, bench);
  const lower = plan.gauge.rowHeight.value / first.plan.gauge.rowHeight.value;
  const mended = zones
    .filter((zone) => !isKept(zone))
    .flatMap(({ part, rows, worked: done }) => {
      const planned = after.find((zone) => zone.part === part)?.rows ?? rows;
      const wanted = design.body.chosenRows[part] === null ? planned : Math.round(rows * lower);
      return Math.max(done, wanted) === planned ? [] : [pin(part, Math.max(done, wanted))];
    });
  const edits = [...first.edits, ...mended];
  const last = mended.length > 0 ? taken(design, edits) : first;
  if (last === null) return null;
  const lastZones = zonesOf(last.plan, bench);
  return {
    ...last,
    zones: zones.map(({ piece, zone, rows, worked: done }) => ({
      piece,
      zone,
      rowsBefore: rows,
      rowsAfter: lastZones.find((one) => one.piece === piece && one.zone === zone)?.rows ?? rows,
      worked: done,
    })),
  };
}

const pin = (part: ZoneNow['part'], rows: number): DesignEdit => ({ path: ['body', 'chosenRows', part], value: rows });

function taken(design: Design, edits: DesignEdit[]): { edits: DesignEdit[]; plan: Plan } | null {
  const read = applyEdits(design, edits);
  if (!read.ok) return null;
  const result = planBag(read.design);
  return result.ok ? { edits, plan: result.plan } : null;
}

interface ZoneNow {
  piece: PieceId;
  zone: ZoneId;
  part: 'front' | 'back' | 'bridge' | 'flap';
  rows: number;
  worked: number;
}

/** The stretches of rows whose number can be set, each with how much of it is worked. Where front and back are counted alike, the front stands for both. */
function zonesOf({ pieces }: Pick<Plan, 'pieces'>, bench: Pick<BenchState, 'rows'>): ZoneNow[] {
  const isStrip = pieces.some(({ id }) => id === 'panel');
  const found = pieces.flatMap((piece) => {
    if (piece.kind !== 'rows') return [];
    const done = rowsDone(bench, { piece: piece.id, copy: 1 });
    return piece.zones.flatMap(({ id, fromRow, toRow }): ZoneNow[] => {
      const part = ROWS_OF[id];
      if (!part || (part === 'back' && !isStrip)) return [];
      const rows = toRow - fromRow + 1;
      return [{ piece: piece.id, zone: id, part, rows, worked: Math.min(rows, Math.max(0, done - fromRow + 1)) }];
    });
  });
  return found;
}

/** How long the yarn lasts, by what was weighed while a part was worked. */
export interface YarnLasts {
  gPerRow: number;
  /** The row after which the ball was weighed last: what follows is counted from there. */
  weighedAtRow: number;
  /** What was left then, g. */
  leftG: number;
  /** The last row that it is enough for. */
  lastsToRow: number;
  /** Rows of the part after the last weighing, and what they need, g. */
  rowsLeft: number;
  neededG: number;
}

/**
 * What the ball still gives, by what it lost over the rows between its first and its last weighing.
 *
 * @param rowCount rows of the whole part
 * @returns null with fewer than two weighings that differ
 *
 * @example
 * yarnLasts([{ rows: 10, leftG: 80 }, { rows: 30, leftG: 60 }], 80) // => { gPerRow: 1, weighedAtRow: 30, leftG: 60, lastsToRow: 90, rowsLeft: 50, neededG: 50 }
 */
export function yarnLasts(
  weighed: readonly { rows: number; leftG: number | null }[],
  rowCount: number,
): YarnLasts | null {
  const all = weighed
    .flatMap(({ rows, leftG }) => (leftG === null ? [] : [{ rows, leftG }]))
    .sort((one, other) => one.rows - other.rows);
  const [first, last] = [all[0], all.at(-1)];
  if (!first || !last || last.rows === first.rows || first.leftG <= last.leftG) return null;
  const gPerRow = (first.leftG - last.leftG) / (last.rows - first.rows);
  const rowsLeft = Math.max(0, rowCount - last.rows);
  return {
    gPerRow,
    weighedAtRow: last.rows,
    leftG: last.leftG,
    lastsToRow: last.rows + Math.floor(last.leftG / gPerRow + 1e-9),
    rowsLeft,
    neededG: rowsLeft * gPerRow,
  };
}

/**
 * What a new plan brings up that the old one didn't: to be known before it is taken.
 *
 * @example
 * newProblems([{ code: 'yarn-runs-out', path: ['a'] }], [{ code: 'yarn-runs-out', path: ['a'] }]) // => []
 */
export function newProblems<P extends Pick<Problem, 'code' | 'path'>>(before: readonly P[], after: readonly P[]): P[] {
  const key = ({ code, path }: P) => `${code} ${path?.join('.') ?? ''}`;
  const known = new Set(before.map(key));
  return after.filter((problem) => !known.has(key(problem)));
}
